"""Build by plan: the pieces on a body plan's places, looked at and corrected, then the whole rig in one step."""

from collections.abc import Mapping
from dataclasses import replace
from typing import NamedTuple

from msgspec.structs import replace as replaced

from umbrite.art.building.body_plan import BodyPlan, places_of, shipped_plans
from umbrite.art.building.own_plan import plan_of
from umbrite.art.building.placing import Filled, fill, pieces_to_place
from umbrite.art.building.plan_limbs import SIDES, Wishes, way_of
from umbrite.art.building.plan_rig import build_rig, pivots_elsewhere
from umbrite.art.building.transfer import lay_rig, rig_plan
from umbrite.art.contacts import Pieces
from umbrite.desk.session.drafts import Carried, PlanDraft
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import PARTS, PIVOTS, REHEARSE
from umbrite.desk.theme.language import tr
from umbrite.files.formats.plan_files import keep_plan, kept_plans
from umbrite.files.native.kept_beside import art_named
from umbrite.files.package import Package
from umbrite.rig.errors import RigError, Watch
from umbrite.rig.words.names import tidy

SURE = 0.8  # from here on a place needs no second look


def needs_pieces(session: Session) -> str:
    return "" if len(session.puppet.parts) > 1 else tr("Add the art first: a figure has two pieces or more.")


def propose(session: Session) -> None:
    """Guess the plan and which piece is which, and show it; nothing is made yet. With several parts selected it is for these alone."""
    puppet, pictures, every = session.puppet, session.file.pictures.of(session.puppet), _all_plans(session)

    def work(watch: Watch) -> tuple[Pieces, list[Filled]]:
        pieces = pieces_to_place(puppet, pictures, watch)
        return pieces, fill(puppet, pieces, every, watch=watch)

    pieces, found = session.apart(tr("Working out which piece is which"), work)
    plans = tuple(one.plan for one in found)
    chosen = [key for key in session.selection.only("part") if key in pieces.keys]
    only = frozenset(chosen if len(chosen) > 1 else ())
    session.workspace.go_to(PIVOTS)
    session.selection.select([])
    _put(session, PlanDraft(session.puppet, pieces, plans, found[0], Wishes(only=only)))
    _tell(session)


def _all_plans(session: Session) -> list[BodyPlan]:
    """A person's own plans, and those that ship for which there is none of the same name."""
    own = {plan.name: plan for plan in kept_plans(session.file.own_plans)}
    return [*own.values(), *(plan for plan in shipped_plans() if plan.name not in own)]


def needs_family(session: Session) -> str:
    hangs = any(joint.parent is not None for joint in session.puppet.joints.values())
    return "" if hangs else tr("Build the family first; then it can be saved as a plan.")


def keep(session: Session) -> None:
    """Keep this puppet as a body plan: the next of its kind is built by it."""
    folder = session.file.own_plans
    if folder is None:
        raise RigError(tr("There is no folder for body plans here."))
    path = session.file.path
    name = tidy(path.stem) if path is not None else session.puppet.name
    puppet, pictures = session.puppet, session.file.pictures.of(session.puppet)
    plan = session.apart(
        tr("Working out how the pieces overlap"),
        lambda watch: plan_of(puppet, pieces_to_place(puppet, pictures, watch), name),
    )
    kept = keep_plan(folder, plan)
    session.say(tr("{name} is a body plan now, saved as {path}. Build by plan offers it.", name=name, path=str(kept)))


def draft_of(session: Session) -> PlanDraft:
    """The plan that is proposed. Raises RigError where none is."""
    draft = session.drafts.now.plan
    if draft is None:
        raise RigError(tr("Let a plan be guessed first: Build by plan."))
    return draft


def _put(session: Session, draft: PlanDraft | None) -> None:
    session.drafts.put(session.drafts.now._replace(plan=draft))


def _tell(session: Session) -> None:
    filled = draft_of(session).filled
    doubtful = sum(share < SURE for share in filled.sure.values())
    words = tr(", {count} of them doubtful", count=doubtful) if doubtful else ""
    session.say(
        tr(
            "{plan}, {count} places filled{words}. Drag pieces to other places, click one to clear it; Enter builds.",
            plan=tr(filled.plan.name),
            count=len(filled.pieces),
            words=words,
        )
    )


