"""The mesh that is worked on: the brush with which weights are painted, the vertices that are picked, and the little sway by which the bend
is seen meanwhile. No edit.
"""

import math
import time
from collections.abc import Callable, Iterable, Mapping

from PySide6.QtCore import QObject, QTimer, Signal

from umbrite.rig.edits.meshes.weight_edits import Brush
from umbrite.rig.family import ancestors
from umbrite.rig.model import Mesh, Puppet

TICK = 40  # milliseconds
SWING, SECONDS = 0.28, 1.9  # radians either way, for a swing there and back


class Brushing(QObject):
    """See the module. `part` is the one that is painted ("": none), `bone` the joint that gets weight; `sway` are turns by channel."""

    changed = Signal()
    moved = Signal()

    def __init__(self, puppet: Callable[[], Puppet], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._puppet = puppet
        self.brush = Brush()
        self.part = self.bone = ""
        self.locked: frozenset[str] = frozenset()
        self._selected: tuple[frozenset[int], int] = (frozenset(), 0)  # and how many vertices there were
        self.sways = True
        self._still = False
        self.sway: Mapping[str, float] = {}
        self._timer = QTimer(self)
        self._timer.setInterval(TICK)
        self._timer.timeout.connect(self._tick)

    @property
    def mesh(self) -> Mesh | None:
        """The mesh that is painted; None where nothing is."""
        part = self._puppet().parts.get(self.part)
        return None if part is None else part.mesh

    @property
    def vertices(self) -> frozenset[int]:
        """Picked vertices; none once the mesh has others."""
        mesh, (found, count) = self.mesh, self._selected
        return found if mesh is not None and len(mesh.arrays.vertices) == count else frozenset()

    def take(self, part: str, bone: str = "", *, still: bool = False) -> None:
        """Work on this part from now on ("": none), for this bone or the one that was painted last; it may have to hang still meanwhile."""
        self.part, self._still = part, still
        self._selected = (frozenset(), 0)
        mesh = self.mesh
        if mesh is not None:
            wanted = bone or self.bone
            self.bone = wanted if wanted in mesh.joints else mesh.joints[-1]
        self.keep_swaying()
        self.changed.emit()

    def choose(self, bone: str) -> None:
        self.bone = bone
        self.changed.emit()

    def select(self, vertices: Iterable[int]) -> None:
        """These vertices are picked from now on."""
        mesh = self.mesh
        self._selected = (frozenset(vertices), 0 if mesh is None else len(mesh.arrays.vertices))
        self.changed.emit()

    def set_brush(self, brush: Brush) -> None:
        self.brush = brush
        self.changed.emit()

    def lock(self, bone: str, *, on: bool) -> None:
        """A locked bone keeps its weights whatever is painted."""
        self.locked = self.locked | {bone} if on else self.locked - {bone}
        self.changed.emit()

    def set_sways(self, *, on: bool) -> None:
        self.sways = on
        self.keep_swaying()
        self.changed.emit()

    def keep_swaying(self) -> None:
        """Sway while something is painted and is to sway; else hang still."""
        if self.sways and not self._still and self.mesh is not None:
            self._timer.start()
        else:
            self._timer.stop()
            self._turn({})

    def _tick(self) -> None:
        mesh = self.mesh
        if mesh is None:
            self.keep_swaying()
            return
        puppet = self._puppet()
        hanging = [key for key in mesh.joints if any(above in mesh.joints for above in ancestors(puppet, key))]
        angle = SWING * math.sin(2 * math.pi * time.monotonic() / SECONDS) / max(1.0, math.sqrt(len(hanging)))
        self._turn({f"{key}.turn": angle for key in hanging})

    def _turn(self, sway: Mapping[str, float]) -> None:
        if sway != self.sway:
            self.sway = sway
            self.moved.emit()
