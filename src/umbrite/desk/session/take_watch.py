"""Looks at takes while nobody waits: one at a time, only those that an edit can have changed."""

from collections.abc import Callable

from PySide6.QtCore import QObject

from umbrite.checking.finding_codes import Finding
from umbrite.checking.take_findings import findings_of_take
from umbrite.desk.session.idle_queue import IdleQueue
from umbrite.rig.change import exists
from umbrite.rig.document import Document
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Take


class TakeWatch:
    """Keeps the findings of takes up to date. `settled` gives the document outside of running gestures."""

    def __init__(self, settled: Callable[[], Document], parent: QObject | None = None) -> None:
        self.queue = IdleQueue(self._look, parent)
        self._settled = settled
        self._known: dict[str, tuple[Puppet, Take, list[Finding]]] = {}

    @property
    def found(self) -> list[Finding]:
        """What is known of the takes as they stand."""
        document = self._settled()
        puppet = document.puppet
        meant = {(item.code, item.where) for item in puppet.meant}
        return [
            item
            for take in document.takes
            if take.name in self._known
            for item in self._known[take.name][2]
            if exists(puppet, item.where) and (item.code, item.where) not in meant
        ]

    def begin(self) -> None:
        """Queue the takes that are others, or of another puppet, than when they were looked at last."""
        document = self._settled()
        takes = {take.name: take for take in document.takes}
        self._known = {key: item for key, item in self._known.items() if key in takes}
        waiting = [key for key, take in takes.items() if not self._is_known(document.puppet, take)]
        if waiting or self.queue.waiting:
            self.queue.begin(waiting)

    def _is_known(self, puppet: Puppet, take: Take) -> bool:
        known = self._known.get(take.name)
        return known is not None and known[0] is puppet and known[1] is take

    def _look(self, key: str) -> bool:
        document = self._settled()
        take = next((take for take in document.takes if take.name == key), None)
        if take is None:
            return False
        before = self.found
        self._known[key] = (document.puppet, take, findings_of_take(document.puppet, take))
        return self.found != before
