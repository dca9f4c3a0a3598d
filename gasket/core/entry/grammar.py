"""One line of a recipe, read: amounts, units, the food's words and what is said about them.

This is the grammar only; `gasket.core.entry.work_out` makes grams of it. It knows:

    180 g cottage cheese · 1/2 cup egg white · 1 1/2–2 tbsp oil · 1 cup plus 2 tbsp flour
    2 large eggs · 3 scoops whey · 2 × 4.5 oz packs of ham · 1 (15 oz) can pumpkin, drained
    1 cup (120 g) flour · juice of 2 lemons · a pinch of salt · salt, to taste · cooking spray, 2 s

It does not know prose ("the rest of the milk"), two foods on one line ("salt and pepper" is one
food of that name) or amounts behind the food without a colon or a unit.

`written` spells an entry in the canonical way; reading that again gives the same entry.
"""

import re
from fractions import Fraction
from typing import Final, Literal

from gasket.core.entry.words import (
    FILLS,
    NUMBER_WORDS,
    PACKS,
    PIECES,
    SIZES,
    STATES,
    UNIT_OF,
    VULGAR,
    Fill,
)
from gasket.core.errors import FaultyInput
from gasket.core.numbers import MOST_G, Answer

Part = Literal["", "juice", "zest", "juice and zest"]
Said = Literal["", "as bought", "edible"]

MOST_TEXT: Final = 300


class Quantity(Answer):
    """So many of a unit; `high` is above `low` for a range. Unit "" is a bare number."""

    low: float
    high: float
    unit: str = ""
    fill: Fill = ""

    @property
    def middle(self) -> float:
        return (self.low + self.high) / 2


class Entry(Answer):
    """What a line says. Several quantities add up; `each` is the size of one pack or piece;
    `also` is the same amount said another way in brackets."""

    food: str
    quantities: tuple[Quantity, ...] = ()
    each: Quantity | None = None
    also: Quantity | None = None
    part: Part = ""
    states: tuple[str, ...] = ()
    bought: Said = ""
    to_taste: bool = False
    optional: bool = False
    protein_said: bool = False
    note: str = ""


_NUMBER = r"(?:\d+[ ]\d+/\d+|\d+/\d+|\d{1,3}(?:[ ,]\d{3})+(?!\d)|\d*[.,]\d+|\d+)"
_AMOUNT = re.compile(rf"(?P<low>{_NUMBER})(?:\s*(?:-|to|or)\s*(?P<high>{_NUMBER}))?")
_WORD = re.compile(r"[^\s,;:()]+")


def _longest_first() -> str:
    words = sorted(UNIT_OF, key=len, reverse=True)
    return "|".join(re.escape(word).replace(r"\ ", r"\s+") for word in words)


_UNIT = re.compile(
    rf"[-\s]*(?:(?P<fill>{'|'.join(FILLS)})\s+)?(?P<unit>{_longest_first()}|(?-i:[Tt]))\b\.?",
    re.IGNORECASE,
)
_ALONE: Final = (*("pinch", "dash", "drop", "handful", "knob"), *("cup", "tbsp", "tsp", "scoop"))
"""Units that mean one of them when no number stands before: "pinch salt"."""


def parse_entry(text: str) -> Entry:
    """Read one line. Raises `FaultyInput` at `text` for an empty, overlong or impossible one."""
    if len(text) > MOST_TEXT:
        raise FaultyInput.at("text", f"One line has at most {MOST_TEXT} characters.")
    line = _Line(_plain(text))
    entry = line.read()
    if not entry.food and not entry.quantities:
        raise FaultyInput.at("text", "Type an amount and a food, like 180 g cottage cheese.")
    return entry


def _plain(text: str) -> str:
    """One spelling for fractions, dashes, times signs, bullets and spaces."""
    for sign, spelled in VULGAR.items():
        text = re.sub(rf"(\d)\s*{sign}", rf"\1 {spelled}", text).replace(sign, spelled)
    text = text.replace("⁄", "/").replace("\u00a0", " ").replace("\u202f", " ")
    text = re.sub(r"[‐‑‒–—−]", "-", text)
    text = re.sub(r"^\s*(?:[-•*·▢☐]|\[[ x]?\]|\d+[.)](?=\s+\d))\s+", "", text)
    text = re.sub(
        r"^\s*(?:about|approx\.?|approximately|ca\.?|around|~)\s*(?=[\d.a])", "", text, flags=re.I
    )
    text = re.sub(r"\s*[×✕]\s*", " x ", text)
    return " ".join(text.split())


