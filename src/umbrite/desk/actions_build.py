"""Actions on art, pivots, family, bones, limbs and limits."""

from umbrite.desk import art_commands as a
from umbrite.desk import boning, making, proposing
from umbrite.desk import commands as c
from umbrite.desk import limit_commands as limiting
from umbrite.desk.acting import Act, fan, on_session, then_board, tool_of, view_of
from umbrite.rig.edits.arranging import Edge

EDGES: tuple[tuple[Edge, str], ...] = (
    ("left", "left edges"), ("centre", "centres"), ("right", "right edges"),
    ("top", "top edges"), ("middle", "middles"), ("bottom", "bottom edges"),
)  # fmt: skip

# One line, one action.
# fmt: off
BUILD: tuple[Act, ...] = (
    Act("copy", "Art", "Copy", "Ctrl+D", "rig-copy", on_session(a.duplicate), c.needs_chosen_joints),
    Act("copy-linked", "Art", "Linked copy", "Ctrl+Shift+D", "rig-copy-linked", on_session(a.linked_copy), c.needs_chosen_joints),
    Act("other-mirrored", "Art", "Other side, mirrored", "Ctrl+M", "rig-mirror", on_session(a.mirrored_side), c.needs_chosen_joints),
    Act("other-moved", "Art", "Other side, moved", "Ctrl+Shift+M", "rig-moved", on_session(a.moved_side), c.needs_chosen_joints),
    *(Act(f"align-{edge}", "Art", f"Align {word}", "", f"rig-align-{edge}", on_session(a.aligned(edge)), a.needs_several_parts) for edge, word in EDGES),
    Act("spread-across", "Art", "Spread evenly across", "", "rig-spread", on_session(a.spread("across")), a.needs_several_parts),
    Act("spread-down", "Art", "Spread evenly down", "", "rig-spread-down", on_session(a.spread("down")), a.needs_several_parts),
    Act("edit-drawing", "Art", "Edit the drawing outside", "", "rig-part", lambda w: w.edit_outside(), a.needs_one_part),
    Act("exchange", "Art", "Exchange the drawing…", "", "image", lambda w: w.files.ask_exchange(), a.needs_one_part),
    Act("reference", "Art", "Reference picture", "", "image", on_session(a.switch_reference), a.needs_one_part),
    Act("seam", "Art", "Seam cover", "", "rig-seam", on_session(making.seam_cover), c.needs_chosen_joints),
    Act("shade", "Art", "Shade", "", "rig-shade", on_session(making.shade), c.needs_chosen_parts),
    Act("light", "Art", "Light over all", "", "lightbulb", on_session(making.light), c.needs_parts),
    Act("trim", "Art", "Trim", "B", "rig-trim", tool_of("Parts", "trim"), tool="trim"),
    Act("untrim", "Art", "Bring all back", "Shift+B", "rotate-ccw", on_session(a.untrim), a.needs_trimmed),
    Act("two-depths", "Art", "At two depths", "", "layers", on_session(a.two_depths), a.needs_one_part),
    Act("fan", "Art", "Fan out", "U", "rig-fan", fan, c.needs_parts, row="Parts", view="fan"),
    Act("solo", "Art", "Solo", "O", "ghost", view_of("solo"), view="solo"),
    Act("flash", "Art", "Flash", "Y", "lightbulb", on_session(a.flash), c.needs_chosen_parts),
    Act("place", "Rig", "Place", "V", "rig-place", tool_of("Parts", "place"), row="Parts", tool="place"),
    Act("forward", "Rig", "Forward", "PgUp", "arrow-up", on_session(c.one_forward), c.needs_chosen_parts, "Parts"),
    Act("back", "Rig", "Back", "PgDown", "arrow-down", on_session(c.one_back), c.needs_chosen_parts, "Parts"),
    Act("front", "Rig", "To the front", "Shift+PgUp", "arrow-up-to-line", on_session(c.to_front), c.needs_chosen_parts),
    Act("rear", "Rig", "To the back", "Shift+PgDown", "arrow-down-to-line", on_session(c.to_back), c.needs_chosen_parts),
    Act("find-joints", "Rig", "Find joints", "N", "rig-find", then_board(proposing.find), c.needs_parts, "Pivots"),
    Act("take-all", "Rig", "Take all pencilled joints", "", "check", on_session(proposing.take_all), proposing.needs_pencilled),
    Act("leave-all", "Rig", "Leave all pencilled joints", "", "x", on_session(proposing.leave_all), proposing.needs_pencilled),
    Act("pivot", "Rig", "Pivot", "P", "rig-pivot", tool_of("Pivots", "pivot"), row="Pivots", tool="pivot"),
    Act("cord", "Rig", "Cord", "D", "rig-cord", tool_of("Pivots", "cord"), row="Pivots", tool="cord"),
    Act("carry", "Rig", "Carry together", "G", "rig-carrier", lambda w: w.carry(), c.needs_chosen_joints, "Pivots"),
    Act("master", "Rig", "Master", "M", "rig-master", lambda w: w.put_master(), c.needs_no_master, "Pivots"),
    Act("free", "Rig", "Free from the parent", "Shift+D", "link-2-off", on_session(c.free_joints), c.needs_chosen_joints),
    Act("bone", "Rig", "Bones", "E", "rig-bone", tool_of("Limbs", "bone"), row="Limbs", tool="bone"),
    Act("bind", "Rig", "Bind", "Q", "rig-bind", tool_of("Limbs", "bind"), row="Limbs", tool="bind"),
    Act("limb", "Rig", "Limb", "L", "rig-limb", tool_of("Limbs", "limb"), row="Limbs", tool="limb"),
    Act("limit", "Rig", "Limits", "J", "rig-limit", tool_of("Limbs", "limit"), row="Limbs", tool="limit"),
    Act("find-limits", "Rig", "Find limits", "Shift+N", "rig-find", lambda w: w.find_limits(), c.needs_parts, "Limbs"),
    Act("side", "Rig", "Turn bend side", "T", "rig-side", on_session(c.turn_side), c.needs_limb, "Limbs"),
    Act("limb-between", "Rig", "Limb between the two selected", "Shift+E", "rig-limb", on_session(limiting.limb_between), limiting.needs_two_joints),
    Act("hang-last", "Rig", "Hang the others from the last selected", "Shift+G", "rig-cord", on_session(limiting.hang_from_last), limiting.needs_several_joints),
    Act("extend", "Rig", "Extend the limb by its end", "", "rig-limb", on_session(limiting.extend), c.needs_limb),
    Act("limit-45", "Rig", "Limit 45° either way", "", "rig-limit", on_session(limiting.either_way(45)), c.needs_chosen_joints),
    Act("limit-30", "Rig", "Limit 30° either way", "", "rig-limit", on_session(limiting.either_way(30)), c.needs_chosen_joints),
    Act("limit-hinge", "Rig", "Hinge, one way", "", "rig-limit", on_session(limiting.hinge_one_way), c.needs_chosen_joints),
    Act("limit-arc", "Rig", "The other arc", "", "rig-side", on_session(limiting.inside_out), c.needs_limit),
    Act("limit-mirror", "Rig", "Limit mirrored to the other side", "", "rig-mirror", on_session(limiting.mirrored_to_other_side), c.needs_chosen_joints),
    Act("limit-same", "Rig", "Same limit on the other side", "", "rig-moved", on_session(limiting.same_on_other_side), c.needs_chosen_joints),
    Act("limit-copy", "Rig", "Limit of the first for all selected", "", "rig-copy", on_session(limiting.copy_to_all), limiting.needs_several_joints),
    Act("free-limit", "Rig", "Remove limit", "Shift+J", "x", on_session(c.free_limits), c.needs_limit),
    Act("bones-pivots", "Bones", "Bones from pivots", "", "rig-bone", on_session(boning.from_pivots), c.needs_parts),
    Act("bones-middle", "Bones", "Bones along the middle of the part", "", "rig-bone", on_session(boning.middle_of_part), a.needs_one_part),
    Act("detach", "Bones", "Detach", "", "link-2-off", on_session(boning.detach_bones), boning.needs_bones),
    Act("attach", "Bones", "Attach the first selected to the second", "", "rig-cord", on_session(boning.attach_bone), boning.needs_two),
    Act("same-length", "Bones", "Same length on the other side", "", "rig-mirror", on_session(boning.same_length), boning.needs_bones),
    Act("bind-name", "Bones", "Bind parts by name", "", "rig-bind", on_session(boning.bind_by_name), boning.needs_any_bone),
    Act("bind-overlap", "Bones", "Bind parts by overlap", "", "rig-bind", on_session(boning.bind_by_overlap), boning.needs_any_bone),
    Act("loose", "Bones", "Show what nothing carries", "", "search", on_session(boning.select_loose), boning.needs_loose),
    Act("bind-nearest", "Bones", "Bind what is loose to the nearest", "", "rig-bind", on_session(boning.bind_nearest), boning.needs_loose),
)
# fmt: on
