"""Errors at the border: RFC 9457 problem documents with a sentence for each field."""

from collections.abc import Mapping
from typing import Any, Final, Literal

from fastapi import FastAPI, Request
from fastapi.exceptions import RequestValidationError
from fastapi.responses import JSONResponse
from pydantic import BaseModel
from starlette.exceptions import HTTPException
from starlette.responses import Response

from gasket.core.errors import (
    Conflict,
    Fault,
    FaultyInput,
    GasketError,
    OutOfSpace,
    Refused,
    Unavailable,
    Unknown,
)
from gasket.formats.batch_json import faults_of
from gasket.kitchen.stale import Stale
from gasket.store.books.answered import AlreadyDone

MEDIA_TYPE: Final = "application/problem+json"
STALE: Final = "Gasket-Stale"
"""What pages have to read again after a request that wrote: a `Stale` as JSON."""
RETRY_S: Final = 2
"""After so long it is worth asking again."""
MOST_FAULTS: Final = 100


ProblemType = Literal[
    "about:blank",
    "urn:gasket:faulty",
    "urn:gasket:unknown",
    "urn:gasket:changed-elsewhere",
    "urn:gasket:refused",
    "urn:gasket:no-room",
    "urn:gasket:unavailable",
    "urn:gasket:not-possible",
]
"""What a program goes by: these stay as they are, the sentences may not."""


class Problem(BaseModel):
    """What went wrong, and where. `type` is for programs, `detail` a sentence for the cook,
    `errors` name each faulty value by its path; `current` is what is stored, after a conflict."""

    type: ProblemType = "about:blank"
    title: str
    status: int
    detail: str
    errors: list[Fault] = []
    current: Any = None


RESPONSES: Final[dict[int | str, dict[str, Any]]] = {
    status: {"model": Problem, "description": says, "content": {MEDIA_TYPE: {}}}
    for status, says in {
        400: "The body could not be read.",
        403: "Not from this page.",
        404: "No such thing.",
        409: "Changed elsewhere, or not possible now.",
        413: "Too much at once.",
        422: "Values that cannot be worked with.",
        503: "Nothing can be stored or read just now.",
        507: "No room is left to store it.",
    }.items()
}


def answer(problem: Problem, headers: Mapping[str, str] | None = None) -> JSONResponse:
    return JSONResponse(
        problem.model_dump(mode="json", exclude_none=True),
        status_code=problem.status,
        media_type=MEDIA_TYPE,
        headers=dict(headers or {}),
    )


def _faulty(faults: tuple[Fault, ...]) -> Problem:
    return Problem(
        type="urn:gasket:faulty",
        title="Some values cannot be worked with",
        status=422,
        detail="; ".join(str(fault) for fault in faults[:5]),
        errors=list(faults[:MOST_FAULTS]),
    )


def _problem_of(error: GasketError) -> Problem:
    of: ProblemType
    match error:
        case FaultyInput():
            return _faulty(error.faults)
        case Unknown():
            of = "urn:gasket:unknown"
            return Problem(type=of, title="Not here", status=404, detail=str(error))
        case Conflict():
            current = error.current.model_dump(mode="json")
            return Problem(
                type="urn:gasket:changed-elsewhere",
                title="Changed elsewhere",
                status=409,
                detail=str(error),
                current=current,
            )
        case Refused():
            of = "urn:gasket:refused"
            return Problem(type=of, title="Not possible now", status=409, detail=str(error))
        case OutOfSpace():
            of = "urn:gasket:no-room"
            return Problem(type=of, title="No room left", status=507, detail=str(error))
        case Unavailable():
            of = "urn:gasket:unavailable"
            return Problem(type=of, title="Not available now", status=503, detail=str(error))
        case _:
            of = "urn:gasket:not-possible"
            return Problem(type=of, title="Not possible", status=400, detail=str(error))


async def _gasket(_: Request, error: Exception) -> JSONResponse:
    assert isinstance(error, GasketError)
    headers = {"Retry-After": str(RETRY_S)} if isinstance(error, Unavailable) else {}
    return answer(_problem_of(error), headers)


async def _done(_: Request, error: Exception) -> Response:
    assert isinstance(error, AlreadyDone)
    media_type = "application/json" if error.answer else None
    headers = {STALE: Stale(number=0, everything=True).model_dump_json(exclude_defaults=True)}
    return Response(error.answer, error.status, headers, media_type=media_type)


async def _invalid(_: Request, error: Exception) -> JSONResponse:
    assert isinstance(error, RequestValidationError)
    faults = [_without_kind(fault, error.body) for fault in error.errors()]
    return answer(_faulty(faults_of(faults, strip=("body",))))


def _without_kind(fault: Any, body: Any) -> Any:
    """A body that is one of several kinds has its kind in the place of its faults; a sender looks
    for the field."""
    match fault["loc"], body:
        case ("body", str(kind), *at), {"kind": str(sent)} if kind == sent:
            if at or kind not in body:
                return {**fault, "loc": ("body", *at)}
    return fault


async def _http(_: Request, error: Exception) -> JSONResponse:
    assert isinstance(error, HTTPException)
    problem = Problem(title=error.detail, status=error.status_code, detail=error.detail)
    return answer(problem, error.headers)


def install(app: FastAPI) -> None:
    app.add_exception_handler(GasketError, _gasket)
    app.add_exception_handler(AlreadyDone, _done)
    app.add_exception_handler(RequestValidationError, _invalid)
    app.add_exception_handler(HTTPException, _http)
