"""Where one is in time: the take that is looked at, the playhead, picked keys, and what was changed but is not kept yet."""

from collections.abc import Callable, Collection

from msgspec.structs import replace
from PySide6.QtCore import QObject, Signal

from umbrite.desk.theme.language import tr
from umbrite.motion.animating.stepping import cycle_of, pose_of_take, without_layers
from umbrite.motion.layering import keyed_under
from umbrite.rig.channels import is_stepped, neutral, with_values
from umbrite.rig.document import Document
from umbrite.rig.errors import RigError
from umbrite.rig.model import EMPTY_POSE, Pose
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.reach import KINDS, Reach, keyed_along, of_kinds
from umbrite.rig.takes.take import Spot, Take, keyed_channels
from umbrite.rig.takes.take_layers import put_layer
from umbrite.rig.takes.take_list import Takes, add_take, put_take


class Timeline(QObject):
    """See the module. None of it is an edit; the session makes steps of what is keyed. `now` gives the settled document, `shown` the one
    that is seen.

    While `keying`, what is posed becomes keys at the playhead; else it is `unkept` until it is kept, and gone when the playhead moves on.
    """

    changed = Signal()
    play_wanted = Signal()  # the space bar, on the board
    dropped = Signal(float, int)  # the frame, and how many changes were not kept there

    def __init__(
        self, now: Callable[[], Document], shown: Callable[[], Document], parent: QObject | None = None
    ) -> None:
        super().__init__(parent)
        self._now, self._shown = now, shown
        self._name = self._layer = ""
        self.frame = 0.0
        self.keying = True
        self.reach: Reach = "moved"  # what is keyed along
        self.kinds: frozenset[str] = frozenset(KINDS)  # and which kinds of values
        self.playing = False
        self.bare = False  # it plays, and nothing but the art is shown
        self.ghosts = 2  # before the playhead, and as many after
        self.unkept: Pose = EMPTY_POSE
        self.live: Pose = EMPTY_POSE  # what is performed just now
        self.span: tuple[float, float] | None = None  # the frames in which a pass is recorded
        self.selected: frozenset[Spot] = frozenset()
        self._lost: tuple[float, Pose] | None = None
        # Of other takes: where the playhead was, and what is not kept there.
        self._aside: dict[str, tuple[float, Pose]] = {}

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

    # Layers

    @property
    def layer(self) -> str:
        """The layer over the current take whose keys are shown, by its name; empty for the take itself."""
        take = self.take
        return self._layer if take is not None and any(each.take.name == self._layer for each in take.layers) else ""

    def open_layer(self, name: str) -> None:
        """Show the keys of a layer, or with an empty name those of the take itself; what is keyed goes there."""
        self._layer, self.selected = name, frozenset()
        self.changed.emit()

    def level(self, take: Take) -> Take:
        """Of a take that whose keys are shown: the open layer, or the take itself."""
        return next((each.take for each in take.layers if each.take.name == self._layer), take)

    def with_level(self, take: Take, level: Take) -> Take:
        """A take with another one in the place of that whose keys are shown."""
        found = next((each for each in take.layers if each.take.name == self._layer), None)
        return level if found is None else put_layer(take, self._layer, replace(found, take=level))

    def choose(self, name: str) -> None:
        """Look at another take, from its first frame, or from where changes wait that are not kept. Those of this one wait in its place."""
        takes = self._now().takes
        before = self.take if not self._name or any(take.name == self._name for take in takes) else None
        self._name, self._layer, self.selected, self.span = name, "", frozenset(), None
        take = self.take
        if before is not None and before is not take and self.unkept:
            self._aside[before.name] = self.frame, self.unkept
        start = float(take.first) if take is not None else 0.0, EMPTY_POSE
        self.frame, self.unkept = start if take is None else self._aside.pop(take.name, start)
        self.changed.emit()

    def follow(self, name: str) -> None:
        """The take that is looked at is about to get this name."""
        self._name = name

    @property
    def waiting(self) -> int:
        """How many changes are not kept as keys, those of other takes too."""
        return len(self.unkept) + sum(len(self._aside[name][1]) for name in self.aside)

    @property
    def aside(self) -> list[str]:
        """The other takes that have changes which are not kept as keys."""
        return [take.name for take in self._now().takes if take.name in self._aside]

    def go_to(self, frame: float) -> None:
        """Move the playhead. What was changed there without being kept is dropped, with a message."""
        if frame == self.frame:
            return
        if self.unkept:
            left, lost = self.frame, self.unkept
            self._lost, self.unkept = (left, lost), EMPTY_POSE
            self.dropped.emit(left, len(lost))
        self.frame = frame
        self.changed.emit()

    @property
    def has_lost(self) -> bool:
        """Whether undo would bring back what was let go when the playhead moved."""
        return self._lost is not None

    def recall(self) -> float | None:
        """Bring back what was let go when the playhead moved, where it stood; the frame, or None where nothing was."""
        if self._lost is None:
            return None
        (self.frame, self.unkept), self._lost = self._lost, None
        self.changed.emit()
        return self.frame

    def set_playing(self, *, on: bool, bare: bool = True) -> None:
        """While it plays nothing but the art is shown, unless it is performed."""
        self.playing, self.bare = on, on and bare
        self.changed.emit()

    def set_keying(self, *, on: bool) -> None:
        self.keying = on
        self.changed.emit()

    def set_ghosts(self, count: int) -> None:
        """How many ghosts are shown on either side."""
        self.ghosts = min(max(count, 1), 12)
        self.changed.emit()

    def select(self, spots: Collection[Spot]) -> None:
        """Pick keys."""
        self.selected = frozenset(spots)
        self.changed.emit()

    def plain_pose(self, frame: float) -> Pose:
        """The pose of the settled take at a frame, without what is not kept or performed just now."""
        take = self.take
        return pose_of_take(take, self._now().puppet, frame) if take is not None else EMPTY_POSE

    def pose_of(self, document: Document) -> Pose:
        """The pose at the playhead: of the take, and over it what is not kept yet."""
        take = self.of(document.takes)
        pose = pose_of_take(take, document.puppet, self.frame) if take is not None else EMPTY_POSE
        return with_values(pose, {**self.unkept, **self.live} if self.live else self.unkept)

    def show_live(self, values: Pose) -> None:
        """What is performed at this moment, over what the take shows."""
        if values or self.live:
            self.live = values
            self.changed.emit()

    def set_span(self, span: tuple[float, float] | None) -> None:
        """The frames, first and last, in which a pass is recorded; None for all."""
        self.span = span
        self.changed.emit()

    def keyed(self, document: Document, pose: Pose) -> Takes | None:
        """The takes with keys at the playhead for what a pose has changed; None where it stays unkept, or where nothing is changed."""
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
                tr("The walk moves that, as far as the master goes. Bake the walk to keys to correct it by hand.")
            )
        wanted = self._keyed_along(document, changed) if self.keying and changed else set()
        if walks is not None:
            wanted -= walks.tracks.keys()
        if left := {name: value for name, value in changed.items() if name not in wanted}:
            self.unkept = {**self.unkept, **left}
        values = {name: pose.get(name, neutral(name)) for name in sorted(wanted)}
        self.unkept = {name: value for name, value in self.unkept.items() if name not in values}
        return self.with_keys(document, values) if values else None

    def _keyed_along(self, document: Document, changed: Pose) -> set[str]:
        take = self.of(document.takes)
        known = [*(keyed_channels(self.level(take)) if take is not None else ()), *document.pose]
        return of_kinds(keyed_along(document.puppet, known, changed, self.reach), self.kinds)

    def set_reach(self, reach: Reach) -> None:
        """What is keyed along with what is posed."""
        self.reach = reach
        self.changed.emit()

    def set_kind(self, kind: str, *, on: bool) -> None:
        """Key values of a kind, or leave them unkept."""
        self.kinds = self.kinds | {kind} if on else self.kinds - {kind}
        self.changed.emit()

    def kept(self, document: Document) -> Takes | None:
        """The takes with keys for what stands unkept at the playhead; None where nothing does."""
        unkept, self.unkept = self.unkept, EMPTY_POSE
        return self.with_keys(document, unkept) if unkept else None

    def let_go(self) -> None:
        """Put back what stands unkept at the playhead."""
        self.unkept = EMPTY_POSE
        self._lost = None

    def forget_lost(self) -> None:
        """Something else was done; undo is about that now."""
        self._lost = None

    def with_keys(self, document: Document, values: Pose) -> Takes:
        """The takes with keys at the playhead; a first take is made where there is none."""
        takes = document.takes or add_take((), "Take 1")
        whole = self.of(takes) or takes[0]
        self._name, take = whole.name, self.level(whole)
        if whole.layers:  # what is seen is what all of them make together
            below = {name: float(v[0]) for name, v in without_layers(whole, document.puppet, [self.frame]).items()}
            values = keyed_under(whole, document.puppet, self.frame, below, values, self.layer)
        holding = [name for name in values if is_stepped(document.puppet, name)]
        # What is held would else hold from the very beginning: what showed until here goes on to do so.
        here = {} if self.layer else self.pose_of(document)
        begun = {name: here.get(name, 0.0) for name in holding if name not in take.tracks}
        if begun and take.first < self.frame:
            take = put_keys(take, take.first, begun, holding)
        return put_take(takes, whole.name, self.with_level(whole, put_keys(take, self.frame, values, holding)))

    def ask_to_play(self) -> None:
        """The player should play, or stop."""
        self.play_wanted.emit()

    def clear(self) -> None:
        """Another puppet is open."""
        self._aside, self._layer, self.live, self.span = {}, "", EMPTY_POSE, None
        self._name, self.frame, self.unkept, self.selected, self._lost = ("", 0.0, EMPTY_POSE, frozenset(), None)
