"""Quick entry in this kitchen: a line → foods on its shelf and grams; a list, line by line."""

import contextlib
from collections.abc import Iterator
from datetime import datetime
from typing import Annotated, Final, Literal

from pydantic import Field

from gasket.core.cooking.step_text import in_degrees
from gasket.core.entry.grammar import parse_entry
from gasket.core.entry.ledger import UsedWord, ledger
from gasket.core.entry.model import MOST_TEXT, Entry
from gasket.core.entry.one_food import foods_apart
from gasket.core.entry.prose import ProseLine, read_lines, servings_in
from gasket.core.entry.readings import AmountReading, FoodBackground, NeedKind
from gasket.core.entry.work_out import AmountAnswer, work_out
from gasket.core.errors import FaultyInput
from gasket.core.label.food import MOST_MEASURES, FoodFacts, Measure, MeasureName
from gasket.core.numbers import Answer, Positive, Value
from gasket.core.trade.kinds import POURED
from gasket.core.trade.quantities import HouseholdSystem
from gasket.core.trade.states import state_of
from gasket.core.trade.units import convert, kind_of
from gasket.kitchen import settings
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.lending import Generic
from gasket.kitchen.shelf.matching import Match, Matcher
from gasket.kitchen.shelf.shelf import ShelfFood, ShelfLabel
from gasket.store.books import Session
from gasket.store.books.shelf import FOODS, MatchedBy
from gasket.store.books.trials import PENDING, TRIALS, pending_of

MOST_OPTIONS: Final = 8
MOST_LINES: Final = 300


class QuickText(Value):
    text: Annotated[str, Field(max_length=MOST_TEXT)]


class QuickList(Value):
    text: Annotated[str, Field(max_length=20_000)]


class Option(Answer):
    """One package that the line may mean, with every reading of its amount."""

    food_id: int
    food: str
    label: ShelfLabel
    worked: AmountAnswer


class QuickAnswer(Answer):
    """The line as read, and what it may mean on this shelf, best first. Only when it is `sure` may
    the first be taken without asking; `asks` is the question where it is not. `chosen` is how often
    in a row the cook chose the first for these very words."""

    entry: Entry
    options: tuple[Option, ...]
    how: MatchedBy
    sure: bool
    asks: str
    unread: str
    chosen: int = 0


class QuickLine(Answer):
    """One line of a pasted list. A heading names a component, a step goes to the steps, words are
    left out; a faulty line says why. A line of several foods comes `apart`, one line each; a step
    whose degrees may be of either scale says what it may be `instead`. `words` says which word went
    where."""

    text: str
    status: Literal[
        "clear", "question", "needs", "unmatched", "heading", "step", "servings", "words", "faulty"
    ]
    answer: QuickAnswer | None = None
    says: str = ""
    apart: tuple[str, ...] = ()
    instead: tuple[str, ...] = ()
    words: tuple[UsedWord, ...] = ()


class ReadRecipe(Answer):
    """A pasted recipe, line by line; `servings` where it says how many."""

    lines: tuple[QuickLine, ...]
    servings: int | None


class MeasureAnswer(Value):
    """What the cook says or has weighed once: grams of one measure, or a share."""

    kind: NeedKind
    measure: MeasureName
    grams: Positive | None = None
    share: Annotated[float, Field(ge=0, lt=1)] | None = None


class UnmatchedLine(Answer):
    id: int
    text: str


class PendingText(Value):
    text: Annotated[str, Field(min_length=1, max_length=MOST_TEXT)]


def quick(session: Session, text: str) -> QuickAnswer:
    """Read one line. Raises `FaultyInput` at `text` for what is no amount of a food."""
    reader, entry = Reader(session), parse_entry(text)
    reader.look_up([entry])
    return _answer(reader, entry)


