"""The one owner of what is open: puppet, pose, art, selection, station, tool and history.

Views never edit a puppet; they ask the session, and it alone sends the signals of change. A gesture shows its
work by `preview`, and ends it by `settle` (one step of undo) or `spring_back` (as if nothing had been).
"""

from collections.abc import Iterable, Mapping
from pathlib import Path
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QObject, Signal

from umbrite.art.pictures import Picture
from umbrite.checking.finding_codes import Finding, gravest_first
from umbrite.checking.puppet_findings import findings
from umbrite.desk.session.history import History
from umbrite.desk.session.seam_watch import SeamWatch
from umbrite.files.package import Package
from umbrite.motion.evaluate import Placed, evaluate
from umbrite.motion.plan import Plan, compile_plan
from umbrite.motion.whole_body import HoldPoint
from umbrite.paint.levels import Pictures
from umbrite.rig.change import exists
from umbrite.rig.document import Document, settled
from umbrite.rig.edits.arranging import fanned_out
from umbrite.rig.family import parts_on
from umbrite.rig.ids import Kind, id_kind
from umbrite.rig.model import EMPTY_POSE, Pose, Puppet

if TYPE_CHECKING:
    from umbrite.art.joint_finding import Proposal
    from umbrite.art.joint_limits import FoundLimit
from umbrite.desk.session.drafts import Boning
from umbrite.desk.session.stations import FIRST_TOOL


