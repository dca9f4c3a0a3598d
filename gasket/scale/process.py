"""Runs the simulated scale as a process of its own, and starts it again should it die."""

import subprocess
import sys
from dataclasses import dataclass, field


@dataclass
class SimulatorProcess:
    """A simulated scale on a port of this machine. The port stays the same over restarts."""

    port: int = 0
    seed: int = 7
    _process: "subprocess.Popen[str] | None" = field(default=None, repr=False)

    @property
    def url(self) -> str:
        return f"socket://127.0.0.1:{self.port}"

    def ensure(self) -> None:
        """Start it when it does not run."""
        if self._process is not None and self._process.poll() is None:
            return
        self._process = subprocess.Popen(
            [
                *(sys.executable, "-m", "gasket.cli", "scale", "simulate"),
                *("--port", str(self.port), "--seed", str(self.seed)),
            ],
            stdout=subprocess.PIPE,
            text=True,
        )
        assert self._process.stdout is not None
        said = self._process.stdout.readline().strip()
        if said.isdigit():
            self.port = int(said)

    def stop(self) -> None:
        if self._process is not None:
            self._process.terminate()
            self._process.wait(timeout=5)
            self._process = None
