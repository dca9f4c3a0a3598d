"""The trials of a dish: figures, scores with their scatter, what each change did, the frontier."""

from collections.abc import Iterator, Mapping, Sequence
from datetime import datetime

from gasket.core.errors import Refused, Unknown
from gasket.core.numbers import Answer
from gasket.core.rebuild.difference import LineDifference
from gasket.core.reckoning.margin import AnyFigure, value_of
from gasket.core.tasting.bench import serving_kcal
from gasket.core.tasting.credit import Credit, LineChange, Richness, credit, richness
from gasket.core.tasting.frontier import Across, Criterion, unbeaten_each
from gasket.core.tasting.scores import Score
from gasket.core.tasting.verdict import TasteVerdict
from gasket.core.weighing.closing import FarLine
from gasket.kitchen.cook.batch_figures import BATCH_FIGURES, BatchFigures
from gasket.kitchen.rebuild import drafts, originals, trials
from gasket.kitchen.rebuild.trial_figures import TRIAL_FIGURES, TrialFigures
from gasket.kitchen.taste.arms_compared import ArmEntry, compared
from gasket.kitchen.taste.said import ORIGINAL, Tastings, WordCount, tasting_of
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES, BatchHead
from gasket.store.books.dishes import DISHES
from gasket.store.books.trials import TRIALS, Trial


class TrialEntry(Answer):
    """One trial. `kcal`, `protein_g` and `grams` are of one serving as last weighed, else as it is
    planned; `far` came out far off its plan; `kcal_equal` is of a serving as heavy as the
    original's; `unbeaten` on which plots no other trial beats it."""

    id: int
    letter: str
    intent: str
    copied_from: int | None
    created_at: datetime
    made_at: datetime | None
    batch_id: int | None
    archived: bool
    broken: str
    kcal: AnyFigure
    protein_g: AnyFigure
    grams: float | None
    kcal_equal: float | None
    cost: float | None
    minutes: float | None
    days: float | None
    changes: tuple[LineDifference, ...]
    steps_changed: tuple[str, ...]
    far: tuple[FarLine, ...]
    score: Score | None
    words: tuple[WordCount, ...]
    again: int
    verdict: TasteVerdict
    verdict_version: int
    credit: Credit | None
    arms: tuple[ArmEntry, ...]
    unbeaten: tuple[Across, ...]


class OriginalEntry(Answer):
    """The original beside its trials."""

    name: str
    kcal: float | None
    protein_g: float | None
    grams: float | None
    score: Score | None


class History(Answer):
    """The trials of a dish, newest first. `scatter` is how far one taster's mark of a trial strays
    (a standard deviation), `opens` the trial that the dish opens with; `rich` is what the lines of
    that trial buy."""

    dish_id: int
    dish: str
    original: OriginalEntry
    trials: tuple[TrialEntry, ...]
    scatter: float | None
    tasters: int
    opens: int | None
    rich: tuple[Richness, ...]


def of_trial(session: Session, trial_id: int) -> TrialEntry:
    """One trial with what its change did."""
    trial = TRIALS.fetch(session, trial_id)
    wanted = [trial_id, *([trial.copied_from] if trial.copied_from else [])]
    said = tasting_of(session, trial.dish_id)
    beside = {entry.id: entry for entry in entries_of(session, trial.dish_id, wanted, said)}
    own = beside.get(trial_id)
    if own is None:
        raise Unknown("trial", trial_id)
    return own.model_copy(update={"credit": _credit(own, beside, said)})


def read(session: Session, dish_id: int) -> History:
    """Raises `Unknown`."""
    dish = DISHES.fetch(session, dish_id)
    all_trials = TRIALS.of_dish(session, dish_id)
    ids = [trial.id for trial in all_trials]
    said = tasting_of(session, dish_id)
    planned = TRIAL_FIGURES.of(session, ids)
    original = originals.of(session, dish)
    beside = {
        entry.id: _at_equal_weight(entry, original.serving_g)
        for entry in entries(session, all_trials, planned, said)
    }
    best = unbeaten_each({key: figures_of(entry) for key, entry in beside.items()})
    opened = trials.opened_of(all_trials)
    return History(
        dish_id=dish_id,
        dish=dish.name,
        original=OriginalEntry(
            name=original.name,
            kcal=original.kcal,
            protein_g=original.protein_g,
            grams=original.serving_g,
            score=said.overall.score(ORIGINAL),
        ),
        trials=tuple(
            entry.model_copy(
                update={
                    "credit": _credit(entry, beside, said),
                    "unbeaten": best[entry.id],
                }
            )
            for entry in reversed(beside.values())
        ),
        scatter=said.overall.scatter,
        tasters=len({given.sheet.taster_id for given in said.said}),
        opens=None if opened is None else opened.id,
        rich=() if opened is None else rich_lines(session, opened, beside, planned, said),
    )


def entries_of(
    session: Session, dish_id: int, trial_ids: Sequence[int], said: Tastings
) -> list[TrialEntry]:
    """Some trials of a dish, without what they are beside the others."""
    chosen = [trial for trial in TRIALS.of_dish(session, dish_id) if trial.id in trial_ids]
    planned = TRIAL_FIGURES.of(session, trial_ids)
    return entries(session, chosen, planned, said)


