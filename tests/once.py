"""What a run of the tests makes once, whichever of its processes wants it first."""

import fcntl
import shutil
from collections.abc import Callable
from pathlib import Path

import pytest


def made_once(
    factory: pytest.TempPathFactory, name: str, make: Callable[[Path], None], worker: str
) -> Path:
    """The folder of this name that `make` has filled; the other processes of the run wait for it.
    `worker` is this process's name ("master" where it is the only one)."""
    own = factory.getbasetemp()
    shared = own if worker == "master" else own.parent
    folder, half = shared / name, shared / f"{name}-half"
    with (shared / f"{name}.lock").open("w") as lock:
        fcntl.flock(lock, fcntl.LOCK_EX)
        if not folder.exists():
            shutil.rmtree(half, ignore_errors=True)
            half.mkdir()
            make(half)
            half.rename(folder)
    return folder
