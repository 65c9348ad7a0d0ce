"""The pieces of a face on a ball: what each is, by words where names say something, else by where it lies, and how far in front it stands.

The ball is fitted to the outline of the head's own drawing. Places on it go from -1 to 1 across and down; depth is 1 nearest the viewer
and below 0 behind the outline.
"""

from collections.abc import Iterable, Mapping
from typing import Literal, NamedTuple

import numpy as np

from umbrite.art.pictures import Picture
from umbrite.rig.change import get_joint
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch, children, parts_on
from umbrite.rig.model import Puppet
from umbrite.rig.placement import Box, board_from_drawing
from umbrite.rig.words.word_table import meaning, says_nothing

Role = Literal["feature", "nose", "ear", "hat", "hair", "back"]
View = Literal["front", "half profile", "profile"]
WORDS: Mapping[str, Role] = {
    **dict.fromkeys(("eye", "eyes", "pupil", "pupils", "brow", "brows", "eyebrow", "eyebrows", "lid", "lids", "eyelid", "eyelids"), "feature"),
    **dict.fromkeys(("mouth", "lips", "lip", "cheek", "cheeks", "freckles", "teeth", "tongue", "glasses", "moustache", "iris", "eyeball"), "feature"),
    **dict.fromkeys(("nose", "snout", "muzzle", "beak"), "nose"),
    **dict.fromkeys(("ear", "ears", "earring", "horn", "horns", "antler"), "ear"),
    **dict.fromkeys(("hat", "cap", "hood", "crown", "helmet", "turban"), "hat"),
    **dict.fromkeys(("hair", "fringe", "bangs", "curl", "curls", "beard", "parting", "lock"), "hair"),
    **dict.fromkeys(("plait", "braid", "pigtail", "ponytail", "bun"), "back"),
}  # fmt: skip
OPAQUE = 96  # of 255: the outline leaves faint edges out
EDGE = 0.97  # of the ball: what lies farther out stands on its rim
OFF_THE_MIDDLE, AT_THE_SIDE, HIGH = (
    0.3,
    0.74,
    0.62,
)  # of the ball across and down: where what has no name is an ear, or not one any more
FEW = 4  # pieces: so many on a face tell how it looks without a pair
LARGE = 0.45  # of the head's area: what has no name and covers so much of it is hair
CORE = 0.36  # of the fullest row and column of a head: what holds less is drawn on it
BESIDE = 0.25  # of the head's width: so far beside it a loose piece may lie
FRONT, HALF = 0.14, 0.42  # how far off the middle a face looks that is seen from the front, or in half profile


class FacePiece(NamedTuple):
    """A piece: the joint that carries it (empty: the head's own, until it gets one), its parts, its middle on the board, its place and depth on the ball."""

    joint: str
    parts: tuple[str, ...]
    role: Role
    named: bool
    middle: complex
    place: complex
    depth: float
    size: complex = 0j  # half its width and height, in those of the ball
    out: float = 1.0  # how many times as far from the middle as its place on the rim it lies


class Face(NamedTuple):
    """A head with its own drawing, the ball (its middle and half its width and height on the board), the pieces, and how it is seen."""

    head: str
    base: str
    middle: complex
    half: complex
    pieces: tuple[FacePiece, ...]
    view: View
    ahead: float  # how far to the right it looks, -1 to 1
    sure: float
    loose: tuple[str, ...]  # joints of pieces that hang from nothing yet


