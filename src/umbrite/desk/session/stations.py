"""The places of work, and the tool with which each begins."""

STATIONS = ("Parts", "Pivots", "Limbs", "Controls", "Rehearse")


FIRST_TOOL = {"Parts": "place", "Pivots": "pivot", "Limbs": "limb", "Controls": "control", "Rehearse": "pose"}
