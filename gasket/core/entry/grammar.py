"""One line of a recipe, read: amounts, units, the food's words and what is said about them.

This is the grammar only; `gasket.core.entry.work_out` makes grams of it. It knows:

    160 g ricotta · 1/3 cup skyr · 1 1/2–2 tbsp oil · 1 cup plus 2 tbsp flour
    2 large eggs · 3 scoops whey · 2 × 3.5 oz packs of ham · 1 (15 oz) can pumpkin, drained
    1 cup (120 g) flour · juice of 3 limes · a pinch of salt · salt, to taste · cooking spray, 2 s

It does not know prose ("the rest of the milk"), two foods on one line ("salt and pepper" is one
food of that name) or amounts behind the food without a colon or a unit.

`gasket.core.entry.spelling` spells an entry again; reading that gives the same entry.
"""

import re
from functools import lru_cache
from typing import Final

from gasket.core.entry.amounts import (
    NUMBER,
    UNIT,
    AmountReader,
    exactly,
    number_of,
    stands_alone,
    unit_of,
    whole_quantity,
)
from gasket.core.entry.model import MOST_TEXT, Entry, FoodPart, Quantity
from gasket.core.entry.one_food import refuse_what_is_not_one
from gasket.core.entry.words import FILLS, PACKS, PIECES, SIZES, STATES, UNIT_OF, VULGAR, SpoonFill
from gasket.core.errors import FaultyInput
from gasket.core.trade.preparations import is_preparation

_ALONE: Final = (
    *("pinch", "dash", "drop", "handful", "knob", "glug", "shot"),
    *("cup", "tbsp", "tsp", "scoop"),
)
"""Units that mean one of them when no number stands before: "pinch salt"."""


@lru_cache(maxsize=4096)
def parse_entry(text: str) -> Entry:
    """Read one line. Raises `FaultyInput` at `text` for an empty, overlong or impossible one."""
    if len(text) > MOST_TEXT:
        raise FaultyInput.at("text", f"One line has at most {MOST_TEXT} characters.")
    plain = _plain(text)
    refuse_what_is_not_one(plain)
    line = _Line(plain)
    entry = line.read()
    if not entry.food and not entry.quantities:
        raise FaultyInput.at("text", "Type an amount and a food, like 180 g cottage cheese.")
    if not entry.quantities and (amount := _WEIGHED.search(f"{entry.food}, {entry.note}")):
        says = f"Put “{amount[0].strip()}” in front, like 180 g cottage cheese."
        raise FaultyInput.at("text", says)
    return entry


_SOME: Final = re.compile(
    r"^\s*(?:an?\s+)?(?:(?:little|some|bit|splash|drizzle|sprinkle|sprinkling|squeeze|dollop|touch)"
    r"(?:\s+(?:bit\s+)?of)?(?:\s+the)?)\s+(?=[a-z])",
    re.IGNORECASE,
)
"""An amount that says nothing: it is asked for."""
_WEIGHED: Final = re.compile(
    r"[-−]?[\d.,]*\d(?:e[+-]?\d+)?\s*(?:g|kg|mg|ml|cl|dl|l|oz|lb|grams?|cups?|tbsp|tsp)\b",
    re.IGNORECASE,
)
"""An amount that the grammar has left in the food."""


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
    text = _SOME.sub("", text)
    text = re.sub(r"\s*[×✕]\s*", " x ", text)
    return " ".join(text.split())


