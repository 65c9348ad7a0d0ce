"""Clover, Wick's sister, who trims the lamps of Lantern Quay: shorter, broader, a plait and a basket. She faces right as he does.

Her pieces are called as his are, as far as she has them; she has no lamp pole and no coat tails, but a skirt and a plait.
"""

from umbrite.demo.paper import XY, Piece, Shape, blob, capsule, disc, line, polygon

WIDTH, HEIGHT = 1000, 1320
GROUND = 1270

DRESS, DRESS_LIGHT, DRESS_DARK, DRESS_FAR = "#B5763A", "#C98B4B", "#8E5A2B", "#87562C"
STOCKING, STOCKING_FAR, SHOE, SHOE_FAR, SOLE = "#4A6B57", "#39553F", "#5B2B28", "#472120", "#8A6242"
SKIN, SKIN_FAR, BLUSH, HAIR, INK = "#EDBE93", "#CF9F7A", "#E59A76", "#6B3F2A", "#2A2933"
CAP, CAP_DARK, SCARF, SCARF_DARK, BRASS, FLAME, APRON = (
    "#3F5E7A",
    "#2F4860",
    "#E0A63A",
    "#B98326",
    "#E0A63A",
    "#FFF4CF",
    "#EFE4CC",
)

J: dict[str, XY] = {
    "Head": (520, 470), "Neck": (516, 560), "Trunk": (506, 806), "Near upper arm": (434, 610), "Near forearm": (356, 724),
    "Near hand": (330, 850), "Far upper arm": (588, 606), "Far forearm": (668, 716), "Far hand": (760, 812), "Near thigh": (474, 850),
    "Near shin": (486, 1024), "Near foot": (462, 1208), "Far thigh": (546, 844), "Far shin": (572, 1014), "Far foot": (560, 1194),
    "Scarf": (512, 556), "Scarf tail": (478, 560), "Cap": (514, 336), "Eyes": (580, 404), "Mouth": (590, 492), "Plait": (430, 430),
}  # fmt: skip


def pieces() -> list[Piece]:
    """All pieces, back to front."""
    return [
        *_arm("Far", DRESS_FAR, SKIN_FAR), *_leg("Far", STOCKING_FAR, SHOE_FAR), _plait(), _scarf_tail(), _hips(), *_leg("Near", STOCKING, SHOE),
        *_body(), *_head(), *_arm("Near", DRESS_LIGHT, SKIN),
    ]  # fmt: skip


def _arm(side: str, colour: str, skin: str) -> list[Piece]:
    shoulder, elbow, wrist = J[f"{side} upper arm"], J[f"{side} forearm"], J[f"{side} hand"]
    x, y = wrist
    ahead = 1 if side == "Far" else -1
    palm = blob(
        [
            (x - 34, y - 20),
            (x + 8, y - 34),
            (x + 36, y - 6),
            (x + 34, y + 44),
            (x + 4, y + 66),
            (x - 32, y + 46),
            (x - 42, y + 10),
        ]
    )
    thumb = capsule((x + 6 * ahead, y + 2), (x + 44 * ahead, y + 34), 15, 11)
    cuff = Shape(line([(x - 50, y - 34), (x + 50, y - 24)]), BRASS, 12)
    return [
        Piece(f"{side} upper arm", [Shape(capsule(shoulder, elbow, 52, 41), colour)]),
        Piece(f"{side} forearm", [Shape(capsule(elbow, wrist, 41, 32), colour), cuff]),
        Piece(f"{side} hand", [Shape(palm.united(thumb), skin), Shape(line([(x - 20, y + 30), (x + 18, y + 32)]), BLUSH, 4)]),
    ]  # fmt: skip


def _leg(side: str, colour: str, shoe: str) -> list[Piece]:
    hip, knee, ankle = J[f"{side} thigh"], J[f"{side} shin"], J[f"{side} foot"]
    x, y = ankle
    low = y + 58
    foot = blob([
        (x - 40, y - 22), (x, y - 40), (x + 38, y - 22), (x + 62, y + 8), (x + 108, y + 22), (x + 120, y + 44), (x + 106, low - 2),
        (x + 40, low), (x - 26, low), (x - 46, low - 8), (x - 48, y + 18),
    ])  # fmt: skip
    sole = polygon([(x - 60, low - 11), (x + 140, low - 11), (x + 140, low + 8), (x - 60, low + 8)])
    bow = Shape(line([(x + 30, y - 6), (x + 50, y + 6), (x + 66, y - 8)]), BRASS, 6)
    return [
        Piece(f"{side} foot", [Shape(foot, shoe), Shape(sole, SOLE), bow]),
        Piece(f"{side} shin", [Shape(capsule(knee, ankle, 47, 34), colour), *(Shape(line([(x - 80, y - 140 + 44 * i), (x + 90, y - 130 + 44 * i)]), APRON, 7) for i in range(3))]),
        Piece(f"{side} thigh", [Shape(capsule(hip, knee, 66, 49), colour)]),
    ]  # fmt: skip


