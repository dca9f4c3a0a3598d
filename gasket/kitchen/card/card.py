"""The card of a batch: what was weighed, what one serving holds, who says so."""

from collections.abc import Iterator
from datetime import date, datetime
from typing import Literal

from gasket.core.cooking.cautions import cautions
from gasket.core.cooking.cook_log import CookLog
from gasket.core.cooking.keeping import Keeps, keeping, keeps_until
from gasket.core.cooking.serving import late_says, reheat_says, reheat_ways
from gasket.core.cooking.steps import Step
from gasket.core.numbers import Answer
from gasket.core.rebuild.goals import GoalState, goal_states
from gasket.core.rebuild.section import Column
from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.cautions import cautions_of_contents
from gasket.core.reckoning.contents import Contains, PackageUsed, contains
from gasket.core.reckoning.margin import value_of
from gasket.core.reckoning.pieces import Spread
from gasket.core.reckoning.reckon import Reckoning, reckon
from gasket.core.reckoning.written_line import WrittenLine
from gasket.core.tasting.scores import Score
from gasket.core.tasting.verdict import TasteVerdict
from gasket.core.trade.caution import Caution
from gasket.core.trade.sources import SOURCES, Source
from gasket.core.trade.words import figure_words
from gasket.core.trade.yields import Yield
from gasket.core.weighing.line_state import LineStatus
from gasket.formats.card_text import card_text
from gasket.kitchen.card.card_steps import CardStep, told
from gasket.kitchen.cook import cooked, cooking
from gasket.kitchen.cook.batch_figures import Before, by_older_rules
from gasket.kitchen.portion import plates, portioning
from gasket.kitchen.portion.plates import PlateWithFinish
from gasket.kitchen.portion.stock import LastWarming, warmed_lately
from gasket.kitchen.rebuild import build
from gasket.kitchen.taste import history, photos
from gasket.kitchen.taste.photos import Photo
from gasket.kitchen.weigh import weighed
from gasket.store.books import Session
from gasket.store.books.trials import Trial


class CardLine(Answer):
    """A line of the card: what went in, and what was planned.

    `planned_name` is the food that was planned where another went in, `kcal_more` what that
    adds to a serving; `reason` why a line was skipped, `corrected` what it was before a
    correction, and why.
    """

    component: str
    name: str
    grams: float | None
    target_g: float
    estimated: bool
    skipped: bool
    planned: bool
    planned_name: str | None
    kcal_more: float | None
    reason: str
    corrected: str
    cue: str


class AsPlanned(Answer):
    """One serving as it was planned when the batch began."""

    kcal: float | None
    protein_g: float | None
    grams: float | None


class DivisionOnCard(Answer):
    """What one serving is: `words` says it, `plated` is one with a finish, `spread` how far pieces
    differ, `cooked` what the heat left of the batch."""

    pieces: int
    servings: float | None
    words: str
    plated: tuple[PlateWithFinish, ...]
    spread: Spread
    cooked: Yield | None


class Eating(Answer):
    """What to know before eating it. `passed`: temperatures that were not measured, and why;
    `late` what is put on at the last."""

    contains: Contains
    cautions: tuple[Caution, ...]
    passed: tuple[str, ...]
    keeps: tuple[Keeps, ...]
    keeps_until: date
    reheat: str
    reheat_ways: tuple[str, ...]
    warmed: LastWarming | None
    late: str


class Behind(Answer):
    """What stands behind the figures: the names of lines and labels, the original, the sources."""

    names: tuple[str, ...]
    label_names: dict[str, str]
    original_column: Column | None
    sources: dict[str, Source]
    source_note: str


class TasteOnCard(Answer):
    """How the trial was found: what became of it, its score, what its change did in a sentence."""

    verdict: TasteVerdict
    score: Score | None
    credit: str


class Card(Answer):
    """A batch as it was weighed: its figures with margins, the build in grams, the steps.
    `by_older_rules` is what a serving of it was before Gasket's rules changed, where that was
    another figure. `text` is the same as plain text."""

    batch_id: int
    dish_id: int
    dish: str
    letter: str
    made_at: datetime
    closed: bool
    batch: Batch
    result: Reckoning
    goals: tuple[GoalState, ...]
    as_planned: AsPlanned
    by_older_rules: Before | None
    lines: tuple[CardLine, ...]
    steps: tuple[CardStep, ...]
    divided: DivisionOnCard
    eating: Eating
    tasted: TasteOnCard | None
    photos: tuple[Photo, ...]
    behind: Behind
    paper: Literal["a4", "letter"]
    text: str


