"""The real app on a free port with its simulated scale: in a process of its own, or in a thread."""

import os
import socket
import subprocess
import sys
import threading
from dataclasses import dataclass, field
from pathlib import Path

import uvicorn

from gasket.api.app import create_app
from gasket.kitchen.house import House


@dataclass
class Server:
    """A process, as `./run demo` starts it; stopped when left, and it can be killed."""

    database: Path
    port: int = 0
    url: str = ""
    process: "subprocess.Popen[str]" = field(init=False)

    def __enter__(self) -> "Server":
        self.process = subprocess.Popen(
            [
                *(sys.executable, "-m", "gasket.cli", "demo"),
                *("--port", str(self.port), "--db", str(self.database)),
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


@dataclass
class ServerThread:
    """The same app in a thread of this process: what it saves is the start of an interpreter."""

    database: Path
    url: str = ""

    def __enter__(self) -> "ServerThread":
        listener = socket.create_server(("127.0.0.1", 0))
        self.url = f"http://127.0.0.1:{listener.getsockname()[1]}"
        app = create_app(House.at(self.database, demo=True))
        config = uvicorn.Config(app, log_level="warning", timeout_graceful_shutdown=2)
        self._server = uvicorn.Server(config)
        self._thread = threading.Thread(target=self._server.run, args=([listener],))
        self._thread.start()
        return self

    def __exit__(self, *_: object) -> None:
        self._server.should_exit = True
        self._thread.join(timeout=20)
