"""What is made of the demos themselves: Wick pushing the tea cart, Clover with Wick's rig, and the branches of the library."""

from collections.abc import Mapping
from pathlib import Path

from msgspec.structs import replace

from umbrite.art.building.transfer import lay_rig
from umbrite.demo import tea_cart, wick
from umbrite.files.native.kept_beside import art_named
from umbrite.files.package import Package, load, part_of, save
from umbrite.paint.render import close_png, preview_png
from umbrite.rig.change import change
from umbrite.rig.document import Document
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import reorder
from umbrite.rig.family import parts_on
from umbrite.rig.merging.branch_alone import branch_alone
from umbrite.rig.merging.guest_edits import add_guest, set_spread
from umbrite.rig.model import Puppet
from umbrite.rig.takes.keys import ease_all, put_keys
from umbrite.rig.takes.take import Steps, Take

CANVAS = 2900, 1620  # wide enough for the way
STEPS = Steps(stride=0.4, cycle=26, lift=0.12, bob=0.02, lean=0.03, arms=0.0, way="following")
# What goes into the library: the demo, the joint from which on, and what it is called there.
BRANCHES = (
    ("wick", "Head", "Lamplighter's head"), ("wick", "Near upper arm", "Arm with a lamp"), ("bramble", "Tail", "Goat's tail"),
    ("inkpot", "Second arm 1", "Tentacle"), ("tansy", "Near wing", "Heron's wing"), ("tea-cart", "Kettle", "Kettle"),
)  # fmt: skip


def by_name(puppet: Puppet, name: str) -> str:
    """The id of the joint with this name."""
    return next(key for key, joint in puppet.joints.items() if joint.name == name)


def wick_and_cart(host: Package, cart: Package) -> Package:
    """Wick behind the tea cart, a hand on its handle: the cart rolls along with him, and its wheels turn by the way."""
    document = Document(replace(host.puppet, name="Wick and the cart", width=CANVAS[0], height=CANVAS[1]))
    joint = host.puppet.joints[by_name(host.puppet, "Far hand")].pivot.z
    at = joint + (24 + 14j) - complex(*tea_cart.GRIP)
    at = complex(round(at.real), wick.GROUND - tea_cart.GROUND)
    document, key = add_guest(document, cart.document, "tea-cart.umbrite", at, onto=by_name(host.puppet, "Master"))
    puppet = set_spread(document.puppet, key, spread=True)
    puppet = change(puppet, puppet.guests[key].root, catches=True)
    ids = puppet.guests[key].ids
    handle = ids[by_name(cart.puppet, "Handle")]
    # The handle lies in the far hand; all else of the cart is in front of it.
    puppet = reorder(puppet, parts_on(puppet, handle), 0)
    puppet = set_parent(puppet, [by_name(puppet, "Far arm target")], handle)
    push = Take("Push", last=96, walking=STEPS)
    master = by_name(puppet, "Master")
    push = put_keys(push, 0, {f"{master}.x": 0.0})
    push = ease_all(put_keys(push, 96, {f"{master}.x": 860.0}), 0.25)
    document = replace(document, puppet=puppet, takes=(push,))
    return Package(document, {**host.art, **cart.art})


def clover(rig: Package, art: Package) -> Package:
    """Clover: her own drawings, her brother's rig laid on them."""
    laid = lay_rig(rig.document, rig.pixels(), art.puppet, art.pixels())
    document = replace(laid.document, puppet=replace(laid.document.puppet, name="Clover"))
    return Package(document, art_named(document, {**rig.art, **art.art}))


def library(folder: Path, demos: Mapping[str, Package]) -> None:
    """Write the branches that ship with the program, each with its picture."""
    folder.mkdir(parents=True, exist_ok=True)
    for stem, joint, name in BRANCHES:
        package = demos[stem]
        alone = branch_alone(package.document, [by_name(package.puppet, joint)], name)
        one = part_of(package, replace(alone, takes=()))
        save(folder / f"{name}.umbrite", one, close_png(one))


def write(folder: Path) -> None:
    """All of it beside the demos, which are there already."""
    demos = {stem: load(folder / f"{stem}.umbrite") for stem in ("wick", "bramble", "inkpot", "tansy", "tea-cart")}
    library(folder / "library", demos)
    scene = wick_and_cart(demos["wick"], demos["tea-cart"])
    save(folder / "wick-and-cart.umbrite", scene, preview_png(scene))
