"""What can keep a kitchen from being stored: a sentence, to be tried again, and nothing lost."""

import asyncio
import sqlite3
import uuid
from contextlib import closing, contextmanager

import pytest
from fastapi.testclient import TestClient
from sqlalchemy import event

from gasket.core.weighing.captures import capture_of
from gasket.kitchen.weigh.live import LiveTrouble, Page
from gasket.store import failures
from tests.server import app_of, run_apart


@contextmanager
def disk_full(house):
    """Not one page more."""
    with house.database.reading() as session:
        run = session.connection().exec_driver_sql
        pages = run("PRAGMA page_count").scalar_one() - run("PRAGMA freelist_count").scalar_one()

    def limit(connection, _record):
        connection.execute(f"PRAGMA max_page_count={pages}")

    yield from on_connect(house, limit)


@contextmanager
def read_only(house):
    def forbid(connection):
        connection.exec_driver_sql("PRAGMA query_only=ON")

    event.listen(house.database.engine, "begin", forbid)
    try:
        yield
    finally:
        event.remove(house.database.engine, "begin", forbid)


@contextmanager
def locked(house):
    def impatient(connection, _record):
        connection.execute("PRAGMA busy_timeout=50")

    with closing(sqlite3.connect(house.database.path)) as other:
        other.execute("BEGIN IMMEDIATE")
        yield from on_connect(house, impatient)


@contextmanager
def removed(house):
    path = house.database.path
    aside = path.rename(path.with_name("aside"))
    try:
        yield
    finally:
        aside.rename(path)


def on_connect(house, deed):
    engine = house.database.engine
    engine.dispose()
    event.listen(engine, "connect", deed)
    try:
        yield
    finally:
        event.remove(engine, "connect", deed)
        engine.dispose()


FAULTS = {
    "read-only": (read_only, 503, failures.READ_ONLY),
    "locked": (locked, 503, failures.BUSY),
    "removed": (removed, 503, failures.GONE),
}


def writes(client):
    pour = {"id": str(uuid.uuid4()), "kind": "spill", "net_g": 3, "low_g": 1, "high_g": 5}
    pour |= {"origin": "estimate", "bowl": "Chicken", "note": uuid.uuid4().hex * 9}
    trial = client.get("/api/trials/1").json()
    build = {**trial["build"], "portions": trial["build"]["portions"] + 1}
    yield "capture", client.post("/api/batches/2/weighings", json=pour), pour["id"]
    yield (
        "build",
        client.put("/api/trials/1/build", json={"version": trial["version"], "build": build}),
        "",
    )
    yield "dish", client.post("/api/dishes", json={"name": "x" * 100}), ""


@pytest.mark.parametrize("fault", FAULTS)
def test_what_cannot_be_stored_is_a_sentence_to_be_tried_again_and_nothing_is_torn(
    demo_house, fault
):
    breaks, status, says = FAULTS[fault]
    with TestClient(app_of(demo_house), base_url="http://127.0.0.1") as client:
        before = client.get("/api/kitchen").json()
        trial = client.get("/api/trials/1").json()
        with breaks(demo_house):
            for what, answer, _ in writes(client):
                assert answer.status_code == status, what
                assert answer.json()["detail"] == says
                assert int(answer.headers["retry-after"]) > 0
            assert client.get("/api/kitchen").json() == before, "what is there can be read"
        assert client.get("/api/trials/1").json() == trial
        for what, answer, key in writes(client):
            assert answer.is_success, what
            if key:
                sheet = client.get("/api/batches/2").json()
                assert sheet["last_record"] == key, "sent again it is stored"


def test_a_full_disk_is_a_sentence_and_what_was_acknowledged_is_there(demo_house):
    acknowledged = []
    with TestClient(app_of(demo_house), base_url="http://127.0.0.1") as client:
        with disk_full(demo_house):
            for _ in range(100):
                pour = {"id": str(uuid.uuid4()), "kind": "spill", "net_g": 3, "bowl": "Chicken"}
                pour |= {"origin": "estimate", "low_g": 1, "high_g": 5, "note": "x" * 300}
                answer = client.post("/api/batches/2/weighings", json=pour)
                if not answer.is_success:
                    break
                acknowledged.append(pour["id"])
            assert (answer.status_code, answer.json()["detail"]) == (507, failures.FULL)
            assert int(answer.headers["retry-after"]) > 0
            assert client.get("/api/kitchen").status_code == 200
        assert client.post("/api/batches/2/weighings", json=pour).is_success
    with closing(sqlite3.connect(demo_house.database.path)) as connection:
        stored = {key for (key,) in connection.execute("SELECT id FROM weighing")}
    assert {*acknowledged, pour["id"]} <= stored


def test_a_file_that_is_another_one_is_not_written_into(demo_house, first_day):
    path = demo_house.database.path
    with TestClient(app_of(demo_house), base_url="http://127.0.0.1") as client:
        path.rename(path.with_name("aside"))
        path.write_bytes(first_day["empty"].read_bytes())
        refused = client.post("/api/dishes", json={"name": "Pie"})
        assert (refused.status_code, refused.json()["detail"]) == (503, failures.GONE)


def test_hands_free_says_that_it_cannot_store_and_goes_on_when_it_can(demo_house):
    live, page, batch = demo_house.live, Page(), 2
    tare = {"id": str(uuid.uuid4()), "kind": "tare", "gross_g": 400.0}

    async def scene():
        demo_house.hear_in(asyncio.get_running_loop())
        live.join(demo_house.read(lambda session: sheet_of(session, batch)), page)
        with removed(demo_house):
            for _ in range(3):
                assert await live.store(batch, capture_of(**tare)) is None
            await asyncio.sleep(0)
        told = [page.waiting.get_nowait() for _ in range(page.waiting.qsize())]
        said = [message.says for message in told if isinstance(message, LiveTrouble)]
        assert said == [failures.GONE], "once, not at every reading"
        assert (await live.store(batch, capture_of(**tare))).last_record == tare["id"]

    run_apart(scene())


def sheet_of(session, batch):
    from gasket.kitchen.weigh import weigh

    return weigh.sheet(session, batch)
