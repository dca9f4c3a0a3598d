"""Kitchens of older revisions, as they were dumped then: a row in every table."""

import contextlib
import gzip
import sqlite3
from pathlib import Path

DUMPS = Path(__file__).with_name("older")


def older_kitchen(name, path):
    with contextlib.closing(sqlite3.connect(path)) as connection:
        connection.executescript(gzip.decompress((DUMPS / f"{name}.sql.gz").read_bytes()).decode())
    return path
