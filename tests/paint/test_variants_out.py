"""Variants in exports: hidden layers in a group that comes back as a set; the picture of what shows; JSON by names."""

import json

from demo_puppet import ASSETS
from umbrite.cli import main
from umbrite.files.json_reports import pose_report
from umbrite.files.package import load
from umbrite.motion.evaluate import placed_of

PACKAGE = load(ASSETS / "wick.umbrite")


def test_a_pose_is_told_and_set_by_the_names_of_variants(tmp_path):
    assert pose_report(placed_of(PACKAGE.document))["variants"]["Mouth"] == "Smile"
    out = tmp_path / "pose.json"
    assert (
        main(["pose", str(ASSETS / "wick.umbrite"), "--set", "Eyes=closed", "Far arm=Raised", "--json", str(out)]) == 0
    )
    told = json.loads(out.read_text("utf-8"))
    assert told["variants"] == {"Eyes": "Closed", "Mouth": "Smile", "Near hand": "Holding", "Far arm": "Raised"}
    assert main(["pose", str(ASSETS / "wick.umbrite"), "--set", "Eyes=crossed", "--json", str(out)]) != 0
