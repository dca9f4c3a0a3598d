"""The scale driver: one thread that reads lines from a serial device or `socket://host:port`.

It never gives up: when the line is lost or falls silent it says so, opens it again, and goes on.
Every line that was read whole is handed on, in order, once.
"""

import threading
import time
from collections.abc import Callable, Iterator
from dataclasses import dataclass, field
from typing import Final

from gasket.core.weighing.records import Reading
from gasket.scale.line_format import MOST_LINE_BYTES, parse_line
from gasket.scale.ports import Port, opened

RETRY_S: Final = 0.5
SILENCE_S: Final = 2.0


class Lines:
    """Whole lines out of blocks. One that is too long is dropped up to its end, so that its tail
    is not taken for a line of its own."""

    def __init__(self) -> None:
        self._begun = b""
        self._dropping = False

    def of(self, block: bytes) -> Iterator[bytes]:
        """The lines that `block` completes, without their ends."""
        *ended, rest = block.split(b"\n")
        for line in ended:
            whole = self._begun + line
            if not self._dropping and len(whole) <= MOST_LINE_BYTES:
                yield whole
            self._begun, self._dropping = b"", False
        self._begun += rest
        if len(self._begun) > MOST_LINE_BYTES:
            self._begun, self._dropping = b"", True


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
                with opened(self.url) as port:
                    self._read(port)
            except (OSError, ValueError):  # SerialException is an OSError; ValueError: a bad URL
                pass
            if not self._stop.is_set():  # whoever stops it asks for no news
                self._say(False)
                self._stop.wait(RETRY_S)

    def _read(self, port: Port) -> None:
        lines, heard = Lines(), self.clock()
        while not self._stop.is_set():
            for line in lines.of(port.read()):
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
