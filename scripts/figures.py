"""How right things are, on generated cases that nothing was tuned on: Find joints, Find limits, long limbs. Run by `make bench`."""

import math
import sys
from collections.abc import Callable, Iterator
from pathlib import Path

import numpy as np
from msgspec.structs import replace

sys.path.insert(0, str(Path(__file__).parent.parent / "tests"))

from art.characters import LOOSE_STYLES, STYLES, character
from art.test_body_plans import built, built_figures
from art.test_body_plans import figures as places
from art.test_characters import figures
from art.test_small_limits import off
from demo_puppet import ASSETS
from motion.test_long_limb_paths import drawn, path, pops
from umbrite.art.building.transfer import lay_rig
from umbrite.files.package import load
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.picture_kept import Rest, how_far
from umbrite.motion.rest_changes.takes_kept import kept_document
from umbrite.rig.change import change
from umbrite.rig.document import Document
from umbrite.rig.edits.limbs import remove_limb, set_bend_side, set_end_hold
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.parenting import carry_together, set_parent
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Key, Take
from umbrite.rig.words.names import swapped


def joints() -> None:
    """Whole characters of eight shapes, by style of names."""
    print("Find joints: right parents; of those called sure (above 0.8); pivots off, in widths of the narrower piece")
    for style in STYLES:
        found = figures(range(300, 303), style)
        print(f"  {style:<10}{found.right:>8.1%}{found.sure:>8.1%}   median {found.median:.3f}, p90 {found.most:.3f}")


def plans() -> None:
    """Wild characters (limbs flung about, mirrored, pieces missing and too many) on body plans, by style of names."""
    print("Build by plan: the right plan; pieces on their right places; of those called sure (above 0.8)")
    for style in STYLES:
        found = places(range(600, 604), style)
        print(f"  {style:<10}{found.plans:>8.1%}{found.places:>8.1%}{found.sure:>8.1%}")


def builds() -> None:
    """Bodies that were drawn after the plans, whole and built, by style of names."""
    print(
        "Build bodies drawn later: right plans; places; parents; limbs; of places called sure (above 0.8); pivots p90, in widths"
    )
    for style, soft in (
        *((one, 0.0) for one in ("plain", *LOOSE_STYLES, "german", "neutral", "default")),
        ("plain", 2.0),
    ):
        found = built_figures(range(700, 704), style, soft=soft)
        shares = "".join(f"{each:>8.1%}" for each in found[:5])
        print(f"  {style + (', soft' if soft else ''):<12}{shares}   {found.pivots:.3f}")


def transfers() -> None:
    """Rigs of named figures laid on the unnamed art of others seen from the front, as they stand and mirrored."""
    bodies = ("biped", "stout", "long", "raised", "child", "robed")
    print("Lay a rig on unnamed front views: pieces in their right places; pairs that are right throughout")
    for mirrored in (False, True):
        right: list[float] = []
        for seed in range(710, 713):
            for i, body in enumerate(bodies):
                one = character(seed, body, "plain")
                other = character(seed + 9, bodies[(i + seed) % 6], "default", mirrored=mirrored)
                laid = lay_rig(Document(built(one)[1].puppet), one.pictures, other.puppet, other.pictures)
                there = {key: other.pieces[at] for key, at in laid.pairs.items()}
                right.append(
                    np.mean([one.pieces[key] == (swapped(at) if mirrored else at) for key, at in there.items()])
                )
        whole = sum(share == 1 for share in right)
        print(f"  {'mirrored' if mirrored else 'as drawn':<10}{np.mean(right):>8.1%}   {whole} of {len(right)}")


def carried() -> None:
    """Takes of demos and of figures drawn later, their keys at random, under edits of the rest that move no art."""
    print(
        "Takes under edits of the rest: whole takes that look as before within 0.1 px; looks of the others that do; keys a take"
    )
    kinds: dict[str, list[tuple[bool, float, int, int]]] = {}
    for document in _animated():
        before = document.puppet
        rng = np.random.default_rng(len(before.joints))
        for kind, edit in REST_EDITS.items():
            for _ in range(3):
                try:
                    puppet = edit(before, rng)
                except RigError:
                    continue
                kept = kept_document(document, replace(document, puppet=puppet)).document
                rest = Rest(compile_plan(before), compile_plan(puppet))
                for one, other in zip(document.takes, kept.takes, strict=True):
                    frames = np.arange(one.first, one.last + 0.25, 0.5)
                    far = how_far(placed_over(one, before, frames), placed_over(other, puppet, frames), rest)
                    counts = [sum(map(len, take.tracks.values())) for take in (one, other)]
                    kinds.setdefault(kind, []).append((bool((far <= 0.1).all()), float((far <= 0.1).mean()), *counts))
    for kind, found in kinds.items():
        whole, looks, keys, more = np.mean(np.array(found, dtype=float), axis=0)
        print(f"  {kind:<24}{whole:>8.1%} of {len(found):<5}{looks:>8.1%}   {keys:.0f} to {more:.0f} keys")


