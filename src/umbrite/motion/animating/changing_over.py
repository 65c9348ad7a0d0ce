"""What a joint follows, what keeps a limb's end, or the side to which a limb bends, changed in the middle of a take without a jump."""

import cmath
import itertools
import math
from collections.abc import Callable, Collection, Sequence

import numpy as np
from msgspec.structs import replace

from umbrite.motion.animating.playing import placed_over
from umbrite.motion.animating.stepping import pose_of_take
from umbrite.motion.matching import end_held, follow_in_place, stayed
from umbrite.motion.plan import compile_plan
from umbrite.motion.sampling import compile_take, sample
from umbrite.rig.errors import RigError
from umbrite.rig.model import Pose, Puppet
from umbrite.rig.quantities.angles import wrapped
from umbrite.rig.takes.keys import SAME, delay, key_at, put_keys, set_interpolation
from umbrite.rig.takes.take import Key, Take, Track

PLACE = ("x", "y", "turn")


def split_at(take: Take, puppet: Puppet, channel: str, frame: float) -> Take:
    """The take with one more key of a channel, which changes nothing: the ways beside it keep their shape by slopes of their own.

    Outside of its keys a channel gets a key of the value at which it stands there. Raises KeyError for a channel without keys.
    """
    track = take.tracks[channel]
    if key_at(take, channel, frame) is not None:
        return take
    first = key_at(take, channel, take.first)
    if take.loop and first is not None and abs(frame - take.last) < SAME:  # the end of a loop is its beginning
        closing = sorted([*track, replace(first, frame=frame)], key=lambda key: key.frame)
        return replace(take, tracks={**take.tracks, channel: tuple(closing)})
    ring, beside = ring_of(take, track)
    period = float(take.last - take.first)
    at = frame + period if take.loop and frame < ring[0].frame else frame
    played = not take.loop or (len(ring) > 1 and take.first <= frame <= take.last)
    if not played or not ring[0].frame < at < ring[-1].frame:
        value = float(sample(take, puppet, [frame], [channel])[channel][0])
        still = (*track[:-1], replace(track[-1], interpolation="hold")) if frame > track[-1].frame else track
        made = [*still, Key(frame, value, "hold")]
    else:
        number = next(i for i, key in enumerate(ring) if key.frame > at) - 1
        count = len(ring) - 1
        made = list(beside)
        for i, (one, other) in enumerate(itertools.pairwise(ring)):
            # The slopes of its neighbours hang on a smooth way; those of ways further off do not.
            near = min(abs(i - number), count - abs(i - number) if take.loop else count) <= 1
            inside = one.frame < at < other.frame
            whole = one.interpolation == "hold" or not (inside or (near and one.interpolation == "smooth"))
            made += [one] if whole else way_as_free_keys(take, puppet, channel, one, other, at)
            if whole and inside:
                made.append(Key(at, one.value, "hold"))
        if ring[-1].frame <= take.last or not take.loop:
            made.append(ring[-1])
    if take.loop and played:
        back = [key.frame > take.last or key.frame == frame + period for key in made]
        made = [
            replace(key, frame=key.frame - period) if beyond and key not in track else key
            for key, beyond in zip(made, back, strict=True)
        ]
    return replace(take, tracks={**take.tracks, channel: tuple(sorted(made, key=lambda key: key.frame))})


def ring_of(take: Take, track: Track) -> tuple[list[Key], list[Key]]:
    """The keys that play, once around in a loop, and those that stand outside of it."""
    if not take.loop:
        return list(track), []
    inside = [key for key in track if take.first - SAME <= key.frame <= take.last + SAME]
    beside = [key for key in track if key not in inside]
    if not inside:
        return [track[0]], beside[1:]
    if (
        inside[-1].frame > take.last - SAME and inside[0].frame > take.first + SAME
    ):  # the end of a loop is its beginning
        return [replace(inside[-1], frame=float(take.first)), *inside], beside
    if inside[-1].frame < take.last - SAME:
        inside.append(replace(inside[0], frame=inside[0].frame + take.last - take.first))
    return inside, beside


def delayed(take: Take, puppet: Puppet, channels: Sequence[Collection[str]], by: float) -> Take:
    """The take with channels delayed down a chain, as `delay` does; what goes on and on in a loop gets a key where the loop begins then."""
    period = float(take.last - take.first)
    for step, group in enumerate(channels):
        for channel in group:
            ends = [key_at(take, channel, frame) for frame in (take.first, take.last)] if channel in take.tracks else []
            if take.loop and step and None not in ends and ends and ends[0].value != ends[1].value:  # type: ignore[union-attr]
                take = split_at(take, puppet, channel, take.first + (-step * by) % period)
    return delay(take, channels, by)


