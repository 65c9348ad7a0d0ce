"""Edits of parts that bend."""