def _number(text: str) -> float:
    text = text.strip()
    if re.fullmatch(r"\d{1,3}(?:[ ,]\d{3})+", text):  # 1,200 and 1 200 are thousands
        return float(re.sub(r"[ ,]", "", text))
    try:
        return float(sum(Fraction(part) for part in text.replace(",", ".").split()))
    except ZeroDivisionError:
        raise FaultyInput.at("text", "A fraction cannot have 0 below the line.") from None


def _unit_of(word: str) -> str:
    if word in ("T", "t"):
        return "tbsp" if word == "T" else "tsp"
    return UNIT_OF[" ".join(word.lower().split())]


class _Line:
    """Reads a line from the left; what has been understood is taken away."""

    def __init__(self, text: str) -> None:
        self.rest = text
        self.quantities: list[Quantity] = []
        self.each: Quantity | None = None
        self.also: Quantity | None = None
        self.part: Part = ""
        self.protein_said = False
        self.notes: list[str] = []

    def read(self) -> Entry:
        flags = self._flags()
        self._brackets()
        self._part_ahead()
        self._amounts()
        if self.also is not None and self.quantities and self.quantities[0].unit in PACKS:
            self.each, self.also = self.also, None  # "1 can (15 oz)" is the size of the can
        self._of()
        food, note = self._food_and_note()
        food, behind = self._amount_behind(food)
        states, food, note = _take_states(food, note)
        food, part = _take_part(food)
        food = self._piece_behind(food)
        part = self.part or _juiced(note) or part
        if part and not self.quantities:
            self.quantities = [Quantity(low=1, high=1)]
        return Entry(
            food=food,
            quantities=tuple(self.quantities or behind),
            each=self.each,
            also=self.also,
            part=part,
            states=states,
            protein_said=self.protein_said,
            note=note,
            **flags,
        )

    def _take(self, pattern: str) -> re.Match[str] | None:
        """Take the first match away from wherever it stands."""
        found = re.search(pattern, self.rest, re.IGNORECASE)
        if found:
            self.rest = " ".join(
                (self.rest[: found.start()] + " " + self.rest[found.end() :]).split()
            )
            self.rest = re.sub(r"\s+([,;:])", r"\1", self.rest).strip(" ,;")
        return found

    def _flags(self) -> dict[str, object]:
        bought = self._take(
            r"\(?\b(as bought|with (?:the )?(?:peel|skin|bone|shell)|unpeeled|untrimmed"
            r"|bone-in)\b\)?"
        )
        edible = None if bought else self._take(r"\(?\b(edible|peeled weight|as eaten)\b\)?")
        return {
            "optional": bool(self._take(r"[,(]?\s*\boptional\b\)?")),
            "to_taste": bool(
                self._take(
                    r"[,(]?\s*\b(?:or )?(?:(?:to|for) taste|as needed"
                    r"|for (?:greasing|dusting))\b\)?"
                )
            ),
            "bought": "as bought" if bought else "edible" if edible else "",
        }

    def _brackets(self) -> None:
        """What stands in brackets: an amount said again, the size of a pack, or a note."""
        while found := re.search(r"\(([^()]*)\)", self.rest):
            inside = found[1].strip()
            before = self.rest[: found.start()].strip()
            self.rest = " ".join((before + " " + self.rest[found.end() :]).split())
            self.rest = re.sub(r"\s+([,;:])", r"\1", self.rest)
            said = _whole_quantity(inside)
            if said is None:
                protein = re.fullmatch(
                    rf"({_NUMBER})\s*g(?:rams)?\s+(?:of\s+)?protein(?:\s+each)?", inside, re.I
                )
                if protein:
                    said, self.protein_said = _exactly(_number(protein[1]), "g"), True
            if said is None:
                self.notes.append(inside)
            elif (
                re.fullmatch(_NUMBER, before)
                or re.search(r"\beach$", inside, re.I)
                or self.protein_said
            ):
                self.each = said
            elif self.also is None:
                self.also = said

    def _part_ahead(self) -> None:
        found = re.match(
            r"(?:the\s+)?(juice and zest|zest and juice|juice|zest|grated zest)\s+(?:of|from)\s+",
            self.rest,
            re.IGNORECASE,
        )
        if found:
            words = found[1].lower()
            both = "juice" in words and "zest" in words
            self.part = "juice and zest" if both else "zest" if "zest" in words else "juice"
            self.rest = self.rest[found.end() :]

    def _amounts(self) -> None:
        first = self._amount() or self._one_of_a_unit()
        if first is None:
            return
        if first.unit == "" and (pack := re.match(r"\s*x\s+(?=\d)", self.rest, re.I)):
            self.rest = self.rest[pack.end() :]
            size = self._amount()
            if size is not None:
                self.each = size
                first = first.model_copy(update={"unit": self._bare_unit() or "piece"})
        elif first.unit == "" and re.match(r"\d", self.rest) and (size := self._amount()):
            # "2 4.5-oz packs": the second amount is the size of one.
            self.each = size
            first = first.model_copy(update={"unit": self._bare_unit() or "piece"})
        elif first.unit and first.unit not in PACKS and (unit := self._pack_behind()):
            # "a 400 g tin of": one pack of that size
            self.each, first = first, _exactly(1, unit)
        self.quantities.append(first)
        while plus := re.match(
            r"\s*(?:\+|plus|and|&)\s+(?=[\d.]|an?\b|one\b|half\b)", self.rest, re.I
        ):
            kept, self.rest = self.rest, self.rest[plus.end() :]
            more = self._amount()
            if more is None or not more.unit:
                self.rest = kept
                return
            self.quantities.append(more)
        if self._compound_follows(first) and (more := self._amount()) is not None:
            self.quantities.append(more)

    def _one_of_a_unit(self) -> Quantity | None:
        """ "pinch salt", "heaped tbsp cocoa": one, where the food follows."""
        found = _UNIT.match(self.rest)
        if not found or _unit_of(found["unit"]) not in _ALONE or len(found["unit"]) == 1:
            return None
        if not self.rest[found.end() :].strip():
            return None
        self.rest = self.rest[found.end() :].lstrip()
        fill: Fill = FILLS[found["fill"].lower()] if found["fill"] else ""
        return Quantity(low=1, high=1, unit=_unit_of(found["unit"]), fill=fill)

    def _compound_follows(self, first: Quantity) -> bool:
        """ "1 lb 4 oz": the smaller unit of the same pair follows at once."""
        smaller = {"lb": "oz", "kg": "g", "cup": "tbsp", "l": "ml"}.get(first.unit)
        found = re.match(rf"\s*{_NUMBER}", self.rest)
        if not smaller or not found:
            return False
        unit = _UNIT.match(self.rest, found.end())
        return bool(unit) and _unit_of(unit["unit"]) == smaller if unit else False

    def _amount(self) -> Quantity | None:
        low, high, end = self._numbers()
        if low is None or high is None:
            return None
        if max(low, high) > MOST_G:
            raise FaultyInput.at("text", "This is absurdly much: check the number and the unit.")
        fill: Fill = ""
        unit = ""
        found = _UNIT.match(self.rest, end)
        if not found and re.match(r"[a-z]", self.rest[end:], re.IGNORECASE):
            return None  # a name that begins with a number
        if found and _stands_alone(self.rest, found, end):
            unit, end = _unit_of(found["unit"]), found.end()
            fill = FILLS[found["fill"].lower()] if found["fill"] else ""
        self.rest = self.rest[end:].lstrip()
        if packed := re.match(r",?\s*(firmly |lightly )?packed\b\s*", self.rest, re.I):
            fill, self.rest = "packed", self.rest[packed.end() :]
        return Quantity(low=min(low, high), high=max(low, high), unit=unit, fill=fill)

    def _numbers(self) -> tuple[float | None, float | None, int]:
        found = _AMOUNT.match(self.rest)
        if found:
            low = _number(found["low"])
            high = _number(found["high"]) if found["high"] else low
            if high < low and "-" in found[0] and "/" in found[0]:  # "1-1/2" is one and a half
                return low + high, low + high, found.end()
            return low, high, found.end()
        return self._spelled_number()

    def _spelled_number(self) -> tuple[float | None, float | None, int]:
        total, end = None, 0
        for found in _WORD.finditer(self.rest):
            word = found[0].lower()
            if word == "couple":
                total = 2.0
            elif word == "few":
                return 2.0, 4.0, found.end()
            elif word in NUMBER_WORDS:
                value = NUMBER_WORDS[word]
                total = value if total is None else total * value
            elif word == "of" and total is not None and total != 1.0:
                continue
            else:
                break
            end = found.end()
        return total, total, end

    def _bare_unit(self) -> str:
        found = _UNIT.match(self.rest)
        if not found or not _stands_alone(self.rest, found, 0):
            return ""
        self.rest = self.rest[found.end() :].lstrip()
        return _unit_of(found["unit"])

    def _pack_behind(self) -> str:
        found = _UNIT.match(self.rest)
        if found and _unit_of(found["unit"]) in PACKS and _stands_alone(self.rest, found, 0):
            return self._bare_unit()
        return ""

    def _of(self) -> None:
        if self.quantities or self.each:
            if sized := re.match(r"(?:-?size[d]?\s+)", self.rest, re.I):
                self.rest = self.rest[sized.end() :]
            last = self.quantities[-1]
            if last.unit in SIZES and (unit := self._bare_unit()):
                # "3 large slices": the size tells of the slices
                self.quantities[-1] = last.model_copy(update={"unit": unit})
                self.notes.append(last.unit)
            elif last.unit in ("second",) and (spray := re.match(r"spray\b\s*", self.rest, re.I)):
                self.rest = self.rest[spray.end() :]
        if of := re.match(r"(?:of|from)\s+(?:an?\s+|the\s+)?|an?\s+", self.rest, re.I):
            self.rest = self.rest[of.end() :]
        if self.quantities and self.quantities[-1].unit == "":
            self._piece_of_a_size()

    def _piece_of_a_size(self) -> None:
        """ "half of a large onion": a size may follow the of."""
        if unit := self._bare_unit():
            last = self.quantities[-1]
            self.quantities[-1] = last.model_copy(update={"unit": unit})

    def _food_and_note(self) -> tuple[str, str]:
        food, _, behind = self.rest.partition(",")
        if not food.strip():  # "1 can, drained chickpeas"
            food, behind = behind, ""
        if not self.quantities and (said := _whole_quantity(behind.strip())) is not None:
            self.quantities, behind = [said], ""
        if self.quantities and re.fullmatch(r"\s*packed", behind, re.I):
            last = self.quantities[-1]
            self.quantities[-1], behind = last.model_copy(update={"fill": "packed"}), ""
        notes = [part.strip(" ,;") for part in [behind, *self.notes]]
        return food.strip(" ,;.-"), ", ".join(part for part in notes if part)

    def _piece_behind(self, food: str) -> str:
        """ "2 garlic cloves": the piece stands behind the food."""
        first, _, last = food.rpartition(" ")
        unit = UNIT_OF.get(last.lower())
        if first and unit in PIECES and self.quantities and self.quantities[-1].unit == "":
            self.quantities[-1] = self.quantities[-1].model_copy(update={"unit": unit})
            return first
        return food

    def _amount_behind(self, food: str) -> tuple[str, list[Quantity]]:
        """ "flour 200 g", "cottage cheese: 180 g", "eggs x 2", "cooking spray, 2 s"."""
        if self.quantities:
            return food, []
        if self.also is not None:
            brackets, self.also = self.also, None
            return food, [brackets]
        found = re.search(
            rf"^(?P<food>.*?[^\s:])(?:\s*:\s*|\s+x\s+|\s+)(?P<amount>{_NUMBER}.*)$", food, re.I
        )
        if found and (said := _whole_quantity(found["amount"])) is not None:
            return found["food"].strip(), [said]
        return food.rstrip(":").strip(), []


