"""Layered PSD in, by psd-tools: what its layers show, with masks applied, clips and blend modes as ours, and notes on what was lost."""

import io
import re
import warnings
from collections.abc import Callable, Iterable, Iterator
from pathlib import Path
from typing import Any, BinaryIO, NamedTuple, TypeVar

import numpy as np
from PIL import Image

from umbrite.art.pictures import Picture
from umbrite.files.file_errors import READER_ERRORS, FileError, shown_name
from umbrite.files.files_in import open_file
from umbrite.files.formats.pictures_in import Together, profile_notes, title_of
from umbrite.files.layers import Layer, Layered, layer_of, overlap_notes
from umbrite.rig.errors import Watch, readable, unwatched
from umbrite.rig.model import Blend
from umbrite.rig.quantities.bounds import canvas_fault, picture_fault

Unpacked = TypeVar("Unpacked")
MOST_BYTES = 2_000_000_000
DEEPEST = 50
# Layer ids, as the format names them, of the channel with the alpha.
ALPHA = -1
BLENDS: dict[bytes, Blend] = {
    b"norm": "normal", b"pass": "normal", b"mul ": "multiply", b"scrn": "screen", b"over": "overlay", b"lddg": "add",
}  # fmt: skip


class _Given(NamedTuple):
    """What groups hand down to their layers."""

    opacity: float = 1.0
    visible: bool = True
    groups: tuple[str, ...] = ()
    masks: tuple[Any, ...] = ()
    faint: tuple[int, ...] = ()  # groups with less than full opacity, by number


class _Found(NamedTuple):
    """A layer on its way in; `base` is what it is clipped by."""

    layer: Any
    given: _Given
    base: Any | None


def read_psd(path: Path, watch: Watch = unwatched) -> Layered:
    """All layers of a PSD file that have pixels, back to front. Raises FileError for one that is broken or too large."""
    from psd_tools import PSDImage

    name = shown_name(path)
    with open_file(path, MOST_BYTES) as file:
        if file.read(4) != b"8BPS":
            raise FileError(f"{name} is no PSD picture, or its beginning is damaged. Export it again.")
        file.seek(0)
        try:
            with warnings.catch_warnings():
                warnings.simplefilter("ignore")
                document = _opened(PSDImage, file)
            width, height = int(document.width), int(document.height)
            if fault := canvas_fault(width, height) or picture_fault(width, height):
                raise FileError(f"{name} can't be opened: it {fault}. Make it smaller and try again.")
            layers, notes = _read(name, document, watch)
        except READER_ERRORS as error:
            raise FileError(
                f"{name} is damaged or of a kind that can't be read ({type(error).__name__}). "
                "Export it again as a layered PSD or as OpenRaster."
            ) from None
    return Layered(title_of(path), width, height, tuple(layers), tuple(dict.fromkeys(notes)))


def _opened(psd_image: Any, file: BinaryIO) -> Any:
    """The document, also where a writer put the letters of blend modes the wrong way round, as an old converter of pictures does."""
    from psd_tools.constants import BlendMode

    try:
        return psd_image.open(file)
    except ValueError:
        file.seek(0)
        turned = {mode.value[::-1]: mode.value for mode in BlendMode if mode.value[::-1] != mode.value}
        data = file.read()
        righted = re.sub(b"8BIM(" + b"|".join(turned) + b")", lambda found: b"8BIM" + turned[found[1]], data)
        if righted == data:
            raise
        return psd_image.open(io.BytesIO(righted))


def _read(name: str, document: Any, watch: Watch) -> tuple[list[Layer], list[str]]:
    from psd_tools.constants import Resource

    notes: list[str] = []
    found = list(_layers(document, _Given(), notes))
    layers: list[Layer] = []
    together = Together()
    faint: dict[int, list[Layer]] = {}
    empty: set[int] = set()
    for i, each in enumerate(found):
        title = _title(each.layer)
        watch(i, len(found), title)
        if each.base is not None and id(each.base) in empty:
            notes.append(f"{title} shows only on a layer that is empty, so it was left out.")
            continue
        layer = _layer(name, each, notes)
        watch(i, len(found), title)
        if layer is None:
            empty.add(id(each.layer))
            continue
        layers.append(layer)
        for group in each.given.faint:
            faint.setdefault(group, []).append(layer)
        together.add(layer)
    if Resource.ICC_PROFILE in document.image_resources:
        notes += profile_notes(["the file's own profile"])
    return layers, [*notes, *overlap_notes(faint.values())]


def _title(layer: Any) -> str:
    return readable(str(layer.name), 120) or "Layer"


