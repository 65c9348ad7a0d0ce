"""What recipes are made of: numbers, choices and words to set, and what comes of them."""

from collections.abc import Callable, Mapping
from typing import Any, NamedTuple

from umbrite.desk.session.session import Session
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take_list import Takes

Values = Mapping[str, Any]


class Dial(NamedTuple):
    """A number to set: from `least` to `most` in steps of `unit`."""

    key: str
    words: str
    least: float
    most: float
    unit: float
    usual: float


class Choose(NamedTuple):
    """One of several things to choose: what people read, and what it stands for; `usual` is chosen at first, or else the first."""

    key: str
    words: str
    options: tuple[tuple[str, Any], ...]
    usual: Any = None


class Line(NamedTuple):
    """Words to type."""

    key: str
    words: str


class Made(NamedTuple):
    """What comes of it: the step's name, the takes, the take to look at, the puppet where that is another one too, and what is said then."""

    step: str
    takes: Takes
    name: str
    puppet: Puppet | None = None
    said: str = ""


class Recipe(NamedTuple):
    """What can be set, and what comes of it. What `plays` is shown walking on, not only at the playhead; of one that `shows` a channel its row on
    the tape is seen meanwhile.
    """

    title: str
    button: str
    settings: tuple[Dial | Choose | Line, ...]
    make: Callable[[Session, Values], Made]
    plays: bool = False
    shows: str = ""
