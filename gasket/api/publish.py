"""Writes the published schemas to docs/formats/, the notices and the pages' vocabulary:
`python -m gasket.api.publish [--check]`."""

import json
import re
import sys
from pathlib import Path
from typing import Any, Final

from gasket.api import figure_types
from gasket.api.app import create_app
from gasket.api.notices import as_json, as_markdown, third_party
from gasket.api.vocabulary import as_typescript
from gasket.core.trade.nutrients.figure_types import FIGURES, NUTRIENTS
from gasket.formats.schemas import schemas
from gasket.kitchen.house import House
from gasket.store.database import Database

ROOT: Final = Path(__file__).resolve().parents[2]
FORMATS: Final = "docs/formats"
VOCABULARY: Final = "web/src/api/vocabulary.ts"
NOTICES: Final = "docs/third-party.md"
SHOWN_NOTICES: Final = "web/src/api/notices.json"


def documents() -> dict[str, dict[str, Any]]:
    """All published documents by file name."""
    app = create_app(House(Database(None)))
    return {**schemas(), "openapi.json": app.openapi()}


def texts() -> dict[str, str]:
    """Everything that is generated, by its path in the repository."""
    published = documents()
    shown = {f"{FORMATS}/{name}": _as_json(document) for name, document in published.items()}
    notices = third_party(ROOT)
    return {
        **shown,
        **papers(),
        VOCABULARY: as_typescript(published["openapi.json"]["components"]["schemas"]),
        figure_types.PATH: figure_types.as_python(),
        NOTICES: as_markdown(notices),
        SHOWN_NOTICES: as_json(notices),
    }


def marked(text: str, mark: str, words: str) -> str:
    """`text` with `words` between every pair of `<!--mark-->` and `<!--/-->`."""
    begin, end = f"<!--{mark}-->", "<!--/-->"
    return re.sub(f"{begin}.*?{end}", f"{begin}{words}{end}", text, flags=re.DOTALL)


def papers() -> dict[str, str]:
    """The papers that name every nutrient, by their path."""
    contents = {}
    for path in (f"{FORMATS}/batch.md", f"{FORMATS}/shelf.md"):
        text = (ROOT / path).read_text(encoding="utf-8")
        for mark, keys in (("printed", FIGURES), ("calculated", NUTRIENTS)):
            text = marked(text, mark, ", ".join(f"`{key}`" for key in keys))
        contents[path] = text
    return contents


def _as_json(document: dict[str, Any]) -> str:
    return json.dumps(document, indent=1, ensure_ascii=False, sort_keys=True) + "\n"


def main(check: bool) -> int:
    """Write the documents, or with `check` say which are out of date (exit code 1)."""
    stale = []
    for name, text in texts().items():
        path = ROOT / name
        if check and (not path.is_file() or path.read_text(encoding="utf-8") != text):
            stale.append(name)
        elif not check:
            path.write_text(text, encoding="utf-8")
    for name in stale:
        sys.stderr.write(f"{name} is out of date: run ./run types\n")
    return 1 if stale else 0


if __name__ == "__main__":
    sys.exit(main("--check" in sys.argv[1:]))
