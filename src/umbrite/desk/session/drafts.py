"""What is being drawn, proposed or held for a while: no part of the puppet, and gone when the puppet is closed."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from functools import cached_property
from typing import TYPE_CHECKING, NamedTuple

from PySide6.QtCore import QObject, Signal

from umbrite.motion.whole_body import HoldPoint
from umbrite.rig.change import exists
from umbrite.rig.channels import is_channel
from umbrite.rig.document import Document
from umbrite.rig.model import Point, Puppet

if TYPE_CHECKING:
    from umbrite.art.building.body_plan import BodyPlan
    from umbrite.art.building.placing import Filled
    from umbrite.art.building.plan_limbs import Wishes
    from umbrite.art.contacts import Pieces
    from umbrite.art.faces.face_pieces import Face
    from umbrite.art.faces.face_set import Item
    from umbrite.art.joint_finding import Proposal
    from umbrite.art.joint_limits import FoundLimit
    from umbrite.files.package import Package


class Ghost(NamedTuple):
    """A branch of joints shown once more, turned about a board point; nothing in the puppet is."""

    joint: str
    pivot: complex
    turn: float


class Line(NamedTuple):
    """A line along which bones were made, so that their number can be changed afterwards."""

    points: tuple[complex, ...]
    parent: str | None
    part: str | None
    name: str
    bones: int
    by_curvature: bool
    made: Puppet | None = None  # what it made; once something else has changed, it is no step of its own any more


class ProposedLimb(NamedTuple):
    """A limb that the names tell, between two joints; left out, it stays proposed but is not made."""

    root: str
    end: str
    left_out: bool = False


class ProposedCut(NamedTuple):
    """A line across a part, on the board, at the head of a bone; left out, it stays proposed but is not cut."""

    bone: str
    ends: tuple[complex, complex]
    left_out: bool = False


@dataclass(frozen=True, eq=False)
class CutDraft:
    """The cuts that are proposed over a part: their puppet, and the bone of the piece that carries all others."""

    puppet: Puppet
    part: str
    root: str
    cuts: tuple[ProposedCut, ...]


class Carried(NamedTuple):
    """A piece that is dragged over the board, for a place of a plan's figure: where it is, and whether it was let go there."""

    part: str
    at: complex
    let_go: bool = False


@dataclass(frozen=True, eq=False)  # one that is changed is another one; its arrays can't be compared
class PlanDraft:
    """A body plan on its way: which piece stands on which place, what a person has decided of it, and what should be made."""

    puppet: Puppet  # for which it was found
    pieces: "Pieces"
    plans: "tuple[BodyPlan, ...]"  # the one that fits best first
    filled: "Filled"
    wishes: "Wishes"
    held: Mapping[str, str] = field(default_factory=dict)  # by place; "" for one that should stay empty
    facing: int = 0  # 0 as it fits best
    rig: "Package | None" = None  # of a puppet whose rig should be laid on this art; its plan is that rig
    called: Mapping[str, str] = field(default_factory=dict)  # by place, what names tell of it
    carried: Carried | None = None

    @cached_property
    def second(self) -> frozenset[str]:
        """Pieces of limbs that are drawn a second time and take turns with the first."""
        from umbrite.art.building.second_branches import second_branches

        if self.rig is not None or not self.wishes.variants or self.wishes.only:
            return frozenset()
        found = second_branches(self.puppet, self.pieces, self.filled)
        return frozenset(part for one in found for part in one.parts)


class Boning(NamedTuple):
    """The bone from whose tip the next goes on, the one whose card is shown, and its line."""

    chain: str | None = None
    card: str | None = None
    line: Line | None = None


class MirrorLine(NamedTuple):
    """The upright line in which branches have just been mirrored, so that it can be dragged afterwards."""

    x: float
    keys: tuple[str, ...]
    before: Puppet
    made: Puppet  # once something else has changed, the line is gone


class StopDraft(NamedTuple):
    """A stop that is being posed: the channel that drives it, the value, and the document when it began."""

    driver: str
    at: Point
    before: Document


class HeadDraft(NamedTuple):
    """A face that is laid on a ball: its puppet, what can be made for it, what shall be, and the numbers of pieces that are left out."""

    puppet: Puppet
    face: "Face"
    items: "tuple[Item, ...]"
    wanted: "frozenset[Item]"
    left_out: frozenset[int] = frozenset()


class Drafts(NamedTuple):
    """All of it as one value."""

    proposals: "tuple[Proposal, ...]" = ()  # joints, proposed until they are taken or left
    left_out: frozenset[str] | None = None  # of the proposed controls, by name; None while none are proposed
    limbs: tuple[ProposedLimb, ...] = ()  # proposed until they are made or rubbed out
    found_limits: "tuple[FoundLimit, ...]" = ()
    plan: PlanDraft | None = None  # proposed until its rig is made or it is rubbed out
    cuts: CutDraft | None = None  # proposed until they are cut or rubbed out
    bones: Boning = Boning()
    mirror: MirrorLine | None = None
    stop: StopDraft | None = None  # what is posed now belongs to it
    head: HeadDraft | None = None  # proposed until it is made or discarded
    pin: complex | None = None  # a pivot for one turn only, on the board
    holds: tuple[HoldPoint, ...] = ()  # points that stay while the whole body is dragged
    swept: tuple[Ghost, ...] = ()  # the last sway, until the next press
    flashing: frozenset[str] = frozenset()  # parts whose outlines blink
    beside: Document | None = None  # a stage of the work that is looked at beside now

    def known_to(self, puppet: Puppet) -> "Drafts":
        """Without what is about things that the puppet no longer has; the same object where all is there."""
        proposals = tuple(p for p in self.proposals if exists(puppet, p.part) and exists(puppet, p.parent))
        limbs = tuple(limb for limb in self.limbs if {limb.root, limb.end} <= puppet.joints.keys())
        holds = tuple(hold for hold in self.holds if hold.joint in puppet.joints)
        gone = any(key is not None and key not in puppet.joints for key in self.bones[:2])
        lost = any(found.joint not in puppet.joints for found in self.found_limits)
        kept = self._replace(
            plan=self.plan if self.plan is not None and self.plan.puppet is puppet else None,
            cuts=self.cuts if self.cuts is not None and self.cuts.puppet is puppet else None,
            mirror=self.mirror if self.mirror is not None and self.mirror.made is puppet else None,
            proposals=proposals,
            limbs=limbs,
            holds=holds,
            head=self.head if self.head is not None and self.head.puppet is puppet else None,
            stop=self.stop if self.stop is not None and is_channel(puppet, self.stop.driver) else None,
            bones=Boning() if gone else self.bones,
            found_limits=() if lost else self.found_limits,
        )
        return self if kept == self else kept

    def elsewhere(self) -> "Drafts":
        """What is left when the station is changed: proposed joints and limbs, and hold points."""
        return Drafts(
            proposals=self.proposals,
            limbs=self.limbs,
            holds=self.holds,
            swept=self.swept,
            flashing=self.flashing,
            stop=self.stop,
            beside=self.beside,
        )


class DraftBook(QObject):
    """Holds the drafts of a session, and tells when they change."""

    changed = Signal(object, object)  # the old and the new drafts

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._now = Drafts()

    @property
    def now(self) -> Drafts:
        return self._now

    def put(self, drafts: Drafts) -> None:
        """Take other drafts in the place of these: `now._replace(…)` for some of them."""
        if drafts != self._now:
            old, self._now = self._now, drafts
            self.changed.emit(old, drafts)
