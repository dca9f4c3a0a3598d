"""Tasting over HTTP: sheets, fullness, verdicts, the lab book, the next trial, blind tests."""

import uuid
from datetime import timedelta

import pytest

from gasket.core.tasting.blind import Seat
from gasket.store.books.blind_tests import BLIND_TESTS
from tests.kitchen.test_kept import statements_on

LOAF, TRIAL, BATCH, TRAY = 1, 1, 1, 3


def one_id():
    return str(uuid.uuid4())


def taste(client, batch=BATCH, **said):
    sheet = {"id": one_id(), "taster_id": 1, "marks": {"taste": "7"}, **said}
    return client.post(f"/api/batches/{batch}/tastings", json=sheet)


def history(client):
    return client.get(f"/api/dishes/{LOAF}/history").json()


def entry(client, letter):
    return next(one for one in history(client)["trials"] if one["letter"] == letter)


# Sheets


def test_what_was_said_stays_as_it_was_said_and_sent_twice_is_there_once(client):
    sheet = {"id": one_id(), "taster_id": 2, "marks": {"taste": "11 out of 10", "look": "6,5"}}
    sheet |= {"words": ["dry", "like toast"], "note": "Sunday.", "guess_kcal": 300, "guess_g": 150}
    before = len(client.get(f"/api/batches/{BATCH}/tastings").json()["tastings"])
    for _ in range(2):
        answer = client.post(f"/api/batches/{BATCH}/tastings", json=sheet)
    said = answer.json()["tastings"]
    assert len(said) == before + 1
    assert said[0]["sheet"]["marks"] == {"taste": "11 out of 10", "look": "6,5"}
    assert said[0]["counts"] == {"taste": 10, "look": 6.5}
    assert said[0]["overall"] == pytest.approx((4 * 10 + 6.5) / 5)
    card = client.get(f"/api/batches/{BATCH}/card").json()["result"]["serving"]
    assert [guess["truth"] for guess in said[0]["guesses"]] == [
        pytest.approx(card["kcal"]["value"]),
        pytest.approx(card["grams"]),
    ]
    elsewhere = client.post(f"/api/batches/{TRAY}/tastings", json=sheet)
    assert (elsewhere.status_code, "another batch" in elsewhere.text) == (409, True)


@pytest.mark.parametrize(
    ("said", "path", "why"),
    [
        ({"marks": {"taste": "11"}}, "marks.taste", "11 out of 10"),
        ({"marks": {"taste": "7.3"}}, "marks.taste", "halves"),
        ({"marks": {"crunch": "7"}}, "marks.crunch", ""),
        ({"note": "x" * 1_000_000}, "note", "4000"),
        ({"taster_id": 99}, "taster_id", "Say who tastes"),
        ({"fullness": "full"}, "fullness", "from 0 to 10"),
        ({"marks": {}}, "", "Give a mark, a word or a note first"),
        ({"replaces": "nowhere-1"}, "replaces", "no such tasting"),
    ],
)
def test_bad_input_is_a_sentence_at_its_field_and_nothing_is_kept(client, said, path, why):
    before = client.get(f"/api/batches/{BATCH}/tastings").json()
    answer = taste(client, **said)
    assert answer.status_code == 422
    faults = {fault["path"]: fault["message"] for fault in answer.json()["errors"]}
    assert any(key.startswith(path) and why in says for key, says in faults.items()), faults
    assert client.get(f"/api/batches/{BATCH}/tastings").json() == before


def test_an_open_weigh_in_is_not_tasted_yet(client):
    answer = taste(client, batch=2)
    assert (answer.status_code, answer.json()["detail"]) == (409, "Close the weigh-in first.")


def test_a_correction_takes_the_place_of_the_old_one_and_archiving_is_undone(client):
    first = taste(client, marks={"taste": "2"}).json()["tastings"][0]
    low = entry(client, "A")["score"]
    second = taste(client, marks={"taste": "9"}, replaces=first["id"]).json()["tastings"]
    assert [one["archived"] for one in second[:2]] == [False, True]
    assert second[0]["at"] == first["at"]
    assert entry(client, "A")["score"]["value"] > low["value"]
    for archived, tastings in ((True, 3), (False, 4)):
        answer = client.put(
            f"/api/tastings/{second[0]['id']}/archived", json={"archived": archived}
        )
        assert answer.status_code == 200
        assert entry(client, "A")["score"]["tastings"] == tastings
    missing = client.put("/api/tastings/no-such-one/archived", json={"archived": True})
    assert missing.status_code == 422


