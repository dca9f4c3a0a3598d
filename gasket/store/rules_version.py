"""Which rules figures are calculated by: a version that every change of a rule changes.

It is read off the program itself, so that nobody has to remember to raise it, and a figure that an
older Gasket calculated is never taken for one of this.
"""

import hashlib
from functools import cache
from pathlib import Path

_PACKAGE = Path(__file__).resolve().parents[1]


@cache
def rules_version() -> str:
    """The version of the trade's rules and of what store and kitchen make of them."""
    digest = hashlib.sha256()
    for room in ("core", "kitchen", "store/books"):
        for file in sorted((_PACKAGE / room).rglob("*.py")):
            digest.update(file.read_bytes())
    return digest.hexdigest()[:16]
