"""What is done with parts: their place, order and look, what is made from their art, and their locks."""
