"""The server process: quick from its first minute; it ends when told to, and that is no failure."""

import asyncio
import contextlib
import gc
import signal
import socket
from collections.abc import Iterator
from concurrent.futures import ThreadPoolExecutor
from typing import Final

import uvicorn
from anyio import to_thread
from fastapi import FastAPI

from gasket.core.cooking import schedule
from gasket.core.solver import programme

AT_ONCE: Final = 8
"""So many requests are worked on at the same moment: more only wait for each other, and every one
holds memory of its own, a database connection's above all."""
BESIDE: Final = 2
"""So many threads do what is no request: a hands-free capture, a page that joins a weigh-in."""
LAST_WORDS_S: Final = 1
"""So long may what is under way go on once the server is told to end."""


class _Server(uvicorn.Server):
    async def startup(self, sockets: list[socket.socket] | None = None) -> None:
        await super().startup(sockets)
        to_thread.current_default_thread_limiter().total_tokens = AT_ONCE
        asyncio.get_running_loop().set_default_executor(ThreadPoolExecutor(BESIDE))
        asyncio.get_running_loop().run_in_executor(None, _settle)

    @contextlib.contextmanager
    def capture_signals(self) -> Iterator[None]:
        """Told to end, it ends. uvicorn's own sends the signal to itself once more when it is done,
        so that whoever asked would be told of a failure."""
        told = (signal.SIGINT, signal.SIGTERM)
        before = {sign: signal.signal(sign, self.handle_exit) for sign in told}
        try:
            yield
        finally:
            for sign, handler in before.items():
                signal.signal(sign, handler)


def _settle() -> None:
    """Have everything that is needed, and let the garbage collector know that it stays: to walk
    through it again every few requests held all of them up for 150 ms."""
    programme.warm_up()
    schedule.warm_up()
    gc.collect()
    gc.freeze()


def run(app: FastAPI, listener: socket.socket) -> None:
    """Serve until told to end."""
    config = uvicorn.Config(
        app, log_config=None, access_log=False, timeout_graceful_shutdown=LAST_WORDS_S
    )
    _Server(config).run(sockets=[listener])
