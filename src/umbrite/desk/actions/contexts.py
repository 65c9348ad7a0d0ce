"""Which actions fit what is selected, for context menus: groups of ids from the action table, the most wanted first."""

from umbrite.desk.session.session import Session
from umbrite.rig.ids import Kind

Groups = tuple[tuple[str, ...], ...]
FEWEST, MOST = 5, 12  # so many actions a menu has at least, and lines at most

BY_KIND: dict[Kind, Groups] = {
    "part": (
        ("exchange", "edit-drawing", "trim"), ("forward", "back", "two-depths"),
        ("copy", "other-mirrored", "shade"), ("hide", "lock", "name", "delete"),
    ),
    "joint": (
        ("carry", "hang-last", "free"), ("limb-between", "bones-pivots"), ("limit-45", "limit-mirror", "free-limit"),
        ("branch", "name", "delete"),
    ),
    "limb": (("side", "side-over", "extend", "find-limits"), ("name", "delete")),
    "control": (("link", "make-chooser"), ("select-all", "name", "delete")),
    "link": (("name", "delete"),),
}  # fmt: skip
POSED: Groups = (
    ("reset", "reset-branch", "reset-all"), ("save-pose", "mirror-pose", "copy-pose", "paste-pose"), ("branch", "make-rest"),
)  # fmt: skip
# What one does where a pose is seen, before all else; and there and with nothing selected.
TIMED: tuple[str, ...] = ("key-selected", "key-all", "play", "ghosts")
BARE_POSED: Groups = (
    ("save-pose", "mirror-pose", "paste-pose", "reset-all"), ("workout", "select-all", "fit"),
)  # fmt: skip
BARE: Groups = (
    ("add", "find-joints", "limbs-from-names", "controls-make"), ("paste-pose", "workout"), ("select-all", "fit", "actual"),
)  # fmt: skip


def fitting_actions(session: Session) -> Groups:
    """Groups of actions for the selection where it is looked at now; whether each can be done is another question."""
    station = session.workspace.station
    if station.posed:
        groups = POSED if session.selection.keys else BARE_POSED
        return (TIMED, *groups) if station.timed else groups
    if not session.selection.keys:
        return BARE
    kinds: tuple[Kind, ...] = ("link", "control", "limb")
    for kind in kinds:
        if session.selection.only(kind):
            return BY_KIND[kind]
    return BY_KIND[session.workspace.station.picks]
