"""The server killed in the middle of a weigh-in: what was acknowledged is there, and once."""

import os
import random
import shutil
import signal
import sqlite3
import subprocess
import sys
import threading
import uuid
from contextlib import closing

import httpx
import pytest

from tests.server import Server

WEIGH_INS = 200
LONGEST_LIFE_S = 0.15


class Deaths:
    """Servers that are killed, one after the other, at random moments."""

    def __init__(self, database, dice):
        self.database, self.dice = database, dice
        self.forks = subprocess.Popen(
            [sys.executable, "-m", "tests.faults.quick_server"],
            stdin=subprocess.PIPE,
            stdout=subprocess.PIPE,
            text=True,
        )

    def server(self):
        """(pid, url) of a server that has just been started."""
        self.forks.stdin.write(f"{self.database}\n")
        self.forks.stdin.flush()
        pid, port = self.forks.stdout.readline().split()
        return int(pid), f"http://127.0.0.1:{port}"

    def close(self):
        self.forks.stdin.close()
        self.forks.wait(timeout=10)
        self.forks.stdout.close()


def weigh_until_it_dies(api, batch_id, sent, acknowledged):
    """Send what had no answer again, then line after line; what has none is left in `sent`."""
    for key, (batch, capture) in tuple(sent.items()):
        api.post(f"/api/batches/{batch}/weighings", json=capture).raise_for_status()
        acknowledged[key] = sent.pop(key)[1]
    sheet = api.get(f"/api/batches/{batch_id}").json()
    for line in sheet["lines"]:
        if line["status"] != "open":
            continue
        capture = {
            "id": str(uuid.uuid4()),
            "kind": "line",
            "line": line["id"],
            "net_g": line["target_g"] + len(acknowledged) % 7,
            "origin": "hand",
            "seen": line["seen"],
        }
        sent[capture["id"]] = (batch_id, capture)
        api.post(f"/api/batches/{batch_id}/weighings", json=capture).raise_for_status()
        acknowledged[capture["id"]] = sent.pop(capture["id"])[1]


def test_200_weigh_ins_killed_at_random_moments_lose_and_double_nothing(tmp_path, first_day):
    dice, database = random.Random(5), tmp_path / "kitchen.sqlite3"
    shutil.copy(first_day["demo"], database)
    deaths = Deaths(database, dice)
    acknowledged: dict[str, dict[str, object]] = {}
    doubtful: dict[str, tuple[int, dict[str, object]]] = {}
    batch_id = None
    for _ in range(WEIGH_INS):
        pid, url = deaths.server()
        killer = None
        try:
            with httpx.Client(base_url=url, timeout=20) as api:
                if batch_id is None:
                    batch_id = api.post("/api/trials/1/batches").json()["id"]
                api.get(f"/api/batches/{batch_id}").raise_for_status()
                killer = threading.Timer(
                    dice.uniform(0, LONGEST_LIFE_S), os.kill, (pid, signal.SIGKILL)
                )
                killer.start()
                weigh_until_it_dies(api, batch_id, doubtful, acknowledged)
                batch_id = api.post("/api/trials/1/batches").json()["id"]
        except httpx.TransportError:
            pass
        finally:
            if killer is not None:
                killer.join()
    deaths.close()
    with closing(sqlite3.connect(database)) as stored:
        query = "SELECT id, line, net_g FROM weighing WHERE origin = 'hand' AND kind = 'line'"
        found = {key: (line, net) for key, line, net in stored.execute(query)}
        lines = [line for line, _ in found.values()]
    for key, capture in acknowledged.items():
        assert found[key] == (capture["line"], capture["net_g"])
    assert len(lines) == len(set(lines)), "no line was weighed twice"
    assert set(found) <= set(acknowledged) | set(doubtful)
    assert len(acknowledged) >= WEIGH_INS


def test_a_taken_port_is_a_sentence(tmp_path):
    with Server(tmp_path / "kitchen.sqlite3") as server:
        port = server.url.rpartition(":")[2]
        second = subprocess.run(
            [sys.executable, "-m", "gasket.cli", "demo", "--port", port, "--db", tmp_path / "b"],
            capture_output=True,
            text=True,
            check=False,
        )
    assert second.returncode == 2
    assert f"Port {port} is taken" in second.stderr


@pytest.mark.parametrize("word", ["demo", "serve"])
def test_a_cooks_kitchen_and_the_demo_have_databases_of_their_own(word):
    from gasket.store import database

    paths = {"demo": database.demo_path(), "serve": database.default_path()}
    assert paths[word].name == {"demo": "demo.sqlite3", "serve": "kitchen.sqlite3"}[word]
