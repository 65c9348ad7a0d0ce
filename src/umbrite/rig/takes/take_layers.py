"""Takes laid over a take: made, timed, ordered, removed. All of it gives another take."""

from collections.abc import Callable

from msgspec.structs import replace

from umbrite.rig.errors import RigError
from umbrite.rig.takes.keys import paced
from umbrite.rig.takes.take import AMOUNT, Key, Layer, LayerWay, Take
from umbrite.rig.words.names import unique

MOST_LAYERS = 32


def lay_over(take: Take, other: Take, way: LayerWay, frame: float, amount: float = 1.0) -> Take:
    """A take with a copy of another one laid over it, which begins at a frame and runs as fast as it does alone.

    Its sound is left out. A loop laid over a loop is stretched a little, so that it closes where that does. Refuses one that has layers itself, or walks after its
    master, and too many.
    """
    if other.layers or other.walking is not None:
        raise RigError(f"{other.name} has layers or a walk of its own. Make it one take first, or bake its walk.")
    if len(take.layers) >= MOST_LAYERS:
        raise RigError(f"A take has {MOST_LAYERS} layers at most. Make some of them one first.")
    made = replace(paced(other, take.rate / other.rate) if other.rate != take.rate else other, rate=take.rate)
    if take.loop and made.loop:
        whole, own = take.last - take.first, made.last - made.first
        made = paced(made, whole / max(1, round(whole / own)) / own)
        made = replace(made, last=made.first + max(1, whole // max(1, round(whole / own))))
    made = shifted(made, round(frame) - made.first)
    tracks = {**made.tracks, AMOUNT: (Key(float(made.first), float(amount)),)} if amount != 1 else made.tracks
    name = unique(other.name, [layer.take.name for layer in take.layers])
    return replace(take, layers=(*take.layers, Layer(replace(made, name=name, tracks=tracks, sound=None), way)))


def shifted(take: Take, by: int) -> Take:
    """A take that begins and ends so many frames later, with all its keys."""
    if not by:
        return take
    tracks = {name: tuple(replace(key, frame=key.frame + by) for key in track) for name, track in take.tracks.items()}
    sound = take.sound and replace(take.sound, at=take.sound.at + by)
    return replace(take, first=take.first + by, last=take.last + by, tracks=tracks, sound=sound)


def get_layer(take: Take, name: str) -> Layer:
    """A layer by its name. Raises RigError where there is none of that name."""
    found = next((layer for layer in take.layers if layer.take.name == name), None)
    if found is None:
        raise RigError(f"{take.name} has no layer named {name!r}.")
    return found


def put_layer(take: Take, name: str, layer: Layer) -> Take:
    """The take with another layer in the place of one. Raises RigError where there is none of that name."""
    get_layer(take, name)
    return replace(take, layers=tuple(layer if each.take.name == name else each for each in take.layers))


def remove_layer(take: Take, name: str) -> Take:
    """The take without a layer. Raises RigError where there is none of that name."""
    get_layer(take, name)
    return replace(take, layers=tuple(each for each in take.layers if each.take.name != name))


def raise_layer(take: Take, name: str, by: int) -> Take:
    """The take with a layer so many places further up, over others, or down. Raises RigError where there is none of that name."""
    layers = list(take.layers)
    at = layers.index(get_layer(take, name))
    layer = layers.pop(at)
    layers.insert(min(max(at + by, 0), len(layers)), layer)
    return replace(take, layers=tuple(layers))


def each_level(take: Take, how: Callable[[Take], Take]) -> Take:
    """The take and all its layers changed alike."""
    layers = tuple(replace(layer, take=how(layer.take)) for layer in take.layers)
    return replace(how(take), layers=layers) if layers else how(take)
