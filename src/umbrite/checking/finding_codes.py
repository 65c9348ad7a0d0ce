"""Every kind of finding, in one table: how grave it is, at which station it is dealt with, what it says, why, and how it is mended.

Checks of the rig, the watch over seams and the workout all notice things by these codes.
"""

from collections.abc import Callable, Iterable
from typing import Literal, NamedTuple

import msgspec

from umbrite.rig.change import change, thing
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.pivots import keep_limbs
from umbrite.rig.limb_shape import drawn_bend
from umbrite.rig.model import Puppet
from umbrite.rig.words.names import side_of

Severity = Literal["error", "warning", "hint"]
RANK: dict[Severity, int] = {"error": 0, "warning": 1, "hint": 2}


class Finding(msgspec.Struct, frozen=True):
    """One thing noticed. `where` is an id; `fix` says what `mend` would do, None where a person has to.

    `said` is the sentence of `text` before the `words` were put into it, for those who say it in another language.
    """

    code: str
    severity: Severity
    where: str
    text: str
    fix: str | None = None
    said: str = ""
    words: tuple[tuple[str, object], ...] = ()


class Code(NamedTuple):
    """What all findings of one kind share. `text` and `fix` have places for words; `mend` moves no art."""

    severity: Severity
    station: str
    text: str
    explanation: str
    fix: str | None = None
    mend: Callable[[Puppet, str], Puppet] | None = None


def _rest_within(puppet: Puppet, key: str) -> Puppet:
    limit = puppet.joints[key].limit
    return puppet if limit is None else set_limit(puppet, key, limit.smallest, limit.largest)


def _as_drawn(puppet: Puppet, key: str) -> Puppet:
    return change(puppet, key, bend=1 if drawn_bend(puppet, puppet.limbs[key]) > 0 else -1)


