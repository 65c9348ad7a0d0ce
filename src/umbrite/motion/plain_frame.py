"""One frame in plain numbers: what `evaluate` does for many, for a drag, where NumPy's cost per call is some fifty times that of the arithmetic.

It serves puppets as most are posed: every joint scaled evenly, no soft limit in a limb. All else goes the way of many frames; the tests hold
both to each other. A map is then `z -> a z + t`. Same formulas, same order.
"""

import cmath
import itertools
import math
from bisect import bisect_right
from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.driving.curves import Curve
from umbrite.motion.driving.responding import respond_once
from umbrite.motion.driving.steps import LARGEST, Follower, Together
from umbrite.motion.plan import EndBatch, LimbBatch, Plan, but_swing
from umbrite.motion.soft_ends import Ends, taken
from umbrite.motion.solvers.limb_solving import MOST_SOFTEN
from umbrite.motion.solvers.long_limb import reach_long
from umbrite.motion.solvers.one_frame import STILL, Span, into_range, reach_two
from umbrite.rig.channels import BY_LIMB, HOLDS, TOE
from umbrite.rig.quantities.angles import TAU
from umbrite.rig.remembered import remembered_by

Floats = NDArray[np.float64]
Tables = dict[str, Floats]
Linked = dict[tuple[str, int], Floats]
TWO = 2  # limbs of more joints have no closed form
WHOLE, FLAT = 1e-12, 1e-9
MOST_GROWN = 40  # powers of ten that scales, one within the other, may come to


class PlainLink(NamedTuple):
    """A link with its curve as lists; `slopes` are those of pieces, and of points where it is smooth."""

    what: str
    place: int
    travel: int  # the joint whose way is followed; -1 for a channel
    drives: tuple[str, int]
    curve: tuple[list[float], list[float], list[float], list[float] | None]


class PlainEnd(NamedTuple):
    """What may keep the angle of a limb's end."""

    limb: int
    joint: int
    frame: int
    target: int
    toe: int
    hold: int


class PlainLimb(NamedTuple):
    """A limb: places of its joints and what it reaches for, how it stretches, and the ranges that make sense to ask for."""

    number: int
    joints: tuple[int, ...]
    parent: int
    target: int
    tip: complex
    bend: float
    soften: float
    stretch: float
    stretches: tuple[float, ...]  # each joint's share
    spans: tuple[Span, ...]
    give: tuple[float, ...]


PlainFollower = PlainLink | Together


class PlainStep(NamedTuple):
    """The work of one rank."""

    links: tuple[PlainFollower, ...]
    ends: tuple[PlainEnd, ...]
    joints: range
    limbs: tuple[PlainLimb, ...]


class Program(NamedTuple):
    """A plan as lists."""

    early: tuple[PlainFollower, ...]
    steps: tuple[PlainStep, ...]
    parent: list[int]
    pivot: list[complex]
    low: list[float]
    high: list[float]
    soft: list[bool]
    carriers: dict[int, list[int]]
    carry: list[complex]  # by how much a joint is shifted for each time that its parent is longer


class PlainlyPlaced(NamedTuple):
    """Maps `z -> a z + t` of all joints and the ground, turns, and how limbs fared."""

    a: list[complex]
    t: list[complex]
    turns: list[float]
    distance: list[float]
    bend: list[float]
    longer: list[float]


@remembered_by(but_swing)
def program_of(plan: Plan) -> Program | None:
    """The plan in plain numbers; None for one whose limbs have soft limits, or whose scales are driven late."""
    if plan.late & {"scale_x", "scale_y", "skew"}:
        return None
    ends = plan.ends
    soft = ((ends.soft_smallest > 0) | (ends.soft_largest > 0)).tolist()
    batches = [batch for step in plan.steps for batch in step.limbs]
    if any(soft[joint] for batch in batches for joint in batch.joints.ravel().tolist()):
        return None
    steps = tuple(
        PlainStep(
            tuple(map(_link, step.links)),
            _ends(step.every_end),
            range(step.first, step.last),
            tuple(limb for batch in step.limbs for limb in _limbs(plan, batch)),
        )
        for step in plan.steps
    )
    return Program(
        tuple(map(_link, plan.links)), steps, plan.parent.tolist(), plan.pivot.tolist(), ends.smallest.tolist(),
        ends.largest.tolist(), soft, {place: known.tolist() for place, known in plan.carriers.items()},
        _carry(plan),
    )  # fmt: skip


