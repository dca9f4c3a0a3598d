"""Writes the published schemas to docs/formats/: `python -m gasket.api.publish [--check]`."""

import json
import sys
from pathlib import Path
from typing import Any, Final

from gasket.api.app import create_app
from gasket.formats.schemas import schemas
from gasket.kitchen.house import House
from gasket.store.database import Database

FORMATS: Final = Path(__file__).resolve().parents[2] / "docs" / "formats"


def documents() -> dict[str, dict[str, Any]]:
    """All published documents by file name."""
    app = create_app(House(Database(None)))
    return {**schemas(), "openapi.json": app.openapi()}


def main(check: bool) -> int:
    """Write the documents, or with `check` say which are out of date (exit code 1)."""
    stale = []
    for name, document in documents().items():
        text = json.dumps(document, indent=1, ensure_ascii=False, sort_keys=True) + "\n"
        path = FORMATS / name
        if check and (not path.is_file() or path.read_text(encoding="utf-8") != text):
            stale.append(name)
        elif not check:
            path.write_text(text, encoding="utf-8")
    for name in stale:
        sys.stderr.write(f"docs/formats/{name} is out of date: run ./run types\n")
    return 1 if stale else 0


if __name__ == "__main__":
    sys.exit(main("--check" in sys.argv[1:]))