def test_what_was_said_of_a_deleted_batch_counts_no_more(client):
    assert entry(client, "A")["score"] is not None
    for where, is_scored in (("deleted", False), ("here", True)):
        client.put(f"/api/batches/{BATCH}/whereabouts", json={"where": where}).raise_for_status()
        assert (entry(client, "A")["score"] is not None) == is_scored


def test_a_taster_who_is_removed_keeps_what_was_said_and_comes_back(client):
    score = entry(client, "A")["score"]
    gone = client.put("/api/tasters/1", json={"removed": True}).json()
    assert gone[-1]["removed"]
    assert gone[-1]["tastings"] == 5
    assert entry(client, "A")["score"] == score
    refused = taste(client)
    assert "bring them back first" in refused.json()["errors"][0]["message"]
    twice = client.post("/api/tasters", json={"name": " COX "})
    assert twice.json()["errors"][0]["message"] == "Cox is there already."
    back = client.post("/api/tasters", json={"name": "bow seat"}).json()
    assert [one["removed"] for one in back] == [False] * 3
    assert client.put("/api/tasters/1", json={"name": "Cox"}).status_code == 422
    assert client.put("/api/tasters/1", json={"name": "Bow"}).json()[0]["name"] == "Bow"
    assert client.put("/api/tasters/99", json={"name": "X"}).status_code == 404


# Fullness, verdicts


def test_the_kitchen_asks_again_how_full_it_left(client, demo_house):
    clock = demo_house.now
    said = taste(client, fullness="8").json()["tastings"][0]["id"]
    assert client.get("/api/kitchen").json()["fullness"] == []
    clock.time += timedelta(hours=1, minutes=1)
    asked = client.get("/api/kitchen").json()["fullness"]
    assert [(one["tasting"], one["after_h"]) for one in asked] == [(said, 1)]
    where = f"/api/tastings/{said}/fullness"
    later = {"id": one_id(), "after_h": 1, "answer": "later"}
    assert client.post(where, json=later).json() == []
    clock.time += timedelta(minutes=31)
    mark = {"id": one_id(), "after_h": 1, "answer": "mark", "mark": "6"}
    for _ in range(2):
        assert client.post(where, json=mark).json() == []
    kept = client.get(f"/api/batches/{BATCH}/tastings").json()["tastings"][0]
    assert kept["later"] == {"1": "6"}
    clock.time += timedelta(hours=2)
    assert [one["after_h"] for one in client.get("/api/kitchen").json()["fullness"]] == [3]
    bad = {"id": one_id(), "after_h": 3, "answer": "mark", "mark": "11"}
    assert client.post(where, json=bad).status_code == 422
    client.post(where, json={"id": one_id(), "after_h": 3, "answer": "never"})
    assert client.get("/api/kitchen").json()["fullness"] == []


def test_a_verdict_makes_the_keeper_that_opens_next_time(client):
    waiting = client.get("/api/kitchen").json()["unjudged"]
    assert [one["dish"] for one in waiting["trials"]] == ["Mac and cheese tray"]
    tray = waiting["trials"][0]
    where = f"/api/trials/{tray['trial_id']}/verdict"
    empty = {"version": 1, "verdict": {"stamp": "change", "change": " "}}
    assert "Say what to change" in client.put(where, json=empty).json()["errors"][0]["message"]
    assert client.get(f"/api/dishes/{tray['dish_id']}").json()["opens"] != tray["trial_id"]
    dropped = {"version": 1, "verdict": {"stamp": "drop", "lesson": "Too dear."}}
    other = client.get(f"/api/dishes/{tray['dish_id']}").json()["opens"]
    assert client.put(f"/api/trials/{other}/verdict", json=dropped).status_code == 200
    keep = {"version": 1, "verdict": {"stamp": "keep", "lesson": " Rest it 10 minutes. "}}
    assert client.put(where, json=keep).json()["verdict"]["lesson"] == "Rest it 10 minutes."
    stale = client.put(where, json=keep)
    assert (stale.status_code, stale.json()["current"]["version"]) == (409, 2)
    assert client.get("/api/kitchen").json()["unjudged"]["total"] == 0
    dish = client.get(f"/api/dishes/{tray['dish_id']}").json()
    assert dish["opens"] == tray["trial_id"]
    names = {one["id"]: one["trial"] for one in client.get("/api/dishes").json()}
    assert names[dish["id"]] == tray["letter"]
    cards = {one["id"]: one for one in client.get("/api/kitchen").json()["dishes"]}
    assert (cards[dish["id"]]["trial"], cards[dish["id"]]["keeper"]) == ("A", True)
    card = client.get(f"/api/batches/{TRAY}/card").json()
    assert card["tasted"]["verdict"]["stamp"] == "keep"
    assert "Verdict: keep.\nLesson: Rest it 10 minutes." in card["text"]
    keepers = client.get("/api/keepers").json()["keepers"]
    assert {one["dish"] for one in keepers} == {"Carrot loaf", "Mac and cheese tray"}
    by_days = client.get("/api/keepers", params={"score": 0, "kcal": 10, "protein_g": 0}).json()
    assert by_days["keepers"][0]["dish"] == "Carrot loaf"
    assert client.get("/api/keepers", params={"kcal": 11}).status_code == 422


