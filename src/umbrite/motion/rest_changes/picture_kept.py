"""Poses told anew for a puppet whose rest has changed, so that they show the picture that they showed.

What rides on a joint should have the map that it had (`M after R^-1`, where rest itself was moved by a map R: what was posed has become the
rest), or, where an edit moved its drawings at rest on purpose, turn and stretch as it did about its new pivot. From these maps come each
joint's own move, turn, scale and skew about its pivot, counted from what carries it now; targets go to where limbs' tips are then. What
links and holds add is taken off. What no target gives is posed by own turns; what no turn gives (a limit, a locked joint) stays as near as it
comes. One frame or a thousand: all arrays have shape (frames,).
"""

import itertools
from collections.abc import Iterator, Mapping
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.bends.bending import bend_of, bent
from umbrite.motion.evaluate import evaluate
from umbrite.motion.placed import Placed
from umbrite.motion.plan import Plan
from umbrite.motion.soft_ends import asked_for
from umbrite.motion.solvers.limb_solving import MOST_SOFTEN
from umbrite.rig.affine import Affine, after, around, inverse, linear
from umbrite.rig.channels import BY_LIMB, channel
from umbrite.rig.driving.rules import driven_channels
from umbrite.rig.limb_shape import bends_to, limb_tip
from umbrite.rig.model import Limb, Puppet
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.quantities.angles import TAU, wrapped

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Maps = Affine[Complexes]
Channels = Mapping[str, Floats]

SAME = 1e-9  # of a map's size, and of values: nothing but rounding
NEAR = 1e-6  # board pixels
SEEN = 0.02  # board pixels: a limb this near to where it was is there
LONG = 2  # limbs of more joints than this reach from their own turns
ROUNDS, LINKED = 4, 20
# What decides where joints are, besides poses: an edit of anything else moves nothing.
OF_JOINTS = ("pivot", "parent", "also", "limit", "give")
OF_LIMBS = ("joints", "target", "end", "tip", "bend", "end_hold", "toe", "enabled")
# What changes what poses show without taking part in where things are at rest.
OF_LOOKS = ("loose",)
OF_REACH = ("soften", "stretch")


class Rest(NamedTuple):
    """A rest before and after an edit. `posed` is the pose that has become the rest, where one has, one frame evaluated before."""

    before: Plan
    after: Plan
    posed: Placed | None = None


def places_differ(before: Puppet, puppet: Puppet) -> bool:
    """Whether poses may show something else since an edit of what places joints and parts."""

    def told(one: Puppet) -> tuple[object, ...]:
        joints = {key: tuple(getattr(joint, field) for field in OF_JOINTS) for key, joint in one.joints.items()}
        limbs = {key: tuple(getattr(limb, field) for field in OF_LIMBS) for key, limb in one.limbs.items()}
        return joints, limbs, {key: (part.joint, part.placement) for key, part in one.parts.items()}

    if before.joints is puppet.joints and before.limbs is puppet.limbs and before.parts is puppet.parts:
        return False
    return told(before) != told(puppet)


def looks_differ(before: Puppet, puppet: Puppet) -> bool:
    """The same for what is meant to change how poses look: links, swings, soften and stretch count too."""

    def told(one: Puppet) -> tuple[object, ...]:
        joints = {key: tuple(getattr(joint, field) for field in OF_LOOKS) for key, joint in one.joints.items()}
        limbs = {key: tuple(getattr(limb, field) for field in OF_REACH) for key, limb in one.limbs.items()}
        return joints, limbs, one.links, one.responses, one.shapes

    return places_differ(before, puppet) or told(before) != told(puppet)


def kept_channels(rest: Rest, channels: Channels, frames: int) -> tuple[dict[str, Floats], Floats]:
    """The channels with which the puppet shows after an edit what `channels` show before it, as near as it can; those that need be no
    others are the very arrays. And by how many board pixels the picture differs all the same, (frames,).
    """
    filled = {"": np.zeros(frames), **channels}
    was = evaluate(rest.before, filled)
    known = {name: values for name, values in filled.items() if not name or _is_there(rest.after, name)}
    plain = evaluate(rest.after, known)
    far = how_far(was, plain, rest)
    if far.max(initial=0.0) <= NEAR and not _joints_differ(rest, was, plain):
        return {name: values for name, values in known.items() if name}, far
    carry = _Carry(rest, was, plain, known)
    best, least = known, far
    for found in carry.tries():
        now = how_far(was, evaluate(rest.after, found), rest)
        if now.max(initial=0.0) < least.max(initial=0.0) - NEAR:
            best, least = found, now
        if least.max(initial=0.0) <= SEEN:
            break
    return {name: values for name, values in best.items() if name}, least


