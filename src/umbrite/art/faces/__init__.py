"""Faces: what their pieces are, and how they look when the head turns."""
