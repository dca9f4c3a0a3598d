"""`./run mutants [--count N] [--seed N] [--in PATH …]`: faults planted in the core, and whether the
tests find them.

Each mutant changes one place of one module (`tests/mutations.py` says how). It runs in a copy of
the repository, against the tests of behaviour that reach the changed line. What survives is listed,
with whether at least an approved answer or a published document tells; some of it changes nothing
that could be told (an equal comparison of floats, a cache).
"""

import ast
import json
import os
import random
import shutil
import subprocess
import sys
import tempfile
from argparse import ArgumentParser
from collections import Counter
from collections.abc import Iterable
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass
from multiprocessing import get_context
from pathlib import Path
from queue import SimpleQueue
from typing import Final

# Read once, before the processes part, so that no mutant waits for them.
import hypothesis  # noqa: F401
import pydantic  # noqa: F401
import pytest
from ortools.sat.python import cp_model  # noqa: F401

from tests.mutations import changes_of

ROOT: Final = Path(__file__).resolve().parents[1]
TESTS: Final = ("tests/core", "tests/reference", "tests/formats")
MOST_TESTS: Final = 300
APPROVED: Final = "tests/core/test_approved.py"
"""Answers that were looked at: they say that something changed, not what is right. Not counted."""
PUBLISHED: Final = "tests/test_docs.py::test_the_published_documents_are_current"
"""What the interface promises of bounds and defaults. Not counted."""
PATIENCE_S: Final = 600
LEAST_FOUND: Final = 0.85
_FOLDERS: Final = ("gasket", "tests", "docs", "requirements", "web")
_LEFT_OUT: Final = shutil.ignore_patterns("__pycache__", "node_modules", "dist")


@dataclass(frozen=True)
class Mutant:
    """One change: the line it is on, and the module's text with it."""

    path: str
    line: int
    says: str
    text: str


def places_of(path: Path) -> list[tuple[int, int]]:
    """Nodes of a module, in the order of a walk through it, with the faults that each can have.
    Type annotations and what stands in `__all__` change nothing that runs."""
    return [
        (i, fault)
        for i, node in enumerate(_walked(path)[1])
        for fault in range(len(changes_of(node)))
    ]


def mutant_at(path: Path, place: tuple[int, int], within: Path) -> Mutant:
    tree, nodes = _walked(path)
    node = nodes[place[0]]
    before = ast.unparse(node)
    changes_of(node)[place[1]]()
    says = f"{before[:60]} → {ast.unparse(node)[:60]}".replace("\n", " ")
    text = ast.unparse(ast.fix_missing_locations(tree))
    name = path.relative_to(within).as_posix()
    return Mutant(name, getattr(node, "lineno", 0), says, text)


def _walked(path: Path) -> tuple[ast.Module, list[ast.AST]]:
    tree = ast.parse(path.read_text(encoding="utf-8"))
    silent = {
        inner for node in ast.walk(tree) for part in _silent_parts(node) for inner in ast.walk(part)
    }
    return tree, [node for node in ast.walk(tree) if node not in silent]


def _silent_parts(node: ast.AST) -> list[ast.AST]:
    match node:
        case ast.arg(annotation=ast.AST() as part) | ast.AnnAssign(annotation=part):
            return [part]
        case ast.FunctionDef(returns=ast.AST() as part):
            return [part]
        case ast.Assign(targets=[ast.Name(id="__all__")], value=part):
            return [part]
        case ast.Assign(value=ast.Subscript(value=ast.Name(id="Literal")) as part):
            return [part]
    return []


class Reach:
    """Which tests reach which line of which module."""

    def __init__(self, covered: dict[str, dict[int, set[str]]]) -> None:
        self._covered = covered
        self._width = Counter(
            test for lines in covered.values() for tests in lines.values() for test in tests
        )

    def of(self, path: str, line: int) -> list[str]:
        """Those that reach the fewest lines first: they say most of each. What is worked out when
        the module is read, such as a constant or a list of words, is for all its tests, and where
        none is known for all there are."""
        lines = self._covered.get(path, {})
        starts = [start for start in lines if start <= line]
        tests = lines[max(starts)] if starts else set()
        if tests:
            return self._narrowest(tests)[:MOST_TESTS]
        own = self._narrowest(set().union(*lines.values()))
        others = [test for test in self._narrowest(self._width) if test not in own]
        return [*own[:MOST_TESTS], *others[:MOST_TESTS]]

    def _narrowest(self, tests: Iterable[str]) -> list[str]:
        own = (test for test in tests if not test.startswith(APPROVED))
        return sorted(own, key=lambda test: (self._width[test], test))


def measured_reach(copy: Path) -> Reach:
    command = [sys.executable, "-m", "pytest", *TESTS, "-q", "-p", "no:randomly"]
    covered = ["--cov=gasket.core", "--cov-context=test", "--cov-report=json:covered.json"]
    _run([*command, *covered], copy, 3000)
    config = "[run]\n[json]\nshow_contexts = true\n"
    (copy / ".coveragerc").write_text(config)
    report = [sys.executable, "-m", "coverage", "json", "--show-contexts", "-o", "covered.json"]
    _run(report, copy, 600)
    files = json.loads((copy / "covered.json").read_text())["files"]
    return Reach(
        {
            name: {
                int(line): {test.split("[")[0].split("|")[0] for test in tests if test}
                for line, tests in file["contexts"].items()
            }
            for name, file in files.items()
        }
    )


