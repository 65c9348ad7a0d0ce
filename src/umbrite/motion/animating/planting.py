"""Feet that stand on the board while their puppet goes after its master, however that is moved, turned, scaled, mirrored or carried.

How far the steps are is told by the way that the master has gone in its own frame, along the slope on which it goes. Each time a foot comes
down it gets a place on the board, and keeps it until it lifts; from there it swings to the next place, at rest on the board as it lifts and
lands.
"""

from collections.abc import Mapping
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.animating.walking import STANCE, cycle_way, leg_length, legs_of, lowered, master_of, phases
from umbrite.motion.evaluate import evaluate
from umbrite.motion.layering import with_layers
from umbrite.motion.placed import Placed
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
    its own frame (a unit vector that points ahead, up or down the slope); and the maps of what carries each target of a leg.
    """

    frames: Floats
    maps: Affine[Complexes]
    cycles: Floats
    ahead: Complexes
    carriers: Mapping[str, Affine[Complexes]]


class _Foot(NamedTuple):
    """The target of a leg, where it rests and when it comes down; and for each time that it stands (an even number) or swings (odd) the look at
    which that begins, its number, and its places on the board at both ends.
    """

    target: str
    rest: complex
    begin: float
    firsts: NDArray[np.intp]
    numbers: Floats
    begins: Complexes
    ends: Complexes


def _keyed(take: Take, puppet: Puppet, frames: Floats) -> Placed:
    """Everything placed by the keys alone, before anything steps."""
    keyed = with_layers(take, puppet, frames, sample(take, puppet, frames))
    return evaluate(compile_plan(puppet), {"": np.zeros(len(frames)), **keyed})


@remembered
def gone(take: Take, puppet: Puppet) -> Gone:
    """How the master of a puppet that can walk goes through a take."""
    assert take.walking is not None
    master = master_of(puppet)
    assert master is not None
    frames = np.linspace(take.first, take.last, (take.last - take.first) * FINE + 1)
    placed = _keyed(take, puppet, frames)
    maps = placed.joint_maps(master)
    targets = [puppet.limbs[leg].target for leg in legs_of(puppet)]
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
    return Gone(frames, maps, cycles, ways, {target: placed.carrier_maps(target) for target in targets})


def _undirected(maps: Affine[Complexes], vectors: Complexes) -> Complexes:
    """Vectors of the board in a moved frame."""
    back = inverse(Affine(maps.a, maps.b, np.zeros_like(maps.a)))
    return np.asarray(back.direction(vectors))


def cycles_at(went: Gone, frames: Floats) -> Floats:
    """How many cycles of steps have gone at frames."""
    return np.interp(frames, went.frames, went.cycles)


@remembered
def _feet(take: Take, puppet: Puppet) -> list[_Foot]:
    """When each foot of a take stands and swings, and where on the board."""
    steps, went = take.walking, gone(take, puppet)
    assert steps is not None
    legs = legs_of(puppet)
    found = []
    for leg, begin in phases(puppet, legs, steps.gait).items():
        target = puppet.limbs[leg].target
        rest = puppet.joints[target].pivot.z
        stages = _stages_of(went, rest, begin, _reach(puppet, steps), STANCE[steps.gait])
        found.append(_Foot(target, rest, begin, *stages))
    return found


def _reach(puppet: Puppet, steps: Steps) -> tuple[float, float]:
    """The length of a step while the foot stands, and of two, in the master's frame."""
    way = abs(cycle_way(puppet, steps))
    return way * STANCE[steps.gait], way


def _stages_of(
    went: Gone, rest: complex, begin: float, reach: tuple[float, float], stance: float
) -> tuple[NDArray[np.intp], Floats, Complexes, Complexes]:
    """The stages of one foot, which rests at a place of the master's frame: firsts, numbers, begins and ends of a `_Foot`. A place where it
    comes down is found once and holds for what comes before and after it.
    """
    stride, way = reach
    cycles = went.cycles - begin
    number = 2 * np.floor(cycles) + (cycles % 1.0 >= stance)
    starts = np.concatenate([[0], np.flatnonzero(np.diff(number)) + 1])
    lasts = np.concatenate([starts[1:], [len(number)]])
    numbers = [int(number[first]) for first in starts]

    def on_board(look: int, off: float) -> complex:
        here = Affine(*(complex(field[look]) for field in went.maps))
        return complex(here(rest + off * complex(went.ahead[look])))

    stands: list[complex | None] = [None] * len(numbers)
    for i, (one, first) in enumerate(zip(numbers, starts, strict=True)):
        if one % 2 == 0:
            stands[i] = on_board(int(first), (0.5 - float(cycles[first] % 1.0) / stance) * stride)
    found: list[tuple[complex, complex]] = []
    for i, (one, first, last) in enumerate(zip(numbers, starts, lasts, strict=True)):
        if (here := stands[i]) is not None:
            found.append((here, here))
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
        found.append((back, back + two if front is None else front))
    places = np.array(found)
    return starts, np.array(numbers, dtype=np.float64), places[:, 0], places[:, 1]


def _along(foot: _Foot, went: Gone, frames: Floats, stance: float) -> tuple[Complexes, Floats]:
    """Where a foot is on the board at frames, without its lift, and the share of the lift, 0 to 1."""
    looks = np.clip((frames - went.frames[0]) * FINE, 0, len(went.frames) - 1)
    before, after = (np.searchsorted(foot.firsts, end(looks), side="right") - 1 for end in (np.floor, np.ceil))
    cycles = cycles_at(went, frames) - foot.begin
    which = np.where(foot.numbers[before] == 2 * np.floor(cycles) + (cycles % 1.0 >= stance), before, after)
    numbers, begins, ends = foot.numbers[which], foot.begins[which], foot.ends[which]
    share = np.where(numbers % 2 == 1, np.clip((cycles - np.floor(numbers / 2) - stance) / (1 - stance), 0.0, 1.0), 0.0)
    return begins + (ends - begins) * share**2 * (3 - 2 * share), 16 * share**2 * (1 - share) ** 2


def planted(take: Take, puppet: Puppet, frames: Floats) -> dict[str, Floats]:
    """The channels of the feet of a take that walks after its master, at frames, shape (n,)."""
    steps, went = take.walking, gone(take, puppet)
    assert steps is not None
    looks = (frames - went.frames[0]) * FINE
    known = np.rint(looks).astype(np.intp)
    if np.abs(looks - known).max() < 1e-9 and known.min() >= 0 and known.max() < len(went.frames):  # as when it plays
        master, carriers = (_only(went.maps, known), {key: _only(maps, known) for key, maps in went.carriers.items()})
    else:
        placed = _keyed(take, puppet, frames)
        master = placed.joint_maps(str(master_of(puppet)))
        carriers = {key: placed.carrier_maps(key) for key in went.carriers}
    up = master.direction(np.full(len(frames), -1j * steps.lift * leg_length(puppet)))
    found: dict[str, Floats] = {}
    for foot in _feet(take, puppet):
        at, height = _along(foot, went, frames, STANCE[steps.gait])
        own = inverse(carriers[foot.target])(at + height * up) - foot.rest
        found[f"{foot.target}.x"], found[f"{foot.target}.y"] = np.asarray(own.real), np.asarray(own.imag)
    return found


def _only(maps: Affine[Complexes], looks: NDArray[np.intp]) -> Affine[Complexes]:
    return Affine(*(field[looks] for field in maps))


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
