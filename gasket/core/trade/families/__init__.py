"""Families of dishes: what kind of thing it is decides which habits of the trade apply to it.

Each family is one file with one value, `FAMILY`: all that the trade knows of it. A new family is a
new file here, and a row of tests.

model     what a family is made of
reading   which family a dish's name says
"""

from importlib import import_module
from pkgutil import iter_modules
from typing import Annotated, Final

from pydantic import AfterValidator, WithJsonSchema
from pydantic_core import PydanticCustomError

from gasket.core.trade.families.model import (
    Bands,
    Call,
    DishFamily,
    JoinsAt,
    Must,
    Reheat,
    Role,
    Row,
    Span,
)

_NO_FAMILY: Final = frozenset({"model", "reading"})


def _found() -> dict[str, DishFamily]:
    names = (module.name for module in iter_modules(__path__) if module.name not in _NO_FAMILY)
    found = (import_module(f"{__name__}.{name}").FAMILY for name in names)
    return {family.key: family for family in found}


BY_KEY: Final[dict[str, DishFamily]] = _found()
FAMILIES: Final[tuple[str, ...]] = tuple(BY_KEY)


def _known(key: str) -> str:
    if key not in BY_KEY:
        names = ", ".join(BY_KEY)
        raise PydanticCustomError("family", "This must be one of {names}.", {"names": names})
    return key


Family = Annotated[
    str, AfterValidator(_known), WithJsonSchema({"type": "string", "enum": [*FAMILIES]})
]
"""The key of a family."""

__all__ = [
    "BY_KEY",
    "FAMILIES",
    "Bands",
    "Call",
    "DishFamily",
    "Family",
    "JoinsAt",
    "Must",
    "Reheat",
    "Role",
    "Row",
    "Span",
]
