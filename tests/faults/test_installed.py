"""Gasket as a wheel: built, put into an empty environment, served without Node."""

import json
import re
import subprocess
import sys
import urllib.request
from functools import cache
from pathlib import Path

import pytest

ROOT = Path(__file__).parents[2]
OWN = "its own"
PYTHONS = (OWN, "3.12", "3.13", "3.14")
CONSTRAINTS = ROOT / "requirements" / "run.txt"


def uv(*arguments, cwd=ROOT):
    command = [sys.executable, "-m", "uv", *map(str, arguments)]
    done = subprocess.run(command, cwd=cwd, capture_output=True, text=True, check=False)
    assert done.returncode == 0, done.stderr
    return done


@cache
def found(version):
    """A Python of this version that is on this machine: none is fetched."""
    if version == OWN:
        return sys.executable
    command = [sys.executable, "-m", "uv", "python", "find", "--no-python-downloads", version]
    done = subprocess.run(command, cwd="/", capture_output=True, text=True, check=False)
    return done.stdout.strip() if done.returncode == 0 else None


@pytest.fixture(scope="module")
def put_in(tmp_path_factory):
    """The commands of an environment of a Python that has the wheel and what it asks for, nothing
    else; wheel and environments are made once, where they are wanted."""

    @cache
    def wheel():
        folder = tmp_path_factory.mktemp("wheel")
        uv("build", "--wheel", "--no-build-isolation", "-o", folder, ROOT)
        (built,) = folder.glob("*.whl")
        return built

    @cache
    def commands(python):
        environment = tmp_path_factory.mktemp("installed") / "venv"
        uv("venv", "--python", python, environment)
        inside = environment / "bin" / "python"
        uv("pip", "install", "--python", inside, "--constraint", CONSTRAINTS, wheel())
        return inside.parent

    return commands


def alone(installed, folder, **more):
    """An environment without Node, and with nothing of this repository in it."""
    home = {"HOME": str(folder), "XDG_DATA_HOME": str(folder / "data")}
    return {"PATH": f"{installed}:/bin", "LANG": "C.UTF-8", **home, **more}


@pytest.mark.parametrize("version", PYTHONS)
def test_a_wheel_serves_its_pages_without_node(put_in, version, tmp_path):
    python = found(version)
    if python is None:
        pytest.skip(f"There is no Python {version} on this machine.")
    installed = put_in(python)
    own = tmp_path / "own.sqlite3"
    command = [installed / "gasket", "demo", "--port", "0", "--db", own, "--log-level", "info"]
    with subprocess.Popen(
        command, cwd=tmp_path, env=alone(installed, tmp_path), stdout=subprocess.PIPE, text=True
    ) as server:
        try:
            assert server.stdout is not None
            address = re.search(r"http://\S+", server.stdout.readline())[0]
            with urllib.request.urlopen(address) as answer:
                page = answer.read().decode()
            script = re.search(r"/assets/[^\"]+\.js", page)[0]
            with urllib.request.urlopen(address + script) as answer:
                assert answer.status == 200
            with urllib.request.urlopen(f"{address}/gasket.webmanifest") as answer:
                icons = [icon["src"] for icon in json.load(answer)["icons"]]
            for icon in (*icons, "/favicon.ico"):
                with urllib.request.urlopen(address + icon) as answer:
                    assert answer.headers["content-type"].startswith("image/"), icon
            with urllib.request.urlopen(f"{address}/api/health") as answer:
                health = json.load(answer)
            with urllib.request.urlopen(f"{address}/api/kitchen") as answer:
                assert len(json.load(answer)["dishes"]) == 5
        finally:
            server.terminate()
            server.wait(30)
    assert health["status"] == "ok"
    assert "Application startup complete" in own.with_name("own.log").read_text()
    said = subprocess.run(
        [installed / "gasket", "--version"], capture_output=True, text=True, check=True
    )
    assert said.stdout.strip() == f"gasket {health['version']}"


def test_the_doctor_says_what_is_wrong_and_what_to_do(put_in, tmp_path):
    installed = put_in(sys.executable)

    def doctor(**more):
        env = alone(installed, tmp_path, **more)
        command = [installed / "gasket", "doctor"]
        done = subprocess.run(
            command, cwd=tmp_path, env=env, capture_output=True, text=True, check=False
        )
        return done.returncode, done.stdout

    code, says = doctor()
    assert code == 0, says
    assert "kitchen.sqlite3 is not there yet" in says
    assert not any(tmp_path.iterdir())
    broken = tmp_path / "broken.sqlite3"
    broken.write_text("no kitchen")
    code, says = doctor(GASKET_DB=str(broken), GASKET_PORT="1")
    assert (code, "BAD   Kitchen" in says) == (1, True)
    assert "gasket restore" in says
    assert list(tmp_path.iterdir()) == [broken]
