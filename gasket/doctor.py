"""What may keep Gasket from working on this machine, and what to do about it."""

import os
import shutil
import socket
import sys
from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path
from typing import Final, Literal

from gasket import __version__
from gasket.api.app import PAGES
from gasket.core.errors import GasketError
from gasket.store.opening import FileStanding, look_at
from gasket.store.places import default_path, log_path
from gasket.store.serving import AlreadyServed, alone, lock_path
from gasket.store.upgrade import newest_revision

CheckupMark = Literal["ok", "note", "bad"]
LEAST_FREE_MB: Final = 200
OLDEST_PYTHON: Final = (3, 11)


@dataclass(frozen=True, slots=True)
class Checkup:
    """One thing that was looked at; `do` helps where it is not as it should be."""

    about: str
    mark: CheckupMark
    says: str
    do: str = ""


def look(path: Path, port: int) -> Iterator[Checkup]:
    """Look at everything that a kitchen at `path`, served on `port`, needs. Changes nothing."""
    yield _python()
    yield Checkup("Gasket", "ok", __version__)
    yield from _kitchen(path)
    yield _port(port)
    yield _pages()
    yield from _scales()
    yield _disk(path)
    yield Checkup("Log", "ok", str(log_path(path)))


def _python() -> Checkup:
    says = ".".join(map(str, sys.version_info[:3]))
    if sys.version_info[:2] < OLDEST_PYTHON:
        return Checkup("Python", "bad", says, "Install Python 3.11 or newer.")
    return Checkup("Python", "ok", says)


def _kitchen(path: Path) -> Iterator[Checkup]:
    try:
        # The usual folder is made with the kitchen.
        usual = path == default_path() and not path.parent.exists()
        standing = FileStanding(None) if usual else look_at(path)
    except GasketError as error:
        do = "Name another file with --db, or put a copy back with gasket restore."
        yield Checkup("Kitchen", "bad", str(error), do)
        return
    if standing.is_missing:
        yield Checkup("Kitchen", "note", f"{path} is not there yet", "gasket serve makes it.")
        return
    says = f"{path}, schema {standing.revision}"
    if standing.is_current:
        yield Checkup("Kitchen", "ok", says)
    else:
        do = f"The next start brings it to {newest_revision()} and keeps a copy of it as it is."
        yield Checkup("Kitchen", "note", says, do)
    if not os.access(path, os.W_OK):
        yield Checkup(
            "Kitchen", "bad", "the file cannot be written", f"Make it yours: chmod u+w {path}."
        )
    try:
        if lock_path(path).exists():
            with alone(path):
                pass
        yield Checkup("Served", "ok", "by no Gasket now")
    except AlreadyServed:
        yield Checkup("Served", "note", "by another Gasket", "Use that one, or stop it first.")


def _port(port: int) -> Checkup:
    try:
        socket.create_server(("127.0.0.1", port)).close()
    except OSError as error:
        do = "Something listens there, maybe Gasket itself: choose another with --port."
        return Checkup("Port", "note", f"{port}: {error.strerror}", do)
    return Checkup("Port", "ok", f"{port} is free")


def _pages() -> Checkup:
    if (PAGES / "index.html").is_file():
        return Checkup("Pages", "ok", str(PAGES))
    return Checkup("Pages", "bad", f"none in {PAGES}", "./run pages builds them; a wheel has them.")


def _scales() -> Iterator[Checkup]:
    from serial.tools import list_ports

    ports = sorted(port.device for port in list_ports.comports())
    if not ports:
        yield Checkup("Scale", "ok", "no serial device: the simulated one is there")
    for device in ports:
        if os.access(device, os.R_OK | os.W_OK):
            yield Checkup("Scale", "ok", f"{device} can be opened")
        else:
            do = "Join the group that owns it (Debian: adduser YOU dialout) and log in again."
            yield Checkup("Scale", "bad", f"{device} may not be opened", do)


def _disk(path: Path) -> Checkup:
    folder = next((one for one in (path.parent, *path.parents) if one.is_dir()), Path.cwd())
    free = shutil.disk_usage(folder).free // 1_000_000
    if free < LEAST_FREE_MB:
        return Checkup(
            "Disk", "bad", f"{free} MB free in {folder}", "Make room: a full disk keeps nothing."
        )
    return Checkup("Disk", "ok", f"{free:,} MB free in {folder}")
