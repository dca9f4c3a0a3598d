"""The nutrients, in the order in which figures are read: a part after its whole.

Sources: rounding US 21 CFR 101.9(c), (b)(7), European Commission guidance on tolerances, December
2012; tolerance 21 CFR 101.9(g)(4)-(5), the same guidance (measurement uncertainty included); energy
21 CFR 101.9(c)(1)(i), Regulation (EU) 1169/2011 Annex XIV. What is from memory says so.
"""

from typing import Final

from gasket.core.trade.nutrients.model import Ladder, NutrientRow, PrintedRow, Tier, ToleranceStep

KJ_PER_KCAL: Final = 4.184
SALT_PER_SODIUM: Final = 2.5  # Regulation (EU) 1169/2011, Annex I


def _significant(digits: int) -> Ladder:
    """So many significant figures, from thousandths to tens of thousands."""
    ends = [10.0**power for power in range(-2, 6)]
    return (
        Tier(0, 0.1 ** (digits + 2), 0.01),
        *(Tier(end, end / 10 ** (digits - 1), end * 10) for end in ends),
    )


_US_ENERGY: Final[Ladder] = (Tier(0, 0), Tier(5, 5), Tier(50, 10))
_US_FAT: Final[Ladder] = (Tier(0, 0), Tier(0.5, 0.5), Tier(5, 1))
_US_GRAM: Final[Ladder] = (Tier(0, 0), Tier(0.5, 1))
_US_SODIUM: Final[Ladder] = (Tier(0, 0), Tier(5, 5), Tier(140, 10))
_US_CHOLESTEROL: Final[Ladder] = (Tier(0, 0), Tier(2, 5))
# Less than 2 % of the daily value (1,300, 18 and 4,700 mg) may be printed as 0: from memory.
_US_CALCIUM: Final[Ladder] = (Tier(0, 0, 26), Tier(0, 10))
_US_IRON: Final[Ladder] = (Tier(0, 0, 0.36), Tier(0, 0.1))
_US_POTASSIUM: Final[Ladder] = (Tier(0, 0, 94), Tier(0, 10))
US_SERVING: Final[Ladder] = (Tier(0, 0.1), Tier(2, 0.5), Tier(5, 1))

_EU_ENERGY: Final[Ladder] = (Tier(0, 1),)
_EU_GRAM: Final[Ladder] = (Tier(0, 0), Tier(0.5, 0.1), Tier(10, 1))
# Saturates, salt and minerals from memory.
_EU_SATURATED: Final[Ladder] = (Tier(0, 0), Tier(0.1, 0.1), Tier(10, 1))
_EU_SALT: Final[Ladder] = (Tier(0, 0), Tier(0.0125, 0.01), Tier(1, 0.1))
_EU_THREE_FIGURES: Final = _significant(3)
_EU_TWO_FIGURES: Final = _significant(2)

_ANY: Final = float("inf")
_GRAM_STEPS: Final = (
    ToleranceStep(10, 2),
    ToleranceStep(40, 0, 0.20, 0.20),
    ToleranceStep(_ANY, 8),
)
_FAT_STEPS: Final = (
    ToleranceStep(10, 1.5),
    ToleranceStep(40, 0, 0.20, 0.20),
    ToleranceStep(_ANY, 8),
)
_SATURATED_STEPS: Final = (ToleranceStep(4, 0.8), ToleranceStep(_ANY, 0, 0.20, 0.20))
_SALT_STEPS: Final = (ToleranceStep(1.25, 0.375), ToleranceStep(_ANY, 0, 0.20, 0.20))
_MINERAL_STEPS: Final = (ToleranceStep(_ANY, 0, 0.35, 0.45),)  # from memory

