"""Takes, saved poses and the pose of Rehearse carried over an edit of the rest: their keys get other values, and more of them only where needed.

See `baking.few_keys` for which keys these are.
"""

from collections.abc import Sequence
from typing import Literal, NamedTuple

import numpy as np
from msgspec.structs import replace
from numpy.typing import NDArray

from umbrite.motion.animating.playing import placed_over
from umbrite.motion.animating.stepping import channels_over, cycle_of, without_layers
from umbrite.motion.animating.swinging import arm_of
from umbrite.motion.baking.few_keys import DIGITS, WITHIN, looks_at, nearest
from umbrite.motion.evaluate import evaluate
from umbrite.motion.layering import under_layers
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.picture_kept import (
    NEAR,
    Channels,
    Rest,
    how_far,
    kept_channels,
    looks_differ,
    places_differ,
)
from umbrite.rig.channels import known_only, neutral, with_values
from umbrite.rig.document import Document
from umbrite.rig.errors import Watch, unwatched
from umbrite.rig.model import Pose, Puppet, SavedPose
from umbrite.rig.remembered import remembered
from umbrite.rig.takes.take import Take

Floats = NDArray[np.float64]
UNSEEN = 1e-7  # of values: pixels and radians


class Differs(NamedTuple):
    """What could not be kept: of which take or saved pose (without a name: the pose of Rehearse), from which frame to which, by how many pixels, and
    the joint whose limit stops it.
    """

    kind: Literal["take", "pose"]
    name: str
    first: float
    last: float
    far: float
    stopped: str = ""


class Kept(NamedTuple):
    """The document afterwards, what changed its values and keeps its picture (names), and what differs all the same."""

    document: Document
    changed: tuple[str, ...]
    differs: tuple[Differs, ...]


def kept_document(before: Document, document: Document, watch: Watch = unwatched, rest: Rest | None = None) -> Kept:
    """A document after an edit of its puppet, with the takes and poses of `before` showing what they showed, as far as can be. What the edit
    itself has changed of them stays as it made it.
    """
    if rest is None and not places_differ(before.puppet, document.puppet):
        return Kept(document, (), ())
    rest = rest or Rest(compile_plan(before.puppet), compile_plan(document.puppet))
    old = {take.name: take for take in before.takes}
    takes, changed, differs = [], [], list[Differs]()
    for i, take in enumerate(document.takes):
        watch(i, len(document.takes), take.name)
        if take is not old.get(take.name):
            takes.append(take)
            continue
        made, same = kept_take(rest, take)
        takes.append(made)
        differs += [] if same else take_differences(rest, take, made)
        if made is not take:
            changed.append(take.name)
    puppet, poses = kept_poses(rest, before.puppet, document.puppet)
    pose = document.pose
    if document.pose is before.pose and document.pose:
        pose, off = kept_pose(rest, document.pose)
        differs += [Differs("pose", "", 0.0, 0.0, off)] if off > WITHIN else []
    same = all(one is other for one, other in zip(takes, document.takes, strict=True))
    made_of = replace(document, puppet=puppet, pose=pose, takes=document.takes if same else tuple(takes))
    return Kept(made_of, tuple(changed), (*differs, *poses))


def differences(before: Document, document: Document, rest: Rest | None = None) -> tuple[Differs, ...]:
    """Where takes, saved poses and the pose of Rehearse show something else since an edit of the puppet that left their values as they were."""
    if rest is None and not looks_differ(before.puppet, document.puppet):
        return ()
    rest = rest or Rest(compile_plan(before.puppet), compile_plan(document.puppet))
    old = {take.name: take for take in before.takes}
    takes = [take for take in document.takes if take is old.get(take.name)]
    found = [each for take in takes for each in take_differences(rest, take, take)]
    if document.pose is before.pose and document.pose:
        was, now = evaluate(rest.before, before.pose), evaluate(rest.after, known_only(document.pose, document.puppet))
        off = float(how_far(was, now, rest)[0])
        found += [Differs("pose", "", 0.0, 0.0, off)] if off > WITHIN else []
    chosen = [saved for saved in document.puppet.poses if saved.channels and saved in before.puppet.poses]
    if not (channels := _of_poses(chosen, before.puppet)):
        return tuple(found)
    one, other = (evaluate(plan, {"": np.zeros(len(chosen)), **channels}) for plan in (rest.before, rest.after))
    return (*found, *_poses_off(chosen, how_far(one, other, rest)))


# Poses


def kept_pose(rest: Rest, pose: Pose) -> tuple[Pose, float]:
    """A pose that shows what it showed before, as near as it can; and by how many board pixels it differs."""
    channels = {name: np.array([value]) for name, value in pose.items()}
    found, far = kept_channels(rest, channels, 1)
    told = {
        name: pose[name] if name in pose and abs(v[0] - pose[name]) < UNSEEN else _rounded(v[0])
        for name, v in found.items()
    }
    return with_values({}, told), float(far[0])


