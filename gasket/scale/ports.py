"""Where a scale is connected: a serial device, or `socket://host:port`. Both are read in blocks:
whatever has arrived, at once."""

import contextlib
import socket
from collections.abc import Iterator
from typing import Final, Protocol
from urllib.parse import urlsplit

import serial

POLL_S: Final = 0.2
"""So long is waited for something to arrive."""
CONNECT_S: Final = 2.0
MOST_BLOCK_BYTES: Final = 65_536
_SOCKET: Final = "socket://"


class Port(Protocol):
    """An open line to a scale."""

    def read(self) -> bytes:
        """What has arrived; empty when nothing has for a while. Raises `OSError` once lost."""


@contextlib.contextmanager
def opened(url: str) -> Iterator[Port]:
    """The line at `url`. Raises `OSError`, and `ValueError` for what is no address."""
    if url.startswith(_SOCKET):
        place = urlsplit(url)
        with socket.create_connection((place.hostname, place.port), timeout=CONNECT_S) as line:
            line.settimeout(POLL_S)
            yield _Socket(line)
    else:
        with serial.Serial(url, timeout=POLL_S) as device:
            yield _Device(device)


class _Socket:
    """pyserial reads a socket byte by byte; a quick scale then takes a whole processor."""

    def __init__(self, line: socket.socket) -> None:
        self._line = line

    def read(self) -> bytes:
        try:
            block = self._line.recv(MOST_BLOCK_BYTES)
        except TimeoutError:
            return b""
        if not block:
            raise ConnectionResetError("The other end is gone.")
        return block


class _Device:
    def __init__(self, device: serial.Serial) -> None:
        self._device = device

    def read(self) -> bytes:
        return bytes(self._device.read(max(1, min(self._device.in_waiting, MOST_BLOCK_BYTES))))
