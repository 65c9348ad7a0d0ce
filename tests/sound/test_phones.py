"""What is said in sentences of known timing is found, with the words and without; and a mouth that speaks it stands in the take."""

import itertools
import json
from pathlib import Path

import numpy as np
import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS
from made_sounds import ticks, written
from umbrite.files.file_errors import FileError
from umbrite.files.package import load
from umbrite.files.sandbox.sound_reading import read_phones, read_sound
from umbrite.files.takes.sounded import sound_file
from umbrite.motion.animating.accenting import Nods, breathing_before, head_of, nodding_at
from umbrite.motion.animating.idling import Blinks, blinking_at, eyes_of
from umbrite.motion.animating.mouths import Talk, in_frames, matched, mouths_of, said_by_control, said_by_drawings
from umbrite.motion.animating.stepping import channels_over
from umbrite.rig.takes.take import Sound, Take
from umbrite.rig.takes.take_list import take_faults
from umbrite.sound.mouth_shapes import CLOSED, OPEN, REST, SHAPE_OF, Shape, shapes_by_loudness, shapes_of
from umbrite.sound.phones import SILENT, sounded_out

SPOKEN = Path(__file__).parent / "spoken"
SENTENCES = sorted(path.stem for path in SPOKEN.glob("*.opus"))
NEAR = 0.06  # seconds
# The synthesiser's names for phones, and ours.
NAMES = {
    "p": "P", "b": "B", "m": "M", "f": "F", "v": "V", "w": "W", "l": "L", "T": "TH", "D": "DH", "u:": "UW", "oU": "OW", "U": "UH", "O:": "AO",
    "O@": "AO", "o@": "AO", "aa": "AE", "a": "AE", "E": "EH", "V": "AH", "A:": "AA", "0": "AA", "O2": "AO", "aI": "AY", "aU": "AW", "i:": "IY",
    "I": "IH", "i": "IY", "eI": "EY", "s": "S", "z": "Z", "S": "SH", "tS": "CH", "dZ": "JH", "r": "R", "3": "ER", "3:": "ER", "n": "N",
    "N": "NG", "t": "T", "d": "D", "k": "K", "g": "G", "h": "HH", "j": "Y", "@": "AH", "I2": "IH", "a#": "AH", "t#": "T", "A@": "AA",
}  # fmt: skip


def told(name):
    """The words of a sentence, and its phones with the seconds at which they truly begin."""
    known = json.loads((SPOKEN / f"{name}.json").read_text())
    return known["text"], [(NAMES.get(phone, phone), at) for phone, at in known["phones"] if not phone.startswith("_")]


def shares(*, with_words):
    """Of all phones the shares that begin within 60 ms of their time: any phone, and the right one."""
    begun = right = every = 0
    for name in SENTENCES:
        text, truth = told(name)
        found = [
            each for each in read_phones(SPOKEN / f"{name}.opus", text if with_words else "") if each.name != SILENT
        ]
        every += len(truth)
        begun += sum(any(abs(each.start - at) <= NEAR for each in found) for _, at in truth)
        right += sum(any(abs(each.start - at) <= NEAR and each.name == phone for each in found) for phone, at in truth)
    return begun / every, right / every


def test_with_the_words_four_of_five_phones_are_found_within_60_ms():
    begun, right = shares(with_words=True)
    print(f"with the words: {begun:.0%} begin in time, {right:.0%} as the phone that they are")
    assert right >= 0.8


def test_without_the_words_four_of_five_phones_begin_within_60_ms():
    begun, right = shares(with_words=False)
    print(f"without: {begun:.0%} begin in time, {right:.0%} as the phone that they are")
    assert begun >= 0.8
    assert right >= 0.35


def test_words_that_are_not_said_are_refused_and_unknown_ones_sounded_out():
    with pytest.raises(FileError, match="don't fit"):
        read_phones(
            SPOKEN / "feet.opus",
            "an entirely different and very much longer sentence about nothing that is said here " * 3,
        )
    assert sounded_out("thrick") == "TH R IH K"
    assert sounded_out("…") == "AH"


@pytest.fixture(scope="module")
def wick():
    return load(ASSETS / "wick.umbrite").puppet


@pytest.fixture(scope="module")
def speaking():
    """A take with a spoken sentence, and the shapes of it."""
    sound, _, samples = sound_file(SPOKEN / "boats.opus")
    shapes = shapes_of(read_phones(SPOKEN / "boats.opus", told("boats")[0]), samples)
    return Take("Call", 24.0, 0, 96, sound=replace(sound, at=6.0)), shapes


