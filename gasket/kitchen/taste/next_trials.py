"""Proposals for the next trial: taken in one touch, or rejected for good."""

from collections.abc import Mapping
from datetime import datetime
from typing import Annotated, Final

from pydantic import Field

from gasket.core.cooking.safety import asked_of
from gasket.core.cooking.steps import Step, changed
from gasket.core.errors import Refused
from gasket.core.numbers import Answer, Value
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import Remark
from gasket.core.rebuild.workpiece import PlacedLine
from gasket.core.swaps.options import SwapOption, options
from gasket.core.tasting.bench import Bench, may_move, serving_kcal
from gasket.core.tasting.marks import most_said
from gasket.core.tasting.next_trial import NextProposal, StepMinutes, proposals
from gasket.core.weighing.closing import FarLine
from gasket.kitchen.cook import steps
from gasket.kitchen.rebuild import build, drafts, keepers, swapping, trials
from gasket.kitchen.rebuild.build import TrialSheet
from gasket.kitchen.rebuild.drafts import Draft
from gasket.kitchen.rebuild.trial_figures import TRIAL_FIGURES, TrialFigures
from gasket.kitchen.rebuild.trials import NewTrial
from gasket.kitchen.taste import history
from gasket.kitchen.taste.history import TrialEntry
from gasket.kitchen.taste.said import Tastings, tasting_of
from gasket.store.books import Session
from gasket.store.books.book import plain
from gasket.store.books.builds import build_of, labels_in, write_build
from gasket.store.books.swaps import REJECTED_PROPOSALS, proposals_rejected_in
from gasket.store.books.trials import TRIALS, Trial

MOST_SWAPPED: Final = 8
"""Of the lines with most calories."""
ProposalText = Annotated[str, Field(min_length=1, max_length=200)]


class NextTrials(Answer):
    """What could be tried next from a trial; `says` why there is nothing. `slips` are lines that
    came out otherwise than planned, so that what was said may come from them."""

    trial_id: int
    letter: str
    slips: tuple[str, ...]
    proposals: tuple[NextProposal, ...]
    rejected: tuple["RejectedProposal", ...]
    says: str


class RejectedProposal(Answer):
    key: str
    title: str


class ProposalTaken(Value):
    """The proposal, by its key, and what it is meant to change in the cook's own words."""

    key: ProposalText
    intent: Remark = ""


class ProposalRejected(Value):
    key: ProposalText
    title: Annotated[str, Field(max_length=300)] = ""


def read(session: Session, trial_id: int) -> NextTrials:
    """Up to four proposals from a trial."""
    trial = TRIALS.fetch(session, trial_id)
    history.refuse_original(trial)
    bench, far = _bench(session, trial)
    offered = proposals(bench)
    return NextTrials(
        trial_id=trial_id,
        letter=trial.letter,
        slips=tuple(history.slip_says(trial.letter, line) for line in far),
        proposals=offered,
        rejected=_rejected(session, trial.dish_id),
        says="" if offered else "Nothing to propose: every free line was tried, or none is free.",
    )


def take(session: Session, trial_id: int, taken: ProposalTaken, now: datetime) -> TrialSheet:
    """The next trial: a copy with this one change made and its intent filled in."""
    trial = TRIALS.fetch(session, trial_id)
    history.refuse_original(trial)
    proposal = next(
        (made for made in proposals(_bench(session, trial)[0]) if made.key == taken.key), None
    )
    if proposal is None:
        raise Refused("That proposal no longer fits this trial: look at the new ones.")
    new = NewTrial(copy_of=trial_id, intent=taken.intent.strip() or proposal.intent)
    made = trials.copy(session, trial.dish_id, new, now)
    copied = TRIALS.fetch(session, made.id)
    if proposal.change.lines:
        write_build(session, copied, proposal.change.applied(build_of(session, copied)))
    if proposal.minutes is not None:
        steps = plain(_with_minutes(copied.steps, proposal.minutes))
        TRIALS.change(session, copied, stored_steps=steps)
    return build.sheet(session, made.id)


def _with_minutes(told: tuple[Step, ...], minutes: StepMinutes) -> list[Step]:
    return [
        changed(step, least_min=minutes.least_min, most_min=minutes.most_min)
        if step.id == minutes.step_id
        else step
        for step in told
    ]


