"""Tansy, the heron who carries letters along Lantern Quay: few drawings, most of which bend. She faces right.

Neck and legs are one drawing each, the wings three; the pivots of what does not bend stand in JOINTS.
"""

import math
from collections.abc import Callable, Sequence

from PySide6.QtGui import QPainterPath

from umbrite.demo.paper import XY, Piece, Shape, blob, capsule, disc, line, polygon
from umbrite.rig.model import Loose

WIDTH, HEIGHT = 1300, 1500
GROUND = 1430

PLUME, PLUME_LIGHT, PLUME_DARK, PLUME_FAR = "#6F8796", "#8FA5B1", "#4E6472", "#56707E"
THROAT, INK, CREST = "#E9E2D2", "#2A2933", "#33404A"
BEAK, BEAK_DARK, LEG, LEG_FAR, KNEE = "#D99A3E", "#B47A2B", "#8A7A4A", "#6E6140", "#A08F58"
BAG, BAG_FLAP, STRAP, BRASS = "#8C3A34", "#A34A41", "#5B2B28", "#E0A63A"
LETTER, SEAL = "#F6EEDB", "#B9452C"

# From the chest up to the head, and how thick the neck is there.
NECK: tuple[tuple[float, float, float], ...] = (
    (742, 742, 84), (802, 690, 66), (826, 610, 53), (800, 530, 46), (760, 455, 42), (752, 375, 39), (790, 305, 38), (846, 262, 40),
)  # fmt: skip
LEGS: dict[str, tuple[XY, XY, XY]] = {
    "Near": ((566, 900), (524, 1140), (572, 1386)), "Far": ((650, 890), (622, 1130), (672, 1370)),
}  # fmt: skip
WING: tuple[XY, XY, XY, XY] = ((694, 706), (520, 716), (372, 800), (214, 908))

JOINTS: dict[str, XY] = {
    "Body": (610, 800), "Neck": (742, 742), "Head": (846, 262), "Eye": (884, 238), "Crest": (846, 232), "Letter": (1108, 300),
    "Satchel": (640, 742), "Tail": (420, 880),
}  # fmt: skip
for _side in ("Near", "Far"):
    JOINTS[f"{_side} leg"], JOINTS[f"{_side} foot"] = LEGS[_side][0], LEGS[_side][2]
    _off = 0.0 if _side == "Near" else 34.0
    for _i, _name in enumerate(("wing", "wing middle", "wing tip")):
        JOINTS[f"{_side} {_name}"] = (WING[_i][0] + _off, WING[_i][1] - _off)

FAMILY = {
    "Neck": "Body", "Head": "Neck", "Eye": "Head", "Crest": "Head", "Letter": "Head", "Satchel": "Body", "Tail": "Body",
    **{f"{side} {what}": f"{side} {above}" if above else "Body" for side in ("Near", "Far")
       for what, above in (("leg", ""), ("foot", "leg"), ("wing", ""), ("wing middle", "wing"), ("wing tip", "wing middle"))},
}  # fmt: skip

LIMITS = {
    "Head": (-70, 60), "Tail": (-25, 25), "Crest": (-40, 40), "Satchel": (-25, 25), "Near foot": (-60, 60), "Far foot": (-60, 60),
}  # fmt: skip
LOOSE = {
    "Letter": Loose(2.4, 0.25, 0.5, 0.6), "Crest": Loose(2.8, 0.3, 0.4, 0.5), "Satchel": Loose(2.0, 0.3, 0.3, 0.3),
    "Near wing tip": Loose(2.2, 0.35, 0.3, 0.3), "Far wing tip": Loose(2.2, 0.35, 0.3, 0.3),
}  # fmt: skip
POSES: dict[str, dict[str, float]] = {
    "Stride": {
        "Near leg target.x": 170, "Near leg target.y": -40, "Far leg target.x": -150, "Far leg target.y": -20, "Far leg target.turn": -20,
        "Trunk.y": 22, "Neck target.x": 60, "Neck target.y": 20,
    },
    "Bow": {"Neck target.x": 270, "Neck target.y": 330, "Neck target.turn": -34, "Trunk.turn": -10, "Trunk.y": 26},
    "Look back": {"Neck target.x": -420, "Neck target.y": 130, "Neck target.turn": 60, "Trunk.turn": 4},
    "Take off": {
        "Near wing.turn": -118, "Near wing middle.turn": 26, "Near wing tip.turn": 22, "Far wing.turn": -100, "Far wing middle.turn": 24,
        "Far wing tip.turn": 20, "Neck target.x": 150, "Neck target.y": 80, "Trunk.y": -40, "Near leg target.x": -60, "Near leg target.y": -60,
    },
}  # fmt: skip


def pieces() -> list[Piece]:
    """All pieces, back to front."""
    return [
        *_wing("Far", PLUME_FAR, PLUME_DARK), *_leg("Far", LEG_FAR), _tail(), _letter(), _neck(), _body(),
        *_head(), *_leg("Near", LEG), _satchel(), *_wing("Near", PLUME, PLUME_DARK),
    ]  # fmt: skip


