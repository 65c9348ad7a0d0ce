"""Every action of the table is run by its id, in a state in which it can be done, and something comes of it."""

from collections.abc import Callable
from contextlib import nullcontext
from functools import cache
from pathlib import Path

import pytest
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication, QLineEdit

from demo_puppet import ASSETS, control, joint, part
from desk.conftest import Answers
from umbrite.desk.actions.action_table import ACTIONS, MENUS
from umbrite.desk.commands.sets.variant_commands import choose
from umbrite.desk.session.stations import CONTROLS, LIMBS, PARTS, PIVOTS, REHEARSE, TAKES, Station
from umbrite.desk.window import Window
from umbrite.files.long_work import CancelledError
from umbrite.files.opening import open_any
from umbrite.files.package import Package
from umbrite.motion.whole_body import HoldPoint
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.limbs import remove_limb
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.looks import set_guides, trim
from umbrite.rig.edits.parts import add_part
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Guide, Placement
from umbrite.rig.takes.keys import put_keys, spots_of
from umbrite.rig.takes.take import Take

State = Callable[[Window], None]


@cache
def package(name: str) -> Package:
    return open_any(ASSETS / name)


def wick(window: Window) -> None:
    window.session.open(package("wick.umbrite"), None, saved=True)
    window.session.stage.go_to(REHEARSE)


def art(window: Window) -> None:
    window.session.open(package("wick.ora"), None)
    window.session.history.mark_saved()
    window.session.stage.go_to(PARTS)


def picked(station: Station, *names: str, of: str = "joint") -> State:
    def state(window: Window) -> None:
        wick(window)
        puppet = window.session.puppet
        find = {"joint": joint, "part": part, "control": control}[of]
        window.session.stage.go_to(station)
        window.session.selection.pick([find(puppet, name) for name in names])

    return state


def limb(window: Window) -> None:
    wick(window)
    window.session.stage.go_to(LIMBS)
    window.session.selection.pick([next(iter(window.session.puppet.limbs))])


def end_of_limb(window: Window) -> None:
    """A limb that can be made one joint longer."""
    wick(window)
    puppet = window.session.puppet
    short = next(key for key, item in puppet.limbs.items() if item.name == "Near arm")
    window.session.selection.pick([short])


def eyed(window: Window) -> None:
    """Another drawing of the eyes than that at rest, and the set picked."""
    wick(window)
    key = next(key for key, one in window.session.puppet.sets.items() if one.name == "Eyes")
    window.session.selection.pick([key])
    choose(window.session, key, window.session.puppet.sets[key].variants[2].number)


def posed(window: Window) -> None:
    wick(window)
    head = joint(window.session.puppet, "Head")
    window.session.edit("Nod", pose={f"{head}.turn": 0.2})
    window.session.selection.pick([head])


def waved(window: Window) -> None:
    wick(window)
    arm = joint(window.session.puppet, "Scarf tail")
    hook = next(x for x in window.session.puppet.limbs.values() if x.name == "Near arm").target
    window.session.edit("Wave", pose={f"{hook}.x": 30.0, f"{arm}.turn": 0.1})


def one_sided(window: Window) -> None:
    """A limit that the joint of the other side has not."""
    wick(window)
    shin = joint(window.session.puppet, "Near shin")
    window.session.edit("Limit", puppet=set_limit(window.session.puppet, shin, -0.3, 0.4))
    window.session.selection.pick([shin])


def undone(window: Window) -> None:
    posed(window)
    window.session.step(-1)


def unlimbed(window: Window) -> None:
    """A family with names that tell its limbs, and none made."""
    wick(window)
    puppet = window.session.puppet
    for key in puppet.limbs:
        puppet = remove_limb(puppet, key)
    window.session.edit("Unmake", puppet=puppet)
    window.session.stage.go_to(LIMBS)


def with_guides(window: Window) -> None:
    wick(window)
    window.session.edit("Guide", puppet=set_guides(window.session.puppet, [Guide("x", 300.0)]))


