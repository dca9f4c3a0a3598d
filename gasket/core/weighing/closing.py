"""Before a weigh-in is closed: what is far from its plan, whether the mixture agrees with the sum
of the lines and why not, and whether it fits the pan."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from typing import Final, Literal

from gasket.core.numbers import Answer
from gasket.core.weighing.pour import tolerance_g

FAR: Final = 0.10
"""Common practice: a tenth off the plan is worth a second look."""
RESIDUE_SHARE: Final = 0.03
"""Common practice: up to so much stays on spoons and in bowls."""
NEAR_SHARE: Final = 0.10
NEAR_G: Final = 3.0
FILL_SHARE: Final = 0.75
"""Common practice: a batter that rises fills its pan or cups to three quarters."""
BATTER_G_PER_ML: Final = (0.9, 1.1)
"""From memory: batters and fillings; whipped ones are lighter."""

CauseCode = Literal[
    "forgotten", "not_tared", "bowl_counted", "not_tipped_in", "twice", "residue", "unknown"
]


@dataclass(frozen=True, slots=True)
class LineWeight:
    """A line as it was planned and weighed. `net_g` is None when it was skipped; `key` is the line
    of the build."""

    name: str
    target_g: float
    net_g: float | None
    key: str | None = None


class FarLine(Answer):
    """A line whose weight is more than a tenth off its target."""

    name: str
    target_g: float
    net_g: float
    off: float
    key: str | None = None


def far_lines(lines: Sequence[LineWeight]) -> list[FarLine]:
    """Lines that came out far from their target, in their order."""
    far = []
    for line in lines:
        if line.net_g is None or line.target_g <= 0:
            continue
        gap = line.net_g - line.target_g
        if abs(gap) > max(FAR * line.target_g, tolerance_g(line.target_g, 1.0)):
            off = gap / line.target_g
            far.append(
                FarLine(
                    name=line.name,
                    target_g=line.target_g,
                    net_g=line.net_g,
                    off=off,
                    key=line.key,
                )
            )
    return far


class Cause(Answer):
    """What may explain the gap between the mixture and its lines."""

    code: CauseCode
    says: str


class MixtureGap(Answer):
    """The mixture against the sum of its lines; `gap_g` > 0 when there is more than was weighed."""

    mixture_g: float
    lines_g: float
    gap_g: float
    agrees: bool
    causes: tuple[Cause, ...]


def mixture_gap(
    mixture_g: float,
    lines: Sequence[LineWeight],
    lines_g: float,
    slack_g: float,
    bowls: Sequence[tuple[str, float]] = (),
) -> MixtureGap:
    """Whether the mixture agrees with its lines within `slack_g`, and the likely causes, best
    first. `bowls` are vessels in the house with their empty weight."""
    gap = round(mixture_g - lines_g, 6)
    agrees = abs(gap) <= slack_g
    causes = () if agrees else tuple(_causes(gap, lines, lines_g, slack_g, bowls))
    return MixtureGap(mixture_g=mixture_g, lines_g=lines_g, gap_g=gap, agrees=agrees, causes=causes)


def is_usual_loss(gap_g: float, lines_g: float) -> bool:
    """Whether so little is missing that it stayed on spoons and in bowls."""
    return gap_g <= 0 and -gap_g <= RESIDUE_SHARE * lines_g


def plain_cause(gap_g: float, lines_g: float) -> Cause:
    """What a gap is put down to where no line and no bowl explains it."""
    if is_usual_loss(gap_g, lines_g):
        usual = f"{100 * RESIDUE_SHARE:g} %"
        says = f"Left on spoons and in bowls: up to {usual} is usual."
        return Cause(code="residue", says=says)
    if gap_g > 0:
        return Cause(code="unknown", says="Something went in that no line speaks of.")
    return Cause(code="unknown", says="Spilled, boiled away, or a line weighs less than it says.")


def _causes(
    gap: float,
    lines: Sequence[LineWeight],
    lines_g: float,
    slack: float,
    bowls: Sequence[tuple[str, float]],
) -> Iterator[Cause]:
    def near(grams: float) -> bool:
        return grams > 0 and abs(abs(gap) - grams) <= max(NEAR_G, slack, NEAR_SHARE * grams)

    def by_fit(candidates: list[tuple[str, float]]) -> list[tuple[str, float]]:
        return sorted(candidates, key=lambda candidate: abs(abs(gap) - candidate[1]))

    vessels = by_fit([bowl for bowl in bowls if near(bowl[1])])
    if gap > 0:
        for name, grams in vessels:
            says = f"The bowl was not tared: {name} weighs {grams:.4g} g."
            yield Cause(code="not_tared", says=says)
        skipped = [(line.name, line.target_g) for line in lines if line.net_g is None]
        for name, grams in by_fit([line for line in skipped if near(line[1])]):
            says = f"{name} was skipped, but about {grams:.4g} g more went in."
            yield Cause(code="forgotten", says=says)
        weighed = [(line.name, line.net_g or 0.0) for line in lines]
        for name, grams in by_fit([pour for pour in weighed if near(pour[1])]):
            yield Cause(code="twice", says=f"{name} ({grams:.4g} g) may have gone in twice.")
        yield plain_cause(gap, lines_g)
        return
    for name, grams in vessels:
        says = f"The bowl was taken off twice: {name} weighs {grams:.4g} g."
        yield Cause(code="bowl_counted", says=says)
    poured = [(line.name, line.net_g or 0.0) for line in lines if line.net_g]
    for name, grams in by_fit([pour for pour in poured if near(pour[1])]):
        says = f"{name} ({grams:.4g} g) was weighed but may not have gone in."
        yield Cause(code="not_tipped_in", says=says)
    yield plain_cause(gap, lines_g)


class VesselFill(Answer):
    """The mixture in its pan or cups: share filled from least to most, and what ¾ would hold."""

    vessel: str
    volume_ml: float
    least: float
    most: float
    too_much: bool
    fits_from_g: float
    fits_to_g: float


def fill_of(mixture_g: float, vessel: str, volume_ml: float) -> VesselFill:
    """How full a vessel of `volume_ml` (all cups together) gets, by the density of batters."""
    light, dense = BATTER_G_PER_ML
    least, most = mixture_g / dense / volume_ml, mixture_g / light / volume_ml
    room = FILL_SHARE * volume_ml
    return VesselFill(
        vessel=vessel,
        volume_ml=volume_ml,
        least=least,
        most=most,
        too_much=least > FILL_SHARE,
        fits_from_g=room * light,
        fits_to_g=room * dense,
    )
