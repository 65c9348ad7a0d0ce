"""The workout: every control and joint through its range, and what was measured on the way.

All sweeps are evaluated as frames by the one evaluator. A jump is a step in which a joint turns, or a part moves, far more
than the step was; a flip a limb whose bend changes side on the way; gaps are looked for at the farthest turns that were reached.
"""

import math
from collections.abc import Collection, Iterator, Mapping, Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.art.joint_limits import gap_turns
from umbrite.art.pictures import Picture
from umbrite.checking.finding_codes import RANK, Finding, finding
from umbrite.checking.puppet_findings import findings
from umbrite.checking.sweeps import Sweep, height_of, sweeps, take_sweeps
from umbrite.motion.evaluate import evaluate
from umbrite.motion.placed import Placed
from umbrite.motion.plan import Plan, compile_plan
from umbrite.motion.scene import corners_of
from umbrite.rig.control_kinds import traits
from umbrite.rig.errors import Watch, unwatched
from umbrite.rig.limb_shape import bends_to
from umbrite.rig.model import Puppet
from umbrite.rig.quantities.angles import angle_text, wrapped
from umbrite.rig.takes.take import Take

Floats = NDArray[np.float64]


JUMP = math.radians(28)  # a joint's turn in one step


FINER = 24


LEAP = 0.16  # a part's way in one step, as a share of the figure's height


IDLE = 0.5  # px: a control that moves nothing by more than this moves nothing


STATIC = frozenset({"order-wrong", "bend-against"})  # what no movement shows better


SLACK = math.radians(1.5)


LOOKED_AT = math.radians(4)  # joints that turn less than this are not looked at for gaps


AT_LIMIT = 1e-6
NOTHING_SEEN = "The control {name} moves nothing that can be seen. Let it move something, link it, or remove it."
OPENS_ON_THE_WAY = (
    "A gap opens at {name} from {opens} on, and it turns to {turn}. Limit it, cover the seam, or move its pivot."
)


class Noticed(NamedTuple):
    """A finding of the workout, with the sweep and frame that show it, and where on the board."""

    finding: Finding
    sweep: Sweep | None
    frame: int
    at: complex | None


class Measured(NamedTuple):
    """What one sweep measured: the largest turn of a joint and way of a part in one step, and how many frames sat at a limit."""

    sweep: Sweep
    name: str
    largest_turn: float
    largest_way: float
    frames: int
    at_limit: int
    unreached: int


class Report(NamedTuple):
    """All of it: faults first."""

    noticed: list[Noticed]
    measured: list[Measured]


def workout(
    puppet: Puppet,
    pictures: Mapping[str, Picture],
    watch: Watch = unwatched,
    steps: int = 72,
    takes: Sequence[Take] = (),
) -> Report:
    """Run everything, takes too. `watch` is told how far it is, and may raise to stop."""
    plan = compile_plan(puppet)
    runs = [*sweeps(puppet, steps), *take_sweeps(puppet, takes)]
    rest = evaluate(plan, {})
    height = height_of(puppet)
    noticed: list[Noticed] = []
    measured: list[Measured] = []
    reached: dict[int, Reach] = {}
    for i, sweep in enumerate(runs):
        name = sweep.name(puppet)
        watch(i, len(runs) * 2, name)
        placed = evaluate(plan, sweep.channels)
        places = corners_of(placed)
        measured.append(_measure(placed, places, sweep, name))
        noticed += _jumps(placed, places, sweep, name, height)
        if sweep.key in puppet.controls:
            noticed += _idle(rest, placed, places, sweep, name)
            if traits(puppet.controls[sweep.key]).whole:
                noticed += _left_behind(placed, places, sweep)
        _note_reach(reached, placed, sweep)
    for i, (place, reach) in enumerate(reached.items()):
        key = plan.joints[place]
        watch(len(reached) + i, len(reached) * 2, puppet.joints[key].name)
        noticed += _gaps(puppet, pictures, key, reach)
    noticed += [Noticed(found, None, 0, None) for found in findings(puppet) if found.code in STATIC]
    return Report(sorted(noticed, key=lambda item: RANK[item.finding.severity]), measured)


