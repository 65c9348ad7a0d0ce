"""Parts cut in two, at the bones, and made one again."""

from collections.abc import Callable, Sequence
from dataclasses import replace as replaced

import numpy as np
from msgspec.structs import replace

from umbrite.art.bone_cutting import cut_at_bone, lines_across, thickest
from umbrite.art.building.body_plan import plan_named
from umbrite.art.building.plan_bones import plan_bones
from umbrite.art.cutting import Cut, cut_drawing, one_picture
from umbrite.art.masks import sheet_of_part
from umbrite.art.pictures import Picture
from umbrite.desk.commands.labels import label_of
from umbrite.desk.session.drafts import CutDraft, ProposedCut
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import BONE, LIMBS, PARTS
from umbrite.desk.theme.language import tr
from umbrite.files.layers import layer_of
from umbrite.files.png import fingerprint
from umbrite.rig.affine import after, inverse, svg_matrix
from umbrite.rig.change import change
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import add_part, exchange_drawing, remove_part, reorder, ride_on
from umbrite.rig.edits.pivots import join_parts, move_pivot
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, carries, children, targets
from umbrite.rig.limb_shape import nearest_bone
from umbrite.rig.model import Drawing, Part, Puppet
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.words.names import unique

BESIDE = 1.0  # pixels by which a bone's head may stand beside the middle of its limb
LARGEST = 12_000  # pixels of a side of what is made of several parts


def needs_several(session: Session) -> str:
    return "" if len(session.selection.of("part")) > 1 else tr("Select two or more parts that should be one.")


def needs_part_over_bones(session: Session) -> str:
    key = _over(session)
    return "" if key is not None else tr("Draw bones over the part first, then select it.")


def _over(session: Session) -> str | None:
    """The selected part, or the only one there is, that lies over two or more bones."""
    key = _one_part(session)
    return key if key is not None and len(_bones(session, key)) > 1 else None


def _fit(session: Session, part: Part) -> Picture:
    """The pixels of a part that may be cut. Raises RigError where it may not."""
    if part.mesh is not None:
        raise RigError(tr("{name} bends, so it is not cut. Stop bending first.", name=part.name))
    if part.trims:
        raise RigError(tr("{name} is trimmed. Remove all trims first (Shift+B), then cut it.", name=part.name))
    if part.shares:
        raise RigError(tr("{name} shares its drawing with a copy. Give it a drawing of its own first.", name=part.name))
    return session.file.pictures.pixels(part.drawing.sha256)


def cut(session: Session, key: str, path: Sequence[complex]) -> None:
    """Cut a part along a path on the board at rest. The piece hangs from it there and lies in front of it; the whole stays, hidden."""
    part = session.puppet.parts[key]
    back = inverse(board_from_drawing(part.placement))
    joint = session.puppet.joints[part.joint]
    root = complex(back(joint.pivot.z)) if joint.pivot_set else None
    made = cut_drawing(_fit(session, part), [complex(back(z)) for z in path], root)
    puppet = _with_whole_kept(session.puppet, key)
    puppet, piece = _with_piece(session, puppet, key, made)
    at = complex(board_from_drawing(part.placement)(made.pivot))
    puppet = join_parts(puppet, piece, key, at)
    puppet = _reparented(puppet, key, piece, made)
    session.edit(tr("Cut {name}", name=part.name), puppet=puppet)
    session.selection.select([piece])
    session.say(
        tr(
            "{name} turns on {other} now. Hold W and drag to try it; the whole drawing is kept, hidden.",
            name=puppet.parts[piece].name,
            other=part.name,
        )
    )


def _with_whole_kept(puppet: Puppet, key: str) -> Puppet:
    """The puppet with the part's drawing once more as a hidden reference, unless it is a piece of one that was kept."""
    part = puppet.parts[key]
    name = tr("{name} whole", name=part.name)
    pieces = {other.joint for other in puppet.parts.values() if other.reference and not other.visible}
    if pieces & {part.joint, *ancestors(puppet, part.joint)}:
        return puppet
    puppet, whole = add_part(puppet, name, part.drawing, part.placement)
    puppet = ride_on(puppet, whole, part.joint)
    return reorder(change(puppet, whole, visible=False, reference=True), [whole], 0)


