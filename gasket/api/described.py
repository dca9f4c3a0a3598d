"""The OpenAPI document, made true for whoever writes a client from it.

FastAPI gives every operation all error answers, as JSON. Here each keeps those that it can really
give, as the problem documents that they are; the live channel's messages are added, which OpenAPI
does not know.
"""

from typing import Any, Final

from pydantic.json_schema import models_json_schema

from gasket.api.examples import examples
from gasket.api.problems import MEDIA_TYPE
from gasket.kitchen.weigh.live import (
    Aim,
    LiveLink,
    LiveReading,
    LiveSheet,
    LiveStale,
    LiveTrouble,
)

_REF: Final = "#/components/schemas/{model}"
_VERBS: Final = ("get", "put", "post", "delete", "patch")
_READS: Final = frozenset({"get"})
_THINGS_ASKED_FOR: Final = frozenset({"labels", "trial"})
"""Parameters beside the path that name a thing, which may not be there."""

ABOUT: Final = """The API of one kitchen on this machine. Its document is served at
`/api/openapi.json`.

- **Errors** are problem documents (RFC 9457): `type` is a code that stays as it is, `detail` a
  sentence for the cook, `errors` the faulty values by their paths.
- **Versions.** What is edited as a whole carries a `version`. Saving sends the one that was read;
  where somebody else saved meanwhile the answer is 409 `urn:gasket:changed-elsewhere` with what is
  stored now as `current`. A 409 `urn:gasket:refused` is no conflict: it says what has to be done
  first.
- **Sent twice.** Records (weighings, deeds of a cook, moves of stock, tastings) carry an `id` made
  by the sender: the same one again changes nothing. Any other request may carry an
  `Idempotency-Key`, and is then done once.
- **Units.** Grams, kcal, milligrams of sodium, degrees Celsius, minutes; times in UTC.
- **Live.** `/api/batches/{batch_id}/live` is a WebSocket: see docs/formats/live.md.
"""
TAGS: Final = {
    "house": "Health, settings, scales, the demo.",
    "dishes": "Dishes, their originals, what is going on.",
    "rebuilding": "Builds: components and lines with target grams, swaps, goals, checks.",
    "batches": "Weigh-ins, cards and files of a batch.",
    "cooking": "Steps, the cook's log, timers.",
    "portioning": "Dividing, arms, toppings, made things, stock.",
    "tasting": "Tastings, verdicts, photos, the lab book, blind tests.",
    "shelf": "Foods and their labels.",
    "shelf files": "The whole shelf as CSV.",
    "quick entry": "How typed lines and recipes are read.",
    "reckoning": "Calculating what nobody stored.",
}


def described(document: dict[str, Any]) -> None:
    """Make the document true."""
    for path, item in document["paths"].items():
        for verb in _VERBS:
            if verb in item:
                _say_own_errors(item[verb], verb, "{" in path)
                _give_example(item[verb])
    used = {tag for item in document["paths"].values() for op in item.values() for tag in _tags(op)}
    document["tags"] = [{"name": tag, "description": TAGS[tag]} for tag in sorted(used)]
    _say_what_is_live(document)


def _tags(operation: Any) -> list[str]:
    return list(operation.get("tags", ())) if isinstance(operation, dict) else []


def _say_own_errors(operation: dict[str, Any], verb: str, of_a_thing: bool) -> None:
    can = {"403", "503"}
    parameters = {parameter["name"] for parameter in operation.get("parameters", ())}
    asks = bool(parameters) or "requestBody" in operation
    can |= {"422"} if asks else set()
    can |= {"404", "409"} if of_a_thing else set()
    can |= {"404"} if parameters & _THINGS_ASKED_FOR else set()
    if verb not in _READS:
        can |= {"404", "409", "422", "507"}
    if "requestBody" in operation:
        can |= {"400", "413"}
    answers = operation["responses"]
    for status in [status for status in answers if status >= "400"]:
        if status in can:
            schema = answers[status]["content"].pop("application/json")
            answers[status]["content"] = {MEDIA_TYPE: schema}
        else:
            del answers[status]


def _give_example(operation: dict[str, Any]) -> None:
    """Of a body that is text: a photo has none."""
    for content in operation.get("requestBody", {}).get("content", {}).values():
        if operation["operationId"] in examples():
            content["example"] = examples()[operation["operationId"]]


def _say_what_is_live(document: dict[str, Any]) -> None:
    spoken = (Aim, LiveReading, LiveLink, LiveSheet, LiveStale, LiveTrouble)
    models = [(model, "serialization") for model in spoken]
    _, shapes = models_json_schema(models, ref_template=_REF)  # type: ignore[arg-type]
    schemas = document.setdefault("components", {}).setdefault("schemas", {})
    for name, shape in shapes.get("$defs", {}).items():
        schemas.setdefault(name, shape)
