"""A closed weigh-in is corrected: the old value is kept, all that hangs on the batch follows."""

import uuid

import pytest

from tests.api.test_portioning import LOAF, weigh


def correct(client, batch, line, **more):
    body = {"id": str(uuid.uuid4()), "line": line["id"], "note": "a zero too many", **more}
    return client.post(f"/api/batches/{batch}/corrections", json=body)


def kcal(sheet):
    return sheet["serving"]["kcal"]["value"]


def sheet_of(client, batch):
    return client.get(f"/api/batches/{batch}").json()


def stock_of(client, batch):
    return client.get(f"/api/batches/{batch}/stock").json()


def made_of(client, food, grams):
    """A closed batch of nothing but this food."""
    trial = client.post("/api/dishes", json={"name": "Trifle"}).json()["trials"][0]["id"]
    line = {"id": "c", "label_id": food["labels"][0]["id"], "target_g": grams}
    build = {"components": [{"name": "Trifle", "lines": [line]}], "portions": 1}
    client.put(f"/api/trials/{trial}/build", json={"version": 1, "build": build})
    begun = client.post(f"/api/trials/{trial}/batches").json()
    weigh(client, begun["id"], "line", line=begun["lines"][0]["id"], net_g=grams)
    assert client.post(f"/api/batches/{begun['id']}/close").status_code == 200
    return begun["id"]


def test_a_line_is_corrected_shown_with_what_it_was_and_put_back(client):
    before = sheet_of(client, LOAF)
    line = before["lines"][0]
    after = correct(client, LOAF, line, net_g=line["net_g"] + 20).json()
    corrected = after["lines"][0]
    assert corrected["net_g"] == line["net_g"] + 20
    (one,) = corrected["corrections"]
    assert (one["was_g"], one["was_name"], one["why"]) == (line["net_g"], None, "a zero too many")
    assert kcal(after) != kcal(before)
    card = client.get(f"/api/batches/{LOAF}/card").json()
    assert card["result"]["serving"]["kcal"]["value"] == pytest.approx(kcal(after))
    assert "a zero too many" in card["lines"][0]["corrected"]
    assert card["as_planned"]["kcal"] is not None

    url = f"/api/batches/{LOAF}/corrections/{one['record_id']}"
    for _ in range(2):
        back = client.delete(url).json()
        assert (back["lines"][0]["net_g"], kcal(back)) == (line["net_g"], kcal(before))
        assert back["lines"][0]["corrections"] == []


def test_another_food_and_a_line_that_was_left_out_can_be_corrected(client):
    before = sheet_of(client, LOAF)
    flour = next(line for line in before["lines"] if "flour" in line["name"])
    other = client.get("/api/foods", params={"search": "quark"}).json()["foods"][0]["labels"][0]
    after = correct(client, LOAF, flour, label_id=other["id"]).json()
    corrected = next(line for line in after["lines"] if line["id"] == flour["id"])
    assert (corrected["name"], corrected["net_g"]) == (other["name"], flour["net_g"])
    assert corrected["corrections"][0]["was_name"] == flour["name"]
    assert corrected["planned_name"] == flour["name"]
    batch = closed_with_a_skipped_line(client)
    line = sheet_of(client, batch)["lines"][1]
    found = correct(client, batch, line, net_g=30).json()["lines"][1]
    assert (found["status"], found["net_g"]) == ("weighed", 30)
    assert found["corrections"][0]["was_g"] is None


def closed_with_a_skipped_line(client):
    trial = client.post("/api/dishes", json={"name": "Something"}).json()["trials"][0]["id"]
    lines = [{"id": key, "label_id": 1, "target_g": 100} for key in ("one", "two")]
    build = {"components": [{"name": "Bowl", "lines": lines}], "portions": 2}
    client.put(f"/api/trials/{trial}/build", json={"version": 1, "build": build})
    begun = client.post(f"/api/trials/{trial}/batches").json()
    weigh(client, begun["id"], "line", line=begun["lines"][0]["id"], net_g=100)
    weigh(client, begun["id"], "skip", line=begun["lines"][1]["id"])
    client.post(f"/api/batches/{begun['id']}/close")
    return begun["id"]


