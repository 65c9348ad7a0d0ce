"""What can be grasped on the board besides the art: frames, rivets, hooks, ends of fans, controls. Plain geometry."""

import cmath
import itertools
from collections.abc import Iterator
from typing import NamedTuple

from umbrite.desk.board.camera import Camera
from umbrite.desk.board.control_places import (
    is_valued,
    notches,
    point_of,
    proposed_controls,
    seen_places,
    shape_box,
    shown_size,
)
from umbrite.desk.board.face import faces
from umbrite.desk.board.part_frame import frame_of, grasps, shown_shift
from umbrite.desk.board.seen import controls_seen, joints_seen, limbs_seen, rivets_seen
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import BONE, CONTROLS, LIMIT, PIVOTS
from umbrite.motion.posing import turned_with
from umbrite.rig.control_kinds import traits
from umbrite.rig.edits.bones import away_from_bone
from umbrite.rig.family import carries, is_carrier, path, targets
from umbrite.rig.limb_shape import rest_direction
from umbrite.rig.model import Control, Limit

RIVET, WASHER, HOOK, FAN, GUIDE, PROPOSED = 8.0, 15.0, 12.0, 64.0, 4.0, 11.0  # widget pixels
NOTCH = 5.0


SHAFT = 7.0


GHOST_LIMIT = Limit(-cmath.pi / 4, cmath.pi / 4)


# How far outside a grip its ring lies, and half of how wide it can be grasped.
RING, RING_HALF = 12.0, 6.0


class Handle(NamedTuple):
    """Something to press on: its kind, the id it belongs to, its board point, and its size in widget pixels."""

    kind: str
    key: str
    at: complex
    radius: float
    detail: str = ""


def washer_radius(session: Session, key: str) -> float:
    """Carriers stacked on one spot get wider washers the more they carry, so that each can be grasped."""
    puppet = session.puppet
    here = puppet.joints[key].pivot
    below = 0
    for other, joint in puppet.joints.items():
        if other != key and joint.pivot == here and is_carrier(puppet, other) and carries(puppet, key, other):
            below += 1
    return WASHER + 6 * below


def handles(session: Session, camera: Camera) -> list[Handle]:
    """All handles of the present station and tool, the ones on top last."""
    return [
        handle
        for face in reversed(faces(session))
        if face.handles is not None
        for handle in face.handles(session, camera)
    ]


def of_parts(session: Session, camera: Camera) -> list[Handle]:
    """The frame around selected parts, and proposed cuts."""
    return [*_frame(session, camera), *_proposed_cuts(session)]


def of_pivots(session: Session, _camera: Camera) -> list[Handle]:
    """Pivots, and those that are proposed."""
    return [*_rivets(session), *_proposed(session)]


def of_limbs(session: Session, camera: Camera) -> list[Handle]:
    """Tips, pivots, hooks, ends of limits, and limbs that are proposed."""
    return [
        *_tips(session),
        *_rivets(session),
        *_hooks(session),
        *_fan_ends(session, camera),
        *_proposed_limbs(session),
    ]


def of_controls(session: Session, camera: Camera) -> list[Handle]:
    """Controls, and those that are proposed."""
    head = session.drafts.now.head
    pieces = head.face.pieces if head is not None and session.workspace.station is CONTROLS else ()
    faces = [Handle("face piece", str(i), piece.middle, PROPOSED) for i, piece in enumerate(pieces)]
    return faces or [*_controls(session, camera), *_notches(session, camera)]


def _notches(session: Session, camera: Camera) -> Iterator[Handle]:
    """The notches of sliders and pads where these are built; the neutral one stays."""
    if session.workspace.station is not CONTROLS:
        return
    for key, control in controls_seen(session).items():
        for number, notch in enumerate(notches(session, key)):
            if number and is_valued(control):
                at = point_of(session, camera, key, notch)
                yield Handle("notch", key, camera.board(complex(at.x(), at.y())), NOTCH, str(number - 1))


def of_posing(session: Session, camera: Camera) -> list[Handle]:
    """The same, where they are shown."""
    return [] if session.workspace.views["bare"] else of_controls(session, camera)


def _frame(session: Session, camera: Camera) -> Iterator[Handle]:
    frame = frame_of(session)
    if frame is None:
        return
    shift = shown_shift(session)
    for name, at in grasps(frame, camera.zoom):
        yield Handle("frame", name, at + shift, 7.0)


