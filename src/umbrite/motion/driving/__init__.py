"""Links and responses made ready: curves, weights of stops, and what they add."""
