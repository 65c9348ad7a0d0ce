"""What a person expects of one press: it does what was asked, or says why not."""

import pytest

from demo_puppet import joint, part
from umbrite.desk.session.stations import PARTS
from umbrite.rig.edits.copying import centre_line


def test_the_other_side_is_mirrored_in_the_puppets_middle_and_its_line_can_be_dragged(wick_window, act, hand):
    session = wick_window.session
    session.workspace.go_to(PARTS)
    session.selection.select([part(session.puppet, "Near upper arm")])
    line = centre_line(session.puppet, [joint(session.puppet, "Near upper arm")])
    trunk = session.puppet.parts[part(session.puppet, "Trunk")]
    assert trunk.placement.x < line < trunk.placement.x + trunk.drawing.width
    act("other-mirrored")
    made = session.drafts.now.mirror
    assert made is not None
    assert made.x == line
    copy = joint(session.puppet, "Far hand 4")
    at = session.placed.pivot(copy)
    order = [session.puppet.parts[key].name for key in session.puppet.order]
    (copied,) = [
        session.puppet.parts[key].name
        for key in session.selection.of("part")
        if "upper arm" in session.puppet.parts[key].name
    ]
    assert order.index(copied) < order.index("Trunk"), "behind what carries it"
    hand.drag(complex(line, 60), complex(round(line) - 40, 60))
    assert session.placed.pivot(copy).real == pytest.approx(at.real - 2 * (line - round(line) + 40))
    act("undo")
    assert session.placed.pivot(copy) == at
    assert session.drafts.now.mirror is None, "gone with the step that it belonged to"
