#!/bin/sh
# Runs the journeys: a real window on a virtual display, driven by real pointer and key events.
set -eu
sh scripts/system_packages.sh tests
# Without a session bus nobody must wait for one to be started beside the virtual display.
DBUS_SESSION_BUS_ADDRESS=${DBUS_SESSION_BUS_ADDRESS:-unix:path=/nonexistent}
export DBUS_SESSION_BUS_ADDRESS
exec xvfb-run -a -s "-screen 0 1400x900x24 -nolisten tcp" \
    env QT_QPA_PLATFORM=xcb .venv/bin/python -m pytest -q -m journey tests/journeys "$@"
