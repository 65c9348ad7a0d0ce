"""Limbs from a goal to turns, in numbers alone: closed forms, and iterations for long limbs; for one frame and for many."""
