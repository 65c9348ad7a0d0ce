"""Umbrite: rigging for cut-out characters, from layered art to a puppet posed by dragging.

From Python: `umbrite.open`, `umbrite.new`, `umbrite.demo_file` and `umbrite.Document`, see `umbrite.scripting` and docs/python.md. Nothing is loaded
before it is used.
"""

from typing import TYPE_CHECKING, Any

if TYPE_CHECKING:
    from umbrite.rig.errors import UmbriteError
    from umbrite.scripting import Document, demo_file, new, open  # noqa: A004

__version__ = "0.1.0"
__all__ = ["Document", "UmbriteError", "demo_file", "new", "open"]


def __getattr__(name: str) -> Any:
    if name == "UmbriteError":
        from umbrite.rig.errors import UmbriteError

        return UmbriteError
    if name in __all__:
        from umbrite import scripting

        return getattr(scripting, name)
    raise AttributeError(f"module 'umbrite' has no attribute {name!r}")
