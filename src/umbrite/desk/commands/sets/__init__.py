"""What is done with variant sets."""
