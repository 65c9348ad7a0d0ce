"""Words by which drawings that take turns are known: what is drawn several times over, and what tells one of them from the others."""

# Words for what is drawn several times over, in the languages of the names.
DRAWN_OFTEN = {
    "mouth", "mouths", "mouthshapes", "lips", "eye", "eyes", "lid", "lids", "hand", "hands", "face", "faces", "expression", "expressions",
    "variant", "variants", "mund", "augen", "hände", "bouche", "yeux", "mains", "boca", "ojos", "manos", "bocca", "occhi", "mani",
}  # fmt: skip
# What tells one drawing from the others; single letters are sounds.
STATES = {
    "open", "closed", "half", "wide", "shut", "blink", "squint", "happy", "sad", "angry", "smile", "smiling", "frown", "neutral", "rest", "normal",
    "lids", "big", "small", "pointed",
    "surprised", "calm", "ah", "oh", "ee", "oo", "uh", "mm", "ff", "ll", "th", "sh", "ch", "fist", "pointing", "point", "holding", "grip", "flat",
    "spread", "relaxed", "raised", "offen", "zu", "halb", "geschlossen", "weit", "fröhlich", "traurig", "wütend", "lächelnd", "ruhe",
    "ouvert", "ouverte", "fermé", "fermée", "mi-clos", "abierto", "abierta", "cerrado", "cerrada", "aperto", "aperta", "chiuso", "chiusa",
    *"abcdefghijklmnopqrstuvwxyz",
}  # fmt: skip
