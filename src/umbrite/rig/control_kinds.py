"""The kinds of controls: what each moves, which values it has, how it looks."""

from umbrite.rig.model import Control, ControlKind, ControlShape, Point, Puppet

MOVING: frozenset[ControlKind] = frozenset({"grip", "master", "aim"})


VALUED: frozenset[ControlKind] = frozenset({"slider", "pad", "chooser"})


SHAPE_OF: dict[ControlKind, ControlShape] = {
    "grip": "leaf", "knob": "ring", "master": "crescent", "slider": "slot", "pad": "tile", "chooser": "strip", "aim": "eye",
}  # fmt: skip


def span_of(control: Control) -> tuple[Point, Point]:
    """The smallest and largest values of a slider, a pad or a chooser."""
    if control.kind == "chooser":
        return Point(0.0, 0.0), Point(max(len(control.choices) - 1, 0), 0.0)
    return control.least or Point(-1.0, -1.0), control.most or Point(1.0, 1.0)


def control_at_rest(puppet: Puppet, control: Control) -> complex:
    """Where a control stands at rest: its offset from the pivot of what it moves."""
    return puppet.joints[control.moves].pivot.z + control.offset.z


def carrier_of(puppet: Puppet, key: str) -> str | None:
    """The control with which another one travels: the nearest whose joint carries its own."""
    control = puppet.controls[key]
    moved = {c.moves: k for k, c in puppet.controls.items() if k != key and c.kind not in VALUED}
    joint = control.moves if control.kind in VALUED else puppet.joints[control.moves].parent
    while joint is not None:
        if joint in moved:
            return moved[joint]
        joint = puppet.joints[joint].parent
    return None
