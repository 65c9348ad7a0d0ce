"""Makes the pictures of the README from the demo data, one of each main view. Run as `screenshots.py FOLDER`."""

import itertools
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

from msgspec.structs import replace
from PySide6.QtCore import QPoint, QPointF, QRect, QSettings, QSize, Qt
from PySide6.QtGui import QMouseEvent, QPainter
from PySide6.QtWidgets import QApplication

from umbrite.desk.board.control_places import cells
from umbrite.desk.commands import bone_commands
from umbrite.desk.commands.sharing import guest_commands, version_commands
from umbrite.desk.dialogs.gltf_dialog import GltfDialog
from umbrite.desk.files.import_table import ImportTable
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import BONE, CUT, LIMBS, PARTS, PIVOTS, REHEARSE, TAKES
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window
from umbrite.files.opening import read_art
from umbrite.motion.posing import move_control_to
from umbrite.rig.change import change
from umbrite.rig.edits.parts import nudge_parts, remove_part
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.edits.shelf import get_pose
from umbrite.rig.takes.take import AMOUNT, Key
from umbrite.rig.takes.take_layers import lay_over, put_layer
from umbrite.rig.takes.take_list import get_take, put_take

DEMO = Path(__file__).parent.parent / "src" / "umbrite" / "demo" / "assets"


def joint(window: Window, name: str) -> str:
    return next(key for key, item in window.session.puppet.joints.items() if item.name == name)


def limb(window: Window, name: str) -> str:
    return next(key for key, item in window.session.puppet.limbs.items() if item.name == name)


def point_at(window: Window, z: complex, kind: QMouseEvent.Type, *, held: bool) -> None:
    at = window.board.camera.point(z)
    left, none = Qt.MouseButton.LeftButton, Qt.MouseButton.NoButton
    button = left if kind != QMouseEvent.Type.MouseMove else none
    event = QMouseEvent(
        kind, at, QPointF(window.board.mapToGlobal(at)), button, left if held else none, Qt.KeyboardModifier.NoModifier
    )
    QApplication.sendEvent(window.board, event)


def parts(window: Window) -> None:
    """A set of drawings as one row, and its strip; a cut while it is drawn."""
    window.files.open(DEMO / "wick.umbrite")
    window.session.workspace.go_to(PARTS)
    window.session.selection.select([next(k for k, p in window.session.puppet.parts.items() if p.name == "Mouth")])
    window.session.workspace.take_tool(CUT)
    way = [262 + 700j, 330 + 680j, 400 + 690j, 470 + 730j, 520 + 790j]
    point_at(window, way[0], QMouseEvent.Type.MouseButtonPress, held=True)
    for one, other in itertools.pairwise(way):
        for share in (0.25, 0.5, 0.75, 1.0):
            point_at(window, one + (other - one) * share, QMouseEvent.Type.MouseMove, held=True)


def pivots(window: Window) -> None:
    window.files.open(DEMO / "wick.umbrite")
    window.session.workspace.go_to(PIVOTS)
    window.session.selection.select([joint(window, "Near forearm")])


def plan(window: Window) -> None:
    """A goat whose layers nobody has named, and the figure of the plan that was guessed."""
    window.files.open(DEMO / "bramble.ora", ask=False)
    puppet = window.session.puppet
    for i, key in enumerate(puppet.parts):
        puppet = change(change(puppet, key, name=f"Layer {i + 1}"), puppet.parts[key].joint, name=f"Layer {i + 1}")
    window.session.edit("Forget names", puppet=puppet)
    window.actions_by_id["plan"].trigger()


