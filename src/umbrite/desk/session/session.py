"""The one owner of what is open: the document and its history, the selection, the stage, the drafts, the file and the checks.

Views never edit a puppet; they ask the session, and it alone sends the signals of change. A gesture shows its
work by `preview`, and ends it by `settle` (one step of undo) or `spring_back` (as if nothing had been).
"""

from collections.abc import Callable, Iterator, Mapping
from contextlib import contextmanager
from pathlib import Path

from msgspec.structs import replace
from PySide6.QtCore import QObject, Signal

from umbrite.art.pictures import Picture
from umbrite.desk.session.brushing import Brushing
from umbrite.desk.session.checks import Checks
from umbrite.desk.session.drafts import Boning, DraftBook, Drafts
from umbrite.desk.session.history import History
from umbrite.desk.session.open_file import OpenFile
from umbrite.desk.session.rest_watch import Carried, RestWatch, told
from umbrite.desk.session.running_time.dangling import Dangling
from umbrite.desk.session.running_time.devices import Devices
from umbrite.desk.session.running_time.performing import Performing, changed_values
from umbrite.desk.session.running_time.player import Player
from umbrite.desk.session.running_time.take_sounds import TakeSounds
from umbrite.desk.session.selection import Selection
from umbrite.desk.session.stations import TAKES
from umbrite.desk.session.timeline import Timeline
from umbrite.desk.session.workspace import Workspace
from umbrite.desk.theme.language import tr
from umbrite.files.long_work import Doing, Result, Watching, here
from umbrite.files.package import Package
from umbrite.motion.animating.playing import swing_at
from umbrite.motion.animating.swinging import swings_of
from umbrite.motion.evaluate import evaluate, with_looks
from umbrite.motion.placed import Placed
from umbrite.motion.plan import Floats, Plan, compile_plan
from umbrite.motion.rest_changes.picture_kept import Rest
from umbrite.motion.rest_changes.takes_kept import Differs
from umbrite.rig.channels import is_look, known_only, with_values
from umbrite.rig.document import Document, settled
from umbrite.rig.edits.arranging import fanned_out
from umbrite.rig.errors import RigError, UmbriteError, Watch, unwatched
from umbrite.rig.merging.guests import refuse_inside
from umbrite.rig.model import EMPTY_POSE, Pose, Puppet
from umbrite.rig.takes.take_list import Takes

# Puts a question that may wait: its words, more words, and what each answer does.
Asking = Callable[[str, str, Mapping[str, Callable[[], object]]], None]


@contextmanager
def unseen(_what: str) -> Iterator[Watch]:
    """Long work that nobody looks at."""
    yield unwatched


def unasked(_text: str, _more: str, _answers: Mapping[str, Callable[[], object]]) -> None:
    """Nobody is there to answer."""


