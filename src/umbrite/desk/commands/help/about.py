"""What the program is made of, with versions and licences, and a report of a fault that can be copied. Nothing leaves by itself."""

import platform
import re
import traceback
from html import escape
from importlib import metadata

from PySide6.QtCore import qVersion
from PySide6.QtGui import QGuiApplication

from umbrite import __version__
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr

PROGRAM = "umbrite"
KNOWN = (
    "av", "defusedxml", "msgspec", "numpy", "opencv-python-headless", "pebble", "pillow", "psd-tools", "PySide6-Essentials", "rectpack", "resvg-py", "scipy", "wasmtime",
)  # fmt: skip
LONGEST = 60  # letters of a licence's name


class Faults:
    """The last fault of ours in this run, as developers read it."""

    last = ""

    @classmethod
    def note(cls, error: BaseException) -> None:
        """Keep what happened, for a report."""
        cls.last = "".join(traceback.format_exception(error))


def shipped() -> list[tuple[str, str, str]]:
    """The packages that the program needs: name, version, licence; those that are not there are left out."""
    found = []
    for wanted in sorted(set(_needed()), key=str.lower):
        try:
            data = metadata.metadata(wanted)
        except metadata.PackageNotFoundError:
            continue
        found.append((data["Name"], data["Version"], _licence(data)))
    return found


def _needed() -> list[str]:
    try:
        wanted = metadata.requires(PROGRAM) or []
    except metadata.PackageNotFoundError:  # run from a folder
        wanted = list(KNOWN)
    return [re.split(r"[\s;<>=!~\[(]", each, maxsplit=1)[0] for each in wanted]


def _licence(data: metadata.PackageMetadata) -> str:
    """What a package says of its licence, in a few words."""
    told = ", ".join(data.get_all("License-Expression") or [])
    if not told:
        classes = [each.rpartition(":: ")[2] for each in data.get_all("Classifier") or [] if each.startswith("License")]
        first = ", ".join(data.get_all("License") or []).strip().split("\n")[0]
        told = ", ".join(dict.fromkeys(classes)) or first
    return told if len(told) <= LONGEST else f"{told[:LONGEST]}…"


def about_text() -> str:
    """The page, as HTML: the program, what it is run by, and what ships with it."""
    rows = "".join(
        f"<tr><td>{escape(name)}&nbsp;&nbsp;</td><td>{escape(version)}&nbsp;&nbsp;</td><td>{escape(licence)}</td></tr>"
        for name, version, licence in shipped()
    )
    head = tr(
        "<b>Umbrite {version}</b><br>Rigs cut-out characters: pivots, limbs, limits and controls.<br><br>Licence: Apache-2.0. Typeface: Alegreya Sans (OFL 1.1). Ordinary icons: Lucide (ISC).",
        version=__version__,
    )
    return f"{head}<br><br>Python {platform.python_version()}, Qt {qVersion()}<br><br><table>{rows}</table>"


def fault_report() -> str:
    """What a developer needs to know of a fault: versions and where it happened. No name of a file, no drawing, no puppet is in it but what
    the trace itself tells.
    """
    versions = "\n".join(f"{name} {version}" for name, version, _ in shipped())
    lines = [
        f"Umbrite {__version__}, Python {platform.python_version()}, Qt {qVersion()}",
        f"{platform.system()} {platform.release()}, {QGuiApplication.platformName()}",
        versions,
        Faults.last or "No fault was noticed in this run.",
    ]
    return "\n\n".join(lines) + "\n"


def copy_report(session: Session) -> None:
    """The report onto the clipboard, as text; the person decides where it goes."""
    QGuiApplication.clipboard().setText(fault_report())
    session.say(tr("A report is on the clipboard: versions, and the last fault of this run. Nothing else leaves."))
