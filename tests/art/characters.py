"""Generated whole characters whose family and pivots are known: sixteen shapes of body, in nine styles of names, 300 to 3,000 px tall.

Pieces are capsules, ellipses and plates in a figure of about 1,000 units, made longer and shorter, turned and rough at random,
drawn small and placed large. Far pieces lie behind the body, near ones before it.
"""

import math
from typing import NamedTuple

import cv2
import numpy as np

from art.group_layouts import LAYOUTS, names_in_groups
from umbrite.art.pictures import Picture, trimmed
from umbrite.rig.edits.parts import add_part
from umbrite.rig.model import Drawing, Placement, Puppet

STYLES = ("plain", "joined", "sided", "german", "neutral", "default")
LOOSE_STYLES = (
    "mixed",
    "halves",
    "grouped",
)  # several ways of naming in one figure; upper and lower as words of their own, wherever they stand
BODIES = ("biped", "stout", "long", "quadruped", "bird", "tentacled", "serpent", "plates")
# Drawn after the plans were made: nothing was tuned on them.
MORE_BODIES = ("robed", "child", "robot", "raised", "longneck", "beetle", "eightarm", "swimmer")


class Piece(NamedTuple):
    """A piece in units: its name as side and words, its parent, its ends and widths; `depth` from back to front."""

    side: str
    name: str
    parent: str
    pivot: complex
    end: complex
    radii: tuple[float, float]
    depth: int
    round: bool = True

    @property
    def key(self):
        return f"{self.side} {self.name}".strip()


class Character(NamedTuple):
    """A puppet of loose parts, its pictures, and for each part the true parent (empty for the root), pivot and width."""

    puppet: Puppet
    pictures: dict[str, Picture]
    parents: dict[str, str]
    pivots: dict[str, complex]
    widths: dict[str, float]
    pieces: dict[str, str]  # what each part is, in plain words


def character(seed, body, style, *, mirrored=False, soft=0.0):
    """The character of a seed; mirrored, its near pieces are on the other side. With `soft` edges by so many pixels of its drawings."""
    random = np.random.default_rng([seed, (*BODIES, *MORE_BODIES).index(body), 7])
    pieces = _pieces(body, random)
    return _drawn(_mirrored(pieces) if mirrored else pieces, style, random, soft)


def with_a_raised_arm(seed, style):
    """A biped whose near arm is drawn twice: hanging, and raised before it; of the raised pieces the names say so."""
    random = np.random.default_rng([seed, 3])
    pieces = _pieces("biped", random)
    arm = ("upper arm", "forearm", "hand")
    raised = [p for p in _turned(pieces, "near upper arm", 2.2) if p.side == "near" and p.name in arm]
    pieces += [
        p._replace(
            name=f"{p.name} raised", parent=f"{p.parent} raised" if "arm" in p.parent else p.parent, depth=p.depth + 6
        )
        for p in raised
    ]
    return _drawn(pieces, style, random)


def with_two_necks(seed, style):
    """A biped whose neck is in two pieces."""
    random = np.random.default_rng([seed, 21])
    pieces = _pieces("biped", random)
    neck, up = next(p for p in pieces if p.name == "neck"), -60j
    lower = neck._replace(name="lower neck", end=neck.pivot + up, radii=(30, 28))
    upper = lower._replace(name="upper neck", parent="lower neck", pivot=lower.end, end=lower.end + up, radii=(28, 26))
    above = [p._replace(pivot=p.pivot + up, end=p.end + up) for p in pieces if p.name in ("head", "eye")]
    above = [p._replace(parent="upper neck") if p.name == "head" else p for p in above]
    return _drawn([p for p in pieces if p.name not in ("neck", "head", "eye")] + above + [lower, upper], style, random)


def with_a_backing(seed, what, style):
    """A biped with a cape or long hair behind all of it."""
    random = np.random.default_rng([seed, 11])
    pieces = _pieces("biped", random)
    trunk, head = (next(p for p in pieces if p.name == name) for name in ("trunk", "head"))
    wide, top = trunk.radii[1], head.radii[1]
    pieces.append(
        Piece("", "cape", "trunk", trunk.end, 500 + 820j, (wide * 0.9, wide * 1.7), 0)
        if what == "cape"
        else Piece("", "back hair", "head", head.end + 20j, head.end + 330j, (top * 1.05, top * 1.2), 0)
    )
    return _drawn(pieces, style, random)


