"""Safe to eat: which core temperature a dish asks for, whose rule that is, and of which
step. Defers to local food-safety rules; not a substitute for them."""

import re
from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from typing import Final, Literal

from gasket.core.cooking.steps import Step
from gasket.core.label.package import Flag
from gasket.core.numbers import Answer
from gasket.core.trade.families import BY_KEY, Family
from gasket.core.trade.kinds import BASES, EGGS, FoodKind
from gasket.core.trade.meats import Animal, Form, meat_in
from gasket.core.trade.states import FoodState, Weighed, state_of
from gasket.core.trade.step_kinds import HOT

SafetySchool = Literal["us", "uk"]
Reason = Literal["poultry", "reheated", "ground", "game", "set_egg", "whole_cut", "fish"]


class HoldTime(Answer):
    """A core temperature that is enough when held for so long."""

    temperature_c: float
    seconds: float


class SafeRule(Answer):
    """What a dish asks for: `enough` are alternatives, the first is the one asked for first."""

    reason: Reason
    food: str
    enough: tuple[HoldTime, ...]
    rest_min: float
    school: SafetySchool
    source: str


class _Us(Answer):
    food: str
    temperature_c: float
    rest_min: float = 0.0


_US: Final[dict[Reason, _Us]] = {
    # USDA FSIS safe minimum internal temperature chart; figures from memory.
    "poultry": _Us(food="Poultry, in any form", temperature_c=74.0),
    "reheated": _Us(food="Casseroles and what is heated again", temperature_c=74.0),
    "ground": _Us(food="Minced meat and sausage", temperature_c=71.1),
    "game": _Us(food="Rabbit, game and offal", temperature_c=71.1),
    "set_egg": _Us(food="A dish set with egg", temperature_c=71.1),
    "whole_cut": _Us(food="Whole cuts of meat", temperature_c=63.0, rest_min=3.0),
    "fish": _Us(food="Fish", temperature_c=63.0),
}
_UK: Final = (
    HoldTime(temperature_c=75.0, seconds=30.0),
    HoldTime(temperature_c=70.0, seconds=120.0),
)
"""Food Standards Agency: 70 °C for 2 minutes or 75 °C for 30 seconds; from memory."""
_ROUNDED_UP_C: Final = 0.23
"""145 °F is 62.78 °C, printed as 63: the most that the chart's Celsius are rounded up by."""
_STRICTEST: Final[tuple[Reason, ...]] = tuple(_US)

_KINDS: Final[dict[FoodKind, Reason]] = {
    "poultry": "poultry",
    "poultry_mince": "poultry",
    "mince": "ground",
    "meat": "whole_cut",
    "fish": "fish",
}
_FLAGS: Final[dict[Flag, Reason]] = {
    "raw_poultry": "poultry",
    "raw_ground_meat": "ground",
    "raw_fish": "fish",
}
_ANIMALS: Final[dict[Animal, Reason]] = {"poultry": "poultry", "game": "game", "fish": "fish"}
_FORMS: Final[dict[Form, Reason]] = {
    "ground": "ground",
    "sausage": "ground",
    "bacon": "whole_cut",
    "whole": "whole_cut",
    "ready": "ground",
}
"""Of red meat; `ready` only where the package says that it is raw."""
_COOKED: Final = re.compile(r"\b(?:cooked|rotisserie|leftover)\b", re.IGNORECASE)
_HEATS_ALONE: Final = re.compile(
    r"^(?:gently |slowly )?(?:melt|dissolve|bloom|brew)\b"
    r"|^toast the (?:buns?|bread|rolls?|nuts?|seeds?|spices?|crumbs?|oats|coconut|almonds)\b"
    r"|^(?:heat|warm|boil|scald) the (?:milk|cream|water|kettle|coffee|syrup|sugar|butter|oil)\b",
    re.IGNORECASE,
)
"""Heats one thing before it comes in, and cooks nothing else of its component."""
_LEFTOVER: Final = re.compile(r"\bleft[- ]?overs?\b", re.IGNORECASE)
_SET_EGG_LEAST: Final = 0.15
_DRY_BASE_MOST: Final = 0.08
"""A component is set with egg when it holds so much egg and so little of a dry base; in a cake, a
waffle or a pancake the base sets (common practice)."""

DEFER: Final = "Local food-safety rules come first."


@dataclass(frozen=True, slots=True)
class InTheBuild:
    """A food as the rules look at it, and which component it is in."""

    name: str
    kind: FoodKind
    component: str
    state: FoodState | None = None
    flags: tuple[Flag, ...] = ()
    grams: float | None = None

    @property
    def weighed(self) -> Weighed | None:
        """Raw, cooked or dry, as far as name and package tell."""
        return state_of(self.name, self.kind, self.state, None)


def rule(reason: Reason, school: SafetySchool) -> SafeRule:
    """What is asked for a reason, by the US or the UK school, whose text stands as its source."""
    us = _US[reason]
    if school == "uk":
        return SafeRule(
            reason=reason, food=us.food, enough=_UK, rest_min=0.0, school="uk", source="uk-core"
        )
    return SafeRule(
        reason=reason,
        food=us.food,
        enough=(HoldTime(temperature_c=us.temperature_c, seconds=0.0),),
        rest_min=us.rest_min,
        school="us",
        source="us-core",
    )


