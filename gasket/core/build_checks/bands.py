"""Bands: within what a build of its kind usually lies, each stated once.

A band weighs each gram of each food twice, `above` and `below` the line, and judges the quotient:
water over dry base, salt over all. Checks say where a build lies, the solver keeps its proposals
within. What the cook dismissed, and what own keepers came to, widens a band for both.

A new band is a function here, its test and a line in `BANDS`. Figures are common practice unless
their source says more.
"""

from collections.abc import Callable, Collection, Iterator
from dataclasses import dataclass
from functools import partial
from typing import Final, Literal

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.trade.caution import POLYOLS_MOST
from gasket.core.trade.families import Span
from gasket.core.trade.kinds import ACIDS, POWDERS, FoodKind

SODA_IN_POWDER: Final = 3.5
"""A gram of baking soda lifts like 3.5 g of baking powder."""
LIFTS: Final[frozenset[FoodKind]] = frozenset({"baking_powder", "baking_soda"})
SPOON_OF_POWDER_G: Final = 5.0
"""A teaspoon of baking powder a batch is never too much: nobody measures less."""
ACID_FOR_SODA: Final = 1.0
"""Grams of yogurt, juice or cocoa that a gram of baking soda needs at the very least."""
PUREE_MOST: Final = 0.4
"""Above this share of purée or fruit a mixture is wet and yet binds."""
GUM_MOST: Final = 0.005
FUDGY: Final = 0.05
"""So much cocoa or purée of a mixture makes up for fat."""
_SLACK: Final = 1e-9

BandSide = Literal["below", "above"]
Weigh = Callable[[Ingredient], float]
"""What a gram of a food counts for (a piece of it where it can only be counted)."""


NO_BOUNDS: Final = Span(None, None)


@dataclass(frozen=True)
class Band:
    """Σ above / Σ below × `times`, judged by `span`; None is no bound.

    It is about the components `parts`, by weight, or where that is None about all that is served.
    `allowed` is the span beyond which it speaks: stretched by what the cook dismissed. `shows` is
    what a value is multiplied by to be read in `unit`. A `notice` is for the eater and no fault.
    """

    code: str
    name: str
    unit: str
    above: Weigh
    below: Weigh
    span: Span
    says: dict[BandSide, str]
    parts: frozenset[str] | None
    component: str
    times: float = 1.0
    shows: float = 1.0
    notice: bool = False
    where_there: bool = False
    """Nothing is said of it where there is none of it."""
    source: str = "build-checks"
    allowed: Span = NO_BOUNDS

    def weighs(self, part: str) -> bool:
        """Whether what it judges lies in this component."""
        return self.parts is None or part in self.parts

    def value(self, lines: Collection[PlacedLine]) -> float | None:
        """Where the lines lie; None where there is nothing to judge by."""
        over, under = (
            sum(
                weigh(placed.ingredient) * self.counts(placed)
                for placed in lines
                if self.weighs(placed.part)
            )
            for weigh in (self.above, self.below)
        )
        return None if under <= 0 else over / under * self.times

    def counts(self, placed: PlacedLine) -> float:
        """How much of a line counts: of the batch in grams where it is about components, else of a
        serving."""
        return placed.amount * (placed.per_serving if self.parts is None else 1.0)

    def speaks(self, value: float) -> bool:
        """Whether a value is beyond the span that the cook allows."""
        return _side(self.allowed, value) is not None

    def side(self, value: float) -> BandSide | None:
        """On which side of what is usual a value lies; None within."""
        return _side(self.span, value)


def _side(span: Span, value: float) -> BandSide | None:
    if span.least is not None and value < span.least - _SLACK:
        return "below"
    if span.most is not None and value > span.most + _SLACK:
        return "above"
    return None


def grams(food: Ingredient) -> float:
    """1; 0 where nobody has weighed a piece of it."""
    return 0.0 if food.by_piece else 1.0


def _of(kinds: Collection[FoodKind]) -> Weigh:
    return lambda food: grams(food) if food.kind in kinds else 0.0


