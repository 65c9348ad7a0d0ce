"""What the help menu does."""
