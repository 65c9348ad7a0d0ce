"""Breath and blinks: loops that meet themselves, the same for the same seed, one eye after the other, nothing of the keys that are there lost."""

import numpy as np
import pytest

from demo_puppet import joint, varied_wick, wick
from umbrite.files.file_errors import FileError
from umbrite.files.takes.take_files import read_shapes
from umbrite.motion.animating.idling import Blinks, Breath, blinking, breathing, eyes_of, played_through, spoken
from umbrite.motion.sampling import sample
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.take import Take

WICK = wick()
HEAD = joint(WICK, "Head")


def test_a_breath_is_added_to_what_is_keyed_already():
    chest = f"{joint(WICK, 'Trunk')}.turn"
    keyed = put_keys(put_keys(Take("Idle"), 5, {chest: 0.3}), 30, {chest: -0.1})
    done, alone = breathing(keyed, WICK, Breath()), breathing(Take("Idle"), WICK, Breath())
    frames = sorted({key.frame for take in (keyed, alone) for key in take.tracks[chest]})
    one, other, both = (sample(take, WICK, frames)[chest] for take in (keyed, alone, done))
    assert np.abs(one + other - both).max() < 1e-12
    assert np.abs(both - one).max() > 1e-3
    with pytest.raises(RigError, match="no body"):
        breathing(Take("T"), Puppet(), Breath())
    with pytest.raises(RigError, match="8 frames"):
        breathing(Take("T"), WICK, Breath(length=4))


def test_eyes_blink_at_random_the_same_for_the_same_seed_one_after_the_other():
    eyes = [joint(WICK, "Eyes"), joint(WICK, "Mouth")]
    assert eyes_of(WICK) == eyes[:1], "without drawings of them the joint"
    take = Take("T", last=400)
    one, other = blinking(take, WICK, eyes, Blinks(seed=3)), blinking(take, WICK, eyes, Blinks(seed=4))
    assert one == blinking(take, WICK, eyes, Blinks(seed=3))
    assert one != other
    found = sample(one, WICK, np.arange(401.0))
    shut = [np.flatnonzero(found[f"{eye}.scale_y"] < -0.9) for eye in eyes]
    assert (shut[1] - shut[0] == 1).all(), "the second eye a frame late"
    begins = shut[0][np.flatnonzero(np.diff(shut[0], prepend=-9) > 1)]
    assert len(begins) > 3
    assert np.diff(begins).min() >= 30
    assert np.diff(begins).max() <= 90
    assert len(set(np.diff(begins))) > 1


def test_eyes_with_drawings_close_by_way_of_half_and_open_again():
    puppet = varied_wick()
    (key,) = eyes_of(puppet)
    take = blinking(Take("T", last=200), puppet, [key], Blinks(shut=3))
    values = sample(take, puppet, np.arange(201.0))[f"{key}.shows"]
    assert set(values) == {0.0, 2.0, 3.0}, "half is the second, closed the third"
    first = int(np.argmax(values > 0))
    assert values[first : first + 6].tolist() == [2.0, 3.0, 3.0, 3.0, 2.0, 0.0]
    with pytest.raises(RigError, match="No eye"):
        blinking(Take("T"), Puppet(), [], Blinks())
    with pytest.raises(RigError, match="least"):
        blinking(Take("T"), puppet, [key], Blinks(least=9, most=3))


def test_variants_are_played_through_and_read_from_a_list(tmp_path):
    puppet = varied_wick()
    key = next(key for key, one in puppet.sets.items() if one.name == "Mouth")
    name = f"{key}.shows"
    take = played_through(Take("T", last=60), puppet, key, 10.0, 2, back=True)
    values = sample(take, puppet, np.arange(61.0))[name].astype(int).tolist()
    assert values[10:30:2] == [0, 2, 3, 4, 5, 4, 3, 2, 0, 0]
    assert set(values[:10]) == {0}
    path = tmp_path / "mouths.csv"
    path.write_text('frame,shape\n0,smile\n 4; Ah\n9\tOh\n\n12,"Closed"\n', "utf-8")
    said = spoken(Take("T"), puppet, key, read_shapes(path))
    assert [(each.frame, each.value) for each in said.tracks[name]] == [(0, 0), (4, 3), (9, 4), (12, 2)]
    with pytest.raises(RigError, match="has no Hum"):
        spoken(Take("T"), puppet, key, [(3, "Hum")])
    with pytest.raises(RigError, match="at least one frame"):
        played_through(Take("T"), puppet, key, 0.0, 0, back=False)
    for text, word in (("0,smile\nx,y\n", "Line 2"), ("1,2,3\n", "Line 1"), ("", "no frame and name")):
        path.write_text(text, "utf-8")
        with pytest.raises(FileError, match=word):
            read_shapes(path)
    with pytest.raises(FileError, match="isn't there"):
        read_shapes(tmp_path / "nowhere.csv")
