"""Generated pairs of limb pieces whose joint is known: drawn large with plain shapes, then shrunk, so edges are antialiased."""

from typing import NamedTuple

import cv2
import numpy as np

from umbrite.art.pictures import Picture, trimmed
from umbrite.rig.edits.parts import add_part
from umbrite.rig.model import Drawing, Placement, Puppet

FINER = 3


class Pair(NamedTuple):
    """Two parts on one canvas, the joint between them, the width of the narrower limb."""

    puppet: Puppet
    pictures: dict[str, Picture]
    joint: complex
    width: float


def limb(size, start, end, radii, *, square=False):
    """A limb between two points, with a radius at each; round ends, or a square one at `start`."""
    field = np.zeros((size * FINER, size * FINER), np.uint8)
    side = (end - start) / abs(end - start) * 1j
    corners = [start + side * radii[0], start - side * radii[0], end - side * radii[1], end + side * radii[1]]
    cv2.fillConvexPoly(
        field, np.array([[z.real, z.imag] for z in corners]).__mul__(FINER).round().astype(np.int32), 255
    )
    for centre, radius in ((start, 0.0 if square else radii[0]), (end, radii[1])):
        cv2.circle(field, (round(centre.real * FINER), round(centre.imag * FINER)), round(radius * FINER), 255, -1)
    return field


def picture(field, rough, random):
    """RGBA from a large field: its edge waved by up to `rough` px, then shrunk."""
    if rough:
        rows, columns = np.indices(field.shape, dtype=np.float32)
        noise = random.normal(0, 1, (2, *[max(4, n // 24) for n in field.shape])).astype(np.float32)
        rough_by = rough * FINER * 0.6
        waves = [cv2.resize(n, field.shape[::-1], interpolation=cv2.INTER_CUBIC) * rough_by for n in noise]
        field = cv2.remap(field, columns + waves[0], rows + waves[1], cv2.INTER_LINEAR)
    alpha = cv2.resize(field, None, fx=1 / FINER, fy=1 / FINER, interpolation=cv2.INTER_AREA)
    return np.dstack([np.full_like(alpha, 120)] * 3 + [alpha])


def pair(seed):
    """A random pair: round, tapered or sleeved, bent by up to 110 degrees, turned, 40 to 800 px wide, some of them rough."""
    random = np.random.default_rng(seed)
    kind = (rounded, tapered, sleeved)[seed % 3]
    width = float(np.exp(random.uniform(np.log(40), np.log(800))))
    shrink = min(1.0, 150 / width)  # drawn small, placed large: the same picture, scaled on the board
    radius = width * shrink / 2
    size = int(radius * 2 * 7.5)
    middle = complex(size / 2, size / 2)
    way = np.exp(2j * np.pi * random.random())
    upper, lower, narrow = kind(size, middle, way, way * np.exp(1j * random.uniform(-1.9, 1.9)), radius, random)
    rough = radius * 0.05 if random.random() < 0.4 else 0.0
    puppet = Puppet(width=int(size / shrink), height=int(size / shrink))
    pictures = {}
    for name, field in (("Upper arm", upper), ("Forearm", lower)):
        cut, x, y = trimmed(picture(field, rough, random))
        print_of = f"{seed:032d}{len(pictures):032d}"
        pictures[print_of] = cut
        drawing = Drawing(print_of, cut.shape[1], cut.shape[0])
        place = Placement(x / shrink, y / shrink, scale_x=1 / shrink, scale_y=1 / shrink)
        puppet, _ = add_part(puppet, name, drawing, place)
    return Pair(puppet, pictures, middle / shrink, 2 * narrow / shrink)


def rounded(size, at, up, down, radius, random):
    other = radius * random.uniform(0.75, 1.25)
    narrow = min(radius, other)
    return (
        limb(size, at, at - up * 4 * radius, (radius, radius)),
        limb(size, at, at + down * 4 * radius, (other, other)),
        narrow,
    )


def tapered(size, at, up, down, radius, random):
    thick = radius * random.uniform(1.2, 1.6)
    return (
        limb(size, at, at - up * 4 * radius, (radius, thick)),
        limb(size, at, at + down * 4 * radius, (radius * random.uniform(0.85, 1.0), radius * 0.6)),
        radius * 0.85,
    )


def sleeved(size, at, up, down, radius, random):
    """A sleeve cut square some way beyond the wrist, whose hand ends round within it."""
    wrist = radius * random.uniform(0.6, 0.8)
    down = up * np.exp(0.4j * random.uniform(-1, 1))
    return (
        limb(size, at + up * wrist * 0.9, at - up * 4 * radius, (radius, radius), square=True),
        limb(size, at, at + down * 3 * radius, (wrist, wrist * 1.2)),
        wrist,
    )
