"""The border: strangers, floods, unknown things, and the whole OpenAPI document under fire."""

import json
import tempfile
import tomllib
from pathlib import Path

import pytest
import schemathesis
from hypothesis import HealthCheck, settings
from schemathesis.config import SchemathesisConfig
from starlette.websockets import WebSocketDisconnect

from gasket.kitchen.house import House
from gasket.store.opening import open_database
from tests.batches import batch
from tests.conftest import SEARCHING, copy
from tests.server import app_of

HOME = {"host": "127.0.0.1"}


@pytest.mark.parametrize(
    "headers",
    [
        {"host": "evil.example"},
        {"host": "127.0.0.1.evil.example"},
        {"origin": "http://evil.example"},
        {"origin": "http://127.0.0.1:9999"},
        {"origin": "null"},
        {"host": "[::1"},
        {"host": "somebody@127.0.0.1"},
        {"host": "127.0.0.1/evil"},
        {"origin": "http://[::1"},
        {"origin": "https://127.0.0.1"},
        {"origin": "http://127.0.0.1:81"},
        {"origin": "http://somebody@127.0.0.1"},
        [("host", "127.0.0.1"), ("host", "evil.example")],
        [("host", "127.0.0.1"), ("origin", "http://127.0.0.1"), ("origin", "http://evil.example")],
    ],
)
def test_another_site_cannot_speak_to_the_kitchen(client, headers):
    answer = client.get("/api/kitchen", headers=headers)
    assert answer.status_code == 403
    assert "Carrot" not in answer.text


@pytest.mark.parametrize("path", ["/", "/api/kitchen", "/api/nothing", "/assets/nothing.js"])
def test_every_answer_says_what_a_browser_may_do_with_it(client, path):
    headers = client.get(path).headers
    policy = headers["content-security-policy"]
    assert "default-src 'self'" in policy
    assert "frame-ancestors 'none'" in policy
    assert "script-src" not in policy, "scripts go by default-src: the kitchen's own files alone"
    assert headers["x-content-type-options"] == "nosniff"
    assert headers["referrer-policy"] == "no-referrer"
    assert headers["cross-origin-resource-policy"] == "same-origin"
    assert headers["cross-origin-opener-policy"] == "same-origin"
    assert client.get(path, headers={"host": "evil.example"}).headers["x-frame-options"] == "DENY"


@pytest.mark.parametrize("origin", ["http://127.0.0.1", "http://127.0.0.1:80", None])
def test_the_kitchens_own_page_is_let_in(client, origin):
    headers = {} if origin is None else {"origin": origin}
    assert client.get("/api/kitchen", headers=headers).status_code == 200


def test_a_binary_message_on_the_live_channel_is_no_aim_and_no_end(client):
    with client.websocket_connect("/api/batches/1/live", headers=HOME) as channel:
        assert channel.receive_json()["type"] == "sheet"
        channel.send_bytes(b"\x00\xff")
        channel.send_text("no JSON")
        channel.send_text('{"aim": "mixture"}')
        assert channel.receive_json()["type"] == "link"


def edited(client, **line):
    """Trial 1 with its first line changed, as a page would save it."""
    trial = client.get("/api/trials/1").json()
    trial["build"]["components"][0]["lines"][0] |= line
    return {"version": trial["version"], "build": trial["build"]}


@pytest.mark.parametrize("line", [{"label_id": None}, {"component": "Frosting"}])
def test_a_line_of_nothing_or_of_two_things_is_a_sentence_at_the_line(client, line):
    refused = client.put("/api/trials/1/build", json=edited(client, **line))
    assert refused.status_code == 422
    fault = refused.json()["errors"][0]
    assert fault["path"] == "build.components[0].lines[0]"
    assert fault["message"] == "A line is of one food or of one component."


STEP = {"id": "a", "kind": "mix", "says": "Stir"}


@pytest.mark.parametrize(
    ("path", "body", "at"),
    [
        ("/api/foods/1/told", {"kind": "volume", "measure": "[length]", "grams": 5}, "measure"),
        ("/api/foods/1/told", {"kind": "volume", "measure": "armful", "grams": 5}, "measure"),
        ("/api/foods/1/told", {"kind": "measure", "measure": "a = b", "grams": 5}, "measure"),
        ("/api/trials/1/steps/report", {"steps": [{**STEP, "hands_on": 0}]}, "steps[0].hands_on"),
        ("/api/trials/1/steps/report", {"steps": [STEP], "eat_at": 0}, "eat_at"),
        ("/api/trials/1/steps/report", {"steps": [STEP], "eat_at": "2026-01-05T18:00"}, "eat_at"),
    ],
)
def test_what_is_nearly_right_is_a_sentence_at_its_field(client, path, body, at):
    refused = client.post(path, json=body)
    assert refused.status_code == 422
    fault = refused.json()["errors"][0]
    assert fault["path"] == at
    assert "pattern" not in fault["message"]


