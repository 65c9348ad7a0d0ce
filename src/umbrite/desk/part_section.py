"""Details of parts: where drawings lie, how they look, and names for many at once."""

from collections.abc import Callable

from PySide6.QtWidgets import QGridLayout, QLabel, QLineEdit, QPushButton, QWidget

from umbrite.desk import look
from umbrite.desk.section import Read, Section, Write, name_of
from umbrite.desk.session import Session
from umbrite.rig.angles import from_shown, shown_degrees
from umbrite.rig.change import change
from umbrite.rig.edits.arranging import with_place
from umbrite.rig.edits.looks import set_blend, set_clip
from umbrite.rig.edits.renaming import numbered, rename, renamed, replaced, side_swapped
from umbrite.rig.errors import UmbriteError
from umbrite.rig.model import Puppet

LABELS = ("", *look.LABEL_COLOUR)


BLENDS = [(word.capitalize(), word) for word in ("normal", "multiply", "screen", "overlay", "add")]


class PartSection(Section):
    """Where a drawing lies."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self.row("Name", self.text("Name", name_of, rename))
        self.row("Place", *(self.number(f"Place {c}", _placed(c), _put(c), unit=" px") for c in ("x", "y")))
        self.row(
            "Turn, skew",
            self.number("Turn", lambda p, k: shown_degrees(p.parts[k].placement.turn), _put_turn, unit="°"),
            self.number("Skew", _placed("skew", 100), _put("skew", 100), unit=" %"),
        )
        scale = [
            self.number(f"Scale {c[-1]}", _placed(c, 100), _put(c, 100), unit=" %")
            for c in ("scale_x", "scale_y")
        ]
        self.row("Scale", *scale)
        opacity = self.number(
            "Opacity", lambda p, k: p.parts[k].opacity * 100, lambda p, k, v: change(p, k, opacity=v / 100),
            unit=" %", digits=0, least=0, most=100,
        )  # fmt: skip
        colours = [(word.capitalize() if word else "None", word) for word in LABELS]
        label = self.choice(
            "Label",
            lambda _p, _k: colours,
            lambda p, k: p.parts[k].label,
            lambda p, k, v: change(p, k, label=v),
        )
        self.row("Opacity", opacity)
        self.row("Label", label)
        blend = self.choice("Blend", lambda _p, _k: BLENDS, lambda p, k: p.parts[k].blend, set_blend)
        self.row("Blend", blend)
        clip = self.choice(
            "Clip",
            lambda p, k: [
                ("Nowhere", None),
                *((part.name, key) for key, part in p.parts.items() if key != k),
            ],
            lambda p, k: p.parts[k].clip,
            lambda p, k, v: set_clip(p, k, v, outside=p.parts[k].clip_outside),
        )
        side = self.choice(
            "Clip side",
            lambda _p, _k: [("Inside", False), ("Outside", True)],
            lambda p, k: p.parts[k].clip_outside,
            lambda p, k, v: set_clip(p, k, p.parts[k].clip, outside=v),
        )
        self.row("Clip by", clip)
        self.row("Show", side)
        self.names = NamesBox(session)
        self.column.addWidget(self.names)

    def show_for(self, keys: list[str]) -> None:
        super().show_for(keys)
        self.names.setVisible(len(keys) > 1)
        self.names.keys = keys

    def describe(self, puppet: Puppet, keys: list[str]) -> str:
        if len(keys) > 1:
            return "parts"
        part = puppet.parts[keys[0]]
        place = len(puppet.order) - puppet.order.index(keys[0])
        shared = ", drawing shared" if part.shares else ""
        return f"part, {part.drawing.width} × {part.drawing.height} px, {place} of {len(puppet.order)} from the front{shared}"


class NamesBox(QWidget):
    """Names of many parts, and of the joints that they alone ride on, changed at once."""

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session = session
        self.keys: list[str] = []
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 6, 0, 0)
        grid.setSpacing(6)
        title = QLabel("Names of all selected")
        title.setObjectName("quiet")
        grid.addWidget(title, 0, 0, 1, 3)
        self.sought, self.put_in = QLineEdit(), QLineEdit()
        for field, word in ((self.sought, "Find"), (self.put_in, "Put in instead, or number as")):
            field.setPlaceholderText(word)
            field.setAccessibleName(word)
        grid.addWidget(self.sought, 1, 0, 1, 3)
        grid.addWidget(self.put_in, 2, 0, 1, 3)
        self.replace = self._button(
            "Replace", lambda p, keys: replaced(p, keys, self.sought.text(), self.put_in.text())
        )
        self.number = self._button("Number", lambda _p, keys: numbered(keys, self.put_in.text()))
        self.swap = self._button("Swap side", side_swapped)
        grid.addWidget(self.replace, 3, 0)
        grid.addWidget(self.number, 3, 1)
        grid.addWidget(self.swap, 3, 2)

    def _button(self, text: str, names: Callable[[Puppet, list[str]], dict[str, str]]) -> QPushButton:
        button = QPushButton(text)
        button.clicked.connect(lambda: self._rename(text, names))
        return button

    def _rename(self, step: str, names: Callable[[Puppet, list[str]], dict[str, str]]) -> None:
        puppet = self.session.puppet
        in_order = sorted(self.keys, key=puppet.order.index, reverse=True)
        found = names(puppet, in_order)
        # A joint named like its part goes along.
        for key, name in list(found.items()):
            joint = puppet.parts[key].joint
            if puppet.joints[joint].name == puppet.parts[key].name:
                found[joint] = name
        if not found:
            self.session.say("No name changed: nothing like that stands in the names of what is selected.")
            return
        try:
            self.session.edit(f"{step}: {len(self.keys)} names", puppet=renamed(puppet, found))
        except UmbriteError as error:
            self.session.say(str(error))


def _placed(what: str, factor: float = 1.0) -> Read:
    return lambda puppet, key: getattr(puppet.parts[key].placement, what) * factor


def _put(what: str, factor: float = 1.0) -> Write:
    return lambda puppet, key, value: with_place(puppet, key, **{what: value / factor})


def _put_turn(puppet: Puppet, key: str, degrees: float) -> Puppet:
    return with_place(puppet, key, turn=from_shown(degrees))
