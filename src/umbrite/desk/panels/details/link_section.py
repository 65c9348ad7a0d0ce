"""Details of a link: what follows what, and the curve between them, drawn and dragged."""

from msgspec.structs import replace

from umbrite.desk.panels.details.curve_edit import Curve, CurveEdit
from umbrite.desk.panels.details.section import Read, Section, Write, name_of
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr
from umbrite.rig.change import change
from umbrite.rig.channels import channel_word, linkable_channels, shown_unit
from umbrite.rig.edits.links import relink, set_curve
from umbrite.rig.edits.renaming import rename
from umbrite.rig.model import Puppet


class LinkSection(Section):
    """See the module."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self.key = ""
        self.curve = CurveEdit(session, self._curve_changed, lambda: self.show_for([self.key]))
        self.column.insertWidget(2, self.curve)
        self.row("Point at, gives", *(
            self.number(label, self._read_point(axis), self._put_point(axis), digits=2, none=tr("click one")) for label, axis in (("Point at", "x"), ("Point gives", "y"))
        ))  # fmt: skip
        self.row("Name", self.text("Name", name_of, rename))
        self.row("Follows", self.choice(
            "Follows", lambda p, _k: _sources(p), lambda p, k: (p.links[k].source, p.links[k].travel),
            lambda p, k, v: relink(p, k, source=v[0], travel=v[1]),
        ))  # fmt: skip
        self.row("Value", self.choice(
            "Value", lambda p, _k: [(channel_word(p, c), c) for c in linkable_channels(p)], lambda p, k: p.links[k].drives,
            lambda p, k, v: relink(p, k, drives=v),
        ))  # fmt: skip
        self.row("Between points", self.choice(
            "Between points", lambda _p, _k: [("Straight", False), ("Smooth", True)], lambda p, k: p.links[k].smooth,
            lambda p, k, v: change(p, k, smooth=v),
        ))  # fmt: skip

    def show_for(self, keys: list[str]) -> None:
        super().show_for(keys)
        self.key = keys[0]
        self.curve.show_link(self.session.puppet.links[self.key])

    def _read_point(self, axis: str) -> Read:
        def read(puppet: Puppet, key: str) -> float | None:
            points, chosen = puppet.links[key].points, self.curve.chosen
            return getattr(points[chosen], axis) * _unit(puppet, key, axis) if 0 <= chosen < len(points) else None

        return read

    def _put_point(self, axis: str) -> Write:
        def write(puppet: Puppet, key: str, value: float) -> Puppet:
            points, chosen = list(puppet.links[key].points), self.curve.chosen
            if not 0 <= chosen < len(points):
                return puppet
            points[chosen] = replace(points[chosen], **{axis: value / _unit(puppet, key, axis)})
            changed = set_curve(puppet, key, points)
            self.curve.chosen = changed.links[key].points.index(points[chosen])
            return changed

        return write

    def _curve_changed(self, points: Curve, settle: bool) -> None:  # noqa: FBT001  a callback's plain word
        session = self.session

        def work() -> None:
            puppet = set_curve(session.history.now.puppet, self.key, points)
            if settle:
                session.edit(tr("Curve of {name}", name=puppet.links[self.key].name), puppet=puppet)
            else:
                session.preview(puppet=puppet)

        attempt(session, work)

    def describe(self, puppet: Puppet, keys: list[str]) -> str:
        link = puppet.links[keys[0]]
        source = (
            tr("way of {name} along the board", name=puppet.joints[link.source].name)
            if link.travel
            else channel_word(puppet, link.source)
        )
        return tr("{drives} follows {source}", drives=channel_word(puppet, link.drives), source=source)


def _unit(puppet: Puppet, key: str, axis: str) -> float:
    """By what a point's number is multiplied for people."""
    link = puppet.links[key]
    if axis == "x" and link.travel:
        return 1.0
    return shown_unit(link.source if axis == "x" else link.drives)


def _sources(puppet: Puppet) -> list[tuple[str, tuple[str, bool]]]:
    channels = [(channel_word(puppet, c), (c, False)) for c in linkable_channels(puppet, sources=True)]
    return [
        *channels,
        *((tr("{name}: way along the board", name=joint.name), (key, True)) for key, joint in puppet.joints.items()),
    ]
