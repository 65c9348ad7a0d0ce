"""How the demos act: a head that turns, lids, brows and a smile on sliders, ears, and bends that are corrected by shapes."""

import math
from collections.abc import Callable, Mapping

import numpy as np

from umbrite.art.bending.bendy import mesh_for
from umbrite.art.faces.face_pieces import face_of
from umbrite.art.faces.head_turn import make_head_turn
from umbrite.art.pictures import Picture
from umbrite.rig.change import change
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.meshes.mesh_edits import set_mesh
from umbrite.rig.edits.responses.shapes import add_shape, points_of
from umbrite.rig.edits.responses.stops import add_response, put_stop
from umbrite.rig.model import Point, Puppet, point

Pictures = Mapping[str, Picture]
Push = Callable[[complex], complex]  # from a place in a drawing (0 to 1 across and down) to pixels
WHOLE = math.radians(120)  # how far a joint is bent for its correction


def with_acting(puppet: Puppet, pictures: Pictures) -> Puppet:
    """A demo with what its values call forth."""
    acts = {"Wick": _wick, "Bramble": _bramble, "Inkpot": _inkpot, "Tansy": _tansy}
    return acts[puppet.name](puppet, pictures) if puppet.name in acts else puppet


def _joint(puppet: Puppet, name: str) -> str:
    return next(key for key, joint in puppet.joints.items() if joint.name == name)


def _part(puppet: Puppet, name: str) -> str:
    return next(key for key, part in puppet.parts.items() if part.name == name)


def _slider(puppet: Puppet, name: str, joint: str, at: complex, stops: Mapping[float, Mapping[str, float]]) -> Puppet:
    """A slider of poses from 0 to 1, or from -1 where a stop stands there."""
    puppet, key = make_control(puppet, "slider", _joint(puppet, joint), at, linked=False)
    least = min(0.0, *stops)
    puppet = change(puppet, key, name=name, size=96.0, least=Point(least, -1.0), most=Point(1.0, 1.0), label=name)
    puppet, response = add_response(puppet, f"{key}.value", name)
    for value, channels in stops.items():
        puppet = put_stop(puppet, response, Point(value, 0.0), channels)
    return puppet


def _pushed(puppet: Puppet, pictures: Pictures, name: str, shape: str, push: Push) -> tuple[Puppet, str]:
    """A shape of a part, which gets a mesh for it where it is flat. The shape's channel."""
    key = _part(puppet, name)
    part = puppet.parts[key]
    if part.mesh is None:
        puppet = set_mesh(puppet, key, mesh_for(puppet, key, pictures[part.drawing.sha256], [part.joint], 1.5))
    mesh = puppet.parts[key].mesh
    assert mesh is not None
    wide, tall = part.drawing.width, part.drawing.height
    moves = np.array([push(complex(z.real / wide, z.imag / tall)) for z in mesh.arrays.vertices])
    puppet, made = add_shape(puppet, key, points_of(moves), shape)
    return puppet, f"{made}.amount"


def _put(puppet: Puppet, control: str, at: complex) -> Puppet:
    """A control that stands at a place of the board at rest."""
    stands = puppet.joints[puppet.controls[control].moves].pivot.z
    return change(puppet, control, offset=point(at - stands))


def _lids(puppet: Puppet, joint: str, at: complex, name: str = "Eyes") -> Puppet:
    """Eyes that close by a slider, through what is drawn of them."""
    key = next(key for key, one in puppet.sets.items() if one.name == name)
    return _slider(puppet, "Lids", joint, at, {0.5: {f"{key}.shows": 1.0}, 1.0: {f"{key}.shows": 2.0}})


