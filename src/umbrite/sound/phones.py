"""What is said in a sound, phone by phone, with times: by the phones alone, or along the words that are given.

By pocketsphinx, whose wheel brings a model of English: a loop of all phones for what is not known, an alignment (Viterbi over the phones of the words)
where it is. Long sounds go through it in pieces that end in pauses. Names are those of ARPAbet; "SIL" is none. Runs in the reader's process, since
the library holds on to the interpreter while it works.
"""

import re
from collections.abc import Iterator
from typing import TYPE_CHECKING, NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.errors import RigError, Watch, unwatched
from umbrite.sound.loudness import STEPS, loudness
from umbrite.sound.samples import Samples

if TYPE_CHECKING:
    from pocketsphinx import Decoder

HEARD_RATE = 16_000  # samples a second that the model knows
SHARE = 3  # of ours
PIECE, LEAST_PIECE = 12.0, 4.0  # seconds, at most and at least
LONGEST_WORDS = 60.0  # seconds along which words are laid
SILENT = "SIL"
WIDE_BEAM = 1e-120
# How letters sound where a word is in no dictionary; the longest first.
LETTERS = {
    "tch": "CH", "igh": "AY", "sch": "SH", "ch": "CH", "sh": "SH", "th": "TH", "ph": "F", "ck": "K", "qu": "K W", "ng": "NG", "ee": "IY",
    "ea": "IY", "oo": "UW", "ou": "AW", "ow": "OW", "ai": "EY", "ay": "EY", "oa": "OW", "er": "ER", "ar": "AA R", "or": "AO R",
    "a": "AE", "b": "B", "c": "K", "d": "D", "e": "EH", "f": "F", "g": "G", "h": "HH", "i": "IH", "j": "JH", "k": "K", "l": "L", "m": "M",
    "n": "N", "o": "AA", "p": "P", "q": "K", "r": "R", "s": "S", "t": "T", "u": "AH", "v": "V", "w": "W", "x": "K S", "y": "IY", "z": "Z",
}  # fmt: skip


class Phone(NamedTuple):
    """A phone and the seconds between which it is said."""

    name: str
    start: float
    end: float


def phones_in(samples: Samples, words: str = "", watch: Watch = unwatched) -> list[Phone]:
    """The phones of a sound, one after the other without gaps. Raises RigError where words are given that don't fit what is said."""
    spoken = re.findall(r"[a-z']+", words.casefold())
    return _along(samples, spoken, watch) if spoken else _by_themselves(samples, watch)


def _by_themselves(samples: Samples, watch: Watch) -> list[Phone]:
    from pocketsphinx import Decoder, get_model_path

    model = f"{get_model_path()}/en-us"
    decoder = Decoder(
        hmm=f"{model}/en-us", allphone=f"{model}/en-us-phone.lm.bin", lm=None, dict=None, lw=2.0, beam=1e-20, pbeam=1e-20,
        loglevel="FATAL",
    )  # fmt: skip
    found: list[Phone] = []
    pieces = list(_pieces(samples))
    for i, (first, last) in enumerate(pieces):
        watch(i, len(pieces), "phones")
        _listen(decoder, samples.values[first:last])
        begin = first / samples.rate
        found += [
            Phone(_plain(each.word), begin + each.start_frame / STEPS, begin + (each.end_frame + 1) / STEPS)
            for each in decoder.seg() or ()
        ]
    return found


def _along(samples: Samples, words: list[str], watch: Watch) -> list[Phone]:
    from pocketsphinx import Decoder, get_model_path

    if samples.seconds > LONGEST_WORDS:
        raise RigError(
            f"Words can be matched to {LONGEST_WORDS:.0f} s of sound at most. Trim the sound, or leave the words out."
        )
    watch(0, 1, "words")
    model = f"{get_model_path()}/en-us"
    decoder = Decoder(
        hmm=f"{model}/en-us", dict=f"{model}/cmudict-en-us.dict", lm=None, beam=WIDE_BEAM, pbeam=WIDE_BEAM, wbeam=1e-100, maxhmmpf=-1,
        bestpath=False, loglevel="FATAL",
    )  # fmt: skip
    for word in words:
        if decoder.lookup_word(word) is None:
            decoder.add_word(word, sounded_out(word), update=True)
    try:
        decoder.set_align_text(" ".join(words))
        _listen(decoder, samples.values)
        decoder.set_alignment()
        _listen(decoder, samples.values)
        found = list(decoder.get_alignment().phones())
    except (RuntimeError, AttributeError, TypeError):
        raise RigError("These words don't fit what is said. Correct them, or leave them out.") from None
    return [Phone(_plain(each.name), each.start / STEPS, (each.start + each.duration) / STEPS) for each in found]


def _listen(decoder: "Decoder", values: NDArray[np.int16]) -> None:
    decoder.start_utt()
    decoder.process_raw(lower_rate(values).tobytes(), no_search=False, full_utt=True)
    decoder.end_utt()


def lower_rate(values: NDArray[np.int16]) -> NDArray[np.int16]:
    """Samples of 48,000 a second, (samples, channels), as 16,000 of one channel: what lies above 8 kHz is filtered out first."""
    reach = np.arange(-48, 49)
    low = np.sinc(reach / SHARE) / SHARE * np.hamming(len(reach))
    mono = np.convolve(values.mean(axis=1), low, mode="same")[::SHARE]
    return np.asarray(np.clip(np.rint(mono), -32768, 32767), dtype=np.int16)


def _pieces(samples: Samples) -> Iterator[tuple[int, int]]:
    """The first and last sample of pieces that end where it is quietest."""
    loud = loudness(samples)
    start, end = 0, len(loud)
    while end - start > PIECE * STEPS:
        low, high = start + round(LEAST_PIECE * STEPS), start + round(PIECE * STEPS)
        calm = np.convolve(loud[low:high], np.ones(9) / 9, mode="same")
        cut = low + int(np.argmin(calm))
        yield start * samples.rate // STEPS, cut * samples.rate // STEPS
        start = cut
    yield start * samples.rate // STEPS, len(samples.values)


def sounded_out(word: str) -> str:
    """How a word may sound, by its letters: phones with spaces between."""
    found, at = [], 0
    while at < len(word):
        size = next((n for n in (3, 2, 1) if word[at : at + n] in LETTERS), 0)
        if size:
            found.append(LETTERS[word[at : at + size]])
        at += max(size, 1)
    return " ".join(found) or "AH"


def _plain(name: str) -> str:
    """A phone without marks of stress; all that is no speech is silence."""
    plain = name.strip("0123456789")
    return plain if plain.isalpha() and plain.isupper() else SILENT
