"""The table of actions, from which menus, tool row, finder and shortcuts are made. One line, one action."""

from collections.abc import Callable
from typing import TYPE_CHECKING, NamedTuple

from umbrite.desk import art_commands as a
from umbrite.desk import boning, controlling, making, pose_shelf, proposing
from umbrite.desk import commands as c
from umbrite.desk import limit_commands as limiting
from umbrite.desk.session import STATIONS, Session
from umbrite.rig.model import ControlKind
from umbrite.rig.placing import Edge

if TYPE_CHECKING:
    from umbrite.desk.window import Window


def always(_session: Session) -> str:
    return ""


class Act(NamedTuple):
    """One action. `why_not` gives the reason why it can't be done now, or an empty string.

    `row` names the station whose tool row shows it; `tool` or `view` make it a switch.
    """

    id: str
    menu: str
    text: str
    key: str
    icon: str
    does: Callable[["Window"], object]
    why_not: Callable[[Session], str] = always
    row: str = ""
    tool: str = ""
    view: str = ""


def _demo(name: str) -> Callable[["Window"], object]:
    return lambda window: window.files.open_demo(name)


def _export(ending: str) -> Callable[["Window"], object]:
    return lambda window: window.files.export_as(ending)


def _on(command: Callable[[Session], object]) -> Callable[["Window"], object]:
    """An action that needs the session only; a refusal is said by the window."""
    return lambda window: command(window.session)


def _then_board(command: Callable[[Session], object]) -> Callable[["Window"], object]:
    """The same, and the keys go to the board, where Enter takes what was pencilled."""

    def work(window: "Window") -> None:
        command(window.session)
        window.board.setFocus()

    return work


def _tool(station: str, tool: str) -> Callable[["Window"], object]:
    def take(window: "Window") -> None:
        window.session.go_to(station)
        window.session.take_tool(tool)

    return take


def _station(name: str) -> Callable[["Window"], object]:
    return lambda window: window.session.go_to(name)


def _fan(window: "Window") -> None:
    window.session.set_view("fan", on=not window.session.views["fan"])
    window.board.fit_all()


def _view(name: str) -> Callable[["Window"], object]:
    return lambda window: window.session.set_view(name, on=not window.session.views[name])


KINDS: tuple[tuple[ControlKind, str], ...] = (
    ("grip", "Grip for the selected"), ("knob", "Knob for the selected"), ("slider", "Slider for the selected"),
    ("pad", "Pad for the selected"),
)  # fmt: skip
EDGES: tuple[tuple[Edge, str], ...] = (
    ("left", "left edges"), ("centre", "centres"), ("right", "right edges"),
    ("top", "top edges"), ("middle", "middles"), ("bottom", "bottom edges"),
)  # fmt: skip

