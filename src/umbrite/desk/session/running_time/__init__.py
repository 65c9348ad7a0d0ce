"""Time that runs in the window: takes that play, what swings meanwhile, and what is performed."""
