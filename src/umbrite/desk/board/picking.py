"""What lies under the pointer: parts by their real shape, front first."""

from PySide6.QtCore import QPointF

from umbrite.art.pictures import solid_at
from umbrite.desk.session.session import Session
from umbrite.paint.painter import trimmed_path
from umbrite.rig.affine import Affine, inverse


def parts_at(session: Session, at: complex, reach: float = 0.0) -> list[str]:
    """Ids of the visible, unlocked parts with paper at a board point, front to back.

    `reach` in board pixels widens the point, so that thin pieces can be hit when zoomed out.
    """
    placed, puppet = session.placed, session.puppet
    maps = placed.part_maps()
    back = inverse(Affine(*(field[0] for field in maps)))
    where = back(at)
    grow = abs(back.a) + abs(back.b)
    found = []
    hidden = placed.hidden()
    for i in range(len(placed.plan.parts) - 1, -1, -1):
        key = placed.plan.parts[i]
        part = puppet.parts[key]
        if not part.visible or part.locked or key in hidden:
            continue
        z, margin = complex(where[i]), reach * float(grow[i])
        inside = (
            -margin <= z.real < part.drawing.width + margin
            and -margin <= z.imag < part.drawing.height + margin
        )
        if inside and part.trims and not trimmed_path(part.trims).contains(QPointF(z.real, z.imag)):
            continue
        if inside and solid_at(session.pictures.pixels(part.drawing.sha256), z, margin):
            found.append(key)
    return found


def deeper(under: list[str], selection: tuple[str, ...], *, again: bool) -> str | None:
    """Which of the parts under the pointer a click means: the front one, or the next one behind the selected."""
    if not under:
        return None
    chosen = next((key for key in under if key in selection), None)
    if again and chosen is not None:
        return under[(under.index(chosen) + 1) % len(under)]
    return under[0]
