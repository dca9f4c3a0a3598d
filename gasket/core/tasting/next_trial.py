"""Proposals for the next trial: each *one* change that keeps the goal and the checks, or says which
gives way; what it should do, what will be learnt.

Deterministic: from what was said (the more tasters, the sooner), from what was never tried, from
where the frontier could move. What was rejected, or tried from this trial already, never comes
again.
"""

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from math import ceil, floor
from typing import Final, Literal

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import alarms, check_build
from gasket.core.cooking.steps import Step
from gasket.core.numbers import Answer
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import BuildChange
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.solver.limits import Limit, Spot, limits_of
from gasket.core.swaps.options import Effect, SwapOption, moved_by, round_g
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
FELT: Final = 0.4
"""Less than this part of a planned change would hardly be tasted."""
LEANER: Final = 0.85
WORTH_KCAL: Final = 0.03
"""A swap that saves less than this part of a serving's kcal moves nothing."""
WORTH_LESS: Final = 0.01
"""As `WORTH_KCAL`, of less of a line that is there."""
SPECK: Final = 0.005
"""Of a limit that is broken already: so much further is no news."""
_SLACK: Final = 1e-6
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


@dataclass(frozen=True)
class Bench:
    """What a proposal is worked out on: the build as it is checked, its steps, how many tasters
    said which word (most said first), swaps with the foods that they bring in (`news`), what is
    barred.

    `tried` are (line, more or less) that trials copied from this one changed, `known_labels` what
    the dish has ever been made with, `helped` lines of which more is known to help,
    `slipped` those that came out otherwise than planned when it was tasted; `hot_rule` when a core
    temperature is asked for.
    """

    checked: CheckedBuild
    steps: Sequence[Step] = ()
    said: Mapping[str, int] | None = None
    swaps: Sequence[tuple[PlacedLine, SwapOption]] = ()
    news: Mapping[int, Ingredient] = field(default_factory=dict)
    rejected: frozenset[str] = frozenset()
    tried: frozenset[tuple[str, bool]] = frozenset()
    known_labels: frozenset[int] = frozenset()
    helped: frozenset[str] = frozenset()
    slipped: frozenset[str] = frozenset()
    hot_rule: bool = False

    @property
    def piece(self) -> Workpiece:
        return self.checked.piece


def proposals(bench: Bench) -> tuple[NextProposal, ...]:
    """Up to four, the most said first, no two of the same line and way."""
    said = [*_each_way_once(_said(bench))]
    untried = [*_each_way_once(_untried(bench))]
    other = [*untried[:MOST_UNTRIED], *_leaner(bench), *untried[MOST_UNTRIED:]]
    room = MOST_SAID if other else MOST_PROPOSALS
    return tuple(_each_way_once([*said[:room], *other, *said[room:]]))[:MOST_PROPOSALS]


def _each_way_once(
    found: Sequence[NextProposal] | Iterator[NextProposal],
) -> Iterator[NextProposal]:
    seen: set[object] = set()
    for proposal in found:
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
        found = [proposal for proposal in in_turn if proposal is not None]
        yield from found[:MOST_A_WORD]


