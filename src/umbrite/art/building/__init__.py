"""From loose art to a rig at once: body plans, which piece is which, and the rig made of it."""
