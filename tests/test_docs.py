"""The documentation is true: commands, formats, settings, pictures."""

import json
import re
from pathlib import Path
from typing import get_args

import pytest
from typer.main import get_command

from gasket import logs
from gasket.api.publish import main as publish
from gasket.cli import app
from gasket.core.label.energy_check import LAWFUL
from gasket.core.label.label import Label
from gasket.core.reckoning.arms import STICKS_AT_MOST
from gasket.core.reckoning.batch import MOST_ARMS, MOST_PIECES, Arm, Batch, Line
from gasket.core.reckoning.findings import CHECKS
from gasket.core.reckoning.reckon import Result, reckon
from gasket.core.reckoning.says_who import says_who
from gasket.core.trade.nutrients.figure_types import FIGURES
from gasket.core.trade.nutrients.table import TABLE
from gasket.core.trade.sources import SOURCES
from gasket.formats.batch_json import MOST_BYTES, parse_batch
from gasket.formats.shelf_csv import COLUMNS
from gasket.kitchen.weigh.live import Aim, LiveLink, LiveReading, LiveSheet, LiveStale, LiveTrouble
from gasket.kitchen.weigh.sheet_change import SheetChange
from gasket.kitchen.weigh.weigh import MOST_BATCH_LINES
from gasket.scale.driver import RETRY_S, SILENCE_S
from gasket.scale.line_format import parse_line
from gasket.scale.simulator import _ACTS
from tests.batches import batch, codes, result

ROOT = Path(__file__).parents[1]
README = (ROOT / "README.md").read_text(encoding="utf-8")
BATCH = (ROOT / "docs/formats/batch.md").read_text(encoding="utf-8")
SHELF = (ROOT / "docs/formats/shelf.md").read_text(encoding="utf-8")
LINE = (ROOT / "docs/formats/scale-line.md").read_text(encoding="utf-8")
RUN = (ROOT / "run").read_text(encoding="utf-8")


def test_every_command_is_in_the_readme():
    for name in get_command(app).commands:
        assert f"gasket {name}" in README or f"./run {name}" in README, name
    for name in re.findall(r"^  (\w+)\)", RUN, flags=re.MULTILINE):
        assert f"./run {name}" in README, name


def test_every_link_and_picture_of_the_readme_is_there():
    linked = re.findall(r"\]\(([^)]+)\)", README)
    assert len(linked) > 10
    for target in linked:
        assert (ROOT / target).exists(), target
    shown = {Path(target).name for target in linked if target.endswith(".png")}
    kept = {path.name for path in (ROOT / "docs/screenshots").glob("*.png")}
    assert kept == shown
    assert len(kept) < 20


def test_the_example_of_the_batch_format_reckons():
    example = re.search(r"```json\n(.*?)```", BATCH, flags=re.DOTALL)
    assert example
    found = reckon(parse_batch(example[1]))
    assert found.serving.kcal.value == pytest.approx(
        (250 * 0.67 + 40 * 15 / 60 * 120 / 14) / 4 + 10.05
    )


@pytest.mark.parametrize(
    "name", [*Batch.model_fields, "division_g", "estimate", "made_g", "removed"]
)
def test_every_key_of_a_batch_is_documented(name):
    assert f'"{name}"' in BATCH or f"`{name}`" in BATCH


@pytest.mark.parametrize("name", [*Label.model_fields, *Line.model_fields])
def test_every_key_of_a_label_and_a_line_is_documented_or_a_figure(name):
    assert f'"{name}"' in BATCH or f"`{name}`" in BATCH or name in FIGURES or name == "polyol"


@pytest.mark.parametrize("name", COLUMNS)
def test_every_column_of_a_shelf_file_is_documented(name):
    assert f"`{name}`" in SHELF


@pytest.mark.parametrize("name", Arm.model_fields)
def test_every_key_of_an_arm_is_documented(name):
    assert f'"{name}"' in BATCH or f"`{name}`" in BATCH


