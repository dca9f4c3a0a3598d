"""Stamps: which state of a dish, of a trial and of a batch is stored.

A calculated figure is kept beside the number of the state that it was calculated from, so it is
never shown for another one. What raises the numbers is said in `gasket.store.changes`; how far a
change reaches is said here, once, in `_REACH`.
"""

from typing import Final, Literal

from sqlalchemy import Connection, text

Owner = Literal["dish", "trial", "batch"]
OWNERS: Final[tuple[Owner, ...]] = ("dish", "trial", "batch")
StampEffect = Literal["touch", "dish", "trial", "batch", "show dish", "show batch"]
"""A number is raised, of a dish with the order in which dishes were touched; or it is only shown
otherwise, and no figure of it changes."""
Reach = Literal[
    "dish",
    "dish of trial",
    "trial",
    "trial alone",
    "batch",
    "trials of dish",
    "batches of dish",
    "batches of trial",
    "uses of food",
    "uses of label",
    "shown of dish",
    "shown of trial",
    "shown of batch",
    "shown of tasting",
]
"""What a change reaches, of the dish, trial, batch, food, label or tasting that it is of."""

_IT: Final = "SELECT :key"
_DISH_OF_TRIAL: Final = "SELECT dish_id FROM trial WHERE id = :key"
_DISH_OF_BATCH: Final = (
    "SELECT trial.dish_id FROM batch JOIN trial ON trial.id = batch.trial_id WHERE batch.id = :key"
)
_BATCHES_OF_TRIAL: Final = "SELECT id FROM batch WHERE trial_id = :key"
_TRIALS_OF_DISH: Final = "SELECT id FROM trial WHERE dish_id = :key"
_BATCHES_OF_DISH: Final = (
    "SELECT batch.id FROM batch JOIN trial ON trial.id = batch.trial_id WHERE trial.dish_id = :key"
)
_LABELS_OF_FOOD: Final = "SELECT id FROM label WHERE food_id = :key"
_BATCH_OF_TASTING: Final = "SELECT batch_id FROM tasting WHERE id = :key"
_DISH_OF_TASTING: Final = "SELECT dish_id FROM tasting WHERE id = :key"


def _trials_with(labels: str) -> str:
    return f"SELECT trial_id FROM line WHERE label_id IN ({labels})"


def _dishes_with(labels: str) -> str:
    return f"SELECT dish_id FROM trial WHERE id IN ({_trials_with(labels)})"


_VERSIONS: Final = f"SELECT id FROM label_revision WHERE label_id IN ({_LABELS_OF_FOOD})"
_BATCHES_WITH_FOOD: Final = (
    f"SELECT batch_id FROM batch_line WHERE revision_id IN ({_VERSIONS})"
    f" UNION SELECT batch_id FROM weighing WHERE revision_id IN ({_VERSIONS})"
)
_DISHES_WITH_FOOD: Final = (
    f"{_dishes_with(_LABELS_OF_FOOD)} UNION SELECT trial.dish_id FROM batch"
    f" JOIN trial ON trial.id = batch.trial_id WHERE batch.id IN ({_BATCHES_WITH_FOOD})"
)
_REACH: Final[dict[Reach, tuple[tuple[StampEffect, str], ...]]] = {
    "dish": (("touch", _IT),),
    "dish of trial": (("touch", _DISH_OF_TRIAL),),
    "trial": (("trial", _IT), ("touch", _DISH_OF_TRIAL)),
    "trial alone": (("trial", _IT),),
    "batch": (("batch", _IT), ("touch", _DISH_OF_BATCH)),
    "trials of dish": (("trial", _TRIALS_OF_DISH),),
    "batches of dish": (("batch", _BATCHES_OF_DISH),),
    "batches of trial": (("batch", _BATCHES_OF_TRIAL),),
    "uses of food": (
        *(("dish", _DISHES_WITH_FOOD), ("batch", _BATCHES_WITH_FOOD)),
        ("trial", _trials_with(_LABELS_OF_FOOD)),
    ),
    "uses of label": (("dish", _dishes_with(_IT)), ("trial", _trials_with(_IT))),
    "shown of dish": (("show dish", _IT),),
    "shown of trial": (("show batch", _BATCHES_OF_TRIAL), ("show dish", _DISH_OF_TRIAL)),
    "shown of batch": (("show batch", _IT), ("show dish", _DISH_OF_BATCH)),
    "shown of tasting": (("show batch", _BATCH_OF_TASTING), ("show dish", _DISH_OF_TASTING)),
}
"""A build goes by the newest panel of its labels, a batch by its own ones; both by what kind of
food it is."""
_RAISED: Final = (
    "UPDATE {0}_stamp SET number = number + 1{1} WHERE {0}_id IN ({2}) RETURNING {0}_id"
)
_LATEST: Final = ", touched = (SELECT max(touched) + 1 FROM dish_stamp)"
_DIVIDED_WITH: Final = (
    "SELECT id FROM batch WHERE id IN ({0}) OR arm_of IN ({0})"
    " UNION SELECT arm_of FROM batch WHERE id IN ({0})"
    " UNION SELECT id FROM batch WHERE arm_of IN (SELECT arm_of FROM batch WHERE id IN ({0}))"
)
"""With a batch its arms, with an arm its batch and the arms beside it."""
_COPIED_FROM: Final = "SELECT id FROM trial WHERE id IN ({0}) OR copied_from IN ({0})"
"""With a trial those that were copied from it: they are compared with it."""
_STATEMENTS: Final[dict[StampEffect, str]] = {
    "touch": _RAISED.format("dish", _LATEST, "{0}"),
    "dish": _RAISED.format("dish", "", "{0}"),
    "trial": _RAISED.format("trial", "", _COPIED_FROM),
    "batch": _RAISED.format("batch", "", _DIVIDED_WITH),
    "show dish": "{0}",
    "show batch": "{0}",
}
_OF: Final[dict[StampEffect, Owner]] = {
    **{"touch": "dish", "dish": "dish", "trial": "trial", "batch": "batch"},
    **{"show dish": "dish", "show batch": "batch"},
}


