"""What drives what, links and responses alike: which channels are read, what has to be placed before, which channels are added to."""

from collections.abc import Mapping
from typing import NamedTuple

from umbrite.rig.channels import channel
from umbrite.rig.control_kinds import traits
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Link, Puppet, Response
from umbrite.rig.remembered import remembered_by

MOST_STOPS = 40  # of one response


class Rule(NamedTuple):
    """One link or response: the channels that it reads, the joint that has to be placed before (empty: none), and the channels that it adds to."""

    reads: tuple[str, ...]
    waits: str
    drives: tuple[str, ...]


def _of(puppet: Puppet) -> tuple[object, ...]:
    return puppet.links, puppet.responses, puppet.limbs, puppet.controls


@remembered_by(_of)
def rules(puppet: Puppet) -> Mapping[str, Rule]:
    """All links and responses, by id."""
    found = {key: _of_link(link) for key, link in puppet.links.items()}
    return found | {key: _of_response(puppet, response) for key, response in puppet.responses.items()}


def _of_link(link: Link) -> Rule:
    return Rule(() if link.travel else (link.source,), link.source if link.travel else "", (link.drives,))


def _of_response(puppet: Puppet, response: Response) -> Rule:
    drives = driven_by(response)
    if is_solved(puppet, response.driver):
        return Rule((), owner_of(response.driver), drives)
    return Rule(values_read(puppet, response), "", drives)


def driven_by(response: Response) -> tuple[str, ...]:
    """The channels that a response moves at any of its stops."""
    return tuple({name: None for stop in response.stops for name in stop.channels})


def has_two_values(puppet: Puppet, driver: str) -> bool:
    """Whether what drives a response is a pad, with a value across and one up."""
    found = channel(driver)
    control = puppet.controls.get(owner_of(driver))
    return found is not None and found.kind.what == "value" and control is not None and traits(control).two_values


def values_read(puppet: Puppet, response: Response) -> tuple[str, ...]:
    """The channels whose values call forth a response."""
    driver = response.driver
    return (driver, f"{owner_of(driver)}.value_y") if has_two_values(puppet, driver) else (driver,)


def is_solved(puppet: Puppet, driver: str) -> bool:
    """Whether a driver is the turn of a joint that a limb turns, which is known only when the limb is solved."""
    joint = owner_of(driver)
    return is_turn(driver) and any(limb.enabled and joint in (*limb.joints, limb.end) for limb in puppet.limbs.values())


def is_turn(driver: str) -> bool:
    """Whether a driver is a joint's turn, which counts as it is in the end."""
    found = channel(driver)
    return found is not None and found.kind.what == "turn"


def driven_channels(puppet: Puppet) -> tuple[str, ...]:
    """All channels that something adds to, each once."""
    return tuple(dict.fromkeys(name for rule in rules(puppet).values() for name in rule.drives))


def is_driven(puppet: Puppet) -> bool:
    """Whether anything in the puppet follows anything."""
    return bool(puppet.links or puppet.responses)
