"""A take as moving pictures: numbered PNGs, APNG, WebP, GIF, WebM, MP4. Frame for frame what a pose of the take would paint."""

import itertools
import math
import shutil
import tempfile
from collections.abc import Callable, Iterable, Iterator, Sequence
from functools import partial
from pathlib import Path
from typing import NamedTuple

from PIL import Image
from PySide6.QtGui import QColor, QImage

from umbrite.art.pictures import Picture
from umbrite.files.atomic import writing
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.formats.format_table import written_as
from umbrite.files.package import Package
from umbrite.files.png import decode
from umbrite.motion.animating.playing import placed_over
from umbrite.paint import animated_pictures
from umbrite.paint.levels import Pictures
from umbrite.paint.render import canvas_of, png_of, render_on, straight
from umbrite.rig.errors import Watch, readable, unwatched
from umbrite.rig.quantities.bounds import picture_fault
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_list import MOST_FRAMES

MOST_PAINTED = 100_000
LOOKED_AT = 12  # frames from which the colours of a GIF are taken


class Film(NamedTuple):
    """What is to be painted: `frames` as numbers of the take, a scale, and a background colour or None for seen through.

    `painted` gives the frames as PNGs where others have painted them.
    """

    package: Package
    take: Take
    frames: Sequence[float]
    scale: float = 1.0
    background: str | None = None
    painted: Callable[[], Iterable[bytes]] | None = None


def frames_of(take: Take, span: str | None = None) -> list[float]:
    """The frames that play: all of a take, a loop's last one left out since it is its first again; or "A..B". Refuses a span that is none."""
    if span is None:
        return [float(frame) for frame in range(take.first, take.last + (0 if take.loop else 1))]
    first, dots, last = span.partition("..")
    try:
        start, end = int(first), int(last if dots else first)
    except ValueError:
        raise FileError(f"Frames are given as A..B with whole numbers, not as {span!r}.") from None
    if end < start:
        raise FileError(f"The frames {span} run backwards. Give the earlier one first.")
    if end - start >= MOST_PAINTED or max(abs(start), abs(end)) > MOST_FRAMES:
        raise FileError(
            f"The frames {readable(span, 60)} are more than the {MOST_PAINTED:,} that are painted in one go. Give fewer."
        )
    return [float(frame) for frame in range(start, end + 1)]


def write_take(path: Path, film: Film, watch: Watch = unwatched) -> None:
    """Write a take; the ending of the path tells the format, a path without one becomes a folder of PNGs.

    Whole or not at all. Raises FileError, and whatever the watch raises.
    """
    checked(film)
    suits(path)
    try:
        written_as("take")[path.suffix.lower()].does(path, film, watch)
    except OSError as error:
        raise FileError(f"{shown_name(path)} could not be written: {(error.strerror or str(error)).lower()}.") from None


def suits(path: Path) -> None:
    """Raises FileError where no take can be written under a name."""
    endings = written_as("take")
    if path.suffix.lower() not in endings:
        raise FileError(
            f"Umbrite can't write {shown_name(path)}: end it with {', '.join(filter(None, endings))}, or give a folder without an ending."
        )


def on_ground(path: Path, film: Film) -> Film:
    """The film on white where its format can't be seen through and no colour was chosen."""
    opaque = path.suffix.lower() == ".mp4" and film.background is None
    return film._replace(background="#ffffff") if opaque else film


def checked(film: Film) -> Film:
    """The film, if it can be painted. Raises FileError for a scale, a colour or frames with which it can't."""
    puppet = film.package.puppet
    if not math.isfinite(film.scale):
        raise FileError("Pictures of this scale can't be made: it is no plain number.")
    size = puppet.width * film.scale, puppet.height * film.scale
    if film.scale <= 0 or (fault := picture_fault(max(1, round(size[0])), max(1, round(size[1])))):
        raise FileError(f"Pictures of this scale can't be made: {fault if film.scale > 0 else 'it is not above 0'}.")
    if film.background is not None and not QColor(film.background).isValid():
        raise FileError(f"{film.background!r} is no colour. Name one as #RRGGBB, or leave it out.")
    if not film.frames:
        raise FileError("There is no frame to write. Give other frames.")
    return film