def _decided(called: Mapping[str, str], held: Mapping[str, str]) -> dict[str, str]:
    """What a person has decided, and what names tell where nothing else was decided."""
    taken = set(held.values())
    return {**{place: part for place, part in called.items() if part not in taken}, **held}


def _again(session: Session, held: Mapping[str, str], facing: int) -> None:
    """The same plan filled anew, with what a person has decided."""
    draft = draft_of(session)
    filled = fill(draft.puppet, draft.pieces, [draft.filled.plan], _decided(draft.called, held), facing)[0]
    _put(session, replace(draft, filled=filled, held=held, facing=facing, carried=None))


def choose_plan(session: Session, name: str) -> None:
    """Another plan; what was decided of the first is forgotten."""
    draft = draft_of(session)
    plan = next(one for one in draft.plans if one.name == name)
    filled = fill(draft.puppet, draft.pieces, [plan])[0]
    _put(session, replace(draft, filled=filled, held={}, facing=0))
    _tell(session)


def carry(session: Session, carried: Carried | None) -> None:
    """A piece is dragged over the board; the figure looks where it is let go."""
    _put(session, replace(draft_of(session), carried=carried))


def set_piece(session: Session, place: str, part: str) -> None:
    """A piece on a place, by hand; the others are found anew around it."""
    draft = draft_of(session)
    if part not in draft.pieces.keys:
        raise RigError(
            tr(
                "{name} is no piece of the figure: it is hidden, or lies on another one as its shade.",
                name=session.puppet.parts[part].name,
            )
        )
    held = {key: one for key, one in draft.held.items() if one != part} | {place: part}
    _again(session, held, draft.facing)
    session.say(tr("{name} is the {place} now.", name=session.puppet.parts[part].name, place=place_words(place)))


def empty(session: Session, place: str) -> None:
    """A place stays empty, or is filled again as it fits best."""
    draft = draft_of(session)
    held = dict(draft.held)
    if held.get(place) == "":
        del held[place]
    else:
        held[place] = ""
    _again(session, held, draft.facing)


def turn_facing(session: Session) -> None:
    """The figure looks to the other side."""
    draft = draft_of(session)
    _again(session, draft.held, -draft.filled.facing)


def turn_bend(session: Session, key: str) -> None:
    """A limb bends to the other side."""
    draft = draft_of(session)
    wishes = draft.wishes
    _put(session, replace(draft, wishes=wishes._replace(turned=wishes.turned ^ {key})))


def turn_ground(session: Session, key: str) -> None:
    """A limb's end stands on the ground, or no longer does."""
    draft = draft_of(session)
    wishes = draft.wishes
    _put(session, replace(draft, wishes=wishes._replace(replanted=wishes.replanted ^ {key})))


class Differing(NamedTuple):
    """What would be made or moved, in words, most telling first; and whether pivots are among it, which move on wish only."""

    told: list[str]
    elsewhere: bool


def what_differs(draft: PlanDraft) -> Differing:
    """On a puppet that has this plan's rig already, what would be made or moved. Nothing for loose art."""
    puppet, filled = draft.puppet, draft.filled
    joint = {place: puppet.parts[part].joint for place, part in filled.pieces.items()}
    reparented = [
        place
        for place in places_of(filled.plan)
        if place.name in joint and puppet.joints[joint[place.name]].parent is not None
    ]
    if len(reparented) * 2 < len(joint):
        return Differing([], elsewhere=False)
    loose = [
        puppet.parts[filled.pieces[place.name]].name
        for place in places_of(filled.plan)
        if place.name in joint and place.on and puppet.joints[joint[place.name]].parent is None
    ]
    held = {key for limb in puppet.limbs.values() for key in (*limb.joints, limb.end)}
    limbs = [
        f"{way[0].name} – {way[-1].name}"
        for limb in filled.plan.limbs
        for side in SIDES
        if len(way := way_of(filled, limb, side)) > 1 and held.isdisjoint(joint[place.name] for place in way)
    ]
    found = [tr("{name} is parented to it", name=name) for name in loose]
    found += [tr("a limb {name}", name=name) for name in limbs]
    elsewhere = pivots_elsewhere(puppet, draft.pieces, filled)
    for part, pivot in elsewhere.items():
        off = abs(pivot - puppet.joints[puppet.parts[part].joint].pivot.z)
        found.append(tr("{name} turns {off} px elsewhere", name=puppet.parts[part].name, off=f"{off:.0f}"))
    return Differing(found, bool(elsewhere))


