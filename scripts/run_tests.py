"""Runs all that `make test` is made of, two things at a time and the journeys beside them, and prints at the end how long each took.

run_tests.py [NAME ...]     all of it, or the parts that are named; what a part printed is in build/tests/NAME.txt
"""

import os
import resource
import subprocess
import sys
import time
from collections.abc import Sequence
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path
from typing import NamedTuple

CORE = ".venv-core/bin/python"
DESK = ".venv/bin/python"
LOGS = Path("build/tests")
PYTEST = ("-m", "pytest", "-q", "--durations=8", "-p", "no:cacheprovider")


class Part(NamedTuple):
    """One process: its name, what it runs, one line of a shell each, and what it adds to the environment."""

    name: str
    commands: tuple[Sequence[str], ...]
    environment: dict[str, str]


def core(name: str, *places: str) -> Part:
    """Tests in an environment that has no Qt at all."""
    return Part(name, ([CORE, *PYTEST, *places],), {"PYTHONPATH": "src"})


def desk(name: str, *places: str) -> Part:
    """Tests with Qt, on its offscreen platform."""
    return Part(name, ([DESK, *PYTEST, *places],), {})


def parts() -> list[Part]:
    """All of it, the longest first."""
    windows = sorted(str(path) for path in Path("tests/desk").glob("test_*.py"))
    others = sorted(str(path) for path in Path("tests").glob("test_*.py"))
    return [
        core("files", "tests/files"),
        core("art", "tests/art"),
        core("rig and motion", "tests/rig", "tests/motion"),
        desk("desk", *windows[::2]),
        desk("desk too", *windows[1::2]),
        desk("paint, checking, farm, sound", "tests/paint", "tests/checking", "tests/farm", "tests/sound"),
        desk("the whole", *others),
        LINT,
    ]


LINT = Part(
    "lint",
    (
        [".venv/bin/ruff", "check", "src", "tests", "scripts"],
        [".venv/bin/ruff", "format", "--check", "src", "tests", "scripts"],
        [".venv/bin/mypy"],
        [".venv/bin/lint-imports"],
    ),
    {},
)
# Only what a change since the last time touches; the first time that is everything.
TOUCHED = Part("touched", ([DESK, *PYTEST, "--testmon", "-n", "2", "tests"],), {})
JOURNEYS = Part("journeys", (["sh", "scripts/journeys.sh", "--durations=8", "-p", "no:cacheprovider"],), {})


def run(part: Part) -> tuple[Part, bool, float]:
    """Run a part; whether it passed, and how many seconds it took."""
    begun, passed = time.monotonic(), True
    log = LOGS / f"{part.name.replace(', ', '-').replace(' ', '-')}.txt"
    with log.open("w") as out:
        for command in part.commands:
            # A person does not wait for a busy machine: the journeys go before all else.
            politely = [] if part is JOURNEYS else ["nice", "-n", "10"]
            done = subprocess.run(
                [*politely, *command],
                stdout=out,
                stderr=subprocess.STDOUT,
                env={**os.environ, **part.environment},
                check=False,
            )
            passed = passed and done.returncode == 0
    seconds = time.monotonic() - begun
    lines = log.read_text(errors="replace").splitlines()
    shown = lines if not passed else [line for line in lines if "passed" in line][-1:]
    print(f"--- {part.name}: {'passed' if passed else 'FAILED'} in {seconds:.0f} s", *shown, sep="\n", flush=True)
    return part, passed, seconds


def main(names: Sequence[str]) -> int:
    LOGS.mkdir(parents=True, exist_ok=True)
    os.environ.setdefault("OMP_NUM_THREADS", "1")
    begun = time.monotonic()
    known = [LINT, TOUCHED] if list(names) == ["quick"] else [*parts(), JOURNEYS]
    wanted = [part for part in known if not names or names[0] == "quick" or part.name in names]
    with ThreadPoolExecutor(2) as cores, ThreadPoolExecutor(1) as display:
        running = [(display if part is JOURNEYS else cores).submit(run, part) for part in wanted]
        results = [each.result() for each in running]
    used = resource.getrusage(resource.RUSAGE_CHILDREN)
    print(f"\n{'part':<24}{'seconds':>8}")
    for part, passed, seconds in results:
        print(f"{part.name:<24}{seconds:>8.0f}{'' if passed else '   FAILED'}")
    print(
        f"{'all, side by side':<24}{time.monotonic() - begun:>8.0f}   {used.ru_utime + used.ru_stime:.0f} s of processor"
    )
    return int(not all(passed for _, passed, _ in results))


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
