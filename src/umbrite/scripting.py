"""Umbrite from Python: documents as values. `import umbrite` gives all of this; what changes a document gives another one.

Names are those that people see. Places are board pixels, x right and y down; angles degrees, counterclockwise positive; times frames. Whatever
is refused raises `umbrite.UmbriteError` with a sentence. Pictures are NumPy arrays of shape (height, width, 4), uint8, straight alpha. What
paints needs Qt, and runs without a display by itself; all else needs none.
"""

import math
import os
from collections.abc import Callable, Iterator, Mapping, Sequence
from pathlib import Path
from typing import Any, Concatenate, Literal, ParamSpec

import numpy as np
from msgspec.structs import replace
from numpy.typing import NDArray

from umbrite.art.pictures import Picture
from umbrite.checking.finding_codes import Finding
from umbrite.files.file_errors import FileError
from umbrite.files.formats.format_table import written_as
from umbrite.files.json_reports import PoseTold, ProposedJoint, joints_report, pose_report
from umbrite.files.layers import add_layers
from umbrite.files.opening import NATIVE, open_any
from umbrite.files.package import Package, save
from umbrite.files.sandbox.reading import read_art
from umbrite.motion.animating.stepping import pose_of_take
from umbrite.motion.animating.told_over import Transforms, transforms_of
from umbrite.motion.evaluate import placed_of
from umbrite.posing_by_name import with_control
from umbrite.rig.change import things
from umbrite.rig.channels import is_stepped, known_only
from umbrite.rig.document import Document as RigDocument
from umbrite.rig.document import settled
from umbrite.rig.edits.shelf import get_pose
from umbrite.rig.errors import MissingError, RigError
from umbrite.rig.ids import FIELDS, Kind
from umbrite.rig.model import Puppet
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.take import Interpolation, Take
from umbrite.rig.takes.take_list import add_take, get_take, take_faults
from umbrite.sounds_by_name import with_mouths, with_sound

Values = float | tuple[float, float] | str
Path_ = str | os.PathLike[str]
P = ParamSpec("P")


