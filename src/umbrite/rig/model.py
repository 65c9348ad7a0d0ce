"""The puppet and what it is made of. All values are frozen; edits elsewhere in `rig` make new ones.

Ids are short and never given twice in a puppet; whatever refers to something does so by id. Mappings keep
their order; they are never changed in place. `Puppet.order` is the draw order, back to front, apart from
the family. A joint without a part and without a tip is a carrier; a joint that limbs reach for is a target.
"""

from collections.abc import Mapping
from typing import Literal

import msgspec

from umbrite.rig.mesh_arrays import MeshArrays

Side = Literal["near", "far", "middle"]
Blend = Literal["normal", "multiply", "screen", "overlay", "add"]
ControlKind = Literal["grip", "knob", "master", "slider", "pad", "chooser", "aim", "bow"]
ControlShape = Literal["leaf", "shield", "drop", "crescent", "ring", "slot", "tile", "strip", "eye"]
Axes = Literal["both", "x", "y"]
Shown = Literal["always", "ghosted", "near", "never"]
LimbKind = Literal["", "arm", "leg", "tail", "wing", "neck"]
EndHold = Literal["limb", "target", "toe"]
Role = Literal["", "master"]


class Value(msgspec.Struct, frozen=True, forbid_unknown_fields=True):
    """What all values of a document are: frozen, compared by content, and read from files only as far as every field is known."""


class Point(Value, frozen=True, array_like=True):
    """A place on the board at rest, in pixels, y down."""

    x: float
    y: float

    @property
    def z(self) -> complex:
        """The point as one complex number, x + iy, in board pixels with y down."""
        return complex(self.x, self.y)


# Places are kept on a grid so fine that nobody sees it, on which sums and mirrored places are exact.
GRID = 2.0**24


def on_grid(x: float) -> float:
    """The nearest place on the grid."""
    return round(float(x) * GRID) / GRID if abs(x) < 1e8 else float(x)


def point(z: complex) -> Point:
    """A point from x + iy, on the grid."""
    return Point(on_grid(z.real), on_grid(z.imag))


class Placement(Value, frozen=True, omit_defaults=True):
    """Where a drawing lies at rest: scaled and skewed first, then turned about its corner, then put at x, y."""

    x: float
    y: float
    turn: float = 0.0
    scale_x: float = 1.0
    scale_y: float = 1.0
    skew: float = 0.0


class Drawing(Value, frozen=True):
    """One raster picture, named by the SHA-256 of its PNG; the pixels are kept beside the puppet."""

    sha256: str
    width: int
    height: int


class Trim(Value, frozen=True):
    """A loop drawn over a part, in its drawing's pixels: what lies in it is cut away, or brought back."""

    points: tuple[Point, ...]
    cut: bool = True


class Mesh(Value, frozen=True, omit_defaults=True, rename={"arrays": "sha256"}):
    """What lets a part bend: the joints it bends over, and the arrays of vertices, triangles and weights (see `rig.mesh`).

    Files keep the arrays beside the puppet, where their fingerprint stands for them. With `keeps_area` (0 to 1) the part gets narrower
    as a joint lengthens it.
    """

    joints: tuple[str, ...]
    arrays: MeshArrays
    keeps_area: float = 0.0


class Shade(Value, frozen=True):
    """How a part's drawing was made from that of the part that clips it, so that it can be made anew: what is left of its shape when it is
    shifted `across` and `up` (shares of its width) is filled with `colour` (red, green, blue, 0 to 255), its `edge` so soft (a share of the width).
    """

    across: float = 0.22
    up: float = 0.0733
    edge: float = 0.1
    colour: tuple[int, int, int] = (96, 70, 120)


class Part(Value, frozen=True, omit_defaults=True):
    """One cut-out piece: a drawing placed in the puppet, riding on a joint.

    `label` is a colour word for people. `blend` is how its colours meet what lies behind; `clip` the part inside whose opaque
    area it shows (or outside). A `reference` is a picture to work from and not part of the puppet's picture. `trims` hide what they
    cut away, one after the other; the drawing itself stays whole.
    With a `mesh` it bends over the mesh's joints instead of riding on its own as a whole.
    Parts of one `shares` (not empty) share their drawing: when one is exchanged, all are.
    """

    name: str
    joint: str
    drawing: Drawing
    placement: Placement
    opacity: float = 1.0
    visible: bool = True
    locked: bool = False
    shares: str = ""
    label: str = ""
    blend: Blend = "normal"
    clip: str | None = None
    clip_outside: bool = False
    reference: bool = False
    trims: tuple[Trim, ...] = ()
    mesh: Mesh | None = None
    shade: Shade | None = None


