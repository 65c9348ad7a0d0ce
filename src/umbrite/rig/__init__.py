"""What a puppet is: frozen values, and pure edits that turn one puppet into the next.

Coordinates are board pixels, x right and y down, kept as complex numbers x + iy. Angles are radians;
because y points down, a positive angle turns clockwise on the screen. Only `angles.shown_degrees`
turns them into what people read. The art is kept as it lies on the board at rest, and a pose is a set of
maps from the board at rest to the board as posed: so pivots, parents and limbs can change without
moving a pixel of the rest picture.
"""
