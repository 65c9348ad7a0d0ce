"""What sounds tell: as numbers, as a wave to look at, how loud, where the accents are, and what is said. No files, no devices, no Qt."""
