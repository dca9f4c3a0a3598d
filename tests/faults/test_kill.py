"""The server killed in the middle of a weigh-in: what was acknowledged is there, and once."""

import subprocess
import sys
import uuid

import httpx
import pytest

from tests.server import Server

KILLS = 3


def test_no_acknowledged_capture_is_lost_or_doubled_when_the_server_dies(tmp_path):
    database = tmp_path / "kitchen.sqlite3"
    acknowledged: dict[int, float] = {}
    unsure: dict[str, object] | None = None
    batch_id = None
    for kill in range(KILLS):
        with Server(database) as server, httpx.Client(base_url=server.url) as api:
            if batch_id is None:
                batch_id = api.post("/api/trials/1/batches").json()["id"]
            url = f"/api/batches/{batch_id}/weighings"
            if unsure is not None:
                assert api.post(url, json=unsure).status_code == 200
                acknowledged[unsure["line"]] = unsure["net_g"]
            sheet = api.get(f"/api/batches/{batch_id}").json()
            for line in [one for one in sheet["lines"] if one["status"] == "open"][:4]:
                unsure = {
                    "id": str(uuid.uuid4()),
                    "kind": "line",
                    "line": line["id"],
                    "net_g": line["target_g"] + kill,
                    "origin": "hand",
                }
                assert api.post(url, json=unsure).status_code == 200
                acknowledged[line["id"]] = line["target_g"] + kill
            server.process.kill()
            server.process.wait()
    with Server(database) as server:
        sheet = httpx.get(f"{server.url}/api/batches/{batch_id}").json()
        stored = {line["id"]: line["net_g"] for line in sheet["lines"] if line["net_g"] is not None}
        assert stored == acknowledged
        assert len(stored) == 4 * KILLS


def test_a_taken_port_is_a_sentence(tmp_path):
    with Server(tmp_path / "kitchen.sqlite3") as server:
        port = server.url.rpartition(":")[2]
        second = subprocess.run(
            [sys.executable, "-m", "gasket.cli", "demo", "--port", port, "--db", tmp_path / "b"],
            capture_output=True,
            text=True,
            check=False,
        )
    assert second.returncode == 2
    assert f"Port {port} is taken" in second.stderr


@pytest.mark.parametrize("word", ["demo", "serve"])
def test_a_cooks_kitchen_and_the_demo_have_databases_of_their_own(word):
    from gasket.store import database

    paths = {"demo": database.demo_path(), "serve": database.default_path()}
    assert paths[word].name == {"demo": "demo.sqlite3", "serve": "kitchen.sqlite3"}[word]
