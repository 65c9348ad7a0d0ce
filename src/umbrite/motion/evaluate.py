"""The one evaluator: from a plan and a pose to the place of every joint, part and limb, for any number of frames.

A joint's map takes the board at rest to the board as posed:
`M(joint) = M(parent) after (move, turn, skew and scale about the joint's pivot)`.
At rest all maps are the identity, so what lies at rest is drawn exactly as it was made. The result depends on
the puppet and the pose alone. Any finite input gives a finite result.
"""

from collections.abc import Mapping

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.driving.curves import curve_at
from umbrite.motion.driving.responding import respond, respond_once
from umbrite.motion.driving.steps import LARGEST, Follower, Together, driven_at
from umbrite.motion.placed import Fared, Placed, followed
from umbrite.motion.plain_frame import PlainlyPlaced, follow, placed_plainly, program_of, suits
from umbrite.motion.plan import EndBatch, Plan, Step, compile_plan
from umbrite.motion.showing import showing
from umbrite.motion.soft_ends import fitting, taken
from umbrite.motion.solvers.kinematics import placed_below
from umbrite.motion.solvers.limb_solving import Chains, gathered, solve_limbs
from umbrite.rig.affine import Affine, after, inverse, unturned
from umbrite.rig.channels import BY_LIMB, CHANNEL_KINDS, HOLDS, JOINT_CHANNELS, LOOKS, TOE, channel, is_look
from umbrite.rig.document import Document
from umbrite.rig.driving.rules import rules
from umbrite.rig.ids import Kind
from umbrite.rig.quantities.angles import wrapped

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Channels = Mapping[str, float] | Mapping[str, NDArray[np.float64]]
# Maps of deeply nested scales are cut here, so that squares of squares of lengths are still numbers.
HUGE = 1e50


def frames_of(pose: Channels) -> int:
    """How many frames a pose has: the common length of its arrays, 1 for plain numbers. Raises ValueError."""
    lengths = {np.shape(value)[0] for value in pose.values() if np.ndim(value)}
    if len(lengths) > 1:
        raise ValueError(f"the channels of a pose have different lengths: {sorted(lengths)}")
    return lengths.pop() if lengths else 1


def evaluate(plan: Plan, pose: Channels) -> Placed:
    """Place everything. `pose` maps channel names to numbers or to arrays of shape (frames,).

    Channels of things that the puppet lacks are passed over; values that are not finite raise ValueError.
    """
    frames, count = frames_of(pose), len(plan.joints)
    values = _tables(plan, pose, frames)
    linked: dict[tuple[str, int], Floats] = {}
    _add_swing(plan, values, linked)
    if frames == 1 and (program := program_of(plan)) is not None:
        for each in program.early:
            if isinstance(each, Together):
                respond_once(plan.ends, each, values, linked)
            else:
                follow(each, values, linked)
        if suits(plan, values):
            return _as_placed(plan, values, linked, placed_plainly(plan, program, values, linked))
        return _together(plan, values, linked, _board(frames, count))
    board = _board(frames, count)
    for link in plan.links:
        _follow(plan, link, values, board, linked)
    return _together(plan, values, linked, board)


def _board(frames: int, count: int) -> Affine[Complexes]:
    board = Affine(*(_columns(frames, count + 1) for _ in range(3)))
    board.a[:, count] = 1  # the ground
    return board


def _as_placed(
    plan: Plan, values: dict[str, Floats], linked: dict[tuple[str, int], Floats], found: PlainlyPlaced
) -> Placed:
    """One frame that was placed in plain numbers."""
    a, t = np.array([found.a]), np.array([found.t])
    turns = np.array([found.turns]).reshape(1, len(plan.joints))
    fared = Fared(np.array([found.distance]).reshape(1, -1), np.array([found.bend]).reshape(1, -1))
    lengthened = np.array([found.longer])
    board = Affine(a, np.zeros_like(a), t)
    shows = showing(plan, values["shows"], values["visible"], linked)
    return Placed(plan, board, turns, fared, lengthened, values, *shows, linked)


