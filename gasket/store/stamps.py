"""Stamps: which state of a dish and of a batch is stored.

A calculated figure is kept beside the number of the state that it was calculated from, so it is
never shown for another one. SQLite's own triggers raise the number with every change of a row that
a figure comes from, whoever makes it and in whatever way: no use case has to remember it. They are
made anew after every upgrade, since a migration that rebuilds a table drops those on it.
"""

from collections.abc import Iterator
from typing import Final

from sqlalchemy import Connection

_DISH_OF_TRIAL: Final = "(SELECT dish_id FROM trial WHERE id = {row}.trial_id)"
_DISH_OF_BATCH: Final = (
    "(SELECT trial.dish_id FROM batch JOIN trial ON trial.id = batch.trial_id"
    " WHERE batch.id = {row}.batch_id)"
)
_DISHES: Final = {
    "dish": "{row}.id",
    "trial": "{row}.dish_id",
    "component": _DISH_OF_TRIAL,
    "line": _DISH_OF_TRIAL,
    "batch": _DISH_OF_TRIAL,
    "batch_line": _DISH_OF_BATCH,
    "weighing": _DISH_OF_BATCH,
    "cook_record": _DISH_OF_BATCH,
    "stock_record": _DISH_OF_BATCH,
}
"""Rows that are a dish's own, and whose."""
_BATCHES: Final = {
    "batch": "{row}.id",
    "batch_line": "{row}.batch_id",
    "weighing": "{row}.batch_id",
    "cook_record": "{row}.batch_id",
    "stock_record": "{row}.batch_id",
}
_TRIALS: Final = {"component": "{row}.trial_id", "line": "{row}.trial_id"}
_OWNERS: Final = ("dish", "batch", "trial")
_ROWS: Final = {"INSERT": "NEW", "UPDATE": "NEW", "DELETE": "OLD"}
_BATCHES_OF_DISH: Final = (
    "SELECT batch.id FROM batch JOIN trial ON trial.id = batch.trial_id"
    " WHERE trial.dish_id = OLD.id"
)
_BATCHES_OF_TRIAL: Final = "SELECT id FROM batch WHERE trial_id = OLD.id"
_REVISIONS_OF_FOOD: Final = (
    "SELECT label_revision.id FROM label_revision"
    " JOIN label ON label.id = label_revision.label_id WHERE label.food_id = OLD.id"
)
_BATCHES_WITH: Final = (
    "SELECT batch_id FROM batch_line WHERE revision_id IN ({revisions})"
    " UNION SELECT batch_id FROM weighing WHERE revision_id IN ({revisions})"
)
_DISHES_WITH_LABELS: Final = (
    "SELECT trial.dish_id FROM line JOIN trial ON trial.id = line.trial_id"
    " WHERE line.label_id IN ({labels})"
)

_TRIALS_WITH_LABELS: Final = "SELECT trial_id FROM line WHERE label_id IN ({labels})"


def make_stamps(connection: Connection) -> None:
    """Make every trigger, and a stamp for what has none."""
    drop_stamps(connection)
    for own in _OWNERS:
        connection.exec_driver_sql(
            f"INSERT INTO {own}_stamp ({own}_id, number) SELECT id, 1 FROM {own}"
            f" WHERE id NOT IN (SELECT {own}_id FROM {own}_stamp)"
        )
    connection.exec_driver_sql("UPDATE dish_stamp SET touched = dish_id WHERE touched = 0")
    for name, statement in _triggers():
        connection.exec_driver_sql(f"CREATE TRIGGER {name} {statement}")


def drop_stamps(connection: Connection) -> None:
    """Drop the triggers: a table that they name can then be rebuilt."""
    query = "SELECT name FROM sqlite_master WHERE type = 'trigger'"
    for (name,) in connection.exec_driver_sql(query).all():
        if name.startswith("stamp_"):
            connection.exec_driver_sql(f"DROP TRIGGER {name}")


def trigger_names() -> list[str]:
    """The triggers that a kitchen must have."""
    return [name for name, _ in _triggers()]


def _triggers() -> Iterator[tuple[str, str]]:
    for table, owner in _DISHES.items():
        for event, row in _ROWS.items():
            if (table, event) in (("dish", "INSERT"), ("dish", "DELETE")):
                continue
            deed = _touch(owner.format(row=row))
            yield f"stamp_dish_{table}_{event.lower()}", f"AFTER {event} ON {table} {_body(deed)}"
    for table, owner in _BATCHES.items():
        for event, row in _ROWS.items():
            if (table, event) in (("batch", "INSERT"), ("batch", "DELETE")):
                continue
            deed = _raise_batches(owner.format(row=row))
            yield f"stamp_batch_{table}_{event.lower()}", f"AFTER {event} ON {table} {_body(deed)}"
    yield from _births()
    yield from _of_the_trial()
    yield from _of_the_dish()
    yield from _of_the_shelf()


def _births() -> Iterator[tuple[str, str]]:
    yield (
        "stamp_dish_begins",
        "AFTER INSERT ON dish BEGIN INSERT INTO dish_stamp (dish_id, number, touched) VALUES"
        " (NEW.id, 1, (SELECT coalesce(max(touched), 0) + 1 FROM dish_stamp)); END",
    )
    for own in ("batch", "trial"):
        yield (
            f"stamp_{own}_begins",
            f"AFTER INSERT ON {own} BEGIN INSERT INTO {own}_stamp ({own}_id, number)"
            " VALUES (NEW.id, 1); END",
        )
    divided = _raise_batches("NEW.arm_of")
    yield (
        "stamp_arm_begins",
        f"AFTER INSERT ON batch WHEN NEW.arm_of IS NOT NULL {_body(divided)}",
    )
    for own in _OWNERS:
        gone = "".join(
            f" DELETE FROM {table} WHERE {own}_id = OLD.id;"
            for table in (f"kept_{own}", f"{own}_stamp")
        )
        yield f"stamp_{own}_ends", f"AFTER DELETE ON {own} BEGIN{gone} END"


