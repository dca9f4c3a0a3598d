"""The cases of the routes of tasting: see `tests.faults.routes`."""

from tests.faults.routes import COUNT, Case, of_version, one_id


def next_key(api):
    return {"key": api.get("/api/trials/1/next").json()["proposals"][0]["key"]}


def running(api):
    """A blind test that has not ended, with the first code at its first seat."""
    test = api.get("/api/dishes/1/blind-tests").json()[0]["id"]
    seat = api.get(f"/api/blind-tests/{test}").json()["seats"][0]
    return {"id": one_id(), "seat": 1, "code": seat["codes"][0]}


def verdict_edit(there, i):
    verdict = {"stamp": "keep", "lesson": f"Stand it overnight {i}."}
    return {"version": there["version"], "verdict": verdict}


TASTE_CASES = [
    Case(
        "POST /api/tasters",
        "/api/tasters",
        lambda _, i: {"name": f"Seat {i}"},
        grows=COUNT("taster"),
    ),
    Case(
        "PUT /api/tasters/{taster_id}",
        "/api/tasters/1",
        lambda _, i: {"removed": bool(i % 2)},
    ),
    Case(
        "POST /api/batches/{batch_id}/tastings",
        "/api/batches/1/tastings",
        lambda _, i: {"id": one_id(), "taster_id": 1, "marks": {"taste": str(i % 10)}},
        grows=COUNT("tasting"),
    ),
    Case(
        "PUT /api/tastings/{tasting_id}/archived",
        "/api/tastings/{tasting}/archived",
        lambda _, i: {"archived": bool(i % 2)},
    ),
    Case(
        "POST /api/tastings/{tasting_id}/fullness",
        "/api/tastings/{tasting}/fullness",
        lambda *_: {"id": one_id(), "after_h": 1, "answer": "mark", "mark": "6"},
        grows=COUNT("fullness_record"),
    ),
    Case(
        "PUT /api/photos/{photo_id}",
        "/api/photos/1",
        lambda _, i: {"on_card": bool(i % 2)},
    ),
    of_version(
        "PUT /api/trials/{trial_id}/verdict",
        "/api/trials/1/verdict",
        "/api/trials/1/verdict",
        verdict_edit,
    ),
    Case(
        "POST /api/trials/{trial_id}/next",
        "/api/trials/1/next",
        lambda api, _: next_key(api),
        winners=1,
        grows=COUNT("trial"),
    ),
    Case(
        "POST /api/trials/{trial_id}/next/rejected",
        "/api/trials/1/next/rejected",
        lambda _, i: {"key": f"dry/more-fat/{i}", "title": "Oil"},
        grows=COUNT("rejected_proposal"),
    ),
    Case(
        "DELETE /api/trials/{trial_id}/next/rejected",
        "/api/trials/1/next/rejected?key=dry%2Fmore-fat%2F0",
    ),
    Case(
        "POST /api/dishes/{dish_id}/blind-tests",
        "/api/dishes/1/blind-tests",
        lambda _, i: {"kind": "triangle", "name_a": "A", "name_b": f"B{i}", "seats": 6},
        grows=COUNT("blind_test"),
    ),
    Case(
        "POST /api/blind-tests/{test_id}/answers",
        "/api/blind-tests/{blind}/answers",
        lambda api, _: running(api),
        grows=COUNT("blind_answer"),
    ),
    Case(
        "POST /api/blind-tests/{test_id}/end",
        "/api/blind-tests/{blind}/end",
        grows="SELECT count(*) FROM blind_test WHERE ended_at IS NOT NULL",
        by=lambda _: 1,
    ),
    Case(
        "PUT /api/blind-tests/{test_id}/removed",
        "/api/blind-tests/{blind}/removed",
        lambda _, i: {"removed": bool(i % 2)},
    ),
]
