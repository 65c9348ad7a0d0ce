"""When the rig changes under poses and takes: they are carried over so that they look as before, and what could not be is told."""

from collections.abc import Callable
from typing import NamedTuple

from umbrite.desk.theme.language import tr
from umbrite.files.long_work import CancelledError
from umbrite.motion.rest_changes.picture_kept import Rest
from umbrite.motion.rest_changes.takes_kept import Differs, Kept, differences, kept_document
from umbrite.rig.document import Document
from umbrite.rig.errors import Watch
from umbrite.rig.model import Puppet

Apart = Callable[[str, Callable[[Watch], tuple[Kept, bool]]], tuple[Kept, bool]]
MOST_TOLD = 3
STRIKING = 1.0  # board pixels


class Carried(NamedTuple):
    """An edit that carried something over: the document with its values as they were, the one that was made, and what is told of it."""

    plain: Document
    made: Document
    kept: Kept

    @property
    def meant(self) -> bool:
        """Whether the picture was meant to change: nothing was carried over."""
        return self.kept.document is self.plain

    @property
    def matters(self) -> bool:
        """Whether something differs so much that a person should look."""
        return not self.meant and any(each.far > STRIKING for each in self.kept.differs)

    @property
    def has_values(self) -> bool:
        """Whether values were changed that could have stayed."""
        plain, kept = self.plain, self.kept.document
        return (kept.takes, kept.pose, kept.puppet.poses) != (plain.takes, plain.pose, plain.puppet.poses)


class RestWatch:
    """See the module."""

    def __init__(self) -> None:
        self.last: Carried | None = None
        self.stopped = False  # by a person, before all was carried over

    def carried(
        self, before: Document, document: Document, apart: Apart, *, keeps: bool, rest: Rest | None = None
    ) -> Document:
        """A document after an edit, its takes and poses carried over; with `keeps` off their values stay, and what differs is found."""
        self.last, self.stopped = None, False
        if document.puppet is before.puppet or not (document.takes or document.pose or document.puppet.poses):
            return document
        try:
            kept, meant = apart(tr("Adjusting takes"), lambda watch: _kept(before, document, watch, rest, keeps=keeps))
        except CancelledError:
            self.stopped = True
            return document
        if kept.changed or kept.differs or not meant:
            self.last = Carried(document, kept.document, kept)
        return kept.document


def _kept(before: Document, document: Document, watch: Watch, rest: Rest | None, *, keeps: bool) -> tuple[Kept, bool]:
    """What was carried over, and whether the picture was meant to change."""
    kept = kept_document(before, document, watch, rest) if keeps else Kept(document, (), ())
    if kept.document is not document:
        return kept, False
    return kept._replace(differs=differences(before, document, rest)), True


def told(kept: Kept, puppet: Puppet) -> str:
    """What an edit of the rest did to takes and poses, in a sentence or two; empty where nothing."""
    off = {(each.kind, each.name) for each in kept.differs}
    fine = [name for name in kept.changed if ("take", name) not in off]
    looks = [tr("Looks as before with other values: {names}.", names=_few(fine))] if fine else []
    return " ".join(filter(None, (*looks, differing(kept, puppet))))


def differing(kept: Kept, puppet: Puppet) -> str:
    """What shows something else since an edit of the rest, in a sentence or two; empty where nothing does."""
    off: dict[tuple[str, str], list[Differs]] = {}
    for each in kept.differs:
        off.setdefault((each.kind, each.name), []).append(each)
    sentences = []
    for (kind, name), runs in list(off.items())[:MOST_TOLD]:
        far = max(run.far for run in runs)
        stopped = next((puppet.joints[run.stopped].name for run in runs if run.stopped), "")
        why = tr(", as the limit of {joint} stops it", joint=stopped) if stopped else ""
        px = f"{far:.1f}" if far < 10 else f"{far:.0f}"
        if kind == "pose":
            what = tr("The pose {name}", name=name) if name else tr("The pose in Rehearse")
            sentences.append(tr("{what} differs by up to {far} px{why}.", what=what, far=px, why=why))
        else:
            sentences.append(
                tr(
                    "{name} differs by up to {far} px at {frames}{why}.",
                    name=name,
                    far=px,
                    frames=_ranges(runs),
                    why=why,
                )
            )
    if len(off) > MOST_TOLD:
        sentences.append(tr("{count} more differ.", count=len(off) - MOST_TOLD))
    return " ".join(sentences)


def _few(names: list[str]) -> str:
    few = ", ".join(names[:MOST_TOLD])
    return few if len(names) <= MOST_TOLD else tr("{names} and {count} more", names=few, count=len(names) - MOST_TOLD)


def _ranges(runs: list[Differs]) -> str:
    words = [f"{run.first:g}" if run.first == run.last else f"{run.first:g}..{run.last:g}" for run in runs]
    return _few(words)
