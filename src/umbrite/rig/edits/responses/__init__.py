"""Edits of responses, and of the shapes that they call forth."""
