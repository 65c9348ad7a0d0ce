"""A soak: thousands of random gestures and commands through the session over the demos, with undo, save and open mixed in.

Run as `soak.py [GESTURES]`. Prints what was done, how much memory grew, and stops at the first exception or broken invariant.
"""

import contextlib
import gc
import os
import random
import resource
import sys
import tempfile
import time
from collections import Counter
from collections.abc import Callable
from pathlib import Path
from typing import Protocol

from PySide6.QtCore import QRectF
from PySide6.QtWidgets import QApplication

from umbrite.desk.board import faces as _faces  # noqa: F401 what stations and tools are on the board
from umbrite.desk.board.camera import fitting
from umbrite.desk.board.gestures.gesture import Pointer
from umbrite.desk.board.press_rules.station_presses import press
from umbrite.desk.commands import (
    bone_commands,
    control_commands,
    edit_commands,
    family_commands,
    limb_commands,
    limit_commands,
    pose_commands,
    removal_commands,
    shelf_commands,
)
from umbrite.desk.commands.parts import art_commands, order_commands
from umbrite.desk.commands.sets import variant_commands
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import STATIONS
from umbrite.files.package import load, save
from umbrite.rig.errors import UmbriteError
from umbrite.rig.invariants import invariants

ASSETS = Path(__file__).parent.parent / "src" / "umbrite" / "demo" / "assets"
COMMANDS = (
    order_commands.to_front, order_commands.to_back, order_commands.one_forward, family_commands.free_joints, family_commands.carry, limb_commands.turn_side,
    limit_commands.free_limits, pose_commands.reset_selected, pose_commands.reset_all, removal_commands.delete, removal_commands.delete_with_users, edit_commands.walk_up,
    edit_commands.walk_down, edit_commands.select_branch, pose_commands.make_pose_the_rest, pose_commands.reset_branch, limit_commands.hinge_one_way,
    limit_commands.inside_out, limb_commands.extend, limit_commands.either_way(45), bone_commands.from_pivots, bone_commands.bind_nearest,
    bone_commands.detach_bones, control_commands.make_controls, control_commands.take_all, control_commands.make("slider"), control_commands.make("knob"),
    control_commands.link, variant_commands.chooser, variant_commands.make_from_selected, variant_commands.copy_branch, variant_commands.step(1), variant_commands.take_out, shelf_commands.save, shelf_commands.mirror, art_commands.duplicate, art_commands.mirrored_side,
)  # fmt: skip
MOST_PARTS = 120  # copies of copies would fill the memory by right


def memory() -> float:
    """Resident memory in MB."""
    pages = int(Path("/proc/self/statm").read_text("ascii").split()[1])
    return pages * resource.getpagesize() / 1e6