def _mirrored(pieces):
    return [p._replace(pivot=1000 - p.pivot.conjugate(), end=1000 - p.end.conjugate()) for p in pieces]


def wild(seed, body, style):
    """The same kind of body as nobody poses it for a rigger: limbs flung about, mirrored, with a large or a small head, some pieces
    missing, and pieces that are no bones: hat, patch, cup.
    """
    random = np.random.default_rng([seed, BODIES.index(body), 13])
    pieces = _pieces(body, random)
    for name, far in (
        ("upper arm", 0.9),
        ("forearm", 0.5),
        ("thigh", 0.35),
        ("shin", 0.3),
        ("foot", 0.6),
        ("tail 1", 0.5),
        ("wing 1", 0.5),
        ("head", 0.2),
    ):
        for piece in [p for p in pieces if p.name.endswith(name)]:
            pieces = _turned(pieces, piece.key, random.uniform(-far, far))
    if any(p.name == "head" for p in pieces):
        pieces = _larger(pieces, "head", float(np.exp(random.uniform(-0.25, 0.4))))
    droppable = [
        p.key
        for p in pieces
        if p.name in {"neck", "hand", "foot", "eye", "tail 3", "wing 2"} or p.name.endswith("foot")
    ]
    gone = {key for key in droppable if random.random() < 0.15}
    by_key = {p.key: p for p in pieces}
    pieces = [
        p._replace(parent=by_key[p.parent].parent) if p.parent in gone else p for p in pieces if p.key not in gone
    ]
    on_head = next((p for p in pieces if p.name in {"head", "mantle"}), pieces[0])
    trunk = next((p for p in pieces if p.name == "trunk"), pieces[0])
    hat = on_head.end - 1j * on_head.radii[1] * 0.9
    middle = (trunk.pivot + trunk.end) / 2
    extras = [
        Piece(
            "", "hat", on_head.key, hat, hat - 30j, (on_head.radii[1] * 0.8, on_head.radii[1] * 0.5), on_head.depth + 1
        ),
        Piece(
            "", "patch", trunk.key, middle, middle + 12, (trunk.radii[0] * 0.25, trunk.radii[0] * 0.22), trunk.depth + 1
        ),
    ]
    hands = [p for p in pieces if p.name == "hand"]
    if hands:
        cup = hands[-1].end
        extras.append(Piece("", "cup", hands[-1].key, cup, cup + 30j, (24, 20), hands[-1].depth + 1, round=False))
    pieces += [extra for extra in extras if random.random() < 0.5]
    if random.random() < 0.5 and body != "tentacled":
        pieces = _mirrored(pieces)
    return _drawn(pieces, style, random)


def _below(pieces, key):
    found = {key}
    for _ in pieces:
        found |= {p.key for p in pieces if p.parent in found}
    return found


def _turned(pieces, key, turn):
    """A piece turned about its pivot, with all that hangs from it."""
    about, moved = next(p.pivot for p in pieces if p.key == key), _below(pieces, key)
    spin = complex(np.exp(1j * turn))
    return [
        p._replace(pivot=about + (p.pivot - about) * spin, end=about + (p.end - about) * spin) if p.key in moved else p
        for p in pieces
    ]


def _larger(pieces, name, by):
    key = next(p.key for p in pieces if p.name == name)
    about, moved = next(p.pivot for p in pieces if p.key == key), _below(pieces, key)
    return [
        p._replace(
            pivot=about + (p.pivot - about) * by,
            end=about + (p.end - about) * by,
            radii=(p.radii[0] * by, p.radii[1] * by),
        )
        if p.key in moved
        else p
        for p in pieces
    ]