def _exactly(amount: float, unit: str) -> Quantity:
    return Quantity(low=amount, high=amount, unit=unit)


def _stands_alone(text: str, unit: re.Match[str], start: int) -> bool:
    """A letter for a unit must not be the start of the food: "2 c flour", but "2 carrots"."""
    word = unit["unit"]
    between = text[start : unit.start("unit")]
    if start and not between and not text[start - 1].isdigit():
        return False
    return word.lower() != "whole" or bool(text[unit.end("unit") :].strip())


def _whole_quantity(text: str) -> Quantity | None:
    """A text that is an amount and nothing else ("120 g", "about 1 1/2 cups", "15-ounce")."""
    line = _Line(re.sub(r"^(?:about|approx\.?|ca\.?|~|or)\s*", "", text, flags=re.I))
    if not re.match(r"[\d.]|an?\b|half\b", line.rest):
        return None
    found = line._amount()
    rest = re.sub(r"^(?:each|total|in total|spray|per scoop)\b", "", line.rest.strip(), flags=re.I)
    return found if found is not None and not rest.strip() else None


def _take_states(food: str, note: str) -> tuple[tuple[str, ...], str, str]:
    """States said of the food, before it or behind the comma, in the order of saying."""
    states: list[str] = []
    for word, state in STATES.items():
        pattern = rf"\b{word}\b"
        if re.search(rf"^{pattern}\s+\w", food, re.I):
            food = re.sub(rf"^{pattern}\s+", "", food, count=1, flags=re.I)
            states.append(state)
        elif re.search(pattern, note, re.I):
            note = re.sub(rf"(?:\bwell\s+)?{pattern}(?:\s+and\b)?", "", note, count=1, flags=re.I)
            states.append(state)
    note = re.sub(r"\s*,\s*(?=,|$)|^\s*,\s*", "", " ".join(note.split())).strip(" ,")
    return tuple(dict.fromkeys(states)), food, note


