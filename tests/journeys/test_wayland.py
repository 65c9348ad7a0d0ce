"""The window under Wayland: it starts, is driven, and saves, in a compositor without a screen."""

import os
import shutil
import subprocess
import sys
import time
from pathlib import Path

import pytest
from PySide6.QtGui import QImage

from demo_puppet import ASSETS

pytestmark = [
    pytest.mark.journey,
    pytest.mark.skipif(shutil.which("weston") is None, reason="there is no Wayland compositor here"),
]
DEMO = Path(__file__).parents[2] / "scripts" / "scripted_demo.py"


@pytest.fixture
def wayland(tmp_path):
    """The environment of a program that runs under a compositor of its own."""
    runtime = tmp_path / "run"
    runtime.mkdir(mode=0o700)
    env = {**os.environ, "XDG_RUNTIME_DIR": str(runtime)}
    words = ["--backend=headless-backend.so", "--socket=umbrite-test", "--width=1400", "--height=900"]
    log = (tmp_path / "compositor.log").open("w")
    compositor = subprocess.Popen(["weston", "--no-config", *words], env=env, stdout=log, stderr=log)
    try:
        end = time.monotonic() + 10
        while not (runtime / "umbrite-test").exists() and time.monotonic() < end:
            time.sleep(0.05)
        yield {**env, "WAYLAND_DISPLAY": "umbrite-test", "QT_QPA_PLATFORM": "wayland", "DISPLAY": ""}
    finally:
        compositor.terminate()
        compositor.wait(timeout=10)
        log.close()


def test_the_window_opens_poses_and_paints_under_wayland(wayland, tmp_path):
    picture = tmp_path / "window.png"
    ran = subprocess.run(
        [sys.executable, str(DEMO), str(ASSETS / "wick.umbrite"), str(picture)],
        env=wayland, capture_output=True, text=True, timeout=90, check=False,
    )  # fmt: skip
    assert ran.returncode == 0, ran.stderr
    assert "undo would say: Pose Master" in ran.stdout
    assert "wayland" not in ran.stderr.lower(), "no other platform was taken instead"
    seen = QImage(str(picture))
    assert seen.width() >= 1280
    colours = {seen.pixel(x, y) for x in range(0, seen.width(), 7) for y in range(0, seen.height(), 7)}
    assert len(colours) > 200, "the puppet is in the picture"