def face_of(puppet: Puppet, keys: Iterable[str], pictures: Mapping[str, Picture]) -> Face:
    """The face of these joints: the head, or the head with its pieces. Loose pieces that lie on the head count too.

    Raises RigError where there is no drawing that could be a head, or nothing on it.
    """
    chosen = list(dict.fromkeys(keys))
    for key in chosen:
        get_joint(puppet, key)
    boxes = {key: outline(puppet, key, pictures) for key, part in puppet.parts.items() if not part.reference}
    mine = [part for key in chosen for part in parts_on(puppet, key) if part in boxes]
    if not mine:
        raise RigError("There is no head to turn. Select the head, or the pieces of a face.")
    base = max(mine, key=lambda part: _area(boxes[part]))
    head, box = puppet.parts[base].joint, outline(puppet, base, pictures, CORE)
    middle = complex(box.left + box.right, box.top + box.bottom) / 2
    half = complex(box.width / 2, box.height / 2)
    loose = tuple(_loose(puppet, head, [key for key in chosen if key != head], boxes, base))
    pieces = [
        _piece(puppet, joint, parts, boxes, (base, middle, half))
        for joint, parts in _branches(puppet, head, loose, base)
        if any(part in boxes for part in parts)
    ]
    pieces = [piece for piece in pieces if _is_of_face(puppet, piece)]
    fronts = [piece for piece in pieces if piece.role in {"feature", "nose"}]
    if not fronts:
        raise RigError(
            f"Nothing lies on {puppet.parts[base].name} that could turn with it. Cut eyes, nose and mouth out first, "
            "or select them along with the head."
        )
    ahead = float(np.mean([piece.place.real for piece in fronts]))
    view: View = "front" if abs(ahead) < FRONT else "half profile" if abs(ahead) < HALF else "profile"
    if not _paired(fronts) and len(fronts) < FEW:  # one eye and a mouth are seen from the side
        view, whole = "profile", boxes[base]
        muzzle = (whole.right - box.right) - (box.left - whole.left)
        ahead = muzzle / box.width if abs(muzzle) > 0.05 * box.width else ahead
    return Face(head, base, middle, half, tuple(pieces), view, ahead, _sure(pieces, fronts, view), loose)


def outline(puppet: Puppet, key: str, pictures: Mapping[str, Picture], least: float = 0.0) -> Box:
    """The box around what is opaque of a part, on the board at rest; with `least` without rows and columns that hold less than this share
    of the fullest one: a nose or an ear that is drawn on a head.
    """
    part = puppet.parts[key]
    solid = pictures[part.drawing.sha256][..., 3] > OPAQUE
    across, down = solid.sum(axis=1), solid.sum(axis=0)
    rows, columns = (np.flatnonzero(held > least * held.max(initial=0)) for held in (across, down))
    wide, tall = part.drawing.width, part.drawing.height
    x0, x1 = (float(columns[0]), float(columns[-1] + 1)) if columns.size else (0.0, float(wide))
    y0, y1 = (float(rows[0]), float(rows[-1] + 1)) if rows.size else (0.0, float(tall))
    corners = np.array([complex(x, y) for x in (x0, x1) for y in (y0, y1)])
    z = board_from_drawing(part.placement)(corners)
    return Box(float(z.real.min()), float(z.imag.min()), float(z.real.max()), float(z.imag.max()))


def _area(box: Box) -> float:
    return box.width * box.height


def _loose(puppet: Puppet, head: str, chosen: list[str], boxes: Mapping[str, Box], base: str) -> Iterable[str]:
    """What is selected along with the head, or hangs from nothing and lies on it, smaller than it is."""
    below, over = set(branch(puppet, head)), boxes[base]
    held = {key for limb in puppet.limbs.values() for key in (*limb.joints, limb.target, limb.toe, limb.end)}
    for key, joint in puppet.joints.items():
        parts = [part for part in parts_on(puppet, key) if part in boxes]
        if key in below or key in held or not parts:
            continue
        around = boxes[parts[0]]
        at = complex(around.left + around.right, around.top + around.bottom) / 2
        beside = BESIDE * over.width
        lies = over.left - beside < at.real < over.right + beside and over.top - over.height / 2 < at.imag < over.bottom
        if key in chosen or (
            joint.parent is None and lies and not children(puppet, key) and _area(around) < 1.6 * _area(over)
        ):
            yield key


