"""The workout: every control and joint through its range, and what was measured on the way.

All sweeps are evaluated as frames by the one evaluator. A jump is a step in which a joint turns, or a part moves, far more
than the step was; a flip a limb whose bend changes side on the way; gaps are looked for at the farthest turns that were reached.
"""

import math
from collections.abc import Mapping, Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.art.joint_limits import gap_turns
from umbrite.art.pictures import Picture
from umbrite.checking.finding_codes import RANK, Finding, finding
from umbrite.checking.puppet_findings import findings
from umbrite.checking.sweeps import Sweep, height_of, sweeps, take_sweeps
from umbrite.files.long_work import Watch, unwatched
from umbrite.motion.evaluate import Placed, evaluate
from umbrite.motion.plan import Plan, compile_plan
from umbrite.motion.scene import corners_of
from umbrite.rig.control_kinds import traits
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
    reached: dict[int, tuple[float, Sweep, int, float, Sweep, int]] = {}
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
    """Flips of a bend, joints that turn too far in one step, parts that leap."""
    plan, puppet = placed.plan, placed.plan.puppet
    found = []
    flipped: set[str] = set()
    for i, (key, limb) in enumerate(puppet.limbs.items()):
        bends = placed.limbs.bend[:, i]
        turned = np.abs(wrapped(np.diff(placed.turns[:, [plan.place[j] for j in limb.joints]], axis=0))).max(axis=1)
        against = (bends != limb.bend) & (np.append(turned, 0) + np.append(0, turned) > JUMP)
        changed = np.flatnonzero((np.diff(bends) != 0) & (turned > JUMP))
        if changed.size or (len(limb.joints) == 2 and against.any()):
            frame = int(changed[0]) + 1 if changed.size else int(against.argmax())
            at = placed.pivot(limb.joints[-1], frame)
            found.append(Noticed(finding("bend-flips", key, name=limb.name, moved=name), sweep, frame, at))
            flipped.update(limb.joints)
    steps = np.abs(wrapped(np.diff(placed.turns, axis=0)))
    for i, key in enumerate(plan.joints):
        if (
            key not in flipped
            and steps[:, i].size
            and steps[:, i].max() > JUMP
            and _is_jump(plan, sweep, i, steps[:, i])
        ):
            frame = int(steps[:, i].argmax()) + 1
            turn = angle_text(float(steps[frame - 1, i]), 0).replace("\N{MINUS SIGN}", "")
            found.append(
                Noticed(
                    finding("joint-jumps", key, name=puppet.joints[key].name, turn=turn, moved=name),
                    sweep,
                    frame,
                    placed.pivot(key, frame),
                )
            )
    ways = np.abs(np.diff(places, axis=0)).max(axis=2)
    if not found and ways.size and ways.max() > LEAP * height:
        frame, i = (int(n) for n in np.unravel_index(int(ways.argmax()), ways.shape))
        part = plan.parts[i]
        found.append(
            Noticed(
                finding("part-leaps", part, name=puppet.parts[part].name, way=ways.max(), moved=name),
                sweep,
                frame + 1,
                complex(places[frame + 1, i].mean()),
            )
        )
    return found


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


def _note_reach(reached: dict[int, tuple[float, Sweep, int, float, Sweep, int]], placed: Placed, sweep: Sweep) -> None:
    """Keep the farthest turn either way of each joint, and where it was reached."""
    lows, highs = placed.turns.argmin(axis=0), placed.turns.argmax(axis=0)
    for i in range(placed.turns.shape[1]):
        low, high = float(placed.turns[lows[i], i]), float(placed.turns[highs[i], i])
        before = reached.get(i, (0.0, sweep, 0, 0.0, sweep, 0))
        small = (low, sweep, int(lows[i])) if low < before[0] else before[:3]
        large = (high, sweep, int(highs[i])) if high > before[3] else before[3:]
        reached[i] = (*small, *large)


def _gaps(
    puppet: Puppet, pictures: Mapping[str, Picture], key: str, reach: tuple[float, Sweep, int, float, Sweep, int]
) -> list[Noticed]:
    low, low_sweep, low_frame, high, high_sweep, high_frame = reach
    if high - low < LOOKED_AT or (opens := gap_turns(puppet, pictures, key)) is None:
        return []
    found = []
    for turn, at, sweep, frame in ((low, opens[0], low_sweep, low_frame), (high, opens[1], high_sweep, high_frame)):
        if abs(turn) > abs(at) + SLACK and abs(at) < math.pi:
            place = evaluate(compile_plan(puppet), {n: float(v[frame]) for n, v in sweep.channels.items()}).pivot(key)
            found.append(
                Noticed(
                    finding(
                        "gap",
                        key,
                        OPENS_ON_THE_WAY,
                        name=puppet.joints[key].name,
                        opens=angle_text(at, 0),
                        turn=angle_text(turn, 0),
                    ),
                    sweep,
                    frame,
                    place,
                )
            )
    return found
