"""What a screen reader gets of the program, over AT-SPI: runs beside the window under the system's Python, prints JSON.

Called as `screen_reader.py COMMAND...`, on a session bus of its own and a display: starts the command, reads, presses keys, reads again.
"""

import json
import subprocess
import sys
import time

import pyatspi
from gi.repository import GLib

PATIENCE, QUIET = 60.0, 0.6  # seconds
# What needs a name; Qt itself puts some of these into boxes that have one.
NAMED = {
    "scroll pane",
    "viewport",
    "page tab list",
    "push button",
    "toggle button",
    "check box",
    "text",
    "combo box",
    "list",
    "tree",
    "slider",
    "spin button",
    "table",
}
WITH_OWN = {"combo box", "text", "spin button"}
BUS = "/usr/libexec/at-spi-bus-launcher"


def below(node):
    """What lies in a node; what goes while it is read is left out."""
    try:
        return [child for child in node if child is not None]
    except GLib.GError:
        return []


def everything(node):
    """A node and all below it."""
    yield node
    for child in below(node):
        yield from everything(child)


def soon(find):
    """What is found, once it is there."""
    end = time.monotonic() + PATIENCE
    while time.monotonic() < end:
        try:
            if found := find():
                return found
        except (GLib.GError, AttributeError) as error:  # something has gone while it was read
            print(error, file=sys.stderr)
        time.sleep(0.2)
    sys.exit(f"not found: {find.__name__}")


def window():
    """The program's window."""
    desktop = pyatspi.Registry.getDesktop(0)
    return next((top for app in desktop if app for top in app if top and "Umbrite" in top.name), None)


def list_named(name):
    """A list by its name."""
    return next((node for node in everything(window()) if node.getRoleName() == "list" and node.name == name), None)


def listed(name):
    """The items of a list: name, state, box on the screen, whether selected."""
    items = []
    for item in list_named(name) or ():
        box = item.queryComponent().getExtents(pyatspi.DESKTOP_COORDS)
        chosen = item.getState().contains(pyatspi.STATE_SELECTED)
        items.append([item.name, item.description, [box.x, box.y, box.width, box.height], chosen])
    return items


def nameless():
    """What is seen, can be reached and has no name; Qt's empty bars of tabs are nothing."""
    return [
        [node.getRoleName(), node.parent.getRoleName(), node.parent.name]
        for node in everything(window())
        if node.getRoleName() in NAMED
        and not node.name
        and node.getState().contains(pyatspi.STATE_SHOWING)
        and node.parent.getRoleName() not in WITH_OWN
        and (node.getRoleName() != "page tab list" or any(tab.getRoleName() == "page tab" for tab in below(node)))
    ]


def press(*keys):
    for key in keys:
        subprocess.run(["xdotool", "key", key], check=True)
        time.sleep(0.4)


def heard(act):
    """What is announced after something is done, until nothing more comes for a moment."""
    words, last = [], [time.monotonic()]

    def take(event):
        words.append(event.any_data)
        last[0] = time.monotonic()

    pyatspi.Registry.registerEventListener(take, "object:announcement")
    time.sleep(1.0)  # until the program knows that something listens
    act()
    end = time.monotonic() + PATIENCE / 2
    while time.monotonic() < end and not (words and time.monotonic() - last[0] > QUIET):
        GLib.MainContext.default().iteration(may_block=False)
        time.sleep(0.01)
    pyatspi.Registry.deregisterEventListener(take, "object:announcement")
    return words


def main(command):
    bus = subprocess.Popen([BUS, "--launch-immediately"], stdout=subprocess.DEVNULL)
    program = subprocess.Popen(command)
    report = {}
    try:
        soon(window)
        board = soon(lambda: listed("On the board"))
        report["rehearse"] = board
        report["nameless"] = soon(lambda: [nameless()])[0]
        x, y, wide, tall = board[0][2]
        subprocess.run(["xdotool", "mousemove", str(x + wide // 2), str(y + tall // 2)], check=True)
        report["click"] = heard(lambda: subprocess.run(["xdotool", "click", "1"], check=True))
        report["clicked"] = listed("On the board")
        report["takes"] = heard(lambda: press("ctrl+6"))
        report["tape"] = soon(lambda: listed("On the tape"))
        first = next(i for i, item in enumerate(report["tape"]) if "frame" in item[0])
        report["selected"] = heard(lambda: list_named("On the tape").querySelection().selectChild(first))
        report["selected key"] = listed("On the tape")[first]
        report["stepped"] = heard(lambda: press("period"))
    finally:
        program.terminate()
        program.wait()
        bus.terminate()
    print(json.dumps(report))


main(sys.argv[1:])
