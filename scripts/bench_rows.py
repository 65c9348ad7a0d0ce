"""Rows of the benchmarks: median and 95th percentile, as multiples of a yardstick measured beside each row, and what they were in the version before.

The yardstick is a fixed piece of work in Python and NumPy, so that a faster or busier machine counts in both. `bench_kept.json` beside this
file keeps the multiples of the last two versions; a row that got slower by more than a tenth is marked.
"""

import functools
import json
import statistics
import subprocess
import time
from pathlib import Path
from typing import Any

import numpy as np

KEPT = Path(__file__).parent / "bench_kept.json"
SLOWER = 1.10
ROUNDS = 7


def head() -> None:
    """The line over the columns."""
    print(f"{'what':<62}{'median':>13}{'95th':>13}{'of the yardstick':>18}{'before':>10}")


def show(name: str, times: list[float], note: str = "") -> float:
    """One row; its median in seconds."""
    middle = statistics.median(times)
    high = sorted(times)[min(len(times) - 1, round(len(times) * 0.95))]
    ratio = middle / _yardstick()
    before = _keep(name, ratio)
    slower = "  SLOWER" if before is not None and ratio > before * SLOWER else ""
    was = f"{before:>10.3g}" if before is not None else f"{'':>10}"
    print(f"{name:<62}{middle * 1e3:>10.3f} ms{high * 1e3:>10.3f} ms{ratio:>18.3g}{was}   {note}{slower}")
    return middle


def _yardstick() -> float:
    """How long the fixed piece of work takes now, seconds."""
    found = []
    for _ in range(ROUNDS):
        begun = time.perf_counter()
        total = 0
        for i in range(20_000):
            total += i & 7
        some = np.arange(14_400, dtype=np.float64).reshape(120, 120)
        for _ in range(4):
            some = np.sin(some @ some.T % 1.0)
        found.append(time.perf_counter() - begun)
    return min(found)


@functools.cache
def _version() -> str:
    told = subprocess.run(["git", "rev-parse", "--short", "HEAD"], capture_output=True, text=True, check=False)
    return told.stdout.strip() or "?"


def _keep(name: str, ratio: float) -> float | None:
    """Write a row down; what it was in the version before, None where it is new."""
    rows: dict[str, dict[str, Any]] = json.loads(KEPT.read_text()) if KEPT.exists() else {}
    row = rows.setdefault(name, {})
    if row.get("version") not in {None, _version()}:
        row["before"] = row["ratio"]
    row |= {"version": _version(), "ratio": float(f"{ratio:.4g}")}
    KEPT.write_text(json.dumps(rows, indent=1, sort_keys=True) + "\n")
    before: float | None = row.get("before")
    return before
