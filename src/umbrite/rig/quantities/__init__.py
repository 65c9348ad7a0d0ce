"""Angles as they are shown, and how large numbers may be."""
