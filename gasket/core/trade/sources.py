"""Says who: where each rule, factor and constant of the trade comes from."""

from enum import StrEnum
from typing import Final

from gasket.core.numbers import Answer


class Standing(StrEnum):
    """How far a reader can check a source."""

    PUBLISHED = "published"
    PRACTICE = "common practice"
    MEMORY = "from memory"


class Source(Answer):
    """A publication and paragraph, a habit of the trade, or something written down from memory."""

    key: str
    standing: Standing
    title: str
    says: str


def _published(key: str, title: str, says: str) -> Source:
    return Source(key=key, standing=Standing.PUBLISHED, title=title, says=says)


def _recalled(key: str, title: str, says: str) -> Source:
    """A published rule whose figures were written down from memory."""
    says = f"{says} (Figures from memory: look them up before you rely on them.)"
    return Source(key=key, standing=Standing.PUBLISHED, title=title, says=says)


SOURCES: Final[dict[str, Source]] = {
    source.key: source
    for source in (
        _published(
            "us-rounding",
            "US 21 CFR 101.9(c)",
            "Printed figures are rounded: kcal to 5 up to 50 and to 10 above, fat to 0.5 g up to "
            "5 g and to 1 g above, protein and carbohydrate to 1 g, and small amounts to 0.",
        ),
        _published(
            "us-serving-rounding",
            "US 21 CFR 101.9(b)(7)",
            "The serving weight is rounded to 1 g from 5 g on, to 0.5 g from 2 g on, and to "
            "0.1 g below.",
        ),
        _published(
            "us-energy",
            "US 21 CFR 101.9(c)(1)(i)",
            "4 kcal per gram of protein, 9 of fat, 4 of carbohydrate without fibre and polyols, "
            "2 of soluble fibre; polyols each by their own factor; 4-4-9 on total carbohydrate is "
            "equally lawful.",
        ),
        _published(
            "us-allulose",
            "FDA guidance on allulose, 2020",
            "0.4 kcal per gram of allulose.",
        ),
        _published(
            "eu-energy",
            "Regulation (EU) 1169/2011, Annex XIV",
            "4 kcal per gram of carbohydrate except polyols, 2.4 of polyols, 0 of erythritol, 4 of "
            "protein, 9 of fat, 7 of alcohol, 3 of organic acids, 2 of fibre.",
        ),
        _published(
            "unsaid-fibre",
            "Regulation (EU) 1169/2011, Article 30(2) and Annex XIV",
            "Fibre may be left out of an EU panel. It lies within what the printed energy leaves "
            "for it, at 2 kcal per gram, and what the weight has room for.",
        ),
        _published(
            "eu-rounding",
            "European Commission guidance on tolerances, December 2012",
            "Energy to 1 kcal; fat, carbohydrate, sugars, protein and fibre to 1 g from 10 g per "
            "100 g on, to 0.1 g below, 0.5 g and less as 0.",
        ),
        _published(
            "eu-salt",
            "Regulation (EU) 1169/2011, Annex I",
            "Salt is 2.5 times sodium.",
        ),
        _published("nist", "NIST SP 811", "Mass and volume units in grams and millilitres."),
        Source(
            key="alcohol",
            standing=Standing.PRACTICE,
            title="Common practice",
            says="7 kcal per gram of alcohol.",
        ),
        _published(
            "us-tolerance",
            "US 21 CFR 101.9(g)",
            "Calories, sugars, fat, saturated fat and sodium may be up to 120 % of the label; "
            "protein, carbohydrate and fibre that are naturally there at least 80 %, added ones "
            "100 %.",
        ),
        _published(
            "eu-tolerance",
            "European Commission guidance on tolerances, December 2012",
            "Carbohydrate, sugars, protein and fibre within 2 g below 10 g per 100 g, 20 % up to "
            "40 g, 8 g above; fat within 1.5 g, 20 %, 8 g. Energy has no row: it is derived.",
        ),
        Source(
            key="claim-digits",
            standing=Standing.PRACTICE,
            title="Common practice",
            says="A claimed figure is taken as rounded to its last digit.",
        ),
        Source(
            key="measures",
            standing=Standing.MEMORY,
            title="Weights of cups and pieces, from memory",
            says="A level cup or spoon is good to about 10 %, a heaped one to 25 %; weigh it once "
            "and yours is kept.",
        ),
        Source(
            key="weighed",
            standing=Standing.PRACTICE,
            title="Your scale",
            says="A net weight is the difference of two readings, so it is good to one division "
            "either way.",
        ),
        Source(
            key="typical",
            standing=Standing.MEMORY,
            title="Generic values, from memory",
            says="A table value stands for the food in general, not for your package: it carries "
            "a stated spread (10 % unless better is known).",
        ),
        Source(
            key="swaps",
            standing=Standing.PRACTICE,
            title="Common practice",
            says="Swaps, their ratios and what to watch are habits of the trade; your own trials "
            "count for more.",
        ),
        Source(
            key="own",
            standing=Standing.PRACTICE,
            title="Your own swap",
            says="Written down by you.",
        ),
        Source(
            key="build-checks",
            standing=Standing.PRACTICE,
            title="Common practice",
            says="Bands of water, rise, fat and salt by family of dish. They are wide, and your "
            "own bakes count for more.",
        ),
        Source(
            key="own-keepers",
            standing=Standing.PRACTICE,
            title="Your own keepers",
            says="The usual band, widened to take in the dishes that you have kept.",
        ),
        Source(
            key="sweetness",
            standing=Standing.MEMORY,
            title="Relative sweetness, common food-science tables, from memory",
            says="Sucrose is 1, erythritol 0.65, xylitol 1, allulose 0.7, blends 1.",
        ),
        _published(
            "us-claims",
            "US 21 CFR 101.54, 101.56, 101.60, 101.62; reference amounts 101.12",
            "High protein is 20 % of 50 g per reference amount, corrected for quality; low calorie "
            "40 kcal per reference amount; reduced 25 % less; light a third fewer kcal or half the "
            "fat; low fat 3 g. A main dish: 120 kcal and 3 g of fat per 100 g, at most 30 % of its "
            "energy from fat; light when it is low in either.",
        ),
        _published(
            "eu-claims",
            "Regulation (EC) 1924/2006, Annex",
            "High protein is 20 % of the energy, a source 12 %; low energy 40 kcal per 100 g; "
            "reduced and light 30 % less; low fat 3 g, low sugars 5 g per 100 g, of drinks half as "
            "much per 100 ml; source of fibre 3 g per 100 g or 1.5 g per 100 kcal, high twice so.",
        ),
        Source(
            key="protein-quality",
            standing=Standing.MEMORY,
            title="Protein quality (PDCAAS), from memory",
            says="Milk, egg and soy about 1, wheat 0.4, plant blends 0.7 to 0.9, collagen and "
            "gelatine 0.",
        ),
        _published(
            "polyols",
            "Regulation (EU) 1169/2011, Annex III",
            "Food with more than 10 % polyols says: excessive consumption may produce laxative "
            "effects.",
        ),
        _recalled(
            "us-core",
            "USDA FSIS, safe minimum internal temperatures",
            "Poultry and what is heated again 165 °F / 74 °C; minced meat and dishes set with egg "
            "160 °F / 71.1 °C; whole cuts 145 °F / 63 °C and 3 minutes of rest; fish 145 °F.",
        ),
        _recalled(
            "uk-core",
            "UK Food Standards Agency, cooking your food",
            "70 °C in the core for 2 minutes, or 75 °C for 30 seconds.",
        ),
        _recalled(
            "us-keeping",
            "USDA FSIS, leftovers and food safety",
            "Into the fridge within 2 hours (1 hour above 32 °C); 3 to 4 days at 4 °C or below; "
            "frozen at −18 °C best within 3 to 4 months.",
        ),
        _recalled(
            "uk-keeping",
            "UK Food Standards Agency, chilling and leftovers",
            "Eat leftovers within 48 hours, rice within 24; fridge at 5 °C or below.",
        ),
        _recalled(
            "raw-batter",
            "US FDA, handling flour and eggs safely",
            "Raw flour and raw egg can carry bacteria: do not taste dough or batter.",
        ),
        _recalled(
            "dry-beans",
            "US FDA, Bad Bug Book; UK Food Standards Agency, dried beans",
            "Dry kidney beans are soaked and boiled hard, and never slow-cooked raw.",
        ),
        _recalled(
            "honey",
            "US CDC, botulism prevention; UK NHS, foods to avoid giving babies",
            "No honey for children under 12 months.",
        ),
        _recalled(
            "slow-cooker",
            "USDA FSIS, slow cookers and food safety",
            "Thawed meat, at least half full, the lid on.",
        ),
        Source(
            key="kitchen-keeping",
            standing=Standing.PRACTICE,
            title="Common practice",
            says="Muffins and loaves 4 to 5 days in a box with a paper towel; crisp cups a week, "
            "filled just before serving. Where habit and advice differ, the earlier date counts.",
        ),
        Source(
            key="label-flags",
            standing=Standing.PRACTICE,
            title="The labels of what is in it",
            says="Said by a package that went in.",
        ),
        Source(
            key="kitchen-care",
            standing=Standing.PRACTICE,
            title="Common practice",
            says="Hot water, steam, hot handles and microwaved eggs burn.",
        ),
        Source(
            key="by-eye",
            standing=Standing.MEMORY,
            title="Pieces divided by eye, from memory",
            says="They differ by 10 to 15 %; weighing a few teaches your own spread.",
        ),
        Source(
            key="usual-loss",
            standing=Standing.PRACTICE,
            title="Common practice",
            says="Muffins and cakes lose 8 to 12 % in the oven, cookies 10 to 15 %, browned lean "
            "mince 25 to 30 %, chicken breast 25 %.",
        ),
        Source(
            key="net-carbohydrate",
            standing=Standing.PRACTICE,
            title="Common practice",
            says="Net carbohydrate is total carbohydrate less fibre, polyols and allulose.",
        ),
    )
}
"""Every source by its key, in the order in which the interface lists them."""
