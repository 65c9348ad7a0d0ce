"""More drawings for the finished puppets: eyes, mouths, hands, ears, cups of which one shows, and Wick's far arm three times over.

They are added after the rig is done, as a rigger would who gets them late.
"""

import itertools
from collections.abc import Callable, Sequence
from typing import NamedTuple

from msgspec.structs import replace
from PySide6.QtGui import QPainterPath

from umbrite.demo import bramble, inkpot, tansy, wick
from umbrite.demo.paper import Piece, Shape, blob, capsule, cut, disc, grain, line
from umbrite.files.layers import layer_of
from umbrite.files.package import Package
from umbrite.files.png import fingerprint
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.resting import make_rest
from umbrite.rig.affine import inverse
from umbrite.rig.edits.controls import make_chooser
from umbrite.rig.edits.variants.branches import copy_as_variant, limb_of
from umbrite.rig.edits.variants.drawings import More, add_drawings
from umbrite.rig.edits.variants.sets import rename_variant, set_carries
from umbrite.rig.model import Drawing, Puppet
from umbrite.rig.placement import board_from_drawing


class Late(NamedTuple):
    """Drawings that come late: for which part, what the one that is there is called, and the others by names."""

    part: str
    first: str
    others: Sequence[tuple[str, Piece]]


def _wick() -> list[Late]:
    ink, skin, blush = wick.INK, wick.SKIN, "#C98F66"
    low_brows = capsule((658, 386), (690, 382), 5, 4).united(capsule((722, 380), (742, 384), 4, 4))
    high_brows = capsule((656, 366), (690, 358), 5, 4).united(capsule((720, 358), (744, 366), 4, 4))
    half = disc((676, 420), 11, 7).united(disc((728, 416), 10, 6))
    lids = blob([(662, 414), (676, 424), (692, 414), (676, 430)]).united(
        blob([(716, 410), (728, 420), (742, 410), (728, 426)])
    )
    wide = disc((676, 416), 14, 20).united(disc((728, 412), 13, 19))
    glints = [Shape(disc((681, 407), 4.6), wick.FLAME), Shape(disc((732, 403), 4.4), wick.FLAME)]
    dark, teeth = "#7A2F2B", wick.FLAME
    palm = blob([(334, 930), (376, 920), (404, 944), (408, 992), (392, 1024), (352, 1028), (330, 1006), (322, 966)])
    fingers = [capsule((340 + 17 * i, 1008), (322 + 22 * i, 1074 - 4 * abs(i - 1.5)), 10, 8) for i in range(4)]
    thumb = capsule((394, 962), (436, 996), 13, 10)
    opened = palm.united(thumb)
    for finger in fingers:
        opened = opened.united(finger)
    fist = palm.united(capsule((388, 962), (344, 984), 17, 14)).united(capsule((352, 1016), (338, 1096), 12, 9))
    return [
        Late("Eyes", "Open", (
            ("Half", Piece("Eyes half", [Shape(half.united(low_brows), ink)])),
            ("Closed", Piece("Eyes closed", [Shape(lids.united(low_brows), ink)])),
            ("Wide", Piece("Eyes wide", [Shape(wide.united(high_brows), ink), *glints])),
        )),
        Late("Mouth", "Smile", (
            ("Closed", Piece("Mouth closed", [Shape(blob([(678, 504), (706, 510), (734, 500), (706, 518)]), dark)])),
            ("Ah", Piece("Mouth ah", [Shape(blob([(682, 490), (708, 486), (734, 490), (730, 532), (706, 546), (686, 532)]), dark), Shape(blob([(688, 490), (708, 487), (728, 490), (708, 500)]), teeth)])),
            ("Oh", Piece("Mouth oh", [Shape(disc((708, 512), 15, 20), dark)])),
            ("Ee", Piece("Mouth ee", [Shape(blob([(672, 498), (706, 500), (742, 492), (736, 514), (706, 520), (678, 516)]), dark), Shape(blob([(680, 500), (706, 503), (734, 496), (728, 511), (706, 515), (686, 512)]), teeth)])),
        )),
        Late("Near hand", "Holding", (
            ("Open", Piece("Near hand open", [Shape(opened, skin), Shape(line([(346, 990), (376, 996), (398, 986)]), blush, 4)])),
            ("Pointing", Piece("Near hand pointing", [Shape(fist, skin), Shape(line([(370, 1004), (396, 1000)]), blush, 4), Shape(line([(388, 978), (356, 994)]), blush, 4)])),
        )),
    ]  # fmt: skip


def _bramble() -> list[Late]:
    lid, ink = bramble.COAT_LIGHT, bramble.INK
    x, y = bramble.JOINTS["Eye"]
    closed = blob([(x - 18, y), (x, y + 10), (x + 18, y), (x, y + 17)])
    ear = bramble.JOINTS["Near ear"]
    raised = capsule(ear, (ear[0] - 70, ear[1] - 96), 25, 15)
    back = capsule(ear, (ear[0] - 118, ear[1] + 4), 25, 13)
    return [
        Late("Eye", "Open", (
            ("Half", Piece("Eye half", [Shape(disc((x, y), 17, 20), lid), Shape(disc((x + 2, y + 9), 9, 7), ink)])),
            ("Closed", Piece("Eye closed", [Shape(closed, ink)])),
        )),
        Late("Near ear", "Hanging", (
            ("Pricked", Piece("Near ear pricked", [Shape(raised, lid), Shape(capsule((ear[0] - 36, ear[1] - 50), (ear[0] - 66, ear[1] - 90), 10, 6), bramble.PINK)])),
            ("Back", Piece("Near ear back", [Shape(back, lid), Shape(capsule((ear[0] - 60, ear[1] + 2), (ear[0] - 108, ear[1] + 4), 9, 5), bramble.PINK)])),
        )),
    ]  # fmt: skip


