"""What a change did, as far as the tasters can tell. "Can't tell" is an answer."""

from collections.abc import Mapping, Sequence
from typing import Final, Literal, TypeVar

from gasket.core.numbers import Answer
from gasket.core.tasting.marks import QUALITIES, Quality
from gasket.core.tasting.scores import Difference, Sample, TasteMarks

S = TypeVar("S", bound=Sample)
CreditVerdict = Literal["helped", "hurt", "cannot_tell", "untested"]
MINUS: Final = "\u2212"
MOST_RICH: Final = 12


class Credit(Answer):
    """A trial's change against the trial that it was copied from.

    `changes` is how many lines and steps changed: more than one share the credit. `by_quality` are
    the four marks apart. `notes` are what the comparison suffers from.
    """

    told: CreditVerdict
    overall: Difference | None
    by_quality: dict[Quality, Difference]
    changes: int
    says: str
    notes: tuple[str, ...]


def credit(
    trial: S,
    against: S,
    overall: TasteMarks,
    by_quality: Mapping[Quality, TasteMarks],
    changes: int,
    states: Mapping[S, frozenset[str]],
    slips: Sequence[str] = (),
    other: str = "the trial before it",
) -> Credit:
    """`states` are the states (fresh, next day …) that each trial was tasted in, `slips` what came
    out otherwise than planned in either, in words: each is one more change. `other` is what it is
    compared with, in words."""
    difference = overall.difference(trial, against)
    told: CreditVerdict = "untested"
    if difference is not None:
        told = "cannot_tell"
        if difference.is_told:
            told = "helped" if difference.value > 0 else "hurt"
    return Credit(
        told=told,
        overall=difference,
        by_quality={
            quality: apart
            for quality in QUALITIES
            if (apart := by_quality[quality].difference(trial, against)) is not None
        },
        changes=changes + len(slips),
        says=_says(told, difference, changes + len(slips), other),
        notes=(*slips, *_notes(trial, against, difference, states)),
    )


def _says(told: CreditVerdict, difference: Difference | None, changes: int, other: str) -> str:
    if difference is None:
        return f"Not tasted against {other}."
    if difference.low is None or difference.high is None:
        return (
            f"Can’t tell: {signed(difference.value)}, but nothing shows yet how far marks scatter."
        )
    span = f"{signed(difference.value)} ({signed(difference.low)} to {signed(difference.high)})"
    if told == "cannot_tell":
        return f"Can’t tell: {span}. That’s within the tasters’ own scatter."
    word = "Helped" if told == "helped" else "Hurt"
    if changes == 0:
        return f"{span}, with nothing changed: another batch, another day."
    shared = "" if changes == 1 else f" {changes} changes share it: they can’t be told apart."
    return f"{word}: {span}.{shared}"


def _notes(
    trial: S,
    against: S,
    difference: Difference | None,
    states: Mapping[S, frozenset[str]],
) -> list[str]:
    if difference is None:
        return []
    notes = []
    if difference.shared == 0:
        notes.append("No taster has tasted both: they’re compared through other trials.")
    elif difference.shared == 1:
        notes.append("Only one taster has tasted both.")
    one, other = states.get(trial, frozenset()), states.get(against, frozenset())
    if one and other and one != other:
        notes.append("They weren’t tasted in the same state: the difference may be the day.")
    return notes


def signed(value: float) -> str:
    """ "+1.2", "−0.4", "0": to a tenth of a mark."""
    tenths = round(value, 1)
    if tenths == 0:
        return "0"
    return f"{tenths:+.1f}".replace("-", MINUS)


# What a rich line buys


class LineChange(Answer):
    """One line that a trial changed alone, with what that did to a serving and to its mark."""

    line_id: str
    name: str
    kcal: float
    difference: Difference | None


class Richness(Answer):
    """What the kcal of a line in one serving buy. `kcal_per_point` is None where that cannot be
    told; `told` counts the trials in which it changed alone."""

    line_id: str
    name: str
    kcal: float
    tried: int
    kcal_per_point: float | None
    says: str


def richness(
    lines: Mapping[str, tuple[str, float]], changed: Mapping[str, list[LineChange]]
) -> tuple[Richness, ...]:
    """`lines` are name and kcal in a serving by line id, `changed` the trials in which just that
    line changed. The richest lines first."""
    richest = sorted(lines.items(), key=lambda pair: -pair[1][1])[:MOST_RICH]
    return tuple(_rich(key, name, kcal, changed.get(key, [])) for key, (name, kcal) in richest)


def _rich(key: str, name: str, kcal: float, changed: list[LineChange]) -> Richness:
    tasted = [change for change in changed if change.difference is not None and change.kcal]
    told = [change for change in tasted if change.difference and change.difference.is_told]
    per_point = None
    if not tasted:
        says = "Not tried." if not changed else "Tried, not tasted."
    elif not told:
        says = "Tried: can’t tell."
    else:
        last = told[-1]
        assert last.difference is not None
        per_point = last.kcal / last.difference.value
        if per_point <= 0:
            per_point, says = None, "More kcal, and a lower mark."
        else:
            says = f"{per_point:.0f} kcal a point."
    return Richness(
        line_id=key,
        name=name,
        kcal=kcal,
        tried=len(changed),
        kcal_per_point=per_point,
        says=says,
    )
