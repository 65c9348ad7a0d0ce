"""The stations on the board, and those tools that have presses of their own there. A new one is a row here."""

from umbrite.desk.board import handles
from umbrite.desk.board.face import STATION_FACES, TOOL_FACES, Face
from umbrite.desk.board.overlay import rig_overlay
from umbrite.desk.board.press_rules import limb_presses, mesh_presses, part_presses, pivot_presses, pose_presses
from umbrite.desk.session import stations

_POSED = Face(pose_presses.in_rehearse, handles.of_posing, rig_overlay.paint_controls)
STATION_FACES |= {
    stations.PARTS.name: Face(part_presses.in_parts, handles.of_parts),
    stations.PIVOTS.name: Face(pivot_presses.in_pivots, handles.of_pivots, rig_overlay.paint_pivots),
    stations.LIMBS.name: Face(limb_presses.in_limbs, handles.of_limbs, rig_overlay.paint_limbs),
    stations.CONTROLS.name: Face(pose_presses.in_controls, handles.of_controls, rig_overlay.paint_controls),
    stations.REHEARSE.name: _POSED,
    stations.TAKES.name: _POSED,
}
TOOL_FACES |= {
    stations.TRIM.name: Face(part_presses.with_trim),
    stations.CUT.name: Face(part_presses.with_knife),
    stations.WEIGHTS.name: Face(mesh_presses.with_brush),
    stations.MESH_POINTS.name: Face(mesh_presses.with_points),
    stations.RESHAPE.name: Face(mesh_presses.with_push),
}
