"""A take baked for others: moves of nodes apart from their carriers, the fewest keys that tell them, what bends as bones and corrections."""
