"""Ways to divide, what is not eaten, finishes, made things, stock, the finished card."""

import uuid
from datetime import timedelta

import pytest

LOAF, TRAY = 1, 3
"""Batches of the demo: a loaf in 8, a tray cut in 6."""


def result_of(client, batch):
    return client.get(f"/api/batches/{batch}/card").json()["result"]


def move(what, amount, **more):
    return {"id": str(uuid.uuid4()), "move": what, "amount": amount, "part": "", **more}


def weigh(client, batch, kind, **more):
    capture = {"id": str(uuid.uuid4()), "kind": kind, "origin": "hand", **more}
    answer = client.post(f"/api/batches/{batch}/weighings", json=capture)
    assert answer.status_code == 200, answer.text
    return answer.json()


def stock(client, batch):
    return client.get(f"/api/batches/{batch}/stock").json()


def closed_batch(client, family, *parts):
    """A batch of four servings, 200 g of something in each component."""
    trial = client.post("/api/dishes", json={"name": "Something"}).json()["trials"][0]["id"]
    components = [
        {"name": part, "lines": [{"id": part, "label_id": 1, "target_g": 200}]} for part in parts
    ]
    build = {"components": components, "portions": 4, "terms": {"family": family}}
    stored = client.put(f"/api/trials/{trial}/build", json={"version": 1, "build": build})
    assert stored.status_code == 200, stored.text
    begun = client.post(f"/api/trials/{trial}/batches").json()
    for line in begun["lines"]:
        weigh(client, begun["id"], "line", line=line["id"], net_g=200)
    assert client.post(f"/api/batches/{begun['id']}/close").status_code == 200
    return begun["id"]


def divide(client, batch, **dividing):
    """Divide a batch of which nothing is put away or eaten: the demo's are unbooked first."""
    while (there := stock(client, batch))["last_record"]:
        back = move("undo", None, undoes=there["last_record"])
        client.post(f"/api/batches/{batch}/stock", json=back).raise_for_status()
    return client.put(f"/api/batches/{batch}/dividing", json=dividing)


def portions(client, batch):
    return client.get(f"/api/batches/{batch}/portioning").json()


def kcal(portion):
    return portion["kcal"]["value"]


@pytest.mark.parametrize(
    ("dividing", "pieces", "share"),
    [
        ({"pieces": 12}, 12, 1 / 12),
        ({"pieces": 12, "serving_pieces": 3}, 12, 3 / 12),
        ({"way": "cut", "cut": {"rows": 3, "columns": 4}}, 12, 1 / 12),
        ({"way": "cut", "cut": {"wedges": 6, "diameter_cm": 26}}, 6, 1 / 6),
        ({"way": "scoop", "fill_g": 59}, 25, 59 / 1476),
        ({"way": "grams", "serving_g": 184.5}, 1, 184.5 / 1476),
    ],
)
def test_a_serving_is_its_share_of_the_batch_whatever_the_way(client, dividing, pieces, share):
    sheet = divide(client, LOAF, **dividing).json()
    assert sheet["portions"] == pieces
    result = result_of(client, LOAF)
    assert kcal(result["serving"]) == pytest.approx(kcal(result["batch"]) * share)
    found = portions(client, LOAF)
    assert found["servings"] == pytest.approx(1 / share, rel=0.02)
    assert {6, 8, 12, 16} <= {way["pieces"] for way in found["ways"]}
    for way in found["ways"]:
        assert way["kcal"]["value"] * way["pieces"] == pytest.approx(kcal(result["batch"]))


def test_a_serving_of_more_pieces_than_there_are_is_refused_at_its_field(client):
    refused = divide(client, LOAF, pieces=4, serving_pieces=5)
    assert refused.status_code == 422
    assert refused.json()["errors"][0]["path"] == "serving_pieces"
    assert client.get(f"/api/batches/{LOAF}").json()["portions"] == 8


def test_a_portion_above_what_is_left_is_refused_with_the_way_on(client):
    whole = divide(client, LOAF, pieces=8).json()["mixture_g"]
    for piece in (1, 2):
        weigh(client, LOAF, "portion", piece=piece, net_g=whole / 8)
    capture = {"id": str(uuid.uuid4()), "kind": "portion", "origin": "hand", "piece": 3}
    refused = client.post(f"/api/batches/{LOAF}/weighings", json={**capture, "net_g": whole})
    assert refused.status_code == 409
    assert "are left of" in refused.json()["detail"]
    assert "weigh the whole batch anew" in refused.json()["detail"]
    weigh(client, LOAF, "portion", piece=3, net_g=whole * 0.75)
    again = {**capture, "id": str(uuid.uuid4()), "kind": "top_up", "piece": 1, "net_g": whole / 8}
    assert client.post(f"/api/batches/{LOAF}/weighings", json=again).status_code == 409


