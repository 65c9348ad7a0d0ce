"""Ways of looking."""

from umbrite.desk.actions.action import Act, on_session, view_of
from umbrite.desk.commands.parts import art_commands

# One line, one action.
# fmt: off
VIEW: tuple[Act, ...] = (
    Act("fit", "View", "Fit", "F", "maximize", lambda desk: desk.board.fit_selection()),
    Act("actual", "View", "Actual size", "1", "search", lambda desk: desk.board.show_actual_size()),
    Act("closer", "View", "Zoom in", "Ctrl++", "search", lambda desk: desk.board.zoom_by(1.25)),
    Act("farther", "View", "Zoom out", "Ctrl+-", "search", lambda desk: desk.board.zoom_by(0.8)),
    Act("xray", "View", "X-ray", "X", "contrast", view_of("xray"), view="xray"),
    Act("outlines", "View", "Outlines", "Shift+X", "rig-part", view_of("outlines"), view="outlines"),
    Act("bare", "View", "Art only, in Rehearse", "Z", "image", view_of("bare"), view="bare"),
    Act("skeleton", "View", "Controls only, in Rehearse", "Shift+Z", "rig-controls", view_of("skeleton"), view="skeleton"),
    Act("rulers", "View", "Rulers and guides", "Shift+U", "rig-align-left", view_of("rulers"), view="rulers"),
    Act("clear-guides", "View", "Clear guides", "", "x", on_session(art_commands.clear_guides), art_commands.needs_guides),
    Act("cords", "View", "All cords", "Shift+C", "rig-cord", view_of("cords"), view="cords"),
    Act("diagram", "View", "Family as a diagram", "Ctrl+G", "rig-family", lambda desk: desk.show_diagram()),
    Act("library", "View", "Library", "Ctrl+B", "rig-library", lambda desk: desk.show_panel("Library")),
    Act("stages", "View", "Versions", "Ctrl+H", "rig-stage", lambda desk: desk.show_panel("Versions")),
    Act("next-panel", "View", "Next panel", "F6", "arrow-down", lambda desk: desk.next_panel()),
    Act("panels", "View", "Hide or show panels", "F9", "maximize", lambda desk: desk.switch_panels()),
    Act("next-board", "View", "Board: paler or darker", "", "contrast", lambda desk: desk.next_board()),
    Act("show", "View", "Full screen", "F11", "maximize", lambda desk: desk.show_alone()),
    Act("layout", "View", "Reset layout", "", "layers", lambda desk: desk.reset_layout()),
)
# fmt: on