def card(session: Session, batch_id: int) -> Card:
    batch = weighed.read(session, batch_id)
    log = cooked.log_of(session, batch_id)
    steps = cooked.steps_of(batch)
    made_at = cooked.made_at(session, batch, log)
    lines, divided = tuple(_lines(batch)), _divided(session, batch)
    eating, tasted = _eating(session, batch, log, steps), _tasted(session, batch.trial)
    return Card(
        batch_id=batch_id,
        dish_id=batch.trial.dish_id,
        dish=batch.dish.name,
        letter=batch.letter,
        made_at=made_at,
        closed=batch.head.closed_at is not None,
        batch=batch.batch,
        result=batch.result,
        goals=goal_states(batch.trial.terms.goal, batch.result.serving, {}),
        as_planned=_as_planned(batch),
        by_older_rules=by_older_rules(session, batch_id),
        lines=lines,
        steps=tuple(told(steps, log, batch.house.degrees)),
        divided=divided,
        eating=eating,
        tasted=tasted,
        photos=tuple(photo for photo in photos.of_batch(session, batch_id) if photo.on_card),
        behind=_behind(session, batch, eating),
        paper=batch.house.paper,
        text=card_text(
            f"{batch.dish.name}, trial {batch.letter}, {cooked.local_day(made_at).isoformat()}",
            batch.result.serving,
            divided.words,
            [(plate.finish.name, plate.serving) for plate in divided.plated],
            [(_grams_of(line), line.name) for line in lines],
            [*_notes(eating), *_tasted_words(tasted)],
        ),
    )


def _tasted(session: Session, trial: Trial) -> TasteOnCard | None:
    """None of a trial that nobody has tasted or judged; an original has no marks of a trial."""
    if trial.is_original or trial.removed_at is not None:
        return None
    entry = history.of_trial(session, trial.id)
    credit = entry.credit.says if entry.credit and entry.credit.told != "untested" else ""
    if entry.score is None and entry.verdict == TasteVerdict():
        return None
    return TasteOnCard(verdict=entry.verdict, score=entry.score, credit=credit)


def _tasted_words(tasted: TasteOnCard | None) -> list[str]:
    if tasted is None:
        return []
    verdict, score = tasted.verdict, tasted.score
    who = "" if score is None else "1 taster" if score.tasters == 1 else f"{score.tasters} tasters"
    said = [
        f"Verdict: {verdict.stamp}." if verdict.stamp else "",
        f"Score: {score.value:.1f} of 10, {who}." if score else "",
        tasted.credit,
        f"To change: {verdict.change}" if verdict.change else "",
        f"Lesson: {verdict.lesson}" if verdict.lesson else "",
    ]
    return [words for words in said if words]


def _divided(session: Session, batch: weighed.StoredBatch) -> DivisionOnCard:
    return DivisionOnCard(
        pieces=batch.pieces,
        servings=batch.servings,
        words=serving_words(batch),
        plated=plates.plates(session, batch.head.id, batch).plated,
        spread=portioning.spread_of(session, batch),
        cooked=portioning.yield_of_batch(batch),
    )


def _eating(
    session: Session, batch: weighed.StoredBatch, log: CookLog, steps: tuple[Step, ...]
) -> Eating:
    advice = keeping(batch.family, (label.kind for label in batch.shelved.values()))
    flags = [flag for label in batch.shelved.values() for flag in label.package.flags]
    made_on = cooked.local_day(cooked.made_at(session, batch, log))
    return Eating(
        contains=_contains(batch),
        cautions=(
            *cautions(
                cooked.all_steps(batch), cooking.foods_of(batch), batch.family, batch.house.safety
            ),
            *cautions_of_contents(batch.result, flags),
        ),
        passed=tuple(
            f"{step.says}: not measured, because {state.passed.note}"
            for step in steps
            if (state := log.of(step.id)).passed is not None
        ),
        keeps=advice,
        keeps_until=keeps_until("fridge", made_on, advice, batch.house.safety),
        reheat=reheat_says(batch.family, batch.house.safety),
        reheat_ways=reheat_ways(batch.family),
        warmed=warmed_lately(session, [batch.trial.dish_id]).get(batch.trial.dish_id),
        late=late_says(batch.family, [part.name for part in batch.batch.components]),
    )