class Soak:
    """One session and a random hand."""

    def __init__(self, seed: int, folder: Path) -> None:
        self.chance = random.Random(seed)
        self.folder = folder
        self.session = Session()
        self.done: Counter[str] = Counter()
        self.open()

    def open(self) -> None:
        name = self.chance.choice(("wick", "bramble", "inkpot"))
        self.session.open(load(ASSETS / f"{name}.umbrite"), None)

    def somewhere(self) -> complex:
        """A board point: on a joint or control mostly, or anywhere."""
        puppet, placed = self.session.puppet, self.session.placed
        where = self.chance.random()
        near = complex(self.chance.gauss(0, 6), self.chance.gauss(0, 6))
        if where < 0.45 and puppet.joints:
            return placed.pivot(self.chance.choice(list(puppet.joints))) + near
        if where < 0.75 and puppet.controls:
            return placed.control_at(puppet.controls[self.chance.choice(list(puppet.controls))]) + near
        return complex(self.chance.uniform(-50, puppet.width + 50), self.chance.uniform(-50, puppet.height + 50))

    def gesture(self) -> None:
        session, chance = self.session, self.chance
        camera = fitting(QRectF(0, 0, session.puppet.width, session.puppet.height), QRectF(0, 0, 800, 640))
        keys = {name: chance.random() < 0.15 for name in ("shift", "ctrl", "alt")}
        start = self.somewhere()
        found = press(session, camera, Pointer(start, "press", camera.zoom, **keys), again=chance.random() < 0.2)
        if found.gesture is None or chance.random() < 0.15:
            if found.click is not None:
                found.click()
            return
        running = found.gesture()
        next(running)
        to = self.somewhere()
        for i in range(1, chance.randint(2, 5)):
            running.send(Pointer(start + (to - start) * i / 4, "move", camera.zoom, **keys))
        end = "cancel" if chance.random() < 0.1 else "release"
        with contextlib.suppress(StopIteration):
            running.send(Pointer(to, end, camera.zoom, **keys))  # type: ignore[arg-type]

    def step(self) -> None:
        """One thing that a person might do; refusals are part of it."""
        session, chance = self.session, self.chance
        what = chance.random()
        try:
            if what < 0.7:
                self.done["gesture"] += 1
                self.gesture()
            elif what < 0.8:
                self.done["undo or redo"] += 1
                for _ in range(chance.randint(1, 6)):
                    session.step(-1) if chance.random() < 0.6 else session.step(1)
            elif what < 0.88:
                self.done["station or tool"] += 1
                session.workspace.go_to(chance.choice(list(STATIONS.values())))
                session.workspace.take_tool(chance.choice(session.workspace.station.tools))
            elif what < 0.985:
                self.done["command"] += 1
                if session.puppet.parts and (len(session.puppet.parts) < MOST_PARTS or chance.random() < 0.5):
                    chosen = list(session.puppet.joints) + list(session.puppet.controls)
                    session.selection.select(chance.sample(chosen, min(len(chosen), chance.randint(1, 3))))
                    chance.choice(COMMANDS)(session)
            elif what < 0.995:
                self.done["save and open"] += 1
                path = self.folder / "soak.umbrite"
                before = session.file.package()
                save(path, before)
                again = load(path)
                assert (again.puppet, again.pose) == (before.puppet, before.pose)
                session.open(again, path)
            else:
                self.done["another demo"] += 1
                self.open()
        except UmbriteError:
            self.done["refused"] += 1
            session.spring_back()
        except (IndexError, ValueError, StopIteration) as error:
            if not isinstance(error, (IndexError, ValueError)) or (
                "unpack" not in str(error) and "index" not in str(error)
            ):
                raise
            session.spring_back()  # a command without what it needs, which the window would not offer

    def check(self) -> None:
        """The puppet is sound."""
        if broken := invariants(self.session.puppet):
            raise SystemExit(f"after {sum(self.done.values())} steps: {broken[0]}")


class Stepping(Protocol):
    """What is soaked: it does one thing after another, counts them, and looks now and then whether all is sound."""

    done: Counter[str]

    def step(self) -> None: ...

    def check(self) -> None: ...


def soaked(name: str, made: Callable[[Path], Stepping], *, usual: int, every: int, calm: int, most: float) -> None:
    """Do the steps asked for on the command line, or the `usual` number, and look after each `every`; tell what was done.

    Stops where memory grew by more than `most` MB after the first `calm`-th of the steps.
    """
    count = int(sys.argv[1]) if len(sys.argv) > 1 else usual
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    app = QApplication(sys.argv[:1])
    start, middle = time.monotonic(), 0.0
    with tempfile.TemporaryDirectory() as folder:
        soak = made(Path(folder))
        for i in range(count):
            soak.step()
            if i % every == 0:
                soak.check()
            if i == count // calm:
                gc.collect()
                middle = memory()
        gc.collect()
        grown = memory() - middle
    words = ", ".join(f"{number} {what}" for what, number in soak.done.most_common())
    print(
        f"{name}: {count} steps in {time.monotonic() - start:.0f} s ({words}); "
        f"memory grew by {grown:.1f} MB after the first {count // calm} steps"
    )
    del app
    if grown > most:
        raise SystemExit(f"memory grew by more than {most:g} MB")


if __name__ == "__main__":
    soaked("soak", lambda folder: Soak(11, folder), usual=20_000, every=20, calm=4, most=20.0)
