"""Sets of drawings and branches of which one shows."""
