"""What is claimed: figures of one serving and of the batch, and what a check of them answers."""

from typing import Annotated, Final, Literal, NamedTuple

from pydantic import Field

from gasket.core.numbers import Amount, Answer, Positive, Value
from gasket.core.trade.nutrients import BY_KEY

ClaimFigure = Literal[
    "kcal", "protein_g", "carbohydrate_g", "fat_g", "fibre_g", "polyols_g", "grams"
]
ClaimPart = Literal["serving", "batch"]
Relation = Literal["apart", "same_pan", "same_base"]
EquationKind = Literal["energy", "servings", "same_pan", "finish"]
MOST_CLAIMS: Final = 5

FIGURES: Final[tuple[ClaimFigure, ...]] = (
    *("kcal", "protein_g", "carbohydrate_g", "fat_g", "fibre_g", "polyols_g", "grams"),
)
NAME: Final[dict[str, str]] = {
    **{key: row.short or row.name for key, row in BY_KEY.items()},
    "grams": "weight",
    "servings": "number of servings",
}


EquationVerdict = Literal["agrees", "agrees with fibre", "disagrees", "too little"]


class Figures(Value):
    """What is claimed of one serving or of the whole batch; None is not claimed."""

    kcal: Amount | None = None
    protein_g: Amount | None = None
    carbohydrate_g: Amount | None = None
    fat_g: Amount | None = None
    fibre_g: Amount | None = None
    polyols_g: Amount | None = None
    grams: Positive | None = None


class Claim(Value):
    """One set of claimed figures. `servings` is how many the batch makes, or the pan is cut in."""

    name: Annotated[str, Field(max_length=120)] = ""
    serving: Figures = Figures()
    servings: Positive | None = None
    batch: Figures = Figures()


class ClaimSheet(Value):
    """One claim, or several that share a pan or a base. The first is "theirs" for the ratios."""

    claims: Annotated[tuple[Claim, ...], Field(min_length=1, max_length=MOST_CLAIMS)]
    relation: Relation = "apart"


class FigurePlace(NamedTuple):
    """One stated number: of which claim, which part, which figure (or `servings`)."""

    claim: int
    part: ClaimPart
    figure: str


class EquationCheck(Answer):
    """One equation: what was stated, what the rest makes of it, and whether they meet."""

    kind: EquationKind
    claims: tuple[int, ...]
    part: ClaimPart
    figure: str
    stated: float
    reckoned: float
    reckoned_lo: float
    reckoned_hi: float
    agrees: bool
    says: str


class Repair(Answer):
    """One figure that, changed alone, would reconcile what it can."""

    claim: int
    part: ClaimPart
    figure: str
    stated: float
    should_be: float
    change: float
    settles: int
    leaves: int
    says: str


class HowManyOfTheirs(Answer):
    """How many of mine for one of theirs, by one figure."""

    claim: int
    figure: str
    times: float


class ClaimReport(Answer):
    """Everything that was found, in the order of reading."""

    verdict: EquationVerdict
    says: str
    checks: tuple[EquationCheck, ...]
    suspect: Repair | None
    repairs: tuple[Repair, ...]
    questions: tuple[str, ...]
    ratios: tuple[HowManyOfTheirs, ...]


def name_of(sheet: ClaimSheet, i: int) -> str:
    """What to call a claim that its sender gave no name."""
    return sheet.claims[i].name or f"claim {i + 1}"


def shown(value: float) -> str:
    """A figure in words: one decimal below 100 where it has one, thousands set apart thinly."""
    whole = value >= 100 or abs(value - round(value)) < 0.05
    return f"{value:,.{0 if whole else 1}f}".replace(",", "\u202f")
