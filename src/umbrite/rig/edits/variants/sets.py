"""Variant sets made and changed: which drawings and branches belong to them, which of them shows at rest."""

from collections.abc import Iterable, Sequence

from msgspec.structs import replace

from umbrite.rig.change import change, get_joint, get_part, names_like, new_id, put, take_out, thing
from umbrite.rig.errors import RigError, readable
from umbrite.rig.family import branch
from umbrite.rig.ids import id_kind
from umbrite.rig.model import Puppet, Variant, VariantSet
from umbrite.rig.words.names import unique


def get_set(puppet: Puppet, key: str) -> VariantSet:
    """A set by its id. Raises MissingError."""
    found: VariantSet = thing(puppet, key)
    return found


def get_variant(puppet: Puppet, key: str, number: int) -> Variant:
    """A variant of a set by its number. Raises RigError."""
    one = get_set(puppet, key)
    for variant in one.variants:
        if variant.number == number:
            return variant
    raise RigError(f"{one.name} has no such variant any more. Choose another one.")


def set_of(puppet: Puppet, member: str) -> tuple[str, Variant] | None:
    """The set and the variant to which a part or joint belongs itself; None where it is in none."""
    for key, one in puppet.sets.items():
        for variant in one.variants:
            if member in variant.parts or member in variant.joints:
                return key, variant
    return None


def members_of(one: VariantSet) -> list[str]:
    """The ids of all parts and joints of which a set lets one variant show."""
    return [member for variant in one.variants for member in (*variant.parts, *variant.joints)]


def make_set(puppet: Puppet, members: Sequence[str], name: str = "") -> tuple[Puppet, str]:
    """A set of parts or joints, with all that they carry, each of them a variant; at rest the first shows.

    Refuses fewer than two, what is in a set already, and branches of which one carries another.
    """
    if len(members) < 2:
        raise RigError("A set needs two or more things of which one shows. Select them with Shift first.")
    puppet, key = new_id(puppet, "set")
    shared = name or _shared_name([str(thing(puppet, member).name) for member in members])
    made = VariantSet(unique(shared, names_like(puppet, "set")), (), 1)
    puppet = put(puppet, key, made)
    for member in members:
        puppet, _ = add_variant(puppet, key, [member], _own_name(shared, str(thing(puppet, member).name)))
    return puppet, key


def _shared_name(names: list[str]) -> str:
    """The words with which all names begin, or the first name."""
    words = [name.split() for name in names]
    count = 0
    while all(len(each) > count and each[count].casefold() == words[0][count].casefold() for each in words):
        count += 1
    return " ".join(words[0][:count]) or f"{names[0]} set"


def _own_name(shared: str, name: str) -> str:
    left = name[len(shared) :].strip() if name.casefold().startswith(shared.casefold()) else name
    return left[:1].upper() + left[1:] if left else name


def add_variant(puppet: Puppet, key: str, members: Iterable[str], name: str = "") -> tuple[Puppet, int]:
    """One more variant of a set, of parts and joints (or of nothing: then nothing shows). Returns its number.

    Refuses what is in a set already, and branches that carry each other.
    """
    one, wanted = get_set(puppet, key), list(dict.fromkeys(members))
    parts = tuple(member for member in wanted if id_kind(member) == "part")
    joints = tuple(member for member in wanted if id_kind(member) == "joint")
    for part in parts:
        get_part(puppet, part)
    for joint in joints:
        get_joint(puppet, joint)
    _refuse_members(puppet, key, parts, joints)
    number = max((variant.number for variant in one.variants), default=0) + 1
    title = unique(readable(name) or "Variant", [variant.name for variant in one.variants])
    variants = (*one.variants, Variant(number, title, parts, joints))
    return change(puppet, key, variants=variants), number


