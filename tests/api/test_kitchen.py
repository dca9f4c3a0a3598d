"""The kitchen over its API: originals, builds, labels, batches, files."""

import uuid

import pytest

from gasket.core.weighing.records import ONE_SCALE
from gasket.kitchen.settings import HOMES
from tests.batches import FLAT, batch


def new(kind, **more):
    return {"id": str(uuid.uuid4()), "kind": kind, **more}


def weigh(client, batch_id, kind, **more):
    return client.post(f"/api/batches/{batch_id}/weighings", json=new(kind, **more))


@pytest.fixture
def batch_id(client):
    return client.post("/api/trials/1/batches").json()["id"]


def weigh_all(client, batch_id):
    sheet = client.get(f"/api/batches/{batch_id}").json()
    for line in sheet["lines"]:
        if line["status"] == "open":
            weigh(client, batch_id, "line", line=line["id"], net_g=line["target_g"], origin="hand")
    return client.get(f"/api/batches/{batch_id}").json()


def test_the_demo_kitchen_shows_its_dish_with_original_and_weighed_trial(client):
    kitchen = client.get("/api/kitchen").json()
    assert (len(kitchen["dishes"]), kitchen["total"], kitchen["archived"]) == (5, 5, 0)
    dish = next(dish for dish in kitchen["dishes"] if dish["name"] == "Carrot loaf")
    assert dish["weighed"]
    assert dish["serving_g"] == pytest.approx(184.5)
    assert dish["saved_kcal"] > 0
    ours = sum(layer["kcal"] for layer in dish["rebuild"])
    theirs = sum(layer["kcal"] for layer in dish["original"])
    assert theirs - ours == pytest.approx(dish["saved_kcal"], abs=0.2)


def test_dishes_come_page_by_page_the_last_touched_one_first(client):
    client.put("/api/trials/1/intent", json={"intent": "less sweet"}).raise_for_status()
    pages = [
        client.get("/api/kitchen", params={"limit": 2, "offset": offset}).json()
        for offset in (0, 2, 4)
    ]
    names = [dish["name"] for page in pages for dish in page["dishes"]]
    assert names[0] == "Carrot loaf"
    assert len(set(names)) == 5
    assert {page["total"] for page in pages} == {5}


def test_an_empty_kitchen_is_empty_and_a_dish_starts_with_an_empty_trial(empty_client):
    nothing = {key: [] for key in ("dishes", "open_weigh_ins", "open_cooks", "tags")}
    kitchen = empty_client.get("/api/kitchen").json()
    waiting = {"fullness": [], "unjudged": {"trials": [], "total": 0}}
    assert kitchen == {**nothing, **waiting, "total": 0, "archived": 0}
    dish = empty_client.post("/api/dishes", json={"name": " Mac and cheese tray "}).json()
    assert dish["name"] == "Mac and cheese tray"
    trial = empty_client.get(f"/api/trials/{dish['trials'][0]['id']}").json()
    assert trial["build"]["components"] == []
    refused = empty_client.post(f"/api/trials/{trial['id']}/batches")
    assert refused.status_code == 409
    assert "nothing to weigh" in refused.json()["detail"]
    assert empty_client.get("/api/kitchen").json()["dishes"][0]["kcal"]["value"] == 0


def test_an_untouched_trial_saves_nothing_and_one_of_0_kcal_saves_all(empty_client):
    dish = empty_client.post("/api/dishes", json={"name": "Jelly"}).json()
    original = {"version": dish["version"], "name": "Jelly", "kcal": 180, "serving_g": 150}
    empty_client.put("/api/dishes/1/original", json=original).raise_for_status()

    def saved():
        report = empty_client.get("/api/trials/1").json()["report"]
        (card,) = empty_client.get("/api/kitchen").json()["dishes"]
        return report["result"]["original"]["saved_kcal"], card["saved_kcal"]

    assert saved() == (None, None)
    water = {"name": "Water", "label": {**FLAT, "kcal": 0}}
    label = empty_client.post("/api/foods", json=water).json()["labels"][0]["id"]
    line = {"id": "a", "label_id": label, "target_g": 150}
    build = {"portions": 1, "components": [{"name": "Jelly", "lines": [line]}]}
    body = {"version": 1, "build": build}
    empty_client.put("/api/trials/1/build", json=body).raise_for_status()
    assert saved() == (180, 180)


