"""Outside devices: off until switched on, nothing but numbers comes in, and what is assigned poses its control, or is recorded."""

import random

import pytest
from hypothesis import given
from hypothesis import strategies as st
from pythonosc.osc_bundle_builder import IMMEDIATELY, OscBundleBuilder
from pythonosc.osc_message_builder import OscMessageBuilder

from umbrite.demo.stand_ins.device_script import Sent, play, read_script
from umbrite.demo.stand_ins.stand_in_device import face_at
from umbrite.desk.session.running_time.osc import LONGEST_PACKET, Axis, values_in
from umbrite.files.file_errors import FileError
from umbrite.rig.control_kinds import span_of
from umbrite.rig.errors import RigError
from umbrite.rig.takes.take import Take


def packet(address, *values):
    made = OscMessageBuilder(address)
    for value in values:
        made.add_arg(value)
    return made.build().dgram


def control(window, name):
    return next(key for key, each in window.session.puppet.controls.items() if each.name == name)


def test_a_packet_brings_its_numbers_and_nothing_else():
    assert values_in(packet("/stick/1", 0.25, -1)) == [(Axis("/stick/1"), 0.25), (Axis("/stick/1", 1), -1.0)]
    bundle = OscBundleBuilder(IMMEDIATELY)
    for number in (1, 2):
        made = OscMessageBuilder(f"/fader/{number}")
        made.add_arg(0.5)
        bundle.add_content(made.build())
    assert [axis.address for axis, _ in values_in(bundle.build().dgram)] == ["/fader/1", "/fader/2"]
    assert values_in(packet("/name", "text", b"blob")) == []
    assert values_in(packet("/huge", 1e30)) == []
    assert values_in(packet("/nan", float("nan"), float("inf"))) == []
    assert values_in(packet("/" + "a" * 200, 1.0)) == []
    assert values_in(b"/a" * LONGEST_PACKET) == []
    assert values_in(b"") == []


@given(st.binary(max_size=600))
def test_whatever_bytes_come_give_numbers_or_nothing(data):
    for axis, value in values_in(data):
        assert axis.address.startswith("/")
        assert abs(value) <= 1e6


def test_broken_packets_do_nothing_and_nested_ones_do_not_run_on():
    chance = random.Random(4)
    whole = packet("/stick/1/x", 0.5, 1, 0.25)
    for _ in range(2000):
        broken = bytearray(whole)
        for _ in range(chance.randint(1, 6)):
            broken[chance.randrange(len(broken))] = chance.randrange(256)
        values_in(bytes(broken[: chance.randint(0, len(broken))]))
    nested = b""
    while len(nested) < LONGEST_PACKET - 40:
        nested = b"#bundle\0" + bytes(8) + len(nested).to_bytes(4, "big") + nested
    assert values_in(nested) == []


def test_off_until_switched_on_and_a_taken_port_is_told(wick_window):
    devices = wick_window.session.devices
    assert not devices.on
    devices.switch(on=True, port=19_471)
    assert devices.on
    other = type(devices)(lambda: None, lambda *_: None, wick_window.session.performing)
    with pytest.raises(RigError, match="Port 19471 is taken"):
        other.switch(on=True, port=19_471)
    devices.switch(on=False)
    assert not devices.on


def test_an_axis_is_turned_a_control_clicked_and_it_poses(wick_window, act, qtbot):
    window, session = wick_window, wick_window.session
    act("rehearse")
    act("devices")
    dialog, devices = window.devices_dialog, session.devices
    for value in (0.0, 0.4, 0.9):
        devices.take_in(packet("/fader/1", value))
        devices.take_in(packet("/fader/2", 0.5))
    dialog.refresh()
    dialog.assign.click()
    devices.take_in(packet("/fader/1", 0.2))
    session.selection.select([control(window, "Smile")])
    assert {axis.address: laid for axis, laid in devices.laid.items()} == {"/fader/1": ("Smile", "value")}
    assert not dialog.assign.isChecked()
    before = session.history.undo_name
    devices.take_in(packet("/fader/1", 1.0))
    key = control(window, "Smile")
    assert session.pose[f"{key}.value"] == span_of(session.puppet.controls[key])[1].x
    assert session.history.undo_name == before
    qtbot.waitUntil(lambda: session.history.undo_name == "Pose by a device")
    session.step(-1)
    assert f"{key}.value" not in session.pose
    # It is remembered, and taken off.
    assert "Smile" in window.preferences.devices
    dialog.list.setCurrentItem(dialog.list.topLevelItem(0))
    dialog.list.topLevelItem(0).setSelected(True)
    dialog.refresh()
    dialog.clear.click()
    assert devices.laid == {}
    dialog.close()


