"""The hint line's sentences: what a drag will do here and now, and what Shift, Ctrl and Alt change."""

from umbrite.desk.board.handles import Handle
from umbrite.desk.board.on_handles import chooser_at
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import BONE, CORD, LIMIT
from umbrite.desk.theme.language import tr
from umbrite.rig.change import exists, thing

# Over a pivot, with these tools.
PIVOT_HINTS = {
    CORD: "{name}: drag to its parent.",
    BONE: "{name}: draw a child bone from here. Alt+drag moves its head, the picture stays.",
    LIMIT: "{name}: click to see how far it may turn.",
}
HANDLE_HINTS = {
    ("Parts", "mirror"): "Drag the mirror line. Enter closes it.",
    ("Pivots", "mirror"): "Drag the mirror line. Enter closes it.",
    ("Parts", "guide"): "Drag the guide; drop it on a ruler to remove it. Shift snaps to tens.",
    ("Pivots", "guide"): "Drag the guide; drop it on a ruler to remove it. Shift snaps to tens.",
    ("Parts", "frame"): "Corner scales (Shift: freely), edge stretches (Ctrl: skews), pin turns (Shift: by 15°).",
    ("Pivots", "pivot"): "{name}: drag to move its pivot. The picture stays.",
    ("Pivots", "proposed joint"): "{name}: click to accept this joint, drag to correct it, Alt+click to discard it.",
    ("Parts", "proposed cut"): "Click to exclude or include this cut. Enter cuts, Esc discards.",
    ("Limbs", "proposed limb"): "Click to exclude or include this limb. Enter makes the limbs, Esc discards them.",
    ("Limbs", "pivot"): "{name}: drag from here to the other end of the limb.",
    ("Limbs", "hook"): "{name}: click for its card; drag the hook to what it should follow. Alt+drag moves the tip.",
    ("Limbs", "tip"): "{name}: its tip. Draw on from here; Alt+drag moves it, with Shift without children.",
    ("Limbs", "limit"): "{name}: drag this end or turn the wheel. Shift steps by 5°, Ctrl sets both ends.",
    ("Controls", "control"): "{name}: drag to put the control elsewhere. Shift selects several.",
    ("Controls", "notch"): "{name}: drag this pose to another value. Details mirrors and removes it.",
    ("Controls", "proposed"): "Click to exclude or include this control. Enter makes them, Esc discards them.",
    ("Controls", "face piece"): "Click to exclude or include this piece. Enter makes what is ticked, Esc discards it.",
    ("Rehearse", "control"): "{name}: drag to pose. Shift keeps to one axis, Shift+click selects several.",
    ("Rehearse", "chooser"): "{name}: click a card, turn the wheel, or press its number.",
    ("Rehearse", "ring"): "{name}: drag the ring to turn it, the middle to move it. Shift steps by 5°.",
    ("Rehearse", "turn"): "{name}: drag to turn everything. Shift steps by 5°.",
    ("Rehearse", "scale"): "{name}: drag to make everything larger or smaller.",
}  # fmt: skip


# Posing in a take is as in Rehearse.
HANDLE_HINTS |= {("Takes", kind): text for (station, kind), text in HANDLE_HINTS.items() if station == "Rehearse"}


def hint_for(session: Session, hover: Handle | None) -> str:
    """One sentence or two for what is under the pointer."""
    if not session.puppet.parts:
        return tr("Drop pictures here, or open a layered picture to begin.")
    if hover is not None:
        kind = "chooser" if session.workspace.station.posed and chooser_at(session, hover) else hover.kind
        text = HANDLE_HINTS.get((session.workspace.station.name, kind))
        text = PIVOT_HINTS.get(session.workspace.tool, text) if hover.kind == "pivot" else text
        if text is not None:
            puppet = session.puppet
            name = thing(puppet, hover.key).name if exists(puppet, hover.key) else ""
            return tr(text, name=name)
    station, tool = session.workspace.station, session.workspace.tool
    return tr(dict(station.hints).get(tool.name, tool.hint))
