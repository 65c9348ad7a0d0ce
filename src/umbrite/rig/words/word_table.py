"""What words of names mean: other languages in English, words written together, and words that say nothing.

One table for all languages: a word, without accents and in lower case, and the English words for it. Where a word means two
things in two languages, the body's sense counts, and of those the commoner.
"""

import re
import unicodedata
from functools import cache

# German, French, Spanish, Portuguese, Italian, Polish, Japanese in Latin letters.
FOREIGN: dict[str, str] = {
    # sides
    **dict.fromkeys(("links", "linker", "linke", "linkes", "gauche", "izquierdo", "izquierda", "izq", "esquerdo", "esquerda", "sinistro", "sinistra", "lewy", "lewa", "lewe", "hidari"), "left"),
    **dict.fromkeys(("rechts", "rechter", "rechte", "rechtes", "droit", "droite", "derecho", "derecha", "direito", "direita", "destro", "destra", "prawy", "prawa", "prawe", "migi"), "right"),
    **dict.fromkeys(("vorn", "vorne", "vorderer", "vorder", "avant", "delantero", "delantera", "dianteiro", "dianteira", "anteriore", "przedni", "przednia", "mae"), "front"),
    **dict.fromkeys(("hinten", "hinterer", "hinter", "arriere", "trasero", "trasera", "traseiro", "traseira", "posteriore", "tylny", "tylna", "ushiro"), "hind"),
    # arms
    **dict.fromkeys(("oberarm", "jouwan", "joowan", "nitoude"), "upper arm"),
    **dict.fromkeys(("bras", "brazo", "braco", "braccio", "ramie", "ude"), "arm"),
    **dict.fromkeys(("unterarm", "avantbras", "antebrazo", "antebraco", "avambraccio", "przedramie", "zenwan", "maeude"), "forearm"),
    **dict.fromkeys(("main", "mano", "mao", "dlon", "reka", "te"), "hand"),
    **dict.fromkeys(("schulter", "epaule", "hombro", "ombro", "spalla", "bark", "kata"), "shoulder"),
    **dict.fromkeys(("ellbogen", "coude", "codo", "cotovelo", "gomito", "lokiec", "hiji"), "elbow"),
    **dict.fromkeys(("finger", "doigt", "doigts", "dedo", "dedos", "dito", "dita", "palec", "palce", "yubi"), "finger"),
    # legs
    **dict.fromkeys(("oberschenkel", "cuisse", "muslo", "coxa", "coscia", "udo", "futomomo", "momo"), "thigh"),
    **dict.fromkeys(("unterschenkel", "jambe", "mollet", "tibia", "pantorrilla", "espinilla", "canela", "stinco", "polpaccio", "lydka", "golen", "sune"), "shin"),
    **dict.fromkeys(("bein", "pierna", "perna", "gamba", "noga"), "leg"),
    **dict.fromkeys(("fuss", "pied", "pie", "pe", "piede", "stopa", "ashi"), "foot"),
    **dict.fromkeys(("knie", "genou", "rodilla", "joelho", "ginocchio", "kolano", "hiza"), "knee"),
    **dict.fromkeys(("schuh", "stiefel", "chaussure", "botte", "zapato", "bota", "sapato", "scarpa", "stivale", "kutsu"), "shoe"),
    **dict.fromkeys(("pfote", "patte", "pata", "zampa", "lapa"), "paw"),
    # the body
    **dict.fromkeys(("rumpf", "torse", "tronc", "torso", "tronco", "tulow", "doutai", "dou"), "trunk"),
    **dict.fromkeys(("koerper", "korper", "corps", "cuerpo", "corpo", "cialo", "karada"), "body"),
    **dict.fromkeys(("brust", "poitrine", "pecho", "peito", "petto", "busto", "klatka", "mune"), "chest"),
    **dict.fromkeys(("bauch", "ventre", "vientre", "barriga", "pancia", "brzuch", "hara"), "belly"),
    **dict.fromkeys(("becken", "huefte", "hufte", "huften", "bassin", "hanches", "hanche", "cadera", "caderas", "quadril", "bacino", "anche", "biodra", "miednica", "koshi"), "hips"),
    **dict.fromkeys(("hals", "cou", "cuello", "pescoco", "collo", "szyja", "kubi"), "neck"),
    **dict.fromkeys(("kopf", "tete", "cabeza", "cabeca", "testa", "glowa", "atama"), "head"),
    **dict.fromkeys(("schwanz", "queue", "cola", "rabo", "cauda", "coda", "ogon", "shippo"), "tail"),
    **dict.fromkeys(("fluegel", "flugel", "aile", "ala", "asa", "skrzydlo", "tsubasa", "hane"), "wing"),
    # the face
    **dict.fromkeys(("auge", "augen", "oeil", "yeux", "ojo", "ojos", "olho", "olhos", "occhio", "occhi", "oko", "oczy", "me", "eyeball"), "eye"),
    **dict.fromkeys(("pupille", "pupila", "pupilla", "zrenica", "hitomi"), "pupil"),
    **dict.fromkeys(("nase", "nez", "nariz", "naso", "nos", "hana"), "nose"),
    **dict.fromkeys(("mund", "bouche", "boca", "bocca", "usta", "kuchi"), "mouth"),
    **dict.fromkeys(("ohr", "ohren", "oreille", "oreja", "orelha", "orecchio", "ucho", "uszy", "mimi"), "ear"),
    **dict.fromkeys(("haar", "haare", "cheveux", "pelo", "cabelo", "capelli", "wlosy", "kami"), "hair"),
    **dict.fromkeys(("hut", "muetze", "mutze", "chapeau", "sombrero", "gorro", "chapeu", "cappello", "kapelusz", "czapka", "boushi"), "hat"),
    **dict.fromkeys(("rock", "jupe", "falda", "saia", "gonna", "spodnica"), "skirt"),
    **dict.fromkeys(("flosse", "nageoire", "aleta", "barbatana", "pinna", "pletwa"), "fin"),
    **dict.fromkeys(("robe", "gewand", "tunica", "tunika", "szata"), "robe"),
    **dict.fromkeys(("umhang", "mantella", "mantello", "capote", "peleryna"), "cape"),
    **dict.fromkeys(("kleid", "vestido", "vestito", "sukienka"), "dress"),
    **dict.fromkeys(("mantel", "manteau", "abrigo", "casaco", "cappotto", "plaszcz"), "coat"),
    **dict.fromkeys(("jacke", "veste", "chaqueta", "jaqueta", "giacca", "kurtka"), "jacket"),
    **dict.fromkeys(("hose", "pantalon", "pantalones", "calcas", "pantaloni", "spodnie"), "trousers"),
    **dict.fromkeys(("kralle", "klaue", "griffe", "garra", "artiglio", "pazur"), "claw"),
    **dict.fromkeys(("tentakel", "fangarm", "tentacule", "tentaculo", "tentacolo", "macka"), "tentacle"),
    **dict.fromkeys(("locke", "boucle", "rizo", "cacho", "ricciolo", "lok"), "curl"),
    **dict.fromkeys(("pony", "frange", "flequillo", "franja", "frangia", "grzywka"), "fringe"),
    **dict.fromkeys(("schal", "echarpe", "bufanda", "cachecol", "sciarpa", "szalik"), "scarf"),
}  # fmt: skip

