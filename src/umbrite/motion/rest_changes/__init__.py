"""What becomes of poses and takes when the rest changes under them."""
