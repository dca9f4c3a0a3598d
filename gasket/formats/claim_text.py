"""Claimed figures out of pasted words: "410 kcal, 40 P / 30 C / 12 F, makes 6, whole pan 2,460".

Amounts are read beside the words that name them, before or behind. A line that speaks of the whole
(batch, pan, total) is of the batch; a blank line, or a line that begins with a name and a colon,
begins the next claim.
"""

import re
from typing import Any, Final, Literal

from gasket.core.claim_check.figures import MOST_CLAIMS, Claim
from gasket.core.errors import FaultyInput
from gasket.core.trade.written_numbers import read_number

MOST_TEXT: Final = 4000
_NUMBER: Final = r"(?<!\d)(?:\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:[.,]\d+)?)(?!\d)"
"""Begins and ends where digits do, so that a long run of them is tried once."""
_NAMES: Final = {
    "kcal": r"kcals?|k?cal(?:orie)?s?|cals?",
    "protein_g": r"proteins?|prot|p",
    "carbohydrate_g": r"(?:total )?carb(?:ohydrate)?s?|c",
    "fat_g": r"(?:total )?fats?|f",
    "fibre_g": r"fib(?:re|er)s?",
    "polyols_g": r"polyols?|sugar alcohols?|erythritol",
    "grams": r"each weighs|weighs|weight|per serving of",
}
_COUNTED: Final = r"servings|portions|pieces|slices|ways|muffins|cookies|pots"
_SERVINGS: Final = re.compile(
    r"(?:makes|serves|(?<!per )servings?:?|portions:?|cut (?:in|into)|divided (?:by|into)|÷)\s*"
    rf"(?P<a>{_NUMBER})(?![\d.]|,\d|\s*(?:g|k?cal))|(?P<b>{_NUMBER})\s*(?:{_COUNTED})"
    rf"|\b(?:if|for)\s+(?P<c>{_NUMBER})(?=\s*(?:$|[,;.]))",
    re.IGNORECASE,
)
_WHOLE: Final = re.compile(r"\b(?:whole|batch|pan|total|entire|all of it|tray)\b", re.IGNORECASE)
_ONE: Final = re.compile(
    r"\b(?:per|a|each|one) (?:serving|portion|piece|slice|muffin|cookie|pot)|\beach\b|\bapiece\b",
    re.IGNORECASE,
)
_SEVERAL: Final = re.compile(
    rf"\s*(?P<n>{_NUMBER})\s*(?:{_COUNTED})\s*(?:=|are|come to|have)\s*", re.IGNORECASE
)
_APART: Final = re.compile(r",(?!\d)|\.(?=\s)")
_THOUSANDS: Final = re.compile(
    rf"\b(\d{{1,3}})\.(\d{{3}})(?=\s*(?:{_NAMES['kcal']})\b)", re.IGNORECASE
)
_KCAL: Final = re.compile(rf"{_NUMBER}\s*(?:{_NAMES['kcal']})\b", re.IGNORECASE)
_EACH: Final = re.compile(rf"(?P<n>{_NUMBER})\s*(?:each|apiece|a piece|per piece)\b", re.IGNORECASE)
_TRIPLE: Final = re.compile(rf"\b({_NUMBER})\s*/\s*({_NUMBER})\s*/\s*({_NUMBER})\b")


def parse_claims(text: str) -> tuple[Claim, ...]:
    """The claims in `text`. Raises `FaultyInput` at `text` when there is no figure in it."""
    if len(text) > MOST_TEXT:
        raise FaultyInput.at("text", f"Claims have at most {MOST_TEXT} characters.")
    claims = [claim for part in _parts(text) if (claim := _claim(part))]
    if not claims:
        raise FaultyInput.at("text", "There is no figure in it, like 480 kcal or 44 g protein.")
    if len(claims) > MOST_CLAIMS:
        raise FaultyInput.at("text", f"At most {MOST_CLAIMS} claims at once.")
    return tuple(claims)


def _parts(text: str) -> list[list[str]]:
    parts: list[list[str]] = [[]]
    for line in text.splitlines():
        if not line.strip() or (parts[-1] and (_heading(line) or _is_another(line, parts[-1]))):
            parts.append([])
        if line.strip():
            parts[-1].append(line.strip())
    return [part for part in parts if part]


def _is_another(line: str, before: list[str]) -> bool:
    """Whether a line says the kcal of a serving again: two lines are then two claims."""
    return _of_a_serving(line) and any(map(_of_a_serving, before))


def _of_a_serving(line: str) -> bool:
    return _KCAL.search(line) is not None and _WHOLE.search(line) is None


