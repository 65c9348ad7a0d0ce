"""What goes out: times and sizes of glTF, keys before and after thinning, sheets, the import of `umbrite`; and how work grows with workers.

The baseline of the farm is one worker of the same kind in the same run.
"""

import os
import subprocess
import sys
import tempfile
import time
from pathlib import Path

from umbrite.demo import ASSETS
from umbrite.farm.pieces import Piece
from umbrite.farm.sources import source_of
from umbrite.farm.workers import processes
from umbrite.files.engines.atlas import Sheets, write_parts
from umbrite.files.engines.gltf import write_gltf
from umbrite.files.package import load
from umbrite.rig.takes.take_list import get_take

CHUNKS = 48  # pieces of eight frames
SCALE = 0.5


def exports(folder: Path) -> None:
    """Every demo out to glTF and sheets."""
    print("glTF of all demos, with all takes:")
    print(
        f"  {'demo':14} {'s':>6} {'MB':>6} {'of .umbrite':>12} {'keys':>7} {'thinned':>8} {'off px':>7} {'sheets s':>9}"
    )
    for path in sorted(ASSETS.glob("*.umbrite")):
        package = load(path)
        out = folder / f"{path.stem}.glb"
        begun = time.perf_counter()
        written = write_gltf(out, package)
        spent = time.perf_counter() - begun
        begun = time.perf_counter()
        write_parts(Sheets(folder / "it.png", folder / "it.json"), package)
        sheets = time.perf_counter() - begun
        size = out.stat().st_size
        print(
            f"  {path.stem:14} {spent:6.2f} {size / 1e6:6.2f} {size / path.stat().st_size:12.2f} "
            f"{sum(written.unthinned.values()):7} {sum(written.keys.values()):8} {max(written.off.values()):7.3f} {sheets:9.2f}"
        )


def import_time() -> None:
    """The best of five, beside Python's own start."""

    def best(words: str) -> float:
        runs = []
        for _ in range(5):
            begun = time.perf_counter()
            subprocess.run([sys.executable, "-c", words], check=True)
            runs.append(time.perf_counter() - begun)
        return min(runs)

    bare, whole = best("pass"), best("import umbrite")
    print(f"import umbrite: {1000 * (whole - bare):.0f} ms beside {1000 * bare:.0f} ms of Python's own (aim 150)")


def farm() -> list[float]:
    """Frames of a take in pieces by one and by two workers; what a piece takes."""
    source = source_of(ASSETS / "tansy.umbrite")
    take = get_take(load(ASSETS / "tansy.umbrite").document.takes, "Deliver")
    frames = [float(take.first + i % (take.last - take.first)) for i in range(8 * CHUNKS)]
    pieces = [
        Piece("frames", source, {"take": take.name, "frames": frames[8 * i : 8 * i + 8], "scale": SCALE, "background": None, "number": i})
        for i in range(CHUNKS)
    ]  # fmt: skip
    spent: dict[int, float] = {}
    made: dict[int, list[bytes]] = {}
    for workers in (1, 2):
        begun = time.perf_counter()
        results = dict(processes(workers)(list(enumerate(pieces))))
        spent[workers] = time.perf_counter() - begun
        made[workers] = [bytes(results[i]) for i in range(CHUNKS)]  # type: ignore[arg-type]
    assert made[1] == made[2], "the same to the byte"
    grown = spent[1] / spent[2]
    print(
        f"farm: {len(frames)} frames in {CHUNKS} pieces: 1 worker {spent[1]:.1f} s, 2 workers {spent[2]:.1f} s, {grown:.2f} times as fast (aim 1.8); "
        f"{sum(map(len, made[1])) / CHUNKS / 1e6:.2f} MB a piece"
    )
    return [spent[1], spent[2]]


if __name__ == "__main__":
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    with tempfile.TemporaryDirectory() as name:
        exports(Path(name))
    import_time()
    farm()
