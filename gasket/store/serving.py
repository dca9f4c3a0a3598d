"""One server for one kitchen: two would each show what the other does not know of."""

import contextlib
from collections.abc import Iterator
from pathlib import Path

from filelock import FileLock, Timeout

from gasket.core.errors import GasketError


class AlreadyServed(GasketError):
    """Another process has this kitchen to itself."""


def lock_path(path: Path) -> Path:
    """The file that is locked while a kitchen is served."""
    return path.with_name(f"{path.name}.lock")


@contextlib.contextmanager
def alone(path: Path) -> Iterator[None]:
    """Have the kitchen at `path` to oneself, as far as other Gaskets go. It ends with the process,
    however that ends. Raises `AlreadyServed`."""
    lock = FileLock(lock_path(path), timeout=0)
    try:
        lock.acquire()
    except Timeout:
        says = f"{path} is being served by another Gasket already: use that one, or stop it first."
        raise AlreadyServed(says) from None
    except OSError as error:
        raise AlreadyServed(f"{path} cannot be served: {error.strerror}.") from error
    try:
        yield
    finally:
        lock.release()