class _Line(AmountReader):
    """Reads a line from the left; what has been understood is taken away."""

    def __init__(self, text: str) -> None:
        super().__init__(text)
        self.quantities: list[Quantity] = []
        self.each: Quantity | None = None
        self.also: Quantity | None = None
        self.other: Quantity | None = None
        self.part: FoodPart = ""
        self.protein_said = False
        self.notes: list[str] = []

    def read(self) -> Entry:
        flags = self._flags()
        self._brackets()
        self._part_ahead()
        self._amounts()
        if self.also is not None and self._is_one_pack():
            self.each, self.also = self.also, None  # "1 can (15 oz)" is the size of the can
        self._of()
        food, note = self._food_and_note()
        food, behind = self._amount_behind(food)
        states, food, note = _take_states(food, note)
        food, part = _take_part(food)
        food = self._piece_behind(food)
        juiced, note = _juiced(note)
        part = self.part or juiced or part
        if part and not self.quantities:
            self.quantities = [Quantity(low=1, high=1)]
        return Entry(
            food=food,
            quantities=tuple(self.quantities or behind),
            each=self.each,
            also=self.also,
            otherwise=self.other,
            part=part,
            states=states,
            protein_said=self.protein_said,
            note=note,
            unread=", ".join(piece for piece in note.split(", ") if not is_preparation(piece)),
            **flags,
        )

    def _is_one_pack(self) -> bool:
        first = self.quantities[0] if self.quantities else None
        return first is not None and first.unit in PACKS and first.low == first.high == 1

    def _take(self, pattern: str) -> re.Match[str] | None:
        """Take the first match away from wherever it stands."""
        match = re.search(pattern, self.rest, re.IGNORECASE)
        if match:
            self.rest = " ".join(
                (self.rest[: match.start()] + " " + self.rest[match.end() :]).split()
            )
            self.rest = re.sub(r"\s+([,;:])", r"\1", self.rest).strip(" ,;")
        return match

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
        while match := re.search(r"\(([^()]*)\)", self.rest):
            inside = match[1].strip()
            before = self.rest[: match.start()].strip()
            self.rest = " ".join((before + " " + self.rest[match.end() :]).split())
            self.rest = re.sub(r"\s+([,;:])", r"\1", self.rest)
            said = whole_quantity(inside)
            if said is None:
                protein = re.fullmatch(
                    rf"({NUMBER})\s*g(?:rams)?\s+(?:of\s+)?protein(?:\s+each)?", inside, re.I
                )
                if protein:
                    said, self.protein_said = exactly(number_of(protein[1]), "g"), True
            if said is None:
                self.notes.append(inside)
            elif (
                re.fullmatch(NUMBER, before)
                or re.search(r"\beach$", inside, re.I)
                or self.protein_said
            ):
                self.each = said
            elif self.also is None:
                self.also = said
            else:
                self.notes.append(inside)

    def _part_ahead(self) -> None:
        match = re.match(
            r"(?:the\s+)?(juice and zest|zest and juice|juice|zest|grated zest)\s+(?:of|from)\s+",
            self.rest,
            re.IGNORECASE,
        )
        if match:
            words = match[1].lower()
            both = "juice" in words and "zest" in words
            self.part = "juice and zest" if both else "zest" if "zest" in words else "juice"
            self.rest = self.rest[match.end() :]

    def _amounts(self) -> None:
        joined = self.joined()
        first = self.amount() or self._one_of_a_unit()
        if first is None:
            return
        self.other = self.otherwise
        if first.unit == "" and (pack := re.match(r"\s*x\s+(?=\d)", self.rest, re.I)):
            self.rest = self.rest[pack.end() :]
            size = self.amount()
            if size is not None:
                self.each = size
                first = first.model_copy(update={"unit": self.bare_unit() or "piece"})
        elif first.unit == "" and re.match(r"\d", self.rest) and (size := self.amount()):
            # "2 4.5-oz packs": the second amount is the size of one.
            unit = self.bare_unit()
            if joined is not None and size.unit == "":
                first = joined
            else:
                self.each = size
                first = first.model_copy(update={"unit": unit or "piece"})
            self.other = None if unit in PACKS else joined
        elif first.unit and first.unit not in PACKS and (unit := self._pack_behind()):
            # "a 400 g tin of": one pack of that size
            self.each, first = first, exactly(1, unit)
        self.quantities.append(first)
        while plus := re.match(
            r"\s*(?:\+|plus|and|&)\s+(?=[\d.]|an?\b|one\b|half\b)", self.rest, re.I
        ):
            kept, self.rest = self.rest, self.rest[plus.end() :]
            more = self.amount()
            if more is None or not more.unit:
                self.rest = kept
                return
            self.quantities.append(more)
        if self._compound_follows(first) and (more := self.amount()) is not None:
            self.quantities.append(more)

    def _one_of_a_unit(self) -> Quantity | None:
        """ "pinch salt", "heaped tbsp cocoa": one, where the food follows."""
        match = UNIT.match(self.rest)
        if not match or unit_of(match["unit"]) not in _ALONE or len(match["unit"]) == 1:
            return None
        if not self.rest[match.end() :].strip():
            return None
        self.rest = self.rest[match.end() :].lstrip()
        fill: SpoonFill = FILLS[match["fill"].lower()] if match["fill"] else ""
        return Quantity(low=1, high=1, unit=unit_of(match["unit"]), fill=fill)

    def _compound_follows(self, first: Quantity) -> bool:
        """ "1 lb 4 oz": the smaller unit of the same pair follows at once."""
        smaller = {"lb": "oz", "kg": "g", "cup": "tbsp", "l": "ml"}.get(first.unit)
        match = re.match(rf"\s*{NUMBER}", self.rest)
        if not smaller or not match:
            return False
        unit = UNIT.match(self.rest, match.end())
        return bool(unit) and unit_of(unit["unit"]) == smaller if unit else False

    def _pack_behind(self) -> str:
        match = UNIT.match(self.rest)
        if match and unit_of(match["unit"]) in PACKS and stands_alone(self.rest, match, 0):
            return self.bare_unit()
        return ""

    def _of(self) -> None:
        if self.quantities or self.each:
            if sized := re.match(r"(?:-?size[d]?\s+)", self.rest, re.I):
                self.rest = self.rest[sized.end() :]
            last = self.quantities[-1]
            if last.unit in SIZES and (unit := self.bare_unit()):
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
        if unit := self.bare_unit():
            last = self.quantities[-1]
            self.quantities[-1] = last.model_copy(update={"unit": unit})

    def _food_and_note(self) -> tuple[str, str]:
        food, behind = "", []
        for piece in (piece.strip(" .-") for piece in _BETWEEN.split(self.rest)):
            if self._another_amount(piece) or not piece:
                continue
            if not food and not self._is_fill(piece):
                food = piece  # the first that is no amount: "1 can, drained chickpeas"
            elif not self._is_fill(piece):
                behind.append(piece)
            else:
                last = self.quantities[-1]
                self.quantities[-1] = last.model_copy(update={"fill": "packed"})
        return food, ", ".join([*behind, *self.notes])

    def _is_fill(self, piece: str) -> bool:
        return bool(self.quantities) and piece.casefold() == "packed"

    def _another_amount(self, piece: str) -> bool:
        """ "salt, 3 g", "2 tins, 400 g each": taken, where nothing else says as much."""
        said = whole_quantity(piece)
        if said is None:
            return False
        if not self.quantities:
            self.quantities = [said]
        elif self.each is None and re.search(r"\beach$", piece, re.I):
            self.each = said
        elif self.also is None and self.each is None:
            self.also = said
        else:
            return False
        return True

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
        match = re.search(
            rf"^(?P<food>.*?[^\s:])(?:\s*:\s*|\s+x\s+|\s+)(?P<amount>{NUMBER}.*)$", food, re.I
        )
        if match and (said := whole_quantity(match["amount"])) is not None:
            return match["food"].strip(), [said]
        return food.rstrip(":").strip(), []


