"""Bones and what rides on them."""

from umbrite.desk.actions.action import Act, on_session, tool_act
from umbrite.desk.commands import bone_commands, reasons
from umbrite.desk.commands.bends import bending_commands, mesh_commands
from umbrite.desk.commands.building import cut_commands
from umbrite.desk.commands.parts import art_commands
from umbrite.desk.session.stations import LIMBS, MESH_POINTS, WEIGHTS

BODIES = ("Biped", "Quadruped", "Bird", "Hand")  # of which a drawing in one piece is cut most often

# One line, one action.
# fmt: off
BONES: tuple[Act, ...] = (
    Act("bones-pivots", "Bones", "Bones from pivots", "", "rig-bone", on_session(bone_commands.from_pivots), reasons.needs_parts),
    Act("bones-middle", "Bones", "Bones along the middle of the part", "", "rig-bone", on_session(bone_commands.middle_of_part), art_commands.needs_one_part),
    *(Act(f"plan-bones-{name.lower()}", "Bones", f"Bones of a {name.lower()} over the drawing", "", "rig-plan", on_session(cut_commands.lay_bones(name)), cut_commands.needs_one_drawing) for name in BODIES),
    Act("bend", "Bones", "Bend this part", "Shift+V", "rig-bend", on_session(bending_commands.bend), bending_commands.needs_part, row="Limbs"),
    Act("bend-over", "Bones", "Bend over the selected bones", "", "rig-bend", on_session(bending_commands.bend_over_bones), bending_commands.needs_part_and_bones),
    Act("grip-tip", "Bones", "Grip at its tip", "", "rig-grip", on_session(bending_commands.grips(1)), bending_commands.needs_bent),
    Act("grip-thirds", "Bones", "Grips at each third", "", "rig-grip", on_session(bending_commands.grips(3)), bending_commands.needs_bent),
    Act("stiffen", "Bones", "Stop bending", "", "x", on_session(bending_commands.stiffen), bending_commands.needs_bent),
    tool_act("Bones", LIMBS, WEIGHTS, on_session(bending_commands.take_brush), bending_commands.needs_any_bent),
    tool_act("Bones", LIMBS, MESH_POINTS, on_session(mesh_commands.take_points), bending_commands.needs_any_bent),
    Act("weights-mirror", "Bones", "Weights to the other side", "", "rig-mirror", on_session(bending_commands.weights_to_other_side), bending_commands.needs_bent),
    Act("weigh", "Bones", "Weights from the drawing's shape", "", "rotate-ccw", on_session(bending_commands.weigh_anew), bending_commands.needs_bent),
    Act("detach", "Bones", "Detach", "", "link-2-off", on_session(bone_commands.detach_bones), bone_commands.needs_bones),
    Act("attach", "Bones", "Attach the first selected to the second", "", "rig-cord", on_session(bone_commands.attach_bone), bone_commands.needs_two),
    Act("same-length", "Bones", "Same length on the other side", "", "rig-mirror", on_session(bone_commands.same_length), bone_commands.needs_bones),
    Act("bind-name", "Bones", "Bind parts by name", "", "rig-bind", on_session(bone_commands.bind_by_name), bone_commands.needs_any_bone),
    Act("bind-overlap", "Bones", "Bind parts by overlap", "", "rig-bind", on_session(bone_commands.bind_by_overlap), bone_commands.needs_any_bone),
    Act("loose", "Bones", "Show what nothing carries", "", "search", on_session(bone_commands.select_loose), bone_commands.needs_loose),
    Act("bind-nearest", "Bones", "Bind unbound parts to the nearest", "", "rig-bind", on_session(bone_commands.bind_nearest), bone_commands.needs_loose),
)
# fmt: on
