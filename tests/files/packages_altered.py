"""Packages whose decoded content was altered and packed again: most of them open, so that what stands behind the reader is tried, too."""

import hashlib
import io
import json
import zipfile
from collections import defaultdict

import numpy as np

from umbrite.files.png import encode, fingerprint

PICTURE = encode(np.full((6, 5, 4), 200, np.uint8))
DRAWING = {"sha256": fingerprint(PICTURE), "width": 5, "height": 6}
NUMBERS = (0, -0.0, 1, -1, 0.5, 2, 3, 1e-300, -1e-320, 1e-9, 89.999999, 180, -360, 1e4, -1e5, 9e7, 1e8, 2**31, 2**53, 2**63, 10**399)  # fmt: skip
WORDS = ("", "\0", " ", "Walk", "x" * 200, "\N{COMBINING ACUTE ACCENT}", "a\tb\x1b[2J", "\ud800", "9" * 4_000)


class Altering:
    """A package taken apart once; `packed` gives it as bytes with a few things altered, each by something of the same kind."""

    def __init__(self, path):
        with zipfile.ZipFile(path) as source:
            members = {
                name: source.read(name) for name in source.namelist() if not name.startswith(("art/", "preview"))
            }
        self.words = {name: json.loads(data) for name, data in members.items() if name.endswith(".json")}
        self.rest = {name: data for name, data in members.items() if not name.endswith(".json")}
        self.pool = defaultdict(list)
        for words in self.words.values():
            self._gather(words, "")

    def _gather(self, node, field):
        """Every value by the name of its field, and every drawing made the small one."""
        if isinstance(node, dict):
            if "sha256" in node and "width" in node:
                node.update(DRAWING)
            for key, below in node.items():
                self.pool["a key"].append(key)
                self.pool[key].append(below)
                self._gather(below, key)
        elif isinstance(node, list):
            for below in node:
                self.pool[f"in {field}"].append(below)
                self._gather(below, f"in {field}")

    def packed(self, chance):
        words, rest = json.loads(json.dumps(self.words)), dict(self.rest)
        for _ in range(chance.choice((1, 1, 1, 2, 5))):
            self._alter(words[chance.choice(["puppet.json"] * 4 + list(words))], chance)
        if rest and chance.random() < 0.1:
            self._alter_mesh(words, rest, chance)
        spoil = chance.random() < 0.03 and chance.choice(list(words))
        return self.written(words, rest, lambda name, data: data.replace(b"a", b"\xe9", 1) if name == spoil else data)

    def written(self, words, rest, spoilt=lambda _name, data: data):
        """A package of such words and other members; copies of guests go by their fingerprints, however they were `spoilt`."""
        data = {name: spoilt(name, json.dumps(value).encode("utf-8", "surrogatepass")) for name, value in words.items()}
        renamed = {
            name: f"guests/{hashlib.sha256(data[name]).hexdigest()}.json"
            for name in words
            if name.startswith("guests/")
        }
        for name, other in renamed.items():
            data["puppet.json"] = data["puppet.json"].replace(name[7:-5].encode(), other[7:-5].encode())
        out = io.BytesIO()
        with zipfile.ZipFile(out, "w") as archive:
            for name, inside in {**rest, **{renamed.get(name, name): inside for name, inside in data.items()}}.items():
                archive.writestr(name, inside)
            archive.writestr(f"art/{DRAWING['sha256']}.png", PICTURE)
        return out.getvalue()

    def _alter(self, node, chance):
        """Put something of the same kind at some place, all places being as likely."""
        node, place, field = chance.choice([*_places(node, "")])
        below = node[place]
        what = chance.random()
        if what < 0.12 and isinstance(node, list):
            chance.choice((node.reverse, node.pop, lambda: node.append(json.loads(json.dumps(chance.choice(node))))))()
        elif what < 0.03:
            node[chance.choice(self.pool["a key"])] = node.pop(place)
        elif what < 0.05:
            del node[place]
        elif what < 0.7 and self.pool[field]:
            node[place] = json.loads(json.dumps(chance.choice(self.pool[field])))
        elif isinstance(below, bool):
            node[place] = not below
        elif isinstance(below, (int, float)) and abs(below) < 1e300:
            node[place] = chance.choice((*NUMBERS, below + 1e-300, -below, below * (1 + 1e-12), below + 1))
        elif isinstance(below, str) and (field == "name" or chance.random() < 0.2):
            node[place] = chance.choice((*WORDS, *self.pool["a key"][:60], *map(str, self.pool["name"][:20])))
        else:
            node[place] = chance.choice((None, [], {}, 0, "", *[below] * 20))

    @staticmethod
    def _alter_mesh(words, rest, chance):
        name = chance.choice([name for name in rest if name.startswith("mesh/")] or [""])
        if not name:
            return
        with np.load(io.BytesIO(rest[name])) as arrays:
            found = {key: np.array(arrays[key]) for key in arrays.files}
        array = found[chance.choice(list(found))]
        array.flat[chance.randrange(array.size)] = chance.choice((0, 1, 3, 200))
        out = io.BytesIO()
        np.savez(out, **found)
        data = bytearray(out.getvalue())
        if chance.random() < 0.3:  # the head of an array says something else, of the same length
            at = data.find(b"'shape': (") + 10
            data[at : at + 3] = chance.choice((b"9e9", b"-1,", b"(),", b"'a'", b"[],", b"9" * 3))
        other = hashlib.sha256(data).hexdigest()
        rest[f"mesh/{other}.npz"] = bytes(data)
        text = json.dumps(words).replace(name[5:-4], other)
        words.clear()
        words.update(json.loads(text))


def _places(node, field):
    """Every place in decoded words: what holds it, its key there, and the name under which its kind is known."""
    for place in node if isinstance(node, dict) else range(len(node)):
        name = place if isinstance(node, dict) else f"in {field}"
        yield node, place, name
        if isinstance(node[place], (dict, list)):
            yield from _places(node[place], name)
