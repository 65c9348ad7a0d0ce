"""Bramble, the mail goat of Lantern Quay: all his pieces, back to front, on one canvas. He faces right.

As with Wick the joints' middles stand in JOINTS, and every piece ends round where it turns.
"""

from umbrite.demo.paper import XY, Piece, Shape, blob, capsule, disc, line, polygon
from umbrite.rig.model import Loose

WIDTH, HEIGHT = 1400, 1240
GROUND = 1150

COAT, COAT_LIGHT, COAT_FAR = "#B98A5E", "#C99C72", "#93694A"
CREAM, DARK, HOOF, HOOF_FAR = "#EAD9BC", "#5A4034", "#3B3033", "#2E2629"
HORN, HORN_DARK = "#8C7A66", "#6E5F50"
BAG, BAG_FLAP, STRAP, BRASS, PAPER = "#7C3F35", "#8F4B3D", "#4E2E2A", "#E0A63A", "#F6EEDB"
COLLAR, INK, PINK = "#2C6E68", "#2A2933", "#D9927A"

LEGS: dict[str, XY] = {
    "Near hind": (500, 690), "Far hind": (580, 676), "Near front": (842, 682), "Far front": (912, 668),
}  # fmt: skip


def _leg_points(name: str) -> tuple[XY, XY, XY]:
    """Hip or shoulder, knee, and fetlock of a leg."""
    x, y = LEGS[name]
    lift = 0 if "Near" in name else -16
    if "hind" in name:
        return (x, y), (x - 48, y + 200 + lift / 2), (x - 14, 1058 + lift)
    return (x, y), (x + 14, y + 204 + lift / 2), (x - 4, 1058 + lift)


JOINTS: dict[str, XY] = {
    "Body": (660, 640), "Neck": (872, 590), "Head": (985, 395), "Near ear": (990, 345), "Far ear": (1048, 318),
    "Horns": (1002, 318), "Beard": (1140, 462), "Eye": (1086, 368), "Collar": (925, 497), "Tail": (424, 562), "Satchel": (650, 590),
}  # fmt: skip
for _leg_name in LEGS:
    for _piece, _at in zip(("thigh", "shin", "foot"), _leg_points(_leg_name), strict=True):
        JOINTS[f"{_leg_name} {_piece}"] = _at

FAMILY = {
    "Neck": "Body", "Head": "Neck", "Near ear": "Head", "Far ear": "Head", "Horns": "Head", "Beard": "Head", "Eye": "Head",
    "Collar": "Neck", "Tail": "Body", "Satchel": "Body",
    **{f"{leg} {piece}": f"{leg} {above}" if above else "Body" for leg in LEGS
       for piece, above in (("thigh", ""), ("shin", "thigh"), ("foot", "shin"))},
}  # fmt: skip

LIMITS = {
    "Head": (-35, 30), "Neck": (-40, 35), "Tail": (-35, 35), "Neck 2": (-20, 20), "Neck 3": (-20, 20), "Near ear": (-40, 40), "Far ear": (-40, 40), "Beard": (-25, 25),
    "Satchel": (-18, 18), **{f"{leg} foot": (-50, 60) for leg in LEGS},
}  # fmt: skip


# What hangs from it and swings.
LOOSE = {
    "Near ear": Loose(3.0, 0.25, 0.4, 0.5),
    "Far ear": Loose(3.1, 0.25, 0.4, 0.5),
    "Tail": Loose(2.6, 0.3, 0.4, 0.45),
    "Tail 2": Loose(2.8, 0.3, 0.4, 0.4),
    "Tail 3": Loose(3.0, 0.3, 0.4, 0.4),
    "Beard": Loose(2.8, 0.3, 0.4, 0.35),
}
POSES: dict[str, dict[str, float]] = {
    "Walk": {
        "Trunk.y": 14, "Near front leg target.x": 150, "Near front leg target.y": -26, "Far hind leg target.x": 130, "Far hind leg target.y": -14,
        "Far front leg target.x": -150, "Near hind leg target.x": -140, "Near hind leg target.y": -6, "Neck.turn": -8, "Tail.turn": 14,
    },
    "Graze": {"Neck.turn": -32, "Head.turn": -20, "Trunk.y": 30, "Near front leg target.x": 60, "Tail.turn": -12},
}  # fmt: skip


def pieces() -> list[Piece]:
    """All pieces, back to front."""
    return [
        _ear("Far ear", (1092, 268), COAT_FAR),
        *_leg("Far hind", COAT_FAR, HOOF_FAR), *_leg("Far front", COAT_FAR, HOOF_FAR),
        _tail(), _horns(), *_body(), *_head(),
        *_leg("Near hind", COAT_LIGHT, HOOF), *_leg("Near front", COAT_LIGHT, HOOF), _satchel(),
    ]  # fmt: skip


def _leg(name: str, colour: str, hoof: str) -> list[Piece]:
    hip, knee, fetlock = _leg_points(name)
    x, y = fetlock
    wide = 92 if "hind" in name else 84
    sole = y + 92
    horn = polygon([(x - 30, y + 40), (x + 44, y + 40), (x + 58, sole), (x - 42, sole)])
    return [
        Piece(f"{name} foot", [
            Shape(capsule(fetlock, (x + 6, y + 52), 31, 36).united(horn), colour),
            Shape(polygon([(x - 60, y + 54), (x + 80, y + 50), (x + 80, sole + 8), (x - 60, sole + 8)]), hoof),
            Shape(line([(x + 10, y + 60), (x + 14, sole)]), DARK, 5),
        ]),
        Piece(f"{name} shin", [Shape(capsule(knee, fetlock, 48, 31), colour)]),
        Piece(f"{name} thigh", [Shape(capsule(hip, knee, wide, 49), colour)]),
    ]  # fmt: skip


