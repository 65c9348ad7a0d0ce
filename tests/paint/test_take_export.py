"""Takes as moving pictures: each frame is the picture of its pose, times are right, nothing half done is left."""

import json

import av
import numpy as np
import pytest
from msgspec.structs import replace
from PIL import Image

from demo_puppet import ASSETS, joint
from made_sounds import TICKS, onsets, ticks, written
from umbrite.cli import main
from umbrite.files.file_errors import FileError
from umbrite.files.package import Package, load, save
from umbrite.files.takes.sounded import sound_file
from umbrite.motion.sampling import sample
from umbrite.paint.take_export import Film, durations, frames_of, write_take
from umbrite.rig.takes.keys import close_loop, put_keys
from umbrite.rig.takes.take import Take
from umbrite.sound.samples import RATE

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


def test_the_commands_list_render_and_carry_takes(waving, tmp_path, capsys):
    file = tmp_path / "nod.umbrite"
    save(file, waving)
    assert main(["takes", str(file), "--json"]) == 0
    (told,) = json.loads(capsys.readouterr().out)["takes"]
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


@pytest.mark.parametrize("ending", [".webm", ".mp4", ".mov"])
@pytest.mark.parametrize("span", ["0..60", "17..80"])
def test_the_sound_of_a_film_is_in_step_wherever_it_begins(tmp_path, ending, span):
    wick = load(ASSETS / "wick.umbrite")
    sound, data, _ = sound_file(written(tmp_path / "ticks.wav", ticks()))
    take = Take("Calls", last=96, sound=replace(sound, at=5.0))
    package = Package(replace(wick.document, takes=(take,)), {**wick.art, sound.sha256: data})
    frames = frames_of(take, span)
    write_take(tmp_path / f"o{ending}", Film(package, take, frames, 0.05))
    with av.open(str(tmp_path / f"o{ending}")) as film:
        pictures = [frame.time for frame in film.decode(video=0)]
    with av.open(str(tmp_path / f"o{ending}")) as film:
        heard = list(film.decode(audio=0))
    assert len(pictures) == len(frames)
    assert abs(pictures[0] - heard[0].time) < 0.001
    values = np.concatenate([frame.to_ndarray()[0] for frame in heard]).astype(float)
    assert len(values) / RATE == pytest.approx(len(frames) / take.rate, abs=0.03)
    wanted = [(take.sound.at - frames[0]) / take.rate + second for second in TICKS]
    wanted = [each for each in wanted if 0 <= each < len(frames) / take.rate]
    assert np.abs(onsets(values) + heard[0].time - wanted).max() < 0.005
