"""Names of all kinds of things, found and replaced at once."""

import re
from collections.abc import Collection

from umbrite.desk.commands.labels import some_names
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.change import thing
from umbrite.rig.edits.renaming import renamed, replaced
from umbrite.rig.takes import take_list

# What can be renamed, and what it is called.
KINDS = {"part": "Parts and joints", "limb": "Limbs", "control": "Controls", "set": "Variant sets", "take": "Takes"}
TAKE = "take:"  # before the name of a take, where a thing has its id


def renames(
    session: Session, texts: tuple[str, str], kinds: Collection[str], *, selected: bool
) -> dict[str, tuple[str, str]]:
    """What would be renamed, by id: its name and its new one. Only names that have the sought text in them, whatever its case."""
    puppet, chosen = session.puppet, set(session.selection.keys)
    owners = {
        "part": [*puppet.parts, *puppet.joints], "limb": [*puppet.limbs], "control": [*puppet.controls], "set": [*puppet.sets],
    }  # fmt: skip
    keys = [key for kind, found in owners.items() if kind in kinds for key in found if not selected or key in chosen]
    found = {key: (str(thing(puppet, key).name), new) for key, new in replaced(puppet, keys, *texts).items()}
    if "take" in kinds and texts[0] and not selected:
        pattern = re.compile(re.escape(texts[0]), re.IGNORECASE)
        names = [take.name for take in session.history.now.takes]
        new = {name: pattern.sub(lambda _: texts[1], name) for name in names}
        found |= {TAKE + name: (name, put) for name, put in new.items() if put != name}
    return found


def put_names(session: Session, found: dict[str, tuple[str, str]]) -> None:
    """Give things and takes their new names in one step. Refuses empty names and names given twice."""
    takes, shown = session.history.now.takes, session.timeline.take
    for key, (old, new) in found.items():
        if key.startswith(TAKE):
            takes = take_list.rename_take(takes, old, new)
            if shown is not None and shown.name == old:
                session.timeline.follow(new.strip())
    puppet = renamed(session.puppet, {key: new for key, (_, new) in found.items() if not key.startswith(TAKE)})
    session.edit(tr("Replace in {count} names", count=len(found)), puppet=puppet, takes=takes)
    session.say(tr("Renamed: {names}.", names=some_names([new for _, new in found.values()])))
