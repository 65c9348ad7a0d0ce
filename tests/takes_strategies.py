"""Random takes for the laws."""

from hypothesis import strategies as st

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
