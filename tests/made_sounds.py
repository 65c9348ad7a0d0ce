"""Sounds for tests: ticks at known times, tones, noise; as samples and as files of every kind that is read."""

import wave

import av
import numpy as np

from umbrite.sound.samples import RATE, Samples

TICKS = (0.31, 1.0, 1.777, 2.5, 3.3)  # seconds


def ticks(seconds=4.0, at=TICKS):
    """Short bursts of noise at seconds, silence between."""
    values = np.zeros((round(seconds * RATE), 1), np.int16)
    burst = np.random.default_rng(1).normal(size=400) * 9000 * np.exp(-np.arange(400) / 80)
    for second in at:
        first = round(second * RATE)
        values[first : first + 400, 0] = burst.clip(-32000, 32000)
    return Samples(values)


def onsets(values, rate=RATE, gap=0.08):
    """The seconds at which something loud begins."""
    loud = np.flatnonzero(np.abs(values) > 0.25 * np.abs(values).max())
    first = np.concatenate([[True], np.diff(loud) > gap * rate])
    return loud[first] / rate


def written(path, samples):
    """Samples as a file, by the ending of its name."""
    if path.suffix == ".wav":
        with wave.open(str(path), "wb") as out:
            out.setnchannels(samples.values.shape[1])
            out.setsampwidth(2)
            out.setframerate(samples.rate)
            out.writeframes(samples.values.tobytes())
        return path
    codec, kept, container = {
        ".flac": ("flac", "s16", None), ".mp3": ("libmp3lame", "s16p", None), ".opus": ("libopus", "s16", "ogg"),
        ".ogg": ("flac", "s16", "ogg"),
    }[path.suffix]  # fmt: skip
    with av.open(str(path), "w", format=container) as out:
        stream = out.add_stream(codec, rate=RATE, layout="mono", format=kept)
        whole = av.AudioFrame.from_ndarray(samples.values.T.copy(), "s16p", "mono")
        whole.sample_rate, blocks = RATE, av.AudioFifo()
        for frame in av.AudioResampler(kept, "mono", RATE).resample(whole):
            blocks.write(frame)
        stream.codec_context.open()
        while (frame := blocks.read(stream.codec_context.frame_size or 1024, partial=True)) is not None:
            out.mux(stream.encode(frame))
        out.mux(stream.encode(None))
    return path
