"""How a part looks, and how a limb reaches, in the pose that is seen: what Takes can key besides places and turns."""

from typing import Any

from msgspec.structs import replace

from umbrite.desk.panels.details.fields import ChoiceField, NumberField, Writer
from umbrite.desk.panels.details.section import Section
from umbrite.desk.panels.timeline.held_words import HOLD_WORDS
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr
from umbrite.motion.animating.changing_over import held_otherwise
from umbrite.motion.evaluate import evaluate
from umbrite.motion.matching import end_held
from umbrite.motion.plan import compile_plan
from umbrite.motion.totals import total, with_totals
from umbrite.rig.channels import CLIPS, HOLDS
from umbrite.rig.document import Document
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take_list import get_take, put_take

CLIP_WORDS = [("As at rest", 0), *((word.capitalize(), i + 1) for i, word in enumerate(CLIPS))]
SHOWN_WORDS = [("As at rest", 0), ("Shown", 1), ("Hidden", -1)]


class PosedSection(Section):
    """Fields of channels, read as they count and written into the pose. Shown in Rehearse and Takes."""

    def share(self, label: str, what: str, most: float, digits: int = 0) -> NumberField:
        """A number in percent: what the thing itself has at rest (its field of the same name) and what the pose adds."""

        def read(puppet: Puppet, key: str) -> float:
            own: float = getattr(puppet.parts.get(key) or puppet.limbs[key], what)
            return min(max(own + total(self.session.placed, f"{key}.{what}"), 0.0), most / 100) * 100

        def write(document: Document, key: str, percent: float) -> Document:
            own = getattr(document.puppet.parts.get(key) or document.puppet.limbs[key], what)
            return _posed(document, f"{key}.{what}", percent / 100 - own)

        field = NumberField(
            label, read, Writer(self.session, label, write), unit=" %", digits=digits, least=0, most=most
        )
        return self.kept(field)

    def told(self, label: str, what: str, words: list[tuple[str, int]]) -> ChoiceField:
        """One of some named numbers."""
        return self.kept(
            ChoiceField(
                label,
                lambda _p, _k: words,
                lambda _p, k: round(total(self.session.placed, f"{k}.{what}")),
                Writer(self.session, label, lambda d, k, v: _posed(d, f"{k}.{what}", float(v))),
            )
        )

    def show_for(self, keys: list[str]) -> None:
        super().show_for(keys)
        self.about.hide()


class PartLooks(PosedSection):
    """Opacity, depth, whether a part shows and where it is clipped."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self.row("Opacity", self.share("Opacity now", "opacity", 100))
        self.row("Places forward", self.kept(NumberField(
            "Depth now", lambda _p, k: total(session.placed, f"{k}.depth"),
            Writer(session, "Depth now", lambda d, k, v: _posed(d, f"{k}.depth", v)), digits=1, least=-999, most=999,
        )))  # fmt: skip
        self.row("Shows", self.told("Shown now", "visible", SHOWN_WORDS))
        self.clip = self.told("Clip now", "clip", CLIP_WORDS)
        self.row("Clipped", self.clip)

    def show_for(self, keys: list[str]) -> None:
        super().show_for(keys)
        self.heading.setText(tr("Look in this pose"))
        clipped = all(self.session.puppet.parts[key].clip is not None for key in keys)
        self.clip.setEnabled(clipped)
        self.clip.setToolTip("" if clipped else tr("Choose in Parts what clips it; here it can be switched."))


class LimbReach(PosedSection):
    """Soften, stretch, and what keeps the end's angle."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self.row(
            "Soften, stretch", self.share("Soften now", "soften", 50, 2), self.share("Stretch now", "stretch", 300)
        )
        self.hold = self.kept(
            ChoiceField(
                "End angle now", _holds, lambda _p, k: round(total(session.placed, f"{k}.hold")), self._writer()
            )
        )
        self.row("End angle", self.hold)

    def _writer(self) -> Writer:
        session = self.session

        def write(document: Document, key: str, number: int) -> Document:
            placed = evaluate(compile_plan(document.puppet), document.pose)
            return replace(document, pose=end_held(placed, document.pose, key, number))

        return _HoldWriter(session, "End angle now", write)

    def show_for(self, keys: list[str]) -> None:
        super().show_for(keys)
        self.heading.setText(tr("Reach in this pose"))
        self.hold.setEnabled(all(self.session.puppet.limbs[key].end for key in keys))


class _HoldWriter(Writer):
    """In a take that keys as one poses, the end keeps its way from here on, also at the keys that come later."""

    def __call__(self, keys: Any, value: Any) -> None:
        session = self.session
        take = session.timeline.take if session.workspace.station.timed and session.timeline.keying else None
        if take is None or session.timeline.unkept:
            super().__call__(keys, value)
            return

        def work() -> None:
            takes = session.history.now.takes
            for key in keys:
                now = get_take(takes, take.name)
                takes = put_take(
                    takes, take.name, held_otherwise(now, session.puppet, key, value, session.timeline.frame)
                )
            name = session.puppet.limbs[keys[0]].name if len(keys) == 1 else tr("{count} limbs", count=len(keys))
            session.edit(tr("{step} of {name}", step=tr(self.step), name=name), takes=takes)

        attempt(session, work)


def _holds(puppet: Puppet, key: str) -> list[tuple[str, int]]:
    known = [hold for hold in HOLDS if hold != "toe" or puppet.limbs[key].toe is not None]
    return [("As at rest", 0), *((HOLD_WORDS[hold], HOLDS.index(hold) + 1) for hold in known)]


def _posed(document: Document, name: str, number: float) -> Document:
    placed = evaluate(compile_plan(document.puppet), document.pose)
    return replace(document, pose=with_totals(placed, document.pose, {name: number}))
