"""The published JSON Schemas of the batch format: input and output.

Pydantic writes down types and bounds. What its validators ask beyond that (one of several keys, a
key that another one makes unnecessary, null for what is absent) is added here, so that a schema
refuses what the reader refuses, as far as a schema can say it. It can't say that an estimate runs
from low to high, that a name names something, or that more is left than there is.
"""

from collections.abc import Iterator
from typing import Any, Final

from pydantic.json_schema import GenerateJsonSchema

from gasket.core.numbers import LEAST_G
from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.reckon import Result
from gasket.core.trade.nutrients.figure_types import FIGURES

Schema = dict[str, Any]
_DIALECT = GenerateJsonSchema.schema_dialect
_MAY_BE_NULL: Final = {
    **dict.fromkeys(("Line", "FinishLine"), ("division_g",)),
    "Component": ("leftover_g", "removed"),
    "Portions": ("serving_pieces",),
    "Arm": ("division_g", "components", "finish"),
    "Batch": ("settings", "finish", "arms"),
}
"""Keys for which null is as good as nothing, by the schema that they stand in."""


def schemas() -> dict[str, Schema]:
    """Schemas by file name under docs/formats/."""
    return {
        "batch.schema.json": {
            "$schema": _DIALECT,
            "title": "Gasket batch",
            **_without_title(_batch()),
        },
        "result.schema.json": {
            "$schema": _DIALECT,
            "title": "A calculated batch",
            **_without_title(Result.model_json_schema(mode="serialization")),
        },
    }


def _without_title(schema: Schema) -> Schema:
    return {key: value for key, value in schema.items() if key != "title"}


def _batch() -> Schema:
    schema = Batch.model_json_schema(mode="validation")
    named = {**schema["$defs"], "Batch": schema}
    for name, keys in _MAY_BE_NULL.items():
        for key in keys:
            _allow_null(named[name]["properties"], key)
    schema["properties"]["$schema"] = {"type": "string", "description": "Ignored."}
    _ask(schema, *_arms_of_version_2())
    line = named["Line"]
    line["required"] = [key for key in line.get("required", ()) if key != "grams"]
    _allow_null(line["properties"], "grams")
    _ask(line, _one_of("label", "component"), {"anyOf": [_given("grams"), _counted()]})
    portions = named["Portions"]
    _ask(portions, _one_of("count", "serving_g", "weights_g"))
    for choice in portions["properties"]["weights_g"]["anyOf"]:
        if choice.get("type") == "array":
            choice["contains"] = {"type": "number", "exclusiveMinimum": 0}
    label = named["Label"]
    _ask(label, {"anyOf": [_given(f"basis_{of}") for of in ("g", "ml", "pieces")]})
    label["properties"]["below"]["items"] = {"enum": list(FIGURES)}
    _ask(label, *_below_something())
    for part in _all(schema):
        if part.get("exclusiveMinimum") == 0 and "maximum" in part:
            part.pop("exclusiveMinimum")
            part["minimum"] = LEAST_G
    return schema


def _allow_null(properties: Schema, key: str) -> None:
    known = properties[key]
    about = {word: known.pop(word) for word in ("default", "title", "description") if word in known}
    choices = known.get("anyOf", [known])
    if {"type": "null"} not in choices:
        properties[key] = {"anyOf": [*choices, {"type": "null"}], **about}
    else:
        properties[key] = known | about


def _ask(schema: Schema, *more: Schema) -> None:
    schema["allOf"] = [*schema.get("allOf", ()), *more]


def _given(key: str) -> Schema:
    """The key is there and not null."""
    return {"required": [key], "properties": {key: {"not": {"type": "null"}}}}


def _counted() -> Schema:
    return {
        "required": ["count"],
        "properties": {"count": {"type": "number", "exclusiveMinimum": 0}},
    }


def _one_of(*keys: str) -> Schema:
    """Just one of these is given."""
    return {"oneOf": [_given(key) for key in keys]}


def _arms_of_version_2() -> Iterator[Schema]:
    yield {
        "if": {"required": ["arms"], "properties": {"arms": {"type": "array", "minItems": 1}}},
        "then": {"properties": {"version": {"const": 2}}},
    }


def _below_something() -> Iterator[Schema]:
    """What is printed as "less than" has a figure to be less than."""
    for figure in FIGURES:
        said = {"type": "array", "contains": {"const": figure}}
        yield {
            "if": {"required": ["below"], "properties": {"below": said}},
            "then": _given(figure),
        }


def _all(schema: Any) -> Iterator[Schema]:
    if isinstance(schema, dict):
        yield schema
        for inner in schema.values():
            yield from _all(inner)
    elif isinstance(schema, list):
        for inner in schema:
            yield from _all(inner)