def _drawn(session: Session, name: str, picture: Picture) -> tuple[Drawing, complex]:
    """A picture as a drawing without its clear edges, and where its corner lies."""
    layer = layer_of(name, picture)
    if layer is None:
        raise RigError(tr("{name} would show nothing here, so it was not made.", name=name))
    drawing = Drawing(fingerprint(layer.png), layer.width, layer.height)
    session.file.add_art({drawing.sha256: layer.png})
    return drawing, complex(layer.x, layer.y)


def _with_piece(session: Session, puppet: Puppet, key: str, made: Cut) -> tuple[Puppet, str]:
    """The part with what stays of it, and the piece as a part in front of it; nothing has moved."""
    part = puppet.parts[key]
    board = board_from_drawing(part.placement)
    kept, corner = _drawn(session, part.name, made.kept)
    piece, other = _drawn(session, part.name, made.piece)
    puppet = exchange_drawing(puppet, key, kept, corner)
    at = complex(board(other))
    puppet, new = add_part(puppet, part.name, piece, replace(part.placement, x=at.real, y=at.imag))
    puppet = change(puppet, new, opacity=part.opacity, blend=part.blend)
    puppet = change(puppet, puppet.parts[new].joint, side=puppet.joints[part.joint].side)
    return reorder(puppet, [new], puppet.order.index(key) + 1), new


def _reparented(puppet: Puppet, key: str, piece: str, made: Cut) -> Puppet:
    """What hung from the part where the piece is now hangs from the piece."""
    joint, own = puppet.parts[key].joint, puppet.parts[piece].joint
    hooks = targets(puppet)
    corner = board_from_drawing(puppet.parts[key].placement)
    rest = inverse(corner)
    shape = made.piece[..., 3] > 0
    # The pieces' pictures are of the whole drawing's size; the part's own begins at its corner in that.
    rows, columns = (np.flatnonzero(made.kept[..., 3].any(axis=1)), np.flatnonzero(made.kept[..., 3].any(axis=0)))
    shift = complex(int(columns[0]), int(rows[0]))
    for child in children(puppet, joint):
        if child == own or child in hooks:
            continue
        z = complex(rest(puppet.joints[child].pivot.z)) + shift
        x, y = int(np.floor(z.real)), int(np.floor(z.imag))
        inside = 0 <= x < shape.shape[1] and 0 <= y < shape.shape[0] and bool(shape[y, x])
        if inside and abs(z - made.pivot) > made.radius:
            puppet = set_parent(puppet, [child], own)
    return puppet


def _bones(session: Session, key: str) -> list[str]:
    """The bones whose heads lie in a part's frame, what carries before what is carried."""
    puppet, part = session.puppet, session.puppet.parts[key]
    back = inverse(board_from_drawing(part.placement))
    found = []
    for bone, joint in puppet.joints.items():
        z = complex(back(joint.pivot.z))
        if joint.tip is not None and -8 <= z.real <= part.drawing.width + 8 and -8 <= z.imag <= part.drawing.height + 8:
            found.append(bone)
    return sorted(found, key=lambda bone: len(ancestors(puppet, bone)))


def needs_one_drawing(session: Session) -> str:
    found = _one_part(session)
    return "" if found is not None else tr("Select the one part to lay bones over.")


def _one_part(session: Session) -> str | None:
    chosen = session.selection.only("part") or [key for key, part in session.puppet.parts.items() if not part.reference]
    return chosen[0] if len(chosen) == 1 else None


def lay_bones(name: str) -> Callable[[Session], None]:
    """An action that lays the bones of a body plan over a drawing in one piece, to be dragged to its joints."""

    def work(session: Session) -> None:
        key = _one_part(session)
        if key is None:
            raise RigError(needs_one_drawing(session))
        puppet, part = session.puppet, session.puppet.parts[key]
        sheet = sheet_of_part(part, session.file.pictures.pixels(part.drawing.sha256))
        made: dict[str, str] = {}
        for bone in plan_bones(plan_named(name), sheet.box):
            puppet, made[bone.name] = add_bone(puppet, bone.head, bone.tip, made.get(bone.on), bone.name)
            puppet = change(puppet, made[bone.name], side=bone.side)
        session.edit(tr("Bones of a {plan} over {name}", plan=name, name=part.name), puppet=puppet)
        session.workspace.go_to(LIMBS)
        session.workspace.take_tool(BONE)
        session.selection.select([])
        session.say(
            tr("{count} bones lie over {name}. Alt+drag heads and tips to its joints, then Art > Cut at the bones.",
               count=len(made), name=part.name)
        )  # fmt: skip

    return work


