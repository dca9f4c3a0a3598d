"""An example of what each operation is sent, by the operation: for whoever writes a client.

They are of an invented kitchen; `tests/api/test_examples.py` sends every one of them to the demo's.
A `version` is whatever was read last, an `id` of a record is made anew by the sender.
"""

import json
from functools import cache
from pathlib import Path
from typing import Any, Final

_FILE: Final = Path(__file__).parent / "examples.json"


@cache
def examples() -> dict[str, Any]:
    """Bodies by the id of the operation; read when the document is made."""
    stored: dict[str, Any] = json.loads(_FILE.read_text(encoding="utf-8"))
    return stored
