"""The guide, the findings, and finding a command."""

from umbrite.desk.actions.action import Act, on_session
from umbrite.desk.commands.help import about

# One line, one action.
# fmt: off
HELP: tuple[Act, ...] = (
    Act("guide", "Help", "Guide for this station", "Shift+F1", "circle-help", lambda desk: desk.show_guide()),
    Act("guide-here", "Help", "Guide for what is under the pointer", "F1", "circle-help", lambda desk: desk.show_guide_here()),
    Act("show-rigging", "Help", "Show me: rigging", "", "rig-pivot", lambda desk: desk.show_me("rigging")),
    Act("show-animating", "Help", "Show me: animating", "", "rig-play", lambda desk: desk.show_me("animating")),
    Act("findings", "Help", "Findings", "Ctrl+E", "lightbulb", lambda desk: desk.show_findings()),
    Act("messages", "Help", "Messages", "Ctrl+Shift+M", "lightbulb", lambda desk: desk.show_messages()),
    Act("find", "Help", "Find a command…", "Ctrl+K", "search", lambda desk: desk.show_finder()),
    Act("fault-report", "Help", "Copy a report of a fault", "", "circle-help", on_session(about.copy_report)),
    Act("about", "Help", "About Umbrite", "", "circle-help", lambda desk: desk.show_about()),
)
# fmt: on