def test_the_example_dish_is_whole_and_for_an_empty_kitchen_only(empty_client):
    own = {"name": "Egg", "label": {**FLAT, "kcal": 150}}
    egg = empty_client.post("/api/foods", json=own).json()["labels"][0]["id"]
    dish = empty_client.post("/api/dishes/example").json()
    trial = empty_client.get(f"/api/trials/{dish['trials'][0]['id']}").json()
    lines = [line for part in trial["build"]["components"] for line in part["lines"]]
    assert egg in [line["label_id"] for line in lines]
    assert trial["report"]["result"]["original"]["saved_kcal"] > 100
    assert empty_client.get(f"/api/trials/{trial['id']}/steps").json()["steps"]
    assert empty_client.post("/api/dishes/example").status_code == 409
    empty_client.put(f"/api/dishes/{dish['id']}/whereabouts", json={"where": "deleted"})
    assert empty_client.post("/api/dishes/example").status_code == 201
    names = [food["name"] for food in empty_client.get("/api/foods?limit=200").json()["foods"]]
    assert len(names) == len(set(names))


@pytest.mark.parametrize(("home", "knob"), [("us", "350 °F / 175 °C, fan"), ("eu", "175 °C /")])
def test_a_home_sets_what_goes_by_where_a_kitchen_is(client, home, knob):
    settings = client.get("/api/settings").json()
    habits = HOMES[home].model_dump(mode="json")
    stored = client.put("/api/settings", json={**settings, **habits}).json()
    assert habits.items() <= stored.items()
    card = client.get("/api/batches/1/card").json()
    assert any(knob in step["detail"] for step in card["steps"])
    assert card["paper"] == habits["paper"]


def test_editing_the_original_changes_the_comparison(client):
    edit = {"version": 2, "name": "Bakery slice", "serving_g": 150, "kcal": 600, "source_note": "x"}
    dish = client.put("/api/dishes/1/original", json=edit).json()
    assert dish["original"] == {"name": "Bakery slice", "serving_g": 150.0, "kcal": 600.0} | {
        "protein_g": None,
        "carbohydrate_g": None,
        "fat_g": None,
    }
    assert client.get("/api/trials/1").json()["report"]["result"]["original"]["kcal"] == 600
    assert dish["name"] == "Carrot loaf"
    renamed = {**edit, "version": dish["version"], "dish": " Carrot slice "}
    assert client.put("/api/dishes/1/original", json=renamed).json()["name"] == "Carrot slice"
    assert client.get("/api/batches/1/card").json()["dish"] == "Carrot slice"
    blank = client.put("/api/dishes/1/original", json={**renamed, "version": 99, "dish": ""})
    assert blank.json()["errors"][0]["path"] == "dish"
    blank = {**renamed, "version": dish["version"] + 1, "dish": "  "}
    refused = client.put("/api/dishes/1/original", json=blank)
    assert refused.json()["errors"][0]["message"] == "Give the dish a name."


@pytest.mark.parametrize(
    ("method", "path", "body"),
    [
        ("put", "/api/dishes/1/original", {"version": 1, "name": "x"}),
        ("put", "/api/trials/1/build", {"version": 1, "build": {"components": []}}),
        ("put", "/api/labels/1", {"version": 7, "label": FLAT}),
    ],
)
def test_a_save_over_somebody_elses_is_refused_with_what_is_stored(client, method, path, body):
    refused = client.request(method, path, json=body)
    assert refused.status_code == 409
    assert refused.headers["content-type"] == "application/problem+json"
    assert refused.json()["current"]["version"] != body["version"]


