"""Parts made from parts: seam covers, shades, and one light over the figure."""

from collections.abc import Callable, Sequence

from umbrite.art.covers import BEYOND, disc_of_colour, fitting_radius, light_disc, shade_of
from umbrite.art.pictures import Picture
from umbrite.desk.commands.labels import label_of, some_names
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.files.layers import Layered, layer_of
from umbrite.files.png import fingerprint
from umbrite.motion.scene import scene_of
from umbrite.rig.affine import Affine, after, decompose, inverse
from umbrite.rig.change import change
from umbrite.rig.edits.looks import set_blend, shades_of
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import add_part, reorder, ride_on
from umbrite.rig.edits.variants.sets import join_variant, set_of
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, parts_on
from umbrite.rig.model import Drawing, Part, Placement, Puppet, Shade
from umbrite.rig.placement import around_parts, board_from_drawing

SHADE_STRENGTH = 0.6


LIGHT, LIGHT_STRENGTH = (255, 214, 140), 0.55


def _made(
    session: Session,
    puppet: Puppet,
    painted: Callable[[], Picture],
    name: str,
    joint: str | None,
    onto: Affine[complex],
) -> tuple[Puppet, str]:
    """A part from pixels, placed by a map from them to the board, riding on a joint."""
    layer = session.apart(tr("Painting {path}", path=name), lambda _: layer_of(name, painted()))
    if layer is None:
        raise RigError(tr("{name} would show nothing here, so it was not made.", name=name))
    session.file.add_art({fingerprint(layer.png): layer.png})
    drawing = Drawing(fingerprint(layer.png), layer.width, layer.height)
    whole = after(onto, Affine(1 + 0j, 0j, complex(layer.x, layer.y)))
    at = complex(whole.t)
    puppet, key = add_part(puppet, name, drawing, Placement(at.real, at.imag, *decompose(whole)))
    return (puppet if joint is None else ride_on(puppet, key, joint)), key


def seam_cover(session: Session) -> None:
    """Cover the seams at the selected joints in their parts' own colours; a cover rides on its joint, over both parts."""
    puppet, made = session.puppet, []
    for joint in session.selection.of("joint"):
        puppet, key = _covered(session, puppet, joint)
        made.append(key)
    names = some_names([puppet.parts[key].name for key in made])
    session.edit(tr("Cover the seam of {name}", name=label_of(session, session.selection.of("joint"))), puppet=puppet)
    session.selection.select(made)
    session.say(
        tr("{name} made: a seam cover turns with its joint and has its own place in the depth rail.", name=names)
    )


def _covered(session: Session, puppet: Puppet, joint: str) -> tuple[Puppet, str]:
    """One joint with a disc of its part's colour over its seam, and the disc's id."""
    parts = parts_on(puppet, joint)
    if not parts:
        raise RigError(
            tr(
                "{name} has no drawing whose colour a cover could take. Select a joint with a part.",
                name=puppet.joints[joint].name,
            )
        )
    shown = {shape.part for shape in scene_of(session.placed)}
    part = puppet.parts[max(parts, key=lambda key: (key in shown, puppet.order.index(key)))]
    picture = session.file.pictures.pixels(part.drawing.sha256)
    board = board_from_drawing(part.placement)
    at = complex(inverse(board)(puppet.joints[joint].pivot.z))
    radius = fitting_radius(picture, at) * BEYOND
    if radius < 2:
        raise RigError(
            tr(
                "The pivot of {name} lies outside its drawing, so there is no seam to cover. Move the pivot first.",
                name=part.name,
            )
        )
    disc = disc_of_colour(picture, at, radius)
    corner = at - (disc.shape[0] - 1) / 2 * (1 + 1j)
    puppet, key = _made(
        session, puppet, lambda: disc, f"{part.name} cover", joint, after(board, Affine(1 + 0j, 0j, corner))
    )
    return _over_seam(puppet, key, joint), key


def cover_with(session: Session, found: Layered) -> None:
    """A drawing of one's own over the seam of the selected joint: its middle on the pivot, over both parts. Refuses pictures of several layers."""
    (joint,) = session.selection.of("joint")
    if len(found.layers) != 1:
        raise RigError(
            tr("A cover is one drawing, and this has {count} layers. Choose a picture of one.", count=len(found.layers))
        )
    (layer,) = found.layers
    session.file.add_art({fingerprint(layer.png): layer.png})
    drawing = Drawing(fingerprint(layer.png), layer.width, layer.height)
    puppet = session.puppet
    at = puppet.joints[joint].pivot.z - complex(layer.width, layer.height) / 2
    puppet, key = add_part(puppet, f"{puppet.joints[joint].name} cover", drawing, Placement(at.real, at.imag))
    puppet = _over_seam(ride_on(puppet, key, joint), key, joint)
    session.edit(tr("Cover the seam of {name}", name=puppet.joints[joint].name), puppet=puppet)
    session.selection.select([key])
    session.say(
        tr(
            "{name} made: a seam cover turns with its joint and has its own place in the depth rail.",
            name=puppet.parts[key].name,
        )
    )


