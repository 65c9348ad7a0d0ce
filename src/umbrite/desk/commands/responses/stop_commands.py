"""Pose at this value: what is posed from now on belongs to a stop of a slider, a pad, a chooser's set or a joint's turn."""

import math
from collections.abc import Callable

from umbrite.desk.session.drafts import StopDraft
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import REHEARSE, RESHAPE
from umbrite.desk.theme.language import tr
from umbrite.motion.driving.stop_poses import stop_channels
from umbrite.rig.change import thing
from umbrite.rig.channels import shown_unit, shows_value, with_values
from umbrite.rig.control_kinds import span_of, traits
from umbrite.rig.driving.rules import has_two_values, is_solved, is_turn
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.responses.mirroring import mirror_response, mirror_stop
from umbrite.rig.edits.responses.stops import SAME, add_response, put_stop, remove_stops, response_of
from umbrite.rig.errors import RigError
from umbrite.rig.family import children, targets
from umbrite.rig.ids import id_kind, owner_of
from umbrite.rig.model import ControlKind, Point, Puppet

OnStop = Callable[[Session, str, int], None]
NEAR = 0.05  # of a span: so near a stop its value is meant
LEAST_BEND = math.radians(5)
TURNED = math.radians(1)  # a joint that is turned by less is at rest


def driver_of(session: Session) -> str | None:
    """The value that what is selected calls poses forth by: of a slider or pad its own, of a chooser its set's, else a joint's turn."""
    puppet = session.puppet
    controls, joints = session.selection.only("control"), session.selection.of("joint")
    if len(controls) == 1:
        control = puppet.controls[controls[0]]
        if traits(control).chooses:
            return f"{control.chooses}.shows"
        if traits(control).values:
            return f"{controls[0]}.value"
        return f"{control.moves}.turn" if traits(control).turns else None
    return f"{joints[0]}.turn" if len(joints) == 1 and not controls else None


def needs_driver(session: Session) -> str:
    if session.drafts.now.stop is not None or driver_of(session) is not None:
        return ""
    return tr("Select a slider, a pad, a chooser or a joint first; the pose belongs to its value.")


def make(kind: ControlKind) -> Callable[[Session], None]:
    """An action that makes a slider or a pad beside what is selected, which moves nothing until poses are made for it."""

    def work(session: Session) -> None:
        puppet, key = make_control(session.puppet, kind, session.selection.of("joint")[0], linked=False)
        session.edit(tr("Make {kind} {made}", kind=kind, made=puppet.controls[key].name), puppet=puppet)
        session.workspace.go_to(REHEARSE)
        session.selection.select([key])
        session.say(tr("Drag its bead, then pose what belongs there with Pose at this value."))

    return work


def pose_here(session: Session) -> None:
    """Begin to pose for the value that is shown; asked again, keep what was posed."""
    if session.drafts.now.stop is not None:
        keep(session)
        return
    driver = driver_of(session)
    if driver is None:
        raise RigError(needs_driver(session))
    begin(session, driver)


def begin(session: Session, driver: str, at: Point | None = None) -> None:
    """Pose for a value of a driver from now on: for `at`, or that which is shown. Refuses the neutral value."""
    session.workspace.go_to(REHEARSE)
    if at is None:
        at = near_stop(session.puppet, driver, value_shown(session, driver))
    name = thing(session.puppet, owner_of(driver)).name
    if abs(at.z) <= SAME:
        raise RigError(
            tr("{name} is at rest. Turn it first, then pose what goes with it.", name=name)
            if is_turn(driver)
            else tr("{name} is at its neutral value, where the puppet is as drawn. Drag its bead first.", name=name)
        )
    if not is_turn(driver):
        set_value(session, driver, at)
    session.drafts.put(session.drafts.now._replace(stop=StopDraft(driver, at, session.history.now)))
    words = value_text(session.puppet, driver, at)
    session.say(tr("Pose {name} at {value}: Enter accepts it, Esc discards it.", name=name, value=words))