def _together(
    plan: Plan, values: dict[str, Floats], linked: dict[tuple[str, int], Floats], board: Affine[Complexes]
) -> Placed:
    """All frames at once; the links that need no joint placed have been followed."""
    frames, count = len(board.a), len(plan.joints)
    own = _own_maps(values, frames, count)
    turns = taken(values["turn"], plan.ends)
    huge = _may_grow_huge(plan, own)
    stretching = _may_stretch(plan, values)
    held = _may_change(plan, values, "hold")
    lengthened = np.ones((frames, count + 1))
    for step in plan.steps:
        some = slice(step.first, step.last)
        for link in step.links:
            _follow(plan, link, values, board, linked, turns)
            for place in {each.place for each in driven_at(link) if each.what in JOINT_CHANNELS}:
                _renew(plan, values, place, own, turns)
        ends = step.every_end if held else step.ends
        if ends is not None:
            _keep_angles(plan, ends, own, board, turns, values)
        if stretching:
            own.t[:, some] += _carried_along(plan, some, lengthened)
        _place(plan, step, own, turns, board, values["follows"])
        if huge:
            _cut(board, some)
        for batch in step.limbs:
            root = batch.joints[:, 0]
            roots = plan.pivot[root] + own.t[:, root]
            if stretching:
                roots = roots + _carried_along(plan, root, lengthened)
            lengthened[:, batch.joints] = solve_limbs(plan, batch, Chains(own, roots), board, turns, values)
    fared = _how_limbs_fared(plan, board, lengthened)
    shows = showing(plan, values["shows"], values["visible"], linked)
    return Placed(plan, board, turns, fared, lengthened, values, *shows, linked)


def with_looks(placed: Placed, pose: Channels) -> Placed:
    """What `evaluate` gives for a pose that differs from that of `placed` in how parts look alone (LOOKS): nothing is moved by it."""
    plan = placed.plan
    if any(is_look(name) for rule in rules(plan.puppet).values() for name in (*rule.drives, *rule.reads)):
        return evaluate(plan, pose)
    tables = _tables(plan, pose, placed.frames)
    values = {**placed.channels, **{what: tables[what] for what in LOOKS}}
    shows = showing(plan, values["shows"], values["visible"], placed.linked)
    return placed._replace(channels=values, **shows._asdict())


def _columns(frames: int, count: int) -> Complexes:
    """Zeros of (frames, count), each thing's frames side by side in memory: things are taken out of tables all the time."""
    return np.zeros((frames, count), dtype=np.complex128, order="F")


def _own_maps(values: dict[str, Floats], frames: int, count: int) -> Affine[Complexes]:
    """What each joint does by itself, but its turn."""
    shift = _columns(frames, count)
    shift.real, shift.imag = values["x"], values["y"]
    scales = [values[what] for what in ("scale_x", "scale_y", "skew")]
    if not any(each.any() for each in scales):
        return Affine(_columns(frames, count) + 1, _columns(frames, count), shift)
    a, b = unturned(1 + scales[0], 1 + scales[1], scales[2])
    return Affine(a, b, shift)


def _may_grow_huge(plan: Plan, own: Affine[Complexes]) -> bool:
    """Whether scales, one within the other, or links that drive them while joints are placed, could leave the numbers."""
    if any(what.startswith("scale") for what in plan.late):
        return True
    if (own.a == 1).all():
        return False
    largest = float((np.abs(own.a) + np.abs(own.b)).max(initial=1.0))
    return bool(len(plan.steps) * np.log10(max(largest, 1.0)) > np.log10(HUGE))


def _cut(board: Affine[Complexes], some: slice) -> None:
    for field in board:
        here = field[:, some]
        here *= HUGE / np.maximum(np.abs(here), HUGE)


def placed_of(document: Document) -> Placed:
    """A document's puppet in the pose in which it was left."""
    return evaluate(compile_plan(document.puppet), document.pose)