def _tube(points: tuple[tuple[float, float, float], ...]) -> QPainterPath:
    """A soft tube through points, each with its radius: discs close together along a smooth curve."""
    path = QPainterPath()
    last: tuple[XY, float] | None = None
    for i in range(len(points) - 1):
        p0, p1, p2, p3 = (points[min(max(i + k, 0), len(points) - 1)] for k in (-1, 0, 1, 2))
        for step in range(8):
            t = step / 8
            x, y, r = (
                0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t**2 + (3 * b - a - 3 * c + d) * t**3)
                for a, b, c, d in zip(p0, p1, p2, p3, strict=True)
            )
            path = path.united(disc((x, y), r)) if last is None else path.united(capsule(last[0], (x, y), last[1], r))
            last = (x, y), r
    assert last is not None
    return path.united(capsule(last[0], points[-1][:2], last[1], points[-1][2]))


def _neck() -> Piece:
    throat = [Shape(line([(x + r * 0.45, y) for x, y, r in NECK]), THROAT, 26)]
    marks = []
    for i in range(1, len(NECK) - 1):
        x, y, r = NECK[i]
        marks.append(Shape(line([(x + r * 0.3, y - 16), (x + r * 0.42, y + 16)]), PLUME_DARK, 7))
    return Piece("Neck", [Shape(_tube(NECK), PLUME_LIGHT), *throat, *marks])


def _leg(side: str, colour: str) -> list[Piece]:
    hip, knee, ankle = LEGS[side]
    shape = capsule(hip, (hip[0] - 12, hip[1] + 90), 46, 24).united(capsule((hip[0] - 10, hip[1] + 70), knee, 22, 15))
    shape = shape.united(capsule(knee, ankle, 15, 13)).united(disc(knee, 21))
    x, y = ankle
    foot = capsule((x, y), (x + 18, y + 40), 15, 12).united(capsule((x + 16, y + 40), (x + 108, y + 46), 12, 8))
    foot = foot.united(capsule((x + 16, y + 40), (x + 74, y + 26), 11, 7)).united(
        capsule((x + 10, y + 40), (x - 52, y + 48), 11, 6)
    )
    feathers = [
        Shape(
            blob(
                [
                    (hip[0] - 52, hip[1] - 40),
                    (hip[0] + 50, hip[1] - 40),
                    (hip[0] + 26, hip[1] + 66),
                    (hip[0] - 14, hip[1] + 104),
                    (hip[0] - 44, hip[1] + 50),
                ]
            ),
            PLUME_DARK,
        )
    ]
    bands = [Shape(line([(x - 14, y - 90 - 60 * i), (x + 14, y - 92 - 60 * i)]), KNEE, 4) for i in range(3)]
    return [
        Piece(f"{side} foot", [Shape(foot, colour)]),
        Piece(f"{side} leg", [Shape(shape, colour), *feathers, Shape(disc(knee, 13), KNEE), *bands]),
    ]  # fmt: skip


def _tail() -> Piece:
    fan = blob([(470, 812), (500, 900), (430, 960), (300, 1010), (212, 1016), (236, 960), (320, 890), (400, 830)])
    rays = [Shape(line([(440, 880), (250 + 24 * i, 1010 - 26 * i)]), PLUME, 6) for i in range(3)]
    return Piece("Tail", [Shape(fan.united(disc(JOINTS["Tail"], 56)), PLUME_DARK), *rays])


def _body() -> Piece:
    trunk = blob([
        (784, 650), (826, 722), (806, 820), (730, 900), (620, 946), (500, 940), (408, 912), (384, 862), (446, 790), (560, 712), (690, 648),
    ])  # fmt: skip
    breast = Shape(blob([(800, 690), (816, 760), (770, 860), (690, 910), (720, 820), (742, 740)]), THROAT)
    flecks = [
        Shape(line([(752 - 22 * i, 800 + 26 * i), (770 - 22 * i, 826 + 26 * i)]), PLUME_DARK, 7) for i in range(4)
    ]
    return Piece("Body", [Shape(trunk, PLUME), breast, *flecks])


def _head() -> list[Piece]:
    skull = blob([(800, 262), (818, 206), (876, 184), (934, 206), (962, 244), (930, 284), (870, 306), (818, 300)])
    beak = polygon([(930, 222), (1150, 290), (1152, 300), (926, 282)])
    lower = polygon([(934, 262), (1140, 298), (926, 286)])
    plume = blob([(852, 206), (800, 196), (700, 206), (604, 250), (690, 226), (790, 226), (842, 244)])
    return [
        Piece("Crest", [Shape(plume.united(disc((848, 226), 20)), CREST)]),
        Piece("Head", [
            Shape(skull.united(beak), PLUME_LIGHT), Shape(beak, BEAK), Shape(lower, BEAK_DARK),
            Shape(blob([(820, 206), (876, 182), (936, 206), (900, 216), (850, 222)]), CREST), Shape(line([(960, 254), (1130, 294)]), BEAK_DARK, 4),
        ]),
        Piece("Eye", [Shape(disc((886, 238), 19), "#F2C14E"), Shape(disc((890, 239), 10), INK), Shape(disc((894, 234), 3.6), LETTER)]),
    ]  # fmt: skip


