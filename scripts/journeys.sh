#!/bin/sh
# Runs the journeys: a real window on a virtual display, driven by real pointer and key events.
set -eu
sh scripts/system_packages.sh tests
exec xvfb-run -a -s "-screen 0 1400x900x24 -nolisten tcp" \
    env QT_QPA_PLATFORM=xcb .venv/bin/python -m pytest -q -m journey tests/journeys "$@"
