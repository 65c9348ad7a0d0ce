"""Puppets for others: what game engines, viewers and scripts read."""
