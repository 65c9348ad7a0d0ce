"""What is used again: how guests grow, what moving one costs, how much a stage adds to a file, a rig laid on other art. Run by `make bench`."""

import statistics
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

from msgspec.structs import replace
from PySide6.QtGui import QGuiApplication

from umbrite.art.building.transfer import lay_rig
from umbrite.files.opening import open_any
from umbrite.files.package import Package, load, save
from umbrite.files.png import decode, fingerprint
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.paint.render import version_png
from umbrite.rig.document import Document, Version
from umbrite.rig.merging.guest_edits import add_guest, place_guest, update_guest
from umbrite.rig.merging.guests import refuse_inside
from umbrite.rig.versions.differences import differences

DEMO = Path(__file__).parent.parent / "src" / "umbrite" / "demo" / "assets"


def took(work: Callable[[], object], count: int = 20) -> float:
    """The median time of some runs, milliseconds."""
    times = []
    for _ in range(count):
        begun = time.perf_counter()
        work()
        times.append(time.perf_counter() - begun)
    return statistics.median(times) * 1e3


def guests() -> None:
    """Wick with more and more tea carts: all of it is evaluated at once."""
    wick, cart = (load(DEMO / f"{name}.umbrite").document for name in ("wick", "tea-cart"))
    print("guests | joints | compile | evaluate | move one | update one | an edit is looked through (ms)")
    document, count, key = wick, 0, ""
    for wanted in (0, 1, 2, 4, 8, 16):
        while count < wanted:
            document, key = add_guest(document, cart, "tea-cart.umbrite", complex(40 * count, 0))
            count += 1
        puppet = document.puppet
        plan = compile_plan(puppet)
        fresh = [replace(puppet, name=f"{i}", joints=dict(puppet.joints)) for i in range(8)]
        compiled = took(lambda fresh=fresh: compile_plan(fresh.pop()), 6)  # type: ignore[misc]
        moved = update = 0.0
        if key:
            moved = took(lambda document=document, key=key: place_guest(document, key, 9 + 9j))  # type: ignore[misc]
            update = took(lambda document=document, key=key: update_guest(document, key, cart))  # type: ignore[misc]
        looked = took(lambda puppet=puppet: refuse_inside(puppet, puppet))  # type: ignore[misc]
        print(
            f"{wanted:6} | {len(puppet.joints):6} | {compiled:7.2f} | {took(lambda plan=plan: evaluate(plan, {})):8.2f} | {moved:8.2f} | {update:10.2f} | {looked:.3f}"  # type: ignore[misc]
        )


def versions() -> None:
    """How much one stage, and ten, add to the files of the demos; what differs between one and now."""
    for name in ("wick", "bramble", "tansy", "inkpot"):
        package = load(DEMO / f"{name}.umbrite")
        picture = version_png(package)
        sizes = []
        for count in (0, 1, 10):
            kept = tuple(Version(f"Stage {i}", "", fingerprint(picture), package.document) for i in range(count))
            with tempfile.TemporaryDirectory() as folder:
                path = Path(folder) / "a.umbrite"
                document = replace(package.document, versions=kept)
                save(path, Package(document, {**package.art, fingerprint(picture): picture}))
                sizes.append(path.stat().st_size)
        told = took(lambda package=package: differences(Document(), package.document))  # type: ignore[misc]
        print(
            f"{name}: a stage adds {(sizes[1] / sizes[0] - 1) * 100:.2f} %, ten {(sizes[2] / sizes[0] - 1) * 100:.2f} % (aim: 2 % each); what differs {told:.2f} ms"
        )


def laying() -> None:
    """Wick's rig on Clover's art."""
    rig, art = load(DEMO / "wick.umbrite"), open_any(DEMO / "clover.ora")
    pictures = [{key: decode(data, key) for key, data in one.art.items()} for one in (rig, art)]
    once = took(lambda: lay_rig(rig.document, pictures[0], art.puppet, pictures[1]), 2)
    print(f"Wick's rig laid on Clover's 22 pieces: {once / 1e3:.2f} s")


if __name__ == "__main__":
    app = QGuiApplication(sys.argv[:1])
    guests()
    versions()
    laying()
