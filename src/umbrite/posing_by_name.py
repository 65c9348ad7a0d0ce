"""A pose by the names of controls and sets: a grip to a place of the board, a knob to degrees, sliders and pads to values, choosers to a name."""

from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import bow_to, move_control_to
from umbrite.rig.channels import shows_value, with_values
from umbrite.rig.control_kinds import span_of, traits
from umbrite.rig.errors import RigError
from umbrite.rig.model import Control, Pose, Puppet
from umbrite.rig.quantities.angles import from_shown


def with_control(puppet: Puppet, pose: Pose, name: str, text: str) -> Pose:
    """The pose with one control set: a grip to `X,Y` on the board (pixels, y down), a knob to degrees from rest (counterclockwise positive),
    sliders and pads to values, sets and choosers to the name of a variant.

    Raises RigError with the names there are, and for what is no such value.
    """
    control = next((c for c in puppet.controls.values() if c.name == name), None)
    one = next((key for key, one in puppet.sets.items() if one.name == name), None)
    if one is not None and (control is None or _names_variant(puppet, one, text)):
        return _chosen(puppet, pose, one, text)
    if control is None:
        names = [c.name for c in puppet.controls.values()]
        names += [each.name for each in puppet.sets.values() if each.name not in names]
        known = ", ".join(names) or "none"
        raise RigError(f"There is no control named {name!r} in {puppet.name}. It has: {known}.")
    if traits(control).chooses:
        return _chosen(puppet, pose, control.chooses, text)
    numbers = _numbers(control, text)
    if traits(control).turns:
        return with_values(pose, {f"{control.moves}.turn": from_shown(numbers[0])})
    if traits(control).beside:
        key = next(k for k, c in puppet.controls.items() if c is control)
        least, most = span_of(control)
        values = {f"{key}.value": min(max(numbers[0], least.x), most.x)}
        if traits(control).two_values:
            values[f"{key}.value_y"] = min(max(numbers[1], least.y), most.y)
        return with_values(pose, values)
    placed = evaluate(compile_plan(puppet), pose)
    if traits(control).bows:
        return bow_to(placed, pose, control, complex(numbers[0], numbers[1]))
    return move_control_to(placed, pose, control, complex(numbers[0], numbers[1]))


def _names_variant(puppet: Puppet, key: str, text: str) -> bool:
    """Whether a text is the name of a variant of a set: a grip and a set may share a name."""
    return text.strip().casefold() in {variant.name.casefold() for variant in puppet.sets[key].variants}


def _chosen(puppet: Puppet, pose: Pose, key: str, text: str) -> Pose:
    """A set by the name of one of its variants."""
    one = puppet.sets[key]
    found = next((v for v in one.variants if v.name.casefold() == text.strip().casefold()), None)
    if found is None:
        known = ", ".join(variant.name for variant in one.variants)
        raise RigError(f"{one.name} has no variant named {text!r}. It has: {known}.")
    return with_values(pose, {f"{key}.shows": shows_value(one, found.number)})


def _numbers(control: Control, text: str) -> list[float]:
    form = traits(control).form
    wanted = 2 if form == "X,Y" else 1
    try:
        numbers = [float(word) for word in text.split(",")]
    except ValueError:
        numbers = []
    if len(numbers) != wanted or not all(abs(number) < 1e7 for number in numbers):
        raise RigError(f"{control.name} is set by {control.name}={form} with plain numbers, not by {text!r}.")
    return numbers
