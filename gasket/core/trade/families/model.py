"""What the trade knows of a family of dishes, as one value (common practice unless marked)."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from typing import Final, Literal, NamedTuple

from gasket.core.trade.kinds import FoodKind

Device = Literal["microwave", "oven", "air fryer", "pan", "toaster"]
Role = Literal["base", "frosting", "sauce", "topping", "filling", "other"]
"""What a component is to its dish."""
Call = Literal[
    "bread",
    "bun",
    "crumbs",
    "crust",
    "cups",
    "dough",
    "dry_pasta",
    "egg_white",
    "ice",
    "loaf",
    "meat",
    "mince",
    "oats",
    "oven_ready",
    "parts",
    "potato",
    "rice",
    "soft_cheese",
    "vegetable",
    "yeast",
]
"""What a build may hold that a step waits for: without it the step is not there."""


class Span(NamedTuple):
    """From the least to the most that is usual; None is no bound."""

    least: float | None
    most: float | None


@dataclass(frozen=True, slots=True)
class Bands:
    """Within what a proven build lies; None is not judged.

    Water and lift are over the dry base; `powder_most` is the share of protein powder in it, of a
    blend and of plain whey; `fat` and `salt` are shares of the mixture, the least fat that of the
    school that keeps some and of the one that needs none.
    """

    water: Span | None = None
    lift: Span | None = None
    powder_most: tuple[float, float] | None = None
    fat: tuple[float, float | None] | None = None
    salt: Span | None = None


@dataclass(frozen=True, slots=True)
class Ratio:
    """A ratio that decides in one family: grams of the kinds `of` for a gram of the kinds `to`, of
    the whole mixture where `to` is empty. It is judged where both are there."""

    code: str
    name: str
    of: tuple[FoodKind, ...]
    to: tuple[FoodKind, ...]
    span: Span
    below: str = ""
    above: str = ""


@dataclass(frozen=True, slots=True)
class Uptake:
    """How much of a component whose name says one of `words` is usually eaten, from the least to
    the most, and of what that is so."""

    words: str
    least: float
    most: float
    says: str


@dataclass(frozen=True, slots=True)
class JoinsAt:
    """When a component joins the dish: in the row `into`, or in a row of its own that comes after
    the rows `after` and that the row `before` waits for."""

    after: tuple[str, ...] = ()
    before: str = ""
    into: str = ""


@dataclass(frozen=True, slots=True)
class Row:
    """A line of a family's steps, as a cook would type it.

    `key` is how others name it in `after`; `on` what it works on: the body (`{main}`), all, a
    `part` that is got ready, or one that is joined at its `place`. It is there only where the
    build calls for one of `when` and for none of `unless`.
    """

    key: str
    text: str
    on: Literal["main", "all", "part", "joined", ""] = "main"
    after: tuple[str, ...] = ()
    must: str = ""
    part: str = ""
    place: JoinsAt | None = None
    when: tuple[Call, ...] = ()
    unless: tuple[Call, ...] = ()
    kind: str = ""
    """What kind of step it is, where its words would say another."""
    piece_g: float | None = None
    """Its minutes are for pieces of so many grams, as they are usually made."""
    whole_g: float | None = None
    """Its minutes are for so much in one tin."""
    ladle_g: float | None = None
    at_a_time: int | None = None
    """Its minutes are for one round of so many, a batter's poured `ladle_g` each."""


@dataclass(frozen=True, slots=True)
class Must:
    """A step that is easy to forget: what tells that it is there, the sentence, the line to add."""

    key: str
    words: str
    says: str
    text: str
    when: tuple[Call, ...] = ()


@dataclass(frozen=True, slots=True)
class Reheat:
    """How it gets hot again in one device: minutes from least to most."""

    device: Device
    least_min: float
    most_min: float
    says: str = ""


@dataclass(frozen=True, slots=True)
class Habit:
    """For how many days kitchens keep it in the fridge, or months in the freezer."""

    text: str
    days: Span | None = None
    months: Span | None = None


@dataclass(frozen=True, slots=True, kw_only=True)
class DishFamily:
    """All that is known of a family. `says` are the words and phrases that name it."""

    key: str
    name: str
    says: tuple[str, ...]
    bands: Bands = field(default_factory=Bands)
    ratios: tuple[Ratio, ...] = ()
    uptakes: tuple[Uptake, ...] = ()
    """What is not eaten whole in this very family; `core.trade.uptake` has the rest."""
    loss: tuple[float, float]
    """What cooking takes away, as shares of the raw weight (from memory)."""
    steps: tuple[Row, ...]
    usually: JoinsAt
    places: Mapping[Role, JoinsAt] = field(default_factory=dict)
    musts: tuple[Must, ...] = ()
    keeps: tuple[Habit, ...] = ()
    reheat: tuple[Reheat, ...] = ()
    late: str = ""
    """What is put on or in just before serving."""
    sweet: bool = False
    baked: bool = False
    """A crumb of flour or powder that heat sets."""
    eaten_cold: bool = False
    heated: bool = True
    set_by_egg: bool = False
    shell: bool = False
    """The body is what holds the rest."""
    warm_sauce: bool = False
    holds_a_dish: bool = False
    """Its body is cooked as what it is by itself."""


SOFT_CHEESE: Final[tuple[FoodKind, ...]] = ("cottage_cheese", "cream_cheese", "thick_yogurt")
WHOLE_EGG: Final[tuple[FoodKind, ...]] = ("egg", "egg_white", "egg_yolk")
LIQUID_MILK: Final[tuple[FoodKind, ...]] = ("milk", "plant_milk", "cream", "creamer")
POWDER: Final[tuple[FoodKind, ...]] = ("whey_powder", "protein_blend", "plant_protein")
PREHEAT: Final = Row("preheat", "Preheat the oven 12 min", on="")
LINE: Final = Row("line", "Grease or line the tin 3 min", on="", must="line")
AGAIN: Final = Row("again", "Stir {main} again before pouring 1 min", must="again")
ONCE_COOL: Final = JoinsAt(after=("cool",))

LINE_IT: Final = Must(
    "line",
    r"greas|\bline\b|liner|parchment|paper|silicone|spray|foil",
    "Grease or line the tin.",
    "Grease or line the tin 3 min",
)
SPRAY_AGAIN: Final = Must(
    "spray",
    r"spray|greas|\boil\b",
    "Spray again before each round.",
    "Spray before each round 1 min",
)
STIR_AGAIN: Final = Must(
    "again",
    r"again",
    "Stir again before pouring: powder settles.",
    "Stir again before pouring 1 min",
)
MICROWAVE_BAKE: Final = Reheat("microwave", 0.25, 1 / 3)
OVEN_BAKE: Final = Reheat("oven", 8, 15, "at 350 °F (177 °C)")
CRISP_AGAIN: Final = Reheat("air fryer", 3, 6, "at 350 °F (177 °C), crisp again")
