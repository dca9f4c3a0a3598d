"""Reaching the goal of a trial: the solver with the swaps of this shelf."""

from gasket.core.errors import FaultyInput
from gasket.core.numbers import Answer, Value, YesNo
from gasket.core.rebuild.goals import GoalState, goal_states
from gasket.core.rebuild.trial import Build, plan
from gasket.core.reckoning.margin import Portion
from gasket.core.reckoning.reckon import reckon
from gasket.core.solver.formulation import SolverTask
from gasket.core.solver.limits import limits_of
from gasket.core.solver.moves import moves_of
from gasket.core.solver.proposals import Proposal
from gasket.core.solver.reach import GoalAnswer, reach
from gasket.kitchen.rebuild import drafts, keepers, swapping
from gasket.kitchen.rebuild.drafts import Draft
from gasket.kitchen.shelf.shelf import ShelfLabel, shelf_labels
from gasket.store.books import Session
from gasket.store.books.swaps import swaps_rejected_in


class GoalWanted(Value):
    """An unsaved build whose goal is to be reached, with or without swaps."""

    build: Build
    swaps: YesNo = True


class WorkedProposal(Answer):
    """A proposal with the serving that it makes and how its goals stand."""

    proposal: Proposal
    serving: Portion
    goals: tuple[GoalState, ...]


class GoalReached(Answer):
    """The solver's answer, its proposals as builds, and the labels that would come in."""

    reached: GoalAnswer
    proposals: tuple[WorkedProposal, ...]
    labels: dict[int, ShelfLabel]


def reach_goal(session: Session, trial_id: int, wanted: GoalWanted) -> GoalReached:
    """Up to three ways to the goal, or what collides. Raises `FaultyInput` without a goal."""
    draft = drafts.draft(session, trial_id, wanted.build)
    if not any(True for _ in draft.build.terms.goal.given()) and not draft.build.terms.needs:
        raise FaultyInput.at("goal", "Give a goal first: energy at most, or protein at least.")
    checked = keepers.checked(session, draft)
    swaps = swapping.known_swaps(session) if wanted.swaps else ()
    taken = swapping.takes_of(draft.piece, swaps)
    rejected = frozenset(one.swap for one in swaps_rejected_in(session, draft.trial.dish_id))
    shelf = swapping.shelf_for(session, taken)
    moves = moves_of(draft.piece, shelf, taken, rejected, draft.dish.name)
    if not moves:
        raise FaultyInput.at("build", "No line is free to move: unlock one, or give one bounds.")
    answer = reach(SolverTask(draft.piece, moves, limits_of(checked), checked))
    coming = {
        line.label_id
        for proposal in answer.proposals
        for lines in proposal.change.lines.values()
        for line in lines
        if line.label_id is not None
    }
    labels = {**draft.labels, **shelf_labels(session, coming - set(draft.labels))}
    return GoalReached(
        reached=answer,
        proposals=tuple(_worked(draft, proposal, labels) for proposal in answer.proposals),
        labels={key: labels[key] for key in coming},
    )


def _worked(draft: Draft, one: Proposal, labels: dict[int, ShelfLabel]) -> WorkedProposal:
    panels = {key: label.label for key, label in labels.items()}
    changed = one.change.applied(draft.build)
    serving = reckon(plan(changed, panels, draft.planned.settings, draft.original)).serving
    return WorkedProposal(
        proposal=one,
        serving=serving,
        goals=goal_states(draft.build.terms.goal, serving, {}),
    )
