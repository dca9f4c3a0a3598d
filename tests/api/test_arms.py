"""Arms over HTTP: divided, weighed, cooked, tasted apart, exported and read in again."""

from datetime import timedelta

import pytest

from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.reckon import reckon
from tests.api.test_tasting import entry, one_id, taste

TRIAL = 1
HOME = {"host": "127.0.0.1"}
NOWHERE = {"step": "none", "minutes": 3}


@pytest.fixture
def batch(client):
    """A weigh-in of the loaf, typed in and closed."""
    sheet = client.post(f"/api/trials/{TRIAL}/batches").json()
    for line in sheet["lines"]:
        weigh(client, sheet["id"], line)
    return client.post(f"/api/batches/{sheet['id']}/close").json()


def weigh(client, batch_id, line, grams=None):
    capture = {"id": one_id(), "kind": "line", "line": line["id"], "origin": "hand"}
    capture["net_g"] = line["target_g"] if grams is None else grams
    answer = client.post(f"/api/batches/{batch_id}/weighings", json=capture)
    assert answer.status_code == 200, answer.text
    return answer.json()


def close(client, batch_id):
    answer = client.post(f"/api/batches/{batch_id}/close")
    assert answer.status_code == 200, answer.text
    return answer.json()


def divide(client, batch, *arms):
    return client.post(f"/api/batches/{batch['id']}/arms", json={"arms": arms})


def sheet_of(client, batch):
    return client.get(f"/api/batches/{batch['id']}/arms").json()


def food(client, words):
    found = client.get("/api/foods", params={"search": words}).json()["foods"][0]
    return client.get(f"/api/foods/{found['id']}").json()


def figures(client, batch_id):
    return client.get(f"/api/batches/{batch_id}/card").json()["result"]["batch"]


def test_what_was_mixed_is_shared_out_and_one_arm_gets_something_more(client, batch):
    oil = food(client, "rapeseed oil")
    more = {"label_id": oil["labels"][0]["id"], "grams": 20}
    hot = [step["id"] for step in sheet_of(client, batch)["steps"] if step["kind"] == "bake"]
    answer = divide(
        client,
        batch,
        {"name": "as planned", "pieces": 4},
        {"name": "18 min", "grams": 400, "steps": [{"step": hot[0], "minutes": 18}]},
        {
            "name": "oilier",
            "grams": 300,
            "weighed": True,
            "lines": [more],
        },
    )
    assert answer.status_code == 201, answer.text
    plain, longer, oilier = answer.json()["arms"]
    whole = answer.json()["whole_g"]
    assert plain["part_g"] == pytest.approx(whole - 700, abs=0.1)
    assert ["→ 18 min" in change for change in longer["changes"]] == [True]
    assert oilier["changes"] == [f"+ 20 g {oil['labels'][0]['label']['name']}"]
    assert (plain["pieces"], plain["changes"]) == (4, [])

    # Weighed like any other batch: the mixture first, then what is added.
    for arm, grams in ((plain, [whole - 720]), (longer, [410]), (oilier, [None, 21])):
        lines = client.get(f"/api/batches/{arm['batch_id']}").json()["lines"]
        for line, net in zip(lines, grams, strict=True):
            if net is not None:
                weigh(client, arm["batch_id"], line, net)
        close(client, arm["batch_id"])
    parts = [whole - 720, 410, 300]
    of = figures(client, batch["id"])["kcal"]["value"]
    got = [figures(client, arm["batch_id"])["kcal"]["value"] for arm in (plain, longer, oilier)]
    shares = [of * part / sum(parts) for part in parts]
    assert got[:2] == pytest.approx(shares[:2])
    assert got[2] - shares[2] == pytest.approx(21 * figures_per_gram(oil), rel=0.01)

    # Corrected in the whole, it is another figure in its arms.
    first = client.get(f"/api/batches/{batch['id']}").json()["lines"][0]
    amendment = {"id": one_id(), "line": first["id"], "net_g": first["net_g"] + 50, "note": "slip"}
    assert client.post(f"/api/batches/{batch['id']}/corrections", json=amendment).status_code == 201
    more = figures(client, batch["id"])["kcal"]["value"] / of
    again = [figures(client, arm["batch_id"])["kcal"]["value"] for arm in (plain, longer)]
    assert again == pytest.approx([kcal * more for kcal in got[:2]])
    listed = {arm["batch_id"]: arm for arm in sheet_of(client, batch)["arms"]}
    for arm, kcal in zip((plain, longer), again, strict=True):
        now = listed[arm["batch_id"]]
        assert now["serving"]["kcal"]["value"] == pytest.approx(kcal / now["pieces"])


