"""Joints found, and whole rigs built by plan."""