ACTIONS: tuple[Act, ...] = (
    Act("new", "File", "New puppet", "Ctrl+N", "plus", lambda w: w.files.new()),
    Act(
        "open",
        "File",
        "Open a puppet or a layered picture…",
        "Ctrl+O",
        "folder-open",
        lambda w: w.files.ask_open(),
    ),
    Act("add", "File", "Add pictures…", "Ctrl+Shift+O", "images", lambda w: w.files.ask_add(), row="Parts"),
    Act(
        "demo",
        "File",
        "Open the demo: Wick, finished",
        "",
        "rig-master",
        lambda w: w.files.open_demo("wick.umbrite"),
    ),
    Act(
        "demo-art",
        "File",
        "Open the demo: Wick, unrigged",
        "",
        "layers",
        lambda w: w.files.open_demo("wick.ora"),
    ),
    *(
        Act(f"demo-{stem}", "File", f"Open the demo: {words}", "", "rig-master", _demo(f"{stem}.{kind}"))
        for stem, kind, words in (
            ("bramble", "umbrite", "Bramble the mail goat, finished"),
            ("inkpot", "umbrite", "Inkpot the tea seller, finished"),
        )
    ),
    Act("save", "File", "Save", "Ctrl+S", "save", lambda w: w.files.save()),
    Act("save-as", "File", "Save as…", "Ctrl+Shift+S", "save", lambda w: w.files.save_as()),
    Act(
        "export",
        "File",
        "Export the pose as PNG…",
        "Ctrl+Shift+E",
        "image",
        lambda w: w.files.export(),
        c.needs_parts,
    ),
    *(
        Act(
            f"export-{ending}",
            "File",
            f"Export the pose as {word}…",
            "",
            "image",
            _export(f".{ending}"),
            c.needs_parts,
        )
        for ending, word in (("svg", "SVG"), ("ora", "OpenRaster"), ("csv", "CSV"), ("json", "JSON"))
    ),
    Act("preferences", "Edit", "Preferences…", "Ctrl+,", "contrast", lambda w: w.show_preferences()),
    Act("quit", "File", "Quit", "Ctrl+Q", "x", lambda w: w.close()),
    Act("undo", "Edit", "Undo", "Ctrl+Z", "undo-2", _on(Session.undo), c.needs_undo),
    Act("redo", "Edit", "Redo", "Ctrl+Shift+Z", "redo-2", _on(Session.redo), c.needs_redo),
    Act("delete", "Edit", "Remove", "Del", "trash-2", _on(c.delete), c.needs_selection),
    Act("name", "Edit", "Name…", "F2", "check", lambda w: w.edit_name(), c.needs_selection),
    Act("select-all", "Edit", "Select everything", "Ctrl+A", "check", _on(c.select_everything)),
    Act("up", "Edit", "Walk up to the parent", "Alt+Up", "arrow-up", _on(c.walk_up), c.needs_chosen_joints),
    Act(
        "down",
        "Edit",
        "Walk down to the child",
        "Alt+Down",
        "arrow-down",
        _on(c.walk_down),
        c.needs_chosen_joints,
    ),
    Act(
        "branch",
        "Edit",
        "Select the whole branch",
        "Shift+Alt+Down",
        "rig-limb",
        _on(c.select_branch),
        c.needs_chosen_joints,
    ),
    *(
        Act(name.lower(), "Stations", name, f"Ctrl+{i + 1}", "", _station(name))
        for i, name in enumerate(STATIONS)
    ),
    Act("place", "Rig", "Place", "V", "rig-place", _tool("Parts", "place"), row="Parts", tool="place"),
    Act("forward", "Rig", "Forward", "PgUp", "arrow-up", _on(c.one_forward), c.needs_chosen_parts, "Parts"),
    Act("back", "Rig", "Back", "PgDown", "arrow-down", _on(c.one_back), c.needs_chosen_parts, "Parts"),
    Act(
        "front",
        "Rig",
        "To the front",
        "Shift+PgUp",
        "arrow-up-to-line",
        _on(c.to_front),
        c.needs_chosen_parts,
    ),
    Act(
        "rear",
        "Rig",
        "To the back",
        "Shift+PgDown",
        "arrow-down-to-line",
        _on(c.to_back),
        c.needs_chosen_parts,
    ),
    Act("copy", "Art", "Copy", "Ctrl+D", "rig-copy", _on(a.duplicate), c.needs_chosen_joints),
    Act(
        "copy-linked",
        "Art",
        "Linked copy",
        "Ctrl+Shift+D",
        "rig-copy-linked",
        _on(a.linked_copy),
        c.needs_chosen_joints,
    ),
    Act(
        "other-mirrored",
        "Art",
        "Other side, mirrored",
        "Ctrl+M",
        "rig-mirror",
        _on(a.mirrored_side),
        c.needs_chosen_joints,
    ),
    Act(
        "other-moved",
        "Art",
        "Other side, moved",
        "Ctrl+Shift+M",
        "rig-moved",
        _on(a.moved_side),
        c.needs_chosen_joints,
    ),
    *(
        Act(
            f"align-{edge}",
            "Art",
            f"Align {word}",
            "",
            f"rig-align-{edge}",
            _on(a.aligned(edge)),
            a.needs_several_parts,
        )
        for edge, word in EDGES
    ),
    Act(
        "spread-across",
        "Art",
        "Spread evenly across",
        "",
        "rig-spread",
        _on(a.spread("across")),
        a.needs_several_parts,
    ),
    Act(
        "spread-down",
        "Art",
        "Spread evenly down",
        "",
        "rig-spread-down",
        _on(a.spread("down")),
        a.needs_several_parts,
    ),
    Act(
        "edit-drawing",
        "Art",
        "Edit the drawing outside",
        "",
        "rig-part",
        lambda w: w.edit_outside(),
        a.needs_one_part,
    ),
    Act(
        "exchange",
        "Art",
        "Exchange the drawing…",
        "",
        "image",
        lambda w: w.files.ask_exchange(),
        a.needs_one_part,
    ),
    Act("reference", "Art", "Reference picture", "", "image", _on(a.switch_reference), a.needs_one_part),
    Act("seam", "Art", "Seam cover", "", "rig-seam", _on(making.seam_cover), c.needs_chosen_joints),
    Act("shade", "Art", "Shade", "", "rig-shade", _on(making.shade), c.needs_chosen_parts),
    Act("light", "Art", "Light over all", "", "lightbulb", _on(making.light), c.needs_parts),
    Act(
        "delete-with",
        "Edit",
        "Delete with what uses it",
        "Shift+Del",
        "trash-2",
        _on(c.delete_with_users),
        c.needs_selection,
    ),
    Act("trim", "Art", "Trim", "B", "rig-trim", _tool("Parts", "trim"), tool="trim"),
    Act("untrim", "Art", "Bring all back", "Shift+B", "rotate-ccw", _on(a.untrim), a.needs_trimmed),
    Act("two-depths", "Art", "At two depths", "", "layers", _on(a.two_depths), a.needs_one_part),
    Act("fan", "Art", "Fan out", "U", "rig-fan", _fan, c.needs_parts, row="Parts", view="fan"),
    Act("solo", "Art", "Solo", "O", "ghost", _view("solo"), view="solo"),
    Act("flash", "Art", "Flash", "Y", "lightbulb", _on(a.flash), c.needs_chosen_parts),
    Act(
        "find-joints",
        "Rig",
        "Find joints",
        "N",
        "rig-find",
        _then_board(proposing.find),
        c.needs_parts,
        "Pivots",
    ),
    Act(
        "take-all",
        "Rig",
        "Take all pencilled joints",
        "",
        "check",
        _on(proposing.take_all),
        proposing.needs_pencilled,
    ),
    Act(
        "leave-all",
        "Rig",
        "Leave all pencilled joints",
        "",
        "x",
        _on(proposing.leave_all),
        proposing.needs_pencilled,
    ),
    Act("pivot", "Rig", "Pivot", "P", "rig-pivot", _tool("Pivots", "pivot"), row="Pivots", tool="pivot"),
    Act("cord", "Rig", "Cord", "D", "rig-cord", _tool("Pivots", "cord"), row="Pivots", tool="cord"),
    Act(
        "carry",
        "Rig",
        "Carry together",
        "G",
        "rig-carrier",
        lambda w: w.carry(),
        c.needs_chosen_joints,
        "Pivots",
    ),
    Act("master", "Rig", "Master", "M", "rig-master", lambda w: w.put_master(), c.needs_no_master, "Pivots"),
    Act(
        "free",
        "Rig",
        "Free from the parent",
        "Shift+D",
        "link-2-off",
        _on(c.free_joints),
        c.needs_chosen_joints,
    ),
    Act("bone", "Rig", "Bones", "E", "rig-bone", _tool("Limbs", "bone"), row="Limbs", tool="bone"),
    Act("bind", "Rig", "Bind", "Q", "rig-bind", _tool("Limbs", "bind"), row="Limbs", tool="bind"),
    Act("bones-pivots", "Bones", "Bones from pivots", "", "rig-bone", _on(boning.from_pivots), c.needs_parts),
    Act(
        "bones-middle",
        "Bones",
        "Bones along the middle of the part",
        "",
        "rig-bone",
        _on(boning.middle_of_part),
        a.needs_one_part,
    ),
    Act("detach", "Bones", "Detach", "", "link-2-off", _on(boning.detach_bones), boning.needs_bones),
    Act(
        "attach",
        "Bones",
        "Attach the first selected to the second",
        "",
        "rig-cord",
        _on(boning.attach_bone),
        boning.needs_two,
    ),
    Act(
        "same-length",
        "Bones",
        "Same length on the other side",
        "",
        "rig-mirror",
        _on(boning.same_length),
        boning.needs_bones,
    ),
    Act(
        "bind-name",
        "Bones",
        "Bind parts by name",
        "",
        "rig-bind",
        _on(boning.bind_by_name),
        boning.needs_any_bone,
    ),
    Act(
        "bind-overlap",
        "Bones",
        "Bind parts by overlap",
        "",
        "rig-bind",
        _on(boning.bind_by_overlap),
        boning.needs_any_bone,
    ),
    Act(
        "loose",
        "Bones",
        "Show what nothing carries",
        "",
        "search",
        _on(boning.select_loose),
        boning.needs_loose,
    ),
    Act(
        "bind-nearest",
        "Bones",
        "Bind what is loose to the nearest",
        "",
        "rig-bind",
        _on(boning.bind_nearest),
        boning.needs_loose,
    ),
    Act("limb", "Rig", "Limb", "L", "rig-limb", _tool("Limbs", "limb"), row="Limbs", tool="limb"),
    Act("limit", "Rig", "Limits", "J", "rig-limit", _tool("Limbs", "limit"), row="Limbs", tool="limit"),
    Act(
        "find-limits",
        "Rig",
        "Find limits",
        "Shift+N",
        "rig-find",
        lambda w: w.find_limits(),
        c.needs_parts,
        "Limbs",
    ),
    Act("side", "Rig", "Turn bend side", "T", "rig-side", _on(c.turn_side), c.needs_limb, "Limbs"),
    Act("extend", "Rig", "Extend the limb by its end", "", "rig-limb", _on(limiting.extend), c.needs_limb),
    Act(
        "limit-45",
        "Rig",
        "Limit 45° either way",
        "",
        "rig-limit",
        _on(limiting.either_way(45)),
        c.needs_chosen_joints,
    ),
    Act(
        "limit-30",
        "Rig",
        "Limit 30° either way",
        "",
        "rig-limit",
        _on(limiting.either_way(30)),
        c.needs_chosen_joints,
    ),
    Act(
        "limit-hinge",
        "Rig",
        "Hinge, one way",
        "",
        "rig-limit",
        _on(limiting.hinge_one_way),
        c.needs_chosen_joints,
    ),
    Act("limit-arc", "Rig", "The other arc", "", "rig-side", _on(limiting.inside_out), c.needs_limit),
    Act(
        "limit-mirror",
        "Rig",
        "Limit mirrored to the other side",
        "",
        "rig-mirror",
        _on(limiting.mirrored_to_other_side),
        c.needs_chosen_joints,
    ),
    Act(
        "limit-same",
        "Rig",
        "Same limit on the other side",
        "",
        "rig-moved",
        _on(limiting.same_on_other_side),
        c.needs_chosen_joints,
    ),
    Act(
        "limit-copy",
        "Rig",
        "Limit of the first for all selected",
        "",
        "rig-copy",
        _on(limiting.copy_to_all),
        limiting.needs_several_joints,
    ),
    Act("free-limit", "Rig", "Remove limit", "Shift+J", "x", _on(c.free_limits), c.needs_limit),
    Act(
        "controls-make",
        "Controls",
        "Make controls",
        "K",
        "rig-controls",
        _then_board(controlling.make_controls),
        controlling.needs_proposals,
        "Controls",
    ),
    Act(
        "control",
        "Controls",
        "Place control",
        "C",
        "rig-place",
        _tool("Controls", "control"),
        row="Controls",
        tool="control",
    ),
    *(
        Act(
            f"make-{kind}",
            "Controls",
            text,
            "",
            f"rig-{kind}",
            _on(controlling.make(kind)),
            controlling.needs_one_joint,
        )
        for kind, text in KINDS
    ),
    Act(
        "make-chooser",
        "Controls",
        "Chooser among the selected parts",
        "",
        "rig-chooser",
        _on(controlling.chooser),
        controlling.needs_several_parts,
    ),
    Act(
        "link",
        "Controls",
        "Link the second selected to the first",
        "Shift+L",
        "rig-cord",
        _on(controlling.link),
        controlling.needs_two_joints,
    ),
    Act(
        "controls-list",
        "Controls",
        "List of controls and links",
        "Ctrl+L",
        "rig-controls",
        lambda w: w.show_controls(),
    ),
    Act(
        "hand-over",
        "Controls",
        "Animators touch controls only",
        "",
        "lock",
        _on(controlling.switch_controls_only),
    ),
    Act("pose", "Pose", "Pose", "H", "rig-hand", _tool("Rehearse", "pose"), row="Rehearse", tool="pose"),
    Act(
        "body", "Pose", "Whole body", "A", "rig-whole", _tool("Rehearse", "body"), row="Rehearse", tool="body"
    ),
    Act("free-holds", "Pose", "Take all hold points away", "Shift+A", "x", _on(c.free_holds), c.needs_holds),
    Act("save-pose", "Pose", "Save the pose on the shelf", "S", "plus", _on(pose_shelf.save), c.needs_parts),
    Act(
        "mirror-pose",
        "Pose",
        "Mirror the pose",
        "Shift+M",
        "rig-mirror",
        _on(pose_shelf.mirror),
        c.needs_pose,
    ),
    Act("copy-pose", "Pose", "Copy the pose", "Ctrl+C", "rig-copy", _on(pose_shelf.copy), c.needs_parts),
    Act(
        "paste-pose",
        "Pose",
        "Paste the pose",
        "Ctrl+V",
        "rig-copy-linked",
        _on(pose_shelf.paste),
        c.needs_parts,
    ),
    Act(
        "reset-branch",
        "Pose",
        "Reset the branch",
        "Ctrl+R",
        "rotate-ccw",
        _on(c.reset_branch),
        c.needs_chosen_joints,
    ),
    Act(
        "reset",
        "Pose",
        "Reset selected",
        "R",
        "rotate-ccw",
        _on(c.reset_selected),
        c.needs_selection,
        "Rehearse",
    ),
    Act(
        "reset-all", "Pose", "Reset all", "Shift+R", "rotate-ccw", _on(c.reset_all), c.needs_pose, "Rehearse"
    ),
    Act(
        "make-rest",
        "Pose",
        "Make this pose the rest",
        "",
        "rig-hand",
        _on(c.make_pose_the_rest),
        c.needs_pose,
    ),
    Act("fit", "View", "Fit", "F", "maximize", lambda w: w.board.fit_selection()),
    Act("actual", "View", "Actual size", "1", "search", lambda w: w.board.show_actual_size()),
    Act("closer", "View", "Closer", "Ctrl++", "search", lambda w: w.board.zoom_by(1.25)),
    Act("farther", "View", "Farther", "Ctrl+-", "search", lambda w: w.board.zoom_by(0.8)),
    Act("xray", "View", "X-ray", "X", "contrast", _view("xray"), view="xray"),
    Act("outlines", "View", "Outlines", "Shift+X", "rig-part", _view("outlines"), view="outlines"),
    Act("bare", "View", "Art only, in Rehearse", "Z", "image", _view("bare"), view="bare"),
    Act(
        "skeleton",
        "View",
        "Controls only, in Rehearse",
        "Shift+Z",
        "rig-controls",
        _view("skeleton"),
        view="skeleton",
    ),
    Act("rulers", "View", "Rulers and guides", "Shift+U", "rig-align-left", _view("rulers"), view="rulers"),
    Act("clear-guides", "View", "Clear guides", "", "x", _on(a.clear_guides), a.needs_guides),
    Act("cords", "View", "All cords", "Shift+C", "rig-cord", _view("cords"), view="cords"),
    Act("diagram", "View", "Family as a diagram", "Ctrl+G", "rig-family", lambda w: w.show_diagram()),
    Act("show", "View", "Show to others", "F11", "maximize", lambda w: w.show_alone()),
    Act("layout", "View", "Reset layout", "", "layers", lambda w: w.reset_layout()),
    Act("findings", "Help", "Findings", "Ctrl+E", "lightbulb", lambda w: w.show_findings()),
    Act("find", "Help", "Find a command…", "Ctrl+K", "search", lambda w: w.show_finder()),
    Act("about", "Help", "About Umbrite", "", "circle-help", lambda w: w.show_about()),
)
MENUS = ("File", "Edit", "Stations", "Art", "Rig", "Bones", "Controls", "Pose", "View", "Help")
