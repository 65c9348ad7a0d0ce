"""The house's import rules hold, and would be noticed if they did not."""

import shutil
import subprocess
import sys
from collections import Counter
from pathlib import Path

import pytest

ROOT = Path(__file__).parent.parent
MODULES = sorted((ROOT / "src").rglob("*.py"))
LINTER = "from importlinter.cli import lint_imports_command; lint_imports_command()"


def lint(root):
    command = [sys.executable, "-c", LINTER, "--no-cache"]
    return subprocess.run(
        command, cwd=root, env={"PYTHONPATH": str(root / "src")}, capture_output=True, text=True, check=False
    )


@pytest.mark.parametrize(
    ("module", "line"),
    [
        ("rig/affine.py", "import PySide6.QtCore"),
        ("motion/plan.py", "from PySide6.QtGui import QColor"),
        ("files/png.py", "import shiboken6"),
        ("art/pictures.py", "from umbrite.motion import plan"),
        ("rig/model.py", "from umbrite.files import png"),
        ("paint/painter.py", "from umbrite.desk import session"),
        ("files/json_reports.py", "from umbrite.paint import render"),
    ],
)
def test_a_forbidden_import_is_found(tmp_path, module, line):
    shutil.copytree(ROOT / "src", tmp_path / "src", ignore=shutil.ignore_patterns("assets", "__pycache__"))
    shutil.copy(ROOT / "pyproject.toml", tmp_path)
    place = tmp_path / "src" / "umbrite" / module
    place.write_text(f"{line}\n{place.read_text('utf-8')}", "utf-8")
    found = lint(tmp_path)
    assert found.returncode != 0
    assert "BROKEN" in found.stdout


def test_the_house_as_it_stands_keeps_the_rules():
    found = lint(ROOT)
    assert found.returncode == 0, found.stdout


def test_the_core_imports_without_qt():
    modules = [
        ".".join(path.relative_to(ROOT / "src").with_suffix("").parts)
        for package in ("rig", "motion", "art", "files")
        for path in sorted((ROOT / "src" / "umbrite" / package).rglob("*.py"))
    ]
    code = "import sys\nsys.modules['PySide6'] = sys.modules['shiboken6'] = None\n"
    code += "".join(f"import {module.removesuffix('.__init__')}\n" for module in modules)
    done = subprocess.run(
        [sys.executable, "-c", code], env={"PYTHONPATH": str(ROOT / "src")}, capture_output=True, text=True, check=False
    )
    assert done.returncode == 0, done.stderr


def test_no_folder_holds_more_rooms_than_a_street_has():
    rooms = Counter(path.parent for path in MODULES if path.name != "__init__.py")
    assert {str(folder): count for folder, count in rooms.items() if count > 16} == {}


def test_no_two_modules_have_the_same_name():
    names = Counter(path.stem for path in MODULES if path.name != "__init__.py")
    assert [name for name, count in names.items() if count > 1] == []


@pytest.mark.parametrize(
    ("module", "line"),
    [
        ("desk/session/session.py", "from umbrite.desk.commands import labels"),
        ("desk/commands/labels.py", "from umbrite.desk.actions import action"),
        ("desk/actions/action.py", "from umbrite.desk import window"),
        ("desk/session/seam_watch.py", "from umbrite.desk.session import session"),
        ("rig/family.py", "from umbrite.rig.edits import parenting"),
        ("motion/plan.py", "from umbrite.motion import evaluate"),
    ],
)
def test_a_planted_circle_is_found(tmp_path, module, line):
    test_a_forbidden_import_is_found(tmp_path, module, line)


def test_the_picture_of_the_house_is_drawn_from_the_code_as_it_is(tmp_path):
    root = Path(__file__).parent.parent
    subprocess.run([sys.executable, root / "scripts" / "draw_house.py", tmp_path / "a.svg"], check=True, timeout=60)
    assert (tmp_path / "a.svg").read_text("utf-8") == (root / "docs" / "architecture.svg").read_text("utf-8")
