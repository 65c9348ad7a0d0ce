"""Takes: named pieces of animation of a puppet, as keys of its channels over frames. They stand beside the puppet in the document."""

from collections.abc import Mapping
from typing import Literal

from umbrite.rig.model import Value

NEAREST = 1e-9  # frames between two keys
Interpolation = Literal["smooth", "eased", "straight", "hold", "free"]


class Key(Value, frozen=True, omit_defaults=True, rename={"interpolation": "going"}):
    """A channel's value at a frame, and how it goes on to the next key.

    Eased: `out` is the share of the way's time in which it sets off slowly, `into` that in which it comes in slowly. Free: `out` is
    the slope here and `into` that at the next key, per frame. Frames may lie between whole ones.
    """

    frame: float
    value: float
    interpolation: Interpolation = "smooth"
    out: float = 0.0
    into: float = 0.0


Gait = Literal["walk", "trot", "tripod", "tiptoe"]
GAITS: tuple[Gait, ...] = ("walk", "trot", "tripod", "tiptoe")
Way = Literal["spot", "along", "following"]


class Steps(Value, frozen=True, omit_defaults=True):
    """How a puppet walks: `stride` and `lift` in shares of a leg's length, `cycle` in frames for two steps, `bob` in shares, `lean` in
    radians, `arms` as a share of the stride. On the spot, along with the master, or following it: as far as it has gone.
    """

    gait: Gait = "walk"
    stride: float = 0.55
    cycle: int = 24
    lift: float = 0.12
    bob: float = 0.03
    lean: float = 0.02
    arms: float = 0.5
    way: Way = "spot"


Track = tuple[Key, ...]
"""The keys of one channel, by rising frames."""


LayerWay = Literal["adds", "replaces"]
AMOUNT = "amount"
"""The track of a layer that tells how much of it counts, beside those of its channels; without keys all of it does."""


class Layer(Value, frozen=True, omit_defaults=True):
    """A take laid over another, in the frames of that: what it `adds`, or what it puts in its place. What is `off` does not count."""

    take: "Take"
    way: LayerWay = "adds"
    off: bool = False


class Sound(Value, frozen=True, omit_defaults=True):
    """A sound under a take, `seconds` long; files keep its bytes once, by their fingerprint.

    Its beginning lies `at` that frame. Of it is heard what lies from `starts` to `ends` (seconds of the sound; None is its end); what is cut
    off moves nothing. `marks` are seconds of the sound, rising, that go along with it.
    """

    sha256: str
    name: str
    seconds: float
    at: float = 0.0
    starts: float = 0.0
    ends: float | None = None
    marks: tuple[float, ...] = ()

    @property
    def heard_to(self) -> float:
        """The second of the sound at which it ends to be heard."""
        return self.seconds if self.ends is None else self.ends


class Take(Value, frozen=True):
    """A take: `rate` in frames per second, the `first` and `last` frame that play. A loop's last frame is its first one again. `layers` lie
    over it, the lowest first; they have none themselves.

    `walking`: its feet, body and arms step as far as the master has gone, until that is baked. Loose joints that are `stiff` in it do not swing: their swing stands in its keys, or is not wanted. A `sound` may lie under it.
    """

    name: str
    rate: float = 24.0
    first: int = 0
    last: int = 48
    loop: bool = False
    tracks: Mapping[str, Track] = {}
    stiff: tuple[str, ...] = ()
    walking: Steps | None = None
    layers: tuple[Layer, ...] = ()
    sound: Sound | None = None


def keyed_channels(take: Take) -> set[str]:
    """The names of all channels that a take has keys of."""
    return {name for one in (take, *(layer.take for layer in take.layers)) for name in one.tracks if name != AMOUNT}


Spot = tuple[str, float]
"""Where a key stands: its channel and its frame."""
