"""What all tests share: hypothesis settings that do not depend on the machine's speed."""

import os

from hypothesis import HealthCheck, settings

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")  # the journeys name a display

settings.register_profile(
    "umbrite",
    deadline=None,
    max_examples=int(os.environ.get("UMBRITE_EXAMPLES", "30")),
    suppress_health_check=[HealthCheck.too_slow, HealthCheck.data_too_large],
    derandomize=True,
)
settings.load_profile("umbrite")
