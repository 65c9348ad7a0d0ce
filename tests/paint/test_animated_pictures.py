"""Moving pictures frame by frame: read back they are the frames, and no more than a few frames are there at a time."""

import io
import weakref

import numpy as np
import pytest
from PIL import Image, ImageSequence

from umbrite.files.file_errors import FileError
from umbrite.files.png import encode
from umbrite.paint.animated_pictures import palette_of, write_apng, write_gif, write_webp
from umbrite.paint.take_export import frames_of
from umbrite.rig.takes.take import Take

COUNT, WIDE, TALL = 12, 60, 40
DURATIONS = [40, 50] * (COUNT // 2)


def pixels(i):
    """A square that wanders over clear paper; it stands still from the fourth frame to the sixth."""
    found = np.zeros((TALL, WIDE, 4), np.uint8)
    at = 3 * min(i, 3) + 3 * max(i - 5, 0)
    found[10:25, at : at + 12] = (200, 40 + 10 * (i > 8), 30, 255)
    return found


def watched(make):
    """Frames as they are asked for; at most a few of them are alive then."""
    alive = []

    def frames():
        for i in range(COUNT):
            alive[:] = [each for each in alive if each() is not None]
            assert len(alive) <= 3
            frame = make(i)
            alive.append(weakref.ref(frame))
            yield frame
            del frame

    return frames()


def image(i):
    return Image.fromarray(pixels(i), "RGBA")


def written(kind, *, clear):
    out = io.BytesIO()
    if kind == "apng":
        write_apng(out, (encode(pixels(i)) for i in range(COUNT)), DURATIONS)
    elif kind == "webp":
        write_webp(out, watched(image), DURATIONS)
    else:
        palette = palette_of(image(i) for i in range(COUNT))
        write_gif(out, watched(image), DURATIONS, palette, clear=clear)
    return Image.open(io.BytesIO(out.getvalue()))


@pytest.mark.parametrize("kind", ["apng", "webp", "gif"])
def test_frames_come_back_and_few_are_held(kind):
    found = written(kind, clear=True)
    assert found.info.get("loop", 0) == 0
    shown = []  # one for each of our frames: what is the same may be told once
    for frame in ImageSequence.Iterator(found):
        frame.load()
        left = frame.info["duration"]
        while left > 0:
            left -= DURATIONS[len(shown)]
            shown.append(np.asarray(frame.convert("RGBA")).astype(int))
        assert left == 0
    assert len(shown) == COUNT
    for i, seen in enumerate(shown):
        expected = pixels(i).astype(int)
        assert (seen[..., 3] == expected[..., 3]).all()
        assert np.abs((seen - expected)[expected[..., 3] > 0]).max() <= (4 if kind == "gif" else 0)


def test_a_gif_that_nothing_shines_through_holds_what_changes_and_frames_that_are_the_same_once():
    found = written("gif", clear=False)
    assert found.n_frames == COUNT - 2
    shown = [frame.info["duration"] for frame in ImageSequence.Iterator(found)]
    assert sum(shown) == sum(DURATIONS)
    found.seek(found.n_frames - 1)
    last = np.asarray(found.convert("RGB")).astype(int)
    on_white = np.where(pixels(COUNT - 1)[..., 3:] > 0, pixels(COUNT - 1)[..., :3], 255).astype(int)
    assert np.abs(last - on_white).max() <= 4


@pytest.mark.parametrize("span", ["0..1000000000", "-2000000..-1999990", "0..100000"])
def test_no_more_frames_than_can_be_painted(span):
    with pytest.raises(FileError, match="in one go"):
        frames_of(Take("T"), span)
