"""What a stage of the work costs: its picture, and what differs."""

import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS
from umbrite.files.package import Package, load, save
from umbrite.files.png import fingerprint, measure
from umbrite.paint.render import VERSION_PICTURE, close_picture, version_png
from umbrite.rig.document import Version


def saved(package, path):
    save(path, package)
    return path


@pytest.mark.parametrize("name", ["wick", "bramble", "tansy", "inkpot"])
def test_a_stage_makes_a_file_less_than_two_percent_larger(name, tmp_path):
    package = load(ASSETS / f"{name}.umbrite")
    plain = saved(package, tmp_path / "plain.umbrite").stat().st_size
    picture = version_png(package)
    version = Version("Before", "2026-11-26T10:00:00Z", fingerprint(picture), package.document)
    kept = Package(replace(package.document, versions=(version,)), {**package.art, version.picture: picture})
    grown = saved(kept, tmp_path / "kept.umbrite").stat().st_size
    print(f"{name}: a stage adds {(grown / plain - 1) * 100:.2f} % to {plain:,} bytes")
    assert grown < 1.02 * plain


def test_a_close_picture_has_the_parts_and_no_empty_canvas():
    package = load(ASSETS / "library" / "Kettle.umbrite")
    assert measure(version_png(package), "stage")[0] == VERSION_PICTURE
    image = close_picture(package)
    assert image.width() < package.puppet.width / 2
    opaque = [image.pixelColor(x, image.height() - 3).alpha() for x in range(image.width())]
    assert max(opaque) > 200
