"""Links and responses made ready: what they read and what they add to, as places in the tables of channels."""

from collections.abc import Mapping
from typing import NamedTuple

from umbrite.motion.driving.curves import Curve, curve_of
from umbrite.motion.driving.responses import Ready, ready
from umbrite.rig.channels import channel
from umbrite.rig.driving.rules import is_solved, values_read
from umbrite.rig.errors import RigError
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Puppet

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


Follower = LinkStep | ResponseStep


def driven_at(step: Follower) -> tuple[Address, ...]:
    """Where a link or response adds something."""
    return (step.drives,) if isinstance(step, LinkStep) else step.drives


def follower(puppet: Puppet, key: str, owners: Mapping[str, int]) -> Follower:
    """A link or response made ready; `owners` leads from things to their columns."""

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
