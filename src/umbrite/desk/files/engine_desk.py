"""Files for engines: the puppet with its takes as glTF, its drawings or a take's frames on sheets."""

from pathlib import Path

from umbrite.desk.files.file_desk import FileDesk
from umbrite.desk.files.progress import in_thread
from umbrite.desk.session.session import attempt
from umbrite.desk.theme.language import tr
from umbrite.files.atomic import suggested_stem
from umbrite.files.engines.atlas import Sheets, write_parts
from umbrite.files.file_errors import shown_name
from umbrite.paint.baking import export_gltf
from umbrite.paint.take_export import Film, frames_of
from umbrite.paint.take_sheets import write_take_sheets


class EngineDesk:
    """See the module."""

    def __init__(self, files: FileDesk) -> None:
        self.files, self.session, self.dialogs = files, files.session, files.dialogs

    def export_gltf(self) -> None:
        """The puppet with the takes that are chosen; what viewers show otherwise is said."""
        package = self.session.file.package()
        if (choice := self.dialogs.choose_gltf(package)) is None:
            return
        if (path := self._place(suggested_stem(package.puppet.name), ".glb")) is None:
            return

        def work() -> None:
            with self.dialogs.watch(tr("Writing {path}", path=shown_name(path))) as watch:
                written, otherwise = in_thread(lambda step: export_gltf(path, package, choice, step), watch)
            keys, before = sum(written.keys.values()), sum(written.unthinned.values())
            said = tr("{name} was written.", name=path.name)
            if keys:
                said += " " + tr("{before} keys were thinned to {keys}.", before=before, keys=keys)
            self.session.say(" ".join([said, *otherwise]))

        attempt(self.session, work)

    def export_parts(self) -> None:
        """The drawings on sheets, with a list of where they lie in the pose as it is."""
        package = self.session.file.package()
        if (path := self._place_for_sheets(suggested_stem(package.puppet.name, "parts"))) is None:
            return

        def work() -> None:
            sheets = write_parts(self._sheets(path), package)
            self._say_sheets(path, sheets)

        attempt(self.session, work)

    def export_frames(self) -> None:
        """The frames of the take that is looked at, on sheets."""
        session, take = self.session, self.session.timeline.take
        if take is None:
            session.say(tr("There is no take yet. Pose something in Takes, or make a take."))
            return
        film = self.dialogs.choose_film(Film(session.file.package(), take, frames_of(take)), "")
        if film is None:
            return
        if (path := self._place_for_sheets(suggested_stem(session.puppet.name, take.name))) is None:
            return

        def work() -> None:
            with self.dialogs.watch(tr("Painting {path}", path=shown_name(path))) as watch:
                sheets = in_thread(lambda step: write_take_sheets(self._sheets(path), film, step), watch)
            self._say_sheets(path, sheets)

        attempt(session, work)

    def _say_sheets(self, path: Path, count: int) -> None:
        places = self._sheets(path).places.name
        if count == 1:
            self.session.say(tr("{name} and its list {places} were written.", name=path.name, places=places))
        else:
            self.session.say(
                tr(
                    "{count} sheets from {name} on and their list {places} were written.",
                    count=count, name=path.name, places=places,
                )
            )  # fmt: skip

    def _place_for_sheets(self, stem: str) -> Path | None:
        """Where sheets go. A list that lies there already is asked about: the file dialog asks about the picture alone."""
        path = self._place(stem, ".png")
        if path is None or not (places := self._sheets(path).places).exists():
            return path
        return path if self.dialogs.may_replace(places.name) else None

    def _place(self, stem: str, ending: str) -> Path | None:
        return self.files.place_for((self.files.folder or Path.home()) / f"{stem}{ending}", ending)

    def _sheets(self, path: Path) -> Sheets:
        return Sheets(path, path.with_suffix(".json"), hashed=self.files.preferences.hashed_sheets)
