"""What a careful reader would suspect of a panel that agrees one way only, or not at all."""

from collections.abc import Iterator
from typing import Final

from gasket.core.label.energy_check import LAWFUL, EnergyByMethod, reckoned_by
from gasket.core.label.label import Label, PrintedFigure, printed
from gasket.core.trade.nutrients import KCAL_PER_G
from gasket.core.trade.nutrients.table import KJ_PER_KCAL


def likely_causes(
    label: Label, kcal: PrintedFigure | None, off: bool, reckoned: tuple[EnergyByMethod, ...]
) -> Iterator[str]:
    """Causes, likeliest first. `off`: the panel agrees by no lawful method."""
    if kcal is None:
        return
    agreeing = {energy.method for energy in reckoned if energy.lawful and energy.agrees}
    if agreeing == {"us_449"}:
        yield "4-4-9 on total carbohydrate, fibre and polyols counted in full: lawful in the US."
        if says := _erythritol_counted(label, kcal):
            yield says
    if off:
        causes = (says for cause in _CAUSES if (says := cause(label, kcal)))
        yield from (says for says in (next(causes, None),) if says)


def _erythritol_counted(label: Label, kcal: PrintedFigure) -> str | None:
    if label.polyol != "erythritol" or not label.polyols_g:
        return None
    counted = label.model_copy(update={"polyol": None, "polyols_g": 0.0})
    if _agrees_by_some(counted, kcal):
        return "Erythritol seems to be counted at 4 kcal/g, like sugar; the rules say 0."
    as_polyol = label.model_copy(update={"polyol": "xylitol"})
    if _agrees_by_some(as_polyol, kcal):
        return "Erythritol seems to be counted at 2.4 kcal/g, like any polyol; the rules say 0."
    return None


def _kilojoules(label: Label, kcal: PrintedFigure) -> str | None:
    if kcal.value < LEAST_LIKELY_KJ:
        return None
    as_kj = label.model_copy(update={"kcal": kcal.value / KJ_PER_KCAL, "kj": None})
    stands = printed(as_kj, "kcal")
    if stands and _agrees_by_some(label, stands):
        return "The energy looks like kJ in the place of kcal."
    return None


def _other_convention(label: Label, kcal: PrintedFigure) -> str | None:
    if label.style == "us" and _agrees_by_some(label.model_copy(update={"style": "eu"}), kcal):
        return "It agrees if the carbohydrate leaves fibre out, as on an EU panel."
    if label.style == "eu" and _agrees_by_some(label.model_copy(update={"style": "us"}), kcal):
        return "It agrees if the carbohydrate holds the fibre, as on a US panel."
    return None


def _as_prepared(label: Label, kcal: PrintedFigure) -> str | None:
    """Half again and more energy than the macros, of a dry food: milk or fat was added to it."""
    sums = [energy.kcal for energy in _each_lawful(label, kcal) if energy.kcal]
    if sums and kcal.value > AS_PREPARED * max(sums):
        return "Figures for the food as prepared may stand beside those of the dry food."
    return None


def _no_alcohol(label: Label, kcal: PrintedFigure) -> str | None:
    sums = [energy.kcal for energy in _each_lawful(label, kcal) if energy.kcal is not None]
    if label.alcohol_g is None and sums and max(sums) < 0.2 * kcal.value:
        grams = (kcal.value - max(sums)) / KCAL_PER_G["alcohol_g"]
        return f"Alcohol would explain it: about {grams:.0f} g that the panel does not print."
    return None


_CAUSES: Final = (
    _erythritol_counted,
    _kilojoules,
    _other_convention,
    _no_alcohol,
    _as_prepared,
)
AS_PREPARED: Final = 1.5
LEAST_LIKELY_KJ: Final = 100.0


def _each_lawful(label: Label, kcal: PrintedFigure) -> list[EnergyByMethod]:
    return [reckoned_by(label, method, kcal, 0.0) for method in LAWFUL[label.style]]


def _agrees_by_some(label: Label, kcal: PrintedFigure) -> bool:
    return any(energy.agrees for energy in _each_lawful(label, kcal))