def test_a_correction_needs_no_reason(client):
    line = sheet_of(client, LOAF)["lines"][0]
    assert correct(client, LOAF, line, net_g=5, note="").json()["lines"][0]["net_g"] == 5
    written = client.get(f"/api/batches/{LOAF}/card").json()["lines"]
    assert [one["corrected"] for one in written if one["corrected"]] == [f"was {line['net_g']:g} g"]


def test_what_cannot_be_corrected_says_why(client):
    line = sheet_of(client, LOAF)["lines"][0]
    assert correct(client, LOAF, line).status_code == 422
    assert correct(client, LOAF, line, label_id=line["label_id"]).status_code == 409
    assert correct(client, LOAF, line, net_g=line["net_g"]).status_code == 409
    assert correct(client, LOAF, {"id": 99_999}, net_g=5).status_code == 409
    assert correct(client, LOAF, line, label_id=99_999).status_code == 404
    begun = client.post("/api/trials/1/batches").json()
    refused = correct(client, begun["id"], begun["lines"][0], net_g=5)
    assert (refused.status_code, "is open" in refused.json()["detail"]) == (409, True)
    # Nothing of a closed weigh-in is undone behind its back.
    records = [one["record_id"] for one in sheet_of(client, LOAF)["lines"] if one["record_id"]]
    undo = {"id": str(uuid.uuid4()), "kind": "undo", "undoes": records[-1], "origin": "hand"}
    refused = client.post(f"/api/batches/{LOAF}/weighings", json=undo)
    assert (refused.status_code, "correct the line" in refused.json()["detail"]) == (409, True)


def test_sent_twice_it_is_one_correction(client):
    line = sheet_of(client, LOAF)["lines"][0]
    body = {"id": str(uuid.uuid4()), "line": line["id"], "net_g": 7, "note": "typed it wrong"}
    answers = [client.post(f"/api/batches/{LOAF}/corrections", json=body) for _ in range(2)]
    assert [len(answer.json()["lines"][0]["corrections"]) for answer in answers] == [1, 1]
    other = client.post("/api/batches/3/corrections", json=body)
    assert other.status_code == 409


def test_the_stock_that_was_drawn_follows(client):
    food = client.post(f"/api/batches/{LOAF}/keep-as", json={"name": "Loaf crumbs"}).json()
    each = client.get(f"/api/batches/{LOAF}/card").json()["result"]["serving"]["grams"]
    left = stock_of(client, LOAF)["lots"][0]["amount"]
    trifle = made_of(client, food, 2 * each)
    assert stock_of(client, LOAF)["gone"]["drawn"] == pytest.approx(2)
    line = sheet_of(client, trifle)["lines"][0]
    after = correct(client, trifle, line, net_g=each).json()
    assert stock_of(client, LOAF)["gone"]["drawn"] == pytest.approx(1)
    assert stock_of(client, LOAF)["lots"][0]["amount"] == pytest.approx(left - 1)
    record = after["lines"][0]["corrections"][0]["record_id"]
    client.delete(f"/api/batches/{trifle}/corrections/{record}")
    assert stock_of(client, LOAF)["gone"]["drawn"] == pytest.approx(2)


def test_a_batch_that_used_it_keeps_its_figures_and_is_offered_the_new_ones(client):
    food = client.post(f"/api/batches/{LOAF}/keep-as", json={"name": "Loaf crumbs"}).json()
    trifle = made_of(client, food, 100)
    before = kcal(sheet_of(client, trifle))
    oil = next(line for line in sheet_of(client, LOAF)["lines"] if "oil" in line["name"])
    correct(client, LOAF, oil, net_g=oil["net_g"] + 60)
    kept = sheet_of(client, trifle)
    assert (kcal(kept), kept["lines"][0]["outdated"]) == (before, True)
    label = client.get(f"/api/foods/{food['id']}").json()["labels"][0]
    assert label["label"]["kcal"] > food["labels"][0]["label"]["kcal"]
    line = kept["lines"][0]
    renewed = correct(client, trifle, line, label_id=line["label_id"], note="it was corrected")
    assert renewed.json()["lines"][0]["outdated"] is False
    assert kcal(renewed.json()) == pytest.approx(label["label"]["kcal"], rel=1e-6)
    assert sheet_of(client, LOAF)["lines"][0]["outdated"] is False
