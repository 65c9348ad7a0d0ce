"""Controls, links, and what animators may touch."""

from umbrite.desk.actions.action import Act, on_session, then_board, tool_of
from umbrite.desk.commands import control_commands, variant_commands
from umbrite.rig.model import ControlKind

KINDS: tuple[tuple[ControlKind, str], ...] = (
    ("grip", "Grip for the selected"), ("knob", "Knob for the selected"), ("slider", "Slider for the selected"),
    ("pad", "Pad for the selected"),
)  # fmt: skip

# One line, one action.
# fmt: off
CONTROLS: tuple[Act, ...] = (
    Act("controls-make", "Controls", "Make controls", "K", "rig-controls", then_board(control_commands.make_controls), control_commands.needs_proposals, "Controls"),
    Act("control", "Controls", "Place control", "C", "rig-place", tool_of("Controls", "control"), row="Controls", tool="control"),
    *(Act(f"make-{kind}", "Controls", text, "", f"rig-{kind}", on_session(control_commands.make(kind)), control_commands.needs_one_joint) for kind, text in KINDS),
    Act("make-chooser", "Controls", "Chooser among the selected parts", "", "rig-chooser", on_session(variant_commands.chooser), control_commands.needs_several_parts),
    Act("link", "Controls", "Link the second selected to the first", "Shift+L", "rig-cord", on_session(control_commands.link), control_commands.needs_two_joints),
    Act("controls-list", "Controls", "List of controls and links", "Ctrl+L", "rig-controls", lambda desk: desk.show_controls()),
    Act("hand-over", "Controls", "Animators touch controls only", "", "lock", on_session(control_commands.switch_controls_only)),
)
# fmt: on
