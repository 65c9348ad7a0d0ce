"""Posing, the shelf, the workout, and rest."""

from umbrite.desk.actions.action import Act, on_session, tool_act
from umbrite.desk.commands import pose_commands, reasons, shelf_commands
from umbrite.desk.session.stations import BODY, POSE, REHEARSE, RESHAPE, SQUASH

# One line, one action.
# fmt: off
POSE_ACTS: tuple[Act, ...] = (
    tool_act("Pose", REHEARSE, POSE),
    tool_act("Pose", REHEARSE, BODY),
    tool_act("Pose", REHEARSE, SQUASH),
    tool_act("Pose", REHEARSE, RESHAPE),
    Act("free-holds", "Pose", "Remove all hold points", "Shift+A", "x", on_session(pose_commands.free_holds), reasons.needs_holds),
    Act("save-pose", "Pose", "Save pose", "S", "plus", on_session(shelf_commands.save), reasons.needs_parts),
    Act("save-part", "Pose", "Save pose of the selected", "Shift+S", "rig-part", on_session(shelf_commands.save_part), reasons.needs_selection),
    Act("mirror-pose", "Pose", "Mirror the pose", "Shift+M", "rig-mirror", on_session(shelf_commands.mirror), reasons.needs_pose),
    Act("copy-pose", "Pose", "Copy the pose", "", "rig-copy", on_session(shelf_commands.copy), reasons.needs_parts),
    Act("paste-pose", "Pose", "Paste the pose", "", "rig-copy-linked", on_session(shelf_commands.paste), reasons.needs_parts),
    Act("workout", "Pose", "Workout", "Shift+W", "rig-workout", lambda desk: desk.run_workout(), reasons.needs_parts, "Rehearse"),
    Act("reset-branch", "Pose", "Reset the branch", "Ctrl+R", "rotate-ccw", on_session(pose_commands.reset_branch), reasons.needs_chosen_joints),
    Act("reset", "Pose", "Reset selected", "R", "rotate-ccw", on_session(pose_commands.reset_selected), reasons.needs_selection, "Rehearse"),
    Act("reset-all", "Pose", "Reset all", "Shift+R", "rotate-ccw", on_session(pose_commands.reset_all), reasons.needs_pose, "Rehearse"),
    Act("make-rest", "Pose", "Make this pose the rest pose", "", "rig-hand", on_session(pose_commands.make_pose_the_rest), reasons.needs_pose),
)
# fmt: on
