"""Links and responses made ready: what they read and what they add to, as places in the tables of channels."""

from collections.abc import Iterable, Mapping, Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.driving.curves import Curve, curve_of
from umbrite.motion.driving.responses import Ready, ready
from umbrite.rig.channels import channel
from umbrite.rig.driving.rules import is_solved, values_read
from umbrite.rig.errors import RigError
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Puppet

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]
LARGEST = 1e9  # channel values beyond this are cut, so that no product overflows


class Address(NamedTuple):
    """Where the evaluator keeps a channel: the table of its kind, and the column of its owner."""

    what: str
    place: int


class LinkStep(NamedTuple):
    """One link made ready: what it follows (a channel, or by `travel` the joint at that place), its curve, what it drives."""

    source: Address | None
    travel: int
    curve: Curve
    drives: Address


class ResponseStep(NamedTuple):
    """One response made ready: the channels that it reads, or the place of the joint whose turn counts (-1: none), and what it adds where."""

    reads: tuple[Address, ...]
    turned: int
    late: bool  # whether that joint is solved first
    resting: int  # of a set: the number of the variant at rest, which counts as 0
    found: Ready
    drives: tuple[Address, ...]


class Known(NamedTuple):
    """What responses gave the last time, in one frame: at which values, each by itself, and all of it by where it is added."""

    read: list[tuple[float, ...]]
    rows: list[Floats]
    sums: Floats
    columns: dict[tuple[str, int], Floats]
    large: bool


class Together(NamedTuple):
    """Responses that read nothing of one another, followed in one go."""

    steps: tuple[ResponseStep, ...]
    addresses: tuple[Address, ...]  # where they add, each once
    into: Ints  # the place among the addresses of each channel of each of them, in a row
    kinds: tuple[
        tuple[str, Ints, Ints], ...
    ]  # by kind of value: columns of its table, and their places among the addresses
    known: list[Known]  # one at most, exchanged whole


Follower = LinkStep | Together


def together(steps: Sequence[ResponseStep]) -> Together:
    """Responses that read nothing of one another."""
    addresses = tuple(dict.fromkeys(address for step in steps for address in step.drives))
    place = {address: i for i, address in enumerate(addresses)}
    into = np.array([place[address] for step in steps for address in step.drives], dtype=np.intp)
    kinds = []
    for what in dict.fromkeys(address.what for address in addresses):
        mine = [address for address in addresses if address.what == what]
        columns = np.array([address.place for address in mine], dtype=np.intp)
        kinds.append((what, columns, np.array([place[address] for address in mine], dtype=np.intp)))
    return Together(tuple(steps), addresses, into, tuple(kinds), [])


def in_runs(steps: Iterable[LinkStep | ResponseStep]) -> tuple[Follower, ...]:
    """Links one by one, and what responses between them can be followed in one go."""
    found: list[Follower] = []
    run: list[ResponseStep] = []
    added: set[Address] = set()
    for step in (*steps, None):
        if run and not (isinstance(step, ResponseStep) and added.isdisjoint(_read(step))):
            found.append(together(run))
            run, added = [], set()
        if isinstance(step, ResponseStep):
            run.append(step)
            added.update(step.drives)
        elif step is not None:
            found.append(step)
    return tuple(found)


def _read(step: ResponseStep) -> tuple[Address, ...]:
    return step.reads if step.turned < 0 else (Address("turn", step.turned),)


def driven_at(step: LinkStep | ResponseStep | Together) -> tuple[Address, ...]:
    """Where a link or responses add something."""
    if isinstance(step, Together):
        return step.addresses
    return (step.drives,) if isinstance(step, LinkStep) else step.drives


def follower(puppet: Puppet, key: str, owners: Mapping[str, int]) -> LinkStep | ResponseStep:
    """A link or response made ready; `owners` leads from things to their columns. Raises RigError for a channel that can't be."""

    def address(name: str) -> Address:
        found = channel(name)
        if found is None:
            raise RigError(f"There is no value named {name} to link. Choose a joint's or a limb's value.")
        return Address(found.kind.what, owners[found.owner])

    if key in puppet.responses:
        response = puppet.responses[key]
        read, found = address(response.driver), ready(puppet, response)
        one = puppet.sets.get(owner_of(response.driver))
        turned = read.what == "turn"
        return ResponseStep(
            reads=() if turned else tuple(map(address, values_read(puppet, response))),
            turned=read.place if turned else -1,
            late=is_solved(puppet, response.driver),
            resting=one.rest if one is not None else 0,
            found=found,
            drives=tuple(map(address, found.drives)),
        )
    link = puppet.links[key]
    return LinkStep(
        source=None if link.travel else address(link.source),
        travel=owners[link.source] if link.travel else -1,
        curve=curve_of(link),
        drives=address(link.drives),
    )