def set_wish(session: Session, name: str, *, on: bool) -> None:
    """Let something be made, or left out."""
    draft = draft_of(session)
    _put(session, replace(draft, wishes=Wishes(**{**draft.wishes._asdict(), name: on})))


def propose_rig(session: Session, rig: Package) -> None:
    """Show which piece of the art that is open takes the place of which of a rig; nothing is made yet."""
    puppet, pictures = session.puppet, session.file.pictures.of(session.puppet)

    def work(watch: Watch) -> PlanDraft:
        pieces = pieces_to_place(puppet, pictures, watch)
        plan, _, called, _ = rig_plan(rig.puppet, pieces_to_place(rig.puppet, rig.pixels(), watch), puppet, pieces)
        filled = fill(puppet, pieces, [plan], called, watch=watch)[0]
        return PlanDraft(puppet, pieces, (plan,), filled, Wishes(), rig=rig, called=called)

    draft = session.apart(tr("Working out which piece is which"), work)
    session.workspace.go_to(PIVOTS)
    session.selection.select([])
    _put(session, draft)
    _tell(session)


def _lay(session: Session, draft: PlanDraft, rig: Package) -> None:
    """The rig on the art that is open, in one step."""
    pictures = session.file.pictures.of(draft.puppet)
    laid = session.apart(
        tr("Transferring the rig"),
        lambda watch: lay_rig(rig.document, rig.pixels(), draft.puppet, pictures, draft.filled, watch=watch),
    )
    _put(session, None)
    session.file.add_art(art_named(laid.document, rig.art))
    document = replaced(laid.document, versions=session.history.now.versions)
    session.edit(tr("Transfer the rig of {name}", name=rig.puppet.name), whole=document)
    session.workspace.go_to(REHEARSE if document.puppet.controls else PARTS)
    session.say(
        tr("The rig of {name} was transferred: {count} pieces found their places. {words}",
           name=rig.puppet.name, count=len(laid.pairs), words=" ".join(laid.told))
    )  # fmt: skip


def build(session: Session) -> None:
    """Make the rig of the proposed plan, in one step."""
    draft = draft_of(session)
    if draft.rig is not None:
        _lay(session, draft, draft.rig)
        return
    pictures = session.file.pictures.of(draft.puppet)
    built = session.apart(
        tr("Building"), lambda _: build_rig(draft.puppet, draft.pieces, draft.filled, draft.wishes, pictures)
    )
    _put(session, None)
    if built.puppet == session.puppet:
        session.say(tr("Nothing is missing: all of this plan is there already."))
        return
    session.edit(tr("Build a {plan}", plan=draft.filled.plan.name), puppet=built.puppet)
    words = " ".join(built.told)
    if built.controls:
        session.workspace.go_to(REHEARSE)
    session.say(
        tr(
            "{pieces} pieces, {limbs} limbs and {controls} controls were made. Undo removes all of it. {words}",
            pieces=sum(map(draft.wishes.meant, [*draft.filled.pieces.values(), *draft.filled.left])),
            limbs=len(built.limbs),
            controls=len(built.controls),
            words=words,
        )
    )


def place_words(place: str) -> str:
    """A plan's place for people: its side, what it is, and its number in a row, each in their language."""
    words = place.split()
    number = words.pop() if len(words) > 1 and words[-1].isdecimal() else ""
    side = words.pop(0) if len(words) > 1 and words[0] in {"Near", "Far"} else ""
    name = " ".join(words).capitalize()
    what = tr(name)
    # Within a name a place goes on in small letters, where the language has it so.
    told = tr("{side} {what}", side=tr(side), what=what.lower() if what == name else what) if side else what
    return f"{told} {number}" if number else told


def rub_out(session: Session) -> None:
    _put(session, None)
    session.say(tr("The plan was discarded."))


def places_shown(draft: PlanDraft) -> list[str]:
    """The places that are worth a card: filled ones, needed ones, those emptied by hand, and the next of each row."""
    filled, shown = draft.filled, []
    for place in places_of(filled.plan):
        above_there = place.number == 1 or place.on in filled.pieces
        if place.name in filled.pieces or place.name in draft.held or above_there:
            shown.append(place.name)
    return shown
