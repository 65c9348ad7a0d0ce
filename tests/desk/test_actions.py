"""Every action of the table is run by its id, in a state where it can be done, and does something.

Most need no window: they are run on a session with its files. What asks for more is run in the window, by its menu's action.
"""

from collections.abc import Callable
from contextlib import nullcontext
from functools import cache

import pytest
from PySide6.QtCore import QEvent, QSettings, Qt, QTimer
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QApplication, QLineEdit

from demo_puppet import ASSETS, control, joint, part
from takes_strategies import looks_as_before_or_is_told
from umbrite.desk.actions.action_table import ACTIONS, MENUS
from umbrite.desk.commands.sets.variant_commands import choose
from umbrite.desk.files.file_desk import FileDesk
from umbrite.desk.session.preferences import Preferences
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.session.stations import CONTROLS, LIMBS, PARTS, PIVOTS, REHEARSE, TAKES
from umbrite.files.long_work import CancelledError
from umbrite.files.opening import open_any
from umbrite.motion.whole_body import HoldPoint
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.limbs import remove_limb
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.looks import set_guides, trim
from umbrite.rig.edits.parts import add_part
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.edits.renaming import rename
from umbrite.rig.edits.responses.stops import add_response, put_stop
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Guide, Placement, Point
from umbrite.rig.takes.keys import put_keys, spots_of
from umbrite.rig.takes.sounds import with_marks
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_layers import lay_over
from umbrite.rig.takes.take_list import get_take, put_take


class NeedsWindowError(Exception):
    """What an action asks of a desk that has no window."""


class BareDesk:
    """A session and its files, as far as actions reach without a window."""

    def __init__(self, answers, settings):
        self.session = Session()
        self.preferences = Preferences(settings)
        self.files = FileDesk(self.session, answers, self.preferences)
        self.said: list[str] = []
        self.session.said.connect(self.said.append)

    def __getattr__(self, name):
        raise NeedsWindowError(name)

    def do(self, name):
        attempt(self.session, lambda: BY_ID[name].does(self))

    def why_not(self, name):
        return BY_ID[name].why_not(self.session)

    def seen(self):
        return tuple(self.said)


class WindowDesk:
    """The same of a window."""

    def __init__(self, window):
        self.window, self.session = window, window.session

    def do(self, name):
        self.window.actions_by_id[name].trigger()

    def why_not(self, name):
        action = self.window.actions_by_id[name]
        return "" if action.isEnabled() else action.statusTip()

    def seen(self):
        window = self.window
        panels = tuple(not dock.visibleRegion().isEmpty() for dock in window.docks.values())
        shown = tuple(type(w).__name__ for w in QApplication.topLevelWidgets() if w.isVisible())
        return (
            window.board.camera, len(window.family.tree.findChildren(QLineEdit)), window.frame.hints.message, panels,
            shown, window.alone, window.focusWidget(), window.timeline.player.playing,
        )  # fmt: skip


Bench = BareDesk | WindowDesk
State = Callable[[Bench], None]
BY_ID = {act.id: act for act in ACTIONS}


@cache
def package(name):
    return open_any(ASSETS / name)


def wick(desk):
    desk.session.open(package("wick.umbrite"), None, saved=True)
    desk.session.workspace.go_to(REHEARSE)


def art(desk):
    desk.session.open(package("wick.ora"), None)
    desk.session.history.mark_saved()
    desk.session.workspace.go_to(PARTS)


def selected(station, *names, of="joint"):
    def state(desk):
        wick(desk)
        puppet = desk.session.puppet
        find = {"joint": joint, "part": part, "control": control}[of]
        desk.session.workspace.go_to(station)
        desk.session.selection.select([find(puppet, name) for name in names])

    return state


def limb(desk):
    wick(desk)
    desk.session.workspace.go_to(LIMBS)
    desk.session.selection.select([next(iter(desk.session.puppet.limbs))])


def end_of_limb(desk):
    """A limb that can be made one joint longer."""
    wick(desk)
    puppet = desk.session.puppet
    short = next(key for key, item in puppet.limbs.items() if item.name == "Near arm")
    desk.session.selection.select([short])


def eyed(desk):
    """Another drawing of the eyes than that at rest, and the set picked."""
    wick(desk)
    key = next(key for key, one in desk.session.puppet.sets.items() if one.name == "Eyes")
    desk.session.selection.select([key])
    choose(desk.session, key, desk.session.puppet.sets[key].variants[2].number)