class Extreme(NamedTuple):
    """How far a joint turned one way, radians from rest, and where: the sweep, and its frame."""

    turn: float
    sweep: Sweep
    frame: int


class Reach(NamedTuple):
    """The farthest turns of a joint either way."""

    low: Extreme
    high: Extreme


def _measure(placed: Placed, places: NDArray[np.complex128], sweep: Sweep, name: str) -> Measured:
    puppet = placed.plan.puppet
    turns = np.abs(wrapped(np.diff(placed.turns, axis=0))).max(initial=0.0)
    ways = np.abs(np.diff(places, axis=0)).max(initial=0.0)
    limits = [(i, joint.limit) for i, key in enumerate(placed.plan.joints) if (joint := puppet.joints[key]).limit]
    at_limit = np.zeros(placed.frames, dtype=bool)
    for i, limit in limits:
        if limit is not None:
            near = np.minimum(np.abs(placed.turns[:, i] - limit.smallest), np.abs(placed.turns[:, i] - limit.largest))
            at_limit |= near < AT_LIMIT
    out = (placed.limbs.distance > 1.0).any(axis=1) if placed.limbs.distance.size else np.zeros(1, dtype=bool)
    return Measured(sweep, name, float(turns), float(ways), placed.frames, int(at_limit.sum()), int(out.sum()))


def _jumps(placed: Placed, places: NDArray[np.complex128], sweep: Sweep, name: str, height: float) -> list[Noticed]:
    """Flips of a bend, joints that turn too far in one step, and where there are none, parts that leap."""
    flips = _flips(placed, sweep, name)
    flipped = {joint for key in flips for joint in placed.plan.puppet.limbs[key].joints}
    found = [*flips.values(), *_joint_jumps(placed, sweep, name, flipped)]
    return found or _leaps(placed, places, sweep, name, height)


def _flips(placed: Placed, sweep: Sweep, name: str) -> dict[str, Noticed]:
    """Limbs whose bend goes over to the other side at once, by their keys."""
    plan, found = placed.plan, {}
    for i, (key, limb) in enumerate(plan.puppet.limbs.items()):
        bends = placed.limbs.bend[:, i]
        turned = np.abs(wrapped(np.diff(placed.turns[:, [plan.place[j] for j in limb.joints]], axis=0))).max(axis=1)
        against = (bends != bends_to(plan.puppet, limb)) & (np.append(turned, 0) + np.append(0, turned) > JUMP)
        changed = np.flatnonzero((np.diff(bends) != 0) & (turned > JUMP))
        if changed.size or (len(limb.joints) == 2 and against.any()):
            frame = int(changed[0]) + 1 if changed.size else int(against.argmax())
            at = placed.pivot(limb.joints[-1], frame)
            found[key] = Noticed(finding("bend-flips", key, name=limb.name, moved=name), sweep, frame, at)
    return found


def _joint_jumps(placed: Placed, sweep: Sweep, name: str, but: Collection[str]) -> Iterator[Noticed]:
    """Joints that turn too far in one step, but for some."""
    plan, steps = placed.plan, np.abs(wrapped(np.diff(placed.turns, axis=0)))
    for i, key in enumerate(plan.joints if len(steps) else ()):
        step = steps[:, i]
        if key in but or step.max() <= JUMP or not _is_jump(plan, sweep, i, step):
            continue
        frame = int(step.argmax()) + 1
        turn = angle_text(float(step[frame - 1]), 0).replace("\N{MINUS SIGN}", "")
        said = finding("joint-jumps", key, name=plan.puppet.joints[key].name, turn=turn, moved=name)
        yield Noticed(said, sweep, frame, placed.pivot(key, frame))