def _wick(puppet: Puppet, pictures: Pictures) -> Puppet:
    puppet, pad = make_head_turn(puppet, face_of(puppet, [_joint(puppet, "Head")], pictures))
    puppet = _put(puppet, pad, 950 + 110j)
    puppet = _lids(puppet, "Head", 950 + 325j)
    puppet, up = _pushed(puppet, pictures, "Eyes", "Brows up", lambda z: -9j * _over(0.36 - z.imag, 0.18))
    puppet, down = _pushed(
        puppet,
        pictures,
        "Eyes",
        "Brows down",
        lambda z: (3j + 7j * (1 - abs(2 * z.real - 1))) * _over(0.36 - z.imag, 0.18),
    )
    puppet = _slider(puppet, "Brows", "Head", 950 + 225j, {-1.0: {down: 1.0}, 1.0: {up: 1.0}})
    puppet, wide = _pushed(
        puppet, pictures, "Mouth", "Wide smile", lambda z: (2 * z.real - 1) * 8 - 6j * (2 * z.real - 1) ** 2
    )
    puppet, thin = _pushed(
        puppet,
        pictures,
        "Mouth",
        "Tight lips",
        lambda z: -(2 * z.real - 1) * 9 + (5j * (2 * z.real - 1) ** 2 - 9j * (z.imag - 0.3)),
    )
    return _slider(puppet, "Smile", "Head", 950 + 665j, {-1.0: {thin: 1.0}, 1.0: {wide: 1.0}})


def _over(by: float, edge: float) -> float:
    """From 0 to 1 over an edge."""
    share = min(max(by / edge, 0.0), 1.0)
    return share * share * (3 - 2 * share)


def _bramble(puppet: Puppet, pictures: Pictures) -> Puppet:
    near, far = (_joint(puppet, name) for name in ("Near ear", "Far ear"))
    head = puppet.joints[_joint(puppet, "Head")].pivot.z
    up = {f"{near}.turn": 0.5, f"{far}.turn": 0.35}
    puppet = _slider(
        puppet, "Ears", "Head", head + 40 - 300j, {-1.0: {key: -value for key, value in up.items()}, 1.0: up}
    )
    puppet, full = _pushed(
        puppet,
        pictures,
        "Near front shin",
        "Elbow",
        lambda z: complex(-16 if z.real < 0.5 else 0, 0) * _over(0.3 - z.imag, 0.3),
    )
    puppet, key = add_response(puppet, f"{_joint(puppet, 'Near front shin')}.turn", "Near front elbow")
    for way in (-1, 1):
        puppet = put_stop(puppet, key, Point(way * math.radians(40), 0.0), {full: 0.0})
        puppet = put_stop(puppet, key, Point(way * WHOLE, 0.0), {full: 1.0})
    return puppet


def _inkpot(puppet: Puppet, _pictures: Pictures) -> Puppet:
    return _lids(puppet, "Head", puppet.joints[_joint(puppet, "Head")].pivot.z + 330 - 150j)


def _tansy(puppet: Puppet, pictures: Pictures) -> Puppet:
    """Where her neck is bent sharply it keeps its inner side; her beak opens by a slider, through what is drawn of it."""
    puppet, full = _pushed(
        puppet,
        pictures,
        "Neck",
        "Neck bent",
        lambda z: 12 * math.exp(-(((z.imag - 0.45) / 0.16) ** 2)) * (1 if z.real < 0.5 else -0.4),
    )
    key = next(key for key, one in puppet.sets.items() if one.name == "Head")
    head = puppet.joints[_joint(puppet, "Head")].pivot.z
    stops = {0.5: {f"{key}.shows": 1.0}, 1.0: {f"{key}.shows": 2.0}}
    puppet = _slider(puppet, "Beak", "Head", head + 170 - 130j, stops)
    puppet, key = add_response(puppet, f"{_joint(puppet, 'Neck 4')}.turn", "Neck bend")
    for way in (-1, 1):
        puppet = put_stop(puppet, key, Point(way * math.radians(30), 0.0), {full: 0.0})
        puppet = put_stop(puppet, key, Point(way * WHOLE, 0.0), {full: 1.0})
    return puppet
