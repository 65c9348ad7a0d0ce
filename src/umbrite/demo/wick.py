"""Wick, the lamplighter of Lantern Quay: the drawing of all his pieces, back to front, on one canvas.

He faces right, a little towards us; his near side is his own right, at our left. The joints' middles stand in JOINTS,
and every limb piece has a round end there, so that it can turn without a gap.
"""

from umbrite.demo.paper import Piece, Shape, blob, capsule, disc, line, polygon

WIDTH, HEIGHT = 1180, 1560
GROUND = 1500

COAT, COAT_LIGHT, COAT_DARK, COAT_FAR = "#2C6E68", "#347B74", "#235752", "#1F4F50"
TROUSERS, TROUSERS_FAR = "#574465", "#43364F"
BOOT, BOOT_FAR, SOLE = "#3A2E33", "#2C242A", "#8A6242"
SKIN, SKIN_FAR, BLUSH = "#EDBE93", "#CF9F7A", "#E59A76"
CAP, CAP_DARK = "#8C3A34", "#6E2B2A"
SCARF, SCARF_DARK = "#D9583A", "#B9452C"
BRASS, GLASS, FLAME = "#E0A63A", "#F7D98B", "#FFF4CF"
WOOD, INK, HAIR = "#7B5637", "#2A2933", "#6B3F2A"

JOINTS = {
    "Head": (630, 487), "Cap": (626, 352), "Neck": (626, 606), "Trunk": (613, 946), "Hips": (610, 960),
    "Near upper arm": (532, 652), "Near forearm": (408, 792), "Near hand": (368, 952),
    "Far upper arm": (706, 650), "Far forearm": (790, 790), "Far hand": (890, 909),
    "Near thigh": (572, 985), "Near shin": (604, 1212), "Near foot": (560, 1430),
    "Far thigh": (652, 978), "Far shin": (704, 1196), "Far foot": (676, 1412),
    "Near coat tail": (576, 944), "Far coat tail": (676, 930),
    "Scarf tail": (587, 588), "Scarf end": (440, 640), "Scarf": (624, 600), "Lamp pole": (360, 985),
    "Eyes": (698, 400), "Mouth": (707, 510),
}  # fmt: skip


def pieces() -> list[Piece]:
    """All pieces, back to front."""
    return [
        *_far_arm(), *_far_leg(), *_scarf_behind(), *_hips(), *_near_leg(), *_body(), *_head(), *_near_arm(),
    ]  # fmt: skip


def _far_arm() -> list[Piece]:
    j = JOINTS
    hand = blob([(866, 884), (902, 876), (938, 908), (958, 948), (944, 972), (912, 966), (880, 950), (858, 918)])
    thumb = capsule((892, 912), (938, 902), 17, 12)
    return [
        Piece("Far hand", [Shape(hand.united(thumb), SKIN_FAR), Shape(line([(916, 940), (934, 954)]), "#B98963", 4)]),
        Piece("Far forearm", [
            Shape(capsule(j["Far forearm"], (884, 905), 43, 35), COAT_FAR),
            Shape(line([(856, 926), (906, 882)]), COAT_LIGHT, 15),
        ]),
        Piece("Far upper arm", [Shape(capsule(j["Far upper arm"], j["Far forearm"], 54, 44), COAT_FAR)]),
    ]  # fmt: skip


def _leg(side: str, colour: str, boot: str) -> list[Piece]:
    j = JOINTS
    hip, knee, ankle = j[f"{side} thigh"], j[f"{side} shin"], j[f"{side} foot"]
    x, y = ankle
    low = y + 70
    foot = blob([
        (x - 46, y - 30), (x, y - 48), (x + 44, y - 26), (x + 70, y + 2), (x + 122, y + 20), (x + 142, y + 50),
        (x + 128, low - 2), (x + 60, low), (x - 30, low), (x - 54, low - 8), (x - 56, y + 22),
    ])  # fmt: skip
    return [
        Piece(f"{side} foot", [
            Shape(foot, boot),
            Shape(polygon([(x - 70, low - 13), (x + 160, low - 13), (x + 160, low + 8), (x - 70, low + 8)]), SOLE),
            Shape(line([(x + 46, y + 6), (x + 62, y - 12)]), SOLE, 6),
            Shape(line([(x + 66, y + 14), (x + 82, y - 2)]), SOLE, 6),
        ]),
        Piece(f"{side} shin", [Shape(capsule(knee, ankle, 58, 42), colour)]),
        Piece(f"{side} thigh", [Shape(capsule(hip, knee, 78, 60), colour)]),
    ]  # fmt: skip


