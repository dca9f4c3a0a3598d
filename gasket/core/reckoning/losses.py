"""What of a component is not eaten: spilled, tasted, weighed back, fat poured off."""

from collections.abc import Iterable, Sequence

from gasket.core.reckoning.batch import Component, FatPouredOff


def less_lost(
    part: Component, components: Iterable[Component], lost_g: float, fat_off_g: Sequence[float]
) -> Component:
    """`part` without what was lost of it and without the fat poured off: never more than there is,
    beside what other components took of it."""
    removed = (*part.removed, *(FatPouredOff(fat_g=grams) for grams in fat_off_g))
    poured = part.model_copy(update={"removed": removed})
    taken = taken_of(part, components)
    lost = part.leftover_g + lost_g
    return poured.model_copy(update={"leftover_g": max(0.0, min(lost, poured.whole_g - taken))})


def taken_of(part: Component, components: Iterable[Component]) -> float:
    """Grams of it that other components took."""
    return sum(
        line.grams for user in components for line in user.lines if line.component == part.name
    )
