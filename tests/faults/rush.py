"""Clients that ask at the same moment, and the kitchen that must stay whole under them."""

import socket
import sqlite3
import threading
from collections import Counter
from contextlib import closing, contextmanager

import httpx
import uvicorn

from tests.server import app_of

LONGEST_ANSWER_S = 60  # a slow machine is no dead server


def client_of(url):
    """A client that reads no certificates: there are none to check here, and it takes 40 ms."""
    return httpx.Client(base_url=url, timeout=LONGEST_ANSWER_S, verify=False)


def all_at_once(calls):
    """Answers to requests that leave together: `calls` are (url, method, path, json, headers)."""
    barrier = threading.Barrier(len(calls))
    answers = [None] * len(calls)

    def ask(i, url, method, path, body, headers):
        with client_of(url) as client:
            barrier.wait()
            answers[i] = client.request(method, path, json=body, headers=headers)

    threads = [threading.Thread(target=ask, args=(i, *call)) for i, call in enumerate(calls)]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    return answers


@contextmanager
def served(house):
    """The house behind a real server, without its scale: its address."""
    listener = socket.create_server(("127.0.0.1", 0))
    config = uvicorn.Config(app_of(house), log_level="error", timeout_graceful_shutdown=2)
    server = uvicorn.Server(config)
    thread = threading.Thread(target=server.run, args=([listener],))
    thread.start()
    try:
        yield f"http://127.0.0.1:{listener.getsockname()[1]}"
    finally:
        server.should_exit = True
        thread.join(timeout=20)


def statuses(answers):
    return Counter(answer.status_code for answer in answers)


def assert_sound(api, database):
    """No dish is broken, and no row points nowhere: the dishes."""
    dishes = api.get("/api/kitchen").raise_for_status().json()["dishes"]
    assert not [dish for dish in dishes if dish.get("broken")]
    with closing(sqlite3.connect(database)) as connection:
        assert connection.execute("PRAGMA foreign_key_check").fetchall() == []
        assert connection.execute("PRAGMA integrity_check").fetchone() == ("ok",)
    return dishes


def assert_whole(url, database):
    """The kitchen is sound; every dish can be read, its newest trials and its newest card."""
    with client_of(url) as api:
        for dish in assert_sound(api, database):
            trials = api.get(f"/api/dishes/{dish['id']}").raise_for_status().json()["trials"]
            for trial in trials[-2:]:
                api.get(f"/api/trials/{trial['id']}").raise_for_status()
            made = [batch["id"] for trial in trials for batch in trial["batches"]]
            for newest in sorted(made)[-1:]:
                api.get(f"/api/batches/{newest}/card").raise_for_status()
        for one in api.get("/api/stock").raise_for_status().json()["stocks"]:
            path = f"/api/batches/{one['batch_id']}/stock"
            stock = api.get(path).raise_for_status().json()
            gone = sum(stock["gone"].values()) + sum(lot["amount"] for lot in stock["lots"])
            assert gone <= stock["made"] + 1e-9, "more is gone than was made"


def rows(database, query, *values):
    with closing(sqlite3.connect(database)) as connection:
        return connection.execute(query, values).fetchall()
