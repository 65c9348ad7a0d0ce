"""The frame around selected parts in the station Parts: what it is grasped by, and the map that a drag of it makes."""

import cmath
import math
from typing import NamedTuple

from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import PARTS, PLACE
from umbrite.rig.affine import Affine, around, inverse
from umbrite.rig.edits.arranging import linear_taking
from umbrite.rig.placement import around_parts, board_from_drawing

STEP = math.radians(15)


SPIN_AWAY = 26.0  # widget pixels from the upper edge to the spin handle


ROOM = 44.0  # widget pixels between what the frame is grasped by, at least


SMALLEST = 0.01  # of the size: nothing can be scaled away


class Frame(NamedTuple):
    """A corner, and the two edges from it, on the board at rest: the drawing's own for one part, upright for several."""

    corner: complex
    x: complex
    y: complex

    def at(self, u: float, v: float) -> complex:
        return self.corner + u * self.x + v * self.y

    def grown(self, u: float, v: float) -> "Frame":
        """The frame with these shares of its edges more on each side."""
        return Frame(self.at(-u, -v), (1 + 2 * u) * self.x, (1 + 2 * v) * self.y)

    def shares(self, z: complex) -> tuple[float, float]:
        """(u, v) of a board point."""
        a, b = linear_taking(1 + 0j, 1j, self.x, self.y)
        w = complex(inverse(Affine(a, b, self.corner))(z))
        return w.real, w.imag


def frame_of(session: Session) -> Frame | None:
    """The frame of the selected parts that are not locked; None where there is none or one has no area."""
    keys = [key for key in session.selection.of("part") if not session.puppet.parts[key].locked]
    if not keys or session.workspace.station is not PARTS or session.workspace.tool is not PLACE:
        return None
    puppet = session.puppet
    if len(keys) == 1:
        part = puppet.parts[keys[0]]
        onto = board_from_drawing(part.placement)
        x, y = (complex(onto.direction(part.drawing.width + 0j)), complex(onto.direction(1j * part.drawing.height)))
        frame = Frame(complex(onto.t), x, y)
    else:
        box = around_parts(puppet, keys)
        frame = Frame(complex(box.left, box.top), complex(box.right - box.left, 0), complex(0, box.bottom - box.top))
    return frame if abs((frame.x.conjugate() * frame.y).imag) > 1e-6 else None


def shown_shift(session: Session) -> complex:
    """How far the frame is shown from where it lies at rest: parts that are fanned out lie elsewhere."""
    key = session.selection.of("part")[0]
    return complex(session.placed.joint_map(session.puppet.parts[key].joint).t)


def grasps(frame: Frame, zoom: float) -> list[tuple[str, complex]]:
    """Names and places of what the frame is grasped by: corners `x00`..`x11`, edges `e..`, and `spin`.

    Around something small they stand off, so that it can still be dragged itself.
    """
    frame = frame.grown(*(max(0.0, (ROOM / zoom - abs(side)) / 2 / abs(side)) for side in (frame.x, frame.y)))
    corners = [(f"x{u}{v}", frame.at(u, v)) for u in (0, 1) for v in (0, 1)]
    edges = [("e50", frame.at(0.5, 0)), ("e51", frame.at(0.5, 1)), ("e05", frame.at(0, 0.5)), ("e15", frame.at(1, 0.5))]
    top = frame.at(0.5, 0)
    out = top - frame.at(0.5, 1)
    return [*edges, *corners, ("spin", top + out / abs(out) * SPIN_AWAY / zoom)]


def dragged(
    frame: Frame, grasp: str, start: complex, to: complex, *, shift: bool, ctrl: bool
) -> tuple[Affine[complex], str]:
    """The board map that a drag makes, and the words for it.

    Corners keep the proportions (Shift: free), edges scale one way (Ctrl: skew), the spin handle turns (Shift: by steps).
    """
    if grasp == "spin":
        middle = frame.at(0.5, 0.5)
        turn = cmath.phase((to - middle) / (start - middle)) if middle not in (to, start) else 0.0
        if shift:
            turn = round(turn / STEP) * STEP
        return around(middle, cmath.exp(1j * turn), 0j), f"{-math.degrees(turn):+.1f}°"
    at_u, at_v = (0.5 if c == "5" else float(c) for c in grasp[1:])
    fixed = frame.at(1 - at_u, 1 - at_v)
    (u0, v0), (u1, v1) = frame.shares(start), frame.shares(to)
    if grasp[0] == "e" and ctrl:
        return _skewed(frame, fixed, (u1 - u0, v1 - v0), at_u, at_v)
    along_u, along_v = 2 * at_u - 1, 2 * at_v - 1  # -1, 0 or 1
    su, sv = 1 + (u1 - u0) * along_u, 1 + (v1 - v0) * along_v
    if grasp[0] == "x" and not shift:
        way, diagonal = to - start, frame.at(at_u, at_v) - fixed
        su = sv = 1 + (way * diagonal.conjugate()).real / abs(diagonal) ** 2
    su, sv = (s if abs(s) >= SMALLEST else math.copysign(SMALLEST, s) for s in (su, sv))
    a, b = linear_taking(frame.x, frame.y, su * frame.x, sv * frame.y)
    words = f"{su * 100:.0f} %" if su == sv else f"{su * 100:.0f} % × {sv * 100:.0f} %"
    return around(fixed, a, b), words


def _skewed(
    frame: Frame, fixed: complex, by: tuple[float, float], at_u: float, at_v: float
) -> tuple[Affine[complex], str]:
    if at_u == 0.5:  # the upper or lower edge slides along x
        share = by[0] * (2 * at_v - 1)
        a, b = linear_taking(frame.x, frame.y, frame.x, frame.y + share * frame.x)
        return around(fixed, a, b), f"skew {share * abs(frame.x) / abs(frame.y) * 100:+.0f} %"
    share = by[1] * (2 * at_u - 1)
    a, b = linear_taking(frame.x, frame.y, frame.x + share * frame.y, frame.y)
    return around(fixed, a, b), f"skew {share * abs(frame.y) / abs(frame.x) * 100:+.0f} %"
