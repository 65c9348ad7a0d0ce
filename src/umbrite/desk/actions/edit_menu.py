"""Undo, selection, names, preferences."""

from umbrite.desk.actions.action import Act, on_session, then_board
from umbrite.desk.commands import edit_commands, reasons, removal_commands
from umbrite.desk.commands.sharing import branch_commands, guest_commands

# One line, one action.
# fmt: off
EDIT: tuple[Act, ...] = (
    Act("preferences", "Edit", "Preferences…", "Ctrl+,", "contrast", lambda desk: desk.show_preferences()),
    Act("undo", "Edit", "Undo", "Ctrl+Z", "undo-2", on_session(lambda session: session.step(-1)), reasons.needs_undo),
    Act("redo", "Edit", "Redo", "Ctrl+Shift+Z", "redo-2", on_session(lambda session: session.step(1)), reasons.needs_redo),
    Act("clip-copy", "Edit", "Copy to the clipboard", "Ctrl+C", "rig-copy", on_session(branch_commands.copy), branch_commands.needs_something),
    Act("clip-paste", "Edit", "Paste from the clipboard", "Ctrl+V", "rig-copy-linked", on_session(branch_commands.paste)),
    Act("delete", "Edit", "Remove", "Del", "trash-2", then_board(removal_commands.delete), reasons.needs_selection),
    Act("replace-names", "Edit", "Rename by find and replace…", "Ctrl+Shift+R", "search", lambda desk: desk.replace_names(), reasons.needs_parts),
    Act("name", "Edit", "Rename…", "F2", "check", lambda desk: desk.edit_name(), reasons.needs_selection),
    Act("select-all", "Edit", "Select everything", "Ctrl+A", "check", on_session(edit_commands.select_everything)),
    Act("up", "Edit", "Select parent", "Alt+Up", "arrow-up", on_session(edit_commands.walk_up), reasons.needs_chosen_joints),
    Act("down", "Edit", "Select child", "Alt+Down", "arrow-down", on_session(edit_commands.walk_down), reasons.needs_chosen_joints),
    Act("branch", "Edit", "Select the whole branch", "Shift+Alt+Down", "rig-limb", on_session(edit_commands.select_branch), reasons.needs_chosen_joints),
    Act("delete-with", "Edit", "Delete with what uses it", "Shift+Del", "trash-2", on_session(removal_commands.delete_with_users), reasons.needs_selection),
    Act("keep-branch", "Edit", "Save branch to the library", "Ctrl+Shift+B", "rig-library", lambda desk: desk.reuse.keep(), branch_commands.needs_branch),
    Act("guest-update", "Edit", "Update the guest", "", "rig-guest", lambda desk: desk.reuse.update_selected(), guest_commands.needs_guest),
    Act("guest-file", "Edit", "Open the guest's own file", "", "folder-open", lambda desk: desk.reuse.open_selected(), guest_commands.needs_guest),
    Act("guest-own", "Edit", "Detach guest from its file", "", "rig-guest", on_session(guest_commands.own), guest_commands.needs_guest),
    Act("branch-larger", "Edit", "Branch a tenth larger", "Ctrl+Alt+Up", "arrow-up-to-line", on_session(branch_commands.resize(branch_commands.STEP)), branch_commands.needs_branch),
    Act("branch-smaller", "Edit", "Branch a tenth smaller", "Ctrl+Alt+Down", "arrow-down-to-line", on_session(branch_commands.resize(1 / branch_commands.STEP)), branch_commands.needs_branch),
)
# fmt: on
