"""Actions of looking and of help."""

from umbrite.desk import art_commands as a
from umbrite.desk.acting import Act, on_session, view_of

# One line, one action.
# fmt: off
VIEW: tuple[Act, ...] = (
    Act("fit", "View", "Fit", "F", "maximize", lambda w: w.board.fit_selection()),
    Act("actual", "View", "Actual size", "1", "search", lambda w: w.board.show_actual_size()),
    Act("closer", "View", "Closer", "Ctrl++", "search", lambda w: w.board.zoom_by(1.25)),
    Act("farther", "View", "Farther", "Ctrl+-", "search", lambda w: w.board.zoom_by(0.8)),
    Act("xray", "View", "X-ray", "X", "contrast", view_of("xray"), view="xray"),
    Act("outlines", "View", "Outlines", "Shift+X", "rig-part", view_of("outlines"), view="outlines"),
    Act("bare", "View", "Art only, in Rehearse", "Z", "image", view_of("bare"), view="bare"),
    Act("skeleton", "View", "Controls only, in Rehearse", "Shift+Z", "rig-controls", view_of("skeleton"), view="skeleton"),
    Act("rulers", "View", "Rulers and guides", "Shift+U", "rig-align-left", view_of("rulers"), view="rulers"),
    Act("clear-guides", "View", "Clear guides", "", "x", on_session(a.clear_guides), a.needs_guides),
    Act("cords", "View", "All cords", "Shift+C", "rig-cord", view_of("cords"), view="cords"),
    Act("diagram", "View", "Family as a diagram", "Ctrl+G", "rig-family", lambda w: w.show_diagram()),
    Act("show", "View", "Show to others", "F11", "maximize", lambda w: w.show_alone()),
    Act("layout", "View", "Reset layout", "", "layers", lambda w: w.reset_layout()),
    Act("guide", "Help", "Guide to this station", "Shift+F1", "circle-help", lambda w: w.show_guide()),
    Act("findings", "Help", "Findings", "Ctrl+E", "lightbulb", lambda w: w.show_findings()),
    Act("find", "Help", "Find a command…", "Ctrl+K", "search", lambda w: w.show_finder()),
    Act("about", "Help", "About Umbrite", "", "circle-help", lambda w: w.show_about()),
)
# fmt: on
