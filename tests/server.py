"""The real app on a free port with its simulated scale: in a process of its own, or in a thread."""

import asyncio
import os
import socket
import subprocess
import sys
import threading
from collections.abc import Coroutine
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass, field
from datetime import UTC, datetime, timedelta
from functools import cache
from pathlib import Path
from typing import Any

import uvicorn
from fastapi import FastAPI

from gasket.api.app import create_app
from gasket.kitchen.house import House
from gasket.scale.process import SimulatorProcess
from gasket.store.database import Database
from gasket.store.opening import open_database

KEPT_OPEN_S = 120
"""Longer than any test: Playwright's own requests, unlike a browser's, are not asked again when the
connection that they were about to use is closed at that moment."""


@dataclass
class Server:
    """A process, as `./run demo` starts it; stopped when left, and it can be killed."""

    database: Path
    port: int = 0
    options: tuple[str, ...] = ()
    url: str = ""
    process: "subprocess.Popen[str]" = field(init=False)

    def __enter__(self) -> "Server":
        self.process = subprocess.Popen(
            [
                *(sys.executable, "-m", "gasket.cli", "demo"),
                *("--port", str(self.port), "--db", str(self.database), *self.options),
            ],
            stdout=subprocess.PIPE,
            text=True,
            env={**os.environ, "PYTHONUNBUFFERED": "1"},
        )
        assert self.process.stdout is not None
        said = self.process.stdout.readline()
        self.url = said.split(" at ")[1].split()[0]
        self.port = int(self.url.rpartition(":")[2])
        return self

    def __exit__(self, *_: object) -> None:
        if self.process.poll() is None:
            self.process.terminate()
            self.process.wait(timeout=15)
        if self.process.stdout is not None:
            self.process.stdout.close()


class KeptSimulator(SimulatorProcess):
    """A simulated scale that outlives the server: the next one finds it as new."""

    def reset(self) -> None:
        self.ensure()
        with socket.create_connection(("127.0.0.1", self.port)) as hands:
            hands.sendall(b"reset\n")

    def stop(self) -> None:
        return

    def end(self) -> None:
        super().stop()


@cache
def _app() -> FastAPI:
    return create_app(House(Database(None)))


def app_of(house: House) -> FastAPI:
    """The application, with this house in it: one serves all tests of a process, since building
    its routes takes half a second."""
    _app().state.house = house
    return _app()


@dataclass
class Ahead:
    """The time of day, put forward when told to."""

    minutes: float = 0.0

    def __call__(self) -> datetime:
        return datetime.now(UTC) + timedelta(minutes=self.minutes)


@dataclass
class ServerThread:
    """The same app in a thread of this process, at simulated scales that are there already: what
    it saves is the start of three interpreters."""

    database: Path
    simulators: dict[str, KeptSimulator]
    url: str = ""
    clock: Ahead = field(default_factory=Ahead)

    def __enter__(self) -> "ServerThread":
        for simulator in self.simulators.values():
            simulator.reset()
        listener = socket.create_server(("127.0.0.1", 0))
        self.url = f"http://127.0.0.1:{listener.getsockname()[1]}"
        database = open_database(self.database)
        house = House(database, demo=True, now=self.clock, simulators=self.simulators)
        app = app_of(house)
        config = uvicorn.Config(
            app, log_level="warning", timeout_graceful_shutdown=2, timeout_keep_alive=KEPT_OPEN_S
        )
        self._server = uvicorn.Server(config)
        self._thread = threading.Thread(target=self._server.run, args=([listener],))
        self._thread.start()
        return self

    def __exit__(self, *_: object) -> None:
        self._server.should_exit = True
        self._thread.join(timeout=20)


def run_apart(scene: Coroutine[Any, Any, None]) -> None:
    """In a thread of its own: Playwright keeps an event loop running in this one."""
    with ThreadPoolExecutor(max_workers=1) as thread:
        thread.submit(asyncio.run, scene).result()