def images(film: Film, watch: Watch = unwatched) -> Iterator[QImage]:
    """The frames, one after the other, as the window and `pose` paint them; each on the image of the one before."""
    placed = placed_over(film.take, film.package.puppet, film.frames)
    pictures = Pictures(lambda: film.package.art)
    image = canvas_of(film.package.puppet, film.scale)
    try:
        for i, frame in enumerate(film.frames):
            watch(i, len(film.frames), f"frame {frame:g}")
            yield _on_background(render_on(image, placed, pictures, film.scale, i), film.background)
    finally:
        pictures.stop()


def pngs_of(film: Film, watch: Watch = unwatched) -> Iterator[bytes]:
    """The frames as PNGs."""
    if film.painted is None:
        yield from (png_of(image) for image in images(film, watch))
        return
    for i, (frame, png) in enumerate(zip(film.frames, film.painted(), strict=True)):
        watch(i, len(film.frames), f"frame {frame:g}")
        yield png


def pixels_of(film: Film, watch: Watch = unwatched) -> Iterator[Picture]:
    """The frames as arrays, RGBA, not premultiplied."""
    if film.painted is None:
        yield from (straight(image) for image in images(film, watch))
        return
    for png in pngs_of(film, watch):
        yield decode(png, "A frame")


def _on_background(image: QImage, colour: str | None) -> QImage:
    if colour is None:
        return image
    from PySide6.QtGui import QPainter

    whole = QImage(image.size(), QImage.Format.Format_ARGB32_Premultiplied)
    whole.fill(QColor(colour))
    painter = QPainter(whole)
    painter.drawImage(0, 0, image)
    painter.end()
    return whole


def durations(film: Film, step: int = 1) -> list[int]:
    """How many milliseconds each frame is shown, in whole steps, so that no error adds up."""
    each = 1000 / film.take.rate
    ends = [round((i + 1) * each / step) * step for i in range(len(film.frames))]
    return [max(step, end - start) for start, end in zip([0, *ends], ends, strict=False)]


def write_folder(path: Path, film: Film, watch: Watch) -> None:
    """Numbered PNGs in a folder of their own, which is there only when all of them are."""
    if path.exists() and (not path.is_dir() or any(path.iterdir())):
        raise FileError(f"{shown_name(path)} is there already. Choose a folder that is new or empty.")
    path.parent.mkdir(parents=True, exist_ok=True)
    half = Path(tempfile.mkdtemp(prefix=f".{path.name}-", dir=path.parent))
    try:
        for frame, png in zip(film.frames, pngs_of(film, watch), strict=True):
            (half / f"{film.take.name}_{round(frame):05d}.png".replace("/", "-")).write_bytes(png)
        if path.exists():
            path.rmdir()
        half.chmod(0o755)
        half.rename(path)
    except BaseException:
        shutil.rmtree(half, ignore_errors=True)
        raise


def _pillow(film: Film, watch: Watch) -> Iterator[Image.Image]:
    return (Image.fromarray(pixels, "RGBA") for pixels in pixels_of(film, watch))


def write_apng(path: Path, film: Film, watch: Watch) -> None:
    """Whole frames without loss."""
    with writing(path) as file:
        animated_pictures.write_apng(file, pngs_of(film, watch), durations(film))


def write_webp(path: Path, film: Film, watch: Watch) -> None:
    """Without loss."""
    with writing(path) as file:
        animated_pictures.write_webp(file, _pillow(film, watch), durations(film))


def write_gif(path: Path, film: Film, watch: Watch) -> None:
    """The colours are those of a few frames, which are looked at before."""
    if film.painted is not None:  # they come once: kept packed
        film = film._replace(painted=partial(iter, list(film.painted())))
    step = max(1, len(film.frames) // LOOKED_AT)
    few = film._replace(frames=film.frames[::step])
    if (painted := film.painted) is not None:
        few = few._replace(painted=lambda: itertools.islice(painted(), 0, None, step))
    palette = animated_pictures.palette_of(_pillow(few, unwatched))
    with writing(path) as file:
        animated_pictures.write_gif(
            file, _pillow(film, watch), durations(film, 10), palette, clear=film.background is None
        )
