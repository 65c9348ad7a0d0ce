"""Sounds from the command line and from Python: laid under a take, spoken by a mouth, heard in the film."""

import json
from pathlib import Path

import av
import pytest

import umbrite
from demo_puppet import ASSETS
from made_sounds import ticks, written
from umbrite.cli import main
from umbrite.files.package import load

SPOKEN = Path(__file__).parent / "sound" / "spoken"


def test_a_sound_is_laid_spoken_and_rendered(tmp_path, capsys):
    out, film = tmp_path / "w.umbrite", tmp_path / "w.webm"
    words = json.loads((SPOKEN / "boats.json").read_text())["text"]
    asked = [
        "sound",
        str(ASSETS / "wick.umbrite"),
        str(SPOKEN / "boats.opus"),
        "--take",
        "Boats",
        "--words",
        words,
        str(out),
    ]
    assert main(asked) == 0
    assert "was added to Boats" in capsys.readouterr().out
    made = load(out)
    take = next(each for each in made.document.takes if each.name == "Boats")
    (name,) = take.tracks
    assert made.puppet.sets[name.partition(".")[0]].name == "Mouth"
    assert len(take.tracks[name]) > 8
    assert main(["render", str(out), "--take", "Boats", "--scale", "0.1", "--frames", "0..47", str(film)]) == 0
    with av.open(str(film)) as opened:
        sound = opened.streams.audio[0]
        seconds = sum(frame.samples for frame in opened.decode(sound)) / sound.rate
    assert seconds == pytest.approx(2.0, abs=0.03)
    # glTF goes without, and says so.
    assert main(["convert", str(out), str(tmp_path / "w.glb")]) == 0
    assert "without" in capsys.readouterr().out


def test_what_is_no_sound_no_mouth_or_no_port_is_told(tmp_path, capsys):
    wick, ticking = str(ASSETS / "wick.umbrite"), str(written(tmp_path / "t.wav", ticks()))
    for asked, said in (
        (["sound", wick, str(ASSETS / "wick.ora"), "--take", "A", str(tmp_path / "o.umbrite")], "is no sound"),
        (
            ["sound", wick, ticking, "--take", "A", "--mouth", "Tail", str(tmp_path / "o.umbrite")],
            "no mouth named 'Tail'",
        ),
        (["sound", wick, ticking, "--take", "A", str(tmp_path / "o.png")], ".umbrite"),
        (["device", "--port", "80"], "1024 to 65535"),
    ):
        assert main(asked) == 2
        assert said in capsys.readouterr().err
    assert not (tmp_path / "o.umbrite").exists()


def test_from_python(tmp_path):
    wick = umbrite.open(ASSETS / "wick.umbrite")
    made = wick.with_sound("Market", written(tmp_path / "t.wav", ticks()), at=3)
    assert made.take("Market").sound.at == 3.0
    spoken = made.with_mouths("Market", by_loudness=True, mouth="Mouth")
    assert spoken.take("Market").tracks
    assert wick.takes == [name for name in made.takes if name != "Market"]
