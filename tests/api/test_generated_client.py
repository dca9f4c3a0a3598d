"""A client that somebody else's tool makes of the OpenAPI document alone does the main job."""

import os
import re
import subprocess
import sys
from pathlib import Path

from tests.faults.rush import served

ROOT = Path(__file__).parents[2]
TOOL = "openapi-python-client==0.29.1"
BINARY = {"photos", "imports"}
"""Pictures and CSV are bodies that this tool cannot send."""


def test_a_generated_client_goes_from_a_dish_to_its_card(demo_house, tmp_path):
    document = ROOT / "docs" / "formats" / "openapi.json"
    tool = [sys.executable, "-m", "uv", "tool", "run", "--python", sys.executable, TOOL]
    more = ["generate", "--path", document, "--output-path", tmp_path / "client", "--meta", "none"]
    made = subprocess.run([*tool, *more], capture_output=True, text=True, check=False)
    assert (tmp_path / "client" / "models").is_dir(), made.stdout + made.stderr
    missing = re.findall(r"WARNING parsing \w+ (\S+) .*not be generated", made.stdout)
    assert {path.rsplit("/", 1)[-1] for path in missing} <= BINARY, made.stdout
    assert "Unable to process schema" not in made.stdout
    env = {**os.environ, "PYTHONPATH": str(tmp_path)}
    with served(demo_house) as url:
        script = [sys.executable, Path(__file__).with_name("generated_path.py"), url]
        done = subprocess.run(script, env=env, capture_output=True, text=True, check=False)
    assert done.returncode == 0, done.stderr