def _tables(plan: Plan, pose: Channels, frames: int) -> dict[str, Floats]:
    """All channels, a table of (frames, owners) for each kind of value; what the pose does not name is at rest."""
    columns: dict[Kind, int] = {
        "joint": len(plan.joints), "limb": len(plan.limbs), "control": len(plan.controls), "set": len(plan.sets),
        "part": len(plan.parts), "shape": len(plan.puppet.shapes),
    }  # fmt: skip
    values = {}
    for what, each in CHANNEL_KINDS.items():
        values[what] = np.zeros((frames, columns[each.of]), order="F")  # costs nothing until it is written to
        if each.neutral:
            values[what] += each.neutral
    for name, value in pose.items():
        found = channel(name)
        place = None if found is None else plan.owners.get(found.owner)
        if found is not None and place is not None:
            values[found.kind.what][:, place] = value
        elif not np.isfinite(value).all():
            raise ValueError(f"the channel {name} of the pose is not finite")
    set_ = {found.kind.what for name in pose if (found := channel(name)) is not None}
    for what in set_:
        if not np.isfinite(values[what]).all():
            raise ValueError(f"the channel {_not_finite(pose)} of the pose is not finite")
        np.clip(values[what], -LARGEST, LARGEST, out=values[what])
    return values


def _not_finite(pose: Channels) -> str:
    return next((name for name, value in pose.items() if not np.isfinite(value).all()), "")


def _add_swing(plan: Plan, values: dict[str, Floats], linked: dict[tuple[str, int], Floats]) -> None:
    """What loose joints swing counts as if a link added it, so that whoever poses them meets it."""
    for name, more in plan.swing.items():
        found = channel(name)
        if found is not None and found.owner in plan.owners:
            column = values[found.kind.what][:, plan.owners[found.owner]]
            column += more
            linked[found.kind.what, plan.owners[found.owner]] = np.broadcast_to(more, column.shape)


def _follow(
    plan: Plan,
    link: Follower,
    values: dict[str, Floats],
    board: Affine[Complexes],
    linked: dict[tuple[str, int], Floats],
    turns: Floats | None = None,
) -> None:
    """Add what a response, or a link's curve, gives to what it drives. Travel is how far a joint has come along the board's x axis from rest."""
    if isinstance(link, Together):
        respond(plan.ends, link, values, linked, turns)
        return
    if link.source is not None:
        followed = values[link.source.what][:, link.source.place]
    else:
        pivot = plan.pivot[link.travel]
        followed = (Affine(*(field[:, link.travel] for field in board))(pivot) - pivot).real
    driven = values[link.drives.what][:, link.drives.place]
    before = driven.copy()
    driven[:] = np.clip(driven + curve_at(link.curve, followed), -LARGEST, LARGEST)
    where = link.drives.what, link.drives.place
    linked[where] = linked.get(where, 0.0) + (driven - before)


def _renew(plan: Plan, values: dict[str, Floats], place: int, own: Affine[Complexes], turns: Floats) -> None:
    """A joint's own map and turn once more, after a link has changed its channels."""
    x, y, turn, scale_x, scale_y, skew = (values[what][:, place] for what in JOINT_CHANNELS)
    own.a[:, place], own.b[:, place] = unturned(1 + scale_x, 1 + scale_y, skew)
    own.t[:, place] = x + 1j * y
    turns[:, place] = taken(turn, plan.ends.at(place))


def _may_change(plan: Plan, values: dict[str, Floats], what: str) -> bool:
    """Whether a kind of value is not at rest everywhere, or a link may yet drive it."""
    return what in plan.late or bool(values[what].any())


def _may_stretch(plan: Plan, values: dict[str, Floats]) -> bool:
    return plan.stretches or _may_change(plan, values, "stretch")


