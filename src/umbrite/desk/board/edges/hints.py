"""The hint line's sentences: what a drag will do here and now, and what Shift, Ctrl and Alt change."""

from umbrite.desk.board.handles import Handle
from umbrite.desk.board.on_handles import chooser_at
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.change import exists, thing

STATION_HINTS = {
    ("Parts", "place"): "Drag a part to move it; click again to pick what lies behind. Shift keeps to one axis or adds to the selection.",
    ("Parts", "trim"): "Draw a loop around what of the selected part shall go. Ctrl brings it back; the drawing itself stays whole.",
    ("Parts", "cut"): "Draw a line right across a part, or a loop around a piece of it: it becomes two that turn on each other there.",
    ("Pivots", "pivot"): "Drag a rivet to where the part turns; the picture stays. Alt slides the picture under it; hold W and drag to sway.",
    ("Pivots", "cord"): "Drag a cord from a rivet or part and let go on what shall carry it. Shift selects several to hang at once.",
    ("Limbs", "limb"): "Press on one joint and drag to another, such as shoulder to wrist; either may come first.",
    ("Limbs", "bone"): "Press, drag, let go: a bone; go on from its tip. Alt drags bones (Shift: alone), Ctrl draws a line for many.",
    ("Limbs", "bind"): "Drag a part to the bone it shall ride on, or draw a loop around parts for the selected bone.",
    ("Limbs", "limit"): "Click a joint to see its fan, then drag an end. Shift steps by 5°, Ctrl sets both ends alike.",
    ("Limbs", "weigh"): "Paint over the part: the bone takes it along. A click on a rivet chooses the bone; a pen presses harder or softer.",
    ("Limbs", "net"): "Drag points of the mesh; click to add one, Del takes the picked ones out. Shift picks several, Alt+drag a box of them.",
    ("Controls", "control"): "Make controls from the limbs and carriers, or drag one to another place. What it moves stays.",
    ("Rehearse", "body"): "Drag any point: the whole body gives way. A click on the art holds that point, or lets it go; feet hold by themselves.",
    ("Rehearse", "pose"): "Drag a control, or the art itself. Alt only turns, Shift keeps to one axis; Ctrl+click puts a pin to turn about.",
}  # fmt: skip


HANDLE_HINTS = {
    ("Parts", "guide"): "Drag the guide; let go over a ruler it is gone. Shift keeps whole tens.",
    ("Pivots", "guide"): "Drag the guide; let go over a ruler it is gone. Shift keeps whole tens.",
    ("Parts", "frame"): "Drag a corner to scale (Shift: freely), an edge to stretch (Ctrl: skew), the pin to turn (Shift: by 15°).",
    ("Pivots", "pivot"): "{name}: drag to move its pivot. The picture stays.",
    ("Pivots", "pencilled"): "{name}: click to take this joint, drag to correct it first, Alt+click to leave it out.",
    ("Parts", "pencilled cut"): "Click to leave this cut out or to take it again. Enter cuts, Esc rubs them out.",
    ("Limbs", "pencilled limb"): "Click to leave this limb out or to take it again. Enter makes the limbs, Esc rubs them out.",
    ("Limbs", "pivot"): "{name}: drag from here to the other end of the limb.",
    ("Limbs", "hook"): "{name}: click to see its card; drag the hook's cord to what its target shall follow. Alt+drag moves the tip.",
    ("Limbs", "tip"): "{name}: its tip. Draw on from here; with Bones, Alt+drag moves it, Shift too leaves what it carries.",
    ("Limbs", "limit"): "{name}: drag this end of the fan or turn the wheel over it. Shift steps by 5°, Ctrl sets both ends alike.",
    ("Controls", "control"): "{name}: drag to put the control elsewhere. Shift selects several.",
    ("Controls", "proposed"): "Click to leave this control out or to take it again. Enter makes the set, Esc rubs it out.",
    ("Rehearse", "control"): "{name}: drag to pose. Shift keeps to one axis, Shift+click selects several to drag together.",
    ("Rehearse", "chooser"): "{name}: click a card, turn the wheel, or press its number. Picked together, choosers take the same name.",
    ("Rehearse", "ring"): "{name}: drag the ring to turn it, the middle to move it. Shift steps by 5°; with Alt the art under the ring turns.",
    ("Rehearse", "turn"): "{name}: drag to turn everything. Shift steps by 5°.",
    ("Rehearse", "scale"): "{name}: drag to make everything larger or smaller.",
}  # fmt: skip


# Posing at the lamp is as in Rehearse.
STATION_HINTS |= {
    (
        "Takes",
        "pose",
    ): "Drag a control, or the art itself: it is keyed at the lamp. Space plays, comma and full stop step, Enter keeps hollow keys.",
    ("Takes", "body"): STATION_HINTS["Rehearse", "body"],
}
HANDLE_HINTS |= {
    ("Takes", kind): text for (station, kind), text in HANDLE_HINTS.items() if station == "Rehearse"
}


def hint_for(session: Session, hover: Handle | None) -> str:
    """One sentence or two for what is under the pointer."""
    if not session.puppet.parts:
        return tr("Drop pictures here, or open a layered picture to begin.")
    if hover is not None:
        kind = "chooser" if session.stage.station.posed and chooser_at(session, hover) else hover.kind
        text = HANDLE_HINTS.get((session.stage.station.name, kind))
        if session.stage.tool == "cord" and hover.kind == "pivot":
            text = "{name}: drag a cord to what shall carry it."
        if session.stage.tool == "bone" and hover.kind == "pivot":
            text = (
                "{name}: draw a bone from here that it carries. Alt+drag moves its head, the picture stays."
            )
        if session.stage.tool == "limit" and hover.kind == "pivot":
            text = "{name}: click to see how far it may turn."
        if text is not None:
            puppet = session.puppet
            name = thing(puppet, hover.key).name if exists(puppet, hover.key) else ""
            return tr(text, name=name)
    return tr(STATION_HINTS.get((session.stage.station.name, session.stage.tool), ""))
