"""Six ways in which people lay the layers of a figure in groups; the names that come of them when groups mean what they say."""

from umbrite.files.layers import Layer, Layered
from umbrite.files.variant_layers import named_by_groups

_OF_ARM, _OF_LEG = ("upper arm", "forearm", "hand"), ("thigh", "shin", "foot")
_HALVES = {"upper arm": "upper", "forearm": "lower", "thigh": "upper", "shin": "lower", "hand": "hand", "foot": "foot"}
_GERMAN = {
    "upper arm": "Oberarm", "forearm": "Unterarm", "hand": "Hand", "thigh": "Oberschenkel", "shin": "Unterschenkel", "foot": "Fuß",
}  # fmt: skip
LAYOUTS = ("halves", "sides", "nested", "rigger", "camel", "german")


def _grouped(piece, layout):
    """The groups of a piece, from the outermost, and the name of its layer in them."""
    words = next((name for name in (*_OF_ARM, *_OF_LEG) if piece.name.endswith(name)), None)
    which = piece.name[: -len(words)].strip() if words else ""
    limb = "arm" if words in _OF_ARM else "leg"
    side, letter = {"near": ("right", "R"), "far": ("left", "L"), "": ("", "")}[piece.side]
    if words is None or not side:
        sides = (side.capitalize(),) if layout == "sides" and side else ()
        return sides, piece.name if sides or not side else f"{piece.name} {letter}"
    group = f"{which} {limb}".strip()
    return {
        "halves": ((f"{group.capitalize()} {letter}",), _HALVES[words]),
        "sides": ((side.capitalize(),), piece.name),
        "nested": (("Figure", f"{side.capitalize()} {group}"), piece.name),
        "rigger": (("CHR", f"{'_'.join(group.split())}_{letter}"), words.replace(" ", "_")),
        "camel": (("".join(word.capitalize() for word in [*group.split(), side]),), "".join(w.capitalize() for w in words.split())),
        "german": ((f"{ {'hind': 'Hinter', 'front': 'Vorder'}.get(which, '') + {'arm': 'Arm', 'leg': 'Bein'}[limb] } {'rechts' if letter == 'R' else 'links'}".strip(),), _GERMAN[words]),
    }[layout]  # fmt: skip


def names_in_groups(pieces, layout):
    """The name of each piece by its key, as it comes out of its groups."""
    layers = []
    for piece in pieces:
        groups, name = _grouped(piece, layout)
        layers.append(Layer(name, b"", 1, 1, 0, 0, groups=groups))
    named = named_by_groups(Layered("figure", 1, 1, tuple(layers))).layers
    return {piece.key: layer.name for piece, layer in zip(pieces, named, strict=True)}