def _animated() -> Iterator[Document]:
    """Demos with their takes, and built figures with takes whose keys are random."""
    for name in ("bramble", "inkpot", "tansy", "clover"):
        yield load(ASSETS / f"{name}.umbrite").document
    for seed, body in ((720, "biped"), (721, "robed"), (722, "stout"), (723, "quadruped")):
        puppet = built(character(seed, body, "plain"))[1].puppet
        rng = np.random.default_rng(seed)
        sizes = {f"{limb.target}.{what}": 40.0 for limb in puppet.limbs.values() for what in "xy"}
        sizes |= {f"{key}.turn": 0.5 for key in list(puppet.joints)[:6]}
        tracks = {
            name: tuple(Key(float(at), float(rng.uniform(-size, size))) for at in (0, 9, 16, 24))
            for name, size in sizes.items()
        }
        yield Document(puppet, takes=(Take("Take", last=24, tracks=tracks),))


def _some(puppet: Puppet, rng: np.random.Generator) -> str:
    return str(rng.choice(list(puppet.joints)))


def _limb(puppet: Puppet, rng: np.random.Generator) -> str:
    return str(rng.choice(list(puppet.limbs)))


def _nudged(puppet: Puppet, rng: np.random.Generator) -> Puppet:
    key = _some(puppet, rng)
    return move_pivot(puppet, key, puppet.joints[key].pivot.z + complex(*rng.uniform(-9, 9, 2)))


REST_EDITS: dict[str, Callable[[Puppet, np.random.Generator], Puppet]] = {
    "a pivot moved": _nudged,
    "hung from elsewhere": lambda p, rng: set_parent(p, [_some(p, rng)], _some(p, rng)),
    "a carrier put between": lambda p, rng: carry_together(p, [_some(p, rng)], "Between", 300 + 300j)[0],
    "a limb off": lambda p, rng: change(p, _limb(p, rng), enabled=False),
    "a limb removed": lambda p, rng: remove_limb(p, _limb(p, rng)),
    "another end hold": lambda p, rng: set_end_hold(p, _limb(p, rng), ("limb", "target", "toe")[int(rng.integers(3))]),
    "the other bend side": lambda p, rng: set_bend_side(p, (key := _limb(p, rng)), -p.limbs[key].bend),
    "a limit": lambda p, rng: set_limit(p, _some(p, rng), -0.3, 0.3),
}


def limits() -> None:
    """Two bars from 20 to 800 px wide at any rotation, whose gap is known."""
    errors = np.abs([error for seed in range(700, 780) for error in off(seed)])
    print(f"Find limits: {np.mean(errors <= 1):.1%} within 1 degree, worst {errors.max():.2f} degrees")


def long_limbs() -> None:
    """Steps of a smooth path, in and out of reach, at which a joint goes more than five times as far and 2 px."""
    print("Long limbs: steps with a pop; of so many; the longest way of a joint in one step of 1.25 px")
    for count, limit, degrees, nearest in (
        (5, None, 180, 0.15), (8, None, 180, 0.15), (5, 1.2, 60, 0.55), (5, 1.2, 180, 0.0), (8, 1.2, 75, 0.4), (8, 1.2, 180, 0.0),
    ):  # fmt: skip
        random = np.random.default_rng(9000 + count)
        bad, steps, longest = 0, 0, 0.0
        for _ in range(20):
            puppet = drawn(random, count, limit)
            some, looked, worst = pops(puppet, path(random, puppet, 600, 1.2), math.radians(degrees), nearest)
            bad, steps, longest = bad + some, steps + looked, max(longest, worst)
        where = f"within {degrees} degrees, beyond {nearest:.0%} of the length"
        print(f"  {count} joints, limit {limit or 'none'}, {where}: {bad} of {steps}, {longest:.1f} px")


if __name__ == "__main__":
    joints()
    plans()
    builds()
    transfers()
    carried()
    limits()
    long_limbs()
