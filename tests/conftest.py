"""What all tests share: hypothesis settings that do not depend on the machine's speed."""

import os

from hypothesis import HealthCheck, settings

settings.register_profile(
    "umbrite",
    deadline=None,
    max_examples=int(os.environ.get("UMBRITE_EXAMPLES", "60")),
    suppress_health_check=[HealthCheck.too_slow, HealthCheck.data_too_large],
    derandomize=True,
)
settings.load_profile("umbrite")
