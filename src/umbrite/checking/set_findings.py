"""What the checks notice about variant sets, without moving anything."""

from collections import Counter
from collections.abc import Iterator

import numpy as np

from umbrite.checking.finding_codes import Finding, finding
from umbrite.motion.driving.curves import curve_at, curve_of
from umbrite.rig.edits.variants.branches import first_part, limb_of
from umbrite.rig.model import Puppet, VariantSet


def set_findings(puppet: Puppet) -> Iterator[Finding]:
    """All findings about all sets; each is about a part or joint that can be picked."""
    for key, one in puppet.sets.items():
        where = next((first_part(puppet, variant) for variant in one.variants if first_part(puppet, variant)), None)
        if where is None:
            continue
        if len(one.variants) < 2:
            yield finding("set-small", where, name=one.name)
        yield from _never(puppet, key, one)
        yield from _twins(puppet, one)
        yield from _elsewhere(puppet, one)
        yield from _apart(puppet, one)
        yield from _unlimbed(puppet, one)


def _never(puppet: Puppet, key: str, one: VariantSet) -> Iterator[Finding]:
    """Variants that a link's curve never comes to, where nothing else chooses."""
    links = [link for link in puppet.links.values() if link.drives == f"{key}.shows"]
    if not links or any(control.chooses == key for control in puppet.controls.values()):
        return
    numbers = [variant.number for variant in one.variants]
    seen = {numbers.index(one.rest)}
    for link in links:
        ends = [point.x for point in link.points]
        values = np.round(curve_at(curve_of(link), np.linspace(min(ends), max(ends), 400))).astype(int)
        seen |= {min(max(numbers.index(one.rest) + int(by), 0), len(numbers) - 1) for by in values}
    for place, variant in enumerate(one.variants):
        part = first_part(puppet, variant)
        if place not in seen and part is not None:
            yield finding("variant-never", part, name=variant.name, set=one.name)


def _twins(puppet: Puppet, one: VariantSet) -> Iterator[Finding]:
    """Variants that show the very same drawing in the same place."""
    known: dict[object, str] = {}
    for variant in one.variants:
        if len(variant.parts) == 1 and not variant.joints:
            part = puppet.parts[variant.parts[0]]
            other = known.setdefault((part.drawing.sha256, part.placement, part.joint, part.trims), variant.name)
            if other != variant.name:
                yield finding("variant-twin", variant.parts[0], name=variant.name, twin=other, set=one.name)


def _elsewhere(puppet: Puppet, one: VariantSet) -> Iterator[Finding]:
    """Parts that ride on something else than most of their set."""
    joints = Counter(puppet.parts[part].joint for variant in one.variants for part in variant.parts)
    if len(joints) < 2:
        return
    usual = joints.most_common(1)[0][0]
    for variant in one.variants:
        for part in variant.parts:
            if (joint := puppet.parts[part].joint) != usual:
                names = puppet.joints[joint].name, puppet.joints[usual].name
                yield finding(
                    "variant-elsewhere",
                    part,
                    name=puppet.parts[part].name,
                    rides=names[0],
                    usual=names[1],
                    set=one.name,
                )


def _apart(puppet: Puppet, one: VariantSet) -> Iterator[Finding]:
    """Drawings of a set between which something else lies in the draw order."""
    own = [part for variant in one.variants for part in variant.parts]
    places = sorted(puppet.order.index(part) for part in own)
    if len(places) < 2 or places[-1] - places[0] == len(places) - 1:
        return
    between = next(part for part in puppet.order[places[0] : places[-1]] if part not in own)
    hindmost = puppet.order[places[0]]
    yield finding(
        "variant-depth", hindmost, name=puppet.parts[hindmost].name, other=puppet.parts[between].name, set=one.name
    )


def _unlimbed(puppet: Puppet, one: VariantSet) -> Iterator[Finding]:
    """Branches without a limb, where others of the set have one."""
    limbs = [limb_of(puppet, variant) for variant in one.variants]
    if any(limbs) and not all(limbs):
        for variant, limb in zip(one.variants, limbs, strict=True):
            if limb is None and variant.joints:
                yield finding("variant-unlimbed", variant.joints[0], name=variant.name, set=one.name)
