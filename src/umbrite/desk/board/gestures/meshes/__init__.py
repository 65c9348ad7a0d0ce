"""Gestures on meshes: points, weights, shapes."""
