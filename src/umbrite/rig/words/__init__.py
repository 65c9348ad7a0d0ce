"""What words of names mean: for bodies, and in other languages."""
