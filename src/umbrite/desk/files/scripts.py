"""A person's own scripts: files in a folder, each with `def run(document) -> document`, which appear in the window as actions.

A script may do whatever Python may. So the person is asked once before one first runs, with its path and its fingerprint; one that has
changed is asked about again. What it gives is one step of undo; where it stops or gives nonsense, a sentence says so and nothing has changed.
"""

import hashlib
import traceback
from collections.abc import Callable
from pathlib import Path
from types import CodeType

from msgspec.structs import replace
from PySide6.QtCore import QUrl
from PySide6.QtGui import QDesktopServices
from PySide6.QtWidgets import QMenu, QWidget

from umbrite.desk.files.questions import Questions
from umbrite.desk.session.preferences import Preferences
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.waiting import waiting
from umbrite.files.file_errors import FileError
from umbrite.files.files_in import read_file
from umbrite.files.native.soundness import fault_of
from umbrite.files.package import Package
from umbrite.rig.document import apart, settled, with_what_is_same
from umbrite.rig.errors import RigError, UmbriteError
from umbrite.rig.merging.guests import refuse_inside
from umbrite.scripting import Document

LARGEST = 1_000_000  # bytes of a script
MOST = 60  # of them in the menu


class Scripts:
    """See the module. `folder` is where they lie."""

    def __init__(self, session: Session, dialogs: Questions, preferences: Preferences, folder: Path) -> None:
        self.session, self.dialogs, self.preferences, self.folder = session, dialogs, preferences, folder

    def paths(self) -> list[Path]:
        """The scripts there are, by name."""
        return sorted(self.folder.glob("*.py"), key=lambda path: path.stem.casefold())[:MOST]

    def show_folder(self) -> None:
        """Open the folder in the desktop's file manager; it is made where it is not there."""
        self.folder.mkdir(parents=True, exist_ok=True)
        QDesktopServices.openUrl(QUrl.fromLocalFile(str(self.folder)))
        self.session.say(
            tr("Scripts lie in {folder}: each is a file with def run(document) -> document.", folder=str(self.folder))
        )

    def run(self, path: Path) -> None:
        """Run a script, if the person allows it. Raises UmbriteError with a sentence where it can't be used."""
        code = self._allowed(path)
        if code is None:
            self.session.say(tr("{name} was not run.", name=path.name))
            return
        before = self.session.file.package()
        with waiting():
            # A copy: what a script does to mappings in place is not done to the puppet that is open.
            made = _result(path, code, Document(Package(apart(before.document), dict(before.art))))
        changed = apart(made.package.document)  # no more the mappings that the script knows
        if fault := fault_of(changed):
            raise RigError(
                tr(
                    "{name} gave a puppet that can't be kept: {fault}. Nothing was changed.",
                    name=path.name,
                    fault=fault,
                )
            )
        changed = replace(changed, puppet=with_what_is_same(changed.puppet, before.puppet))
        refuse_inside(before.puppet, changed.puppet)
        document = settled(changed, before.document)
        if document is before.document:
            self.session.say(tr("{name} changed nothing.", name=path.name))
            return
        self.session.file.add_art(made.package.art)
        self.session.edit(tr("Run {name}", name=path.stem), whole=document)
        self.session.say(tr("{name} is done. Undo takes all of it back.", name=path.stem))

    def _allowed(self, path: Path) -> CodeType | None:
        """What the script says, ready to run; None where the person does not want it. What is asked about is what runs."""
        data = read_file(path, LARGEST)
        fingerprint = hashlib.sha256(data).hexdigest()
        mark = f"{path.resolve()} {fingerprint}"
        if mark not in self.preferences.trusted:
            if not self.dialogs.may_run(str(path), fingerprint):
                return None
            self.preferences.trust(mark)
        try:
            return compile(data, str(path), "exec")
        except (SyntaxError, ValueError) as error:
            line = f", line {error.lineno}" if isinstance(error, SyntaxError) and error.lineno else ""
            raise FileError(tr("{name} is no Python that can be run{line}.", name=path.name, line=line)) from None


def _work_of(path: Path, code: CodeType) -> Callable[[Document], object]:
    """What a script has under the name of `run`."""
    space: dict[str, object] = {"__name__": "umbrite_script", "__file__": str(path)}
    exec(code, space)  # noqa: S102  the person has been asked
    work = space.get("run")
    if not callable(work):
        raise FileError(tr("{name} has no def run(document). Give it one that returns a document.", name=path.name))
    return work


def _result(path: Path, code: CodeType, document: Document) -> Document:
    """What a script makes of a document. Raises UmbriteError with a sentence for whatever goes wrong in it."""
    try:
        made = _work_of(path, code)(document)
    except UmbriteError:
        raise
    except (Exception, SystemExit) as error:  # noqa: BLE001  it is anybody's code
        frames = [each for each in traceback.extract_tb(error.__traceback__) if each.filename == str(path)]
        where = f", line {frames[-1].lineno}" if frames else ""
        raise RigError(
            tr(
                "{name} stopped{where}: {kind}: {error}. Nothing was changed.",
                name=path.name,
                where=where,
                kind=type(error).__name__,
                error=error,
            )
        ) from None
    if not isinstance(made, Document):
        raise RigError(
            tr("{name} returned no document, so nothing was changed. End run with return document.", name=path.name)
        )
    return made


class ScriptsMenu(QMenu):
    """The scripts there are, read anew whenever the menu comes up."""

    def __init__(self, scripts: Scripts, run: Callable[[Callable[[], object]], None], parent: QWidget) -> None:
        super().__init__(tr("Scripts"), parent)
        self._scripts, self._run = scripts, run
        self.aboutToShow.connect(self.fill)
        self.fill()

    def fill(self) -> None:
        """The names as they are now, and the way to their folder."""
        self.clear()
        for path in self._scripts.paths():
            action = self.addAction(path.stem)
            action.setToolTip(str(path))
            action.triggered.connect(lambda _on=False, path=path: self._run(lambda: self._scripts.run(path)))
        if not self.isEmpty():
            self.addSeparator()
        self.addAction(tr("Show their folder")).triggered.connect(lambda: self._run(self._scripts.show_folder))
