"""Set-up on a machine that has Python and little else."""

import os
import shutil
import subprocess
import sys
from pathlib import Path

HERE = Path(__file__).parents[2]
TOOLS = (
    *("bash", "sh", "env", "dirname", "cat", "sha256sum", "find", "mkdir", "rm", "ln", "chmod"),
    *("uname", "sed"),
)


def bare(folder):
    """A folder of the few commands that every machine has, and Python."""
    folder.mkdir()
    for tool in TOOLS:
        (folder / tool).symlink_to(shutil.which(tool))
    (folder / "python3").symlink_to(sys.executable)
    return folder


def copy_of_the_sources(folder):
    left_out = shutil.ignore_patterns("node_modules", "dist")
    shutil.copytree(HERE / "web", folder / "web", ignore=left_out)
    shutil.copytree(HERE / "requirements", folder / "requirements")
    shutil.copy2(HERE / "run", folder)
    return folder


def build(home, path):
    return subprocess.run(
        ["./run", "pages"],
        cwd=home,
        env={**os.environ, "PATH": str(path)},
        capture_output=True,
        text=True,
        timeout=300,
        check=False,
    )


def test_the_pages_are_built_where_there_is_no_node(tmp_path):
    home, path = copy_of_the_sources(tmp_path / "house"), bare(tmp_path / "bin")
    assert shutil.which("node", path=path) is None
    first = build(home, path)
    assert first.returncode == 0, first.stderr
    assert "taking one from PyPI" in first.stderr
    assert "<script" in (home / "web/dist/index.html").read_text(encoding="utf-8")
    again = build(home, path)
    assert (again.returncode, again.stderr) == (0, ""), "there is nothing left to do"


def test_a_machine_without_python_is_told_so(tmp_path):
    home, path = copy_of_the_sources(tmp_path / "house"), bare(tmp_path / "bin")
    (path / "python3").unlink()
    told = build(home, path)
    assert told.returncode == 1
    assert told.stderr.splitlines()[-1] == "Python 3.11 or newer is needed."
    assert not (home / ".venv").exists()
