"""Trying a puppet out: the workout runs everything through its range, measures, and shows the worst as a contact sheet."""
