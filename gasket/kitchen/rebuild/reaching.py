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
    found = drafts.draft(session, trial_id, wanted.build)
    if not any(True for _ in found.build.terms.goal.given()) and not found.build.terms.needs:
        raise FaultyInput.at("goal", "Give a goal first: energy at most, or protein at least.")
    checked = keepers.checked(session, found)
    swaps = swapping.known_swaps(session) if wanted.swaps else ()
    taken = swapping.takes_of(found.piece, swaps)
    rejected = frozenset(one.swap for one in swaps_rejected_in(session, found.trial.dish_id))
    shelf = swapping.shelf_for(session, taken)
    moves = moves_of(found.piece, shelf, taken, rejected, found.dish.name)
    if not moves:
        raise FaultyInput.at("build", "No line is free to move: unlock one, or give one bounds.")
    answer = reach(SolverTask(found.piece, moves, limits_of(checked), checked))
    coming = {
        line.label_id
        for proposal in answer.proposals
        for lines in proposal.change.lines.values()
        for line in lines
        if line.label_id is not None
    }
    labels = {**found.labels, **shelf_labels(session, coming - set(found.labels))}
    return GoalReached(
        reached=answer,
        proposals=tuple(_worked(found, proposal, labels) for proposal in answer.proposals),
        labels={key: labels[key] for key in coming},
    )


def _worked(found: Draft, one: Proposal, labels: dict[int, ShelfLabel]) -> WorkedProposal:
    panels = {key: label.label for key, label in labels.items()}
    changed = one.change.applied(found.build)
    serving = reckon(plan(changed, panels, found.planned.settings, found.original)).serving
    return WorkedProposal(
        proposal=one,
        serving=serving,
        goals=goal_states(found.build.terms.goal, serving, {}),
    )