def _take_part(food: str) -> tuple[str, Part]:
    found = re.fullmatch(r"(.+?)\s+(zest)", food, re.I)
    if found:
        return found[1], "zest"
    return food, ""


def _juiced(note: str) -> Part:
    juiced, zested = "juiced" in note, "zested" in note or "zest" in note.split()
    if juiced and zested:
        return "juice and zest"
    return "juice" if juiced else "zest" if zested else ""


def written(entry: Entry) -> str:
    """The entry in its canonical spelling."""
    amount = " plus ".join(_spelled(one) for one in entry.quantities)
    if entry.each is not None and entry.quantities:
        first = entry.quantities[0]
        size = _spelled(entry.each)
        size = f"({size} protein)" if entry.protein_said else f"({size})"
        amount = f"{_digits(first.low)} {size} {first.unit}"
    elif entry.also is not None:
        amount += f" ({_spelled(entry.also)})"
    words = [f"{entry.part} of" if entry.part else "", amount, entry.food]
    text = " ".join(word for word in words if word)
    behind = [*(state.replace("_", " ") for state in entry.states), entry.note]
    behind += [
        entry.bought,
        "to taste" if entry.to_taste else "",
        "optional" if entry.optional else "",
    ]
    return ", ".join([text, *(word for word in behind if word)])


def _digits(value: float) -> str:
    """As few digits as say exactly this number; thirds and sixths as fractions."""
    fraction = Fraction(value).limit_denominator(9)
    if fraction.denominator in (3, 6, 7, 9) and float(fraction) == value:
        whole, part = divmod(fraction, 1)
        return f"{whole} {part}" if whole else str(part)
    return repr(value).removesuffix(".0") if 1e-4 <= value < 1e16 or value == 0 else f"{value:f}"


def _spelled(quantity: Quantity) -> str:
    number = _digits(quantity.low)
    if quantity.high > quantity.low:
        number += f"-{_digits(quantity.high)}"
    return " ".join(word for word in (number, quantity.fill, quantity.unit) if word)
