"""What each station shows over the art."""

import cmath
import itertools

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QPainter, QPolygonF

from umbrite.art.building.body_plan import places_of
from umbrite.art.building.placing import carrying
from umbrite.desk.board import handles
from umbrite.desk.board.camera import Camera
from umbrite.desk.board.face import faces
from umbrite.desk.board.overlay import (
    art_overlay,
    control_overlay,
    cut_overlay,
    face_overlay,
    mesh_overlay,
    posing_overlay,
    ruler_overlay,
    take_overlay,
)
from umbrite.desk.board.overlay.sight import Sight
from umbrite.desk.board.overlay.standing import Sign, Standing
from umbrite.desk.board.seen import joints_seen, limbs_seen, rivets_seen
from umbrite.desk.commands.building.plan_commands import SURE
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import LIMIT
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.rig.family import branch, carriers, targets
from umbrite.rig.limb_shape import STRAIGHT, bends_to, drawn_bend, rest_direction
from umbrite.rig.model import Limb
from umbrite.rig.placement import middle_of_part

BELOW = 30.0  # widget pixels from a target to the words below its control


def paint(painter: Inked, sight: Sight) -> None:
    """Everything over the art for the present station."""
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    station = sight.session.workspace.station
    if sight.session.timeline.bare:  # nothing but the art, and as many frames as there can be
        return
    if station.guides:
        ruler_overlay.paint_guides(painter, sight.session, sight.camera, sight.within)
    art_overlay.paint_faint(painter, sight.session, sight.camera, sight.feedback.faint)
    art_overlay.paint_ghosts(
        painter, sight.session, sight.camera, sight.feedback.ghosts or sight.session.drafts.now.swept
    )
    art_overlay.paint(painter, sight.session, sight.camera, sight.hover)
    art_overlay.paint_marks(painter, sight.camera, sight.feedback.marks)
    if station.timed:
        take_overlay.paint(painter, sight)
    posing_overlay.paint(painter, sight)
    cut_overlay.paint(painter, sight)
    face_overlay.paint(painter, sight)
    for face in reversed(faces(sight.session)):
        if face.paint is not None:
            face.paint(painter, sight)
    ruler_overlay.paint_mirror_line(painter, sight.session, sight.camera, sight.within)
    if station.guides and sight.session.workspace.views["rulers"]:
        ruler_overlay.paint_rulers(painter, sight.camera, sight.within)
    if station.posed and not sight.session.workspace.views["bare"]:
        for hold in sight.session.drafts.now.holds:
            place = complex(sight.session.placed.joint_map(hold.joint)(hold.at))
            marks.nail(painter, sight.camera.point(place))
    stop = station.posed and sight.session.drafts.now.stop is not None
    if stop or (station.timed and sight.session.timeline.keying):  # loud: what is posed here is kept
        marks.stitched(painter, sight.within.adjusted(2, 2, -2, -2))
    if sight.session.drafts.now.pin is not None:
        marks.pin(painter, sight.camera.point(sight.session.drafts.now.pin))
    _feedback(painter, sight)


def paint_pivots(painter: Inked, sight: Sight) -> None:
    """Parent links, pivots, and what is proposed of both."""
    _cords(painter, sight)
    _rivets(painter, sight)
    _proposed(painter, sight)
    _proposed_plan(painter, sight)


def paint_controls(painter: Inked, sight: Sight) -> None:
    """Controls, and how far limbs are from what they can't reach; nothing where only the puppet is shown."""
    workspace = sight.session.workspace
    if workspace.station.posed and workspace.views["bare"]:
        return
    distances = _unreached(painter, sight)
    control_overlay.paint(painter, sight)
    for spot, words in distances:  # over the controls, never under one
        marks.small_label(painter, spot, words)


def paint_limbs(painter: Inked, sight: Sight) -> None:
    """Bones, limbs and limits; while a mesh is worked on that and its rivets alone."""
    mesh_overlay.paint(painter, sight)
    if sight.session.workspace.tool.on_mesh:
        _rivets(painter, sight)
        return
    _bones(painter, sight)
    _limbs(painter, sight)
    _fans(painter, sight)
    _rivets(painter, sight)
    _hooks(painter, sight)
    _proposed_limbs(painter, sight)


def _hot(sight: Sight, key: str, kind: str) -> bool:
    return sight.hover is not None and sight.hover.key == key and sight.hover.kind == kind


def standing_marks() -> dict[str, Standing]:
    """The marks that are kept as ready pictures, for a board to hold."""
    return {"cords": Standing(_cord), "rivets": Standing(_rivet)}


