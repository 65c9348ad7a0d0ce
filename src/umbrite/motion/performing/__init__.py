"""Performing: what a hand does while time runs becomes few keys that can be corrected."""
