"""From a folder of pictures to a hand that is dragged, by a body plan, in a real window."""

from pathlib import Path

import pytest
from PySide6.QtCore import QPoint, QTimer

from journeys.conftest import Person
from journeys.strangers import draw
from journeys.test_first_light import puppet, take_layers
from journeys.test_parts_and_pivots import drop
from journeys.test_strangers import at_control, control
from umbrite.desk.session.stations import REHEARSE
from umbrite.desk.window import Window

pytestmark = pytest.mark.journey


@pytest.mark.parametrize("named", [True, False])
def test_a_biped_is_built_and_its_hand_dragged(
    person: Person, window: Window, tmp_path: Path, capsys: pytest.CaptureFixture[str], *, named: bool
) -> None:
    folder = draw("biped", tmp_path / "biped")
    if not named:
        for i, picture in enumerate(sorted(folder.glob("*.png"))):
            picture.rename(folder / f"Layer {i + 1}.png")
    QTimer.singleShot(900, lambda: take_layers(person))
    drop(window, folder)
    person.until(lambda: len(puppet(window).parts) > 0)
    person.do("windowfocus", "--sync", str(int(window.winId())))
    window.activateWindow()
    person.gestures = 1  # let go on the board, with the table's button
    person.key("shift+y")
    person.until(lambda: window.session.drafts.now.plan is not None)
    person.key("Return")
    person.until(lambda: len(puppet(window).limbs) == 4)
    assert window.session.stage.station is REHEARSE
    person.settle(300)
    hand = control(window, lambda c: c.name.endswith("hand") and c.side == "near")
    before = window.session.placed.control_at(puppet(window).controls[hand])
    start = at_control(person, hand)
    person.drag(start, start + QPoint(-20, -60))
    after = window.session.placed.control_at(puppet(window).controls[hand])
    assert abs(after - before) > 30
    with capsys.disabled():
        kind = "named" if named else "unnamed"
        print(
            f"\n{kind} biped: {person.gestures - 1} gestures from the file to a puppet whose hand is dragged then",
            end=" ",
        )
    assert person.gestures - 1 <= 3
