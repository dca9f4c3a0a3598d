"""The command line and the kitchen's file: a sentence and exit code 2, and nothing touched."""

import contextlib
import json
import os
import shutil
import signal
import sqlite3
import subprocess
import sys
import zipfile

import httpx
import pytest
from typer.testing import CliRunner

from gasket.cli import app
from gasket.store import backups, places
from gasket.store.opening import open_database
from tests.server import Server

FAULTY = 2
LATEST_S = 30
"""How long an answer may take on a machine that does other things too."""


def gasket(*arguments):
    """Exit code, what was printed, and what was said on stderr."""
    result = CliRunner().invoke(app, [str(argument) for argument in arguments])
    if result.exception is not None and not isinstance(result.exception, SystemExit):
        raise result.exception
    return result.exit_code, result.stdout, result.stderr


@pytest.fixture
def kitchen(first_day, tmp_path):
    path = tmp_path / "kitchen.sqlite3"
    shutil.copy(first_day["demo"], path)
    return path


def damaged(path):
    content = bytearray(path.read_bytes())
    for page in range(3, len(content) // 4096, 2):
        content[page * 4096 : page * 4096 + 64] = b"\xff" * 64
    path.write_bytes(content)


def foreign(path):
    path.unlink()
    with contextlib.closing(sqlite3.connect(path)) as connection:
        connection.execute("CREATE TABLE notes (text)")
        connection.commit()


def newer(path):
    with contextlib.closing(sqlite3.connect(path)) as connection:
        connection.execute("UPDATE alembic_version SET version_num = '9999'")
        connection.commit()
        connection.execute("PRAGMA journal_mode=DELETE")


def folder(path):
    path.unlink()
    path.mkdir()


NO_KITCHEN = {
    "a folder": (folder, "is a folder"),
    "a text": (lambda path: path.write_text("my recipes\n" * 100), "is not a Gasket kitchen"),
    "nothing in it": (lambda path: path.write_bytes(b""), "is empty"),
    "its end missing": (lambda path: os.truncate(path, path.stat().st_size // 2), "is damaged"),
    "pages overwritten": (damaged, "is damaged"),
    "another program's": (foreign, "of another program"),
    "of a newer Gasket": (newer, "a newer Gasket"),
    "missing": (lambda path: path.unlink(), "does not exist"),
    "its folder missing": (lambda path: shutil.rmtree(path.parent), "there is no folder"),
}


def everything(folder):
    """Every file below a folder with what is in it."""
    files = [path for path in folder.rglob("*") if path.is_file()]
    return {str(path): path.read_bytes() for path in files if path.suffix != ".lock"}


@pytest.mark.parametrize("command", ["serve", "export", "backup", "demo"])
@pytest.mark.parametrize("fault", NO_KITCHEN)
def test_what_is_no_kitchen_is_a_sentence_and_left_alone(kitchen, tmp_path, fault, command):
    spoil, says = NO_KITCHEN[fault]
    own = tmp_path / "own" / "kitchen.sqlite3"
    own.parent.mkdir()
    kitchen.rename(own)
    spoil(own)
    if fault == "missing" and command in ("serve", "demo"):
        return  # there it is a new kitchen
    before = everything(tmp_path)
    more = {"export": ["1"], "backup": [tmp_path / "copy.zip"]}.get(command, ["--port", "0"])
    code, out, err = gasket(command, *more, "--db", own)
    assert (code, out) == (FAULTY, "")
    assert says in err
    assert err.count("\n") == 1
    assert everything(tmp_path) == before


def without_rights(*arguments, env=None):
    """Run `gasket` as somebody who may not write everywhere, which root may."""
    command = [sys.executable, "-m", "gasket.cli", *map(str, arguments)]
    if os.geteuid() == 0:
        command = ["setpriv", "--bounding-set=-dac_override,-dac_read_search", *command]
    return subprocess.run(
        command, capture_output=True, text=True, check=False, env={**os.environ, **(env or {})}
    )


@pytest.mark.parametrize("command", ["serve", "export"])
def test_a_file_that_may_not_be_written_is_a_sentence(kitchen, command):
    kitchen.chmod(0o400)
    more = ["1"] if command == "export" else ["--port", "0"]
    done = without_rights(command, *more, "--db", kitchen)
    assert (done.returncode, done.stdout) == (FAULTY, "")
    assert done.stderr == f"{kitchen} cannot be opened: Permission denied.\n"


def test_a_home_that_may_not_be_written_is_a_sentence(tmp_path):
    home = tmp_path / "home"
    home.mkdir(mode=0o500)
    done = without_rights("serve", "--port", "0", env={"HOME": home, "XDG_DATA_HOME": home})
    assert done.returncode == FAULTY
    assert "cannot be made: Permission denied. Name a file with --db." in done.stderr
    assert list(home.iterdir()) == []


def test_a_file_that_another_program_has_locked_is_a_sentence(kitchen):
    with contextlib.closing(sqlite3.connect(kitchen)) as other:
        other.execute("PRAGMA locking_mode=EXCLUSIVE")
        other.execute("BEGIN EXCLUSIVE")
        code, out, err = gasket("export", "1", "--db", kitchen)
    assert (code, out) == (FAULTY, "")
    assert "is busy" in err


def test_a_second_server_on_one_file_is_refused_and_scripts_are_not(kitchen):
    with Server(kitchen) as server:
        code, out, err = gasket("serve", "--port", "0", "--db", kitchen)
        assert (code, out) == (FAULTY, "")
        assert "is being served by another Gasket already" in err
        code, _, err = gasket("demo", "--fresh", "--port", "0", "--db", kitchen)
        assert code == FAULTY
        code, _, _ = gasket("restore", kitchen, "--db", kitchen)
        assert code == FAULTY
        code, out, _ = gasket("export", "1", "--db", kitchen)
        assert (code, json.loads(out)["format"]) == (0, "gasket-batch")
        assert httpx.get(f"{server.url}/api/kitchen", timeout=LATEST_S).status_code == 200


def test_a_server_that_is_told_to_end_ends_in_time_and_well(kitchen):
    with Server(kitchen) as server:
        httpx.get(f"{server.url}/api/kitchen", timeout=LATEST_S).raise_for_status()
        server.process.send_signal(signal.SIGTERM)
        assert server.process.wait(timeout=10) == 0, "longer than any service manager waits"
        assert not kitchen.with_name(f"{kitchen.name}-wal").exists()


# The demo


@pytest.fixture
def served(monkeypatch):
    """What would be served, without serving it."""
    paths = []
    monkeypatch.setattr("gasket.cli._run", lambda path, *_: paths.append(path))
    return paths


def test_fresh_removes_the_demos_own_files_and_no_neighbours(kitchen, served):
    neighbours = ["kitchen.sqlite3.bak", "kitchen.sqlite3-2026-11-01", "kitchen.sqlite3.old"]
    for name in neighbours:
        (kitchen.parent / name).write_text("precious")
    assert gasket("demo", "--fresh", "--port", "0", "--db", kitchen)[0] == 0
    assert not kitchen.exists()
    left = {path.name for path in kitchen.parent.iterdir() if path.suffix != ".lock"}
    assert left == set(neighbours)
    assert served == [kitchen]


@pytest.mark.parametrize("words", [["demo"], ["demo", "--fresh"]])
def test_the_demo_leaves_a_cooks_own_kitchen_alone(first_day, tmp_path, served, words):
    own = tmp_path / "own.sqlite3"
    shutil.copy(first_day["empty"], own)
    before = everything(tmp_path)
    code, _, err = gasket(*words, "--port", "0", "--db", own)
    assert code == FAULTY
    assert "a kitchen of your own, not the demo" in err
    assert everything(tmp_path) == before
    assert served == []


def test_the_demos_own_place_needs_no_mark(first_day, tmp_path, served, monkeypatch):
    """Demo kitchens were there before the mark was."""
    place = tmp_path / "demo.sqlite3"
    shutil.copy(first_day["empty"], place)
    monkeypatch.setattr(places, "user_data_path", lambda _: tmp_path)
    assert gasket("demo", "--fresh", "--port", "0")[0] == 0
    assert not place.exists()
    assert served == [place]


# Backups


def rows(path):
    with contextlib.closing(sqlite3.connect(path)) as connection:
        return list(connection.iterdump())


def test_a_kitchen_is_put_back_as_it_was_and_the_present_one_is_kept(kitchen, tmp_path):
    copy = tmp_path / "copy.zip"
    with Server(kitchen) as server:
        assert gasket("backup", copy, "--db", kitchen)[0] == 0
        before = rows(kitchen)
        httpx.post(
            f"{server.url}/api/dishes", json={"name": "Later"}, timeout=60
        ).raise_for_status()
    later = rows(kitchen)
    with zipfile.ZipFile(copy) as packed:
        manifest = json.loads(packed.read("manifest.json"))
    assert (manifest["format"], manifest["version"]) == ("gasket-backup", 1)
    assert (manifest["rows"]["dish"], manifest["rows"]["batch"]) == (5, 6)
    code, out, _ = gasket("restore", copy, "--db", kitchen)
    assert code == 0
    assert "5 dishes, 6 batches" in out
    assert rows(kitchen) == before
    aside = next(tmp_path.glob("kitchen.sqlite3.before-restore.*"))
    assert rows(aside) == later
    open_database(kitchen).close()


def test_a_backup_overwrites_nothing_and_a_kitchen_can_be_made_of_one(kitchen, tmp_path):
    copy, other = tmp_path / "copy.zip", tmp_path / "other.sqlite3"
    assert gasket("backup", copy, "--db", kitchen)[0] == 0
    before = copy.read_bytes()
    code, _, err = gasket("backup", copy, "--db", kitchen)
    assert code == FAULTY
    assert "is there already" in err
    assert copy.read_bytes() == before
    assert gasket("restore", copy, "--db", other)[0] == 0
    assert rows(other) == rows(kitchen)
    assert {path.suffix for path in tmp_path.iterdir()} <= {".zip", ".sqlite3", ".lock"}


def unzipped(copy, **changed):
    """The backup with parts of it replaced."""
    with zipfile.ZipFile(copy) as packed:
        parts = {name: packed.read(name) for name in packed.namelist()}
    with zipfile.ZipFile(copy, "w") as packed:
        for name, content in {**parts, **changed}.items():
            if content is not None:
                packed.writestr(name, content)


def later_version(copy):
    with zipfile.ZipFile(copy) as packed:
        manifest = json.loads(packed.read("manifest.json"))
    unzipped(copy, **{"manifest.json": json.dumps({**manifest, "version": 2})})


BAD = {
    "no zip": lambda copy: copy.write_bytes(b"PK but not really"),
    "cut short": lambda copy: os.truncate(copy, copy.stat().st_size // 2),
    "no manifest": lambda copy: unzipped(copy, **{"manifest.json": None}),
    "no database": lambda copy: unzipped(copy, **{"kitchen.sqlite3": None}),
    "another database": lambda copy: unzipped(copy, **{"kitchen.sqlite3": b"SQLite format 3"}),
    "of a later version": later_version,
    "missing": lambda copy: copy.unlink(),
}


@pytest.mark.parametrize("fault", BAD)
def test_a_bad_backup_is_a_sentence_and_the_kitchen_stays(kitchen, tmp_path, fault):
    copy = tmp_path / "copy.zip"
    assert gasket("backup", copy, "--db", kitchen)[0] == 0
    BAD[fault](copy)
    before = everything(tmp_path)
    code, out, err = gasket("restore", copy, "--db", kitchen)
    assert (code, out) == (FAULTY, "")
    assert str(copy) in err
    assert err.count("\n") == 1
    assert everything(tmp_path) == before


def test_a_damaged_kitchen_is_kept_aside_as_it_is(kitchen, tmp_path):
    copy = tmp_path / "copy.zip"
    good = rows(kitchen)
    assert gasket("backup", copy, "--db", kitchen)[0] == 0
    damaged(kitchen)
    spoilt = kitchen.read_bytes()
    assert gasket("restore", copy, "--db", kitchen)[0] == 0
    assert rows(kitchen) == good
    assert next(tmp_path.glob("*.before-restore.*")).read_bytes() == spoilt


def test_a_backup_that_dies_half_way_has_no_name(kitchen, tmp_path, monkeypatch):
    def dies(_path):
        os.kill(os.getpid(), signal.SIGKILL)

    monkeypatch.setattr(backups.copies, "to_disk", dies)
    pid = os.fork()
    if pid == 0:
        gasket("backup", tmp_path / "copy.zip", "--db", kitchen)
        os._exit(0)
    _, status = os.waitpid(pid, 0)
    assert os.WTERMSIG(status) == signal.SIGKILL
    assert not (tmp_path / "copy.zip").exists()
    assert rows(kitchen)
