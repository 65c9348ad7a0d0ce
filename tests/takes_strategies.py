"""Random takes for the laws, and what holds of takes when the rest changes under them."""

import numpy as np
from hypothesis import strategies as st

from umbrite.motion.animating.playing import placed_over
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.picture_kept import Rest, how_far
from umbrite.motion.rest_changes.takes_kept import WITHIN
from umbrite.rig.takes.take import Key, Take

values = st.floats(-500, 500).map(lambda x: round(x, 3))
frames = st.integers(-20, 80).map(float)


@st.composite
def keys(draw, frame):
    interpolation = draw(st.sampled_from(["smooth", "eased", "straight", "hold", "free"]))
    out = into = 0.0
    if interpolation == "eased":
        out = draw(st.floats(0, 1))
        into = draw(st.floats(0, 1 - out))
    elif interpolation == "free":
        out, into = draw(st.floats(-20, 20)), draw(st.floats(-20, 20))
    return Key(frame, draw(values), interpolation, out, into)


@st.composite
def tracks(draw):
    at = sorted(draw(st.sets(frames, min_size=1, max_size=8)))
    return tuple(draw(keys(frame)) for frame in at)


@st.composite
def takes(draw, channels=("j1.turn", "j1.x", "j2.y")):
    some = draw(st.sets(st.sampled_from(channels), min_size=1))
    return Take(
        "Take", draw(st.sampled_from([12.0, 24.0, 25.0])), 0, draw(st.integers(8, 60)), draw(st.booleans()),
        {channel: draw(tracks()) for channel in sorted(some)},
    )  # fmt: skip


def looks_as_before_or_is_told(before, after, differs, takes=None):
    """Every half frame of every take that both documents have looks as it did, or lies in what is told of it."""
    rest, others = (
        Rest(compile_plan(before.puppet), compile_plan(after.puppet)),
        {take.name: take for take in after.takes},
    )
    for take in (take for take in before.takes[:takes] if take.name in others):
        frames = np.arange(take.first, take.last + 0.25, 0.5)
        was, now = placed_over(take, before.puppet, frames), placed_over(others[take.name], after.puppet, frames)
        far = how_far(was, now, rest)
        for run in (run for run in differs if run.kind == "take" and run.name == take.name):
            far[(frames >= run.first) & (frames <= run.last)] = 0.0
        assert far.max() <= WITHIN * 1.01, (take.name, far.max())
