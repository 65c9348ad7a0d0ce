"""A baked take as an animation of glTF: channels of nodes and of shapes, and what comes and goes."""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.files.engines.gltf_binary import Json
from umbrite.files.engines.gltf_scene import DEPTH, UNIT, GltfScene, quaternions
from umbrite.motion.baking.node_tree import Node
from umbrite.motion.baking.take_keys import NodeTracks, TakeKeys
from umbrite.motion.baking.thinning import fewest_keys

Ints = NDArray[np.intp]
UNSEEN = 1 / 1024  # of opacity


class Channel(NamedTuple):
    """What an animation does to one thing: frames counted from its first, values there, and whether each holds until the next."""

    target: Json
    frames: Ints
    values: NDArray[np.generic]
    holds: bool = False


def animation(scene: GltfScene, number: int, keys: TakeKeys) -> Json | None:
    """A take, by its number in the tree; None where nothing moves in it, since an animation has at least one channel."""
    tree, take = scene.tree, scene.tree.takes[number]
    span = tree.spans[number]
    found: list[Channel] = []
    for i, (node, tracks) in enumerate(zip(tree.nodes, keys.nodes, strict=True)):
        found += _moving(i + 1, node, tracks)
        if node.depths is not None:
            found += _passing(i + 1, node.depths[span], node.depth)
        if node.shown is not None:
            found += _coming_and_going(
                i + 1, node.shown[span], at_rest=bool(node.shown[0]), pointed=i in scene.by_extension
            )
    found += [
        Channel({"node": scene.skinned[key], "path": "weights"}, track.frames, track.values.ravel())
        for key, track in keys.shapes.items()
        if key in scene.skinned
    ]
    found += _fading(scene, number)
    if not found:
        return None
    numbers = scene.binary.numbers
    told = {"loop": take.loop, "rate": take.rate, "first": take.first, "last": take.last}
    return {
        "name": take.name,
        "channels": [{"sampler": i, "target": each.target} for i, each in enumerate(found)],
        "samplers": [
            {
                "input": numbers(_times(each, take.rate), bounds=True),
                "output": numbers(each.values),
                "interpolation": "STEP" if each.holds else "LINEAR",
            }
            for each in found
        ],
        "extras": {"umbrite": told},
    }


def _times(channel: Channel, rate: float) -> NDArray[np.float64]:
    """When keys are, seconds. What holds is never late by the rounding of single precision: at its frame it is there."""
    times = np.asarray(channel.frames / rate, dtype=np.float64)
    single = times.astype(np.float32)
    late = channel.holds & (single > times)
    return np.where(late, np.nextafter(single, np.float32(0)), single).astype(np.float64)


def _moving(number: int, node: Node, tracks: NodeTracks) -> list[Channel]:
    """What moves of a node."""
    found = []
    if (track := tracks.shift) is not None:
        x, y = track.values.T
        values = np.stack([x, -y, np.full(len(x), node.depth * DEPTH)], axis=-1) * UNIT
        found.append(Channel({"node": number, "path": "translation"}, track.frames, values))
    if (track := tracks.turn) is not None:
        found.append(Channel({"node": number, "path": "rotation"}, track.frames, quaternions(-track.values[:, 0])))
    if (track := tracks.scale) is not None:
        values = np.concatenate([track.values, np.ones((len(track.values), 1))], axis=1)
        found.append(Channel({"node": number, "path": "scale"}, track.frames, values))
    return found


def _passing(number: int, depths: Ints, at_rest: int) -> list[Channel]:
    """Keys where a flat part passes before or behind others."""
    frames = np.flatnonzero(np.concatenate([[True], depths[1:] != depths[:-1]]))
    if len(frames) == 1 and depths[0] == at_rest:
        return []
    values = np.stack([0 * frames, 0 * frames, depths[frames] * DEPTH * UNIT], axis=-1).astype(np.float64)
    return [Channel({"node": number, "path": "translation"}, frames, values, holds=True)]


def _fading(scene: GltfScene, number: int) -> list[Channel]:
    """Keys of materials whose parts fade, where the extension for that may be used."""
    placed, found = scene.tree.played[number + 1], []
    for key, material in scene.fading.items():
        opaque = placed.opacities()[:, [placed.plan.owners[key]]]
        frames = fewest_keys(opaque, UNSEEN)
        if len(frames) == 1 and opaque[0, 0] == scene.tree.puppet.parts[key].opacity:
            continue
        pointer = f"/materials/{material}/pbrMetallicRoughness/baseColorFactor"
        target: Json = {"path": "pointer", "extensions": {"KHR_animation_pointer": {"pointer": pointer}}}
        values = np.concatenate([np.ones((len(frames), 3)), opaque[frames]], axis=1)
        found.append(Channel(target, frames, values))
    return found


def _coming_and_going(number: int, shown: NDArray[np.bool_], *, at_rest: bool, pointed: bool) -> list[Channel]:
    """Keys where a part comes or goes; none where it stays as it is at rest."""
    frames = np.flatnonzero(np.concatenate([[True], shown[1:] != shown[:-1]]))
    if len(frames) == 1 and bool(shown[0]) == at_rest:
        return []
    if pointed:
        pointer = f"/nodes/{number}/extensions/KHR_node_visibility/visible"
        target: Json = {"path": "pointer", "extensions": {"KHR_animation_pointer": {"pointer": pointer}}}
        return [Channel(target, frames, shown[frames].astype("u1"), holds=True)]
    there = np.repeat(shown[frames].astype(np.float64)[:, None], 3, axis=1)
    return [Channel({"node": number, "path": "scale"}, frames, there, holds=True)]
