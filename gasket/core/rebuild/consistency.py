"""The dips, glazes and drizzles of a build: how thick they are, and what changes that."""

from collections.abc import Collection, Iterator, Mapping
from typing import NamedTuple

from gasket.core.numbers import Answer
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.trade.consistency import (
    DIFFER,
    HOLD_BACK,
    MIXTURES,
    MOSTLY,
    THICKNESSES,
    Mixture,
    Thickness,
)
from gasket.core.trade.kinds import FoodKind


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
    whole = _grams(lines)
    for mixture in MIXTURES:
        named = _of_kinds(lines, mixture.powders)
        powders = _of_kinds(lines, (*mixture.powders, *mixture.beside))
        liquids = _of_kinds(lines, mixture.liquids)
        is_it = (
            named
            and _grams(powders) + _grams(liquids) >= MOSTLY * whole
            and _grams(named) >= mixture.mostly * _grams(powders)
            and (liquids or not mixture.needs_liquid)
        )
        if is_it:
            return _Stirred(mixture, powders, liquids)
    return None


def _of_kinds(lines: list[PlacedLine], kinds: Collection[FoodKind]) -> list[PlacedLine]:
    return [placed for placed in lines if placed.kind in kinds]


def _grams(lines: list[PlacedLine]) -> float:
    return sum(placed.grams for placed in lines)


def _takes(found: _Stirred) -> float:
    """How much of the usual liquid these very powders take."""
    takes = found.mixture.takes
    wanted = sum(placed.grams * takes.get(placed.kind, 1.0) for placed in found.powders)
    return wanted / _grams(found.powders)


def _consistency(name: str, found: _Stirred, own: Mapping[str, float]) -> Consistency:
    mixture, powder, liquid = found.mixture, _grams(found.powders), _grams(found.liquids)
    takes = _takes(found)
    ways = tuple(_liquid(thickness, mixture, powder, takes, own) for thickness in THICKNESSES)
    most = max(found.liquids, key=lambda placed: placed.grams, default=None)
    kinds = {placed.kind for placed in found.powders}
    of_a_kind = [says for kind, says in mixture.standing_with.items() if kind in kinds]
    return Consistency(
        component=name,
        mixture=mixture.key,
        name=mixture.name,
        powder_g=powder,
        liquid_g=liquid,
        now=None if liquid <= 0 else min(ways, key=lambda way: abs(way.grams - liquid)).thickness,
        line_id=None if most is None else most.line.id,
        liquids=ways,
        standing=" ".join(filter(None, (mixture.standing, *of_a_kind))),
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
