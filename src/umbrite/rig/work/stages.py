"""Stages of work: a document as it once stood, kept under a name inside the document, to look at, to go back to, or to branch from.

Values are shared with what is there now, so that a stage costs what differs. Going back takes puppet, pose and takes; all stages stay.
"""

from msgspec.structs import replace

from umbrite.rig.document import Document, WorkStage
from umbrite.rig.errors import MissingError, RigError, readable
from umbrite.rig.words.names import unique

MOST_STAGES = 1_000


def get_stage(document: Document, name: str) -> WorkStage:
    """The stage of that name. Raises MissingError."""
    for stage in document.stages:
        if stage.name == name:
            return stage
    raise MissingError(f"There is no stage named {readable(name)}; it may have been removed.")


def document_of(stage: WorkStage) -> Document:
    """The document of a stage. Raises RigError for one that lacks it."""
    if stage.document is None:
        raise RigError(f"The stage {stage.name} is not whole. Remove it.")
    return stage.document


def keep_stage(document: Document, name: str, kept: str, picture: str = "") -> Document:
    """The document with one more stage, which is as it is now; `kept` is the time, `picture` the fingerprint of its picture.

    Refuses an empty name, and more stages than a file holds. A name that is taken gets a number.
    """
    name = readable(name)
    if not name:
        raise RigError("A stage needs a name. Type at least one letter.")
    if len(document.stages) >= MOST_STAGES:
        raise RigError(f"A file holds {MOST_STAGES} stages at most. Remove some first.")
    name = unique(name, [stage.name for stage in document.stages])
    stage = WorkStage(name, kept, picture, replace(document, stages=()))
    return replace(document, stages=(*document.stages, stage))


def rename_stage(document: Document, name: str, to: str) -> Document:
    """Give a stage another name. Refuses an empty name and one that is taken; raises MissingError."""
    stage, to = get_stage(document, name), readable(to)
    if not to:
        raise RigError("A stage needs a name; it keeps the one it has.")
    if to != name and any(each.name == to for each in document.stages):
        raise RigError(f"{to} is the name of another stage. Choose a different one.")
    stages = (replace(stage, name=to) if each is stage else each for each in document.stages)
    return replace(document, stages=tuple(stages))


def remove_stage(document: Document, name: str) -> Document:
    """The document without a stage. Raises MissingError."""
    stage = get_stage(document, name)
    return replace(document, stages=tuple(each for each in document.stages if each is not stage))


def back_to(document: Document, name: str) -> Document:
    """Puppet, pose and takes as they were at a stage; the stages stay. Raises MissingError."""
    return replace(document_of(get_stage(document, name)), stages=document.stages)
