"""Details of parts: where drawings lie, how they look, and names for many at once."""

from msgspec.structs import replace
from PySide6.QtGui import QColor
from PySide6.QtWidgets import QColorDialog, QPushButton

from umbrite.desk.commands.labels import label_of
from umbrite.desk.commands.parts.cover_commands import with_shade
from umbrite.desk.commands.parts.locks import refuse_locked
from umbrite.desk.panels.details.fields import NumberField
from umbrite.desk.panels.details.names_box import NamesBox
from umbrite.desk.panels.details.section import Read, Section, Write, name_of
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.themes import LABELS
from umbrite.rig.change import change
from umbrite.rig.edits.arranging import with_place
from umbrite.rig.edits.looks import set_blend, set_clip
from umbrite.rig.edits.renaming import rename
from umbrite.rig.model import Puppet, Shade
from umbrite.rig.quantities.angles import from_shown, shown_degrees

CHOICES = ("", *LABELS)


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
            self.number(f"Scale {c[-1]}", _placed(c, 100), _put(c, 100), unit=" %") for c in ("scale_x", "scale_y")
        ]
        self.row("Scale", *scale)
        opacity = self.number(
            "Opacity", lambda p, k: p.parts[k].opacity * 100, lambda p, k, v: change(p, k, opacity=v / 100),
            unit=" %", digits=0, least=0, most=100,
        )  # fmt: skip
        colours = [(word.capitalize() if word else "None", word) for word in CHOICES]
        label = self.choice(
            "Label", lambda _p, _k: colours, lambda p, k: p.parts[k].label, lambda p, k, v: change(p, k, label=v)
        )
        self.row("Opacity", opacity)
        self.row("Label", label)
        blend = self.choice("Blend", lambda _p, _k: BLENDS, lambda p, k: p.parts[k].blend, set_blend)
        self.shade_rows = [self.form.rowCount() + i for i in range(2)]
        self.row("Shade from", self._of_shade("Shade across", "across", -100), self._of_shade("Shade up", "up", -100))
        edge = self._of_shade("Shade edge", "edge", 0)
        self.colour = QPushButton(tr("Colour"))
        self.colour.setToolTip(tr("The colour of the shade"))
        self.colour.clicked.connect(self._choose_colour)
        self.row("Edge, colour", edge, self.colour)
        self.row("Blend", blend)
        clip = self.choice(
            "Clip",
            lambda p, k: [("Nowhere", None), *((part.name, key) for key, part in p.parts.items() if key != k)],
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

    def _of_shade(self, label: str, what: str, least: float) -> NumberField:
        def read(puppet: Puppet, key: str) -> float:
            share: float = getattr(puppet.parts[key].shade or Shade(), what)
            return share * 100

        def write(puppet: Puppet, key: str, value: float) -> Puppet:
            shade = puppet.parts[key].shade
            return (
                puppet
                if shade is None
                else with_shade(self.session, puppet, key, replace(shade, **{what: value / 100}))
            )

        return self.number(label, read, write, unit=" %", digits=0, least=least, most=100)

    def _choose_colour(self) -> None:
        """A colour for the selected shades; the picture is made anew with it."""
        session = self.session
        keys = [key for key in session.selection.of("part") if session.puppet.parts[key].shade is not None]
        was = session.puppet.parts[keys[0]].shade or Shade()
        colour = QColorDialog.getColor(QColor(*was.colour), self, tr("The colour of the shade"))
        if colour.isValid():
            attempt(session, lambda: self.colour_shades(keys, (colour.red(), colour.green(), colour.blue())))

    def colour_shades(self, keys: list[str], colour: tuple[int, int, int]) -> None:
        puppet = self.session.puppet
        for key in keys:
            puppet = with_shade(self.session, puppet, key, replace(puppet.parts[key].shade or Shade(), colour=colour))
        self.session.edit(tr("Colour of {name}", name=label_of(self.session, keys)), puppet=puppet)

    def show_for(self, keys: list[str]) -> None:
        super().show_for(keys)
        for row in self.shade_rows:
            self.form.setRowVisible(row, all(self.session.puppet.parts[key].shade is not None for key in keys))
        self.names.setVisible(len(keys) > 1)
        self.names.keys = keys

    def describe(self, puppet: Puppet, keys: list[str]) -> str:
        if len(keys) > 1:
            return tr("parts")
        part = puppet.parts[keys[0]]
        place = len(puppet.order) - puppet.order.index(keys[0])
        shared = tr(", drawing shared") if part.shares else ""
        return tr(
            "part, {width} × {height} px, {place} of {count} from the front{shared}",
            width=part.drawing.width,
            height=part.drawing.height,
            place=place,
            count=len(puppet.order),
            shared=shared,
        )


def _placed(what: str, factor: float = 1.0) -> Read:
    return lambda puppet, key: getattr(puppet.parts[key].placement, what) * factor


def _put(what: str, factor: float = 1.0) -> Write:
    return lambda puppet, key, value: _moved(puppet, key, **{what: value / factor})


def _put_turn(puppet: Puppet, key: str, degrees: float) -> Puppet:
    return _moved(puppet, key, turn=from_shown(degrees))


def _moved(puppet: Puppet, key: str, **fields: float) -> Puppet:
    refuse_locked(puppet, key)
    return with_place(puppet, key, **fields)