def correct_bend(session: Session) -> None:
    """Reshape what looks wrong at the bend that is shown: of the joint that is bent most here, whose turn calls the correction forth."""
    joint = bent_most(session)
    if joint is None:
        raise RigError(needs_bend(session))
    session.selection.select([joint])
    begin(session, f"{joint}.turn")
    session.workspace.take_tool(RESHAPE)
    turn = value_text(session.puppet, f"{joint}.turn", Point(session.placed.turn(joint), 0.0))
    name = session.puppet.joints[joint].name
    session.say(
        tr("{name} is bent to {turn}: push the art until it looks right. Enter accepts it.", name=name, turn=turn)
    )


def bent_most(session: Session) -> str | None:
    """Of the selected joints, or what lies about them, or else of all inner joints of limbs, the one that is turned most; none near rest."""
    puppet, placed = session.puppet, session.placed
    chosen = session.selection.of("joint")
    about = [other for key in chosen for other in (puppet.joints[key].parent, *children(puppet, key)) if other]
    about += [key for part in session.selection.of("part") if (mesh := puppet.parts[part].mesh) for key in mesh.joints]
    inner = [key for limb in puppet.limbs.values() for key in limb.joints[1:]]
    hooks = targets(puppet)
    for keys in (chosen, about, inner if not chosen else []):
        turns = {key: abs(placed.turn(key)) for key in keys if key not in hooks}
        most = max(turns, key=turns.__getitem__, default=None)
        if most is not None and turns[most] > LEAST_BEND:
            return most
    return None


def needs_bend(session: Session) -> str:
    if session.workspace.station.posed and bent_most(session) is not None:
        return ""
    return tr("Bend a joint in Rehearse first, as far as it looks wrong, and select it.")


def value_shown(session: Session, driver: str) -> Point:
    """The value of a driver as it is shown; of a joint its turn in the end, of a set the number of the variant, 0 for that at rest."""
    puppet, placed, key = session.puppet, session.placed, owner_of(driver)
    if is_turn(driver):
        turn = placed.turn(key)
        return Point(turn if abs(turn) > TURNED else 0.0, 0.0)
    if id_kind(key) == "set":
        return Point(shows_value(puppet.sets[key], placed.chosen(key).number), 0.0)
    across = placed.value(key, driver.rpartition(".")[2])
    return Point(across, placed.value(key, "value_y") if has_two_values(puppet, driver) else 0.0)


def near_stop(puppet: Puppet, driver: str, at: Point) -> Point:
    """The value of the stop that is meant by a value near it; else the value itself."""
    key, reach = response_of(puppet, driver), NEAR * span(puppet, driver)
    places = [stop.at for stop in puppet.responses[key].stops] if key is not None else []
    near = min([*places, Point(0.0, 0.0)], key=lambda place: abs(place.z - at.z))
    return near if abs(near.z - at.z) <= reach else at


def span(puppet: Puppet, driver: str) -> float:
    """How far a driver goes, so that what is near can be told."""
    control = puppet.controls.get(owner_of(driver))
    if control is None:
        return math.pi if is_turn(driver) else 1.0
    least, most = span_of(control)
    return most.x - least.x


def set_value(session: Session, driver: str, at: Point) -> None:
    """Let a driver that people set stand exactly at a value."""
    names = {driver: at.x}
    if has_two_values(session.puppet, driver):
        names[f"{owner_of(driver)}.value_y"] = at.y
    pose = with_values(session.history.now.pose, names)
    if pose != session.history.now.pose:
        session.edit(tr("Set {name}", name=thing(session.puppet, owner_of(driver)).name), pose=pose)


def value_text(puppet: Puppet, driver: str, at: Point) -> str:
    """A value of a driver for people."""
    key = owner_of(driver)
    if key in puppet.sets:
        return next((one.name for one in puppet.sets[key].variants if one.number == round(at.x)), f"{at.x:g}")
    if is_turn(driver):
        return f"{at.x * shown_unit(driver):+.0f}°".replace("-", "\N{MINUS SIGN}")
    values = (at.x, at.y) if has_two_values(puppet, driver) else (at.x,)
    text = ", ".join(f"{value:+.2f}" if round(value, 2) else "0" for value in values)
    return text.replace("-", "\N{MINUS SIGN}")