def way_as_free_keys(take: Take, puppet: Puppet, channel: str, one: Key, other: Key, at: float) -> list[Key]:
    """A way as free keys of its own slopes, with one more where `at` lies in it."""
    starts, parts = compile_take(take, puppet).curves[channel]
    first = int(np.searchsorted(starts, one.frame + SAME / 2, side="right")) - 1
    last = int(np.searchsorted(starts, other.frame - SAME / 2, side="left"))
    made = []
    for i in range(first, last):
        begin = one.frame if i == first else float(starts[i])
        end = float(starts[i + 1]) if i + 1 < last else other.frame
        cuts = [begin, at, end] if begin + SAME < at < end - SAME else [begin, end]
        _, c1, c2, c3 = parts[:, i].tolist()
        for here, there in itertools.pairwise(cuts):
            out, into = (c1 + (t - starts[i]) * (2 * c2 + 3 * c3 * (t - starts[i])) for t in (here, there))
            along = here - float(starts[i])
            value = float(((c3 * along + c2) * along + c1) * along + parts[0, i])
            made.append(Key(here, one.value if here == one.frame else value, "free", float(out), float(into)))
    if all(abs(key.frame - at) > SAME for key in made) or not one.frame < at < other.frame:
        return made
    return [replace(key, frame=at) if abs(key.frame - at) <= SAME and key.frame != one.frame else key for key in made]


def followed(take: Take, puppet: Puppet, joint: str, number: int, frame: float, over: int = 0) -> Take:
    """The take in which a joint follows another of those that it may follow from a frame on, and stays on its way.

    Its keys from there to where it changes again are told in the new frame, so that it is at them where it was; before, nothing is
    different. `over` frames it passes from its old way to the new one. Raises RigError where it follows that already.
    """
    name = f"{joint}.follows"
    before = round(pose_of_take(take, puppet, frame).get(name, 0.0))
    if before == number:
        raise RigError(f"{puppet.joints[joint].name} follows that at this frame already. Choose something else.")
    took, old = take, pose_of_take(take, puppet, frame)
    until = min((key.frame for key in take.tracks.get(name, ()) if key.frame > frame + SAME), default=math.inf)
    names = [f"{joint}.{what}" for what in PLACE]
    if not any(key.frame < frame for key in take.tracks.get(name, ())) and frame > take.first:
        took = put_keys(took, take.first, {name: float(before)}, holding=[name])
    for each in names:  # what was before stays as it was
        took = _begun(took, each, frame, old.get(each, 0.0))
        if frame - 1 >= took.first:
            took = split_at(split_at(took, puppet, each, frame), puppet, each, frame - 1)
            took = set_interpolation(took, [(each, frame - 1)], "hold")
    later = {key.frame for each in names for key in took.tracks[each] if frame - SAME <= key.frame < until}
    keyed, first = took, 0.0
    round_ = _turns_against(take, puppet, joint, number, frame, max({frame, *later}))
    for at in sorted({frame, *later}):
        pose: Pose = {**pose_of_take(take, puppet, at), name: float(before)}
        there = placed_over(take, puppet, [at])
        changed = dict(follow_in_place(there, pose, joint, number))
        turn = changed.get(f"{joint}.turn", 0.0)
        first = turn if at == frame else first
        # What it follows may have gone round and round by then.
        changed[f"{joint}.turn"] = turn + math.tau * round((round_(at) - (turn - first)) / math.tau)
        keyed = put_keys(keyed, at, {each: changed.get(each, 0.0) for each in names})
    keyed = put_keys(keyed, frame, {name: float(number)}, holding=[name])
    told_anew = [(each, key.frame) for each in names for key in keyed.tracks[each]]
    told_anew = [spot for spot in told_anew if frame - SAME <= spot[1] < until and _is_free(keyed, *spot)]
    if told_anew:  # their slopes were those of the old frame
        keyed = set_interpolation(keyed, told_anew, "smooth")
    return _blended(take, keyed, puppet, joint, frame, over) if over > 0 else keyed


