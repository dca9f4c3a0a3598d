"""Keeps strangers out: Host and Origin must be this machine's, and bodies must be reasonable."""

import json
from typing import Final
from urllib.parse import urlsplit

from starlette.exceptions import HTTPException
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from gasket.api.problems import MEDIA_TYPE, Problem

MOST_BODY_BYTES: Final = 2_000_000
MOST_FILE_BYTES: Final = 31_000_000
FILES: Final = "/api/shelf/imports"
"""Where a whole shelf file may come in."""
HOME: Final = frozenset({"127.0.0.1", "localhost", "::1"})


def _host_of(netloc: str) -> str | None:
    try:
        return urlsplit(f"//{netloc}").hostname
    except ValueError:
        return None


class Guard:
    """ASGI middleware: a page of another site cannot speak to the kitchen behind one's back."""

    def __init__(self, app: ASGIApp) -> None:
        self.app = app

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] not in ("http", "websocket"):
            await self.app(scope, receive, send)
            return
        headers = {
            key.decode("latin-1"): value.decode("latin-1") for key, value in scope["headers"]
        }
        if not _from_home(headers):
            await _refuse(scope, send, 403, "This address is not the kitchen's own.")
            return
        length = headers.get("content-length", "")
        most = MOST_FILE_BYTES if scope["path"] == FILES else MOST_BODY_BYTES
        if length.isdigit() and int(length) > most:
            await _refuse(scope, send, 413, _too_much(most))
            return
        await self.app(scope, _counting(receive, most), send)


def _too_much(most: int) -> str:
    return f"That is too much at once: at most {most // 1_000_000} MB."


def _from_home(headers: dict[str, str]) -> bool:
    host = headers.get("host", "")
    origin = headers.get("origin")
    if _host_of(host) not in HOME:
        return False
    return origin is None or urlsplit(origin).netloc == host


def _counting(receive: Receive, most: int) -> Receive:
    """Counts a body that does not say how long it is."""
    taken = 0

    async def counted() -> Message:
        nonlocal taken
        message = await receive()
        taken += len(message.get("body", b"") or b"")
        if taken > most:
            raise HTTPException(413, _too_much(most))
        return message

    return counted


async def _refuse(scope: Scope, send: Send, status: int, detail: str) -> None:
    if scope["type"] == "websocket":
        await send({"type": "websocket.close", "code": 1008, "reason": detail})
        return
    problem = Problem(title=detail, status=status, detail=detail)
    body = json.dumps(problem.model_dump(exclude_none=True)).encode()
    headers = [(b"content-type", MEDIA_TYPE.encode()), (b"content-length", b"%d" % len(body))]
    await send({"type": "http.response.start", "status": status, "headers": headers})
    await send({"type": "http.response.body", "body": body})
