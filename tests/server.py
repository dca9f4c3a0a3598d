"""The real app in a process of its own, as `./run demo` starts it."""

import os
import subprocess
import sys
from dataclasses import dataclass, field
from pathlib import Path


@dataclass
class Server:
    """The demo kitchen on a free port, with the simulated scale; stopped when left."""

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