def posed(desk):
    wick(desk)
    head = joint(desk.session.puppet, "Head")
    desk.session.edit("Nod", pose={f"{head}.turn": 0.2})
    desk.session.selection.select([head])


def waved(desk):
    wick(desk)
    arm = joint(desk.session.puppet, "Scarf tail")
    hook = next(x for x in desk.session.puppet.limbs.values() if x.name == "Near arm").target
    desk.session.edit("Wave", pose={f"{hook}.x": 30.0, f"{arm}.turn": 0.1})


def one_sided(desk):
    """A limit that the joint of the other side has not."""
    wick(desk)
    shin = joint(desk.session.puppet, "Near shin")
    desk.session.edit("Limit", puppet=set_limit(desk.session.puppet, shin, -0.3, 0.4))
    desk.session.selection.select([shin])


def undone(desk):
    posed(desk)
    desk.session.step(-1)


def unlimbed(desk):
    """A family with names that tell its limbs, and none made."""
    wick(desk)
    puppet = desk.session.puppet
    for key in puppet.limbs:
        puppet = remove_limb(puppet, key)
    desk.session.edit("Unmake", puppet=puppet)
    desk.session.workspace.go_to(LIMBS)


def with_guides(desk):
    wick(desk)
    desk.session.edit("Guide", puppet=set_guides(desk.session.puppet, [Guide("x", 300.0)]))


def trimmed(desk):
    wick(desk)
    key = part(desk.session.puppet, "Trunk")
    loop = [600 + 750j, 640 + 750j, 640 + 790j]
    desk.session.edit("Trim", puppet=trim(desk.session.puppet, key, loop))
    desk.session.workspace.go_to(PARTS)
    desk.session.selection.select([key])


def held(desk):
    wick(desk)
    hold = HoldPoint(joint(desk.session.puppet, "Near foot"), 600 + 1400j)
    desk.session.drafts.put(desk.session.drafts.now._replace(holds=(hold,)))


def proposed(desk):
    art(desk)
    desk.do("find-joints")


def boned(desk):
    """Bones of both sides in a row, one picked, and a loose part."""
    wick(desk)
    puppet = desk.session.puppet
    hips = joint(puppet, "Hips")
    puppet, near = add_bone(puppet, 600 + 900j, 640 + 990j, hips, "Near fin")
    puppet, far = add_bone(puppet, 640 + 990j, 700 + 1100j, near, "Far fin")
    drawing = puppet.parts[part(puppet, "Cap")].drawing
    puppet, _ = add_part(puppet, "Badge", drawing, Placement(620.0, 930.0))
    desk.session.edit("Bones", puppet=puppet)
    desk.session.workspace.go_to(LIMBS)
    desk.session.selection.select([far])


def bone_and_other(desk):
    boned(desk)
    puppet = desk.session.puppet
    desk.session.selection.select([joint(puppet, "Far fin"), joint(puppet, "Head")])


def limb_without_controls(desk):
    limb(desk)
    desk.session.selection.select(desk.session.puppet.controls)
    desk.do("delete")


def copied(desk):
    posed(desk)
    desk.do("copy-pose")
    desk.do("reset-all")


TWO = selected(PIVOTS, "Near hand", "Scarf end")
PARTS_3 = selected(PARTS, "Cap", "Trunk", "Near hand", of="part")
ONE_PART = selected(PARTS, "Near hand", of="part")
LIMITED = selected(LIMBS, "Near shin")


def keyed(desk):
    """A take with keys at both ends, all of them picked, the lamp between them and a change there not kept yet."""
    wick(desk)
    session = desk.session
    session.workspace.go_to(TAKES)
    head = joint(session.puppet, "Head")
    take = put_keys(put_keys(Take("Nod", last=2), 0, {f"{head}.turn": 0.0}), 2, {f"{head}.turn": 0.3})
    session.edit("Nod", takes=(take,))
    session.timeline.choose("Nod")
    session.timeline.go_to(1.0)
    session.timeline.select(spots_of(take))
    session.timeline.set_keying(on=False)
    session.edit("Nod more", pose={f"{head}.turn": 0.1})


def swinging(desk):
    """The same with a joint picked that can swing."""
    keyed(desk)
    desk.session.selection.select([joint(desk.session.puppet, "Scarf tail")])


