"""The tea cart of Lantern Quay: two pairs of wheels that turn as it rolls, an awning, a kettle, a lantern that hangs loose. It faces right."""

import itertools
import math

from umbrite.demo.paper import XY, Piece, Shape, blob, capsule, disc, line, polygon
from umbrite.rig.model import Loose

WIDTH, HEIGHT = 1300, 1180
GROUND = 1140
RADIUS = 150.0  # of the wheels: they turn by a radian on so many pixels

BOARD, BOARD_LIGHT, BOARD_DARK = "#7A4A6B", "#8D5A7C", "#5C3551"
WOOD, WOOD_DARK, BRASS, COPPER, COPPER_DARK = "#8A6242", "#6B4A31", "#E0A63A", "#C2703D", "#97512A"
CLOTH, CLOTH_LIGHT, INK, GLASS, FLAME, CUP = "#C4553A", "#F3E2BF", "#2A2933", "#F7D98B", "#FFF4CF", "#E9E2D2"

JOINTS: dict[str, XY] = {
    "Box": (700, 860), "Handle": (330, 700), "Awning": (700, 250), "Kettle": (560, 552), "Kettle lid": (520, 430), "Lantern": (1090, 330),
    "Cups": (860, 590), "Posts": (700, 690), "Near back wheel": (450, 990), "Near front wheel": (960, 990), "Far back wheel": (486, 974), "Far front wheel": (996, 974),
}  # fmt: skip
WHEELS = tuple(name for name in JOINTS if name.endswith("wheel"))
FAMILY = {name: "Box" for name in JOINTS if name != "Box" and name not in WHEELS} | {
    "Kettle lid": "Kettle", "Lantern": "Awning", "Awning": "Posts",
}  # fmt: skip
LIMITS = {"Handle": (-12, 12), "Kettle lid": (-4, 38), "Awning": (-4, 4), "Lantern": (-50, 50), "Kettle": (-10, 24)}
LOOSE = {"Lantern": Loose(1.9, 0.16, 0.7, 0.6), "Kettle lid": Loose(3.4, 0.3, 0.2, 0.12)}
POSES: dict[str, dict[str, float]] = {
    "Pouring": {"Kettle.turn": 20, "Kettle lid.turn": 22},
    "Tipped back": {"Box.turn": 5, "Handle.turn": -8},
}
GRIP: XY = (96, 562)  # where a hand holds the handle


def pieces() -> list[Piece]:
    """All pieces, back to front."""
    return [
        _wheel("Far back wheel", WOOD_DARK, BOARD_DARK), _wheel("Far front wheel", WOOD_DARK, BOARD_DARK), _posts(), _kettle_lid(),
        _kettle(), _cups(), _awning(), _lantern(), _handle(), _box(), _wheel("Near back wheel", WOOD, BRASS),
        _wheel("Near front wheel", WOOD, BRASS),
    ]  # fmt: skip


def _wheel(name: str, colour: str, hub: str) -> Piece:
    x, y = JOINTS[name]
    rim = disc((x, y), RADIUS).subtracted(disc((x, y), RADIUS - 30))
    outline = rim.united(disc((x, y), 36))
    for i in range(8):
        angle = math.pi * i / 4
        end = (x + (RADIUS - 16) * math.cos(angle), y + (RADIUS - 16) * math.sin(angle))
        outline = outline.united(capsule((x, y), end, 15, 10))
    rivets = [
        Shape(disc((x + (RADIUS - 15) * math.cos(a), y + (RADIUS - 15) * math.sin(a)), 5), hub)
        for a in (math.pi / 8 + math.pi * i / 4 for i in range(8))
    ]
    return Piece(name, [Shape(outline, colour), Shape(disc((x, y), 20), hub), Shape(disc((x, y), 7), INK), *rivets])


def _posts() -> Piece:
    posts = capsule((430, 240), (430, 760), 13, 13).united(capsule((980, 240), (980, 760), 13, 13))
    shelf = polygon([(414, 560), (1000, 560), (1000, 590), (414, 590)])
    return Piece("Posts", [Shape(posts.united(shelf), WOOD_DARK), Shape(line([(414, 566), (1000, 566)]), WOOD, 5)])


def _kettle_lid() -> Piece:
    lid = blob([(500, 440), (530, 402), (576, 394), (622, 404), (650, 440), (576, 452)]).united(disc((576, 388), 16))
    return Piece("Kettle lid", [Shape(lid, COPPER_DARK), Shape(disc((576, 386), 9), BRASS)])