def meat_reason(food: InTheBuild) -> Reason | None:
    """Why a meat or fish asks for a measured temperature; None for what is none, and for what is
    eaten as it is. Package, kind and name are asked, and the strictest of them holds."""
    told = [_FLAGS[flag] for flag in food.flags if flag in _FLAGS]
    meat = meat_in(food.name)
    is_ready = meat is not None and meat.form == "ready" and food.state != "raw"
    if not is_ready:
        told += [_KINDS[food.kind]] if food.kind in _KINDS else []
        told += [_ANIMALS.get(meat.animal) or _FORMS[meat.form]] if meat else []
        if food.kind == "cured_meat" and food.state == "raw":
            told.append("ground")
    if not told:
        return "reheated" if _is_served_again(food) else None
    is_cooked = food.state == "cooked" or _COOKED.search(food.name) is not None
    if is_cooked and food.state != "raw" and not _FLAGS.keys() & set(food.flags):
        return "reheated"
    return min(told, key=_STRICTEST.index)


def _is_served_again(food: InTheBuild) -> bool:
    """What was cooked before, meat or not: leftovers, and cooked rice."""
    is_cooked_rice = food.kind == "rice" and food.weighed == "cooked"
    return is_cooked_rice or _LEFTOVER.search(food.name) is not None


_FLAG_SAYS: Final[dict[Flag, str]] = {
    "raw_egg": "Do not taste the batter: raw egg can carry salmonella.",
    "raw_flour": "Do not taste the batter: raw flour is not ready to eat.",
    "aspartame": "Contains a source of phenylalanine: not for people with phenylketonuria.",
    "xylitol": "Dangerous for dogs and other pets, even a little; laxative in quantity.",
}


def flag_says(flag: Flag, school: SafetySchool) -> str:
    """What a package's flag asks for, in plain words; a core temperature by the school's rule."""
    if flag in _FLAG_SAYS:
        return _FLAG_SAYS[flag]
    asked = rule(_FLAGS[flag], school)
    enough = " or ".join(_held_words(held) for held in asked.enough)
    poultry = ", 74 °C if it is poultry" if flag == "raw_ground_meat" and school == "us" else ""
    return f"Cook it through: {enough} inside{poultry}. {DEFER}"


def _held_words(held: HoldTime) -> str:
    if held.seconds == 0:
        return f"{held.temperature_c:.0f} °C"
    long = f"{held.seconds / 60:g} minutes" if held.seconds >= 60 else f"{held.seconds:g} seconds"
    return f"{held.temperature_c:.0f} °C for {long}"


def is_raw(food: InTheBuild) -> bool:
    """Whether it is meat or fish that some step must cook."""
    return meat_reason(food) not in (None, "reheated")


def set_by_egg(foods: Iterable[InTheBuild], family: Family | None) -> frozenset[str]:
    """The components that egg sets when they are heated; whoever cannot tell is asked."""
    parts: dict[str, list[InTheBuild]] = {}
    for food in foods:
        parts.setdefault(food.component, []).append(food)
    return frozenset(name for name, part in parts.items() if _is_set_by_egg(part, family))


def _is_set_by_egg(part: Sequence[InTheBuild], family: Family | None) -> bool:
    if all(food.kind not in EGGS for food in part):
        return False
    by_name = family in BY_KEY and BY_KEY[family].set_by_egg
    if any(food.grams is None for food in part):
        return by_name or all(food.kind not in BASES for food in part)
    whole = sum(food.grams or 0.0 for food in part)
    egg = sum(food.grams or 0.0 for food in part if food.kind in EGGS)
    dry = sum(food.grams or 0.0 for food in part if food.kind in BASES)
    if egg <= 0 or dry >= _DRY_BASE_MOST * whole:
        return False
    return by_name or egg >= _SET_EGG_LEAST * whole


def satisfies(asked: SafeRule, temperature_c: float, held_s: float) -> bool:
    """Whether a measured core temperature is enough. The US chart is in whole degrees Fahrenheit,
    of which the Celsius are rounded up: 165 °F are enough where 74 °C is asked."""
    rounded_up = _ROUNDED_UP_C if asked.school == "us" else 0.0
    return any(
        temperature_c >= held.temperature_c - rounded_up and held_s >= held.seconds
        for held in asked.enough
    )


def asked_of(
    steps: Sequence[Step],
    foods: Iterable[InTheBuild],
    family: Family | None,
    school: SafetySchool,
) -> dict[str, SafeRule]:
    """The rule that each step must satisfy before it is done, by step.

    It is asked of the last cooking step that works on the component concerned; of one that names
    no component only where none names this one.
    """
    reasons: dict[str, Reason] = {}
    foods = tuple(foods)
    eggs: dict[str, Reason] = dict.fromkeys(set_by_egg(foods, family), "set_egg")
    meats = ((food.component, reason) for food in foods if (reason := meat_reason(food)))
    for component, reason in (*meats, *eggs.items()):
        last = last_hot(steps, component)
        if last is not None:
            known = reasons.get(last.id, reason)
            reasons[last.id] = min(known, reason, key=_STRICTEST.index)
    return {key: rule(reason, school) for key, reason in reasons.items()}


def last_hot(steps: Sequence[Step], component: str) -> Step | None:
    """The last step that cooks a component: of those that name it, else of those that name none."""
    hot = [step for step in steps if step.kind in HOT and not _HEATS_ALONE.search(step.says)]
    own = [step for step in hot if component in step.uses] or [s for s in hot if not s.uses]
    return own[-1] if own else None
