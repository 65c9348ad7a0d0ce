"""The draw order of guests: each at one depth, unless it is spread."""

from msgspec.structs import replace

from umbrite.rig.model import Puppet


def together(puppet: Puppet, *, behind: bool = False) -> Puppet:
    """The puppet with the parts of each guest that is not spread at one depth: what has come between them lies in front of them, or
    `behind`.
    """
    for guest in puppet.guests.values():
        mine = set(guest.ids.values())
        places = [i for i, key in enumerate(puppet.order) if key in mine]
        if not guest.spread and places and places[-1] - places[0] >= len(places):
            first, last = places[0], places[-1]
            between = tuple(key for key in puppet.order[first : last + 1] if key not in mine)
            own = tuple(puppet.order[i] for i in places)
            row = (*between, *own) if behind else (*own, *between)
            puppet = replace(puppet, order=(*puppet.order[:first], *row, *puppet.order[last + 1 :]))
    return puppet