TABLE: Final[tuple[NutrientRow, ...]] = (
    NutrientRow(
        key="kcal",
        name="energy",
        short="kcal",
        heading="Energy",
        unit="kcal",
        most_per_g=9.0,
        us=PrintedRow("Calories", 10, _US_ENERGY),
        eu=PrintedRow("Energy", 15, _EU_ENERGY),
        us_tolerance="at most",
        same_as=("kj", 1 / KJ_PER_KCAL),
        headline=True,
        macro=True,
        goal=True,
        on_card="always",
        typed=r"kcal|kilocalories|cals?|calories",
    ),
    NutrientRow(
        key="kj",
        name="energy",
        short="kJ",
        heading="Energy",
        unit="kJ",
        most_per_g=37.0,
        eu=PrintedRow("Energy", 10, _EU_ENERGY),
        calculated=False,
        typed=r"kj|kilojoules",
    ),
    NutrientRow(
        key="protein_g",
        name="protein",
        heading="Protein",
        unit="g",
        us=PrintedRow("Protein", 120, _US_GRAM),
        eu=PrintedRow("Protein", 100, _EU_GRAM),
        us_tolerance="at least",
        eu_tolerance=_GRAM_STEPS,
        kcal_per_g=4,
        annex_xiv=(4, 17),
        headline=True,
        macro=True,
        goal=True,
        on_card="always",
        typed=r"p|prot\.?|proteins?",
    ),
    NutrientRow(
        key="carbohydrate_g",
        name="total carbohydrate",
        short="carbohydrate",
        heading="Carbohydrate, total",
        unit="g",
        us=PrintedRow("Total carbohydrate", 50, _US_GRAM),
        eu=PrintedRow("Carbohydrate", 40, _EU_GRAM),
        us_tolerance="at least",
        eu_tolerance=_GRAM_STEPS,
        kcal_per_g=4,
        annex_xiv=(4, 17),
        headline=True,
        macro=True,
        goal=True,
        on_card="always",
        typed=r"(?:total\s+)?c(?:arbs?|arbohydrates?)?",
    ),
    NutrientRow(
        key="net_carbohydrate_g",
        name="net carbohydrate",
        heading="net of fibre, polyols",
        unit="g",
        part_of="carbohydrate_g",
        headline=True,
        goal=True,
        inside=True,
        on_card="always",
    ),
    NutrientRow(
        key="sugars_g",
        name="sugars",
        heading="sugars",
        unit="g",
        part_of="net_carbohydrate_g",
        us=PrintedRow("Total sugars", 80, _US_GRAM, inside=True),
        eu=PrintedRow("of which sugars", 50, _EU_GRAM, inside=True),
        us_tolerance="at most",
        eu_tolerance=_GRAM_STEPS,
        kcal_per_g=4,
        inside=True,
        on_card="always",
        typed=r"sugars?|of which sugars",
    ),
    NutrientRow(
        key="added_sugars_g",
        name="added sugars",
        heading="added sugars",
        unit="g",
        part_of="sugars_g",
        us=PrintedRow("Added sugars", 90, _US_GRAM, inside=True),
        eu=PrintedRow("of which added sugars", None, _EU_GRAM, inside=True),
        us_tolerance="at most",
        calculated=False,
    ),
    NutrientRow(
        key="polyols_g",
        name="polyols",
        heading="polyols",
        unit="g",
        part_of="carbohydrate_g",
        us=PrintedRow("Sugar alcohol", 100, _US_GRAM, inside=True),
        eu=PrintedRow("of which polyols", 60, _EU_GRAM, inside=True),
        annex_xiv=(2.4, 10),
        absent_means_none=True,
        inside=True,
        on_card="always",
        typed=r"polyols?|sugar alcohols?",
    ),
    NutrientRow(
        key="allulose_g",
        name="allulose",
        heading="allulose",
        unit="g",
        part_of="carbohydrate_g",
        us=PrintedRow("Allulose", 110, _US_GRAM, inside=True),
        eu=PrintedRow("Allulose", 70, _EU_GRAM, inside=True),
        kcal_per_g=0.4,  # FDA guidance of 2020
        absent_means_none=True,
        calculated=False,
    ),
    NutrientRow(
        key="fat_g",
        name="fat",
        heading="Fat",
        unit="g",
        us=PrintedRow("Total fat", 20, _US_FAT),
        eu=PrintedRow("Fat", 20, _EU_GRAM),
        us_tolerance="at most",
        eu_tolerance=_FAT_STEPS,
        kcal_per_g=9,
        annex_xiv=(9, 37),
        headline=True,
        macro=True,
        goal=True,
        on_card="always",
        typed=r"(?:total\s+)?f(?:at)?",
    ),
    NutrientRow(
        key="saturated_g",
        name="saturated fat",
        short="saturated",
        heading="saturated",
        unit="g",
        part_of="fat_g",
        us=PrintedRow("Saturated fat", 30, _US_FAT, inside=True),
        eu=PrintedRow("of which saturates", 30, _EU_SATURATED, inside=True),
        us_tolerance="at most",
        eu_tolerance=_SATURATED_STEPS,
        inside=True,
        on_card="always",
        typed=r"sat(?:urate[sd]?|\.)?(?:\s+fats?)?|of which saturates",
    ),
    NutrientRow(
        key="fibre_g",
        name="fibre",
        heading="Fibre",
        unit="g",
        part_of="carbohydrate_g",
        us=PrintedRow("Dietary fibre", 60, _US_GRAM, inside=True),
        eu=PrintedRow("Fibre", 90, _EU_GRAM),
        us_tolerance="at least",
        eu_tolerance=_GRAM_STEPS,
        annex_xiv=(2, 8),
        headline=True,
        goal=True,
        on_card="always",
        typed=r"fib(?:re|er)",
    ),
    NutrientRow(
        key="soluble_fibre_g",
        name="soluble fibre",
        heading="soluble fibre",
        unit="g",
        part_of="fibre_g",
        us=PrintedRow("of it soluble", 70, _US_GRAM, inside=True),
        eu=PrintedRow("of it soluble", None, _EU_GRAM, inside=True),
        kcal_per_g=2,
        calculated=False,
    ),
    NutrientRow(
        key="sodium_mg",
        name="sodium",
        heading="Sodium",
        unit="mg",
        most_per_g=1000.0,
        us=PrintedRow("Sodium", 40, _US_SODIUM),
        us_tolerance="at most",
        same_as=("salt_g", 1000 / SALT_PER_SODIUM),
        on_card="always",
        typed=r"sodium",
    ),
    NutrientRow(
        key="salt_g",
        name="salt",
        heading="Salt",
        unit="g",
        eu=PrintedRow("Salt", 110, _EU_SALT),
        eu_tolerance=_SALT_STEPS,
        calculated=False,
        typed=r"salt",
    ),
    NutrientRow(
        key="cholesterol_mg",
        name="cholesterol",
        heading="Cholesterol",
        unit="mg",
        most_per_g=1000.0,
        us=PrintedRow("Cholesterol", 35, _US_CHOLESTEROL),
        us_tolerance="at most",
        typed=r"cholesterol",
    ),
    NutrientRow(
        key="calcium_mg",
        name="calcium",
        heading="Calcium",
        unit="mg",
        most_per_g=1000.0,
        us=PrintedRow("Calcium", 130, _US_CALCIUM),
        eu=PrintedRow("Calcium", 140, _EU_THREE_FIGURES),
        us_tolerance="at least",
        eu_tolerance=_MINERAL_STEPS,
        typed=r"calcium",
    ),
    NutrientRow(
        key="iron_mg",
        name="iron",
        heading="Iron",
        unit="mg",
        most_per_g=1000.0,
        us=PrintedRow("Iron", 140, _US_IRON),
        eu=PrintedRow("Iron", 150, _EU_TWO_FIGURES),
        us_tolerance="at least",
        eu_tolerance=_MINERAL_STEPS,
        typed=r"iron",
    ),
    NutrientRow(
        key="potassium_mg",
        name="potassium",
        heading="Potassium",
        unit="mg",
        most_per_g=1000.0,
        us=PrintedRow("Potassium", 150, _US_POTASSIUM),
        eu=PrintedRow("Potassium", 160, _EU_THREE_FIGURES),
        us_tolerance="at least",
        eu_tolerance=_MINERAL_STEPS,
        typed=r"potassium",
    ),
    NutrientRow(
        key="alcohol_g",
        name="alcohol",
        heading="Alcohol",
        unit="g",
        us=PrintedRow("Alcohol", 170),
        eu=PrintedRow("Alcohol", 120),
        kcal_per_g=7,  # common practice in the US, Annex XIV in the EU
        annex_xiv=(7, 29),
        absent_means_none=True,
        calculated=False,
    ),
    NutrientRow(
        key="organic_acids_g",
        name="organic acids",
        heading="Organic acids",
        unit="g",
        eu=PrintedRow("Organic acids", 130),
        annex_xiv=(3, 13),
        absent_means_none=True,
        calculated=False,
    ),
)
