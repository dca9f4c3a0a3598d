"""Nuggets, tenders, schnitzel and what else is breaded."""

from typing import Final

from gasket.core.trade.families.model import (
    PREHEAT,
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Must,
    Reheat,
    Row,
    Span,
    Uptake,
)

FAMILY: Final = DishFamily(
    key="coated",
    name="breaded or crispy piece",
    says=(
        "nugget",
        "tender",
        "wing",
        "fish finger",
        "fish stick",
        "schnitzel",
        "breaded chicken",
        "breaded fish",
        "breaded",
        "fried chicken",
        "crispy chicken",
        "onion ring",
        "popcorn chicken",
        "popcorn shrimp",
        "katsu",
        "goujon",
        "chicken strip",
        "chicken finger",
        "chicken parmesan",
        "corn dog",
        "mozzarella stick",
        "fish and chips",
        "tempura",
        "cordon bleu",
        "kiev",
        "cauliflower wing",
        "orange chicken",
        "crispy fish",
    ),
    bands=Bands(salt=Span(0.5, 2.0)),
    uptakes=(
        Uptake(
            "crumb|panko|cereal|crust|coating|breading", 0.5, 0.7, "of the crumbs (from memory)"
        ),
        Uptake("egg|wash", 0.35, 0.6, "of the egg of a coating (from memory)"),
        Uptake("flour|starch|dredge", 0.3, 0.5, "of the flour (from memory)"),
    ),
    loss=(0.12, 0.25),
    steps=(
        PREHEAT,
        Row("cut", "Cut {main} in even pieces, salt them and pat them dry 8 min", must="dry"),
        Row(
            "coat",
            "Turn {main} in starch, then egg white, then crumbs 8 min",
            when=("crumbs",),
        ),
        Row("rest", "Rest {main} 10 min", when=("crumbs",)),
        Row("rack", "Spray the rack and lay {main} on it in one layer 2 min"),
        Row(
            "bake",
            "Bake {main} on a rack 400 F 15-20 min until golden brown all round",
            after=("rack", "preheat"),
            piece_g=120,
        ),
    ),
    usually=JoinsAt(after=("bake",)),
    places={
        "topping": JoinsAt(after=("cut",), before="rack"),
        "other": JoinsAt(after=("cut",), before="rack"),
        "base": JoinsAt(after=("cut",), before="rack"),
    },
    musts=(Must("dry", r"dry", "Pat it dry, or the coating slides off.", "Pat it dry 2 min"),),
    keeps=(Habit("up to 3 months", months=Span(3, 3)),),
    reheat=(
        Reheat("air fryer", 4, 4, "at 375 °F (190 °C): a microwave softens it"),
        Reheat("oven", 8, 12, "at 400 °F (205 °C)"),
    ),
    late="Sauce it just before serving, or it goes soft.",
)
