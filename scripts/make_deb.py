"""Builds the Debian package: `make_deb.py WHEEL FOLDER`. It carries an environment of its own with all pinned packages, and uses the Python of the
system; menu entry, icon, file type, thumbnailer, manual page, completion and metadata go where the desktop looks for them.

The environment is made of the wheel and requirements.txt by the pip of the Python that runs this, which must have the version of the
system's; what Qt has and the program never loads is left out.
"""

import gzip
import os
import shutil
import subprocess
import sys
from pathlib import Path

ROOT = Path(__file__).parent.parent
HOME = Path("usr/lib/umbrite")
PYTHON = f"python{sys.version_info.major}.{sys.version_info.minor}"
NEEDS = (
    PYTHON, "libegl1", "libgl1", "libxkbcommon-x11-0", "libxcb-cursor0", "libxcb-icccm4", "libxcb-keysyms1", "libxcb-image0",
    "libxcb-render-util0", "libxcb-shape0", "libdbus-1-3", "libfontconfig1", "libglib2.0-0",
)  # fmt: skip
# Of Qt: what the window and its platforms load stays.
UNUSED = (
    "PySide6/Qt/qml", "PySide6/Qt/libexec", "PySide6/Qt/metatypes", "PySide6/include", "PySide6/typesystems", "PySide6/doc", "PySide6/scripts",
    "PySide6/assistant", "PySide6/designer", "PySide6/linguist", "PySide6/lrelease", "PySide6/lupdate", "PySide6/qmlls", "PySide6/qmllint", "PySide6/qmlformat",
    "PySide6/balsam", "PySide6/balsamui", "PySide6/svgtoqml", "bin",
)  # fmt: skip
UNUSED_LIBRARIES = ("Quick", "Qml", "Designer", "Test", "Help", "Sql", "Labs", "Pdf", "Virtual")
WORDS = """Package: umbrite
Version: {version}
Architecture: {architecture}
Maintainer: Umbrite developers <umbrite@localhost>
Installed-Size: {size}
Depends: {needs}
Section: graphics
Priority: optional
Description: rigs cut-out characters and poses them by dragging
 Layered art goes in; pivots, a family, limbs with inverse kinematics, limits and
 on-screen controls are built on it; out comes a puppet that is posed by dragging
 hands, feet and a master control.
"""
START = """#!/bin/sh
exec /{home}/bin/python -sP -m umbrite "$@"
"""


def main() -> None:
    """Build the tree, and the package of it."""
    wheel, folder = Path(sys.argv[1]).resolve(), Path(sys.argv[2])
    tree = folder / "deb"
    shutil.rmtree(tree, ignore_errors=True)
    packages = tree / HOME / "lib" / PYTHON / "site-packages"
    packages.mkdir(parents=True)
    install(packages, wheel)
    environment(tree / HOME)
    shared(tree, packages / "share")
    start(tree)
    without_unused(packages)
    subprocess.run(
        [f"/usr/bin/{PYTHON}", "-m", "compileall", "-q", "-j", "2", "--invalidation-mode", "unchecked-hash", "-s", tree, "-p", "/", packages],
        check=True,
    )  # fmt: skip
    version = wheel.name.split("-")[1]
    architecture = said("dpkg", "--print-architecture")
    size = sum(each.lstat().st_size for each in tree.rglob("*")) // 1024
    control = tree / "DEBIAN"
    control.mkdir()
    words = WORDS.format(version=version, architecture=architecture, size=size, needs=", ".join(NEEDS))
    (control / "control").write_text(words, "utf-8")
    shutil.copy(ROOT / "packaging/deb/postrm", control / "postrm")
    (control / "postrm").chmod(0o755)
    for each in (tree, *tree.rglob("*")):
        if not each.is_symlink():
            each.chmod(0o755 if each.is_dir() or os.access(each, os.X_OK) else 0o644)
    out = folder / f"umbrite_{version}_{architecture}.deb"
    subprocess.run(["dpkg-deb", "--root-owner-group", "-Zzstd", "-z3", "--build", tree, out], check=True)
    print(out)


def said(*words: str) -> str:
    return subprocess.run(words, capture_output=True, text=True, check=True).stdout.strip()


def install(packages: Path, wheel: Path) -> None:
    """The pinned packages, and the program beside them."""
    pip = [sys.executable, "-m", "pip", "install", "--quiet", "--disable-pip-version-check", "--no-input", "--no-compile", "--target", str(packages)]  # fmt: skip
    subprocess.run([*pip, "--require-hashes", "-r", str(ROOT / "requirements.txt")], check=True)
    subprocess.run([*pip, "--no-deps", "--upgrade", str(wheel)], check=True)


def without_unused(packages: Path) -> None:
    """Take away what Qt has and the program never loads."""
    for each in UNUSED:
        at = packages / each
        shutil.rmtree(at, ignore_errors=True) if at.is_dir() else at.unlink(missing_ok=True)
    for name in UNUSED_LIBRARIES:
        for each in [*packages.glob(f"PySide6/Qt/lib/libQt6{name}*"), *packages.glob(f"PySide6/Qt{name}*")]:
            each.unlink()


def environment(home: Path) -> None:
    """What makes the folder an environment of the system's Python."""
    (home / "bin").mkdir()
    (home / "bin" / "python").symlink_to(f"/usr/bin/{PYTHON}")
    (home / "pyvenv.cfg").write_text("home = /usr/bin\ninclude-system-site-packages = false\n", "utf-8")


def shared(tree: Path, share: Path) -> None:
    """What the desktop reads, from the wheel's own folder to the system's; manual and change log packed, as is the custom."""
    shutil.copytree(share, tree / "usr/share")
    shutil.rmtree(share)
    for manual in (tree / "usr/share/man").rglob("*.1"):
        packed(manual)
    documents = tree / "usr/share/doc/umbrite"
    documents.mkdir(parents=True)
    shutil.copy(ROOT / "CHANGELOG.md", documents / "changelog")
    packed(documents / "changelog")
    shutil.copy(ROOT / "packaging/deb/copyright", documents / "copyright")


def packed(path: Path) -> None:
    path.with_name(f"{path.name}.gz").write_bytes(gzip.compress(path.read_bytes(), 9, mtime=0))
    path.unlink()


def start(tree: Path) -> None:
    """The command."""
    command = tree / "usr/bin/umbrite"
    command.parent.mkdir(parents=True)
    command.write_text(START.format(home=HOME), "utf-8")
    command.chmod(0o755)


if __name__ == "__main__":
    main()