def entries(
    session: Session,
    shown: Sequence[Trial],
    planned: Mapping[int, TrialFigures],
    said: Tastings,
) -> list[TrialEntry]:
    """These trials, without what they are beside the others."""
    ids = [trial.id for trial in shown]
    made, arms = _last_made(session, ids), compared(session, ids, said)
    return [
        _entry(trial, planned[key], made.get(key), arms.get(key, ()), said)
        for key, trial in zip(ids, shown, strict=True)
    ]


Made = tuple[BatchHead, BatchFigures]


def _last_made(session: Session, trial_ids: Sequence[int]) -> dict[int, Made]:
    """The newest closed batch of each trial with its figures."""
    batches = BATCHES.last_closed(session, trial_ids)
    figures = BATCH_FIGURES.of(session, [batch.id for batch in batches.values()])
    return {trial_id: (batch, figures[batch.id]) for trial_id, batch in batches.items()}


def _entry(
    trial: Trial,
    planned: TrialFigures,
    made: Made | None,
    arms: tuple[ArmEntry, ...],
    said: Tastings,
) -> TrialEntry:
    key = trial.id
    sheets = said.of(key)
    serving = made[1].serving if made else None
    return TrialEntry(
        id=key,
        letter=trial.letter,
        intent=trial.intent,
        copied_from=trial.copied_from,
        created_at=trial.created_at,
        made_at=made[0].closed_at if made else None,
        batch_id=made[0].id if made else None,
        archived=trial.set_aside_at is not None,
        broken=planned.broken or (made[1].broken if made else ""),
        kcal=serving.kcal if serving else planned.kcal,
        protein_g=serving.protein_g if serving else planned.protein_g,
        grams=serving.grams if serving else planned.grams,
        kcal_equal=None,
        cost=planned.cost,
        minutes=planned.minutes,
        days=planned.days,
        changes=planned.changes,
        steps_changed=planned.steps_changed,
        far=made[1].far if made else (),
        score=said.overall.score(key),
        words=said.words(key),
        again=sum(sheet.again == "yes" for sheet in sheets),
        verdict=trial.verdict,
        verdict_version=trial.verdict_version,
        credit=None,
        arms=arms,
        unbeaten=(),
    )


def _at_equal_weight(entry: TrialEntry, original_g: float | None) -> TrialEntry:
    kcal = value_of(entry.kcal)
    if kcal is None or not original_g or not entry.grams:
        return entry
    return entry.model_copy(update={"kcal_equal": kcal * original_g / entry.grams})


def figures_of(entry: TrialEntry) -> dict[Criterion, float | None]:
    """What a trial is judged by, beside others."""
    return {
        "score": entry.score.value if entry.score else None,
        "kcal": value_of(entry.kcal),
        "protein_g": value_of(entry.protein_g),
        "minutes": entry.minutes,
        "cost": entry.cost,
        "days": entry.days,
    }


def _credit(entry: TrialEntry, beside: Mapping[int, TrialEntry], said: Tastings) -> Credit | None:
    if entry.copied_from is None or entry.copied_from not in beside:
        return None
    parent = beside[entry.copied_from]
    return credit(
        entry.id,
        entry.copied_from,
        said.overall,
        said.by_quality,
        len(entry.changes) + len(entry.steps_changed),
        said.states,
        [slip_says(made.letter, far) for made in (entry, parent) for far in made.far],
    )


def slip_says(letter: str, far: FarLine) -> str:
    """ "In D, Salt came out at 18 g instead of 3 g." """
    return f"In {letter}, {far.name} came out at {_g(far.net_g)} instead of {_g(far.target_g)}."


def _g(grams: float) -> str:
    return f"{round(grams, 1 if grams < 10 else None):g} g"


def rich_lines(
    session: Session,
    opened: Trial,
    beside: Mapping[int, TrialEntry],
    planned: Mapping[int, TrialFigures],
    said: Tastings,
) -> tuple[Richness, ...]:
    """What the lines of a trial buy, from the trials in which just that line changed."""
    changed: dict[str, list[LineChange]] = {}
    for key, change in changed_alone(beside, planned, said):
        changed.setdefault(key, []).append(change)
    placed_lines = drafts.draft(session, opened.id).piece.lines()
    lines = {
        placed.line.id: (placed.ingredient.name, kcal)
        for placed in placed_lines
        if (kcal := serving_kcal(placed)) > 0
    }
    return richness(lines, changed)


def changed_alone(
    beside: Mapping[int, TrialEntry], planned: Mapping[int, TrialFigures], said: Tastings
) -> Iterator[tuple[str, LineChange]]:
    """Trials that changed one line and nothing else, by the line."""
    for entry in beside.values():
        parent = planned.get(entry.copied_from or 0)
        figures = planned[entry.id]
        slipped = entry.far or beside[entry.copied_from or 0].far if parent else ()
        if parent is None or figures.changed != 1 or not figures.changes or slipped:
            continue
        before, after = value_of(parent.kcal), value_of(figures.kcal)
        if before is None or after is None or entry.copied_from is None:
            continue
        only = figures.changes[0]
        yield (
            only.line_id,
            LineChange(
                line_id=only.line_id,
                name=only.name,
                kcal=after - before,
                difference=said.overall.difference(entry.id, entry.copied_from),
            ),
        )


def refuse_original(trial: Trial) -> None:
    """Raises `Refused` for the original: it has no next trial."""
    if trial.is_original:
        raise Refused("This is the original: begin with a trial.")
