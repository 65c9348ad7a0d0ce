"""Poses: channel values by name, relative to rest. A channel's name is `<id>.<what>`.

Joints have x, y (pixels in the parent's frame), turn (radians), scale_x, scale_y (factors less 1, so that rest
is 0) and skew (pixels sideways per pixel down). Limbs have blend: 0 reaches for the target (IK), 1 takes the
joints' own turns (FK); and bend: 0 bends to the limb's side, 1 to the other, between them it passes through straight.
Sliders, pads and choosers have value, pads value_y too. Values at rest are left out, so that equal poses compare equal.
"""

from collections.abc import Iterable, Mapping

from umbrite.rig.change import thing
from umbrite.rig.model import Pose, Puppet


def is_channel(puppet: Puppet, name: str) -> bool:
    key, _, what = name.partition(".")
    return (
        (key in puppet.joints and what in JOINT_CHANNELS)
        or (key in puppet.limbs and what in LIMB_CHANNELS)
        or (key in puppet.controls and what in CONTROL_CHANNELS)
    )


CHANNEL_WORDS = {
    "turn": "turn", "x": "across", "y": "up and down", "scale_x": "width", "scale_y": "height", "skew": "skew", "value": "value",
    "value_y": "upright value", "blend": "own turns or target", "bend": "bend side",
}  # fmt: skip


def channel_word(puppet: Puppet, channel: str) -> str:
    """A channel for people: 'Near hand: turn'."""
    key, _, what = channel.partition(".")
    return f"{thing(puppet, key).name}: {CHANNEL_WORDS[what]}"


def linkable_channels(puppet: Puppet, *, sources: bool = False) -> list[str]:
    """The channels that can be driven, or with `sources` followed: controls' values first, then turns and the rest."""
    valued = [key for key, control in puppet.controls.items() if control.kind in {"slider", "pad", "chooser"}]
    own = [f"{key}.value" for key in valued]
    own += [f"{key}.value_y" for key in valued if puppet.controls[key].kind == "pad"]
    joints = [
        f"{key}.{what}" for key in puppet.joints for what in ("turn", "x", "y", "scale_x", "scale_y", "skew")
    ]
    limbs = [f"{key}.{what}" for key in puppet.limbs for what in LIMB_CHANNELS]
    return [*own, *joints, *limbs] if sources else [*joints, *limbs, *own]


JOINT_CHANNELS = ("x", "y", "turn", "scale_x", "scale_y", "skew")


LIMB_CHANNELS = ("blend", "bend")


CONTROL_CHANNELS = ("value", "value_y")


def with_values(pose: Pose, values: Mapping[str, float]) -> Pose:
    """The pose with some channels set; zeros are left out, arrays' numbers become plain."""
    return {k: float(v) for k, v in {**pose, **values}.items() if v != 0}


def value(pose: Pose, key: str, channel: str) -> float:
    return pose.get(f"{key}.{channel}", 0.0)


def without(pose: Pose, keys: Iterable[str]) -> Pose:
    """The pose with everything of these ids back at rest."""
    gone = set(keys)
    return {k: v for k, v in pose.items() if k.partition(".")[0] not in gone}


def known_only(pose: Pose, puppet: Puppet) -> Pose:
    """The pose without channels of things that the puppet no longer has."""
    names = {f"{key}.{c}" for key in puppet.joints for c in JOINT_CHANNELS}
    names |= {f"{key}.{c}" for key in puppet.limbs for c in LIMB_CHANNELS}
    names |= {f"{key}.{c}" for key in puppet.controls for c in CONTROL_CHANNELS}
    return pose if names.issuperset(pose) else {k: v for k, v in pose.items() if k in names}