def test_pieces_cut_by_eye_teach_the_spread_once_they_are_weighed(client):
    by_eye = portions(client, TRAY)["spread"]
    assert (by_eye["known"], by_eye["pieces"], by_eye["relative"]) == (False, 0, 0.125)
    low, high = by_eye["this_kcal"]
    assert low < kcal(portions(client, TRAY)["serving"]) * 0.8
    for piece, grams in enumerate([300, 290, 310, 295, 305, 293], start=1):
        weigh(client, TRAY, "portion", piece=piece, net_g=grams)
    weighed = portions(client, TRAY)["spread"]
    assert (weighed["known"], weighed["least_g"], weighed["most_g"]) == (True, 290, 310)
    assert weighed["this_kcal"][1] - weighed["this_kcal"][0] < (high - low) / 4
    divide(client, LOAF, way="cut", cut={"rows": 2, "columns": 4})
    taught = portions(client, LOAF)["spread"]
    assert (taught["known"], taught["pieces"]) == (False, 6)
    assert taught["relative"] < 0.125
    # so do equal pieces that nobody filled at the scale, each weighed as it came out
    divide(client, LOAF, way="count", pieces=4, weighed_cooked=True)
    for piece in range(1, 5):
        weigh(client, LOAF, "portion", piece=piece, net_g=300 + piece)
    divide(client, TRAY, way="cut", cut={"rows": 2, "columns": 4})
    assert portions(client, TRAY)["spread"]["pieces"] == 4


def test_what_comes_back_is_not_eaten_and_poured_off_fat_is_gone(client):
    full = result_of(client, LOAF)
    before = client.get(f"/api/batches/{LOAF}").json()
    frosting = next(one for one in before["weighed_back"] if one["component"] == "Frosting")
    weigh(client, LOAF, "leftover", bowl="Frosting", net_g=frosting["made_g"] / 2)
    assert kcal(result_of(client, LOAF)["batch"]) < kcal(full["batch"])
    half = weigh(client, LOAF, "leftover", bowl="Frosting", net_g=10 * frosting["made_g"])
    codes = [finding["code"] for finding in half["findings"]]
    assert "leftover_too_much" in codes  # what is more than there is counts as all of it
    weigh(client, LOAF, "leftover", bowl="Frosting", net_g=0)
    weigh(client, LOAF, "fat", bowl="Loaf", net_g=5)
    fat = result_of(client, LOAF)["batch"]["fat_g"]
    assert fat["value"] == pytest.approx(full["batch"]["fat_g"]["value"] - 5)
    # part of it was water: at least half is certain
    assert fat["worst"][1] >= full["batch"]["fat_g"]["worst"][1] - 2.5 - 1e-6


def test_a_used_share_of_a_glaze_is_what_practice_says(client):
    # 151 g of glaze, 84 to 106 g weighed back: 0.30 to 0.45 of it is used
    entered = client.post("/api/dishes", json={"name": "Glazed"}).json()
    trial = entered["trials"][0]["id"]
    label = client.get("/api/foods", params={"search": "white sugar"}).json()["foods"][0]
    line = {"id": "g", "label_id": label["labels"][0]["id"], "target_g": 151}
    build = {"components": [{"name": "Glaze", "lines": [line]}], "portions": 14}
    client.put(f"/api/trials/{trial}/build", json={"version": 1, "build": build})
    batch = client.post(f"/api/trials/{trial}/batches").json()
    full = weigh(client, batch["id"], "line", line=batch["lines"][0]["id"], net_g=151)
    whole = kcal(full["serving"])
    for back, used in ((84, 0.4437), (106, 0.298)):
        sheet = weigh(client, batch["id"], "leftover", bowl="Glaze", net_g=back)
        assert kcal(sheet["serving"]) == pytest.approx(whole * used, rel=0.01)


def test_a_cooked_weight_gives_the_yield_and_100_g_cooked(client):
    sheet = weigh(client, LOAF, "cooked", net_g=1343)
    found = portions(client, LOAF)["cooked"]
    assert found["share"] == pytest.approx(1343 / 1476)
    assert found["usual_loss"] == [0.06, 0.14]
    assert found["says"] == ""
    result = result_of(client, LOAF)
    assert kcal(result["per_100g"]) == pytest.approx(kcal(result["batch"]) * 100 / 1343)
    assert sheet["target_each_g"] == pytest.approx(1343 / 8)


