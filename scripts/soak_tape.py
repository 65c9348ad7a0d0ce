"""A soak of the tape: thousands of random drags, keys and commands on takes of the demos, with undo, save and open mixed in.

Run as `soak_tape.py [GESTURES]`. Prints what was done, how much memory grew, and stops at the first exception, and where a take is not
sound any more.
"""

from collections import Counter
from collections.abc import Callable
from pathlib import Path
from random import Random

import numpy as np
from PySide6.QtCore import QPointF, Qt
from soak import ASSETS, soaked

from umbrite.desk.commands.takes import loose_commands, recipes, take_commands
from umbrite.desk.commands.takes.recipes import RECIPES, Dial
from umbrite.desk.panels.timeline.timeline_layout import NAMES, RULER
from umbrite.desk.panels.timeline.timeline_view import TimelineView
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import TAKES
from umbrite.files.package import load, save
from umbrite.motion.animating.playing import placed_over
from umbrite.rig.errors import UmbriteError
from umbrite.rig.invariants import invariants
from umbrite.rig.takes.take_list import take_faults

Keys = Qt.KeyboardModifier
COMMANDS: tuple[Callable[[Session], object], ...] = (
    take_commands.key_everything, take_commands.key_selected, take_commands.keep_unkept, take_commands.switch_keying, take_commands.copy_keys,
    take_commands.paste_keys, take_commands.cut_keys, take_commands.new_take, take_commands.copy_take, take_commands.switch_loop,
    take_commands.mirror_selected, take_commands.remove_selected, take_commands.stretch_selected(2.0), take_commands.stretch_selected(0.5),
    take_commands.step_by(1), take_commands.to_key(1), take_commands.to_key(-1), loose_commands.make_loose, loose_commands.bake_swing, loose_commands.bake_walk,
)  # fmt: skip
MOST_TAKES, MOST_KEYS = 6, 4_000


class TimelineSoak:
    """One session, one tape, and a random hand."""

    def __init__(self, seed: int, folder: Path) -> None:
        self.chance, self.folder = Random(seed), folder
        self.session = Session()
        self.done: Counter[str] = Counter()
        self.sheet = TimelineView(self.session)
        self.sheet.resize(960, 420)
        self.open()

    def open(self) -> None:
        name = self.chance.choice(("wick", "bramble", "inkpot"))
        self.session.open(load(ASSETS / f"{name}.umbrite"), None)
        self.session.workspace.go_to(TAKES)
        take = self.chance.choice(self.session.history.now.takes)
        self.session.timeline.choose(take.name)
        self.sheet.refresh()

    def somewhere(self) -> QPointF:
        """A place of the tape: an eyelet or a point of a curve mostly, the ruler, or anywhere."""
        ground, chance, take = self.sheet.ground, self.chance, self.sheet.ground.take
        where = chance.random()
        numbers = [i for i, row in enumerate(ground.rows) if row.channels]
        if where < 0.7 and take is not None and take.tracks and numbers:
            number = chance.choice(numbers)
            row = ground.rows[number]
            name = chance.choice(row.channels)
            key = chance.choice(take.tracks[name]) if name in take.tracks else None
            if key is not None and row.kind == "curve":
                return ground.place_of(number, name, key)
            frame = key.frame if key is not None else 0.0
            return QPointF(ground.x_of(frame + chance.choice((0, 0, 2))), ground.box_of(number).center().y())
        if where < 0.85:
            return QPointF(chance.uniform(NAMES, 950), chance.uniform(0, RULER))
        return QPointF(chance.uniform(NAMES, 950), chance.uniform(0, ground.height))

    def gesture(self) -> None:
        chance, presses = self.chance, self.sheet.presses
        keys = Keys.NoModifier
        for modifier in (Keys.ShiftModifier, Keys.ControlModifier, Keys.AltModifier):
            keys = keys | modifier if chance.random() < 0.15 else keys
        self.sheet.ground.width = 960
        start, end = self.somewhere(), self.somewhere()
        if chance.random() < 0.6:
            end = start + QPointF(chance.gauss(0, 60), chance.gauss(0, 20))
        presses.press(start, keys)
        for i in range(1, chance.randint(1, 4)):
            presses.move(start + (end - start) * (i / 4), keys)
        if chance.random() < 0.1:
            presses.cancel()
        else:
            presses.release(end, keys)

    def recipe(self) -> None:
        session, chance = self.session, self.chance
        recipe = RECIPES[chance.choice(list(RECIPES))](session)
        values: dict[str, object] = {}
        for setting in recipe.settings:
            if isinstance(setting, Dial):
                steps = round((setting.most - setting.least) / setting.unit)
                values[setting.key] = round(setting.least + setting.unit * chance.randint(0, steps), 9)
            else:
                values[setting.key] = chance.choice(setting.options)[1]
        recipes.finish(session, recipe, values)

    def pose(self) -> None:
        session, chance = self.session, self.chance
        key = chance.choice(list(session.puppet.joints))
        session.edit(
            "Pose", pose={**session.pose, f"{key}.turn": chance.gauss(0, 0.4), f"{key}.x": chance.gauss(0, 20)}
        )

    def unfold(self) -> None:
        ground, chance = self.sheet.ground, self.chance
        ground.unfolded ^= {chance.choice([row.key for row in ground.rows if row.kind == "thing"])}
        channels = [row.key for row in ground.rows if row.kind == "channel"]
        ground.drawn ^= {chance.choice(channels)} if channels else set()
        self.sheet.refresh()

    def history(self) -> None:
        for _ in range(self.chance.randint(1, 5)):
            self.session.step(-1 if self.chance.random() < 0.6 else 1)

    def around(self) -> None:
        take = self.session.timeline.take
        if take is not None:
            self.session.timeline.go_to(float(self.chance.randint(take.first, take.last)))

    def command(self) -> None:
        session, chance = self.session, self.chance
        things = [*session.puppet.joints, *session.puppet.controls]
        session.selection.select(chance.sample(things, chance.randint(1, 3)))
        chance.choice(COMMANDS)(session)

    def file(self) -> None:
        path = self.folder / "soak.umbrite"
        before = self.session.file.package()
        save(path, before)
        again = load(path)
        assert again.document == before.document
        self.session.open(again, path)
        self.session.workspace.go_to(TAKES)

    def step(self) -> None:
        """One thing that a person might do; refusals are part of it."""
        works = (
            self.gesture,
            self.recipe,
            self.pose,
            self.unfold,
            self.history,
            self.around,
            self.command,
            self.file,
            self.open,
        )
        (work,) = self.chance.choices(works, (60, 5, 10, 4, 6, 6, 8, 0.6, 0.4))
        self.done[work.__name__] += 1
        try:
            work()
            takes = self.session.history.now.takes
            if len(takes) > MOST_TAKES or sum(len(t) for take in takes for t in take.tracks.values()) > MOST_KEYS:
                self.open()
        except UmbriteError:
            self.done["refused"] += 1
            self.session.spring_back()

    def check(self) -> None:
        """Nothing absurd has come of it."""
        takes, puppet = self.session.history.now.takes, self.session.history.now.puppet
        faults = [*take_faults(takes), *invariants(puppet)]
        if faults:
            raise SystemExit(f"after {sum(self.done.values())} steps: {faults[0]}")
        take = self.session.timeline.take
        if take is not None:
            placed = placed_over(take, puppet, np.linspace(take.first, take.last, 7))
            assert np.isfinite(placed.maps.t).all()
        self.sheet.grab()


if __name__ == "__main__":
    soaked("soak of the tape", lambda folder: TimelineSoak(7, folder), usual=5_000, every=10, calm=3, most=40.0)
