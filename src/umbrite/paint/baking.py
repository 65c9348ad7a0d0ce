"""What formats without blend modes and clips can't show, painted into the drawings beforehand: as it is at rest."""

from pathlib import Path
from typing import NamedTuple

import numpy as np
from msgspec.structs import replace
from PySide6.QtGui import QPainter

from umbrite.art.pictures import Picture
from umbrite.files.engines.gltf import Written, shown_otherwise, write_gltf
from umbrite.files.engines.gltf_scene import Wanted
from umbrite.files.package import Package
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import Flat, Shape, all_shapes
from umbrite.paint.export import cut_out
from umbrite.paint.levels import Pictures
from umbrite.paint.painter import Raster, transform_of
from umbrite.paint.render import straight
from umbrite.rig.errors import Watch, unwatched
from umbrite.rig.takes.take import Take


class BakedArt(NamedTuple):
    """Pictures that take the place of parts' drawings, by part, RGBA; and the parts that were painted into others and are not needed."""

    pictures: dict[str, Picture]
    spent: frozenset[str]


def baked_art(package: Package) -> BakedArt:
    """Clipped parts cut as they are at rest; shades and lights painted into the parts of the same joint on which they lie.

    What has a blend mode and lies on no part of its own joint stays as it is.
    """
    puppet = package.puppet
    pictures = Pictures(lambda: package.art)
    try:
        shapes = all_shapes(evaluate(compile_plan(puppet), {}))
        found = {item.part: straight(cut_out(item, pictures)) for item in shapes if item.clip is not None}
        spent: set[str] = set()
        for i, item in enumerate(shapes):
            above = [each for each in shapes[i + 1 :] if _lies_on(package, each, item)]
            if above:
                found[item.part] = _painted_over(item, above, pictures)
                spent |= {each.part for each in above}
        return BakedArt(found, frozenset(spent))
    finally:
        pictures.stop()


class GltfChoice(NamedTuple):
    """How a puppet goes out as glTF: with which takes, what viewers can't show painted in beforehand, variants by the extension for it, and
    neighbours as one mesh.
    """

    takes: tuple[Take, ...] = ()
    bake: bool = False
    visibility: bool = False
    merged: bool = False


def export_gltf(
    path: Path, package: Package, choice: GltfChoice, watch: Watch = unwatched
) -> tuple[Written, list[str]]:
    """Write a puppet as glTF; what was written, and sentences about what viewers show otherwise. Raises FileError."""
    wanted, left = Wanted(choice.takes, choice.visibility, choice.merged), package
    if choice.bake:
        baked = baked_art(package)
        wanted = wanted._replace(pictures=baked.pictures, left_out=baked.spent)
        left = without_baked(package, baked)
    return write_gltf(path, package, wanted, watch), shown_otherwise(left, wanted)


def without_baked(package: Package, baked: BakedArt) -> Package:
    """The package as what was baked leaves it, to see what is still shown otherwise; its pictures stay."""
    parts = {
        key: replace(part, clip=None) if key in baked.pictures else part
        for key, part in package.puppet.parts.items()
        if key not in baked.spent
    }
    return package.having(replace(package.puppet, parts=parts))


def _lies_on(package: Package, item: Shape, below: Shape) -> bool:
    """Whether a shade or light lies on a part that it always moves with, and is seen whenever that is."""
    own, other = package.puppet.parts[item.part], package.puppet.parts[below.part]
    return (
        own.blend != "normal"
        and other.blend == "normal"
        and own.joint == other.joint
        and own.mesh is None
        and other.mesh is None
        and _shows_with(package, item.part) <= _shows_with(package, below.part)
        and isinstance(below, Flat)
        and not item.box.meet(below.box).empty
    )


def _shows_with(package: Package, part: str) -> set[tuple[str, int]]:
    """The variants with which alone a part is seen, by set and number."""
    return {
        (key, variant.number)
        for key, one in package.puppet.sets.items()
        for variant in one.variants
        if part in variant.parts
    }


def _painted_over(below: Shape, above: list[Shape], pictures: Pictures) -> Picture:
    """A part's picture with others laid on it, within its own outline."""
    own = cut_out(below, pictures)
    back, _ = transform_of(below.matrix).inverted()
    found = own.copy()
    painter = QPainter(found)
    Raster(painter, pictures).draw(above, back)
    painter.end()
    return np.dstack([straight(found)[..., :3], straight(own)[..., 3]])
