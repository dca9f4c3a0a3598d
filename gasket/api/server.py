"""The server process: it ends when it is told to, in time, and that is no failure."""

import contextlib
import signal
import socket
from collections.abc import Iterator
from typing import Final

import uvicorn
from fastapi import FastAPI

LAST_WORDS_S: Final = 1
"""So long may what is under way go on once the server is told to end."""


class _Server(uvicorn.Server):
    @contextlib.contextmanager
    def capture_signals(self) -> Iterator[None]:
        """Told to end, it ends. uvicorn's own sends the signal to itself once more when it is done,
        so that whoever asked would be told of a failure."""
        told = (signal.SIGINT, signal.SIGTERM)
        before = {one: signal.signal(one, self.handle_exit) for one in told}
        try:
            yield
        finally:
            for one, handler in before.items():
                signal.signal(one, handler)


def run(app: FastAPI, listener: socket.socket) -> None:
    """Serve until told to end."""
    config = uvicorn.Config(app, log_level="warning", timeout_graceful_shutdown=LAST_WORDS_S)
    _Server(config).run(sockets=[listener])
