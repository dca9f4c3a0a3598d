"""The bands of a build, as far out as the cook's keepers and dismissals allow."""

from collections.abc import Collection, Iterator
from dataclasses import replace
from typing import Final

from gasket.core.build_checks.bands import BANDS, NO_BOUNDS, Band
from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.rebuild.trial import Dismissal
from gasket.core.trade.families import Span

FURTHER_OUT: Final = 1.05
"""A dismissed check stays quiet until the build is so many times as far out as it was then."""


def bands_of(checked: CheckedBuild) -> Iterator[tuple[Band, float]]:
    """Every band that applies, widened by keepers and by what was dismissed, and where the build
    lies."""
    for bands in BANDS:
        for band in bands(checked):
            value = band.value(checked.lines)
            if value is not None:
                yield _as_dismissed(_with_keepers(band, checked), checked.terms.dismissed), value


def _with_keepers(band: Band, checked: CheckedBuild) -> Band:
    """The band widened to where the cook's own keepers lie; what the eater is told of stays."""
    values = () if band.notice else checked.keepers.get(band.code, ())
    least, most = band.span
    span = Span(
        least if least is None else min((least, *values)),
        most if most is None else max((most, *values)),
    )
    return band if span == band.span else replace(band, span=span, source="own-keepers")


def _as_dismissed(band: Band, dismissed: Collection[Dismissal]) -> Band:
    """The band quiet as far out as it was dismissed, and a little further."""
    waived = [waiver.value for waiver in dismissed if waiver.code == band.code]
    if None in waived:
        return replace(band, allowed=NO_BOUNDS)
    values = [value / band.shows for value in waived if value is not None]
    least, most = band.span
    return replace(
        band,
        allowed=Span(
            least if least is None else min((least, *(_beyond(least, one) for one in values))),
            most if most is None else max((most, *(_beyond(most, one) for one in values))),
        ),
    )


def _beyond(edge: float, value: float) -> float:
    return edge + FURTHER_OUT * (value - edge)
