"""The scale driver: one thread that reads lines from a serial device or `socket://host:port`.

It never gives up: when the line is lost or falls silent it says so, opens it again, and goes on.
Every line that was read whole is handed on, in order, once.
"""

import threading
import time
from collections.abc import Callable
from dataclasses import dataclass, field
from typing import Final

import serial

from gasket.core.weighing.records import Reading
from gasket.scale.line_format import MOST_LINE_BYTES, parse_line

RETRY_S: Final = 0.5
SILENCE_S: Final = 2.0
POLL_S: Final = 0.2


def _close(port: serial.Serial) -> None:
    """Close the port. pyserial leaves a socket open whose other end is gone: its shutdown fails."""
    socket = getattr(port, "_socket", None)
    port.close()
    if socket is not None:
        socket.close()


@dataclass
class Driver:
    """Reads `url` until stopped. Both callbacks are called from the driver's own thread."""

    url: str
    on_reading: Callable[[Reading], None]
    on_link: Callable[[bool], None]
    clock: Callable[[], float] = time.monotonic
    _stop: threading.Event = field(default_factory=threading.Event)
    _thread: threading.Thread | None = None
    _linked: bool | None = None

    def start(self) -> None:
        self._thread = threading.Thread(target=self._run, name="scale", daemon=True)
        self._thread.start()

    def stop(self) -> None:
        self._stop.set()
        if self._thread:
            self._thread.join(timeout=3)

    def _run(self) -> None:
        while not self._stop.is_set():
            try:
                port = serial.serial_for_url(self.url, timeout=POLL_S)
                try:
                    self._read(port)
                finally:
                    _close(port)
            except (OSError, ValueError):  # SerialException is an OSError; ValueError: a bad URL
                pass
            self._say(False)
            self._stop.wait(RETRY_S)

    def _read(self, port: serial.Serial) -> None:
        pending = b""
        heard = self.clock()
        while not self._stop.is_set():
            pending += port.read(max(1, port.in_waiting))
            *lines, pending = pending.split(b"\n")
            pending = pending[-MOST_LINE_BYTES:]
            for line in lines:
                reading = parse_line(line.decode("ascii", "replace"))
                if reading is not None:
                    heard = self.clock()
                    self._say(True)
                    self.on_reading(reading)
            if self.clock() - heard > SILENCE_S:
                self._say(False)

    def _say(self, linked: bool) -> None:
        if linked != self._linked:
            self._linked = linked
            self.on_link(linked)
