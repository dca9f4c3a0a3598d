"""Puts the built pages into the wheel, so that what is installed needs no Node.

An editable install (what `./run` makes) serves `web/dist` as it is and needs no pages to be built.
"""

import subprocess
import sys
from pathlib import Path
from typing import Any

from hatchling.builders.hooks.plugin.interface import BuildHookInterface


class Pages(BuildHookInterface):
    """Finds the pages under web/dist, or has `./run pages` build them."""

    PLUGIN_NAME = "custom"

    def initialize(self, version: str, build_data: dict[str, Any]) -> None:
        if version == "editable":
            return
        root = Path(self.root)
        pages = root / "web" / "dist"
        if not (pages / "index.html").is_file():
            self.app.display_info("Building the pages…")
            subprocess.run([root / "run", "pages"], cwd=root, check=True, stdout=sys.stderr)
        build_data["force_include"][str(pages)] = "gasket/pages"