def _plain_base(food: Ingredient) -> float:
    """A gram of dry base, whatever it drinks."""
    return float(food.dry_base > 0)


def _lift(food: Ingredient) -> float:
    return {"baking_powder": 1.0, "baking_soda": SODA_IN_POWDER}.get(food.kind, 0.0)


def _in_the_base(checked: CheckedBuild) -> Callable[..., Band]:
    parts = frozenset(placed.part for placed in checked.base)
    return partial(Band, parts=parts, component=checked.component)


_in_the_dish: Final = partial(Band, parts=None, component="")


def hydration(checked: CheckedBuild) -> Iterator[Band]:
    """Grams of water for a gram of dry base, which makes a batter or a dough what it is."""
    family, span = checked.family, checked.bands.water
    if family is None or span is None or not checked.is_batter:
        return
    if checked.grams_of({"puree", "fruit", "potato"}) > PUREE_MOST * checked.base_g:
        span = Span(span.least, None)  # wet, and it binds
    yield _in_the_base(checked)(
        "hydration",
        "Water to dry base",
        "g per g",
        lambda food: food.water,
        lambda food: food.dry_base,
        span,
        {
            "below": f"Drier than a {family.name} usually is: expect a stiff mixture and a dense, "
            "dry crumb. Yogurt, purée or milk bring water.",
            "above": f"Wetter than a {family.name} usually is: it may not set, or need a lower, "
            "longer bake. Drain or thicken what is wet.",
        },
    )


def leavening(checked: CheckedBuild) -> Iterator[Band]:
    """What lifts, as grams of baking powder for 100 g of dry base; and acid enough for the soda."""
    span = checked.bands.lift
    if span is None or not checked.is_batter:
        return
    least = None if checked.rises_by_itself else span.least
    most, soda = span.most, checked.grams_of({"baking_soda"})
    if most is not None and soda <= 0:
        most = max(most, SPOON_OF_POWDER_G / checked.dry_base_g * 100)
    yield _in_the_base(checked)(
        "leavening",
        "Raising agent",
        "g per 100 g dry base",
        _lift,
        lambda food: food.dry_base,
        Span(least, most),
        {
            "below": "Little to rise on: it may come out flat.",
            "above": "More than usual: soapy or bitter, coarse holes, and it may sink.",
        },
        times=100.0,
    )
    if soda > 0:
        yield _in_the_base(checked)(
            "soda_without_acid",
            "Acid for the soda",
            "g per g",
            _of(ACIDS),
            _of({"baking_soda"}),
            Span(ACID_FOR_SODA, None),
            {
                "below": "Baking soda needs an acid (yogurt, juice, natural cocoa, banana); "
                "without one it tastes of soap and lifts little."
            },
        )


def powder_share(checked: CheckedBuild) -> Iterator[Band]:
    """Each powder by its own most: plain whey dries out sooner than a blend."""
    powder = checked.grams_of(POWDERS)
    if checked.bands.powder_most is None or not checked.has_flour:
        return
    blend, plain_whey = checked.bands.powder_most
    whey = checked.grams_of({"whey_powder"})
    load = (powder - whey) / blend + whey / plain_whey

    def fills(food: Ingredient) -> float:
        return _of(POWDERS)(food) / (plain_whey if food.kind == "whey_powder" else blend)

    yield _in_the_base(checked)(
        "powder_share",
        "Protein powder in the dry base",
        "%",
        fills,
        _plain_base,
        Span(None, 1.0),
        {
            "above": "A lot of powder: dry and rubbery sooner, whey most of all. Blends with "
            "casein stand more."
        },
        shows=100 * (powder / load if load > 0 else blend),
        where_there=True,
    )