def _layers(group: Iterable[Any], given: _Given, notes: list[str]) -> Iterator[_Found]:
    """What holds pixels, back to front; groups are opened and hand down what they do to all of their layers."""
    if len(given.groups) > DEEPEST:
        raise FileError(f"It has groups within groups more than {DEEPEST} deep; it was not opened.")
    base: Any | None = None
    for layer in group:
        title = _title(layer)
        clips = bool(layer.clipping)
        if not clips:
            base = layer
        clipped_by = base if clips else None
        if clipped_by is not None and clipped_by.is_group():
            notes.append(f"{title} is clipped by the group {_title(clipped_by)}; only single layers can clip here.")
            clipped_by = None
        if not layer.is_group():
            yield _Found(layer, given, clipped_by)
            continue
        if BLENDS.get(layer.blend_mode.value) != "normal":
            notes.append(f"The group {title} is laid on in a way of its own; its layers come in as they are.")
        opacity = layer.opacity / 255
        yield from _layers(
            layer,
            _Given(
                given.opacity * opacity, given.visible and layer.visible, (*given.groups, title),
                (*given.masks, *_masks(layer, notes)), given.faint if opacity == 1.0 else (*given.faint, id(layer)),
            ),
            notes,
        )  # fmt: skip


def _masks(layer: Any, notes: list[str]) -> tuple[Any, ...]:
    """The mask by which a layer or a group is covered, if there is one that counts."""
    mask = layer.mask if layer.has_mask() else None
    if layer.has_vector_mask() and not (mask is not None and mask.has_real()):
        notes.append(f"{_title(layer)} is cut by a path; that was not done here. Turn the path into pixels to keep it.")
    return () if mask is None or mask.disabled else (mask,)


def _layer(name: str, found: _Found, notes: list[str]) -> Layer | None:
    layer, given, title = found.layer, found.given, _title(found.layer)
    if layer.width * layer.height and (fault := picture_fault(layer.width, layer.height)):
        raise FileError(f"The layer {title} of {name} {fault}. Make it smaller and try again.")
    picture = _picture(name, layer)
    if picture is None:
        if layer.kind not in {"pixel", "group"}:
            notes.append(
                f"{title} has no pixels of its own (it is a layer of the kind {layer.kind}), so it was left out."
            )
        return None
    if layer.has_effects():
        notes.append(f"{title} has effects, which are no part of its pixels; they were left out.")
    corner = int(layer.left), int(layer.top)
    for mask in (*given.masks, *_masks(layer, notes)):
        picture = _masked(picture, corner, mask, _unpacked(name, layer, mask.topil))
    blend = BLENDS.get(layer.blend_mode.value)
    if blend is None:
        mode = layer.blend_mode.name.lower().replace("_", " ")
        notes.append(f"{title} is laid on as {mode}, which Umbrite does not have; it comes in as normal.")
    return layer_of(
        title, picture, *corner, opacity=given.opacity * layer.opacity / 255, visible=given.visible and bool(layer.visible),
        groups=given.groups, blend=blend or "normal", clips=found.base is not None,
    )  # fmt: skip


def _picture(name: str, layer: Any) -> Picture | None:
    """A layer's pixels with its alpha, in every colour mode."""
    image, alpha = _unpacked(
        name, layer, lambda: ((found := layer.topil()), layer.topil(ALPHA) if found is not None else None)
    )
    if image is None:
        return None
    rgba = image.convert("RGBA")
    if alpha is not None and "A" not in image.getbands():
        rgba.putalpha(alpha.convert("L"))
    return np.asarray(rgba)


def _unpacked(name: str, layer: Any, unpack: Callable[[], Unpacked]) -> Unpacked:
    """What a layer holds. Raises FileError where it can't be unpacked, which would come in black."""
    from psd_tools.compression import PSDDecompressionWarning

    try:
        with warnings.catch_warnings():
            warnings.simplefilter("ignore")
            warnings.simplefilter("error", PSDDecompressionWarning)
            return unpack()
    except PSDDecompressionWarning:
        raise FileError(
            f"The pixels of the layer {_title(layer)} of {name} are damaged. Export the file again."
        ) from None


def _masked(picture: Picture, corner: tuple[int, int], mask: Any, image: Any) -> Picture:
    """The picture with less alpha where a mask covers it; both lie on the canvas."""
    height, width = picture.shape[:2]
    sheet = Image.new("L", (width, height), int(mask.background_color))
    if image is not None:
        sheet.paste(image.convert("L"), (mask.left - corner[0], mask.top - corner[1]))
    parameters = mask.parameters
    density = getattr(parameters, "user_mask_density", None) if parameters is not None else None
    shows = np.asarray(sheet).astype(np.float32) / 255
    if density is not None:
        shows = 1 - (1 - shows) * density / 255
    masked = picture.copy()
    masked[..., 3] = np.round(picture[..., 3] * shows).astype(np.uint8)
    return masked
