"""Inkpot, who sells tea on Lantern Quay: an octopus with six arms of six pieces each, a round hat, a pot and a cup."""

from PySide6.QtGui import QPainterPath

from umbrite.demo.paper import XY, Piece, Shape, blob, capsule, disc, line, polygon
from umbrite.rig.model import Loose

WIDTH, HEIGHT = 1420, 1320
GROUND = 1250

SKIN, SKIN_LIGHT, SKIN_FAR, SPOT, SUCKER = "#7A5A8E", "#8D6CA0", "#5F4672", "#67497B", "#D9B8C9"
HAT, HAT_BAND, INK, PAPER, BLUSH = "#2C6E68", "#E0A63A", "#2A2933", "#FBF3DF", "#C9738A"
POT, POT_DARK, CUP, TEA = "#C65B3C", "#A4452B", "#EDE0C4", "#9A6A3C"

COUNT = 6  # joints of an arm
BENDY = ("Third", "Fourth")  # arms of one drawing
WIDE, THIN = 54.0, 15.0
ORDINALS = ("First", "Second", "Third", "Fourth", "Fifth", "Sixth")
# Four points of the curve of each arm, from the root on.
CURVES: dict[str, tuple[XY, XY, XY, XY]] = {
    "First": ((594, 640), (420, 700), (330, 620), (196, 700)),
    "Second": ((604, 690), (470, 840), (330, 900), (276, 1150)),
    "Third": ((668, 716), (640, 900), (500, 1000), (560, 1220)),
    "Fourth": ((742, 716), (770, 900), (900, 1010), (850, 1220)),
    "Fifth": ((806, 690), (940, 840), (1080, 900), (1136, 1150)),
    "Sixth": ((816, 640), (1000, 690), (1090, 560), (1120, 420)),
}


def arm_points(name: str) -> list[XY]:
    """The joints of an arm and its tip: points on its curve (a cubic of Bezier) at even steps."""
    points = [complex(*p) for p in CURVES[name]]
    found = []
    for i in range(COUNT + 1):
        t = i / COUNT
        weights = ((1 - t) ** 3, 3 * t * (1 - t) ** 2, 3 * t**2 * (1 - t), t**3)
        z = sum(w * p for w, p in zip(weights, points, strict=True))
        found.append((round(z.real, 1), round(z.imag, 1)))
    return found


JOINTS: dict[str, XY] = {
    "Head": (706, 600), "Eyes": (716, 512), "Mouth": (716, 606), "Hat": (712, 306), "Teapot": (1120, 404), "Cup": (196, 690)
}  # fmt: skip
for _arm in ORDINALS:
    for _i, _at in enumerate(arm_points(_arm)[:-1]):
        JOINTS[f"{_arm} arm {_i + 1}"] = _at

FAMILY = {
    "Eyes": "Head", "Mouth": "Head", "Hat": "Head", "Teapot": "Sixth arm 6", "Cup": "First arm 6",
    **{f"{name} arm {i}": f"{name} arm {i - 1}" if i > 1 else "Head" for name in ORDINALS for i in range(1, COUNT + 1)},
}  # fmt: skip

LIMITS = {
    "Hat": (-20, 20), "Teapot": (-60, 60), "Cup": (-45, 45),
    **{f"{name} arm {i}": (-70, 70) for name in ORDINALS for i in range(2, COUNT + 1)},
}  # fmt: skip


# The tips of the arms that carry nothing swing.
LOOSE = {f"{name} arm {COUNT}": Loose(2.0, 0.25, 0.3, 0.5) for name in ORDINALS[1:5]}
POSES: dict[str, dict[str, float]] = {
    "Pour": {"Sixth arm target.x": -90, "Sixth arm target.y": 60, "Teapot.turn": -30, "First arm target.x": 120, "First arm target.y": -30, "Hat.turn": 8},
    "Dance": {
        "Second arm target.x": -150, "Second arm target.y": -320, "Fifth arm target.x": 150, "Fifth arm target.y": -320,
        "Third arm target.x": -90, "Fourth arm target.x": 90, "Body.y": -30, "Hat.turn": -10,
    },
}  # fmt: skip


def pieces() -> list[Piece]:
    """All pieces, back to front."""
    arms = [piece for name in ("Sixth", "First", "Second", "Fifth", "Third", "Fourth") for piece in _arm_pieces(name)]
    return [_teapot(), _cup(), *arms, *_head()]


def _radius(i: float) -> float:
    return WIDE + (THIN - WIDE) * i / COUNT