def test_a_build_is_replaced_whole_and_keeps_the_order_and_ids_of_its_lines(client):
    sheet = client.get("/api/trials/1").json()
    build = sheet["build"]
    loaf = build["components"][0]["lines"]
    loaf.reverse()
    loaf.append({"id": "mine", "component": "Frosting", "target_g": 50})
    stored = client.put("/api/trials/1/build", json={"version": sheet["version"], "build": build})
    again = client.get("/api/trials/1").json()
    assert stored.json() == again
    assert [line["id"] for line in again["build"]["components"][0]["lines"]] == [
        line["id"] for line in loaf
    ]
    assert again["version"] == sheet["version"] + 1


@pytest.mark.parametrize(
    ("line", "path"),
    [
        ({"id": "n", "label_id": 999, "target_g": 5}, "components[0].lines[0].label_id"),
        ({"id": "n", "component": "none", "target_g": 5}, "components[0].lines[0].component"),
        ({"id": "n", "component": "Loaf", "target_g": 5}, "components[0].lines[0].component"),
        ({"id": "n", "label_id": 1, "target_g": -5}, "build.components[0].lines[0].target_g"),
        ({"id": "n", "label_id": 1, "target_g": 1e9}, "build.components[0].lines[0].target_g"),
        ({"id": "n", "label_id": 1, "target_g": "5"}, "build.components[0].lines[0].target_g"),
    ],
)
def test_a_build_that_cannot_be_is_refused_at_its_line_and_changes_nothing(client, line, path):
    before = client.get("/api/trials/1").json()
    build = {"components": [{"name": "Loaf", "lines": [line]}], "portions": 8}
    refused = client.put("/api/trials/1/build", json={"version": before["version"], "build": build})
    assert refused.status_code == 422
    assert path in [fault["path"] for fault in refused.json()["errors"]]
    assert client.get("/api/trials/1").json() == before


def test_a_batch_keeps_the_label_it_was_weighed_with(client, batch_id):
    weigh_all(client, batch_id)
    before = client.get(f"/api/batches/{batch_id}/card").json()
    food = client.get("/api/foods/4").json()
    label = food["labels"][0]
    richer = {**label["label"], "kcal": 150, "fat_g": 9}
    edited = client.put(
        f"/api/labels/{label['id']}", json={"version": label["version"], "label": richer}
    ).json()
    assert edited["labels"][0]["label"]["kcal"] == 150
    assert edited["labels"][0]["revisions"] == 2
    assert client.get(f"/api/batches/{batch_id}/card").json()["result"] == before["result"]
    planned = client.get("/api/trials/1").json()["report"]["result"]["serving"]["kcal"]["value"]
    assert planned > before["result"]["serving"]["kcal"]["value"] + 20


def test_a_label_edited_during_the_weigh_in_is_not_the_batchs(client, batch_id):
    label = client.get("/api/foods/1").json()["labels"][0]
    edit = {"version": label["version"], "label": {**label["label"], "kcal": 80}}
    client.put(f"/api/labels/{label['id']}", json=edit)
    weigh_all(client, batch_id)
    labels = client.get(f"/api/batches/{batch_id}/card").json()["batch"]["labels"]
    assert 41 in [label["kcal"] for label in labels.values()]


def test_a_food_takes_further_labels_and_is_found_by_its_packages(client):
    food = client.post(
        "/api/foods", json={"name": "Labneh", "label": {**FLAT, "name": "Fjord"}}
    ).json()
    added = client.post(
        f"/api/foods/{food['id']}/labels", json={"label": {**FLAT, "name": "Moor strained"}}
    ).json()
    assert len(added["labels"]) == 2
    found = client.get("/api/foods?search=moor STRAINED").json()["foods"]
    assert [one["name"] for one in found] == ["Labneh"]
    assert client.get("/api/foods?search=nothing").json()["foods"] == []
    client.put(f"/api/foods/{food['id']}", json={"version": 1, "name": "Labneh, plain"})
    assert client.get(f"/api/foods/{food['id']}").json()["name"] == "Labneh, plain"