def _by_pointer(bench: Bench, pointer: Pointer, word: str, why: str) -> NextProposal | None:
    more = pointer.factor > 1
    free = [
        placed
        for placed in bench.piece.base()
        if placed.kind in pointer.kinds and _may_move(placed)
        if placed.line.id not in bench.slipped
        if (placed.line.id, more) not in bench.tried
        if f"{word}/{pointer.key}/{placed.line.id}" not in bench.rejected
    ]
    if not free:
        return None
    placed = max(free, key=lambda placed: placed.grams * placed.per_serving)
    made = _moved(bench, placed, placed.amount * pointer.factor)
    if made is None:
        return None
    after, gives_way = made
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
    breaks = {id(option): _gives_way(bench, option.change) for _, option in bench.swaps}
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
        if _may_move(placed) and placed.line.id not in bench.helped
        if (placed.line.id, False) not in bench.tried
        if f"leaner/{placed.line.id}" not in bench.rejected
    ]
    least_kcal = WORTH_LESS * (bench.piece.serving("kcal") or 0.0)
    for placed in sorted(free, key=lambda line: -_serving_kcal(line)):
        made = _moved(bench, placed, placed.amount * LEANER)
        if made is None or made[1]:
            continue
        if _serving_kcal(placed) * (1 - made[0] / placed.amount) < least_kcal:
            continue
        yield _of_grams(
            bench,
            placed,
            made[0],
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


def _serving_kcal(placed: PlacedLine) -> float:
    return (placed.brings("kcal") or 0.0) * placed.per_serving


# One line, in grams


def _may_move(placed: PlacedLine) -> bool:
    line = placed.line
    return not (line.locked or line.off) and placed.grams > 0


def _moved(bench: Bench, placed: PlacedLine, wanted: float) -> tuple[float, tuple[str, ...]] | None:
    """So many grams of the line as come nearest to what is wanted with nothing giving way; else
    what is wanted, and what gives way. None where its own bounds leave no change."""
    now = placed.amount
    least = 0.0 if placed.line.least_g is None else placed.line.least_g
    most = float("inf") if placed.line.most_g is None else placed.line.most_g
    wanted = min(max(wanted, least), most)
    low, high = _room(bench, placed)
    kept = _rounded(placed, min(max(wanted, low), high))
    is_felt = kept != now and abs(kept - now) >= FELT * abs(wanted - now) - _SLACK
    if is_felt and least <= kept <= most and not _gives_way(bench, _change(placed, kept)):
        return kept, ()
    after = _rounded(placed, wanted)
    if after == now or not least <= after <= most:
        return None
    return after, _gives_way(bench, _change(placed, after))


def _rounded(placed: PlacedLine, grams: float) -> float:
    """As a scale shows it, no further from what it was; by the half piece where it is counted."""
    now, count = placed.amount, placed.line.count
    step = now / count / 2 if count else 0.1 if grams < 20 else 1.0
    parts = grams / step
    # Towards what it was, so that no limit is crossed by rounding.
    whole = floor(parts + _SLACK) if grams > now else ceil(parts - _SLACK)
    return round(whole * step, 1)


def _limits(bench: Bench) -> Iterator[tuple[Limit, float, float, float]]:
    """Every limit of the goal and of the checks, where it stands, and from where to where it may
    go: within its bounds, or where it is broken already, no further by more than a speck."""
    lines = [*bench.piece.lines()]
    for limit in limits_of(bench.checked):
        parts = [limit.weigh(_spot(placed)) * placed.amount for placed in lines]
        now, speck = sum(parts), SPECK * sum(map(abs, parts))
        low = limit.low if now >= limit.low else now - speck
        high = limit.high if now <= limit.high else now + speck
        yield limit, now, low, high


def _spot(placed: PlacedLine) -> Spot:
    return Spot(placed.ingredient, placed.part, placed.per_serving)


def _room(bench: Bench, placed: PlacedLine) -> tuple[float, float]:
    """Between how many grams of the line every limit holds, or gets no worse than it is."""
    low, high = 0.0, float("inf")
    for limit, now, least, most in _limits(bench):
        per_g = limit.weigh(_spot(placed))
        if abs(per_g) < 1e-12:
            continue
        reach = sorted((end - now) / per_g + placed.amount for end in (least, most))
        low, high = max(low, reach[0]), min(high, reach[1])
    return low, high


def _gives_way(bench: Bench, change: BuildChange) -> tuple[str, ...]:
    """Goals and checks that hold now and would not any more."""
    piece = bench.piece
    ingredients = {**piece.ingredients, **bench.news}
    moved = Workpiece(change.applied(piece.build), ingredients, piece.per_serving)
    lines = [*moved.lines()]
    names = [
        limit.name
        for limit, _, least, most in _limits(bench)
        if not least - _SLACK
        <= sum(limit.weigh(_spot(placed)) * placed.amount for placed in lines)
        <= most + _SLACK
    ]
    after = replace(bench.checked, piece=moved)
    news = alarms(after) - alarms(bench.checked)
    names += [
        check.name.lower() for check in check_build(after) if (check.code, check.component) in news
    ]
    return tuple(dict.fromkeys(names))


def _change(placed: PlacedLine, grams: float) -> BuildChange:
    line, before = placed.line, placed.amount
    count = None if not line.count else round(line.count * grams / before, 2)
    moved = line.model_copy(update={"target_g": grams, "count": count, "how": ""})
    return BuildChange(lines={line.id: (moved,)})


def _of_grams(
    bench: Bench,
    placed: PlacedLine,
    after: float,
    gives_way: tuple[str, ...],
    **more: str,
) -> NextProposal:
    change = _change(placed, after)
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
