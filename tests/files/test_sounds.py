"""Sounds under takes: read by a process of their own, kept once in the package, whole or refused with a sentence."""

import random
import wave

import numpy as np
import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS
from made_sounds import TICKS, onsets, ticks, written
from umbrite.files.file_errors import FileError
from umbrite.files.native.kept_beside import drawings_of
from umbrite.files.package import Package, load, save
from umbrite.files.sandbox.sound_reading import read_sound, samples_of
from umbrite.files.takes.sounded import sound_file, sound_over
from umbrite.files.zips import Container
from umbrite.rig.merging.guests import packed
from umbrite.rig.takes.sounds import lay_sound, move_sound, sound_fault, trim_sound
from umbrite.rig.takes.take import Take
from umbrite.sound.samples import RATE


@pytest.fixture(scope="module")
def tick_file(tmp_path_factory):
    return written(tmp_path_factory.mktemp("sounds") / "ticks.wav", ticks())


@pytest.fixture(scope="module")
def sounded(tick_file):
    """Wick with a take that has a sound, and the same sound under another take."""
    wick = load(ASSETS / "wick.umbrite")
    sound, data, _ = sound_file(tick_file)
    takes = [Take("Calls", sound=replace(sound, at=5.0)), Take("Calls again", sound=sound)]
    drawings = {sha256: wick.art[sha256] for sha256 in drawings_of(wick.document)}
    return Package(replace(wick.document, takes=tuple(takes)), {**drawings, sound.sha256: data})


@pytest.mark.parametrize("ending", [".wav", ".flac", ".ogg", ".opus", ".mp3"])
def test_every_kind_of_sound_is_read_with_its_ticks_where_they_are(tmp_path, ending):
    found = read_sound(written(tmp_path / f"t{ending}", ticks()))
    assert (found.rate, found.values.shape[1]) == (RATE, 1)
    assert np.abs(onsets(found.values[:, 0]) - TICKS).max() < 0.005
    assert found.seconds == pytest.approx(4.0, abs=0.06)


def test_two_channels_stay_two_and_another_rate_becomes_ours(tmp_path):
    path = tmp_path / "s.wav"
    with wave.open(str(path), "wb") as out:
        out.setnchannels(2)
        out.setsampwidth(2)
        out.setframerate(22050)
        out.writeframes(np.tile(np.array([[1000, -1000]], np.int16), (22050, 1)).tobytes())
    found = read_sound(path)
    assert found.values.shape == (RATE, 2)
    assert abs(found.values[RATE // 2] - (1000, -1000)).max() <= 1


def test_a_sound_is_kept_once_by_its_fingerprint_and_comes_back_whole(tmp_path, sounded):
    save(tmp_path / "w.umbrite", sounded)
    with Container(tmp_path / "w.umbrite", "puppet") as container:
        assert [name for name in container.names() if name.startswith("sounds/")] == [
            f"sounds/{sounded.document.takes[0].sound.sha256}"
        ]
    again = load(tmp_path / "w.umbrite")
    assert again.document == sounded.document
    assert dict(again.art) == dict(sounded.art)


def test_a_damaged_sound_in_a_package_is_told(tmp_path, sounded):
    sha256 = sounded.document.takes[0].sound.sha256
    save(tmp_path / "w.umbrite", Package(sounded.document, {**sounded.art, sha256: b"RIFF" + sounded.art[sha256]}))
    with pytest.raises(FileError, match="The sound ticks.wav in w.umbrite is damaged"):
        load(tmp_path / "w.umbrite")


def test_what_is_heard_over_frames_is_as_long_as_they_are_and_in_step(sounded):
    take = sounded.document.takes[0]
    heard = sound_over(sounded, take, 17.0, 64)
    assert len(heard.values) == round(64 / take.rate * RATE)
    wanted = [5 / take.rate + second - 17 / take.rate for second in TICKS]
    assert np.abs(onsets(heard.values[:, 0]) - [each for each in wanted if 0 <= each < 64 / take.rate]).max() < 0.001


def test_trimmed_ends_are_silent_and_nothing_else_moves(sounded):
    take = trim_sound(sounded.document.takes[1], starts=0.9, ends=2.0)
    heard = sound_over(sounded, take, 0.0, 96)
    assert np.abs(onsets(heard.values[:, 0]) - TICKS[1:3]).max() < 0.001
    assert move_sound(take, 7.0).sound.starts == 0.9


def test_a_guest_is_taken_in_without_sounds(sounded):
    assert sounded.document.takes[0].sound.sha256.encode() not in packed(sounded.document)[0]


def test_what_is_no_sound_or_too_long_is_refused_with_a_sentence(tmp_path):
    (tmp_path / "a.wav").write_bytes(b"RIFF\xff\xff\xff\xffWAVEfmt " + bytes(40))
    (tmp_path / "b.mp3").write_bytes(bytes(range(256)) * 40)
    (tmp_path / "c.wav").write_bytes((ASSETS / "wick.ora").read_bytes()[:5000])
    elsewhere = written(tmp_path.parent / "elsewhere.wav", ticks(0.2, [0.1]))
    (tmp_path / "d.m3u8").write_text(f"#EXTM3U\n#EXTINF:1,\n{elsewhere}\n#EXT-X-ENDLIST\n")
    (tmp_path / "e.wav").write_text(f"ffconcat version 1.0\nfile {elsewhere}\n")
    for path in tmp_path.iterdir():
        with pytest.raises(FileError, match=path.name):
            read_sound(path)
    with wave.open(str(tmp_path / "long.wav"), "wb") as out:
        out.setnchannels(1)
        out.setsampwidth(1)
        out.setframerate(8000)
        out.writeframes(bytes(8000 * 601))
    with pytest.raises(FileError, match="longer than 10 minutes"):
        read_sound(tmp_path / "long.wav")


def test_broken_sounds_give_a_sentence_or_samples_and_nothing_else(tmp_path):
    chance = random.Random(5)
    for ending in (".wav", ".flac", ".opus", ".mp3"):
        whole = bytearray(written(tmp_path / f"t{ending}", ticks(1.0, [0.3])).read_bytes())
        for _ in range(3):
            broken = bytearray(whole)
            for _ in range(chance.randint(1, 12)):
                broken[chance.randrange(min(len(broken), 4000))] = chance.randrange(256)
            try:
                found = samples_of(bytes(broken[: chance.randrange(200, len(broken))]), "Broken")
            except FileError as error:
                assert "Broken" in str(error)
            else:
                assert found.values.ndim == 2


def test_what_a_file_says_of_a_sound_is_not_believed(sounded):
    sound = sounded.document.takes[1].sound
    for told in (
        {"sha256": "../../x"}, {"seconds": 1e9}, {"at": float("nan")}, {"starts": 5.0}, {"marks": (2.0, 1.0)}, {"ends": -1.0},
    ):  # fmt: skip
        assert sound_fault(replace(sound, **told))
    assert lay_sound(sounded.document.takes[1], sound).sound is sound
