"""The table of actions, from which menus, tool rows, palette, shortcuts and the guide are made."""

from umbrite.desk.actions.action import Act
from umbrite.desk.actions.art_menu import ART
from umbrite.desk.actions.bones_menu import BONES
from umbrite.desk.actions.controls_menu import CONTROL_ACTS
from umbrite.desk.actions.edit_menu import EDIT
from umbrite.desk.actions.file_menu import FILE
from umbrite.desk.actions.help_menu import HELP
from umbrite.desk.actions.pose_menu import POSE_ACTS
from umbrite.desk.actions.rig_menu import RIG
from umbrite.desk.actions.stations_menu import STATION_ACTS
from umbrite.desk.actions.takes_menu import TAKES_ACTS
from umbrite.desk.actions.view_menu import VIEW

ACTIONS: tuple[Act, ...] = (
    *FILE,
    *EDIT,
    *STATION_ACTS,
    *ART,
    *RIG,
    *BONES,
    *CONTROL_ACTS,
    *POSE_ACTS,
    *TAKES_ACTS,
    *VIEW,
    *HELP,
)
MENUS = ("File", "Edit", "Stations", "Art", "Rig", "Bones", "Controls", "Pose", "Takes", "View", "Help")