def _is_there(plan: Plan, name: str) -> bool:
    found = channel(name)
    return found is not None and found.owner in plan.owners


def _joints_differ(rest: Rest, was: Placed, now: Placed) -> bool:
    """Whether a joint that both have is elsewhere, drawings or not: what is animated next would begin from there."""
    if rest.posed is not None:
        return True
    both = [key for key in rest.after.joints if key in rest.before.place]
    one, other = ([plan.place[key] for key in both] for plan in (rest.before, rest.after))
    pivots = rest.before.pivot[one]
    a, b, t = (was.maps[i][:, one] - now.maps[i][:, other] for i in range(3))
    return bool(np.abs(a * pivots + b * np.conj(pivots) + t).max(initial=0.0) > NEAR)


def how_far(was: Placed, now: Placed, rest: Rest | None = None) -> Floats:
    """By how many board pixels drawings that are in both lie elsewhere in each frame, (frames,); those that an edit moved at rest, and
    those that do not show, do not count.
    """
    before, puppet = was.plan.puppet.parts, now.plan.puppet.parts
    places = {key: i for i, key in enumerate(now.plan.parts)}
    moved = rest is not None and rest.posed is not None
    both = [
        (i, places[key], before[key].drawing)
        for i, key in enumerate(was.plan.parts)
        if key in places
        and (moved or before[key].placement == puppet[key].placement)
        and (before[key].drawing.width, before[key].drawing.height)
        == (puppet[key].drawing.width, puppet[key].drawing.height)
    ]
    worst = np.zeros(was.frames)
    if not both:
        return worst
    there, here = [i for i, _, _ in both], [j for _, j, _ in both]
    shown = was.shown[:, there] & now.shown[:, here]
    wide, tall = (
        np.array([getattr(drawing, side) for _, _, drawing in both], dtype=float) for side in ("width", "height")
    )
    a, b, t = (one[:, there] - other[:, here] for one, other in zip(was.part_maps(), now.part_maps(), strict=True))
    for corner in (0j * wide, wide + 0j, 1j * tall, wide + 1j * tall):
        away = np.abs(a * corner + b * np.conj(corner) + t)
        np.maximum(worst, np.where(shown, away, 0.0).max(axis=1), out=worst)
    for i, j, _ in both:
        key = was.plan.parts[i]
        one, other = bend_of(was.plan.puppet, key), bend_of(now.plan.puppet, key)
        if one is not None and other is not None and before[key].mesh == puppet[key].mesh:
            mesh = before[key].mesh
            assert mesh is not None
            away = np.abs(bent(was, one, mesh.keeps_area) - bent(now, other, mesh.keeps_area)).max(axis=1)
            np.maximum(worst, np.where(was.shown[:, i] & now.shown[:, j], away, 0.0), out=worst)
    return worst


