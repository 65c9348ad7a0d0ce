"""Files: opening, saving, exporting."""

from umbrite.desk.actions.action import Act, on_session, with_demo, with_export
from umbrite.desk.commands import reasons
from umbrite.desk.commands.sharing import version_commands
from umbrite.files.formats.format_table import written_as

DEMOS = (
    ("bramble", "Bramble the mail goat, finished"),
    ("inkpot", "Inkpot the tea seller, finished"),
    ("tansy", "Tansy the letter heron, finished"),
    ("wick-and-cart", "Wick and the tea cart, a puppet inside a puppet"),
    ("tea-cart", "The tea cart, finished"),
    ("clover", "Clover, with Wick's rig"),
)
EXPORTS = [each for each in written_as("pose", "shelf").values() if each.ending != ".png"]  # which has a key of its own

# One line, one action.
# fmt: off
FILE: tuple[Act, ...] = (
    Act("new", "File", "New puppet", "Ctrl+N", "plus", lambda desk: desk.files.new()),
    Act("open", "File", "Open a puppet or a layered picture…", "Ctrl+O", "folder-open", lambda desk: desk.files.ask_open()),
    Act("add", "File", "Add pictures…", "Ctrl+Shift+O", "images", lambda desk: desk.files.ask_add(), row="Parts"),
    Act("guest", "File", "Insert a puppet as a guest…", "Ctrl+Shift+G", "rig-guest", lambda desk: desk.reuse.ask_guest()),
    Act("keep-stage", "File", "Save a version", "Ctrl+Shift+H", "rig-stage", on_session(version_commands.keep)),
    Act("demo", "File", "Open the demo: Wick, finished", "", "rig-master", lambda desk: desk.files.open_demo("wick.umbrite")),
    Act("demo-art", "File", "Open the demo: Wick, unrigged", "", "layers", lambda desk: desk.files.open_demo("wick.ora")),
    *(Act(f"demo-{stem}", "File", f"Open the demo: {words}", "", "rig-master", with_demo(f"{stem}.umbrite")) for stem, words in DEMOS),
    Act("save", "File", "Save", "Ctrl+S", "save", lambda desk: desk.files.save()),
    Act("save-as", "File", "Save as…", "Ctrl+Shift+S", "save", lambda desk: desk.files.save_as()),
    Act("export", "File", "Export the pose as PNG…", "Ctrl+Shift+E", "image", lambda desk: desk.files.export(), reasons.needs_parts),
    *(Act(f"export-{each.ending[1:]}", "File", f"Export the pose as {each.title}…", "", "image", with_export(each.ending), reasons.needs_parts) for each in EXPORTS),
    Act("export-engine-gltf", "File", "Export the puppet and its takes as glTF…", "", "rig-family", lambda desk: desk.engines.export_gltf(), reasons.needs_parts),
    Act("export-engine-parts", "File", "Export the drawings on sheets…", "", "images", lambda desk: desk.engines.export_parts(), reasons.needs_parts),
    Act("quit", "File", "Quit", "Ctrl+Q", "x", lambda desk: desk.close()),
)
# fmt: on
