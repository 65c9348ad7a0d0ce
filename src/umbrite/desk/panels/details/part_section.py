"""Details of parts: where drawings lie, how they look, and names for many at once."""

from umbrite.desk.commands.parts.locks import refuse_locked
from umbrite.desk.panels.details.names_box import NamesBox
from umbrite.desk.panels.details.section import Read, Section, Write, name_of
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.themes import LABELS
from umbrite.rig.change import change
from umbrite.rig.edits.arranging import with_place
from umbrite.rig.edits.looks import set_blend, set_clip
from umbrite.rig.edits.renaming import rename
from umbrite.rig.model import Puppet
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

    def show_for(self, keys: list[str]) -> None:
        super().show_for(keys)
        self.names.setVisible(len(keys) > 1)
        self.names.keys = keys

    def describe(self, puppet: Puppet, keys: list[str]) -> str:
        if len(keys) > 1:
            return tr("parts")
        part = puppet.parts[keys[0]]
        place = len(puppet.order) - puppet.order.index(keys[0])
        shared = ", drawing shared" if part.shares else ""
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