@pytest.mark.parametrize("path", ["/api/batches", "/api/reckon"])
def test_a_batch_file_with_a_key_twice_is_refused_as_by_the_command(client, path):
    text = json.dumps(batch()).replace('"version": 1', '"version": 1, "version": 1')
    refused = client.post(path, content=text, headers={"content-type": "application/json"})
    assert refused.status_code == 422
    assert refused.json()["errors"] == [{"path": "version", "message": "This key stands twice."}]


def test_another_site_cannot_listen_to_the_scale(client):
    with (
        pytest.raises(WebSocketDisconnect),
        client.websocket_connect("/api/batches/1/live", headers={"origin": "http://evil.example"}),
    ):
        pass


@pytest.mark.parametrize("path", ["/api/reckon", "/api/audit", "/api/dishes", "/api/foods"])
def test_a_5_mb_paste_is_a_sentence(client, path):
    flood = json.dumps({"name": "x" * 5_000_000})
    refused = client.post(path, content=flood, headers={"content-type": "application/json"})
    assert refused.status_code == 413
    assert "at most 2 MB" in refused.json()["detail"]

    def drip():
        for _ in range(50):
            yield b"x" * 100_000

    assert client.post(path, content=drip()).status_code == 413


@pytest.mark.parametrize(
    "path",
    [
        "/api/dishes/999",
        "/api/trials/0",
        "/api/batches/-1",
        "/api/foods/99999999999999999999999",
        "/api/batches/999/card",
        "/api/nothing",
        "/api/compare?labels=1&labels=999",
        "/api/compare?labels=1&labels=2&trial=999",
    ],
)
def test_an_unknown_thing_is_a_404_with_a_sentence(client, path):
    answer = client.get(path)
    assert answer.status_code == 404
    assert answer.headers["content-type"] == "application/problem+json"
    assert answer.json()["detail"]


def test_an_unknown_batch_closes_its_live_channel_with_the_reason(client):
    with (
        client.websocket_connect("/api/batches/999/live", headers=HOME) as channel,
        pytest.raises(WebSocketDisconnect) as closed,
    ):
        channel.receive_json()
    assert closed.value.code == 4404


@pytest.mark.parametrize(
    ("label", "path", "says"),
    [
        ({"style": "us", "basis_g": 0}, "basis_g", "more than 0"),
        ({"style": "us", "basis_g": 30, "kcal": "a lot"}, "kcal", "must be a number"),
        ({"style": "us", "basis_g": 30, "fat_g": -1}, "fat_g", "less than 0"),
        ({"style": "us", "basis_g": 30, "fat_g": 1e12}, "fat_g", "That’s a lot"),
        ({"style": "us", "basis_g": 30, "name": "x" * 201}, "name", "at most 200"),
        ({"basis_g": 30}, "style", "missing"),
    ],
)
def test_a_bad_label_is_a_sentence_at_its_field(client, label, path, says):
    refused = client.post("/api/audit", json=label)
    assert refused.status_code == 422
    fault = refused.json()["errors"][0]
    assert fault["path"] == path
    assert says in fault["message"]


def test_nan_in_a_body_is_refused_at_its_field(client):
    text = json.dumps(batch()).replace("400", "NaN")
    refused = client.post("/api/reckon", content=text, headers={"content-type": "application/json"})
    assert refused.status_code == 422
    assert refused.json()["errors"][0]["path"] == "components[0].lines[0].grams"


@pytest.mark.parametrize("place", ["http://x", "spy:///dev/x?file=/tmp/x", "loop://", "", "../x"])
def test_only_a_scale_can_be_set_as_scale(client, place):
    settings = client.get("/api/settings").json()
    scales = [*settings["scales"], {"name": "third", "place": place}]
    refused = client.put("/api/settings", json={**settings, "scales": scales})
    assert refused.status_code == 422
    assert refused.json()["errors"][0]["path"] == "scales[2].place"


@pytest.mark.parametrize(
    ("field", "extra"),
    [
        ("scales", {"name": "Kitchen Scale", "place": "COM3"}),
        ("scales", {"name": "other", "place": "simulated"}),
        ("vessels", {"name": "Steel bowl"}),
    ],
)
def test_no_two_scales_or_vessels_of_one_name_or_place(client, field, extra):
    settings = client.get("/api/settings").json()
    refused = client.put("/api/settings", json={**settings, field: [*settings[field], extra]})
    assert refused.status_code == 422
    assert refused.json()["errors"][0]["path"] == field


