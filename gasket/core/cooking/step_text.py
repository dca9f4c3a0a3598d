"""Quick entry of a step: "bake 340 F 24-28 min, check at 20" → a step.

    bake the loaf in the tin 180 C fan 45 min until a toothpick comes out clean
    chill overnight            freeze half a day            microwave 45 s
    whisk 6 min                bake 180C 20-24 min          rest 1 h 30

What is not a temperature, a time, a look, a vessel or a cue is what the step says. A line without a
known verb is preparation, or baking where it names an oven's temperature.
"""

import re
from dataclasses import dataclass, field
from typing import Final

from gasket.core.cooking.steps import MOST_MIN, Step
from gasket.core.errors import FaultyInput
from gasket.core.trade.appliances import APPLIANCES, usual_for
from gasket.core.trade.appliances.model import Appliance
from gasket.core.trade.step_kinds import PASSIVE, STEP_KINDS, StepKind
from gasket.core.trade.temperatures import Air, DegreeScale, celsius

_OVEN_FROM_C: Final = 80.0
"""A line with such a temperature and no verb is baked."""
_NUMBER: Final = r"(\d{1,4}(?:[.,]\d{1,3})?)"
_UNIT: Final = r"(seconds?|secs?|s|minutes?|mins?|m|hours?|hrs?|h|days?|d)"
_DASH: Final = r"\s*(?:-|–|—|to)\s*"
_TEMPERATURE: Final = re.compile(
    r"(?:\bat\s+)?(?:\b(fan|convection)\s+)?(\d{2,3}(?:[.,]\d)?)\s*(?:°|degrees?|deg\.?)?"
    r"\s*([CF])(?:elsius|entigrade|ahrenheit)?\b(?:\s*,?\s*(fan|convection|conventional))?",
    re.IGNORECASE,
)
_NO_SCALE: Final = re.compile(
    r"(?<!\d)(\d{2,3})(?:\s*(?:°|º|degrees?\b|deg\b\.?)|(?=\s+(?:fan|convection|conventional)\b))"
    r"|\b(?:fan|convection)\s+(\d{2,3})\b(?!\s*(?:min|sec|h))"
    r"|\b(?:at|oven(?: to| at)?)\s+(\d{3})(?=\s*(?:$|[,;.]|for\b|until\b|till\b|\d))",
    re.IGNORECASE,
)
"""Degrees of which the line does not say whether they are °C or °F."""
_TURNED: Final = re.compile(
    r"\b(?:turn|rotat|angl)\w*\s+(?:\w+\s+)?(?:by\s+|at\s+)?$", re.IGNORECASE
)
_IN_A_KITCHEN: Final[dict[DegreeScale, tuple[float, float]]] = {"C": (30, 300), "F": (90, 575)}
"""From a warm drawer to the hottest home oven (common practice)."""
_LOOK: Final = re.compile(
    rf"[,;]?\s*(?:\b(?:first\s+)?(?:check|look)(?:ing)?)(?:\s+(?:first|from))?\s+"
    rf"(?:at|after|from)\s+{_NUMBER}\s*{_UNIT}?(?![\w.])",
    re.IGNORECASE,
)
_WINDOW: Final = re.compile(
    rf"(?:\bfor\s+)?\b{_NUMBER}(?:\s*{_UNIT})?{_DASH}{_NUMBER}\s*{_UNIT}(?![\w])", re.IGNORECASE
)
_TWO_PART: Final = re.compile(
    rf"(?:\bfor\s+)?\b{_NUMBER}\s*(?:hours?|hrs?|h)\s*(?:and\s+)?(\d{{1,2}})\s*"
    r"(?:minutes?|mins?|min|m)?(?![\w.])",
    re.IGNORECASE,
)
_A_SIDE: Final = re.compile(r"\b(?:a|per|each|on each|every) side\b", re.IGNORECASE)
_THEN: Final = re.compile(
    rf"\b(?:then|and)\s+(?:for\s+)?(?:another\s+|a further\s+)?{_NUMBER}\s*{_UNIT}?\s+"
    r"(?:more\s+)?(?=uncovered|covered|without|with|on|under|at|in|more|longer|the other|off)",
    re.IGNORECASE,
)
_TIME: Final = re.compile(rf"(?:\bfor\s+)?\b{_NUMBER}\s*{_UNIT}(?![\w])", re.IGNORECASE)
_WORDS: Final[tuple[tuple[str, tuple[float, float]], ...]] = (
    # Habits of speech, as minutes from least to most (common practice).
    (r"\bovernight\b", (480.0, 720.0)),
    (r"\b(?:for )?half a day\b", (300.0, 420.0)),
    (r"\b(?:for )?half an hour\b", (30.0, 30.0)),
    (r"\b(?:for )?an hour\b", (60.0, 60.0)),
)
_CUE: Final = re.compile(r"[,;]?\s*\b(?:until|till)\b\s+(.+)$", re.IGNORECASE)
_VESSEL: Final = re.compile(
    r"\bin\s+(?:the|a|an)\s+((?:[\w-]+\s+){0,2}"
    r"(?:tin|pan|tray|dish|cups?|cases?|mould|skillet|pot|bowl|ramekins?|jars?|basket|sheet))\b",
    re.IGNORECASE,
)
_FIRM: Final[frozenset[StepKind]] = frozenset(
    {"preheat", "rest", "chill", "freeze", "thaw", "cool", "portion", "top", "mix"}
)
"""Kinds that a step has whatever it is done in."""


