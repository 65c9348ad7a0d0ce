"""Umbrite: rigging for cut-out characters, from layered art to a puppet posed by dragging."""

__version__ = "0.1.0"
