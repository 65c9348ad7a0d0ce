"""The places of work, each a value: its tools, the panels that stand there at first, and what is done and shown there."""

from typing import Literal, NamedTuple


class Tool(NamedTuple):
    """One way of working with the pointer: the action that chooses it (id, text, key, icon), and the hint that says what a drag does.

    What a press with it means stands in `board/press_rules`. `on_mesh`: the mesh of a part is worked on while it is held.
    """

    name: str
    id: str
    text: str
    key: str
    icon: str
    hint: str
    on_mesh: bool = False


PLACE = Tool(
    "place",
    "place",
    "Place",
    "V",
    "rig-place",
    "Drag a part to move it; click again for what lies behind. Shift keeps to one axis.",
)
TRIM = Tool(
    "trim",
    "trim",
    "Trim",
    "B",
    "rig-trim",
    "Draw a loop around what should be trimmed. Ctrl restores it; the drawing stays whole.",
)
CUT = Tool(
    "cut",
    "cut",
    "Cut",
    "Shift+T",
    "rig-cut",
    "Draw a line across a part, or a loop around a piece of it, to cut it in two.",
)
PIVOT = Tool(
    "pivot",
    "pivot",
    "Pivot",
    "P",
    "rig-pivot",
    "Drag a rivet to the pivot. Alt slides the picture under it; hold W and drag to try it.",
)
CORD = Tool(
    "cord", "cord", "Parent", "D", "rig-cord", "Drag from a part or rivet to its parent. Shift selects several first."
)
LIMB = Tool(
    "limb",
    "limb",
    "Limb",
    "L",
    "rig-limb",
    "Drag from one joint to another, such as shoulder to wrist; either may come first.",
)
BONE = Tool(
    "bone",
    "bone",
    "Bones",
    "E",
    "rig-bone",
    "Drag to draw a bone, then go on from its tip. Alt moves bones, Ctrl draws a line of them.",
)
BIND = Tool(
    "bind",
    "bind",
    "Bind",
    "Q",
    "rig-bind",
    "Drag a part to its bone, or draw a loop around parts for the selected bone.",
)
LIMIT = Tool(
    "limit",
    "limit",
    "Limits",
    "J",
    "rig-limit",
    "Click a joint, then drag an end of its fan. Shift steps by 5°, Ctrl sets both ends.",
)
WEIGHTS = Tool(
    "weigh",
    "weigh-tool",
    "Paint weights",
    "Shift+Q",
    "rig-brush",
    "Paint the part for the bone. A click on a rivet chooses the bone; pen pressure counts.",
    on_mesh=True,
)
MESH_POINTS = Tool(
    "net",
    "mesh-points",
    "Mesh points",
    "Shift+P",
    "rig-mesh",
    "Drag mesh points; click adds one, Del removes. Shift selects several, Alt+drag a box.",
    on_mesh=True,
)
CONTROL = Tool(
    "control",
    "control",
    "Place control",
    "C",
    "rig-place",
    "Drag a control to another place; what it moves stays. K makes controls.",
)
POSE = Tool(
    "pose",
    "pose",
    "Pose",
    "H",
    "rig-hand",
    "Drag a control or the art. Alt turns, Shift keeps to one axis; Ctrl+click sets a pin.",
)
BODY = Tool(
    "body",
    "body",
    "Whole body",
    "A",
    "rig-whole",
    "Drag any point: the whole body follows. A click holds or releases a point.",
)
SQUASH = Tool(
    "squash",
    "squash",
    "Squash and slant",
    "Alt+Shift+H",
    "rig-squash",
    "Drag the art to scale it about its pivot. Shift keeps its shape, Alt slants it.",
)


RESHAPE = Tool(
    "reshape",
    "reshape",
    "Reshape",
    "Alt+Shift+R",
    "rig-reshape",
    "Drag the art to push it; a shape is made. Shift pushes more of it, Ctrl one point.",
)


class Station(NamedTuple):
    """A place of work. The first of its tools is taken when it is entered. `panels` stand there at first; none: all but what others name.

    `picks` is what a click on art selects there, `selects_all` what "everything" means. `posed` shows the pose instead of rest.
    The rest says what can be seen and done: parts fanned out, guides, swaying, controls; `timed` shows a take at the playhead.
    """

    name: str
    tools: tuple[Tool, ...]
    picks: Literal["part", "joint"] = "joint"
    selects_all: Literal["part", "joint", "control"] = "joint"
    panels: tuple[str, ...] = ()
    posed: bool = False
    fans: bool = False
    guides: bool = False
    sways: bool = False
    controls: bool = False
    nudges: Literal["", "part", "joint", "control"] = ""
    timed: bool = False
    front: Literal["", "Family", "Depth", "Controls"] = ""  # the panel in front of those that stand behind one another
    hints: tuple[tuple[str, str], ...] = ()  # of its tools by name, where they say something else here


PARTS = Station(
    "Parts", (PLACE, TRIM, CUT), "part", "part", fans=True, guides=True, sways=True, nudges="part", front="Depth"
)
PIVOTS = Station("Pivots", (PIVOT, CORD), fans=True, guides=True, sways=True, nudges="joint", front="Family")
LIMBS = Station("Limbs", (LIMB, BONE, BIND, LIMIT, WEIGHTS, MESH_POINTS), sways=True, front="Family")
CONTROLS = Station("Controls", (CONTROL,), selects_all="control", controls=True, nudges="control", front="Controls")
REHEARSE = Station(
    "Rehearse",
    (POSE, BODY, SQUASH, RESHAPE),
    "part",
    "control",
    ("Details", "Poses"),
    posed=True,
    controls=True,
    nudges="control",
)
TAKES = REHEARSE._replace(
    name="Takes",
    panels=("Details", "Poses", "Tape"),
    timed=True,
    hints=((POSE.name, "Drag a control or the art to key it here. Space plays, comma and full stop step."),),
)
STATIONS: dict[str, Station] = {each.name: each for each in (PARTS, PIVOTS, LIMBS, CONTROLS, REHEARSE, TAKES)}