def _cord(painter: Inked, camera: Camera, sign: Sign) -> None:
    start, end, lit, far = sign
    marks.cord(painter, camera.point(start), camera.point(end), lit=lit, far=abs(start - end) > far)


def _rivet(painter: Inked, camera: Camera, sign: Sign) -> None:
    at, wide, side, set_, lit, hot = sign
    if wide:
        marks.washer(painter, camera.point(at), wide, lit=lit, hot=hot)
    else:
        marks.rivet(painter, camera.point(at), side, set_=set_, lit=lit, hot=hot)


def _cords(painter: Inked, sight: Sight) -> None:
    """Parent links: of the selected branch, or of all with the cords shown."""
    session = sight.session
    puppet, pivots = session.puppet, session.placed.pivots()
    chosen = set(session.selection.of("joint"))
    lit = {key for top in chosen for key in branch(puppet, top)}
    hooks = targets(puppet)
    wanted = joints_seen(session) if session.workspace.views["cords"] else lit
    far = 0.5 * max(puppet.width, puppet.height)  # so far from its parent that the link deserves a second look
    signs: dict[str, Sign] = {}
    for key in wanted:
        joint = puppet.joints[key]
        parent = joint.parent
        if parent is None or key in hooks:
            continue
        signs[key] = (pivots[key], pivots[parent], key in chosen, far)
    sight.keep("cords", painter, signs)


def _rivets(painter: Inked, sight: Sight) -> None:
    session = sight.session
    puppet, pivots = session.puppet, session.placed.pivots()
    chosen = {*session.selection.of("joint"), *sight.feedback.lit}
    hooks = {*targets(puppet), *handles.proposed_joints(session)}
    bare = carriers(puppet.joints, puppet.parts, puppet.order, puppet.limbs) - hooks
    widths = {key: handles.washer_radius(session, key) for key in rivets_seen(session) if key in bare}
    hot = sight.hover.key if sight.hover is not None and sight.hover.kind == "pivot" else None
    signs: dict[str, Sign] = {}
    for key in sorted(widths, key=lambda k: -widths[k]):
        signs[f"washer {key}"] = (pivots[key], widths[key], "", True, key in chosen, key == hot)
    inside = {puppet.joints[key].pivot for key in widths}
    plain = (
        {joint.pivot for key, joint in puppet.joints.items() if key not in widths and key not in hooks}
        if widths
        else set()
    )
    for key, joint in rivets_seen(session).items():
        if key in hooks or (key in widths and joint.pivot in plain):
            continue
        lit = key in chosen and not (key in widths and joint.pivot in inside and key not in sight.feedback.lit)
        signs[key] = (pivots[key], 0.0, joint.side, joint.pivot_set, lit, key == hot)
    sight.keep("rivets", painter, signs)


def _proposed(painter: Inked, sight: Sight) -> None:
    """Proposed joints: a pencil cord to what should carry it, and a hollow rivet; doubtful ones with a question mark."""
    session, camera = sight.session, sight.camera
    puppet, placed = session.puppet, session.placed
    pivots = {p.part: p.pivot for p in session.drafts.now.proposals}
    for proposal in session.drafts.now.proposals:
        key, above = (puppet.parts[part].joint for part in (proposal.part, proposal.parent))
        start = camera.point(complex(placed.joint_map(key)(proposal.pivot)))
        upper = pivots.get(proposal.parent, puppet.joints[above].pivot.z)
        end = camera.point(complex(placed.joint_map(above)(upper)))
        marks.paint_proposed_cord(painter, start, end)
    for proposal in session.drafts.now.proposals:
        key = puppet.parts[proposal.part].joint
        at = camera.point(complex(placed.joint_map(key)(proposal.pivot)))
        hot = _hot(sight, proposal.part, "proposed joint")
        marks.paint_proposed_pivot(painter, at, sure=proposal.confidence >= 0.5, hot=hot)
        if hot and not sight.feedback.readout:
            names = puppet.parts[proposal.part].name, puppet.parts[proposal.parent].name
            text = f"{names[0]} on {names[1]}, {proposal.confidence:.0%} sure"
            marks.label(painter, sight.pointer, text, sight.within)


def _proposed_plan(painter: Inked, sight: Sight) -> None:
    """What a body plan would hang together: a pencil cord from each piece on a place to the one that carries it."""
    draft = sight.session.drafts.now.plan
    if draft is None:
        return
    puppet, camera = sight.session.puppet, sight.camera
    for place in places_of(draft.filled.plan):
        part = draft.filled.pieces.get(place.name)
        above = carrying(draft.filled, place)
        if part is None or above is None:
            continue
        start, end = (camera.point(middle_of_part(puppet.parts[key])) for key in (part, above))
        marks.paint_proposed_cord(painter, start, end)
    for name, part in draft.filled.pieces.items():
        sure = name in draft.held or draft.filled.sure[name] >= SURE
        marks.paint_proposed_pivot(painter, camera.point(middle_of_part(puppet.parts[part])), sure=sure, hot=False)