def _branches(puppet: Puppet, head: str, loose: Iterable[str], base: str) -> Iterable[tuple[str, tuple[str, ...]]]:
    """The pieces: parts that ride on the head itself one by one, and each joint below it; branches of hair and the like as one."""
    for part in parts_on(puppet, head):
        if part != base and not puppet.parts[part].reference:
            yield "", (part,)
    left = [*children(puppet, head), *loose]
    while left:
        key = left.pop(0)
        own = tuple(parts_on(puppet, key))
        if not own:
            left = [*children(puppet, key), *left]
            continue
        if _role_told(puppet.parts[own[0]].name) in {"hair", "back", "hat", "ear"}:
            yield key, tuple(part for each in branch(puppet, key) for part in parts_on(puppet, each))
        else:
            yield key, own
            left = [*children(puppet, key), *left]


def _role_told(name: str) -> Role | None:
    """What a name tells; the last word that says something counts most."""
    told = [WORDS[word] for word in meaning(name) if word in WORDS]
    return told[-1] if told else None


def _piece(
    puppet: Puppet, joint: str, parts: tuple[str, ...], boxes: Mapping[str, Box], ball: tuple[str, complex, complex]
) -> FacePiece:
    base, middle, half = ball
    around = boxes[parts[0]]
    for part in parts[1:]:
        around = around.join(boxes[part]) if part in boxes else around
    at = complex(around.left + around.right, around.top + around.bottom) / 2
    place = complex((at - middle).real / half.real, (at - middle).imag / half.imag)
    out = max(abs(place) / EDGE, 1.0)
    place /= out
    behind = puppet.order.index(parts[0]) < puppet.order.index(base)
    told = _role_told(puppet.parts[parts[0]].name)
    role = told or _role_seen(place, around, half, behind=behind)
    if role == "hair" and behind:
        role = "back"
    size = complex(around.width / 2 / half.real, around.height / 2 / half.imag)
    # The ends of what reaches over the whole ball stand on its rim, and hold the middle back.
    held = 1 - 0.8 * min(size.real, 1.0) ** 2
    ahead = (1 - abs(place) ** 2) ** 0.5
    on_top = -0.25 if role == "ear" and abs(place.real) < AT_THE_SIDE else 0.0
    depth = {
        "feature": ahead * held,
        "nose": 1.25 * ahead,
        "ear": on_top,
        "hat": 0.15,
        "hair": 0.1 + 0.7 * ahead * held,
        "back": -0.6 * held - 0.15,
    }[role]
    return FacePiece(joint, parts, role, told is not None, at, place, depth, size, out)


def _is_of_face(puppet: Puppet, piece: FacePiece) -> bool:
    """Whether a piece is one: a name that says something else is believed, but of what lies on the face."""
    return piece.named or piece.role == "feature" or says_nothing(puppet.parts[piece.parts[0]].name)


def _role_seen(place: complex, around: Box, half: complex, *, behind: bool) -> Role:
    """What a piece without a telling name is by where it lies."""
    share = _area(around) / max(4 * half.real * half.imag, 1e-9)
    if behind:
        return "ear" if abs(place.real) > OFF_THE_MIDDLE and share < LARGE / 2 else "back"
    reach = abs(place.real) + around.width / 2 / half.real
    if abs(place.real) > AT_THE_SIDE and abs(place.imag) < HIGH and reach > 1:
        return "ear"
    if share > LARGE or (place.imag < -AT_THE_SIDE and around.width > half.real):
        return "hair"
    return "feature"


def _paired(fronts: list[FacePiece]) -> int:
    """How many pieces of a face have another one beside them, as eyes and cheeks do."""
    return sum(
        any(
            abs(piece.place.imag - other.place.imag) < 0.08 and abs(piece.place.real - other.place.real) > 0.2
            for other in fronts
        )
        for piece in fronts
    )


def _sure(pieces: list[FacePiece], fronts: list[FacePiece], view: View) -> float:
    """How sure it is: by how many names tell what they are, by how many pieces stand in pairs, and by how the head is seen."""
    named = sum(piece.named for piece in pieces) / len(pieces)
    paired = _paired(fronts) / len(fronts)
    whole = 0.4 + 0.35 * max(named, 0.6 * paired) + 0.25 * paired
    return round(min(whole, 0.98) * {"front": 1.0, "half profile": 0.85, "profile": 0.6}[view], 2)