def face(window: Window) -> None:
    """Wick's head on its pad, and the poses of the pad."""
    window.files.open(DEMO / "wick.umbrite")
    session = window.session
    session.workspace.go_to(REHEARSE)
    keys = {control.name: key for key, control in session.puppet.controls.items()}
    acted = {"Head turn.value": -0.8, "Head turn.value_y": 0.5, "Brows.value": 1.0, "Smile.value": 1.0}
    session.edit(
        "Look",
        pose={
            f"{keys[name]}.{what}": value
            for (name, what), value in ((tuple(k.split(".")), v) for k, v in acted.items())
        },
    )
    session.selection.select([keys["Head turn"]])
    window.docks["Details"].raise_()
    window.board.fit_all()
    head = session.placed.pivot(joint(window, "Head"))
    middle = window.board.camera.screen(head + 250 - 290j)  # the pad stays where it is seen
    window.board._look_through(window.board.camera.zoomed(1.6, middle).panned(90j))


def weights(window: Window) -> None:
    """The neck of a heron: its mesh, and how much of it one bone takes along."""
    window.files.open(DEMO / "tansy.umbrite")
    session = window.session
    session.workspace.go_to(LIMBS)
    neck = next(key for key, part in session.puppet.parts.items() if part.name == "Neck")
    session.selection.select([neck])
    window.actions_by_id["weigh-tool"].trigger()
    session.brushing.set_sways(on=False)
    session.brushing.choose(joint(window, "Neck 4"))
    window.board.fit_selection()


def heron(window: Window) -> None:
    """A leg held at both ends while its bow grip is dragged, and a neck that looks back."""
    window.files.open(DEMO / "tansy.umbrite")
    session = window.session
    session.workspace.go_to(REHEARSE)
    session.edit("Look back", pose=dict(get_pose(session.puppet, "Look back").channels))
    control = next(c for c in session.puppet.controls.values() if c.name == "Near leg bow")
    at = session.placed.control_at(control)
    point_at(window, at, QMouseEvent.Type.MouseButtonPress, held=True)
    for share in (0.3, 0.7, 1.0):
        point_at(window, at - 110 * share, QMouseEvent.Type.MouseMove, held=True)


def limbs(window: Window) -> None:
    window.files.open(DEMO / "wick.umbrite")
    window.session.workspace.go_to(LIMBS)
    window.session.selection.select([limb(window, "Near leg")])


def takes(window: Window) -> None:
    """Wick calls out his lamps: the wave of his voice, pictures of his mouth, the curve of a hand that was performed, ghosts and its trail."""
    window.files.open(DEMO / "wick.umbrite")
    session = window.session
    session.workspace.go_to(TAKES)
    session.timeline.choose("Call")
    hand = next(key for key, each in session.puppet.controls.items() if each.name == "Far hand")
    session.selection.select([hand])
    session.workspace.set_view("ghosts", on=True)
    QApplication.processEvents()
    sheet, sound = window.timeline.sheet, get_take(session.history.now.takes, "Call").sound
    assert sound is not None
    session.sounds.now(sound)
    window.resizeDocks([window.docks["Tape"]], [330], Qt.Orientation.Vertical)
    QApplication.processEvents()
    mouth = next(i for i, each in enumerate(sheet.ground.rows) if each.label == "Mouth")
    window.timeline.area.verticalScrollBar().setValue(round(sheet.ground.box_of(mouth).bottom()) - 268)
    session.timeline.go_to(44.0)


def controls(window: Window) -> None:
    """All kinds in place, and the list of them."""
    window.files.open(DEMO / "wick.umbrite")
    for names, action in ((("Head",), "make-slider"), (("Cap",), "make-pad")):
        window.session.selection.select([joint(window, name) for name in names])
        window.actions_by_id[action].trigger()
    window.session.selection.select(
        [next(k for k, c in window.session.puppet.controls.items() if c.name == "Near hand")]
    )


def rehearse(window: Window) -> None:
    window.files.open(DEMO / "wick.umbrite")
    session = window.session
    pose(window, {"Near hand": 90 - 250j, "Far hand": 30 - 330j, "Body": 20 + 60j, "Far foot": 150 - 110j})
    window.board.fit_all()
    eyes = next(key for key, each in session.puppet.controls.items() if each.name == "Eyes")
    middle = cells(session, window.board.camera, eyes)[1].center()
    at = window.board.camera.board(complex(middle.x(), middle.y()))
    point_at(window, at, QMouseEvent.Type.MouseMove, held=False)