def _plait() -> Piece:
    plait, knots = disc((430, 440), 40), []
    for i, (x, y, r) in enumerate([(404, 486, 38), (384, 540, 35), (372, 596, 31), (368, 648, 26)]):
        plait = plait.united(disc((x, y), r, r + 6))
        knots.append(Shape(line([(x - r, y - 20), (x, y - 6 + i), (x + r, y - 24)]), "#4F2D1D", 5))
    plait = plait.united(blob([(354, 664), (382, 662), (392, 716), (366, 738), (344, 712)]))
    return Piece("Plait", [Shape(plait, HAIR), *knots, Shape(line([(346, 668), (392, 666)]), SCARF, 14)])


def _scarf_tail() -> Piece:
    tail = blob(
        [(486, 532), (436, 536), (376, 566), (306, 578), (286, 612), (316, 650), (384, 640), (448, 612), (494, 592)]
    )
    return Piece(
        "Scarf tail",
        [Shape(tail.united(disc(J["Scarf tail"], 30)), SCARF_DARK), Shape(line([(336, 566), (350, 648)]), CAP, 10)],
    )


def _hips() -> Piece:
    return Piece(
        "Hips",
        [
            Shape(
                blob([(424, 790), (506, 780), (590, 790), (612, 850), (596, 908), (508, 926), (418, 908), (404, 850)]),
                STOCKING,
            )
        ],
    )


def _body() -> list[Piece]:
    trunk = blob([
        (440, 560), (478, 534), (520, 524), (566, 536), (604, 566), (624, 650), (618, 740), (640, 830), (676, 930),
        (600, 972), (508, 984), (412, 974), (336, 936), (378, 830), (402, 740), (404, 650),
    ])  # fmt: skip
    apron = blob([(470, 700), (560, 694), (590, 790), (610, 900), (540, 930), (466, 926), (440, 890), (456, 790)])
    pocket = polygon([(490, 820), (570, 816), (566, 868), (496, 872)])
    neck = capsule((520, 470), (516, 560), 42, 50)
    scarf = blob([(434, 528), (456, 500), (520, 520), (584, 500), (606, 532), (584, 578), (520, 598), (454, 580)])
    return [
        Piece("Neck", [Shape(neck, SKIN_FAR)]),
        Piece("Trunk", [
            Shape(trunk, DRESS), Shape(apron, APRON), Shape(pocket, "#DCCBA6"), Shape(line([(396, 716), (512, 736), (630, 712)]), DRESS_DARK, 12),
            Shape(line([(340, 926), (508, 962), (672, 922)]), DRESS_DARK, 9),
        ]),
        Piece("Scarf", [Shape(scarf, SCARF), Shape(line([(456, 536), (520, 560), (584, 536)]), SCARF_DARK, 6)]),
    ]  # fmt: skip


def _head() -> list[Piece]:
    skull = blob([
        (420, 380), (444, 316), (514, 292), (586, 310), (624, 366), (628, 430), (612, 490), (568, 526), (512, 528), (456, 502), (428, 446),
    ])  # fmt: skip
    nose = blob([(612, 400), (644, 412), (656, 434), (642, 454), (612, 448)])
    hair = blob([(408, 372), (440, 310), (496, 322), (490, 388), (456, 404), (446, 444), (450, 486), (424, 470)])
    head = Piece("Head", [
        Shape(skull.united(nose), SKIN), Shape(disc((556, 458), 25, 19), BLUSH), Shape(hair, HAIR), Shape(disc((462, 436), 24, 30), SKIN),
        Shape(line([(456, 422), (472, 434), (460, 450)]), BLUSH, 5), *(Shape(disc((572 + 12 * i, 436 + 5 * (i % 2)), 3), "#C98F66") for i in range(3)),
    ])  # fmt: skip
    eyes = disc((562, 402), 10, 15).united(disc((612, 398), 9, 14))
    brows = capsule((546, 372), (574, 364), 5, 4).united(capsule((602, 362), (624, 368), 4, 4))
    lashes = capsule((552, 392), (540, 384), 3, 2).united(capsule((556, 388), (546, 378), 3, 2))
    crown = blob([(402, 366), (410, 292), (464, 246), (540, 244), (604, 284), (620, 346), (520, 352)])
    brim = blob([(500, 330), (600, 322), (664, 344), (680, 364), (600, 372), (500, 368), (412, 374), (408, 350)])
    return [
        head,
        Piece("Mouth", [Shape(blob([(560, 474), (586, 482), (616, 468), (610, 496), (588, 506), (568, 496)]), "#7A2F2B"), Shape(blob([(566, 475), (587, 483), (611, 470), (606, 484), (587, 490), (571, 485)]), FLAME)]),
        Piece("Eyes", [Shape(eyes.united(brows).united(lashes), INK), Shape(disc((566, 396), 3.4), FLAME), Shape(disc((615, 392), 3.2), FLAME)]),
        Piece("Cap", [Shape(crown.united(brim), CAP), Shape(brim, CAP_DARK), Shape(disc((562, 306), 16), BRASS), Shape(disc((562, 306), 7), CAP_DARK)]),
    ]  # fmt: skip