CODES: dict[str, Code] = {
    "target-away": Code(
        "error", "Limbs", "The target of {name} stands {away:.1f} px away from its tip.",
        "A target stands exactly on its limb's tip at rest; else the limb jumps when it is first touched.",
        "Put the target on the tip", lambda puppet, _: keep_limbs(puppet),
    ),
    "bend-against": Code(
        "error", "Limbs",
        "{name} is drawn bent to one side and set to bend to the other. It bends as it is drawn.",
        "A limb that bent against its drawing would fold over as soon as anything moves. Bend it as it is drawn, or turn the drawn bend over (Alt+Shift+T).",
        "Bend it as it is drawn", _as_drawn,
    ),
    "limb-straight": Code(
        "warning", "Limbs", "{name} is drawn straight, so its bend side is a guess. Look at both and choose one.",
        "From a straight drawing nobody can tell where the knee bends. Both sides are shown in Details; one click chooses.",
        "Keep the side it has", lambda puppet, key: change(puppet, key, side_chosen=True),
    ),
    "branches-alike": Code(
        "hint", "Limbs", "{name} and {other} start at the same place on the same side. If only one should show at a time, make a set of them.",
        "Two arms on one side are usually alternatives. Select their first joints and use Branch variants from the selected branches.",
    ),
    "limb-unequal": Code(
        "hint", "Limbs",
        "{name} is {one:.0f} px long and {twin} {other:.0f} px. Check that both should reach equally far.",
        "Limbs of a pair usually reach equally far; a pivot may have slipped.",
    ),
    "limb-locked": Code(
        "hint", "Limbs", "{name} is locked, so {limb} bends without it.",
        "A locked joint of a limb does not bend along; the others do more.",
        "Let it bend again", lambda puppet, key: change(puppet, key, give=1.0),
    ),
    "part-loose": Code(
        "warning", "Pivots",
        "Nothing carries {name}, so it stays behind when the puppet moves. Give it a parent.",
        "A part without a parent stays on the board while the rest of the puppet moves.",
    ),
    "pivot-outside": Code(
        "hint", "Pivots",
        "The pivot of {name} lies outside its drawing, so it swings instead of turning. Look whether that is wanted.",
        "A part turns about its pivot. One that lies outside the drawing makes the part swing around it, as a lantern on a cord.",
    ),
    "pivot-unset": Code(
        "hint", "Pivots", "The pivot of {name} is still the middle of its drawing. Drag it to where it turns.",
        "Until a pivot is set the middle of the drawing stands in for it; hardly anything turns about its middle.",
        "The middle is right", lambda puppet, key: change(puppet, key, pivot_set=True),
    ),
    "limit-without-rest": Code(
        "error", "Limbs",
        "The limits of {name} leave out the rest pose, so it would jump as soon as it is touched.",
        "Zero is the rest pose, always; limits that leave it out would make the joint jump at the first touch.",
        "Widen the limits to rest", _rest_within,
    ),
    "limit-closed": Code(
        "hint", "Limbs", "The limits of {name} leave no room, so it can't turn at all.",
        "Smallest and largest are the same, so the joint is locked. One lock by give 0 says that more plainly.",
    ),
    "order-wrong": Code(
        "warning", "Parts", "{name} is on the {side} side and lies {lies} {other}. Look at the depth rail.",
        "Near pieces are expected in front of what carries them and far ones behind, and the pieces of a limb stacked one way.",
    ),
    "names-alike": Code(
        "hint", "Pivots",
        "{name} and {twin} have nearly the same name. Rename one, so that they can be told apart.",
        "Names are found by their words in copies, mirrors and pasted poses; two that read the same are mistaken for each other.",
    ),
    "side-mixed": Code(
        "warning", "Pivots", "{name} is named {named} but set to the {side} side.",
        "The side decides colours, signs, and what counts as the other side.",
        "Set it to the {named} side", lambda puppet, key: change(puppet, key, side=side_of(thing(puppet, key).name)),
    ),
    "control-idle": Code(
        "warning", "Controls", "The control {name} moves nothing: {why}. Link it, change it, or remove it.",
        "Animators would drag it and nothing would happen.",
    ),
    "pose-beyond": Code(
        "hint", "Rehearse",
        "The pose {pose} turns {name} beyond its limit; it stops there. Save the pose anew if that is right.",
        "Limits hold for saved poses too, so this one looks different from when it was saved.",
    ),
    "gap": Code(
        "warning", "Limbs",
        "At {turn} a gap opens at {name}. "
        "Cover the seam, move the pivot, or narrow the limit (Find limits tells where).",
        "Turned this far, the paper of neither part reaches the outline any more, and the background shows through.",
    ),
    "bend-flips": Code(
        "error", "Rehearse", "{name} bends over to the other side while {moved} moves. Look at its bend side.",
        "A knee or elbow that changes sides in the middle of a movement pops.",
    ),
    "joint-jumps": Code(
        "warning", "Rehearse", "{name} jumps by {turn} in one small step of {moved}.",
        "A small step of the control makes a large one of the joint.",
    ),
    "part-leaps": Code(
        "warning", "Rehearse", "{name} leaps by {way:.0f} px in one small step of {moved}.",
        "A small step of the control makes this part leap.",
    ),
    "part-stays": Code(
        "error", "Pivots", "{name} stays behind when the master moves: nothing carries it. Give it a parent.",
        "Everything else moved with the master, this did not.",
    ),
    "set-small": Code(
        "hint", "Parts", "{name} has one variant only, so there is nothing to choose. Add drawings to it, or take it apart.",
        "A set is for two or more drawings or branches of which one shows.",
    ),
    "variant-never": Code(
        "warning", "Controls", "{name} of {set} never shows: no value of its link comes to it. Widen the curve, or make a chooser.",
        "What drives a set goes through its variants in their order; beyond the ends of the curve nothing is reached.",
    ),
    "variant-twin": Code(
        "hint", "Parts", "{name} and {twin} of {set} are the same drawing in the same place. Exchange one, or take it out.",
        "Two variants that look the same can't be told apart when they are chosen.",
    ),
    "variant-elsewhere": Code(
        "warning", "Pivots", "{name} rides on {rides}, the others of {set} on {usual}. Bind it to the same.",
        "Drawings that take each other's place should be carried by the same joint, or they come apart when it moves.",
    ),
    "variant-depth": Code(
        "hint", "Parts", "{other} lies between the drawings of {set}: {name} is behind it. Put them next to each other if that is not meant.",
        "Variants of different depth hide and show other things when they are switched.",
    ),
    "variant-unlimbed": Code(
        "hint", "Limbs", "{name} of {set} has no limb, others of the set have one. Make it, so that its hand can be dragged too.",
        "Branches that take each other's place are posed alike when each has its limb.",
    ),
    "take-open": Code(
        "warning", "Takes", "{name} jumps where {take} goes round: its first and its last key differ. Close the loop.",
        "A loop's last frame is its first one again; where they differ the puppet jumps each time it goes round.",
    ),
    "key-outside": Code(
        "hint", "Takes", "{name} has a key at frame {frame:g}, which never plays in {take}.",
        "Keys before the first frame or after the last are not seen. Drag the fold of the tape, or move them in.",
    ),
    "key-missing": Code(
        "hint", "Takes", "{name} moves in {take} without a key at its beginning.",
        "Until its first key a control stands still where that one puts it. A key at the beginning says so plainly.",
    ),
    "take-limit": Code(
        "hint", "Takes", "{name} is asked to turn {beyond} beyond its limit at frame {frame:g} of {take}.",
        "The limit holds it back, so that it stands still while its key goes on. Lessen the key, or widen the limit.",
    ),
    "take-jumps": Code(
        "warning", "Takes", "{name} turns by {turn} within one frame at frame {frame:g} of {take}.",
        "So far in one frame is seen as a jump. Move keys apart, or change over at a straight pose.",
    ),
    "feet-slide": Code(
        "warning", "Takes", "{name} is {away:.1f} px away from where it is held at frame {frame:g} of {take}.",
        "A planted foot that can't reach its place is dragged along. Bring the body nearer there, or move the foot.",
    ),
}  # fmt: skip


