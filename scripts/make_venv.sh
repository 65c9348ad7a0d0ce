#!/bin/sh
# make_venv.sh FOLDER PYTHON REQUIREMENTS [bare]: an environment with the pinned packages;
# Umbrite itself is put on its path unless "bare" is given.
set -eu
folder=$1 python=$2 requirements=$3 bare=${4:-}
if ! "$python" -c 'import sys; sys.exit(sys.version_info < (3, 11))'; then
    echo "Umbrite needs Python 3.11 or newer; '$python' is older. Try: make PYTHON=python3.12 ..." >&2
    exit 1
fi
if ! "$python" -c 'import ensurepip, venv' 2>/dev/null; then
    if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
        apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq python3-venv >/dev/null
    else
        echo "Python's venv module is missing. Install it with: sudo apt-get install python3-venv" >&2
        exit 1
    fi
fi
[ -x "$folder/bin/python" ] || "$python" -m venv "$folder"
echo "Installing pinned packages into $folder ..."
"$folder/bin/python" -m pip install --quiet --disable-pip-version-check --no-input --require-hashes -r "$requirements"
if [ -z "$bare" ]; then
    site=$("$folder/bin/python" -c 'import sysconfig; print(sysconfig.get_path("purelib"))')
    printf '%s\n' "$(pwd)/src" > "$site/umbrite-source.pth"
    printf '#!/bin/sh\nexec "%s/%s/bin/python" -m umbrite "$@"\n' "$(pwd)" "$folder" > "$folder/bin/umbrite"
    chmod +x "$folder/bin/umbrite"
fi
