"""OpenRaster and loose pictures: everything comes in with name, place and order, or nothing does."""

import zipfile
import zlib

import numpy as np
import pytest

from demo_puppet import ASSETS
from umbrite.files.file_errors import FileError
from umbrite.files.layers import layer_of
from umbrite.files.long_work import CancelledError
from umbrite.files.opening import open_any
from umbrite.files.png import decode, encode
from umbrite.files.sandbox.reading import read_art


def layer(name, picture, x=0, y=0, opacity=1.0, *, visible=True):
    made = layer_of(name, picture, x, y, opacity=opacity, visible=visible)
    assert made is not None
    return made


def blot(width=8, height=6, colour=(200, 50, 30, 255)):
    return np.full((height, width, 4), colour, np.uint8)


def ora(path, stack, **members):
    with zipfile.ZipFile(path, "w") as out:
        out.writestr("mimetype", "image/openraster")
        out.writestr("stack.xml", stack)
        for name, data in members.items():
            out.writestr(f"{name}.png", data)
    return path


HOSTILE = {
    "entities": ('<!DOCTYPE x [<!ENTITY a "aaaa">]><image w="1" h="1"/>', "entities"),
    "no XML": ("<image", "layer list of .* is damaged"),
    "another root": ("<svg/>", "is no OpenRaster"),
    "absurd canvas": ('<image w="99999999" h="5"><stack/></image>', "absurd size"),
    "a word for a number": ('<image w="wide" h="5"><stack/></image>', "damaged: w is wide"),
    "endless number": ('<image w="1e999" h="5"><stack/></image>', "damaged"),
    "a missing picture": ('<image w="9" h="9"><stack><layer src="b.png"/></stack></image>', "lacks b.png"),
    "a path out": ('<image w="9" h="9"><stack><layer src="../../etc/passwd"/></stack></image>', "lacks"),
    "no picture": ('<image w="9" h="9"><stack><layer name="L" src="t.png"/></stack></image>', "no picture that"),
    "deep groups": (f'<image w="9" h="9">{"<stack>" * 80}{"</stack>" * 80}</image>', "more than 50 deep"),
    "nothing in it": ('<image w="9" h="9"><stack/></image>', "no layer that shows anything"),
    "only clear layers": ('<image w="9" h="9"><stack><layer src="c.png"/></stack></image>', "nothing to rig"),
}


@pytest.mark.parametrize("name", HOSTILE)
def test_a_broken_or_hostile_openraster_is_refused_in_one_sentence(tmp_path, name):
    stack, words = HOSTILE[name]
    path = ora(tmp_path / "bad.ora", stack, t=b"just text", c=encode(blot(colour=(0, 0, 0, 0))))
    with pytest.raises(FileError, match=words) as refusal:
        open_any(path)
    assert "\n" not in str(refusal.value)


def test_a_picture_that_is_too_large_is_not_unpacked():
    data = bytearray(encode(blot()))
    data[16:24] = (11_500).to_bytes(4, "big") * 2  # the header's width and height, with a sum that fits
    data[29:33] = zlib.crc32(data[12:29]).to_bytes(4, "big")
    with pytest.raises(FileError, match="too large"):
        decode(bytes(data), "huge.png")


def test_reading_is_watched_and_can_be_cancelled_at_any_layer():
    seen = []

    def watch(done, of, name):
        seen.append((done, of, name))
        if done == 3:
            raise CancelledError("Stopped.")

    with pytest.raises(CancelledError):
        read_art([ASSETS / "wick.ora"], watch)
    asked = [(done, of) for done, of, _ in seen if of > 1]  # in between it is asked whether to go on
    assert list(dict.fromkeys(asked)) == [(0, 24), (1, 24), (2, 24), (3, 24)]
    with pytest.raises(CancelledError):
        read_art([ASSETS / "wick-pictures"], watch)
