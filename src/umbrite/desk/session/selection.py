"""What is selected, as ids in the order in which they were picked."""

from collections.abc import Callable, Iterable

from PySide6.QtCore import QObject, Signal

from umbrite.rig.change import exists
from umbrite.rig.family import parts_on
from umbrite.rig.ids import Kind, id_kind
from umbrite.rig.model import Puppet


class Selection(QObject):
    """See the module. Holds only ids of things that the shown puppet has; `puppet` gives that."""

    changed = Signal()

    def __init__(self, puppet: Callable[[], Puppet], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._puppet = puppet
        self._keys: tuple[str, ...] = ()

    @property
    def keys(self) -> tuple[str, ...]:
        return self._keys

    def select(self, keys: Iterable[str]) -> None:
        """Select these and nothing else."""
        puppet = self._puppet()
        chosen = tuple(dict.fromkeys(key for key in keys if exists(puppet, key)))
        if chosen != self._keys:
            self._keys = chosen
            self.changed.emit()

    def toggle(self, keys: Iterable[str]) -> None:
        """Add what is not selected, or take out what is."""
        selected = list(keys)
        if all(key in self._keys for key in selected):
            self.select(key for key in self._keys if key not in selected)
        else:
            self.select([*self._keys, *selected])

    def of(self, kind: Kind) -> list[str]:
        """The selected ids of one kind; parts and joints stand for each other."""
        puppet, found = self._puppet(), self.only(kind)
        if kind == "joint":
            found += [puppet.parts[key].joint for key in self.only("part")]
        elif kind == "part":
            found += [part for joint in self.only("joint") for part in parts_on(puppet, joint)]
        return list(dict.fromkeys(found))

    def only(self, kind: Kind) -> list[str]:
        """The selected ids of one kind, as they were picked."""
        return [key for key in self._keys if id_kind(key) == kind]
