"""Details of controls: what they move and how far, how they look and when, who carries them, and who may touch them."""

from typing import Any

from umbrite.desk.panels.details.fields import ChoiceField, Writer, on_both
from umbrite.desk.panels.details.section import Read, Section, Write, name_of
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.matching import carry_by
from umbrite.rig.change import change
from umbrite.rig.control_kinds import BESIDE, MOVING, carrier_of, span_of, traits
from umbrite.rig.edits.controls import set_range
from umbrite.rig.edits.renaming import rename
from umbrite.rig.family import ancestors
from umbrite.rig.model import Puppet

SHAPES = [(word.capitalize(), word) for word in ("leaf", "shield", "drop", "crescent", "ring", "eye", "tile")]


COLOURS = [
    ("Of its side", ""),
    *((word.capitalize(), word) for word in ("amber", "moss", "teal", "plum", "brick", "ink")),
]


SHOWN = [("Always", "always"), ("As a ghost", "ghosted"), ("Near the pointer", "near"), ("Never, but usable", "never")]


AXES = [("Both axes", "both"), ("Across only", "x"), ("Up and down only", "y")]


class ControlSection(Section):
    """See the module."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self.row("Name", self.text("Name", name_of, rename))
        self.row("Carried by", self.kept(ChoiceField(
            "Carried by", _others, _carried_by, Writer(session, "Carrier", on_both(carry_by))
        )))  # fmt: skip
        self.axes = self.choice("Axes", lambda _p, _k: AXES, _read("axes"), _write("axes"))
        self.row("Axes", self.axes)
        self.ranges = [
            self.number(
                f"{word} {axis}",
                _end(end, axis),
                _put_end(end, axis),
                digits=1,
                least=-10_000,
                most=10_000,
                none="no limit",
            )
            for axis in "xy"
            for end, word in (("least", "Least"), ("most", "Most"))
        ]
        self.row("Range across", *self.ranges[:2])
        self.row("Range upright", *self.ranges[2:])
        self.shape = self.choice("Shape", lambda _p, _k: SHAPES, _read("shape"), _write("shape"))
        self.row("Shape", self.shape)
        self.row("Size", self.number("Size", _read("size"), _write("size"), unit=" px", digits=0, least=8, most=1000))
        sizes = [("The board", False), ("The screen", True)]
        self.row("Pixels of", self.choice("Pixels of", lambda _p, _k: sizes, _read("on_screen"), _write("on_screen")))
        self.row("Colour", self.choice("Colour", lambda _p, _k: COLOURS, _read("colour"), _write("colour")))
        self.row("Label", self.text("Label", _read("label"), _write("label")))
        self.row("Shown", self.choice("Shown", lambda _p, _k: SHOWN, _read("shown"), _write("shown")))
        lock = [("Animators use it", False), ("Locked", True)]
        self.row("Hand-over", self.choice("Hand-over", lambda _p, _k: lock, _read("locked"), _write("locked")))

    def show_for(self, keys: list[str]) -> None:
        super().show_for(keys)
        kinds = {self.session.puppet.controls[key].kind for key in keys}
        self.axes.setEnabled(kinds <= MOVING)
        self.shape.setEnabled(kinds.isdisjoint(BESIDE))
        for field in self.ranges:
            field.setEnabled(kinds.isdisjoint({"knob", "chooser"}))

    def describe(self, puppet: Puppet, keys: list[str]) -> str:
        if len(keys) > 1:
            return tr("controls")
        control = puppet.controls[keys[0]]
        of = traits(control)
        name = puppet.joints[control.moves].name
        return tr("{word}, {does} {name}", word=tr(of.word), does=tr(of.does), name=name)


def _read(field: str) -> Read:
    return lambda puppet, key: getattr(puppet.controls[key], field)


def _write(field: str) -> Write:
    return lambda puppet, key, value: change(puppet, key, **{field: value})


def _end(end: str, axis: str) -> Read:
    def read(puppet: Puppet, key: str) -> float | None:
        control = puppet.controls[key]
        if traits(control).beside:
            return float(getattr(span_of(control)[end == "most"], axis))
        point = getattr(control, end)
        return None if point is None else float(getattr(point, axis))

    return read


def _put_end(end: str, axis: str) -> Write:
    return lambda puppet, key, value: set_range(puppet, key, **{f"{end}_{axis}": value})


def _carried_by(puppet: Puppet, key: str) -> str | None:
    """What carries the joint of a control: the control that moves that, or else the joint itself; None for the board."""
    control = puppet.controls[key]
    joint = control.moves if traits(control).beside else puppet.joints[control.moves].parent
    by = carrier_of(puppet, key)
    return by if by is not None and puppet.controls[by].moves == joint else joint


def _others(puppet: Puppet, key: str) -> list[tuple[str, Any]]:
    """The board, what carries it now, and every control whose joint this one does not carry itself."""
    own = puppet.controls[key].moves
    found: list[tuple[str, Any]] = [("The board", None)]
    for other, control in puppet.controls.items():
        carried = own in {control.moves, *ancestors(puppet, control.moves)}
        if other != key and not traits(control).beside and (not carried or traits(puppet.controls[key]).beside):
            found.append((control.name, other))
    now = _carried_by(puppet, key)
    if now is not None and now in puppet.joints:
        found.insert(1, (puppet.joints[now].name, now))
    return found
