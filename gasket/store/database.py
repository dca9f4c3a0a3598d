"""The database file: engine, pragmas, migrations, sessions."""

from pathlib import Path
from typing import Any

from alembic import command
from alembic.config import Config
from platformdirs import user_data_path
from sqlalchemy import Engine, event
from sqlmodel import create_engine

MIGRATIONS = Path(__file__).parent / "migrations"


def default_path() -> Path:
    """The cook's own database."""
    return user_data_path("gasket") / "kitchen.sqlite3"


def demo_path() -> Path:
    """The demo kitchen's database, apart from the cook's own."""
    return user_data_path("gasket") / "demo.sqlite3"


def open_database(path: Path) -> Engine:
    """Open `path`, making it and bringing it up to the newest schema."""
    path.parent.mkdir(parents=True, exist_ok=True)
    engine = create_engine(f"sqlite:///{path}", connect_args={"check_same_thread": False})
    event.listen(engine, "connect", _set_pragmas)
    migrate(engine)
    return engine


def _set_pragmas(connection: Any, _record: Any) -> None:
    """FULL: a capture is on the disk before the page shows it as done."""
    cursor = connection.cursor()
    for pragma in (
        "journal_mode=WAL",
        "synchronous=FULL",
        "foreign_keys=ON",
        "busy_timeout=5000",
    ):
        cursor.execute(f"PRAGMA {pragma}")
    cursor.close()


def migrate(engine: Engine, revision: str = "head") -> None:
    """Bring the schema to `revision`."""
    config = Config()
    config.set_main_option("script_location", str(MIGRATIONS))
    with engine.begin() as connection:
        config.attributes["connection"] = connection
        command.upgrade(config, revision)
