"""Where a build lies by its bands, in words."""

from typing import Literal

from gasket.core.build_checks.allowed import bands_of
from gasket.core.build_checks.bands import Band
from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.numbers import Answer

BandVerdict = Literal["within", "below", "above"]


class BuildCheck(Answer):
    """One check: its value beside the usual band, and what that means for this dish.

    `speaks` is false while the value is within the band, the cook has dismissed it (`note`), or it
    is a notice to the eater and no fault of the build.
    """

    code: str
    name: str
    component: str
    value: float
    unit: str
    least: float | None
    most: float | None
    verdict: BandVerdict
    speaks: bool
    says: str
    source: str
    note: str = ""


def check_build(checked: CheckedBuild) -> tuple[BuildCheck, ...]:
    """Every check that applies, those that speak first."""
    checks = [
        _check(checked, band, value)
        for band, value in bands_of(checked)
        if value > 0 or not band.where_there
    ]
    return tuple(sorted(checks, key=lambda check: not check.speaks))


def _check(checked: CheckedBuild, band: Band, value: float) -> BuildCheck:
    side = band.side(value)
    least, most = (None if end is None else end * band.shows for end in band.span)
    quiet = side is not None and not band.speaks(value)
    return BuildCheck(
        code=band.code,
        name=band.name,
        component=band.component,
        value=value * band.shows,
        unit=band.unit,
        least=least,
        most=most,
        verdict=side or "within",
        speaks=band.speaks(value) and not band.notice,
        says="" if side is None else band.says.get(side, ""),
        source=band.source,
        note=_note(checked, band.code) if quiet else "",
    )


def _note(checked: CheckedBuild, code: str) -> str:
    """The cook's own word on it."""
    waivers = (waiver for waiver in checked.terms.dismissed if waiver.code == code)
    return next((waiver.note for waiver in waivers), "")


def alarms(checked: CheckedBuild) -> frozenset[tuple[str, str]]:
    """Checks that speak, by code and component."""
    return frozenset(
        (check.code, check.component) for check in check_build(checked) if check.speaks
    )