def _proposed_limbs(painter: Inked, sight: Sight) -> None:
    """Limbs that the names tell: pencil cords from the end to the root, hollow at their joints; faint where left out."""
    for i, points in enumerate(handles.proposed_limbs(sight.session)):
        limb = sight.session.drafts.now.limbs[i]
        hot = _hot(sight, str(i), "proposed limb")
        spots = [sight.camera.point(z) for z in points]
        painter.setOpacity(0.3 if limb.left_out else 1.0)
        for upper, lower in itertools.pairwise(spots):
            marks.paint_proposed_cord(painter, lower, upper)
            marks.paint_proposed_pivot(painter, (upper + lower) / 2, sure=True, hot=hot)
        painter.setOpacity(1.0)
        if hot:
            joints = sight.session.puppet.joints
            words = f"{joints[limb.root].name} to {joints[limb.end].name}"
            marks.label(
                painter, sight.pointer, tr("{words}, left out", words=words) if limb.left_out else words, sight.within
            )


def limb_points(session: Session, limb: Limb) -> list[complex]:
    """Board points of a limb as shown: its joints' pivots and its tip."""
    placed = session.placed
    points = [placed.pivot(key) for key in limb.joints]
    if limb.end is not None:
        return [*points, placed.pivot(limb.end)]
    tip = limb.tip.z if limb.tip is not None else 0j
    return [*points, placed.bone_point(limb.joints[-1], tip)]


def _bones(painter: Inked, sight: Sight) -> None:
    """Joints with a tip: a dowel from head to tip with a notch there; limbs draw their own dowels over it."""
    session, camera = sight.session, sight.camera
    placed = session.placed
    for key, joint in joints_seen(session).items():
        if joint.tip is None:
            continue
        head = camera.point(placed.pivot(key))
        tip = camera.point(placed.bone_point(key, joint.tip.z))
        marks.dowel(painter, head, tip, joint.side, lit=key in session.selection.keys)
        marks.notch(painter, head, tip, hot=_hot(sight, key, "tip"))
    chain = session.drafts.now.bones.chain
    if chain is not None and sight.feedback.bone is None and sight.pointer.x() > 0:
        tip_of = session.puppet.joints[chain].tip
        if tip_of is not None:
            painter.setPen(marks.pen(look.with_alpha(painter.theme.ink, 120), 1.4, Qt.PenStyle.DashLine))
            painter.drawLine(camera.point(placed.bone_point(chain, tip_of.z)), sight.pointer)


def _limbs(painter: Inked, sight: Sight) -> None:
    session, camera = sight.session, sight.camera
    for key, limb in limbs_seen(session).items():
        lit = key in session.selection.keys or any(joint in session.selection.keys for joint in limb.joints)
        points = [camera.point(z) for z in limb_points(session, limb)]
        if lit and len(points) > 2:
            _reach(painter, points)
        for start, end in itertools.pairwise(points):
            marks.dowel(painter, start, end, limb.side, lit=lit)
        if len(points) > 2:
            straight = abs(drawn_bend(session.puppet, limb)) < STRAIGHT
            _bend(painter, points, bends_to(session.puppet, limb), unsure=straight and not limb.side_chosen)


def _reach(painter: Inked, points: list[QPointF]) -> None:
    """A pale ring: what the limb can reach."""
    lengths = [_length(b - a) for a, b in itertools.pairwise(points)]
    painter.setBrush(look.with_alpha(painter.theme.selected, 16))
    painter.setPen(marks.pen(look.with_alpha(painter.theme.selected, 120), 1.4))
    painter.drawEllipse(points[0], sum(lengths), sum(lengths))


def _length(way: QPointF) -> float:
    return float((way.x() ** 2 + way.y() ** 2) ** 0.5)


def _bend(painter: Inked, points: list[QPointF], bend: int, *, unsure: bool) -> None:
    """Outwards from the middle joint, square to the line from root to tip: clockwise bends point to its left."""
    way = points[2] - points[0]
    outwards = QPointF(way.y(), -way.x()) * bend
    marks.bend_arrow(painter, points[1], outwards, painter.theme.amber if unsure else painter.theme.vermilion)


