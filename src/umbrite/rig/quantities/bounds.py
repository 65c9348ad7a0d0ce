"""How large a puppet and its drawings may be: the one place that decides, for what comes in, what is saved, and what is opened."""

from collections.abc import Iterator

from umbrite.rig.model import Drawing, Puppet

# No place, size or curve needs a number beyond this.
LARGEST = 1e8
# The longest side of a canvas and of a drawing, in pixels.
LONGEST = 100_000
# Pixels of one picture, and of all drawings of a puppet together.
MOST_PIXELS = 100_000_000
MOST_PIXELS_TOGETHER = 300_000_000
# Ids that are given so far.
MOST_IDS = 10_000_000


def picture_fault(width: int, height: int) -> str | None:
    """Why a picture of this size is refused, to go after its name in a sentence; None where it is not."""
    if not (0 < width <= LONGEST and 0 < height <= LONGEST):
        return f"is {_shown(width)} x {_shown(height)} px, and no side may be longer than {LONGEST} px"
    if width * height > MOST_PIXELS:
        return f"is too large: {width} x {height} px, and {MOST_PIXELS // 1_000_000} megapixels are the most for one picture"
    return None


def together_fault(pixels: int) -> str | None:
    """Why drawings of so many pixels are refused together; None where they are not."""
    if pixels <= MOST_PIXELS_TOGETHER:
        return None
    most = MOST_PIXELS_TOGETHER // 1_000_000
    return f"its drawings have {_shown(pixels // 1_000_000)} megapixels together, and {most} are the most"


def size_faults(puppet: Puppet) -> Iterator[str]:
    """What is too large about a puppet, in words."""
    if fault := canvas_fault(puppet.width, puppet.height):
        yield fault
    drawings: dict[str, Drawing] = {}
    for part in puppet.parts.values():
        known = drawings.setdefault(part.drawing.sha256, part.drawing)
        if known != part.drawing:
            yield f"{part.name} gives its drawing another size than another part does"
        elif fault := picture_fault(part.drawing.width, part.drawing.height):
            yield f"the drawing of {part.name} {fault}"
    if fault := together_fault(sum(drawing.width * drawing.height for drawing in drawings.values())):
        yield fault


def canvas_fault(width: int, height: int) -> str | None:
    """Why a canvas of this size is refused; None where it is not."""
    if 0 < width <= LONGEST and 0 < height <= LONGEST:
        return None
    return (
        f"the canvas has an absurd size, {_shown(width)} x {_shown(height)} px: up to {LONGEST} px a side are possible"
    )


def _shown(number: int) -> str:
    return str(number) if abs(number) < 10**9 else "more than a thousand million"