def _arm_pieces(name: str) -> list[Piece]:
    """From the tip to the root, so that each piece lies over the one it carries; or all of it as one."""
    points = arm_points(name)
    whole, marks = QPainterPath(), []
    colour = SKIN_LIGHT if name in {"Third", "Fourth"} else SKIN if name in {"Second", "Fifth"} else SKIN_FAR
    found = []
    for i in range(COUNT - 1, -1, -1):
        (x1, y1), (x2, y2) = points[i], points[i + 1]
        side = complex(y2 - y1, x1 - x2)
        side /= abs(side)
        if x1 < 706:
            side = -side
        dots = []
        for share in (0.25, 0.75):
            r = _radius(i + share)
            z = complex(x1 + (x2 - x1) * share, y1 + (y2 - y1) * share) + side * r * 0.55
            dots.append(Shape(disc((z.real, z.imag), r * 0.3), SUCKER))
        whole = whole.united(capsule((x1, y1), (x2, y2), _radius(i), _radius(i + 1)))
        marks += dots
        found.append(
            Piece(
                f"{name} arm {i + 1}", [Shape(capsule((x1, y1), (x2, y2), _radius(i), _radius(i + 1)), colour), *dots]
            )
        )
    return [Piece(f"{name} arm", [Shape(whole, colour), *marks])] if name in BENDY else found


def _head() -> list[Piece]:
    mantle = blob([
        (512, 560), (520, 420), (580, 320), (706, 278), (836, 322), (896, 424), (902, 560), (870, 690), (780, 760), (706, 770), (628, 760), (540, 690),
    ])  # fmt: skip
    spots = [
        Shape(disc(at, r), SPOT)
        for at, r in (((590, 420), 26), ((640, 372), 16), ((838, 470), 22), ((806, 400), 14), ((566, 500), 15))
    ]
    cheeks = [Shape(disc((600, 590), 34, 24), BLUSH), Shape(disc((830, 590), 34, 24), BLUSH)]
    whites = disc((650, 512), 50, 58).united(disc((782, 512), 50, 58)).united(capsule((650, 512), (782, 512), 12, 12))
    pupils = [Shape(disc((x, 520), 24, 30), INK) for x in (662, 794)]
    glints = [Shape(disc((x, 508), 8), PAPER) for x in (672, 804)]
    mouth = blob([(676, 594), (716, 606), (758, 594), (748, 628), (716, 642), (686, 628)])
    crown = blob([(592, 318), (588, 218), (640, 162), (716, 150), (792, 164), (838, 220), (834, 318)])
    brim = capsule((530, 318), (894, 318), 36, 36)
    return [
        Piece("Head", [Shape(mantle, SKIN), *spots, *cheeks]),
        Piece("Mouth", [Shape(mouth, "#4A2F45"), Shape(line([(690, 604), (716, 612), (744, 604)]), PAPER, 8)]),
        Piece("Eyes", [Shape(whites, PAPER), *pupils, *glints]),
        Piece("Hat", [
            Shape(crown.united(brim), HAT), Shape(polygon([(560, 262), (870, 262), (870, 300), (560, 300)]), HAT_BAND),
            Shape(line([(540, 330), (716, 344), (890, 330)]), "#235752", 7),
        ]),
    ]  # fmt: skip


def _teapot() -> Piece:
    x, y = JOINTS["Teapot"]
    pot = disc((x, y - 96), 92, 78)
    spout = capsule((x + 70, y - 90), (x + 150, y - 150), 26, 15)
    handle = capsule((x, y), (x, y - 60), 24, 30)
    lid = capsule((x - 44, y - 172), (x + 44, y - 172), 16, 16).united(disc((x, y - 194), 18))
    return Piece("Teapot", [
        Shape(pot.united(spout).united(handle).united(lid), POT), Shape(lid, POT_DARK), Shape(handle, POT_DARK),
        Shape(line([(x - 80, y - 110), (x, y - 90), (x + 80, y - 110)]), HAT_BAND, 9),
    ])  # fmt: skip


def _cup() -> Piece:
    x, y = JOINTS["Cup"]
    bowl = polygon([(x - 62, y - 120), (x + 62, y - 120), (x + 44, y - 20), (x - 44, y - 20)]).united(
        disc((x, y - 20), 44, 22)
    )
    foot = capsule((x, y), (x, y - 30), 24, 26)
    rim = disc((x, y - 120), 62, 14)
    return Piece("Cup", [
        Shape(bowl.united(foot).united(rim), CUP), Shape(disc((x, y - 120), 52, 9), TEA),
        Shape(line([(x - 56, y - 84), (x + 56, y - 84)]), POT, 7),
    ])  # fmt: skip
