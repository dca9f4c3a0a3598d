"""Every route that writes, by several devices at the same moment.

The routes are those of the OpenAPI document: one that is new fails here until it has its case in
routes.py.
"""

import os
import signal

import pytest

from gasket.kitchen.house import House
from gasket.store.opening import open_database
from tests.conftest import SEARCHING, Clock, become, copy
from tests.faults.routes import BATCH, CASES, COUNT, EXAMPLE, OF_THE_HOUSE, READS, one_id
from tests.faults.rush import (
    all_at_once,
    assert_sound,
    assert_whole,
    client_of,
    rows,
    served,
    statuses,
)
from tests.faults.taste_cases import TASTE_CASES

CLIENTS = (2, 8) if SEARCHING else (5,)
ALL_CASES = [*CASES, *TASTE_CASES]


@pytest.fixture(scope="session")
def prepared(first_day, tmp_path_factory):
    """The demo kitchen with what the cases need beside, looked at once: its file, what stands there
    under which name, and when it is."""
    file, clock = tmp_path_factory.mktemp("prepared") / "kitchen.sqlite3", Clock()
    copy(first_day["demo"], file)
    house = House(open_database(file), now=clock, clock=clock.seconds)
    with served(house) as url, client_of(url) as api:
        api.post("/api/trials/1/pending", json={"text": "2 xyzzy"}).raise_for_status()
        own = {"name": "Own", "takes_food_id": 1, "gives": [{"food_id": 2, "per_100_g": 90}]}
        swap = api.post("/api/swaps", json=own).json()["key"]
        begun = api.post("/api/trials/1/batches").json()
        for line in begun["lines"]:
            pour = {"id": one_id(), "kind": "line", "line": line["id"], "origin": "hand"}
            path = f"/api/batches/{begun['id']}/weighings"
            api.post(path, json={**pour, "net_g": max(line["target_g"], 1)}).raise_for_status()
        wrong = {"id": one_id(), "line": 1, "net_g": 39, "note": "a slip"}
        api.post("/api/batches/1/corrections", json=wrong).raise_for_status()
        known = {"{swap}": api.get("/api/swaps").json()[-1]["key"], "{own}": swap}
        known["{correction}"] = wrong["id"]
        known["{tasting}"] = api.get("/api/trials/1/tastings").json()[0]["id"]
        pair = {"kind": "preference", "name_a": "A", "name_b": "B", "seats": 4}
        blind = api.post("/api/dishes/1/blind-tests", json=pair).json()
        given = {"id": one_id(), "seat": 2, "code": blind["seats"][1]["codes"][0]}
        path = f"/api/blind-tests/{blind['id']}/answers"
        api.post(path, json=given).raise_for_status()
        known["{blind}"] = str(blind["id"])
        known["{undivided}"] = str(api.post("/api/batches", json=BATCH).json()["id"])
        known["{open}"] = str(begun["id"])
        assert_whole(url, file)
    house.close()
    return file, known, clock.time


@pytest.fixture
def kitchen(house, prepared):
    """The prepared kitchen behind a server."""
    file, known, house.now.time = prepared
    become(house, file)
    with served(house) as url, client_of(url) as api:
        yield api, url, house.database.path, known


def sent(case, api, url, known, clients):
    """The requests of a case, each with what a client of its own sends."""
    path = case.path
    for name, value in known.items():
        path = path.replace(name, value)
    method = case.route.split()[0]
    bodies = [case.body(api, i) if case.body else None for i in range(clients)]
    return [(url, method, path, body, {}) for body in bodies]


