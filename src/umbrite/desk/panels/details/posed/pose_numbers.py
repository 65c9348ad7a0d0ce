"""How what is selected stands in the pose that is seen: every number that a drag sets, to be read and typed."""

import math
from typing import NamedTuple, Unpack

from msgspec.structs import replace

from umbrite.desk.commands.labels import some_names
from umbrite.desk.panels.details.fields import NumberField, Numeric, Writer
from umbrite.desk.panels.details.section import Section
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import with_typed
from umbrite.motion.totals import added as total_added
from umbrite.motion.totals import total
from umbrite.rig.change import thing
from umbrite.rig.channels import CONTROL_CHANNELS
from umbrite.rig.control_kinds import traits
from umbrite.rig.document import Document
from umbrite.rig.driving.rules import driven_channels, rules
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Puppet

TINY = 1e-9  # what adds less moves nothing


class Shown(NamedTuple):
    """How people read a channel: so many of its own to one of theirs, counted from what rest is to them."""

    unit: float = 1.0
    rest: float = 0.0


class PoseNumbers(Section):
    """Shown in Rehearse and Takes: a joint's turn, place and size, a slider's value. A grip or a limb stands for what it moves."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        percent: Numeric = {"unit": " %", "least": -1000, "most": 10_000}
        field = self._field
        self.turn = field("Turn", "turn", Shown(-math.pi / 180), unit="°")
        self.row("Turn, slant", self.turn, field("Slant", "skew", Shown(), digits=2, least=-20, most=20))
        self.row("Across, up", field("Across", "x", Shown(), unit=" px"), field("Up", "y", Shown(-1.0), unit=" px"))
        size = Shown(0.01, 100.0)
        self.row(
            "Width, height", field("Width", "scale_x", size, **percent), field("Height", "scale_y", size, **percent)
        )
        self.row("Value", field("Value", "value", Shown(), digits=2))
        self.row("Upright value", field("Upright value", "value_y", Shown(), digits=2))

    def _field(self, label: str, what: str, shown: Shown, **how: Unpack[Numeric]) -> NumberField:
        def read(puppet: Puppet, key: str) -> float:
            return total(self.session.placed, f"{_posed(puppet, key, what)}.{what}") / shown.unit + shown.rest

        def write(document: Document, key: str, number: float) -> Document:
            placed = evaluate(compile_plan(document.puppet), document.pose)
            owner = _posed(document.puppet, key, what)
            typed = with_typed(placed, document.pose, owner, what, (number - shown.rest) * shown.unit)
            return replace(document, pose=typed)

        return self.kept(NumberField(label, read, Writer(self.session, label, write), **how))

    def show_for(self, keys: list[str]) -> None:
        controls = [self.session.puppet.controls.get(key) for key in keys]
        valued = [one is not None and traits(one).beside and not traits(one).chooses for one in controls]
        two = [one is not None and traits(one).two_values for one in controls]
        for row in range(3):
            self.form.setRowVisible(row, not any(valued))
        self.form.setRowVisible(3, all(valued))
        self.form.setRowVisible(4, all(two))
        super().show_for(keys)
        turned = {limb for key in keys for limb in self._turned_by_limbs(key)}
        self.turn.setEnabled(not turned)
        names = ", ".join(self.session.puppet.limbs[limb].name for limb in sorted(turned))
        self.turn.setToolTip(
            tr("Turned by {names}. Drag its end, or let it be posed by its own turns.", names=names) if turned else ""
        )
        self.heading.setText(tr("In this pose"))
        drivers = self._drivers(keys)
        self.about.setText(tr("Moved by {names}", names=some_names(drivers)))
        self.about.setVisible(bool(drivers))

    def _drivers(self, keys: list[str]) -> list[str]:
        """What adds to these channels in the pose that is shown: links and responses by their names."""
        puppet, placed = self.session.puppet, self.session.placed
        beside = {key for key in keys if key in puppet.controls and traits(puppet.controls[key]).beside}
        mine = {_posed(puppet, key, "value" if key in beside else "x") for key in keys}
        added = {
            name for name in driven_channels(puppet) if owner_of(name) in mine and abs(total_added(placed, name)) > TINY
        }
        return [
            str(thing(puppet, key).name) for key, rule in rules(puppet).items() if not added.isdisjoint(rule.drives)
        ]

    def _turned_by_limbs(self, key: str) -> list[str]:
        """The limbs that turn what is posed, so that its own turn would show nothing."""
        placed, owner = self.session.placed, _posed(self.session.puppet, key, "turn")
        limbs = self.session.puppet.limbs.items()
        return [
            name for name, limb in limbs if limb.enabled and owner in limb.joints and placed.value(name, "blend") <= 0
        ]

    def fits(self, keys: list[str]) -> bool:
        """Whether these can be typed: all of them move something, or all have a value."""
        found = [self.session.puppet.controls.get(key) for key in keys]
        beside = [one is not None and traits(one).beside for one in found]
        chooses = any(one is not None and traits(one).chooses for one in found)
        return bool(keys) and self.session.workspace.station.posed and not chooses and (all(beside) or not any(beside))


def _posed(puppet: Puppet, key: str, what: str) -> str:
    """Whose channels a selected thing is posed by."""
    if what in CONTROL_CHANNELS:
        return key
    if key in puppet.limbs:
        return puppet.limbs[key].target
    if key in puppet.parts:
        return puppet.parts[key].joint
    return puppet.controls[key].moves if key in puppet.controls else key
