"""Where things are by default."""

from pathlib import Path

from platformdirs import user_data_path


def default_path() -> Path:
    """The cook's own database."""
    return user_data_path("gasket") / "kitchen.sqlite3"


def demo_path() -> Path:
    """The demo kitchen's database, apart from the cook's own."""
    return user_data_path("gasket") / "demo.sqlite3"


def log_path(kitchen: Path) -> Path:
    """Where a kitchen that is served says what went wrong, beside its file."""
    return kitchen.with_name(f"{kitchen.stem}.log")