def _carry(plan: Plan) -> list[complex]:
    """See `evaluate._carried_along`."""
    axis, above = plan.axis[plan.parent], np.append(plan.pivot, 0j)[plan.parent]
    found: list[complex] = (((plan.pivot - above) * np.conj(axis)).real * axis).tolist()
    return found


def _link(step: Follower) -> PlainFollower:
    if isinstance(step, Together):
        return step
    curve: Curve = step.curve
    slopes = None if curve.slopes is None else curve.slopes.tolist()
    plain = (curve.xs.tolist(), curve.ys.tolist(), curve.steps.tolist(), slopes)
    what, place = ("", -1) if step.source is None else (step.source.what, step.source.place)
    return PlainLink(what, place, step.travel, (step.drives.what, step.drives.place), plain)


def _ends(batch: EndBatch | None) -> tuple[PlainEnd, ...]:
    if batch is None:
        return ()
    return tuple(PlainEnd(*row) for row in zip(*(field.tolist() for field in batch), strict=True))


def _limbs(plan: Plan, batch: LimbBatch) -> list[PlainLimb]:
    low, high = plan.ends.asked
    found = []
    for i, joints in enumerate(batch.joints.tolist()):
        spans = tuple(
            (-math.pi if math.isinf(low[j]) else float(low[j]), math.pi if math.isinf(high[j]) else float(high[j]))
            for j in joints
        )
        found.append(
            PlainLimb(
                int(batch.numbers[i]), tuple(joints), int(batch.parent[i]), int(batch.target[i]), complex(batch.tip[i]),
                float(batch.bend[i]), float(batch.soften[i]), float(batch.stretch[i]), tuple(batch.stretches[i].tolist()), spans, tuple(plan.give[joints].tolist()),
            )
        )  # fmt: skip
    return found


def follow(link: PlainLink, values: Tables, linked: Linked, moved: float = 0.0) -> None:
    """Add what a link's curve gives to what it drives; `moved` is how far its joint has come, of those by travel."""
    x = moved if link.travel >= 0 else float(values[link.what][0, link.place])
    what, place = link.drives
    before = float(values[what][0, place])
    now = min(max(before + _at(link.curve, x), -LARGEST), LARGEST)
    values[what][0, place] = now
    linked[link.drives] = linked.get(link.drives, 0.0) + np.array([now - before])


def _at(curve: tuple[list[float], list[float], list[float], list[float] | None], x: float) -> float:
    """See `linking.curve_at`."""
    xs, ys, steps, slopes = curve
    place = min(max(bisect_right(xs, x) - 1, 0), len(xs) - 2)
    width = xs[place + 1] - xs[place]
    share = min(max((x - xs[place]) / width, 0.0), 1.0)
    if slopes is None:
        inside, first, last = ys[place] + share * width * steps[place], steps[0], steps[-1]
    else:
        a, b, rise = slopes[place] * width, slopes[place + 1] * width, ys[place + 1] - ys[place]
        inside = ys[place] + share * (a + share * (3 * rise - 2 * a - b + share * (a + b - 2 * rise)))
        first, last = slopes[0], slopes[-1]
    return inside + min(x - xs[0], 0.0) * first + max(x - xs[-1], 0.0) * last


