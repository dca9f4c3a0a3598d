"""How long it keeps: fridge and freezer, what is advised here and there, and what is usual."""

from collections.abc import Iterable
from datetime import date, datetime, timedelta
from typing import Final, Literal

from gasket.core.cooking.safety import SafetySchool
from gasket.core.cooking.stock import Lot, StoragePlace
from gasket.core.numbers import Answer
from gasket.core.trade.families import BY_KEY, Family, Span
from gasket.core.trade.kinds import FoodKind

Says = Literal["us", "uk", "habit"]

INTO_THE_FRIDGE_MIN: Final = 120.0
"""USDA FSIS: within two hours, one when it is hotter than 32 °C; from memory."""
COOLING_SAYS: Final = "within 2 hours of cooking, 1 hour where it is hotter than 32 °C"
_MONTH_DAYS: Final = 30.0


class Keeps(Answer):
    """Days from least to most in one place, and who says so."""

    place: StoragePlace
    says: Says
    least_days: float
    most_days: float
    text: str
    source: str


def keeping(family: Family | None, kinds: Iterable[FoodKind]) -> tuple[Keeps, ...]:
    """All that is said of a dish, fridge before freezer."""
    rice = "rice" in set(kinds)
    advice = [
        _keeps("fridge", "us", 3, 4, "3 to 4 days at 4 °C or below", "us-keeping"),
        _keeps("fridge", "uk", 1, 1, "24 hours, because of the rice", "uk-keeping")
        if rice
        else _keeps("fridge", "uk", 2, 2, "48 hours at 5 °C or below", "uk-keeping"),
    ]
    habits = BY_KEY[family].keeps if family in BY_KEY else ()
    advice += [_habit("fridge", of.days, 1.0, of.text) for of in habits if of.days is not None]
    months = (3 * _MONTH_DAYS, 4 * _MONTH_DAYS)
    says = "safe for longer at −18 °C, at its best within 3 to 4 months"
    advice.append(_keeps("freezer", "us", *months, says, "us-keeping"))
    advice += [
        _habit("freezer", of.months, _MONTH_DAYS, of.text) for of in habits if of.months is not None
    ]
    return tuple(advice)


def _habit(place: StoragePlace, span: Span, days: float, text: str) -> Keeps:
    least, most = (span.least or 0.0) * days, (span.most or 0.0) * days
    return _keeps(place, "habit", least, most, text, "kitchen-keeping")


def _keeps(
    place: StoragePlace, says: Says, least: float, most: float, text: str, source: str
) -> Keeps:
    return Keeps(place=place, says=says, least_days=least, most_days=most, text=text, source=source)


def keeps_days(
    place: StoragePlace, advice: Iterable[Keeps], school: SafetySchool, thawed: bool = False
) -> float:
    """Days that it keeps in one place: the fewest of the school's advice and of habit. What was
    thawed keeps a day by UK advice."""
    told = [keep for keep in advice if keep.place == place]
    followed = [keep for keep in told if keep.says in (school, "habit")] or told
    days = min((keep.least_days for keep in followed), default=2.0)
    return min(days, 1.0) if thawed and place == "fridge" and school == "uk" else days


def keeps_until(
    place: StoragePlace, put_on: date, advice: Iterable[Keeps], school: SafetySchool
) -> date:
    """The date to eat it by, of what goes there on the day that it is made."""
    return put_on + timedelta(days=keeps_days(place, advice, school))


def eat_by(lot: Lot, advice: Iterable[Keeps], school: SafetySchool) -> datetime:
    """Until when a lot keeps: its days in the fridge add up, whatever was in between."""
    days = timedelta(days=keeps_days(lot.place, advice, school, lot.thawed))
    if lot.place == "freezer":
        return lot.since - lot.frozen + days
    whole = timedelta(days=keeps_days("fridge", advice, school)) - lot.cold
    return lot.since + min(days, max(timedelta(), whole))
