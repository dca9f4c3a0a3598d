"""Batch files: JSON text ↔ `gasket.core.batch.Batch`, with every fault named by its path.

Stricter than plain JSON: a key that stands twice in one object, NaN and infinity are faults.
"""

import json
from collections.abc import Iterator
from typing import Any, Final

from pydantic import ValidationError

from gasket.core.batch import Batch
from gasket.core.errors import Fault, FaultyInput, path_of

MOST_BYTES: Final = 2_000_000


class _Object(dict[str, Any]):
    """A JSON object that remembers keys which stood twice."""

    twice: tuple[str, ...] = ()


def _remember_twice(pairs: list[tuple[str, Any]]) -> _Object:
    found = _Object(pairs)
    if len(found) < len(pairs):
        keys = [key for key, _ in pairs]
        found.twice = tuple(dict.fromkeys(key for key in keys if keys.count(key) > 1))
    return found


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
    if twice := [*_twice(document, ())]:
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


def _sentence(error: Any) -> str:
    context = error.get("ctx", {})
    match error["type"]:
        case "missing":
            return "This is missing."
        case "extra_forbidden":
            return "There is no such key."
        case "greater_than_equal":
            return f"This cannot be less than {context['ge']:g}."
        case "greater_than":
            return f"This must be more than {context['gt']:g}."
        case "less_than_equal":
            return f"This is absurdly much (the most is {context['le']:,g}): check the unit."
        case "finite_number":
            return "This must be a finite number."
        case "float_type" | "float_parsing" | "int_type" | "int_parsing" | "int_from_float":
            return "This must be a number."
        case "string_type":
            return "This must be text."
        case "string_too_long":
            return f"This is too long: at most {context['max_length']} characters."
        case "string_too_short":
            return "This cannot be empty."
        case "too_long":
            return f"These are too many: at most {context['max_length']}."
        case "too_short":
            return f"These are too few: at least {context['min_length']}."
        case "literal_error" | "enum":
            return f"This must be {context['expected']}."
        case "dict_type" | "model_type" | "model_attributes_type" | "dataclass_type":
            return "This must be an object."
        case "list_type" | "tuple_type":
            return "This must be a list."
        case _:
            return str(error["msg"])


def dump_batch(batch: Batch) -> str:
    """JSON text that `parse_batch` reads back to an equal batch."""
    return batch.model_dump_json(indent=2, exclude_none=True) + "\n"