def _far_leg() -> list[Piece]:
    tail = blob([(632, 920), (722, 920), (776, 1010), (804, 1128), (752, 1150), (690, 1140), (646, 1050)])
    tail = tail.united(disc(JOINTS["Far coat tail"], 50))
    return [*_leg("Far", TROUSERS_FAR, BOOT_FAR), Piece("Far coat tail", [Shape(tail, COAT_FAR)])]


def _near_leg() -> list[Piece]:
    foot, shin, thigh = _leg("Near", TROUSERS, BOOT)
    patch = Shape(blob([(556, 1284), (612, 1276), (618, 1330), (566, 1340)]), "#8A6A8F")
    stitches = Shape(line([(566, 1292), (608, 1328)]), TROUSERS, 4)
    return [foot, shin._replace(shapes=[*shin.shapes, patch, stitches]), thigh]


def _scarf_behind() -> list[Piece]:
    tail = blob(
        [(586, 556), (540, 556), (478, 588), (420, 604), (404, 642), (424, 676), (480, 664), (548, 636), (600, 626)]
    )
    tail = tail.united(disc(JOINTS["Scarf tail"], 36))
    end = blob(
        [(470, 606), (416, 602), (356, 622), (284, 620), (268, 654), (300, 704), (372, 704), (436, 684), (474, 656)]
    )
    fringe = [Shape(line([(268 + 9 * i, 700), (276 + 3 * i, 640)]), SCARF, 4) for i in range(4)]
    bands = [Shape(line(points), BRASS, 12) for points in ([(336, 612), (350, 708)], [(492, 574), (508, 668)])]
    return [Piece("Scarf tail", [Shape(tail.united(end), SCARF_DARK), *bands, *fringe])]


def _hips() -> list[Piece]:
    hips = blob([(516, 900), (606, 886), (706, 898), (728, 962), (712, 1032), (616, 1056), (512, 1036), (496, 966)])
    return [Piece("Hips", [Shape(hips, "#4D3C5A")])]


def _body() -> list[Piece]:
    trunk = blob([
        (538, 606), (580, 574), (632, 562), (684, 576), (722, 610), (746, 700), (742, 800), (738, 900), (728, 990),
        (622, 1010), (508, 992), (496, 900), (498, 800), (504, 700),
    ])  # fmt: skip
    lapel = polygon([(640, 560), (700, 600), (684, 716), (654, 690)])
    front = Shape(line([(652, 580), (672, 760), (668, 1010)]), COAT_DARK, 6)
    buttons = [Shape(disc((695, y), 12), BRASS) for y in (716, 786, 856)]
    belt = [
        Shape(polygon([(480, 908), (760, 908), (760, 946), (480, 946)]), HAIR),
        Shape(polygon([(648, 902), (696, 902), (696, 952), (648, 952)]), BRASS),
        Shape(polygon([(660, 914), (684, 914), (684, 940), (660, 940)]), HAIR),
    ]
    pocket = [Shape(polygon([(540, 806), (612, 800), (614, 872), (544, 876)]), COAT_DARK),
              Shape(polygon([(536, 800), (616, 794), (617, 818), (537, 824)]), COAT_LIGHT)]  # fmt: skip
    tail = blob(
        [
            (506, 950),
            (576, 900),
            (646, 950),
            (650, 1010),
            (628, 1130),
            (560, 1176),
            (470, 1160),
            (446, 1140),
            (478, 1020),
        ]
    )
    tail = tail.united(disc(JOINTS["Near coat tail"], 70))
    neck = capsule((630, 486), (626, 606), 50, 60)
    scarf = blob([(536, 560), (560, 528), (632, 552), (706, 530), (728, 566), (704, 618), (632, 640), (558, 622)])
    folds = [
        Shape(line([(560, 566), (632, 592), (706, 566)]), SCARF_DARK, 7),
        Shape(line([(572, 604), (632, 622), (690, 604)]), BRASS, 10),
    ]
    return [
        Piece("Near coat tail", [
            Shape(tail, COAT), Shape(line([(440, 1136), (556, 1160), (650, 1108)]), BRASS, 9),
            Shape(line([(560, 960), (548, 1150)]), COAT_DARK, 5),
        ]),
        Piece("Neck", [Shape(neck, SKIN_FAR)]),
        Piece("Trunk", [Shape(trunk, COAT), Shape(lapel, COAT_LIGHT), front, *buttons, *pocket, *belt]),
        Piece("Scarf", [Shape(scarf, SCARF), *folds]),
    ]  # fmt: skip


