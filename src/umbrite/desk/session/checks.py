"""What the checks notice about the puppet that is open: the rig at once, seams and takes in the background, a workout until the next edit."""

from collections.abc import Callable, Sequence

from PySide6.QtCore import QObject, Signal

from umbrite.art.pictures import Picture
from umbrite.checking.finding_codes import CODES, Finding, gravest_first, grouped
from umbrite.checking.puppet_findings import findings
from umbrite.desk.session.seam_watch import SeamWatch
from umbrite.desk.session.take_watch import TakeWatch
from umbrite.rig.document import Document
from umbrite.rig.model import Puppet


def is_used(puppet: Puppet, station: str) -> bool:
    """Whether anything was done in a station; art that was just laid out has no pivots that could be wrong."""
    if station == "Pivots":
        return any(joint.pivot_set or joint.parent is not None for joint in puppet.joints.values())
    if station == "Limbs":
        return bool(puppet.limbs) or any(joint.tip is not None for joint in puppet.joints.values())
    return bool(puppet.controls) if station == "Controls" else True


class Checks(QObject):
    """See the module. `settled` gives the document outside of running gestures, `pixels` a drawing."""

    changed = Signal()

    def __init__(
        self, settled: Callable[[], Document], pixels: Callable[[str], Picture], parent: QObject | None = None
    ) -> None:
        super().__init__(parent)
        self._settled: Callable[[], Puppet] = lambda: settled().puppet
        self.seams = SeamWatch(self._settled, pixels, self)
        self.takes = TakeWatch(settled, self)
        for watch in (self.seams, self.takes):
            watch.queue.changed.connect(self.changed)
        self._rig: tuple[Puppet, list[Finding]] | None = None
        self._tried: tuple[Puppet, Sequence[Finding]] | None = None

    @property
    def found(self) -> list[Finding]:
        """All of it for the puppet as it stands, errors first, without what is meant so."""
        puppet = self._settled()
        if self._rig is None or self._rig[0] is not puppet:
            self._rig = (puppet, findings(puppet))
        noticed = [*self._rig[1], *self.takes.found, *self.seams.found]
        known = {(each.code, each.where) for each in noticed} | {(mark.code, mark.where) for mark in puppet.meant}
        tried = self._tried[1] if self._tried is not None and self._tried[0] is puppet else ()
        return gravest_first([*noticed, *(each for each in tried if (each.code, each.where) not in known)])

    @property
    def groups(self) -> list[list[Finding]]:
        """What counts by now, by kinds: not what is about stations that were not used yet."""
        puppet = self._settled()
        return grouped(each for each in self.found if is_used(puppet, CODES[each.code].station))

    def begin(self) -> None:
        """Look through what has changed, soon."""
        self.seams.begin()
        self.takes.begin()

    def put_off(self) -> None:
        """Something is dragged or plays: look through the rest in the pause after it."""
        self.seams.queue.put_off()
        self.takes.queue.put_off()

    def stop(self) -> None:
        """Look through nothing more: the window closes."""
        self.seams.queue.stop()
        self.takes.queue.stop()

    def finish(self) -> None:
        """Look through all of it now."""
        self.seams.queue.finish()
        self.takes.queue.finish()

    def add_tried(self, found: Sequence[Finding]) -> None:
        """What a workout noticed counts until the puppet is changed."""
        self._tried = (self._settled(), found)
        self.changed.emit()
