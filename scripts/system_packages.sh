#!/bin/sh
# system_packages.sh window|tests: the system libraries that Qt's X11 window needs (and, for tests,
# a display, a pointer to drive it, and what checks the entries for menus and software centres).
# Installs what is missing where it is root, otherwise says how.
set -eu
needed="libegl1 libgl1 libxkbcommon-x11-0 libxcb-cursor0 libxcb-icccm4 libxcb-keysyms1 libxcb-image0
libxcb-render-util0 libxcb-shape0 libdbus-1-3 fontconfig"
[ "$1" = tests ] && needed="$needed xvfb xauth xdotool appstream desktop-file-utils
dbus at-spi2-core python3-pyatspi"
command -v dpkg-query >/dev/null || exit 0  # not a Debian kind of system: Qt says itself what it lacks
missing=""
for package in $needed; do
    dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q "ok installed" || missing="$missing $package"
done
[ -z "$missing" ] && exit 0
if [ "$(id -u)" = 0 ]; then
    echo "Installing system packages:$missing"
    apt-get update -qq
    # shellcheck disable=SC2086
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $missing >/dev/null
else
    echo "These system packages are missing:$missing" >&2
    echo "Install them with: sudo apt-get install$missing" >&2
    [ "$1" = tests ] && exit 1
fi
exit 0