def _inkpot() -> list[Late]:
    bridge = capsule((650, 512), (782, 512), 12, 12)
    whites = disc((650, 512), 50, 58).united(disc((782, 512), 50, 58)).united(bridge)
    lids = [Shape(disc((x, 482), 56, 44), inkpot.SKIN) for x in (650, 782)]
    pupils = [Shape(disc((x, 536), 24, 24), inkpot.INK) for x in (662, 794)]
    closed = [
        Shape(line([(604, 516), (650, 540), (696, 516)]), inkpot.INK, 8),
        Shape(line([(736, 516), (782, 540), (828, 516)]), inkpot.INK, 8),
    ]
    mouth, paper = "#4A2F45", inkpot.PAPER
    x, y = inkpot.JOINTS["Cup"]
    (cup,) = [piece for piece in inkpot.pieces() if piece.name == "Cup"]
    steam = QPainterPath()
    for dx in (-26, 18):
        way = [(x + dx, y - 136), (x + dx - 9, y - 158), (x + dx + 7, y - 178), (x + dx - 3, y - 200)]
        for one, other in itertools.pairwise(way):
            steam = steam.united(capsule(one, other, 5, 4))
    return [
        Late("Eyes", "Open", (
            ("Half", Piece("Eyes half", [Shape(whites, paper), *pupils, *lids])),
            ("Closed", Piece("Eyes closed", [Shape(whites, inkpot.SKIN), *closed])),
        )),
        Late("Mouth", "Smile", (
            ("Oh", Piece("Mouth oh", [Shape(disc((716, 616), 22, 26), mouth)])),
            ("Flat", Piece("Mouth flat", [Shape(capsule((686, 612), (748, 608), 7, 6), mouth)])),
        )),
        Late("Cup", "Full", (
            ("Empty", Piece("Cup empty", [*cup.shapes[:1], Shape(disc((x, y - 120), 52, 9), inkpot.CUP), Shape(line([(x - 50, y - 117), (x, y - 110), (x + 50, y - 117)]), "#B9A98C", 5), cup.shapes[2]])),
            ("Steaming", Piece("Cup steaming", [replace_first(cup, steam), *cup.shapes[1:]])),
        )),
    ]  # fmt: skip


def _tansy() -> list[Late]:
    return [Late("Head", "Closed", (("Ajar", tansy.open_head(0.1)), ("Open", tansy.open_head(0.24))))]


def replace_first(piece: Piece, more: QPainterPath) -> Shape:
    """The first shape of a piece, which is what all others stay on, with something more."""
    first = piece.shapes[0]
    return first._replace(path=first.path.united(more))


LATE: dict[str, Callable[[], list[Late]]] = {"Wick": _wick, "Bramble": _bramble, "Inkpot": _inkpot, "Tansy": _tansy}


def with_more_drawings(package: Package) -> Package:
    """A finished puppet with its late drawings, each set with a chooser; Wick with his far arm hanging, bent and raised."""
    puppet, art = package.puppet, dict(package.art)
    sheet = grain(puppet.width, puppet.height)
    for late in LATE.get(puppet.name, list)():
        key = next(key for key, part in puppet.parts.items() if part.name == late.part)
        more = []
        for name, piece in late.others:
            layer = layer_of(piece.name, cut(piece, puppet.width, puppet.height, sheet))
            assert layer is not None
            drawing = Drawing(fingerprint(layer.png), layer.width, layer.height)
            art[drawing.sha256] = layer.png
            corner = inverse(board_from_drawing(puppet.parts[key].placement))(complex(layer.x, layer.y))
            more.append(More(name, drawing, complex(corner)))
        puppet, one, _ = add_drawings(puppet, key, more)
        puppet = rename_variant(puppet, one, 1, late.first)
        puppet, _ = make_chooser(puppet, one)
    if puppet.name == "Wick":
        puppet = _with_arms(puppet)
    return Package(package.having(puppet).document, art)


ARMS = {"Bent": (0.15, -1.35), "Raised": (-1.9, -0.5)}


def _with_arms(puppet: Puppet) -> Puppet:
    """The far arm twice more, bent and raised where it lies at rest, each with its own limb; the hand's place is taken over."""
    top = next(key for key, joint in puppet.joints.items() if joint.name == "Far upper arm")
    for name, turns in ARMS.items():
        puppet, one, number = copy_as_variant(puppet, top, name)
        variant = next(each for each in puppet.sets[one].variants if each.number == number)
        limb = limb_of(puppet, variant)
        assert limb is not None
        key = next(key for key, each in puppet.limbs.items() if each is limb)
        pose = {f"{key}.blend": 1.0}
        pose |= {f"{joint}.turn": turn for joint, turn in zip(limb.joints, turns, strict=True)}
        kept = puppet  # no pose and no link knows of this arm
        puppet = make_rest(evaluate(compile_plan(puppet), pose))[0]
        puppet = replace(puppet, poses=kept.poses, links=kept.links)
        puppet = rename_variant(puppet, one, number, name)
    puppet = rename_variant(puppet, one, 1, "Hanging")
    puppet = replace(puppet, sets={**puppet.sets, one: replace(puppet.sets[one], name="Far arm")})
    return make_chooser(set_carries(puppet, one, on=True), one)[0]
