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
    "PIL": "pillow", "cv2": "opencv-python-headless", "psd_tools": "psd-tools", "PySide6": "pyside6-essentials", "resvg_py": "resvg-py",
}  # fmt: skip


def declared() -> set[str]:
    wanted = tomllib.loads((ROOT / "pyproject.toml").read_text("utf-8"))["project"]["dependencies"]
    return {re.split(r"[=<>~ ]", name)[0].lower() for name in wanted}


def imported() -> set[str]:
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


def test_all_that_is_imported_is_declared_and_pinned() -> None:
    assert imported() == declared()
    pinned = (ROOT / "requirements.txt").read_text("utf-8").lower()
    assert all(f"\n{name}==" in f"\n{pinned}" for name in declared())


@pytest.fixture(scope="module")
def wheel(tmp_path_factory: pytest.TempPathFactory) -> Path:
    folder = tmp_path_factory.mktemp("wheel")
    work = [sys.executable, "-m", "hatchling", "build", "-t", "wheel", "-d", str(folder)]
    subprocess.run(work, cwd=ROOT, check=True, capture_output=True, timeout=120)
    (made,) = folder.glob("*.whl")
    return made


def test_the_wheel_brings_fonts_icons_demos_and_the_entries_of_the_desktop(wheel: Path) -> None:
    names = zipfile.ZipFile(wheel).namelist()
    for ending in (
        "share/applications/umbrite.desktop", "share/mime/packages/umbrite.xml", "share/icons/hicolor/scalable/apps/umbrite.svg",
        "share/metainfo/org.umbrite.umbrite.metainfo.xml", "share/thumbnailers/umbrite.thumbnailer",
        "umbrite/desk/assets/fonts/OFL.txt", "umbrite/demo/assets/wick.umbrite", "umbrite/desk/assets/guide/parts.md",
    ):  # fmt: skip
        assert any(name.endswith(ending) for name in names), ending
    assert sum("/licenses/" in name for name in names) == 3
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


def test_an_installed_wheel_works_in_an_empty_environment(wheel: Path, tmp_path: Path) -> None:
    home, elsewhere = tmp_path / "env", tmp_path / "elsewhere"
    elsewhere.mkdir()
    quiet = {
        **os.environ, "QT_QPA_PLATFORM": "offscreen", "HOME": str(elsewhere), "PYTHONPATH": "", "PIP_DISABLE_PIP_VERSION_CHECK": "1",
    }  # fmt: skip

    def run(*words: str | Path, code: int = 0) -> str:
        done = subprocess.run(
            [str(word) for word in words], cwd=elsewhere, env=quiet, capture_output=True, text=True, timeout=240, check=False
        )  # fmt: skip
        assert done.returncode == code, done.stderr
        return done.stdout

    run(sys.executable, "-m", "venv", home)
    python, umbrite = home / "bin" / "python", home / "bin" / "umbrite"
    # Packages are looked up in the person's own cache of downloads.
    quiet["HOME"] = os.environ.get("HOME", str(elsewhere))
    run(python, "-m", "pip", "install", "--quiet", "--require-hashes", "-r", ROOT / "requirements.txt")
    run(python, "-m", "pip", "install", "--quiet", "--no-deps", wheel)
    quiet["HOME"] = str(elsewhere)
    run(python, "-m", "pip", "check")
    assert run(umbrite, "--version") == f"Umbrite {__version__}\n"
    found = json.loads(run(umbrite, "joints", ASSETS / "wick.ora", "--json"))
    assert len(found) == 23
    run(umbrite, "pose", ASSETS / "wick.umbrite", "--png", elsewhere / "wick.png")
    assert (elsewhere / "wick.png").read_bytes().startswith(b"\x89PNG")
    shipped = run(python, "-c", "from umbrite.demo import ASSETS; print(ASSETS)").strip()
    assert shipped.startswith(str(home))
    assert run(python, "-c", START, f"{shipped}/wick.umbrite") == "1 39\n"