def findings(window: Window) -> None:
    window.files.open(DEMO / "wick.ora", ask=False)
    window.session.workspace.go_to(PIVOTS)
    window.session.selection.select([])
    window.show_findings()


def cart(window: Window) -> None:
    """The tea cart as a guest beside Wick, and the library."""
    window.files.open(DEMO / "wick-and-cart.umbrite")
    session = window.session
    session.workspace.go_to(PARTS)
    guest_commands.pick(session, next(iter(session.puppet.guests)))
    window.show_panel("Library")


def stages(window: Window) -> None:
    """A stage of the work beside now: a cap that is gone, a hand that is elsewhere, a pivot that moved."""
    window.files.open(DEMO / "wick.umbrite")
    session = window.session
    session.workspace.go_to(PIVOTS)
    version_commands.keep(session)
    version_commands.rename(session, "Version 1", "With his cap")
    puppet = remove_part(session.puppet, next(k for k, p in session.puppet.parts.items() if p.name == "Cap"))
    hand = next(k for k, p in puppet.parts.items() if p.name == "Far hand")
    puppet = nudge_parts(puppet, [hand], 46 - 30j)
    puppet = move_pivot(
        puppet, joint(window, "Near coat tail"), puppet.joints[joint(window, "Near coat tail")].pivot.z + 30 + 60j
    )
    session.edit("Change it", puppet=puppet)
    window.frame.banner.hide()
    session.selection.select([])
    window.show_panel("Versions")
    window.versions.list.item(0).setSelected(True)


def bones(window: Window) -> None:
    """Bones drawn over an arm, with the card of the last."""
    window.files.open(DEMO / "wick.ora", ask=False)
    session = window.session
    session.workspace.go_to(LIMBS)
    session.workspace.take_tool(BONE)
    parent = None
    points = (532 + 652j, 408 + 792j, 368 + 952j, 330 + 1010j)
    for head, tip in itertools.pairwise(points):
        bone_commands.add(session, head, tip, parent)
        parent = session.selection.keys[0]
    point_at(window, 300 + 1120j, QMouseEvent.Type.MouseMove, held=False)


def night(window: Window) -> None:
    """After dark, in Takes: a wave with the lamp that comes and goes over a walk, open on the tape; drawings along the row of a set."""
    window.set_theme("night")
    window.files.open(DEMO / "wick.umbrite")
    session = window.session
    session.workspace.go_to(TAKES)
    takes = session.history.now.takes
    walk = get_take(takes, "Walk")
    over = lay_over(lay_over(walk, get_take(takes, "Idle"), "adds", 0, 0.6), get_take(takes, "Lamp up"), "replaces", 2)
    wave = over.layers[1]
    amount = {AMOUNT: (Key(3.0, 0.0), Key(9.0, 0.9), Key(19.0, 0.9), Key(24.0, 0.0))}
    over = put_layer(over, "Lamp up", replace(wave, take=replace(wave.take, tracks={**wave.take.tracks, **amount})))
    session.edit("Add layer", takes=put_take(takes, "Walk", over))
    session.timeline.choose("Walk")
    session.timeline.open_layer("Lamp up")
    window.resizeDocks([window.docks["Tape"]], [330], Qt.Orientation.Vertical)
    QApplication.processEvents()
    session.timeline.go_to(14.0)


def engines(window: Window) -> None:
    """What is asked before a puppet with a shade goes out as glTF, a window of its own."""
    window.files.open(DEMO / "inkpot.umbrite")
    session = window.session
    top = session.puppet.order[-1]
    session.edit("Shade", puppet=change(session.puppet, top, blend="multiply"))
    GltfDialog(session.file.package(), session.workspace.theme, window).show()


