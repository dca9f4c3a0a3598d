"""What the house has set, by key: any JSON."""

from typing import cast

from sqlmodel import Session

from gasket.store.tables import SettingRow


def read(session: Session, key: str) -> object | None:
    """What is set; None where nothing is."""
    row = session.get(SettingRow, key)
    return cast("object", row.value) if row else None


def write(session: Session, key: str, value: object) -> None:
    """Set it, in the place of what was set before."""
    row = session.get(SettingRow, key) or SettingRow(key=key, value=value)
    row.value = value
    session.add(row)
    session.flush()