def _rivets(session: Session) -> Iterator[Handle]:
    puppet, placed = session.puppet, session.placed
    hooks = {*targets(puppet), *proposed_joints(session)}
    plain: list[Handle] = []
    wide: list[Handle] = []
    for key in rivets_seen(session):
        if key in hooks:
            continue
        carrier = is_carrier(puppet, key)
        radius = washer_radius(session, key) if carrier else RIVET
        (wide if carrier else plain).append(Handle("pivot", key, placed.pivot(key), radius))
    yield from sorted(wide, key=lambda handle: -handle.radius)
    yield from plain


def proposed_joints(session: Session) -> set[str]:
    """Joints that show their proposed pivot instead of their own."""
    return (
        {session.puppet.parts[p.part].joint for p in session.drafts.now.proposals}
        if session.workspace.station is PIVOTS
        else set()
    )


def _proposed(session: Session) -> Iterator[Handle]:
    """Joints that are proposed; the art of a part may be shown moved, its proposed pivot goes along."""
    for proposal in session.drafts.now.proposals:
        key = session.puppet.parts[proposal.part].joint
        yield Handle("proposed joint", proposal.part, complex(session.placed.joint_map(key)(proposal.pivot)), RIVET - 1)


def proposed_limbs(session: Session) -> list[list[complex]]:
    """Board points of each proposed limb, from its root to its end; none of those that do not show."""
    puppet, placed = session.puppet, session.placed
    seen = joints_seen(session)
    ways = [path(puppet, limb.root, limb.end) if limb.root in seen else [] for limb in session.drafts.now.limbs]
    return [[placed.pivot(key) for key in way] for way in ways]


def _proposed_limbs(session: Session) -> Iterator[Handle]:
    """The middles of the bones of proposed limbs, clear of the rivets at their ends."""
    for i, points in enumerate(proposed_limbs(session)):
        for one, other in itertools.pairwise(points):
            yield Handle("proposed limb", str(i), (one + other) / 2, PROPOSED)


def _proposed_cuts(session: Session) -> Iterator[Handle]:
    """The middles of proposed cuts."""
    draft = session.drafts.now.cuts
    for i, cut in enumerate(draft.cuts if draft is not None else ()):
        yield Handle("proposed cut", str(i), (cut.ends[0] + cut.ends[1]) / 2, PROPOSED)


def _tips(session: Session) -> Iterator[Handle]:
    """Tips of bones, where no rivet lies on them."""
    pivots = {joint.pivot for joint in session.puppet.joints.values()}
    for key, joint in joints_seen(session).items():
        if joint.tip is not None and (joint.tip not in pivots or session.workspace.tool is BONE):
            yield Handle("tip", key, session.placed.bone_point(key, joint.tip.z), 7.0)


def bone_at(session: Session, camera: Camera, at: complex) -> str | None:
    """The bone whose shaft lies under a board point at rest."""
    near = {
        key: away_from_bone(session.puppet, key, at) * camera.zoom for key, j in joints_seen(session).items() if j.tip
    }
    best = min(near, key=near.__getitem__, default=None)
    return best if best is not None and near[best] <= SHAFT else None


def _hooks(session: Session) -> Iterator[Handle]:
    for limb_key, limb in limbs_seen(session).items():
        yield Handle("hook", limb_key, session.placed.pivot(limb.target), HOOK, "beside")


def fan_radius(camera: Camera) -> float:
    """The fan's size on the board: never smaller than a finger on the screen."""
    return FAN / camera.zoom


def _fan_ends(session: Session, camera: Camera) -> Iterator[Handle]:
    if session.workspace.tool is not LIMIT:
        return
    for key in fans(session):
        small, large = fan_directions(session, key)
        for end, direction in (("smallest", small), ("largest", large)):
            at = session.placed.pivot(key) + direction * fan_radius(camera)
            yield Handle("limit", key, at, 10.0, end)


def fans(session: Session) -> list[str]:
    """The joints whose fans can be edited now: the selected ones, or those of the selected limb."""
    limbs = [session.puppet.limbs[key] for key in session.selection.only("limb")]
    chosen = [*session.selection.of("joint"), *(joint for limb in limbs for joint in limb.joints)]
    hooks = targets(session.puppet)
    return [key for key in dict.fromkeys(chosen) if key not in hooks]


def fan_directions(session: Session, key: str) -> tuple[complex, complex]:
    """Unit directions on the board of a joint's smallest and largest limit; proposed ones where it has none."""
    limit = session.puppet.joints[key].limit or GHOST_LIMIT
    carrier = session.placed.carrier_map(key)
    zero = rest_direction(session.puppet, key)
    ends = []
    for angle in (limit.smallest, limit.largest):
        way = complex(carrier.direction(zero * cmath.exp(1j * angle)))
        ends.append(way / abs(way) if abs(way) > 0 else 1j)
    return ends[0], ends[1]


