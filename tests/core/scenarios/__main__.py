"""`python -m tests.core.scenarios`: write what every scenario answers now."""

import json
from typing import Any

from tests.core.scenarios import FOLDER, SCENARIOS, plain


def _one_line(value: Any) -> str:
    return json.dumps(value, ensure_ascii=False, sort_keys=True)


def main() -> None:
    """Write what every scenario answers now."""
    FOLDER.mkdir(exist_ok=True)
    for name, answers in SCENARIOS.items():
        said = {key: plain(value) for key, value in answers()}
        text = "\n".join(
            f"{json.dumps(key, ensure_ascii=False)}: {_one_line(value)},"
            for key, value in said.items()
        )
        (FOLDER / f"{name}.json").write_text("{\n" + text.rstrip(",") + "\n}\n", encoding="utf-8")


if __name__ == "__main__":
    main()
