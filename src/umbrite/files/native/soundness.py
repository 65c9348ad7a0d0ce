"""Why a document can be neither saved nor opened: one law for both ways, for what is inside it as well."""

import hashlib
import math
from collections.abc import Iterator

from umbrite.rig.document import Document
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.guests import DEEPEST, unpacked
from umbrite.rig.model import Guest
from umbrite.rig.quantities.bounds import LARGEST
from umbrite.rig.takes.take_list import take_faults

MOST_COPIES = 400  # of guests, in guests and in stages


def fault_of(document: Document) -> str | None:
    """What is wrong with a document, in words; None where it can be saved and opened."""
    return next(_Looking().faults(document, 0), None)


class _Looking:
    """Looks at each copy of a guest once, however often it is there, and at no more of them than a file may hold."""

    def __init__(self) -> None:
        self.seen: dict[str, Document] = {}

    def faults(self, document: Document, depth: int) -> Iterator[str]:
        """What is wrong with a document that lies so many guests deep, the first of it first."""
        yield from invariants(document.puppet)
        if not all(math.isfinite(number) and abs(number) < LARGEST for number in document.pose.values()):
            yield "its pose holds an absurd number"
        yield from take_faults(document.takes)
        for guest in document.puppet.guests.values():
            yield from self.guest_faults(guest, depth + 1)
        names = [version.name for version in document.versions]
        if len(set(names)) < len(names) or "" in names:
            yield "two stages have the same name, or one has none"
        for version in document.versions:
            if version.document is None or version.document.versions:
                yield f"its stage {version.name} is not whole"
            else:
                yield from (f"in its stage {version.name}, {fault}" for fault in self.faults(version.document, depth))

    def guest_faults(self, guest: Guest, depth: int) -> Iterator[str]:
        """What is wrong with a guest, or in it."""
        if depth > DEEPEST:
            yield f"guests stand within guests more than {DEEPEST} deep"
            return
        if guest.sha256 not in self.seen:
            yield from self._copy_faults(guest, depth)
        puppet = self.seen[guest.sha256].puppet
        own = {
            *puppet.joints, *puppet.parts, *puppet.limbs, *puppet.controls, *puppet.links, *puppet.sets,
            *puppet.shapes, *puppet.responses,
        }  # fmt: skip
        if own != set(guest.ids):
            yield f"the guest {guest.name} is not what its copy says"

    def _copy_faults(self, guest: Guest, depth: int) -> Iterator[str]:
        """What is wrong with a copy that has not been looked at; it has been, then."""
        self.seen[guest.sha256] = Document()
        if hashlib.sha256(guest.data).hexdigest() != guest.sha256:
            yield f"the copy of the guest {guest.name} is not what it says"
        try:
            inner = self.seen[guest.sha256] = unpacked(guest)
        except RigError as error:
            yield str(error)
            return
        if len(self.seen) > MOST_COPIES:
            yield f"it holds more than {MOST_COPIES} different guests"
        if inner.versions:
            yield f"the copy of the guest {guest.name} has stages"
        yield from (f"in the guest {guest.name}, {fault}" for fault in self.faults(inner, depth))
