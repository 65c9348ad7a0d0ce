"""Feet that stand on the board while their puppet goes after its master, however that is moved, turned, scaled, mirrored or carried.

How far the steps are is told by the way that the master has gone in its own frame, along the slope on which it goes. Each time a foot comes
down it gets a place on the board, and keeps it until it lifts; from there it swings to the next place, at rest on the board as it lifts and
lands.
"""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.animating.walking import STANCE, cycle_way, leg_length, legs_of, lowered, master_of, phases
from umbrite.motion.evaluate import Placed, evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.sampling import sample
from umbrite.rig.affine import Affine, inverse
from umbrite.rig.model import Puppet
from umbrite.rig.remembered import remembered
from umbrite.rig.takes.take import Steps, Take

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
FINE = 8  # looks at the master a frame
STEEP = (
    0.5  # the cosine of the slope up to which a puppet climbs; on steeper ways it steps less, straight up not at all
)


class Gone(NamedTuple):
    """How a master goes through a take, at frames close to each other: its map, how many cycles of steps it has gone, and to where it goes in
    its own frame (a unit vector that points ahead, up or down the slope).
    """

    frames: Floats
    maps: Affine[Complexes]
    cycles: Floats
    ahead: Complexes


class _Stage(NamedTuple):
    """One time that a foot stands (even `number`) or swings (odd): from and up to which look, and its places on the board at both ends."""

    number: int
    first: int
    last: int
    begins: complex
    ends: complex


def _keyed(take: Take, puppet: Puppet, frames: Floats) -> Placed:
    """Everything placed by the keys alone, before anything steps."""
    return evaluate(compile_plan(puppet), {"": np.zeros(len(frames)), **sample(take, puppet, frames)})


@remembered
def gone(take: Take, puppet: Puppet) -> Gone:
    """How the master of a puppet that can walk goes through a take."""
    assert take.walking is not None
    master = master_of(puppet)
    assert master is not None
    frames = np.linspace(take.first, take.last, (take.last - take.first) * FINE + 1)
    maps = _keyed(take, puppet, frames).joint_maps(master)
    pivot, way = puppet.joints[master].pivot.z, cycle_way(puppet, take.walking)
    at = maps(np.full(len(frames), pivot))
    middle = Affine(*((field[1:] + field[:-1]) / 2 for field in maps))
    moves = _undirected(middle, np.diff(at))
    size, facing = np.abs(moves), np.sign(way) or 1.0
    cosine = np.divide(moves.real, size, out=np.zeros(len(moves)), where=size > 0)
    steps = np.divide(moves.real, np.maximum(np.abs(cosine), STEEP)) / way
    begun = float(_undirected(Affine(*(field[:1] for field in maps)), at[:1] - pivot).real[0]) / way
    cycles = begun + np.concatenate([[0.0], np.cumsum(steps)])
    # Where it hardly moves, or goes straight up, it is ready to go on as it went before.
    goes = np.flatnonzero((size > 1e-6) & (np.abs(cosine) >= STEEP))
    ways = np.full(len(frames), complex(facing))
    if len(goes):
        known = moves[goes] / size[goes] * np.sign(cosine[goes]) * facing
        ways = known[np.clip(np.searchsorted(goes, np.arange(len(frames)), side="right") - 1, 0, len(goes) - 1)]
    return Gone(frames, maps, cycles, ways)


def _undirected(maps: Affine[Complexes], vectors: Complexes) -> Complexes:
    """Vectors of the board in a moved frame."""
    back = inverse(Affine(maps.a, maps.b, np.zeros_like(maps.a)))
    return np.asarray(back.direction(vectors))


def cycles_at(went: Gone, frames: Floats) -> Floats:
    """How many cycles of steps have gone at frames."""
    return np.interp(frames, went.frames, went.cycles)


@remembered
def _stages(take: Take, puppet: Puppet) -> dict[str, list[_Stage]]:
    """When each leg of a take stands and swings, and where on the board."""
    steps, went = take.walking, gone(take, puppet)
    assert steps is not None
    legs = legs_of(puppet)
    return {
        leg: _of_leg(
            went, puppet.joints[puppet.limbs[leg].target].pivot.z, begin, _reach(puppet, steps), STANCE[steps.gait]
        )
        for leg, begin in phases(puppet, legs, steps.gait).items()
    }


def _reach(puppet: Puppet, steps: Steps) -> tuple[float, float]:
    """The length of a step while the foot stands, and of two, in the master's frame."""
    way = abs(cycle_way(puppet, steps))
    return way * STANCE[steps.gait], way