# Weigh-in -----------------------------------------------------------------------------------------


def tare_of(sheet):
    return sheet["tares"][ONE_SCALE]["record"]


def test_a_capture_sent_twice_weighs_once(client, batch_id):
    line = client.get(f"/api/batches/{batch_id}").json()["current"]
    tare = weigh(client, batch_id, "tare", gross_g=412).json()
    one = new("line", line=line, gross_g=690, tare_record=tare_of(tare))
    url = f"/api/batches/{batch_id}/weighings"
    first, second = client.post(url, json=one), client.post(url, json=one)
    assert first.json()["lines"][0]["net_g"] == 278
    assert second.json() == first.json()


def test_two_pages_cannot_take_the_same_pour_twice(client, batch_id):
    tare = weigh(client, batch_id, "tare", gross_g=412).json()
    seen = {"gross_g": 690, "tare_record": tare_of(tare)}
    first = weigh(client, batch_id, "line", line=tare["lines"][0]["id"], **seen)
    second = weigh(client, batch_id, "line", line=tare["lines"][1]["id"], **seen)
    assert first.status_code == 200
    assert second.status_code == 409
    assert "another page" in second.json()["detail"]


def test_the_weigh_in_closes_only_when_every_line_is_weighed_or_skipped(client, batch_id):
    refused = client.post(f"/api/batches/{batch_id}/close")
    assert refused.status_code == 409
    assert "14 lines are still open" in refused.json()["detail"]
    sheet = client.get(f"/api/batches/{batch_id}").json()
    assert sheet["findings"][0]["code"] == "open_lines"
    skipped = sheet["lines"][10]["id"]
    weigh(client, batch_id, "skip", line=skipped, origin="hand")
    weigh_all(client, batch_id)
    closed = client.post(f"/api/batches/{batch_id}/close").json()
    assert closed["closed_at"]
    refused = weigh(client, batch_id, "line", line=skipped, net_g=2, origin="hand")
    assert refused.status_code == 409
    codes = [finding["code"] for finding in closed["findings"]]
    assert "open_lines" not in codes
    assert "estimated_lines" not in codes


def test_what_was_weighed_is_reckoned_and_not_what_was_planned(client, batch_id):
    planned = client.get(f"/api/batches/{batch_id}").json()
    oil = next(line for line in planned["lines"] if "oil" in line["name"])
    weigh_all(client, batch_id)
    weighed = weigh(client, batch_id, "line", line=oil["id"], net_g=68, origin="hand").json()
    more = [one["serving"]["kcal"]["value"] for one in (planned, weighed)]
    assert more[1] - more[0] == pytest.approx(40 * 120 / 14 / 8)


def test_an_estimate_widens_the_margin_and_says_so(client, batch_id):
    sheet = weigh_all(client, batch_id)
    before = sheet["serving"]["kcal"]["worst"]
    oil = next(line["id"] for line in sheet["lines"] if "oil" in line["name"])
    rough = {"net_g": 28, "low_g": 14, "high_g": 42, "origin": "estimate"}
    after = weigh(client, batch_id, "line", line=oil, **rough).json()
    assert after["serving"]["kcal"]["worst"][1] > before[1] + 10
    assert "estimated_lines" in [finding["code"] for finding in after["findings"]]


