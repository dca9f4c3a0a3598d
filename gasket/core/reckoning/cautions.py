"""What a card warns of because of what is in it: polyols, aspartame, xylitol."""

from collections.abc import Iterable

from gasket.core.label.package import Flag
from gasket.core.reckoning.margin import value_of
from gasket.core.reckoning.reckon import Result
from gasket.core.trade.caution import POLYOLS_MOST, Caution


def cautions_of_contents(result: Result, flags: Iterable[Flag]) -> list[Caution]:
    """Cautions that follow from figures and labels, for everybody who eats it."""
    cautions = []
    share = value_of(result.per_100g.polyols_g) if result.per_100g else None
    if share is not None and share > 100 * POLYOLS_MOST:
        each, whole = value_of(result.serving.polyols_g), value_of(result.batch.polyols_g)
        says = (
            "Excessive consumption may produce laxative effects: "
            f"{each or 0:.0f} g polyols a serving, {whole or 0:.0f} g in the whole batch."
        )
        cautions.append(Caution(code="polyols", says=says, source="polyols"))
    there = set(flags)
    if "aspartame" in there:
        says = "Contains aspartame, a source of phenylalanine."
        cautions.append(Caution(code="aspartame", says=says, source="label-flags"))
    if "xylitol" in there:
        says = "Contains xylitol: keep it away from dogs and other pets."
        cautions.append(Caution(code="xylitol", says=says, source="label-flags"))
    return cautions
