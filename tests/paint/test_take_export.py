"""Takes as moving pictures: each frame is the picture of its pose, times are right, nothing half done is left."""

import json

import av
import numpy as np
import pytest
from msgspec.structs import replace
from PIL import Image

from demo_puppet import ASSETS, joint
from umbrite.cli import main
from umbrite.files.file_errors import FileError
from umbrite.files.package import Package, load, save
from umbrite.files.take_files import read_transforms
from umbrite.motion.sampling import sample
from umbrite.paint.take_export import Film, durations, frames_of, write_take
from umbrite.rig.takes.keys import close_loop, put_keys
from umbrite.rig.takes.take import Take

SCALE = 0.25


@pytest.fixture(scope="module")
def waving():
    """Wick nodding over ten frames, there and back."""
    package = load(ASSETS / "wick.umbrite")
    head, trunk = (joint(package.puppet, name) for name in ("Head", "Trunk"))
    take = put_keys(Take("Nod", 24.0, 0, 10), 0, {f"{head}.turn": 0.0, f"{trunk}.turn": 0.0})
    take = close_loop(put_keys(take, 5, {f"{head}.turn": 0.3, f"{trunk}.turn": -0.1}))
    return Package(replace(package.document, takes=(take,)), package.art)


def film(package, **how):
    take = package.document.takes[0]
    return Film(package, take, frames_of(take), SCALE, **how)


def true_frame(package, frame, folder):
    """What `umbrite pose --take --frame` paints, at the same scale."""
    from umbrite.motion.animating.playing import played_pose
    from umbrite.paint.render import render_package, write_png

    pose = played_pose(package.document.takes[0], package.puppet, frame)
    out = folder / f"true{frame}.png"
    write_png(out, render_package(package.having(pose=pose), SCALE))
    return np.asarray(Image.open(out).convert("RGBA")).astype(int)


def test_numbered_pngs_are_the_poses_to_the_bit(waving, tmp_path):
    out = tmp_path / "frames"
    write_take(out, film(waving))
    names = sorted(path.name for path in out.iterdir())
    assert names == [f"Nod_{i:05d}.png" for i in range(10)], "a loop's last frame is its first again"
    for frame in (0, 3, 7):
        found = np.asarray(Image.open(out / names[frame]).convert("RGBA")).astype(int)
        assert (found == true_frame(waving, frame, tmp_path)).all()
    with pytest.raises(FileError, match="new or empty"):
        write_take(out, film(waving))


def test_apng_and_webp_have_every_frame_for_its_time(waving, tmp_path):
    for ending in ("apng", "webp"):
        out = tmp_path / f"nod.{ending}"
        write_take(out, film(waving))
        with Image.open(out) as opened:
            assert opened.n_frames == 10
            shown = 0
            for frame in range(10):
                opened.seek(frame)
                opened.load()
                shown += opened.info["duration"]
                found = np.asarray(opened.convert("RGBA")).astype(int)
                true = true_frame(waving, frame, tmp_path)
                seen = true[..., 3] > 0
                assert np.abs(found - true)[seen].max() <= (0 if ending == "apng" else 2)
            assert shown == pytest.approx(10_000 / 24, abs=1)


def test_gifs_do_not_flicker_and_films_are_near(waving, tmp_path):
    still = tmp_path / "nod.gif"
    write_take(still, film(waving, background="#FBF8F1"))
    with Image.open(still) as opened:
        assert opened.n_frames == 10
        corners = []
        for frame in range(10):
            opened.seek(frame)
            corners.append(opened.convert("RGB").getpixel((2, 2)))
        assert len(set(corners)) == 1, "what stands still keeps its colour"
    for ending in ("webm", "mp4"):
        out = tmp_path / f"nod.{ending}"
        write_take(out, film(waving, background="#FFFFFF"))
        with av.open(str(out)) as opened:
            frames = [frame.to_ndarray(format="rgb24").astype(int) for frame in opened.decode(video=0)]
        assert len(frames) == 10
        for frame in (0, 5):
            true = true_frame(waving, frame, tmp_path)
            share = true[..., 3:] / 255
            flat = true[..., :3] * share + 255 * (1 - share)
            found = frames[frame][: flat.shape[0], : flat.shape[1]]
            assert np.abs(found - flat).mean() < 2, ending


