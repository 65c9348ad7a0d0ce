"""Where everything goes: from a pose to the placement of every joint and part, one frame or a thousand."""