def propose_cuts(session: Session) -> None:
    """Show where the selected part would be cut at the bones that lie over it; nothing is cut yet."""
    key = _over(session)
    if key is None:
        raise RigError(needs_part_over_bones(session))
    puppet, bones = session.puppet, _bones(session, key)
    part = puppet.parts[key]
    picture = _fit(session, part)
    segments = [_segment(puppet, part, bone) for bone in bones]
    root = bones[thickest(picture, segments)]
    board = board_from_drawing(part.placement)
    cuts = tuple(
        ProposedCut(bone, (complex(board(one)), complex(board(other))))
        for bone, (one, other) in zip(bones, lines_across(picture, segments), strict=True)
        if bone != root
    )
    session.workspace.go_to(PARTS)
    session.selection.select([])
    session.drafts.put(session.drafts.now._replace(cuts=CutDraft(session.puppet, key, root, cuts)))
    session.say(
        tr("{count} cuts are proposed on {name}. Click one to exclude it; Enter cuts, Esc discards.",
           count=len(cuts), name=part.name)
    )  # fmt: skip


def switch_cut(session: Session, number: int) -> None:
    """Leave a proposed cut out, or take it in again."""
    draft = _draft(session)
    cuts = list(draft.cuts)
    cuts[number] = cuts[number]._replace(left_out=not cuts[number].left_out)
    session.drafts.put(session.drafts.now._replace(cuts=replaced(draft, cuts=tuple(cuts))))


def rub_out(session: Session) -> None:
    session.drafts.put(session.drafts.now._replace(cuts=None))
    session.say(tr("The proposed cuts were discarded."))


def _draft(session: Session) -> CutDraft:
    draft = session.drafts.now.cuts
    if draft is None:
        raise RigError(tr("No cuts are proposed. Draw bones over a part, then choose Cut at the bones."))
    return draft


def take_cuts(session: Session) -> None:
    """Cut the part at the heads of the bones whose cuts are not left out; each piece rides on its bone."""
    draft = _draft(session)
    key, root, puppet = draft.part, draft.root, session.puppet
    wanted = {one.bone for one in draft.cuts if not one.left_out}
    if not wanted:
        raise RigError(tr("All proposed cuts are excluded. Click one to include it, or discard them with Esc."))
    name = puppet.parts[key].name
    puppet = _parent_of(puppet, _bones(session, key), root)
    bones = sorted(_bones(session, key), key=lambda bone: len(ancestors(puppet, bone)))
    puppet = ride_on(_with_whole_kept(puppet, key), key, root)
    made, left = 0, []
    # From the ends on, so that each takes what hangs beyond along only once.
    order = [one for one in reversed(bones) if one in wanted]
    with session.watching(tr("Cutting at the bones")) as watch:
        for number, bone in enumerate(order):
            watch(number, len(order), puppet.joints[bone].name)
            if not carries(puppet, root, bone):
                left.append(puppet.joints[bone].name)
                continue
            try:
                puppet = _cut_at(session, puppet, key, bone, bones)
                made += 1
            except RigError:
                left.append(puppet.joints[bone].name)
    if not made:
        raise RigError(
            tr("No bone's head lies where {name} could be cut. Draw the bones so that each begins at a joint.", name=name)
        )  # fmt: skip
    moved = sum(abs(puppet.joints[bone].pivot.z - session.puppet.joints[bone].pivot.z) > BESIDE for bone in wanted)
    session.edit(tr("Cut {name} at the bones", name=name), puppet=puppet)
    words = tr(" Not at {names}: the drawing doesn't part there.", names=", ".join(left)) if left else ""
    words += tr(" {count} pivots were moved to the middle of their limbs.", count=moved) if moved else ""
    session.say(tr("{name} is in {count} pieces now, each on its bone.{words}", name=name, count=made + 1, words=words))


def _segment(puppet: Puppet, part: Part, bone: str) -> tuple[complex, complex]:
    """A bone in the pixels of a part's drawing."""
    back, joint = inverse(board_from_drawing(part.placement)), puppet.joints[bone]
    tip = joint.pivot if joint.tip is None else joint.tip
    return complex(back(joint.pivot.z)), complex(back(tip.z))