def _kettle() -> Piece:
    pot = blob([(484, 452), (576, 432), (668, 452), (704, 510), (674, 560), (576, 572), (478, 560), (450, 508)])
    spout = capsule((680, 524), (760, 446), 24, 13)
    outline, ring = (pot.united(spout), [(490, 478), (442, 462), (418, 486), (418, 528), (446, 550), (490, 546)])
    for here, there in itertools.pairwise(ring):
        outline = outline.united(capsule(here, there, 9, 9.1))
    grip = line([(470, 476), (440, 462), (418, 486), (418, 528), (446, 550), (470, 548)])
    return Piece("Kettle", [
        Shape(outline, COPPER), Shape(grip, INK, 22), Shape(line([(478, 500), (576, 514), (680, 498)]), BRASS, 8),
        Shape(blob([(520, 462), (560, 452), (556, 486), (516, 498)]), "#D98A58"),
    ])  # fmt: skip


def _cups() -> Piece:
    outline, rims = None, []
    for i in range(3):
        x = 800 + 62 * i
        cup = polygon([(x - 26, 512), (x + 26, 512), (x + 18, 566), (x - 18, 566)])
        outline = cup if outline is None else outline.united(cup)
        rims += [Shape(line([(x - 26, 516), (x + 26, 516)]), BOARD_LIGHT, 6)]
    assert outline is not None
    return Piece("Cups", [Shape(outline, CUP), *rims])


def _awning() -> Piece:
    cloth = polygon([(392, 120), (1020, 120), (1110, 296), (320, 296)])
    for i in range(8):
        cloth = cloth.united(disc((369 + 99 * i, 294), 50, 40))
    stripes = [
        Shape(
            polygon([(392 + 157 * i, 110), (470 + 157 * i, 110), (418 + 198 * i, 345), (320 + 198 * i, 345)]),
            CLOTH_LIGHT,
        )
        for i in range(4)
    ]
    return Piece("Awning", [Shape(cloth, CLOTH), *stripes, Shape(line([(330, 290), (1106, 290)]), "#9E3F2A", 6)])


def _lantern() -> Piece:
    cord = capsule((1090, 326), (1090, 392), 5, 5)
    cage = polygon([(1052, 396), (1128, 396), (1118, 492), (1062, 492)])
    roof = polygon([(1036, 402), (1090, 366), (1144, 402)])
    foot = polygon([(1058, 484), (1122, 484), (1112, 508), (1068, 508)])
    outline = cord.united(cage).united(roof).united(foot).united(disc((1090, 330), 9))
    return Piece("Lantern", [
        Shape(outline, INK), Shape(polygon([(1062, 408), (1118, 408), (1110, 482), (1070, 482)]), GLASS),
        Shape(blob([(1090, 420), (1106, 450), (1090, 474), (1074, 450)]), FLAME),
    ])  # fmt: skip


def _handle() -> Piece:
    x, y = GRIP
    bar = capsule((x + 20, y + 12), (360, 716), 17, 20).united(capsule((x - 26, y - 6), (x + 40, y + 18), 15, 15))
    return Piece("Handle", [Shape(bar, WOOD), Shape(line([(x - 30, y - 8), (x + 44, y + 20)]), INK, 24)])


def _box() -> Piece:
    box = polygon([(318, 660), (1096, 660), (1070, 940), (352, 940)])
    boards = [
        Shape(line([(330 + 8 * i, 660 + 70 * i), (1090 - 6 * i, 660 + 70 * i)]), BOARD_DARK, 5) for i in (1, 2, 3)
    ]
    rail = [Shape(polygon([(306, 650), (1108, 650), (1104, 690), (310, 690)]), BRASS)]
    sign = [
        Shape(blob([(560, 760), (706, 738), (852, 760), (876, 814), (852, 870), (706, 892), (560, 870), (536, 814)]), CUP),
        Shape(blob([(640, 790), (772, 790), (758, 852), (706, 864), (654, 852)]), COPPER),
        Shape(line([(772, 800), (806, 806), (796, 838), (764, 836)]), COPPER, 10),
        Shape(line([(680, 776), (672, 758), (684, 748)]), BOARD, 6), Shape(line([(726, 776), (718, 758), (730, 748)]), BOARD, 6),
    ]  # fmt: skip
    axle = [Shape(line([(400, 930), (1020, 930)]), BOARD_DARK, 26)]
    return Piece("Box", [Shape(box, BOARD), *boards, *axle, *rail, *sign])
