"""Stops and whole responses on the other side: of a pad, of a slider, of the body."""

from collections.abc import Mapping

from msgspec.structs import replace

from umbrite.rig.change import change, get_response, names_like, new_id, put, thing
from umbrite.rig.channels import channel
from umbrite.rig.driving.dependencies import refuse_circles
from umbrite.rig.driving.rules import is_turn
from umbrite.rig.edits.responses.shapes import add_shape
from umbrite.rig.edits.responses.stops import get_stop, put_stop
from umbrite.rig.edits.shelf import by_kind_and_name
from umbrite.rig.errors import RigError
from umbrite.rig.ids import id_kind, owner_of
from umbrite.rig.merging.rewiring import OTHER, factor_of
from umbrite.rig.mesh import moves_at
from umbrite.rig.model import Point, Puppet, Response, Stop, point
from umbrite.rig.words.names import swapped, unique


def mirror_stop(puppet: Puppet, key: str, number: int) -> Puppet:
    """What a stop says once more at the opposite value, for the other side: near and far by their names, all else mirrored in itself.

    Refuses a stop on a pad's upright middle, whose opposite it is itself.
    """
    response = get_response(puppet, key)
    stop = get_stop(response, number)
    if stop.at.x == 0:
        raise RigError(f"This pose of {response.name} belongs to the middle value, so it has no other side.")
    puppet, channels = _mirrored(puppet, stop.channels)
    return put_stop(puppet, key, Point(-stop.at.x, stop.at.y), channels, swapped(stop.name))


def mirror_response(puppet: Puppet, key: str) -> tuple[Puppet, str]:
    """A response once more for the other side of the body: driven by what drives that side, a copy of the slider or pad where none does.

    Refuses one that moves nothing with another side.
    """
    response = get_response(puppet, key)
    owner = owner_of(response.driver)
    names = {owner_of(name) for stop in response.stops for name in stop.channels}
    others = by_kind_and_name(puppet)
    if not any(_other(puppet, others, name) != name for name in {owner, *names}):
        raise RigError(f"Nothing that {response.name} moves has another side by its name, such as near and far.")
    other = _other(puppet, others, owner)
    if other == owner and owner in puppet.controls:
        puppet, other = _other_control(puppet, owner)
    driver = f"{other}.{response.driver.rpartition('.')[2]}"
    across = factor_of(driver, 1.0, mirrored=True) if is_turn(driver) else 1.0
    stops = []
    for stop in response.stops:
        puppet, channels = _mirrored(puppet, stop.channels)
        stops.append(Stop(Point(stop.at.x * across, stop.at.y), channels, swapped(stop.name)))
    name = unique(swapped(response.name), names_like(puppet, "response"))
    puppet, made = new_id(puppet, "response")
    stops.sort(key=lambda stop: (stop.at.x, stop.at.y))
    puppet = put(puppet, made, Response(name, driver, tuple(stops), response.smooth))
    refuse_circles(puppet)
    return puppet, made


def _other(puppet: Puppet, others: Mapping[tuple[str, str], str], key: str) -> str:
    return others.get((str(id_kind(key)), swapped(thing(puppet, key).name)), key)


def _mirrored(puppet: Puppet, channels: Mapping[str, float]) -> tuple[Puppet, dict[str, float]]:
    """Channels of the other side. Shapes are made anew there."""
    others, found = by_kind_and_name(puppet), dict[str, float]()
    for name, value in channels.items():
        here = channel(name)
        if here is None:
            continue
        if here.owner in puppet.shapes:
            puppet, other = _other_shape(puppet, here.owner, others)
        else:
            other = _other(puppet, others, here.owner)
        found[f"{other}.{here.kind.what}"] = value * here.kind.mirrored
    return puppet, found


def _other_shape(puppet: Puppet, key: str, others: Mapping[tuple[str, str], str]) -> tuple[Puppet, str]:
    """A shape mirrored in its drawing, of the part of the other side; the shape itself where that has no mesh."""
    shape = puppet.shapes[key]
    other = _other(puppet, others, shape.part)
    here, there = puppet.parts[shape.part], puppet.parts[other]
    if here.mesh is None or there.mesh is None:
        return puppet, key
    wide, tall = (there.drawing.width / here.drawing.width, there.drawing.height / here.drawing.height)
    # What is drawn turned over, or once more under a mirrored place, is moved as it is.
    turned = 1 if there.placement.scale_x * here.placement.scale_x < 0 else -1
    z = there.mesh.arrays.vertices
    across = z.real / wide if turned > 0 else here.drawing.width - z.real / wide
    moves = moves_at(shape.moves, here.mesh, across + 1j * z.imag / tall)
    made = [point(complex(move.x * wide * turned, move.y * tall)) for move in moves]
    name = swapped(shape.name)
    known = next((k for k, one in puppet.shapes.items() if one.part == other and one.moves == tuple(made)), None)
    if known is not None:
        return puppet, known
    return add_shape(puppet, other, made, name if name != shape.name else f"{shape.name} mirrored")


def _other_control(puppet: Puppet, key: str) -> tuple[Puppet, str]:
    """A slider or pad once more, for the other side, below the one that is there."""
    control = puppet.controls[key]
    puppet, made = new_id(puppet, "control")
    name = swapped(control.name)
    name = unique(name if name != control.name else f"{control.name} other side", names_like(puppet, "control"))
    place = point(control.offset.z + 1j * (control.size + 20))
    return put(puppet, made, replace(control, name=name, offset=place, side=OTHER[control.side])), made


def set_smooth(puppet: Puppet, key: str, *, smooth: bool) -> Puppet:
    """Whether a response goes smoothly from stop to stop, or straight."""
    get_response(puppet, key)
    return change(puppet, key, smooth=smooth)
