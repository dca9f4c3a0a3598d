"""At the table: what is eaten warm gets hot again, what goes soft is put on last."""

from collections.abc import Iterable

from gasket.core.cooking.parts import role_of
from gasket.core.cooking.safety import SafetySchool, rule
from gasket.core.trade.families import BY_KEY, Family, Reheat
from gasket.core.trade.words import minutes_words


def reheat_says(family: Family | None, school: SafetySchool) -> str:
    """How hot what is eaten warm must get again; empty for what is eaten cold."""
    if family in BY_KEY and BY_KEY[family].eaten_cold:
        return ""
    first = rule("reheated", school).enough[0]
    held = f" for {first.seconds:.0f} s" if first.seconds else ""
    return f"Once only, right through: {first.temperature_c:g} °C in the core{held}."


def reheat_ways(family: Family | None) -> tuple[str, ...]:
    """How it gets warm again in each device, for how long: "microwave 2 to 3 min"."""
    return tuple(_way(way) for way in (BY_KEY[family].reheat if family in BY_KEY else ()))


def _way(way: Reheat) -> str:
    least, most = minutes_words(way.least_min), minutes_words(way.most_min)
    unit = most.rsplit(" ", 1)[-1]
    span = most if least == most else f"{least.removesuffix(f' {unit}')} to {most}"
    return f"{way.device} {span}{f', {way.says}' if way.says else ''}"


def late_says(family: Family | None, components: Iterable[str]) -> str:
    """What is left until it is eaten, so that it stays crisp; empty where nothing goes soft."""
    says = BY_KEY[family].late if family in BY_KEY else ""
    if not says or says[0].isupper():
        return says
    topping = next((name for name in components if role_of(name) == "topping"), None)
    return f"{topping}: {says}" if topping else ""
