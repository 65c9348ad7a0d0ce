"""Branches, guests and stages: what is used again."""