def with_guest(desk):
    """Wick with the tea cart, something of which is picked."""
    desk.session.open(package("wick-and-cart.umbrite"), None, saved=True)
    desk.session.workspace.go_to(PARTS)
    desk.session.selection.select([part(desk.session.puppet, "Box")])


def calling(desk):
    """A knob's joint, the near hand, whose turn widens the cap."""
    wick(desk)
    session = desk.session
    hand, arm = (joint(session.puppet, name) for name in ("Near hand", "Cap"))
    puppet, key = add_response(session.puppet, f"{hand}.turn")
    session.edit("Call", puppet=put_stop(puppet, key, Point(1.0, 0.0), {f"{arm}.scale_x": 0.2}))
    session.selection.select([hand])


# Tried in turn until the action can be done.
STATES = (
    wick, ONE_PART, PARTS_3, selected(PIVOTS, "Scarf"), LIMITED, TWO, limb, posed, art, with_guides, trimmed, held, boned, keyed, with_guest, proposed,
)  # fmt: skip
# Where the first state that allows an action would let it do nothing to be seen.
FITTING = {
    "mirror-response": calling,
    "redo": undone, "delete": selected(CONTROLS, "Near hand", of="control"), "same-length": boned, "detach": boned,
    "attach": bone_and_other, "bind-name": boned, "bind-overlap": boned, "loose": boned, "bind-nearest": boned,
    "limit-mirror": one_sided, "limit-same": one_sided, "limit-copy": selected(LIMBS, "Near shin", "Head"), "reset-branch": posed,
    "reset": posed, "variant-on": eyed, "variant-back": eyed, "variant-rest": eyed, "paste-pose": copied, "extend": end_of_limb, "find-joints": art, "controls-make": limb_without_controls,
    "free": selected(PIVOTS, "Head"), "hang-last": selected(PIVOTS, "Cap", "Near hand"), "limbs-from-names": unlimbed, "limb-between": selected(LIMBS, "Scarf tail", "Scarf end"),
    "take-start": keyed, "film-sheets": keyed, "scatter-keys": keyed, "swing": swinging, "bake-swing": swinging, "stretch-keys": keyed, "press-keys": keyed, **{f"film-{kind}": keyed for kind in ("webm", "mp4", "gif", "apng", "webp", "folder")}, "undo": posed, "mirror-pose": waved, "two-depths": selected(PARTS, "Scarf", of="part"), "rehearse": limb, "pose": limb, "up": selected(PIVOTS, "Head"),
    "down": selected(PIVOTS, "Trunk"), "branch": selected(PIVOTS, "Trunk"), "controls-list": wick, "bones-middle": ONE_PART,
    "limit-arc": selected(LIMBS, "Head"), "front": selected(PARTS, "Trunk", of="part"), "forward": selected(PARTS, "Trunk", of="part"),
}  # fmt: skip


def carried_over(desk):
    """A pose of Rehearse under which a pivot was moved."""
    posed(desk)
    desk.session.workspace.set_view("carry", on=True)
    key = joint(desk.session.puppet, "Head")
    desk.session.edit(
        "A pivot", puppet=move_pivot(desk.session.puppet, key, desk.session.puppet.joints[key].pivot.z + 9)
    )


def layered(desk):
    """One take laid twice over another; the lower layer is open."""
    wick(desk)
    desk.session.workspace.go_to(TAKES)
    takes = desk.session.history.now.takes
    made = lay_over(lay_over(takes[0], takes[1], "adds", 0), takes[1], "replaces", 5)
    desk.session.edit("Add layer", takes=(made, *takes[1:]))
    desk.session.timeline.choose(made.name)
    desk.session.timeline.open_layer(made.layers[0].take.name)


def sounding(desk):
    """Wick's call, whose sound has no marks yet, at a frame where it is heard."""
    wick(desk)
    session = desk.session
    session.workspace.go_to(TAKES)
    takes = session.history.now.takes
    session.edit("No marks", takes=put_take(takes, "Call", with_marks(get_take(takes, "Call"), ())))
    session.timeline.choose("Call")
    session.timeline.go_to(50.0)


FITTING["values-instead"] = carried_over
FITTING |= dict.fromkeys(("mark-sound", "mark-accents", "mouths", "nods", "end-with-sound", "remove-sound"), sounding)
FITTING |= dict.fromkeys(("next-layer", "layer-off", "layer-up", "remove-layer", "make-one"), layered)


