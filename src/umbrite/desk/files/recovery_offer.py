"""After a crash: what was not saved is offered on the board, one file after the other; nothing waits for the answer."""

import time
from collections.abc import Callable, Mapping
from pathlib import Path

from umbrite.desk.files.file_desk import FileDesk
from umbrite.desk.files.recovery_keeper import Keeper
from umbrite.desk.theme.language import tr
from umbrite.files.recovery import Left

Ask = Callable[[str, str, Mapping[str, Callable[[], object]]], None]


class Offers:
    """Unsaved work of runs that are gone, held until it is answered for or the window closes."""

    def __init__(self, keeper: Keeper, files: FileDesk, ask: Ask) -> None:
        self._keeper, self._files, self._ask = keeper, files, ask
        self._left: list[Left] = []

    def begin(self) -> None:
        """Look for what was left behind, and offer the latest."""
        self.let_go()
        self._left = self._keeper.left()
        self._next()

    def _next(self) -> None:
        if not self._left:
            return
        left = self._left[0]
        name = Path(left.beside.of).name if left.beside.of else left.beside.name
        when = time.strftime("%d %B, %H:%M", time.localtime(left.beside.written))
        self._ask(
            tr("<b>Umbrite ended suddenly while {name} had changes that were not saved.</b>", name=name),
            tr("They were saved on {when}. Recovering them changes no file until you save.", when=when),
            {tr("Recover"): self._open, tr("Discard"): self._drop, tr("Ask later"): self.let_go},
        )

    def _open(self) -> None:
        left = self._left[0]
        if not self._files.may_leave():
            self._next()
        elif self._files.recover(left):
            self._keeper.adopt(self._left.pop(0))
            self.let_go()  # the others are offered at the next start
        else:  # it stays where it is; the reason was said
            self._left.pop(0).hold.let_go()
            self._next()

    def _drop(self) -> None:
        self._left.pop(0).hold.give_up()
        self._next()

    def let_go(self) -> None:
        """Leave what was not answered for to the next start."""
        for left in self._left:
            left.hold.let_go()
        self._left = []
