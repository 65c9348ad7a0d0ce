"""Speaks sentences with a free synthesiser, and tells when it says which phone: sounds of known timing for tests and the demo.

    python scripts/speak.py OUT.wav "What is said" [voice] [words a minute]

Writes OUT.wav and OUT.json, the phones as [name, second]. Needs the library of espeak-ng, which is only wanted to make these files anew.
"""

import ctypes
import ctypes.util
import json
import sys
import wave
from pathlib import Path

SYNCHRONOUS, PHONE_EVENTS, PHONE, END = 2, 1, 7, 0
RATE, PITCH, UTF8 = 1, 3, 1


class Name(ctypes.Union):
    """What an event is about."""

    _fields_ = (("number", ctypes.c_int), ("name", ctypes.c_char_p), ("string", ctypes.c_char * 8))


class Event(ctypes.Structure):
    """An event of the synthesiser, as its header has it."""

    _fields_ = (
        ("type", ctypes.c_int), ("unique_identifier", ctypes.c_uint), ("text_position", ctypes.c_int), ("length", ctypes.c_int),
        ("audio_position", ctypes.c_int), ("sample", ctypes.c_int), ("user_data", ctypes.c_void_p), ("id", Name),
    )  # fmt: skip


def spoken(
    text: str, voice: str = "en-us", rate: int = 150, pitch: int = 50
) -> tuple[bytes, int, list[tuple[str, float]]]:
    """16-bit samples of one channel, samples a second, and the phones with the seconds at which they begin."""
    found = ctypes.util.find_library("espeak-ng") or "libespeak-ng.so.1"
    library = ctypes.CDLL(found)
    samples, phones = bytearray(), list[tuple[str, float]]()
    kind = ctypes.CFUNCTYPE(ctypes.c_int, ctypes.POINTER(ctypes.c_short), ctypes.c_int, ctypes.POINTER(Event))

    @kind
    def take(values: "ctypes._Pointer[ctypes.c_short]", count: int, events: "ctypes._Pointer[Event]") -> int:
        if values and count > 0:
            samples.extend(ctypes.string_at(values, 2 * count))
        i = 0
        while events[i].type != END:
            if events[i].type == PHONE:
                phones.append((events[i].id.string.decode("utf-8", "replace"), events[i].audio_position / 1000))
            i += 1
        return 0

    rate_of = library.espeak_Initialize(SYNCHRONOUS, 0, None, PHONE_EVENTS)
    library.espeak_SetSynthCallback(take)
    library.espeak_SetVoiceByName(voice.encode())
    library.espeak_SetParameter(RATE, rate, 0)
    library.espeak_SetParameter(PITCH, pitch, 0)
    data = text.encode() + b"\0"
    library.espeak_Synth(data, len(data), 0, 0, 0, UTF8, None, None)
    library.espeak_Terminate()
    return bytes(samples), rate_of, phones


def main() -> None:
    """See the module."""
    out, text = Path(sys.argv[1]), sys.argv[2]
    voice, rate = (*sys.argv[3:5], "en-us", "150")[:2] if len(sys.argv) < 5 else sys.argv[3:5]
    samples, rate_of, phones = spoken(text, voice, int(rate))
    with wave.open(str(out), "wb") as file:
        file.setnchannels(1)
        file.setsampwidth(2)
        file.setframerate(rate_of)
        file.writeframes(samples)
    out.with_suffix(".json").write_text(json.dumps({"text": text, "phones": phones}))


if __name__ == "__main__":
    main()
