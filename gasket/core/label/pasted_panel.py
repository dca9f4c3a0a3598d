"""A nutrition panel as it is copied from a page or a photo's text: its figures, and the rest.

    Serving size 2/3 cup (55 g)  Calories 230  Total Fat 8g 10%  ...  a US panel, on as many lines
    Energy 1580 kJ / 374 kcal  Fat 6,2 g  of which saturates 1,1 g    an EU table, one column or two
    148 kcal, 12 P, 4 C, 9 F per 100 g                                a note in one line

Of several columns the one for 100 g or 100 ml is read, else the first; the others are left out.
Every word and number that is no figure of ours is shown as not used; nothing is guessed.
"""

import re
from collections.abc import Iterator
from dataclasses import dataclass, field
from typing import Any, Final, get_args

from gasket.core.errors import FaultyInput
from gasket.core.label.label import Polyol
from gasket.core.label.rounding import PanelStyle
from gasket.core.label.short_form import ShortLabel, read_short
from gasket.core.numbers import Positive, Sparse
from gasket.core.trade.nutrients import BY_KEY
from gasket.core.trade.nutrients.table import TABLE
from gasket.core.trade.quantities import HouseholdSystem
from gasket.core.trade.units import convert, kind_of
from gasket.core.trade.written_numbers import read_number

MOST_TEXT: Final = 6000
_NUMBER: Final = r"(?:\d{1,3}(?:[,.]\d{3})+(?!\d)|\d \d{3}(?=\s*kj)|\d+(?:[.,]\d+)?)"
_UNIT: Final = r"kcal|kj|cal|mcg|µg|μg|mg|g|ml|iu"
_POLYOLS: Final[dict[str, Polyol]] = {name: name for name in get_args(Polyol) if name != "hsh"}
_NOT_OURS: Final = (
    r"calories from fat|energy from fat|trans[- ]?fat(?:ty acids)?|trans|vitamin [a-z]\d*"
    r"|(?:of which )?(?:mono|poly)[- ]?unsaturate[sd](?: fat)?s?|(?:of which )?starch|omega[- ]?\d"
    r"|magnesium|zinc|phosphorus|insoluble fib(?:re|er)|water|caffeine|net carbs?|sodium chloride"
)
"""Figures that panels print and that no field is for."""


def _names() -> str:
    """What panels call the figures, the longest first; each group is called after its figure."""
    said: dict[str, list[str]] = {}
    for row in TABLE:
        own = said.setdefault(row.key, [])
        own += [re.escape(printed.name) for printed in (row.us, row.eu) if printed is not None]
        own += [row.typed] if row.typed else []
    said["added_sugars_g"] += [r"added sugars?", r"of which added sugars?"]
    said["sugars_g"] += [r"total sugars?"]
    said["soluble_fibre_g"] += [r"soluble fib(?:re|er)"]
    said["fibre_g"] += [r"dietary fib(?:re|er)", r"total fib(?:re|er)"]
    said["saturated_g"] += [r"of which saturate[sd](?: fat)?s?", r"saturated fatty acids"]
    said["polyols_g"] += [r"of which polyols", *_POLYOLS]
    said["allulose_g"] += [r"allulose"]
    said["carbohydrate_g"] += [r"(?:total |available )?carbohydrates?", r"total carbs?", r"carbs?"]
    said["fat_g"] += [r"total fat", r"fat"]
    ordered = sorted(said.items(), key=lambda item: -max(map(len, item[1]), default=0))
    return "|".join(
        f"(?P<{key}>{'|'.join(sorted(set(words), key=len, reverse=True))})"
        for key, words in ordered
        if words
    )