class Session(QObject):
    """See the module. `changed` carries the old and the new shown state; compare by identity."""

    changed = Signal(object, object)
    opened = Signal()
    selection_changed = Signal()
    station_changed = Signal()
    tool_changed = Signal()
    view_changed = Signal()
    file_changed = Signal()
    proposals_changed = Signal()
    limits_found = Signal()
    findings_changed = Signal()
    boning_changed = Signal()
    said = Signal(str)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        empty = Document()
        self.history = History(empty)
        self.history.mark_saved()
        self.art: dict[str, bytes] = {}
        self.pictures = Pictures(lambda: self.art)
        self.path: Path | None = None
        self.selection: tuple[str, ...] = ()
        self.station = "Parts"
        self.tool = "place"
        self.views: dict[str, bool] = {
            "xray": False, "cords": True, "outlines": False, "fan": False, "solo": False, "rulers": False,
            "bare": False, "skeleton": False,
        }  # fmt: skip
        self.solo: frozenset[str] = frozenset()
        self.swept: tuple[Any, ...] = ()  # ghosts of the last sway, until the next press
        self.pin: complex | None = None  # a pivot for one turn only, on the board
        self.holds: tuple[HoldPoint, ...] = ()  # points that stay while the whole body is dragged
        self.flashing: frozenset[str] = frozenset()
        self._fan: Mapping[str, complex] = {}
        self.proposals: tuple[Proposal, ...] = ()
        self.left_out: frozenset[str] | None = (
            None  # of the pencilled controls; None while none are pencilled
        )
        self.found_limits: tuple[FoundLimit, ...] = ()
        self.boning = Boning()
        self._shown = empty
        self._trial: Pose = EMPTY_POSE
        self._plan: Plan | None = None
        self._placed: Placed | None = None
        self._found: tuple[Puppet, list[Finding]] | None = None
        self.tried: tuple[Puppet, list[Finding]] | None = None  # what a workout noticed about a puppet
        self.seams = SeamWatch(self._settled_puppet, self._pixels, self)
        self.seams.changed.connect(self.findings_changed)
        self.file_changed.connect(self.seams.begin)

    def _settled_puppet(self) -> Puppet:
        return self.history.now.puppet

    def _pixels(self, sha256: str) -> Picture:
        return self.pictures.pixels(sha256)

    # What is shown

    @property
    def puppet(self) -> Puppet:
        return self._shown.puppet

    @property
    def pose(self) -> Pose:
        return self._shown.pose

    @property
    def rehearsing(self) -> bool:
        return self.station == "Rehearse"

    @property
    def plan(self) -> Plan:
        if self._plan is None or self._plan.puppet is not self.puppet:
            self._plan = compile_plan(self.puppet)
        return self._plan

    @property
    def placed(self) -> Placed:
        """The evaluated puppet as it is shown: posed in Rehearse, at rest where the rig is built."""
        if self._placed is None:
            self._placed = evaluate(self.plan, self.shown_pose)
            if self._fan and self.station in {"Parts", "Pivots"}:
                self._placed = self._placed.shifted(self._fan)
        return self._placed

    @property
    def shown_pose(self) -> Pose:
        """What the evaluator gets: the pose in Rehearse; elsewhere rest, or what a gesture is trying."""
        if self.rehearsing:
            return self.pose
        return self._trial

    @property
    def findings(self) -> list[Finding]:
        """What the checks notice about the puppet as it stands, outside of running gestures."""
        settled = self.history.now.puppet
        if self._found is None or self._found[0] is not settled:
            self._found = (settled, findings(settled))
        tried = self.tried[1] if self.tried is not None and self.tried[0] is settled else []
        known = {(finding.code, finding.where) for finding in [*self._found[1], *self.seams.found]}
        meant = {(item.code, item.where) for item in settled.meant}
        more = [finding for finding in tried if (finding.code, finding.where) not in known | meant]
        return gravest_first([*self._found[1], *self.seams.found, *more])

    # Change

    def edit(self, name: str, puppet: Puppet | None = None, pose: Pose | None = None) -> None:
        """One step of undo. Channels of things that are gone are dropped from the pose."""
        self._show(puppet, pose, EMPTY_POSE)
        self.settle(name)

    def preview(
        self, puppet: Puppet | None = None, pose: Pose | None = None, trial: Pose = EMPTY_POSE
    ) -> None:
        """Show a state that is not yet a step; `trial` is a pose to look at where the rig is built."""
        self._show(puppet, pose, trial)

    def settle(self, name: str) -> None:
        """Make what is shown a step of undo, unless nothing is different."""
        now = self.history.now
        document = settled(self._shown, now)
        if document is not now:
            self.history.push(name, document)
        self._to_now()

    def spring_back(self) -> None:
        """Show the last settled state again."""
        self._to_now()

    def undo(self) -> None:
        if (name := self.history.undo()) is not None:
            self._to_now()
            self.said.emit(f"Undone: {name}.")

    def redo(self) -> None:
        if (name := self.history.redo()) is not None:
            self._to_now()
            self.said.emit(f"Done again: {name}.")

    def _to_now(self) -> None:
        state = self.history.now
        self._show(state.puppet, state.pose, EMPTY_POSE, settled=True)

    def _show(self, puppet: Puppet | None, pose: Pose | None, trial: Pose, *, settled: bool = False) -> None:
        old = self._shown
        base = self.history.now
        self._shown = Document(base.puppet if puppet is None else puppet, base.pose if pose is None else pose)
        self._trial = trial
        self._placed = None
        kept = tuple(key for key in self.selection if exists(self.puppet, key))
        if kept != self.selection:
            self.selection = kept
            self.selection_changed.emit()
        left = tuple(
            p for p in self.proposals if exists(self.puppet, p.part) and exists(self.puppet, p.parent)
        )
        if left != self.proposals:
            self.propose(left)
        self.holds = tuple(hold for hold in self.holds if hold.joint in self.puppet.joints)
        if any(key is not None and key not in self.puppet.joints for key in self.boning[:2]):
            self.set_boning(Boning())
        if any(found.joint not in self.puppet.joints for found in self.found_limits):
            self.show_limits(())
        self.changed.emit(old, self._shown)
        if settled:
            self.file_changed.emit()

    # Selection, station, tool, views

    def select(self, keys: Iterable[str]) -> None:
        chosen = tuple(dict.fromkeys(key for key in keys if exists(self.puppet, key)))
        if chosen != self.selection:
            self.selection = chosen
            self.selection_changed.emit()

    def toggle(self, keys: Iterable[str]) -> None:
        """Add what is not selected, or take out what is."""
        picked = list(keys)
        if all(key in self.selection for key in picked):
            self.select(key for key in self.selection if key not in picked)
        else:
            self.select([*self.selection, *picked])

    def selected(self, of: Kind) -> list[str]:
        """The selected ids of one kind; parts and joints stand for each other."""
        found = self.only(of)
        if of == "joint":
            found += [self.puppet.parts[key].joint for key in self.only("part")]
        elif of == "part":
            joints = self.only("joint")
            found += [part for joint in joints for part in parts_on(self.puppet, joint)]
        return list(dict.fromkeys(found))

    def only(self, of: Kind) -> list[str]:
        """The selected ids of one kind, as they were picked."""
        return [key for key in self.selection if id_kind(key) == of]

    def go_to(self, station: str) -> None:
        if station != self.station:
            self.station = station
            self.left_out = None
            self.set_boning(Boning())
            if self.found_limits:
                self.show_limits(())
            self.tool = FIRST_TOOL[station]
            self.pin = None
            self._placed = None
            self.station_changed.emit()
            self.tool_changed.emit()

    def take_tool(self, tool: str) -> None:
        if tool != self.tool:
            self.set_boning(Boning())
            self.tool = tool
            self.tool_changed.emit()

    def set_view(self, name: str, *, on: bool) -> None:
        """Switch a view. `fan` lays the parts out apart, `solo` shows the selected ones alone; no edits, any of them."""
        self.views = {**self.views, name: on}
        if name == "fan":
            self._fan = fanned_out(self.history.now.puppet) if on else {}
            self._placed = None
        if name == "solo":
            self.solo = frozenset(self.selected("part")) if on else frozenset()
        self.view_changed.emit()

    def propose(self, proposals: "Iterable[Proposal]") -> None:
        """Joints that are pencilled on the board until they are taken or left; no part of the puppet."""
        self.proposals = tuple(proposals)
        self.proposals_changed.emit()

    def show_tried(self, found: "list[Finding]") -> None:
        """What a workout noticed counts as findings until the puppet is changed."""
        self.tried = (self.history.now.puppet, found)
        self.findings_changed.emit()

    def set_boning(self, boning: Boning) -> None:
        """Which chain of bones is being drawn, and the bone whose card is shown."""
        if boning != self.boning:
            self.boning = boning
            self.boning_changed.emit()

    def show_limits(self, found: "Iterable[FoundLimit]") -> None:
        """Limits that were found and can be taken; none put them away."""
        self.found_limits = tuple(found)
        self.limits_found.emit()

    def pencil_controls(self, left_out: Iterable[str] | None) -> None:
        """Show the controls that the puppet calls for, some of them left out by name; None rubs them out."""
        self.left_out = None if left_out is None else frozenset(left_out)
        self.proposals_changed.emit()

    # Files

    def open(self, package: Package, path: Path | None) -> None:
        """Take up another puppet; history and selection begin anew."""
        self.art = dict(package.art)
        self.pictures = Pictures(lambda: self.art)
        self.path = path
        self.selection = ()
        self.proposals, self.left_out = (), None
        self.set_boning(Boning())
        self.show_limits(())
        self.history = History(settled(package.document, Document(package.puppet)))
        if path is not None or not package.puppet.parts:
            self.history.mark_saved()
        self._plan = None
        self._fan, self.solo = {}, frozenset()
        self.pin, self.swept, self.holds = None, (), ()
        self.views = {**self.views, "fan": False, "solo": False}
        self._to_now()
        self.selection_changed.emit()
        self.opened.emit()

    def package(self) -> Package:
        """What would be saved now: the last settled state, and the art it needs."""
        return Package(self.history.now, self.art)

    def add_art(self, art: Mapping[str, bytes]) -> None:
        """More drawings; they stay even if their parts are undone, so that redo finds them."""
        self.art.update(art)

    def saved_as(self, path: Path) -> None:
        self.path = path
        self.history.mark_saved()
        self.file_changed.emit()

    def say(self, text: str) -> None:
        """A plain sentence for the hint line."""
        self.said.emit(text)
