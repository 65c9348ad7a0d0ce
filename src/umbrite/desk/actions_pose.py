"""Actions on controls, poses and the workout."""

from umbrite.desk import commands as c
from umbrite.desk import controlling, pose_shelf, workout_desk
from umbrite.desk.acting import Act, on_session, then_board, tool_of
from umbrite.rig.model import ControlKind

KINDS: tuple[tuple[ControlKind, str], ...] = (
    ("grip", "Grip for the selected"), ("knob", "Knob for the selected"), ("slider", "Slider for the selected"),
    ("pad", "Pad for the selected"),
)  # fmt: skip

# One line, one action.
# fmt: off
POSE: tuple[Act, ...] = (
    Act("controls-make", "Controls", "Make controls", "K", "rig-controls", then_board(controlling.make_controls), controlling.needs_proposals, "Controls"),
    Act("control", "Controls", "Place control", "C", "rig-place", tool_of("Controls", "control"), row="Controls", tool="control"),
    *(Act(f"make-{kind}", "Controls", text, "", f"rig-{kind}", on_session(controlling.make(kind)), controlling.needs_one_joint) for kind, text in KINDS),
    Act("make-chooser", "Controls", "Chooser among the selected parts", "", "rig-chooser", on_session(controlling.chooser), controlling.needs_several_parts),
    Act("link", "Controls", "Link the second selected to the first", "Shift+L", "rig-cord", on_session(controlling.link), controlling.needs_two_joints),
    Act("controls-list", "Controls", "List of controls and links", "Ctrl+L", "rig-controls", lambda w: w.show_controls()),
    Act("hand-over", "Controls", "Animators touch controls only", "", "lock", on_session(controlling.switch_controls_only)),
    Act("pose", "Pose", "Pose", "H", "rig-hand", tool_of("Rehearse", "pose"), row="Rehearse", tool="pose"),
    Act("body", "Pose", "Whole body", "A", "rig-whole", tool_of("Rehearse", "body"), row="Rehearse", tool="body"),
    Act("free-holds", "Pose", "Take all hold points away", "Shift+A", "x", on_session(c.free_holds), c.needs_holds),
    Act("save-pose", "Pose", "Save the pose on the shelf", "S", "plus", on_session(pose_shelf.save), c.needs_parts),
    Act("mirror-pose", "Pose", "Mirror the pose", "Shift+M", "rig-mirror", on_session(pose_shelf.mirror), c.needs_pose),
    Act("copy-pose", "Pose", "Copy the pose", "Ctrl+C", "rig-copy", on_session(pose_shelf.copy), c.needs_parts),
    Act("paste-pose", "Pose", "Paste the pose", "Ctrl+V", "rig-copy-linked", on_session(pose_shelf.paste), c.needs_parts),
    Act("workout", "Pose", "Workout", "Shift+W", "rig-workout", workout_desk.run, c.needs_parts, "Rehearse"),
    Act("reset-branch", "Pose", "Reset the branch", "Ctrl+R", "rotate-ccw", on_session(c.reset_branch), c.needs_chosen_joints),
    Act("reset", "Pose", "Reset selected", "R", "rotate-ccw", on_session(c.reset_selected), c.needs_selection, "Rehearse"),
    Act("reset-all", "Pose", "Reset all", "Shift+R", "rotate-ccw", on_session(c.reset_all), c.needs_pose, "Rehearse"),
    Act("make-rest", "Pose", "Make this pose the rest", "", "rig-hand", on_session(c.make_pose_the_rest), c.needs_pose),
)
# fmt: on
