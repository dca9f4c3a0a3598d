"""Runs the simulated scale as a process of its own, and starts it again should it die."""

import contextlib
import subprocess
import sys
from dataclasses import dataclass, field
from typing import Final

DYING_S: Final = 1.0


@dataclass
class SimulatorProcess:
    """A simulated scale on a port of this machine. The port stays the same over restarts."""

    port: int = 0
    seed: int = 7
    capacity_g: float = 5000.0
    division_g: float = 1.0
    readings_per_s: float = 10.0
    _process: "subprocess.Popen[str] | None" = field(default=None, repr=False)

    @property
    def url(self) -> str:
        return f"socket://127.0.0.1:{self.port}"

    def ensure(self) -> None:
        """Start it when it does not run."""
        if self._process is not None:
            if self._process.poll() is None:
                return
            self._forget(self._process)
        self._process = subprocess.Popen(
            [
                *(sys.executable, "-m", "gasket.cli", "scale", "simulate"),
                *("--port", str(self.port), "--seed", str(self.seed), "--leash"),
                *("--capacity", str(self.capacity_g), "--division", str(self.division_g)),
                *("--rate", str(self.readings_per_s)),
            ],
            stdin=subprocess.PIPE,
            stdout=subprocess.PIPE,
            text=True,
        )
        assert self._process.stdout is not None
        with self._process.stdout as said:
            port = said.readline().strip()
        if port.isdigit():
            self.port = int(port)

    def revive(self) -> None:
        """Start it again should it have died. Its line is lost a moment before it is over."""
        if self._process is not None:
            with contextlib.suppress(subprocess.TimeoutExpired):
                self._process.wait(timeout=DYING_S)
        self.ensure()

    def stop(self) -> None:
        if self._process is not None:
            self._forget(self._process)
            self._process = None

    @staticmethod
    def _forget(process: "subprocess.Popen[str]") -> None:
        process.terminate()
        process.wait(timeout=5)
        if process.stdin is not None:
            process.stdin.close()
