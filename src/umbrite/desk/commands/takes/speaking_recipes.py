"""What is made of a sound by a few choices: a mouth that speaks, and a head that nods, blinks and breathes along."""

import math
from typing import TYPE_CHECKING

from umbrite.desk.commands.sets.variant_commands import sets_selected
from umbrite.desk.commands.takes.changes import current_take, keyed_take, with_keyed
from umbrite.desk.commands.takes.recipe import Choose, Dial, Line, Made, Recipe, Values
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.files.sandbox.sound_reading import phones_of
from umbrite.motion.animating.accenting import Nods, breathing_before, nodding_at
from umbrite.motion.animating.idling import Blinks, blinking_at, eyes_of
from umbrite.motion.animating.mouths import Talk, matched, mouths_of, said_by_control, said_by_drawings
from umbrite.rig.control_kinds import traits
from umbrite.rig.errors import RigError
from umbrite.rig.takes.sounds import frame_of_second, sound_of
from umbrite.rig.takes.take import Sound
from umbrite.sound.loudness import accents
from umbrite.sound.mouth_shapes import (
    CLOSED,
    OPEN,
    ROUND,
    SHAPES,
    TEETH,
    TONGUE,
    WIDE,
    Shape,
    shapes_by_loudness,
    shapes_of,
)

if TYPE_CHECKING:
    from umbrite.sound.phones import Phone

PHONES, LOUDNESS = "phones", "loudness"


def mouths(session: Session) -> Recipe:
    """Mouths from the sound: of the selected set, slider or pad, or of what is named a mouth."""
    take, puppet = current_take(session), session.puppet
    sound_of(take)
    chosen = [*sets_selected(session), *session.selection.of("control")]
    mouth = next((key for key in [*chosen, *mouths_of(puppet)] if key in puppet.sets or _opens(session, key)), None)
    if mouth is None:
        raise RigError(tr("No mouth was found. Select a set of drawings, a slider or a pad that opens it."))
    one = puppet.sets.get(mouth)
    words = {
        CLOSED: tr("m, b, p"), OPEN: tr("a, e, h"), WIDE: tr("i, s, t, n"), ROUND: tr("o, u, w, r"), TEETH: tr("f, v"), TONGUE: tr("l, th"),
    }  # fmt: skip
    table: list[Choose] = []
    if one is not None:
        numbers, fits = tuple((each.name, each.number) for each in one.variants), matched(one)
        table = [Choose(shape, words[shape], numbers, fits[shape]) for shape in SHAPES]

    def make(session: Session, values: Values) -> Made:
        take = keyed_take(session)
        shapes = shapes_heard(session, sound_of(take), values["way"], values["said"])
        how = Talk(round(values["early"]), round(values["least"]))
        if one is not None:
            made = said_by_drawings(take, puppet, mouth, shapes, {shape: values[shape] for shape in SHAPES}, how)
        else:
            made = said_by_control(take, puppet, mouth, shapes, how)
        return Made(tr("Mouths from the sound"), with_keyed(session, made), current_take(session).name)

    return Recipe(tr("Mouths from the sound"), tr("Make mouths"), (
        Line("said", tr("Words, if you know them")),
        Choose("way", tr("Found by"), ((tr("Phones (English model)"), PHONES), (tr("Loudness alone"), LOUDNESS))),
        *table,
        Dial("early", tr("Frames early"), 0, 4, 1, Talk().early),
        Dial("least", tr("Frames each, at least"), 1, 6, 1, Talk().least),
    ), make, shows=f"{mouth}.shows" if one is not None else f"{mouth}.value")  # fmt: skip


def _opens(session: Session, key: str) -> bool:
    return key in session.puppet.controls and bool(traits(session.puppet.controls[key]).values)


def shapes_heard(session: Session, sound: Sound, way: str, words: str) -> list[Shape]:
    """The mouth's shapes of a sound; what was found once is known."""
    known = session.sounds.found
    samples = session.sounds.now(sound)
    place = (sound.sha256, way, words)
    if place not in known and way == LOUDNESS:
        known[place] = shapes_by_loudness(samples)
    elif place not in known:
        data = session.file.art[sound.sha256]
        phones: list[Phone] = session.apart(
            tr("Listening to {name}", name=sound.name), lambda watch: phones_of(data, sound.name, words, watch)
        )
        known[place] = shapes_of(phones, samples)
    found: list[Shape] = known[place]
    return found


def nods(session: Session) -> Recipe:
    """Nod and blink to the sound: at its marks, or at its accents where it has none."""
    take, puppet = current_take(session), session.puppet
    sound = sound_of(take)
    seconds = sound.marks or tuple(accents(session.sounds.now(sound)))
    eyes = eyes_of(puppet)

    def make(session: Session, values: Values) -> Made:
        take, how = keyed_take(session), Nods(turn=math.radians(values["turn"]))
        frames = [frame_of_second(current_take(session), each) for each in seconds]
        if not frames:
            raise RigError(
                tr("{name} has neither marks nor accents. Mark it by hand with M while it plays.", name=sound.name)
            )
        if values["turn"]:
            take = nodding_at(take, puppet, frames, how)
        if values["blinks"] and eyes:
            take = blinking_at(take, puppet, eyes, frames[:: round(values["blinks"])], Blinks(late=0))
        if values["breath"]:
            take = breathing_before(take, puppet, frames, how)
        return Made(tr("Nod and blink to the sound"), with_keyed(session, take), current_take(session).name)

    return Recipe(tr("Nod and blink to the sound"), tr("Nod and blink"), (
        Dial("turn", tr("Nod, in degrees"), -20, 20, 0.5, math.degrees(Nods().turn)),
        Dial("blinks", tr("A blink every so many accents, 0 none"), 0, 12, 1, 3),
        Choose("breath", tr("Breath after pauses"), ((tr("Yes"), True), (tr("No"), False)), True),
    ), make, plays=True)  # fmt: skip