def _controls(session: Session, camera: Camera) -> Iterator[Handle]:
    places = seen_places(session, camera)
    for proposed_control in proposed_controls(session):
        yield Handle("proposed", str(proposed_control.number), proposed_control.at, 16.0)
    order = sorted(controls_seen(session).items(), key=lambda item: -item[1].size)
    for key, control in order:
        if session.workspace.station.posed and control.locked:
            continue
        at = camera.board(complex(places[key].x(), places[key].y()))
        radius = shown_size(control, camera) / 2
        if is_valued(control):
            yield Handle("control", key, at, radius, "box")
        elif traits(control).whole:
            yield Handle("control", key, at, radius * 0.8)
            if session.workspace.station.posed:
                horn, bead = master_points(session, key, camera)
                yield Handle("turn", key, horn, 11.0)
                yield Handle("scale", key, bead, 11.0)
        else:
            yield Handle("control", key, at, radius)
            if session.workspace.station.posed and turned_with(session.placed, control) is not None:
                yield Handle("ring", key, at, ring_radius(control, camera), "ring")


def locked_control_at(session: Session, camera: Camera, at: complex) -> str | None:
    """The locked control under a board point, where animators pose; it takes the press, so that nothing behind it moves."""
    if session.workspace.views["bare"]:
        return None
    places, found = seen_places(session, camera), []
    for key, control in controls_seen(session).items():
        if control.locked and control.shown != "never":
            away = abs(camera.board(complex(places[key].x(), places[key].y())) - at) * camera.zoom
            if away <= shown_size(control, camera) / 2:
                found.append((away, key))
    return min(found)[1] if found else None


def ring_radius(control: Control, camera: Camera) -> float:
    """The ring around a grip that turns what it moves, in widget pixels."""
    return shown_size(control, camera) / 2 + RING


def master_points(session: Session, key: str, camera: Camera) -> tuple[complex, complex]:
    """Where the master is grasped for turning (its right horn) and for scaling (the bead at its left horn)."""
    control = session.puppet.controls[key]
    at = session.placed.control_at(control)
    axis = complex(session.placed.joint_map(control.moves).direction(1 + 0j))
    axis = axis / abs(axis) if abs(axis) > 0 else 1 + 0j
    reach = max(shown_size(control, camera) / 2, 30) / camera.zoom * 1.12
    return at + axis * reach, at - axis * reach


def handles_at(session: Session, camera: Camera, at: complex) -> list[Handle]:
    """All handles under a board point: small ones before wide ones, then the nearest, then the selected ones."""
    found: list[tuple[tuple[float, int, bool, int], Handle]] = []
    for i, handle in enumerate(handles(session, camera)):
        place = handle.at
        if handle.detail == "beside":
            place += complex(0, HOOK * 1.3) / camera.zoom  # hooks hang below the rivet that they belong to
        away = abs(place - at) * camera.zoom
        if handle.detail == "box":
            away = 0.0 if shape_box(session, camera, handle.key).contains(camera.point(at)) else 1e9
        reach, order = handle.radius + 2, handle.radius
        if handle.detail == "ring":  # it is thin, and gives way to all else
            away, reach, order = abs(away - handle.radius), RING_HALF, 1e6
        if away <= reach:
            rank = (order, round(away), handle.key not in session.selection.keys, -i)
            found.append((rank, handle))
    return [handle for _, handle in sorted(found, key=lambda item: item[0])]


def handle_at(session: Session, camera: Camera, at: complex) -> Handle | None:
    """The handle under a board point, or the mirror line or guide there."""
    found = handles_at(session, camera, at)
    return found[0] if found else _mirror_at(session, camera, at) or _guide_at(session, camera, at)


def _mirror_at(session: Session, camera: Camera, at: complex) -> Handle | None:
    line = session.drafts.now.mirror
    near = line is not None and abs(at.real - line.x) * camera.zoom <= GUIDE
    return Handle("mirror", "", at, GUIDE, "x") if near else None


def _guide_at(session: Session, camera: Camera, at: complex) -> Handle | None:
    """A guide under a board point, where guides can be moved: with the rulers shown."""
    if not session.workspace.station.guides or not session.workspace.views["rulers"]:
        return None
    for i, guide in enumerate(session.puppet.guides):
        place = at.real if guide.axis == "x" else at.imag
        if abs(place - guide.at) * camera.zoom <= GUIDE:
            return Handle("guide", str(i), at, GUIDE, guide.axis)
    return None