class Session(QObject):
    """See the module. `changed` carries the old and the new shown document, once an edit; compare by identity.

    `settled` comes when a step is over: done, undone, saved, opened; not in the middle of a gesture.
    """

    # Shows how far long work is, and lets a person stop it; the window has a better one.
    watching: Watching = staticmethod(unseen)
    doing: Doing = staticmethod(here)  # work on values: the window does it in a thread of its own
    asking: Asking = staticmethod(unasked)
    changed = Signal(object, object)
    settled = Signal()
    opened = Signal()
    said = Signal(str)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.history = History(Document())
        self.history.mark_saved()
        self._shown = self.history.now
        self._trial: Pose = EMPTY_POSE
        self._plan: Plan | None = None
        self._placed: Placed | None = None
        self._evaluated_last: tuple[Plan, Pose, Placed] | None = None
        self.file = OpenFile(lambda: self.history.now, self._saved)
        self.selection = Selection(lambda: self.puppet, self)
        self.drafts = DraftBook(self)
        self.workspace = Workspace(self._fanned, lambda: self.selection.of("part"), self)
        self.timeline = Timeline(lambda: self.history.now, lambda: self._shown, self)
        self.player = Player(self.timeline, self)
        self.sounds = TakeSounds(lambda: self.file.art, self)
        self.performing = Performing(
            self.timeline, self.player, lambda: self.pose, lambda pose: evaluate(self._plan_now(), pose), self
        )
        self.devices = Devices(lambda: self.history.now.puppet, self._by_device, self.performing, self)
        self.workspace.station_changed.connect(self._stop_time)
        self.opened.connect(self._stop_time)
        self.dangling = Dangling(lambda: self.placed, self)
        self.dangling.moved.connect(self._on_dangling)
        self.brushing = Brushing(lambda: self.puppet, self)
        self.brushing.moved.connect(self._on_dangling)
        self.timeline.changed.connect(self._on_timeline)
        self.timeline.dropped.connect(
            lambda frame, count: self.say(
                tr(
                    "{count} pending changes at frame {frame} were discarded. Ctrl+Z restores them.",
                    count=count,
                    frame=f"{frame:g}",
                )
            )
        )
        self.rests = RestWatch()
        self.checks = Checks(lambda: self.history.now, self._pixels, self)
        self.changed.connect(lambda *_: self.checks.put_off())
        self.settled.connect(self.checks.begin)
        self.workspace.station_changed.connect(self._on_station)
        self.workspace.tool_changed.connect(self._on_tool)
        self.workspace.view_changed.connect(self._on_view)

    def _pixels(self, sha256: str) -> Picture:
        return self.file.pictures.pixels(sha256)

    def _fanned(self) -> Mapping[str, complex]:
        puppet = self.history.now.puppet
        shifts = dict(fanned_out(puppet))
        for part in puppet.parts.values():  # what bends goes there as it is
            for joint in part.mesh.joints if part.mesh is not None and part.joint in shifts else ():
                shifts[joint] = shifts[part.joint]
        return shifts

    # What is shown

    @property
    def puppet(self) -> Puppet:
        return self._shown.puppet

    @property
    def pose(self) -> Pose:
        return self._shown.pose

    @property
    def placed(self) -> Placed:
        """The evaluated puppet as it is shown: posed in Rehearse; at rest, or as a gesture tries it, where the rig is built."""
        if self._placed is None:
            plan = self._plan_now()
            plan = plan._replace(swing=swing) if (swing := self._swing()) else plan
            self._placed = self._evaluated(plan, self.pose if self.workspace.station.posed else self._looked_at())
            if self.workspace.fan:
                self._placed = self._placed.shifted(self.workspace.fan)
        return self._placed

    def _plan_now(self) -> Plan:
        """The plan of the puppet that is shown."""
        if self._plan is None or self._plan.puppet is not self.puppet:
            self._plan = compile_plan(self.puppet)
        return self._plan

    def _evaluated(self, plan: Plan, pose: Pose) -> Placed:
        """Where all is; where parts look otherwise and nothing else is different, that alone is told anew."""
        moves = {name: value for name, value in pose.items() if not is_look(name)}
        last = self._evaluated_last
        again = last is not None and last[0] is plan and last[1] == moves
        placed = with_looks(last[2], pose) if last is not None and again else evaluate(plan, pose)
        self._evaluated_last = plan, moves, placed
        return placed

    def _looked_at(self) -> Pose:
        """What is tried where the rig is built, with the variants that are looked at."""
        showing = known_only(self.workspace.showing, self.puppet) if self.workspace.showing else {}
        return {**showing, **self.brushing.sway, **self._trial}

    def _swing(self) -> Mapping[str, float | Floats]:
        """By how much what hangs loose is turned: as the take that is settled has it at the playhead, or live."""
        if not self.workspace.station.timed:
            return self.dangling.offsets if self.workspace.station.posed else {}
        take, puppet = self.timeline.take, self.history.now.puppet
        return {} if take is None else swing_at(swings_of(take, puppet), take, [self.timeline.frame])

    def _on_dangling(self) -> None:
        self._placed = None
        self.changed.emit(self._shown, self._shown)

    def _on_view(self) -> None:
        self._placed = None
        self._dangle()

    def _dangle(self) -> None:
        on = self.workspace.views["dangle"] and self.workspace.station.posed and not self.workspace.station.timed
        if on != self.dangling.on:
            self.dangling.switch(on=on)

    # Change

    def edit(
        self,
        name: str,
        puppet: Puppet | None = None,
        pose: Pose | None = None,
        takes: Takes | None = None,
        *,
        whole: Document | None = None,
        rest: Rest | None = None,
    ) -> None:
        """One step of undo. Channels of things that are gone are dropped from pose and takes.

        Where a take is looked at, a pose is keyed at the playhead, or stands there unkept until it is kept. Raises RigError for what is
        changed in a guest's own file alone. `whole` is a document that was made as such, with stages and guests, and takes the place of all.

        Takes and poses are carried over a change of the rest, so that they look as before; those of a `whole` document stay as they are in it.
        `rest` tells how the rest was changed where a pose has become it.
        """
        if self.performing.running:
            self._performed(puppet, pose, takes, whole)
            return
        if whole is not None:
            self._settle(name, whole)
            return
        if self.workspace.station.timed and pose is not None:
            takes = self.timeline.keyed(self._with(puppet, None, takes), pose) or takes
            pose = None
        document = self._with(puppet, pose, takes)
        refuse_inside(self.history.now.puppet, document.puppet)
        self.carry(name, document, rest)

    def _performed(self, puppet: Puppet | None, pose: Pose | None, takes: Takes | None, whole: Document | None) -> None:
        """While a pass is recorded, what is posed goes into it. Raises RigError for whatever else is changed."""
        if whole is not None or takes is not None or (puppet is not None and puppet is not self.puppet) or pose is None:
            raise RigError(tr("A pass is being recorded. End it with Enter, or discard it with Esc."))
        self.performing.set_values(changed_values(self.pose, pose))

    def _by_device(self, values: Pose, done: bool) -> None:  # noqa: FBT001 once a step, else to be seen
        """What devices pose, where something is posed."""
        if not self.workspace.station.posed:
            return
        if done and self.workspace.station.timed:  # no key comes of what was not performed
            self.spring_back()
            return
        pose = with_values(settled_pose(self), values)
        attempt(self, lambda: self.edit(tr("Pose by a device"), pose=pose) if done else self.preview(pose=pose))

    def _stop_time(self) -> None:
        self.player.stop()
        if self.performing.state == "shaped":
            self.performing.abandoned.emit()
        elif self.performing.active:
            self.performing.cancel()
            self._show_settled()

    def carry(self, name: str, document: Document, rest: Rest | None = None) -> None:
        """One step of undo, takes and poses carried over; what could not be is told."""
        keeps = self.workspace.views["carry"]
        before = self.history.now
        made = settled(self.rests.carried(before, document, self.apart, keeps=keeps, rest=rest), before)
        if self.rests.last is not None:
            self.rests.last = self.rests.last._replace(made=made)
        self._settle(name, made)
        self._tell_carried()

    def apart(self, what: str, work: Callable[[Watch], Result]) -> Result:
        """Work on values that may take long: shown and stopped where it takes more than a moment. Nothing of the session may be touched in it.

        Raises RigError where something else was changed meanwhile, by another program's file say, which would be lost.
        """
        before = self.history.now
        made = self.doing(work, lambda: self.watching(what))
        if self.history.now is not before:
            raise RigError(tr("Something else was changed meanwhile, and nothing was made of this. Do it again."))
        return made

    def _tell_carried(self) -> None:
        last = self.rests.last
        if self.rests.stopped:
            self.say(tr("Stopped: all takes and poses keep their values. Undo takes back the step."))
        if last is None or not (text := told(last.kept, self.puppet)):
            return
        if not last.matters:
            self.say(text)
            return
        first = next((each for each in last.kept.differs if each.kind == "take"), None)
        answers = {} if first is None else {tr("Go there"): lambda: self._go_to_difference(first)}
        answers |= {tr("Keep the values instead"): self.values_instead} if last.has_values else {}
        answers |= {tr("Leave it as it is"): lambda: None}
        self.asking(text, tr("Everything else looks as before. Undo takes back the whole step."), answers)

    @property
    def carried_last(self) -> Carried | None:
        """What the last step gave other values; None where it left all as they were."""
        last = self.rests.last
        return last if last is not None and last.made is self.history.now and last.has_values else None

    def _go_to_difference(self, differs: Differs) -> None:
        self.workspace.go_to(TAKES)
        self.timeline.choose(differs.name)
        self.timeline.go_to(differs.first)

    def values_instead(self) -> None:
        """What the last step carried over keeps its values, as if nothing had been carried over."""
        last, name = self.carried_last, self.history.undo_name
        if last is None or name is None:
            raise RigError(tr("The last step changed no takes or poses."))
        self.history.undo()
        self.rests.last = None
        self._settle(name, last.plain)
        self.say(tr("All takes and poses have the values that they had."))

    def preview(
        self,
        puppet: Puppet | None = None,
        pose: Pose | None = None,
        takes: Takes | None = None,
        trial: Pose = EMPTY_POSE,
    ) -> None:
        """Show a state that is not yet a step; `trial` is a pose to look at where the rig is built."""
        if self.performing.running and pose is not None:
            self.performing.dragged(pose)
            return
        document = self._with(puppet, pose, takes)
        self._show(document if pose is not None else self._at_playhead(document), trial)

    def spring_back(self) -> None:
        """Show the last settled state again."""
        self._show_settled()

    def step(self, by: int) -> None:
        """Go so many steps back (below 0) or forward again in the history. What the playhead let go comes back before that."""
        if self.performing.active or self.performing.state == "shaped":
            self.performing.cancel()
            self._show_settled()
            self.say(tr("The pass was discarded."))
            return
        if by < 0 and self.workspace.station.timed and (frame := self.timeline.recall()) is not None:
            self.say(tr("The pending changes at frame {frame} are back: Enter keys them.", frame=f"{frame:g}"))
            return
        go = self.history.undo if by < 0 else self.history.redo
        names = [name for name in (go() for _ in range(abs(by))) if name is not None]
        if names:
            stop = self.drafts.now.stop
            if stop is not None and self.history.was_undone(stop.before):  # undone past where it began
                self.drafts.put(self.drafts.now._replace(stop=None))
            self._show_settled()
            more = tr(" and {count} more", count=len(names) - 1) if len(names) > 1 else ""
            self.say(tr("Undone: {names}." if by < 0 else "Redone: {names}.", names=names[0] + more))

    def _with(self, puppet: Puppet | None, pose: Pose | None, takes: Takes | None = None) -> Document:
        now = self.history.now
        return replace(
            now,
            puppet=now.puppet if puppet is None else puppet,
            pose=now.pose if pose is None else pose,
            takes=now.takes if takes is None else takes,
        )

    def _at_playhead(self, document: Document) -> Document:
        """A document as it is shown: where a take is looked at, in the take's pose at the playhead."""
        if not self.workspace.station.timed:
            return document
        return replace(document, pose=self.timeline.pose_of(document))

    def _settle(self, name: str, document: Document) -> None:
        kept = settled(document, self.history.now)
        if kept is not self.history.now:
            self.history.push(name, kept)
            self.timeline.forget_lost()
        self._show_settled()

    def _show_settled(self) -> None:
        self._show(self._at_playhead(self.history.now), EMPTY_POSE)
        self.settled.emit()

    def _show(self, document: Document, trial: Pose) -> None:
        old, self._shown = self._shown, document
        self._trial = trial
        self._placed = None
        self.selection.select(self.selection.keys)
        self.drafts.put(self.drafts.now.known_to(document.puppet))
        self.dangling.wake()
        self.changed.emit(old, document)

    def _on_timeline(self) -> None:
        if self.workspace.station.timed:
            self._show(self._at_playhead(self.history.now), EMPTY_POSE)

    def _on_tool(self) -> None:
        if not self.workspace.tool.on_mesh:
            self.brushing.take("")
        self.drafts.put(self.drafts.now._replace(bones=Boning()))

    def _on_station(self) -> None:
        self.brushing.take("")
        shown = self._at_playhead(self.history.now)
        self._placed = None
        if shown.pose != self._shown.pose:  # from the sandbox to the playhead, or back
            self._show(shown, EMPTY_POSE)
        self.drafts.put(self.drafts.now.elsewhere())
        self._dangle()

    def stop_motion(self) -> None:
        """Nothing plays, sways or swings by itself any more: the window is about to close."""
        self._stop_time()
        self.brushing.take("")
        self.workspace.set_view("dangle", on=False)

    # Files

    def open(self, package: Package, path: Path | None, *, saved: bool = True) -> None:
        """Take up another puppet; history and selection begin anew.

        It counts as saved, art as it came in too, for that is still where it came from; not so what was brought back after a crash.
        """
        self.performing.cancel()
        self.file.take(package.art, path)
        self.selection.select(())
        self.drafts.put(Drafts())
        self.workspace.clear()
        self.timeline.clear()
        self.history = History(settled(package.document, Document(package.puppet)))
        if saved:
            self.history.mark_saved()
        self._show_settled()
        self.selection.changed.emit()
        self.opened.emit()

    def _saved(self, document: Document | None) -> None:
        self.history.mark_saved(document)
        self.settled.emit()

    def say(self, text: str) -> None:
        """A plain sentence for the hint line."""
        self.said.emit(text)


def settled_pose(session: Session) -> Pose:
    """The pose outside of running gestures: that of Rehearse, or that at the playhead."""
    now = session.history.now
    return session.timeline.pose_of(now) if session.workspace.station.timed else now.pose


def attempt(session: Session, work: Callable[[], object]) -> bool:
    """Do what may be refused. A refusal is said and everything is as it was; whether it was done."""
    try:
        work()
    except UmbriteError as error:
        session.spring_back()
        session.say(str(error))
        return False
    return True
