"""What PyAV reads of a sound file, at one rate. Called in the reader's process alone: the file may be anybody's."""

from collections.abc import Iterator
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.files_in import open_file
from umbrite.rig.errors import Watch, unwatched
from umbrite.rig.takes.sounds import LONGEST_SOUND, MOST_SOUND_BYTES
from umbrite.sound.samples import RATE, Samples

KINDS = {"wav": "WAV", "flac": "FLAC", "ogg": "Ogg", "mp3": "MP3", "w64": "WAV"}
CODECS = ("pcm_", "adpcm_ima_wav", "flac", "vorbis", "opus", "mp3")
TOLD = 20  # blocks from one word to the next


def decoded(path: Path, watch: Watch = unwatched) -> Samples:
    """The first sound stream of a WAV, FLAC, Ogg, Opus or MP3 file. Raises FileError for everything else, and for what is too long."""
    import av

    name = shown_name(path)
    try:
        with open_file(path, MOST_SOUND_BYTES) as file, av.open(file) as container:
            if not KINDS.keys() & set(container.format.name.split(",")):
                raise FileError(_unknown(name))
            if not container.streams.audio:
                raise FileError(f"{name} holds no sound. Export it again as WAV, FLAC, Ogg, Opus or MP3.")
            stream = container.streams.audio[0]
            if not stream.codec_context.name.startswith(CODECS):
                raise FileError(_unknown(name))
            stream.codec_context.thread_count = 1
            return _gathered(name, stream, container, watch)
    except av.error.InvalidDataError:
        raise FileError(_unknown(name)) from None
    except (av.error.FFmpegError, ValueError) as error:
        raise FileError(f"{name} is damaged ({str(error)[:60].lower()}). Export it again and retry.") from None


def _unknown(name: str) -> str:
    return f"{name} is no sound that can be read, or it is damaged. Export it as WAV, FLAC, Ogg, Opus or MP3."


def _gathered(name: str, stream: object, container: object, watch: Watch) -> Samples:
    blocks: list[NDArray[np.int16]] = []
    count, length = 0, round(LONGEST_SOUND * RATE)
    for block in _blocks(stream, container):
        blocks.append(block)
        count += len(block)
        if len(blocks) % TOLD == 0:
            watch(min(count, length), length, name)
        if count > length:
            raise FileError(
                f"{name} is longer than {LONGEST_SOUND / 60:.0f} minutes. Cut it, and add one piece to a take."
            )
    if not count:
        raise FileError(f"{name} is silent: it holds no samples. Export it again and retry.")
    return Samples(np.concatenate(blocks))


def _blocks(stream: object, container: object) -> Iterator[NDArray[np.int16]]:
    """Samples (n, channels) as they are decoded: one channel stays one, more become two."""
    import av

    layout = "mono" if stream.codec_context.channels == 1 else "stereo"  # type: ignore[attr-defined]
    resampler = av.AudioResampler("s16", layout, RATE)
    width = 1 if layout == "mono" else 2
    for frame in container.decode(stream):  # type: ignore[attr-defined]
        frame.pts = None
        for made in resampler.resample(frame):
            yield np.asarray(made.to_ndarray(), np.int16).reshape(-1, width)
    for made in resampler.resample(None):
        yield np.asarray(made.to_ndarray(), np.int16).reshape(-1, width)
