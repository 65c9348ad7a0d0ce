"""The gesture that goes on, if one does: it gets what the pointer does, and tells what is to be shown meanwhile."""

from collections.abc import Callable

from PySide6.QtCore import QObject, QTimer, Signal

from umbrite.desk.board.gestures.gesture import Feedback, Gesture, Pointer
from umbrite.desk.session.session import Session, attempt

RESTS = 25  # milliseconds after which a pointer that drags has come to rest


class Running(QObject):
    """See the module. `found` tells that what takes a while to find is there, `ended` that the gesture has come to its end."""

    found = Signal()
    ended = Signal()

    def __init__(self, session: Session, parent: QObject) -> None:
        super().__init__(parent)
        self._session = session
        self._gesture: Gesture | None = None
        self._last: Pointer | None = None
        self._sending = False
        session.player.went_on.connect(self._on_time)
        self.feedback = Feedback()
        self._resting = QTimer(self)
        self._resting.setSingleShot(True)
        self._resting.setInterval(RESTS)
        self._resting.timeout.connect(self._on_resting)

    @property
    def on(self) -> bool:
        """Whether there is one."""
        return self._gesture is not None

    def begin(self, begin: Callable[[], Gesture]) -> None:
        """Begin a gesture, which may be refused."""

        def work() -> None:
            self._gesture = begin()
            self.feedback = next(self._gesture)

        self.guarded(work)

    def send(self, pointer: Pointer) -> None:
        """Tell it what the pointer does."""
        if (gesture := self._gesture) is not None:
            self._last = pointer
            self._session.performing.moment, self._session.performing.pixel = pointer.moment, 1 / pointer.zoom
            self.guarded(lambda: self._drive(gesture, pointer))
            self._session.performing.moment = None

    def _on_time(self) -> None:
        """Time has gone on under a hand that lies still: what it holds is where it was on the board."""
        performing = self._session.performing
        if performing.running and self._gesture is not None and self._last is not None and not self._sending:
            self._sending = True
            self.send(self._last._replace(kind="move", moment=None))
            self._sending = False

    def guarded(self, work: Callable[[], None]) -> None:
        """Do something that may be refused: the refusal is said, and everything is as it was."""
        if not attempt(self._session, work):
            self.stop()

    def stop(self) -> None:
        """There is none any more, and nothing to be shown of it."""
        self._resting.stop()
        self._gesture, self._last, self.feedback = None, None, Feedback()

    def _drive(self, gesture: Gesture, pointer: Pointer) -> None:
        try:
            shown = gesture.send(pointer)
        except StopIteration:
            self.ended.emit()
            return
        if shown.marks_in_pause is not None:
            shown = shown._replace(marks=self.feedback.marks)
            self._resting.start()
        self.feedback = shown

    def _on_resting(self) -> None:
        if (look := self.feedback.marks_in_pause) is not None:
            self.feedback = self.feedback._replace(marks=look())
            self.found.emit()