def raise_numbers(
    connection: Connection, reach: Reach, key: int | str
) -> list[tuple[Owner, frozenset[int]]]:
    """Raise the numbers of all that a change of `key` reaches; what is shown otherwise now."""
    raised = []
    for effect, which in _REACH[reach]:
        rows = connection.execute(text(_STATEMENTS[effect].format(which)), {"key": key})
        raised.append((_OF[effect], frozenset(row[0] for row in rows if row[0] is not None)))
    return raised


def begin(connection: Connection, owner: Owner, key: int) -> None:
    """The first number of what was just stored."""
    connection.execute(text(_BEGIN[owner]), {"key": key})


_BEGIN: Final[dict[Owner, str]] = {
    "dish": "INSERT INTO dish_stamp (dish_id, number, touched)"
    " VALUES (:key, 1, (SELECT coalesce(max(touched), 0) + 1 FROM dish_stamp))",
    "trial": "INSERT INTO trial_stamp (trial_id, number) VALUES (:key, 1)",
    "batch": "INSERT INTO batch_stamp (batch_id, number) VALUES (:key, 1)",
}


def end(connection: Connection, owner: Owner, key: int) -> None:
    """Nothing is kept of what was just taken out."""
    for table in (f"kept_{owner}", f"{owner}_stamp"):
        connection.execute(text(f"DELETE FROM {table} WHERE {owner}_id = :key"), {"key": key})


def number_all(connection: Connection) -> None:
    """A number for whatever has none, after rows were written past any session."""
    for owner in OWNERS:
        connection.exec_driver_sql(
            f"INSERT INTO {owner}_stamp ({owner}_id, number) SELECT id, 1 FROM {owner}"
            f" WHERE id NOT IN (SELECT {owner}_id FROM {owner}_stamp)"
        )
    connection.exec_driver_sql("UPDATE dish_stamp SET touched = dish_id WHERE touched = 0")


def number_anew(connection: Connection) -> None:
    """A number for whatever has none and another one for the rest: any row may have changed."""
    for owner in OWNERS:
        connection.exec_driver_sql(f"UPDATE {owner}_stamp SET number = number + 1")
    number_all(connection)


def drop_triggers(connection: Connection) -> None:
    """Numbers were raised by triggers once: a table that they name can then be rebuilt."""
    query = "SELECT name FROM sqlite_master WHERE type = 'trigger'"
    for (name,) in connection.exec_driver_sql(query).all():
        if name.startswith("stamp_"):
            connection.exec_driver_sql(f"DROP TRIGGER {name}")