def kept_poses(rest: Rest, before: Puppet, puppet: Puppet) -> tuple[Puppet, list[Differs]]:
    """A puppet with the poses of its shelf carried over, all at once: those that the edit left as they were; and which of them differ."""
    old = before.poses
    chosen = [saved for saved in puppet.poses if saved.channels and any(saved == each for each in old)]
    if not chosen:
        return puppet, []
    channels = _of_poses(chosen, before)
    found, far = kept_channels(rest, channels, len(chosen))
    made = {saved.name: _saved(saved, channels, found, i) for i, saved in enumerate(chosen)}
    differs = _poses_off(chosen, far)
    if all(made[saved.name] is saved for saved in chosen):
        return puppet, differs
    return replace(puppet, poses=tuple(made.get(saved.name, saved) for saved in puppet.poses)), differs


def _of_poses(chosen: Sequence[SavedPose], puppet: Puppet) -> dict[str, Floats]:
    names = {name for saved in chosen for name in known_only(saved.channels, puppet)}
    return {name: np.array([saved.channels.get(name, neutral(name)) for saved in chosen]) for name in sorted(names)}


def _poses_off(chosen: Sequence[SavedPose], far: Floats) -> list[Differs]:
    pairs = zip(chosen, far.tolist(), strict=True)
    return [Differs("pose", saved.name, 0.0, 0.0, off) for saved, off in pairs if off > WITHIN]


def _saved(saved: SavedPose, before: Channels, found: Channels, i: int) -> SavedPose:
    """A pose with the channels that it named, and those that have become others."""
    channels = {name: value for name, value in saved.channels.items() if name not in before or name in found}
    for name, values in found.items():
        value = float(values[i])
        had = float(before[name][i]) if name in before else neutral(name)
        if abs(value - had) > UNSEEN * (1 + abs(had)):
            channels[name] = _rounded(value)
    return saved if channels == saved.channels else replace(saved, channels=channels)


# Takes


def kept_take(rest: Rest, take: Take) -> tuple[Take, bool]:
    """A take that shows at all half frames what it showed before, as near as it can; the very take where it does. And whether nothing at all can
    differ, swings included.
    """
    before, puppet = rest.before.puppet, rest.after.puppet
    frames = looks_at(take)
    channels = channels_over(take, before, frames)
    wanted, best = kept_channels(rest, channels, len(frames))
    walks = cycle_of(take, puppet)
    fixed = set(walks.tracks) if walks is not None else set()
    changed = {
        name: values
        for name, values in wanted.items()
        if name not in fixed and not _same(values, channels.get(name), neutral(name))
    }
    if not changed:
        return take, bool(best.max(initial=0.0) <= NEAR) and walks is None and _swings_alike(before, puppet)
    if take.layers:
        plain = without_layers(take, puppet, frames)
        under, can = under_layers(take, puppet, frames, plain, changed)
        changed = {name: np.where(can, values, plain.get(name, neutral(name))) for name, values in under.items()}
    was = evaluate(rest.before, {"": np.zeros(len(frames)), **channels})
    swings = any(joint.loose is not None for joint in puppet.joints.values())  # after every small bump of a way

    def off(made: Take) -> float:
        now = evaluate(rest.after, {"": np.zeros(len(frames)), **channels_over(made, puppet, frames)})
        found = float((how_far(was, now, rest) - best)[best <= WITHIN].max(initial=0.0))
        if swings and found <= WITHIN / 2 and (best <= WITHIN).all():
            found = max([found, *(each.far for each in take_differences(rest, take, made))])
        return found

    return nearest(take, puppet, frames, changed, off), False


def _swings_alike(before: Puppet, puppet: Puppet) -> bool:
    """Whether what hangs loose swings in the same way, if it is carried in the same way."""

    def told(one: Puppet) -> dict[str, object]:
        loose = {key: joint for key, joint in one.joints.items() if joint.loose is not None}
        return {key: (joint.pivot, joint.parent, joint.loose, arm_of(one, key)) for key, joint in loose.items()}

    return told(before) == told(puppet)


def _rounded(value: float) -> float:
    return round(float(value), DIGITS) + 0.0


def _same(values: Floats, before: Floats | None, at_rest: float) -> bool:
    had = np.full(len(values), at_rest) if before is None else before
    return bool(np.abs(values - had).max() <= UNSEEN * (1 + np.abs(had).max()))


@remembered
def take_differences(rest: Rest, take: Take, made: Take) -> list[Differs]:
    """Where a take shows something else than it did, swings included: runs of frames, the farthest of each, and what limit stops it."""
    frames = np.arange(take.first, take.last + 0.25, 0.5)
    was, now = placed_over(take, rest.before.puppet, frames), placed_over(made, rest.after.puppet, frames)
    far = how_far(was, now, rest)
    runs: list[list[int]] = []
    for i in np.flatnonzero(far > WITHIN).tolist():
        if runs and i - runs[-1][-1] <= 2:
            runs[-1].append(i)
        else:
            runs.append([i])
    found = []
    for run in runs:
        worst = max(run, key=lambda i: far[i])
        stopped = ""
        for key in rest.after.joints:
            if key not in rest.before.place or rest.after.puppet.joints[key].limit is None:
                continue
            turn, ends = now.turn(key, worst), rest.after.ends.at(rest.after.place[key])
            at_end = min(abs(turn - float(ends.smallest)), abs(turn - float(ends.largest))) < 1e-6
            if at_end and abs(turn - was.turn(key, worst)) > 1e-6:
                stopped = key
                break
        found.append(
            Differs("take", take.name, float(frames[run[0]]), float(frames[run[-1]]), float(far[worst]), stopped)
        )
    return found