def trimmed(window: Window) -> None:
    wick(window)
    key = part(window.session.puppet, "Trunk")
    loop = [600 + 750j, 640 + 750j, 640 + 790j]
    window.session.edit("Trim", puppet=trim(window.session.puppet, key, loop))
    window.session.stage.go_to(PARTS)
    window.session.selection.pick([key])


def held(window: Window) -> None:
    wick(window)
    hold = HoldPoint(joint(window.session.puppet, "Near foot"), 600 + 1400j)
    window.session.drafts.put(window.session.drafts.now._replace(holds=(hold,)))


def pencilled(window: Window) -> None:
    art(window)
    window.actions_by_id["find-joints"].trigger()


def boned(window: Window) -> None:
    """Bones of both sides in a row, one picked, and a loose part."""
    wick(window)
    puppet = window.session.puppet
    hips = joint(puppet, "Hips")
    puppet, near = add_bone(puppet, 600 + 900j, 640 + 990j, hips, "Near fin")
    puppet, far = add_bone(puppet, 640 + 990j, 700 + 1100j, near, "Far fin")
    drawing = puppet.parts[part(puppet, "Cap")].drawing
    puppet, _ = add_part(puppet, "Badge", drawing, Placement(620.0, 930.0))
    window.session.edit("Bones", puppet=puppet)
    window.session.stage.go_to(LIMBS)
    window.session.selection.pick([far])


def bone_and_other(window: Window) -> None:
    boned(window)
    puppet = window.session.puppet
    window.session.selection.pick([joint(puppet, "Far fin"), joint(puppet, "Head")])


def limb_without_controls(window: Window) -> None:
    limb(window)
    window.session.selection.pick(window.session.puppet.controls)
    window.actions_by_id["delete"].trigger()


def copied(window: Window) -> None:
    posed(window)
    window.actions_by_id["copy-pose"].trigger()
    window.actions_by_id["reset-all"].trigger()


TWO = picked(PIVOTS, "Near hand", "Scarf end")
PARTS_3 = picked(PARTS, "Cap", "Trunk", "Near hand", of="part")
ONE_PART = picked(PARTS, "Near hand", of="part")
LIMITED = picked(LIMBS, "Near shin")


def keyed(window: Window) -> None:
    """A take with keys at both ends, all of them picked, the lamp between them and a change there not kept yet."""
    wick(window)
    session = window.session
    session.stage.go_to(TAKES)
    head = joint(session.puppet, "Head")
    take = put_keys(put_keys(Take("Nod", last=2), 0, {f"{head}.turn": 0.0}), 2, {f"{head}.turn": 0.3})
    session.edit("Nod", takes=(take,))
    session.stage.tape.choose("Nod")
    session.stage.tape.go_to(1.0)
    session.stage.tape.pick(spots_of(take))
    session.stage.tape.set_keying(on=False)
    session.edit("Nod more", pose={f"{head}.turn": 0.1})


def swinging(window: Window) -> None:
    """The same with a joint picked that can swing."""
    keyed(window)
    window.session.selection.pick([joint(window.session.puppet, "Scarf tail")])


def with_guest(window: Window) -> None:
    """Wick with the tea cart, something of which is picked."""
    window.session.open(package("wick-and-cart.umbrite"), None, saved=True)
    window.session.stage.go_to(PARTS)
    window.session.selection.pick([part(window.session.puppet, "Box")])


