"""The few questions that need a dialog, in one object that is handed in, so that tests can answer for a person."""

from collections.abc import Callable
from contextlib import AbstractContextManager
from pathlib import Path
from typing import Literal, TypeVar

from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QMessageBox,
    QTextBrowser,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.dialogs.film_dialog import FilmDialog
from umbrite.desk.dialogs.gltf_dialog import GltfDialog
from umbrite.desk.files.import_table import Chosen, ImportTable
from umbrite.desk.files.progress import watched
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.look import dress_buttons, icon, size_within
from umbrite.desk.theme.themes import Theme
from umbrite.files.formats.format_table import Holds, read_as
from umbrite.files.layers import Layered
from umbrite.files.package import Package
from umbrite.files.takes.sounded import SOUNDS
from umbrite.paint.baking import GltfChoice
from umbrite.paint.take_export import Film
from umbrite.rig.errors import Watch


def names_of(title: str, *holds: Holds) -> str:
    """What a file dialog lists: the files that can be read as such, or all."""
    return f"{title} ({' '.join(f'*{ending}' for ending in read_as(*holds))});;{tr('All files')} (*)"


Answer = TypeVar("Answer", bound=str)


class Dialogs:
    """Asks the person in front of the screen."""

    def __init__(self, parent: QWidget, theme: Callable[[], Theme]) -> None:
        self._parent, self._theme = parent, theme

    def _dialog(self, title: str, kind: str, folder: Path | None) -> QFileDialog:
        dialog = QFileDialog(self._parent, title, str(folder or Path.home()), kind)
        dialog.setOption(QFileDialog.Option.DontUseNativeDialog)
        dialog.setMinimumSize(720, 460)
        for box in dialog.findChildren(QDialogButtonBox):
            dress_buttons(box, self._theme())
        for button, name in (("toParentButton", "arrow-up"), ("newFolderButton", "plus")):
            found = dialog.findChild(QToolButton, button)
            if found is not None:
                found.setIcon(icon(self._theme(), name))
        return dialog

    def path_to_open(self, folder: Path | None) -> Path | None:
        dialog = self._dialog(
            tr("Open a puppet or a layered picture"),
            names_of(tr("Puppets and pictures"), "puppet", "layers", "picture"),
            folder,
        )
        dialog.setFileMode(QFileDialog.FileMode.ExistingFile)
        found = self._run(dialog)
        return found[0] if found else None

    def sound_to_add(self, folder: Path | None) -> Path | None:
        names = " ".join(f"*{ending}" for ending in SOUNDS)
        dialog = self._dialog(tr("Add a sound"), f"{tr('Sounds')} ({names})", folder)
        dialog.setFileMode(QFileDialog.FileMode.ExistingFile)
        found = self._run(dialog)
        return found[0] if found else None

    def paths_to_add(self, folder: Path | None) -> list[Path]:
        dialog = self._dialog(tr("Add pictures as parts"), names_of(tr("Pictures"), "layers", "picture"), folder)
        dialog.setFileMode(QFileDialog.FileMode.ExistingFiles)
        return self._run(dialog)

    def path_to_save(self, suggestion: Path, ending: str) -> Path | None:
        title = tr("Save the puppet") if ending == ".umbrite" else tr("Export")
        dialog = self._dialog(title, f"*{ending}", suggestion.parent)
        dialog.setAcceptMode(QFileDialog.AcceptMode.AcceptSave)
        dialog.setDefaultSuffix(ending.lstrip("."))
        dialog.selectFile(suggestion.name)
        found = self._run(dialog)
        return found[0] if found else None

    def _run(self, dialog: QFileDialog) -> list[Path]:
        try:
            accepted = dialog.exec()
            return [Path(name) for name in dialog.selectedFiles()] if accepted else []
        finally:
            dialog.deleteLater()

    def choose_layers(self, layered: Layered) -> Chosen | None:
        """The table of layers; None where the person turned back."""
        table = ImportTable(layered, self._parent, self._theme())
        try:
            return table.chosen() if table.exec() else None
        finally:
            table.deleteLater()

    def choose_film(self, film: Film, ending: str) -> Film | None:
        """Which frames of a take, how large and on what; None where the person turned back."""
        dialog = FilmDialog(film, ending, self._theme(), self._parent)
        try:
            return dialog.film if dialog.exec() else None
        finally:
            dialog.deleteLater()

    def choose_gltf(self, package: Package) -> GltfChoice | None:
        """Which takes go out as glTF, and how; None where the person turned back."""
        dialog = GltfDialog(package, self._theme(), self._parent)
        try:
            return dialog.choice if dialog.exec() else None
        finally:
            dialog.deleteLater()

    def watch(self, what: str) -> AbstractContextManager[Watch]:
        """Progress with a cancel, shown where the work takes longer than a moment."""
        return watched(self._parent, what)

    def about_unsaved(self, name: str) -> Literal["save", "drop", "stay"]:
        box = QMessageBox(self._parent)
        box.setIcon(QMessageBox.Icon.NoIcon)
        box.setWindowTitle(tr("Unsaved work"))
        box.setText(tr("<b>{name} has changes that are not saved.</b>", name=name))
        box.setInformativeText(tr("Save them first? Discarded changes can't be restored."))
        keep = box.addButton(tr("Save"), QMessageBox.ButtonRole.AcceptRole)
        drop = box.addButton(tr("Discard changes"), QMessageBox.ButtonRole.DestructiveRole)
        stay = box.addButton(tr("Cancel"), QMessageBox.ButtonRole.RejectRole)
        box.setDefaultButton(keep)
        box.setEscapeButton(stay)
        box.exec()
        clicked = box.clickedButton()
        box.deleteLater()
        return "save" if clicked is keep else "drop" if clicked is drop else "stay"

    def about_changed(self, name: str, *, gone: bool) -> Literal["overwrite", "elsewhere", "stay"]:
        """The file is not what it was when it was opened."""
        words: dict[Literal["overwrite", "elsewhere", "stay"], str] = {
            "overwrite": tr("Overwrite"),
            "elsewhere": tr("Save as…"),
            "stay": tr("Cancel"),
        }
        happened = "<b>{name} was moved or removed.</b>" if gone else "<b>{name} was changed by another program.</b>"
        return self._ask(
            tr("File changed"), tr(happened, name=name),
            tr("Writing it here puts your work in its place; what the other program wrote stays as the backup."), words, "elsewhere",
        )  # fmt: skip

    def about_dropped(self, name: str) -> Literal["exchange", "variant", "add", "stay"]:
        """A picture was let go on a part."""
        words: dict[Literal["exchange", "variant", "add", "stay"], str] = {
            "exchange": tr("Exchange its drawing"),
            "variant": tr("Add as a variant"),
            "add": tr("Add as a part"),
            "stay": tr("Cancel"),
        }
        more = tr("With another drawing the part keeps its place, pivot and rig. Of variants one shows at a time.")
        return self._ask(
            tr("A picture on a part"), tr("<b>What is this picture for {name}?</b>", name=name), more, words, "exchange"
        )

    def may_run(self, path: str, fingerprint: str) -> bool:
        """A script is about to run for the first time, or has changed since."""
        words: dict[Literal["run", "stay"], str] = {"run": tr("Run"), "stay": tr("Not now")}
        more = tr(
            "A script may do whatever you may: read, write and send files. Run only what you know.\n\n{path}\nSHA-256 {fingerprint}",
            path=path, fingerprint=fingerprint,
        )  # fmt: skip
        return self._ask(tr("Run a script"), tr("<b>May this script run?</b>"), more, words, "stay") == "run"

    def may_replace(self, name: str) -> bool:
        """A file of that name is there already."""
        words: dict[Literal["replace", "stay"], str] = {"replace": tr("Overwrite"), "stay": tr("Cancel")}
        more = tr("The previous save of a puppet stays beside it as a backup; that of a picture is lost.")
        return (
            self._ask(tr("File exists"), tr("<b>{name} is there already.</b>", name=name), more, words, "stay")
            == "replace"
        )

    def _ask(self, title: str, text: str, more: str, words: dict[Answer, str], default: Answer) -> Answer:
        """A question with a few answers; closing it means the last one."""
        box = QMessageBox(self._parent)
        box.setIcon(QMessageBox.Icon.NoIcon)
        box.setWindowTitle(title)
        box.setText(text)
        box.setInformativeText(more)
        roles = (
            QMessageBox.ButtonRole.AcceptRole,
            *[QMessageBox.ButtonRole.DestructiveRole] * (len(words) - 2),
            QMessageBox.ButtonRole.RejectRole,
        )
        buttons = {key: box.addButton(label, role) for (key, label), role in zip(words.items(), roles, strict=True)}
        box.setDefaultButton(buttons[default])
        box.setEscapeButton(buttons[list(words)[-1]])
        box.exec()
        clicked = box.clickedButton()
        box.deleteLater()
        return next((key for key, button in buttons.items() if button is clicked), list(words)[-1])

    def read(self, title: str, page: str) -> None:
        """Show a page of HTML that may be long."""
        dialog = QDialog(self._parent)
        dialog.setWindowTitle(title)
        column = QVBoxLayout(dialog)
        browser = QTextBrowser()
        browser.setAccessibleName(title)
        browser.setHtml(page)
        browser.setOpenExternalLinks(True)
        column.addWidget(browser)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        dress_buttons(buttons, self._theme())
        buttons.rejected.connect(dialog.reject)
        column.addWidget(buttons)
        size_within(dialog, 560, 520)
        dialog.exec()
        dialog.deleteLater()

    def tell(self, title: str, text: str) -> None:
        box = QMessageBox(self._parent)
        box.setIcon(QMessageBox.Icon.NoIcon)
        box.setWindowTitle(title)
        box.setText(text)
        box.exec()
        box.deleteLater()