def figures_per_gram(food):
    label = food["labels"][0]["label"]
    return label["kcal"] / label["basis_g"]


@pytest.fixture
def arms(client, batch):
    """Two arms, closed: one as planned, one with a step of its own."""
    hot = [step for step in sheet_of(client, batch)["steps"] if step["kind"] == "bake"]
    longer = {"step": hot[0]["id"], "minutes": 61, "tool": "air fryer", "vessel": "glass dish"}
    return divide(
        client,
        batch,
        {"name": "oven", "grams": 500, "weighed": True},
        {"name": "air fryer", "grams": 600, "weighed": True, "steps": [longer]},
    ).json()["arms"]


def test_each_arm_is_cooked_for_itself_and_knows_what_is_in_it(client, batch, arms):
    assert [arm["closed"] for arm in arms] == [True, True]
    whole = client.get(f"/api/batches/{batch['id']}/cook").json()
    kinds = {row["step"]["kind"] for row in whole["steps"]}
    assert "bake" not in kinds
    assert "mix" in kinds
    assert not any(caution["code"] == "uncooked" for caution in whole["cautions"])
    cooks = [client.get(f"/api/batches/{arm['batch_id']}/cook").json() for arm in arms]
    bakes = [next(row for row in cook["steps"] if row["step"]["kind"] == "bake") for cook in cooks]
    assert [bake["step"]["tool"] for bake in bakes][1] == "air fryer"
    assert bakes[1]["step"]["least_min"] == 61
    assert not any(cook["plan_changed"] for cook in cooks)
    # Undone, the first deed leaves the arm its own plan.
    key = arms[1]["batch_id"]
    first = cooks[1]["steps"][0]["step"]["id"]
    begin = {"id": one_id(), "deed": "begin", "step": first}
    assert client.post(f"/api/batches/{key}/cook", json=begin).status_code == 200
    client.post(
        f"/api/batches/{key}/cook", json={"id": one_id(), "deed": "undo", "undoes": begin["id"]}
    )
    again = client.get(f"/api/batches/{key}/cook").json()
    assert [row["step"] for row in again["steps"]] == [row["step"] for row in cooks[1]["steps"]]
    cards = [client.get(f"/api/batches/{one}/card").json() for one in (batch["id"], key)]
    assert cards[0]["eating"]["contains"]["allergens"]
    assert cards[1]["eating"]["contains"] == cards[0]["eating"]["contains"]
    assert cards[1]["letter"] == "A, air fryer"


def test_an_arm_of_what_was_cooked_keeps_no_longer_than_the_whole(client, demo_house, batch):
    url = f"/api/batches/{batch['id']}/cook"
    for row in client.get(url).json()["steps"]:
        for name in ("begin", "done"):
            deed = {"id": one_id(), "deed": name, "step": row["step"]["id"]}
            assert client.post(url, json=deed).status_code == 200
    assert sheet_of(client, batch)["steps"] == []
    cooked = client.get(f"/api/batches/{batch['id']}/card").json()
    demo_house.now.time += timedelta(days=2)
    plain = divide(client, batch, {"name": "a", "grams": 500, "weighed": True}, {"name": "b"})
    arm = plain.json()["arms"][0]
    card = client.get(f"/api/batches/{arm['batch_id']}/card").json()
    assert card["made_at"] == cooked["made_at"]
    assert card["eating"]["keeps_until"] == cooked["eating"]["keeps_until"]
    stock = client.get(f"/api/batches/{arm['batch_id']}/stock").json()
    assert stock["made_at"] == cooked["made_at"]


