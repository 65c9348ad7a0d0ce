"""The frames of a take on sheets."""

from umbrite.files.engines.atlas import Sheets, write_frames
from umbrite.paint.take_export import Film, checked, pixels_of
from umbrite.rig.errors import Watch, unwatched


def write_take_sheets(to: Sheets, film: Film, watch: Watch = unwatched) -> int:
    """Paint a film's frames onto sheets with a list; the number of sheets. Raises FileError and RigError, and what the watch raises."""
    checked(film)
    puppet = film.package.puppet
    canvas = (max(1, round(puppet.width * film.scale)), max(1, round(puppet.height * film.scale)))
    painted = pixels_of(film, watch)
    return write_frames(to, canvas, film.take, zip(film.frames, painted, strict=True))
