"""Guides: pulled out of a ruler, moved, pushed back into it; and snapping to them."""

from collections.abc import Callable
from typing import Literal

from umbrite.desk.board.gestures.gesture import Feedback, Gesture, finish
from umbrite.desk.session.drafts import MirrorLine
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.edits.copying import copy_branches
from umbrite.rig.edits.looks import set_guides, snapped
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.model import Guide, Puppet
from umbrite.rig.placement import Box, around_parts, part_box

SNAP, OUTLINE = 6.0, 12.0  # widget pixels


def drag_guide(
    session: Session, number: int | None, axis: Literal["x", "y"], over_ruler: Callable[[complex], bool]
) -> Gesture:
    """Move a guide, or pull a new one (None); let go over a ruler it is gone. Shift keeps it on whole tens."""
    start = session.puppet
    others = [guide for i, guide in enumerate(start.guides) if i != number]
    event = yield Feedback()
    while event.kind == "move":
        at = event.at.real if axis == "x" else event.at.imag
        at = round(at / 10) * 10.0 if event.shift else float(round(at))
        guides = others if over_ruler(event.at) else [*others, Guide(axis, at)]
        session.preview(puppet=set_guides(start, guides))
        event = yield Feedback(readout=f"{axis} {at:.0f}" if len(guides) > len(others) else tr("release to remove"))
    finish(session, event, "Guide")


def drag_mirror_line(session: Session, line: MirrorLine) -> Gesture:
    """Mirror the other side in a line elsewhere: one step more. Shift keeps it on whole tens."""
    event = yield Feedback()
    now = line
    while event.kind == "move":
        x = round(event.at.real / 10) * 10.0 if event.shift else float(round(event.at.real))
        puppet, _ = copy_branches(line.before, line.keys, Transform(line=x))
        now = line._replace(x=x, made=puppet)
        session.preview(puppet=puppet)
        session.drafts.put(session.drafts.now._replace(mirror=now))
        event = yield Feedback(readout=f"x {x:.0f}")
    finish(session, event, tr("Move the mirror line"))
    kept = now._replace(made=session.puppet) if event.kind == "release" else line
    session.drafts.put(session.drafts.now._replace(mirror=kept))


def snapped_way(puppet: Puppet, keys: list[str], moved: complex, zoom: float) -> complex:
    """A move of parts with their box's nearest edge or middle brought to a guide that is near."""
    if not puppet.guides:
        return moved
    box = around_parts(puppet, keys)
    x = _snapped(puppet, "x", (box.left, (box.left + box.right) / 2, box.right), moved.real, SNAP / zoom)
    y = _snapped(puppet, "y", (box.top, (box.top + box.bottom) / 2, box.bottom), moved.imag, SNAP / zoom)
    return complex(x, y)


def way_to_outlines(puppet: Puppet, keys: list[str], moved: complex, zoom: float) -> complex:
    """A move of parts with their box's nearest edge or middle brought to an edge or middle of another part's box that is near."""
    box = around_parts(puppet, keys)
    others = [part_box(puppet, key) for key in puppet.parts if key not in keys and not puppet.parts[key].reference]
    shift = {}
    for axis, own, by in (("x", _lines(box, "x"), moved.real), ("y", _lines(box, "y"), moved.imag)):
        there = [line for other in others for line in _lines(other, axis)]
        ways = [to - line for line in own for to in there if abs(to - line - by) <= OUTLINE / zoom]
        shift[axis] = min(ways, key=lambda way: abs(way - by), default=by)
    return complex(shift["x"], shift["y"])


def _lines(box: Box, axis: str) -> tuple[float, float, float]:
    low, high = (box.left, box.right) if axis == "x" else (box.top, box.bottom)
    return low, (low + high) / 2, high


def _snapped(puppet: Puppet, axis: Literal["x", "y"], lines: tuple[float, ...], by: float, reach: float) -> float:
    moves = [snapped(puppet, axis, line + by, reach) - line for line in lines]
    near = [move for move in moves if move != by]
    return min(near, key=lambda move: abs(move - by), default=by)


def snapped_point(puppet: Puppet, at: complex, zoom: float) -> complex:
    return complex(snapped(puppet, "x", at.real, SNAP / zoom), snapped(puppet, "y", at.imag, SNAP / zoom))
