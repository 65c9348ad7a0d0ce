"""Copies, aligning, drawings, trims, covers, and ways of looking at parts one by one."""

from umbrite.desk.actions.action import Act, fan, on_session, then_board, tool_act, view_of
from umbrite.desk.commands import reasons
from umbrite.desk.commands.building import cut_commands
from umbrite.desk.commands.parts import art_commands, cover_commands, locks
from umbrite.desk.session.stations import CUT, PARTS, TRIM
from umbrite.rig.edits.arranging import Edge

EDGES: tuple[tuple[Edge, str], ...] = (
    ("left", "left edges"), ("centre", "centres"), ("right", "right edges"),
    ("top", "top edges"), ("middle", "middles"), ("bottom", "bottom edges"),
)  # fmt: skip

# One line, one action.
# fmt: off
ART: tuple[Act, ...] = (
    Act("copy", "Art", "Copy", "Ctrl+D", "rig-copy", on_session(art_commands.duplicate), reasons.needs_chosen_joints),
    Act("copy-linked", "Art", "Linked copy", "Ctrl+Shift+D", "rig-copy-linked", on_session(art_commands.linked_copy), reasons.needs_chosen_joints),
    Act("other-mirrored", "Art", "Other side, mirrored", "Ctrl+M", "rig-mirror", on_session(art_commands.mirrored_side), reasons.needs_chosen_joints),
    Act("other-moved", "Art", "Other side, moved", "Ctrl+Alt+M", "rig-moved", on_session(art_commands.moved_side), reasons.needs_chosen_joints),
    *(Act(f"align-{edge}", "Art", f"Align {word}", "", f"rig-align-{edge}", on_session(art_commands.aligned(edge)), art_commands.needs_several_parts) for edge, word in EDGES),
    Act("spread-across", "Art", "Spread evenly across", "", "rig-spread", on_session(art_commands.spread("across")), art_commands.needs_several_parts),
    Act("spread-down", "Art", "Spread evenly down", "", "rig-spread-down", on_session(art_commands.spread("down")), art_commands.needs_several_parts),
    Act("edit-drawing", "Art", "Edit the drawing outside", "", "rig-part", lambda desk: desk.edit_outside(), art_commands.needs_one_part),
    Act("exchange", "Art", "Replace drawing…", "", "image", lambda desk: desk.files.ask_exchange(), art_commands.needs_one_part),
    Act("reference", "Art", "Reference picture", "", "image", on_session(art_commands.switch_reference), art_commands.needs_one_part),
    Act("seam-picture", "Art", "Seam cover from a picture…", "", "rig-seam", lambda desk: desk.files.cover_seam(), reasons.needs_one_joint),
    Act("seam", "Art", "Seam cover", "", "rig-seam", on_session(cover_commands.seam_cover), reasons.needs_chosen_joints),
    Act("shade", "Art", "Shade", "", "rig-shade", on_session(cover_commands.shade), reasons.needs_chosen_parts),
    Act("light", "Art", "Light over all", "", "lightbulb", on_session(cover_commands.light), reasons.needs_parts),
    tool_act("Art", PARTS, TRIM, shown=False),
    tool_act("Art", PARTS, CUT),
    Act("cut-bones", "Art", "Cut at the bones", "", "rig-cut", then_board(cut_commands.propose_cuts), cut_commands.needs_part_over_bones),
    Act("join", "Art", "Join into one part", "", "rig-cut", on_session(cut_commands.join), cut_commands.needs_several),
    Act("untrim", "Art", "Remove all trims", "Shift+B", "rotate-ccw", on_session(art_commands.untrim), art_commands.needs_trimmed),
    Act("two-depths", "Art", "At two depths", "", "layers", on_session(art_commands.two_depths), art_commands.needs_one_part),
    Act("fan", "Art", "Fan out", "U", "rig-fan", fan, reasons.needs_parts, row="Parts", view="fan"),
    Act("solo", "Art", "Solo", "O", "ghost", view_of("solo"), view="solo"),
    Act("hide", "Art", "Hide or show", "Ctrl+Alt+H", "eye", on_session(locks.hide), reasons.needs_chosen_parts),
    Act("lock", "Art", "Lock or unlock", "Ctrl+Alt+K", "lock", on_session(locks.lock), reasons.needs_chosen_parts),
    Act("flash", "Art", "Flash", "Y", "lightbulb", on_session(art_commands.flash), reasons.needs_chosen_parts),
)
# fmt: on
