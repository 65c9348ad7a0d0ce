"""Details: the fields of what is selected, for one or many things of a kind at once."""

import cmath
import math
from typing import Any

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QLabel, QScrollArea, QVBoxLayout, QWidget

from umbrite.desk import commands, look
from umbrite.desk.control_section import ControlSection
from umbrite.desk.limb_section import LimbSection
from umbrite.desk.link_section import LinkSection
from umbrite.desk.part_section import PartSection
from umbrite.desk.section import Read, Section, Write, name_of
from umbrite.desk.session import Session
from umbrite.rig.angles import from_shown, shown_degrees
from umbrite.rig.change import change
from umbrite.rig.edits.bones import set_angle, set_length
from umbrite.rig.edits.limits import mended, set_limit, set_soft
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.edits.renaming import rename
from umbrite.rig.family import branch, is_carrier
from umbrite.rig.model import Puppet


class JointSection(Section):
    """Pivot, side, and how far it turns. Limits are shown from the smaller to the larger angle as people see them."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self.row("Name", self.text("Name", name_of, rename))
        self.row("Pivot", *(self.number(f"Pivot {c}", _pivot(c), _put_pivot(c), unit=" px") for c in "xy"))
        self.bone = [
            self.number("Length", _length, set_length, unit=" px", least=2),
            self.number(
                "Angle",
                _angle,
                lambda p, k, v: set_angle(p, k, from_shown(v)),
                unit="°",
                least=-180,
                most=180,
            ),
        ]
        self.row("Length, angle", *self.bone)
        self.bone_row = self.form.rowCount() - 1
        sides = [(word, side) for side, word in look.SIDE_WORD.items()]
        self.row("Side", self.choice(
            "Side", lambda _p, _k: sides, lambda p, k: p.joints[k].side, lambda p, k, v: change(p, k, side=v)
        ))  # fmt: skip
        self.row("Limits", *(
            self.number(f"{word} limit", _limit(end), self._put_limit(end), unit="°", least=-180, most=180)
            for word, end in (("Lower", "largest"), ("Upper", "smallest"))
        ))  # fmt: skip
        self.soft = self.number(
            "Soft ends",
            lambda p, k: math.degrees(limit.soft) if (limit := p.joints[k].limit) else 0.0,
            lambda p, k, v: set_soft(p, k, math.radians(v)),
            unit="°", least=0, most=180,
        )  # fmt: skip
        give = self.number(
            "Give",
            lambda p, k: p.joints[k].give * 100,
            lambda p, k, v: change(p, k, give=v / 100),
            unit=" %", digits=0, least=0, most=100,
        )  # fmt: skip
        self.catches = self.choice(
            "A click picks",
            lambda _p, _k: [("The part clicked", False), ("This carrier", True)],
            lambda p, k: p.joints[k].catches,
            lambda p, k, v: change(p, k, catches=v),
        )
        self.row("A click picks", self.catches)
        self.catches_row = self.form.rowCount() - 1
        self.row("Soft ends", self.soft)
        self.row("Give", give)
        self.free = self.button("Remove limit", lambda: commands.free_limits(session))

    def _put_limit(self, end: str) -> Write:
        def write(puppet: Puppet, key: str, degrees: float) -> Puppet:
            limit = puppet.joints[key].limit
            ends = {
                "smallest": limit.smallest if limit else -math.pi,
                "largest": limit.largest if limit else math.pi,
            }
            ends[end] = from_shown(degrees)
            _, note = mended(**ends)
            if note:
                self.session.say(note)
            return set_limit(puppet, key, **ends)

        return write

    def show_for(self, keys: list[str]) -> None:
        super().show_for(keys)
        joints = [self.session.puppet.joints[key] for key in keys]
        self.free.setVisible(any(joint.limit for joint in joints))
        self.form.setRowVisible(self.catches_row, all(is_carrier(self.session.puppet, key) for key in keys))
        self.form.setRowVisible(self.bone_row, all(joint.tip for joint in joints))
        self.soft.setEnabled(all(joint.limit for joint in joints))

    def describe(self, puppet: Puppet, keys: list[str]) -> str:
        if len(keys) > 1:
            return "joints"
        joint = puppet.joints[keys[0]]
        kind = (
            "master"
            if joint.role
            else "bone"
            if joint.tip
            else "carrier"
            if is_carrier(puppet, keys[0])
            else "joint"
        )
        by = f"carried by {puppet.joints[joint.parent].name}" if joint.parent else "free"
        count = len(branch(puppet, keys[0])) - 1
        return f"{kind}, {by}" + (f", carries {count}" if count else "")


def _length(puppet: Puppet, key: str) -> float:
    joint = puppet.joints[key]
    return 0.0 if joint.tip is None else abs(joint.tip.z - joint.pivot.z)


def _angle(puppet: Puppet, key: str) -> float:
    joint = puppet.joints[key]
    return 0.0 if joint.tip is None else shown_degrees(cmath.phase(joint.tip.z - joint.pivot.z))


def _pivot(axis: str) -> Read:
    return lambda puppet, key: getattr(puppet.joints[key].pivot, axis)


def _put_pivot(axis: str) -> Write:
    def write(puppet: Puppet, key: str, value: float) -> Puppet:
        pivot = puppet.joints[key].pivot
        return move_pivot(puppet, key, complex(value, pivot.y) if axis == "x" else complex(pivot.x, value))

    return write


def _limit(end: str) -> Read:
    def read(puppet: Puppet, key: str) -> float:
        limit = puppet.joints[key].limit
        if limit is None:
            return 180.0 if end == "smallest" else -180.0
        # Half a turn shows as what it is on either side.
        return -math.degrees(getattr(limit, end))

    return read


class Details(QScrollArea):
    """The panel: one section at a time, chosen by what is selected."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.setWidgetResizable(True)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setMinimumWidth(210)
        inside = QWidget()
        column = QVBoxLayout(inside)
        column.setContentsMargins(0, 0, 0, 0)
        self.nothing = QLabel("Click a part, a rivet or a control to see what it is made of.")
        self.nothing.setObjectName("quiet")
        self.nothing.setWordWrap(True)
        self.nothing.setContentsMargins(12, 8, 12, 8)
        column.addWidget(self.nothing)
        self.sections: dict[str, Section] = {
            "p": PartSection(session), "j": JointSection(session),
            "l": LimbSection(session), "c": ControlSection(session), "k": LinkSection(session),
        }  # fmt: skip
        for section in self.sections.values():
            column.addWidget(section)
        column.addStretch(1)
        self.setWidget(inside)
        session.changed.connect(self._on_changed)
        session.file_changed.connect(self._on_settled)
        session.selection_changed.connect(self.refresh)
        session.station_changed.connect(self.refresh)
        self.refresh()

    def _on_changed(self, old: Any, new: Any) -> None:
        if old.puppet is not new.puppet:
            self.refresh()

    def _on_settled(self) -> None:
        """A limb's card shows values of the pose too; they are read when a drag is over."""
        if self.shown()[0] == "l":
            self.refresh()

    def shown(self) -> tuple[str, list[str]]:
        """The kind and the ids to show: in the stations of the rig the joint of a part, in Parts the part."""
        session = self.session
        for letter in ("k", "c", "l"):
            if found := [key for key in session.selection if key[0] == letter]:
                return letter, found
        wanted = "p" if session.station == "Parts" else "j"
        found = session.selected(wanted)
        if wanted == "p" and not found:  # a carrier has no drawing
            return "j", session.selected("j")
        return wanted, found

    def refresh(self) -> None:
        kind, keys = self.shown()
        self.nothing.setVisible(not keys)
        for letter, section in self.sections.items():
            section.setVisible(bool(keys) and letter == kind)
        if keys:
            self.sections[kind].show_for(keys)
