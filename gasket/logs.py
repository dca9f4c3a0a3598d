"""What a running Gasket says: warnings on the terminal, and more in a file that is kept short."""

import logging
from logging.handlers import RotatingFileHandler
from pathlib import Path
from typing import Final, Literal

Level = Literal["debug", "info", "warning", "error"]
MOST_BYTES: Final = 1_000_000
KEPT: Final = 3
_LINE: Final = "%(asctime)s %(levelname)s %(name)s: %(message)s"


def begin(path: Path, level: Level) -> None:
    """Log to the terminal and to `path`; where that cannot be written, to the terminal alone."""
    terminal = logging.StreamHandler()
    terminal.setLevel(logging.WARNING)
    terminal.setFormatter(logging.Formatter("%(levelname)s: %(message)s"))
    handlers: list[logging.Handler] = [terminal]
    try:
        file = RotatingFileHandler(path, maxBytes=MOST_BYTES, backupCount=KEPT, encoding="utf-8")
    except OSError as error:
        logging.getLogger(__name__).warning("No log is kept in %s: %s", path, error.strerror)
    else:
        file.setFormatter(logging.Formatter(_LINE))
        handlers.append(file)
    logging.basicConfig(level=level.upper(), handlers=handlers, force=True)
