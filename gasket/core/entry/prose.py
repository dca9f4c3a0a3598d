"""What a line of a pasted recipe is: an ingredient, a heading, a step, the servings, or words.

An ingredient that is taken for a step can be put right on the screen, and so can a step that is
taken for an ingredient; but the second would put a food into the build that nobody named. A line is
an ingredient only where nothing speaks for something else.
"""

import re
from typing import Final, Literal, NamedTuple

from gasket.core.entry.words import NUMBER_WORDS

LineKind = Literal["ingredient", "heading", "step", "servings", "words"]

_HEADING: Final = re.compile(r"(?:for (?:the )?)?([^\d:]{1,60}):", re.IGNORECASE)
_OF_STEPS: Final = re.compile(
    r"(?:the )?(?:method|instructions?|directions?|steps|preparation|how to (?:make|cook) .*)",
    re.IGNORECASE,
)
_OF_INGREDIENTS: Final = re.compile(
    r"(?:the )?ingredients|you(?:'|’)?ll need|you need", re.IGNORECASE
)
_NUMBERED: Final = re.compile(r"^\s*(?:step\s*)?\d{1,2}[.):]\s+(?=[A-Za-z])", re.IGNORECASE)
_BEGINS_A_STEP: Final = frozenset(
    {
        *("add", "allow", "arrange", "bake", "beat", "blend", "boil", "bring", "brush", "check"),
        *("chill", "coat", "combine", "cook", "cover", "dip", "divide", "enjoy", "flip", "fold"),
        *("freeze", "fry", "garnish", "grease", "heat", "if", "in", "keep", "knead", "leave"),
        *("let", "line", "make", "meanwhile", "melt", "microwave", "mix", "once", "place", "pour"),
        *("preheat", "press", "pulse", "put", "reduce", "refrigerate", "remove", "repeat", "rinse"),
        *("sauté", "saute", "scoop", "sear", "serve", "simmer", "sprinkle", "stir", "store"),
        *("take", "then", "to", "toss", "transfer", "turn", "wait", "when", "while", "whisk"),
        *("wipe",),
    }
)
"""First words of steps that begin no ingredient."""
_MAY_BEGIN_A_STEP: Final = frozenset(
    {
        *("after", "chop", "cool", "cream", "crumble", "cut", "drain", "dust", "fill", "grate"),
        *("grill", "ice", "peel", "pipe", "rest", "roast", "roll", "season", "set", "shape"),
        *("slice", "spread", "steam", "toast", "top", "use", "warm", "with"),
    }
)
_SAYS_WHERE: Final = re.compile(
    r"\b(?:into|onto|until|over|the|them|it|together|well|for \d|aside|evenly)\b|[.!]\s*$",
    re.IGNORECASE,
)
_HEAT: Final = re.compile(
    r"\b\d{2,3}\s*(?:°|º|degrees?|deg\.?)\s*[CF]?\b|\b\d{3}\s*[CF]\b|\bgas mark \d", re.IGNORECASE
)
_TIME: Final = re.compile(r"\b\d+\s*(?:min(?:ute)?s?|hours?|hrs?)\b", re.IGNORECASE)
_ABOUT_IT: Final = re.compile(
    r"^(?:serves?|servings?|makes?|yields?|prep(?:aration)?|cook(?:ing)?|total|ready|active"
    r"|calories|kcal|nutrition\w*|macros?|recipe|notes?|tips?|source|author)\b\s*"
    r"(?:[:\d]|(?:about|time|per|facts|information|from|by)\b|$)|https?://|www\.",
    re.IGNORECASE,
)
_WORDS_OF_A_STEP: Final = 3
_WORDS_OF_A_LONG_ONE: Final = 5
_WORDS_OF_A_SENTENCE: Final = 7


_SERVES: Final = re.compile(
    r"^(?:serves?|servings?|makes?|yields?|portions?)\b\s*:?\s*(?:about\s*|approx\.?\s*)?"
    r"(?P<count>\d{1,3})\b(?!\s*(?:g|kg|ml|oz|lb|cups?|min|x\b|-inch|inch|cm)\b)"
    r"|^(?P<first>\d{1,3})\s+(?:servings?|portions?)\b",
    re.IGNORECASE,
)


class ProseLine(NamedTuple):
    """A line with what it is; `text` is without its number, of a heading the name."""

    text: str
    kind: LineKind


def read_lines(lines: list[str]) -> list[ProseLine]:
    """Every line with what it is: after "Method:" come steps, until ingredients are named again."""
    lines_read: list[ProseLine] = []
    among_steps = False
    for line in lines:
        read = _read(line)
        if read.kind == "heading":
            among_steps = bool(_OF_STEPS.fullmatch(read.text))
            if among_steps or _OF_INGREDIENTS.fullmatch(read.text):
                read = read._replace(kind="words")
        elif among_steps and read.kind == "ingredient":
            read = ProseLine(_NUMBERED.sub("", line).strip(), "step")
        lines_read.append(read)
    if lines_read and _is_title(lines, lines_read):
        lines_read[0] = lines_read[0]._replace(kind="words")
    return lines_read


def servings_in(lines: list[str]) -> int | None:
    """Into how many a recipe says that it divides; None where no line does, or two differ."""
    said = {
        int(match["count"] or match["first"])
        for line in lines
        if (match := _SERVES.search(line.strip()))
    } - {0}
    return said.pop() if len(said) == 1 else None


def _is_title(lines: list[str], reads: list[ProseLine]) -> bool:
    """Whether the first line is the recipe's name: no amount, and no ingredient behind it."""
    if len(lines) < 2 or reads[0].kind != "ingredient" or re.search(r"\d", lines[0]):
        return False
    return len(lines[0].split()) > 1 and reads[1].kind in ("heading", "servings", "words")


def _read(line: str) -> ProseLine:
    text = line.strip()
    if heading := _HEADING.fullmatch(text):
        return ProseLine(heading[1].strip().capitalize(), "heading")
    if _OF_STEPS.fullmatch(text) or _OF_INGREDIENTS.fullmatch(text):
        return ProseLine(text.capitalize(), "heading")
    bare = _NUMBERED.sub("", text)
    if _SERVES.match(bare):
        return ProseLine(bare, "servings")
    if _ABOUT_IT.match(bare):
        return ProseLine(bare, "words")
    if _is_step(bare):
        return ProseLine(bare, "step")
    words = bare.split()
    counted = words[0].casefold() in NUMBER_WORDS or re.search(r"\d", bare)
    if not counted and len(words) >= _WORDS_OF_A_SENTENCE:
        return ProseLine(bare, "words")
    return ProseLine(text, "ingredient")


def _is_step(text: str) -> bool:
    words = re.findall(r"[^\W\d_]+", text)
    if not words or re.match(r"[\d¼½¾⅓⅔.]", text):
        return False
    first = words[0].casefold()
    if first in _BEGINS_A_STEP and len(words) >= _WORDS_OF_A_STEP:
        return True
    long_one = len(words) >= _WORDS_OF_A_LONG_ONE and bool(_SAYS_WHERE.search(text))
    if first in _MAY_BEGIN_A_STEP and (long_one or _HEAT.search(text) or _TIME.search(text)):
        return True
    return bool(_HEAT.search(text) or (_TIME.search(text) and len(words) >= _WORDS_OF_A_STEP))
