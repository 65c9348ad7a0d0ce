"""The table of actions, from which menus, tool row, finder, shortcuts and the guide are made."""

from umbrite.desk.acting import Act
from umbrite.desk.actions_build import BUILD
from umbrite.desk.actions_pose import POSE
from umbrite.desk.actions_view import VIEW
from umbrite.desk.actions_window import WINDOW

ACTIONS: tuple[Act, ...] = (*WINDOW, *BUILD, *POSE, *VIEW)
MENUS = ("File", "Edit", "Stations", "Art", "Rig", "Bones", "Controls", "Pose", "View", "Help")
