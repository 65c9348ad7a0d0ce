"""The command line: its JSON, its pictures, and one sentence with exit code 2 for whatever is wrong."""

import json
import subprocess
import sys
from pathlib import Path

import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS
from umbrite.cli import COMMANDS, main, speech
from umbrite.cli.speech import watching
from umbrite.files.package import load, save
from umbrite.rig.edits.limits import set_limit

WICK = str(ASSETS / "wick.umbrite")
ORA = str(ASSETS / "wick.ora")


def run(capsys, *words):
    code = main(words)
    out, err = capsys.readouterr()
    return code, out, err


def test_the_schema_fits_the_file(capsys):
    code, out, _ = run(capsys, "schema")
    assert code == 0
    assert {"Puppet", "Joint", "Limb", "Part", "Control"} <= set(json.loads(out)["$defs"])


@pytest.mark.parametrize(
    ("words", "said"),
    [
        (["pose", "missing.umbrite"], "isn't there"),
        (["pose", WICK, "--set", "Wing=1,2"], "no control named 'Wing'"),
        (["pose", WICK, "--set", "Near hand=high"], "is set by Near hand=X,Y"),
        (["pose", WICK, "--set", "Near hand=1"], "is set by Near hand=X,Y"),
        (["pose", WICK, "--set", "Near hand=nan,2"], "plain numbers"),
        (["pose", WICK, "--json", "/nowhere/out.json"], "couldn't be saved"),
        (["pose", WICK, "--png", "/nowhere/out.png"], "couldn't be saved"),
        (["convert", ORA, "out.gif"], "can't write out.gif"),
        (["convert", __file__, "out.umbrite"], "can't open test_cli.py"),
        (["check", str(ASSETS / "wick-pictures" / "24 Near hand.png" / "x")], "isn't there"),
    ],
)
def test_bad_input_gives_one_sentence_and_exit_code_2(capsys, words, said):
    code, out, err = run(capsys, *words)
    assert (code, out) == (2, "")
    assert said in err
    assert err.count("\n") == 1


def test_joints_proposes_a_parent_and_a_pivot_for_every_part_but_one(capsys):
    code, out, _ = run(capsys, "joints", ORA, "--json")
    found = {line["part"]: line for line in json.loads(out)["joints"]}
    assert code == 0
    assert len(found) == 23
    assert found["Near shin"]["parent"] == "Near thigh"
    assert found["Near shin"]["pivot"] == pytest.approx([604, 1212], abs=3)
    assert 0 <= found["Scarf tail"]["confidence"] <= 1
    code, out, _ = run(capsys, "joints", ORA)
    assert code == 0
    assert "23 joints proposed for 24 parts." in out


def test_a_folder_is_checked_file_by_file(tmp_path, capsys):
    for name in ("wick", "inkpot"):
        save(tmp_path / f"{name}.umbrite", load(ASSETS / f"{name}.umbrite"))
    code, out, _ = run(capsys, "check", str(tmp_path), "--json")
    none = {"findings": []}
    assert (code, json.loads(out)["files"]) == (0, {"inkpot.umbrite": none, "wick.umbrite": none})
    (tmp_path / "broken.umbrite").write_bytes(b"no package")
    code, out, err = run(capsys, "check", str(tmp_path))
    assert code == 2
    assert "broken.umbrite" in err
    assert "wick.umbrite:" in out
    code, _, err = run(capsys, "check", str(tmp_path / "nothing"))
    assert code == 2


@pytest.mark.parametrize("ending", ["png", "pdf", pytest.param("tiff", marks=pytest.mark.long)])
# Otherwise the sheet makes an application of its own, without the widgets that later tests need.
@pytest.mark.usefixtures("qapp")
def test_the_workout_writes_a_contact_sheet(ending, tmp_path, capsys):
    package = load(ASSETS / "bramble.umbrite")
    few = {key: item for key, item in package.puppet.controls.items() if item.name in {"Near hind foot", "Master"}}
    tail = next(key for key, item in package.puppet.joints.items() if item.name == "Tail")
    free = {key: replace(item, limit=None) for key, item in package.puppet.joints.items()}  # few sweeps
    bad = set_limit(replace(package.puppet, controls=few, joints=free, responses={}), tail, -1.6, 1.6)
    save(tmp_path / "bad.umbrite", package.having(puppet=bad))
    code, out, _ = run(
        capsys, "workout", str(tmp_path / "bad.umbrite"), "--json", "--sheet", str(tmp_path / f"sheet.{ending}")
    )
    report = json.loads(out)
    assert code == 0
    assert any(f["code"] == "gap" and f["where"] == "Tail" for f in report["findings"])
    assert {line["moving"] for line in report["runs"]} >= {"Master", "Tail"}
    data = (tmp_path / f"sheet.{ending}").read_bytes()
    assert data.startswith({"png": b"\x89PNG", "pdf": b"%PDF", "tiff": b"II*"}[ending])
    code, _, err = run(capsys, "workout", str(tmp_path / "bad.umbrite"), "--sheet", str(tmp_path / "sheet.doc"))
    assert code == 2
    assert ".png, .pdf or .tiff" in err