def test_drawings_are_matched_by_their_names(wick):
    (mouth, *_) = mouths_of(wick)
    numbers = {variant.name: variant.number for variant in wick.sets[mouth].variants}
    found = matched(wick.sets[mouth])
    assert wick.sets[mouth].name == "Mouth"
    wanted = {"closed": "Closed", "open": "Ah", "round": "Oh", "wide": "Ee"}
    assert {shape: found[shape] for shape in wanted} == {shape: numbers[name] for shape, name in wanted.items()}


def test_each_shape_stands_two_frames_early_by_one_and_the_mouth_rests_where_it_is_quiet(wick, speaking):
    take, shapes = speaking
    framed = in_frames(take, shapes)
    frames = [frame for frame, _ in framed]
    assert min(np.diff(frames)) >= 2
    assert framed[-1][1] == REST
    first = next(shape for shape in shapes if shape.name != REST)
    assert next(frame for frame, name in framed if name != REST) == round(6.0 + first.start * 24) - 1
    later = in_frames(take, shapes, Talk(early=0, least=4))
    assert min(np.diff([frame for frame, _ in later])) >= 4
    key = mouths_of(wick)[0]
    made = said_by_drawings(take, wick, key, shapes, matched(wick.sets[key]))
    track = made.tracks[f"{key}.shows"]
    assert {each.interpolation for each in track} == {"hold"}
    assert all(a.value != b.value for a, b in itertools.pairwise(track))
    assert len({each.value for each in track}) == 4 + 1  # closed, ah, oh, ee, and at rest
    assert not list(take_faults((made,)))


def test_a_lip_sound_is_never_left_out():
    take = Take("Call", 24.0, 0, 96, sound=Sound("0" * 64, "x", 4.0))
    shapes = [Shape(OPEN, 0.5, 0.9), Shape(CLOSED, 0.9, 0.94), Shape("wide", 0.94, 1.3), Shape(REST, 1.3, 4.0)]
    assert [name for _, name in in_frames(take, shapes)][:3] == [OPEN, CLOSED, "wide"]


def test_a_slider_opens_with_the_sound(wick, speaking):
    take, shapes = speaking
    slider = next(key for key, each in wick.controls.items() if each.name == "Smile")
    made = said_by_control(take, wick, slider, shapes)
    values = channels_over(made, wick, np.arange(97))[f"{slider}.value"]
    assert values.max() > 0.9
    assert abs(values[-1]) < 1e-6


def test_by_loudness_alone_the_mouth_opens_where_it_is_loud():
    talk = shapes_by_loudness(read_sound(SPOKEN / "boats.opus"))
    said = sum(shape.end - shape.start for shape in talk if shape.name != REST)
    assert 1.2 < said < 4.0
    assert {shape.name for shape in shapes_by_loudness(ticks(1.0, []))} == {REST}


def test_nods_blinks_and_breath_come_with_the_accents_and_lie_on_what_is_keyed(wick):
    take = Take("Call", 24.0, 0, 96)
    head = head_of(wick)
    frames = [20.0, 44.0, 70.0]
    made = nodding_at(take, wick, frames, Nods())
    turn = channels_over(made, wick, np.arange(97))[f"{head}.turn"]
    assert turn[[20, 44, 70]] == pytest.approx(Nods().turn, abs=1e-6)
    assert abs(turn[[0, 34, 96]]).max() < 0.01
    again = nodding_at(made, wick, [20.0], Nods())
    assert channels_over(again, wick, [20])[f"{head}.turn"][0] == pytest.approx(2 * Nods().turn, abs=1e-6)
    blinked = blinking_at(take, wick, eyes_of(wick), frames, Blinks(late=0))
    eyes = eyes_of(wick)[0]
    shown = channels_over(blinked, wick, [19, 20, 50, 71])[f"{eyes}.shows"]
    assert shown[1] != 0
    assert shown[2] == 0
    breathed = breathing_before(take, wick, frames, Nods())
    (name,) = breathed.tracks
    low, high = channels_over(breathed, wick, [8, 18])[name]
    assert low > 1.0
    assert high == pytest.approx(0.0, abs=1e-6)
    assert channels_over(breathed, wick, np.arange(97))[name].min() > -1e-6


def test_every_phone_has_a_shape():
    assert {"P", "F", "L", "OW", "IY", "AA"} <= SHAPE_OF.keys()
    assert len(SHAPE_OF) == 39


def test_a_sound_of_nothing_gives_nothing_to_say(tmp_path):
    path = written(tmp_path / "quiet.wav", ticks(1.0, []))
    assert {each.name for each in read_phones(path)} <= {SILENT} or shapes_of(read_phones(path), read_sound(path))[
        0
    ].name == REST
