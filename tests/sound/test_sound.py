"""What sounds tell, and how they are heard while a take plays: in step, round and round, and by a clock that keeps true."""

import numpy as np
import pytest
from msgspec.structs import replace

from made_sounds import TICKS, onsets, ticks
from umbrite.desk.session.running_time.player import frame_after
from umbrite.rig.takes.sounds import frame_of_second, lay_sound, mark, marked_frames, move_sound, second_at, trim_sound
from umbrite.rig.takes.take import Sound, Take
from umbrite.sound.blocks import Blocks, SoundClock
from umbrite.sound.loudness import QUIETEST, accents, brightness, loudness
from umbrite.sound.samples import RATE, Samples
from umbrite.sound.waveform import peaks, wave_of

TICKING = Sound("0" * 64, "ticks.wav", 4.0)


def heard(take, frame, seconds, speed=1.0, block=1440):
    blocks = Blocks(ticks(), take, frame, speed)
    return np.concatenate([blocks.next(block) for _ in range(round(seconds * RATE / block))])[:, 0]


@pytest.mark.parametrize("speed", [1.0, 0.5, 0.25, 2.0])
def test_a_sound_is_heard_in_step_with_the_frames_at_every_speed(speed):
    take = Take("Call", 24.0, 0, 200, sound=replace(TICKING, at=5.0))
    found = onsets(heard(take, 10.0, 4.0 / speed, speed))
    wanted = [(frame_of_second(take, each) - 10.0) / take.rate / speed for each in TICKS]
    wanted = [each for each in wanted if 0 <= each < 4.0 / speed]
    assert np.abs(found[: len(wanted)] - wanted).max() < 0.003


def test_in_a_loop_it_goes_round_with_the_take_and_trimmed_ends_are_silent():
    take = Take("Call", 24.0, 0, 48, loop=True, sound=TICKING)
    found = onsets(heard(take, 24.0, 4.0))
    assert np.abs(found - [0.0, 0.777, 1.31, 2.0, 2.777, 3.31]).max() < 0.003
    trimmed = trim_sound(Take("Call", 24.0, 0, 96, sound=TICKING), starts=0.9, ends=2.0)
    assert np.abs(onsets(heard(trimmed, 0.0, 4.0)) - TICKS[1:3]).max() < 0.003


@pytest.mark.parametrize("off", [0.0, 0.002, -0.002])
def test_over_five_minutes_the_picture_is_never_half_a_frame_from_the_sounds_own_clock(off):
    """A device that runs fast or slow, asks in blocks, late by the way of a busy machine, and once not for half a second."""
    chance = np.random.default_rng(3)
    clock, rate, block = SoundClock(RATE), 24.0, 2400
    take = Take("Long", rate, 0, 20_000)
    asked, worst = 0, 0.0
    true_rate = RATE * (1 + off)  # samples that the device plays in a second of ours
    for _ in range(2):
        clock.ask(block, 0.0)
        asked += block
    at = 0.0
    while at < 300.0:
        due = (asked - block) / true_rate  # when the next block is wanted
        at = due + abs(chance.normal()) * 0.004 + (0.04 if chance.random() < 0.02 else 0.0)
        clock.ask(block, at)
        asked += block
        for moment in at + np.arange(4) * 0.0125:
            picture, _ = frame_after(take, 0.0, clock.heard(moment) * rate)
            worst = max(worst, abs(picture + 0.5 - moment * true_rate / RATE * rate) - 0.5)
    assert worst < 0.5


def test_the_wave_shows_every_tick_at_every_zoom():
    wave = wave_of(ticks())
    for columns, start, end in ((40, 0.0, 4.0), (900, 0.0, 4.0), (600, 0.9, 1.1), (300, -1.0, 6.0)):
        found = peaks(wave, start, end, columns)
        assert found.shape == (columns, 2)
        edges = np.linspace(start, end, columns + 1)
        for tick in TICKS:
            if start <= tick < end - 0.01:
                column = int(np.searchsorted(edges, tick, side="right")) - 1
                assert found[max(column - 1, 0) : column + 2, 1].max() > 0.1
        assert not found[edges[1:] < 0].any()
        assert not found[edges[:-1] > 4.1].any()


def test_accents_are_where_something_begins_loudly():
    assert np.abs(np.array(accents(ticks())) - TICKS).max() < 0.02
    silence = Samples(np.zeros((RATE, 1), np.int16))
    assert accents(silence) == []
    assert set(loudness(silence)) == {QUIETEST}
    assert not brightness(silence).any()


def test_bright_sounds_are_told_from_dark_ones():
    t = np.arange(RATE) / RATE
    low, high = (brightness(Samples((8000 * np.sin(2 * np.pi * f * t)).astype(np.int16)[:, None])) for f in (300, 4000))
    assert np.median(low) == pytest.approx(300, abs=60)
    assert np.median(high) == pytest.approx(4000, abs=60)


def test_marks_go_along_with_their_sound():
    take = lay_sound(Take("Call", 24.0, 0, 96), TICKING)
    take = mark(mark(take, 24.0), 48.0)
    assert marked_frames(move_sound(take, 10.0)) == [34.0, 58.0]
    assert marked_frames(mark(take, 24.0)) == [48.0]
    assert second_at(take, 36.0) == 1.5
