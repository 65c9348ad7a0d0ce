"""Places per frame out and in again: every demo's takes come back to within a millionth of a pixel."""

import numpy as np
import pytest

from demo_puppet import ASSETS
from umbrite.files.package import load
from umbrite.files.takes.take_files import export_transforms, read_transforms
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.scene import corners_of


@pytest.mark.parametrize("name", sorted(path.stem for path in ASSETS.glob("*.umbrite")))
def test_a_take_comes_back_as_it_went_out(name, tmp_path):
    document = load(ASSETS / f"{name}.umbrite").document
    for take in document.takes:
        frames = np.arange(take.first, take.last + (0 if take.loop else 1), dtype=float)  # as the command writes them
        export_transforms(tmp_path / "it.json", document.puppet, take, frames.tolist())
        again, missing = read_transforms(tmp_path / "it.json", document.puppet, "Again")
        assert missing == []
        one, other = (placed_over(each, document.puppet, frames) for each in (take, again))
        assert np.array_equal(one.shown, other.shown)
        away = np.abs(corners_of(one) - corners_of(other)).max()
        print(f"{name}, {take.name}: {away:.1e} px")
        assert away < 1e-6
