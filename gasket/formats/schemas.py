"""The published JSON Schemas of the batch format: input and output."""

from typing import Any

from pydantic.json_schema import GenerateJsonSchema

from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.reckon import Result

_DIALECT = GenerateJsonSchema.schema_dialect


def schemas() -> dict[str, dict[str, Any]]:
    """Schemas by file name under docs/formats/."""
    return {
        "batch.schema.json": {
            "$schema": _DIALECT,
            "title": "Gasket batch",
            **_without_title(Batch.model_json_schema(mode="validation")),
        },
        "result.schema.json": {
            "$schema": _DIALECT,
            "title": "A calculated batch",
            **_without_title(Result.model_json_schema(mode="serialization")),
        },
    }


def _without_title(schema: dict[str, Any]) -> dict[str, Any]:
    return {key: value for key, value in schema.items() if key != "title"}
