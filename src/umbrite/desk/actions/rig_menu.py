"""Placing, order, pivots, family, limbs and limits."""

from umbrite.desk.actions.action import Act, on_session, then_board, tool_act
from umbrite.desk.commands import family_commands, limb_commands, limit_commands, reasons
from umbrite.desk.commands.building import joint_commands, plan_commands
from umbrite.desk.commands.parts import order_commands
from umbrite.desk.session.stations import BIND, BONE, CORD, LIMB, LIMBS, LIMIT, PARTS, PIVOT, PIVOTS, PLACE

# One line, one action.
# fmt: off
RIG: tuple[Act, ...] = (
    tool_act("Rig", PARTS, PLACE),
    Act("plan", "Rig", "Build by plan", "Shift+Y", "rig-plan", then_board(plan_commands.propose), plan_commands.needs_pieces, "Parts"),
    Act("forward", "Rig", "Forward", "PgUp", "arrow-up", on_session(order_commands.one_forward), reasons.needs_chosen_parts, "Parts"),
    Act("back", "Rig", "Back", "PgDown", "arrow-down", on_session(order_commands.one_back), reasons.needs_chosen_parts, "Parts"),
    Act("front", "Rig", "To the front", "Shift+PgUp", "arrow-up-to-line", on_session(order_commands.to_front), reasons.needs_chosen_parts),
    Act("rear", "Rig", "To the back", "Shift+PgDown", "arrow-down-to-line", on_session(order_commands.to_back), reasons.needs_chosen_parts),
    Act("find-joints", "Rig", "Find joints", "N", "rig-find", then_board(joint_commands.find), reasons.needs_parts, "Pivots"),
    Act("keep-plan", "Rig", "Save as body plan", "", "rig-plan", on_session(plan_commands.keep), plan_commands.needs_family),
    Act("lay-rig", "Rig", "Transfer rig to other art…", "Ctrl+Shift+L", "rig-plan", lambda desk: desk.files.ask_lay(), plan_commands.needs_family),
    Act("take-all", "Rig", "Accept all proposed joints", "", "check", on_session(joint_commands.take_all), joint_commands.needs_proposed),
    Act("leave-all", "Rig", "Discard all proposed joints", "", "x", on_session(joint_commands.leave_all), joint_commands.needs_proposed),
    tool_act("Rig", PIVOTS, PIVOT),
    tool_act("Rig", PIVOTS, CORD),
    Act("carry", "Rig", "Carry together", "G", "rig-carrier", lambda desk: desk.carry(), reasons.needs_chosen_joints, "Pivots"),
    Act("master", "Rig", "Master", "M", "rig-master", on_session(family_commands.put_master), reasons.needs_no_master, "Pivots"),
    Act("free", "Rig", "Clear parent", "Shift+D", "link-2-off", on_session(family_commands.free_joints), reasons.needs_chosen_joints),
    tool_act("Rig", LIMBS, BONE),
    tool_act("Rig", LIMBS, BIND),
    tool_act("Rig", LIMBS, LIMB),
    Act("limbs-from-names", "Rig", "Limbs from names", "Shift+F", "rig-limb", then_board(limb_commands.propose_from_names), limb_commands.needs_named_limbs, "Limbs"),
    tool_act("Rig", LIMBS, LIMIT),
    Act("find-limits", "Rig", "Find limits", "Shift+N", "rig-find", lambda desk: desk.find_limits(), reasons.needs_parts, "Limbs"),
    Act("side", "Rig", "Turn bend side", "T", "rig-side", on_session(limb_commands.turn_side), reasons.needs_limb, "Limbs"),
    Act("side-over", "Rig", "Flip drawn bend", "Alt+Shift+T", "rig-side", on_session(limb_commands.turn_over), reasons.needs_limb),
    Act("limb-between", "Rig", "Limb between the two selected", "Shift+E", "rig-limb", on_session(limb_commands.limb_between), limb_commands.needs_two_joints),
    Act("hang-last", "Rig", "Parent to the last selected", "Shift+G", "rig-cord", on_session(family_commands.parent_to_last), family_commands.needs_last),
    Act("extend", "Rig", "Extend the limb by its end", "", "rig-limb", on_session(limb_commands.extend), reasons.needs_limb),
    Act("limit-45", "Rig", "Limit 45° either way", "", "rig-limit", on_session(limit_commands.either_way(45)), reasons.needs_chosen_joints),
    Act("limit-30", "Rig", "Limit 30° either way", "", "rig-limit", on_session(limit_commands.either_way(30)), reasons.needs_chosen_joints),
    Act("limit-hinge", "Rig", "Hinge, one way", "", "rig-limit", on_session(limit_commands.hinge_one_way), reasons.needs_chosen_joints),
    Act("limit-arc", "Rig", "Invert limit", "", "rig-side", on_session(limit_commands.inside_out), reasons.needs_limit),
    Act("limit-mirror", "Rig", "Limit mirrored to the other side", "", "rig-mirror", on_session(limit_commands.mirrored_to_other_side), reasons.needs_chosen_joints),
    Act("limit-same", "Rig", "Same limit on the other side", "", "rig-moved", on_session(limit_commands.same_on_other_side), reasons.needs_chosen_joints),
    Act("limit-copy", "Rig", "Limit of the first for all selected", "", "rig-copy", on_session(limit_commands.copy_to_all), limit_commands.needs_several_joints),
    Act("free-limit", "Rig", "Remove limit", "Shift+J", "x", on_session(limit_commands.free_limits), reasons.needs_limit),
)
# fmt: on
