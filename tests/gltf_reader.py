"""A reader of glTF 2.0 of the tests' own: pygltflib for the file, plain NumPy for what the standard says of nodes, skins and animations."""

from typing import NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray
from pygltflib import GLTF2

Array = NDArray[np.float64]
KINDS = {5126: np.dtype("<f4"), 5121: np.dtype("u1"), 5123: np.dtype("<u2"), 5125: np.dtype("<u4")}
WIDE = {"SCALAR": 1, "VEC2": 2, "VEC3": 3, "VEC4": 4, "MAT4": 16}


class Values(NamedTuple):
    """What a node has in one frame: translation, rotation, scale, the weights of its shapes, and whether it is seen by the extension."""

    translation: Array
    rotation: Array
    scale: Array
    weights: Array
    visible: bool
    opacity: float = 1.0


class Scene:
    """A file, and where everything in it lies."""

    def __init__(self, path):
        self.file = GLTF2().load(str(path))
        if self.file.binary_blob() is None:
            self.file.convert_buffers(self.file.buffers and __import__("pygltflib").BufferFormat.BINARYBLOB)
        self.blob = self.file.binary_blob()
        nodes = self.file.nodes
        self.parent = {child: i for i, node in enumerate(nodes) for child in node.children or []}

    def array(self, number):
        accessor = self.file.accessors[number]
        view = self.file.bufferViews[accessor.bufferView]
        kind, wide = KINDS[accessor.componentType], WIDE[accessor.type]
        at = (view.byteOffset or 0) + (accessor.byteOffset or 0)
        found = np.frombuffer(self.blob, kind, accessor.count * wide, at).astype(np.float64)
        return found.reshape(accessor.count, wide)

    def sheet(self, number):
        view = self.file.bufferViews[self.file.images[number].bufferView]
        data = np.frombuffer(self.blob, np.uint8, view.byteLength, view.byteOffset or 0)
        pixels = cv2.imdecode(data, cv2.IMREAD_UNCHANGED)
        return np.asarray(cv2.cvtColor(pixels, cv2.COLOR_BGRA2RGBA), dtype=np.uint8)

    def animation(self, name):
        return next(i for i, each in enumerate(self.file.animations) if each.name == name)

    def values(self, animation, time):
        """What every node has at a time of an animation; at rest without one."""
        found = []
        for node in self.file.nodes:
            mesh = self.file.meshes[node.mesh] if node.mesh is not None else None
            extension = (node.extensions or {}).get("KHR_node_visibility", {})
            found.append(
                Values(
                    np.array(node.translation or [0.0, 0, 0], dtype=float),
                    np.array(node.rotation or [0.0, 0, 0, 1], dtype=float),
                    np.array(node.scale or [1.0, 1, 1], dtype=float),
                    np.array((mesh.weights if mesh is not None else None) or [], dtype=float),
                    extension.get("visible", True),
                )
            )
        if animation is None:
            return found
        take = self.file.animations[animation]
        for channel in take.channels:
            sampler = take.samplers[channel.sampler]
            times = self.array(sampler.input)[:, 0]
            values = self.array(sampler.output).reshape(len(times), -1)
            value = _at(times, values, time, sampler.interpolation, channel.target.path)
            if channel.target.path == "pointer":
                pointer = channel.target.extensions["KHR_animation_pointer"]["pointer"]
                number = int(pointer.split("/")[2])
                if pointer.startswith("/materials"):
                    painted = [m.primitives[0].material for m in self.file.meshes]
                    for i, node in enumerate(self.file.nodes):
                        if node.mesh is not None and painted[node.mesh] == number:
                            found[i] = found[i]._replace(opacity=float(value[3]))
                else:
                    found[number] = found[number]._replace(visible=bool(value[0]))
            else:
                number = channel.target.node
                found[number] = found[number]._replace(**{channel.target.path: value})
        return found

    def places(self, values):
        """The world places of the vertices of every mesh, (vertices, 3), by the part that it is for; what is not seen is left out."""
        world = [self._world(i, values) for i in range(len(values))]
        found = {}
        for i, node in enumerate(self.file.nodes):
            if node.mesh is None or not self._seen(i, values):
                continue
            primitive = self.file.meshes[node.mesh].primitives[0]
            vertices = self.array(primitive.attributes.POSITION)
            for weight, target in zip(values[i].weights, primitive.targets or [], strict=True):
                vertices = vertices + weight * self.array(target["POSITION"])
            vertices = np.concatenate([vertices, np.ones((len(vertices), 1))], axis=1)
            if node.skin is None:
                placed = vertices @ world[i].T
            else:
                skin = self.file.skins[node.skin]
                binds = self.array(skin.inverseBindMatrices).reshape(-1, 4, 4).transpose(0, 2, 1)
                bones = np.stack([world[joint] @ bind for joint, bind in zip(skin.joints, binds, strict=True)])
                joints = self.array(primitive.attributes.JOINTS_0).astype(int)
                weights = self.array(primitive.attributes.WEIGHTS_0)
                placed = np.einsum("vj,vjab,vb->va", weights, bones[joints], vertices)
            for part, first, count in _parts(node, len(placed)):
                own = placed[first : first + count, :3]
                if np.ptp(own, axis=0)[:2].max() > 1e-5:  # squeezed to nothing: not seen
                    found[part] = own
        return found

    def board(self, placed):
        """World places as places of the board, pixels, y down."""
        told = self.file.nodes[0].extras["umbrite"]
        wide, tall = told["canvas"]
        unit = told["pixels_per_unit"]
        return placed[:, 0] * unit + wide / 2 + 1j * (tall - placed[:, 1] * unit)

    def pixels(self, part):
        """The sheet of a part's mesh, and where its vertices lie there, pixels."""
        node = next(
            each for each in self.file.nodes if each.mesh is not None and each.extras["umbrite"].get("part") == part
        )
        primitive = self.file.meshes[node.mesh].primitives[0]
        material = self.file.materials[primitive.material]
        number = self.file.textures[material.pbrMetallicRoughness.baseColorTexture.index].source
        tall, wide = self.sheet(number).shape[:2]
        uv = self.array(primitive.attributes.TEXCOORD_0)
        return number, uv[:, 0] * wide + 1j * uv[:, 1] * tall

    def _world(self, number, values):
        own = values[number]
        x, y, z, w = own.rotation
        turn = np.array(
            [
                [1 - 2 * (y * y + z * z), 2 * (x * y - z * w), 2 * (x * z + y * w)],
                [2 * (x * y + z * w), 1 - 2 * (x * x + z * z), 2 * (y * z - x * w)],
                [2 * (x * z - y * w), 2 * (y * z + x * w), 1 - 2 * (x * x + y * y)],
            ]
        )
        local = np.eye(4)
        local[:3, :3] = turn * own.scale
        local[:3, 3] = own.translation
        above = self.parent.get(number)
        return local if above is None else self._world(above, values) @ local

    def _seen(self, number, values):
        above = self.parent.get(number)
        return values[number].visible and (above is None or self._seen(above, values))


def _parts(node, count):
    """The parts that a node's mesh is for, with the first of their vertices and how many they are."""
    told = node.extras["umbrite"]
    return [(each["part"], *each["vertices"]) for each in told.get("parts", [])] or [(told["part"], 0, count)]


def _at(times, values, time, way, path):
    """A sampler's value at a time."""
    if time <= times[0]:
        return values[0]
    if time >= times[-1]:
        return values[-1]
    i = int(np.searchsorted(times, time, side="right")) - 1
    if way == "STEP":
        return values[i]
    share = (time - times[i]) / (times[i + 1] - times[i])
    one, other = values[i], values[i + 1]
    if path != "rotation":
        return one + (other - one) * share
    dot = float(one @ other)
    if dot < 0:
        other, dot = -other, -dot
    if dot > 0.9995:  # near to each other the standard has a straight way, which single precision does not spoil
        straight = one + (other - one) * share
        return straight / np.linalg.norm(straight)
    angle = np.arccos(min(1.0, dot))
    return (np.sin((1 - share) * angle) * one + np.sin(share * angle) * other) / np.sin(angle)