def _drawn(pieces, style, random, soft=0.0):
    size = float(np.exp(random.uniform(np.log(300), np.log(3000)))) / 1000
    drawn = min(size, 0.6)  # drawn at most so large, and scaled on the board
    names = _names(pieces, style, random)
    puppet, pictures, keys = Puppet(), {}, {}
    for piece in sorted(pieces, key=lambda one: one.depth):
        picture, corner = _drawing(piece, drawn, random)
        picture, corner = _softened(picture, corner, soft, drawn) if soft else (picture, corner)
        number = f"{len(pictures):064d}"
        pictures[number] = picture
        drawing = Drawing(number, picture.shape[1], picture.shape[0])
        at, scale = corner * size, size / drawn
        puppet, key = add_part(puppet, names[piece.key], drawing, Placement(at.real, at.imag, 0.0, scale, scale))
        keys[piece.key] = key
    return Character(
        puppet, pictures,
        {keys[p.key]: keys.get(p.parent, "") for p in pieces},
        {keys[p.key]: _turns_about(p) * size for p in pieces},
        {keys[p.key]: 2 * min(p.radii) * size for p in pieces},
        {keys[p.key]: p.key for p in pieces},
    )  # fmt: skip


def _softened(picture, corner, soft, scale):
    """The same as with a soft brush."""
    pad = math.ceil(3 * soft) + 1
    alpha = cv2.GaussianBlur(np.pad(picture[..., 3], pad), (0, 0), soft)
    return np.dstack([np.full_like(alpha, 120)] * 3 + [alpha]), corner - complex(pad, pad) / scale


def _turns_about(piece):
    """A limb turns about its end; what is as good as a disc has none, and turns about its middle."""
    disc = piece.round and abs(piece.end - piece.pivot) < 0.3 * min(piece.radii)
    return (piece.pivot + piece.end) / 2 if disc else piece.pivot


