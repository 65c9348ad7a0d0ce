"""Controls, links, and what animators may touch."""

from umbrite.desk.actions.action import Act, on_session, then_board, tool_act
from umbrite.desk.commands import control_commands
from umbrite.desk.commands.parts import art_commands
from umbrite.desk.commands.responses import face_commands, stop_commands
from umbrite.desk.commands.sets import variant_commands
from umbrite.desk.session.stations import CONTROL, CONTROLS
from umbrite.rig.model import ControlKind

KINDS: tuple[tuple[ControlKind, str], ...] = (
    ("grip", "Grip for the selected"), ("knob", "Knob for the selected"), ("slider", "Slider for the selected"),
    ("pad", "Pad for the selected"), ("bow", "Bow grip for the selected"),
)  # fmt: skip

POSE_KINDS: tuple[tuple[ControlKind, str], ...] = (("slider", "Slider for poses"), ("pad", "Pad for poses"))

# One line, one action.
# fmt: off
CONTROL_ACTS: tuple[Act, ...] = (
    Act("controls-make", "Controls", "Make controls", "K", "rig-controls", then_board(control_commands.make_controls), control_commands.needs_proposals, "Controls"),
    tool_act("Controls", CONTROLS, CONTROL),
    *(Act(f"make-{kind}", "Controls", text, "", f"rig-{kind}", on_session(control_commands.make(kind)), control_commands.needs_one_joint) for kind, text in KINDS),
    Act("correct-bend", "Controls", "Correct this bend", "Alt+Shift+B", "rig-bend", on_session(stop_commands.correct_bend), stop_commands.needs_bend),
    Act("mirror-response", "Controls", "Mirror its poses to the other side", "", "rig-mirror", on_session(stop_commands.mirror_all), stop_commands.needs_response),
    *(Act(f"make-pose-{kind}", "Controls", text, "", f"rig-{kind}", on_session(stop_commands.make(kind)), control_commands.needs_one_joint) for kind, text in POSE_KINDS),
    Act("variants", "Controls", "Variants from the selected", "", "rig-chooser", on_session(variant_commands.make_from_selected), control_commands.needs_several_parts, row="Parts"),
    Act("branch-variants", "Controls", "Branch variants from the selected branches", "", "rig-family", on_session(variant_commands.branches_from_selected), variant_commands.needs_branches),
    Act("copy-variant", "Controls", "Copy this branch as a variant", "", "rig-copy", on_session(variant_commands.copy_branch), variant_commands.needs_branch),
    Act("add-drawings", "Controls", "Add drawings to this part…", "", "images", lambda desk: desk.files.add_drawings(), art_commands.needs_one_part),
    Act("lay-pivot", "Controls", "Align drawing by the pivot", "", "rig-pivot", on_session(variant_commands.lay_by("pivot")), variant_commands.needs_drawing),
    Act("lay-middle", "Controls", "Align drawing by the middle", "", "rig-align-middle", on_session(variant_commands.lay_by("middle")), variant_commands.needs_drawing),
    Act("variant-on", "Controls", "Next variant", "]", "arrow-down", on_session(variant_commands.step(1)), variant_commands.needs_variants),
    Act("variant-back", "Controls", "Previous variant", "[", "arrow-up", on_session(variant_commands.step(-1)), variant_commands.needs_variants),
    Act("variant-rest", "Controls", "Use this variant at rest", "", "check", on_session(variant_commands.rest_here), variant_commands.needs_variants),
    Act("variant-out", "Controls", "Remove from its set", "", "x", on_session(variant_commands.take_out), variant_commands.needs_variants),
    Act("make-chooser", "Controls", "Chooser of the selected set", "", "rig-chooser", on_session(variant_commands.chooser), variant_commands.needs_choice),
    Act("head-turn", "Controls", "Make a head turn", "", "rig-head-turn", then_board(face_commands.head_turn), face_commands.needs_head, "Controls"),
    Act("face-set", "Controls", "Set up the face", "", "rig-face", then_board(face_commands.face_set), face_commands.needs_head, "Controls"),
    Act("pose-here", "Controls", "Pose at this value", "Alt+Shift+K", "rig-pose-stop", on_session(stop_commands.pose_here), stop_commands.needs_driver, "Rehearse"),
    Act("link", "Controls", "Link the second selected to the first", "Shift+L", "rig-cord", on_session(control_commands.link), control_commands.needs_two_joints),
    Act("controls-list", "Controls", "List of controls and links", "Ctrl+L", "rig-controls", lambda desk: desk.show_controls()),
    Act("hand-over", "Controls", "Lock all but controls", "", "lock", on_session(control_commands.switch_controls_only)),
)
# fmt: on
