"""Parts that bend: made so along their middle line or over bones, made stiff again, their mesh made finer."""

from collections.abc import Callable

from umbrite.art.bending.bendy import bend_anew, bend_over, bend_part, covers, mesh_for, weighed_anew
from umbrite.art.pictures import Picture
from umbrite.desk.commands.labels import label_of
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import LIMBS, WEIGHTS
from umbrite.desk.theme.language import tr
from umbrite.rig.edits.control_proposals import grip_limbs
from umbrite.rig.edits.limbs import limbs_along
from umbrite.rig.edits.limits import set_loose
from umbrite.rig.edits.meshes.mesh_edits import set_keeping, set_mesh
from umbrite.rig.edits.meshes.weight_edits import mirrored_weights, typed
from umbrite.rig.errors import RigError, Watch
from umbrite.rig.family import parts_on
from umbrite.rig.mesh import with_keeping
from umbrite.rig.model import Loose, Puppet


def picture_of(session: Session, part: str) -> Picture:
    """The pixels of a part's drawing."""
    return session.file.pictures.pixels(session.puppet.parts[part].drawing.sha256)


def parts_meant(session: Session) -> list[str]:
    """The selected parts; where joints alone are selected, the parts that ride on them."""
    found = session.selection.of("part")
    if found or session.workspace.station is not LIMBS:
        return found
    return [part for joint in session.selection.of("joint") for part in parts_on(session.puppet, joint)]


def bent_parts(session: Session) -> list[str]:
    """Of the selected parts those that bend, or the parts that bend over the selected joints."""
    puppet = session.puppet
    own = [key for key in parts_meant(session) if puppet.parts[key].mesh is not None]
    if own:
        return own
    joints = set(session.selection.of("joint"))
    return [
        key for key, part in puppet.parts.items() if part.mesh is not None and not joints.isdisjoint(part.mesh.joints)
    ]


def needs_part(session: Session) -> str:
    return "" if parts_meant(session) else tr("Select the part that should bend first.")


def needs_part_and_bones(session: Session) -> str:
    fits = _over(session)[0] is not None and len(session.selection.of("joint")) > 1
    return "" if fits else tr("Select the part, and with Shift two or more bones that it should bend over.")


def needs_bent(session: Session) -> str:
    return "" if bent_parts(session) else tr("Select a part that bends first.")


def bend(session: Session) -> None:
    """The selected parts bend along their middle lines, on joints of their own."""
    parts, before = parts_meant(session), session.puppet
    stiff = {part: picture_of(session, part) for part in parts if before.parts[part].mesh is None}

    def work(watch: Watch) -> tuple[Puppet, int]:
        puppet, made = before, 0
        for i, (part, picture) in enumerate(stiff.items()):
            watch(i, len(stiff), puppet.parts[part].name)
            puppet, keys = bend_part(puppet, part, picture)
            made += len(keys)
        return puppet, made

    puppet, made = session.apart(tr("Working out how it bends"), work)
    if puppet is session.puppet:
        raise RigError(tr("What is selected bends already."))
    session.edit(tr("Bend {part}", part=label_of(session, parts)), puppet=puppet)
    session.workspace.go_to(LIMBS)
    session.selection.select(parts)
    session.say(
        tr("It bends in {count} joints. Let it swing in Details, hold both ends by a limb (L), or pose it.", count=made)
    )


def _over(session: Session) -> tuple[str | None, list[str]]:
    """The part and the bones that are selected; without a part the one that rides on the first of them."""
    joints = session.selection.of("joint")
    parts = session.selection.only("part") or [k for k in session.selection.keys if k in session.puppet.parts]
    if not parts:
        parts = [part for joint in joints for part in parts_on(session.puppet, joint)]
    return (parts[0] if parts else None), joints


def bend_over_bones(session: Session) -> None:
    """The selected part bends over the selected bones."""
    part, joints = _over(session)
    if part is None or len(joints) < 2:
        raise RigError(needs_part_and_bones(session))
    before, picture = session.puppet, picture_of(session, part)
    puppet = session.apart(tr("Working out how it bends"), lambda _: bend_over(before, part, picture, joints))
    name = puppet.parts[part].name
    session.edit(tr("Bend {part} over {count} bones", part=name, count=len(joints)), puppet=puppet)
    session.say(tr("{part} bends over {count} bones now. Nothing has moved.", part=name, count=len(joints)))


def set_joints(session: Session, part: str, count: int, *, by_curvature: bool) -> None:
    """The part bends in another number of joints, evenly or closer where it curves."""
    before, picture = session.puppet, picture_of(session, part)
    puppet, keys = session.apart(
        tr("Working out how it bends"), lambda _: bend_anew(before, part, picture, count, by_curvature=by_curvature)
    )
    name = puppet.parts[part].name
    session.edit(tr("Bend {part} in {count} joints", part=name, count=len(keys)), puppet=puppet)
    session.selection.select([part])