def seen(desk, answers):
    """What a person could notice: the document, where one is and what is picked, drafts, questions, words, windows."""
    session, timeline = desk.session, desk.session.timeline
    return (
        session.history.now, session.selection.keys, session.workspace.station, session.workspace.tool, dict(session.workspace.views),
        session.drafts.now, session.file.path, tuple(answers.asked), QApplication.clipboard().text(), timeline.frame, timeline.keying,
        desk.seen(),
    )  # fmt: skip


def state_for(desk, name):
    """Bring a desk into a state where the action can be done."""
    for state in (FITTING[name],) if name in FITTING else STATES:
        state(desk)
        if not desk.why_not(name):
            return
    pytest.fail(f"{name} can be done in none of the states: {desk.why_not(name)}")


def close_dialogs(answers):
    dialog = QApplication.activeModalWidget()
    if dialog is not None:
        answers.asked.append(dialog.windowTitle())
        dialog.close()


def stop(_done, _all, _name):
    raise CancelledError("stopped")


# What these do may be about poses and takes; with all other actions these look as before, or it is told.
WITH_TAKES = {"File", "Edit", "Pose", "Takes"}


def tried(desk, act, answers):
    """Whether an action does something that can be noticed."""
    answers.watch = lambda _what: nullcontext(lambda *_: None)
    state_for(desk, act.id)
    if act.id in {"workout", "find-limits"}:
        answers.watch = lambda _what: nullcontext(stop)
    if act.id in {"actual", "fit"}:
        desk.do("closer")
    if act.id == act.menu.lower().removesuffix("s"):
        desk.session.workspace.go_to(PIVOTS)
    before, history = seen(desk, answers), desk.session.history
    document, steps = history.now, len(history.steps()[0])
    desk.do(act.id)
    assert invariants(desk.session.puppet) == [], act.id
    changed = seen(desk, answers) != before
    if (
        desk.session.history is history
        and history.now is not document
        and act.id not in {"undo", "redo", "values-instead"}
    ):
        after = history.now
        assert len(history.steps()[0]) == steps + 1, f"{act.id} is one step"
        if act.menu not in WITH_TAKES:
            last = desk.session.rests.last
            looks_as_before_or_is_told(document, after, last.kept.differs if last is not None else (), 1)
        desk.session.timeline.forget_lost()
        desk.session.step(-1)
        assert history.now is document, f"{act.id} is undone whole"
        desk.session.step(1)
        assert history.now is after, f"{act.id} is done again"
    return changed


@pytest.mark.parametrize("menu", MENUS)
def test_every_action_of_a_menu_does_something_and_is_one_step_of_undo(menu, qtbot, answers, tmp_path, request):
    del qtbot
    bare = BareDesk(answers, QSettings(str(tmp_path / "settings.ini"), QSettings.Format.IniFormat))
    idle, rest = [], []
    answers.film = lambda film: film._replace(scale=0.1)
    for act in (act for act in ACTIONS if act.menu == menu and act.id != "quit"):
        answers.save_path = tmp_path / "away.png"
        try:
            idle += [] if tried(bare, act, answers) else [act.id]
        except NeedsWindowError:
            rest.append(act)
    window = request.getfixturevalue("window") if rest else None
    answers.film = lambda film: film._replace(scale=0.1)
    for act in rest:
        answers.save_path = tmp_path / "away.png"
        QTimer.singleShot(0, lambda: close_dialogs(answers))
        idle += [] if tried(WindowDesk(window), act, answers) else [act.id]
        for other in (window.guide, window.finder, window.findings_list):
            other.close()
    assert idle == []
    assert len(rest) < len(ACTIONS) / 4


@pytest.mark.fresh
def test_quit_closes_the_window(window):
    window.actions_by_id["quit"].trigger()
    assert not window.isVisible()


def test_a_key_right_after_an_edit_finds_its_action(wick_window):
    window, session = wick_window, wick_window.session
    joint, undo = next(iter(session.puppet.joints)), window.actions_by_id["undo"]
    session.edit("Rename", puppet=rename(session.puppet, joint, "Lamplighter"))
    assert not undo.isEnabled(), "asked in the pause"
    key = QKeyEvent(QEvent.Type.ShortcutOverride, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
    QApplication.sendEvent(window.board, key)  # as comes before the shortcut itself
    assert undo.isEnabled()
