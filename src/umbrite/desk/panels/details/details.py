"""Details: the fields of what is selected, for one or many things of a kind at once."""

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import QLabel, QScrollArea, QVBoxLayout, QWidget

from umbrite.desk.commands.sets.variant_commands import sets_selected
from umbrite.desk.panels.details.bendy_card import BendyCard
from umbrite.desk.panels.details.control_section import ControlSection
from umbrite.desk.panels.details.guest_card import GuestCard, GuestFiles
from umbrite.desk.panels.details.joint_section import JointSection
from umbrite.desk.panels.details.limb_section import LimbSection
from umbrite.desk.panels.details.link_section import LinkSection
from umbrite.desk.panels.details.part_section import PartSection
from umbrite.desk.panels.details.posed.looks_numbers import LimbReach, PartLooks
from umbrite.desk.panels.details.posed.pose_numbers import PoseNumbers
from umbrite.desk.panels.details.section import Section
from umbrite.desk.panels.details.stops_card import StopsCard
from umbrite.desk.panels.details.variant_strip import VariantStrip
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import PARTS
from umbrite.desk.theme.language import tr
from umbrite.rig.document import Document
from umbrite.rig.ids import Kind
from umbrite.rig.merging.guests import owned

LATE = 120  # milliseconds from a change of the puppet in a drag to the fields
SOON = 80  # milliseconds from a change of the pose to the numbers


class Details(QScrollArea):
    """The panel: one section at a time, chosen by what is selected."""

    def __init__(self, session: Session, guests: GuestFiles, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.setAccessibleName(tr("Details"))
        self.setWidgetResizable(True)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setMinimumWidth(210)
        inside = QWidget()
        column = QVBoxLayout(inside)
        column.setContentsMargins(0, 0, 0, 0)
        self.nothing = QLabel(tr("Click a part, a rivet or a control to see what it is made of."))
        self.nothing.setObjectName("quiet")
        self.nothing.setWordWrap(True)
        self.nothing.setContentsMargins(12, 8, 12, 8)
        column.addWidget(self.nothing)
        self.sections: dict[Kind, Section] = {
            "part": PartSection(session), "joint": JointSection(session),
            "limb": LimbSection(session), "control": ControlSection(session), "link": LinkSection(session),
        }  # fmt: skip
        self.pose = PoseNumbers(session)
        self.looks, self.reach = PartLooks(session), LimbReach(session)
        for posed in (self.pose, self.looks, self.reach):
            column.addWidget(posed)
        self._late = QTimer(self)
        self._late.setSingleShot(True)
        self._late.setInterval(LATE)
        self._late.timeout.connect(self.refresh)
        self._soon = QTimer(self)
        self._soon.setSingleShot(True)
        self._soon.setInterval(SOON)
        self._soon.timeout.connect(self._show_posed)
        self.guest = GuestCard(session, guests)
        self.bendy = BendyCard(session)
        self.variants = VariantStrip(session)
        self.stops = StopsCard(session)
        column.addWidget(self.guest)
        column.addWidget(self.bendy)
        column.addWidget(self.variants)
        column.addWidget(self.stops)
        for section in self.sections.values():
            column.addWidget(section)
        column.addStretch(1)
        self.setWidget(inside)
        session.changed.connect(self._on_changed)
        session.settled.connect(self._on_settled)
        session.selection.changed.connect(self.refresh)
        session.workspace.station_changed.connect(self.refresh)
        self.refresh()

    def _on_changed(self, old: Document, new: Document) -> None:
        if old.puppet is not new.puppet:
            self._late.start()  # in a drag when it pauses; at the end of a step at once
        elif old.pose is not new.pose and self.session.workspace.station.posed and self.isVisible():
            self._soon.start()

    def _on_settled(self) -> None:
        """A limb's card shows values of the pose too; they are read when a drag is over."""
        if self.shown()[0] == "limb" or self._late.isActive():
            self._late.stop()
            self.refresh()

    def _show_posed(self) -> None:
        """What the pose that is seen says of what is selected."""
        kind, keys = self.shown()
        posed = self.session.workspace.station.posed
        numbers = keys if kind != "link" and self.pose.fits(keys) else []
        parts = self.session.selection.of("part") if posed and kind in {"joint", "part"} else []
        limbs = keys if posed and kind == "limb" else []
        for section, own in ((self.pose, numbers), (self.looks, parts), (self.reach, limbs)):
            section.setVisible(bool(own))
            if own:
                section.show_for(own)

    def shown(self) -> tuple[Kind, list[str]]:
        """The kind and the ids to show: in the stations of the rig the joint of a part, in Parts the part."""
        session = self.session
        alone: tuple[Kind, ...] = ("link", "control", "limb")
        for of in alone:
            if found := session.selection.only(of):
                return of, found
        wanted: Kind = "part" if session.workspace.station is PARTS else "joint"
        found = session.selection.of(wanted)
        if wanted == "part" and not found:  # a carrier has no drawing
            return "joint", session.selection.of("joint")
        return wanted, found

    def _of_guest(self, keys: list[str]) -> bool:
        """Whether all of it is changed in a guest's own file; what a guest hangs from is not."""
        guests = self.session.puppet.guests.values()
        return bool(keys) and any(owned(guest).issuperset(keys) for guest in guests)

    def refresh(self) -> None:
        kind, keys = self.shown()
        self.nothing.setVisible(not keys and not sets_selected(self.session))
        inside = kind in {"part", "joint", "limb", "link"} and self._of_guest(keys)
        for of, section in self.sections.items():
            section.setVisible(bool(keys) and of == kind and not inside)
        if keys:
            self.sections[kind].show_for(keys)
        self._show_posed()
