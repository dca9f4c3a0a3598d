"""How a scenario is told, and its answers as plain data."""

import json
from collections.abc import Callable, Iterator
from datetime import UTC, date, datetime, timedelta
from pathlib import Path
from typing import Any, Final

from pydantic import BaseModel

from gasket.core.errors import FaultyInput

FOLDER: Final = Path(__file__).parents[1] / "approved"
START: Final = datetime(2026, 1, 5, 18, 0, tzinfo=UTC)
Answers = Iterator[tuple[str, Any]]
SCENARIOS: Final[dict[str, Callable[[], Answers]]] = {}


def scenario(answers: Callable[[], Answers]) -> Callable[[], Answers]:
    SCENARIOS[answers.__name__] = answers
    return answers


def plain(value: Any) -> Any:
    """Plain data with figures of seven digits; what is left of a sum that comes to nothing is
    nothing, on every machine."""
    match value:
        case BaseModel():
            return plain(value.model_dump(mode="json", exclude_none=True))
        case float():
            return float(f"{round(value, 12):.7g}") + 0.0
        case dict():
            return {str(key): plain(item) for key, item in value.items()}
        case list() | tuple() | set() | frozenset():
            items = [plain(item) for item in value]
            ordered = isinstance(value, list | tuple)
            return items if ordered else sorted(items, key=json.dumps)
        case timedelta() | datetime() | date():
            return str(value)
        case None | bool() | int() | str():
            return value
        case _:
            names = getattr(value, "__slots__", None) or vars(value)
            return {name: plain(getattr(value, name)) for name in names if name[0] != "_"}


def answered(ask: Callable[[], Any]) -> Any:
    """What is answered, or what is refused."""
    try:
        return plain(ask())
    except FaultyInput as error:
        return {"refused": [str(fault) for fault in error.faults]}