def fat_floor(checked: CheckedBuild) -> Iterator[Band]:
    """Fat below which a crumb turns dry and tough; less is enough where cocoa or fruit keeps it
    moist."""
    if checked.bands.fat is None or not checked.is_batter:
        return
    keep, none = checked.bands.fat
    fudgy = checked.grams_of({"cocoa", "puree"}) >= FUDGY * checked.base_g
    least = none if checked.terms.fat_school == "none" or fudgy else keep
    if least is None:
        return
    yield _in_the_base(checked)(
        "fat_floor",
        "Fat in the mixture",
        "%",
        lambda food: food.amount("fat_g"),
        grams,
        Span(least * 100, None),
        {
            "below": "Leaner than what keeps a crumb tender: 2 % yogurt instead of 0 % costs "
            "a few kcal a piece and helps. Fudgy cocoa or purée bakes stand less fat."
        },
        times=100.0,
    )


def ratios(checked: CheckedBuild) -> Iterator[Band]:
    """The ratios that decide in this very family, judged where both sides are there."""
    for ratio in checked.family.ratios if checked.family else ():
        new = _in_the_dish if ratio.to else _in_the_base(checked)
        yield new(
            ratio.code,
            ratio.name,
            "g per g",
            _of(ratio.of),
            _of(ratio.to) if ratio.to else grams,
            ratio.span,
            {"below": ratio.below, "above": ratio.above},
            where_there=True,
        )


def salt(checked: CheckedBuild) -> Iterator[Band]:
    """The sodium of a raising agent is not salty, and does not count."""
    if checked.bands.salt is None:
        return
    tasted = [placed for placed in checked.base if placed.kind not in LIFTS]
    if any(placed.ingredient.per_g("sodium_mg") is None for placed in tasted):
        return  # nobody can tell how salty it is
    yield _in_the_base(checked)(
        "salt",
        "Salt",
        "%",
        lambda food: 0.0 if food.kind in LIFTS else food.salt,
        grams,
        checked.bands.salt,
        {
            "below": "Little salt: it will taste flat.",
            "above": "Saltier than usual, the salt in cheese and powder counted.",
        },
        times=100.0,
    )


def sweetness(checked: CheckedBuild) -> Iterator[Band]:
    """How sweet a gram is beside a gram of the original; only where the original is known."""
    family, original = checked.family, checked.original
    if family is None or not family.sweet or original is None:
        return
    theirs = _sweetness_per_g(original, checked.original_serving_g)
    ours = (checked.piece.serving("sweetness_g"), checked.piece.serving("grams"))
    if not theirs or None in ours:
        return
    yield _in_the_dish(
        "sweetness",
        "Sweetness against the original",
        "%",
        lambda food: food.sweetness,
        grams,
        Span(checked.terms.sweetness_least * 100, None),
        {
            "below": "Reads as less sweet than the original. How sweet is right is yours to say: "
            "change the least share, or dismiss this."
        },
        times=100 / theirs,
        source="sweetness",
    )


def _sweetness_per_g(piece: Workpiece, serving_g: float | None) -> float | None:
    held = piece.serving("sweetness_g")
    return held / serving_g if held is not None and serving_g else None


def polyols(checked: CheckedBuild) -> Iterator[Band]:
    """Polyols in a serving and in the batch: above a share, a label has to warn of them."""
    grams_each = checked.held("polyols_g")
    batch = grams_each * checked.piece.build.portions
    yield _in_the_dish(
        "polyols",
        "Polyols",
        "%",
        lambda food: food.amount("polyols_g"),
        grams,
        Span(None, POLYOLS_MOST * 100),
        {
            "above": f"{grams_each:.0f} g in a serving, {batch:.0f} g in the whole batch. "
            "Excessive consumption may produce laxative effects."
        },
        times=100.0,
        notice=True,
        where_there=True,
        source="polyols",
    )


def gum(checked: CheckedBuild) -> Iterator[Band]:
    """Gum in the base: more than a little turns it to slime."""
    yield _in_the_base(checked)(
        "gum",
        "Gum",
        "%",
        _of({"gum"}),
        grams,
        Span(None, GUM_MOST * 100),
        {"above": "More than half a percent of gum turns slimy."},
        times=100.0,
        where_there=True,
    )


BANDS: Final[tuple[Callable[[CheckedBuild], Iterator[Band]], ...]] = (
    hydration,
    leavening,
    powder_share,
    fat_floor,
    ratios,
    salt,
    sweetness,
    polyols,
    gum,
)
