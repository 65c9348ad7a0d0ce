"""Layers of which one shows: groups that look like variant sets, and sets made of them."""

from collections.abc import Container, Iterable, Mapping

from umbrite.files.layers import Group, Layer, Layered, parts_from
from umbrite.files.package import Package
from umbrite.rig.change import change, take_out
from umbrite.rig.edits.variants.sets import make_set, order_variant, rename_variant, set_rest
from umbrite.rig.model import Puppet
from umbrite.rig.words.body_words import kind_of
from umbrite.rig.words.names import side_of, side_word, tidy
from umbrite.rig.words.variant_words import DRAWN_OFTEN
from umbrite.rig.words.word_table import meaning, says_nothing

MARKS = (":", "/")
# Words of a group that tell limbs of one kind apart.
WHICH = frozenset({"hind", "front", "first", "second", "third", "fourth", "fifth", "sixth"})


def with_named_groups(layered: Layered) -> Layered:
    """The same with layers such as `eyes: half` and `eyes/open` in a group of that name, where several share it."""
    count: dict[tuple[Group, str], int] = {}
    for layer in layered.layers:
        if (found := _split(layer)) is not None:
            count[layer.groups, found[0]] = count.get((layer.groups, found[0]), 0) + 1
    if not any(number > 1 for number in count.values()):
        return layered
    layers = []
    for layer in layered.layers:
        found = _split(layer)
        shared = found is not None and count[layer.groups, found[0]] > 1
        layers.append(layer._replace(name=found[1], groups=(*layer.groups, found[0])) if found and shared else layer)
    return layered._replace(layers=tuple(layers))


def grouped_puppet(layered: Layered) -> Package:
    """A new puppet of a picture whose groups mean what they mean in the window: names and sides, and sets of which one layer shows."""
    named = named_by_groups(with_named_groups(layered))
    package, made = parts_from(named)
    return package.having(in_sets(package.puppet, made, sets_proposed(named.layers)))


def named_by_groups(layered: Layered) -> Layered:
    """The same with layers named by the groups in which they lie, where their own names say less: `lower` in `Arm L` is `Arm L lower`, `hand` in
    `Left arm` is `Left hand`, and `foot` in `Hind leg` is `hind foot`. Layers of groups that look like sets keep their names.
    """
    sets = sets_proposed(layered.layers)
    layers = [layer if layer.groups in sets else layer._replace(name=_name_in(layer)) for layer in layered.layers]
    return layered._replace(layers=tuple(layers))


def _name_in(layer: Layer) -> str:
    name = layer.name
    for group in reversed(layer.groups):
        if says_nothing(group):
            continue
        if not kind_of(name) and kind_of(f"{group} {name}"):
            name = f"{group} {name}"
        elif side_of(name) == "middle" and side_of(group) != "middle" and (kind_of(name) or not kind_of(group)):
            name = f"{side_word(group)} {name}"
        if kind_of(name) and (more := [word for word in meaning(group) if word in WHICH and word not in meaning(name)]):
            name = f"{' '.join(more)} {name}"
    return name


def _split(layer: Layer) -> tuple[str, str] | None:
    for mark in MARKS:
        before, found, after = layer.name.partition(mark)
        if found and before.strip() and after.strip():
            return before.strip(), after.strip()
    return None


def sets_proposed(layers: Iterable[Layer]) -> frozenset[Group]:
    """Groups that look like sets: of two or more layers and no groups, by their name, or because one of their layers is seen only."""
    inside: dict[Group, list[Layer]] = {}
    deeper: set[Group] = set()
    for layer in layers:
        inside.setdefault(layer.groups, []).append(layer)
        deeper.update(layer.groups[:depth] for depth in range(1, len(layer.groups)))
    return frozenset(
        path
        for path, own in inside.items()
        if path and path not in deeper and len(own) > 1 and (_named(path[-1]) or sum(each.visible for each in own) == 1)
    )


def _named(name: str) -> bool:
    return bool(set(tidy(name).casefold().split()) & DRAWN_OFTEN)


def in_sets(puppet: Puppet, made: Mapping[str, Layer], sets: Container[Group]) -> Puppet:
    """The puppet in which the parts of these groups ride on one joint each, as variants; what was seen shows at rest."""
    groups: dict[Group, list[str]] = {}
    for key, layer in made.items():
        if layer.groups in sets:
            groups.setdefault(layer.groups, []).append(key)
    for path, keys in groups.items():
        if len(keys) < 2:
            continue
        seen = next((key for key in keys if made[key].visible), keys[-1])
        joint = puppet.parts[seen].joint
        name = tidy(path[-1])
        for key in keys:
            left = puppet.parts[key].joint
            puppet = change(puppet, key, joint=joint, visible=True)
            if left != joint:
                puppet = take_out(puppet, left)
        puppet = change(puppet, joint, name=_free(puppet, joint, name))
        puppet, one = make_set(puppet, keys, name)
        for variant in puppet.sets[one].variants:
            puppet = rename_variant(puppet, one, variant.number, tidy(made[variant.parts[0]].name))
        number = keys.index(seen) + 1
        puppet = order_variant(set_rest(puppet, one, number), one, number, 0)
    return puppet


def _free(puppet: Puppet, joint: str, name: str) -> str:
    taken = {each.name for key, each in puppet.joints.items() if key != joint}
    return name if name not in taken else puppet.joints[joint].name