def finding(code: str, where: str, text: str | None = None, **words: object) -> Finding:
    """A finding of a kind about the thing `where`; `text` says something else than the table, with the same words."""
    of = CODES[code]
    fix = None if of.fix is None else of.fix.format(**words)
    said = text or of.text
    return Finding(code, of.severity, where, said.format(**words), fix, said, tuple(words.items()))


# What many findings of one kind say as one, and the action by which all of them are dealt with.
TOGETHER: dict[str, tuple[str, str]] = {
    "part-loose": ("{count} parts are carried by nothing, so they stay behind when the puppet moves.", "find-joints"),
    "pivot-unset": ("{count} pivots are still the middle of their drawings.", "find-joints"),
    "gap": ("{count} seams open within their limits. Covers keep them shut.", ""),
    "limb-straight": ("{count} limbs are drawn straight, so which way they bend is a guess.", ""),
}
SEVERAL = 4  # so many of one kind stand as one


def grouped(found: Iterable[Finding]) -> list[list[Finding]]:
    """Findings of one kind together where there are several, in the order in which their first ones came."""
    kinds: dict[str, list[Finding]] = {}
    for each in found:
        kinds.setdefault(each.code, []).append(each)
    return [group for many in kinds.values() for group in ([many] if len(many) >= SEVERAL else [[one] for one in many])]


def gravest_first(found: Iterable[Finding]) -> list[Finding]:
    """Errors, then warnings, then hints; among equals the order in which they came."""
    return sorted(found, key=lambda each: RANK[each.severity])


def mend(puppet: Puppet, found: Finding) -> Puppet:
    """Do what `found.fix` says. No fix moves the art."""
    of = CODES.get(found.code)
    return puppet if of is None or of.mend is None or found.fix is None else of.mend(puppet, found.where)