def test_tasted_apart_the_arms_are_compared_and_the_trial_is_what_was_planned(client, arms):
    for taster, plain, fried in ((1, 5, 8), (2, 6, 8.5), (3, 4, 8)):
        for arm, mark in zip(arms, (plain, fried), strict=True):
            marks = {"taste": str(mark)}
            assert taste(client, arm["batch_id"], taster_id=taster, marks=marks).status_code == 200
    trial = entry(client, "A")
    oven, fryer = trial["arms"]
    assert (oven["credit"], fryer["credit"]["told"]) == (None, "helped")
    assert "3 changes" not in fryer["credit"]["says"]
    assert fryer["credit"]["overall"]["value"] == pytest.approx((3 + 2.5 + 4) / 3)
    assert trial["score"]["tastings"] == 3 + tastings_before(client)
    sheet = client.get(f"/api/batches/{arms[1]['batch_id']}/tastings").json()
    assert sheet["letter"] == "A, air fryer"
    waits = client.get("/api/kitchen").json()["unjudged"]["trials"]
    assert all(one["batch_id"] not in {arm["batch_id"] for arm in arms} for one in waits)


def tastings_before(client):
    """Of the trial, before the arms were made."""
    said = client.get("/api/batches/1/tastings").json()["tastings"]
    return sum(not one["archived"] for one in said)


def test_a_batch_with_arms_goes_out_as_version_2_and_comes_in_again(client, batch, arms):
    oats = food(client, "rolled oats")
    plate = {"label_id": oats["labels"][0]["id"], "grams": 9}
    finish = {"id": "f1", "name": "Oats on top", "lines": [plate]}
    key = arms[1]["batch_id"]
    version = client.get(f"/api/batches/{key}/portioning").json()["plates"]["version"]
    edit = {"version": version, "finishes": [finish]}
    assert client.put(f"/api/batches/{key}/finishes", json=edit).status_code == 200
    text = client.get(f"/api/batches/{batch['id']}/file").text
    found = Batch.model_validate_json(text)
    assert (found.version, [arm.name for arm in found.arms]) == (2, ["oven", "air fryer"])
    plated = client.get(f"/api/batches/{key}/portioning").json()["plates"]["plated"][0]
    assert reckon(found).arms[1].serving.kcal.value == pytest.approx(
        plated["serving"]["kcal"]["value"]
    )

    came = client.post("/api/batches", content=text)
    assert came.status_code == 201, came.text
    again = client.get(f"/api/batches/{came.json()['id']}/file").text
    before, after = reckon(found), reckon(Batch.model_validate_json(again))
    for was, now in zip(before.arms, after.arms, strict=True):
        for nutrient in ("kcal", "protein_g", "fat_g"):
            one, other = getattr(was.serving, nutrient), getattr(now.serving, nutrient)
            assert [other.value, *other.likely, *other.worst] == pytest.approx(
                [one.value, *one.likely, *one.worst]
            )
        assert was.serving.grams == pytest.approx(now.serving.grams)
    alone = client.get(f"/api/batches/{key}/file").json()
    assert alone["version"] == 1


@pytest.mark.parametrize(
    ("given", "path", "says"),
    [
        ([{"name": "a"}], "arms", "too few"),
        ([{"name": "a"}, {"name": "A "}], "arms[1].name", "taken"),
        ([{"name": "a"}, {"name": "The mixture"}], "arms[1].name", "taken"),
        ([{"name": "  "}, {"name": "b"}], "arms[0].name", "Give it a name"),
        ([{"name": "a", "grams": 9000}, {"name": "b"}], "arms", "to divide"),
        ([{"name": "a", "weighed": True}, {"name": "b"}], "arms[0].grams", "how many grams"),
        (
            [{"name": "a", "steps": [{"step": "none"}]}, {"name": "b"}],
            "arms[0].steps[0].step",
            "step",
        ),
        ([{"name": "a", "finishes": ["none"]}, {"name": "b"}], "arms[0].finishes", "finish"),
        ([{"name": "a"}, {"name": "b", "lines": [{"label_id": 9**9, "grams": 1}]}], "", "no label"),
        ([{"name": str(i)} for i in range(7)], "arms", "too many"),
    ],
)
def test_what_is_no_division_is_refused_at_its_place(client, batch, given, path, says):
    answer = divide(client, batch, *given)
    assert answer.status_code in (404, 422)
    faults = answer.json().get("errors") or [{"path": "", "message": answer.json()["detail"]}]
    assert [(fault["path"], says in fault["message"]) for fault in faults] == [(path, True)]
    assert sheet_of(client, batch)["arms"] == []


