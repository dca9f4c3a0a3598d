"""What a component is to its dish, told by its name: the body of it, a base, a sauce, a topping.

The words are common practice; a name that says nothing is laid out and added.
"""

import re
from collections.abc import Sequence
from typing import Final

from gasket.core.trade.families import BY_KEY, Family, Role

_WORDS: Final[tuple[tuple[Role, str], ...]] = (
    # The first that matches wins.
    ("topping", r"\btop\b|topping|crumb|streusel|sprinkl|\bdust|crunch|garnish"),
    ("frosting", r"frosting|icing|glaze|\bwhip|buttercream|ganache"),
    ("sauce", r"sauce|syrup|gravy|caramel|\bdip\b|drizzle|dressing|custard|\bjam\b|coulis|salsa"),
    ("base", r"\bbase\b|crust|\bbottom\b|\bshell\b"),
    ("filling", r"filling|\bcentre|\bcenter|\bmousse"),
)


def role_of(name: str) -> Role:
    """What a component is to its dish, by its name."""
    for role, words in _WORDS:
        if re.search(words, name, re.IGNORECASE):
            return role
    return "other"


def body_of(components: Sequence[str], family: Family) -> str | None:
    """The component that the dish is made of; None without components."""
    wanted: tuple[Role, ...] = ("other", "filling", "base")
    if family in BY_KEY and BY_KEY[family].shell:
        wanted = ("other", "base", "filling")
    for role in wanted:
        for name in components:
            if role_of(name) == role:
                return name
    return components[0] if components else None
