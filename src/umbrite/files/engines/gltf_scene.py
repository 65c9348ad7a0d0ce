"""What stands in a glTF scene: nodes, cards and skins at rest, their pictures and materials. Numbers of nodes are those of the tree and one more."""

from collections.abc import Mapping, Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.art.bending.meshing import card_over
from umbrite.art.pictures import Picture
from umbrite.files.engines.gltf_binary import CORNERS, VERTICES, Binary, Json
from umbrite.files.engines.sheets import laid, part_pictures
from umbrite.files.package import Package
from umbrite.files.png import encode
from umbrite.motion.baking.node_tree import Card, Node, NodeTree
from umbrite.rig.takes.take import Take

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Ints = NDArray[np.intp]
PIXELS_A_UNIT = 100.0
UNIT = (
    1 / PIXELS_A_UNIT
)  # of a pixel; all places in the file are in units, so that viewers take its size from any of them
DEPTH = 0.5  # pixels from one part to the next in the draw order
GAP = 4  # pixels around each picture of the sheet
LINEAR, CLAMPED = 9729, 33071  # numbers of the standard
FEW = 65535  # vertices that two bytes can name


class Wanted(NamedTuple):
    """How glTF is written: which takes, whether parts come and go by the extension for it, and pictures that take the place of drawings.

    `pictures` are by part: RGBA as large as the drawing. `left_out` are parts that were painted into others.
    """

    takes: Sequence[Take] = ()
    visibility: bool = False
    pictures: Mapping[str, Picture] = {}
    left_out: frozenset[str] = frozenset()


class Geometry(NamedTuple):
    """A mesh: the drawing's pixels at its vertices and their places in the node's frame, y down; triangles; further attributes; targets."""

    pixels: Complexes
    places: Complexes
    triangles: Ints
    depth: float = 0.0
    attributes: Mapping[str, int] = {}
    targets: tuple[Json, ...] = ()