def test_what_was_divided_is_neither_divided_nor_put_away_itself(client, batch, arms):
    key = batch["id"]
    assert "already" in divide(client, batch, {"name": "a"}, {"name": "b"}).json()["detail"]
    put = {"id": one_id(), "move": "put", "amount": 1, "place": "fridge"}
    assert client.post(f"/api/batches/{key}/stock", json=put).status_code == 409
    assert client.post(f"/api/batches/{arms[0]['batch_id']}/stock", json=put).status_code == 200
    stocks = client.get("/api/stock").json()["stocks"]
    assert "A, oven" in {stock["letter"] for stock in stocks}
    assert client.put(f"/api/batches/{key}/dividing", json={"pieces": 3}).status_code == 409
    arm = {"id": arms[0]["batch_id"]}
    assert (
        "isn’t divided again" in divide(client, arm, {"name": "a"}, {"name": "b"}).json()["detail"]
    )
    assert client.post(f"/api/batches/{arm['id']}/as-plan").status_code == 409
    # Deleted, the batch takes its arms along; brought back, they are there again.
    where = f"/api/batches/{key}/whereabouts"
    for to, there in (("deleted", 0), ("here", 2)):
        assert client.put(where, json={"where": to}).status_code == 200
        listed = client.get("/api/dishes/1").json()["trials"][0]["batches"]
        assert sum(one["arm_of"] == key for one in listed) == there


def test_a_page_that_shows_an_arm_hears_what_changes_in_the_whole(client, batch, arms):
    arm = arms[0]["batch_id"]
    with client.websocket_connect(f"/api/batches/{arm}/live", headers=HOME) as page:
        before = page.receive_json()["sheet"]
        wrong = {"id": one_id(), "line": batch["lines"][1]["id"], "net_g": 71, "note": "misread"}
        answer = client.post(f"/api/batches/{batch['id']}/corrections", json=wrong)
        assert answer.status_code == 201, answer.text
        while (heard := page.receive_json())["type"] != "change":
            pass
    assert (heard["id"], heard["since"], heard["number"] > heard["since"]) == (
        *(arm, before["number"]),
        True,
    )
    assert heard["fields"]["serving"]["kcal"] != before["serving"]["kcal"]


def test_the_next_batch_of_the_trial_leaves_the_arms_alone(client, batch):
    divide(client, batch, {"name": "a"}, {"name": "b"})
    before = sheet_of(client, batch)
    begun = client.post(f"/api/trials/{TRIAL}/batches").json()
    assert len(begun["lines"]) > 1
    assert sheet_of(client, batch) == before
    assert begun["id"] not in {arm["batch_id"] for arm in before["arms"]}


def test_where_something_else_went_in_there_is_nothing_of_the_mixture(client, batch):
    arms = divide(client, batch, {"name": "a"}, {"name": "b"}).json()["arms"]
    key = arms[1]["batch_id"]
    mixture = client.get(f"/api/batches/{key}").json()["lines"][0]
    oats = food(client, "rolled oats")
    swap = {"id": one_id(), "kind": "food", "line": mixture["id"], "origin": "hand"}
    swap["label_id"] = oats["labels"][0]["id"]
    assert client.post(f"/api/batches/{key}/weighings", json=swap).status_code == 200
    weigh(client, key, mixture, 100)
    assert figures(client, key)["kcal"]["value"] == pytest.approx(100 * figures_per_gram(oats))
    assert sheet_of(client, batch)["arms"][1]["part_g"] is None


def test_an_open_batch_is_not_divided(client):
    sheet = client.post(f"/api/trials/{TRIAL}/batches").json()
    assert "Close" in divide(client, sheet, {"name": "a"}, {"name": "b"}).json()["detail"]
