"""What is being drawn or proposed, and is no part of the puppet yet."""

from typing import NamedTuple


class Line(NamedTuple):
    """A line along which bones were made, so that their number can be changed afterwards."""

    points: tuple[complex, ...]
    parent: str | None
    part: str | None
    name: str
    bones: int
    by_curvature: bool


class Boning(NamedTuple):
    """What is being drawn: the bone from whose tip the next goes on, the one whose card is shown, and its line."""

    chain: str | None = None
    card: str | None = None
    line: Line | None = None
