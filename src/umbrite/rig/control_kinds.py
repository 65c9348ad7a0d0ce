"""The kinds of controls, in one table: what each does, which values it has, how it looks, and how it is set by words."""

from typing import Literal, NamedTuple

from umbrite.rig.family import ancestors
from umbrite.rig.model import Control, ControlKind, ControlShape, Point, Puppet


class Traits(NamedTuple):
    """What all controls of a kind share.

    `moves` and `turns` say what a drag does to the joint of the control; `values` are the channels of the control's own, for
    kinds that stand beside a joint; `chooses` that it names a set, of whose variants one shows; `whole` that turning and scaling belong to it
    too; `bows` that a drag bows out the limb of its joint, to either side. `word` and `does` are for people, `form` is how the command line sets it, `size` board pixels.
    """

    word: str
    does: str
    shape: ControlShape
    form: Literal["X,Y", "DEGREES", "VALUE", "NAME"]
    moves: bool = False
    turns: bool = False
    values: tuple[str, ...] = ()
    chooses: bool = False
    whole: bool = False
    bows: bool = False
    size: float = 60.0

    @property
    def beside(self) -> bool:
        """Whether it stands beside a joint, and moves none."""
        return bool(self.values) or self.chooses

    @property
    def two_values(self) -> bool:
        """Whether it has a value down as well as one across."""
        return len(self.values) == 2


# fmt: off
CONTROL_KINDS: dict[ControlKind, Traits] = {
    "grip": Traits("grip", "moves", "leaf", "X,Y", moves=True),
    "knob": Traits("knob", "turns", "ring", "DEGREES", turns=True),
    "master": Traits("master control", "moves, turns and scales", "crescent", "X,Y", moves=True, whole=True),
    "slider": Traits("slider", "stands beside", "slot", "VALUE", values=("value",), size=120.0),
    "pad": Traits("pad", "stands beside", "tile", "X,Y", values=("value", "value_y"), size=90.0),
    "chooser": Traits("chooser", "stands beside", "strip", "NAME", chooses=True, size=120.0),
    "bow": Traits("bow grip", "bows", "drop", "X,Y", bows=True, size=34.0),
    "aim": Traits("aim point", "steers the gaze", "eye", "X,Y", moves=True),
}
# fmt: on
MOVING: frozenset[ControlKind] = frozenset(kind for kind, traits in CONTROL_KINDS.items() if traits.moves)
VALUED: frozenset[ControlKind] = frozenset(kind for kind, traits in CONTROL_KINDS.items() if traits.values)
BESIDE: frozenset[ControlKind] = frozenset(kind for kind, traits in CONTROL_KINDS.items() if traits.beside)


def traits(control: Control) -> Traits:
    """What holds for all controls of this one's kind."""
    return CONTROL_KINDS[control.kind]


def span_of(control: Control) -> tuple[Point, Point]:
    """The smallest and largest values of a slider or a pad."""
    return control.least or Point(-1.0, -1.0), control.most or Point(1.0, 1.0)


def control_at_rest(puppet: Puppet, control: Control) -> complex:
    """Where a control stands on the board at rest: its offset from the pivot of what it moves."""
    return puppet.joints[control.moves].pivot.z + control.offset.z


def carrier_of(puppet: Puppet, key: str) -> str | None:
    """The control with which another one travels: the nearest whose joint carries its own; None for the board."""
    control = puppet.controls[key]
    moved = {c.moves: k for k, c in puppet.controls.items() if k != key and not traits(c).beside}
    up = [*([control.moves] if traits(control).beside else []), *ancestors(puppet, control.moves)]
    return next((moved[joint] for joint in up if joint in moved), None)
