"""Draws docs/architecture.svg from the code: packages as floors, streets as rooms, with what each imports.

Usage: draw_house.py [OUT]. A test draws it again and compares, so that the picture stays true.
"""

import ast
import sys
import textwrap
import tomllib
from collections import Counter
from pathlib import Path
from xml.sax.saxutils import escape

ROOT = Path(__file__).parent.parent
SOURCE = ROOT / "src" / "umbrite"
WIDE, FLOOR, LEFT, TOP = 1180, 70, 130, 24
TEXT = 'font-family="Alegreya Sans, sans-serif"'


def contracts() -> dict[str, list[str]]:
    """The ladders that import-linter holds, from top to bottom: of the house, and of the desk."""
    found = tomllib.loads((ROOT / "pyproject.toml").read_text("utf-8"))["tool"]["importlinter"]["contracts"]
    return {each["name"]: each["layers"] for each in found if each["type"] == "layers"}


def modules(folder: Path) -> list[Path]:
    return [path for path in sorted(folder.rglob("*.py")) if path.name != "__init__.py"]


def imports(folder: Path, depth: int) -> Counter[str]:
    """How often the modules of a folder import each package of umbrite, told apart down to `depth` names."""
    found: Counter[str] = Counter()
    for path in modules(folder) if folder.is_dir() else [folder]:
        for node in ast.walk(ast.parse(path.read_text("utf-8"))):
            if isinstance(node, ast.ImportFrom) and node.module and node.module.startswith("umbrite."):
                found[".".join(node.module.split(".")[1 : 1 + depth])] += 1
    return found


def words(x: float, y: float, text: str, size: int = 13, weight: int = 400, colour: str = "#2A2933") -> str:
    return (
        f'<text x="{x}" y="{y}" {TEXT} font-size="{size}" font-weight="{weight}" fill="{colour}">{escape(text)}</text>'
    )


def box(x: float, y: float, wide: float, high: float, fill: str) -> str:
    return f'<rect x="{x}" y="{y}" width="{wide}" height="{high}" rx="6" fill="{fill}" stroke="#CFC3AC" stroke-width="1.2"/>'


def place(name: str) -> Path:
    folder = SOURCE / name.replace(".", "/")
    return folder if folder.is_dir() else folder.with_suffix(".py")


def wrapped(x: float, y: float, text: str, wide: float, colour: str = "#2A2933") -> list[str]:
    lines = textwrap.wrap(text, int(wide / 5.2))
    return [words(x, y + 13 * i, line, 11, colour=colour) for i, line in enumerate(lines)]


def room(x: float, y: float, wide: float, high: float, name: str) -> list[str]:
    """One package: its name, what it imports from the others, and the modules and streets in it."""
    path = place(name)
    others = [each for each in imports(path, name.count(".") + 1) if each != name]
    used = sorted({each.rpartition(".")[2] for each in others if each.startswith("desk.") == name.startswith("desk.")})
    drawn = [box(x, y, wide, high, "#FFFDF8"), words(x + 10, y + 20, name.rpartition(".")[2], 15, 700)]
    drawn += wrapped(x + 10, y + 37, "uses " + ", ".join(used) if used else "uses none of them", wide - 20)
    if path.is_dir() and not name.startswith("desk."):
        inside = [each.stem + ("/" if each.is_dir() else "") for each in sorted(path.iterdir()) if is_room(each)]
        drawn += wrapped(x + 10, y + 13 * (len(drawn) - 2) + 40, ", ".join(inside), wide - 20, "#625B51")
    return drawn


def is_room(path: Path) -> bool:
    return (path.is_dir() and bool(modules(path))) or (path.suffix == ".py" and path.name != "__init__.py")


def drawn() -> str:
    house, desk = (contracts()[name] for name in contracts())
    shapes: list[str] = []
    y = TOP
    for floor in house:
        names = [name.strip().removeprefix("umbrite.") for name in floor.split("|")]
        wide = WIDE - LEFT - 20
        if names == ["desk"]:
            high = 2 * FLOOR + 48
            shapes += [box(LEFT, y, wide, high, "#F7F1E6"), words(20, y + 24, "desk", 15, 700)]
            shapes += [words(20, y + 42, "the window: from", 11), words(20, y + 56, "app to theme, each", 11)]
            shapes.append(words(20, y + 70, "imports later ones", 11))
            half = (len(desk) + 1) // 2
            for i, name in enumerate(desk):
                each = (wide - 12) / half
                shapes += room(
                    LEFT + 10 + (i % half) * each, y + 12 + (i // half) * (FLOOR + 16), each - 8, FLOOR + 10, f"desk.{name}"
                )  # fmt: skip
        else:
            high = FLOOR
            shapes.append(words(20, y + 24, " and ".join(names), 15, 700))
            each = (wide + 10) / len(names)
            for i, name in enumerate(names):
                shapes += room(LEFT + i * each, y, each - 10, high - 6, name)
        y += high + 10
    shapes.append(
        words(20, y + 14, "A floor imports only from floors below it. rig, motion, art and files know no Qt.", 13)
    )
    head = f'<svg xmlns="http://www.w3.org/2000/svg" width="{WIDE}" height="{y + 30}" viewBox="0 0 {WIDE} {y + 30}">'
    return "\n".join([head, f'<rect width="{WIDE}" height="{y + 30}" fill="#EDE4D3"/>', *shapes, "</svg>", ""])


def main() -> None:
    out = Path(sys.argv[1]) if len(sys.argv) > 1 else ROOT / "docs" / "architecture.svg"
    out.write_text(drawn(), "utf-8")


if __name__ == "__main__":
    main()