@pytest.mark.parametrize(
    ("words", "said"),
    [
        (["psoe"], "There is no command psoe, and no file of that name. Did you mean umbrite pose?\n"),
        (["Cheque"], "There is no command Cheque, and no file of that name. Did you mean umbrite check?\n"),
        (["zzz"], "There is no command zzz, and no file of that name. umbrite help tells all commands.\n"),
        (
            ["gone.umbrite"],
            "gone.umbrite isn't there: nothing was found at that place. Check the name and the folder.\n",
        ),
        (["help", "bild"], "There is no command bild, and no file of that name. Did you mean umbrite build?\n"),
    ],
)
def test_a_first_word_that_is_nothing_opens_no_window(capsys, monkeypatch, words, said):
    monkeypatch.setattr("umbrite.cli.program.parser", lambda: pytest.fail("no command was run"))
    assert run(capsys, *words) == (2, "", said)


def test_quiet_leaves_sentences_out_and_nothing_else(capsys):
    assert run(capsys, "check", ORA, "--quiet") == (0, "", "")
    assert run(capsys, "--quiet", "check", ORA) == (0, "", "")
    assert run(capsys, "takes", WICK, "--quiet") == (0, "", "")
    code, out, _ = run(capsys, "check", ORA, "--json", "--quiet")
    assert (code, bool(json.loads(out))) == (0, True)
    code, _, err = run(capsys, "check", "gone.umbrite", "--quiet")
    assert code == 2
    assert "isn't there" in err
    assert run(capsys, "check", WICK)[1] == "0 findings.\n"


def test_progress_is_told_where_somebody_looks_on_and_nowhere_else(capsys, monkeypatch):
    watching("Painting")(0, 3, "frame 0")
    assert capsys.readouterr().err == ""
    monkeypatch.setattr(speech, "BETWEEN", 0.0)
    monkeypatch.setattr("sys.stderr.isatty", lambda: True)
    watch = watching("Painting")
    for i in range(3):
        watch(i, 3, f"frame {i}")
    told = capsys.readouterr().err
    assert "Painting: 2 of 3, frame 1" in told
    assert told.endswith("\n")
    monkeypatch.setattr(speech.Speech, "quiet", True)
    watching("Painting")(0, 3, "frame 0")
    assert capsys.readouterr().err == ""


@pytest.mark.parametrize(
    ("script", "made", "told"),
    [
        ("man_page.man_page()", "umbrite.1", ".SS {command}"),
        ("completion.completion()", "umbrite.bash", "{command}"),
        ("commands_page.commands_page()", "../docs/commands.md", "## {command}"),
    ],
)
def test_manual_page_and_completion_tell_all_commands_as_they_are(script, made, told):
    root = Path(__file__).parent.parent
    done = subprocess.run(
        [sys.executable, "-c", f"import {script.partition('.')[0]}; print({script}, end='')"],
        cwd=root / "scripts", capture_output=True, text=True, check=True,
    )  # fmt: skip
    assert done.stdout == (root / "packaging" / made).read_text("utf-8"), "make man"
    for command in COMMANDS:
        assert told.format(command=command) in done.stdout


