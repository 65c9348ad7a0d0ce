"""A take as a film: WebM, MP4, MOV, with the sound that lies under it."""

from fractions import Fraction
from pathlib import Path
from typing import TYPE_CHECKING, NamedTuple

import numpy as np

from umbrite.files.atomic import writing
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.takes.sounded import sound_over
from umbrite.paint.take_export import Film, on_ground, pixels_of
from umbrite.rig.errors import Watch
from umbrite.sound.samples import RATE, Samples

if TYPE_CHECKING:
    from av.audio.stream import AudioStream
    from av.container import OutputContainer
    from av.packet import Packet


class Codec(NamedTuple):
    """How films of one kind are packed: container, codec, how frames are kept (opaque, seen through), options, and the codec of sounds."""

    container: str
    name: str
    opaque: str
    clear: str
    options: dict[str, str]
    sound: str


CODECS = {
    ".webm": Codec(
        "webm",
        "libvpx-vp9",
        "yuv420p",
        "yuva420p",
        {"crf": "12", "b:v": "0", "row-mt": "1", "cpu-used": "5"},
        "libopus",
    ),
    ".mp4": Codec("mp4", "libx264", "yuv420p", "yuv420p", {"crf": "14", "preset": "medium"}, "aac"),
    ".mov": Codec(
        "mov", "prores_ks", "yuva444p10le", "yuva444p10le", {"profile": "4444", "alpha_bits": "16"}, "pcm_s16le"
    ),
}


def write_video(path: Path, film: Film, watch: Watch) -> None:
    """VP9, seen through where there is no background; H.264, on white where there is none; ProRes 4444 for editors. Sides are made even.

    Colours are converted as ITU-R BT.709 says, in limited range, and the film says so: without that, players guess by its size. A WebM that
    is seen through goes by BT.601, as it says: browsers lay those down with a quick conversion that rounds the blue of BT.709 by up to 11.
    """
    import av
    from av.video.reformatter import ColorPrimaries, ColorRange, Colorspace, ColorTrc, Interpolation

    codec = CODECS[path.suffix.lower()]
    filled = on_ground(path, film)
    clear = filled.background is None
    puppet = film.package.puppet
    wide, tall = (2 * max(1, (round(side * film.scale) + 1) // 2) for side in (puppet.width, puppet.height))
    rate = Fraction(film.take.rate).limit_denominator(1000)
    sound = sound_over(film.package, film.take, film.frames[0], len(film.frames), watch)
    try:
        with writing(path) as file, av.open(file, "w", format=codec.container, options={"fflags": "+bitexact"}) as out:
            stream = out.add_stream(codec.name, rate=rate, options=codec.options)
            assert isinstance(stream, av.VideoStream)
            stream.width, stream.height = wide, tall
            stream.pix_fmt = codec.clear if clear else codec.opaque
            context = stream.codec_context
            matrix = Colorspace.ITU601 if clear and codec.container == "webm" else Colorspace.ITU709
            context.colorspace, context.color_range = matrix, ColorRange.MPEG
            context.color_primaries, context.color_trc = ColorPrimaries.BT709, ColorTrc.BT709
            heard = _Heard(out, codec.sound, sound) if sound is not None else None
            for number, painted in enumerate(pixels_of(filled, watch)):
                pixels = np.zeros((tall, wide, 4), np.uint8)
                own = painted[:tall, :wide]
                pixels[: own.shape[0], : own.shape[1]] = own
                if not clear:
                    pixels[own.shape[0] :], pixels[:, own.shape[1] :] = (
                        pixels[own.shape[0] - 1],
                        pixels[:, own.shape[1] - 1 : own.shape[1]],
                    )
                frame = av.VideoFrame.from_ndarray(pixels, format="rgba").reformat(
                    format=stream.pix_fmt, src_color_range=ColorRange.JPEG,
                    dst_colorspace=matrix, dst_color_range=ColorRange.MPEG,
                    dst_color_primaries=ColorPrimaries.BT709, dst_color_trc=ColorTrc.BT709,
                    interpolation=Interpolation.BICUBIC | Interpolation.ACCURATE_RND | Interpolation.FULL_CHR_H_INP,
                )  # fmt: skip
                frame.pts = number
                out.mux(stream.encode(frame))
                if heard is not None:
                    out.mux(heard.until((number + 1) / film.take.rate))
            out.mux(stream.encode())
            if heard is not None:
                out.mux(heard.rest())
    except av.error.FFmpegError as error:
        raise FileError(
            f"{shown_name(path)} could not be made into a film: {str(error.strerror or error).lower()}."
        ) from None


class _Heard:
    """The sound of a film, packed a little at a time so that it lies beside the frames with which it is heard."""

    def __init__(self, out: "OutputContainer", codec: str, samples: Samples) -> None:
        self._stream: AudioStream = out.add_stream(codec, rate=RATE)  # type: ignore[assignment]
        self._stream.layout = "mono" if samples.values.shape[1] == 1 else "stereo"
        self._stream.bit_rate = 128_000
        self._samples, self._at = samples, 0

    def until(self, second: float) -> "list[Packet[AudioStream]]":
        """The packets of what is heard until then."""
        end = min(round(second * RATE), len(self._samples.values))
        return self._packed(end, last=False)

    def rest(self) -> "list[Packet[AudioStream]]":
        """What is left, and what the codec holds back."""
        return [*self._packed(len(self._samples.values), last=True), *self._stream.encode(None)]

    def _packed(self, end: int, *, last: bool) -> "list[Packet[AudioStream]]":
        import av

        context = self._stream.codec_context
        context.open(strict=False)
        size, made = context.frame_size or 1024, []
        while self._at + size <= end or (last and self._at < end):
            block = self._samples.values[self._at : min(self._at + size, end)]
            frame = av.AudioFrame.from_ndarray(
                np.ascontiguousarray(block.reshape(1, -1)), "s16", self._stream.layout.name
            )
            frame.sample_rate, frame.pts, frame.time_base = RATE, self._at, Fraction(1, RATE)
            self._at += len(block)
            made += self._stream.encode(frame)
        return made
