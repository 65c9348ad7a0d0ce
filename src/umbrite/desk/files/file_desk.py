"""Opening, adding, saving and exporting from the window: asks where it must, and never loses unsaved work."""

from collections.abc import Callable
from pathlib import Path

from umbrite.checking.workout import Report
from umbrite.checking.workout_report import write_sheets
from umbrite.demo import ASSETS as DEMOS
from umbrite.desk.commands import shelf_commands
from umbrite.desk.commands.bends import bending_commands
from umbrite.desk.commands.building import plan_commands
from umbrite.desk.commands.parts import cover_commands
from umbrite.desk.commands.parts.cover_commands import with_shades
from umbrite.desk.commands.sets import variant_commands
from umbrite.desk.commands.sharing import guest_commands
from umbrite.desk.commands.takes import perform_commands, sound_commands, take_commands
from umbrite.desk.files.import_table import Chosen
from umbrite.desk.files.progress import in_thread
from umbrite.desk.files.questions import Questions
from umbrite.desk.session.preferences import Preferences
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.session.stations import PARTS, REHEARSE
from umbrite.desk.theme.language import tr
from umbrite.files.atomic import stamp_of, suggested_stem, write
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.files_in import read_file
from umbrite.files.layers import Layered, add_layers, parts_from
from umbrite.files.opening import NATIVE, is_native
from umbrite.files.package import Package, load, save
from umbrite.files.png import fingerprint
from umbrite.files.recovery import Left
from umbrite.files.sandbox.reading import read_art
from umbrite.files.takes.sounded import SOUNDS
from umbrite.files.takes.take_files import read_shapes
from umbrite.files.variant_layers import in_sets, named_by_groups, with_named_groups
from umbrite.paint.export import export_pose
from umbrite.paint.render import preview_png, render_package, write_png
from umbrite.paint.take_export import Film, frames_of, write_take
from umbrite.rig.affine import inverse
from umbrite.rig.document import Document
from umbrite.rig.edits.parts import exchange_drawing
from umbrite.rig.edits.variants.drawings import More, add_drawings, corner_by_pivot
from umbrite.rig.edits.variants.sets import set_of
from umbrite.rig.errors import UmbriteError, Watch
from umbrite.rig.model import Drawing
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.quantities.bounds import picture_fault

POSE_FILE = ".pose"
LARGEST_POSE = 4_000_000  # bytes


def pose_text(path: Path) -> str:
    """What a pose file holds. Raises FileError."""
    data = read_file(path, LARGEST_POSE)
    try:
        return data.decode()
    except ValueError:
        raise FileError(
            tr("{path} can't be read as a pose. Choose a file that Export made.", path=shown_name(path))
        ) from None


def with_ending(path: Path, ending: str) -> Path:
    """The place under a name that ends as its kind must; whatever else looks like an ending stays part of the name."""
    return path if path.name.lower().endswith(ending) else path.with_name(path.name + ending)


