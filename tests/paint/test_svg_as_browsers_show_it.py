"""SVG drawings of many kinds look as a browser shows them, or what does not is told: shapes, groups, blending, hiding, uses, effects."""

import base64
import io
import json
import shutil
import subprocess
from pathlib import Path

import numpy as np
import pytest
from PIL import Image

from umbrite.files.layers import puppet_from
from umbrite.files.sandbox.reading import read_art
from umbrite.paint.render import render_package, straight

SIZE = 160, 120
HEAD = f'<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="{SIZE[0]}" height="{SIZE[1]}"'
DRAWINGS = json.loads((Path(__file__).parent / "svg_drawings.json").read_text())
DEFS = DRAWINGS.pop("DEFS")
PAGE = "<style>*{margin:0}img{position:absolute;left:0}</style>"


def drawing(name):
    picture = base64.b64encode(_checkers()).decode()
    more = ' style="background:#abc"' if name == "a page of colour" else ""
    return f"{HEAD}{more}>{DRAWINGS[name].replace('DEFS', DEFS).replace('%s', picture)}</svg>"


def _checkers():
    out = io.BytesIO()
    Image.fromarray(np.kron(np.indices((6, 8)).sum(0) % 2, np.ones((10, 10))).astype(np.uint8) * 200).save(out, "PNG")
    return out.getvalue()


def painted(path):
    """What our painter shows on white, and the notes."""
    layered = read_art([path])
    clear = straight(render_package(puppet_from(layered))).astype(float)
    alpha = clear[..., 3:] / 255
    return clear[..., :3] * alpha + 255 * (1 - alpha), layered.notes


@pytest.mark.long
@pytest.mark.skipif(shutil.which("chromium") is None, reason="there is no Chromium here")
def test_drawings_look_as_in_a_browser_or_it_is_told(tmp_path):
    names = list(DRAWINGS)
    page = PAGE
    for i, name in enumerate(names):
        data = base64.b64encode(drawing(name).encode()).decode()
        page += f'<img style="top:{i * SIZE[1]}px" src="data:image/svg+xml;base64,{data}">'
    (tmp_path / "page.html").write_text(page)
    subprocess.run(
        ["chromium", "--headless", "--no-sandbox", "--no-first-run", "--disable-gpu", "--disable-background-networking", "--disable-sync",
         f"--user-data-dir={tmp_path / 'user'}", "--force-device-scale-factor=1", f"--window-size={SIZE[0]},{SIZE[1] * len(names)}", f"--screenshot={tmp_path / 'shown.png'}",
         (tmp_path / "page.html").as_uri()], capture_output=True, timeout=120, check=True,
    )  # fmt: skip
    shown = np.asarray(Image.open(tmp_path / "shown.png").convert("RGB")).astype(float)
    for i, name in enumerate(names):
        (tmp_path / "drawing.svg").write_text(drawing(name))
        ours, notes = painted(tmp_path / "drawing.svg")
        theirs = shown[i * SIZE[1] : (i + 1) * SIZE[1], : SIZE[0]]
        off = (np.abs(ours - theirs).max(-1) > 16).mean()
        print(f"{name}: {100 * off:.2f} % of the pixels differ; {'; '.join(notes) or 'nothing told'}")
        assert off < 0.01 or notes, name
