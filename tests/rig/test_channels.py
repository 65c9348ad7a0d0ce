"""What a channel is: whether it steps, and whether a puppet has it."""

from demo_puppet import joint, part, wick
from umbrite.rig.channels import is_stepped
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.variants.sets import make_set


def test_which_variant_shows_steps_and_what_a_slider_says_does_not():
    puppet, key = make_set(wick(), [part(wick(), "Eyes"), part(wick(), "Mouth")])
    puppet, slider = make_control(puppet, "slider", joint(puppet, "Head"))
    assert is_stepped(puppet, f"{key}.shows")
    assert not is_stepped(wick(), f"{key}.shows")
    assert is_stepped(puppet, f"{joint(puppet, 'Head')}.follows")
    assert not is_stepped(puppet, f"{slider}.value")
    assert not is_stepped(puppet, f"{joint(puppet, 'Head')}.turn")
    assert not is_stepped(puppet, "nothing.of-that-kind")
