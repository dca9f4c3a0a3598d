"""Proposals for the next trial: each *one* change that keeps the goal and the checks, or says which
gives way; what it should do, what will be learnt.

Deterministic: from what was said (the more tasters, the sooner), from what was never tried, from
where the frontier could move. What was rejected, or tried from this trial already, never comes
again.
"""

from collections.abc import Iterator, Sequence
from typing import Final, Literal

from gasket.core.numbers import Answer
from gasket.core.rebuild.trial import BuildChange
from gasket.core.rebuild.workpiece import PlacedLine
from gasket.core.swaps.options import Effect, SwapOption, moved_by, round_g
from gasket.core.tasting.bench import (
    Bench,
    change_of,
    gives_way_to,
    may_move,
    nearest,
    serving_kcal,
)
from gasket.core.tasting.pointers import HEAT_POINTERS, POINTERS, HeatPointer, Pointer
from gasket.core.tasting.words import says
from gasket.core.trade.kinds import MEATS

MOST_PROPOSALS: Final = 4
MOST_SAID: Final = 3
"""Of what was said; the rest is for what was never tried."""
MOST_UNTRIED: Final = 2
MOST_BROKEN: Final = 1
"""A swap that breaks more is no proposal."""
MOST_A_WORD: Final = 2
LEANER: Final = 0.85
WORTH_KCAL: Final = 0.03
"""A swap that saves less than this part of a serving's kcal moves nothing."""
WORTH_LESS: Final = 0.01
"""As `WORTH_KCAL`, of less of a line that is there."""
ProposalFrom = Literal["said", "untried", "frontier"]


class StepMinutes(Answer):
    """New minutes for a step."""

    step_id: str
    least_min: float | None
    most_min: float | None


class NextProposal(Answer):
    """One change for the next trial. `gives_way` names goals and checks that it breaks; `change`
    is of lines, `minutes` of a step. `key` is what it is rejected by."""

    key: str
    comes_from: ProposalFrom
    why: str
    title: str
    line_id: str | None = None
    before: float | None = None
    after: float | None = None
    change: BuildChange = BuildChange()
    minutes: StepMinutes | None = None
    moved: Effect | None = None
    should: str
    learns: str
    gives_way: tuple[str, ...] = ()
    caution: str = ""
    intent: str


def proposals(bench: Bench) -> tuple[NextProposal, ...]:
    """Up to four, the most said first, no two of the same line and way."""
    said = [*_each_way_once(_said(bench))]
    untried = [*_each_way_once(_untried(bench))]
    other = [*untried[:MOST_UNTRIED], *_leaner(bench), *untried[MOST_UNTRIED:]]
    room = MOST_SAID if other else MOST_PROPOSALS
    return tuple(_each_way_once([*said[:room], *other, *said[room:]]))[:MOST_PROPOSALS]


def _each_way_once(
    offered: Sequence[NextProposal] | Iterator[NextProposal],
) -> Iterator[NextProposal]:
    seen: set[object] = set()
    for proposal in offered:
        way = (proposal.line_id, (proposal.after or 0) > (proposal.before or 0))
        if proposal.line_id is None:
            way = (proposal.minutes.step_id if proposal.minutes else "", way[1])
        if way not in seen:
            seen.add(way)
            yield proposal


# From what was said


def _said(bench: Bench) -> Iterator[NextProposal]:
    for word, tasters in (bench.said or {}).items():
        who = "1 taster" if tasters == 1 else f"{tasters} tasters"
        why = f"{who} said {says(word)}."
        lines = [_by_pointer(bench, to, word, why) for to in POINTERS if word in to.words]
        times = [_by_heat(bench, to, word, why) for to in HEAT_POINTERS if word in to.words]
        of_lines = [proposal for proposal in lines if proposal is not None]
        of_lines.sort(key=lambda proposal: bool(proposal.gives_way))
        # The time in the heat costs no calories: it comes right after the first line.
        in_turn = (*of_lines[:1], *times, *of_lines[1:])
        offered = [proposal for proposal in in_turn if proposal is not None]
        yield from offered[:MOST_A_WORD]


def _by_pointer(bench: Bench, pointer: Pointer, word: str, why: str) -> NextProposal | None:
    more = pointer.factor > 1
    free = [
        placed
        for placed in bench.piece.base()
        if placed.kind in pointer.kinds and may_move(placed)
        if placed.line.id not in bench.slipped
        if (placed.line.id, more) not in bench.tried
        if f"{word}/{pointer.key}/{placed.line.id}" not in bench.rejected
    ]
    if not free:
        return None
    placed = max(free, key=lambda placed: placed.grams * placed.per_serving)
    change = nearest(bench, placed, placed.amount * pointer.factor)
    if change is None:
        return None
    after, gives_way = change
    return _of_grams(
        bench,
        placed,
        after,
        gives_way,
        key=f"{word}/{pointer.key}/{placed.line.id}",
        comes_from="said",
        why=why,
        should=pointer.should,
        learns=f"You’ll learn {pointer.learns}.",
        intent=f"{pointer.does}: {says(word)}",
    )


