"""Batch files: JSON text ↔ `gasket.core.reckoning.batch.Batch`, with every fault named by its path.

Stricter than plain JSON: a key that stands twice in one object, NaN and infinity are faults.
"""

import json
from collections.abc import Iterator
from typing import Any, Final

from pydantic import ValidationError

from gasket.core.errors import Fault, FaultyInput, path_of
from gasket.core.reckoning.batch import Batch

MOST_BYTES: Final = 2_000_000


class _Object(dict[str, Any]):
    """A JSON object that remembers keys which stood twice."""

    twice: tuple[str, ...] = ()


def _remember_twice(pairs: list[tuple[str, Any]]) -> _Object:
    entries = _Object(pairs)
    if len(entries) < len(pairs):
        keys = [key for key, _ in pairs]
        entries.twice = tuple(dict.fromkeys(key for key in keys if keys.count(key) > 1))
    return entries


def parse_batch(text: str | bytes) -> Batch:
    """A batch from JSON text. Raises `FaultyInput` with one fault per wrong place."""
    return to_batch(parse_json(text))


def parse_json(text: str | bytes) -> Any:
    """JSON text as Python values. Raises `FaultyInput` where it is not JSON or says a key twice."""
    if len(text) > MOST_BYTES:
        raise FaultyInput.at("$", f"A batch file is at most {MOST_BYTES // 1_000_000} MB.")
    try:
        if isinstance(text, bytes):
            text = text.decode("utf-8-sig")
        document = json.loads(text, object_pairs_hook=_remember_twice)
        twice = [*_twice(document, ())]
    except UnicodeDecodeError:
        raise FaultyInput.at("$", "This is not UTF-8 text.") from None
    except json.JSONDecodeError as error:
        raise FaultyInput.at(
            "$", f"This is not JSON: {error.msg} in line {error.lineno}, column {error.colno}."
        ) from None
    except RecursionError:
        raise FaultyInput.at("$", "This is nested too deep.") from None
    except ValueError:  # an integer of thousands of digits
        raise FaultyInput.at("$", "This holds a number that is too long.") from None
    if twice:
        raise FaultyInput(*twice)
    return document


def _twice(value: Any, path: tuple[int | str, ...]) -> Iterator[Fault]:
    if isinstance(value, _Object):
        for key in value.twice:
            yield Fault(path=path_of((*path, key)), message="This key stands twice.")
        for key, inner in value.items():
            yield from _twice(inner, (*path, key))
    elif isinstance(value, list):
        for i, inner in enumerate(value):
            yield from _twice(inner, (*path, i))


def to_batch(document: Any) -> Batch:
    """Check plain Python values as a batch. Raises `FaultyInput`."""
    try:
        return Batch.model_validate(document)
    except ValidationError as error:
        raise FaultyInput(*faults_of(error.errors())) from None


def faults_of(errors: Any, strip: tuple[str, ...] = ()) -> tuple[Fault, ...]:
    """Pydantic's errors as sentences for a cook, at their paths (without a leading `strip`)."""
    faults = []
    for error in errors:
        location = error["loc"]
        if strip and location[: len(strip)] == strip:
            location = location[len(strip) :]
        faults.append(Fault(path=path_of(location), message=_sentence(error)))
    return tuple(dict.fromkeys(faults))


_SENTENCES: Final = {
    "missing": "This is missing.",
    "extra_forbidden": "There is no such key.",
    "greater_than_equal": "This cannot be less than {ge:g}.",
    "greater_than": "This must be more than {gt:g}.",
    "less_than_equal": "That’s a lot (the most is {le:,.0f}): check the unit.",
    "finite_number": "This must be a finite number.",
    "string_type": "This must be text.",
    "string_too_long": "This is too long: at most {max_length} characters.",
    "string_too_short": "This cannot be empty.",
    "too_long": "These are too many: at most {max_length}.",
    "too_short": "These are too few: at least {min_length}.",
    "literal_error": "This must be {expected}.",
    "enum": "This must be {expected}.",
    "list_type": "This must be a list.",
    "tuple_type": "This must be a list.",
    **dict.fromkeys(
        ("float_type", "float_parsing", "int_type", "int_parsing", "int_from_float"),
        "This must be a number.",
    ),
    **dict.fromkeys(
        ("dict_type", "model_type", "model_attributes_type", "dataclass_type"),
        "This must be an object.",
    ),
    **dict.fromkeys(("bool_type", "bool_parsing"), "This must be true or false."),
    "string_pattern_mismatch": "This holds a character that is not allowed here.",
    "timezone_aware": "This must say its time zone.",
    "json_invalid": "This is not JSON.",
    **dict.fromkeys(("union_tag_invalid", "union_tag_not_found"), "Say which kind this is."),
}
"""Pydantic's error types in a cook's words; a validator of our own brings its own sentence."""


def _sentence(error: Any) -> str:
    template = _SENTENCES.get(error["type"])
    return template.format(**error.get("ctx", {})) if template else str(error["msg"])


def dump_batch(batch: Batch) -> str:
    """JSON text that `parse_batch` reads back to an equal batch."""
    without = None if batch.arms else {"arms"}
    return batch.model_dump_json(indent=2, exclude_none=True, exclude=without) + "\n"
