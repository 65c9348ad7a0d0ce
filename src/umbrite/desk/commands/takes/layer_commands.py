"""Takes laid over the current take: which of them is open for keys, on or off, how much it counts, its order; and all made one."""

import numpy as np
from msgspec.structs import replace

from umbrite.desk.commands.takes.changes import current_take, keyed_take, put_keyed, put_take
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.baking.made_one import made_one
from umbrite.motion.layering import amount_of
from umbrite.rig.errors import RigError
from umbrite.rig.takes import take_layers as layers
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.take import AMOUNT, Layer, LayerWay


def needs_layers(session: Session) -> str:
    take = session.timeline.take
    return "" if take is not None and take.layers else tr("This take has no layers yet.")


def needs_open_layer(session: Session) -> str:
    return "" if session.timeline.layer else tr("Open a layer on the tape first: click its name.")


def needs_other_take(session: Session) -> str:
    return "" if len(session.history.now.takes) > 1 else tr("There is no other take to add as a layer.")


def open_layer(session: Session) -> Layer:
    """The layer whose keys are shown. Raises RigError where it is the take itself."""
    if not session.timeline.layer:
        raise RigError(needs_open_layer(session))
    return layers.get_layer(current_take(session), session.timeline.layer)


def open_next(session: Session) -> None:
    """Show the keys of the next layer; after the last those of the take itself."""
    names = ["", *(layer.take.name for layer in current_take(session).layers)]
    timeline = session.timeline
    timeline.open_layer(names[(names.index(timeline.layer) + 1) % len(names)])
    session.say(_shown(session))


def _shown(session: Session) -> str:
    name = session.timeline.layer
    return tr("The layer {name} is keyed now.", name=name) if name else tr("The take itself is keyed now.")


def switch_layer(session: Session, name: str) -> None:
    """Let a layer count, or not."""
    take = current_take(session)
    layer = layers.get_layer(take, name)
    step = tr("{name} on", name=name) if layer.off else tr("{name} off", name=name)
    put_take(session, step, layers.put_layer(take, name, replace(layer, off=not layer.off)))


def switch_open(session: Session) -> None:
    switch_layer(session, open_layer(session).take.name)


def set_way(session: Session, way: LayerWay) -> None:
    """The open layer is added, or takes over."""
    layer = open_layer(session)
    if layer.way != way:
        made = layers.put_layer(current_take(session), layer.take.name, replace(layer, way=way))
        put_take(session, tr("Change how {name} is added", name=layer.take.name), made)


def amount_now(session: Session) -> float:
    """How much of the open layer counts at the playhead, 0 to 1 and more; 1 where none is open."""
    take, timeline = session.timeline.take, session.timeline
    if take is None or not timeline.layer:
        return 1.0
    layer = layers.get_layer(take, timeline.layer)
    at = min(max(timeline.frame, float(layer.take.first)), float(layer.take.last))
    return float(amount_of(take, replace(layer, off=False), session.puppet, np.array([at]))[0])


def set_amount(session: Session, amount: float) -> None:
    """Key how much of the open layer counts, at the playhead."""
    name = open_layer(session).take.name
    made = put_keys(keyed_take(session), session.timeline.frame, {AMOUNT: amount})
    put_keyed(session, tr("Amount of {name}", name=name), made)


def remove_open(session: Session) -> None:
    """Take the open layer away."""
    name = open_layer(session).take.name
    take = layers.remove_layer(current_take(session), name)
    session.timeline.open_layer("")
    put_take(session, tr("Remove the layer {name}", name=name), take)


def raise_open(session: Session) -> None:
    """The open layer over the next one; the topmost goes to the bottom."""
    take, name = current_take(session), open_layer(session).take.name
    made = layers.raise_layer(take, name, 1)
    made = layers.raise_layer(take, name, -len(take.layers)) if made == take else made
    if made == take:
        raise RigError(tr("{name} is the only layer.", name=name))
    put_take(session, tr("Move {name} up", name=name), made)


def make_one(session: Session) -> None:
    """The take and its layers as one take, which looks the same."""
    take = current_take(session)
    made = made_one(take, session.puppet)
    session.timeline.open_layer("")
    put_take(session, tr("Flatten the layers of {name}", name=take.name), made)
    count = sum(map(len, made.tracks.values()))
    session.say(tr("{name} is one take now, of {count} keys, and looks the same.", name=take.name, count=count))
