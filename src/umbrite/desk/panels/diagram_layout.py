"""The family as a diagram: a place for every joint, parents above their children, no two on one another.

The layout is that of a tidy tree: leaves side by side from left to right in family order, each parent in the middle over its
children. Places are whole columns and rows; the desk makes pixels of them.
"""

from umbrite.rig.family import targets, toes
from umbrite.rig.model import Puppet


def layout(puppet: Puppet) -> dict[str, tuple[float, int]]:
    """Column and row of every joint but targets; several free joints are trees side by side."""
    hooks = {*targets(puppet), *toes(puppet)}
    below: dict[str | None, list[str]] = {}
    for key, joint in puppet.joints.items():
        if key not in hooks:
            parent = joint.parent
            while parent in hooks:  # what hangs from a target is shown where the target hangs
                parent = puppet.joints[parent].parent
            below.setdefault(parent, []).append(key)
    places: dict[str, tuple[float, int]] = {}
    column = 0.0
    for root in below.get(None, []):
        column = _placed(root, 0, column, below, places)
    return places


def _placed(
    root: str,
    row: int,
    column: float,
    below: dict[str | None, list[str]],
    places: dict[str, tuple[float, int]],
) -> float:
    """Place a tree from `column` on, and give the first free column right of it. Deep families need no deep stack."""
    stack: list[tuple[str, int, bool]] = [(root, row, False)]
    while stack:
        key, level, done = stack.pop()
        children = below.get(key, [])
        if not children:
            places[key] = (column, level)
            column += 1
        elif done:
            places[key] = ((places[children[0]][0] + places[children[-1]][0]) / 2, level)
        else:
            stack.append((key, level, True))
            stack.extend((child, level + 1, False) for child in reversed(children))
    return column