def _by_heat(bench: Bench, pointer: HeatPointer, word: str, why: str) -> NextProposal | None:
    shorter = pointer.factor < 1
    if shorter and (bench.hot_rule or any(line.kind in MEATS for line in bench.piece.lines())):
        return None  # what has to get hot in the middle is not cooked any shorter
    for step in bench.steps:
        key = f"{word}/{pointer.key}/{step.id}"
        if step.kind not in pointer.kinds or key in bench.rejected:
            continue
        if (step.id, not shorter) in bench.tried or step.least_min is None:
            continue
        before, after = step.stated_min, round(step.stated_min * pointer.factor)
        if after == before or after <= 0:
            continue
        by = after - before
        return NextProposal(
            key=key,
            comes_from="said",
            why=why,
            title=f"{step.says}: {before:.0f} → {after:.0f} min",
            before=before,
            after=after,
            minutes=StepMinutes(
                step_id=step.id,
                least_min=max(1.0, step.least_min + by),
                most_min=None if step.most_min is None else max(1.0, step.most_min + by),
            ),
            should=pointer.should,
            learns=f"You’ll learn {pointer.learns}.",
            caution="Check that the middle is cooked before you take it out." if shorter else "",
            intent=f"{pointer.does}: {says(word)}",
        )
    return None


# What was never tried, and where the frontier could move


def _untried(bench: Bench) -> Iterator[NextProposal]:
    serving = bench.piece.serving("kcal")
    breaks = {id(option): gives_way_to(bench, option.change) for _, option in bench.swaps}
    in_order = sorted(bench.swaps, key=lambda pair: (len(breaks[id(pair[1])]), _kcal(pair[1])))
    for placed, option in in_order:
        gives_way = breaks[id(option)]
        if len(gives_way) > MOST_BROKEN:
            continue
        key = f"swap/{option.key}/{placed.line.id}"
        new = {part.label_id for part in option.goes_in}
        if placed.line.id in bench.helped:
            continue
        if option.rejected is not None or option.breaks or key in bench.rejected:
            continue
        if set(option.change.lines) != {placed.line.id} or new & bench.known_labels:
            continue
        if serving is None or _kcal(option) > -WORTH_KCAL * serving:
            continue
        coming = " and ".join(f"{part.grams:g} g {part.name}" for part in option.goes_in)
        taken = round_g(placed.amount * option.share)
        yield NextProposal(
            key=key,
            comes_from="untried",
            why=f"{option.name}.",
            title=f"{coming} for {taken:g} g {placed.ingredient.name}",
            line_id=placed.line.id,
            before=taken,
            after=0.0,
            change=option.change,
            moved=option.moved,
            gives_way=gives_way,
            should="Fewer calories for the same serving.",
            learns=f"You’ll learn whether anybody misses {_food(placed)}.",
            caution=f"Watch: {option.watch}." if option.watch else "",
            intent=f"{option.name}: never tried"[:300],
        )


def _kcal(option: SwapOption) -> float:
    return option.moved.kcal or 0.0


def _leaner(bench: Bench) -> Iterator[NextProposal]:
    free = [
        placed
        for placed in bench.piece.lines()
        if may_move(placed) and placed.line.id not in bench.helped
        if (placed.line.id, False) not in bench.tried
        if f"leaner/{placed.line.id}" not in bench.rejected
    ]
    least_kcal = WORTH_LESS * (bench.piece.serving("kcal") or 0.0)
    for placed in sorted(free, key=lambda line: -serving_kcal(line)):
        change = nearest(bench, placed, placed.amount * LEANER)
        if change is None or change[1]:
            continue
        if serving_kcal(placed) * (1 - change[0] / placed.amount) < least_kcal:
            continue
        yield _of_grams(
            bench,
            placed,
            change[0],
            (),
            key=f"leaner/{placed.line.id}",
            comes_from="frontier",
            why="One of the lines with most calories.",
            should="If the mark holds, no trial beats it.",
            learns=f"You’ll learn what {_food(placed)} is worth.",
            intent=f"Less {_food(placed)}: is it missed?"[:300],
        )
        return


def _food(placed: PlacedLine) -> str:
    name = placed.ingredient.food or placed.ingredient.name
    return name[:1].lower() + name[1:]


def _of_grams(
    bench: Bench,
    placed: PlacedLine,
    after: float,
    gives_way: tuple[str, ...],
    **more: str,
) -> NextProposal:
    change = change_of(placed, after)
    before = round_g(placed.amount)
    title = f"{placed.ingredient.name}: {before:g} → {after:g} g"
    return NextProposal.model_validate(
        {
            "title": title,
            "line_id": placed.line.id,
            "before": placed.amount,
            "after": after,
            "change": change,
            "moved": moved_by(bench.piece, change, {}),
            "gives_way": gives_way,
            **more,
            "intent": f"{more['intent']} ({title})"[:300],
        }
    )
