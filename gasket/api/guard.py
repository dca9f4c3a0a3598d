"""Keeps strangers out: Host and Origin must be this machine's, bodies must be reasonable, and a
page of the kitchen runs nothing but the kitchen's own scripts."""

import json
from typing import Final
from urllib.parse import urlsplit

from starlette.datastructures import Headers, MutableHeaders
from starlette.exceptions import HTTPException
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from gasket.api.problems import MEDIA_TYPE, Problem

MOST_BODY_BYTES: Final = 2_000_000
MOST_FILE_BYTES: Final = 31_000_000
FILES: Final = "/api/shelf/imports"
"""Where a whole shelf file may come in."""
PHOTOS: Final = "/photos"
"""Where a photo may come in, at the end of the path."""
HOME: Final = frozenset({"127.0.0.1", "localhost", "::1"})

ALWAYS: Final = {
    "Content-Security-Policy": (
        "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:;"
        " font-src 'self' data:; object-src 'none'; base-uri 'self'; form-action 'self';"
        " frame-ancestors 'none'"
    ),
    "X-Content-Type-Options": "nosniff",
    "X-Frame-Options": "DENY",
    "Referrer-Policy": "no-referrer",
    "Cross-Origin-Opener-Policy": "same-origin",
    "Cross-Origin-Resource-Policy": "same-origin",
}
"""On every answer: what a browser may do with it."""


class Guard:
    """ASGI middleware: a page of another site cannot speak to the kitchen behind one's back."""

    def __init__(self, app: ASGIApp) -> None:
        self.app = app

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] not in ("http", "websocket"):
            await self.app(scope, receive, send)
            return
        send = _with_headers(send)
        headers = Headers(scope=scope)
        if not _from_home(headers, scope["scheme"]):
            await _refuse(scope, send, 403, "This address is not the kitchen's own.")
            return
        length = headers.get("content-length", "")
        large = scope["path"] == FILES or scope["path"].endswith(PHOTOS)
        most = MOST_FILE_BYTES if large else MOST_BODY_BYTES
        if length.isdigit() and int(length) > most:
            await _refuse(scope, send, 413, _too_much(most))
            return
        await self.app(scope, _counting(receive, most), send)


def _with_headers(send: Send) -> Send:
    async def sent(message: Message) -> None:
        if message["type"] == "http.response.start":
            headers = MutableHeaders(scope=message)
            for name, value in ALWAYS.items():
                headers[name] = value
        await send(message)

    return sent


def _too_much(most: int) -> str:
    return f"That is too much at once: at most {most // 1_000_000} MB."


def _from_home(headers: Headers, scheme: str) -> bool:
    """Whether the request names this machine, once, and comes from a page of the very server."""
    hosts, origins = headers.getlist("host"), headers.getlist("origin")
    if len(hosts) != 1 or len(origins) > 1:
        return False
    secure = scheme in ("https", "wss")
    here = _place(f"{'https' if secure else 'http'}://{hosts[0]}")
    if here is None or here[1] not in HOME:
        return False
    return not origins or _place(origins[0]) == here


def _place(address: str) -> tuple[str, str | None, int | None] | None:
    """Scheme, host and port of an address that has nothing else; None for what is none."""
    try:
        parts = urlsplit(address)
        port = parts.port
    except ValueError:
        return None
    if parts.path or parts.query or parts.fragment or "@" in parts.netloc:
        return None
    usual = {"http": 80, "https": 443}.get(parts.scheme)
    return parts.scheme, parts.hostname, port or usual


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
