"""A PNG with nothing in it but what its pixels need, so that no library looks at anything else that a stranger put there.

Profiles, words, times and animations are what readers of pictures stumble over; our own drawings have no use for them. After the
PNG specification, third edition, chapters 5 and 11.
"""

import struct

START = b"\x89PNG\r\n\x1a\n"
NEEDED = (b"IHDR", b"PLTE", b"tRNS", b"IDAT", b"IEND")
AROUND = 12  # bytes of a chunk that are not its content: length, kind, sum


def bare(data: bytes) -> bytes:
    """The same picture; what is no PNG, or ends too soon, as it is, for the decoder to refuse."""
    if not data.startswith(START):
        return data
    kept, place, dropped = [START], len(START), False
    while place + AROUND <= len(data):
        length, kind = struct.unpack_from(">I4s", data, place)
        end = place + AROUND + length
        if end > len(data):
            return data[:place]  # cut off
        if kind in NEEDED:
            kept.append(data[place:end])
        else:
            dropped = True
        place = end
        if kind == b"IEND":
            break
    return b"".join(kept) if dropped or place < len(data) else data
