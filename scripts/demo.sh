#!/bin/sh
# Opens the demo puppet; without a display, runs the same window unseen and saves a picture of it.
set -eu
demo=src/umbrite/demo/assets/wick.umbrite
if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; then
    exec .venv/bin/umbrite "$demo" "$@"
fi
echo "There is no display here, so the demo runs unseen, and keeps a picture and a film."
mkdir -p build
QT_QPA_PLATFORM=offscreen exec .venv/bin/python scripts/scripted_demo.py "$demo" build/demo.png
