"""What the pictures tell: opaque areas, hits by real shape. Pictures are RGBA arrays, (height, width, 4) uint8."""
