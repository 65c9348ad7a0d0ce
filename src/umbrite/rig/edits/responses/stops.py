"""Responses: what a slider, a pad, a joint's turn or a set calls forth at its stops. Nothing changes at rest."""

from collections.abc import Iterable, Mapping

from msgspec.structs import replace

from umbrite.rig.change import change, get_response, names_like, new_id, put, require_finite, take_out, thing
from umbrite.rig.channels import channel, is_channel
from umbrite.rig.driving.dependencies import refuse_circles
from umbrite.rig.driving.rules import MOST_STOPS, has_two_values
from umbrite.rig.errors import RigError
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Point, Puppet, Response, Stop
from umbrite.rig.words.names import unique

SAME = 1e-6  # values that differ by less are one


def response_of(puppet: Puppet, driver: str) -> str | None:
    """The first response that a channel drives; a pad's upright value stands for the pad."""
    driver = driver.removesuffix("_y") if driver.endswith(".value_y") else driver
    return next((key for key, one in puppet.responses.items() if one.driver == driver), None)


def add_response(puppet: Puppet, driver: str, name: str = "") -> tuple[Puppet, str]:
    """A response without stops, which does nothing yet. Refuses a driver that is no value of this puppet."""
    driver = driver.removesuffix("_y") if driver.endswith(".value_y") else driver
    if not is_channel(puppet, driver):
        raise RigError(
            f"There is no value named {driver} to call forth poses. Choose a slider, a pad, a set or a joint."
        )
    puppet, key = new_id(puppet, "response")
    name = unique(name or str(thing(puppet, owner_of(driver)).name), names_like(puppet, "response"))
    return put(puppet, key, Response(name, driver)), key


def stop_at(puppet: Puppet, key: str, at: Point) -> int | None:
    """The number of the stop at a value of the driver; None where there is none."""
    two = has_two_values(puppet, get_response(puppet, key).driver)
    for number, stop in enumerate(puppet.responses[key].stops):
        if abs(stop.at.x - at.x) <= SAME and (not two or abs(stop.at.y - at.y) <= SAME):
            return number
    return None


def put_stop(puppet: Puppet, key: str, at: Point, channels: Mapping[str, float], name: str = "") -> Puppet:
    """What the puppet looks like at a value of the driver, in place of what was said there before. An empty name keeps the one it has.

    Refuses the neutral value, at which the puppet is as it is drawn; channels that the puppet lacks; and circles, naming the loop.
    """
    response = get_response(puppet, key)
    two = has_two_values(puppet, response.driver)
    at = Point(float(at.x), float(at.y) if two else 0.0)
    require_finite(at.x, at.y, *channels.values(), what="A stop")
    if abs(at.x) <= SAME and abs(at.y) <= SAME:
        raise RigError(
            f"At its neutral value {response.name} leaves the puppet as it is drawn. Put the value elsewhere first."
        )
    for each in channels:
        if not is_channel(puppet, each):
            raise RigError(f"There is no value named {each} in this puppet, so the pose was not saved.")
    kept = {each: float(value) for each, value in channels.items() if value != 0 and not drives_itself(response, each)}
    number = stop_at(puppet, key, at)
    stops = list(response.stops)
    if number is not None:
        stops[number] = replace(stops[number], channels=kept, name=name or stops[number].name)
    elif len(stops) >= MOST_STOPS:
        raise RigError(f"{response.name} has {MOST_STOPS} stops, as many as there can be. Remove one first.")
    else:
        stops.append(Stop(at, kept, name))
    changed = change(puppet, key, stops=tuple(sorted(stops, key=lambda stop: (stop.at.x, stop.at.y))))
    refuse_circles(changed)
    return changed


def drives_itself(response: Response, name: str) -> bool:
    """Whether a channel is what drives a response: that says where its stop is, and is no part of it."""
    found = channel(response.driver)
    if found is None or owner_of(name) != found.owner:
        return False
    return found.kind.what == "value" or name == response.driver


def move_stop(puppet: Puppet, key: str, number: int, at: Point) -> Puppet:
    """A stop at another value. Refuses the neutral value and that of another stop."""
    response = get_response(puppet, key)
    stop = get_stop(response, number)
    there = stop_at(puppet, key, at)
    if there is not None and there != number:
        raise RigError(
            f"{response.name} has a stop at this value already. Move it elsewhere, or remove one of the two."
        )
    left = tuple(each for i, each in enumerate(response.stops) if i != number)
    return put_stop(change(puppet, key, stops=left), key, at, stop.channels, stop.name)


def name_stop(puppet: Puppet, key: str, number: int, name: str) -> Puppet:
    """Another name for a stop; an empty one lets its value stand for it."""
    response = get_response(puppet, key)
    stops = list(response.stops)
    stops[number] = replace(get_stop(response, number), name=name.strip())
    return change(puppet, key, stops=tuple(stops))


def remove_stops(puppet: Puppet, key: str, numbers: Iterable[int]) -> Puppet:
    """A response without some stops; without any it is gone."""
    gone = set(numbers)
    left = tuple(stop for i, stop in enumerate(get_response(puppet, key).stops) if i not in gone)
    return change(puppet, key, stops=left) if left else take_out(puppet, key)


def get_stop(response: Response, number: int) -> Stop:
    """A stop of a response by its number. Raises RigError where there is none."""
    if not 0 <= number < len(response.stops):
        raise RigError(f"{response.name} has no stop of that number. Choose one of its stops.")
    return response.stops[number]