@pytest.mark.parametrize(
    ("typed", "wanted"),
    [
        (["umbrite", "tra"], {"transfer", "transforms"}),
        (["umbrite", "render", "--ta"], {"--take"}),
        (["umbrite", "help", "ch"], {"check"}),
        (["umbrite", "check", "umbrite.d"], {"umbrite.desktop"}),
        (
            [f"{Path(sys.executable).parent}/umbrite", "render", WICK, "--take", ""],
            {"Idle", "Walk", "Lamp up", "Look round", "Call"},
        ),
        ([f"{Path(sys.executable).parent}/umbrite", "render", WICK, "--take", "La"], {"Lamp up"}),
        ([f"{Path(sys.executable).parent}/umbrite", "pose", WICK, "--pose", "W"], {"Walk", "Wave"}),
        (["umbrite", "build", "--plan", "Bi"], {"Biped", "Bird"}),
        (["umbrite", "schema", "po"], {"pose", "poses"}),
        (["umbrite", "render", "--as", "web"], {"webm", "webp"}),
    ],
)
def test_bash_completes_commands_options_and_files(typed, wanted):
    packaging = Path(__file__).parent.parent / "packaging"
    words = " ".join(f"'{word}'" for word in typed)
    script = f"source ./umbrite.bash; COMP_WORDS=({words}); COMP_CWORD={len(typed) - 1}; _umbrite; printf '%s\\n' \"${{COMPREPLY[@]}}\""
    done = subprocess.run(["bash", "-c", script], cwd=packaging, capture_output=True, text=True, check=True)
    assert set(done.stdout.splitlines()) == wanted


def test_completion_carries_out_nothing_that_a_take_is_called(tmp_path):
    package = load(Path(WICK))
    first, *others = package.document.takes
    takes = (replace(first, name="$(touch pwned) `touch pwned`"), *others)
    save(tmp_path / "a.umbrite", replace(package, document=replace(package.document, takes=takes)))
    script = (
        f"source {Path(__file__).parent.parent}/packaging/umbrite.bash; COMP_WORDS=({Path(sys.executable).parent}/umbrite render a.umbrite --take '');"
        "COMP_CWORD=4; _umbrite; printf '%s\n' \"${COMPREPLY[@]}\""
    )
    done = subprocess.run(["bash", "-c", script], cwd=tmp_path, capture_output=True, text=True, check=True)
    assert "$(touch pwned) `touch pwned`" in done.stdout.splitlines()
    assert {path.name for path in tmp_path.iterdir()} == {"a.umbrite"}


UPSETS = "Arm\x1b[31m\x9b2J\u202etxt\nnext"


def test_names_cannot_upset_a_terminal(tmp_path, capsys):
    package = load(Path(WICK))
    puppet, takes = package.puppet, package.document.takes
    joints = {key: replace(joint, name=f"{UPSETS} {key}") for key, joint in puppet.joints.items()}
    parts = {key: replace(part, name=f"{UPSETS} {key}") for key, part in puppet.parts.items()}
    named = replace(puppet, name=UPSETS, joints=joints, parts=parts)
    takes = tuple(replace(take, name=f"{UPSETS} {i}") for i, take in enumerate(takes))
    path = tmp_path / "upsets.umbrite"
    save(path, replace(package, document=replace(package.document, puppet=named, takes=takes)))
    for words in (
        ["takes"],
        ["takes", "--json"],
        ["check"],
        ["check", "--json"],
        ["pose"],
        ["pose", "--set", f"{UPSETS}=1"],
    ):
        command, *rest = words
        main([command, str(path), *rest])
        for text in capsys.readouterr():
            assert not set("\x1b\x9b\u202e") & set(text), words
            if "--json" in words and text:
                json.loads(text)


@pytest.mark.parametrize("word", ["nan", "inf", "1e400", "-inf", "wide"])
def test_numbers_are_plain(word, tmp_path, capsys):
    out = str(tmp_path / "out.gif")
    for words in (
        ["render", WICK, "--take", "Walk", out, f"--scale={word}"], ["pose", WICK, "--take", "Walk", f"--frame={word}"],
        ["atlas", WICK, "--take", "Walk", f"--scale={word}", f"{out}.png", f"{out}.json"],
    ):  # fmt: skip
        with pytest.raises(SystemExit) as ended:
            main(words)
        assert ended.value.code == 2
        assert f"{word} is no plain number." in capsys.readouterr().err


def test_a_file_may_be_called_like_an_option(tmp_path, monkeypatch, capsys):
    monkeypatch.chdir(tmp_path)
    Path("-x.umbrite").write_bytes(Path(WICK).read_bytes())
    code, out, _ = run(capsys, "check", "-x.umbrite")
    assert (code, out) == (0, "0 findings.\n")