def suits(plan: Plan, values: Tables) -> bool:
    """Whether all joints are scaled evenly, neither to nothing nor beyond all numbers."""
    wide = values["scale_x"]
    if values["skew"].any():
        return False
    if not wide.any() and not values["scale_y"].any():
        return True
    sizes = np.abs(1 + wide)
    if (wide != values["scale_y"]).any() or not sizes.all():
        return False
    return len(plan.steps) * float(np.abs(np.log10(sizes)).max()) < MOST_GROWN


def placed_plainly(plan: Plan, program: Program, values: Tables, linked: Linked) -> PlainlyPlaced:
    """Place all joints of one frame. `values` are tables of one row, to which late links add, as they do to `linked`."""
    return _Frame(plan, program, values, linked).run()


class _Asked(NamedTuple):
    """What is asked of a limb in its root's carrier's frame: where to, its lengths, the side, and the share of its own turns."""

    limb: PlainLimb
    to: complex
    lengths: list[complex]
    side: float
    share: float


class _Frame:
    def __init__(self, plan: Plan, program: Program, values: Tables, linked: Linked) -> None:
        self.plan, self.program, self.values, self.linked = plan, program, values, linked
        count = len(program.parent)
        self.given = values["turn"][0].tolist()
        self.turns: list[float] = taken(values["turn"], plan.ends)[0].tolist()
        self.shift: list[complex] = (values["x"][0] + 1j * values["y"][0]).tolist()
        self.scale = (1 + values["scale_x"][0]).tolist()
        self.a = [0j] * count + [1 + 0j]
        self.t = [0j] * (count + 1)
        self.longer = [1.0] * (count + 1)
        self.distance, self.bend = [0.0] * len(plan.limbs), [1.0] * len(plan.limbs)

    def run(self) -> PlainlyPlaced:
        values, program = self.values, self.program
        follows = values["follows"][0].tolist() if program.carriers else []
        holds = values["hold"][0].tolist()
        for step in program.steps:
            for link in step.links:
                self._follow(link)
            for end in step.ends:
                told = round(holds[end.limb])
                hold = min(max(told, 1), len(HOLDS)) if told else end.hold
                if hold != BY_LIMB:
                    self._keep_angle(end, hold)
            self._place(step.joints, follows)
            long: dict[int, list[_Asked]] = {}
            for limb in step.limbs:
                asked = self._asked(limb)
                if len(limb.joints) > TWO:
                    long.setdefault(len(limb.joints), []).append(asked)
                else:
                    self._take(asked, self._short(asked))
            for group in long.values():
                self._solve_long(group)
        for step in program.steps:
            for limb in step.limbs:
                self._fared(limb)
        return PlainlyPlaced(self.a, self.t, self.turns, self.distance, self.bend, self.longer)

    def _place(self, joints: range, follows: list[float]) -> None:
        program = self.program
        for joint in joints:
            above = program.parent[joint]
            if joint in program.carriers:
                known = program.carriers[joint]
                above = known[min(max(round(follows[joint]), 0), len(known) - 1)]
            shift, turn, scale = self._shifted(joint), self.turns[joint], self.scale[joint]
            over, lies = self.a[above], self.t[above]
            if turn or shift or scale != 1.0:  # most joints of a pose only ride along
                pivot, a = program.pivot[joint], cmath.rect(1.0, turn) * scale
                lies += over * (pivot + shift - a * pivot)
                over *= a
            self.a[joint], self.t[joint] = over, lies

    def _shifted(self, joint: int) -> complex:
        """A joint's own shift, and what comes to it because its parent is longer."""
        more = self.longer[self.program.parent[joint]] - 1
        return self.shift[joint] + more * self.program.carry[joint] if more else self.shift[joint]

    def _follow(self, link: PlainFollower) -> None:
        if isinstance(link, Together):
            respond_once(self.plan.ends, link, self.values, self.linked, self.turns)
            for what, place in link.addresses:
                self._renew(what, place)
            return
        if link.travel >= 0:
            pivot = self.program.pivot[link.travel]
            moved = (self.a[link.travel] * pivot + self.t[link.travel] - pivot).real
        else:
            moved = 0.0
        follow(link, self.values, self.linked, moved)
        self._renew(*link.drives)

    def _renew(self, what: str, place: int) -> None:
        """A joint's own shift or turn once more, after something was added to it."""
        if what in {"x", "y"}:
            self.shift[place] = complex(self.values["x"][0, place], self.values["y"][0, place])
        elif what == "turn":
            self.given[place] = float(self.values["turn"][0, place])
            self.turns[place] = self._taken(place, self.given[place])

    def _taken(self, joint: int, turn: float) -> float:
        program = self.program
        if program.soft[joint]:
            return float(taken(np.array([turn]), self.plan.ends.at(np.array([joint])))[0])
        return min(max(turn, program.low[joint]), program.high[joint])

    def _keep_angle(self, end: PlainEnd, hold: int) -> None:
        """See `evaluate._keep_angles`."""
        program, joint = self.program, end.joint
        above = program.parent[joint]
        if hold == TOE:
            toe, pivot = program.pivot[end.toe], program.pivot[joint]
            at = (self.a[end.toe] * toe + self.t[end.toe] - self.t[above]) / self.a[above]
            wanted, drawn = at - (pivot + self.shift[joint]), self.scale[joint] * (toe - pivot)
            usable = abs(wanted) > FLAT and abs(drawn) > FLAT
            turn = cmath.phase(wanted * drawn.conjugate()) if usable else 0.0
        else:
            frame = self.a[end.frame]
            turn = cmath.phase(self.a[end.target] / frame) - cmath.phase(self.a[above] / frame)
        turn = math.remainder(turn + self.given[joint], TAU)
        if abs(turn) < WHOLE:
            turn = 0.0  # rounding would blur the rest picture
        low, high = program.low[joint], program.high[joint]
        if not (low <= turn <= high):
            up = math.ceil(max((low - turn) / TAU - WHOLE, 0.0)) if math.isfinite(low) else 0
            down = math.ceil(max((turn - high) / TAU - WHOLE, 0.0)) if math.isfinite(high) else 0
            other = turn + TAU * (up - down)
            turn = other if low - TAU * WHOLE <= other <= high + TAU * WHOLE else turn
        self.turns[joint] = self._taken(joint, turn)

    def _asked(self, limb: PlainLimb) -> "_Asked":
        """What is asked of a limb: see `limb_solving.solve_limbs`."""
        program, values = self.program, self.values
        share = min(max(float(values["blend"][0, limb.number]), 0.0), 1.0)
        joints, pivot = limb.joints, program.pivot
        lengths, scale = [], 1.0
        for one, other in itertools.pairwise(joints):
            scale *= self.scale[one]
            lengths.append(scale * (pivot[other] + self.shift[other] - pivot[one]))
        lengths.append(scale * self.scale[joints[-1]] * (limb.tip - pivot[joints[-1]]))
        over, target = limb.parent, limb.target
        at = (self.a[target] * pivot[target] + self.t[target] - self.t[over]) / self.a[over]
        to = at - (pivot[joints[0]] + self._shifted(joints[0]))
        wanted = abs(to)
        if len(joints) > 1:
            soften = limb.soften + float(values["soften"][0, limb.number])
            to = _softened(to, lengths, min(max(soften, 0.0), MOST_SOFTEN))
        stretch = limb.stretch + float(values["stretch"][0, limb.number])
        if stretch > 0:
            to, lengths = self._stretched(limb, to, lengths, (wanted, stretch, share))
        side = limb.bend * (1 - 2 * min(max(float(values["bend"][0, limb.number]), 0.0), 1.0))
        return _Asked(limb, to, lengths, side, share)

    def _short(self, asked: "_Asked") -> tuple[float, ...]:
        limb, to, lengths, side, _ = asked
        if len(lengths) == 1:
            return (_aimed(to, lengths[0], limb.spans[0]),)
        return reach_two(to, lengths[0], lengths[1], side, *limb.spans)

    def _solve_long(self, group: "list[_Asked]") -> None:
        """Long limbs of one rank and length together."""
        spans = np.array([asked.limb.spans for asked in group])
        none = np.zeros(spans.shape[:2])
        turns = reach_long(
            np.array([asked.to for asked in group]),
            np.array([asked.lengths for asked in group]),
            np.array([[self.turns[joint] for joint in asked.limb.joints] for asked in group]),
            Ends(spans[..., 0], spans[..., 1], none, none),
            np.array([asked.limb.give for asked in group]),
            np.array([-1.0 if asked.side < 0 else 1.0 for asked in group]),
        )
        for asked, solved in zip(group, turns.tolist(), strict=True):
            self._take(asked, solved)

    def _take(self, asked: "_Asked", solved: Sequence[float]) -> None:
        for joint, turn in zip(asked.limb.joints, solved, strict=True):
            self.turns[joint] = turn if not asked.share else self._mixed(joint, turn, asked.share)

    def _stretched(
        self, limb: PlainLimb, to: complex, lengths: list[complex], how: tuple[float, float, float]
    ) -> tuple[complex, list[complex]]:
        """Goal and lengths of a limb that is longer, for the distance that is wanted, the stretch, and the share of own turns."""
        wanted, stretch, share = how
        reached = min(abs(to), sum(map(abs, lengths)))
        factor = min(max(wanted / reached if reached > 0 else 0.0, 1.0), 1 + stretch)
        bow = max(float(self.values["bow"][0, limb.number]), 0.0)
        bowed = min(max(factor + bow, 1.0), 1 + stretch)
        longer = [1 + (bowed - 1) * each for each in limb.stretches]
        for joint, times in zip(limb.joints, longer, strict=True):
            self.longer[joint] = 1 + (times - 1) * (1 - share)
        return to * factor, [length * times for length, times in zip(lengths, longer, strict=True)]

    def _mixed(self, joint: int, solved: float, share: float) -> float:
        """See `limb_solving._mixed`."""
        own = self.turns[joint]
        if not (math.isinf(self.program.low[joint]) and math.isinf(self.program.high[joint])):
            return solved + share * (own - solved)
        if share >= 1:
            return own
        short = own + (1 - share) * math.remainder(solved - own, TAU)
        whole = TAU * round(own / TAU)
        return whole + math.remainder(short - whole, TAU)

    def _fared(self, limb: PlainLimb) -> None:
        pivot, root, last = self.program.pivot, limb.joints[0], limb.joints[-1]
        start, middle = (self.a[joint] * pivot[joint] + self.t[joint] for joint in (root, last))
        end = limb.tip + (self.longer[last] - 1) * (limb.tip - pivot[last])
        tip = self.a[last] * end + self.t[last]
        self.distance[limb.number] = abs(tip - (self.a[limb.target] * pivot[limb.target] + self.t[limb.target]))
        first, second = middle - start, tip - middle
        cross = (first.conjugate() * second).imag
        straight = abs(cross) <= FLAT * abs(first) * abs(second)
        self.bend[limb.number] = limb.bend if straight else math.copysign(1.0, cross)


def _aimed(to: complex, v1: complex, span: Span) -> float:
    """See `two_joint.aim`."""
    angle = cmath.phase(to) - cmath.phase(v1) if to and v1 else 0.0
    return into_range(0.0 if abs(to - v1) <= STILL * abs(v1) else angle, span)[0]


def _softened(to: complex, lengths: list[complex], soften: float) -> complex:
    """See `limb_solving.softened`."""
    full = sum(map(abs, lengths))
    begins = min(max(full * (1 - soften), abs(sum(lengths)), 0.0), full)
    zone, distance = full - begins, abs(to)
    if distance <= begins or zone <= FLAT * full:
        return to
    return to * ((begins + zone * (1 - math.exp(-(distance - begins) / zone))) / distance)