# Tried in turn until the action can be done.
STATES: tuple[State, ...] = (
    wick, ONE_PART, PARTS_3, picked(PIVOTS, "Scarf"), LIMITED, TWO, limb, posed, art, with_guides, trimmed, held, pencilled, boned, keyed, with_guest,
)  # fmt: skip
# Where the first state that allows an action would let it do nothing to be seen.
FITTING: dict[str, State] = {
    "redo": undone, "delete": picked(CONTROLS, "Near hand", of="control"), "same-length": boned, "detach": boned,
    "attach": bone_and_other, "bind-name": boned, "bind-overlap": boned, "loose": boned, "bind-nearest": boned,
    "limit-mirror": one_sided, "limit-same": one_sided, "limit-copy": picked(LIMBS, "Near shin", "Head"), "reset-branch": posed,
    "reset": posed, "variant-on": eyed, "variant-back": eyed, "variant-rest": eyed, "paste-pose": copied, "extend": end_of_limb, "find-joints": art, "controls-make": limb_without_controls,
    "free": picked(PIVOTS, "Head"), "hang-last": picked(PIVOTS, "Cap", "Near hand"), "limbs-from-names": unlimbed, "limb-between": picked(LIMBS, "Scarf tail", "Scarf end"),
    "take-start": keyed, "film-sheets": keyed, "scatter-keys": keyed, "swing": swinging, "bake-swing": swinging, "stretch-keys": keyed, "press-keys": keyed, **{f"film-{kind}": keyed for kind in ("webm", "mp4", "gif", "apng", "webp", "folder")}, "undo": posed, "mirror-pose": waved, "two-depths": picked(PARTS, "Scarf", of="part"), "rehearse": limb, "pose": limb, "up": picked(PIVOTS, "Head"),
    "down": picked(PIVOTS, "Trunk"), "branch": picked(PIVOTS, "Trunk"), "controls-list": wick, "bones-middle": ONE_PART,
    "limit-arc": picked(LIMBS, "Head"), "front": picked(PARTS, "Trunk", of="part"), "forward": picked(PARTS, "Trunk", of="part"),
}  # fmt: skip


def seen(window: Window, answers: Answers) -> tuple[object, ...]:
    """What a person could notice: the document, where one is and what is picked, drafts, questions, words, windows."""
    session = window.session
    panels = tuple(not dock.visibleRegion().isEmpty() for dock in window.docks.values())
    shown = tuple(type(w).__name__ for w in QApplication.topLevelWidgets() if w.isVisible())
    return (
        session.history.now, session.selection.keys, session.stage.station, session.stage.tool, dict(session.stage.views),
        session.drafts.now, session.file.path, window.board.camera,
        tuple(answers.asked), len(window.family.tree.findChildren(QLineEdit)), window.frame.hints.message, panels, shown, QApplication.clipboard().text(), window.alone, window.focusWidget(), session.stage.tape.frame, window.tape.player.playing, session.stage.tape.keying,
    )  # fmt: skip


def state_for(window: Window, name: str) -> None:
    """Bring the window into a state in which the action can be done."""
    for state in (FITTING[name],) if name in FITTING else STATES:
        state(window)
        if window.actions_by_id[name].isEnabled():
            return
    pytest.fail(f"{name} can be done in none of the states: {window.actions_by_id[name].statusTip()}")


def close_dialogs(answers: Answers) -> None:
    dialog = QApplication.activeModalWidget()
    if dialog is not None:
        answers.asked.append(dialog.windowTitle())
        dialog.close()


@pytest.mark.parametrize("menu", MENUS)
def test_every_action_of_a_menu_does_something(
    menu: str, window: Window, answers: Answers, tmp_path: Path
) -> None:
    def stop(_done: int, _all: int, _name: str) -> None:
        raise CancelledError("stopped")

    answers.save_path = tmp_path / "away.png"
    idle = []
    for act in (act for act in ACTIONS if act.menu == menu and act.id != "quit"):
        answers.watch = lambda _what: nullcontext(lambda *_: None)  # type: ignore[method-assign]
        state_for(window, act.id)
        if act.id in {"workout", "find-limits"}:
            answers.watch = lambda _what: nullcontext(stop)  # type: ignore[method-assign]
        if act.id in {"actual", "fit"}:
            window.board.zoom_by(1.5)
        if act.id == menu.lower().removesuffix("s"):
            window.session.stage.go_to(PIVOTS)
        before = seen(window, answers)
        QTimer.singleShot(0, lambda: close_dialogs(answers))
        window.actions_by_id[act.id].trigger()
        if seen(window, answers) == before:
            idle.append(act.id)
        assert invariants(window.session.puppet) == [], act.id
        for other in (window.guide, window.finder, window.findings_list):
            other.close()
    assert idle == []


def test_quit_closes_the_window(window: Window) -> None:
    window.actions_by_id["quit"].trigger()
    assert not window.isVisible()