_TOKEN: Final = re.compile(
    rf"(?P<energy_in>energy\s*\(?\s*(?P<unit_a>kj|kcal)\s*(?:/|,)\s*(?P<unit_b>kj|kcal)\s*\)?)"
    rf"|(?P<percent>{_NUMBER}[ \t]*%\*?)"
    rf"|(?:(?P<below><|less than|under)\s*)?(?P<number>{_NUMBER})\s*(?P<unit>{_UNIT})?(?![\w])"
    rf"|\b(?:(?P<not_ours>{_NOT_OURS})|{_names()})(?![\w])"
    r"|(?P<trace>\btraces?\b|\bnil\b)"
    r"|(?P<includes>\bincl(?:udes|uding|\.)?)"
    r"|(?P<word>[^\s\d]+)",
    re.IGNORECASE,
)
_SIZE: Final = r"(?P<amount>\d+(?: \d+/\d+|/\d+|[.,]\d+)?)"
_SERVING: Final = re.compile(
    r"\bserving size\s*:?\s*(?:about\s*)?(?:"
    rf"(?:{_SIZE}\s*(?P<unit>[a-z][a-z .-]{{0,30}}?)\s*)?[(/]\s*(?P<in>\d+(?:[.,]\d+)?)\s*"
    r"(?P<metric>g|ml)\s*\)?"
    rf"|{_SIZE.replace('amount', 'bare')}\s*(?P<bare_unit>[a-z]+\b(?: oz\b)?))",
    re.IGNORECASE,
)
_KJ_BEHIND: Final = re.compile(r"\d\s*kj\b", re.IGNORECASE)
_KJ_BEFORE: Final = re.compile(rf"\b(kj|kcal)\s*:?\s*({_NUMBER})", re.IGNORECASE)
_PACK: Final = r"(?:container|pack(?:age|et)?|bag|box|tub|bottle|can|jar|carton)"
_PER_PACK: Final = re.compile(
    rf"(?:about\s*)?\d+(?:[.,]\d+)?\s*servings? per {_PACK}"
    rf"|servings? per {_PACK}\s*:?\s*(?:about\s*)?\d*",
    re.IGNORECASE,
)
_INGREDIENTS: Final = re.compile(r"\b(?:ingredients|contains|allergen\w*)\b\s*:", re.IGNORECASE)
_COLUMN: Final = re.compile(
    r"(?:\b(?:per|for|in)\s+|/\s*|^|\n|\|\s*|\t)"
    r"(?:(?:an?\s+|1\s+)?(?P<piece>serving|portion|slice|bar|biscuit|pot|piece|pack|scoop|container)"
    r"(?:\s*(?:size)?\s*[(:]?\s*(?P<portion>\d+(?:[.,]\d+)?)\s*(?P<portion_unit>g|ml)\s*\)?)?"
    r"|(?P<amount>\d+(?:[.,]\d+)?)\s*(?P<unit>g|ml)\b(?:\s*(?:serving|portion))?)",
    re.IGNORECASE,
)
_BOILERPLATE: Final = re.compile(
    r"nutrition(?:al)?(?: facts| information| values?)?|typical values?|average"
    r"|amount per serving|amount|amount/serving|%?\s*daily values?\*?|%\s*dv\*?|\bservings?\b"
    r"|\bserving size|\bper\b|\bvalues?\b|\bof which\b|\babout\b|\bcontainer\b|\bportion\b"
    r"|\bri\b\*?|%\s*ri\*?|\beach\b|\bcontains?\b|\bdv\b",
    re.IGNORECASE,
)
_SAYS_US: Final = re.compile(
    r"serving size|calories|total fat|dietary fiber|daily value|total carb", re.IGNORECASE
)
_SAYS_EU: Final = re.compile(r"\bkj\b|\d\s*kj\b|of which|\bsalt\b|saturates|fibre", re.IGNORECASE)


class PastedPanel(ShortLabel):
    """The figures of a panel, what they are for, and what of the text was not used."""

    style: PanelStyle | None = None
    basis_pieces: Sparse[Positive] = None
    piece: str = ""
    polyol: Sparse[Polyol] = None
    below: tuple[str, ...] = ()
    unused: tuple[str, ...] = ()


@dataclass
class _Reading:
    """What has been read so far; `waiting` is the figure whose numbers follow."""

    column: int
    figures: dict[str, float] = field(default_factory=dict)
    below: list[str] = field(default_factory=list)
    unused: list[str] = field(default_factory=list)
    polyol: Polyol | None = None
    waiting: str = ""
    said: str = ""
    seen: dict[str, int] = field(default_factory=dict)
    includes: bool = False
    held: tuple[float, str, str] | None = None
    energy_units: tuple[str, ...] = ()


