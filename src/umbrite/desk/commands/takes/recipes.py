"""What is made of a take by a few numbers that are set while one looks on: what there is to set, and what comes of it."""

import math
from collections.abc import Callable

from msgspec.structs import replace

from umbrite.desk.commands.sets.variant_commands import needs_variants, sets_selected
from umbrite.desk.commands.takes import take_commands
from umbrite.desk.commands.takes.changes import current_take, keyed_take, with_keyed
from umbrite.desk.commands.takes.layer_commands import needs_other_take
from umbrite.desk.commands.takes.recipe import Choose, Dial, Made, Recipe, Values
from umbrite.desk.commands.takes.speaking_recipes import mouths, nods
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.animating.changing_over import bent_over, delayed, followed
from umbrite.motion.animating.idling import Blinks, Breath, blinking, breathing, eyes_of, played_through
from umbrite.motion.animating.walking import walk
from umbrite.rig.channels import is_stepped
from umbrite.rig.edits.parenting import set_also
from umbrite.rig.errors import RigError
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Puppet
from umbrite.rig.takes import keys as key_edits
from umbrite.rig.takes.take import GAITS, Steps, Take
from umbrite.rig.takes.take_layers import lay_over
from umbrite.rig.takes.take_list import add_take, get_take, put_take


def _with(session: Session, step: str, take: Take, puppet: Puppet | None = None) -> Made:
    return Made(step, with_keyed(session, take), current_take(session).name, puppet)


def _over_whole(session: Session, step: str, take: Take, puppet: Puppet | None = None) -> Made:
    """What needs all of the take, layers and walk: it goes into the take itself."""
    was = current_take(session)
    return Made(step, put_take(session.history.now.takes, was.name, take), take.name, puppet)


def _walk(_session: Session) -> Recipe:
    usual = Steps()
    gaits = zip((tr("Walk"), tr("Trot"), tr("Three and three"), tr("Tiptoe")), GAITS, strict=True)
    ways = (
        (tr("On the spot"), "spot"),
        (tr("Move the master along"), "along"),
        (tr("Follow the master's keys"), "following"),
    )

    def make(session: Session, values: Values) -> Made:
        made = walk(session.puppet, Steps(**{**values, "cycle": round(values["cycle"])}))
        takes = add_take(session.history.now.takes, made.name)
        name = takes[-1].name
        return Made(tr("Start a walk"), (*takes[:-1], replace(made, name=name)), name)

    return Recipe(tr("Start a walk"), tr("Make the walk"), (
        Choose("gait", tr("Gait"), tuple(gaits)),
        Choose("way", tr("Where"), ways),
        Dial("stride", tr("Stride"), 0.05, 2.0, 0.01, usual.stride),
        Dial("cycle", tr("Frames for two steps"), 6, 96, 1, usual.cycle),
        Dial("lift", tr("Lift"), 0, 0.6, 0.01, usual.lift),
        Dial("bob", tr("Bob"), 0, 0.15, 0.01, usual.bob),
        Dial("lean", tr("Lean"), -0.3, 0.3, 0.01, usual.lean),
        Dial("arms", tr("Arms"), 0, 1.5, 0.01, usual.arms),
    ), make, plays=True)  # fmt: skip


def _delay(session: Session) -> Recipe:
    take_commands.chain_groups(session)  # refuses before anything is opened

    def make(session: Session, values: Values) -> Made:
        groups = take_commands.chain_groups(session)
        take = delayed(keyed_take(session), session.puppet, groups, values["by"])
        return _with(session, tr("Delay {count} joints down the chain", count=len(groups) - 1), take)

    return Recipe(tr("Delay down the chain"), tr("Delay"), (
        Dial("by", tr("Frames from joint to joint"), -12, 12, 0.1, 2.0),
    ), make)  # fmt: skip


def _spread(session: Session) -> Recipe:
    selected = session.timeline.selected
    if not selected:
        raise RigError(take_commands.needs_keys(session))

    def make(session: Session, values: Values) -> Made:
        take, order = keyed_take(session), list(session.puppet.joints)
        owners = sorted({owner_of(channel) for channel, _ in selected}, key=lambda key: _rank(order, key))
        for i, owner in enumerate(owners):
            own = {spot for spot in selected if owner_of(spot[0]) == owner}
            take = key_edits.move_keys(take, own, i * values["by"]) if i and values["by"] else take
        return _with(session, tr("Spread {count} keys", count=len(selected)), take)

    return Recipe(tr("Spread selected keys"), tr("Spread"), (
        Dial("by", tr("Frames from one to the next"), -12, 12, 0.5, 1.0),
    ), make)  # fmt: skip