def _over_seam(puppet: Puppet, key: str, joint: str) -> Puppet:
    """A cover just in front of both parts that meet at a joint."""
    parent = puppet.joints[joint].parent
    over = [*parts_on(puppet, joint), *(parts_on(puppet, parent) if parent else [])]
    places = [puppet.order.index(part) for part in over if part != key]
    return reorder(puppet, [key], max(places, default=len(puppet.order) - 2) + 1)


def shade(session: Session) -> None:
    """A shade along one side of each selected part, made from its own shape, that rides with it."""
    puppet, made = session.puppet, []
    for key in session.selection.of("part"):
        puppet, new = _shaded(session, puppet, key)
        made.append(new)
    session.edit(tr("Shade {count} part{ending}", count=len(made), ending="s" if len(made) > 1 else ""), puppet=puppet)
    session.selection.select(made)


def _shaded(session: Session, puppet: Puppet, key: str) -> tuple[Puppet, str]:
    """One part with a shade of its own shape, which shows when the part does, and the shade's id."""
    part, shade = puppet.parts[key], Shade()
    picture = session.file.pictures.pixels(part.drawing.sha256)
    puppet, new = _made(
        session,
        puppet,
        lambda: _darkened(picture, part, shade),
        f"{part.name} shade",
        part.joint,
        board_from_drawing(part.placement),
    )
    puppet = change(set_blend(puppet, new, "multiply"), new, clip=key, opacity=SHADE_STRENGTH, shade=shade)
    puppet = reorder(puppet, [new], puppet.order.index(key) + 1)
    if (found := set_of(puppet, key)) is not None:
        puppet = join_variant(puppet, found[0], found[1].number, [new])
    return puppet, new


def _darkened(picture: Picture, part: Part, shade: Shade) -> Picture:
    """A shade's pixels, in those of the drawing of the part that it lies on."""
    width = min(part.drawing.width, part.drawing.height)
    shift = complex(width * shade.across, -width * shade.up)
    return shade_of(picture, shift, width * shade.edge, shade.colour)


def with_shade(session: Session, puppet: Puppet, key: str, shade: Shade) -> Puppet:
    """The puppet with a shade made anew from the drawing of its part, otherwise shifted, coloured or soft. Refuses one that would show nothing."""
    own = puppet.parts[key]
    if own.clip is None:
        raise RigError(tr("{name} lies on no part any more, so it can't be made again.", name=own.name))
    part = puppet.parts[own.clip]
    picture = session.file.pictures.pixels(part.drawing.sha256)
    layer = session.apart(
        tr("Painting {path}", path=own.name), lambda _: layer_of(own.name, _darkened(picture, part, shade))
    )
    if layer is None:
        raise RigError(tr("{name} would show nothing here, so it stays as it was.", name=own.name))
    drawing = Drawing(fingerprint(layer.png), layer.width, layer.height)
    session.file.add_art({drawing.sha256: layer.png})
    whole = after(board_from_drawing(part.placement), Affine(1 + 0j, 0j, complex(layer.x, layer.y)))
    at = complex(whole.t)
    return change(puppet, key, drawing=drawing, placement=Placement(at.real, at.imag, *decompose(whole)), shade=shade)


def shades_anew(session: Session, puppet: Puppet, key: str) -> Puppet:
    """The puppet with the shades of a part made anew, whose drawing has become another; those that were drawn by hand stay."""
    for other in shades_of(puppet, key):
        if (shade := puppet.parts[other].shade) is not None:
            puppet = with_shade(session, puppet, other, shade)
    return puppet


def with_shades(session: Session, puppet: Puppet, key: str, made: Sequence[str]) -> Puppet:
    """The puppet in which new drawings of a part's set are shaded where the part is; its shade shows with the part alone."""
    shades = [shade for shade in shades_of(puppet, key) if shade not in made]
    found = set_of(puppet, key)
    if not shades or found is None:
        return puppet
    loose = [shade for shade in shades if set_of(puppet, shade) is None]
    puppet = join_variant(puppet, found[0], found[1].number, loose)
    for new in made:
        puppet, _ = _shaded(session, puppet, new)
    return puppet


def light(session: Session) -> None:
    """One lamp light over the whole figure, from its upper left; it rides on what carries everything."""
    puppet = session.puppet
    box = around_parts(puppet, puppet.order)
    radius = int(max(box.right - box.left, box.bottom - box.top) * 0.6)
    size = min(radius, 400)
    at = complex(box.left + (box.right - box.left) * 0.3, box.top + (box.bottom - box.top) * 0.25)
    onto = Affine(radius / size + 0j, 0j, at - radius * (1 + 1j))
    first = puppet.parts[puppet.order[0]].joint
    root = [first, *ancestors(puppet, first)][-1]
    puppet, key = _made(session, puppet, lambda: light_disc(size, LIGHT, LIGHT_STRENGTH), tr("Lamp light"), None, onto)
    joint = puppet.parts[key].joint
    puppet = change(set_parent(puppet, [joint], root), joint, pivot_set=True)
    session.edit(tr("Light over all"), puppet=set_blend(puppet, key, "overlay"))
    session.selection.select([key])