def _ear(name: str, tip: XY, colour: str) -> Piece:
    root = JOINTS[name]
    middle = ((root[0] + tip[0]) / 2, (root[1] + tip[1]) / 2)
    return Piece(name, [Shape(capsule(root, tip, 25, 15), colour), Shape(capsule(middle, tip, 10, 6), PINK)])


def _tail() -> Piece:
    tuft = blob([(392, 540), (362, 470), (330, 452), (326, 500), (352, 548), (384, 574)])
    return Piece("Tail", [Shape(capsule(JOINTS["Tail"], (368, 520), 36, 24).united(tuft), COAT), Shape(tuft, CREAM)])


def _horns() -> Piece:
    near = blob([(984, 322), (976, 250), (934, 196), (880, 178), (858, 190), (908, 226), (940, 274), (950, 330)])
    far = blob([(1036, 320), (1030, 244), (992, 190), (944, 168), (924, 178), (968, 212), (996, 262), (1000, 322)])
    rings = [
        Shape(line([(x, y), (x + 34, y - 14)]), HORN_DARK, 5)
        for x, y in ((946, 306), (938, 276), (918, 246), (896, 222))
    ]
    base = disc(JOINTS["Horns"], 38)
    return Piece("Horns", [Shape(far.united(near).united(base), HORN_DARK), Shape(near, HORN), *rings])


def _body() -> list[Piece]:
    barrel = blob([
        (404, 560), (470, 496), (640, 480), (800, 486), (904, 528), (944, 620), (920, 716), (812, 772), (640, 796), (476, 772), (404, 690),
    ])  # fmt: skip
    belly = blob([(470, 740), (640, 752), (820, 730), (800, 800), (640, 820), (480, 800)])
    patch = blob([(700, 500), (790, 508), (800, 570), (730, 590), (690, 556)])
    x, y = JOINTS["Collar"]
    band = capsule((x - 58, y - 40), (x + 56, y + 36), 25, 25)
    bell = disc((x + 70, y + 62), 22)
    return [
        Piece("Neck", [Shape(capsule(JOINTS["Neck"], JOINTS["Head"], 90, 62), COAT)]),
        Piece("Body", [Shape(barrel, COAT), Shape(belly, CREAM), Shape(patch, COAT_LIGHT)]),
        Piece("Collar", [Shape(band.united(bell), COLLAR), Shape(bell, BRASS), Shape(line([(x + 70, y + 66), (x + 70, y + 84)]), INK, 5)]),
    ]  # fmt: skip


def _head() -> list[Piece]:
    skull = blob([
        (944, 372), (966, 312), (1030, 286), (1092, 304), (1146, 346), (1204, 396), (1214, 442), (1178, 474), (1106, 470), (1034, 452), (960, 430),
    ])  # fmt: skip
    muzzle = blob([(1130, 380), (1200, 396), (1214, 442), (1178, 476), (1120, 462)])
    head = Piece("Head", [
        Shape(skull, COAT), Shape(muzzle, CREAM), Shape(disc((1190, 410), 7, 5), DARK),
        Shape(line([(1212, 440), (1180, 448), (1150, 440)]), DARK, 5), Shape(line([(1010, 300), (1060, 330), (1110, 340)]), COAT_LIGHT, 14),
    ])  # fmt: skip
    beard = blob([(1118, 452), (1164, 456), (1162, 506), (1142, 566), (1122, 520)]).united(disc(JOINTS["Beard"], 24))
    eye = disc(JOINTS["Eye"], 17, 20)
    return [
        Piece("Beard", [Shape(beard, CREAM), Shape(line([(1140, 480), (1142, 540)]), COAT_LIGHT, 4)]),
        head,
        Piece("Eye", [Shape(eye, PAPER), Shape(disc((1091, 370), 9, 12), INK), Shape(disc((1094, 365), 3), PAPER)]),
        _ear("Near ear", (902, 366), COAT_LIGHT),
    ]


def _satchel() -> Piece:
    x, y = JOINTS["Satchel"]
    bag = blob(
        [
            (x - 96, y + 16),
            (x + 92, y + 8),
            (x + 108, y + 110),
            (x + 92, y + 186),
            (x - 84, y + 192),
            (x - 108, y + 110),
        ],
        0.3,
    )
    strap = polygon([(x - 26, y - 104), (x + 14, y - 104), (x + 22, y + 40), (x - 26, y + 40)])
    letter = polygon([(x + 20, y - 26), (x + 82, y - 12), (x + 70, y + 40), (x + 6, y + 30)])
    flap = blob([(x - 100, y + 14), (x + 96, y + 6), (x + 92, y + 84), (x, y + 122), (x - 92, y + 88)], 0.3)
    return Piece("Satchel", [
        Shape(bag.united(strap).united(letter).united(disc((x, y), 34)), BAG), Shape(strap, STRAP), Shape(letter, PAPER),
        Shape(line([(x + 30, y + 2), (x + 66, y + 10)]), "#B7A98C", 4), Shape(flap, BAG_FLAP),
        Shape(polygon([(x - 16, y + 84), (x + 14, y + 84), (x + 14, y + 134), (x - 16, y + 134)]), BRASS),
    ])  # fmt: skip