def _of_the_trial() -> Iterator[tuple[str, str]]:
    """Its lines, steps and portions, those of the trial that it was copied from, the dish's name
    (which tells its family)."""
    for table, owner in _TRIALS.items():
        for event, row in _ROWS.items():
            deed = _raise_trials(owner.format(row=row))
            yield f"stamp_trial_{table}_{event.lower()}", f"AFTER {event} ON {table} {_body(deed)}"
    changed = " OR ".join(
        f"OLD.{column} IS NOT NEW.{column}"
        for column in ("terms", "steps", "portions", "copied_from")
    )
    deed = _raise_trials("NEW.id")
    yield "stamp_trial_trial_update", f"AFTER UPDATE ON trial WHEN {changed} {_body(deed)}"
    of_dish = _raise_trials("SELECT id FROM trial WHERE dish_id = NEW.id")
    yield "stamp_trials_of_dish", f"AFTER UPDATE OF name ON dish {_body(of_dish)}"


def _of_the_dish() -> Iterator[tuple[str, str]]:
    """A dish's name and original, a trial's family, goal and steps are part of its batches."""
    yield "stamp_batches_of_dish", f"AFTER UPDATE ON dish {_body(_raise_batches(_BATCHES_OF_DISH))}"
    changed = " OR ".join(
        f"OLD.{column} IS NOT NEW.{column}" for column in ("terms", "letter", "steps", "dish_id")
    )
    deed = _raise_batches(_BATCHES_OF_TRIAL)
    yield "stamp_batches_of_trial", f"AFTER UPDATE ON trial WHEN {changed} {_body(deed)}"


def _of_the_shelf() -> Iterator[tuple[str, str]]:
    """A build goes by the newest panel of its labels, a batch by its own ones; both by what kind
    of food it is."""
    labels = "SELECT id FROM label WHERE food_id = OLD.id"
    batches = _BATCHES_WITH.format(revisions=_REVISIONS_OF_FOOD)
    dishes = (
        f"{_DISHES_WITH_LABELS.format(labels=labels)} UNION SELECT trial.dish_id FROM batch"
        f" JOIN trial ON trial.id = batch.trial_id WHERE batch.id IN ({batches})"
    )
    changed = " OR ".join(
        f"OLD.{column} IS NOT NEW.{column}" for column in ("name", "facts", "kind")
    )
    deeds = (
        _raise_dishes(dishes),
        _raise_batches(batches),
        _raise_trials(_TRIALS_WITH_LABELS.format(labels=labels)),
    )
    yield "stamp_food_update", f"AFTER UPDATE ON food WHEN {changed} {_body(*deeds)}"
    of_label = (
        _raise_dishes(_DISHES_WITH_LABELS.format(labels="NEW.label_id")),
        _raise_trials(_TRIALS_WITH_LABELS.format(labels="NEW.label_id")),
    )
    yield "stamp_label_revision_insert", f"AFTER INSERT ON label_revision {_body(*of_label)}"
    panel = _BATCHES_WITH.format(revisions="NEW.id")
    dishes_with_panel = (
        f"{_DISHES_WITH_LABELS.format(labels='NEW.label_id')} UNION SELECT trial.dish_id FROM batch"
        f" JOIN trial ON trial.id = batch.trial_id WHERE batch.id IN ({panel})"
    )
    trials = _TRIALS_WITH_LABELS.format(labels="NEW.label_id")
    deeds = (_raise_dishes(dishes_with_panel), _raise_batches(panel), _raise_trials(trials))
    yield "stamp_label_revision_update", f"AFTER UPDATE ON label_revision {_body(*deeds)}"


def _body(*deeds: str) -> str:
    return "BEGIN " + " ".join(f"{deed};" for deed in deeds) + " END"


def _touch(dishes: str) -> str:
    return (
        "UPDATE dish_stamp SET number = number + 1,"
        " touched = (SELECT max(touched) + 1 FROM dish_stamp)"
        f" WHERE dish_id IN ({dishes})"
    )


def _raise_dishes(dishes: str) -> str:
    return f"UPDATE dish_stamp SET number = number + 1 WHERE dish_id IN ({dishes})"


def _raise_batches(batches: str) -> str:
    """These batches; with a batch its arms, with an arm its batch and the arms beside it."""
    own = f"SELECT id FROM batch WHERE id IN ({batches})"
    arms = f"SELECT id FROM batch WHERE arm_of IN ({batches})"
    whole = f"SELECT arm_of FROM batch WHERE id IN ({batches})"
    beside = f"SELECT id FROM batch WHERE arm_of IN ({whole})"
    return (
        "UPDATE batch_stamp SET number = number + 1 WHERE batch_id IN"
        f" ({own} UNION {arms} UNION {whole} UNION {beside})"
    )


def _raise_trials(trials: str) -> str:
    """These trials, and those that were copied from them."""
    return (
        f"UPDATE trial_stamp SET number = number + 1 WHERE trial_id IN ({trials})"
        f" OR trial_id IN (SELECT id FROM trial WHERE copied_from IN ({trials}))"
    )
