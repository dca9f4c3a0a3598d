"""A server that starts in a moment, to be killed: each start is a fork of one warm process.

Reads database paths on stdin, one start each; answers `pid port` on stdout.
"""

import os
import signal
import socket
import sys
import tempfile
from pathlib import Path

import uvicorn
from fastapi.testclient import TestClient

from gasket.core.solver.programme import warm_up as import_solver
from gasket.kitchen.house import House
from tests.server import app_of


def serve(database: Path, listener: socket.socket) -> None:
    app = app_of(House.at(database, simulate=False))
    uvicorn.Server(uvicorn.Config(app, log_level="error")).run(sockets=[listener])


def warm_up() -> None:
    """One request through everything, so that a fork has nothing left to import or to build."""
    import_solver()
    with tempfile.TemporaryDirectory() as folder:
        house = House.at(Path(folder) / "warm.sqlite3", simulate=False)
        with TestClient(app_of(house), base_url="http://127.0.0.1") as client:
            dish = client.post("/api/dishes", json={"name": "warm"}).json()
            client.post(f"/api/trials/{dish['trials'][0]['id']}/batches", json={"free": True})
            pour = {"id": "warm-pour", "kind": "line", "net_g": 5.0, "origin": "hand"}
            client.post("/api/batches/1/weighings", json=pour).raise_for_status()


def main() -> None:
    warm_up()
    signal.signal(signal.SIGCHLD, signal.SIG_IGN)
    for line in sys.stdin:
        listener = socket.create_server(("127.0.0.1", 0))
        pid = os.fork()
        if pid == 0:
            serve(Path(line.strip()), listener)
            os._exit(0)
        print(pid, listener.getsockname()[1], flush=True)
        listener.close()


if __name__ == "__main__":
    main()