@pytest.mark.parametrize("clients", CLIENTS)
@pytest.mark.parametrize("case", ALL_CASES, ids=lambda case: case.route)
def test_at_the_same_moment_nothing_is_doubled_lost_or_torn(kitchen, case, clients):
    api, url, database, known = kitchen
    before = rows(database, case.grows)[0][0] if case.grows else 0
    calls = sent(case, api, url, known, clients)
    answers = all_at_once(calls)
    won = [answer for answer in answers if answer.is_success]
    assert len(won) == (clients if case.winners == "all" else min(case.winners, clients))
    lost = [answer for answer in answers if not answer.is_success]
    assert {answer.status_code for answer in lost} <= {404, 409}, [one.text for one in lost]
    if case.winners == 1 and case.route.startswith("PUT"):
        saved = calls[0][3]["version"] + 1
        assert all(answer.json()["current"]["version"] == saved for answer in lost)
    if case.grows:
        assert rows(database, case.grows)[0][0] - before == case.by(len(won))
    assert_whole(url, database)


@pytest.mark.parametrize("case", ALL_CASES, ids=lambda case: case.route)
def test_the_same_request_four_times_is_done_once_and_answered_the_same(kitchen, case):
    api, url, database, known = kitchen
    before = rows(database, case.grows)[0][0] if case.grows else 0
    url, method, path, body, _ = sent(case, api, url, known, 1)[0]
    again = (url, method, path, body, {"Idempotency-Key": one_id()})
    answers = all_at_once([again] * 4)
    late = api.request(method, path, json=body, headers=again[-1])
    assert statuses([*answers, late]).total() == 5
    assert len(statuses([*answers, late])) == 1, [answer.text for answer in answers]
    assert answers[0].is_success
    assert len({answer.text for answer in [*answers, late]}) == 1
    if case.grows:
        assert rows(database, case.grows)[0][0] - before == case.by(1)
    assert_sound(api, database)


def test_every_route_that_can_write_has_its_case(kitchen):
    api, *_ = kitchen
    document = api.get("/api/openapi.json").json()
    unsafe = {
        f"{method.upper()} {path}"
        for path, methods in document["paths"].items()
        for method in methods
        if method in ("post", "put", "patch", "delete")
    }
    assert unsafe == {case.route for case in ALL_CASES} | READS | OF_THE_HOUSE | {EXAMPLE}


def test_the_example_comes_once_into_an_empty_kitchen(house):
    with served(house) as url:
        call = (url, *EXAMPLE.split(), None, {})
        answers = all_at_once([call] * 4)
        assert sorted(answer.status_code for answer in answers) == [201, 409, 409, 409]
        assert rows(house.database.path, COUNT("dish"))[0][0] == 1
        names = [name for (name,) in rows(house.database.path, "SELECT name FROM food")]
        assert len(names) == len(set(names)) > 10
        assert_whole(url, house.database.path)


OF_EACH_KIND = (
    "POST /api/dishes",
    "PUT /api/trials/{trial_id}/build",
    "PUT /api/settings",
    "POST /api/batches/{batch_id}/weighings",
    "POST /api/batches/{batch_id}/stock",
    "POST /api/foods/{food_id}/told",
    "POST /api/batches/{batch_id}/close",
)


@pytest.mark.parametrize("route", OF_EACH_KIND)
def test_two_processes_on_one_file_keep_it_whole_too(kitchen, deaths, route):
    api, _, database, known = kitchen
    case = next(case for case in CASES if case.route == route)
    before = rows(database, case.grows)[0][0] if case.grows else 0
    two = [deaths.server(database) for _ in range(2)]
    try:
        urls = [url for _, url in two]
        calls = [
            (urls[i % 2], *call[1:]) for i, call in enumerate(sent(case, api, urls[0], known, 6))
        ]
        answers = all_at_once(calls)
        won = sum(answer.is_success for answer in answers)
        assert won == (6 if case.winners == "all" else min(case.winners, 6))
        assert {answer.status_code for answer in answers} <= {200, 201, 409}
        if case.grows:
            assert rows(database, case.grows)[0][0] - before == case.by(won)
        assert_whole(urls[1], database)
    finally:
        for pid, _ in two:
            os.kill(pid, signal.SIGKILL)