def _run(command: list[str], copy: Path, patience_s: float) -> int:
    env = {**os.environ, "PYTHONPATH": str(copy), "PYTHONDONTWRITEBYTECODE": "1"}
    done = subprocess.run(
        command, cwd=copy, env=env, capture_output=True, timeout=patience_s, check=False
    )
    return done.returncode


def survives(mutant: Mutant, tests: list[str], copy: Path) -> bool:
    """Whether no test tells the mutant from the original; one that hangs is told."""
    file = copy / mutant.path
    original = file.read_text(encoding="utf-8")
    file.write_text(mutant.text, encoding="utf-8")
    try:
        ended = _tested(tests, copy)
    finally:
        file.write_text(original, encoding="utf-8")
    if ended == pytest.ExitCode.USAGE_ERROR and _tested(tests, copy) == ended:
        raise AssertionError(f"pytest cannot run the tests of {mutant.path}:{mutant.line}")
    return ended == pytest.ExitCode.OK


def _tested(tests: list[str], copy: Path, patience_s: float = PATIENCE_S) -> int | None:
    """How pytest ended; None where it did not in time."""
    runner = get_context("fork").Process(target=_run_tests, args=(tests, copy))
    runner.start()
    runner.join(patience_s)
    if runner.is_alive():
        runner.kill()
        return None
    return runner.exitcode


def _run_tests(tests: list[str], copy: Path) -> None:
    """In a process of its own, with the copy's modules in place of the repository's."""
    os.chdir(copy)
    sys.path.insert(0, str(copy))
    sys.dont_write_bytecode = True
    for name in [name for name in sys.modules if name.split(".")[0] in ("gasket", "tests")]:
        del sys.modules[name]
    silence = os.open(os.devnull, os.O_WRONLY)
    os.dup2(silence, 1)
    os.dup2(silence, 2)
    os._exit(pytest.main(["-x", "-p", "no:cacheprovider", "--assert=plain", *tests]))


def _modules(place: Path) -> list[Path]:
    return sorted(place.rglob("*.py")) if place.is_dir() else [place]


def _copied(to: Path) -> Path:
    for name in (*_FOLDERS, "pyproject.toml", "README.md", "run"):
        source = ROOT / name
        if source.is_dir():
            shutil.copytree(source, to / name, ignore=_LEFT_OUT)
        else:
            shutil.copy(source, to / name)
    (to / "web/node_modules").symlink_to(ROOT / "web/node_modules")
    return to


def main() -> int:
    """Plant, run, and list what survives. The exit code is 1 below the least share."""
    options = ArgumentParser(description=__doc__)
    options.add_argument("--count", type=int, default=200)
    options.add_argument("--seed", type=int, default=1)
    options.add_argument("--in", dest="places", nargs="*", default=["gasket/core"])
    asked = options.parse_args()
    with tempfile.TemporaryDirectory() as folder:
        copies: SimpleQueue[Path] = SimpleQueue()
        for i in range(os.cpu_count() or 1):
            copies.put(_copied(Path(folder) / str(i)))
        first = Path(folder) / "0"
        if _tested([*TESTS, PUBLISHED], first, 2 * PATIENCE_S) != pytest.ExitCode.OK:
            sys.stdout.write("The tests fail without a mutant: mend them first.\n")
            return 1
        reach = measured_reach(first)
        modules = [file for at in asked.places for file in _modules(first / at)]
        found = [(module, place) for module in modules for place in places_of(module)]
        drawn = random.Random(asked.seed).sample(found, min(asked.count, len(found)))
        chosen = [mutant_at(module, place, first) for module, place in drawn]

        def judge(mutant: Mutant) -> tuple[Mutant, str]:
            tests = reach.of(mutant.path, mutant.line)
            copy = copies.get()
            try:
                if not survives(mutant, tests, copy):
                    return mutant, ""
                remembered = not survives(mutant, [APPROVED, PUBLISHED], copy)
                return mutant, "only remembered" if remembered else "survives"
            finally:
                copies.put(copy)

        left = 0
        with ThreadPoolExecutor(os.cpu_count() or 1) as pool:
            for mutant, how in pool.map(judge, chosen):
                if how:
                    left += 1
                    sys.stdout.write(f"{mutant.path}:{mutant.line}: {how}: {mutant.says}\n")
                    sys.stdout.flush()
    killed = len(chosen) - left
    sys.stdout.write(
        f"{killed} of {len(chosen)} mutants found by tests of behaviour ({len(found)} possible)\n"
    )
    return 0 if killed >= LEAST_FOUND * len(chosen) else 1


if __name__ == "__main__":
    sys.exit(main())