HINGE = 934 + 270j  # of the beak


def open_head(by: float) -> Piece:
    """Her head with the beak open: the upper half raised a little, the lower by so many radians."""

    def turned(corners: list[tuple[int, int]], angle: float) -> QPainterPath:
        way = complex(math.cos(angle), math.sin(angle))
        return polygon([((z := HINGE + (complex(x, y) - HINGE) * way).real, z.imag) for x, y in corners])

    (_, head, _) = _head()
    skull = blob([(800, 262), (818, 206), (876, 184), (934, 206), (962, 244), (930, 284), (870, 306), (818, 300)])
    upper = turned([(930, 222), (1150, 290), (1140, 298), (926, 274)], -by / 3)
    lower = turned([(926, 264), (1138, 296), (1142, 303), (924, 290)], by)
    throat = polygon([(922, 244), (1000, 262), (996, 286), (922, 288)])
    return Piece("Head open", [
        Shape(skull.united(upper).united(lower), PLUME_LIGHT), Shape(throat, "#8A4A3C"), Shape(lower, BEAK_DARK), Shape(upper, BEAK), head.shapes[3],
        Shape(disc((940, 262), 17, 20), PLUME_LIGHT),
    ])  # fmt: skip


def _letter() -> Piece:
    corners = [complex(x, y) for x, y in ((-16, -8), (126, -8), (126, 84), (-16, 84))]
    way = complex(math.cos(0.5), math.sin(0.5))
    at = complex(*JOINTS["Letter"]) - 34 * way
    placed = [(at + z * way) for z in corners]
    flap = [placed[0], at + complex(55, 40) * way, placed[1]]
    seal = at + complex(55, 40) * way
    return Piece("Letter", [
        Shape(polygon([(z.real, z.imag) for z in placed]), LETTER), Shape(line([(z.real, z.imag) for z in flap[:2]]), STRAP, 4),
        Shape(line([(z.real, z.imag) for z in flap[1:]]), STRAP, 4), Shape(disc((seal.real, seal.imag), 13), SEAL),
    ])  # fmt: skip


def _satchel() -> Piece:
    strap = capsule((700, 664), (610, 880), 11, 11)
    bag = blob([(556, 842), (684, 838), (692, 930), (664, 952), (580, 956), (550, 934)])
    flap = blob([(550, 836), (690, 832), (684, 886), (620, 904), (556, 888)])
    return Piece(
        "Satchel",
        [Shape(strap.united(bag), STRAP), Shape(bag, BAG), Shape(flap, BAG_FLAP), Shape(disc((622, 890), 11), BRASS)],
    )


def _from(*placed: tuple[XY, Sequence[XY]]) -> list[XY]:
    """The points of an outline, each given by its way from a joint."""
    return [(x + dx, y + dy) for (x, y), ways in placed for dx, dy in ways]


def _strokes(count: int, colour: str, width: float, each: Callable[[int], list[XY]]) -> list[Shape]:
    return [Shape(line(each(i)), colour, width) for i in range(count)]


def _wing(side: str, colour: str, edge: str) -> list[Piece]:
    """Three pieces from the tip to the shoulder; each lies over the one that it carries."""
    off = 0.0 if side == "Near" else 34.0
    s, e, w, t = ((x + off, y - off) for x, y in WING)
    upper = blob(_from(
        (s, [(60, -20), (30, 70), (-60, 110)]), (e, [(-30, 96), (-58, 20), (-20, -46)]), (s, [(-60, -60)])
    ))  # fmt: skip
    middle = blob(_from(
        (e, [(56, -30), (50, 74), (-60, 142)]), (w, [(-40, 110), (-54, 20), (-10, -40)]), (e, [(-60, -36)])
    ))  # fmt: skip
    tip = blob(_from(
        (w, [(54, -26), (46, 70), (-60, 132)]), (t, [(-30, 66), (-74, 60), (-20, -10)]), (w, [(-60, 6)])
    ))  # fmt: skip
    long = _strokes(3, edge, 6, lambda i: _from((e, [(-20 - 40 * i, 10 + 14 * i), (-60 - 40 * i, 112 + 8 * i)])))
    far = _strokes(4, colour, 6, lambda i: _from((w, [(-20 - 34 * i, 10 + 18 * i), (-80 - 34 * i, 96 + 14 * i)])))
    scales = _strokes(
        3, edge, 5, lambda i: _from((s, [(dx - 52 * i, dy) for dx, dy in ((-20, 10), (-42, 50), (-70, 20))]))
    )
    light = PLUME_LIGHT if side == "Near" else colour
    return [
        Piece(f"{side} wing tip", [Shape(tip.united(disc(w, 46)), edge), *far]),
        Piece(f"{side} wing middle", [Shape(middle.united(disc(e, 50)), colour), *long]),
        Piece(f"{side} wing", [Shape(upper.united(disc(s, 56)), light), *scales]),
    ]