def pose(window: Window, moves: dict[str, complex]) -> None:
    session = window.session
    for name, by in moves.items():
        control = next(c for c in session.puppet.controls.values() if c.name == name)
        at = session.placed.control_at(control) + by
        session.edit(f"Pose {name}", pose=move_control_to(session.placed, session.pose, control, at))


VIEWS: tuple[Callable[[Window], None], ...] = (
    parts,
    plan,
    pivots,
    face,
    limbs,
    weights,
    controls,
    rehearse,
    takes,
    heron,
    findings,
    bones,
    cart,
    stages,
    engines,
    night,
)


PAGE_WIDTH, PAGE_HEIGHT = 640, 470  # of the guide's pictures, which are shown at their real size


def workout(folder: Path) -> None:
    """The contact sheet of Bramble, with a limit made too wide."""
    from umbrite.checking.workout import workout as run
    from umbrite.checking.workout_report import sheets_of, shots_of
    from umbrite.files.package import Package, load
    from umbrite.files.png import decode
    from umbrite.rig.document import Document
    from umbrite.rig.edits.limits import set_limit

    package = load(DEMO / "bramble.umbrite")
    tail = next(key for key, item in package.puppet.joints.items() if item.name == "Tail")
    puppet = set_limit(package.puppet, tail, -1.5, 1.5)
    report = run(puppet, {key: decode(data, key) for key, data in package.art.items()})
    shots = shots_of(puppet, report)[:12]
    (page,) = sheets_of(Package(Document(puppet), package.art), shots, "Alegreya Sans")
    page.save(str(folder / "workout.png"))


def layers(folder: Path) -> None:
    """The table of layers, a window of its own."""
    table = ImportTable(read_art([DEMO / "wick.ora"]))
    table.show()
    QApplication.processEvents()
    table.grab().save(str(folder / "layers.png"))
    table.close()


def take(folder: Path, view: Callable[[Window], None]) -> None:
    folder.mkdir(parents=True, exist_ok=True)
    window = Window(Session(), QSettings(str(Path(tempfile.mkdtemp()) / "settings.ini"), QSettings.Format.IniFormat))
    window.resize(1280, 800)
    window.show()
    QApplication.processEvents()
    view(window)
    settled = time.monotonic() + 0.25
    while time.monotonic() < settled:
        QApplication.processEvents()
    picture = window.grab()
    for own in (window.findings_list, window.guide, *window.findChildren(GltfDialog)):
        if not own.isVisible():
            continue
        lies = window.mapFromGlobal(own.pos())
        if own is not window.findings_list:
            lies = window.rect().center() - own.rect().center()
        painter = QPainter(picture)
        painter.drawPixmap(lies, own.grab())
        painter.setPen(window.session.workspace.theme.line)
        painter.drawRect(own.rect().translated(lies).adjusted(0, 0, -1, -1))
        painter.end()
        own.close()
    picture.save(str(folder / f"{view.__name__}.png"))
    if view.__name__ in {"parts", "pivots", "limbs", "controls", "rehearse", "takes"} and len(sys.argv) > 2:
        spare = max(window.board.width() - PAGE_WIDTH, 0) // 2
        corner = window.board.mapTo(window, QPoint(spare, 0))
        cut = QRect(corner, QSize(min(window.board.width(), PAGE_WIDTH), PAGE_HEIGHT))
        picture.copy(cut).save(str(Path(sys.argv[2]) / f"{view.__name__}.png"))
    window.set_theme("day")
    window.board.cancel()
    window.session.history.mark_saved()
    window.close()


def main() -> None:
    app = QApplication(sys.argv[:1])
    dress(app)
    for view in VIEWS:
        take(Path(sys.argv[1]), view)
    layers(Path(sys.argv[1]))
    workout(Path(sys.argv[1]))


if __name__ == "__main__":
    main()
