"""The ends of a joint's fan, dragged."""

import math

from umbrite.desk.board.gestures.gesture import Feedback, Gesture, finish
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.posing import angle_between, trial_of
from umbrite.rig.edits.limits import mended, set_limit
from umbrite.rig.limb_shape import rest_direction
from umbrite.rig.model import Limit
from umbrite.rig.quantities.angles import angle_text, wrapped

LIMIT_STEP = math.radians(5)


def drag_limit(session: Session, key: str, end: str) -> Gesture:
    """Drag the "smallest" or "largest" end of a fan; the part shows itself at that limit meanwhile.

    Shift steps by 5 degrees, Ctrl sets both ends alike.
    """
    start = session.puppet
    joint = start.joints[key]
    pivot = session.placed.pivot(key)
    carrier = session.placed.carrier_map(key)
    zero = pivot + carrier.direction(rest_direction(session.puppet, key))
    before = joint.limit or Limit(-math.pi / 4, math.pi / 4)
    note, last = "", before.smallest if end == "smallest" else before.largest
    beyond = abs(last) > math.pi
    event = yield Feedback(limit_end=(key, end))
    while event.kind == "move":
        angle = angle_between(pivot, zero, event.at)
        if abs(carrier.b) > abs(carrier.a):
            angle = -angle
        if event.shift:
            angle = round(angle / LIMIT_STEP) * LIMIT_STEP
        if beyond:  # an end that lies beyond half a turn goes on from there
            angle = last = last + wrapped(angle - last)
        else:
            angle = _on_its_side(angle, end, before)
        both = {"smallest": before.smallest, "largest": before.largest, end: angle}
        if event.ctrl:
            both = {"smallest": -abs(angle), "largest": abs(angle)}
        limit, note = mended(**both)
        puppet = set_limit(start, key, limit.smallest, limit.largest)
        shown = limit.smallest if end == "smallest" else limit.largest
        session.preview(puppet=puppet, trial=trial_of(session.puppet, key, shown))
        event = yield Feedback(f"{joint.name} {angle_text(shown)}", limit_end=(key, end))
    finish(session, event, tr("Limit {name}", name=joint.name))
    if note and event.kind == "release":
        session.say(note)


def _on_its_side(angle: float, end: str, before: Limit) -> float:
    """Past half a turn an end stays at half a turn instead of jumping round; rest stays inside."""
    old = before.smallest if end == "smallest" else before.largest
    if end == "smallest" and angle > 0:
        return -math.pi if old < -math.pi / 2 and angle > math.pi / 2 else 0.0
    if end == "largest" and angle < 0:
        return math.pi if old > math.pi / 2 and angle < -math.pi / 2 else 0.0
    return angle