def join_variant(puppet: Puppet, key: str, number: int, parts: Iterable[str]) -> Puppet:
    """More parts for a variant that is there: a shade, a cover. Refuses what is in a set already."""
    variant, more = get_variant(puppet, key, number), tuple(dict.fromkeys(parts))
    for part in more:
        get_part(puppet, part)
    _refuse_members(puppet, key, more, ())
    return _with(puppet, key, replace(variant, parts=(*variant.parts, *more)))


def _refuse_members(puppet: Puppet, key: str, parts: tuple[str, ...], joints: tuple[str, ...]) -> None:
    for member in (*parts, *joints):
        if (found := set_of(puppet, member)) is not None:
            name, other = thing(puppet, member).name, puppet.sets[found[0]].name
            raise RigError(f"{name} belongs to {other} already. Take it out of there first.")
    own = [joint for variant in puppet.sets[key].variants for joint in variant.joints]
    for joint in joints:
        below = set(branch(puppet, joint))
        for other in (*own, *joints):
            if other != joint and (other in below or joint in branch(puppet, other)):
                names = puppet.joints[joint].name, puppet.joints[other].name
                raise RigError(
                    f"{names[0]} and {names[1]} carry one another, so they can't take turns. Choose branches side by side."
                )


def rename_variant(puppet: Puppet, key: str, number: int, name: str) -> Puppet:
    """Give a variant another name. Refuses an empty one, and one that another variant of the set has."""
    title = readable(name)
    if not title:
        raise RigError("A variant needs a name; it keeps the one it has.")
    if any(other.name == title and other.number != number for other in get_set(puppet, key).variants):
        raise RigError(f"{title} is the name of another variant of this set. Choose a different one.")
    return _with(puppet, key, replace(get_variant(puppet, key, number), name=title))


def _with(puppet: Puppet, key: str, variant: Variant) -> Puppet:
    variants = (variant if each.number == variant.number else each for each in get_set(puppet, key).variants)
    return change(puppet, key, variants=tuple(variants))


def order_variant(puppet: Puppet, key: str, number: int, place: int) -> Puppet:
    """Put a variant at another place of its set, counted from 0: that is the order in which sliders and keys go through it."""
    variant = get_variant(puppet, key, number)
    others = [each for each in get_set(puppet, key).variants if each.number != number]
    at = min(max(place, 0), len(others))
    return change(puppet, key, variants=(*others[:at], variant, *others[at:]))


def set_rest(puppet: Puppet, key: str, number: int) -> Puppet:
    """Let another variant be the one that shows at rest."""
    get_variant(puppet, key, number)
    return change(puppet, key, rest=number)


def set_carries(puppet: Puppet, key: str, *, on: bool) -> Puppet:
    """Let the place of the hand be taken over when branches of this set are switched by hand, or not."""
    get_set(puppet, key)
    return change(puppet, key, carries=on)


def remove_variant(puppet: Puppet, key: str, number: int) -> Puppet:
    """Take a variant out of its set. What was not seen at rest stays so: its parts are hidden.

    The last one takes the set along; where the one at rest goes, the first of the others shows.
    """
    one, variant = get_set(puppet, key), get_variant(puppet, key, number)
    if len(one.variants) == 1:
        return remove_set(puppet, key)
    if number != one.rest:
        puppet = _hidden(puppet, variant)
    left = tuple(each for each in one.variants if each.number != number)
    rest = one.rest if number != one.rest else left[0].number
    return change(puppet, key, variants=left, rest=rest)


def remove_set(puppet: Puppet, key: str) -> Puppet:
    """Take a set away, and choosers of it. What was not seen at rest stays so: its parts are hidden."""
    one = get_set(puppet, key)
    for variant in one.variants:
        if variant.number != one.rest:
            puppet = _hidden(puppet, variant)
    return take_out(puppet, key)


def _hidden(puppet: Puppet, variant: Variant) -> Puppet:
    below = {key for joint in variant.joints for key in branch(puppet, joint)}
    for key, part in puppet.parts.items():
        if (key in variant.parts or part.joint in below) and part.visible:
            puppet = change(puppet, key, visible=False)
    return puppet