def _take_states(food: str, note: str) -> tuple[tuple[str, ...], str, str]:
    """States said of the food, before it or behind the comma, in the order of saying."""
    states: list[str] = []
    for word, state in STATES.items():
        pattern = rf"\b{word}\b"
        if state == "cooked" and re.search(rf"\w+ and {word}\b|\b{word} and \w+", note, re.I):
            continue  # "peeled and boiled": is that the weight before or after?
        if re.search(rf"^{pattern}\s+\w", food, re.I):
            food = re.sub(rf"^{pattern}\s+", "", food, count=1, flags=re.I)
            states.append(state)
        elif re.search(pattern, note, re.I):
            note = re.sub(rf"(?:\bwell\s+)?{pattern}(?:\s+and\b)?", "", note, count=1, flags=re.I)
            states.append(state)
    note = re.sub(r"\s*,\s*(?=,|$)|^\s*,\s*", "", " ".join(note.split())).strip(" ,")
    return tuple(dict.fromkeys(states)), food, note


def _take_part(food: str) -> tuple[str, FoodPart]:
    match = re.fullmatch(r"(.+?)(?<!\band)(?<!&)\s+(zest)", food, re.I)
    if match:
        return match[1], "zest"
    return food, ""


_BETWEEN: Final = re.compile(r"[,;](?!\d)")
_PARTS: Final = re.compile(
    r"\b(juiced?|zested|zest)(?: and (juiced?|zested|zest))?(?: only)?\b", re.IGNORECASE
)


def _juiced(note: str) -> tuple[FoodPart, str]:
    """The part that a note says, and the rest of the note."""
    said = _PARTS.search(note)
    if said is None:
        return "", note
    words = said[0].lower()
    rest = re.sub(r"\s*,\s*(?=,|$)|^\s*,\s*", "", note.replace(said[0], "")).strip()
    if "juice" in words and "zest" in words:
        return "juice and zest", rest
    return "juice" if "juice" in words else "zest", rest
