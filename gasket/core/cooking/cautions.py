"""What to be careful with in a dish, and whose advice that is. Defers to local food-safety rules;
not a substitute for them."""

import re
from collections.abc import Collection, Iterator, Sequence
from typing import Final

from gasket.core.cooking.safety import (
    DEFER,
    InTheBuild,
    SafetySchool,
    is_raw,
    last_hot,
    meat_reason,
)
from gasket.core.cooking.steps import Step
from gasket.core.trade.appliances import APPLIANCES, appliance_for
from gasket.core.trade.appliances.model import Hazard
from gasket.core.trade.caution import Caution
from gasket.core.trade.families import BY_KEY, Family
from gasket.core.trade.kinds import EGGS, FLOURS, FoodKind

_NO_HONEY: Final[frozenset[FoodKind]] = frozenset({"fruit", "vegetable"})
"""A melon or a squash that is called after honey."""
_PASTEURISED: Final = re.compile(r"\bpasteuri[sz]ed\b", re.IGNORECASE)
_HONEY: Final = re.compile(r"\bhoney\b", re.IGNORECASE)
_LECTIN_BEANS: Final = re.compile(
    r"\b(?:kidney|red|cannellini|borlotti|haricot|navy|pinto|white|black)\b.*\bbeans?\b"
    r"|\bbeans?\b.*\b(?:kidney|red|cannellini|borlotti|haricot|navy|pinto|white|black)\b"
    r"|\bchil+i beans?\b",
    re.IGNORECASE,
)
"""Kidney beans and their kin; black-eyed peas, chickpeas and lentils are none (from memory)."""
_BOILED_HARD_MIN: Final[dict[SafetySchool, int]] = {"us": 30, "uk": 10}


def cautions(
    steps: Sequence[Step],
    foods: Sequence[InTheBuild],
    family: Family | None,
    school: SafetySchool | None = None,
) -> tuple[Caution, ...]:
    """What to be careful with, most serious first. Without any steps a dish of a family that is
    not cooked is taken for raw, others for cooked. Whose advice holds where it differs is the
    `school`'s; the stricter one's where that is unknown."""
    cooked = {food.component for food in foods if last_hot(steps, food.component)}
    if not steps and (family not in BY_KEY or BY_KEY[family].heated):
        cooked = {food.component for food in foods}
    general: list[Caution] = []
    raw = [food for food in foods if is_raw(food) and food.component not in cooked]
    if raw:
        names = ", ".join(dict.fromkeys(food.name for food in raw))
        says = f"No step cooks {names}: add the step, or do not eat it raw. {DEFER}"
        general.append(Caution(code="uncooked", says=says, source="us-core"))
    eggs = [food for food in foods if _is_raw_egg(food)]
    if any(food.component not in cooked for food in eggs):
        says = (
            "Contains egg that is never cooked. Small children, the elderly, pregnant people and "
            "those who are ill should not eat raw egg; take pasteurised egg, or ask a "
            f"professional. {DEFER}"
        )
        general.append(Caution(code="raw_egg", says=says, source="raw-batter"))
    flour = [
        food for food in foods if food.kind in FLOURS - {"starch"} or "raw_flour" in food.flags
    ]
    baked = any(food.component in cooked for food in eggs)
    tasted = [*(["egg"] if baked else []), *(["flour"] if flour else [])]
    if tasted:
        says = f"Raw {' and raw '.join(tasted)}: taste it baked, not as batter."
        general.append(Caution(code="raw_batter", says=says, source="raw-batter"))
    general += _of_single_foods(foods, cooked, school)
    return (*general, *_by_step(steps, foods))


def _is_raw_egg(food: InTheBuild) -> bool:
    """Whether it is egg that nothing has made safe yet."""
    if "raw_egg" in food.flags:
        return True
    is_egg = food.kind in EGGS and _PASTEURISED.search(food.name) is None
    return is_egg and food.weighed != "cooked"


def _of_single_foods(
    foods: Sequence[InTheBuild], cooked: Collection[str], school: SafetySchool | None
) -> Iterator[Caution]:
    """What one food alone asks for, whatever is made of it."""
    beans = [food for food in foods if food.kind == "legumes" and _LECTIN_BEANS.search(food.name)]
    dry = [food for food in beans if food.weighed != "cooked"]
    if dry:
        least = _BOILED_HARD_MIN[school or "us"]
        says = (
            f"{dry[0].name}: if they are dry, soak them 5 hours or more, throw that water away and "
            f"boil them hard in fresh water for {least} minutes. Raw or slow-cooked they make "
            f"people ill. {DEFER}"
        )
        yield Caution(code="boil_hard", says=says, source="dry-beans")
    again = [food for food in foods if meat_reason(food) == "reheated" and food.component in cooked]
    if again:
        says = f"Cooked before: heat {again[0].name} until it steams all through, and only once."
        yield Caution(code="reheat_once", says=says, source="uk-keeping")
    if any(_HONEY.search(food.name) and food.kind not in _NO_HONEY for food in foods):
        says = f"Contains honey: not for children under 12 months, baked or not. {DEFER}"
        yield Caution(code="honey", says=says, source="honey")


_WORDS: Final[tuple[tuple[str, tuple[str, ...], str], ...]] = (
    ("water_bath", ("water bath", "water pan", "bain"), "Hot water and steam: lift it level."),
    ("cast_iron", ("cast-iron", "cast iron", "skillet"), "The handle is as hot as the pan."),
)


def _by_step(steps: Sequence[Step], foods: Sequence[InTheBuild]) -> list[Caution]:
    found = [
        Caution(code=code, says=says, source="kitchen-care")
        for code, words, says in _WORDS
        if any(word in f"{step.says} {step.vessel}".lower() for step in steps for word in words)
    ]
    for appliance in APPLIANCES:
        if any(appliance is appliance_for(step.tool, step.air) for step in steps):
            found += [
                Caution(code=hazard.code, says=hazard.says, source=hazard.source)
                for hazard in appliance.hazards
                if _is_there(hazard, foods)
            ]
    return found


def _is_there(hazard: Hazard, foods: Sequence[InTheBuild]) -> bool:
    """Whether a hazard goes with what is in the dish."""
    if not (hazard.kinds or hazard.words):
        return True
    return any(
        (food.kind in hazard.kinds if hazard.kinds else True)
        and (food.state or "") not in hazard.safe
        and re.search(hazard.words, food.name, re.IGNORECASE) is not None
        for food in foods
    )