class Document:
    """A puppet with its art, the pose it is in, and its takes. It never changes: what edits it gives another one."""

    def __init__(self, package: Package) -> None:
        self._package = package

    def __eq__(self, other: object) -> bool:
        return isinstance(other, Document) and self._package.document == other._package.document

    __hash__ = None  # type: ignore[assignment]

    def __repr__(self) -> str:
        puppet = self.puppet
        return f"<umbrite.Document {puppet.name!r}: {len(puppet.parts)} parts, {len(puppet.limbs)} limbs, {len(self.takes)} takes>"

    # What there is

    @property
    def package(self) -> Package:
        """The document with its art, as `umbrite.files.package` writes it."""
        return self._package

    @property
    def puppet(self) -> Puppet:
        """The puppet, as all edits of `umbrite.rig.edits` take it."""
        return self._package.puppet

    @property
    def name(self) -> str:
        return self.puppet.name

    def names(self, of: Kind = "part") -> list[str]:
        """The names of all things of a kind: part (back to front), joint, limb, control, link, set or guest."""
        if of == "part":
            return [self.puppet.parts[key].name for key in self.puppet.order]
        return [one.name for one in self._things(of).values()]

    def _things(self, of: Kind) -> Mapping[str, Any]:
        if of not in FIELDS:
            raise MissingError(f"There is no kind of thing called {of!r}. There are: {', '.join(FIELDS)}.")
        return things(self.puppet, of)

    @property
    def poses(self) -> list[str]:
        """The names of the poses on the shelf."""
        return [pose.name for pose in self.puppet.poses]

    @property
    def takes(self) -> list[str]:
        return [take.name for take in self._package.document.takes]

    def take(self, name: str) -> Take:
        """A take with its tracks. Raises RigError where there is none of that name."""
        return get_take(self._package.document.takes, name)

    def key(self, of: Kind, name: str) -> str:
        """The id of a thing, which edits take. Raises MissingError with the names there are."""
        for key, one in self._things(of).items():
            if one.name == name:
                return key
        known = ", ".join(self.names(of)[:20]) or "none"
        raise MissingError(f"There is no {of} named {name!r}. There are: {known}.")

    # Change

    def edit(self, edit: Callable[Concatenate[Puppet, P], Any], *arguments: P.args, **named: P.kwargs) -> "Document":
        """The document after an edit of `umbrite.rig.edits`, or any function from a puppet to a puppet (or to a tuple that begins with one)."""
        made = edit(self.puppet, *arguments, **named)
        puppet = made[0] if isinstance(made, tuple) and made else made
        if not isinstance(puppet, Puppet):
            raise RigError(
                f"That edit gave no puppet but {type(puppet).__name__}, so nothing was changed. Let it return one."
            )
        return self._having(puppet=puppet)

    def with_take(self, take: Take | str) -> "Document":
        """The document with a take: a new one without keys under a name, or one in the place of that of its name. Raises RigError for what
        is none.
        """
        takes = self._package.document.takes
        if isinstance(take, str):
            if take in self.takes:
                raise RigError(f"There is a take named {take} already. Take it by `take`, or give another name.")
            return self._having(takes=add_take(takes, take))
        if take.sound is not None and take.sound.sha256 not in self._package.art:
            raise RigError(
                f"The sound of {take.name} is not in this document. Add it with with_sound, or leave it out."
            )
        whole = (*(each for each in takes if each.name != take.name), take)
        if fault := next(take_faults(whole), None):
            raise RigError(f"The take {take.name} can't be used: {fault}.")
        return self._having(takes=whole)

    def keyed(
        self, take: str, frame: float, controls: Mapping[str, Values], interpolation: Interpolation = "smooth"
    ) -> "Document":
        """The document with controls keyed in a take at a frame: set as `posed` sets them, over what the take shows there; the take goes on
        until there. Raises RigError.
        """
        one, before = self.take(take), pose_of_take(self.take(take), self.puppet, _a_frame(frame))
        now = before
        for name, values in controls.items():
            now = with_control(self.puppet, now, name, _text(values))
        moved = {name: now.get(name, 0.0) for name in {*before, *now} if now.get(name) != before.get(name)}
        holding = {name for name in moved if is_stepped(self.puppet, name)}
        made = put_keys(one, float(frame), moved, holding, interpolation)
        first, last = min(made.first, math.floor(frame)), max(made.last, math.ceil(frame))
        return self.with_take(replace(made, first=first, last=last))

    def with_sound(self, take: str, sound: Path_, at: float | None = None) -> "Document":
        """The document with a sound under a take, which is made where there is none; it begins at a frame, or the take's first. Raises FileError."""
        return Document(with_sound(self._package, take, Path(sound), None if at is None else _a_frame(at)))

    def with_mouths(self, take: str, words: str = "", mouth: str = "", *, by_loudness: bool = False) -> "Document":
        """The document with a mouth that speaks the sound of a take: a set, slider or pad by its name, or what is named a mouth; along the words
        where they are given, by phones or by loudness alone without them. Raises RigError and FileError.
        """
        return Document(with_mouths(self._package, take, words, mouth, by_loudness=by_loudness))

    def _having(self, **fields: Any) -> "Document":
        document = settled(replace(self._package.document, **fields), self._package.document)
        return Document(replace(self._package, document=document))

    def with_art(self, *paths: Path_) -> "Document":
        """More art in front of what is there: layered pictures, pictures, a folder of them. Raises FileError."""
        layered = read_art([Path(path) for path in paths])
        return Document(add_layers(self._package, layered.layers)[0])

    def find_joints(self) -> list[ProposedJoint]:
        """The pivots and parents that the art suggests: part, parent, pivot, confidence from 0 to 1."""
        from umbrite.art.joint_finding import find_joints

        return joints_report(self.puppet, find_joints(self.puppet, self._package.pixels()))

    def build(self, plan: str | None = None) -> "Document":
        """The puppet with the rig of a body plan, by name or the one that fits best; what is there stays. Raises RigError."""
        from umbrite.checking.building_report import build_by_plan

        return self._having(puppet=build_by_plan(self._package, plan).package.puppet)

    def laid_on(self, art: "Document") -> "Document":
        """The rig of this puppet on other art, in its proportions, with poses and takes. Raises RigError."""
        from umbrite.art.building.transfer import lay_rig

        laid = lay_rig(self._package.document, self._package.pixels(), art.puppet, art._package.pixels())
        pictures = {**self._package.art, **art._package.art}
        return Document(replace(art._package, document=laid.document, art=pictures))

    # Pose

    def posed(self, controls: Mapping[str, Values] | None = None, *, pose: str | None = None) -> "Document":
        """The document in another pose: of the shelf by its name, or as it is, with some controls set after it: a grip to a place, a knob to
        degrees, a slider to a value, a set to the name of a variant. Raises RigError.
        """
        now = self._package.pose
        if pose is not None:
            now = known_only(get_pose(self.puppet, pose).channels, self.puppet)
        for name, values in (controls or {}).items():
            now = with_control(self.puppet, now, name, _text(values))
        return self._having(pose=now)

    def at(self, take: str, frame: float) -> "Document":
        """The document in the pose of a take at a frame. Raises RigError where there is no such take."""
        from umbrite.motion.animating.playing import played_pose

        return self._having(pose=played_pose(self.take(take), self.puppet, _a_frame(frame)))

    def report(self) -> PoseTold:
        """Where everything is in this pose: joints, parts, limbs, controls, each by its name, as `umbrite pose --json` tells it."""
        return pose_report(placed_of(self._package.document))

    def transforms(self, take: str, frames: Sequence[float] | None = None) -> Transforms:
        """Where everything is in these frames of a take, or in all that play: arrays, computed in one go. Raises RigError."""
        one = self.take(take)
        playing = range(one.first, one.last + (0 if one.loop else 1))
        at = np.array([_a_frame(frame) for frame in (playing if frames is None else frames)], dtype=np.float64)
        return transforms_of(one, self.puppet, at)

    # Out

    def picture(self, scale: float = 1.0) -> Picture:
        """The puppet's canvas in this pose."""
        from umbrite.paint.render import render_package, straight

        _ready_to_paint()
        return straight(render_package(self._package, _a_scale(scale)))

    def frames(self, take: str, scale: float = 1.0) -> Iterator[NDArray[np.uint8]]:
        """The pictures of a take, frame by frame. Raises RigError where there is no such take."""
        from umbrite.motion.animating.playing import placed_over
        from umbrite.paint.levels import Pictures
        from umbrite.paint.render import render, straight
        from umbrite.paint.take_export import frames_of

        _ready_to_paint()
        _a_scale(scale)
        one, pictures = self.take(take), Pictures(lambda: self._package.art)
        try:
            for frame in frames_of(one):
                yield straight(render(placed_over(one, self.puppet, [frame]), pictures, scale))
        finally:
            pictures.stop()

    def render(self, take: str, out: Path_, scale: float = 1.0, background: str | None = None) -> Path:
        """A take as a film or pictures: .webm .mp4 .mov .gif .apng .webp, or a new folder of PNGs. Raises FileError."""
        from umbrite.paint.take_export import Film, frames_of, write_take

        _ready_to_paint()
        one = self.take(take)
        write_take(Path(out), Film(self._package, one, frames_of(one), scale, background))
        return Path(out)

    def export(self, out: Path_) -> Path:
        """The pose, as the ending tells: .png .svg .ora .csv; or the puppet with all its takes: .glb .gltf. Raises FileError."""
        from umbrite.paint.baking import GltfChoice, export_gltf
        from umbrite.paint.export import export_pose

        _ready_to_paint()
        if Path(out).suffix.lower() in written_as("rig"):
            export_gltf(Path(out), self._package, GltfChoice(self._package.document.takes, bake=True))
        else:
            export_pose(Path(out), self._package)
        return Path(out)

    def atlas(
        self, pictures: Path_, places: Path_, take: str | None = None, scale: float = 1.0, *, hashed: bool = False
    ) -> int:
        """The drawings on sheets (.png) with a list of where they lie (.json), or a take's frames; the number of sheets.

        `hashed`: the list as a hash of frames with `meta`, as many engines read it. Raises FileError.
        """
        from umbrite.files.engines.atlas import Sheets, write_parts
        from umbrite.paint.take_export import Film, frames_of
        from umbrite.paint.take_sheets import write_take_sheets

        to = Sheets(Path(pictures), Path(places), hashed=hashed)
        if take is None:
            return write_parts(to, self._package)
        _ready_to_paint()
        one = self.take(take)
        return write_take_sheets(to, Film(self._package, one, frames_of(one), scale))

    def check(self) -> list[Finding]:
        """What the checks notice, the gravest first: each with code, severity, text and where."""
        from umbrite.checking.document_findings import document_findings

        return document_findings(self._package.document)

    def save(self, path: Path_) -> Path:
        """Keep the document as a file; one that was there stays as NAME~. Raises FileError."""
        if Path(path).suffix.lower() != NATIVE:
            raise FileError(f"A puppet is saved as {NATIVE}, not as {Path(path).name}.")
        preview = None
        if self.puppet.parts and _can_paint():
            from umbrite.paint.render import preview_png

            _ready_to_paint()
            preview = preview_png(self._package)
        save(Path(path), self._package, preview)
        return Path(path)