def _leaps(placed: Placed, places: NDArray[np.complex128], sweep: Sweep, name: str, height: float) -> list[Noticed]:
    """The part that goes farthest in one step, if that is too far."""
    steps = np.abs(np.diff(places, axis=0)).max(axis=2)
    if not steps.size or steps.max() <= LEAP * height:
        return []
    frame, i = (int(n) for n in np.unravel_index(int(steps.argmax()), steps.shape))
    part = placed.plan.parts[i]
    said = finding("part-leaps", part, name=placed.plan.puppet.parts[part].name, way=steps.max(), moved=name)
    return [Noticed(said, sweep, frame + 1, complex(places[frame + 1, i].mean()))]


def _is_jump(plan: Plan, sweep: Sweep, joint: int, steps: Floats) -> bool:
    """Whether a large step stays large when the way is cut into finer ones; fast turning near full reach does not."""
    frame = int(steps.argmax())
    fine = {name: np.linspace(values[frame], values[frame + 1], FINER + 1) for name, values in sweep.channels.items()}
    turns = evaluate(plan, fine).turns[:, joint]
    return bool(np.abs(wrapped(np.diff(turns))).max() > 0.5 * steps[frame])


def _idle(rest: Placed, placed: Placed, places: NDArray[np.complex128], sweep: Sweep, name: str) -> list[Noticed]:
    moved = np.abs(places - places[:1]).max(initial=0.0)
    if moved > IDLE or (placed.shown != placed.shown[:1]).any():
        return []
    at = rest.control_at(placed.plan.puppet.controls[sweep.key])
    return [Noticed(finding("control-idle", sweep.key, NOTHING_SEEN, name=name), sweep, placed.frames // 2, at)]


def _left_behind(placed: Placed, places: NDArray[np.complex128], sweep: Sweep) -> list[Noticed]:
    """Parts that stay where they are while the master moves."""
    moved = np.abs(places - places[:1]).max(axis=(0, 2))
    found = []
    for i, part in enumerate(placed.plan.parts):
        item = placed.plan.puppet.parts[part]
        if moved[i] < IDLE and not item.reference:
            frame = placed.frames // 3
            found.append(
                Noticed(finding("part-stays", part, name=item.name), sweep, frame, complex(places[frame, i].mean()))
            )
    return found


def _note_reach(reached: dict[int, Reach], placed: Placed, sweep: Sweep) -> None:
    """Keep the farthest turn either way of each joint, and where it was reached."""
    lows, highs = placed.turns.argmin(axis=0).tolist(), placed.turns.argmax(axis=0).tolist()
    rest = Extreme(0.0, sweep, 0)
    for i, (low, high) in enumerate(zip(lows, highs, strict=True)):
        least = Extreme(float(placed.turns[low, i]), sweep, low)
        most = Extreme(float(placed.turns[high, i]), sweep, high)
        before = reached.get(i, Reach(rest, rest))
        reached[i] = Reach(
            least if least.turn < before.low.turn else before.low, most if most.turn > before.high.turn else before.high
        )


def _gaps(puppet: Puppet, pictures: Mapping[str, Picture], key: str, reach: Reach) -> list[Noticed]:
    """Seams that open on the way to the farthest turns of a joint."""
    if reach.high.turn - reach.low.turn < LOOKED_AT or (opens := gap_turns(puppet, pictures, key)) is None:
        return []
    found = []
    for end, at in zip(reach, opens, strict=True):
        if abs(end.turn) <= abs(at) + SLACK or abs(at) >= math.pi:
            continue
        pose = {name: float(values[end.frame]) for name, values in end.sweep.channels.items()}
        words = {"name": puppet.joints[key].name, "opens": angle_text(at, 0), "turn": angle_text(end.turn, 0)}
        place = evaluate(compile_plan(puppet), pose).pivot(key)
        found.append(Noticed(finding("gap", key, OPENS_ON_THE_WAY, **words), end.sweep, end.frame, place))
    return found
