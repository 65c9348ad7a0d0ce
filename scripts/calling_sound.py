"""Makes what the demo's call is made of: the voice, spoken by a free synthesiser, and what the simulated device sends for body and hand.

    python scripts/calling_sound.py src/umbrite/demo/sounds

Writes calling.opus and calling.txt. Only wanted to make them anew; needs the library of espeak-ng.
"""

import math
import sys
from pathlib import Path

import av
import numpy as np
from speak import spoken

WORDS = "Lanterns! Lanterns! Red ones, gold ones, a small blue moon. Who will carry a light home?"
SECONDS, RATE = 6.0, 60
VOICE, SPEED, PITCH = "en-us+m3", 186, 38
OUR_RATE = 48_000


def voice(out: Path) -> None:
    """The words, as Opus of one channel."""
    data, rate, _ = spoken(WORDS, VOICE, SPEED, PITCH)
    values = np.frombuffer(data, np.int16)
    frame = av.AudioFrame.from_ndarray(values[None].copy(), "s16", "mono")
    frame.sample_rate, blocks = rate, av.AudioFifo()
    resampler = av.AudioResampler("s16", "mono", OUR_RATE)
    for made in (*resampler.resample(frame), *resampler.resample(None)):
        blocks.write(made)
    with av.open(str(out), "w", format="ogg", options={"fflags": "+bitexact"}) as file:
        stream = file.add_stream("libopus", rate=OUR_RATE, layout="mono", format="s16")
        stream.bit_rate = 32_000
        stream.codec_context.open()
        while (block := blocks.read(stream.codec_context.frame_size or 960, partial=True)) is not None:
            file.mux(stream.encode(block))
        file.mux(stream.encode(None))


def bump(t: float, at: float, wide: float) -> float:
    """From 0 to 1 and back about a moment."""
    return math.exp(-0.5 * ((t - at) / wide) ** 2)


def hands(out: Path) -> None:
    """A body that leans into each call and a hand that is flung up and points along; with the tremble of a hand."""
    lines = ["# What the simulated device sends for Wick's call: seconds, address, values."]
    chance = np.random.default_rng(7)
    for i in range(round(SECONDS * RATE) + 1):
        t = i / RATE
        lean = (
            0.10 * bump(t, 0.5, 0.28) + 0.12 * bump(t, 1.5, 0.3) - 0.05 * bump(t, 3.0, 0.5) + 0.10 * bump(t, 5.1, 0.5)
        )
        dip = 0.05 * bump(t, 0.25, 0.2) + 0.06 * bump(t, 1.2, 0.22) + 0.03 * bump(t, 4.3, 0.4)
        up = (
            0.95 * bump(t, 0.75, 0.35) + 1.0 * bump(t, 1.75, 0.4) + 0.5 * bump(t, 3.0, 0.45) + 0.75 * bump(t, 5.0, 0.55)
        )
        across = (
            0.5 * bump(t, 0.75, 0.4)
            + 0.6 * bump(t, 1.75, 0.45)
            + 0.35 * math.sin(3.4 * (t - 2.5)) * bump(t, 3.2, 0.7)
            + 0.45 * bump(t, 5.0, 0.6)
        )
        turn = 0.5 * bump(t, 1.6, 0.4) - 0.6 * bump(t, 3.0, 0.5) + 0.35 * bump(t, 5.2, 0.5)
        for (address, value), tremble in zip(
            {
                "/stick/1/x": lean,
                "/stick/1/y": -dip,
                "/stick/2/x": 0.4 * across,
                "/stick/2/y": 0.55 * up,
                "/face/turn": turn,
            }.items(),
            chance.normal(size=5) * 0.0015,
            strict=True,
        ):
            lines.append(f"{t:.4f} {address} {value + tremble:.4f}")
    out.write_text("\n".join(lines) + "\n")


if __name__ == "__main__":
    folder = Path(sys.argv[1])
    voice(folder / "calling.opus")
    hands(folder / "calling.txt")
