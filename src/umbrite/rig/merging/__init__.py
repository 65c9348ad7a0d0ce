"""What is brought from one puppet into another: branches, whole puppets, things by name."""
