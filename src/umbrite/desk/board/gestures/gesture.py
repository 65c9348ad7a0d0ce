"""What all gestures share: the events they take, what they show meanwhile, and how they end."""

from collections.abc import Callable, Generator
from typing import Literal, NamedTuple

from umbrite.desk.session.drafts import Ghost
from umbrite.desk.session.session import Session
from umbrite.motion.placed import Placed
from umbrite.rig.model import Pose

EventKind = Literal["press", "move", "release", "cancel"]


class Pointer(NamedTuple):
    """One event: where on the board, how many widget pixels a board pixel has, and the keys held."""

    at: complex
    kind: EventKind = "move"
    zoom: float = 1.0
    shift: bool = False
    ctrl: bool = False
    alt: bool = False
    pressure: float = 1.0  # of a pen; a mouse presses fully
    moment: float | None = None  # when it was there, by the player's clock; None is now


Marks = tuple[tuple[complex, bool], ...]


class Feedback(NamedTuple):
    """What to show beside the art while a gesture runs; places on the board."""

    readout: str = ""
    cord: tuple[complex, complex] | None = None
    lit: tuple[str, ...] = ()
    box: tuple[complex, complex] | None = None
    limit_end: tuple[str, str] | None = None
    ghosts: tuple[Ghost, ...] = ()
    faint: tuple[str, ...] = ()  # parts that do not show, seen through
    loop: tuple[complex, ...] = ()  # being drawn
    bone: tuple[complex, complex] | None = None  # being drawn
    line: tuple[complex, ...] = ()  # being drawn, open
    marks: Marks = ()  # where something sticks out, or (True) a gap opens
    marks_in_pause: Callable[[], Marks] | None = (
        None  # the same where it takes a while to find: asked when the pointer rests
    )


Gesture = Generator[Feedback, Pointer, None]


def finish(session: Session, event: Pointer, name: str) -> None:
    """End a gesture that previewed its work: keep it as a step on release, put everything back on cancel.

    A drag that was recorded ends its pass.
    """
    performing = session.performing
    if performing.running and event.kind == "release":
        performing.end()
    elif performing.active:  # let go before time runs, or by Esc
        performing.cancel()
        session.spring_back()
    elif event.kind == "release":
        session.edit(name, session.puppet, session.pose)
    else:
        session.spring_back()


def ground(session: Session, placed: Placed, pose: Pose) -> tuple[Placed, Pose]:
    """Upon what the next step of a drag works: what was there when it began, or while time runs, what the take shows by now."""
    return session.performing.ground() if session.performing.running else (placed, pose)


def straightened(start: complex, event: Pointer) -> complex:
    """The way from `start` to the pointer; with Shift along the nearer axis only."""
    moved = event.at - start
    if not event.shift:
        return moved
    return complex(moved.real, 0) if abs(moved.real) >= abs(moved.imag) else complex(0, moved.imag)


def distance_text(moved: complex) -> str:
    """A move for the readout, y upwards as people think of it."""
    across, up = round(moved.real) + 0.0, round(-moved.imag) + 0.0  # never -0
    return f"{across:+.0f}, {up:+.0f} px".replace("-", "\N{MINUS SIGN}")


# The joint under a board point, for gestures that end on one.
JointAt = Callable[[complex], str | None]
