"""Drawings that bend: their middle line, mesh and weights."""
