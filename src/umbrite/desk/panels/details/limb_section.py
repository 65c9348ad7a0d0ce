"""The limb card in Details: bend side, give, what the target follows, what keeps the end's angle, target or own turns."""

from typing import Any

from msgspec.structs import replace
from PySide6.QtWidgets import QLabel

from umbrite.desk.panels.details.bend_card import BendCard
from umbrite.desk.panels.details.fields import ChoiceField, NumberField, Writer, on_both
from umbrite.desk.panels.details.give_bars import GiveBars
from umbrite.desk.panels.details.section import Section, name_of
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.matching import posed_by
from umbrite.rig.change import change
from umbrite.rig.channels import value, with_values
from umbrite.rig.document import Document
from umbrite.rig.edits.limbs import set_end_hold
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.renaming import rename
from umbrite.rig.family import branch, targets
from umbrite.rig.model import Puppet


def blended(document: Document, key: str, percent: float) -> Document:
    """Mix target and own turns in the pose."""
    return replace(document, pose=with_values(document.pose, {f"{key}.blend": percent / 100}))


class LimbSection(Section):
    """The limb card: bend side, what the target follows, what keeps the end's angle."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self.bends = QLabel(tr("Bends to"))
        self.card = BendCard(session)
        self.column.insertWidget(2, self.bends)
        self.column.insertWidget(3, self.card)
        self.bars = GiveBars(session)
        self.row("Give", self.bars)
        self.row("Name", self.text("Name", name_of, rename))
        self.row("Follows", self.choice(
            "Target follows", _followable, lambda p, k: p.joints[p.limbs[k].target].parent,
            lambda p, k, v: set_parent(p, [p.limbs[k].target], v), rewires=True,
        ))  # fmt: skip
        self.hold = self.choice(
            "End angle",
            lambda _p, _k: [("Turns with limb", "limb"), ("Kept by target", "target"), ("Points at toe", "toe")],
            lambda p, k: p.limbs[k].end_hold,
            set_end_hold,
            rewires=True,
        )
        self.row("End angle", self.hold)
        self.row("Posed by", self.kept(ChoiceField(
            "Posed by", lambda _p, _k: [("Its target", 0.0), ("Its own turns", 1.0)],
            lambda _p, k: float(value(session.pose, k, "blend") >= 0.5),
            Writer(session, "Posing", on_both(posed_by)),
        )))  # fmt: skip
        self.row("Blend", self.kept(NumberField(
            "Blend", lambda _p, k: value(session.pose, k, "blend") * 100, Writer(session, "Blend", blended),
            unit=" %", digits=0, least=0, most=100,
        )))  # fmt: skip
        self.row("Soften, stretch", self._share("soften", 50, 2), self._share("stretch", 300))
        self.row("Solving", self.choice(
            "Solving",
            lambda _p, _k: [("To the target", True), ("Off", False)],
            lambda p, k: p.limbs[k].enabled,
            lambda p, k, v: change(p, k, enabled=v),
            rewires=True,
        ))  # fmt: skip

    def _share(self, what: str, most: float, digits: int = 0) -> NumberField:
        """A share of the limb's length, in percent."""
        return self.number(
            what.capitalize(),
            lambda p, k: getattr(p.limbs[k], what) * 100,
            lambda p, k, v: change(p, k, **{what: v / 100}),
            unit=" %", digits=digits, least=0, most=most,
        )  # fmt: skip

    def show_for(self, keys: list[str]) -> None:
        super().show_for(keys)
        puppet = self.session.puppet
        single = len(keys) == 1 and len(puppet.limbs[keys[0]].joints) == 2
        self.card.setVisible(single)
        self.bends.setVisible(single)
        self.hold.setEnabled(all(puppet.limbs[key].end for key in keys))
        self.bars.setEnabled(len(keys) == 1)
        self.bars.show_limb(keys[0])
        if single:
            self.card.show_limb(keys[0])

    def describe(self, puppet: Puppet, keys: list[str]) -> str:
        if len(keys) > 1:
            return tr("limbs")
        limb = puppet.limbs[keys[0]]
        names = ", ".join(puppet.joints[key].name.lower() for key in limb.joints)
        tip = tr("; tip at {name}", name=puppet.joints[limb.end].name.lower()) if limb.end else ""
        return tr("limb of {count}: {names}{tip}", count=len(limb.joints), names=names, tip=tip)


def _followable(puppet: Puppet, key: str) -> list[tuple[str, Any]]:
    """The board, and every joint that the limb does not move itself."""
    limb = puppet.limbs[key]
    moved = {k for joint in limb.joints for k in branch(puppet, joint)} | {limb.target}
    hooks = targets(puppet)
    joints = [(joint.name, k) for k, joint in puppet.joints.items() if k not in moved and k not in hooks]
    return [("The board", None), *joints]
