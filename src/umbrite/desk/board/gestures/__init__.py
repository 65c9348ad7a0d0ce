"""Gestures: press, moves, release or Esc, each a generator that takes plain events in board coordinates.

They know the session but no widget, so they are tested without a window. One gesture is one step of undo, or none
if it is cancelled.
"""
