"""What a food is in a build: flour, a lean cheese, a sweetener, a raising agent.

Swaps and build checks speak of kinds, not of packages. A kind is guessed from the food's names;
the cook can say otherwise on the food.
"""

import re
from collections.abc import Iterable
from functools import lru_cache
from typing import Final, Literal, get_args

from gasket.core.trade.meats import Form, Meat, meat_in

FoodKind = Literal[
    "flour",
    "oat_flour",
    "oats",
    "nut_flour",
    "coconut_flour",
    "starch",
    "self_raising_flour",
    "cocoa",
    "whey_powder",
    "protein_blend",
    "plant_protein",
    "collagen",
    "sugar",
    "brown_sugar",
    "powdered_sugar",
    "syrup",
    "jam",
    "sweetener",
    "brown_sweetener",
    "powdered_sweetener",
    "intense_sweetener",
    "butter",
    "spread",
    "oil",
    "oil_spray",
    "mayonnaise",
    "nut_butter",
    "peanut_powder",
    "nuts",
    "seeds",
    "chocolate",
    "egg",
    "egg_white",
    "egg_yolk",
    "egg_replacer",
    "cream_cheese",
    "cream",
    "thick_yogurt",
    "cottage_cheese",
    "cheese",
    "milk",
    "plant_milk",
    "mince",
    "poultry_mince",
    "poultry",
    "cured_meat",
    "meat",
    "fish",
    "tofu",
    "legumes",
    "bread",
    "wrap",
    "pasta",
    "rice",
    "crumbs",
    "fruit",
    "dried_fruit",
    "puree",
    "vegetable",
    "baking_powder",
    "baking_soda",
    "yeast",
    "gum",
    "gelatine",
    "pudding_mix",
    "whipped_topping",
    "salt",
    "spice",
    "flavouring",
    "coffee",
    "acid",
    "sauce",
    "stock",
    "alcohol",
    "water",
    "other",
]
KINDS: Final[tuple[FoodKind, ...]] = get_args(FoodKind)

_MEAT_KINDS: Final[dict[Form, FoodKind]] = {
    "ground": "mince",
    "sausage": "cured_meat",
    "bacon": "cured_meat",
    "ready": "cured_meat",
    "whole": "meat",
}
_Words = tuple[tuple[FoodKind, str], ...]
_BEFORE_MEAT: Final[_Words] = (
    # The first that matches wins, so what is special stands before what is general; whether it is
    # a meat is asked between the two lists.
    ("oil_spray", r"spray"),
    ("peanut_powder", r"peanut (powder|flour)|powdered peanut"),
    ("nut_butter", r"(peanut|almond|cashew|hazelnut|nut) (butter|paste)"),
    ("nut_flour", r"almond (flour|meal)|ground almonds"),
    ("coconut_flour", r"coconut flour"),
    ("oat_flour", r"oat flour|ground oats"),
    ("self_raising_flour", r"self-rais\w+ flour|self-rising flour|pancake mix|baking mix"),
    ("plant_milk", r"(oat|almond|soy|soya|rice|coconut|hemp) (milk|drink)|plant milk"),
    ("whipped_topping", r"whipped topping"),
    ("pudding_mix", r"pudding"),
    ("collagen", r"collagen"),
    ("plant_protein", r"(pea|soya?|hemp|plant|rice) protein|wheat gluten|vegan protein"),
    (
        "protein_blend",
        r"casein|milk[- ]protein|protein (blend|mix)|protein powder",
    ),
    ("whey_powder", r"\bwhey\b"),
    ("powdered_sweetener", r"powdered sweetener|(blend|erythritol),? powdered|icing sweetener"),
    ("brown_sweetener", r"brown sweetener"),
    ("intense_sweetener", r"stevia|sucralose|monk[- ]?fruit|aspartame|saccharin|sweetener drops"),
    ("sweetener", r"erythritol|xylitol|allulose|sweetener|maltitol|sorbitol|isomalt"),
    ("brown_sugar", r"brown sugar|muscovado|demerara|sugar, (dark |light )?brown"),
    ("powdered_sugar", r"(powdered|icing|confectioner\w*) sugar|sugar, powdered"),
    ("syrup", r"syrup|honey|treacle|molasses|agave|caramel sauce|toffee sauce"),
    ("jam", r"\bjam\b|marmalade|fruit spread"),
)
_AFTER_MEAT: Final[_Words] = (
    ("egg_replacer", r"egg replac|flax egg|aquafaba"),
    ("egg_white", r"egg whites?"),
    ("egg_yolk", r"egg yolks?|\byolks?\b"),
    ("mayonnaise", r"mayo"),
    ("egg", r"\beggs?\b"),
    ("cream_cheese", r"cream cheese|mascarpone|soft cheese|ricotta"),
    ("cottage_cheese", r"cottage cheese"),
    ("thick_yogurt", r"yogh?urt|skyr|quark|labneh"),
    ("spread", r"spread|light butter"),
    ("butter", r"\bbutter\b(?!milk)|margarine|\bghee\b|\blard\b|shortening"),
    ("milk", r"buttermilk"),
    (
        "cheese",
        r"cheese|cheddar|mozzarella|parmesan|feta|gouda|gruy|emmental|lighter$|halloumi",
    ),
    ("cream", r"\bcream\b|half and half|cr[eè]me fra[iî]che"),
    ("milk", r"\bmilk\b(?! chocolate)"),
    ("cocoa", r"cocoa"),
    ("chocolate", r"chocolate"),
    ("crumbs", r"crumbs?\b|corn ?flakes|cereal|crackers?|granola"),
    ("starch", r"starch|corn ?flour|arrowroot"),
    ("flour", r"\bflour\b|cornmeal|polenta|semolina"),
    ("oats", r"\boats?\b|oatmeal"),
    ("wrap", r"tortilla|\bwraps?\b|flatbread"),
    ("bread", r"bread|\bbuns?\b|\bloaf\b|toast|\brolls?\b|sponge fingers?|ladyfingers?|biscuits?"),
    ("pasta", r"pasta|macaroni|spaghetti|noodles?|lasagne?a?"),
    ("rice", r"\brice\b"),
    ("tofu", r"tofu|tempeh"),
    ("legumes", r"chickpeas?|beans?\b|lentils?|\bpeas\b"),
    ("puree", r"pur[eé]e, canned|canned pumpkin|pumpkin|apple ?sauce|fruit pur[eé]e"),
    ("oil", r"\boil\b"),
    ("vegetable", r"(bell|red|green|yellow) pepper"),
    ("seeds", r"\bseeds?\b|psyllium"),
    ("dried_fruit", r"\bdates?\b|raisins?|sultanas?|dried|currants|prunes?"),
    ("baking_soda", r"baking soda|bicarbonate"),
    ("baking_powder", r"baking powder"),
    ("yeast", r"yeast"),
    ("gum", r"xanthan|guar|\bgum\b"),
    ("gelatine", r"gelatin|agar"),
    (
        "flavouring",
        r"vanilla|extract|essence|flavou?r|zest|peel",
    ),
    ("coffee", r"coffee|espresso"),
    ("acid", r"vinegar|lemon juice|lime juice|citric"),
    (
        "sauce",
        r"sauce|ketchup|mustard|tomato paste|tomato concentrate|pickles?|salsa|relish",
    ),
    ("stock", r"stock|broth|bouillon"),
    ("salt", r"\bsalt\b"),
    (
        "spice",
        r"cinnamon|ginger|nutmeg|pepper$|black pepper|garlic powder|onion powder|paprika|cumin"
        r"|spice"
        r"|cardamom|clove|chilli powder|curry|turmeric|oregano|thyme|herbs?|dill",
    ),
    ("alcohol", r"\brum\b|brandy|whisky|liqueur|\bwine\b|marsala"),
    (
        "nuts",
        r"almonds?|walnuts?|pecans?|hazelnuts?|cashews?|pistachios?|peanuts?|nuts?\b"
        r"|desiccated coconut",
    ),
    ("sugar", r"sugar"),
    (
        "fruit",
        r"banana|apple|berr(y|ies)|lemon|lime|orange|avocado|mango|peach|pear|cherr|pineapple|grape",
    ),
    (
        "vegetable",
        r"carrot|courgette|zucchini|cauliflower|broccoli|spinach|onion|garlic|potato|tomato"
        r"|pepper|mushroom|lettuce|cabbage|cucumber|celery|leek|kale|vegetable|butternut|squash",
    ),
    ("water", r"\bwater\b|\bice\b"),
)


