"""Packages: the Debian one is built, installed with apt, started from /usr/bin in a real window, and removed without a trace; the AppImage's folder
runs as it is; the Flatpak's manifest is read by its own builder.
"""

import gzip
import json
import os
import shutil
import subprocess
from pathlib import Path

import pytest

from umbrite import __version__

ROOT = Path(__file__).parent.parent
HOME = Path("/usr/lib/umbrite")
# Starts it on the display of xvfb-run, waits for its window, and stops it.
STARTED = """
/usr/bin/umbrite "$1" & pid=$!
found=1
for _ in $(seq 240); do
    kill -0 $pid || break
    if xdotool search --onlyvisible --name Umbrite >/dev/null 2>&1; then found=0; break; fi
    sleep 0.25
done
sleep 2
kill -0 $pid || found=1
kill $pid
wait $pid
exit $found
"""

pytestmark = pytest.mark.long


def run(*words, code=0, **env):
    done = subprocess.run(
        [str(word) for word in words], capture_output=True, text=True, check=False, cwd="/", timeout=900, env={**os.environ, **env}
    )  # fmt: skip
    assert done.returncode == code, done.stderr[-3000:]
    return done.stdout


@pytest.mark.skipif(os.geteuid() != 0, reason="apt installs only for root")
@pytest.mark.skipif(shutil.which("apt-get") is None, reason="this is no Debian kind of system")
@pytest.mark.skipif(HOME.exists(), reason="Umbrite is installed here already, and stays as it is")
def test_the_debian_package_is_installed_started_and_removed(tmp_path):
    run("make", "-C", ROOT, "deb")
    (package,) = (ROOT / "dist").glob("umbrite_*.deb")
    assert package.stat().st_size < 160_000_000  # 138 when this was written
    if shutil.which("lintian"):
        run("lintian", "--allow-root", "--fail-on", "error", package)
    before = set(Path("/usr/share/applications").iterdir())
    quiet = {"DEBIAN_FRONTEND": "noninteractive"}
    run("apt-get", "install", "-y", "-qq", "--no-install-recommends", package, **quiet)
    try:
        assert run("/usr/bin/umbrite", "--version") == f"Umbrite {__version__}\n"
        (wick,) = HOME.glob("lib/python3.*/site-packages/umbrite/demo/assets/wick.umbrite")
        assert run("/usr/bin/umbrite", "check", wick) == "0 findings.\n"
        run("/usr/bin/umbrite", "joints", wick.with_suffix(".ora"))  # reads foreign art in a process of its own
        run("/usr/bin/umbrite", "thumbnail", wick, tmp_path / "small.png")
        assert (tmp_path / "small.png").stat().st_size > 1000
        manual = gzip.decompress(Path("/usr/share/man/man1/umbrite.1.gz").read_bytes())
        assert b".SS convert" in manual
        said = Path("/usr/share/doc/umbrite/copyright").read_text("utf-8")
        (films,) = HOME.glob("lib/python3.*/site-packages/av.libs")
        carried = {name for name in ("libx264", "libx265") if list(films.glob(f"{name}-*"))}
        assert carried <= set(said.split())
        run("xvfb-run", "-a", "-s", "-screen 0 1280x800x24", "sh", "-c", STARTED, "start", wick, QT_QPA_PLATFORM="xcb")
        assert Path("/usr/share/applications/umbrite.desktop") not in before
        assert Path("/usr/share/thumbnailers/umbrite.thumbnailer").exists()
    finally:
        run("apt-get", "remove", "-y", "-qq", "umbrite", **quiet)
    assert set(Path("/usr/share/applications").iterdir()) == before
    assert not HOME.exists()
    assert not Path("/usr/bin/umbrite").exists()
    assert not list(Path("/usr/share").rglob("*umbrite*"))


def test_the_folder_of_an_appimage_runs_without_anything_else(tmp_path):
    run("make", "-C", ROOT, "appdir")
    start = ROOT / "dist" / "Umbrite.AppDir" / "AppRun"
    bare = ["env", "-i", f"HOME={tmp_path}", "PATH=/usr/bin:/bin", "QT_QPA_PLATFORM=offscreen", start]
    assert run(*bare, "--version") == f"Umbrite {__version__}\n"
    assert run(*bare, "joints", ROOT / "src/umbrite/demo/assets/wick.ora").endswith("for 24 parts.\n")
    run(*bare, "pose", ROOT / "src/umbrite/demo/assets/tansy.umbrite", "--png", tmp_path / "it.png")
    assert (tmp_path / "it.png").stat().st_size > 10_000


@pytest.mark.skipif(shutil.which("flatpak-builder") is None, reason="flatpak-builder is not installed")
def test_the_flatpak_manifest_is_one():
    manifest = json.loads(run("flatpak-builder", "--show-manifest", ROOT / "packaging/flatpak/org.umbrite.umbrite.yml"))
    assert manifest["command"] == "umbrite"
    assert manifest["id"] in (ROOT / "packaging/umbrite.metainfo.xml").read_text("utf-8")
