"""The dips, glazes and drizzles of a build: how thick they are, and what changes that."""

from collections.abc import Iterator, Mapping
from typing import NamedTuple

from gasket.core.numbers import Answer
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.trade.consistency import (
    DIFFER,
    HOLD_BACK,
    MIXTURES,
    MOSTLY,
    SWEETENER_STANDING,
    SWEETENER_TAKES,
    THICKNESSES,
    WHEY_TAKES,
    Mixture,
    Thickness,
)


class Liquid(Answer):
    """What one thickness takes: grams of liquid, from least to most where nobody has weighed it;
    `own` is by the cook's own ratio. `hold_back_g` is added last, as it is needed."""

    thickness: Thickness
    grams: float
    least_g: float
    most_g: float
    hold_back_g: float
    own: bool


class Consistency(Answer):
    """One component that is a powder stirred with a liquid. `now` is how thick it is as planned,
    None without liquid; `line_id` the line whose amount makes it thicker or thinner."""

    component: str
    mixture: str
    name: str
    powder_g: float
    liquid_g: float
    now: Thickness | None
    line_id: str | None
    liquids: tuple[Liquid, ...]
    standing: str


def own_key(mixture: str, thickness: Thickness) -> str:
    """By which the cook's own ratio of a mixture is kept."""
    return f"{mixture}/{thickness}"


class _Stirred(NamedTuple):
    mixture: Mixture
    powders: list[PlacedLine]
    liquids: list[PlacedLine]


def consistencies(piece: Workpiece, own: Mapping[str, float]) -> Iterator[Consistency]:
    """Every component that is a powder with a liquid; `own` are the cook's ratios by `own_key`."""
    for at, part in enumerate(piece.build.components):
        lines = [placed for placed in piece.within(at) if placed.grams > 0]
        found = _stirred(lines)
        if found is not None:
            yield _consistency(part.name, found, own)


def _stirred(lines: list[PlacedLine]) -> _Stirred | None:
    whole = sum(placed.grams for placed in lines)
    for mixture in MIXTURES:
        named = [placed for placed in lines if placed.kind in mixture.powders]
        powders = [p for p in lines if p.kind in (*mixture.powders, *mixture.beside)]
        liquids = [placed for placed in lines if placed.kind in mixture.liquids]
        held = _grams(powders) + _grams(liquids)
        needs_liquid = mixture.key == "syrup"
        if not named or held < MOSTLY * whole or (needs_liquid and not liquids):
            continue
        if mixture.key == "protein" and _grams(named) < _grams(powders) / 2:
            continue
        return _Stirred(mixture, powders, liquids)
    return None


def _grams(lines: list[PlacedLine]) -> float:
    return sum(placed.grams for placed in lines)


def _takes(found: _Stirred) -> float:
    """How much of the usual liquid this very powder takes."""

    def share(kind: str) -> float:
        return _grams([p for p in found.powders if p.kind == kind]) / _grams(found.powders)

    if found.mixture.key == "protein":
        return 1 - (1 - WHEY_TAKES) * share("whey_powder")
    if found.mixture.key == "icing":
        return 1 - (1 - SWEETENER_TAKES) * share("powdered_sweetener")
    return 1.0


def _consistency(name: str, found: _Stirred, own: Mapping[str, float]) -> Consistency:
    powder, liquid, takes = _grams(found.powders), _grams(found.liquids), _takes(found)
    ways = tuple(_liquid(thickness, found.mixture, powder, takes, own) for thickness in THICKNESSES)
    most = max(found.liquids, key=lambda placed: placed.grams, default=None)
    sweetened = any(placed.kind == "powdered_sweetener" for placed in found.powders)
    icing = found.mixture.key == "icing" and sweetened
    return Consistency(
        component=name,
        mixture=found.mixture.key,
        name=found.mixture.name,
        powder_g=powder,
        liquid_g=liquid,
        now=None if liquid <= 0 else min(ways, key=lambda way: abs(way.grams - liquid)).thickness,
        line_id=None if most is None else most.line.id,
        liquids=ways,
        standing=SWEETENER_STANDING if icing else found.mixture.standing,
    )


def _liquid(
    thickness: Thickness, mixture: Mixture, powder_g: float, takes: float, own: Mapping[str, float]
) -> Liquid:
    kept = own.get(own_key(mixture.key, thickness))
    least, most = (ratio * takes * powder_g for ratio in mixture.ratios[thickness])
    grams = (least + most) / 2 if kept is None else kept * powder_g
    if kept is None:
        least, most = least * (1 - DIFFER / 2), most * (1 + DIFFER / 2)
    else:
        least = most = grams
    return Liquid(
        thickness=thickness,
        grams=grams,
        least_g=least,
        most_g=most,
        hold_back_g=HOLD_BACK * grams,
        own=kept is not None,
    )