def _hooks(painter: Inked, sight: Sight) -> None:
    session, camera = sight.session, sight.camera
    for key, limb in limbs_seen(session).items():
        at = camera.point(session.placed.pivot(limb.target))
        marks.hook(painter, at, limb.side, lit=key in session.selection.keys, hot=_hot(sight, key, "hook"))


def _fans(painter: Inked, sight: Sight) -> None:
    session, camera = sight.session, sight.camera
    if session.workspace.tool is not LIMIT:
        return
    edited = sight.feedback.limit_end
    for key in handles.fans(session):
        small, large = handles.fan_directions(session, key)
        carrier = session.placed.carrier_map(key)
        turn = session.placed.turn(key)
        now = complex(carrier.direction(rest_direction(session.puppet, key) * cmath.exp(1j * turn)))
        end = edited[1] if edited is not None and edited[0] == key else ""
        if sight.hover is not None and sight.hover.kind == "limit" and sight.hover.key == key and not end:
            end = sight.hover.detail
        marks.fan(
            painter,
            camera.point(session.placed.pivot(key)),
            handles.FAN,
            marks.Fan(
                small,
                large,
                now / abs(now) if abs(now) > 0 else 1j,
                proposed=session.puppet.joints[key].limit is None,
                end=end,
            ),
        )


def _unreached(painter: Inked, sight: Sight) -> list[tuple[QPointF, str]]:
    """A thin cord from the tip of a limb to its target where it can't reach it; a glow where a limit is reached.

    Gives the distances and where they are told: beside the target, clear of its control.
    """
    session, camera = sight.session, sight.camera
    distances: list[tuple[QPointF, str]] = []
    seen = limbs_seen(session)
    for i, (key, limb) in enumerate(session.puppet.limbs.items()):
        if session.placed.limbs.distance[0, i] > 0.5 and key in seen and session.placed.value(key, "blend") < 0.5:
            painter.setPen(marks.pen(painter.theme.paper, 4))
            tip, target = limb_points(session, limb)[-1], session.placed.pivot(limb.target)
            ends = camera.point(tip), camera.point(target)
            painter.drawLine(*ends)
            painter.setPen(marks.pen(painter.theme.brick, 1.8, Qt.PenStyle.DashLine))
            painter.drawLine(*ends)
            words = f"{session.placed.limbs.distance[0, i]:.0f} px"
            distances.append((ends[1] + QPointF(0, BELOW), words))
    if not sight.feedback.readout:
        return distances
    for key, joint in joints_seen(session).items():
        turn = session.placed.turn(key)
        if joint.limit is not None and abs(turn) > 1e-9 and min(
            abs(turn - joint.limit.smallest), abs(turn - joint.limit.largest)
        ) < 1e-9:  # fmt: skip
            at = camera.point(session.placed.pivot(key))
            marks.glow(painter, at, 26)
            painter.setPen(marks.pen(painter.theme.ink, 1.4))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawEllipse(at, 7, 7)
    return distances


def _feedback(painter: Inked, sight: Sight) -> None:
    feedback, camera = sight.feedback, sight.camera
    if feedback.cord is not None:
        marks.cord(painter, camera.point(feedback.cord[0]), camera.point(feedback.cord[1]), lit=True)
        for key in feedback.lit:
            if key in sight.session.puppet.joints:
                joint = sight.session.puppet.joints[key]
                at = camera.point(sight.session.placed.pivot(key))
                marks.rivet(painter, at, joint.side, set_=joint.pivot_set, lit=True, hot=True)
    if feedback.box is not None:
        one, other = (camera.point(z) for z in feedback.box)
        painter.setPen(marks.pen(painter.theme.ink, 1.2, Qt.PenStyle.DashLine))
        painter.setBrush(look.with_alpha(painter.theme.selected, 40))
        painter.drawRect(QRectF(one, other).normalized())
    if feedback.bone is not None:
        start, end = (camera.point(z) for z in feedback.bone)
        marks.dowel(painter, start, end, "middle", lit=True)
    if len(feedback.line) > 1:
        for colour, width in ((painter.theme.paper, 4.5), (painter.theme.ink, 1.8)):
            painter.setPen(marks.pen(colour, width))
            painter.drawPolyline([camera.point(z) for z in feedback.line])
    if len(feedback.loop) > 1:
        line = QPolygonF([camera.point(z) for z in feedback.loop])
        painter.setBrush(look.with_alpha(painter.theme.selected, 40))
        for colour, width in ((painter.theme.paper, 4.0), (painter.theme.ink, 1.6)):
            painter.setPen(marks.pen(colour, width, Qt.PenStyle.DashLine))
            painter.drawPolygon(line)
    if feedback.readout:
        marks.label(painter, sight.pointer, feedback.readout, sight.within)
