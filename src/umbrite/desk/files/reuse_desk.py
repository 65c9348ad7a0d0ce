"""Files of what is used again: branches in the library, puppets taken in as guests, and whether a guest's own file is newer."""

from pathlib import Path

from msgspec.structs import replace
from PySide6.QtCore import QTimer

from umbrite.demo import ASSETS
from umbrite.desk.commands.sharing import branch_commands, guest_commands
from umbrite.desk.files.file_desk import FileDesk
from umbrite.desk.files.progress import in_thread
from umbrite.desk.session.session import attempt
from umbrite.desk.theme.language import tr
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.library import Entry, entries, free_path, renamed
from umbrite.files.opening import NATIVE, is_native
from umbrite.files.package import Package, load, load_document, part_of, save
from umbrite.paint.render import close_png
from umbrite.rig.document import Document
from umbrite.rig.errors import RigError, UmbriteError
from umbrite.rig.merging.guests import get_guest, unpacked
from umbrite.rig.versions.versions import document_of, get_version

SHIPPED = ASSETS / "library"
Stamp = tuple[int, int]


class ReuseDesk:
    """See the module. `folder` is the person's own library."""

    def __init__(self, files: FileDesk, folder: Path) -> None:
        self.files, self.session, self.dialogs, self.folder = files, files.session, files.dialogs, folder
        # After what is said of the file itself.
        self.session.opened.connect(lambda: QTimer.singleShot(0, self.session, self.tell_newer))
        self._compared: dict[tuple[Path, str], tuple[Document, bool]] = {}
        self._read: dict[Path, tuple[Stamp, Document]] = {}  # guests' own files as they were looked at last

    # The library

    def entries(self) -> list[Entry]:
        """The person's own branches, then those that ship."""
        return entries(self.folder, SHIPPED)

    def keep(self) -> Path:
        """The selected branch into the library, with its picture. Raises UmbriteError."""
        package = branch_commands.selected_branch(self.session)
        path = free_path(self.folder, package.puppet.name)
        save(path, package, close_png(package) if package.puppet.parts else None)
        self.session.say(tr("{name} is in the library.", name=path.stem))
        return path

    def rename(self, path: Path, name: str) -> None:
        """Another name for a branch of the person's own. Raises FileError."""
        renamed(path, name)

    def bring(self, path: Path, at: complex | None = None, onto: str | None = None) -> None:
        """A branch of the library onto a joint: the one that is given, else the selected one. Raises UmbriteError."""
        chosen = self.session.selection.of("joint")
        if onto is None and at is None and len(chosen) == 1:
            onto = chosen[0]
        branch_commands.bring(self.session, self._loaded(path), onto, at)

    # Guests

    def ask_guest(self) -> None:
        """Choose a puppet's file, and take it in as a guest."""
        start = self.session.file.path
        if (path := self.dialogs.path_to_open(None if start is None else start.parent)) is not None:
            attempt(self.session, lambda: self.take_in(path))

    def take_in(self, path: Path, at: complex | None = None) -> None:
        """A puppet's file as a guest. Refuses what is no puppet's file, and what holds this one. Raises UmbriteError."""
        if not is_native(path):
            raise FileError(
                tr("A guest is a puppet with its own rig; {path} is none. Save it as {ending} first.",
                   path=shown_name(path), ending=NATIVE)
            )  # fmt: skip
        package = self._loaded(path)
        self._refuse_round(path, package.document)
        source = guest_commands.source_from(path, self.session.file.path)
        guest_commands.take_in(self.session, package, source, at)

    def _refuse_round(self, path: Path, document: Document) -> None:
        """Refuse a puppet that is this one, or that has this one as a guest, however far within."""
        here = self.session.file.path
        if here is None:
            return
        way = _way_to(path.resolve(), document, here.resolve())
        if way is not None:
            names = tr(" is a guest in ").join([self.session.puppet.name, *reversed(way)])
            raise RigError(tr("{names}: that would go round in a circle. Choose another puppet.", names=names))

    def source_of(self, key: str) -> Path | None:
        """The file of a guest's own puppet; None where it is not there."""
        guest = get_guest(self.session.puppet, key)
        here = self.session.file.path
        path = (ASSETS if here is None else here.parent) / guest.source  # demos have no path of their own
        return path if path.is_file() else None

    def tell_newer(self) -> None:
        """When a file has been opened: guests whose own files say something else by now."""
        puppet = self.session.puppet
        names = [guest.name for key, guest in puppet.guests.items() if self.newer(key)]
        if names:
            self.session.say(
                tr(
                    "{names} changed in a file of its own since: select it, and Update brings that in.",
                    names=", ".join(names),
                )
            )

    def newer(self, key: str) -> bool | None:
        """Whether a guest's own file says something else than the copy inside; None where it is gone or can't be read."""
        path = self.source_of(key)
        if path is None:
            return None
        guest = get_guest(self.session.puppet, key)
        try:
            document = self._document(path)
            known = self._compared.get((path, guest.sha256))
            if known is None or known[0] is not document:  # looked at after every step, compared once
                known = document, document != unpacked(guest)
                self._compared[path, guest.sha256] = known
            return known[1]
        except UmbriteError:
            return None

    def _document(self, path: Path) -> Document:
        """What a file holds, without stages; read again only where it was written since."""
        found = path.stat()
        stamp = found.st_mtime_ns, found.st_size
        known = self._read.get(path)
        if known is None or known[0] != stamp:
            known = stamp, without_versions(load_document(path))
            self._read[path] = known
        return known[1]

    def update_selected(self) -> None:
        """Bring the selected guest up to date. Raises UmbriteError."""
        self.update(guest_commands.chosen(self.session))

    def open_selected(self) -> None:
        """Open the selected guest's own file. Raises RigError where none is selected."""
        self.open_guest(guest_commands.chosen(self.session))

    def open_guest(self, key: str) -> None:
        """Open a guest's own file; where that is gone, its copy as a new puppet."""
        path = self.source_of(key)
        copy = part_of(self.session.file.package(), unpacked(get_guest(self.session.puppet, key)))
        if not self.files.may_leave():
            return
        if path is not None:
            self.files.open(path)
        else:
            self.session.open(copy, None, saved=False)

    def new_from(self, name: str) -> None:
        """A new puppet from a stage of this one. Raises MissingError."""
        document = document_of(get_version(self.session.history.now, name))
        package = part_of(self.session.file.package(), document)
        if self.files.may_leave():
            self.session.open(package, None, saved=False)
            self.session.say(tr("A new puppet from {stage}; the other file stays as it was.", stage=name))

    def update(self, key: str) -> None:
        """A guest as its own file has it now. Raises UmbriteError."""
        path, name = self.source_of(key), get_guest(self.session.puppet, key).name
        if path is None:
            raise FileError(tr("The file of {name} is not there any more; the copy inside stays.", name=name))
        package = self._loaded(path)
        self._refuse_round(path, package.document)
        guest_commands.update(self.session, key, package)

    def _loaded(self, path: Path) -> Package:
        with self.dialogs.watch(tr("Opening {path}", path=shown_name(path))) as watch:
            package = in_thread(lambda step: load(path, step), watch)
        return Package(without_versions(package.document), package.art)


def without_versions(document: Document) -> Document:
    """A document for elsewhere: its stages stay in its own file."""
    return replace(document, versions=())


def _way_to(path: Path, document: Document, wanted: Path) -> list[str] | None:
    """The names of guests within one another from a document down to the file that is looked for; None where it is nowhere."""
    if path == wanted:
        return []
    for guest in document.puppet.guests.values():
        inner = (path.parent / guest.source).resolve()
        way = _way_to(inner, unpacked(guest), wanted)
        if way is not None:
            return [document.puppet.name, *way]
    return None