def _place(
    plan: Plan, step: Step, own: Affine[Complexes], turns: Floats, board: Affine[Complexes], follows: Floats
) -> None:
    """Place joints whose carriers are placed: M = M(carrier) after (about the pivot: unturned part, then turn)."""
    some = slice(step.first, step.last)
    above = gathered(board, plan.parent[some])
    frames = np.arange(len(follows))
    for place in step.followers:
        up = followed(plan, follows, place)
        for field, whole in zip(above, board, strict=True):
            field[:, place - step.first] = whole[frames, up]
    own_here = Affine(own.a[:, some], own.b[:, some], own.t[:, some])
    placed = placed_below(above, own_here, plan.pivot[some], turns[:, some])
    board.a[:, some], board.b[:, some], board.t[:, some] = placed


def _carried_along(plan: Plan, some: slice | NDArray[np.intp], lengthened: Floats) -> Complexes:
    """How far joints are shifted because what carries them is longer: along its axis, by their share of it."""
    up = plan.parent[some]
    axis = plan.axis[up]
    above = np.append(plan.pivot, 0j)[up]
    along = ((plan.pivot[some] - above) * np.conj(axis)).real
    return np.asarray((lengthened[:, up] - 1) * along * axis)


def _keep_angles(
    plan: Plan,
    ends: EndBatch,
    own: Affine[Complexes],
    board: Affine[Complexes],
    turns: Floats,
    values: Mapping[str, Floats],
) -> None:
    """Ends take their target's angle or point at their toe target, plus what the hand gave, as far as limits go."""
    joint, given = ends.joint, values["turn"]
    told = np.round(values["hold"][:, ends.limbs])
    hold = np.where(told == 0, ends.hold, np.clip(told, 1, len(HOLDS)))
    frame = inverse(gathered(board, ends.frame))
    target = after(frame, gathered(board, ends.target))
    carrier = after(frame, gathered(board, plan.parent[joint]))
    turn = np.angle(target.a) - np.angle(carrier.a)
    if (hold == TOE).any():
        turn = np.where(hold == TOE, _turn_to_toe(plan, ends, own, board), turn)
    turn = wrapped(turn + given[:, joint])
    turn = np.where(np.abs(turn) < 1e-12, 0.0, turn)  # rounding would blur the rest picture
    kept = plan.ends.at(joint)
    kept_turns = taken(fitting(turn, kept), kept)
    turns[:, joint] = kept_turns if (hold != BY_LIMB).all() else np.where(hold != BY_LIMB, kept_turns, turns[:, joint])


def _turn_to_toe(plan: Plan, ends: EndBatch, own: Affine[Complexes], board: Affine[Complexes]) -> Floats:
    """The turn in its carrier's frame with which an end points at its toe target as it does at rest."""
    joint, pivot, toe = ends.joint, plan.pivot[ends.joint], plan.pivot[ends.toe]
    at = inverse(gathered(board, plan.parent[joint]))(gathered(board, ends.toe)(toe))
    wanted = at - (pivot + own.t[:, joint])
    drawn = gathered(own, joint).direction(toe - pivot)
    usable = (np.abs(wanted) > 1e-9) & (np.abs(drawn) > 1e-9)
    return np.where(usable, np.angle(wanted * np.conj(drawn)), 0.0)


def _how_limbs_fared(plan: Plan, board: Affine[Complexes], lengthened: Floats) -> Fared:
    frames, count = board.a.shape[0], len(plan.limbs)
    distance, bend = np.zeros((frames, count)), np.ones((frames, count))
    for batch in (batch for step in plan.steps for batch in step.limbs):
        places = [gathered(board, joint)(plan.pivot[joint]) for joint in (batch.joints[:, 0], batch.last)]
        longer = lengthened[:, batch.last]
        tip = gathered(board, batch.last)(batch.tip + (longer - 1) * (batch.tip - plan.pivot[batch.last]))
        distance[:, batch.numbers] = np.abs(tip - gathered(board, batch.target)(plan.pivot[batch.target]))
        first, second = places[1] - places[0], tip - places[1]
        cross = (first.conj() * second).imag
        # A limb that is straight as posed bends to the side that it is set to.
        straight = np.abs(cross) <= 1e-9 * np.abs(first) * np.abs(second)
        bend[:, batch.numbers] = np.where(straight, batch.bend, np.sign(cross))
    return Fared(distance, bend)
