"""What is done with parts that bend."""