def grips(count: int) -> Callable[[Session], None]:
    """Limbs along each of the selected parts that bend, with a grip at the tip, or one at the end of each of `count` stretches."""

    def make(session: Session) -> None:
        puppet, made = session.puppet, []
        for key in bent_parts(session):
            mesh = puppet.parts[key].mesh
            puppet, limbs = limbs_along(puppet, mesh.joints if mesh is not None else (), count)
            puppet, controls = grip_limbs(puppet, limbs)
            made += controls
        parts = label_of(session, bent_parts(session))
        session.edit(tr("Grips along {part}", part=parts), puppet=puppet)
        names = ", ".join(puppet.controls[key].name for key in made)
        session.say(tr("Made: {names}. Drag them in Rehearse, Ctrl+5.", names=names))

    return make


def stiffen(session: Session) -> None:
    """The parts ride as a whole on their own joints again; the joints stay."""
    puppet, parts = session.puppet, bent_parts(session)
    for key in parts:
        puppet = set_mesh(puppet, key, None)
    session.edit(tr("Stop bending {part}", part=label_of(session, parts)), puppet=puppet)


def hang_bent(session: Session) -> None:
    """The joints of the selected parts that bend swing after what carries them, all but the first of each."""
    puppet = session.puppet
    for key in bent_parts(session):
        mesh = puppet.parts[key].mesh
        for joint in mesh.joints if mesh is not None else ():
            puppet = set_loose(puppet, joint, puppet.joints[joint].loose or Loose())
    session.edit(tr("Let {part} swing", part=label_of(session, bent_parts(session))), puppet=puppet)


def set_density(session: Session, part: str, density: float) -> None:
    """The part's mesh anew, finer or coarser; weights are as its shape gives them."""
    puppet = session.puppet
    mesh = puppet.parts[part].mesh
    if mesh is None:
        raise RigError(needs_bent(session))
    made = mesh_for(puppet, part, picture_of(session, part), mesh.joints, density)
    session.edit(
        tr("Mesh of {part}", part=puppet.parts[part].name),
        puppet=set_mesh(puppet, part, with_keeping(made, mesh.keeps_area)),
    )


def needs_any_bent(session: Session) -> str:
    bends = any(part.mesh is not None for part in session.puppet.parts.values())
    return "" if bends else tr("Nothing bends yet. Select a part and let it bend first.")


def to_work_on(session: Session) -> str:
    """The selected part that bends, or the one that is worked on already, or the first there is. Raises RigError where nothing bends."""
    puppet, part = session.puppet, session.brushing.part
    known = [part] if part in puppet.parts else []
    found = bent_parts(session) + known + list(puppet.parts)
    bendy = next((key for key in found if puppet.parts[key].mesh is not None), None)
    if bendy is None:
        raise RigError(needs_any_bent(session))
    return bendy


def take_brush(session: Session) -> None:
    """Paint weights of the selected part that bends, or of the first that does."""
    part = to_work_on(session)
    session.workspace.go_to(LIMBS)
    session.workspace.take_tool(WEIGHTS)
    session.brushing.take(part)


def type_weight(session: Session, share: float) -> None:
    """The bone that is painted has this weight at the picked vertices."""
    brushing = session.brushing
    puppet = typed(session.puppet, brushing.part, brushing.bone, brushing.vertices, share)
    session.edit(tr("Weight {share} %", share=f"{share * 100:.0f}"), puppet=puppet)


def weights_to_other_side(session: Session) -> None:
    """The weights of the selected part for the part of the other side."""
    puppet, parts = session.puppet, bent_parts(session) or [session.brushing.part]
    for key in parts:
        puppet = mirrored_weights(puppet, key)
    session.edit(tr("Weights of {part} to the other side", part=label_of(session, parts)), puppet=puppet)


def covered(session: Session, puppet: Puppet, part: str) -> tuple[Puppet, bool]:
    """The puppet in which the meshes of a part, and of those that share its drawing, cover what it shows; and whether one was made anew."""
    item, remade = puppet.parts[part], False
    for key, other in puppet.parts.items():
        shared = key == part or (item.shares and other.shares == item.shares)
        picture = session.file.pictures.pixels(other.drawing.sha256) if shared and other.mesh is not None else None
        if picture is not None and other.mesh is not None and not covers(other.mesh, picture):
            made = mesh_for(puppet, key, picture, other.mesh.joints)
            puppet, remade = set_mesh(puppet, key, with_keeping(made, other.mesh.keeps_area)), True
    return puppet, remade


def weigh_anew(session: Session) -> None:
    """Weights of the selected parts as their shapes give them, in the place of painted ones."""
    puppet, parts = session.puppet, bent_parts(session) or [session.brushing.part]
    for key in parts:
        puppet = set_mesh(puppet, key, weighed_anew(puppet, key, picture_of(session, key)))
    session.edit(tr("Weights of {part} anew", part=label_of(session, parts)), puppet=puppet)
    session.say(tr("The weights are as the drawing's shape and its bones give them."))


def keep_area(session: Session, part: str, share: float) -> None:
    name = session.puppet.parts[part].name
    session.edit(tr("Squash of {part}", part=name), puppet=set_keeping(session.puppet, part, share))