def _heading(line: str) -> re.Match[str] | None:
    """ "Plain: 205 kcal …", but not "Protein: 31 g" nor "Whole pan: …"."""
    match = re.match(r"\s*([^\d:]{1,60}):", line)
    if not match or _WHOLE.search(match[1]):
        return None
    words = match[1].strip().lower()
    named = any(re.fullmatch(pattern, words) for pattern in _NAMES.values())
    return (
        None if named or re.match(r"(servings?|portions?|per serving|each|makes)", words) else match
    )


def _claim(lines: list[str]) -> Claim | None:
    values: dict[str, Any] = {"serving": {}, "batch": {}}
    for line in map(_single_spaced, lines):
        if heading := _heading(line):
            values["name"] = heading[1].strip()
            line = line[heading.end() :]
        line, several = _several(line)
        for piece in re.split(r"[;\n…]", line):
            if count := _SERVINGS.search(piece):
                said = count["a"] or count["b"] or count["c"]
                values.setdefault("servings", read_number(said).value)
                piece = piece[: count.start()] + " " + piece[count.end() :]
            for text, scope in _scopes(piece):
                _read_figures(text, values["batch" if several else scope])
        if several:
            values.setdefault("servings", several)
    figures = values["serving"] or values["batch"]
    return Claim.model_validate(values) if figures else None


def _several(line: str) -> tuple[str, float | None]:
    """ "3 cookies = 240 kcal": what so many come to together, and how many they are."""
    match = _SEVERAL.match(line)
    return (line, None) if match is None else (line[match.end() :], read_number(match["n"]).value)


def _scopes(piece: str) -> list[tuple[str, Literal["serving", "batch"]]]:
    """The stretches of a line that speak of a serving and those that speak of the whole. "Per
    serving" holds for what stands before it, too; "the whole pan" only from there on."""
    if not _WHOLE.search(piece):
        return [(piece, "serving")]
    stretches: list[tuple[str, Literal["serving", "batch"]]] = []
    scope: Literal["serving", "batch"] = "serving"
    for part in _APART.split(piece):
        if _ONE.search(part) or _WHOLE.search(part):
            scope = "serving" if _ONE.search(part) else "batch"
            part = _as_energy(part)
        if stretches and stretches[-1][1] == scope:
            part = f"{stretches.pop()[0]}, {part}"
        stretches.append((part, scope))
    return stretches


def _as_energy(part: str) -> str:
    """ "296 for the batch": a number without a name is energy."""
    named = any(re.search(rf"\b(?:{words})\b", part, re.I) for words in _NAMES.values())
    return part if named else re.sub(rf"({_NUMBER})(?!\s*g\b)", r"\1 kcal", part, count=1)


def _single_spaced(line: str) -> str:
    return _THOUSANDS.sub(r"\1\2", " ".join(line.split()))


def _read_figures(text: str, figures: dict[str, float]) -> None:
    if triple := _TRIPLE.search(text):
        for name, number in zip(
            ("protein_g", "carbohydrate_g", "fat_g"), triple.groups(), strict=True
        ):
            figures.setdefault(name, read_number(number).value)
        text = text[: triple.start()] + " " + text[triple.end() :]
    for name, words in _NAMES.items():
        before = re.search(
            rf"\b(?:{words})\b\s*:?\s*(?P<n>{_NUMBER})(?!\s*(?:k?cal|%))", text, re.IGNORECASE
        )
        behind = re.search(
            rf"(?P<n>{_NUMBER})\s*(?:g|grams)?\s*(?:of\s+)?(?:{words})\b", text, re.IGNORECASE
        )
        number_text = behind if name == "kcal" else _nearer(before, behind, text)
        if number_text is None and name == "kcal":
            number_text = before
        if number_text is not None:
            figures.setdefault(name, read_number(number_text["n"]).value)
    if "kcal" not in figures and (bare := _EACH.search(text)):
        figures["kcal"] = read_number(bare["n"]).value
    if "grams" not in figures and (
        weight := re.search(rf"(?P<n>{_NUMBER})\s*g\s*(?:each|a piece|per serving)", text, re.I)
    ):
        figures["grams"] = read_number(weight["n"]).value


def _nearer(
    before: re.Match[str] | None, behind: re.Match[str] | None, text: str
) -> re.Match[str] | None:
    """Of "P 31 C 18" and "31 P 18 C": a writer keeps to one order, so what stands first decides."""
    if before is None or behind is None:
        return before or behind
    names_first = re.match(
        r"\W*[a-z]", re.sub(rf"({_NUMBER})\s*(?:kcals?|cal\w*)", "", text.strip(), flags=re.I), re.I
    )
    return before if names_first else behind
