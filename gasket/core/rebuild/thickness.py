"""The dips, frostings and shakes of a build: how thick they are, and what changes that."""

import re
from collections.abc import Collection, Iterator, Mapping
from typing import NamedTuple

from gasket.core.numbers import Answer
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.trade.kinds import FoodKind
from gasket.core.trade.thickness import (
    DIFFER,
    HOLD_BACK,
    MIXTURES,
    MOSTLY,
    SMALL_G,
    THIN,
    Added,
    MixtureKind,
    Thickness,
)


class ThicknessWay(Answer):
    """What one thickness takes: grams added in all, from least to most where nobody has weighed it;
    `own` is by the cook's own ratio. `ratio_key` is by which that ratio is kept."""

    thickness: Thickness
    ratio_key: str
    grams: float
    least_g: float
    most_g: float
    own: bool


class MixtureThickness(Answer):
    """One component that is thickened or thinned by what is `added`: a liquid, a powder or a gum.

    `added_g` counts what helps for what it does. `line_id` is the line whose amount makes it
    thicker or thinner; None where nothing is added yet. `now` is how thick it is as planned.
    `hold_back_g` goes in last, as it is needed, `little` where that is by a few grams at a time;
    `by_tenths` is weighed to a tenth of a gram.
    """

    component: str
    mixture: str
    name: str
    sort: Added
    base_g: float
    added_g: float
    now: Thickness | None
    line_id: str | None
    ways: tuple[ThicknessWay, ...]
    hold_back_g: float
    little: bool
    by_tenths: bool
    standing: str


def own_key(mixture: str, thickness: Thickness) -> str:
    """By which the cook's own ratio of a mixture is kept."""
    return f"{mixture}/{thickness}"


class _MixtureInBuild(NamedTuple):
    mixture: MixtureKind
    counted: list[PlacedLine]
    added: list[PlacedLine]
    helping: list[PlacedLine]


def thicknesses(piece: Workpiece, own: Mapping[str, float]) -> Iterator[MixtureThickness]:
    """Every component that is such a mixture; `own` are the cook's ratios by `own_key`."""
    body = {placed.component for placed in piece.base()}
    for at, part in enumerate(piece.build.components):
        lines = [placed for placed in piece.within(at) if placed.grams > 0]
        dish = piece.build.terms.family if at in body else None
        in_build = next(
            (
                stirred
                for mixture in MIXTURES
                if _may_be(mixture, part.name, dish)
                and (stirred := _stirred(mixture, lines)) is not None
            ),
            None,
        )
        if in_build is not None:
            yield _thickness_of(part.name, in_build, own)


def _may_be(mixture: MixtureKind, component: str, dish: str | None) -> bool:
    if mixture.family is not None or dish == "drink":
        return dish == mixture.family
    if not mixture.called:
        return True
    return dish == "dip" or re.search(mixture.called, component, re.IGNORECASE) is not None


def _stirred(mixture: MixtureKind, lines: list[PlacedLine]) -> _MixtureInBuild | None:
    added, helping = _of_kinds(lines, mixture.added), _of_kinds(lines, mixture.helps)
    if mixture.of_all:
        apart = (*mixture.added, *mixture.helps)
        counted = [placed for placed in lines if placed.kind not in apart]
        is_it = bool(counted)
    else:
        named = _of_kinds(lines, mixture.base)
        counted = _of_kinds(lines, (*mixture.base, *mixture.beside))
        in_it = _of_kinds(lines, (*mixture.base, *mixture.beside, *mixture.added, *mixture.idle))
        is_it = (
            bool(named)
            and _grams(in_it) >= MOSTLY * _grams(lines)
            and _grams(named) >= mixture.mostly * _grams(counted)
        )
    if not is_it or (mixture.needs and not added):
        return None
    if mixture.sort == "liquid" and _grams(added) > THIN * _thinnest(mixture) * _grams(counted):
        return None
    return _MixtureInBuild(mixture, counted, added, helping)


def _thinnest(mixture: MixtureKind) -> float:
    return max(most for _, most in mixture.ratios.values())


def _of_kinds(lines: list[PlacedLine], kinds: Collection[FoodKind]) -> list[PlacedLine]:
    return [placed for placed in lines if placed.kind in kinds]


def _grams(lines: list[PlacedLine], factors: Mapping[FoodKind, float] | None = None) -> float:
    return sum(placed.grams * (factors or {}).get(placed.kind, 1.0) for placed in lines)


def _thickness_of(
    name: str, stirred: _MixtureInBuild, own: Mapping[str, float]
) -> MixtureThickness:
    mixture = stirred.mixture
    moving = max(stirred.added, key=lambda placed: placed.grams, default=None)
    base, takes = _grams(stirred.counted), _grams(stirred.counted, mixture.takes)
    added = _grams(stirred.added) + _grams(stirred.helping, mixture.helps)
    ways = tuple(_way(thickness, mixture, base, takes, own) for thickness in mixture.ratios)
    kinds = {placed.kind for placed in (*stirred.counted, *stirred.added)}
    of_a_kind = [says for kind, says in mixture.standing_with.items() if kind in kinds]
    now = None if added <= 0 else min(ways, key=lambda way: abs(way.grams - added))
    hold_back = 0.0 if now is None or mixture.by_tenths else HOLD_BACK * now.grams
    return MixtureThickness(
        component=name,
        mixture=mixture.key,
        name=mixture.name,
        sort=mixture.sort,
        base_g=base,
        added_g=added,
        now=None if now is None else now.thickness,
        line_id=None if moving is None else moving.line.id,
        ways=ways,
        hold_back_g=hold_back,
        little=base < SMALL_G,
        by_tenths=mixture.by_tenths,
        standing=" ".join(filter(None, (mixture.standing, *of_a_kind))),
    )


def _way(
    thickness: Thickness,
    mixture: MixtureKind,
    base_g: float,
    takes_g: float,
    own: Mapping[str, float],
) -> ThicknessWay:
    key = own_key(mixture.key, thickness)
    kept = own.get(key)
    least, most = (ratio * takes_g for ratio in mixture.ratios[thickness])
    grams = (least + most) / 2 if kept is None else kept * base_g
    if kept is None:
        least, most = least * (1 - DIFFER / 2), most * (1 + DIFFER / 2)
    else:
        least = most = grams
    return ThicknessWay(
        thickness=thickness,
        ratio_key=key,
        grams=grams,
        least_g=least,
        most_g=most,
        own=kept is not None,
    )
