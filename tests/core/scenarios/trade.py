"""The figures of the trade as they stand in its tables: none of them moves by accident."""

import importlib
import inspect
import itertools
import pkgutil
from collections.abc import Iterator
from dataclasses import fields, is_dataclass
from typing import Any

from pydantic import BaseModel

import gasket.core
from gasket.core.cooking.step_text import read_step
from gasket.core.label.energy import ANNEX_XIV
from gasket.core.law.reference_amounts import REFERENCE_AMOUNTS
from gasket.core.rebuild.ingredients import SWEETNESS_OF
from gasket.core.reckoning.dividing import USUAL_WAYS
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.trade.families import BY_KEY
from gasket.core.trade.kinds import DRY_FACTOR
from gasket.core.trade.quantities import MILLILITRES_PER
from gasket.core.trade.thickness import MIXTURES
from gasket.core.trade.uptake import uptake_of
from tests.core.scenarios.model import Answers, plain, scenario

_OF_FAMILY = ("bands", "ratios", "loss", "keeps", "reheat", "late")
_OF_ROW = ("key", "piece_g", "whole_g", "ladle_g", "at_a_time")
_NAMES = (
    *("Marinade", "Cocoa dusting", "Drizzle", "Glaze", "Icing", "Coat", "Filling", "Frosting"),
    *("Soak", "Egg wash", "Crumbs", "Flour", "Dip", "Syrup", "Sauce", "Batter", "Body"),
)


@scenario
def tables() -> Answers:
    for key, family in BY_KEY.items():
        yield f"family {key}", {name: plain(getattr(family, name)) for name in _OF_FAMILY}
        rows = [{name: getattr(row, name) for name in _OF_ROW} for row in family.steps]
        yield f"sizes {key}", [row for row in rows if any(list(row.values())[1:])]
    for swap in CATALOGUE:
        yield f"swap {swap.key}", plain(swap)
    for name, amount in REFERENCE_AMOUNTS.items():
        yield f"reference {name}", plain(amount)
    for mixture in MIXTURES:
        yield f"mixture {mixture.key}", plain(mixture.ratios)
    for family, name in itertools.product((None, "coated", "frozen", "soaked_bread"), _NAMES):
        yield f"uptake {family} {name}", plain(uptake_of(name, family))
    yield "dry base", plain(DRY_FACTOR)
    yield "energy", plain(ANNEX_XIV)
    for said in ("overnight", "for half a day", "for half an hour", "for an hour"):
        step = read_step(f"Chill it {said}", "step")
        yield f"minutes {said}", [step.least_min, step.most_min]
    yield "sweetness", plain(SWEETNESS_OF)
    yield "volumes", plain(MILLILITRES_PER)
    yield "usual ways", plain(USUAL_WAYS)


def _figures(value: Any) -> bool:
    """Whether there is a number in it that a cook would be told."""
    match value:
        case bool() | str() | None:
            return False
        case int() | float():
            return True
        case dict():
            return any(map(_figures, value.values()))
        case tuple() | list():
            return any(map(_figures, value))
        case BaseModel():
            return any(_figures(getattr(value, name)) for name in type(value).model_fields)
        case _:
            return is_dataclass(value) and any(
                _figures(getattr(value, field.name)) for field in fields(value)
            )


@scenario
def constants() -> Answers:
    """Every single figure that a module of the core is written with; tables are in `tables`."""
    for found in pkgutil.walk_packages(gasket.core.__path__, "gasket.core."):
        module = importlib.import_module(found.name)
        for name, value in list(vars(module).items()):
            own = name.isupper() and getattr(module, "__annotations__", {}).get(name) is not None
            if own and isinstance(value, int | float) and not isinstance(value, bool):
                yield f"{found.name.removeprefix('gasket.core.')}.{name}", plain(value)


@scenario
def defaults() -> Answers:
    """What is taken where nothing is said: the defaults of values, records and functions."""
    for found in pkgutil.walk_packages(gasket.core.__path__, "gasket.core."):
        module = importlib.import_module(found.name)
        for name, value in list(vars(module).items()):
            if getattr(value, "__module__", "") == found.name:
                taken = {key: plain(item) for key, item in _defaults(value) if _figures(item)}
                if taken:
                    yield f"{found.name.removeprefix('gasket.core.')}.{name}", taken


def _defaults(value: Any) -> Iterator[tuple[str, Any]]:
    if isinstance(value, type) and issubclass(value, BaseModel):
        for name, field in value.model_fields.items():
            yield name, field.default
    elif isinstance(value, type):
        if is_dataclass(value):
            yield from ((field.name, field.default) for field in fields(value))
        for name, method in inspect.getmembers(value, inspect.isfunction):
            yield from ((f"{name}.{key}", item) for key, item in _defaults(method))
    elif inspect.isfunction(value):
        for name, parameter in inspect.signature(value).parameters.items():
            yield name, parameter.default