def test_a_real_scale_has_no_simulator_panel(client):
    state = client.get("/api/scale").json()
    assert (state["connected"], state["simulated"]) == (False, False)
    assert {scale["name"] for scale in state["scales"]} == {"kitchen scale", "pocket scale"}
    assert not any(scale["simulated"] or scale["reading"] for scale in state["scales"])
    assert client.post("/api/scale/simulator", json={"act": "pour", "amount": 5}).status_code == 409


def at_home(app):
    """The test client calls itself a stranger; here it speaks from this machine."""

    async def called(scope, receive, send):
        if scope["type"] == "http":
            others = [pair for pair in scope["headers"] if pair[0] != b"host"]
            scope = {**scope, "headers": [*others, (b"host", b"127.0.0.1")]}
        await app(scope, receive, send)

    return called


CHECKS = tomllib.loads((Path(__file__).parents[2] / "schemathesis.toml").read_text("utf-8"))
# Every boundary of every field takes minutes: that is for PROPERTIES=search.
EFFORT = {"phases": {"coverage": {"enabled": SEARCHING}}}
with tempfile.TemporaryDirectory() as folder:
    asked_for_its_document = House(open_database(Path(folder) / "kitchen.sqlite3"))
    fuzzed = schemathesis.openapi.from_asgi(
        "/api/openapi.json",
        at_home(app_of(asked_for_its_document)),
        config=SchemathesisConfig.from_dict({**CHECKS, **EFFORT}),
    )
    asked_for_its_document.close()


@pytest.fixture(scope="module")
def house_under_fire(first_day, tmp_path_factory):
    """One demo kitchen for all of it."""
    file = tmp_path_factory.mktemp("fire") / "kitchen.sqlite3"
    copy(first_day["demo"], file)
    house = House(open_database(file))
    yield house
    house.close()


@fuzzed.parametrize()
@settings(
    max_examples=20 if SEARCHING else 4, deadline=None, suppress_health_check=list(HealthCheck)
)
def test_no_request_breaks_the_document(case, house_under_fire):
    app_of(house_under_fire)
    case.call_and_validate()


# The document, for whoever writes a client


def operations(client):
    document = client.get("/api/openapi.json").json()
    for path, item in document["paths"].items():
        for verb, operation in item.items():
            yield document, verb, path, operation


def test_each_operation_tells_its_own_errors_as_problem_documents(client):
    for _, verb, path, operation in operations(client):
        errors = {status: one for status, one in operation["responses"].items() if status >= "4"}
        for status, answer in errors.items():
            schema = answer["content"]["application/problem+json"]["schema"]
            assert schema == {"$ref": "#/components/schemas/Problem"}, (verb, path, status)
            assert list(answer["content"]) == ["application/problem+json"]
        assert ("404" in errors) >= ("{" in path), path
        assert ("507" in errors) == (verb != "get"), (verb, path)
        assert ("413" in errors) == ("requestBody" in operation), (verb, path)


def test_every_tag_and_the_document_itself_say_what_they_are(client):
    document, *_ = next(operations(client))
    described = {tag["name"]: tag["description"] for tag in document["tags"]}
    used = {tag for *_, operation in operations(client) for tag in operation["tags"]}
    assert used == described.keys()
    assert all(described.values())
    assert "urn:gasket:changed-elsewhere" in document["info"]["description"]
    names = [operation["operationId"] for *_, operation in operations(client)]
    assert len(names) == len(set(names))


@pytest.mark.parametrize("path", ["/docs", "/redoc", "/openapi.json"])
def test_where_a_document_is_looked_for_it_is_said_where_it_is(client, path):
    answer = client.get(path)
    assert answer.status_code == 404
    assert "/api/openapi.json" in answer.json()["detail"]


def test_the_kitchen_says_which_it_is_and_where(client, demo_house):
    about = client.get("/api/about").json()
    assert about["kitchen"] == str(demo_house.database.path)
    assert about["log"].endswith(".log")
    assert about["version"] == client.get("/api/health").json()["version"]


def test_what_went_wrong_has_a_code_that_stays(client):
    dish = client.get("/api/dishes/1").json()
    edit = {"version": dish["version"] + 5, "name": "Slice"}
    for answer, code in (
        (client.get("/api/dishes/99999"), "unknown"),
        (client.post("/api/dishes", json={"name": 3}), "faulty"),
        (client.put("/api/dishes/1/original", json=edit), "changed-elsewhere"),
        (client.post("/api/batches/2/keep-as", json={"name": "Base"}), "refused"),
    ):
        assert answer.json()["type"] == f"urn:gasket:{code}"
        assert answer.headers["content-type"] == "application/problem+json"