def _patterns(words: _Words) -> tuple[tuple[FoodKind, re.Pattern[str]], ...]:
    return tuple((kind, re.compile(pattern, re.IGNORECASE)) for kind, pattern in words)


_FIRST: Final = _patterns(_BEFORE_MEAT)
_LAST: Final = _patterns(_AFTER_MEAT)


@lru_cache(maxsize=32768)
def _kind_in(text: str) -> FoodKind | None:
    found = next((kind for kind, pattern in _FIRST if pattern.search(text)), None)
    if found is None and (meat := meat_in(text)):
        found = _kind_of(meat)
    return found or next((kind for kind, pattern in _LAST if pattern.search(text)), None)


def _kind_of(meat: Meat) -> FoodKind:
    if meat.animal == "fish":
        return "fish"
    if meat.animal == "poultry" and meat.form in ("ground", "whole"):
        return "poultry_mince" if meat.form == "ground" else "poultry"
    return _MEAT_KINDS[meat.form]


def guess_kind(names: Iterable[str]) -> FoodKind | None:
    """The kind that the first telling name says, in the order of `names`; None tells nothing."""
    return next((kind for name in names if (kind := _kind_in(name)) is not None), None)


DRY_BASE: Final[dict[FoodKind, float]] = {
    # How much of the dry base a gram counts for (common practice): coconut flour drinks the most.
    "flour": 1.0,
    "self_raising_flour": 1.0,
    "oat_flour": 1.0,
    "oats": 1.0,
    "nut_flour": 1.0,
    "coconut_flour": 3.5,
    "starch": 1.0,
    "cocoa": 1.0,
    "whey_powder": 1.0,
    "protein_blend": 1.0,
    "plant_protein": 1.0,
    "peanut_powder": 1.0,
    "crumbs": 1.0,
}
POWDERS: Final[frozenset[FoodKind]] = frozenset({"whey_powder", "protein_blend", "plant_protein"})
FLOURS: Final[frozenset[FoodKind]] = frozenset(
    {"flour", "self_raising_flour", "oat_flour", "oats", "nut_flour", "coconut_flour", "starch"}
)
ACIDS: Final[frozenset[FoodKind]] = frozenset(
    {"thick_yogurt", "acid", "fruit", "cocoa", "syrup", "brown_sugar", "cottage_cheese"}
)
SEASONINGS: Final[frozenset[FoodKind]] = frozenset(
    {
        "salt",
        "spice",
        "flavouring",
        "coffee",
        "acid",
        "baking_powder",
        "baking_soda",
        "yeast",
        "gum",
        "gelatine",
        "stock",
        "water",
        "intense_sweetener",
        "oil_spray",
    }
)
"""Small lines that carry taste, rise or set: no solver moves them unless told to."""
MEATS: Final[frozenset[FoodKind]] = frozenset(
    {"mince", "poultry_mince", "poultry", "cured_meat", "meat", "fish", "gelatine", "collagen"}
)