def _parent_of(puppet: Puppet, bones: Sequence[str], root: str) -> Puppet:
    """Bones that hang from nothing hang from the nearest one that the root carries; and the root, where one of them carried it, from nothing."""
    above = [one for one in ancestors(puppet, root) if one in bones]
    if above:
        puppet = set_parent(puppet, [root], puppet.joints[above[-1]].parent)
    for bone in bones:
        if bone == root or carries(puppet, root, bone) or any(one in bones for one in ancestors(puppet, bone)):
            continue
        known = [one for one in bones if one == root or carries(puppet, root, one)]
        puppet = set_parent(puppet, [bone], nearest_bone(puppet, known, puppet.joints[bone].pivot.z))
    return puppet


def _cut_at(session: Session, puppet: Puppet, key: str, bone: str, bones: Sequence[str]) -> Puppet:
    """A part cut at a bone's head; what lies along it and the bones that it carries rides on the bone, whose head goes to the middle of the cut."""
    part = puppet.parts[key]
    branch = [bone, *(one for one in bones if carries(puppet, bone, one))]
    others = [one for one in bones if one not in branch]
    picture = session.file.pictures.pixels(part.drawing.sha256)
    made = cut_at_bone(
        picture, [_segment(puppet, part, one) for one in branch], [_segment(puppet, part, one) for one in others]
    )
    middle = complex(board_from_drawing(part.placement)(made.pivot))
    puppet, piece = _with_piece(session, puppet, key, made)
    puppet = ride_on(puppet, piece, bone)
    if abs(middle - puppet.joints[bone].pivot.z) > BESIDE:
        puppet = move_pivot(puppet, bone, middle)
    return change(puppet, piece, name=_free_name(puppet, puppet.joints[bone].name, piece))


def _free_name(puppet: Puppet, name: str, piece: str) -> str:
    return unique(name, [part.name for key, part in puppet.parts.items() if key != piece])


def join(session: Session) -> None:
    """Make one part of the selected ones, as they lie at rest; it stays on the joint that carries the others."""
    puppet = session.puppet
    keys = sorted(session.selection.of("part"), key=puppet.order.index)
    for key in keys:
        if puppet.parts[key].mesh is not None:
            raise RigError(tr("{name} bends, so it is not joined. Stop bending first.", name=puppet.parts[key].name))
    first = min(keys, key=lambda key: (len(ancestors(puppet, puppet.parts[key].joint)), puppet.order.index(key)))
    frame = inverse(board_from_drawing(puppet.parts[first].placement))
    maps = {
        key: np.array(svg_matrix(after(frame, board_from_drawing(puppet.parts[key].placement)))).reshape(3, 2).T
        for key in keys
    }
    corners = np.concatenate([
        maps[key] @ np.array([[0, w, 0, w], [0, 0, h, h], [1, 1, 1, 1]])
        for key in keys for w, h in [(puppet.parts[key].drawing.width, puppet.parts[key].drawing.height)]
    ], axis=1)  # fmt: skip
    low = np.floor(corners.min(axis=1) + 1e-6)
    size = np.ceil(corners.max(axis=1) - 1e-6) - low
    if size.max() > LARGEST:
        raise RigError(
            tr(
                "Together these would be a picture of {wide} x {tall} px. Join fewer.",
                wide=int(size[0]),
                tall=int(size[1]),
            )
        )
    pictures = []
    for key in keys:
        matrix = maps[key].copy()
        matrix[:, 2] -= low
        pictures.append((session.file.pictures.pixels(puppet.parts[key].drawing.sha256), matrix))
    whole = one_picture(pictures, (int(size[0]), int(size[1])))
    drawing, corner = _drawn(session, puppet.parts[first].name, whole)
    puppet = exchange_drawing(puppet, first, drawing, complex(*low) + corner)
    joint = puppet.parts[first].joint
    for key in keys:
        if key == first:
            continue
        own = puppet.parts[key].joint
        for child in children(puppet, own) if own != joint else ():
            puppet = set_parent(puppet, [child], joint)
        puppet = remove_part(puppet, key)
    session.edit(tr("Join {count} parts", count=len(keys)), puppet=puppet)
    session.selection.select([first])
    session.say(tr("{name} is one part now, as it lay. Nothing has moved at rest.", name=label_of(session, [first])))
