"""Colour under what is clear: so that filtered textures have no dark seam where a drawing ends."""

import numpy as np

from umbrite.art.pictures import Picture

SEEN = 8  # alpha from which on a pixel's own colour is trusted
REACH = 8  # pixels around a drawing that take on its colour


def bled(picture: Picture, reach: int = REACH) -> Picture:
    """The picture with the colour of the nearest seen pixel where nothing is seen, up to `reach` pixels away; alpha stays to the bit."""
    seen = picture[..., 3] >= SEEN
    if seen.all() or not seen.any():
        return picture
    import cv2  # dear to load, and seldom needed

    away, labels = cv2.distanceTransformWithLabels(
        (~seen).astype(np.uint8), cv2.DIST_L2, cv2.DIST_MASK_5, labelType=cv2.DIST_LABEL_PIXEL
    )
    at = np.zeros(int(labels.max()) + 1, dtype=np.intp)
    at[labels[seen]] = np.flatnonzero(seen)
    near = (np.asarray(away) <= reach) & (picture[..., 3] == 0)
    found = picture.copy()
    found[near, :3] = picture.reshape(-1, 4)[at[np.asarray(labels)[near]], :3]
    return found


def on_sheet(sheet: Picture, picture: Picture, x: int, y: int, gap: int) -> None:
    """Lay a picture on a sheet; its colours, without their alpha, go on `gap` pixels beyond its frame."""
    wider = bled(np.pad(picture, ((gap, gap), (gap, gap), (0, 0))))
    rows, columns = wider.shape[:2]
    sheet[y - gap : y - gap + rows, x - gap : x - gap + columns] = wider