def open(path: Path_) -> Document:  # noqa: A001  as one reads it: umbrite.open
    """A document from a puppet's file, a layered picture, a picture, or a folder of pictures. Raises FileError."""
    return Document(open_any(Path(path)))


def new(name: str = "Puppet", width: int = 1200, height: int = 1600) -> Document:
    """An empty document."""
    return Document(Package(RigDocument(Puppet(name=name, width=width, height=height)), {}))


Demo = Literal["wick", "bramble", "tansy", "inkpot", "tea-cart", "wick-and-cart", "clover"]


def demo_file(name: Demo = "wick", ending: str = NATIVE) -> Path:
    """The file of a demo that ships with the program; its art as layers with the ending .ora. Raises FileError."""
    path = Path(__file__).parent / "demo" / "assets" / f"{name}{ending}"
    if not path.exists():
        raise FileError(f"There is no demo {name}{ending}. There are: {', '.join(Demo.__args__)}.")  # type: ignore[attr-defined]
    return path


def _text(values: Values) -> str:
    if isinstance(values, str):
        return values
    return ",".join(repr(float(number)) for number in (values if isinstance(values, tuple) else (values,)))


def _a_frame(frame: float) -> float:
    if not math.isfinite(frame):
        raise RigError(f"{frame!r} is no frame. Give a plain number.")
    return float(frame)


def _a_scale(scale: float) -> float:
    if not (math.isfinite(scale) and scale > 0):
        raise RigError(f"Nothing can be painted at a scale of {scale!r}. Give one above 0.")
    return scale


def _can_paint() -> bool:
    import importlib.util

    return importlib.util.find_spec("PySide6") is not None


def _ready_to_paint() -> None:
    """Let Qt paint without a display, where no application runs yet."""
    from PySide6.QtGui import QGuiApplication

    if QGuiApplication.instance() is None:
        os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
        _kept.append(QGuiApplication([]))


_kept: list[object] = []  # an application lives as long as the run