def test_the_limits_that_the_papers_name_are_those_that_hold():
    for limit in (f"{MOST_BYTES // 1_000_000} MB", f"{MOST_PIECES:,} pieces", f"{MOST_ARMS} arms"):
        assert limit in BATCH
    assert f"{MOST_BATCH_LINES:,} lines" in BATCH
    assert f"{STICKS_AT_MOST:.0%}".replace("%", " %") in BATCH
    assert f"{logs.KEPT + 1} of {logs.MOST_BYTES // 1_000_000} MB".replace("4", "four") in README
    assert SILENCE_S == 2
    assert "nothing for two seconds" in LINE
    assert RETRY_S == 0.5
    assert "every half a second" in LINE.replace("\n", " ")


def test_what_can_be_set_from_outside_is_in_the_readme():
    commands = get_command(app).commands.values()
    named = {option.envvar for command in commands for option in command.params if option.envvar}
    assert named == {"GASKET_DB", "GASKET_PORT", "GASKET_LOG_LEVEL"}
    for name in named:
        assert f"`{name}`" in README


def test_the_live_channels_paper_names_what_is_said_there():
    paper = (ROOT / "docs/formats/live.md").read_text(encoding="utf-8")
    for message in (LiveSheet, SheetChange, LiveLink, LiveReading, LiveStale, LiveTrouble):
        kind = message.model_fields["type"].default
        assert re.search(rf"^\| `{kind}` \| `{message.__name__}` \|", paper, re.MULTILINE)
    aims = get_args(Aim.model_fields["aim"].annotation)
    assert all(f"`{aim}`" in paper or f'"{aim}"' in paper for aim in aims)


@pytest.mark.parametrize(
    "paper", ["README.md", "CONTRIBUTING.md", "CHANGELOG.md", "docs/running.md"]
)
def test_what_the_papers_name_in_the_repository_is_there(paper):
    text = (ROOT / paper).read_text(encoding="utf-8")
    named = re.findall(r"`((?:gasket|web/src|tests|docs)/[\w./-]+)`", text)
    linked = [(ROOT / paper).parent / target for target in re.findall(r"\]\(([^)#]+)\)", text)]
    for path in [*(ROOT / name for name in named), *linked]:
        assert path.exists(), path


@pytest.mark.parametrize("name", Result.model_fields)
def test_every_key_of_the_answer_is_documented(name):
    assert f"`{name}`" in BATCH


def test_the_published_documents_are_current():
    assert publish(check=True) == 0


def test_every_label_figure_has_a_rounding_rule_or_is_known_to_have_none():
    without = {"alcohol_g", "organic_acids_g"}
    for row in TABLE:
        for printed in filter(None, (row.us, row.eu)):
            assert bool(printed.ladder) != (row.key in without), (printed.name, row.key)
    assert set(LAWFUL) == {"us", "eu", "table"}


def test_every_cited_source_exists_and_says_something():
    cited = {key for keys in says_who(Batch.model_validate(batch())).values() for key in keys}
    assert cited <= set(SOURCES)
    assert all(source.title and source.says for source in SOURCES.values())


def test_every_check_has_a_name_of_its_own_and_runs():
    assert len({check.__name__ for check in CHECKS}) == len(CHECKS)
    assert "table_values" in codes(result())


def test_the_scale_line_and_its_commands_are_as_documented():
    example = re.search(r"```\n(.*?)\n```", LINE)
    assert example
    assert parse_line(example[1]).grams == 412
    for act in _ACTS:
        assert f"`{act}" in LINE


def test_the_project_names_no_download_address():
    locks = [ROOT / "requirements/run.txt", ROOT / "requirements/dev.txt"]
    for lock in locks:
        text = lock.read_text(encoding="utf-8")
        assert "--hash=" in text
        assert "://" not in text
    package_lock = json.loads((ROOT / "web/package-lock.json").read_text(encoding="utf-8"))
    assert not [name for name, package in package_lock["packages"].items() if "resolved" in package]