class Limit(Value, frozen=True, omit_defaults=True):
    """The smallest and largest rotation from rest, radians; smallest <= 0 <= largest.

    `soft` is the width of the zone before each end in which turning gets harder; 0 is a hard stop.
    """

    smallest: float
    largest: float
    soft: float = 0.0


class Sizes(Value, frozen=True):
    """The smallest and largest width and height of what a joint carries that animators can give it, in shares of rest: 0 < smallest <= 1 <= largest."""

    smallest: float = 0.5
    largest: float = 2.0


class Loose(Value, frozen=True):
    """How a joint swings after what carries it: `frequency` in swings a second, `damping` (1 comes to rest without swinging over),
    `weight` (how much being moved throws it back), and `reach`, how far it may swing either way, radians.
    """

    frequency: float = 2.0
    damping: float = 0.25
    weight: float = 0.6
    reach: float = 0.8


class Joint(Value, frozen=True, omit_defaults=True):
    """A node of the family. `parent` None is a free joint; `pivot_set` tells a chosen pivot from a first guess.

    With `catches` a click on what it carries picks it instead. `give` is how willingly it takes part in a limb's bending, 0 to 1; at 0 it is locked and turns in no way at all.
    `also` are joints ("" is the board) that may carry it instead of its parent: its channel `follows` tells which, 0 being the parent.
    What is `loose` swings after what carries it, in takes and where it is switched on.
    Animators do not move what is `fixed`, and scale what has `sizes` within them; links and keys are not held by either.
    """

    name: str
    pivot: Point
    parent: str | None = None
    tip: Point | None = None
    side: Side = "middle"
    limit: Limit | None = None
    pivot_set: bool = False
    give: float = 1.0
    role: Role = ""
    catches: bool = False
    loose: Loose | None = None
    also: tuple[str, ...] = ()
    fixed: bool = False
    sizes: Sizes | None = None


class Limb(Value, frozen=True, omit_defaults=True):
    """A chain posed from its end. `joints` run from the root on, each the parent of the next.

    The tip reaches for the pivot of `target`. It is the pivot of `end` (a hand, a foot), or `tip` where the limb
    has no joint beyond. `bend` is +1 or -1: the sign of the cross product of the first with the second length
    on the board (+1 bends clockwise on the screen); `side_chosen` tells a side that a person chose from a guess.
    `end_hold` says what keeps the angle of `end`: nothing but the limb, the target, or the joint `toe`, at which it points
    and which rides on the target. `soften` is the share of the limb's length near full reach in which it
    straightens gradually, so that the middle does not pop; `stretch` the share by which it may lengthen when its target is farther.
    `kind` is what the names said when it was made; empty where they said nothing, and in older files: ask `kind_of_limb`.
    """

    name: str
    joints: tuple[str, ...]
    target: str
    end: str | None = None
    tip: Point | None = None
    bend: Literal[1, -1] = 1
    end_hold: EndHold = "limb"
    toe: str | None = None
    enabled: bool = True
    soften: float = 0.0065
    stretch: float = 0.0
    side_chosen: bool = False
    side: Side = "middle"
    kind: LimbKind = ""


class Variant(Value, frozen=True, omit_defaults=True):
    """One of a set: the parts and the joints, with all that rides on them, that are seen only while it shows. `number` is its own for good."""

    number: int
    name: str
    parts: tuple[str, ...] = ()
    joints: tuple[str, ...] = ()


class VariantSet(Value, frozen=True, omit_defaults=True):
    """Drawings, or whole branches, of which exactly one shows: that of number `rest`, or the one that a pose tells.

    With `carries`, switching by hand takes the place of the hand that was shown over to the one that is shown then.
    """

    name: str
    variants: tuple[Variant, ...]
    rest: int
    carries: bool = False


class Control(Value, frozen=True, omit_defaults=True):
    """An on-screen thing that animators drag.

    A grip, a master and an aim point move the joint `moves` (the master turns and scales it too), a knob turns it. A slider has a
    value of its own, a pad two, a bow grip bows out the limb whose joint it stands on, a chooser names the set that it `chooses` from: they stand beside the joint `moves`, and links
    let other things follow their channels `value` and `value_y`. `axes` and the range `least` to `most` hold in what the
    control moves: pixels from rest of grips, values of sliders and pads. `size` is in board pixels, or with `on_screen` in
    those of the screen. `shown` says when it is seen; unseen it can be used all the same. A `locked` one animators leave alone.
    """

    name: str
    kind: ControlKind
    moves: str
    shape: ControlShape = "leaf"
    offset: Point = Point(0.0, 0.0)
    size: float = 44.0
    side: Side = "middle"
    axes: Axes = "both"
    least: Point | None = None
    most: Point | None = None
    on_screen: bool = False
    colour: str = ""
    label: str = ""
    shown: Shown = "always"
    locked: bool = False
    chooses: str = ""