def keep(session: Session) -> None:
    """Keep what was posed as the stop, as one step of undo; the pose is what it was before, and shows the same."""
    draft, now = session.drafts.now.stop, session.history.now
    if draft is None:
        return
    if now is draft.before:
        session.drafts.put(session.drafts.now._replace(stop=None))
        session.say(tr("Nothing was posed, so nothing was made."))
        return
    puppet, key = now.puppet, response_of(now.puppet, draft.driver)
    if key is None:
        puppet, key = add_response(puppet, draft.driver)
    response, before = puppet.responses[key], draft.before.pose
    channels = stop_channels(puppet, response, draft.at, before, now.pose)
    puppet = put_stop(puppet, key, draft.at, channels)
    words = value_text(puppet, draft.driver, draft.at)
    step = tr("Pose {name} at {value}", name=response.name, value=words)
    session.drafts.put(session.drafts.now._replace(stop=None))
    session.history.back_to(draft.before)
    session.edit(step, puppet=puppet, pose=before)
    session.say(
        tr("{name} shows this pose at {value}. Drag its bead to see it come and go.", name=response.name, value=words)
        if not is_turn(draft.driver)
        else tr("{name} shows this pose when it is turned to {value}.", name=response.name, value=words)
    )


def discard(session: Session) -> None:
    """Everything is as it was when posing for the stop began; what was posed can be done again."""
    draft = session.drafts.now.stop
    if draft is None:
        return
    session.drafts.put(session.drafts.now._replace(stop=None))
    session.history.back_to(draft.before)
    session.spring_back()
    session.say(tr("What was posed was discarded. Ctrl+Shift+Z restores it."))


def go_to(session: Session, key: str, number: int) -> None:
    """Show a stop: the value that calls it forth; what a limb turns can't be turned by hand."""
    response = session.puppet.responses[key]
    if is_solved(session.puppet, response.driver):
        raise RigError(tr("{name} is turned by its limb. Bend it as far as this pose.", name=response.name))
    session.workspace.go_to(REHEARSE)
    set_value(session, response.driver, response.stops[number].at)


def pose_again(session: Session, key: str, number: int) -> None:
    """Pose a stop once more, from how it looks now."""
    response = session.puppet.responses[key]
    if not is_solved(session.puppet, response.driver):
        go_to(session, key, number)
    elif abs(value_shown(session, response.driver).x - response.stops[number].at.x) > NEAR:
        raise RigError(tr("Bend {name} as far as this pose first; its limb turns it.", name=response.name))
    begin(session, response.driver, response.stops[number].at)


def remove(session: Session, key: str, number: int) -> None:
    response = session.puppet.responses[key]
    words = value_text(session.puppet, response.driver, response.stops[number].at)
    step = tr("Remove the pose of {name} at {value}", name=response.name, value=words)
    session.edit(step, puppet=remove_stops(session.puppet, key, [number]))


def mirror_one(session: Session, key: str, number: int) -> None:
    """The stop once more on the other side of its slider or pad."""
    name = session.puppet.responses[key].name
    session.edit(tr("Mirror a pose of {name}", name=name), puppet=mirror_stop(session.puppet, key, number))
    session.say(tr("The pose was mirrored to the other side of {name}.", name=name))


def mirror_all(session: Session) -> None:
    """All that the selected value calls forth, for the other side of the body."""
    driver = driver_of(session)
    key = response_of(session.puppet, driver) if driver is not None else None
    if key is None:
        raise RigError(needs_response(session))
    puppet, made = mirror_response(session.puppet, key)
    response = puppet.responses[made]
    session.edit(tr("Mirror {name}", name=session.puppet.responses[key].name), puppet=puppet)
    session.say(tr("{name} does the same on the other side.", name=response.name))


def needs_response(session: Session) -> str:
    driver = driver_of(session)
    if driver is not None and response_of(session.puppet, driver) is not None:
        return ""
    return tr("Select a slider, a pad, a chooser or a joint that has poses.")