# The lab book


def test_the_lab_book_says_what_each_change_did(client):
    book = history(client)
    told = {one["letter"]: one["credit"] and one["credit"]["told"] for one in book["trials"]}
    assert told == {"D": "hurt", "C": "helped", "B": "hurt", "A": None}
    slip = entry(client, "D")["credit"]
    assert slip["changes"] == 2
    assert "Salt, fine came out at 18 g instead of 3 g" in slip["notes"][0]
    assert [line["name"] for line in entry(client, "C")["changes"]] == ["Carrot, raw"]
    assert book["opens"] == TRIAL
    assert [one["letter"] for one in book["trials"] if "kcal" in one["unbeaten"]] == [*"CBA"]
    rich = {line["name"]: line["says"] for line in book["rich"]}
    assert "kcal a point" in rich["Fieldhouse rapeseed oil"]
    assert rich["Cinnamon, ground"] == "Not tried.", "a slip says nothing of the cinnamon"
    said = client.get(f"/api/trials/{entry(client, 'B')['id']}/tastings").json()
    assert sum("dry" in one["sheet"]["words"] for one in said) == 3


def test_a_change_alone_is_told_from_the_same_change_with_another(client):
    made = client.post(f"/api/dishes/{LOAF}/trials", json={"copy_of": TRIAL, "intent": "x"}).json()
    first, second = made["build"]["components"][0]["lines"][:2]
    for line in (first, second):
        line["target_g"] += 20
    edit = {"version": made["version"], "build": made["build"]}
    client.put(f"/api/trials/{made['id']}/build", json=edit).raise_for_status()
    assert len(entry(client, made["letter"])["changes"]) == 2
    assert entry(client, made["letter"])["credit"]["told"] == "untested"


def test_a_proposal_is_taken_in_one_touch_and_never_comes_twice(client):
    dry = entry(client, "B")["id"]
    found = client.get(f"/api/trials/{dry}/next").json()["proposals"]
    assert found[0]["why"] == "3 tasters said dry."
    timed = next(one for one in found if one["minutes"])
    grams = next(one for one in found if one["line_id"] and one["comes_from"] == "said")
    no = {"key": timed["key"], "title": timed["title"]}
    after = client.post(f"/api/trials/{dry}/next/rejected", json=no).json()
    assert timed["key"] not in [one["key"] for one in after["proposals"]]
    assert [one["title"] for one in after["rejected"]] == [timed["title"]]
    back = client.delete(f"/api/trials/{dry}/next/rejected", params={"key": timed["key"]}).json()
    assert timed["key"] in [one["key"] for one in back["proposals"]]
    made = client.post(f"/api/trials/{dry}/next", json={"key": grams["key"]}).json()
    assert (made["letter"], made["copied_from"]) == ("E", dry)
    assert made["intent"] == grams["intent"]
    line = next(
        line
        for part in made["build"]["components"]
        for line in part["lines"]
        if line["id"] == grams["line_id"]
    )
    assert line["target_g"] == grams["after"]
    again = client.post(f"/api/trials/{dry}/next", json={"key": grams["key"]})
    assert (again.status_code, "no longer fits" in again.json()["detail"]) == (409, True)
    shorter = client.post(f"/api/trials/{dry}/next", json={"key": timed["key"]}).json()
    steps = client.get(f"/api/trials/{shorter['id']}/steps").json()["steps"]
    bake = next(step for step in steps if step["id"] == timed["minutes"]["step_id"])
    assert bake["least_min"] == timed["minutes"]["least_min"]
    assert len(entry(client, shorter["letter"])["steps_changed"]) == 1


def test_what_slipped_is_said_before_anything_is_proposed_from_it(client):
    found = client.get(f"/api/trials/{entry(client, 'D')['id']}/next").json()
    assert "Salt, fine came out at 18 g" in found["slips"][0]
    assert not [one for one in found["proposals"] if "Salt" in one["title"]]
    where = f"/api/trials/{found['trial_id']}"
    client.put(f"{where}/whereabouts", json={"where": "deleted"}).raise_for_status()
    assert client.get(f"{where}/next").json()["slips"] == [], (
        "one that is deleted has no batch here"
    )
    original = client.get(f"/api/dishes/{LOAF}").json()["original_trial"]
    assert client.get(f"/api/trials/{original}/next").status_code == 409


