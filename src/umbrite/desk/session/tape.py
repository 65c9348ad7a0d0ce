"""Where one is in time: the take that is looked at, the lamp's frame, picked keys, and what was changed but is not kept yet."""

from collections.abc import Callable, Collection

from PySide6.QtCore import QObject, Signal

from umbrite.desk.theme.language import tr
from umbrite.motion.animating.stepping import cycle_of, pose_of_take
from umbrite.rig.channels import is_stepped, neutral, with_values
from umbrite.rig.document import Document
from umbrite.rig.errors import RigError
from umbrite.rig.model import EMPTY_POSE, Pose
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.take import Spot, Take
from umbrite.rig.takes.take_list import Takes, add_take, put_take


class Tape(QObject):
    """See the module. None of it is an edit; the session makes steps of what is keyed. `now` gives the settled document, `shown` the one
    that is seen.

    While `keying`, what is posed becomes keys at the lamp; else it is `hollow` until it is kept, and gone when the lamp moves on.
    """

    changed = Signal()
    play_wanted = Signal()  # the space bar, on the board
    dropped = Signal(float, int)  # the frame, and how many changes were not kept there

    def __init__(
        self, now: Callable[[], Document], shown: Callable[[], Document], parent: QObject | None = None
    ) -> None:
        super().__init__(parent)
        self._now, self._shown = now, shown
        self._name = ""
        self.frame = 0.0
        self.keying = True
        self.playing = False
        self.hollow: Pose = EMPTY_POSE
        self.picked: frozenset[Spot] = frozenset()

    @property
    def take(self) -> Take | None:
        """The take that is looked at; the first one where none was chosen."""
        return self.of(self._now().takes)

    @property
    def shown(self) -> Take | None:
        """The same as a running drag shows it."""
        return self.of(self._shown().takes)

    def of(self, takes: Takes) -> Take | None:
        """The take that is looked at, as it stands among these."""
        found = next((take for take in takes if take.name == self._name), None)
        return found or (takes[0] if takes else None)

    def choose(self, name: str) -> None:
        """Look at another take, from its first frame."""
        self._name = name
        take = self.take
        self.picked = frozenset()
        self.hollow = EMPTY_POSE
        self.frame = float(take.first) if take is not None else 0.0
        self.changed.emit()

    def go_to(self, frame: float) -> None:
        """Move the lamp. What was changed there without being kept is dropped, and that is told."""
        if frame == self.frame:
            return
        if self.hollow:
            left, count = self.frame, len(self.hollow)
            self.hollow = EMPTY_POSE
            self.dropped.emit(left, count)
        self.frame = frame
        self.changed.emit()

    def set_playing(self, *, on: bool) -> None:
        """While it plays nothing but the art is shown."""
        self.playing = on
        self.changed.emit()

    def set_keying(self, *, on: bool) -> None:
        self.keying = on
        self.changed.emit()

    def pick(self, spots: Collection[Spot]) -> None:
        """Pick keys."""
        self.picked = frozenset(spots)
        self.changed.emit()

    def pose_of(self, document: Document) -> Pose:
        """The pose at the lamp: of the take, and over it what is not kept yet."""
        take = self.of(document.takes)
        pose = pose_of_take(take, document.puppet, self.frame) if take is not None else EMPTY_POSE
        return with_values(pose, self.hollow)

    def keyed(self, document: Document, pose: Pose) -> Takes | None:
        """The takes with keys at the lamp for what a pose has changed; None where it stays hollow, or where nothing is changed."""
        before = self.pose_of(document)
        changed = {
            name: pose.get(name, neutral(name))
            for name in {*before, *pose}
            if pose.get(name, neutral(name)) != before.get(name, neutral(name))
        }
        take = self.of(document.takes)
        walks = cycle_of(take, document.puppet) if take is not None else None
        if walks is not None and not walks.tracks.keys().isdisjoint(changed):
            raise RigError(
                tr(
                    "The walk moves that, as far as the master goes. Bake the walk to keys to correct it by hand."
                )
            )
        if not self.keying:
            self.hollow = {**self.hollow, **changed}
            return None
        return self.with_keys(document, changed) if changed else None

    def kept(self, document: Document) -> Takes | None:
        """The takes with keys for what stands hollow at the lamp; None where nothing does."""
        hollow, self.hollow = self.hollow, EMPTY_POSE
        return self.with_keys(document, hollow) if hollow else None

    def let_go(self) -> None:
        """Put back what stands hollow at the lamp."""
        self.hollow = EMPTY_POSE

    def with_keys(self, document: Document, values: Pose) -> Takes:
        """The takes with keys at the lamp; a first take is made where there is none."""
        takes = document.takes or add_take((), "Take 1")
        take = self.of(takes) or takes[0]
        self._name = take.name
        holding = [name for name in values if is_stepped(document.puppet, name)]
        return put_take(takes, take.name, put_keys(take, self.frame, values, holding))

    def ask_to_play(self) -> None:
        """Whoever plays shall play, or stop."""
        self.play_wanted.emit()

    def clear(self) -> None:
        """Another puppet is open."""
        self._name, self.frame, self.hollow, self.picked = "", 0.0, EMPTY_POSE, frozenset()