class Reader(Matcher):
    """What every line of a list is read with: looked up once."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        house = settings.read(session)
        self.system, self.degrees = house.household, house.degrees
        self.generic = Generic(session)


def _answer(reader: Reader, entry: Entry) -> QuickAnswer:
    match = reader.match(entry)
    options = [
        Option(
            food_id=food.id,
            food=food.name,
            label=label,
            worked=work_out(entry, _known(food, label, reader.system, reader.generic)),
        )
        for food in match.foods
        for label in _likeliest_first(food, match)
    ]
    worked = options[0].worked if options else None
    return QuickAnswer(
        entry=entry,
        options=tuple(options[:MOST_OPTIONS]),
        how=match.how,
        sure=match.sure and worked is not None and not (worked.question or worked.caution),
        asks="" if worked is None else _asks(entry, match, worked),
        unread=match.unread,
        chosen=match.chosen.times if match.chosen else 0,
    )


def _likeliest_first(food: ShelfFood, match: Match) -> list[ShelfLabel]:
    """The packages of a food, that which was chosen for these words before the others."""
    before = match.chosen and match.chosen.label_id
    return sorted(food.labels, key=lambda label: label.id != before)


_NEAREST: Final[dict[MatchedBy, str]] = {
    "words": "Which one?",
    "spelling": "These are close in spelling.",
    "some words": "These share a word with it.",
}


def _asks(entry: Entry, match: Match, worked: AmountAnswer) -> str:
    which = "" if match.sure else _asks_which(entry, match)
    return " ".join(says for says in (which, worked.question, worked.caution) if says)


def _asks_which(entry: Entry, match: Match) -> str:
    if match.chosen:
        return "Last time you chose the first one for these words. The same again?"
    if match.unread:
        return f"Not used: “{match.unread}”."
    said = " ".join([*entry.states, entry.food]).replace("_", " ")
    return f"Nothing on the shelf is called just “{said}”. {_NEAREST[match.how]}"


def _known(
    food: ShelfFood, label: ShelfLabel, system: HouseholdSystem, generic: Generic
) -> FoodBackground:
    pourable = label.label.basis_ml is not None or food.kind in POURED
    like = generic.like(food, label)
    named, said = f"{food.name} {label.label.name}", label.package.state
    weighed = state_of(named, food.kind, said, None)
    return FoodBackground(
        food.facts, label.label, label.package, system, pourable, food.kind, weighed, like
    )


def read_list(session: Session, text: str) -> list[QuickLine]:
    """A pasted list, line by line; empty lines are left out."""
    lines = [line.strip() for line in text.splitlines() if line.strip()]
    if len(lines) > MOST_LINES:
        raise FaultyInput.at("text", f"A list has at most {MOST_LINES} lines.")
    reader = Reader(session)
    reads = read_lines(lines)
    reader.look_up(_entries(lines, reads))
    return [_line(reader, line, read) for line, read in zip(lines, reads, strict=True)]


def read_recipe(session: Session, text: str) -> ReadRecipe:
    """A pasted recipe. Raises `FaultyInput` at `text` for too many lines."""
    lines = read_list(session, text)
    return ReadRecipe(lines=tuple(lines), servings=servings_in(text.splitlines()))


def _entries(lines: list[str], reads: list[ProseLine]) -> Iterator[Entry]:
    """What can be read of the lines that are ingredients."""
    for line, read in zip(lines, reads, strict=True):
        if read.kind == "ingredient":
            with contextlib.suppress(FaultyInput):
                yield parse_entry(line)


def _line(reader: Reader, text: str, read: ProseLine) -> QuickLine:
    if read.kind == "step" and len(meant := in_degrees(read.text, reader.degrees)) > 1:
        return QuickLine(text=text, status="step", says=read.text, instead=meant)
    if read.kind != "ingredient":
        return QuickLine(text=text, status=read.kind, says=read.text)
    try:
        answer = _answer(reader, parse_entry(text))
    except FaultyInput as error:
        says = error.faults[0].message
        return QuickLine(text=text, status="faulty", says=says, apart=foods_apart(text))
    words = ledger(text, answer.entry, answer.unread)
    return QuickLine(text=text, status=_status(answer), answer=answer, words=words)


def _status(answer: QuickAnswer) -> Literal["clear", "question", "needs", "unmatched"]:
    if not answer.options:
        return "unmatched"
    if answer.options[0].worked.readings[0].needs is not None:
        return "needs"
    return "question" if answer.asks else "clear"


def amounts(session: Session, text: str, food_id: int, label_id: int) -> tuple[AmountReading, ...]:
    """What a measure of one very food comes to, likeliest first. Raises `FaultyInput` at `text`."""
    entry = parse_entry(text)
    if not entry.quantities:
        raise FaultyInput.at("text", "Type an amount, like 2 scoops or 1/2 cup.")
    food = shelf.food(session, food_id)
    label = shelf.shelf_labels(session, {label_id})[label_id]
    entry = entry.model_copy(update={"food": entry.food or food.name})
    system = settings.read(session).household
    return work_out(entry, _known(food, label, system, Generic(session))).readings


# What the cook tells once


def tell(session: Session, food_id: int, told: MeasureAnswer) -> ShelfFood:
    """Keep what one cup, scoop or piece of a food weighs. Raises `FaultyInput` without a figure."""
    stored = FOODS.fetch(session, food_id)
    facts = _with(stored.facts, told, settings.read(session).household)
    return shelf.write_facts(session, stored, facts)


def _with(facts: FoodFacts, told: MeasureAnswer, system: HouseholdSystem) -> FoodFacts:
    if told.kind in ("refuse", "drained"):
        if told.share is None or (told.kind == "drained" and told.share == 0):
            raise FaultyInput.at("share", "Type a share in percent, like 40.")
        field = "refuse_share" if told.kind == "refuse" else "drained_share"
        return facts.model_copy(update={field: told.share})
    if told.grams is None:
        raise FaultyInput.at("grams", "Type what it weighs in grams.")
    if told.kind == "measure":
        known = {measure.name for measure in facts.measures} | {told.measure.lower()}
        if len(known) > MOST_MEASURES:
            raise FaultyInput.at("measure", f"A food has at most {MOST_MEASURES} measures.")
        return facts.with_measure(Measure(name=told.measure, grams=told.grams, origin="weighed"))
    if kind_of(told.measure) != "volume":
        raise FaultyInput.at("measure", "Type a measure of volume, like cup or tbsp.")
    density = told.grams / convert(1, told.measure, system)
    if not 0.02 <= density <= 10:
        raise FaultyInput.at("grams", f"Nothing in a kitchen weighs {density:.3g} g a millilitre.")
    return facts.with_density(density)


# Lines kept for later


def pending(session: Session, trial_id: int) -> list[UnmatchedLine]:
    TRIALS.fetch(session, trial_id)
    return [UnmatchedLine(id=line.id, text=line.text) for line in pending_of(session, trial_id)]


def keep_for_later(
    session: Session, trial_id: int, text: str, now: datetime
) -> list[UnmatchedLine]:
    TRIALS.fetch(session, trial_id)
    PENDING.add(session, trial_id=trial_id, text=text, created_at=now)
    return pending(session, trial_id)


def drop_pending(session: Session, trial_id: int, pending_id: int) -> list[UnmatchedLine]:
    """Forget a kept line; forgetting it twice changes nothing."""
    line = PENDING.find(session, pending_id)
    if line is not None and line.trial_id == trial_id:
        PENDING.drop(session, line.id)
    return pending(session, trial_id)