def _head() -> list[Piece]:
    skull = blob([
        (540, 400), (560, 338), (632, 316), (706, 334), (742, 388), (744, 450), (728, 512), (684, 548), (628, 548),
        (572, 520), (544, 464),
    ])  # fmt: skip
    nose = blob([(728, 414), (776, 426), (796, 452), (776, 478), (730, 472)])
    ear = [Shape(disc((576, 448), 27, 34), SKIN), Shape(line([(568, 432), (586, 444), (572, 464)]), BLUSH, 6)]
    hair = blob([(528, 380), (560, 330), (606, 350), (604, 404), (574, 418), (560, 448), (556, 500), (532, 470)])
    cheek = Shape(disc((668, 474), 26, 20), BLUSH)
    head = Piece(
        "Head",
        [
            Shape(skull.united(nose), SKIN),
            cheek,
            Shape(line([(780, 470), (760, 482), (736, 478)]), BLUSH, 5),
            Shape(hair, HAIR),
            *ear,
        ],
    )
    eyes = disc((676, 416), 10, 15).united(disc((728, 412), 9, 14))
    glints = [Shape(disc((680, 410), 3.4), FLAME), Shape(disc((731, 406), 3.2), FLAME)]
    brows = capsule((658, 382), (690, 376), 5, 4).united(capsule((722, 374), (742, 380), 4, 4))
    mouth = blob([(676, 494), (704, 502), (738, 490), (730, 518), (706, 528), (684, 518)])
    teeth = Shape(blob([(682, 494), (706, 503), (733, 492), (728, 506), (706, 512), (686, 507)]), FLAME)
    crown = blob([(520, 372), (530, 296), (586, 250), (664, 250), (724, 290), (738, 350), (640, 362)])
    brim = blob([(640, 340), (736, 330), (806, 358), (822, 378), (740, 384), (640, 384), (534, 392), (530, 360)])
    cap = [
        Shape(crown.united(brim), CAP), Shape(brim, CAP_DARK), Shape(line([(624, 250), (632, 352)]), CAP_DARK, 5),
        Shape(disc((622, 256), 15), BRASS), Shape(disc((690, 322), 17), BRASS), Shape(disc((690, 322), 8), CAP_DARK),
    ]  # fmt: skip
    return [
        head,
        Piece("Mouth", [Shape(mouth, "#7A2F2B"), teeth]),
        Piece("Eyes", [Shape(eyes.united(brows), INK), *glints]),
        Piece("Cap", cap),
    ]


def _near_arm() -> list[Piece]:
    j = JOINTS
    palm = blob([(332, 930), (376, 920), (406, 944), (410, 992), (394, 1032), (352, 1036), (328, 1010), (320, 966)])
    thumb = capsule((388, 962), (344, 984), 17, 14)
    fingers = [Shape(line([(330, y), (372, y - 3)]), "#C98F66", 4) for y in (1004, 1020)]
    return [
        Piece("Near upper arm", [Shape(capsule(j["Near upper arm"], j["Near forearm"], 60, 48), COAT_LIGHT)]),
        _lamp_pole(),
        Piece("Near forearm", [
            Shape(capsule(j["Near forearm"], (368, 952), 47, 38), COAT_LIGHT),
            Shape(line([(322, 936), (414, 948)]), BRASS, 13),
        ]),
        Piece("Near hand", [Shape(palm.united(thumb), SKIN), Shape(line([(388, 978), (350, 996)]), "#C98F66", 4), *fingers]),
    ]  # fmt: skip


def _lamp_pole() -> Piece:
    pole = capsule((336, 300), (378, 1466), 12, 14)
    cage = polygon([(272, 150), (376, 146), (362, 296), (296, 298)])
    roof = polygon([(256, 158), (324, 92), (394, 152)])
    ring = disc((323, 92), 16)
    foot = polygon([(288, 288), (370, 286), (352, 330), (308, 332)])
    outline = pole.united(cage).united(roof).united(ring).united(foot)
    return Piece("Lamp pole", [
        Shape(outline, WOOD),
        Shape(cage, BRASS), Shape(polygon([(287, 164), (318, 163), (318, 284), (304, 284)]), GLASS),
        Shape(polygon([(330, 163), (361, 162), (350, 283), (330, 284)]), GLASS),
        Shape(blob([(324, 186), (346, 230), (342, 266), (324, 278), (304, 266), (302, 230)]), FLAME),
        Shape(blob([(324, 216), (336, 242), (324, 266), (312, 242)]), "#F2A33B"),
        Shape(roof, INK), Shape(foot, INK), Shape(line([(316, 92), (323, 84), (332, 92)]), INK, 9),
        Shape(polygon([(300, 1440), (440, 1436), (440, 1500), (300, 1500)]), INK),
        Shape(line([(343, 420), (360, 420)]), BRASS, 14), Shape(line([(340, 460), (362, 460)]), BRASS, 6),
    ])  # fmt: skip
