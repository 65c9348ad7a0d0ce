"""Makes an environment lean that a package carries: what the program never loads is left out, and libraries lose their symbols."""

import re
import shutil
import subprocess
from pathlib import Path

# Of Qt: the modules that the program imports, and the plugins that its window may load; of the libraries, all that these need.
MODULES = ("QtCore", "QtGui", "QtSvg", "QtWidgets")
PLUGINS = (
    "iconengines", "imageformats/libq[gjsw]*", "platforminputcontexts/lib[ci]*", "platforms/libq[mowx]*", "platformthemes", "wayland-decoration-client",
    "wayland-graphics-integration-client", "wayland-shell-integration", "xcbglintegrations",
)  # fmt: skip
WORDS = "qtbase_*.qm"


def make_lean(packages: Path) -> None:
    """Leave out what tests and developers of the packages have in them, and most of Qt."""
    for each in [*packages.rglob("tests"), *packages.rglob("__pycache__")]:
        shutil.rmtree(each, ignore_errors=True)
    for each in packages.rglob("*.pyi"):
        each.unlink()
    shutil.rmtree(packages / "bin", ignore_errors=True)
    _qt(packages / "PySide6")
    for each in [*packages.rglob("*.so"), *packages.rglob("*.so.*")]:
        each.chmod(0o644)
        rewritten = any(part.endswith(".libs") for part in each.parts)  # when the wheel was made; they would break
        if not rewritten:
            subprocess.run(["strip", "--strip-unneeded", each], check=True)


def _qt(pyside: Path) -> None:
    qt = pyside / "Qt"
    plugins = [each for name in PLUGINS for each in (qt / "plugins").glob(name)]
    plugins = [file for each in plugins for file in (each.rglob("*") if each.is_dir() else [each]) if file.is_file()]
    wanted = [*(pyside / f"{name}.abi3.so" for name in MODULES), *pyside.glob("libpyside6.*"), *plugins]
    wanted += _needed(wanted, {each.name: each for each in (qt / "lib").iterdir()})
    wanted += [*pyside.glob("*.py"), *pyside.glob("*.json"), *(qt / "translations").glob(WORDS)]
    kept = set(wanted)
    for each in pyside.rglob("*"):
        if each.is_file() and each not in kept and each.relative_to(pyside).parts[0] != "support":
            each.unlink()
    for each in sorted(pyside.rglob("*"), reverse=True):
        if each.is_dir() and not any(each.iterdir()):
            each.rmdir()


def _needed(wanted: list[Path], libraries: dict[str, Path]) -> list[Path]:
    """All libraries that these need, and what those need in turn."""
    found: dict[str, Path] = {}
    waiting = list(wanted)
    while waiting:
        said = subprocess.run(["readelf", "-d", waiting.pop()], capture_output=True, text=True, check=True).stdout
        for name in re.findall(r"\(NEEDED\).*\[(.+)\]", said):
            if name in libraries and name not in found:
                found[name] = libraries[name]
                waiting.append(libraries[name])
    return list(found.values())