class GltfScene:
    """A puppet's scene at rest, laid into a buffer."""

    def __init__(self, package: Package, tree: NodeTree, binary: Binary, wanted: Wanted) -> None:
        self.package, self.tree, self.binary, self.wanted = package, tree, binary, wanted
        self.nodes: list[Json] = []
        self.meshes: list[Json] = []
        self.skins: list[Json] = []
        self.materials: list[Json] = []
        self.roots = [0]
        self.skinned: dict[str, int] = {}  # the node of each part that bends
        self.fading: dict[str, int] = {}  # the material of each part whose opacity changes
        self._material: dict[tuple[int, float, str], int] = {}
        keys = [key for key in (*tree.cards, *tree.bones) if key not in wanted.left_out]
        pictures, self.alike = part_pictures(package, keys, wanted.pictures)
        self.laid = laid(pictures, GAP)
        self.images = [
            {"name": f"sheet {i + 1}", "mimeType": "image/png", "bufferView": binary.view(encode(sheet))}
            for i, sheet in enumerate(self.laid.sheets)
        ]
        self._tree_of_nodes()
        for key in keys:
            if key in tree.cards:
                self._card(key, tree.cards[key])
            else:
                self._skin(key)

    def description(self) -> Json:
        """All of it but animations and buffer."""
        used = {"KHR_materials_unlit"}
        if any("extensions" in node for node in self.nodes):
            used |= {"KHR_animation_pointer", "KHR_node_visibility"}
        if self.fading:
            used |= {"KHR_animation_pointer"}
        return {
            "asset": {"version": "2.0", "generator": "Umbrite"},
            "extensionsUsed": sorted(used),
            "scene": 0,
            "scenes": [{"name": self.package.puppet.name, "nodes": self.roots}],
            "nodes": self.nodes,
            "meshes": self.meshes,
            "skins": self.skins,
            "materials": self.materials,
            "textures": [{"sampler": 0, "source": i} for i in range(len(self.images))],
            "images": self.images,
            "samplers": [{"magFilter": LINEAR, "minFilter": LINEAR, "wrapS": CLAMPED, "wrapT": CLAMPED}],
        }

    def _tree_of_nodes(self) -> None:
        puppet = self.package.puppet
        told = {"canvas": [puppet.width, puppet.height], "pixels_per_unit": PIXELS_A_UNIT}
        root: Json = {
            "name": puppet.name,
            "translation": [-puppet.width / 2 * UNIT, puppet.height * UNIT, 0.0],
            "extras": {"umbrite": told},
        }
        self.nodes.append(root)
        for i, node in enumerate(self.tree.nodes):
            self.nodes.append(self._node(node))
            self.nodes[0 if node.carrier is None else node.carrier + 1].setdefault("children", []).append(i + 1)

    def _node(self, node: Node) -> Json:
        kind = "part" if node.key in self.package.puppet.parts else "joint"
        found: Json = {"name": node.name, "extras": {"umbrite": {kind: node.key}}}
        rest = node.moves.at(slice(0, 1))
        x, y = float(rest.shift[0].real), float(-rest.shift[0].imag)
        if x or y or node.depth:
            found["translation"] = [x * UNIT, y * UNIT, node.depth * DEPTH * UNIT]
        if rest.turn[0]:
            found["rotation"] = quaternions(-rest.turn)[0].tolist()
        if np.any(rest.scale != 1):
            found["scale"] = [*rest.scale[0].tolist(), 1.0]
        if node.shown is not None and self.wanted.visibility:
            found["extensions"] = {"KHR_node_visibility": {"visible": bool(node.shown[0])}}
        elif node.shown is not None and not node.shown[0]:
            found["scale"] = [0.0, 0.0, 0.0]
        return found

    def _card(self, key: str, card: Card) -> None:
        net = card_over(self.laid.pictures[self.alike[key]])
        geometry = Geometry(net.vertices, card.drawing(net.vertices), net.triangles)
        self.nodes[card.node + 1]["mesh"] = self._mesh(key, geometry)

    def _skin(self, key: str) -> None:
        """A part that bends: its mesh on a node of its own, which hangs from nothing, as the standard wants it of skins."""
        part, bones = self.package.puppet.parts[key], self.tree.bones[key]
        assert part.mesh is not None
        arrays, skin, numbers = part.mesh.arrays, bones.skin, self.binary.numbers
        binds = np.tile(np.eye(4), (len(bones.nodes), 1, 1))
        for bind, pivot in zip(binds, bones.pivots, strict=True):
            bind[3, :2] = -pivot.real * UNIT, pivot.imag * UNIT  # column by column
        self.skins.append(
            {
                "name": part.name,
                "joints": [node + 1 for node in bones.nodes],
                "skeleton": 0,
                "inverseBindMatrices": numbers(binds.reshape(-1, 16)),
            }
        )
        depth = self.tree.played[0].plan.parts.index(key) * DEPTH
        of_bones = {
            "JOINTS_0": numbers(skin.bones.astype("u1"), VERTICES),
            "WEIGHTS_0": numbers(skin.weights, VERTICES),
        }
        targets = tuple({"POSITION": numbers(points(shape, 0.0), VERTICES, bounds=True)} for shape in skin.shapes)
        geometry = Geometry(arrays.vertices, skin.vertices, arrays.triangles, depth, of_bones, targets)
        self.skinned[key] = len(self.nodes)
        self.roots.append(len(self.nodes))
        self.nodes.append(
            {
                "name": part.name,
                "mesh": self._mesh(key, geometry),
                "skin": len(self.skins) - 1,
                "extras": {"umbrite": {"part": key}},
            }
        )

    def _mesh(self, key: str, geometry: Geometry) -> int:
        part, spot = self.package.puppet.parts[key], self.laid.spots[self.alike[key]]
        tall, wide = self.laid.sheets[spot.sheet].shape[:2]
        pixels, triangles = geometry.pixels, geometry.triangles
        uv = np.stack([(pixels.real + spot.x) / wide, (pixels.imag + spot.y) / tall], axis=-1)
        placed = points(geometry.places, geometry.depth)
        a, b, c = (geometry.places[triangles[:, i]] for i in range(3))
        # The front is counterclockwise with y up, which is clockwise as the board has it.
        backwards = (np.conj(b - a) * (c - a)).imag > 0
        corners = np.where(backwards[:, None], triangles[:, ::-1], triangles)
        primitive: Json = {
            "attributes": {
                "POSITION": self.binary.numbers(placed, VERTICES, bounds=True),
                "TEXCOORD_0": self.binary.numbers(np.clip(uv, 0, 1), VERTICES),
                **geometry.attributes,
            },
            "indices": self.binary.numbers(corners.astype("<u2" if len(placed) < FEW else "<u4").ravel(), CORNERS),
            "material": self._painted(spot.sheet, part.opacity, key),
        }
        mesh: Json = {"name": part.name, "primitives": [primitive]}
        if geometry.targets:
            primitive["targets"] = list(geometry.targets)
            mesh["weights"] = [0.0] * len(geometry.targets)
        self.meshes.append(mesh)
        return len(self.meshes) - 1

    def _painted(self, sheet: int, opacity: float, part: str) -> int:
        """The material of a sheet and an opacity; a part that fades has one of its own."""
        fades = self.wanted.visibility and part in fading_parts(self.tree)
        look = sheet, opacity, part if fades else ""
        if look not in self._material:
            self._material[look] = len(self.materials)
            if fades:
                self.fading[part] = self._material[look]
            self.materials.append(
                {
                    "name": f"sheet {sheet + 1}" + (f" at {opacity:.0%}" if opacity < 1 else ""),
                    "pbrMetallicRoughness": {
                        "baseColorTexture": {"index": sheet},
                        "baseColorFactor": [1.0, 1.0, 1.0, opacity],
                        "metallicFactor": 0.0,
                        "roughnessFactor": 1.0,
                    },
                    "alphaMode": "BLEND",
                    "doubleSided": True,
                    "extensions": {"KHR_materials_unlit": {}},
                }
            )
        return self._material[look]


def fading_parts(tree: NodeTree) -> set[str]:
    """The parts whose opacity changes in some take."""
    return {
        key
        for placed in tree.played
        for key, values in zip(placed.plan.parts, placed.channels["opacity"].T, strict=True)
        if values.any()
    }


def points(places: Complexes, depth: float) -> Floats:
    """Places of the board, pixels, as points of glTF, (n, 3): units, y up."""
    return np.stack([places.real, -places.imag, np.full(len(places), depth)], axis=-1) * UNIT


def quaternions(turns: Floats) -> Floats:
    """Turns about the axis that points at the viewer, radians, counterclockwise positive, as x, y, z, w; (n, 4)."""
    return np.stack([0 * turns, 0 * turns, np.sin(turns / 2), np.cos(turns / 2)], axis=-1)
