"""Actions on files, of editing, and of going from station to station."""

from umbrite.desk import commands as c
from umbrite.desk.acting import Act, on_session, station_of, with_demo, with_export
from umbrite.desk.session import STATIONS, Session

# One line, one action.
# fmt: off
WINDOW: tuple[Act, ...] = (
    Act("new", "File", "New puppet", "Ctrl+N", "plus", lambda w: w.files.new()),
    Act("open", "File", "Open a puppet or a layered picture…", "Ctrl+O", "folder-open", lambda w: w.files.ask_open()),
    Act("add", "File", "Add pictures…", "Ctrl+Shift+O", "images", lambda w: w.files.ask_add(), row="Parts"),
    Act("demo", "File", "Open the demo: Wick, finished", "", "rig-master", lambda w: w.files.open_demo("wick.umbrite")),
    Act("demo-art", "File", "Open the demo: Wick, unrigged", "", "layers", lambda w: w.files.open_demo("wick.ora")),
    *(Act(f"demo-{stem}", "File", f"Open the demo: {words}", "", "rig-master", with_demo(f"{stem}.{kind}")) for stem, kind, words in (("bramble", "umbrite", "Bramble the mail goat, finished"), ("inkpot", "umbrite", "Inkpot the tea seller, finished"))),
    Act("save", "File", "Save", "Ctrl+S", "save", lambda w: w.files.save()),
    Act("save-as", "File", "Save as…", "Ctrl+Shift+S", "save", lambda w: w.files.save_as()),
    Act("export", "File", "Export the pose as PNG…", "Ctrl+Shift+E", "image", lambda w: w.files.export(), c.needs_parts),
    *(Act(f"export-{ending}", "File", f"Export the pose as {word}…", "", "image", with_export(f".{ending}"), c.needs_parts) for ending, word in (("svg", "SVG"), ("ora", "OpenRaster"), ("csv", "CSV"), ("json", "JSON"))),
    Act("quit", "File", "Quit", "Ctrl+Q", "x", lambda w: w.close()),
    Act("preferences", "Edit", "Preferences…", "Ctrl+,", "contrast", lambda w: w.show_preferences()),
    Act("undo", "Edit", "Undo", "Ctrl+Z", "undo-2", on_session(Session.undo), c.needs_undo),
    Act("redo", "Edit", "Redo", "Ctrl+Shift+Z", "redo-2", on_session(Session.redo), c.needs_redo),
    Act("delete", "Edit", "Remove", "Del", "trash-2", on_session(c.delete), c.needs_selection),
    Act("name", "Edit", "Name…", "F2", "check", lambda w: w.edit_name(), c.needs_selection),
    Act("select-all", "Edit", "Select everything", "Ctrl+A", "check", on_session(c.select_everything)),
    Act("up", "Edit", "Walk up to the parent", "Alt+Up", "arrow-up", on_session(c.walk_up), c.needs_chosen_joints),
    Act("down", "Edit", "Walk down to the child", "Alt+Down", "arrow-down", on_session(c.walk_down), c.needs_chosen_joints),
    Act("branch", "Edit", "Select the whole branch", "Shift+Alt+Down", "rig-limb", on_session(c.select_branch), c.needs_chosen_joints),
    Act("delete-with", "Edit", "Delete with what uses it", "Shift+Del", "trash-2", on_session(c.delete_with_users), c.needs_selection),
    *(Act(name.lower(), "Stations", name, f"Ctrl+{i + 1}", "", station_of(name)) for i, name in enumerate(STATIONS)),
)
# fmt: on
