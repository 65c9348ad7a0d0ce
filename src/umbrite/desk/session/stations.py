"""The places of work, each a value: its tools, the panels that stand there at first, and what is done and shown there."""

from typing import Literal, NamedTuple


class Station(NamedTuple):
    """A place of work. The first of its tools is taken when it is entered. `panels` stand there at first; none: all but what others name.

    `picks` is what a click on art selects there, `selects_all` what "everything" means. `posed` shows the pose instead of rest.
    The rest says what can be seen and done: parts fanned out, guides, swaying, controls; `timed` shows a take at the lamp's frame.
    """

    name: str
    tools: tuple[str, ...]
    picks: Literal["part", "joint"] = "joint"
    selects_all: Literal["part", "joint", "control"] = "joint"
    panels: tuple[str, ...] = ()
    posed: bool = False
    fans: bool = False
    guides: bool = False
    sways: bool = False
    controls: bool = False
    nudges: Literal["", "part", "joint", "control"] = ""
    timed: bool = False


PARTS = Station(
    "Parts", ("place", "trim", "cut"), "part", "part", fans=True, guides=True, sways=True, nudges="part"
)
PIVOTS = Station("Pivots", ("pivot", "cord"), fans=True, guides=True, sways=True, nudges="joint")
LIMBS = Station("Limbs", ("limb", "bone", "bind", "limit", "weigh", "net"), sways=True)
CONTROLS = Station("Controls", ("control",), selects_all="control", controls=True, nudges="control")
REHEARSE = Station(
    "Rehearse",
    ("pose", "body"),
    "part",
    "control",
    ("Details", "Poses"),
    posed=True,
    controls=True,
    nudges="control",
)
TAKES = REHEARSE._replace(name="Takes", panels=("Details", "Poses", "Tape"), timed=True)
STATIONS: dict[str, Station] = {each.name: each for each in (PARTS, PIVOTS, LIMBS, CONTROLS, REHEARSE, TAKES)}