def _drawing(piece, scale, random):
    finer = 3 * scale
    wide = max(piece.radii) + 8
    ends = (piece.pivot, piece.end)
    left, top = (min(getattr(z, axis) for z in ends) - wide for axis in ("real", "imag"))
    right, bottom = (max(getattr(z, axis) for z in ends) + wide for axis in ("real", "imag"))
    columns, rows = (3 * math.ceil((b - a) * scale) for a, b in ((left, right), (top, bottom)))
    field = np.zeros((rows, columns), np.uint8)
    one, other = ((z - complex(left, top)) * finer for z in ends)
    along = (other - one) / max(abs(other - one), 1e-9) * 1j
    a, b = (radius * finer for radius in piece.radii)
    corners = [one + along * a, one - along * a, other - along * b, other + along * b]
    cv2.fillConvexPoly(field, np.array([[z.real, z.imag] for z in corners]).round().astype(np.int32), 255)
    if piece.round:
        for z, radius in ((one, a), (other, b)):
            cv2.circle(field, (round(z.real), round(z.imag)), round(radius), 255, -1)
    else:
        more = [z - along * s * 1j * r for z, r, s in ((one, a, -1), (other, b, 1))]
        flat = [more[0] + along * a, more[0] - along * a, more[1] - along * b, more[1] + along * b]
        cv2.fillConvexPoly(field, np.array([[z.real, z.imag] for z in flat]).round().astype(np.int32), 255)
    if random.random() < 0.5:
        row, column = np.indices(field.shape, dtype=np.float32)
        noise = random.normal(0, 1, (2, *[max(4, n // 24) for n in field.shape])).astype(np.float32)
        waves = [cv2.resize(n, field.shape[::-1], interpolation=cv2.INTER_CUBIC) * 1.2 * finer for n in noise]
        field = cv2.remap(field, column + waves[0], row + waves[1], cv2.INTER_LINEAR)
    alpha = cv2.resize(field, None, fx=1 / 3, fy=1 / 3, interpolation=cv2.INTER_AREA)
    picture, x, y = trimmed(np.dstack([np.full_like(alpha, 120)] * 3 + [alpha]))
    return picture, complex(left, top) + complex(x, y) / scale


class _Row(NamedTuple):
    """A chain of pieces: headings wander, each piece is a little longer or shorter."""

    side: str
    names: list[str]
    parent: str
    at: complex
    heading: float
    lengths: list[float]
    radii: list[float]
    depth: int
    step: int = 1
    plain: bool = True


class _Figure:
    """A figure that grows piece by piece; most have limbs of one size on both sides."""

    def __init__(self, random):
        self.random, self.pieces = random, list[Piece]()
        self.same, self.sizes = random.random() < 0.7, dict[str, float]()

    def about(self, number, of=""):
        by = self.random.uniform(0.88, 1.12)
        return number * (self.sizes.setdefault(of, by) if of and self.same else by)

    def add(self, *piece):
        self.pieces.append(Piece(*piece))
        return self.pieces[-1]

    def chain(self, *given):
        row = _Row(*given)
        parent, at, heading = row.parent, row.at, row.heading
        for i, name in enumerate(row.names):
            heading += self.random.uniform(-0.3, 0.3)
            end = at + self.about(row.lengths[i], name) * complex(np.exp(1j * heading))
            pair = (row.radii[i], row.radii[i + 1] if i + 1 < len(row.radii) else row.radii[i] * 0.9)
            parent = self.add(row.side, name, parent, at, end, pair, row.depth + row.step * i, row.plain).key
            at = end


DOWN = math.pi / 2


def _pieces(body, random):
    figure = _Figure(random)
    if body in ("biped", "stout", "long", "plates"):
        _upright(figure, body)
    elif body in ("robed", "child", "robot", "raised"):
        _dressed(figure, body)
    else:
        {
            "quadruped": _quadruped, "bird": _bird, "tentacled": _tentacled, "serpent": _serpent,
            "longneck": _longneck, "beetle": _beetle, "eightarm": _eightarm, "swimmer": _swimmer,
        }[body](figure)  # fmt: skip
    return figure.pieces


def _upright(figure, body):
    about = figure.about
    stout, long = (1.5 if body == "stout" else 1.0), (1.35 if body == "long" else 1.0)
    round_ = body != "plates"
    w = about(90 * stout)
    figure.add("", "hips", "", 500 + 560j, 500 + 590j, (w, w * 0.95), 20)
    trunk = figure.add("", "trunk", "hips", 500 + 540j, complex(500, 540 - about(190)), (w * 0.9, w * 1.05), 22, round_)
    neck = trunk.end - 1j * w * 0.8
    figure.add("", "neck", "trunk", neck, neck - 60j, (about(30), about(28)), 21)
    head = figure.add("", "head", "neck", neck - 55j, neck - 55j - 1j * about(100), (about(70), about(85)), 24)
    for side, x, depth in (("far", 1.0, 2), ("near", -1.0, 30)):
        arm, leg = about(34 * stout, "arm"), about(44 * stout, "leg")
        shoulder = trunk.end + complex(x * w * 0.75, 10)
        figure.chain(side, ["upper arm", "forearm", "hand"], "trunk", shoulder, DOWN - 0.35 * x, [150 * long, 140 * long, 50],
                     [arm, arm * 0.85, arm * 0.7, arm * 0.8], depth + 4, 1, round_)  # fmt: skip
        hip = 500 + 590j + complex(x * w * 0.5, 20)
        figure.chain(side, ["thigh", "shin", "foot"], "hips", hip, DOWN - 0.1 * x, [170 * long, 170 * long, 70],
                     [leg, leg * 0.8, leg * 0.6, leg * 0.55], depth, 1, round_)  # fmt: skip
    for i, side in enumerate(("far", "near")):
        eye = head.end + complex((i - 0.5) * 60, 10)
        figure.add(side, "eye", "head", eye, eye + 3, (about(13), about(13)), 26)


def _dressed(figure, body):
    """Two legs and two arms otherwise: below a robe, small with a large head and no neck, of plates with discs, with arms raised."""
    about, child, robot = figure.about, body == "child", body == "robot"
    w = about(70 if child else 85)
    figure.add("", "hips", "", 500 + 560j, 500 + 585j, (w, w * 0.95), 20, not robot)
    trunk = figure.add(
        "", "trunk", "hips", 500 + 545j, complex(500, 545 - about(120 if child else 190)), (w * 0.9, w), 22, not robot
    )
    top, above = trunk.end - 1j * w * 0.75, "trunk"
    if not child:
        figure.add("", "neck", "trunk", top, top - 55j, (about(30), about(28)), 21, not robot)
        top, above = top - 50j, "neck"
    head = figure.add(
        "",
        "head",
        above,
        top,
        top - 1j * about(130 if child else 95),
        (about(95 if child else 70), about(110 if child else 85)),
        24,
    )
    raised = {"raised": {"far": -1.9, "near": 0.55}, "robot": {"far": -0.2, "near": 0.2}}.get(
        body, {"far": -0.3, "near": 0.3}
    )
    long = 0.6 if child else 1.0
    for side, x, depth in (("far", 1.0, 2), ("near", -1.0, 30)):
        arm, leg = about(32, "arm"), about(42, "leg")
        shoulder = trunk.end + complex(x * w * 0.75, 12)
        figure.chain(side, ["upper arm", "forearm", "hand"], "trunk", shoulder, DOWN + raised[side], [150 * long, 140 * long, 45],
                     [arm, arm * 0.85, arm * 0.7, arm * 0.8], depth + 4, 1, not robot)  # fmt: skip
        hip = 500 + 585j + complex(x * w * 0.5, 20)
        figure.chain(side, ["thigh", "shin", "foot"], "hips", hip, DOWN - 0.05 * x, [170 * long, 170 * long, 60],
                     [leg, leg * 0.8, leg * 0.6, leg * 0.55], depth, 1, not robot)  # fmt: skip
    if body == "robed":
        figure.add("", "robe", "trunk", trunk.end + 40j, 500 + 830j, (w * 1.0, w * 1.7), 26)
    if robot:
        for part in [piece for piece in figure.pieces if piece.name in ("forearm", "shin")]:
            word = {"forearm": "elbow disc", "shin": "knee disc"}[part.name]
            figure.add(
                part.side, word, part.key, part.pivot, part.pivot + 1, (part.radii[0] * 0.7,) * 2, part.depth + 1
            )
    for i, side in enumerate(("far", "near")):
        eye = head.end + complex((i - 0.5) * 55, 20)
        figure.add(side, "eye", "head", eye, eye + 3, (about(13), about(13)), 27)


def _longneck(figure):
    about = figure.about
    figure.add("", "trunk", "", 350 + 520j, 620 + 510j, (about(105), about(100)), 20)
    neck = figure.add("", "neck", "trunk", 660 + 470j, 740 + 200j, (about(52), about(36)), 19)
    figure.add("", "head", "neck", neck.end - 5j, neck.end + 95 + 15j, (about(48), about(32)), 25)
    _four_legs(figure, 330 + 570j, 640 + 570j, [160, 155, 40], 40, (28, -14))
    figure.chain("", ["tail 1", "tail 2"], "trunk", 260 + 490j, math.pi * 0.8, [70, 70], [22, 18, 12], 8)
    figure.add("near", "eye", "head", neck.end + 40 - 8j, neck.end + 43 - 8j, (10, 10), 26)


def _beetle(figure):
    about = figure.about
    figure.add("", "trunk", "", 300 + 480j, 560 + 480j, (about(120), about(110)), 20)
    figure.add("", "head", "trunk", 650 + 480j, 730 + 490j, (about(75), about(60)), 18)
    for side, depth in (("far", 2), ("near", 30)):
        for which, x in (("first", 560.0), ("second", 440.0), ("third", 320.0)):
            w = about(26, which)
            figure.chain(side, [f"{which} thigh", f"{which} shin", f"{which} foot"], "trunk", complex(x + (20 if side == "far" else -8), 560), DOWN,
                         [110, 115, 50], [w, w * 0.8, w * 0.6, w * 0.5], depth)  # fmt: skip
        figure.add(
            side,
            "feeler",
            "head",
            760 + 440j,
            850 + 350j + (12 if side == "far" else 0),
            (12, 7),
            17 + (side == "near"),
        )
    figure.add("near", "eye", "head", 735 + 465j, 738 + 465j, (14, 14), 26)


def _eightarm(figure):
    about = figure.about
    figure.add("", "mantle", "", 500 + 380j, 500 + 250j, (about(135), about(145)), 40)
    for i in range(8):
        at = 500 + 465j + (i - 3.5) * 33
        figure.chain("", [f"arm {'abcdefgh'[i]} {j + 1}" for j in range(3)], "mantle", at, DOWN + (i - 3.5) * 0.38,
                     [120, 110, 95], [30, 25, 19, 12], 2 + 4 * i)  # fmt: skip
    for i, side in enumerate(("far", "near")):
        figure.add(
            side, "eye", "mantle", complex(455 + 90 * i, 330), complex(458 + 90 * i, 330), (about(22), about(22)), 44
        )


def _swimmer(figure):
    """Half a body with a tail: merfolk."""
    about = figure.about
    w = about(80)
    trunk = figure.add("", "trunk", "", 500 + 520j, complex(500, 520 - about(170)), (w * 0.85, w), 22)
    neck = trunk.end - 1j * w * 0.8
    figure.add("", "neck", "trunk", neck, neck - 50j, (about(28), about(26)), 21)
    head = figure.add("", "head", "neck", neck - 45j, neck - 45j - 1j * about(95), (about(68), about(80)), 24)
    for side, x, depth in (("far", 1.0, 2), ("near", -1.0, 30)):
        arm = about(30, "arm")
        figure.chain(side, ["upper arm", "forearm", "hand"], "trunk", trunk.end + complex(x * w * 0.75, 12), DOWN - 0.35 * x, [140, 130, 45],
                     [arm, arm * 0.85, arm * 0.7, arm * 0.8], depth + 4)  # fmt: skip
    figure.chain(
        "", ["tail 1", "tail 2", "tail 3"], "trunk", 500 + 560j, DOWN - 0.25, [150, 140, 120], [72, 58, 42, 26], 19, -1
    )
    end = figure.pieces[-1].end
    figure.add("", "fin", "tail 3", end, end + complex(0, 70), (28, 70), 10)
    for i, side in enumerate(("far", "near")):
        eye = head.end + complex((i - 0.5) * 55, 12)
        figure.add(side, "eye", "head", eye, eye + 3, (about(12), about(12)), 27)


def _four_legs(figure, hind, front, lengths, width, off):
    """Both legs of the far side, then of the near one, so far `off` to the side."""
    for side, depth, x in (("far", 2, off[0]), ("near", 30, off[1])):
        for which, at in (("hind", hind), ("front", front)):
            w = figure.about(width, which)
            figure.chain(side, [f"{which} {piece}" for piece in ("thigh", "shin", "foot")], "trunk", at + x, DOWN,
                         lengths, [w, w * 0.75, w * 0.55, w * 0.6], depth)  # fmt: skip


def _quadruped(figure):
    about = figure.about
    figure.add("", "trunk", "", 380 + 450j, 680 + 440j, (about(110), about(100)), 20)
    figure.add("", "neck", "trunk", 700 + 400j, 790 + 290j, (about(60), about(50)), 19)
    figure.add("", "head", "neck", 790 + 285j, 890 + 310j, (about(60), about(40)), 25)
    _four_legs(figure, 370 + 500j, 690 + 500j, [150, 140, 45], 46, (30, -15))
    figure.chain(
        "", ["tail 1", "tail 2", "tail 3"], "trunk", 290 + 420j, math.pi * 0.85, [90, 90, 80], [26, 22, 18, 12], 8
    )


def _bird(figure):
    about = figure.about
    figure.add("", "trunk", "", 420 + 520j, 600 + 460j, (about(120), about(110)), 20)
    figure.add("", "head", "trunk", 670 + 370j, 720 + 330j, (about(70), about(66)), 22)
    for side, depth, off in (("far", 3, 40), ("near", 30, -10)):
        figure.chain(
            side, ["wing 1", "wing 2"], "trunk", complex(540 + off, 430), math.pi * 0.9, [170, 170], [50, 40, 18], depth
        )
        figure.chain(
            side,
            ["thigh", "shin", "foot"],
            "trunk",
            complex(480 + off, 600),
            DOWN,
            [90, 130, 60],
            [36, 22, 16, 14],
            depth + 3,
        )
    figure.chain("", ["tail 1", "tail 2"], "trunk", 320 + 560j, math.pi * 0.9, [120, 120], [44, 36, 24], 10)
    figure.add("near", "eye", "head", 735 + 320j, 738 + 320j, (13, 13), 26)


def _tentacled(figure):
    about = figure.about
    figure.add("", "mantle", "", 500 + 380j, 500 + 260j, (about(130), about(140)), 40)
    for i in range(6):
        at = 500 + 460j + (i - 2.5) * 42
        figure.chain("", [f"arm {'abcdef'[i]} {j + 1}" for j in range(4)], "mantle", at, DOWN + (i - 2.5) * 0.42,
                     [110, 105, 100, 90], [34, 29, 24, 19, 12], 2 + 4 * i)  # fmt: skip
    for i, side in enumerate(("far", "near")):
        eye = complex(460 + 80 * i, 330)
        figure.add(side, "eye", "mantle", eye, eye + 3, (about(22), about(22)), 44)


def _serpent(figure):
    figure.add("", "head", "", 160 + 420j, 230 + 400j, (figure.about(60), figure.about(50)), 40)
    names = [f"spine {i + 1}" for i in range(8)]
    figure.chain("", names, "head", 240 + 420j, 0.2, [110] * 8, [46, 45, 44, 42, 38, 34, 28, 22, 14], 30, -1)


_GERMAN = {
    "hips": "Becken", "trunk": "Rumpf", "neck": "Hals", "head": "Kopf", "upper arm": "Oberarm", "forearm": "Unterarm",
    "hand": "Hand", "thigh": "Oberschenkel", "shin": "Unterschenkel", "foot": "Fuß", "eye": "Auge", "tail": "Schwanz",
    "wing": "Flügel", "mantle": "Kopf", "arm": "Arm", "spine": "Wirbel", "hind": "hinten", "front": "vorn",
}  # fmt: skip


# The halves of a limb as other people call them.
_HALVES = {"upper arm": "arm upper", "forearm": "arm lower", "thigh": "leg upper", "shin": "leg lower"}


def _in_halves(piece, number):
    """A piece named as people do who say upper and lower; `number` chooses how."""
    words = piece.name
    for name, half in _HALVES.items():
        if words.endswith(name):
            which = words[: -len(name)].strip()
            words = f"{which} {half}".strip()
    letter = {"near": "R", "far": "L", "": ""}[piece.side]
    if number % 3 == 0:
        return "_".join([*words.split(), *([letter.lower()] if letter else [])])
    if number % 3 == 1:
        return "".join(word.capitalize() for word in reversed(words.split())) + (f".{letter}" if letter else "")
    return f"{words} {letter}".strip()


def _names(pieces, style, random):
    if style == "grouped":
        return names_in_groups(pieces, LAYOUTS[int(random.integers(len(LAYOUTS)))])
    if style == "mixed":
        whole = {each: _names(pieces, each, random) for each in ("plain", "joined", "sided", "halves")}
        styles = random.integers(0, 4, len(pieces))
        return {piece.key: list(whole.values())[styles[i]][piece.key] for i, piece in enumerate(pieces)}
    if style == "halves":
        return {piece.key: _in_halves(piece, i) for i, piece in enumerate(pieces)}
    order = random.permutation(len(pieces))
    forms = ("Layer {}", "Shape {}", "Layer {} copy", "Ebene {}", "image_{:04d}", "{}", "Group 1 copy {}")
    form = forms[int(random.integers(len(forms)))]
    neutral = ["".join(random.choice(list("bdgklmnprstvz"), 2)) + random.choice(list("aiou")) + str(i) for i in order]
    found = {}
    for number, piece in enumerate(pieces):
        words = piece.name.split()
        if style == "default":
            name = form.format(int(order[number]) + 1)
        elif style == "neutral":
            name = (
                neutral[number].rstrip("0123456789") + "xyzwvutsrqponmlkjihgfedcba"[number % 26] + "q" * (number // 26)
            )
        elif style == "joined":
            name = ({"near": "R", "far": "L", "": ""}[piece.side]) + "".join(word.capitalize() for word in words)
        elif style == "sided":
            name = "_".join(words) + {"near": ".R", "far": ".L", "": ""}[piece.side]
        elif style == "german":
            known = _GERMAN.get(piece.name)
            name = known or " ".join(_GERMAN.get(word, word) for word in words)
            name = {"near": "rechts ", "far": "links ", "": ""}[piece.side] + name
        else:
            name = piece.key
        found[piece.key] = name
    return found
