"""Builds the Debian package: `make_deb.py WHEEL FOLDER`. It carries an environment of its own with all pinned packages, and uses the Python of the
system; menu entry, icon, file type, thumbnailer, manual page, completion and metadata go where the desktop looks for them.

The environment is made of the wheel and requirements.txt by the pip of the Python that runs this, which must have the version of the
system's; what the program never loads is left out.
"""

import gzip
import os
import shutil
import subprocess
import sys
from datetime import datetime
from email.utils import formatdate
from pathlib import Path

from defusedxml.ElementTree import parse

sys.path.insert(0, str(Path(__file__).parent))
from lean_tree import make_lean

ROOT = Path(__file__).parent.parent
HOME = Path("usr/lib/umbrite")
PYTHON = f"python{sys.version_info.major}.{sys.version_info.minor}"
NEEDS = (
    PYTHON, "python3", "libc6", "libstdc++6", "zlib1g", "libegl1", "libgl1", "libxkbcommon-x11-0", "libxcb-cursor0", "libxcb-icccm4", "libxcb-keysyms1", "libxcb-image0",
    "libxcb-render-util0", "libxcb-shape0", "libdbus-1-3", "libfontconfig1", "libglib2.0-0",
)  # fmt: skip
# What lintian calls an error and is meant: the packages come as their authors built them, pinned, and are not Debian's.
MEANT = """\
umbrite: custom-library-search-path
umbrite: embedded-library
umbrite: library-not-linked-against-libc
umbrite: unstripped-binary-or-object
"""
REVISION = "1"
MAINTAINER = "Umbrite developers <developers@umbrite.example>"
WORDS = """Package: umbrite
Version: {version}
Architecture: {architecture}
Maintainer: {maintainer}
Homepage: {homepage}
Installed-Size: {size}
Depends: {needs}
Section: graphics
Priority: optional
Description: rigs cut-out characters and poses them by dragging
 Layered art goes in; pivots, a family, limbs with inverse kinematics,
 limits and on-screen controls are built on it; out comes a puppet that
 is posed by dragging hands, feet and a master control.
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
    make_lean(packages)
    version = f"{wheel.name.split('-')[1]}-{REVISION}"
    documents(tree, version)
    architecture = said("dpkg", "--print-architecture")
    size = sum(each.lstat().st_size for each in tree.rglob("*")) // 1024
    control = tree / "DEBIAN"
    control.mkdir()
    homepage = parse(ROOT / "packaging/umbrite.metainfo.xml").findtext("url[@type='homepage']")
    words = WORDS.format(
        version=version, architecture=architecture, size=size, needs=", ".join(NEEDS), maintainer=MAINTAINER, homepage=homepage
    )  # fmt: skip
    (control / "control").write_text(words, "utf-8")
    for name in ("postinst", "prerm"):
        (control / name).write_text(
            (ROOT / "packaging/deb" / name).read_text("utf-8").replace("@PYTHON@", PYTHON), "utf-8"
        )
        (control / name).chmod(0o755)
    for each in (tree, *tree.rglob("*")):
        if not each.is_symlink():
            each.chmod(0o755 if each.is_dir() or os.access(each, os.X_OK) else 0o644)
    out = folder / f"umbrite_{version}_{architecture}.deb"
    subprocess.run(["dpkg-deb", "--root-owner-group", "-Zxz", "--build", tree, out], check=True)
    print(out)


def said(*words: str) -> str:
    return subprocess.run(words, capture_output=True, text=True, check=True).stdout.strip()


def install(packages: Path, wheel: Path) -> None:
    """The pinned packages, and the program beside them."""
    pip = [sys.executable, "-m", "pip", "install", "--quiet", "--disable-pip-version-check", "--no-input", "--no-compile", "--target", str(packages)]  # fmt: skip
    subprocess.run([*pip, "--require-hashes", "-r", str(ROOT / "requirements.txt")], check=True)
    subprocess.run([*pip, "--no-deps", "--upgrade", str(wheel)], check=True)


def environment(home: Path) -> None:
    """What makes the folder an environment of the system's Python."""
    (home / "bin").mkdir()
    (home / "bin" / "python").symlink_to(f"/usr/bin/{PYTHON}")
    (home / "pyvenv.cfg").write_text("home = /usr/bin\ninclude-system-site-packages = false\n", "utf-8")


def shared(tree: Path, share: Path) -> None:
    """What the desktop reads, from the wheel's own folder to the system's; the manual packed, as is the custom."""
    shutil.copytree(share, tree / "usr/share")
    shutil.rmtree(share)
    for manual in (tree / "usr/share/man").rglob("*.1"):
        packed(manual)


def documents(tree: Path, version: str) -> None:
    """Copyright, the change logs of the program and of the package, and what lintian need not say."""
    folder, meant = tree / "usr/share/doc/umbrite", tree / "usr/share/lintian/overrides/umbrite"
    folder.mkdir(parents=True)
    meant.parent.mkdir(parents=True)
    meant.write_text(MEANT, "utf-8")
    shutil.copy(ROOT / "packaging/copyright", folder / "copyright")
    shutil.copy(ROOT / "CHANGELOG.md", folder / "changelog")
    when = formatdate(date_of(version.rpartition("-")[0]))
    lines = (
        f"umbrite ({version}) unstable; urgency=medium",
        "",
        "  * As the change log of the program tells.",
        "",
        f" -- {MAINTAINER}  {when}",
    )
    (folder / "changelog.Debian").write_text("\n".join(lines) + "\n", "utf-8")
    packed(folder / "changelog")
    packed(folder / "changelog.Debian")


def date_of(version: str) -> float:
    """When a version was released, as the metadata tell; so the same version makes the same package on any day."""
    release = parse(ROOT / "packaging/umbrite.metainfo.xml").find(f"releases/release[@version='{version}']")
    return datetime.fromisoformat(f"{release.get('date')}T12:00:00+00:00").timestamp()


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
