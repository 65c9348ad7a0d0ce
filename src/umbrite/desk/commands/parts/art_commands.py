"""What actions do to the art: copies, the other side, aligning, views for working on parts one by one."""

from collections.abc import Callable
from typing import Literal

from PySide6.QtCore import QTimer

from umbrite.desk.commands.labels import label_of
from umbrite.desk.commands.parts.locks import unlocked
from umbrite.desk.commands.sharing.guest_commands import guest_selected
from umbrite.desk.session.drafts import MirrorLine
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import PARTS
from umbrite.desk.theme.language import tr
from umbrite.rig.edits.arranging import Edge, align, distribute
from umbrite.rig.edits.copying import centre_line, copy_branches
from umbrite.rig.edits.looks import at_two_depths, make_reference, set_guides, untrimmed
from umbrite.rig.ids import id_kind
from umbrite.rig.merging.rewiring import Transform

BESIDE = 24 + 24j  # how far a plain copy lies from its original


FLASHES, FLASH = 6, 160  # times on and off, milliseconds each


def _copy(session: Session, step: str, transform: Transform, *, sides: bool = False, linked: bool = False) -> None:
    guest = guest_selected(session)
    keys = session.selection.of("joint") if guest is None else [session.puppet.guests[guest].root]
    puppet, new = copy_branches(session.puppet, keys, transform, sides=sides, linked=linked)
    session.edit(tr("{step} of {keys}", step=step, keys=label_of(session, keys)), puppet=puppet)
    chosen = [new[key] for key in (session.puppet.parts if session.workspace.station is PARTS else keys) if key in new]
    session.selection.select(chosen)
    parts = sum(id_kind(key) == "part" for key in new)
    limbs = sum(id_kind(key) == "limb" for key in new)
    with_limbs = tr(" with {count} limbs", count=limbs) if limbs > 1 else tr(" with a limb") if limbs else ""
    session.say(
        tr(
            "{step}: {parts} part{ending}{with_limbs}, joined to copies alone.",
            step=step,
            parts=parts,
            ending="s" if parts != 1 else "",
            with_limbs=with_limbs,
        )
    )


def duplicate(session: Session) -> None:
    """Copies of the selected branches beside the originals, with drawings of their own."""
    _copy(session, tr("Copy"), Transform(shift=BESIDE))


def linked_copy(session: Session) -> None:
    """Copies that share their drawings: when one is exchanged, all are."""
    _copy(session, tr("Linked copy"), Transform(shift=BESIDE), linked=True)


def mirrored_side(session: Session) -> None:
    """The other side of the selected branches, mirrored, with limbs, limits and controls mirrored too; the line can be dragged then."""
    before, keys = session.puppet, tuple(session.selection.of("joint"))
    line = centre_line(before, keys)
    _copy(session, tr("Other side, mirrored"), Transform(line=line), sides=True)
    session.drafts.put(session.drafts.now._replace(mirror=MirrorLine(line, keys, before, session.puppet)))


def leave_mirror_line(session: Session) -> None:
    """The line is not shown any more; the copies stay."""
    session.drafts.put(session.drafts.now._replace(mirror=None))


def moved_side(session: Session) -> None:
    """The other side, only moved: a far leg in side view is not mirrored."""
    _copy(session, tr("Other side, moved"), Transform(shift=BESIDE * 2), sides=True)


def aligned(edge: Edge) -> Callable[[Session], None]:
    def run(session: Session) -> None:
        keys = unlocked(session.puppet, session.selection.of("part"))
        session.edit(
            tr("Align {count} parts {edge}", count=len(keys), edge=edge), puppet=align(session.puppet, keys, edge)
        )

    return run


def spread(axis: Literal["across", "down"]) -> Callable[[Session], None]:
    def run(session: Session) -> None:
        keys = unlocked(session.puppet, session.selection.of("part"))
        session.edit(
            tr("Spread {count} parts {axis}", count=len(keys), axis=axis), puppet=distribute(session.puppet, keys, axis)
        )

    return run


def flash(session: Session) -> None:
    """Show where the selected parts are: their outlines blink a few times."""
    keys = frozenset(session.selection.of("part"))

    def blink(left: int) -> None:
        session.drafts.put(session.drafts.now._replace(flashing=keys if left % 2 else frozenset()))
        if left:
            QTimer.singleShot(FLASH, session, lambda: blink(left - 1))

    blink(FLASHES - 1)


def switch_reference(session: Session) -> None:
    """Make the selected part a picture to work from, or a part again."""
    (key,) = session.selection.of("part")
    part = session.puppet.parts[key]
    on = not part.reference
    session.edit(
        tr("Reference picture {name}" if on else "Part {name} again", name=part.name),
        puppet=make_reference(session.puppet, key, on=on),
    )
    if on:
        session.say(
            tr(
                "{name} is a reference picture now: dimmed, behind everything, never picked on the board or exported.",
                name=part.name,
            )
        )


def untrim(session: Session) -> None:
    puppet = session.puppet
    for key in session.selection.of("part"):
        puppet = untrimmed(puppet, key)
    session.edit(tr("Bring back all of {part}", part=label_of(session, session.selection.of("part"))), puppet=puppet)


def needs_trimmed(session: Session) -> str:
    if any(session.puppet.parts[key].trims for key in session.selection.of("part")):
        return ""
    return tr("Select a part that was trimmed first.")


def two_depths(session: Session) -> None:
    """The selected part a second time, in front; trim it to the piece that should be seen there."""
    (key,) = session.selection.of("part")
    puppet, new = at_two_depths(session.puppet, key)
    session.edit(tr("{name} at two depths", name=session.puppet.parts[key].name), puppet=puppet)
    session.workspace.go_to(PARTS)
    session.selection.select([new])
    session.say(
        tr(
            "{name} rides along in front. Trim it (B) to the piece that should be seen there.",
            name=puppet.parts[new].name,
        )
    )


def clear_guides(session: Session) -> None:
    session.edit(tr("Clear {count} guides", count=len(session.puppet.guides)), puppet=set_guides(session.puppet, ()))


def needs_guides(session: Session) -> str:
    return "" if session.puppet.guides else tr("There are no guides. Show the rulers and pull one out.")


def needs_several_parts(session: Session) -> str:
    return "" if len(session.selection.of("part")) > 1 else tr("Select two or more parts first.")


def needs_one_part(session: Session) -> str:
    return "" if len(session.selection.of("part")) == 1 else tr("Select one part first.")