class Link(Value, frozen=True, omit_defaults=True):
    """A rule that makes one value follow another by a curve of points (x what is followed, y what is added).

    `source` is a channel, or, where `travel` is set, a joint whose way along the board's x axis counts. The result is added
    to the channel `drives`. Between points the curve is straight or smooth; beyond the first and last it goes on straight.
    """

    name: str
    source: str
    drives: str
    points: tuple[Point, ...]
    smooth: bool = False
    travel: bool = False


class Shape(Value, frozen=True, omit_defaults=True):
    """Another form of a part that has a mesh: how far each of its vertices lies from where the mesh has it, in the drawing's pixels.

    Its channel `amount` tells how much of it is there; several add up.
    """

    name: str
    part: str
    moves: tuple[Point, ...]


class Stop(Value, frozen=True, omit_defaults=True):
    """A value of what drives a response (with two values, across and up), and what the puppet looks like there: channels as differences
    from rest. Those of sets count variants on from the one at rest.
    """

    at: Point
    channels: Mapping[str, float] = {}
    name: str = ""


class Response(Value, frozen=True, omit_defaults=True):
    """Poses that one value calls forth, or the two of a pad: at its stops what they say, between them straight or smoothly, beyond them as
    at the outermost; at the neutral value, where no stop is kept, nothing.

    `driver` is a channel, of a pad the one across; a joint's turn counts as it is in the end, its limb and its limits included.
    """

    name: str
    driver: str
    stops: tuple[Stop, ...] = ()
    smooth: bool = False


class Guest(Value, frozen=True, omit_defaults=True):
    """Another puppet inside this one, as one thing: a cart, a mount, a prop with its own rig.

    All that it is stands here among the other things, under the ids to which `ids` leads from its own, and hangs from the carrier
    `root`. `data` is the whole of it as it was taken in, packed, and `sha256` is that of `data`, which files keep beside the puppet;
    `source` is where it came from, seen from this puppet's file. Its corner lies `at` a place of the board, `scale` times as large.
    Its parts keep together in the draw order unless they are `spread`; the controls of one that is `hidden` are not shown.
    """

    name: str
    root: str
    source: str
    sha256: str
    ids: Mapping[str, str]
    at: Point = Point(0.0, 0.0)
    scale: float = 1.0
    spread: bool = False
    hidden: bool = False
    data: bytes = b""


class Guide(Value, frozen=True):
    """A line on the board to snap to: at a place on one axis."""

    axis: Literal["x", "y"]
    at: float


class SavedPose(Value, frozen=True):
    """A pose on the shelf: its name, its channels, the ids that it is for (none: the whole puppet), and its folder."""

    name: str
    channels: Mapping[str, float] = {}
    about: tuple[str, ...] = ()
    folder: str = ""


class Meant(Value, frozen=True):
    """A finding that a person has looked at and that is meant so: its code, and the id it is about."""

    code: str
    where: str


class Puppet(Value, frozen=True):
    """One articulated cut-out character. Compare by ==; refresh views by identity.

    With `controls_only` animators touch nothing in Rehearse but controls that are not locked.
    """

    name: str = "Puppet"
    width: int = 1200
    height: int = 1600
    joints: Mapping[str, Joint] = {}
    parts: Mapping[str, Part] = {}
    order: tuple[str, ...] = ()
    limbs: Mapping[str, Limb] = {}
    controls: Mapping[str, Control] = {}
    links: Mapping[str, Link] = {}
    responses: Mapping[str, Response] = {}
    shapes: Mapping[str, Shape] = {}
    sets: Mapping[str, VariantSet] = {}
    guests: Mapping[str, Guest] = {}
    guides: tuple[Guide, ...] = ()
    poses: tuple[SavedPose, ...] = ()
    meant: tuple[Meant, ...] = ()
    controls_only: bool = False
    next_id: int = 1


# A pose: channel name -> value, relative to rest; a channel that is not named is at rest.
Pose = Mapping[str, float]
EMPTY_POSE: Pose = {}
