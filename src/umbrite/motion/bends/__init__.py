"""Parts that bend: where their vertices go, and how far until they fold."""