def _rank(order: list[str], key: str) -> tuple[int, str]:
    return (order.index(key) if key in order else len(order), key)


def _scatter(session: Session) -> Recipe:
    selected = session.timeline.selected
    if not selected:
        raise RigError(take_commands.needs_keys(session))

    def make(session: Session, values: Values) -> Made:
        take = key_edits.scatter(keyed_take(session), selected, round(values["most"]), round(values["seed"]))
        return _with(session, tr("Scatter {count} keys", count=len(selected)), take)

    return Recipe(tr("Scatter selected keys"), tr("Scatter"), (
        Dial("most", tr("Frames at most"), 1, 24, 1, take_commands.SCATTER), Dial("seed", tr("Seed"), 1, 99, 1, 1),
    ), make)  # fmt: skip


def _ease(session: Session) -> Recipe:
    def make(session: Session, values: Values) -> Made:
        take = keyed_take(session)
        held = {name for name in take.tracks if is_stepped(session.puppet, name)}
        return _with(session, tr("Ease all"), key_edits.ease_all(take, values["share"], held))

    current_take(session)
    return Recipe(tr("Ease all"), tr("Ease"), (Dial("share", tr("Ease length"), 0, 0.5, 0.01, 0.33),), make)


def _breathe(session: Session) -> Recipe:
    take, usual = current_take(session), Breath()

    def make(session: Session, values: Values) -> Made:
        how = Breath(values["depth"], round(values["length"]), math.radians(values["turn"]))
        return _with(session, tr("Let it breathe"), breathing(keyed_take(session), session.puppet, how))

    return Recipe(tr("Let it breathe"), tr("Breathe"), (
        Dial("depth", tr("Depth, in shares of its height"), 0, 0.05, 0.001, usual.depth),
        Dial("length", tr("Frames of a breath"), 8, 240, 1, min(usual.length, take.last - take.first)),
        Dial("turn", tr("Chest turns, in degrees"), -8, 8, 0.1, math.degrees(usual.turn)),
    ), make, plays=True)  # fmt: skip


def _blink(session: Session) -> Recipe:
    current_take(session)
    usual = Blinks()
    chosen = [*session.selection.only("control"), *session.selection.of("joint")]
    puppet = session.puppet
    eyes = [puppet.controls[key].chooses if key in puppet.controls else key for key in chosen]
    eyes = [key for key in eyes if key]
    eyes = eyes or eyes_of(puppet)

    def make(session: Session, values: Values) -> Made:
        how = Blinks(**{key: round(value) for key, value in values.items()})
        return _with(session, tr("Let it blink"), blinking(keyed_take(session), session.puppet, eyes, how))

    return Recipe(tr("Let it blink"), tr("Blink"), (
        Dial("least", tr("Frames between blinks, at least"), 4, 240, 1, usual.least),
        Dial("most", tr("At most"), 4, 480, 1, usual.most),
        Dial("shut", tr("Frames shut"), 1, 12, 1, usual.shut),
        Dial("late", tr("Delay between eyes, in frames"), 0, 6, 1, usual.late),
        Dial("seed", tr("Seed"), 1, 99, 1, usual.seed),
    ), make, plays=True)  # fmt: skip


def _through(session: Session) -> Recipe:
    keys = sets_selected(session)
    if not keys:
        raise RigError(needs_variants(session))
    current_take(session)

    def make(session: Session, values: Values) -> Made:
        frame = session.timeline.frame
        take = played_through(
            keyed_take(session), session.puppet, keys[0], frame, round(values["each"]), back=values["back"]
        )
        return _with(session, tr("Play through {name}", name=session.puppet.sets[keys[0]].name), take)

    return Recipe(tr("Play through the variants"), tr("Play through"), (
        Choose("back", tr("Order"), ((tr("There and back"), True), (tr("Once"), False))),
        Dial("each", tr("Frames each"), 1, 24, 1, 2),
    ), make, plays=True)  # fmt: skip


