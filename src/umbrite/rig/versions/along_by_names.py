"""Controls, links and takes by the names of what they are about, for other puppets: as plain values that a clipboard can hold as text.

Lengths are told with the height of the canvas that they were measured on, and grow with the canvas that they come to.
"""

from collections.abc import Iterable, Mapping
from typing import Any

from msgspec.structs import replace

from umbrite.rig.change import new_id, put
from umbrite.rig.channels import channel
from umbrite.rig.document import Document
from umbrite.rig.driving.dependencies import refuse_circles
from umbrite.rig.edits.shelf import by_names, from_names
from umbrite.rig.errors import RigError, readable
from umbrite.rig.ids import owner_of
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.rewiring import copied_take, factor_of, grown
from umbrite.rig.model import Control, Link, Point, Puppet, Response, Value, point
from umbrite.rig.takes.take import AMOUNT, Take, keyed_channels
from umbrite.rig.takes.take_layers import each_level
from umbrite.rig.takes.take_list import take_faults
from umbrite.rig.words.names import unique


class NamedControl(Value, frozen=True):
    """A control, with the names of the joint that it moves and the set that it chooses from."""

    control: Control
    moves: str
    chooses: str = ""


class NamedLink(Value, frozen=True):
    """A link, with the names of what it follows (a joint where it goes by travel) and drives."""

    link: Link
    source: str
    drives: str


class NamedResponse(Value, frozen=True):
    """What a control of the clip calls forth: its response, whose driver and stops go by names."""

    response: Response
    control: str


class Clip(Value, frozen=True):
    """What is taken along by names, and the height of the canvas that it was measured on."""

    format: str
    height: int
    controls: tuple[NamedControl, ...] = ()
    links: tuple[NamedLink, ...] = ()
    take: Take | None = None
    responses: tuple[NamedResponse, ...] = ()


FORMAT = "umbrite-by-names"


def clip_of(document: Document, keys: Iterable[str] = (), take: Take | None = None) -> Clip:
    """Controls and links of these ids by names, and a take, whose tracks go by names then. Raises RigError for nothing."""
    puppet, wanted = document.puppet, list(keys)
    controls = tuple(
        NamedControl(one, puppet.joints[one.moves].name, puppet.sets[one.chooses].name if one.chooses else "")
        for key in wanted
        if (one := puppet.controls.get(key)) is not None
    )
    links = tuple(
        NamedLink(
            link,
            puppet.joints[link.source].name if link.travel else _words(puppet, link.source),
            _words(puppet, link.drives),
        )
        for key in wanted
        if (link := puppet.links.get(key)) is not None
    )
    responses = tuple(
        NamedResponse(_told(puppet, one), puppet.controls[owner_of(one.driver)].name)
        for one in puppet.responses.values()
        if owner_of(one.driver) in wanted and owner_of(one.driver) in puppet.controls
    )
    if not controls and not links and take is None:
        raise RigError("There is no control, link or take to take along. Select some first.")
    if take is not None:

        def told(one: Take) -> Take:
            tracks = {_words(puppet, name): track for name, track in one.tracks.items()}
            return replace(
                one, tracks=tracks, stiff=tuple(puppet.joints[key].name for key in one.stiff if key in puppet.joints)
            )

        take = each_level(take, told)
    return Clip(FORMAT, puppet.height, controls, links, take, responses)


def _told(puppet: Puppet, response: Response) -> Response:
    """A response whose channels go by names."""
    stops = (
        replace(stop, channels={_words(puppet, name): value for name, value in stop.channels.items()})
        for stop in response.stops
    )
    return replace(response, driver=_words(puppet, response.driver), stops=tuple(stops))


def _with_response(puppet: Puppet, told: NamedResponse, control: str, scale: float) -> tuple[Puppet, list[str]]:
    """The puppet with what a pasted control calls forth, as far as it has things of those names; and the names that it lacks."""
    missing, stops = [], []
    for stop in told.response.stops:
        channels = {}
        for words, value in stop.channels.items():
            if (name := _here(puppet, words)) is None:
                missing.append(readable(words.split("/")[1] if "/" in words else words))
            else:
                channels[name] = value * factor_of(name, scale)
        stops.append(replace(stop, channels=channels))
    puppet, key = new_id(puppet, "response")
    name = unique(told.response.name, [one.name for one in puppet.responses.values()])
    driver = f"{control}.{told.response.driver.rpartition('/')[2]}"
    return put(puppet, key, replace(told.response, name=name, driver=driver, stops=tuple(stops))), missing


