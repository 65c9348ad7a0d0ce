"""How the groups of an SVG drawing look, as far as layers ask: hidden, seen through, blended; and which drawings are used elsewhere.

Attributes, `style` and plain rules of a style sheet (one class, id or element each) are heeded, in this order of rank from below, as
CSS has it.
"""

import copy
import re
from xml.etree.ElementTree import Element

SVG = "{http://www.w3.org/2000/svg}"
HREFS = ("href", "{http://www.w3.org/1999/xlink}href")
# What other drawings are made with, but draws nothing itself.
HELPERS = {"defs", "style", "title", "desc", "metadata", "linearGradient", "radialGradient", "clipPath", "mask", "pattern", "filter", "symbol", "marker"}  # fmt: skip
ATTRIBUTES = ("display", "visibility", "opacity", "filter", "mask", "clip-path", "mix-blend-mode", "isolation")
PLAINLY = "display:inline;visibility:visible;mix-blend-mode:normal"
LONGEST_SHEET = 100_000  # letters


def plain(element: Element) -> str:
    """An element's name without its namespace."""
    return str(element.tag).rpartition("}")[2]


class Looks:
    """What is said of the look of a drawing's elements, looked up once each."""

    def __init__(self, root: Element) -> None:
        self._rules = _rules("".join(each.text or "" for each in root.iter(f"{SVG}style")))
        self._found: dict[int, dict[str, str]] = {}
        self._named = {name: each for each in root.iter() if (name := each.get("id"))}
        self._drawn = {id(each) for each in _drawn(root)}

    def of(self, element: Element) -> dict[str, str]:
        """What is said of one element, by property."""
        if id(element) not in self._found:
            found = {name: value.strip() for name in ATTRIBUTES if (value := element.get(name)) is not None}
            selectors = [
                plain(element),
                *(f".{name}" for name in element.get("class", "").split()),
                f"#{element.get('id')}",
            ]
            for selector in selectors:
                found |= self._rules.get(selector, {})
            self._found[id(element)] = found | _declared(element.get("style", ""))
        return self._found[id(element)]

    def shows(self, element: Element) -> bool:
        """Whether it is not hidden."""
        found = self.of(element)
        return found.get("display") != "none" and found.get("visibility") not in {"hidden", "collapse"}

    def blend(self, element: Element) -> str:
        """How it is laid on, as CSS names it."""
        return self.of(element).get("mix-blend-mode", "normal")

    def is_faint(self, element: Element) -> bool:
        """Whether it is seen through as a whole."""
        return self.of(element).get("opacity", "1") not in {"1", "1.0", "100%"}

    def stands_apart(self, element: Element) -> bool:
        """Whether what is blended in it meets only what is in it (CSS compositing and blending, chapter 3)."""
        found = self.of(element)
        effects = any(found.get(name, "none") != "none" for name in ("filter", "mask", "clip-path"))
        return (
            effects or self.is_faint(element) or found.get("isolation") == "isolate" or self.blend(element) != "normal"
        )

    def plainly_shown(self, element: Element) -> Element:
        """A copy that is neither hidden nor blended; the rest of its look stays."""
        shown = copy.copy(element)
        if not self.shows(element) or self.blend(element) != "normal":
            own = element.get("style", "").strip().rstrip(";")
            shown.set("style", f"{own};{PLAINLY}" if own else PLAINLY)
        return shown

    def used_by(self, drawn: Element) -> list[Element]:
        """Drawings elsewhere that these refer to, and those that they refer to."""
        found: dict[str, Element] = {}
        row = [drawn]
        while row:
            named = {name for each in row for inner in each.iter() for name in _references(inner)}
            row = [self._named[name] for name in named - found.keys() if name in self._named]
            found |= {str(each.get("id")): each for each in row}
        own = {id(each) for each in drawn.iter()}
        return [each for each in found.values() if id(each) in self._drawn and id(each) not in own]


def _drawn(element: Element) -> list[Element]:
    """What is drawn itself: neither a helper nor in one."""
    found, row = [], [element]
    while row:
        row = [child for each in row for child in each if plain(child) not in HELPERS]
        found += row
    return found


def _references(element: Element) -> list[str]:
    links = [link[1:] for name in HREFS if (link := element.get(name, "")).startswith("#")]
    return links + [
        name for value in element.attrib.values() for name in re.findall(r"url\(\s*['\"]?#([^)'\"]+)", value)
    ]


def _rules(sheet: str) -> dict[str, dict[str, str]]:
    """The plain rules of a style sheet, by what they are for."""
    found: dict[str, dict[str, str]] = {}
    for rule in re.sub(r"/\*.*?\*/", "", sheet[:LONGEST_SHEET], flags=re.DOTALL).split("}"):
        selectors, _, words = rule.partition("{")
        for selector in selectors.split(","):
            if re.fullmatch(r"[.#]?[\w-]+", selector.strip()):
                found.setdefault(selector.strip(), {}).update(_declared(words))
    return found


def _declared(words: str) -> dict[str, str]:
    parts = (part.partition(":") for part in words.split(";"))
    return {name.strip().lower(): value.replace("!important", "").strip() for name, colon, value in parts if colon}
