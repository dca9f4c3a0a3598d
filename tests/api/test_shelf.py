"""The shelf over its API: what a page needs of it, and sentences for what cannot be."""

import pytest

from tests.batches import FLAT
from tests.waiting import until

PANEL = {**FLAT, "style": "eu", "name": "Fell quark"}


def fault(answer):
    assert answer.status_code == 422, answer.text
    return answer.json()["errors"][0]


def test_a_list_says_what_a_cook_chooses_by(client):
    page = client.get("/api/foods", params={"search": "quark"}).json()
    quark = page["foods"][0]
    assert page["how"] == "words"
    assert [label["name"] for label in quark["labels"]] == [
        "Northlight skim quark",
        "Eastgate half-fat quark",
    ]
    assert quark["labels"][0]["kcal_per_100g"] == pytest.approx(67)
    assert client.get("/api/foods", params={"limit": 500}).status_code == 422


def test_a_food_with_all_there_is_to_say_comes_back_as_it_went_in(client):
    facts = {
        "aliases": ["curd"],
        "density_g_per_ml": 0.95,
        "measures": [{"name": "Tub (Large)", "grams": 500}],
        "refuse_share": 0.1,
        "buy_rule": "no starch",
    }
    package = {"pack_g": 500, "price": 1.8, "allergens": ["milk"], "state": "drained"}
    body = {"name": "Curd", "label": PANEL, "package": package, "facts": facts}
    food = client.post("/api/foods", json=body).json()
    again = client.get(f"/api/foods/{food['id']}").json()
    assert again == food
    assert again["facts"]["measures"][0]["name"] == "tub (Large)"
    assert again["labels"][0]["package"]["price"] == 1.8
    assert again["cup_g"] == pytest.approx(0.95 * 236.588, rel=1e-4)


@pytest.mark.parametrize(
    ("changed", "path", "says"),
    [
        ({"label": {**PANEL, "basis_g": None}}, "label.basis_g", "grams, millilitres or pieces"),
        ({"label": {**PANEL, "below": ["salt_g"]}}, "label", "Less than"),
        ({"package": {"pack_g": 0}}, "package.pack_g", "more than 0"),
        ({"package": {"pack_g": 1, "drained_g": 2}}, "package", "drained weight"),
        ({"package": {"allergens": ["dust"]}}, "package.allergens[0]", "must be"),
        ({"package": {"flags": ["sharp"]}}, "package.flags[0]", "must be"),
        ({"facts": {"measures": [{"name": "a;b", "grams": 1}]}}, "facts.measures[0].name", ""),
        ({"facts": {"measures": [{"name": "x", "grams": 1}] * 2}}, "facts", "there twice"),
        ({"facts": {"density_g_per_ml": 99}}, "facts.density_g_per_ml", "That’s a lot"),
        ({"name": "  "}, "name", "Give it a name"),
    ],
)
def test_what_cannot_be_is_said_at_its_field(client, changed, path, says):
    body = {"name": "Curd", "label": PANEL, **changed}
    found = fault(client.post("/api/foods", json=body))
    assert found["path"] == path
    assert says in found["message"]


def test_taking_off_the_shelf_keeps_builds_and_can_be_undone(client):
    def found():
        page = client.get("/api/foods", params={"search": "northlight skim quark"}).json()
        return [food["name"] for food in page["foods"]]

    on = "/api/foods/4/on-shelf"
    before = client.get("/api/trials/1").json()["report"]["result"]
    assert client.put(on, json={"on_shelf": False}).json()["removed"]
    assert "Quark" not in found()
    assert client.get("/api/trials/1").json()["report"]["result"] == before
    assert not client.put(on, json={"on_shelf": True}).json()["removed"]
    assert found() == ["Quark"]
    left = client.put("/api/labels/5/on-shelf", json={"on_shelf": False}).json()["labels"]
    assert 5 not in [one["id"] for one in left]


def test_a_line_with_a_counted_piece_is_built_weighed_and_reckoned(client):
    line = client.post("/api/quick-entry", json={"text": "2 slices crew loaf"}).json()["options"][0]
    assert line["worked"]["readings"][0]["count"] == 2
    lines = [{"id": "a", "label_id": line["label"]["id"], "target_g": 0, "count": 2}]
    build = {"components": [{"name": "Toast", "lines": lines}], "portions": 1}
    live = client.post("/api/trials/1/reckon", json=build).json()["result"]
    assert live["serving"]["kcal"]["value"] == 120
    assert live["serving"]["grams"] is None
    saved = client.put("/api/trials/1/build", json={"version": 2, "build": build}).json()
    assert saved["build"]["components"][0]["lines"][0]["count"] == 2
    batch = client.post("/api/trials/1/batches").json()
    weighing = {
        "id": "first-capture",
        "kind": "line",
        "line": batch["lines"][0]["id"],
        "origin": "hand",
    }
    weighed = client.post(
        f"/api/batches/{batch['id']}/weighings", json={**weighing, "net_g": 57}
    ).json()
    assert weighed["serving"]["kcal"]["value"] == 120, "the count stays what counts"
    assert weighed["serving"]["grams"] == 57
    again = {**weighing, "id": "second-capture", "net_g": 0}
    counted = client.post(f"/api/batches/{batch['id']}/weighings", json=again).json()
    assert counted["serving"]["kcal"]["value"] == 120
    assert counted["serving"]["grams"] is None, "left at the count, its weight is unknown"
    assert client.post(f"/api/batches/{batch['id']}/close").status_code == 200


def test_an_unsaved_build_with_a_label_that_is_not_there_is_refused(client):
    lines = [{"id": "a", "label_id": 999, "target_g": 5}]
    build = {"components": [{"name": "X", "lines": lines}]}
    found = fault(client.post("/api/trials/1/reckon", json=build))
    assert found["path"] == "components[0].lines[0].label_id"


def test_claims_over_the_api(client):
    read = client.post("/api/claims/read", json={"text": "552 kcal 55/40/24"}).json()
    report = client.post("/api/claims/check", json={"claims": read}).json()
    assert report["verdict"] == "disagrees"
    assert fault(client.post("/api/claims/read", json={"text": "tasty"}))["path"] == "text"
    negative = {"claims": [{"serving": {"kcal": -1}}]}
    assert (
        fault(client.post("/api/claims/check", json=negative))["path"] == "claims[0].serving.kcal"
    )


def test_a_file_goes_out_and_its_rows_are_unchanged_coming_in(client):
    out = client.get("/api/shelf/export")
    assert out.headers["content-type"].startswith("text/csv")
    assert "attachment" in out.headers["content-disposition"]
    started = client.post("/api/shelf/imports", params={"file": "mine.csv"}, content=out.content)
    key = started.json()["id"]
    state = until(
        lambda: client.get(f"/api/shelf/imports/{key}").json(),
        lambda state: state["stage"] != "reading",
    )
    assert state["counts"] == {"unchanged": state["total"]}
    rows = client.get(f"/api/shelf/imports/{key}/rows", params={"limit": 2, "offset": 1}).json()
    assert [row["line"] for row in rows["rows"]] == [3, 4]
    assert client.delete(f"/api/shelf/imports/{key}").status_code == 204
    assert client.get(f"/api/shelf/imports/{key}").status_code == 404


def test_a_file_that_is_none_is_refused_with_a_sentence(client):
    refused = client.post("/api/shelf/imports", content=b"name,kcal\nQuark,67\n")
    assert "no column “food”" in fault(refused)["message"]
    flood = client.post("/api/shelf/imports", content=b"x" * 31_000_001)
    assert flood.status_code == 413
