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
STEP = 4  # of the places of pictures, so that the smaller copies of a sheet are those of its pictures
GAP = 8  # pixels around each picture of the sheet
LINEAR, SMALLER, CLAMPED = 9729, 9987, 33071  # numbers of the standard; SMALLER: between mipmaps
FEW = 65535  # vertices that two bytes can name
BYTES = 256  # bones that one byte can name


class Wanted(NamedTuple):
    """How glTF is written: which takes, whether parts come and go by the extension for it, whether neighbours in the draw order are one mesh,
    and pictures that take the place of drawings.

    `pictures` are by part: RGBA as large as the drawing. `left_out` are parts that were painted into others.
    """

    takes: Sequence[Take] = ()
    visibility: bool = False
    merged: bool = False
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


class Carried(NamedTuple):
    """A part as vertices that nodes carry: nodes with their pivots, and for each vertex four of them with their weights."""

    nodes: tuple[int, ...]
    pivots: tuple[complex, ...]
    geometry: Geometry
    bones: Ints
    weights: Floats


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
        self.laid = laid(pictures, GAP, step=STEP)
        self.images = [
            {"name": f"sheet {i + 1}", "mimeType": "image/png", "bufferView": binary.view(encode(sheet))}
            for i, sheet in enumerate(self.laid.sheets)
        ]
        self.fades = fading_parts(tree) if wanted.visibility else set()
        self.by_extension = {card.node for card in tree.cards.values()} if wanted.visibility else set()
        self._tree_of_nodes()
        order = tree.played[0].plan.parts
        for run in self._runs(sorted(keys, key=order.index)):
            if len(run) > 1:
                self._one_mesh(run)
            elif run[0] in tree.cards:
                self._card(run[0], tree.cards[run[0]])
            else:
                self._skin(run[0])

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
            "samplers": [{"magFilter": LINEAR, "minFilter": SMALLER, "wrapS": CLAMPED, "wrapT": CLAMPED}],
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
            self.nodes.append(self._node(node, by_extension=i in self.by_extension))
            self.nodes[0 if node.carrier is None else node.carrier + 1].setdefault("children", []).append(i + 1)

    def _node(self, node: Node, *, by_extension: bool) -> Json:
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
        if node.shown is not None and by_extension:
            found["extensions"] = {"KHR_node_visibility": {"visible": bool(node.shown[0])}}
        elif node.shown is not None and not node.shown[0]:
            found["scale"] = [0.0, 0.0, 0.0]
        return found

    def _card(self, key: str, card: Card) -> None:
        self.nodes[card.node + 1]["mesh"] = self._mesh([key], [self._flat(key, card)])

    def _flat(self, key: str, card: Card) -> Geometry:
        net = card_over(self.laid.pictures[self.alike[key]])
        return Geometry(net.vertices, card.drawing(net.vertices), net.triangles)

    def _skin(self, key: str) -> None:
        """A part that bends: its mesh on a node of its own, which hangs from nothing, as the standard wants it of skins."""
        carried, numbers = self._bent(key), self.binary.numbers
        of_bones = self._bound(carried.bones, carried.weights, len(carried.nodes))
        shapes = self.tree.bones[key].skin.shapes
        targets = tuple({"POSITION": numbers(points(shape, 0.0), VERTICES, bounds=True)} for shape in shapes)
        self.skinned[key] = len(self.nodes)
        name = self.package.puppet.parts[key].name
        mesh = self._mesh([key], [carried.geometry._replace(attributes=of_bones, targets=targets)])
        self._hang(name, mesh, carried.nodes, carried.pivots, {"part": key})

    def _bent(self, key: str) -> Carried:
        mesh, bones = self.package.puppet.parts[key].mesh, self.tree.bones[key]
        assert mesh is not None
        depth = self.tree.played[0].plan.parts.index(key) * DEPTH
        geometry = Geometry(mesh.arrays.vertices, bones.skin.vertices, mesh.arrays.triangles, depth)
        return Carried(bones.nodes, bones.pivots, geometry, bones.skin.bones, bones.skin.weights)

    def _runs(self, keys: Sequence[str]) -> list[list[str]]:
        """Neighbours in the draw order that can be one mesh, where that is wanted: on one sheet, of one opacity, and with no shapes of their own;
        none at all where something passes before others in a take.
        """
        passing = any(node.depths is not None for node in self.tree.nodes)
        found: list[list[str]] = []
        last: object = None
        for key in keys:
            part = self.package.puppet.parts[key]
            look = (self.laid.spots[self.alike[key]].sheet, part.opacity) if self._merges(key) and not passing else None
            if look is not None and look == last:
                found[-1].append(key)
            else:
                found.append([key])
            last = look
        return found

    def _merges(self, key: str) -> bool:
        card, bones = self.tree.cards.get(key), self.tree.bones.get(key)
        if not self.wanted.merged or key in self.fades:
            return False
        if card is not None:
            return card.node not in self.by_extension or self.tree.nodes[card.node].shown is None
        return bones is not None and not len(bones.skin.shapes)

    def _one_mesh(self, run: Sequence[str]) -> None:
        """Parts as one skin: a flat one is carried by its node alone. Later ones are drawn over earlier ones."""
        carried = []
        for key in run:
            if (card := self.tree.cards.get(key)) is None:
                carried.append(self._bent(key))
                continue
            geometry = self._flat(key, card)
            first = np.tile([1.0, 0.0, 0.0, 0.0], (len(geometry.places), 1))
            carried.append(Carried((card.node,), (0j,), geometry, np.zeros(first.shape, dtype=np.intp), first))
        pivots = {node: pivot for each in carried for node, pivot in zip(each.nodes, each.pivots, strict=True)}
        place = {node: i for i, node in enumerate(pivots)}
        bones = np.concatenate([np.array([place[node] for node in each.nodes])[each.bones] for each in carried])
        weights = np.concatenate([each.weights for each in carried])
        bound = self._bound(np.where(weights > 0, bones, 0), weights, len(place))
        geometries = [each.geometry for each in carried]
        mesh = self._mesh(run, [geometries[0]._replace(attributes=bound), *geometries[1:]])
        counts = [len(each.places) for each in geometries]
        told = [{"part": key, "vertices": [sum(counts[:i]), counts[i]]} for i, key in enumerate(run)]
        self._hang(self.meshes[mesh]["name"], mesh, tuple(pivots), tuple(pivots.values()), {"parts": told})

    def _bound(self, bones: Ints, weights: Floats, count: int) -> dict[str, int]:
        numbers = self.binary.numbers
        return {
            "JOINTS_0": numbers(bones.astype("u1" if count <= BYTES else "<u2"), VERTICES),
            "WEIGHTS_0": numbers(weights, VERTICES),
        }

    def _hang(self, name: str, mesh: int, nodes: Sequence[int], pivots: Sequence[complex], told: Json) -> None:
        """A skin, and the node of its mesh."""
        binds = np.tile(np.eye(4), (len(nodes), 1, 1))
        for bind, pivot in zip(binds, pivots, strict=True):
            bind[3, :2] = -pivot.real * UNIT, pivot.imag * UNIT  # column by column
        self.skins.append(
            {
                "name": name,
                "joints": [node + 1 for node in nodes],
                "skeleton": 0,
                "inverseBindMatrices": self.binary.numbers(binds.reshape(-1, 16)),
            }
        )
        self.roots.append(len(self.nodes))
        self.nodes.append({"name": name, "mesh": mesh, "skin": len(self.skins) - 1, "extras": {"umbrite": told}})

    def _mesh(self, keys: Sequence[str], geometries: Sequence[Geometry]) -> int:
        """The mesh of a part, or of several one after the other; what the first has of attributes and targets is that of all."""
        first = self.package.puppet.parts[keys[0]]
        uv, placed, corners, begun = [], [], [], 0
        for key, geometry in zip(keys, geometries, strict=True):
            spot = self.laid.spots[self.alike[key]]
            tall, wide = self.laid.sheets[spot.sheet].shape[:2]
            pixels = geometry.pixels
            uv.append(np.stack([(pixels.real + spot.x) / wide, (pixels.imag + spot.y) / tall], axis=-1))
            placed.append(points(geometry.places, geometry.depth))
            corners.append(_facing(geometry) + begun)
            begun += len(geometry.places)
        numbers, sheet = self.binary.numbers, self.laid.spots[self.alike[keys[0]]].sheet
        primitive: Json = {
            "attributes": {
                "POSITION": numbers(np.concatenate(placed), VERTICES, bounds=True),
                "TEXCOORD_0": numbers(np.clip(np.concatenate(uv), 0, 1), VERTICES),
                **geometries[0].attributes,
            },
            "indices": numbers(np.concatenate(corners).astype("<u2" if begun < FEW else "<u4").ravel(), CORNERS),
            "material": self._painted(sheet, first.opacity, keys[0]),
        }
        name = first.name if len(keys) == 1 else f"{first.name} to {self.package.puppet.parts[keys[-1]].name}"
        mesh: Json = {"name": name, "primitives": [primitive]}
        if geometries[0].targets:
            primitive["targets"] = list(geometries[0].targets)
            mesh["weights"] = [0.0] * len(geometries[0].targets)
        self.meshes.append(mesh)
        return len(self.meshes) - 1

    def _painted(self, sheet: int, opacity: float, part: str) -> int:
        """The material of a sheet and an opacity; a part that fades has one of its own."""
        fades = part in self.fades
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


def _facing(geometry: Geometry) -> Ints:
    """Triangles whose front faces the viewer: counterclockwise with y up, which is clockwise as the board has it."""
    triangles = geometry.triangles
    a, b, c = (geometry.places[triangles[:, i]] for i in range(3))
    backwards = (np.conj(b - a) * (c - a)).imag > 0
    return np.where(backwards[:, None], triangles[:, ::-1], triangles)


def points(places: Complexes, depth: float) -> Floats:
    """Places of the board, pixels, as points of glTF, (n, 3): units, y up."""
    return np.stack([places.real, -places.imag, np.full(len(places), depth)], axis=-1) * UNIT


def quaternions(turns: Floats) -> Floats:
    """Turns about the axis that points at the viewer, radians, counterclockwise positive, as x, y, z, w; (n, 4)."""
    return np.stack([0 * turns, 0 * turns, np.sin(turns / 2), np.cos(turns / 2)], axis=-1)