def test_each_cooked_piece_weighed_makes_the_cooked_weight_too(client):
    divide(client, LOAF, pieces=3, weighed_cooked=True)
    for piece, grams in enumerate([440, 450, 455], start=1):
        sheet = weigh(client, LOAF, "portion", piece=piece, net_g=grams)
    result = result_of(client, LOAF)
    assert sheet["cooked_g"] == 1345
    file = client.get(f"/api/batches/{LOAF}/file").json()
    each = client.post("/api/reckon", json=file).json()["portions"]
    assert [one["grams"] for one in each] == [440, 450, 455]
    whole = sum(kcal(one) for one in each)
    assert whole == pytest.approx(kcal(result["batch"]))  # no water is taken for residue
    assert kcal(result["per_100g"]) == pytest.approx(whole * 100 / 1345)
    assert portions(client, LOAF)["cooked"]["share"] == pytest.approx(1345 / 1476)


def finish(client, name, grams, **more):
    label = client.get("/api/foods", params={"search": "walnut pieces"}).json()["foods"][0]
    line = {"label_id": label["labels"][0]["id"], "grams": grams, **more}
    return {"id": f"finish-{name}", "name": name, "eater": "", "lines": [line]}


def save_finishes(client, batch, *finishes):
    version = portions(client, batch)["plates"]["version"]
    body = {"version": version, "finishes": list(finishes)}
    return client.put(f"/api/batches/{batch}/finishes", json=body)


def test_one_base_has_several_finishes_each_with_its_own_figures(client):
    stored = save_finishes(client, LOAF, finish(client, "some", 10), finish(client, "much", 30))
    plates = {plate["finish"]["name"]: plate["serving"] for plate in stored.json()["plated"]}
    plain = kcal(portions(client, LOAF)["serving"])
    some, much = kcal(plates["some"]) - plain, kcal(plates["much"]) - plain
    assert much == pytest.approx(3 * some)
    assert some == pytest.approx(69)  # 690 kcal per 100 g of walnuts
    guessed = save_finishes(client, LOAF, finish(client, "some", 10, low_g=5.0, high_g=20.0)).json()
    wide = guessed["plated"][0]["serving"]["kcal"]["worst"]
    assert (
        wide[1] - wide[0] > plates["some"]["kcal"]["worst"][1] - plates["some"]["kcal"]["worst"][0]
    )


def test_finishes_keep_their_labels_and_go_on_to_the_next_batch(client):
    save_finishes(client, LOAF, finish(client, "some", 10))
    before = kcal(portions(client, LOAF)["plates"]["plated"][0]["serving"])
    food = client.get("/api/foods", params={"search": "walnut pieces"}).json()["foods"][0]
    sheet = client.get(f"/api/foods/{food['id']}").json()
    label = sheet["labels"][0]
    edit = {"version": label["version"], "label": {**label["label"], "kcal": 100}}
    assert client.put(f"/api/labels/{label['id']}", json=edit).status_code == 200
    assert kcal(portions(client, LOAF)["plates"]["plated"][0]["serving"]) == pytest.approx(before)
    begun = client.post("/api/trials/1/batches").json()
    carried = portions(client, begun["id"])["plates"]["plated"]
    assert [one["finish"]["name"] for one in carried] == ["some"]
    added = kcal(carried[0]["serving"]) - kcal(portions(client, begun["id"])["serving"])
    assert added == pytest.approx(10)  # with the label as it is now


def test_a_finish_that_cannot_be_is_refused_at_its_field(client):
    nowhere = {"id": "f-1", "name": "x", "eater": "", "lines": [{"label_id": 99999, "grams": 5}]}
    refused = save_finishes(client, LOAF, nowhere)
    assert refused.json()["errors"][0]["path"] == "finishes[0].lines[0].label_id"
    wrong = finish(client, "some", 10, low_g=20.0, high_g=30.0)
    refused = save_finishes(client, LOAF, wrong)
    assert refused.json()["errors"][0]["path"] == "finishes[0].lines[0].grams"
    stale = {"version": 1, "finishes": []}
    assert client.put(f"/api/batches/{LOAF}/finishes", json=stale).status_code == 409


def test_a_made_thing_goes_on_the_shelf_with_its_margin_and_allergens(client):
    url = f"/api/batches/{LOAF}/keep-as"
    food = client.post(url, json={"name": "Crew frosting", "component": "Frosting"}).json()
    label = food["labels"][0]
    card = client.get(f"/api/batches/{LOAF}/card").json()
    part = next(
        component for component in card["batch"]["components"] if component["name"] == "Frosting"
    )
    grams = sum(line["grams"] for line in part["lines"])
    held = sum(
        line["grams"]
        / card["batch"]["labels"][line["label"]]["basis_g"]
        * card["batch"]["labels"][line["label"]]["kcal"]
        for line in part["lines"]
    )
    assert label["label"]["kcal"] == pytest.approx(held / grams * 100, rel=1e-3)
    assert label["label"]["spread"] > 0
    assert "milk" in label["package"]["allergens"]
    assert label["package"]["made_from"] == LOAF
    assert client.post(url, json={"name": "x", "component": "Nothing"}).status_code == 422
    assert client.post("/api/batches/2/keep-as", json={"name": "x"}).status_code == 409


