"""Films show the colours that were painted: converted and tagged alike, read back by another decoder and, in the long run, by a browser."""

import base64
import json
import shutil
import subprocess

import av
import numpy as np
import pytest
from av.video.reformatter import ColorRange, Colorspace

from umbrite.files.package import Package
from umbrite.files.png import encode, fingerprint
from umbrite.paint.take_export import Film, write_take
from umbrite.rig.document import Document
from umbrite.rig.model import Drawing, Joint, Part, Placement, Point, Puppet
from umbrite.rig.takes.take import Take

COLOURS = [
    (204, 51, 34),
    (34, 204, 51),
    (51, 34, 204),
    (240, 240, 16),
    (16, 240, 240),
    (128, 128, 128),
    (250, 250, 250),
]
HALF = (204, 51, 34, 128)
KINDS = {"mp4": "#cc3322", "webm": "#cc3322", "clear.webm": None, "clear.mov": None}


def chart(size):
    """Squares of even colour in four columns, the last half seen through."""
    picture, step = np.zeros((size, size, 4), np.uint8), size // 4
    for i, colour in enumerate([*((*each, 255) for each in COLOURS), HALF]):
        row, column = divmod(i, 4)
        picture[row * step : (row + 1) * step, column * step : (column + 1) * step] = colour
    data = encode(picture)
    drawing = Drawing(fingerprint(data), size, size)
    part = Part("Chart", "j1", drawing, Placement(0.0, 0.0))
    puppet = Puppet(
        width=size, height=size, joints={"j1": Joint("Chart", Point(0, 0))}, parts={"p1": part}, order=("p1",), next_id=5
    )  # fmt: skip
    return Package(Document(puppet), {drawing.sha256: data})


def written(folder, kind, size):
    path = folder / f"film{size}.{kind}"
    write_take(path, Film(chart(size), Take("T", 24.0, 0, 2, loop=False), [0.0, 1.0, 2.0], 1.0, KINDS[kind]))
    return path


def spots(size):
    return [(i % 4 * size // 4 + size // 8, i // 4 * size // 4 + size // 8) for i in range(len(COLOURS) + 1)]


@pytest.mark.parametrize("size", [390, 1560])
@pytest.mark.parametrize("kind", KINDS)
def test_films_are_tagged_and_hold_the_colours_that_were_painted(tmp_path, kind, size):
    with av.open(str(written(tmp_path, kind, size))) as film:
        stream = film.streams.video[0]
        decoder = stream.codec_context
        if kind == "clear.webm":  # its alpha is read by this one alone
            decoder = av.CodecContext.create("libvpx-vp9", "r")
        frame = next(each for packet in film.demux(stream) for each in decoder.decode(packet))
        matrix = Colorspace.ITU601 if kind == "clear.webm" else Colorspace.ITU709
        tags = stream.codec_context
        assert (tags.colorspace, tags.color_range, tags.color_primaries, tags.color_trc) == (matrix, 1, 1, 1)
        found = frame.reformat(format="rgba", src_colorspace=matrix, dst_color_range=ColorRange.JPEG).to_ndarray()
    clear = KINDS[kind] is None
    for (x, y), colour in zip(spots(size), [*COLOURS, HALF[:3]], strict=True):
        assert np.abs(found[y, x, :3].astype(int) - colour).max() <= 2
    x, y = spots(size)[-1]
    assert abs(int(found[y, x, 3]) - (128 if clear else 255)) <= 1
    assert frame.width == frame.height == size


PAGE = """<video id=v muted src='data:video/%s;base64,%s'></video><pre id=o>nothing</pre><script>
setInterval(() => 0, 10);  // time goes by in steps, in which the film can be read
v.onloadeddata = async () => {
  v.currentTime = 0.03; await new Promise(r => v.onseeked = r); await new Promise(r => setTimeout(r, 500));
  const c = document.createElement('canvas'); c.width = v.videoWidth; c.height = v.videoHeight;
  const g = c.getContext('2d'); g.drawImage(v, 0, 0);
  o.textContent = JSON.stringify(%s.map(([x, y]) => [...g.getImageData(x, y, 1, 1).data]));
};</script>"""
BROWSER = [
    "chromium", "--headless", "--no-sandbox", "--no-first-run", "--disable-background-networking", "--disable-sync",
    "--disable-component-update", "--disable-quic", "--use-gl=angle", "--use-angle=swiftshader",
    "--enable-unsafe-swiftshader", "--ignore-gpu-blocklist", "--virtual-time-budget=400000", "--dump-dom",
]  # fmt: skip


@pytest.mark.long
@pytest.mark.skipif(shutil.which("chromium") is None, reason="there is no Chromium here")
@pytest.mark.parametrize("size", [390, 1560])
@pytest.mark.parametrize("kind", ["mp4", "webm", "clear.webm"])
def test_a_browser_shows_them(tmp_path, kind, size):
    film = written(tmp_path, kind, size)
    page = tmp_path / "page.html"
    data = base64.b64encode(film.read_bytes()).decode()
    page.write_text(PAGE % (film.suffix[1:], data, json.dumps(spots(size))))
    words = [*BROWSER, f"--user-data-dir={tmp_path / 'user'}", page.as_uri()]
    out = subprocess.run(words, capture_output=True, text=True, timeout=120, check=True).stdout
    shown = json.loads(out.partition('<pre id="o">')[2].partition("</pre>")[0])
    off = [int(np.abs(np.array(a[:3]) - b).max()) for a, b in zip(shown, [*COLOURS, HALF[:3]], strict=True)]
    print(
        f"{kind:10} {size:5} px: {shown[0][:3]} for {list(COLOURS[0])}; of {len(off)} colours the worst is {max(off)} of 255 off"
    )
    assert max(off) <= 2
    assert abs(shown[-1][3] - (128 if KINDS[kind] is None else 255)) <= 1