def test_every_kind_of_control_takes_an_axis(wick_window, act):
    session, devices = wick_window.session, wick_window.session.devices
    act("rehearse")
    for number, name in enumerate(["Near hand", "Near hand", "Head turn", "Head turn", "Mouth", "Head"]):
        for value in (0.0, -1.0, 0.0):
            devices.take_in(packet(f"/axis/{number}", value))
        devices.lay(Axis(f"/axis/{number}"), control(wick_window, name))
    assert [laid.what for laid in devices.laid.values()] == ["x", "y", "value", "value_y", "shows", "turn"]
    for number in range(6):
        devices.take_in(packet(f"/axis/{number}", 0.5))
    hand = session.puppet.controls[control(wick_window, "Near hand")].moves
    assert session.pose[f"{hand}.x"] > 0 > session.pose[f"{hand}.y"]
    head = session.puppet.controls[control(wick_window, "Head")].moves
    limit = session.puppet.joints[head].limit
    assert 0 < session.pose[f"{head}.turn"] <= (limit.largest if limit else 2)
    devices._settle()


def test_a_button_steps_through_the_drawings(wick_window, act):
    session, devices = wick_window.session, wick_window.session.devices
    act("rehearse")
    mouth = session.puppet.controls[control(wick_window, "Mouth")].chooses
    devices.take_in(packet("/key/1", 0.0))
    devices.lay(Axis("/key/1"), control(wick_window, "Mouth"))
    seen = []
    for _ in range(3):
        devices.take_in(packet("/key/1", 1.0))
        seen.append(session.pose.get(f"{mouth}.shows", 0.0))
        devices.take_in(packet("/key/1", 0.0))
    assert len(set(seen)) == 3
    devices._settle()


def test_what_arrives_while_a_pass_runs_is_recorded_with_it(wick_window, act, monkeypatch):
    window, session = wick_window, wick_window.session
    session.edit("A take", takes=(Take("Call", last=96),))
    act("takes")
    clock = [10.0]
    monkeypatch.setattr(session.player, "clock", lambda: clock[0])
    devices, performing = session.devices, session.performing
    key = control(window, "Smile")
    devices.take_in(packet("/fader/1", 0.0))
    devices.lay(Axis("/fader/1"), key)
    performing.get_ready(at_once=True)
    performing._counting.stop()
    performing._run()
    for step in range(49):
        clock[0] = 10.0 + step / 24
        devices.take_in(packet("/fader/1", step / 48))
    performing.end()
    assert performing.state == "shaped"
    clocks, values = performing.made.recorded.samples[f"{key}.value"]
    assert len(clocks) == 50
    assert values[-1] == pytest.approx(1.0)
    window.frame.perform_strip.take.click()
    track = session.timeline.take.tracks[f"{key}.value"]
    assert len(track) <= 5, "a straight way needs few keys"
    assert session.history.undo_name == "Perform Smile"


def test_a_flood_is_bounded_and_keeps_no_axis_out(wick_window):
    devices, grip = wick_window.session.devices, control(wick_window, "Near hand")
    devices.take_in(packet("/stick", 0.0))
    devices.lay(Axis("/stick"), grip)
    for number in range(400):
        devices.take_in(packet(f"/many/{number}", 1.0))
    assert len(devices.axes) == 200
    assert Axis("/stick") in devices.axes, "what is on a control is never let go"
    devices.take_in(packet("/late", 1.0))
    assert Axis("/late") in devices.axes, "what comes after the flood comes in"
    devices.axes.clear()  # the window is shared
    devices.take_off(Axis("/stick"))


def test_a_script_is_sent_in_time_and_a_wrong_line_named(tmp_path):
    path = tmp_path / "device.txt"
    path.write_text("# two values\n0.5 /b 1 2\n\n0.0 /a 0.25\n")
    script = read_script(path)
    assert script == [Sent(0.0, "/a", (0.25,)), Sent(0.5, "/b", (1.0, 2.0))]
    waited = []
    assert play(script, 19_472, waited.append) == 3
    assert waited[0] == pytest.approx(0.5, abs=0.1)
    for wrong in ("0.5 b 1", "x /a 1", "1 /a", "1 /a nan", "-1 /a 1"):
        path.write_text(f"0 /a 1\n{wrong}\n")
        with pytest.raises(FileError, match=r"Line 2 of device\.txt"):
            read_script(path)


def test_the_face_of_the_simulated_device_moves_within_its_bounds():
    values = [face_at(second / 30) for second in range(300)]
    for address in values[0]:
        column = [each[address] for each in values]
        assert -1 <= min(column) < max(column) <= 1


def test_in_takes_a_device_makes_no_key_but_in_a_pass(wick_window, act):
    session, devices = wick_window.session, wick_window.session.devices
    session.edit("A take", takes=(Take("Call", last=96),))
    act("takes")
    devices.take_in(packet("/fader/1", 0.0))
    devices.lay(Axis("/fader/1"), control(wick_window, "Smile"))
    devices.take_in(packet("/fader/1", 1.0))
    assert session.pose, "it is seen while it comes"
    devices._settle()
    assert session.history.undo_name == "A take"
    assert not session.pose
