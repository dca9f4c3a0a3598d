"""The words of recipes: units in their spellings, fills, states, numbers spelled out."""

from typing import Final, Literal

SpoonFill = Literal["", "level", "heaped", "rounded", "scant", "packed"]

UNITS: Final[dict[str, tuple[str, ...]]] = {
    "g": ("g", "gr", "gram", "grams", "gramme", "grammes"),
    "kg": ("kg", "kgs", "kilo", "kilos", "kilogram", "kilograms"),
    "mg": ("mg", "milligram", "milligrams"),
    "oz": ("oz", "ounce", "ounces", "ozs"),
    "lb": ("lb", "lbs", "pound", "pounds"),
    "ml": ("ml", "mls", "millilitre", "millilitres", "milliliter", "milliliters", "cc"),
    "cl": ("cl", "centilitre", "centilitres", "centiliter", "centiliters"),
    "dl": ("dl", "decilitre", "decilitres", "deciliter", "deciliters"),
    "l": ("l", "litre", "litres", "liter", "liters", "ltr"),
    "cup": ("cup", "cups", "c"),
    "tbsp": ("tbsp", "tbsps", "tbs", "tbl", "tablespoon", "tablespoons", "tablespoonful"),
    "tsp": ("tsp", "tsps", "teaspoon", "teaspoons", "teaspoonful"),
    "fl oz": (
        *("floz", "fluid ounce", "fluid ounces", "fl oz", "fl ounce", "fl ounces", "fl. oz"),
        *("fl.oz", "fl. ounce", "fl. ounces"),
    ),
    "pint": ("pint", "pints", "pt"),
    "quart": ("quart", "quarts", "qt"),
    "gallon": ("gallon", "gallons", "gal"),
    "pinch": ("pinch", "pinches"),
    "dash": ("dash", "dashes"),
    "drop": ("drop", "drops"),
    "second": ("s", "sec", "secs", "second", "seconds", "second spray", "seconds spray"),
    "spray": ("spray", "sprays", "spritz", "spritzes"),
    "small": ("small",),
    "medium": ("medium", "med"),
    "large": ("large", "lg"),
    "extra large": ("extra large", "extra-large", "xl", "jumbo"),
    "piece": ("piece", "pieces", "pc", "pcs", "whole"),
    "slice": ("slice", "slices"),
    "scoop": ("scoop", "scoops"),
    "serving": ("serving", "servings", "portion", "portions"),
    "clove": ("clove", "cloves"),
    "stick": ("stick", "sticks"),
    "stalk": ("stalk", "stalks", "rib", "ribs"),
    "sprig": ("sprig", "sprigs"),
    "leaf": ("leaf", "leaves"),
    "head": ("head", "heads"),
    "bunch": ("bunch", "bunches"),
    "handful": ("handful", "handfuls"),
    "knob": ("knob", "knobs"),
    "glug": ("glug", "glugs"),
    "shot": ("shot", "shots"),
    "rasher": ("rasher", "rashers"),
    "strip": ("strip", "strips"),
    "ball": ("ball", "balls"),
    "sheet": ("sheet", "sheets"),
    "fillet": ("fillet", "fillets"),
    "cube": ("cube", "cubes"),
    "bar": ("bar", "bars"),
    "can": ("can", "cans", "tin", "tins"),
    "jar": ("jar", "jars"),
    "bottle": ("bottle", "bottles"),
    "pack": (
        *("pack", "packs", "package", "packages", "packet", "packets", "pkg", "pkgs", "pouch"),
        *("pouches", "bag", "bags", "box", "boxes", "tub", "tubs", "carton", "cartons", "pot"),
        *("pots", "container", "containers", "sachet", "sachets", "block", "blocks"),
    ),
}
PACKS: Final = ("can", "jar", "bottle", "pack")
SIZES: Final = ("small", "medium", "large", "extra large")
PIECES: Final = (
    *("clove", "slice", "stalk", "leaf", "sprig", "fillet", "stick", "cube", "sheet", "strip"),
)
SAME_PIECE: Final = {"strip": "slice", "rasher": "slice"}
"""Pieces that are another one where the food knows none of their own."""
UNIT_OF: Final = {word: unit for unit, words in UNITS.items() for word in words}

FILLS: Final[dict[str, SpoonFill]] = {
    "level": "level",
    "heaped": "heaped",
    "heaping": "heaped",
    "rounded": "rounded",
    "scant": "scant",
    "packed": "packed",
    "generous": "rounded",
}
STATES: Final[dict[str, str]] = {
    "raw": "raw",
    "uncooked": "raw",
    "cooked": "cooked",
    "boiled": "cooked",
    "browned": "cooked",
    "dry": "dry",
    "dried": "dry",
    "frozen": "frozen",
    "drained": "drained",
    "canned": "canned",
    "tinned": "canned",
    "smoked": "smoked",
    "as prepared": "as_prepared",
    "prepared": "as_prepared",
}
NUMBER_WORDS: Final = {
    "a": 1.0,
    "an": 1.0,
    "one": 1.0,
    "two": 2.0,
    "three": 3.0,
    "four": 4.0,
    "five": 5.0,
    "six": 6.0,
    "seven": 7.0,
    "eight": 8.0,
    "nine": 9.0,
    "ten": 10.0,
    "twelve": 12.0,
    "dozen": 12.0,
    "half-dozen": 6.0,
    "half": 0.5,
    **dict.fromkeys(("third", "thirds"), 1 / 3),
    **dict.fromkeys(("quarter", "quarters", "fourth", "fourths"), 0.25),
    **dict.fromkeys(("eighth", "eighths"), 0.125),
}
VULGAR: Final = {
    **{"½": "1/2", "⅓": "1/3", "⅔": "2/3", "¼": "1/4", "¾": "3/4", "⅕": "1/5", "⅖": "2/5"},
    **{"⅗": "3/5", "⅘": "4/5", "⅙": "1/6", "⅚": "5/6", "⅛": "1/8", "⅜": "3/8", "⅝": "5/8"},
    **{"⅞": "7/8"},
}