def held_otherwise(take: Take, puppet: Puppet, limb: str, number: int, frame: float) -> Take:
    """The take in which something else keeps the angle of a limb's end from a frame on (its channel `hold`), and the end stays on its way.

    Its own turns are keyed anew from there to where that changes again; before, nothing is different. Raises RigError for a limb without an
    end.
    """
    name, end = f"{limb}.hold", puppet.limbs[limb].end
    old = pose_of_take(take, puppet, frame)
    end_held(placed_over(take, puppet, [frame]), old, limb, number)  # refuses what can't be
    own, took = f"{end}.turn", take
    until = min((key.frame for key in take.tracks.get(name, ()) if key.frame > frame + SAME), default=math.inf)
    if name not in take.tracks and frame > take.first:
        took = put_keys(took, take.first, {name: 0.0}, holding=[name])
    took = _begun(took, own, frame, old.get(own, 0.0))
    if frame - 1 >= took.first:
        took = set_interpolation(
            split_at(split_at(took, puppet, own, frame), puppet, own, frame - 1), [(own, frame - 1)], "hold"
        )
    keyed = put_keys(took, frame, {name: float(number)}, holding=[name])
    again = {frame, *(key.frame for key in took.tracks[own] if frame <= key.frame < until)}
    for at in again:
        pose = end_held(placed_over(take, puppet, [at]), pose_of_take(take, puppet, at), limb, number)
        keyed = put_keys(keyed, at, {own: pose.get(own, 0.0)})
    told_anew = [(own, at) for at in again if _is_free(keyed, own, at)]
    return set_interpolation(keyed, told_anew, "smooth") if told_anew else keyed


def _turns_against(
    take: Take, puppet: Puppet, joint: str, number: int, frame: float, last: float
) -> Callable[[float], float]:
    """How far a joint turns from a frame on against what it is to follow, whole turns counted, radians."""
    each = puppet.joints[joint]
    carrier = each.parent if number == 0 else each.also[number - 1]
    frames = np.linspace(frame, last, int(2 * (last - frame)) + 2)
    placed = placed_over(take, puppet, frames)
    own = placed.maps.a[:, placed.plan.place[joint]]
    other = placed.maps.a[:, placed.plan.place[carrier]] if carrier else np.ones(len(frames))
    turned = np.unwrap(np.angle(own * np.conj(other)))
    return lambda at: float(np.interp(at, frames, turned - turned[0]))


def _blended(take: Take, cut: Take, puppet: Puppet, joint: str, frame: float, over: int) -> Take:
    """From the way in `take` to that in `cut`, a key at each of so many frames."""
    plan, pivot, done = compile_plan(puppet), puppet.joints[joint].pivot.z, cut
    place = plan.place[joint]
    for step in range(1, over + 1):
        at, share = frame + step, _eased(step / over)
        was, goes = (placed_over(each, puppet, [at]) for each in (take, cut))
        way = was.pivot(joint) * (1 - share) + goes.pivot(joint) * share
        one, other = was.joint_map(joint).a, goes.joint_map(joint).a
        turned = cmath.phase(one) + share * wrapped(cmath.phase(other) - cmath.phase(one))
        a, t = was.maps.a.copy(), was.maps.t.copy()
        a[0, place] = cmath.rect(abs(one), turned)
        t[0, place] = way - a[0, place] * pivot - was.maps.b[0, place] * np.conj(pivot)
        wanted = was._replace(maps=was.maps._replace(a=a, t=t))
        pose = stayed(wanted, pose_of_take(cut, puppet, at), joint, plan)
        done = put_keys(done, at, {f"{joint}.{what}": pose.get(f"{joint}.{what}", 0.0) for what in PLACE})
    return done


def _is_free(take: Take, channel: str, frame: float) -> bool:
    key = key_at(take, channel, frame)
    return key is not None and key.interpolation == "free"


def _begun(take: Take, channel: str, frame: float, value: float) -> Take:
    """The take with keys of a channel where it had none."""
    if channel in take.tracks:
        return take
    return put_keys(put_keys(take, take.first, {channel: value}), frame, {channel: value})


def _eased(share: float) -> float:
    return share * share * (3 - 2 * share)


def bent_over(take: Take, limb: str, frame: float, over: int = 0) -> Take:
    """The take in which a limb bends to its other side from a frame on: at once, or over so many frames through straight."""
    name = f"{limb}.bend"
    track = take.tracks.get(name, ())
    before = next((key.value for key in reversed(track) if key.frame <= frame), track[0].value if track else 0.0)
    start = max(frame - over, float(take.first)) if over > 0 else float(take.first)
    if not any(key.frame <= frame for key in track) or over > 0:
        take = put_keys(take, start, {name: before}, interpolation="eased")
    after = 0.0 if before >= 0.5 else 1.0
    take = put_keys(take, frame, {name: after}, interpolation="hold")
    last = max((key.frame for key in take.tracks[name] if key.frame < frame), default=None)
    if last is None:
        return take
    if over > 0:
        return set_interpolation(take, [(name, last)], "eased", 1 / 3, 1 / 3)
    return set_interpolation(take, [(name, last)], "hold")