def test_a_made_thing_used_by_weight_is_drawn_from_its_stock(client):
    food = client.post(f"/api/batches/{LOAF}/keep-as", json={"name": "Loaf crumbs"}).json()
    each = client.get(f"/api/batches/{LOAF}/card").json()["result"]["serving"]["grams"]
    dish = client.post("/api/dishes", json={"name": "Trifle"}).json()
    trial = dish["trials"][0]["id"]
    line = {"id": "c", "label_id": food["labels"][0]["id"], "target_g": each}
    build = {"components": [{"name": "Trifle", "lines": [line]}], "portions": 1}
    client.put(f"/api/trials/{trial}/build", json={"version": 1, "build": build})
    batch = client.post(f"/api/trials/{trial}/batches").json()
    sheet = weigh(client, batch["id"], "line", line=batch["lines"][0]["id"], net_g=each)
    serving = client.get(f"/api/batches/{LOAF}/card").json()["result"]["serving"]
    ours = sheet["serving"]["kcal"]
    assert ours["value"] == pytest.approx(serving["kcal"]["value"], rel=1e-3)
    # never surer than the thing itself
    assert ours["worst"][1] >= serving["kcal"]["worst"][1] * 0.999
    left = client.get(f"/api/batches/{LOAF}/stock").json()["lots"][0]["amount"]
    assert client.post(f"/api/batches/{batch['id']}/close").status_code == 200
    after = client.get(f"/api/batches/{LOAF}/stock").json()
    assert after["lots"][0]["amount"] == pytest.approx(left - 1)
    assert after["gone"]["drawn"] == pytest.approx(1)


# The card


def test_the_card_says_what_to_know_before_eating(client, demo_house):
    card = client.get(f"/api/batches/{LOAF}/card").json()
    assert card["divided"]["words"] == "1 of 8 pieces, 184 g"
    assert set(card["eating"]["contains"]["allergens"]) >= {"gluten", "egg", "milk"}
    assert {caution["code"] for caution in card["eating"]["cautions"]} == {"raw_batter", "polyols"}
    made = demo_house.now() - timedelta(days=2)
    assert card["eating"]["keeps_until"] == str((made + timedelta(days=3)).date())
    bake = next(step for step in card["steps"] if step["says"].startswith("Bake"))
    assert bake["took"] == "took 1 h 16 min"
    assert card["as_planned"]["kcal"] == pytest.approx(
        kcal(client.get("/api/trials/1").json()["report"]["result"]["serving"]), rel=1e-6
    )
    assert card["behind"]["source_note"]


@pytest.mark.parametrize(
    ("family", "parts", "late"),
    [
        ("crepe", ["Crepe", "Filling"], "Fill it just before serving"),
        ("pot", ["Cream", "Cocoa dust"], "Cocoa dust: just before serving"),
        ("tray", ["Pasta", "Top"], ""),
        ("no_bake", ["Bars", "Crumb topping"], ""),
    ],
)
def test_the_card_says_what_to_leave_until_the_last(client, family, parts, late):
    card = client.get(f"/api/batches/{closed_batch(client, family, *parts)}/card").json()
    says = card["eating"]["late"]
    assert says.startswith(late)
    assert bool(says) is bool(late)


def test_the_card_as_text_says_what_the_card_says(client):
    card = client.get(f"/api/batches/{LOAF}/card").json()
    text = card["text"]
    assert text.startswith("Carrot loaf, trial A, ")
    assert f"{kcal(card['result']['serving']):.0f} kcal (" in text
    assert "net carbohydrate" in text
    assert "\nWith walnuts on top:\n" in text
    assert all(line["name"] in text for line in card["lines"])
    assert "Contains " in text
    assert all(caution["says"] in text for caution in card["eating"]["cautions"])


def test_us_readers_get_their_nine_allergens(client):
    house = client.get("/api/settings").json()
    client.put("/api/settings", json={**house, "allergens": "us"})
    card = client.get(f"/api/batches/{LOAF}/card").json()
    assert "wheat" in card["eating"]["contains"]["allergens"]
    assert "gluten" not in card["eating"]["contains"]["allergens"]
