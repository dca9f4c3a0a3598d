"""What others have made that Gasket runs on, under which licence: read from their own papers."""

import json
import re
from collections.abc import Iterable, Iterator, Mapping
from dataclasses import dataclass
from importlib import metadata
from pathlib import Path
from typing import Any, Final

_PINNED: Final = re.compile(r"^([A-Za-z0-9_.-]+)==", re.MULTILINE)
_TOOLS: Final = {"@tailwindcss/vite", "@vitejs/plugin-react", "tailwindcss", "vite"}
"""They build the pages and are no part of them."""
_LONGEST: Final = 60
"""A licence that is longer stands there in full: the classifier names it."""


@dataclass(frozen=True, slots=True)
class Notice:
    """One package with its licence, as it names it."""

    kind: str
    name: str
    version: str
    licence: str


def third_party(root: Path) -> list[Notice]:
    """The packages that are pinned to run with, and those that the pages are built of."""
    return [*_of_python(root / "requirements" / "run.txt"), *_of_pages(root / "web")]


def _of_python(pinned: Path) -> Iterator[Notice]:
    for name in _PINNED.findall(pinned.read_text(encoding="utf-8")):
        about = metadata.metadata(name)
        yield Notice("Python", name, about["Version"], _licence(about))


def _licence(about: metadata.PackageMetadata) -> str:
    for key in ("License-Expression", "License"):
        said = str((about.get_all(key) or [""])[0]).strip()
        if said and "\n" not in said and len(said) <= _LONGEST:
            return said
    classified = [one.split(" :: ")[-1] for one in about.get_all("Classifier") or ()]
    return next((one for one in classified if "License" in one), "see the package")


def _of_pages(web: Path) -> Iterator[Notice]:
    packages = json.loads((web / "package-lock.json").read_text(encoding="utf-8"))["packages"]
    shipped = _reached_from(packages[""]["dependencies"].keys() - _TOOLS, packages)
    for path, package in sorted(packages.items()):
        name = path.removeprefix("node_modules/")
        if name in shipped and not package.get("optional"):
            kind = "font" if name.startswith("@fontsource") else "pages"
            yield Notice(kind, name, package["version"], package.get("license", "see the package"))


def _reached_from(names: Iterable[str], packages: Mapping[str, Any]) -> set[str]:
    """Packages with all that they want, and what those want."""
    reached: set[str] = set()
    waiting = list(names)
    while waiting:
        name = waiting.pop()
        if name not in reached and (package := packages.get(f"node_modules/{name}")):
            reached.add(name)
            waiting += package.get("dependencies", {})
    return reached


def as_markdown(notices: list[Notice]) -> str:
    """The paper of them."""
    rows = [f"| {one.name} | {one.version} | {one.kind} | {one.licence} |" for one in notices]
    return "\n".join(
        (
            "# Third-party notices",
            "",
            "What Gasket runs on, as each package names its own licence; the texts are in them.",
            "Written by `./run types`.",
            "",
            "| package | version | for | licence |",
            "|---|---|---|---|",
            *rows,
            "",
        )
    )


def as_json(notices: list[Notice]) -> str:
    """The same for the page that shows them."""
    rows = [[one.name, one.version, one.kind, one.licence] for one in notices]
    return json.dumps(rows, indent=1) + "\n"
