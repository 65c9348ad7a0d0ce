"""Three characters that nobody has rigged before, drawn on the spot: a biped from the front, a beetle of six legs, a bird."""

from typing import NamedTuple

import cv2
import numpy as np

WIDE, TALL = 900, 1200


class Stroke(NamedTuple):
    """A piece: a capsule from where it hangs to its end, on a canvas of 900 by 1,200 px."""

    name: str
    start: tuple[int, int]
    end: tuple[int, int]
    half: int
    colour: tuple[int, int, int]


def _sided(strokes):
    """Each stroke named R_ once more as L_, on the other side."""
    flipped = [
        s._replace(name=s.name.replace("R_", "L_"), start=(WIDE - s.start[0], s.start[1]), end=(WIDE - s.end[0], s.end[1]))
        for s in strokes
    ]  # fmt: skip
    return [*strokes, *flipped]


SKIN, CLOTH, DARK, PALE = (232, 180, 140), (70, 110, 150), (60, 60, 80), (240, 220, 190)
BIPED = [
    *_sided([
        Stroke("R_foot", (370, 1080), (290, 1092), 34, DARK), Stroke("R_shin", (372, 900), (370, 1070), 34, SKIN),
        Stroke("R_thigh", (390, 720), (372, 890), 42, CLOTH),
        Stroke("R_hand", (250, 760), (242, 800), 34, SKIN), Stroke("R_forearm", (275, 600), (252, 740), 28, SKIN),
        Stroke("R_upperarm", (335, 440), (277, 590), 34, CLOTH),
    ]),
    Stroke("hips", (450, 690), (450, 720), 92, CLOTH), Stroke("trunk", (450, 640), (450, 460), 104, CLOTH),
    Stroke("neck", (450, 360), (450, 310), 34, SKIN), Stroke("head", (450, 270), (450, 200), 92, SKIN),
]  # fmt: skip
BEETLE = [
    *_sided([
        piece
        for which, y, lean in (("front", 480, -120), ("mid", 640, 0), ("hind", 800, 120))
        for piece in (
            Stroke(f"R_{which} foot", (110, y + lean + 150), (80, y + lean + 190), 16, DARK),
            Stroke(f"R_{which} shin", (190, y + lean + 20), (114, y + lean + 140), 20, PALE),
            Stroke(f"R_{which} thigh", (330, y), (196, y + lean + 10), 26, CLOTH),
        )
    ]),
    Stroke("body", (450, 560), (450, 760), 150, CLOTH), Stroke("head", (450, 390), (450, 350), 90, DARK),
]  # fmt: skip
BIRD = [
    *_sided([
        Stroke("R_foot", (420, 1040), (380, 1050), 20, DARK), Stroke("R_shin", (420, 900), (420, 1030), 18, PALE),
        Stroke("R_thigh", (420, 780), (420, 890), 32, CLOTH), Stroke("R_wing", (350, 520), (240, 720), 46, CLOTH),
    ]),
    Stroke("tail", (450, 800), (450, 900), 40, DARK), Stroke("body", (450, 560), (450, 740), 120, PALE),
    Stroke("neck", (450, 430), (450, 360), 40, PALE), Stroke("head", (450, 310), (450, 290), 74, PALE),
    Stroke("beak", (450, 330), (450, 372), 18, SKIN),
]  # fmt: skip
STRANGERS = {"biped": BIPED, "beetle": BEETLE, "bird": BIRD}


def draw(name, folder):
    """One of them, in a folder."""
    return draw_strokes(STRANGERS[name], folder)


def draw_strokes(strokes, folder):
    """One picture a piece, each as large as the canvas, so that they lie where they were drawn."""
    folder.mkdir(parents=True)
    for stroke in strokes:
        canvas = np.zeros((TALL, WIDE, 4), np.uint8)
        for colour, half in (((30, 30, 40), stroke.half), (stroke.colour, stroke.half - 5)):
            cv2.line(canvas, stroke.start, stroke.end, (*colour[::-1], 255), 2 * half, cv2.LINE_AA)
        cv2.imwrite(str(folder / f"{stroke.name}.png"), canvas)
    return folder
