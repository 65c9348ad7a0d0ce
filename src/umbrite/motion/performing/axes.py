"""What an axis of an outside device does to a control: which of its values it sets, and how far."""

from umbrite.rig.channels import shows_value
from umbrite.rig.control_kinds import span_of, traits
from umbrite.rig.model import Control, Puppet
from umbrite.rig.quantities.angles import wrapped

REACH = 0.25  # of the puppet's height, that an axis moves a grip either way
TURN = 1.5707963  # radians, either way, of a knob without limits


def values_taken(control: Control) -> tuple[str, ...]:
    """The values of a control that axes can set, in the order in which they are taken; none for one that has no such values."""
    kind = traits(control)
    if kind.chooses:
        return ("shows",)
    if kind.two_values:
        return ("value", "value_y")
    if kind.values:
        return ("value",)
    return ("x", "y") if kind.moves else ("turn",) if kind.turns else ()


def set_by_axis(puppet: Puppet, key: str, what: str, share: float, *, both_ways: bool = True) -> dict[str, float]:
    """The channel that an axis sets on a control, and its value; `share` runs from -1 to 1, or from 0 where it does not go both ways.

    Sliders and pads go through their span, their neutral value in the middle of what goes both ways; knobs to their limits; grips move about
    where they stand at rest, upwards for what grows; choosers through their drawings.
    """
    control = puppet.controls[key]
    if what == "shows":
        one = puppet.sets[control.chooses]
        numbers = [shows_value(one, each.number) for each in one.variants]
        return {f"{control.chooses}.shows": numbers[min(int(max(share, 0.0) * len(numbers)), len(numbers) - 1)]}
    if what in {"value", "value_y"}:
        least, most = ((point.x if what == "value" else point.y) for point in span_of(control))
        if both_ways or least >= 0:
            return {f"{key}.{what}": share * most if share >= 0 else -share * least}
        return {f"{key}.{what}": least + share * (most - least)}
    if what == "turn":
        limit = puppet.joints[control.moves].limit
        low, high = (limit.smallest, limit.largest) if limit is not None else (-TURN, TURN)
        return {f"{control.moves}.turn": wrapped(share * high if share >= 0 else -share * low)}
    return {f"{control.moves}.{what}": (-share if what == "y" else share) * REACH * puppet.height}