def _words(puppet: Puppet, name: str) -> str:
    return next(iter(by_names(puppet, {name: 1.0})), name)


def with_clip(document: Document, clip: Clip) -> tuple[Document, list[str], list[str]]:
    """The document with what was taken along, as far as it has things of those names: ids of new controls and links, and the names that it
    lacks. Names are kept apart.

    Raises RigError where it has none of them, and for links that would go round in a circle.
    """
    puppet, scale = document.puppet, document.puppet.height / max(1, clip.height)
    joints = {joint.name: key for key, joint in puppet.joints.items()}
    sets = {one.name: key for key, one in puppet.sets.items()}
    made: list[str] = []
    missing: list[str] = []
    pasted: dict[str, str] = {}
    for each in clip.controls:
        joint, chosen = joints.get(each.moves), sets.get(each.chooses, "")
        if joint is None or (each.chooses and not chosen):
            missing.append(each.chooses if joint is not None else each.moves)
            continue
        name = unique(each.control.name, [one.name for one in puppet.controls.values()])
        puppet, key = new_id(puppet, "control")
        one = replace(
            grown(each.control, scale), name=name, moves=joint, chooses=chosen,
            offset=point(each.control.offset.z * scale),
        )  # fmt: skip
        puppet = put(puppet, key, one)
        made.append(key)
        pasted[each.control.name] = key
    for told in clip.links:
        puppet, key = _with_link(puppet, told, joints, scale)
        made += [key] if key else []
        missing += [] if key else [told.link.name]
    for called in clip.responses:
        if called.control in pasted:
            puppet, lost = _with_response(puppet, called, pasted[called.control], scale)
            missing += lost
    refuse_circles(puppet)
    if fault := next(iter(invariants(puppet)), None):
        raise RigError(f"What was copied can't be pasted here: {fault}.")
    document = replace(document, puppet=puppet)
    if clip.take is not None:
        document, lost = _with_take(document, clip.take, joints, scale)
        missing += lost
    elif not made:
        raise RigError(f"This puppet has nothing named {', '.join(dict.fromkeys(missing))}, so nothing was pasted.")
    return document, made, list(dict.fromkeys(missing))


def _here(puppet: Puppet, words: str) -> str | None:
    """The channel of a name; None where the puppet has none."""
    return next(iter(from_names(puppet, {words: 1.0})[0]), None)


def _with_link(puppet: Puppet, told: NamedLink, joints: Mapping[str, str], scale: float) -> tuple[Puppet, str]:
    link = told.link
    source = joints.get(told.source) if link.travel else _here(puppet, told.source)
    drives = _here(puppet, told.drives)
    if source is None or drives is None:
        return puppet, ""
    across, up = factor_of(source, scale), factor_of(drives, scale)
    name = unique(link.name, [one.name for one in puppet.links.values()])
    puppet, key = new_id(puppet, "link")
    points = tuple(Point(p.x * across, p.y * up) for p in link.points)
    return put(puppet, key, replace(link, name=name, source=source, drives=drives, points=points)), key


def _with_take(document: Document, told: Take, joints: Mapping[str, str], scale: float) -> tuple[Document, list[str]]:
    missing: list[str] = []

    def here(one: Take) -> Take:
        tracks: dict[str, Any] = {}
        for words, track in one.tracks.items():
            name = AMOUNT if words == AMOUNT else _here(document.puppet, words)
            if name is None or (name != AMOUNT and channel(name) is None):
                missing.append(readable(words))
            else:
                tracks[name] = track
        return replace(one, tracks=tracks, stiff=tuple(joints[name] for name in one.stiff if name in joints))

    found = each_level(told, here)
    if not keyed_channels(found):
        raise RigError(f"This puppet has nothing of what the take {told.name} moves, so it was not pasted.")
    name = unique(told.name, [take.name for take in document.takes])
    take = copied_take(replace(found, name=name), {}, scale)
    if fault := next(take_faults((take,)), None):
        raise RigError(f"The take can't be pasted: {fault}.")
    return replace(document, takes=(*document.takes, take)), missing