def test_a_webm_without_background_is_seen_through(waving, tmp_path):
    out = tmp_path / "clear.webm"
    write_take(out, film(waving)._replace(frames=[0.0, 1.0]))
    codec = av.codec.CodecContext.create("libvpx-vp9", "r")
    with av.open(str(out)) as opened:
        assert (
            opened.streams.video[0].metadata.get("alpha_mode", opened.streams.video[0].metadata.get("ALPHA_MODE"))
            == "1"
        )
        frame = next(frame for packet in opened.demux(video=0) for frame in codec.decode(packet))
    alpha = frame.to_ndarray(format="rgba")[..., 3]
    assert alpha[2, 2] < 8
    assert alpha.max() > 247


def test_times_add_up_to_a_millisecond_and_a_stop_leaves_nothing(waving, tmp_path):
    long = film(waving)._replace(frames=[float(i) for i in range(1000)])
    assert sum(durations(long)) == pytest.approx(1_000_000 / 24, abs=1)
    assert sum(durations(long, 10)) == pytest.approx(1_000_000 / 24, abs=10)

    def stop(done, _all, _name):
        if done == 2:
            raise InterruptedError

    for name in ("frames", "nod.apng", "nod.webm", "nod.gif"):
        with pytest.raises((InterruptedError, FileError)):
            write_take(tmp_path / name, film(waving), stop)
    assert list(tmp_path.iterdir()) == []


@pytest.mark.parametrize(
    ("out", "how"),
    [
        ("nod.avi", {}),
        ("nod.gif", {"background": "no colour"}),
        ("nod.gif", {"scale": 0.0}),
        ("nod.gif", {"frames": []}),
    ],
)
def test_what_can_not_be_written_is_refused_in_a_sentence(waving, tmp_path, out, how):
    with pytest.raises(FileError):
        write_take(tmp_path / out, film(waving)._replace(**how))
    assert list(tmp_path.iterdir()) == []


def test_the_commands_list_render_and_carry_takes(waving, tmp_path, capsys):
    file = tmp_path / "nod.umbrite"
    save(file, waving)
    assert main(["takes", str(file), "--json"]) == 0
    (told,) = json.loads(capsys.readouterr().out)
    assert (told["name"], told["loop"], told["last"]) == ("Nod", True, 10)
    assert main(["takes", str(file)]) == 0
    assert "1 take." in capsys.readouterr().out
    assert (
        main(["render", str(file), "--take", "Nod", str(tmp_path / "some"), "--frames", "2..4", "--scale", "0.1"]) == 0
    )
    assert len(list((tmp_path / "some").iterdir())) == 3
    assert main(["pose", str(file), "--take", "Nod", "--frame", "5", "--json", str(tmp_path / "five.json")]) == 0
    head = json.loads((tmp_path / "five.json").read_text())["joints"]["Head"]
    assert head["turn"] == pytest.approx(-17.19, abs=0.01)
    for ending in ("json", "csv"):
        assert main(["transforms", str(file), "--take", "Nod", str(tmp_path / f"nod.{ending}")]) == 0
    assert (tmp_path / "nod.csv").read_text().count("\n") > 10 * 25
    back = tmp_path / "back.umbrite"
    assert main(["transforms", str(file), "--from", str(tmp_path / "nod.json"), "--as", "Again", str(back)]) == 0
    takes = load(back).document.takes
    assert [take.name for take in takes] == ["Nod", "Again"]
    one, other = (sample(take, waving.puppet, range(10)) for take in takes)
    assert max(np.abs(one[name] - other[name]).max() for name in one) < 1e-12
    for wrong in (
        ["render", str(file), "--take", "Nope", str(tmp_path / "x.gif")],
        ["render", str(file), "--take", "Nod", str(tmp_path / "x.gif"), "--frames", "5..2"],
        ["transforms", str(file), str(tmp_path / "x.json")],
        ["transforms", str(file), "--from", str(file), "--as", "X", str(tmp_path / "y.umbrite")],
    ):
        assert main(wrong) == 2
        assert capsys.readouterr().err.count("\n") == 1


def test_places_read_onto_another_puppet_tell_what_it_lacks(waving, tmp_path):
    from umbrite.files.take_files import export_transforms

    out = tmp_path / "nod.json"
    export_transforms(out, waving.puppet, waving.document.takes[0], [0.0, 5.0])
    bramble = load(ASSETS / "bramble.umbrite").puppet
    take, missing = read_transforms(out, bramble, "Nod")
    assert {name.split(".")[1] for name in take.tracks} == {"turn"}
    assert "Head" not in missing
    assert {"Scarf tail", "Near coat tail"} <= set(missing), "what swings on the one hangs from nothing on the other"
