"""Which parts lie under a bone: what the art tells about binding."""

from collections.abc import Iterable, Mapping

import numpy as np

from umbrite.art.masks import INSIDE
from umbrite.art.pictures import Picture
from umbrite.rig.affine import inverse
from umbrite.rig.model import Puppet
from umbrite.rig.placement import board_from_drawing

STOPS = 33  # points along a bone at which is looked


def under_bone(
    puppet: Puppet, pictures: Mapping[str, Picture], head: complex, tip: complex, parts: Iterable[str] | None = None
) -> dict[str, float]:
    """Part -> the share of the bone that lies over its paper at rest, the largest first; nothing for parts it misses."""
    stops = np.asarray(head + (tip - head) * np.linspace(0.0, 1.0, STOPS), dtype=np.complex128)
    found = {}
    for key in puppet.order if parts is None else parts:
        part = puppet.parts[key]
        if part.reference or not part.visible:
            continue
        at = np.asarray(inverse(board_from_drawing(part.placement))(stops))
        alpha = pictures[part.drawing.sha256][..., 3]
        x, y = np.floor(at.real).astype(int), np.floor(at.imag).astype(int)
        inside = (x >= 0) & (y >= 0) & (x < alpha.shape[1]) & (y < alpha.shape[0])
        solid = alpha[y.clip(0, alpha.shape[0] - 1), x.clip(0, alpha.shape[1] - 1)] >= INSIDE
        share = float((inside & solid).mean())
        if share > 0:
            found[key] = share
    return dict(sorted(found.items(), key=lambda item: -item[1]))


def fits(puppet: Puppet, pictures: Mapping[str, Picture], part: str, head: complex, tip: complex) -> float:
    """How well a bone and a part belong together, 0 to 1: the share of the bone over the part, times that of the part's length."""
    share = under_bone(puppet, pictures, head, tip, [part]).get(part, 0.0)
    item = puppet.parts[part]
    longest = max(item.drawing.width * abs(item.placement.scale_x), item.drawing.height * abs(item.placement.scale_y))
    return share * min(1.0, abs(tip - head) * share / (0.6 * longest)) if longest else 0.0


def by_overlap(
    puppet: Puppet, pictures: Mapping[str, Picture], parts: Iterable[str], bones: Iterable[str]
) -> dict[str, str]:
    """Part -> the bone that fits it best, where one fits at all."""
    ends = {key: (puppet.joints[key].pivot.z, tip.z) for key in bones if (tip := puppet.joints[key].tip) is not None}
    found = {}
    for part in parts:
        good = {key: fits(puppet, pictures, part, *ends[key]) for key in ends}
        best = max(good, key=good.__getitem__, default=None)
        if best is not None and good[best] > 0.25:
            found[part] = best
    return found
