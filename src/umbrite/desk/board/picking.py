"""What lies under the pointer: parts by their real shape, front first."""

import numpy as np
from PySide6.QtCore import QPointF

from umbrite.art.pictures import solid_at
from umbrite.desk.session.session import Session
from umbrite.motion.scene import mesh_places, scene_of
from umbrite.paint.painter import trimmed_path

# How parts meet what lies behind them that only light it up.
LIGHTS = {"screen", "overlay", "add"}


def parts_at(session: Session, at: complex, reach: float = 0.0) -> list[str]:
    """Ids of the visible, unlocked parts with paper at a board point, front to back.

    `reach` in board pixels widens the point, so that thin pieces can be hit when zoomed out. What only lights up the
    things behind it leaves the press to them: it counts where it is selected and nothing else lies.
    """
    puppet, selected = session.puppet, session.selection.keys
    found = all_parts_at(session, at, reach)
    lights = [key for key in found if puppet.parts[key].blend in LIGHTS and puppet.parts[key].clip is None]
    solid = [key for key in found if key not in lights]
    return solid or [key for key in lights if key in selected or puppet.parts[key].joint in selected]


def all_parts_at(session: Session, at: complex, reach: float = 0.0) -> list[str]:
    """The same with all lights, as a list to choose from shows them."""
    found = []
    for shape in reversed(scene_of(session.placed, references=True)):
        if session.puppet.parts[shape.part].locked:
            continue
        z, grow = shape.pixel_at(at)
        margin = reach * grow
        wide, tall = shape.size
        if not (-margin <= z.real < wide + margin and -margin <= z.imag < tall + margin):
            continue
        if shape.trims and not trimmed_path(shape.trims).contains(QPointF(z.real, z.imag)):
            continue
        if solid_at(session.file.pictures.solid(shape.sha256), z, margin):
            found.append(shape.part)
    return found


def joint_under(session: Session, part: str, at: complex) -> str:
    """The joint that carries what of a part lies at a board point: of one that bends the joint with the most weight there."""
    item = session.puppet.parts[part]
    if item.mesh is None:
        return item.joint
    arrays, places = item.mesh.arrays, mesh_places(session.placed)[part]
    nearest = int(np.abs(places - at).argmin())
    return item.mesh.joints[int(arrays.bones[nearest, arrays.weights[nearest].argmax()])]


def deeper(under: list[str], selection: tuple[str, ...], *, again: bool) -> str | None:
    """Which of the parts under the pointer a click means: the front one, or the next one behind the selected."""
    if not under:
        return None
    chosen = next((key for key in under if key in selection), None)
    if again and chosen is not None:
        return under[(under.index(chosen) + 1) % len(under)]
    return under[0]
