"""Going from station to station."""

from umbrite.desk.actions.action import Act, station_of
from umbrite.desk.session.stations import STATIONS

# One line, one action.
# fmt: off
STATION_ACTS: tuple[Act, ...] = (
    *(Act(name.lower(), "Stations", name, f"Ctrl+{i + 1}", "", station_of(name)) for i, name in enumerate(STATIONS)),
)
# fmt: on