# Blind tests


def begin(client, **more):
    new = {"kind": "triangle", "name_a": "With oil", "name_b": "Without", "seats": 6, **more}
    return client.post(f"/api/dishes/{LOAF}/blind-tests", json=new)


def odd_codes(client, test):
    with client.app.state.house.reading() as session:
        plan = BLIND_TESTS.fetch(session, test).stored_plan
    return {seat["number"]: Seat.model_validate(seat).odd for seat in plan}


def test_a_blind_test_hides_its_key_until_it_ends(client):
    test = begin(client).json()
    where = f"/api/blind-tests/{test['id']}"
    assert test["key"] == []
    assert test["result"] is None
    assert "5 of 6 must find the odd one" in test["prospect"]["says"]
    assert client.post(f"{where}/end").json()["detail"] == "Nobody has answered yet."
    seat = test["seats"][0]
    wrong = {"id": one_id(), "seat": 1, "code": 99}
    fault = client.post(f"{where}/answers", json=wrong).json()["errors"][0]
    assert fault["path"] == "code"
    assert fault["message"].startswith(f"Seat 1 has {seat['codes'][0]}, ")
    assert client.post(f"{where}/answers", json={**wrong, "seat": 7}).status_code == 422
    first = {"id": one_id(), "seat": 1, "code": seat["codes"][0]}
    client.post(f"{where}/answers", json=first)
    client.post(f"{where}/answers", json={**first, "id": one_id(), "taken_back": True})
    assert client.post(f"{where}/end").json()["detail"] == "Nobody has answered yet."
    cups = client.get(f"{where}/cups").json()
    filled = {code: of["sample"] for of in cups["fills"] for code in of["codes"]}
    for place, stands in zip(test["seats"], cups["seats"], strict=True):
        assert [filled[code] for code in place["codes"]] == stands["samples"]
    for number, odd in odd_codes(client, test["id"]).items():
        other = next(code for code in test["seats"][number - 1]["codes"] if code != odd)
        for code in (other, odd):  # a change of mind: the last one counts
            given = {"id": one_id(), "seat": number, "code": code}
            answered = client.post(f"{where}/answers", json=given).json()
        assert answered["key"] == []
    back = {**given, "id": one_id(), "taken_back": True}
    opened = client.post(f"{where}/answers", json=back).json()
    assert (opened["answered"], opened["seats"][number - 1]["chosen"]) == (5, None)
    client.post(f"{where}/answers", json={**given, "id": one_id()})
    ended = client.post(f"{where}/end").json()
    assert ended["result"]["p"] == pytest.approx(1 / 3**6)
    assert ended["result"]["says"].endswith("With oil and Without taste different.")
    assert ended["key"] == cups["seats"]
    late = client.post(
        f"{where}/answers", json={"id": one_id(), "seat": 1, "code": seat["codes"][0]}
    )
    assert (late.status_code, "has ended" in late.json()["detail"]) == (409, True)
    listed = client.get(f"/api/dishes/{LOAF}/blind-tests").json()
    assert [one["ended"] for one in listed] == [True, True]
    client.put(f"{where}/removed", json={"removed": True})
    assert len(client.get(f"/api/dishes/{LOAF}/blind-tests").json()) == 1


@pytest.mark.parametrize(
    ("more", "path", "why"),
    [
        ({"name_b": " with OIL"}, "name_b", "same name"),
        ({"name_a": " "}, "name_a", "Say what this sample is"),
        ({"seats": 0}, "seats", ""),
        ({"seats": 61}, "seats", ""),
    ],
)
def test_a_faulty_blind_test_is_refused_at_its_field(client, more, path, why):
    fault = begin(client, **more).json()["errors"][0]
    assert fault["path"] == path
    assert why in fault["message"]
    assert client.get("/api/blind-tests/99").status_code == 404


def test_before_it_starts_it_says_what_so_few_could_show(client):
    found = client.get("/api/blind-prospect", params={"kind": "triangle", "seats": 2}).json()
    assert found["needed"] is None
    assert "can show nothing" in found["says"]


def test_a_longer_lineage_asks_no_more_of_the_database(client, demo_house):
    history(client)
    asked = statements_on(demo_house.database.engine)
    history(client)
    few = len(asked)
    for _ in range(6):
        client.post(f"/api/dishes/{LOAF}/trials", json={"copy_of": TRIAL, "intent": "x"})
        taste(client)
    history(client)  # from now on what was calculated is kept
    asked.clear()
    assert len(history(client)["trials"]) == 10
    assert len(asked) <= few
