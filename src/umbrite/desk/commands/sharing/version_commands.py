"""Stages of work: kept, looked at beside now, gone back to, branched from."""

from datetime import UTC, datetime

from umbrite.desk.commands.sharing import branch_commands
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.files.package import part_of
from umbrite.files.png import fingerprint
from umbrite.paint.render import version_png
from umbrite.rig.document import Version
from umbrite.rig.merging.branch_alone import branch_alone
from umbrite.rig.versions import versions
from umbrite.rig.versions.differences import Difference, differences


def keep(session: Session) -> str:
    """Keep the work as it is now as one more stage, with its picture; its name."""
    package = session.file.package()
    data = version_png(package, session.file.pictures) if package.puppet.parts else b""
    picture = fingerprint(data) if data else ""
    if data:
        session.file.add_art({picture: data})
    now = session.history.now
    name = tr("Version {count}", count=len(now.versions) + 1)
    kept = datetime.now(UTC).isoformat(timespec="seconds")
    document = versions.keep_version(now, name, kept, picture)
    made = document.versions[-1].name
    session.edit(tr("Save {name}", name=made), whole=document)
    session.say(tr("{name} is kept in the file. Double-click its name to change it.", name=made))
    return made


def rename(session: Session, name: str, to: str) -> None:
    session.edit(tr("Name {strip}", strip=to), whole=versions.rename_version(session.history.now, name, to))


def remove(session: Session, name: str) -> None:
    session.edit(tr("Remove {name}", name=name), whole=versions.remove_version(session.history.now, name))


def look_at(session: Session, version: Version | None) -> list[Difference]:
    """Show a stage beside now on the board, or none any more; what differs."""
    document = None if version is None else versions.document_of(version)
    session.drafts.put(session.drafts.now._replace(beside=document))
    return [] if document is None else differences(document, session.history.now)


def go_back(session: Session, name: str) -> None:
    """Everything as it was at a stage; one step, which can be undone. The stages stay."""
    document = versions.back_to(session.history.now, name)
    session.edit(tr("Restore {name}", name=name), whole=document)
    session.say(tr("Everything is as it was at {name}. Undo leads back to now.", name=name))


def take_branch(session: Session, name: str, joint: str) -> None:
    """A branch as it was at a stage, once more beside what is there now, carried by what carried it then."""
    document = versions.document_of(versions.get_version(session.history.now, name))
    parent = document.puppet.joints[joint].parent
    package = part_of(session.file.package(), branch_alone(document, [joint]))
    at = document.puppet.joints[joint].pivot.z
    branch_commands.bring(session, package, parent if parent in session.puppet.joints else None, at)
