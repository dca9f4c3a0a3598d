"""The server killed in the middle of a weigh-in: what was acknowledged is there, and once."""

import contextlib
import os
import random
import shutil
import signal
import sqlite3
import subprocess
import sys
import threading
import uuid

import httpx
import pytest

from gasket.store import places
from tests.conftest import SEARCHING
from tests.faults.rush import client_of
from tests.server import Server

WEIGH_INS = 400 if SEARCHING else 25
MOST_CAPTURES = 3
LONGEST_LAST_BREATH_S = 0.03


class Cook:
    """Weighs line after line. `doubtful` is what has no answer yet; it is sent again."""

    def __init__(self, dice):
        self.dice, self.batch_id = dice, None
        self.acknowledged, self.doubtful = {}, {}

    def send(self, api, batch_id, capture):
        self.doubtful[capture["id"]] = (batch_id, capture)
        api.post(f"/api/batches/{batch_id}/weighings", json=capture).raise_for_status()
        del self.doubtful[capture["id"]]
        self.acknowledged[capture["id"]] = capture

    def weigh_until(self, death, api):
        """Weigh; after a random number of captures the server has a last breath left."""
        for batch_id, capture in tuple(self.doubtful.values()):
            self.send(api, batch_id, capture)
        left = self.dice.randint(0, MOST_CAPTURES)
        while True:
            if self.batch_id is None:
                self.batch_id = api.post("/api/trials/1/batches").json()["id"]
            for line in api.get(f"/api/batches/{self.batch_id}").json()["lines"]:
                if line["status"] == "open":
                    if left == 0:
                        death.start()
                    left -= 1
                    net = line["target_g"] + len(self.acknowledged) % 7
                    capture = {"kind": "line", "line": line["id"], "net_g": net, "origin": "hand"}
                    seen = {"id": str(uuid.uuid4()), "seen": line["seen"]}
                    self.send(api, self.batch_id, {**capture, **seen})
            self.batch_id = None


def by_hand(database):
    """Line and weight of every capture that was typed in, by its id."""
    query = "SELECT id, line, net_g FROM weighing WHERE origin = 'hand' AND kind = 'line'"
    with contextlib.closing(sqlite3.connect(database)) as stored:
        return {key: (line, net) for key, line, net in stored.execute(query)}


def test_weigh_ins_killed_at_random_moments_lose_and_double_nothing(tmp_path, first_day, deaths):
    dice, database = random.Random(5), tmp_path / "kitchen.sqlite3"
    shutil.copy(first_day["demo"], database)
    before = set(by_hand(database))
    cook = Cook(dice)
    for _ in range(WEIGH_INS):
        pid, url = deaths.server(database)
        breath_s = dice.uniform(0, LONGEST_LAST_BREATH_S)
        death = threading.Timer(breath_s, os.kill, (pid, signal.SIGKILL))
        with (
            contextlib.suppress(httpx.NetworkError, httpx.RemoteProtocolError),
            client_of(url) as api,
        ):
            cook.weigh_until(death, api)
        death.join()
    found = {key: line for key, line in by_hand(database).items() if key not in before}
    for key, capture in cook.acknowledged.items():
        assert found[key] == (capture["line"], capture["net_g"])
    lines = [line for line, _ in found.values()]
    assert len(lines) == len(set(lines)), "no line was weighed twice"
    assert set(found) <= set(cook.acknowledged) | set(cook.doubtful)
    assert len(cook.acknowledged) >= WEIGH_INS


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

    paths = {"demo": places.demo_path(), "serve": places.default_path()}
    assert paths[word].name == {"demo": "demo.sqlite3", "serve": "kitchen.sqlite3"}[word]