def _of_leg(went: Gone, rest: complex, begin: float, reach: tuple[float, float], stance: float) -> list[_Stage]:
    """The stages of one foot, which rests at a place of the master's frame. A place where it comes down is found once and holds for what comes
    before and after it.
    """
    stride, way = reach
    cycles = went.cycles - begin
    number = 2 * np.floor(cycles) + (cycles % 1.0 >= stance)
    starts = np.concatenate([[0], np.flatnonzero(np.diff(number)) + 1])
    ends = np.concatenate([starts[1:], [len(number)]])
    numbers = [int(number[first]) for first in starts]

    def on_board(look: int, off: float) -> complex:
        here = Affine(*(complex(field[look]) for field in went.maps))
        return complex(here(rest + off * complex(went.ahead[look])))

    stands: list[complex | None] = [None] * len(numbers)
    for i, (one, first) in enumerate(zip(numbers, starts, strict=True)):
        if one % 2 == 0:
            stands[i] = on_board(int(first), (0.5 - float(cycles[first] % 1.0) / stance) * stride)
    found = []
    for i, (one, first, last) in enumerate(zip(numbers, starts, ends, strict=True)):
        if (here := stands[i]) is not None:
            found.append(_Stage(one, int(first), int(last), here, here))
            continue
        near = {numbers[j] - one: stands[j] for j in (i - 1, i + 1) if 0 <= j < len(numbers)}
        middle = int(first + last) // 2
        two = on_board(middle, way) - on_board(middle, 0.0)
        back, front = near.get(-1), near.get(1)
        if back is None and front is None:
            share = (float(cycles[first] % 1.0) - stance) / (1 - stance)
            back = on_board(int(first), -stride / 2 - share * (1 - stance) * way)
        back = front - two if back is None and front is not None else back
        assert back is not None
        found.append(_Stage(one, int(first), int(last), back, back + two if front is None else front))
    return found


def _along(stages: list[_Stage], went: Gone, frames: Floats, begin: float, stance: float) -> tuple[Complexes, Floats]:
    """Where a foot is on the board at frames, without its lift, and the share of the lift, 0 to 1."""
    looks = np.clip((frames - went.frames[0]) * FINE, 0, len(went.frames) - 1)
    firsts, every = np.array([stage.first for stage in stages]), np.array([stage.number for stage in stages])
    before, after = (np.searchsorted(firsts, ends(looks), side="right") - 1 for ends in (np.floor, np.ceil))
    cycles = cycles_at(went, frames) - begin
    which = np.where(every[before] == 2 * np.floor(cycles) + (cycles % 1.0 >= stance), before, after)
    numbers, begins, ends = every[which], *(np.array([stage[i] for stage in stages])[which] for i in (3, 4))
    share = np.where(numbers % 2 == 1, np.clip((cycles - np.floor(numbers / 2) - stance) / (1 - stance), 0.0, 1.0), 0.0)
    return begins + (ends - begins) * share**2 * (3 - 2 * share), 16 * share**2 * (1 - share) ** 2


def planted(take: Take, puppet: Puppet, frames: Floats) -> dict[str, Floats]:
    """The channels of the feet of a take that walks after its master, at frames, shape (n,)."""
    steps, master = take.walking, master_of(puppet)
    assert steps is not None
    assert master is not None
    went, count = gone(take, puppet), len(frames)
    placed = _keyed(take, puppet, frames)
    begins, lift = phases(puppet, legs_of(puppet), steps.gait), steps.lift * leg_length(puppet)
    up = placed.joint_maps(master).direction(np.full(count, -1j * lift))
    found: dict[str, Floats] = {}
    for leg, stages in _stages(take, puppet).items():
        target = puppet.limbs[leg].target
        at, height = _along(stages, went, frames, begins[leg], STANCE[steps.gait])
        own = inverse(placed.carrier_maps(target))(at + height * up) - puppet.joints[target].pivot.z
        found[f"{target}.x"], found[f"{target}.y"] = np.asarray(own.real), np.asarray(own.imag)
    return found


@remembered
def sunk(take: Take, puppet: Puppet) -> float:
    """How much lower than on flat ground the body must be, so that feet reach their places on the steepest slope of a take."""
    steps, went = take.walking, gone(take, puppet)
    assert steps is not None
    stride, _ = _reach(puppet, steps)
    slopes = {complex(round(z.real, 2), round(z.imag, 2)) for z in went.ahead.tolist()}
    flat = complex(np.sign(cycle_way(puppet, steps)) or 1.0)
    return max(
        (lowered(puppet, steps, z * stride) - lowered(puppet, steps, flat * stride) for z in slopes), default=0.0
    )
