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
    **dict.fromkeys(("schal", "echarpe", "bufanda", "cachecol", "sciarpa", "szalik"), "scarf"),
}  # fmt: skip

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
_CAMEL = re.compile(r"(?<=[a-z])(?=[A-Z])|(?<=[A-Z])(?=[A-Z][a-z])")
_WORDS = re.compile(r"[A-Za-z]+|\d+|[^\W\d_]+")


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
    for word in pieces(plain(name)):
        low = word.lower()
        if low in FOREIGN:
            found += FOREIGN[low].split()
        else:
            found += _apart(low)
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
