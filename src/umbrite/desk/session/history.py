"""Undo: earlier states with the name of the step that led on from each. No edit needs an inverse."""

from typing import NamedTuple

from umbrite.rig.document import Document

# Old states share nearly everything with new ones, so far back is cheap.
MOST_STEPS = 2_000


class Step(NamedTuple):
    """A state, and what was done to come to it."""

    name: str
    state: Document


class History:
    """The line of states and the place on it. Holds at least one state at all times."""

    def __init__(self, state: Document) -> None:
        self._steps = [Step("", state)]
        self._at = 0
        self._saved: Document | None = None

    @property
    def now(self) -> Document:
        return self._steps[self._at].state

    def push(self, name: str, state: Document) -> None:
        """A new step; what had been undone is gone then."""
        self._steps = [*self._steps[: self._at + 1], Step(name, state)][-MOST_STEPS:]
        self._at = len(self._steps) - 1

    def undo(self) -> str | None:
        """Go back one step; the name of what was undone, None at the beginning."""
        if self._at == 0:
            return None
        self._at -= 1
        return self._steps[self._at + 1].name

    def redo(self) -> str | None:
        if self._at + 1 == len(self._steps):
            return None
        self._at += 1
        return self._steps[self._at].name

    def back_to(self, state: object) -> None:
        """Go back to an earlier state; where it is none of those, stay."""
        before = (i for i in range(self._at, -1, -1) if self._steps[i].state is state)
        self._at = next(before, self._at)

    def steps(self) -> tuple[list[str], list[str]]:
        """The names of what can be undone, the latest first, and of what can be done again, the next first."""
        back = [step.name for step in self._steps[1 : self._at + 1]][::-1]
        return back, [step.name for step in self._steps[self._at + 1 :]]

    def was_undone(self, state: object) -> bool:
        """Whether a state is one of those that can be done again."""
        return any(step.state is state for step in self._steps[self._at + 1 :])

    @property
    def undo_name(self) -> str | None:
        return self._steps[self._at].name if self._at else None

    @property
    def redo_name(self) -> str | None:
        return self._steps[self._at + 1].name if self._at + 1 < len(self._steps) else None

    def mark_saved(self, document: Document | None = None) -> None:
        """A document is in the file: the present one, or that which was written while others went on."""
        self._saved = self.now if document is None else document

    @property
    def is_saved(self) -> bool:
        return (
            self._saved is not None
            and self.now.puppet is self._saved.puppet
            and self.now.pose == self._saved.pose
            and self.now.takes is self._saved.takes
            and self.now.versions is self._saved.versions
        )
