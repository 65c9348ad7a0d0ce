"""What a channel is: whether it steps, which the table of kinds alone can't tell for controls."""

from demo_puppet import joint, part, wick
from umbrite.rig.channels import is_stepped
from umbrite.rig.edits.controls import make_chooser, make_control


def test_what_a_chooser_shows_steps_and_what_a_slider_says_does_not() -> None:
    puppet, chooser = make_chooser(wick(), [part(wick(), "Eyes"), part(wick(), "Mouth")])
    puppet, slider = make_control(puppet, "slider", joint(puppet, "Head"))
    assert is_stepped(puppet, f"{chooser}.value")
    assert not is_stepped(puppet, f"{slider}.value")
    assert not is_stepped(puppet, f"{joint(puppet, 'Head')}.turn")
    assert not is_stepped(puppet, "nothing.of-that-kind")