class FileDesk:
    """File work for one window."""

    def __init__(self, session: Session, dialogs: Questions, preferences: Preferences) -> None:
        self.session, self.dialogs, self.preferences = session, dialogs, preferences
        self.folder: Path | None = None
        self.elsewhere: Callable[[Path], bool] = lambda _path: False  # whether another window has unsaved changes to it
        self.exchanged: Callable[[str, Path], object] = lambda _part, _path: None  # told what a drawing came from

    def may_leave(self) -> bool:
        """Ask only where unsaved work would be gone; whether to go on."""
        session = self.session
        if session.history.is_saved and not session.timeline.waiting and session.performing.state != "shaped":
            return True
        answer = self.dialogs.about_unsaved(session.file.path.name if session.file.path else session.puppet.name)
        if answer == "save":
            perform_commands.keep(session)
            take_commands.keep_all_unkept(session)
        return answer == "drop" or (answer == "save" and self.save())

    def new(self) -> None:
        if self.may_leave():
            self.session.open(Package(Document(), {}), None)
            self.session.workspace.go_to(PARTS)

    def ask_open(self) -> None:
        if self.may_leave() and (path := self.dialogs.path_to_open(self.folder)) is not None:
            self.open(path)

    def open(self, path: Path, *, ask: bool = True) -> bool:
        """Open whatever the path is; a puppet keeps its path, art becomes a new unsaved puppet.

        With `ask` the layers of art are shown in a table first.
        """
        native, stamp = is_native(path), stamp_of(path)
        try:
            package = self._loaded(path) if native else self._new_from([path], ask=ask)
        except UmbriteError as error:
            self.session.say(str(error))
            return False
        if package is None:
            return False
        if not path.is_relative_to(DEMOS):
            self.folder = path.parent
        self.session.open(package, path if path.suffix.lower() == NATIVE else None)
        self.session.file.stamp = stamp
        if native and not path.is_relative_to(DEMOS):
            self.preferences.add_recent(str(path.resolve()))
        self.session.workspace.go_to(REHEARSE if package.puppet.controls else PARTS)
        said = tr("{path} opened: {count} parts.", path=shown_name(path), count=len(package.puppet.parts))
        if path.is_relative_to(DEMOS) and package.puppet.controls:
            said = tr("{name} is open. Drag a hand, a foot or the body.", name=package.puppet.name)
        if self.elsewhere(path):
            said += " " + tr("Another window has unsaved changes to it.")
        self.session.say(said)
        return True

    def _loaded(self, path: Path) -> Package:
        with self.dialogs.watch(tr("Opening {path}", path=shown_name(path))) as watch:
            return in_thread(lambda step: load(path, step), watch)

    def _new_from(self, paths: list[Path], *, ask: bool) -> Package | None:
        chosen = self._chosen(paths, ask=ask)
        if chosen is None:
            return None
        package, made = parts_from(chosen.layered, carriers=chosen.carriers)
        return package.having(in_sets(package.puppet, made, chosen.sets))

    def _chosen(self, paths: list[Path], *, ask: bool = True) -> Chosen | None:
        """What the person wants of art files; None where they turned back. Raises FileError."""
        with self.dialogs.watch(tr("Reading {paths}", paths=shown_name(paths[0]))) as watch:
            layered = named_by_groups(with_named_groups(read_art(paths, watch)))
        plain = len(layered.layers) < 2 or not self.preferences.layer_table
        if not ask or (plain and not layered.notes):
            return Chosen(layered)
        chosen = self.dialogs.choose_layers(layered)
        if chosen is None:
            self.session.say(tr("Nothing was added."))
        return chosen

    def demo_path(self, name: str) -> Path:
        """Where a demo lies."""
        return DEMOS / name

    def open_demo(self, name: str) -> None:
        """The demo, as a puppet without a path: saving asks where, and the shipped file stays as it is."""
        if self.may_leave() and self.open(DEMOS / name, ask=False):
            self.session.file.saved_as(None)

    def ask_add(self) -> None:
        if paths := self.dialogs.paths_to_add(self.folder):
            self.add(paths)

    def add(self, paths: list[Path]) -> None:
        """More art as parts in front of what is there."""
        session = self.session
        try:
            chosen = self._chosen(paths)
            if chosen is None:
                return
            package, made = add_layers(session.file.package(), chosen.layered.layers, carriers=chosen.carriers)
        except UmbriteError as error:
            session.say(str(error))
            return
        if not made:
            session.say(tr("{name} has no layer that shows anything, so nothing was added.", name=paths[0].name))
            return
        puppet = in_sets(package.puppet, dict(zip(made, chosen.layered.layers, strict=True)), chosen.sets)
        session.file.add_art(package.art)
        session.edit(
            tr("Add {count} part{ending}", count=len(made), ending="s" if len(made) > 1 else ""), puppet=puppet
        )
        session.workspace.go_to(PARTS)
        session.selection.select(made)
        self.folder = paths[0].parent

    def ask_lay(self) -> None:
        """The rig that is open on other art, as a new puppet."""
        if (path := self.dialogs.path_to_open(self.folder)) is not None and self.may_leave():
            self.lay_on(path)

    def lay_on(self, path: Path, *, ask: bool = True) -> None:
        """Open the art of a file, and show which piece of it takes the place of which of the rig that was open: Enter lays it there."""
        session = self.session
        try:
            art = self._loaded(path) if is_native(path) else self._new_from([path], ask=ask)
            if art is None:
                return
            rig = session.file.package()
        except UmbriteError as error:
            session.say(str(error))
            return
        session.open(art, None)
        attempt(session, lambda: plan_commands.propose_rig(session, rig))

    def ask_exchange(self) -> None:
        """A revised drawing for the selected part; the rig stays."""
        session = self.session
        (key,) = session.selection.of("part")
        if paths := self.dialogs.paths_to_add(self.folder):
            self._exchange_from(key, paths[0])

    def _exchange_from(self, key: str, path: Path) -> None:
        try:
            with self.dialogs.watch(tr("Reading {path}", path=shown_name(path))) as watch:
                revised = read_art([path], watch)
        except UmbriteError as error:
            self.session.say(str(error))
            return
        before = self.session.history.now
        self.exchange(key, revised)
        if self.session.history.now is not before:
            self.exchanged(key, path)

    def cover_seam(self) -> None:
        """A picture of one's own over the seam of the selected joint."""
        session = self.session
        if not (paths := self.dialogs.paths_to_add(self.folder)):
            return

        def cover() -> None:
            with self.dialogs.watch(tr("Reading {path}", path=shown_name(paths[0]))) as watch:
                found = read_art(paths[:1], watch)
            cover_commands.cover_with(session, found)

        attempt(session, cover)

    def add_drawings(self) -> None:
        """More drawings for the selected part, as variants of which one shows."""
        (key,) = self.session.selection.of("part")
        if paths := self.dialogs.paths_to_add(self.folder):
            self.add_variants(key, paths)

    def speak(self) -> None:
        """Which variants of the selected set show at which frames, from a list."""
        path = self.dialogs.path_to_open(self.folder)
        if path is not None:
            attempt(self.session, lambda: take_commands.speak(self.session, read_shapes(path), path.name))

    def ask_sound(self) -> None:
        """A sound file is laid under the current take."""
        path = self.dialogs.sound_to_add(self.folder)
        if path is not None:
            self.folder = path.parent
            attempt(self.session, lambda: sound_commands.lay(self.session, path))

    def add_variants(self, key: str, paths: list[Path]) -> None:
        """Each layer of these pictures as a variant of a part: laid on by the canvas where it is whole, else by the pivot, or the middle.

        A shade that the part has each of them gets from its own shape.
        """
        session, part = self.session, self.session.puppet.parts[key]
        more, art = [], dict[str, bytes]()
        try:
            for path in paths:
                with self.dialogs.watch(tr("Reading {path}", path=shown_name(path))) as watch:
                    read = read_art([path], watch)
                for layer in read.layers:
                    drawing = Drawing(fingerprint(layer.png), layer.width, layer.height)
                    art[drawing.sha256] = layer.png
                    corner = corner_by_pivot(session.puppet, key, drawing)
                    if (read.width, read.height) == (session.puppet.width, session.puppet.height):
                        corner = complex(inverse(board_from_drawing(part.placement))(complex(layer.x, layer.y)))
                    more.append(More(path.stem if len(read.layers) == 1 else layer.name, drawing, corner))
            puppet, one, made = add_drawings(session.history.now.puppet, key, more)
        except UmbriteError as error:
            session.say(str(error))
            return
        session.file.add_art(art)
        puppet = with_shades(session, puppet, key, made)
        session.edit(tr("Add {count} drawings to {name}", count=len(made), name=part.name), puppet=puppet)
        session.selection.select(made[:1])
        if (found := set_of(puppet, made[0])) is not None and not session.workspace.station.posed:
            variant_commands.choose(session, one, found[1].number)  # to be moved to its place
        session.say(
            tr(
                "{name} has {count} variants now: [ and ] go through them.",
                name=puppet.sets[one].name,
                count=len(puppet.sets[one].variants),
            )
        )
        self.folder = paths[0].parent

    def exchange(self, key: str, revised: Layered) -> None:
        """Give a part the one layer of a picture as its drawing."""
        session = self.session
        part = session.puppet.parts[key]
        if len(revised.layers) != 1:
            found = tr("shows nothing") if not revised.layers else tr("has {count} layers", count=len(revised.layers))
            session.say(
                tr("The revised picture {found}, so the old drawing stays. Choose a picture of one layer.", found=found)
            )
            return
        (layer,) = revised.layers
        corner = None
        if (revised.width, revised.height) == (session.puppet.width, session.puppet.height):
            # a whole canvas keeps its place on it
            corner = complex(inverse(board_from_drawing(part.placement))(complex(layer.x, layer.y)))
        elif (revised.width, revised.height) == (part.drawing.width, part.drawing.height):
            corner = complex(layer.x, layer.y)
        drawing = Drawing(fingerprint(layer.png), layer.width, layer.height)
        session.file.add_art({drawing.sha256: layer.png})
        puppet, remade = bending_commands.covered(session, exchange_drawing(session.puppet, key, drawing, corner), key)
        puppet = cover_commands.shades_anew(session, puppet, key)
        session.edit(tr("Exchange the drawing of {name}", name=part.name), puppet=puppet)
        session.say(
            tr("{name} has its revised drawing, which is larger: its mesh was made anew.", name=part.name)
            if remade
            else tr("{name} has its revised drawing; pivot, place and rig are as they were.", name=part.name)
        )

    def dropped(self, names: list[str], part: str = "") -> None:
        """Files let go on the window: a puppet is opened, a pose taken up, art begins a puppet or joins the one that is open.

        One picture on a part may be its revised drawing, which is asked.
        """
        paths = [Path(name) for name in names]
        if paths[0].suffix.lower() == POSE_FILE:
            attempt(self.session, lambda: shelf_commands.take_up(self.session, pose_text(paths[0])))
        elif paths[0].suffix.lower() in SOUNDS:
            attempt(self.session, lambda: sound_commands.lay(self.session, paths[0]))
        elif paths[0].suffix.lower() == NATIVE or (len(paths) == 1 and not self.session.puppet.parts):
            if self.may_leave():
                self.open(paths[0])
        elif part:
            answer = self.dialogs.about_dropped(self.session.puppet.parts[part].name)
            if answer == "exchange":
                self._exchange_from(part, paths[0])
            elif answer == "variant":
                self.add_variants(part, paths)
            elif answer == "add":
                self.add(paths)
        else:
            self.add(paths)

    def save(self) -> bool:
        return self._save_to(self.session.file.path) if self.session.file.path else self.save_as()

    def save_as(self) -> bool:
        session = self.session
        suggestion = (
            session.file.path or (self.folder or Path.home()) / f"{suggested_stem(session.puppet.name)}{NATIVE}"
        )
        path = self.place_for(suggestion, NATIVE)
        return path is not None and self._save_to(path)

    def place_for(self, suggestion: Path, ending: str) -> Path | None:
        """Where the person wants a file, with its ending; None where they turned back.

        The dialog asked about replacing the name that was typed; where the ending makes it another one, it is asked here.
        """
        typed = self.dialogs.path_to_save(suggestion, ending)
        path = None if typed is None else with_ending(typed, ending)
        if path is not None and path != typed and path.exists() and not self.dialogs.may_replace(path.name):
            return None
        return path

    def _save_to(self, path: Path) -> bool:
        guest_commands.keep_sources(self.session, path)
        package, pictures = self.session.file.package(), self.session.file.pictures

        def write(step: Watch) -> None:
            preview = preview_png(package, pictures=pictures.waiting()) if package.puppet.parts else None
            save(path, package, preview, step)

        def work() -> None:
            with self.dialogs.watch(tr("Saving {path}", path=shown_name(path))) as watch:
                in_thread(write, watch)

        if path == self.session.file.path and stamp_of(path) != self.session.file.stamp:
            answer = self.dialogs.about_changed(path.name, gone=not path.exists())
            if answer != "overwrite":
                return self.save_as() if answer == "elsewhere" else False
        if not self._done(work):
            return False
        self.session.file.stamp = stamp_of(path)
        self.preferences.add_recent(str(path.resolve()))
        self.folder = path.parent
        self.session.file.saved_as(path, package.document)
        if count := self.session.timeline.waiting:
            self.session.say(
                tr(
                    "Saved as {name}, without {count} pending changes. Enter keys them in Takes.",
                    name=path.name, count=count,
                )
            )  # fmt: skip
        else:
            self.session.say(tr("Saved as {name}.", name=path.name))
        return True

    def open_recent(self, name: str) -> None:
        if self.may_leave():
            self.open(Path(name))

    def recover(self, left: Left) -> bool:
        """Take up unsaved work of a run that ended suddenly; it counts as not saved."""
        try:
            package = self._loaded(left.hold.path)
        except UmbriteError as error:
            self.session.say(str(error))
            return False
        of = None if left.beside.of is None else Path(left.beside.of)
        self.session.open(package, of, saved=False)
        self.session.file.stamp = left.beside.stamp  # what others have done to the file since is asked about
        self.session.workspace.go_to(REHEARSE if package.puppet.controls else PARTS)
        self.session.say(tr("{name} was recovered. Save it to be safe.", name=package.puppet.name))
        return True

    def export_as(self, ending: str) -> None:
        """The pose as SVG, OpenRaster, CSV, JSON or a pose file."""
        session = self.session
        stem = session.file.path.stem if session.file.path else suggested_stem(session.puppet.name)
        path = self.place_for((self.folder or Path.home()) / f"{stem}-pose{ending}", ending)
        if path is None:
            return
        package = session.file.package()

        def work() -> None:
            if ending == POSE_FILE:
                write(path, shelf_commands.text_of(session).encode())
            else:
                export_pose(path, package, ending)

        if self._done(work):
            session.say(tr("The pose was exported as {name}.", name=path.name))

    def keep_sheet(self, package: Package, report: Report) -> None:
        """The contact sheet of a workout, as PDF, TIFF or PNG."""
        suggestion = (self.folder or Path.home()) / f"{suggested_stem(package.puppet.name)}-workout.pdf"
        path = self.dialogs.path_to_save(suggestion, ".pdf")
        if path is not None and self._done(lambda: write_sheets(path, package, report)):
            self.session.say(tr("The contact sheet was saved as {name}.", name=path.name))

    def export_take(self, ending: str) -> None:
        """The take that is looked at, as a film or as numbered pictures; what was begun and stopped leaves nothing."""
        session, take = self.session, self.session.timeline.take
        if take is None:
            session.say(tr("There is no take yet. Pose something in Takes, or make a take."))
            return
        film = self.dialogs.choose_film(Film(session.file.package(), take, frames_of(take)), ending)
        if film is None:
            return
        stem = suggested_stem(session.puppet.name, take.name)
        path = self.place_for((self.folder or Path.home()) / f"{stem}{ending}", ending)
        if path is None:
            return

        def work() -> None:
            with self.dialogs.watch(tr("Painting {path}", path=shown_name(path))) as watch:
                in_thread(lambda step: write_take(path, film, step), watch)

        if self._done(work):
            session.say(tr("{count} frames were written to {name}.", count=len(film.frames), name=path.name))

    def export(self) -> None:
        session = self.session
        stem = session.file.path.stem if session.file.path else suggested_stem(session.puppet.name)
        path = self.place_for((self.folder or Path.home()) / f"{stem}-pose.png", ".png")
        if path is None:
            return
        puppet = session.puppet
        if fault := picture_fault(puppet.width, puppet.height):
            session.say(tr("The canvas {fault}. Export it as SVG or OpenRaster instead.", fault=fault))
        elif self._done(lambda: write_png(path, render_package(session.file.package()))):
            session.say(
                tr(
                    "The pose was exported as {name}, {width} × {height} px.",
                    name=path.name,
                    width=puppet.width,
                    height=puppet.height,
                )
            )

    def _done(self, work: Callable[[], None]) -> bool:
        try:
            work()
        except UmbriteError as error:
            self.session.say(str(error))
            return False
        return True
