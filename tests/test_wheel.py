"""What is installed elsewhere: the wheel declares what it imports, brings what it needs, and works from any folder."""

import ast
import json
import os
import re
import subprocess
import sys
import tomllib
import zipfile
from pathlib import Path

import pytest

from demo_puppet import ASSETS
from umbrite import __version__

ROOT = Path(__file__).parent.parent
# Where the name that is imported is not the name that is installed.
INSTALLED_AS = {
    "PIL": "pillow", "pythonosc": "python-osc", "cv2": "opencv-python-headless", "psd_tools": "psd-tools", "PySide6": "pyside6-essentials", "resvg_py": "resvg-py",
}  # fmt: skip


def declared():
    project = tomllib.loads((ROOT / "pyproject.toml").read_text("utf-8"))["project"]
    wanted = [
        *project["dependencies"],
        *(name for extra in project["optional-dependencies"].values() for name in extra),
    ]
    return {re.split(r"[=<>~ ]", name)[0].lower() for name in wanted if not name.startswith("umbrite[")}


def imported():
    """The packages from outside that the program imports, by the names under which they are installed."""
    found = set()
    for path in (ROOT / "src").rglob("*.py"):
        for node in ast.walk(ast.parse(path.read_text("utf-8"))):
            if isinstance(node, ast.Import):
                found |= {name.name for name in node.names}
            elif isinstance(node, ast.ImportFrom) and node.module and not node.level:
                found.add(node.module)
    tops = {name.partition(".")[0] for name in found} - set(sys.stdlib_module_names) - {"umbrite"}
    return {INSTALLED_AS.get(name, name).lower() for name in tops}


def test_all_that_is_imported_is_declared_and_pinned():
    assert imported() == declared()
    pinned = (ROOT / "requirements-dev.txt").read_text("utf-8").lower()
    assert all(f"\n{name}==" in f"\n{pinned}" for name in declared())


@pytest.fixture(scope="module")
def wheel(tmp_path_factory):
    folder = tmp_path_factory.mktemp("wheel")
    work = [sys.executable, "-m", "hatchling", "build", "-t", "wheel", "-d", str(folder)]
    subprocess.run(work, cwd=ROOT, check=True, capture_output=True, timeout=120)
    (made,) = folder.glob("*.whl")
    return made


def test_the_wheel_brings_fonts_icons_demos_and_the_entries_of_the_desktop(wheel):
    names = zipfile.ZipFile(wheel).namelist()
    for ending in (
        "share/applications/umbrite.desktop", "share/mime/packages/umbrite.xml", "share/icons/hicolor/scalable/apps/umbrite.svg",
        "share/metainfo/org.umbrite.umbrite.metainfo.xml", "share/thumbnailers/umbrite.thumbnailer",
        "umbrite/desk/assets/fonts/OFL.txt", "umbrite/demo/assets/wick.umbrite", "umbrite/desk/assets/guide/parts.md",
    ):  # fmt: skip
        assert any(name.endswith(ending) for name in names), ending
    assert sum("/licenses/" in name for name in names) == 4
    assert not [name for name in names if name.endswith("~") or "__pycache__" in name]


START = """
import sys
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication
from umbrite.desk import app
def look():
    windows = [w for w in QApplication.topLevelWidgets() if w.isVisible() and w.windowTitle() == "Umbrite"]
    print(len(windows), len(windows[0].session.puppet.parts))
    QApplication.exit(0)
begin = QApplication.exec
QApplication.exec = staticmethod(lambda: (QTimer.singleShot(200, look), begin())[1])
from pathlib import Path
sys.exit(app.start(Path(sys.argv[1])))
"""


def installed(folder, wheel, *words):
    """The environment in which a wheel is installed by pipx, pinned packages and all, and the folder of its commands."""
    pins, home = folder / "pins.txt", folder / "home"
    home.mkdir()
    lines = (ROOT / "requirements.txt").read_text("utf-8").splitlines()
    pins.write_text("\n".join(line.split()[0] for line in lines if "==" in line), "utf-8")
    quiet = {
        **os.environ, "QT_QPA_PLATFORM": "offscreen", "PYTHONPATH": "", "PIP_DISABLE_PIP_VERSION_CHECK": "1", "USE_EMOJI": "0",
        "PIPX_HOME": str(folder / "pipx"), "PIPX_BIN_DIR": str(folder / "bin"), "PIPX_MAN_DIR": str(folder / "man"),
        "PIPX_DEFAULT_PYTHON": sys.executable,
    }  # fmt: skip
    run(
        quiet,
        home,
        sys.executable,
        "-m",
        "pipx",
        "install",
        f"{wheel}{''.join(words)}",
        f"--pip-args=--constraint {pins}",
    )
    return quiet | {"HOME": str(home)}, folder / "bin"  # the person's own cache of downloads is used until here


