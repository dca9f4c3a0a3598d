"""The simulated scale: a small TCP process that speaks the line format, and takes simple commands.

It is a scale to the driver (`socket://127.0.0.1:PORT`); its panel in the app sends commands on a
connection of its own: `pour 120`, `lift`, `division 0.1`.
"""

import asyncio
import contextlib
import os
import random
import sys
import threading
import time
from collections.abc import Callable
from dataclasses import dataclass, field
from typing import Final, get_args

from gasket.core.errors import Refused
from gasket.core.trade.written_numbers import read_number
from gasket.scale.line_format import print_line
from gasket.scale.pan import CAPACITY_G, Act, BowlOnScale

SMALL_CUP_G: Final = 38.0
_ACTS: Final = frozenset(get_args(Act))


@dataclass
class Simulator:
    """Serves one pan to any number of listeners; `new_pan` is what it is after a reset."""

    new_pan: Callable[[], BowlOnScale]
    readings_per_s: float = 10.0
    pan: BowlOnScale = field(init=False)
    _listeners: set[asyncio.StreamWriter] = field(default_factory=set)

    def __post_init__(self) -> None:
        self.pan = self.new_pan()

    async def serve(self, port: int, ready: Callable[[int], None]) -> None:
        server = await asyncio.start_server(self._meet, "127.0.0.1", port)
        ready(server.sockets[0].getsockname()[1])
        async with server:
            await self._stream()

    async def _stream(self) -> None:
        step = 1 / self.readings_per_s
        due, began = time.monotonic(), time.time() - time.monotonic()
        while True:
            due += step
            await asyncio.sleep(max(0.0, due - time.monotonic()))
            reading = self.pan.advance(step)
            if reading is None:
                continue
            stamped = reading.model_copy(update={"sent_ms": (began + due) * 1000})
            self._send(print_line(stamped))

    def _send(self, line: str) -> None:
        for listener in tuple(self._listeners):
            if listener.is_closing():
                self._listeners.discard(listener)
                continue
            listener.write(f"{line}\r\n".encode())

    async def _meet(self, reader: asyncio.StreamReader, writer: asyncio.StreamWriter) -> None:
        self._listeners.add(writer)
        with contextlib.suppress(ConnectionError, ValueError):
            while line := await reader.readline():
                self._command(line.decode("ascii", "replace").strip())
        self._listeners.discard(writer)
        writer.close()

    def _command(self, text: str) -> None:
        word, _, rest = text.partition(" ")
        if word == "cut":
            for listener in tuple(self._listeners):
                listener.close()
        elif word == "stop":
            self.pan.stop()
        elif word == "reset":
            self.pan = self.new_pan()
        elif word in _ACTS:
            with contextlib.suppress(ValueError):
                self.pan.act(word, read_number(rest).value if rest else 0.0)  # type: ignore[arg-type]


def _end_with_stdin() -> None:
    sys.stdin.read()
    os._exit(0)


async def command(port: int, act: str, amount: float) -> None:
    """Send one command to a simulator. Raises `Refused` when it does not answer."""
    try:
        _, writer = await asyncio.open_connection("127.0.0.1", port)
    except OSError:
        raise Refused("The simulated scale does not answer.") from None
    writer.write(f"{act} {amount:.4f}\n".encode())
    await writer.drain()
    writer.close()
    with contextlib.suppress(ConnectionError):
        await writer.wait_closed()


@dataclass(frozen=True)
class ScaleModel:
    """What a simulated scale is."""

    seed: int = 7
    capacity_g: float = CAPACITY_G
    division_g: float = 1.0
    readings_per_s: float = 10.0

    def new_pan(self) -> BowlOnScale:
        """With a bowl on it; a pocket scale carries a cup."""
        pan = BowlOnScale(
            random.Random(self.seed), capacity_g=self.capacity_g, division_g=self.division_g
        )
        if self.capacity_g < pan.bowl_g * 2:
            pan.act("bowl", SMALL_CUP_G)
        return pan


def run(port: int, scale: ScaleModel, leash: bool = False) -> None:
    """Run a simulated scale until interrupted; its first line on stdout is its port.

    On a `leash` it ends with whoever started it: when its standard input closes.
    """
    simulator = Simulator(scale.new_pan, scale.readings_per_s)
    if leash:
        threading.Thread(target=_end_with_stdin, daemon=True).start()
    with contextlib.suppress(KeyboardInterrupt):
        asyncio.run(simulator.serve(port, lambda bound: print(bound, flush=True)))
