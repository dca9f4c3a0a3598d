"""Out of the way: dishes, trials and batches archived, deleted, brought back; copies and tags."""

import uuid

import pytest


def put(client, things, key, where):
    return client.put(f"/api/{things}/{key}/whereabouts", json={"where": where})


def names(client, **query):
    return [dish["name"] for dish in client.get("/api/kitchen", params=query).json()["dishes"]]


def test_a_dish_is_archived_deleted_and_brought_back(client):
    loaf = client.get("/api/dishes/1").json()["name"]
    assert put(client, "dishes", 1, "archive").status_code == 200
    assert loaf not in names(client)
    assert names(client, archived=True) == [loaf]
    assert put(client, "dishes", 1, "deleted").status_code == 200
    assert names(client, archived=True) == []
    assert all(dish["id"] != 1 for dish in client.get("/api/dishes").json())
    assert all(stock["dish_id"] != 1 for stock in client.get("/api/stock").json()["stocks"])
    # What uses it can read it.
    assert client.get("/api/batches/1/card").status_code == 200
    put(client, "dishes", 1, "here")
    assert loaf in names(client)
    assert any(stock["dish_id"] == 1 for stock in client.get("/api/stock").json()["stocks"])


def test_what_is_archived_still_stands_in_the_fridge(client):
    put(client, "dishes", 1, "archive")
    assert any(stock["dish_id"] == 1 for stock in client.get("/api/stock").json()["stocks"])


def test_trials_and_batches_go_too_and_a_letter_is_never_given_twice(client):
    made = client.post("/api/dishes/1/trials", json={"copy_of": 1, "intent": "less oil"}).json()
    put(client, "trials", made["id"], "deleted")
    trials = client.get("/api/dishes/1").json()["trials"]
    assert made["letter"] not in [trial["letter"] for trial in trials]
    again = client.post("/api/dishes/1/trials", json={"copy_of": 1, "intent": "more oil"}).json()
    assert again["letter"] > made["letter"]
    assert put(client, "trials", again["id"], "archive").status_code == 200
    flags = {
        trial["id"]: trial["archived"] for trial in client.get("/api/dishes/1").json()["trials"]
    }
    assert flags[again["id"]] is True
    before = len(client.get("/api/dishes/1").json()["trials"][0]["batches"])
    put(client, "batches", 1, "deleted")
    after = client.get("/api/dishes/1").json()["trials"][0]["batches"]
    assert len(after) == before - 1


def test_the_last_trial_stays(client):
    dish = client.post("/api/dishes", json={"name": "Pie"}).json()
    for where in ("archive", "deleted"):
        refused = put(client, "trials", dish["trials"][0]["id"], where)
        assert (refused.status_code, "the dish instead" in refused.json()["detail"]) == (409, True)


def test_two_presses_make_one_dish_and_one_weigh_in(client):
    # Pressed twice, a page sends the key of the request that is not answered yet.
    pressed = {"json": {"name": "Pie"}, "headers": {"Idempotency-Key": str(uuid.uuid4())}}
    first, second = (client.post("/api/dishes", **pressed).json()["id"] for _ in range(2))
    assert first == second
    begun = [client.post("/api/trials/1/batches").json() for _ in range(2)]
    assert begun[0]["id"] == begun[1]["id"]
    assert len(begun[0]["lines"]) == len(begun[1]["lines"])
    going = client.get("/api/kitchen").json()["open_weigh_ins"]
    assert begun[0]["id"] not in [one["batch_id"] for one in going]
    line = begun[1]["lines"][0]
    pour = {"id": str(uuid.uuid4()), "kind": "line", "line": line["id"], "net_g": 5}
    path = f"/api/batches/{begun[1]['id']}/weighings"
    assert client.post(path, json={**pour, "origin": "hand"}).status_code == 200
    assert client.post("/api/trials/1/batches").json()["id"] != begun[0]["id"]
    going = client.get("/api/kitchen").json()["open_weigh_ins"]
    assert begun[0]["id"] in [one["batch_id"] for one in going]


def test_a_copy_has_the_original_the_build_and_the_steps_and_is_its_own(client):
    made = client.post("/api/dishes/1/duplicate").json()
    source = client.get("/api/dishes/1").json()
    assert (made["name"], made["original"]) == (f"{source['name']} (copy)", source["original"])
    assert [trial["letter"] for trial in made["trials"]] == ["A"]
    trial = made["trials"][0]["id"]
    ours = client.get(f"/api/trials/{trial}").json()
    keeper = client.get(f"/api/trials/{source['opens']}").json()
    assert ours["build"] == keeper["build"]
    assert ours["report"]["result"]["serving"] == keeper["report"]["result"]["serving"]
    steps = client.get(f"/api/trials/{trial}/steps").json()["steps"]
    theirs = client.get(f"/api/trials/{source['opens']}/steps").json()["steps"]
    assert [step["says"] for step in steps] == [step["says"] for step in theirs]


@pytest.mark.parametrize(
    ("sort", "first"),
    [("name", "Aubergine bake"), ("newest", "Zest tart"), ("touched", "Zest tart")],
)
def test_many_dishes_are_found_by_words_by_tag_and_sorted(client, sort, first):
    for name in ("Aubergine bake", "Zest tart"):
        client.post("/api/dishes", json={"name": name})
    assert names(client, sort=sort)[0] == first
    assert names(client, search="zest TART") == ["Zest tart"]
    assert names(client, search="100 %") == []


def test_tags_are_kept_trimmed_and_filter(client):
    dish = client.get("/api/dishes/1").json()
    edit = {"version": dish["version"], "name": "x", "tags": [" brunch ", "brunch", "", "freezes"]}
    stored = client.put("/api/dishes/1/original", json=edit).json()
    assert stored["tags"] == ["brunch", "freezes"]
    kitchen = client.get("/api/kitchen", params={"tag": "brunch"}).json()
    assert ([one["id"] for one in kitchen["dishes"]], kitchen["total"]) == ([1], 1)
    assert kitchen["tags"] == ["brunch", "freezes"]
    assert kitchen["dishes"][0]["tags"] == ["brunch", "freezes"]
    assert names(client, tag="brun") == []
