"""The work as it once stood: stages, and what differs between one and now."""
