"""Details of joints: pivot, bone, side, and how far they turn."""

import math

from msgspec.structs import replace

from umbrite.desk.commands import limit_commands
from umbrite.desk.panels.details.fields import NumberField, Writer, on_puppet
from umbrite.desk.panels.details.section import Read, Section, Write, name_of
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.themes import side_words
from umbrite.rig.change import change
from umbrite.rig.edits.bones import set_angle, set_length
from umbrite.rig.edits.limits import mended, set_fixed, set_limit, set_loose, set_sizes, set_soft
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.edits.renaming import rename
from umbrite.rig.edits.rest import bone_angle, bone_length, set_bone_angle, set_bone_length
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch, is_carrier
from umbrite.rig.model import Loose, Puppet
from umbrite.rig.quantities.angles import from_shown, shown_degrees


class JointSection(Section):
    """Pivot, side, and how far it turns. Limits are shown from the smaller to the larger angle as people see them."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self.row("Name", self.text("Name", name_of, rename))
        self.row("Pivot", *(self.number(f"Pivot {c}", _pivot(c), _put_pivot(c), unit=" px") for c in "xy"))
        self.bone = [
            self.number("Length", _length, _put_length, unit=" px", least=2),
            self.number(
                "Angle", _angle, lambda p, k, v: _put_angle(p, k, from_shown(v)), unit="°", least=-180, most=180
            ),
        ]
        self.row("Length, angle", *self.bone)
        self.bone_row = self.form.rowCount() - 1
        self.row("Side", self.choice(
            "Side", lambda p, _k: _sides(p), lambda p, k: p.joints[k].side, lambda p, k, v: change(p, k, side=v)
        ))  # fmt: skip
        self.row("Limits", *(
            self.kept(NumberField(label, _limit(end), _limit_writer(session, label, end), unit="°", least=-36000, most=36000, none="no limit"))
            for label, end in (("Lower limit", "largest"), ("Upper limit", "smallest"))
        ))  # fmt: skip
        self.soft = self.number(
            "Soft ends",
            lambda p, k: math.degrees(limit.soft) if (limit := p.joints[k].limit) else 0.0,
            lambda p, k, v: set_soft(p, k, math.radians(v)),
            unit="°", least=0, most=180,
        )  # fmt: skip
        give = self.number(
            "Give",
            lambda p, k: p.joints[k].give * 100,
            lambda p, k, v: change(p, k, give=v / 100),
            unit=" %", digits=0, least=0, most=100,
        )  # fmt: skip
        self.catches = self.choice(
            "A click picks",
            lambda _p, _k: [("The part clicked", False), ("This carrier", True)],
            lambda p, k: p.joints[k].catches,
            lambda p, k, v: change(p, k, catches=v),
        )
        self.row("A click picks", self.catches)
        self.catches_row = self.form.rowCount() - 1
        self.row("Moving", self.choice(
            "Moving", lambda _p, _k: [("Free", False), ("Fixed", True)], lambda p, k: p.joints[k].fixed,
            lambda p, k, v: set_fixed(p, k, on=v),
        ))  # fmt: skip
        self.row("Sizes", *(
            self.number(label, _size(end), _put_size(end), unit=" %", digits=0, least=0, most=10_000, none="any")
            for label, end in (("Smallest size", "smallest"), ("Largest size", "largest"))
        ))  # fmt: skip
        self.row("Soft ends", self.soft)
        self.row("Give", give)
        self._add_swing_rows()
        self.free = self.button("Remove limit", lambda: limit_commands.free_limits(session))

    def _add_swing_rows(self) -> None:
        """What hangs loose: how it swings."""
        self.row("Swings", self.choice(
            "Swings",
            lambda _p, _k: [("No", False), ("Yes", True)],
            lambda p, k: p.joints[k].loose is not None,
            lambda p, k, v: set_loose(p, k, (p.joints[k].loose or Loose()) if v else None),
        ))  # fmt: skip
        first = self.form.rowCount()
        self.row(
            "Swings, damping",
            self.number("Swings a second", _swing("frequency"), _put_swing("frequency"), unit="/s", digits=2, least=0.05, most=20),
            self.number("Damping", _swing("damping", 100), _put_swing("damping", 100), unit=" %", digits=0, least=0, most=1000),
        )  # fmt: skip
        self.row(
            "Weight, how far",
            self.number("Weight", _swing("weight", 100), _put_swing("weight", 100), unit=" %", digits=0, least=0, most=1000),
            self.number("How far", _swing("reach", 180 / math.pi), _put_swing("reach", 180 / math.pi), unit="°", digits=0, least=1, most=180),
        )  # fmt: skip
        self.swing_rows = range(first, self.form.rowCount())

    def show_for(self, keys: list[str]) -> None:
        super().show_for(keys)
        joints = [self.session.puppet.joints[key] for key in keys]
        self.free.setVisible(any(joint.limit for joint in joints))
        self.form.setRowVisible(self.catches_row, all(is_carrier(self.session.puppet, key) for key in keys))
        self.form.setRowVisible(self.bone_row, all(_has_length(self.session.puppet, key) for key in keys))
        self.soft.setEnabled(all(joint.limit for joint in joints))
        for row in self.swing_rows:
            self.form.setRowVisible(row, all(joint.loose for joint in joints))

    def describe(self, puppet: Puppet, keys: list[str]) -> str:
        if len(keys) > 1:
            return tr("joints")
        joint = puppet.joints[keys[0]]
        kind = (
            "master" if joint.role else "bone" if joint.tip else "carrier" if is_carrier(puppet, keys[0]) else "joint"
        )
        by = tr("carried by {name}", name=puppet.joints[joint.parent].name) if joint.parent else tr("free")
        count = len(branch(puppet, keys[0])) - 1
        return f"{tr(kind)}, {by}" + (tr(", carries {count}", count=count) if count else "")


def _has_length(puppet: Puppet, key: str) -> bool:
    try:
        return bone_length(puppet, key) > 0
    except RigError:
        return False


def _length(puppet: Puppet, key: str) -> float:
    return bone_length(puppet, key) if _has_length(puppet, key) else 0.0


def _angle(puppet: Puppet, key: str) -> float:
    return shown_degrees(bone_angle(puppet, key)) if _has_length(puppet, key) else 0.0


def _put_length(puppet: Puppet, key: str, length: float) -> Puppet:
    """A bone gets another length; of a joint that is art alone, what lies beyond its end moves with its art."""
    return (
        set_length(puppet, key, length)
        if puppet.joints[key].tip is not None
        else set_bone_length(puppet, key, length)[0]
    )


def _put_angle(puppet: Puppet, key: str, angle: float) -> Puppet:
    return (
        set_angle(puppet, key, angle) if puppet.joints[key].tip is not None else set_bone_angle(puppet, key, angle)[0]
    )


def _pivot(axis: str) -> Read:
    return lambda puppet, key: getattr(puppet.joints[key].pivot, axis)


def _put_pivot(axis: str) -> Write:
    def write(puppet: Puppet, key: str, value: float) -> Puppet:
        pivot = puppet.joints[key].pivot
        return move_pivot(puppet, key, complex(value, pivot.y) if axis == "x" else complex(pivot.x, value))

    return write


def _sides(puppet: Puppet) -> list[tuple[str, str]]:
    words = side_words(joint.name for joint in puppet.joints.values())
    return [(word, side) for side, word in words.items()]


def _size(end: str) -> Read:
    return lambda puppet, key: getattr(sizes, end) * 100 if (sizes := puppet.joints[key].sizes) else None


def _put_size(end: str) -> Write:
    """One end of the sizes; 0 lets the joint have any size again."""

    def write(puppet: Puppet, key: str, value: float) -> Puppet:
        if value <= 0:
            return set_sizes(puppet, key, None, None)
        return set_sizes(puppet, key, **{"smallest": None, "largest": None, end: value / 100})

    return write


def _swing(what: str, times: float = 1.0) -> Read:
    return lambda puppet, key: getattr(puppet.joints[key].loose or Loose(), what) * times


def _put_swing(what: str, times: float = 1.0) -> Write:
    def write(puppet: Puppet, key: str, value: float) -> Puppet:
        return set_loose(puppet, key, replace(puppet.joints[key].loose or Loose(), **{what: value / times}))

    return write


def _limit(end: str) -> Read:
    def read(puppet: Puppet, key: str) -> float | None:
        limit = puppet.joints[key].limit
        if limit is None:
            return None
        return shown_degrees(getattr(limit, end))

    return read


def _ends(puppet: Puppet, key: str, end: str, degrees: float) -> dict[str, float]:
    limit = puppet.joints[key].limit
    ends = {"smallest": limit.smallest if limit else -math.pi, "largest": limit.largest if limit else math.pi}
    return {**ends, end: from_shown(degrees)}


def _limit_writer(session: Session, label: str, end: str) -> Writer:
    """Puts one end of a limit; ends that were the wrong way round are mended, which is said."""
    return Writer(
        session,
        label,
        on_puppet(lambda puppet, key, degrees: set_limit(puppet, key, **_ends(puppet, key, end, degrees))),
        lambda puppet, key, degrees: mended(**_ends(puppet, key, end, degrees))[1],
    )
