"""Every operation's example is what its schema says, and is taken by the demo's kitchen."""

import jsonschema
import pytest
from fastapi.testclient import TestClient

from gasket.api.examples import examples
from gasket.kitchen.house import simulated_scales
from gasket.scale.process import SimulatorProcess
from tests.server import app_of
from tests.waiting import until

IN_THE_MIDDLE = {"record", "divide", "set_hands_free", "set_nudge", "add_line", "arrange"}
IN_THE_MIDDLE |= {"choices", "measured", "rehearse", "log_deed"}
NOT_DIVIDED = "divide_into_arms"
NO_EXAMPLE = {"add_photo"}
"""A picture is no text."""


@pytest.fixture
def kitchen(demo_house):
    """The demo's, with what some paths speak of, by what it is called there."""
    demo_house.simulators = simulated_scales(SimulatorProcess)
    with TestClient(app_of(demo_house), base_url="http://127.0.0.1") as client:
        pair = {"kind": "triangle", "name_a": "A", "name_b": "B", "seats": 4}
        sent = {"content": examples()["start_import"], "headers": {"content-type": "text/csv"}}
        key = client.post("/api/shelf/imports", **sent).json()["id"]
        until(
            lambda: client.get(f"/api/shelf/imports/{key}").json(),
            lambda state: state["stage"] != "reading",
        )
        yield (
            client,
            {
                "{swap}": client.get("/api/swaps").json()[-1]["key"],
                "{tasting_id}": client.get("/api/trials/1/tastings").json()[0]["id"],
                "{test_id}": client.post("/api/dishes/1/blind-tests", json=pair).json()["id"],
                "{key}": key,
                "{line_id}": 15,
                NOT_DIVIDED: client.post("/api/batches", json=examples()["take_in"]).json()["id"],
            },
        )


def of_the_demo(client, called, name):
    """What of an example can only be read where it is sent."""
    if name == "answer_blind":
        seats = client.get(f"/api/blind-tests/{called['{test_id}']}").json()["seats"]
        return {"code": seats[0]["codes"][0]}
    if name == "take_proposal":
        return {"key": client.get("/api/trials/1/next").json()["proposals"][0]["key"]}
    if name == "arrange":
        (line,) = examples()[name]["lines"]
        batch = client.get("/api/batches/2").json()
        others = [{"id": of["id"], "bowl": of["bowl"]} for of in batch["lines"]]
        return {"lines": [line, *(other for other in others if other["id"] != line["id"])]}
    return {}


def with_bodies(client):
    document = client.get("/api/openapi.json").json()
    for path, methods in document["paths"].items():
        for method, operation in methods.items():
            if "requestBody" in operation:
                yield method, path, operation["operationId"], operation["requestBody"]["content"]


def filled(path, name, called):
    """A path with the numbers of the demo in it."""
    for key, value in called.items():
        path = path.replace(key, str(value))
    batch = 2 if name in IN_THE_MIDDLE else called[name] if name == NOT_DIVIDED else 1
    path = path.replace("{batch_id}", str(batch))
    return "/".join("1" if part.startswith("{") else part for part in path.split("/"))


def test_every_body_has_an_example_that_is_taken(kitchen):
    client, called = kitchen
    document = client.get("/api/openapi.json").json()
    refused, seen = [], set()
    for method, path, name, content in with_bodies(client):
        if name in NO_EXAMPLE:
            continue
        seen.add(name)
        (kind, body), *_ = content.items()
        example = body["example"]
        if kind != "application/json":
            continue
        jsonschema.validate(example, {**body["schema"], "components": document["components"]})
        example = example | of_the_demo(client, called, name)
        answer = client.request(method, filled(path, name, called), json=example)
        problem = answer.json() if answer.is_error else {}
        if problem.get("type") == "urn:gasket:changed-elsewhere":
            again = {**example, "version": problem["current"]["version"]}
            answer = client.request(method, filled(path, name, called), json=again)
        if answer.is_error:
            refused.append((name, answer.text))
    assert not refused, "\n".join(map(str, refused))
    assert seen == examples().keys()