def test_1492_g_in_8_portions_is_186_5_g_each_and_the_next_target_follows(client, batch_id):
    weigh_all(client, batch_id)
    weigh(client, batch_id, "mixture", net_g=1492, origin="hand")
    sheet = client.put(f"/api/batches/{batch_id}/dividing", json={"pieces": 8}).json()
    assert sheet["target_each_g"] == pytest.approx(186.5)
    sheet = weigh(client, batch_id, "portion", piece=1, net_g=200, origin="hand").json()
    assert sheet["fill_g"]["2"] == pytest.approx((1492 - 200) / 7)
    for piece in range(2, 9):
        sheet = weigh(client, batch_id, "portion", piece=piece, net_g=184, origin="hand").json()
    file = client.get(f"/api/batches/{batch_id}/file").json()
    portions = client.post("/api/reckon", json=file).json()["portions"]
    assert portions[0]["grams"] == 200
    kcal = [portion["kcal"]["value"] for portion in portions]
    assert kcal[0] / kcal[1] == pytest.approx(200 / 184)


@pytest.mark.parametrize("count", [0, -1, 2.5, "8", 10_000, None])
def test_an_impossible_number_of_portions_is_refused_at_its_field(client, batch_id, count):
    refused = client.put(f"/api/batches/{batch_id}/dividing", json={"pieces": count})
    assert refused.status_code == 422
    assert refused.json()["errors"][0]["path"] == "pieces"


# Files --------------------------------------------------------------------------------------------


def test_a_batch_travels_out_and_in_again_with_the_same_result(client):
    exported = client.get("/api/batches/1/file")
    assert "attachment" in exported.headers["content-disposition"]
    card = client.get("/api/batches/1/card").json()
    taken_in = client.post("/api/batches", json=exported.json()).json()
    again = client.get(f"/api/batches/{taken_in['id']}/card").json()
    assert again["result"] == card["result"]
    foods = client.get("/api/foods").json()
    client.post("/api/batches", json=exported.json())
    assert client.get("/api/foods").json() == foods, "the same labels are not shelved twice"


@pytest.mark.parametrize(
    ("components", "says"),
    [
        ([("all", 501)], "at most 500 lines in one component; this one has 501"),
        ([(f"part {i}", 1) for i in range(51)], "at most 50 components; this one has 51"),
        ([(f"part {i}", 400) for i in range(3)], "at most 1,000 lines; this one has 1,200"),
    ],
)
def test_more_than_any_kitchen_weighs_is_refused_before_anything_is_stored(
    client, components, says
):
    line = {"label": "a", "grams": 10}
    parts = [{"name": name, "lines": [line] * lines} for name, lines in components]
    refused = client.post("/api/batches", json=batch(components=parts))
    assert refused.status_code == 422
    assert says in refused.json()["errors"][0]["message"]
    assert len(client.get("/api/kitchen").json()["dishes"]) == 5


def test_an_imported_batch_keeps_what_only_the_file_knows(client):
    document = batch(
        cooked_g=350,
        portions={"serving_g": 70},
        finish=[{"label": "a", "grams": 10, "estimate": [5, 15]}],
        original={"name": "Theirs", "serving_g": 90, "kcal": 300},
    )
    document["components"][0] |= {"leftover_g": 40, "removed": [{"fat_g": 2, "grams": 3}]}
    want = client.post("/api/reckon", json=document).json()
    taken_in = client.post("/api/batches", json=document).json()
    got = client.get(f"/api/batches/{taken_in['id']}/card").json()
    own = {name: one for name, one in want.items() if name not in ("portions", "arms")}
    assert got["result"] == own
    assert got["dish"] == "Theirs"


def test_a_faulty_file_is_refused_whole(client):
    before = client.get("/api/kitchen").json()
    document = batch()
    document["components"][0]["lines"].append({"label": "z", "grams": 5})
    refused = client.post("/api/batches", json=document)
    assert refused.status_code == 422
    assert refused.json()["errors"][0]["path"] == "components[0].lines[1].label"
    assert client.get("/api/kitchen").json() == before


def test_every_source_that_a_card_cites_is_on_it(client):
    card = client.get("/api/batches/1/card").json()
    for keys in card["result"]["says_who"].values():
        assert set(keys) <= set(card["behind"]["sources"])
    assert all(source["says"] for source in card["behind"]["sources"].values())
