"""A face of unnamed pieces, drawn here: hair behind, ears, a head, eyes with pupils, a mouth, all of them loose."""

import numpy as np

from umbrite.files.package import Package
from umbrite.files.png import encode, fingerprint
from umbrite.rig.document import Document
from umbrite.rig.edits.parts import add_part
from umbrite.rig.model import Drawing, Placement, Puppet

# Middle, half width and height, colour; back to front.
PIECES = (
    (300, 290, 215, 220, (90, 60, 40)), (96, 330, 30, 48, (220, 160, 130)), (504, 330, 30, 48, (220, 160, 130)),
    (300, 310, 200, 210, (240, 190, 150)), (225, 290, 30, 22, (255, 255, 250)), (375, 290, 30, 22, (255, 255, 250)),
    (228, 292, 11, 11, (40, 30, 30)), (372, 292, 11, 11, (40, 30, 30)), (300, 350, 18, 30, (220, 160, 130)), (300, 420, 62, 20, (150, 50, 50)),
)  # fmt: skip
HEAD, EYES, PUPILS, EARS = 3, (4, 5), (6, 7), (1, 2)


def drawn(wide, tall, colour):
    y, x = np.mgrid[0 : 2 * tall, 0 : 2 * wide]
    inside = ((x + 0.5 - wide) / wide) ** 2 + ((y + 0.5 - tall) / tall) ** 2 <= 1
    return np.dstack([np.full(inside.shape, part) for part in colour] + [inside * 255]).astype(np.uint8)


def drawn_face(pieces=PIECES, names=()):
    puppet, art = Puppet(width=600, height=600), {}
    for number, (x, y, wide, tall, colour) in enumerate(pieces):
        data = encode(drawn(wide, tall, colour))
        art[fingerprint(data)] = data
        name = names[number] if names else f"Layer {number + 1}"
        place = Placement(float(x - wide), float(y - tall))
        puppet, _ = add_part(puppet, name, Drawing(fingerprint(data), 2 * wide, 2 * tall), place)
    return Package(Document(puppet), art)