def reject(session: Session, trial_id: int, no: ProposalRejected, now: datetime) -> NextTrials:
    """Never propose it again in this dish."""
    trial = TRIALS.fetch(session, trial_id)
    known = {one.proposal for one in proposals_rejected_in(session, trial.dish_id)}
    if no.key not in known:
        said = {"proposal": no.key, "title": no.title}
        REJECTED_PROPOSALS.add(session, dish_id=trial.dish_id, created_at=now, **said)
    return read(session, trial_id)


def allow(session: Session, trial_id: int, key: str) -> NextTrials:
    """Propose a rejected one again."""
    trial = TRIALS.fetch(session, trial_id)
    known = proposals_rejected_in(session, trial.dish_id)
    REJECTED_PROPOSALS.drop(session, *(one.id for one in known if one.proposal == key))
    return read(session, trial_id)


def _rejected(session: Session, dish_id: int) -> tuple[RejectedProposal, ...]:
    return tuple(
        RejectedProposal(key=one.proposal, title=one.title or one.proposal)
        for one in proposals_rejected_in(session, dish_id)
    )


# The bench that proposals are worked out on


def _bench(session: Session, trial: Trial) -> tuple[Bench, tuple[FarLine, ...]]:
    """And what came out otherwise than planned in the trial's last batch."""
    key, dish_id = trial.id, trial.dish_id
    draft = drafts.draft(session, key)
    said = tasting_of(session, dish_id)
    all_trials = TRIALS.of_dish(session, dish_id)
    planned = TRIAL_FIGURES.of(session, [each.id for each in all_trials])
    entries = history.entries(session, all_trials, planned, said)
    beside = {entry.id: entry for entry in entries}
    far = beside[key].far if key in beside else ()
    offered, news = _swaps(session, draft)
    bench = Bench(
        checked=keepers.checked(session, draft),
        steps=trial.steps,
        said=most_said(said.of(key)),
        swaps=offered,
        news=news,
        rejected=frozenset(one.proposal for one in proposals_rejected_in(session, dish_id)),
        tried=_tried(all_trials, planned, key),
        known_labels=labels_in(session, planned),
        helped=_helped(beside, planned, said),
        slipped=frozenset(line.key for line in far if line.key),
        hot_rule=_asks_heat(session, trial),
    )
    return bench, far


def _asks_heat(session: Session, trial: Trial) -> bool:
    """Whether some step is not done before the middle is hot enough."""
    galley = steps.galley_of(session, trial.id)
    return bool(asked_of(trial.steps, galley.foods, galley.family, galley.house.safety))


Offered = list[tuple[PlacedLine, SwapOption]]


def _swaps(session: Session, draft: Draft) -> tuple[Offered, dict[int, Ingredient]]:
    """Swaps on the lines with most calories as the shelf allows them, and what they bring in."""
    swaps = swapping.takes_of(draft.piece, swapping.known_swaps(session))
    rejected = swapping.rejected(session, draft.trial.dish_id)
    no = {swap.swap: swap.reason or "no reason given" for swap in rejected}
    shelf = swapping.shelf_for(session, swaps)
    lines = sorted(filter(may_move, draft.piece.lines()), key=serving_kcal, reverse=True)
    offered = [
        (placed, option.model_copy(update={"rejected": no.get(option.swap)}))
        for placed in lines[:MOST_SWAPPED]
        for option in options(draft.piece, placed, shelf, swaps, None)
    ]
    there = (*shelf.by_kind.values(), *shelf.by_food.values())
    return offered, {food.label_id: food for foods in there for food in foods}


def _tried(
    all_trials: list[Trial], planned: dict[int, TrialFigures], key: int
) -> frozenset[tuple[str, bool]]:
    """Lines that trials copied from this one changed, and whether there was more of them."""
    return frozenset(
        (change.line_id, (change.after_g or 0.0) > (change.before_g or 0.0))
        for each in all_trials
        if each.copied_from == key
        for change in planned[each.id].changes
    )


def _helped(
    beside: Mapping[int, TrialEntry], planned: Mapping[int, TrialFigures], said: Tastings
) -> frozenset[str]:
    """Lines of which more is known to help, or less to hurt."""
    return frozenset(
        line_id
        for line_id, change in history.changed_alone(beside, planned, said)
        if change.difference is not None
        and change.difference.is_told
        and (change.difference.value > 0) == (change.kcal > 0)
    )
