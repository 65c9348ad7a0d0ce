"""Looks at seams while nobody waits: one joint at a time, only those that an edit can have changed."""

from collections.abc import Callable

from PySide6.QtCore import QObject

from umbrite.art.joint_limits import gap_opens
from umbrite.art.pictures import Picture
from umbrite.checking.finding_codes import Finding, finding
from umbrite.desk.session.idle_queue import IdleQueue
from umbrite.rig.family import ancestors, parts_on
from umbrite.rig.model import Puppet
from umbrite.rig.quantities.angles import angle_text

Look = tuple[object, ...]


def looked_at(puppet: Puppet, key: str) -> Look:
    """All that a joint's seam depends on."""
    joint = puppet.joints[key]
    above = next((up for up in ancestors(puppet, key) if parts_on(puppet, up)), None)
    parts = [*parts_on(puppet, key), *(parts_on(puppet, above) if above is not None else [])]
    return (
        joint.limit,
        joint.pivot,
        tuple((k, puppet.parts[k].placement, puppet.parts[k].drawing.sha256) for k in parts),
    )


class SeamWatch:
    """Keeps the findings of seams up to date. `settled` gives the puppet outside of running gestures, `pixels` its drawings."""

    def __init__(
        self, settled: Callable[[], Puppet], pixels: Callable[[str], Picture], parent: QObject | None = None
    ) -> None:
        self.queue = IdleQueue(self._look, parent)
        self._settled, self._pixels = settled, pixels
        self._known: dict[str, tuple[Look, Finding | None]] = {}
        self._seen: Puppet | None = None

    @property
    def found(self) -> list[Finding]:
        """What is known of the puppet as it stands."""
        joints = self._settled().joints
        meant = {(item.code, item.where) for item in self._settled().meant}
        kept = (noticed for key, (_, noticed) in self._known.items() if key in joints)
        return [item for item in kept if item is not None and (item.code, item.where) not in meant]

    def begin(self) -> None:
        """Queue the limited joints that look different from when they were looked at last."""
        puppet = self._settled()
        if puppet is self._seen:  # only the pose has changed
            return
        self._seen = puppet
        self._known = {key: item for key, item in self._known.items() if key in puppet.joints}
        waiting = []
        for key, joint in puppet.joints.items():
            if joint.limit is None:
                self._known.pop(key, None)
            elif key not in self._known or self._known[key][0] != looked_at(puppet, key):
                waiting.append(key)
        self.queue.begin(waiting)

    def _look(self, key: str) -> bool:
        puppet = self._settled()
        if key not in puppet.joints:
            return False
        before = self.found
        pictures = {
            puppet.parts[part].drawing.sha256: self._pixels(puppet.parts[part].drawing.sha256)
            for joint in (key, *ancestors(puppet, key))
            for part in parts_on(puppet, joint)
        }
        turn = gap_opens(puppet, pictures, key)
        noticed = None
        if turn is not None:
            noticed = finding("gap", key, turn=angle_text(turn, 0), name=puppet.joints[key].name)
        self._known[key] = (looked_at(puppet, key), noticed)
        return self.found != before