@dataclass
class _Text:
    """What is left to read, pieces taken out one by one."""

    left: str
    window: tuple[float, float] | None = None
    temperature: tuple[float, DegreeScale, Air] | None = None
    found: dict[str, str] = field(default_factory=dict)

    def take(self, pattern: re.Pattern[str]) -> re.Match[str] | None:
        match = pattern.search(self.left)
        if match is not None:
            self.left = f"{self.left[: match.start()]} {self.left[match.end() :]}"
        return match


def in_degrees(text: str, usual: DegreeScale) -> tuple[str, ...]:
    """What a line may mean whose degrees are of no scale, "bake at 350 degrees", with the scale in
    it: one text where a kitchen knows only one, else the `usual` scale's first."""
    bare = _NO_SCALE.search(text)
    if bare is None or _TEMPERATURE.search(text) or _TURNED.search(text[: bare.start()]):
        return (text,)
    number = bare.lastindex or 0
    degrees = float(bare[number])
    scales: tuple[DegreeScale, ...] = ("F", "C") if usual == "F" else ("C", "F")
    return tuple(
        f"{text[: bare.end(number)]} °{scale}{text[bare.end() :]}"
        for scale in scales
        if _IN_A_KITCHEN[scale][0] <= degrees <= _IN_A_KITCHEN[scale][1]
    )


def read_step(text: str, key: str, usual: DegreeScale = "C") -> Step:
    """The step that a line of text says. Raises `FaultyInput` for a line without a word, a time
    that is out of all bounds, or degrees that may be of either scale."""
    if not _tidy(text):
        raise FaultyInput.at("text", "Type what is done, such as “bake 180 C 24-28 min”.")
    meant = in_degrees(text, usual)
    if not meant:
        raise FaultyInput.at("text", "That is not a kitchen temperature in °C or °F.")
    if len(meant) > 1:
        raise FaultyInput.at("text", "Are these degrees °C or °F? Type the C or the F with them.")
    text = meant[0]
    rest = _Text(" ".join(text.split())[:400])
    until = rest.take(_CUE)
    cue = _Text(until[1] if until else "")
    look = rest.take(_LOOK)
    _take_temperature(rest)
    _take_time(rest)
    _take_more_time(rest)
    if rest.window is None:  # "until creamy, 3 min"
        _take_time(cue)
        rest.window = cue.window
    vessel = _VESSEL.search(rest.left)
    says = _tidy(rest.left) or _tidy(text)
    kind = _kind(text if not rest.left.strip() else rest.left, text)
    least, most = rest.window or (None, None)
    if most is not None and most > MOST_MIN:
        raise FaultyInput.at("text", "A step takes a week at most.")
    degrees, written, air = rest.temperature or (None, "C", "conventional")
    if kind == "prep" and degrees is not None and degrees >= _OVEN_FROM_C:
        kind = "bake"
    kind, appliance = _in_what(text, kind)
    hands_on = None if appliance is None or kind in _FIRM else appliance.hands_on
    return Step(
        id=key,
        kind=kind,
        says=says[:200],
        least_min=least,
        most_min=most,
        hands_on=kind not in PASSIVE if hands_on is None else hands_on,
        temperature_c=degrees,
        air=air,
        written=written,
        tool="" if appliance is None else appliance.name,
        vessel=vessel[1].lower() if vessel else "",
        cue=_tidy(cue.left)[:300],
        first_look_min=_look_min(look, rest.window) if look else None,
    )


