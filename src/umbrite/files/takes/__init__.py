"""What goes with takes in files: their places per frame, and the sounds under them."""
