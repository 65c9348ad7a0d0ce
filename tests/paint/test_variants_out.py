"""Variants in exports: hidden layers in a group that comes back as a set; the picture of what shows; JSON by names."""

import io
import json
import zipfile

import numpy as np
from PIL import Image
from PySide6.QtGui import QImage

from demo_puppet import ASSETS
from umbrite.cli import main
from umbrite.files.formats.openraster import read_openraster
from umbrite.files.json_reports import pose_report
from umbrite.files.layers import parts_from
from umbrite.files.package import load, save
from umbrite.files.variant_layers import in_sets, sets_proposed
from umbrite.motion.evaluate import placed_of
from umbrite.paint.export import export_openraster
from umbrite.paint.render import render_package

PACKAGE = load(ASSETS / "wick.umbrite")


def test_openraster_keeps_what_does_not_show_in_a_group_and_reads_it_back_as_a_set(tmp_path):
    eyes = next(key for key, one in PACKAGE.puppet.sets.items() if one.name == "Eyes")
    closed = next(v.number for v in PACKAGE.puppet.sets[eyes].variants if v.name == "Closed")
    package = PACKAGE.having(pose={f"{eyes}.shows": float(closed)})
    out = tmp_path / "wick.ora"
    export_openraster(out, package)
    layered = read_openraster(out)
    own = {layer.name: layer.visible for layer in layered.layers if layer.groups[-1:] == ("Eyes",)}
    assert own == {"Open": False, "Half": False, "Closed": True, "Wide": False}
    proposed = sets_proposed(layered.layers)
    assert {path[-1] for path in proposed} >= {"Eyes", "Mouth", "Near hand"}
    again, of = parts_from(layered)
    puppet = in_sets(again.puppet, of, proposed)
    back = next(one for one in puppet.sets.values() if one.name == "Eyes")
    assert back.variants[0].name == "Closed"
    assert back.rest == back.variants[0].number
    with zipfile.ZipFile(out) as file:
        merged = np.asarray(Image.open(io.BytesIO(file.read("mergedimage.png"))).convert("RGBA")).astype(int)
    save(tmp_path / "back.umbrite", again.having(puppet))
    true = render_package(package).convertToFormat(QImage.Format.Format_RGBA8888)
    flat = np.frombuffer(true.constBits(), np.uint8).copy()
    assert np.abs(flat.reshape(merged.shape).astype(int) - merged).max() <= 1


def test_a_pose_is_told_and_set_by_the_names_of_variants(tmp_path):
    assert pose_report(placed_of(PACKAGE.document))["variants"]["Mouth"] == "Smile"
    out = tmp_path / "pose.json"
    assert (
        main(["pose", str(ASSETS / "wick.umbrite"), "--set", "Eyes=closed", "Far arm=Raised", "--json", str(out)]) == 0
    )
    told = json.loads(out.read_text("utf-8"))
    assert told["variants"] == {"Eyes": "Closed", "Mouth": "Smile", "Near hand": "Holding", "Far arm": "Raised"}
    assert main(["pose", str(ASSETS / "wick.umbrite"), "--set", "Eyes=crossed", "--json", str(out)]) != 0
