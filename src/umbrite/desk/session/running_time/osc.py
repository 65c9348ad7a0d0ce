"""What a packet of OSC says: addresses and plain numbers, and nothing of what is broken, huge or something else."""

import math
import struct
from typing import NamedTuple

LONGEST_PACKET = 8_192  # bytes
LONGEST_ADDRESS = 80
MOST_MESSAGES, MOST_VALUES = 64, 8
FARTHEST = 1e6


class Axis(NamedTuple):
    """One value of a message: the address and which of its values."""

    address: str
    number: int = 0


def values_in(packet: bytes) -> list[tuple[Axis, float]]:
    """The numbers that a packet brings, by axis; none where it is no sound packet."""
    if not 0 < len(packet) <= LONGEST_PACKET:
        return []
    from pythonosc.osc_packet import OscPacket, ParseError

    try:
        messages = [each.message for each in OscPacket(packet).messages[:MOST_MESSAGES]]
        return [
            (Axis(message.address, number), float(value))
            for message in messages
            if message.address.startswith("/")
            and len(message.address) <= LONGEST_ADDRESS
            and message.address.isprintable()
            for number, value in enumerate(list(message)[:MOST_VALUES])
            if isinstance(value, bool | int | float) and math.isfinite(value) and abs(value) <= FARTHEST
        ]
    except (
        ParseError,
        struct.error,
        RecursionError,
        MemoryError,
        ValueError,
        TypeError,
        IndexError,
        KeyError,
        OverflowError,
        AttributeError,
    ):
        return []
