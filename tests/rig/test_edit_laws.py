"""What holds for every edit of every puppet."""

import contextlib
import copy

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from strategies import ART_EDITS, EDITS, RIG_EDITS, puppets
from umbrite.checking.finding_codes import mend
from umbrite.checking.puppet_findings import findings
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Puppet


def rest_matrices(puppet: Puppet) -> dict[str, np.ndarray]:
    """Each part's map at rest, by id."""
    plan = compile_plan(puppet)
    maps = evaluate(plan, {}).part_maps()
    return {key: np.array([field[0, i] for field in maps]) for i, key in enumerate(plan.parts)}


@given(puppets(EDITS), st.sampled_from(sorted(EDITS)), st.data())
def test_every_edit_keeps_the_invariants_and_its_input(
    puppet: Puppet, name: str, data: st.DataObject
) -> None:
    assert invariants(puppet) == []
    before = copy.deepcopy(puppet)
    with contextlib.suppress(RigError):
        after = EDITS[name](puppet, data.draw)
        assert invariants(after) == []
    assert puppet == before


@given(puppets(RIG_EDITS), st.sampled_from(sorted(RIG_EDITS)), st.data())
def test_no_edit_of_the_rig_moves_the_rest_picture(puppet: Puppet, name: str, data: st.DataObject) -> None:
    before = rest_matrices(puppet)
    with contextlib.suppress(RigError):
        after = RIG_EDITS[name](puppet, data.draw)
        assert after.order == puppet.order
        for key, matrix in rest_matrices(after).items():
            assert (matrix == before[key]).all(), name


@given(puppets(EDITS))
def test_every_fix_of_a_finding_keeps_the_invariants_and_ends_the_finding(puppet: Puppet) -> None:
    for finding in findings(puppet):
        mended = mend(puppet, finding)
        assert invariants(mended) == []
        assert (finding not in findings(mended)) == (finding.fix is not None)


@given(puppets(EDITS), st.sampled_from(sorted(EDITS)), st.data())
def test_a_refusal_is_a_sentence(puppet: Puppet, name: str, data: st.DataObject) -> None:
    try:
        EDITS[name](puppet, data.draw)
    except RigError as error:
        text = str(error)
        assert text[0].isupper() or text.startswith("there")
        assert len(text) > 20


def test_all_edits_are_drawn_from() -> None:
    assert len(EDITS) == len(RIG_EDITS) + len(ART_EDITS)
