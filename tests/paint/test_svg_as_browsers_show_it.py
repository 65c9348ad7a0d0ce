"""SVG drawings of many kinds look as a browser shows them, or what does not is told: shapes, groups, blending, hiding, uses, effects."""

import base64
import io
import shutil
import subprocess

import numpy as np
import pytest
from PIL import Image

from umbrite.files.layers import puppet_from
from umbrite.files.sandbox.reading import read_art
from umbrite.paint.render import render_package, straight

SIZE = 160, 120
HEAD = f'<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="{SIZE[0]}" height="{SIZE[1]}"'
RED, BLUE, SUN = (f'<{shape} fill="{fill}"' for shape, fill in (
    ('rect x="20" y="20" width="70" height="60"', "#c32"), ('rect x="60" y="45" width="80" height="60"', "#35b"),
    ('circle cx="80" cy="60" r="40"', "#ec4"),
))  # fmt: skip
PAIR = f'<g id="a">{RED}/></g>'
BLEND = '<g id="b" style="mix-blend-mode:%s">' + BLUE + "/></g>"
DEFS = (
    '<defs><linearGradient id="l"><stop offset="0" stop-color="#fa0"/><stop offset="1" stop-color="#06c" stop-opacity=".4"/></linearGradient>'
    '<radialGradient id="r"><stop offset="0" stop-color="#fff"/><stop offset="1" stop-color="#208"/></radialGradient>'
    '<clipPath id="c"><circle cx="80" cy="60" r="35"/></clipPath><mask id="m"><rect width="160" height="120" fill="#777"/></mask>'
    '<pattern id="p" width="10" height="10" patternUnits="userSpaceOnUse"><rect width="5" height="5" fill="#285"/></pattern>'
    '<filter id="f"><feGaussianBlur stdDeviation="3"/></filter><symbol id="s" viewBox="0 0 10 10"><circle cx="5" cy="5" r="4"/></symbol>'
    '<marker id="k" markerWidth="4" markerHeight="4" refX="2" refY="2"><rect width="4" height="4" fill="#b31"/></marker></defs>'
)
DRAWINGS = {
    "plain": PAIR + f'<g id="b">{BLUE}/></g>',
    "multiply": PAIR + BLEND % "multiply",
    "screen": PAIR + BLEND % "screen",
    "overlay": PAIR + BLEND % "overlay",
    "plus-lighter": PAIR + BLEND % "plus-lighter",
    "difference": PAIR + BLEND % "difference",
    "blended by a class": "<style>/* a */ .shade, .other { mix-blend-mode: multiply; opacity: 1 }</style>" + PAIR + f'<g class="shade">{BLUE}/></g>',
    "blended by id": "<style>#b{mix-blend-mode:multiply}</style>" + PAIR + f'<g id="b">{BLUE}/></g>',
    "a loose shape blended": PAIR + BLUE + ' style="mix-blend-mode:multiply"/>',
    "blended within": PAIR + f'<g id="b">{BLUE} style="mix-blend-mode:multiply"/></g>',
    "blended within an isolated group": PAIR + f'<g id="b" style="isolation:isolate">{SUN}/>{BLUE} style="mix-blend-mode:multiply"/></g>',
    "a group of groups blended": PAIR + f'<g style="mix-blend-mode:multiply"><g id="b">{BLUE}/></g><g id="c">{SUN} fill-opacity=".5"/></g></g>',
    "blended in a faint group": PAIR + f'<g opacity=".5"><g id="b">{SUN}/></g>{BLEND % "multiply"}</g>',
    "hidden by an attribute": PAIR + f'<g id="b" display="none">{BLUE}/></g>',
    "hidden by style": PAIR + f'<g id="b" style="fill:red; display:none">{BLUE}/></g>',
    "hidden by a class": "<style>.h{display:none}</style>" + PAIR + f'<g class="h">{BLUE}/></g>',
    "hidden from above": PAIR + f'<g display="none"><g id="b">{BLUE}/></g><g id="c">{SUN}/></g></g>',
    "not visible": PAIR + f'<g id="b" visibility="hidden">{BLUE}/></g>',
    "a hidden shape": f'<g id="a">{RED}/>{BLUE} display="none"/></g>',
    "faint": PAIR + f'<g id="b" opacity=".5">{BLUE}/>{SUN}/></g>',
    "faint from above": f'<g opacity=".5"><g id="a">{RED}/></g><g id="b">{BLUE}/></g></g>',
    "faint from above, apart": '<g opacity="50%"><g id="a"><rect width="30" height="30"/></g><g id="b"><rect x="60" width="30" height="30"/></g></g>',
    "gradients": DEFS + '<g id="a"><rect width="150" height="50" fill="url(#l)"/></g><g id="b"><circle cx="60" cy="80" r="35" fill="url(#r)"/></g>',
    "clipped": DEFS + f'<g id="a" clip-path="url(#c)">{RED}/></g><g id="b" style="clip-path:url(#c)">{BLUE}/></g>',
    "clipped from above": DEFS + f'<g clip-path="url(#c)"><g id="a">{RED}/></g><g id="b">{BLUE}/></g></g>',
    "masked": DEFS + PAIR + f'<g id="b" mask="url(#m)">{BLUE}/></g>',
    "a pattern": DEFS + '<g id="a"><rect width="120" height="90" fill="url(#p)"/></g>',
    "blurred": DEFS + PAIR + f'<g id="b" filter="url(#f)">{BLUE}/></g>',
    "blurred from above": DEFS + f'<g filter="url(#f)"><g id="a">{RED}/></g><g id="b">{BLUE}/></g></g>',
    "a symbol": DEFS + PAIR + '<g id="b"><use xlink:href="#s" x="70" y="30" width="60" height="60"/></g>',
    "a group used again": PAIR + '<g id="b"><use href="#a" x="40" y="30"/></g>',
    "a part of a group used again": f'<g id="a"><g id="x" transform="scale(.5)">{RED}/></g></g><g id="b"><use href="#x" transform="translate(60 40)"/></g>',
    "a clip by what is drawn": f'<clipPath id="q"><use href="#y"/></clipPath><g id="a">{SUN} id="y"/></g><g id="b" clip-path="url(#q)">{BLUE}/></g>',
    "arrows": DEFS + '<g id="a"><path d="M20 20L120 30L60 100" fill="none" stroke="#222" stroke-width="4" marker-mid="url(#k)" marker-end="url(#k)"/></g>',
    "strokes": '<g id="a"><path d="M20 90Q80-40 140 90" fill="none" stroke="#181" stroke-width="9" stroke-dasharray="20 9" stroke-linecap="round"/></g>',
    "fill rules": '<g id="a"><path d="M20 20h100v80h-100zM50 40h40v40h-40z" fill-rule="evenodd" fill="#640"/></g>',
    "transforms": f'<g transform="translate(80 0) rotate(30)"><g id="a" transform="skewX(10)">{RED}/></g><g id="b" transform="scale(.5 -.5) translate(0 -200)">{BLUE}/></g></g>',
    "inherited": '<g fill="#084" stroke="#f80" stroke-width="6"><g id="a"><rect x="20" y="20" width="50" height="50"/></g><g id="b" color="#a0a" fill="currentColor"><circle cx="110" cy="70" r="30"/></g></g>',
    "a picture": '<g id="a"><image width="80" height="60" href="data:image/png;base64,%s"/></g>',
    "a drawing in a drawing": f'<g id="a"><svg x="30" y="20" width="80" height="60" viewBox="0 0 160 120">{SUN}/></svg></g>',
    "switches and links": f'<g id="a"><switch>{RED} systemLanguage="xx"/>{BLUE}/></switch><a href="#z">{SUN} fill-opacity=".3"/></a></g>',
    "a page of colour": PAIR,
}  # fmt: skip
PAGE = "<style>*{margin:0}img{position:absolute;left:0}</style>"


def drawing(name):
    picture = base64.b64encode(_checkers()).decode()
    more = ' style="background:#abc"' if name == "a page of colour" else ""
    return f"{HEAD}{more}>{DRAWINGS[name].replace('%s', picture)}</svg>"


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