def _follow(session: Session) -> Recipe:
    """What the first of the selected things follows from the playhead on: anything it may follow, the board, or what else is selected."""
    current_take(session)
    puppet = session.puppet
    moved = session.selection.of("joint")
    moved = [*(puppet.controls[key].moves for key in session.selection.only("control")), *moved]
    moved = list(dict.fromkeys(moved))
    if not moved:
        raise RigError(tr("Select what should follow first, then Shift+click what it should follow."))
    key, joint = moved[0], puppet.joints[moved[0]]
    wanted = list(dict.fromkeys([*moved[1:], *joint.also, "", joint.parent or ""]))

    def make(session: Session, values: Values) -> Made:
        joint = session.history.now.puppet.joints[key]
        also, to = joint.also, values["to"]
        if to != (joint.parent or "") and to not in also:
            also = (*also, to)
        puppet = set_also(session.history.now.puppet, key, also)
        number = 0 if to == (joint.parent or "") else also.index(to) + 1
        timeline = session.timeline
        take = followed(current_take(session), puppet, key, number, timeline.frame, round(values["over"]))
        return _over_whole(session, tr("Let {name} follow something else", name=joint.name), take, puppet)

    names = [(puppet.joints[each].name if each else tr("The board"), each) for each in wanted]
    return Recipe(tr("What {name} follows from here", name=joint.name), tr("Follow"), (
        Choose("to", tr("Follows"), tuple(names)),
        Dial("over", tr("Blended over frames"), 0, 48, 1, 0),
    ), make)  # fmt: skip


def _bend(session: Session) -> Recipe:
    current_take(session)
    puppet = session.puppet
    chosen = set(session.selection.of("joint")) | {
        puppet.controls[key].moves for key in session.selection.only("control")
    }
    limbs = [
        key
        for key, limb in puppet.limbs.items()
        if key in session.selection.keys or limb.target in chosen or chosen & {*limb.joints, limb.end}
    ]
    if not limbs:
        raise RigError(tr("Select the hand or foot of the limb that should bend to its other side."))

    def make(session: Session, values: Values) -> Made:
        take = current_take(session)
        for key in limbs:
            take = bent_over(take, key, session.timeline.frame, round(values["over"]))
        return _over_whole(session, tr("Change the bend side of {name}", name=puppet.limbs[limbs[0]].name), take)

    return Recipe(tr("Change bend side here"), tr("Change side"), (
        Dial("over", tr("Frames to blend, 0 for at once"), 0, 48, 1, 6),
    ), make)  # fmt: skip


def _lay_over(session: Session) -> Recipe:
    """Another take over the current one, from the playhead on."""
    now = current_take(session)
    others = [take.name for take in session.history.now.takes if take is not now]
    if not others:
        raise RigError(needs_other_take(session))
    ways = ((tr("Is added"), "adds"), (tr("Takes over"), "replaces"))

    def make(session: Session, values: Values) -> Made:
        takes, whole = session.history.now.takes, current_take(session)
        other = get_take(takes, values["take"])
        frame = whole.first if other.loop else session.timeline.frame
        made = lay_over(whole, other, values["way"], frame, values["amount"] / 100)
        step = tr("Add {name} as a layer of {name2}", name=other.name, name2=whole.name)
        said = tr(
            "{name} is a layer of {name2} now. Click its name on the tape to key it.",
            name=made.layers[-1].take.name,
            name2=whole.name,
        )
        return _over_whole(session, step, made)._replace(said=said)

    return Recipe(tr("Add a take as a layer"), tr("Add layer"), (
        Choose("take", tr("Take"), tuple((name, name) for name in others)),
        Choose("way", tr("Mode"), ways),
        Dial("amount", tr("Amount, in percent"), 0, 200, 1, 100),
    ), make, plays=True)  # fmt: skip


RECIPES: dict[str, Callable[[Session], Recipe]] = {
    "walk": _walk,
    "delay": _delay,
    "spread": _spread,
    "scatter": _scatter,
    "ease": _ease,
    "breathe": _breathe,
    "blink": _blink,
    "through": _through,
    "follow": _follow,
    "bend": _bend,
    "lay-over": _lay_over,
    "mouths": mouths,
    "nods": nods,
}


def finish(session: Session, recipe: Recipe, values: Values) -> None:
    """Make it a step."""
    made = recipe.make(session, values)
    session.edit(made.step, puppet=made.puppet, takes=made.takes)
    if session.timeline.take is None or session.timeline.take.name != made.name:
        session.timeline.choose(made.name)
    session.say(made.said or tr("{step}: ordinary keys. Correct them on the tape.", step=made.step))