def run(env, where, *words, code=0):
    done = subprocess.run(
        [str(word) for word in words], cwd=where, env=env, capture_output=True, text=True, timeout=400, check=False
    )  # fmt: skip
    assert done.returncode == code, done.stderr
    return done.stdout if code == 0 else done.stderr


@pytest.mark.long
def test_pipx_installs_the_window_into_an_empty_environment(wheel, tmp_path):
    env, commands = installed(tmp_path, wheel, "[desk]")
    home, umbrite = tmp_path / "home", commands / "umbrite"
    python = umbrite.resolve().parent / "python"
    run(env, home, python, "-m", "pip", "check")
    assert run(env, home, umbrite, "--version") == f"Umbrite {__version__}\n"
    found = json.loads(run(env, home, umbrite, "joints", ASSETS / "wick.ora", "--json"))["joints"]
    assert len(found) == 23
    run(env, home, umbrite, "pose", ASSETS / "wick.umbrite", "--png", home / "wick.png")
    assert (home / "wick.png").read_bytes().startswith(b"\x89PNG")
    shipped = run(env, home, python, "-c", "from umbrite.demo import ASSETS; print(ASSETS)").strip()
    assert shipped.startswith(str(tmp_path))
    assert run(env, home, python, "-c", START, f"{shipped}/wick.umbrite") == "1 39\n"


@pytest.mark.long
def test_what_only_renders_installs_far_less_and_the_rest_says_what_is_missing(wheel, tmp_path):
    env, commands = installed(tmp_path, wheel, "[render]")
    home, umbrite = tmp_path / "home", commands / "umbrite"
    wick, clover = ASSETS / "wick.umbrite", ASSETS / "clover.umbrite"
    run(
        env, home, umbrite, "pose", wick, "--png", home / "it.png", "--svg", home / "it.svg", "--json", home / "it.json"
    )
    cart = ASSETS / "tea-cart.umbrite"
    run(env, home, umbrite, "render", cart, home / "it.mp4", "--take", "Roll", "--frames", "0..2", "--workers", "1")
    run(env, home, umbrite, "transforms", wick, home / "it.csv", "--take", "Walk")
    bends = run(env, home, umbrite, "render", clover, home / "it.webm", "--take", "Walk", "--frames", "0..2", code=2)
    assert bends == "Something bends here, and what paints that is not installed. Install umbrite[bends].\n"
    art = "What reads art, builds, checks and converts is not installed here. Install umbrite[art].\n"
    for words in (["joints", ASSETS / "wick.ora"], ["check", wick], ["convert", wick, home / "it.glb"], []):
        assert run(env, home, umbrite, *words, code=2) == art
    packages = umbrite.resolve().parent.parent / "lib"
    here = sum(each.stat().st_size for each in packages.rglob("*") if each.is_file() and "pip" not in each.parts)
    assert here < 520_000_000, here  # the window has some 830


def test_without_what_paints_the_core_works_and_the_rest_says_what_is_missing(wheel, tmp_path):
    env, commands = installed(tmp_path, wheel, "[art]")
    home, umbrite = tmp_path / "home", commands / "umbrite"
    assert run(env, home, umbrite, "check", ASSETS / "wick.umbrite") == "0 findings.\n"
    assert json.loads(run(env, home, umbrite, "build", ASSETS / "wick.ora", home / "it.umbrite", "--json"))["limbs"]
    missing = "What paints is not installed here. Install umbrite[render], or umbrite[desk] for the window.\n"
    assert run(env, home, umbrite, code=2) == missing
    assert run(env, home, umbrite, "pose", ASSETS / "wick.umbrite", "--png", home / "it.png", code=2) == missing
    run(env, home, umbrite, "convert", ASSETS / "wick.umbrite", home / "it.glb")
    run(env, home, umbrite, "atlas", ASSETS / "wick.umbrite", home / "it.png", home / "it.json")
