"""Scenarios over every room of the core, with what each answers as plain data.

What they answered when it was last looked through is kept in `approved/`, a file a scenario, so
that a change of a rule shows every figure that it moves. `python -m tests.core.scenarios` writes
the files anew: read the difference before it goes in.
"""

from tests.core.scenarios import (
    cooking,
    entering,
    rebuilding,
    reckoning,
    tasting,
    trade,
    weighing,
)
from tests.core.scenarios.model import FOLDER, SCENARIOS, plain

__all__ = [
    "FOLDER",
    "SCENARIOS",
    "cooking",
    "entering",
    "plain",
    "rebuilding",
    "reckoning",
    "tasting",
    "trade",
    "weighing",
]