def _take_temperature(rest: _Text) -> None:
    match = rest.take(_TEMPERATURE)
    if match is None:
        return
    scale: DegreeScale = "F" if match[3].upper() == "F" else "C"
    said = match[1] or match[4] or "conventional"
    is_fan = said.lower() != "conventional"
    degrees = celsius(_number(match[2]), scale)
    if not -40 <= degrees <= 400:
        raise FaultyInput.at("text", f"{match[0].strip()} is no temperature of a kitchen.")
    rest.temperature = (round(degrees, 2), scale, "fan" if is_fan else "conventional")


def _take_time(rest: _Text) -> None:
    if match := rest.take(_WINDOW):
        unit = match[4]
        low = _minutes(match[1], match[2] or unit)
        rest.window = tuple(sorted((low, _minutes(match[3], unit))))  # type: ignore[assignment]
    elif match := rest.take(_TWO_PART):
        minutes = _number(match[1]) * 60 + _number(match[2])
        rest.window = (minutes, minutes)
    elif match := rest.take(_TIME):
        minutes = _minutes(match[1], match[2])
        rest.window = (minutes, minutes)
    else:
        for words, window in _WORDS:
            if rest.take(re.compile(words, re.IGNORECASE)):
                rest.window = window
                return


def _take_more_time(rest: _Text) -> None:
    """ "2 min a side" takes twice as long; "45 min covered, then 15 uncovered" takes both."""
    if rest.window is None:
        return
    low, high = rest.window
    if rest.take(_A_SIDE):
        rest.window, rest.left = (2 * low, 2 * high), f"{rest.left}, turning halfway"
    elif more := _THEN.search(rest.left):
        minutes = _minutes(more[1], more[2] or "min")
        rest.window = (low + minutes, high + minutes)


def _look_min(look: re.Match[str], window: tuple[float, float] | None) -> float:
    """A look without a unit is in the unit of the step's own time: minutes, or seconds for those
    that take less than two minutes."""
    unit = look[2] or ("s" if window and window[1] < 2 and _number(look[1]) > window[1] else "min")
    return _minutes(look[1], unit)


def _minutes(number: str, unit: str) -> float:
    letter = unit.lower()[0]
    factor = {"s": 1 / 60, "m": 1.0, "h": 60.0, "d": 1440.0}[letter]
    return round(_number(number) * factor, 4)


def _number(text: str) -> float:
    return float(text.replace(",", "."))


def _kind(first: str, whole: str) -> StepKind:
    for text in (first, whole):
        for weak in (False, True):
            for row in STEP_KINDS:
                words = row.weak_words if weak else row.words
                if words and re.search(words, text, re.IGNORECASE):
                    return row.key
    return "prep"


def _in_what(text: str, kind: StepKind) -> tuple[StepKind, Appliance | None]:
    """What the step is done in, and its kind there: what is done in a waffle iron is not baked."""
    for appliance in APPLIANCES:
        if appliance.words and re.search(appliance.words, text, re.IGNORECASE):
            there = rf"\b(?:in|on|with|under)\s+(?:the|a|an|your)?\s*(?:{appliance.words})"
            named = appliance.kind and re.search(there, text, re.IGNORECASE)
            new = appliance.kind if named and kind not in _FIRM else None
            return new or kind, appliance
    return kind, usual_for(kind)


def _tidy(text: str) -> str:
    """Without the punctuation that was left over, beginning with a capital."""
    plain = re.sub(r"\s+([,;.])", r"\1", " ".join(text.split()))
    plain = re.sub(r"(?:[,;]\s*)+", ", ", plain).strip(" ,;.:")
    return plain[:1].upper() + plain[1:]