def read_panel(text: str) -> PastedPanel:
    """Read a copied panel. Raises `FaultyInput` at `text` where no figure can be read."""
    if len(text) > MOST_TEXT:
        raise FaultyInput.at("text", f"A panel has at most {MOST_TEXT:,} characters.")
    note = _as_a_note(text)
    if note is not None:
        return PastedPanel(**note.model_dump(exclude_none=True))
    plain = text.replace("\u00a0", " ").replace("\u202f", " ").replace("：", ":")
    if not _KJ_BEHIND.search(plain):
        plain = _KJ_BEFORE.sub(r"\2 \1", plain)
    cut = _INGREDIENTS.search(plain)
    plain, after = (plain[: cut.start()], plain[cut.start() :]) if cut else (plain, "")
    basis, rest, column = _basis_of(_PER_PACK.sub("\n", plain))
    reading = _Reading(column)
    for token in _TOKEN.finditer(rest):
        _take(reading, token)
    _drop_held(reading)
    if len(reading.figures) < 2:
        raise FaultyInput.at(
            "text", "No panel can be read here: paste its lines with their figures."
        )
    return PastedPanel(
        **basis,
        **reading.figures,
        style=_style_of(plain),
        polyol=reading.polyol,
        below=tuple(key for key in sorted(set(reading.below)) if key in reading.figures),
        unused=tuple(_telling([*reading.unused, after])),
    )


def _as_a_note(text: str) -> ShortLabel | None:
    if "\n" in text.strip() or re.search(r"serving size|kj|%", text, re.IGNORECASE):
        return None
    try:
        return read_short(text)
    except FaultyInput:
        return None


# What the figures are for


def _basis_of(text: str) -> tuple[dict[str, Any], str, int]:
    """The basis, the text without it, and which column stands for it."""
    serving = _SERVING.search(text)
    rest = text if serving is None else f"{text[: serving.start()]}\n{text[serving.end() :]}"
    columns = [*_COLUMN.finditer(rest[: _first_figure(rest)])]
    for at, column in enumerate(columns):
        if column["amount"] and float(column["amount"].replace(",", ".")) == 100:
            return _column_basis(column), _without(rest, columns), at
    if serving and (basis := _serving(serving)):
        return basis, rest, 0
    for at, column in enumerate(columns):
        if column["amount"] or column["portion"]:
            return _column_basis(column), _without(text, columns), at
    return {}, _without(text, columns), 0


def _first_figure(text: str) -> int:
    """Where the header ends: at the first figure with its number."""
    first = re.search(r"\b(?:energy|calories|kcal|kj|fat|protein)\b", text, re.IGNORECASE)
    if first is None:
        return len(text)
    trailing = re.search(r"per\s+100\s*(?:g|ml)|per serving", text[first.start() :], re.IGNORECASE)
    return len(text) if trailing and not _COLUMN.search(text[: first.start()]) else first.start()


def _without(text: str, columns: list[re.Match[str]]) -> str:
    for column in reversed(columns):
        text = text[: column.start()] + "\n" + text[column.end() :]
    return text


def _column_basis(column: re.Match[str]) -> dict[str, Any]:
    amount = column["amount"] or column["portion"]
    unit = (column["unit"] or column["portion_unit"]).lower()
    basis: dict[str, Any] = {f"basis_{unit}": float(amount.replace(",", "."))}
    piece = (column["piece"] or "").lower()
    if piece and piece not in ("serving", "portion", "container"):
        basis |= {"basis_pieces": 1.0, "piece": piece}
    return basis


def _serving(serving: re.Match[str]) -> dict[str, Any]:
    """ "2/3 cup (55 g)": grams, and the volume or the pieces beside them."""
    basis: dict[str, Any] = {}
    if serving["in"]:
        weight = read_number(serving["in"].replace(",", ".")).value
        basis[f"basis_{serving['metric'].lower()}"] = weight
    said = serving["amount"] or serving["bare"]
    if not said:
        return basis
    amount = read_number(said.replace(",", ".")).value
    unit = (serving["unit"] or serving["bare_unit"] or "").strip(" .-").lower()
    unit = {"cups": "cup", "ounce": "oz", "ounces": "oz", "tablespoon": "tbsp", "gram": "g"}.get(
        unit, unit
    )
    if unit in ("g", "grams", "ml"):
        basis.setdefault("basis_ml" if unit == "ml" else "basis_g", amount)
    elif kind_of(unit) == "volume":
        basis.setdefault("basis_ml", convert(amount, unit, HouseholdSystem.US_LABEL))
    elif kind_of(unit) == "mass":
        basis.setdefault("basis_g", convert(amount, unit))
    elif unit and amount > 0:
        basis |= {"basis_pieces": amount, "piece": unit[:40]}
    return basis


