"""The commands of sounds and devices: a sound laid under a take, with a mouth that speaks it; the simulated device."""

import argparse
from pathlib import Path

from umbrite.cli.outputs import make_way
from umbrite.cli.speech import finite, say
from umbrite.files.file_errors import FileError
from umbrite.files.opening import open_any
from umbrite.files.package import save
from umbrite.rig.errors import RigError
from umbrite.rig.takes.take_list import get_take

COMMANDS = ("sound", "device")
PORT = 9000


def add_commands(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    """Put these commands beside the others."""
    sound = commands.add_parser("sound", help="add a sound to a take, and a mouth that speaks it")
    sound.add_argument("file", type=Path, metavar="FILE", help="a puppet")
    sound.add_argument(
        "sound", type=Path, metavar="SOUND", help="a sound: WAV, FLAC, Ogg, Opus or MP3, 10 minutes at most"
    )
    sound.add_argument(
        "--take", required=True, metavar="NAME", help="the take; made as long as the sound where there is none"
    )
    sound.add_argument(
        "--at", type=finite, metavar="FRAME", help="where the sound begins; without it at the take's first frame"
    )
    sound.add_argument(
        "--words", metavar="TEXT", help="what is said, in English: the mouth speaks it; - tells that it is not known"
    )
    sound.add_argument(
        "--mouth", metavar="SET", help="the set, slider or pad that speaks; without it what is named a mouth"
    )
    sound.add_argument("--by-loudness", action="store_true", help="the mouth by loudness alone, in any language")
    sound.add_argument("out", type=Path, metavar="OUT", help="the puppet with the sound, .umbrite")
    sound.set_defaults(does=_sound, piped_as=lambda _said: {"out": ".umbrite"})
    device = commands.add_parser(
        "device", help="a simulated device: sticks, faders, keys and a face, sent as OSC to this computer"
    )
    device.add_argument(
        "--port", type=int, default=PORT, metavar="N", help=f"the port that is listened at, {PORT} without it"
    )
    device.add_argument(
        "--script", type=Path, metavar="FILE", help="lines of SECONDS ADDRESS VALUE..., sent in time, without a window"
    )
    device.set_defaults(does=_device)


def _sound(arguments: argparse.Namespace) -> int:
    from umbrite.sounds_by_name import with_mouths, with_sound

    if arguments.out.suffix.lower() != ".umbrite":
        raise FileError(f"The puppet with the sound is written as .umbrite, not as {arguments.out.name}.")
    package = with_sound(open_any(arguments.file), arguments.take, arguments.sound, arguments.at)
    if arguments.words is not None or arguments.mouth is not None or arguments.by_loudness:
        words = "" if arguments.words in {None, "-"} else arguments.words
        package = with_mouths(package, arguments.take, words, arguments.mouth or "", by_loudness=arguments.by_loudness)
    make_way(arguments.out)
    save(arguments.out, package)
    sound = get_take(package.document.takes, arguments.take).sound
    assert sound is not None
    say(f"{sound.name}, {sound.seconds:.2f} s, was added to {arguments.take}.")
    return 0


def _device(arguments: argparse.Namespace) -> int:
    if not 1024 <= arguments.port <= 65535:
        raise RigError(f"Ports are 1024 to 65535, not {arguments.port}.")
    if arguments.script is not None:
        from umbrite.demo.stand_ins.device_script import play, read_script

        sent = play(read_script(arguments.script), arguments.port)
        say(f"{sent} values were sent to port {arguments.port}.")
        return 0
    from umbrite.demo.stand_ins.stand_in_device import run

    return run(arguments.port)
