"""What holds for every edit of every puppet, edit by edit."""

import copy

import numpy as np
import pytest
from hypothesis import HealthCheck, Phase, given, settings
from hypothesis import strategies as st

from all_edits import EDITS, RIG_EDITS, edited, public_edits
from strategies import furnished, puppets
from umbrite.checking.finding_codes import mend
from umbrite.checking.puppet_findings import findings
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants

CASES, LEAST = 20, 3  # of so many puppets an edit must succeed on so many, or its law has said nothing


def rest_matrices(puppet):
    """Each part's map at rest, by id."""
    plan = compile_plan(puppet)
    maps = evaluate(plan, {}).part_maps()
    return {key: np.array([field[0, i] for field in maps]) for i, key in enumerate(plan.parts)}


def test_every_public_edit_is_under_the_laws():
    assert public_edits() == set(EDITS)


@pytest.mark.parametrize("name", sorted(EDITS))
def test_an_edit_keeps_its_laws(name):
    """Invariants and input are kept, edits of the rig move no pixel of the rest picture, and a refusal is a sentence."""
    succeeded = 0

    # No shrinking: the cases are few, the same each time, and small as they are.
    @settings(max_examples=CASES, suppress_health_check=list(HealthCheck), derandomize=True, phases=[Phase.generate])
    @given(furnished(), st.data())
    def law(puppet, data):
        nonlocal succeeded
        before = copy.deepcopy(puppet)
        try:
            after = edited(name, puppet, data.draw)
        except RigError as error:
            assert str(error)[0].isupper()
            assert len(str(error)) > 20
            return
        finally:
            assert puppet == before
        succeeded += 1
        assert invariants(after) == []
        if name in RIG_EDITS:
            assert after.order == puppet.order
            was = rest_matrices(puppet)
            for key, matrix in rest_matrices(after).items():
                assert (matrix == was[key]).all(), key

    law()
    assert succeeded >= LEAST


@given(puppets(EDITS))
def test_a_long_history_of_edits_keeps_the_invariants(puppet):
    assert invariants(puppet) == []


@given(puppets(EDITS))
def test_every_fix_of_a_finding_keeps_the_invariants_and_ends_the_finding(puppet):
    for finding in findings(puppet):
        mended = mend(puppet, finding)
        assert invariants(mended) == []
        assert (finding not in findings(mended)) == (finding.fix is not None)
