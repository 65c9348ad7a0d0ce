"""Builds the folder that an AppImage is made of: `make_appdir.py WHEEL FOLDER`. It carries Python itself, and all pinned packages.

Where `appimagetool` is on the path, the image is made as well; without it the folder can be run as it is, by its AppRun. The Python that
runs this is the one that is carried, so build on the oldest system that should be supported.
"""

import shutil
import subprocess
import sys
import sysconfig
from pathlib import Path

sys.path.insert(0, str(Path(__file__).parent))
from lean_tree import make_lean
from make_deb import PYTHON, ROOT, install

START = """#!/bin/sh
here=$(dirname "$(readlink -f "$0")")
LD_LIBRARY_PATH="$here/usr/lib${LD_LIBRARY_PATH:+:$LD_LIBRARY_PATH}" PYTHONHOME="$here/usr" exec "$here/usr/bin/python" -sP -m umbrite "$@"
"""
NOT_CARRIED = shutil.ignore_patterns("test", "tests", "site-packages", "__pycache__", "idlelib", "tkinter", "turtledemo", "ensurepip", "config-*", "*.a")  # fmt: skip


def main() -> None:
    """Build the folder, and the image where that can be done."""
    wheel, folder = Path(sys.argv[1]).resolve(), Path(sys.argv[2])
    tree = folder / "Umbrite.AppDir"
    shutil.rmtree(tree, ignore_errors=True)
    packages = tree / "usr/lib" / PYTHON / "site-packages"
    carry_python(tree / "usr")
    packages.mkdir(parents=True)
    install(packages, wheel)
    shutil.copytree(packages / "share", tree / "usr/share")
    shutil.rmtree(packages / "share")
    make_lean(packages)
    (tree / "usr/share/doc/umbrite").mkdir(parents=True)
    shutil.copy(ROOT / "packaging/copyright", tree / "usr/share/doc/umbrite/copyright")
    shutil.copy(ROOT / "packaging/umbrite.desktop", tree / "umbrite.desktop")
    shutil.copy(ROOT / "packaging/umbrite.svg", tree / "umbrite.svg")
    (tree / ".DirIcon").symlink_to("umbrite.svg")
    run = tree / "AppRun"
    run.write_text(START, "utf-8")
    run.chmod(0o755)
    print(tree)
    if (tool := shutil.which("appimagetool")) is not None:
        subprocess.run([tool, str(tree), str(folder / "Umbrite.AppImage")], check=True)
        print(folder / "Umbrite.AppImage")
    else:
        print("appimagetool is not here, so the folder was built and no image of it.", file=sys.stderr)


def carry_python(usr: Path) -> None:
    """The interpreter with its library, as this one has them."""
    (usr / "bin").mkdir(parents=True)
    shutil.copy(Path(sys.executable).resolve(), usr / "bin/python")
    shutil.copytree(sysconfig.get_path("stdlib"), usr / "lib" / PYTHON, ignore=NOT_CARRIED)
    for library in Path(sysconfig.get_config_var("LIBDIR")).glob(f"lib{PYTHON}*.so*"):
        shutil.copy(library, usr / "lib" / library.name)


if __name__ == "__main__":
    main()
