"""An example of what each operation is sent, by the operation: for whoever writes a client.

They are of an invented kitchen; `tests/api/test_examples.py` sends every one of them to the demo's.
A `version` is whatever was read last, an `id` of a record is made anew by the sender.
"""

import json
from pathlib import Path
from typing import Any, Final

EXAMPLES: Final[dict[str, Any]] = json.loads(
    (Path(__file__).parent / "examples.json").read_text(encoding="utf-8")
)