def _behind(session: Session, batch: weighed.StoredBatch, eating: Eating) -> Behind:
    cited = {key for keys in batch.result.says_who.values() for key in keys}
    cited |= {caution.source for caution in eating.cautions}
    cited |= {advice.source for advice in eating.keeps}
    return Behind(
        names=build.line_names(batch.batch),
        label_names={key: label.name or key for key, label in batch.batch.labels.items()},
        original_column=build.original_of(session, batch.dish, batch.result),
        sources={key: source for key, source in SOURCES.items() if key in cited},
        source_note=batch.dish.source_note,
    )


def serving_words(batch: weighed.StoredBatch) -> str:
    """ "1 of 6 pieces, 205 g": what a serving is."""
    grams = batch.result.serving.grams
    weight = "" if grams is None else f", {grams:.0f} g"
    dividing = batch.dividing
    if dividing.way == "grams":
        return f"{dividing.serving_g or 0:.0f} g by weight"
    each = dividing.each_of(batch.pieces)
    word = "scoops" if dividing.way == "scoop" else "pieces"
    return f"{each:g} of {batch.pieces} {word}{weight}"


def _as_planned(batch: weighed.StoredBatch) -> AsPlanned:
    """What a serving would have been with every line as planned."""
    nothing = batch.with_records(())
    serving = (batch if batch.head.stored_imported or batch.head.free else nothing).result.serving
    return AsPlanned(
        kcal=value_of(serving.kcal), protein_g=value_of(serving.protein_g), grams=serving.grams
    )


def _contains(stored: weighed.StoredBatch) -> Contains:
    used = (
        PackageUsed(
            batch.name_of(line), batch.shelved[revision].kind, batch.shelved[revision].package
        )
        for batch, line in stored.all_lines()
        if (revision := batch.revision_of(line)) is not None
        and batch.state_of(line).status is not LineStatus.SKIPPED
    )
    return contains(used, stored.house.allergens)


def _grams_of(line: CardLine) -> str:
    if line.skipped or line.grams is None:
        return "left out" if line.skipped else "open"
    return f"{'≈ ' if line.estimated else ''}{figure_words(line.grams, 'g')} g"


def _notes(eating: Eating) -> list[str]:
    notes, allergens = [], eating.contains.allergens
    if allergens:
        notes.append(f"Contains {', '.join(name.replace('_', ' ') for name in allergens)}.")
    notes += [caution.says for caution in eating.cautions]
    return [*notes, f"Keeps in the fridge until {eating.keeps_until.isoformat()}."]


def _lines(batch: weighed.StoredBatch) -> list[CardLine]:
    return [_line(batch, line) for line in batch.lines]


def _line(batch: weighed.StoredBatch, line: WrittenLine) -> CardLine:
    state = batch.state_of(line)
    skipped = state.status is LineStatus.SKIPPED
    stand_in = batch.is_stand_in(line) and not skipped
    return CardLine(
        component=line.component,
        name=batch.name_of(line),
        grams=None if state.net_g is None else state.net_g * batch.share_of(line),
        target_g=line.target_g,
        estimated=state.estimate is not None,
        skipped=skipped,
        planned=line.planned,
        planned_name=batch.planned_name(line) if stand_in else None,
        kcal_more=_kcal_more(batch, line) if stand_in else None,
        reason=state.record.note if skipped and state.record else "",
        corrected="; ".join(_was(batch, line)),
        cue=state.cue,
    )


def _was(batch: weighed.StoredBatch, line: WrittenLine) -> Iterator[str]:
    """ "was 312 g (the bowl was on the scale too)"."""
    for amended in batch.state_of(line).amended:
        was = amended.was_g
        grams = "left out" if was is None else f"{figure_words(was * batch.share_of(line), 'g')} g"
        yield f"was {grams}" + (f" ({why})" if (why := amended.record.note) else "")


def _kcal_more(batch: weighed.StoredBatch, line: WrittenLine) -> float | None:
    """What a serving has more because another food than planned went in."""
    used = value_of(batch.result.serving.kcal)
    planned = value_of(reckon(batch.as_planned(line)).serving.kcal)
    return None if used is None or planned is None else used - planned