class _Carry:
    """The maps that are wanted, and the channels that give them."""

    def __init__(self, rest: Rest, was: Placed, plain: Placed, known: Channels) -> None:
        self.rest, self.was, self.plain, self.known = rest, was, plain, known
        self.plan, self.puppet = rest.after, rest.after.puppet
        self.frames = was.frames
        self.moves = _moved_at_rest(rest) if rest.posed is None else frozenset()
        self.longer = np.ones((self.frames, len(self.plan.joints) + 1))
        for i, key in enumerate(self.plan.joints):
            if key in rest.before.place:
                self.longer[:, i] = was.lengthened[:, rest.before.place[key]]
        self.maps = [np.zeros((self.frames, len(self.plan.joints) + 1), dtype=np.complex128) for _ in range(3)]
        self.maps[0][:, -1] = 1
        self.above = [plain.carriers(key) for key in self.plan.joints]
        for i, key in enumerate(self.plan.joints):
            self._put(i, self._wanted(key, i))

    def _at(self, i: int) -> Maps:
        return Affine(*(field[:, i] for field in self.maps))

    def _carrier(self, i: int) -> Maps:
        rows = np.arange(self.frames)
        return Affine(*(field[rows, self.above[i]] for field in self.maps))

    def _put(self, i: int, wanted: Maps) -> None:
        for field, values in zip(self.maps, wanted, strict=True):
            field[:, i] = values

    def _wanted(self, key: str, i: int) -> Maps:
        """The map that a joint should have."""
        before = self.rest.before
        if key in self.moves or key not in before.place:
            # Moved on purpose, or new: it does about its pivot what it did, or nothing.
            a, b = np.ones(self.frames, complex), np.zeros(self.frames, complex)
            shift = self._along(i)
            if key in before.place:
                x, y, wide, tall, skew = (
                    self.was.channels[what][:, before.owners[key]] for what in ("x", "y", "scale_x", "scale_y", "skew")
                )
                a, b = linear(self.was.turns[:, before.place[key]], 1 + wide, 1 + tall, skew)
                shift = shift + x + 1j * y
            return after(self._carrier(i), around(complex(self.plan.pivot[i]), a, b, shift))
        found = self.was.joint_maps(key)
        if self.rest.posed is not None:
            found = after(found, inverse(self.rest.posed.joint_map(key)))
        return found

    def _along(self, i: int) -> Complexes:
        """By how much a joint is shifted because what carries it is longer."""
        up = self.above[i]
        axis, above = self.plan.axis[up], np.append(self.plan.pivot, 0j)[up]
        along = ((self.plan.pivot[i] - above) * np.conj(axis)).real
        return np.asarray((self.longer[np.arange(self.frames), up] - 1) * along * axis)

    # Channels

    def tries(self) -> Iterator[dict[str, Floats]]:
        """Channels that give the maps: limbs by their targets, and then those that miss by their own turns."""
        yield (by_targets := self._settled(self._by_targets()))
        now = evaluate(self.plan, by_targets)
        missing = frozenset(key for key, limb in self.puppet.limbs.items() if limb.enabled and self._misses(limb, now))
        if missing:
            yield self._settled(self._channels(missing))

    def _misses(self, limb: Limb, now: Placed) -> bool:
        for key in limb.joints:
            i = self.plan.place[key]
            for at in (self.plan.pivot[i], complex(limb_tip(self.puppet, limb))):
                if (
                    np.abs(self._at(i)(np.full(self.frames, at)) - now.joint_maps(key)(np.full(self.frames, at))).max()
                    > SEEN
                ):
                    return True
        return False

    def _by_targets(self) -> dict[str, Floats]:
        extra: dict[str, Floats] = {}
        for key, limb in self.puppet.limbs.items():
            if limb.enabled and not (self._total(f"{key}.blend") >= 1).all() and self._is_affected(key, limb):
                extra |= self._target_put(key, limb)
        return self._channels(frozenset()) | extra

    def _is_affected(self, key: str, limb: Limb) -> bool:
        """Whether the limb has to be solved anew: with the target where it was it would be elsewhere."""
        i = self.plan.place[limb.target]
        at = np.full(self.frames, self.plan.pivot[i])
        stays = np.abs(self._at(i)(at) - self.plain.joint_maps(limb.target)(at)).max() <= NEAR
        return not stays or self._misses(limb, self.plain) or key not in self.rest.before.owners

    def _target_put(self, key: str, limb: Limb) -> dict[str, Floats]:
        """The target on the tip, farther out by as much as soften draws it in; the side to which the limb bends."""
        places = [self.plan.place[joint] for joint in limb.joints]
        points = [self._at(i)(np.full(self.frames, self.plan.pivot[i])) for i in places]
        last, axis = places[-1], complex(self.plan.axis[places[-1]])
        end = complex(limb_tip(self.puppet, limb))
        along = ((end - self.plan.pivot[last]) * np.conj(axis)).real
        points.append(self._at(last)(end + (self.longer[:, last] - 1) * along * axis))
        i = self.plan.place[limb.target]
        own = self._at(i)
        at = self._unsoftened(key, limb, points)
        self._put(i, own._replace(t=own.t + at - own(np.full(self.frames, self.plan.pivot[i]))))
        found = {}
        if len(limb.joints) > 1:
            found[f"{key}.bend"] = self._bend(key, limb, points)
        if len(limb.joints) > LONG:
            found |= {
                f"{joint}.turn": self._asked(joint, self._own(self.plan.place[joint])[1]) for joint in limb.joints
            }
        return found

    def _bend(self, key: str, limb: Limb, points: list[Complexes]) -> Floats:
        """The channel of the side: as it was, the other way round where the limb itself bends to the other side now."""
        before, side = self.rest.before.puppet, bends_to(self.puppet, limb)
        if key in before.limbs and before.limbs[key].enabled:
            was = self.was.channels["bend"][:, self.rest.before.owners[key]]
            return was if bends_to(before, before.limbs[key]) == side else 1.0 - was
        first, second = points[1] - points[0], points[2] - points[1]
        carrier = self._carrier(self.plan.place[limb.joints[0]])
        sense = np.where(np.abs(carrier.b) > np.abs(carrier.a), -1.0, 1.0)
        cross = (np.conj(first) * second).imag * sense
        straight = np.abs(cross) <= SAME * np.abs(first) * np.abs(second)
        return np.where(straight, 0.0, (np.sign(cross) != side).astype(float))

    def _unsoftened(self, key: str, limb: Limb, points: list[Complexes]) -> Complexes:
        """Where a target has to be for the tip to stand there: the inverse of `limb_solving.softened`."""
        if len(limb.joints) < 2:
            return points[-1]
        full = np.sum([np.abs(b - a) for a, b in itertools.pairwise(points)], axis=0)
        at_rest = [self.puppet.joints[joint].pivot.z for joint in limb.joints] + [limb_tip(self.puppet, limb)]
        drawn = abs(at_rest[-1] - at_rest[0]) / max(sum(abs(b - a) for a, b in itertools.pairwise(at_rest)), NEAR)
        soften = np.clip(limb.soften + self._total(f"{key}.soften"), 0.0, MOST_SOFTEN)
        begins = np.clip(np.maximum(full * (1 - soften), full * drawn), 0.0, full)
        zone, way = full - begins, points[-1] - points[0]
        distance = np.abs(way)
        soft = (distance > begins) & (zone > SAME * full)
        left = np.maximum(1 - (distance - begins) / np.where(soft, zone, 1.0), 1e-17)
        stretches = (
            limb.stretch + self._total(f"{key}.stretch") > 0
        )  # as far as its target is, so it has no need to be farther
        farther = np.where(soft & ~stretches, begins - zone * np.log(left), distance)
        # What lay out of reach of its target goes on doing so.
        same = key in self.rest.before.owners and limb.target in self.rest.before.place
        if same:
            before = self.rest.before
            target = self.was.joint_maps(limb.target)(np.full(self.frames, before.puppet.joints[limb.target].pivot.z))
            reaches = self.was.limbs.distance[:, list(before.limbs).index(key)] > SEEN
            stretched = np.where(reaches, np.abs(target - points[0]), farther)
            farther = np.maximum(farther, stretched)
        return points[0] + way * farther / np.where(distance > 0, distance, 1.0)

    def _channels(self, by_turns: frozenset[str]) -> dict[str, Floats]:
        """Totals of joints' own channels from the maps; limbs in `by_turns` are posed by their own turns."""
        solved = {
            joint
            for key, limb in self.puppet.limbs.items()
            if limb.enabled and key not in by_turns and not (self._total(f"{key}.blend") >= 1).all()
            for joint in limb.joints
        }
        wanted = {f"{key}.blend": np.ones(self.frames) for key in by_turns}
        for i, key in enumerate(self.plan.joints):
            carrier = self._carrier(i)
            if (np.abs(np.abs(carrier.a) - np.abs(carrier.b)) < SAME).any():
                continue  # flat: what it carries can't be told from there
            shift, turn, wide, tall, skew = self._own(i)
            told = {"x": shift.real, "y": shift.imag, "scale_x": wide - 1, "scale_y": tall - 1, "skew": skew}
            if key not in solved and key not in self._kept_ends():
                told["turn"] = self._asked(key, turn)
            for what, values in told.items():
                name = f"{key}.{what}"
                had = self._total(name)
                if np.abs(values - had).max() > SAME * (1 + np.abs(values).max()):
                    wanted[name] = values
        return wanted

    def _own(self, i: int) -> tuple[Complexes, Floats, Floats, Floats, Floats]:
        """What a joint does about its own pivot: its shift, turn, scales and skew; the turn on the round on which it was."""
        own = after(inverse(self._carrier(i)), self._at(i))
        pivot = self.plan.pivot[i]
        shift = own(np.full(self.frames, pivot)) - pivot - self._along(i)
        x, y = own.a + own.b, 1j * (own.a - own.b)
        wide, turn = np.abs(x), np.angle(x)
        in_frame = y * np.exp(-1j * turn)
        tall = in_frame.imag
        skew = np.where(np.abs(tall) > 1e-12 * np.abs(in_frame), in_frame.real / np.where(tall == 0, 1.0, tall), 0.0)
        key = self.plan.joints[i]
        if key in self.rest.before.place:
            back = 1 + self.was.channels["scale_x"][:, self.rest.before.owners[key]] < 0
            turn = np.where(back, turn + np.pi, turn)
            wide, tall = np.where(back, -wide, wide), np.where(back, -tall, tall)
            near = self.was.turns[:, self.rest.before.place[key]]
            if self.rest.posed is not None:
                carrier = self.rest.posed.carrier_map(key)
                mirrored = abs(carrier.b) > abs(carrier.a)  # what it turned one way counts the other way from there
                near = (near - self.rest.posed.turn(key)) * (-1 if mirrored else 1)
            turn = turn + TAU * np.round((near - turn) / TAU)
        else:
            turn = np.unwrap(turn)
        return shift, turn, wide, tall, skew

    def _asked(self, key: str, turn: Floats) -> Floats:
        return asked_for(turn, self.plan.ends.at(np.array([self.plan.place[key]])))

    def _kept_ends(self) -> set[str]:
        """Ends whose angle something else keeps; their own turn comes on top of that."""
        return {
            limb.end
            for key, limb in self.puppet.limbs.items()
            if limb.enabled
            and limb.end is not None
            and (limb.end_hold != "limb" or (self._total(f"{key}.hold") > BY_LIMB).any())
        }

    def _total(self, name: str) -> Floats:
        """A channel as it counts with the channels as they are."""
        found = channel(name)
        assert found is not None
        return self.plain.channels[found.kind.what][:, self.plan.owners[found.owner]]

    def _settled(self, totals: dict[str, Floats]) -> dict[str, Floats]:
        """Channels that come to these totals, links and holds included."""
        pose, driven = dict(self.known), driven_channels(self.puppet)
        # What links drive hangs on what is set here, and stays as it was; where they go round about, it takes a few rounds more.
        totals = {name: self._total(name) for name in driven} | totals
        for name, values in totals.items():
            pose[name] = values - _linked(self.plain, name)
        ends = self._kept_ends()
        for _ in range(ROUNDS + LINKED * bool(driven)):
            now = evaluate(self.plan, pose)
            away = False
            for name, values in totals.items():
                off = values - _column(now, name)
                if np.abs(off).max() > SAME * (1 + np.abs(values).max()):
                    pose[name] = pose[name] + off
                    away = True
            for end in ends:
                i, name = self.plan.place[end], f"{end}.turn"
                off = wrapped(self._own(i)[1] - now.turns[:, i])
                if np.abs(off).max() > SAME * 10:
                    pose[name] = pose.get(name, np.zeros(self.frames)) + off
                    away = True
            if not away:
                break
        return pose


def _linked(placed: Placed, name: str) -> Floats | float:
    found = channel(name)
    assert found is not None
    return placed.linked.get((found.kind.what, placed.plan.owners[found.owner]), 0.0)


def _column(placed: Placed, name: str) -> Floats:
    found = channel(name)
    assert found is not None
    return placed.channels[found.kind.what][:, placed.plan.owners[found.owner]]


def _moved_at_rest(rest: Rest) -> frozenset[str]:
    """The joints whose drawings, or what carries them, the edit moved at rest."""
    before, puppet = rest.before.puppet, rest.after.puppet
    found: dict[str, Affine[complex]] = {}
    for key, part in puppet.parts.items():
        old = before.parts.get(key)
        if old is not None and old.placement != part.placement and part.joint not in found:
            found[part.joint] = after(board_from_drawing(part.placement), inverse(board_from_drawing(old.placement)))
    drawn = {part.joint for part in puppet.parts.values()}
    for key in rest.after.joints:
        joint = puppet.joints[key]
        if key in found or key in drawn or joint.parent not in found or key not in before.joints:
            continue
        if abs(complex(found[joint.parent](before.joints[key].pivot.z)) - joint.pivot.z) < 1e-3:
            found[key] = found[joint.parent]
    return frozenset(found)
