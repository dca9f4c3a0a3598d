"""A real scale is a setting away."""

import time

from fastapi.testclient import TestClient

from gasket.scale.process import SimulatorProcess
from tests.server import app_of


def test_another_scale_is_connected_as_soon_as_it_is_set(house):
    stand_in = SimulatorProcess()
    stand_in.ensure()
    try:
        with TestClient(app_of(house), base_url="http://127.0.0.1") as client:
            settings = client.get("/api/settings").json()
            scales = [{"name": "counter", "place": stand_in.url}]
            client.put("/api/settings", json={**settings, "scales": scales}).raise_for_status()
            deadline = time.monotonic() + 10
            while not (state := client.get("/api/scale").json())["connected"]:
                assert time.monotonic() < deadline, "the scale never answered"
            assert (state["connected"], state["simulated"]) == (True, False)
            again = {**client.get("/api/settings").json(), "scales": settings["scales"]}
            client.put("/api/settings", json=again).raise_for_status()
            assert client.get("/api/settings").json()["scales"][0]["place"] == "simulated"
    finally:
        stand_in.stop()
