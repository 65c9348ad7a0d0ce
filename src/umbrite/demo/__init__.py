"""The demo puppets: scripts that draw and rig them, and what they made, ready to be opened."""

from pathlib import Path

ASSETS = Path(__file__).parent / "assets"