LONG = 7  # letters that two words must have together to be one
# What is a word for a side behind others only: der is an article before them.
BEHIND = {
    "der": "right",
    "dcha": "right",
    "dch": "right",
    "iz": "left",
    "sx": "left",
    "dx": "right",
    "dte": "right",
    "dta": "right",
    "esq": "left",
    "dir": "right",
}

# Words that names are made of without a space between them.
_JOINABLE = frozenset(
    [
        "upper",
        "lower",
        "fore",
        "hind",
        "front",
        "back",
        "left",
        "right",
        "near",
        "far",
        "arm",
        "leg",
        "hand",
        "foot",
        "head",
        "neck",
        "hips",
        "hip",
        "body",
        "trunk",
        "torso",
        "chest",
        "tail",
        "wing",
        "eye",
        "eyes",
        "ball",
        "lid",
        "brow",
        "ear",
        "ears",
        "thigh",
        "shin",
        "knee",
        "shoulder",
        "elbow",
        "wrist",
        "ankle",
        "finger",
        "thumb",
        "toe",
        "toes",
        "forearm",
        "mouth",
        "nose",
        "hair",
    ]
)
# What a program calls a layer or file when nobody has named it.
_NOTHING = frozenset(
    [
        "layer",
        "layers",
        "shape",
        "group",
        "copy",
        "path",
        "object",
        "image",
        "img",
        "picture",
        "untitled",
        "new",
        "raster",
        "vector",
        "item",
        "element",
        "sprite",
        "bild",
        "ebene",
        "gruppe",
        "kopie",
        "form",
        "objekt",
        "calque",
        "groupe",
        "copie",
        "capa",
        "grupo",
        "copia",
        "camada",
        "livello",
        "gruppo",
        "oggetto",
        "warstwa",
        "grupa",
        "kopia",
        "reiya",
    ]
)
_CAMEL = re.compile(r"(?<=[a-z\u00DF-\u00F6\u00F8-\u00FF])(?=[A-Z])|(?<=[A-Z])(?=[A-Z][a-z])")
# Latin letters with their accents are one word, other scripts beside them another.
LATIN = r"[A-Za-z\u00C0-\u00D6\u00D8-\u00F6\u00F8-\u024F]"
_WORDS = re.compile(rf"{LATIN}+|\d+|[^\W\d_]+")


def pieces(name: str) -> list[str]:
    """The words and numbers of a name as they are written; spaces, underscores, hyphens and camel case divide."""
    return _WORDS.findall(_CAMEL.sub(" ", name))


@cache
def plain(text: str) -> str:
    """Lower case without accents."""
    text = text.replace("ß", "ss").replace("ł", "l").replace("Ł", "L")
    flat = unicodedata.normalize("NFKD", text)
    return "".join(letter for letter in flat if not unicodedata.combining(letter))


@cache
def meaning(name: str) -> tuple[str, ...]:
    """The English words of a name: divided where words change, other languages put into English."""
    found: list[str] = []
    low = [word.lower() for word in pieces(plain(name))]
    i = 0
    while i < len(low):
        joined = low[i] + low[i + 1] if i + 1 < len(low) else ""
        if len(joined) >= LONG and joined in FOREIGN:  # avant-bras
            found += FOREIGN[joined].split()
            i += 1
        elif low[i] in FOREIGN:
            found += FOREIGN[low[i]].split()
        elif i > 0 and low[i] in BEHIND:
            found.append(BEHIND[low[i]])
        else:
            found += _apart(low[i])
        i += 1
    return tuple(found)


@cache
def _apart(word: str) -> tuple[str, ...]:
    """Words written together, if all of it is words that are known; the word itself else."""
    if word in _JOINABLE or len(word) < 6:
        return (word,)
    for length in range(len(word) - 3, 2, -1):
        if word[:length] in _JOINABLE:
            rest = _apart(word[length:])
            if all(piece in _JOINABLE for piece in rest):
                return (word[:length], *rest)
    return (word,)


def says_nothing(name: str) -> bool:
    """Whether a name is one that programs give: numbers, and words such as layer or copy."""
    return all(word.isdecimal() or word.lower() in _NOTHING for word in pieces(plain(name)))