def _style_of(text: str) -> PanelStyle | None:
    us, eu = len(_SAYS_US.findall(text)), len(_SAYS_EU.findall(text))
    return None if us == eu else "us" if us > eu else "eu"


# The figures


def _take(reading: _Reading, token: re.Match[str]) -> None:
    if token["energy_in"]:
        _drop_held(reading)
        reading.waiting, reading.said = "kcal", token[0]
        reading.energy_units = (token["unit_a"].lower(), token["unit_b"].lower())
    elif token["percent"]:
        return
    elif token["number"]:
        _number(reading, token)
    elif token["includes"]:
        reading.includes, reading.waiting = True, ""
    elif token["trace"]:
        reading.unused.append(f"{reading.said} {token[0]}".strip())
    elif token["word"] or len(token[0]) == 1:  # a letter is a figure only in a note of one line
        _word(reading, token[0])
    else:
        _name(reading, token)


def _name(reading: _Reading, token: re.Match[str]) -> None:
    key = "" if token["not_ours"] else token.lastgroup or ""
    if reading.includes and reading.held is not None and key:
        amount, unit, _ = reading.held  # "Includes 4g added sugars": the number stands first
        reading.held = None
        _put(reading, key, amount, unit, below=False)
        reading.waiting, reading.includes = "", False
        return
    _drop_held(reading)
    reading.includes = False
    reading.waiting, reading.said = key, token[0]
    reading.seen[key] = 0
    if key != "kcal":
        reading.energy_units = ()
    reading.polyol = _POLYOLS.get(token[0].casefold(), reading.polyol)


def _number(reading: _Reading, token: re.Match[str]) -> None:
    unit = (token["unit"] or "").lower()
    amount = _amount(token["number"], unit)
    if reading.includes and not reading.waiting:
        reading.held = (amount, unit, token[0])
        return
    key = {"kj": "kj", "kcal": "kcal", "cal": "kcal"}.get(unit, reading.waiting)
    if reading.energy_units and not unit and reading.waiting == "kcal":
        turn = reading.seen.get("energy", 0)
        reading.seen["energy"] = turn + 1
        key = reading.energy_units[turn % 2]
        at = turn // 2
    else:
        at = reading.seen.get(key, 0)
        reading.seen[key] = at + 1
    if not key or (reading.waiting == "" and key not in ("kj", "kcal")):
        reading.unused.append(f"{reading.said} {token[0].strip()}".strip())
    elif at == reading.column:
        _put(reading, key, amount, unit, below=bool(token["below"]))


def _amount(text: str, unit: str) -> float:
    """A figure; "1,580" of energy is thousands, "6,235" of anything else has decimals."""
    plain = text.replace(" ", "")
    if re.fullmatch(r"\d{1,3}(?:[,.]\d{3})+", plain) and (
        unit in ("kj", "kcal", "mg") or " " in text
    ):
        return float(re.sub(r"[,.]", "", plain))
    return float(plain.replace(",", "."))


def _put(reading: _Reading, key: str, amount: float, unit: str, *, below: bool) -> None:
    row = BY_KEY[key]
    if row.unit == "mg" and unit == "g":
        amount *= 1000
    elif row.unit == "g" and unit == "mg":
        amount /= 1000
    elif unit in ("mcg", "µg", "μg", "iu", "ml"):
        reading.unused.append(f"{reading.said} {amount:g} {unit}")
        return
    if key in reading.figures:
        if reading.figures[key] != amount:
            reading.unused.append(f"{reading.said} {amount:g}")
        return
    reading.figures[key] = round(amount, 6)
    if below:
        reading.below.append(key)


def _word(reading: _Reading, word: str) -> None:
    if re.search(r"\w", word):
        reading.unused.append(word)
        if not _BOILERPLATE.fullmatch(word.strip(".,:;()*")):
            reading.waiting = reading.said = ""


def _drop_held(reading: _Reading) -> None:
    if reading.held is not None:
        reading.unused.append(reading.held[2].strip())
        reading.held = None


def _telling(unused: list[str]) -> Iterator[str]:
    """What was not used, without the words that every panel has."""
    text = _BOILERPLATE.sub(" ", " ".join(unused))
    words = " ".join(re.sub(r"[|*•·]+", " ", text).split()).strip(" ,.;:()/")
    if re.search(r"\w", words):
        yield words[:300]
