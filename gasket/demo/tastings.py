"""What the crew said of the loaf: four trials, three tasters, a triangle test. All invented.

Chance comes from a seed, so that every demo kitchen is the same.
"""

import random
import uuid
from collections.abc import Callable, Iterator
from datetime import datetime, timedelta
from typing import Any, Final, NamedTuple

from gasket.core.cooking.stock import Move, StockMove
from gasket.core.rebuild.trial import BuildChange, BuildLine
from gasket.core.tasting.blind import BlindAnswer
from gasket.core.tasting.marks import TastingSheet
from gasket.core.tasting.verdict import TasteVerdict
from gasket.core.weighing.captures import capture_of
from gasket.core.weighing.records import ReadingOrigin, RecordKind
from gasket.demo import photos as drawings
from gasket.demo.dishes import food_of_package
from gasket.formats.pictures import as_picture
from gasket.kitchen.portion import stock
from gasket.kitchen.rebuild import build, trials
from gasket.kitchen.rebuild.build import BuildEdit, TrialSheet
from gasket.kitchen.rebuild.trials import NewTrial
from gasket.kitchen.taste import blind_tests, photos, tasters, tastings, verdicts
from gasket.kitchen.taste.blind_tests import NewBlindTest
from gasket.kitchen.taste.photos import PhotoStage
from gasket.kitchen.taste.tasters import NewTaster
from gasket.kitchen.taste.verdicts import VerdictEdit
from gasket.kitchen.weigh import weigh
from gasket.store.books import Session
from gasket.store.books.trials import TRIALS

TASTERS: Final = ("Bow seat", "Stroke seat", "Cox")
Marks = tuple[str, str, str, str]


class Bite(NamedTuple):
    """What one taster said: taste, texture, look, likeness."""

    marks: Marks
    words: tuple[str, ...] = ()
    again: str = "yes"
    note: str = ""
    more: dict[str, Any] = {}  # noqa: RUF012  (never changed)


class LoafTrial(NamedTuple):
    """A trial of the loaf: what it changes in grams by component and food, what was poured
    otherwise than planned, what was said, what became of it."""

    copy_of: str
    intent: str
    days_ago: int
    changes: dict[tuple[str, str], float]
    poured: dict[str, float]
    bites: tuple[Bite, ...]
    verdict: TasteVerdict


FIRST_BITES: Final = (
    Bite(
        ("8.5", "8", "7.5", "8"),
        ("moist", "tender"),
        more={"fullness": "7", "eaten_min": 6.0, "finish": "with walnuts on top"},
    ),
    Bite(
        ("7", "8", "8", "6.5"),
        ("moist",),
        note="The frosting does it.",
        more={"guess_kcal": 310.0},
    ),
    Bite(("11 out of 10", "8", "9", "9"), ("moist", "rich"), more={"guess_g": 150.0}),
)
ORIGINAL_BITES: Final = (
    Bite(("9", "8.5", "8", "10"), ("rich",)),
    Bite(("8", "8", "8", "10"), ("rich", "greasy"), again="with_a_change"),
    Bite(("9.5", "9", "9", "10"), ("moist", "rich")),
)
FIRST_VERDICT: Final = TasteVerdict(
    stamp="keep", lesson="Let it stand overnight: the carrot needs the time."
)
LOAF_TRIALS: Final = (
    LoafTrial(
        copy_of="A",
        intent="Without oil: is it missed?",
        days_ago=9,
        changes={("Loaf", "Rapeseed oil"): 0.0},
        poured={},
        bites=(
            Bite(("7.5", "5", "7.5", "6.5"), ("dry", "crumbly"), again="with_a_change"),
            Bite(("5", "5.5", "7", "5"), ("dry",), again="no"),
            Bite(("8.5", "6.5", "8.5", "8"), ("dry", "chalky"), again="with_a_change"),
        ),
        verdict=TasteVerdict(stamp="drop", lesson="Without the oil it is dry on the second day."),
    ),
    LoafTrial(
        copy_of="B",
        intent="More carrot in place of the oil",
        days_ago=7,
        changes={("Loaf", "Carrot"): 70.0},
        poured={},
        bites=(
            Bite(("8", "7.5", "7.5", "7.5"), ("moist",)),
            Bite(("7.5", "7", "7.5", "6"), ("tender",), again="with_a_change"),
            Bite(("8.5", "8.5", "8.5", "8"), ("moist", "dense")),
        ),
        verdict=TasteVerdict(
            stamp="change",
            change="More raising agent: the carrot weighs it down.",
            lesson="Carrot makes up for most of the oil.",
        ),
    ),
    LoafTrial(
        copy_of="A",
        intent="A third more cinnamon",
        days_ago=5,
        changes={("Loaf", "Cinnamon"): 1.0},
        poured={"Salt": 18.0},
        bites=(
            Bite(("4.5", "7.5", "7.5", "6"), ("salty",), again="no"),
            Bite(("3", "7", "8", "5"), ("salty", "bitter"), again="no", note="Sea water."),
            Bite(("6", "8", "9", "7"), ("salty",), again="with_a_change"),
        ),
        verdict=TasteVerdict(
            stamp="drop", lesson="The salt went in ten times over: this says nothing of cinnamon."
        ),
    ),
)
TRIANGLE: Final = ("A, with oil", "C, with carrot")
TRIANGLE_SEATS: Final = 10
TRIANGLE_FOUND: Final = frozenset({1, 2, 4, 5, 7, 8, 10})
"""The seats that found the odd one."""
SEED: Final = 20
PICTURED: Final = frozenset({"C"})
"""Trials with photos, beside the first."""


def taste_the_loaf(session: Session, first_trial: int, first_batch: int, now: datetime) -> None:
    """Three more trials with their batches, what was said of all four and of the original."""
    session.flush()
    for name in TASTERS:
        tasters.add(session, NewTaster(name=name), now - timedelta(days=20))
    tasted = now - timedelta(hours=20)
    _said(session, first_batch, FIRST_BITES, tasted, state="next_day", against="original")
    _said(session, first_batch, ORIGINAL_BITES, tasted, of_original=True)
    by_letter = {"A": first_trial}
    _photograph(session, first_batch, "A", tasted)
    for planned in LOAF_TRIALS:
        began = now - timedelta(days=planned.days_ago)
        made = _next(session, by_letter[planned.copy_of], planned, began)
        by_letter[made.letter] = made.id
        batch = _weigh(session, made.id, planned, began)
        if made.letter in PICTURED:
            _photograph(session, batch, made.letter, began)
        at = began + timedelta(hours=22)
        _said(session, batch, planned.bites, at, state="next_day", against="remembered")
        _judge(session, made.id, planned.verdict)
    _judge(session, first_trial, FIRST_VERDICT)
    dish_id = TRIALS.fetch(session, first_trial).dish_id
    _triangle(session, dish_id, now - timedelta(days=1))


def _next(session: Session, copy_of: int, planned: LoafTrial, at: datetime) -> TrialSheet:
    source = TRIALS.fetch(session, copy_of)
    new = NewTrial(copy_of=copy_of, intent=planned.intent)
    trial = trials.copy(session, source.dish_id, new, at)
    change = BuildChange(
        lines={line.id: (line,) for line in _changed(trial, planned.changes)},
    )
    edit = BuildEdit(version=trial.version, build=change.applied(trial.build))
    return build.save(session, trial.id, edit, at)


def _changed(made: TrialSheet, changes: dict[tuple[str, str], float]) -> Iterator[BuildLine]:
    """Lines with so many grams more; 0 leaves the line out."""
    for part in made.build.components:
        for line in part.lines:
            panel = made.labels[line.label_id].label if line.label_id is not None else None
            food = food_of_package().get(panel.name, "") if panel else ""
            if (part.name, food) in changes:
                more = changes[part.name, food]
                grams = 0.0 if more == 0 else line.target_g + more
                yield line.model_copy(update={"target_g": grams, "off": more == 0})


def _weigh(session: Session, trial_id: int, planned: LoafTrial, at: datetime) -> int:
    """Weighed, and eaten by the end of that week."""
    batch = weigh.begin(session, trial_id, at)
    for line in batch.lines:
        grams = planned.poured.get(food_of_package().get(line.name, ""), line.target_g)
        capture = {"kind": RecordKind.LINE, "line": line.id, "net_g": round(grams, 1)}
        fields = {"id": str(uuid.uuid4()), "origin": ReadingOrigin.HAND, **capture}
        weigh.record(session, batch.id, capture_of(**fields), at)
    weigh.close(session, batch.id, at + timedelta(minutes=25))
    eaten = {"id": str(uuid.uuid4()), "move": Move.EATEN, "amount": 8.0, "place": None}
    stock.book(session, batch.id, StockMove.model_validate(eaten), at + timedelta(days=2))
    return batch.id


def _said(
    session: Session, batch_id: int, bites: tuple[Bite, ...], at: datetime, **more: Any
) -> None:
    people = tasters.all_of(session)
    by_name = {taster.name: taster.id for taster in people}
    for minute, (name, bite) in enumerate(zip(TASTERS, bites, strict=True)):
        marks = dict(zip(("taste", "texture", "look", "likeness"), bite.marks, strict=True))
        said = {
            "id": str(uuid.uuid4()),
            "taster_id": by_name[name],
            "marks": marks,
            "words": bite.words,
            "again": bite.again,
            "note": bite.note,
            **bite.more,
            **more,
        }
        sheet = TastingSheet.model_validate(said)
        tastings.record(session, batch_id, sheet, at + timedelta(minutes=minute))


def _photograph(session: Session, batch_id: int, letter: str, at: datetime) -> None:
    """What a phone would have taken, drawn."""
    drawn_by: dict[PhotoStage, Callable[[str, int], bytes]]
    drawn_by = {"top": drawings.top, "cut": drawings.cut}
    for stage, drawn in drawn_by.items():
        taken = as_picture(drawn(letter, SEED))
        photos.add(session, batch_id, stage, str(uuid.uuid4()), taken, at)


def _judge(session: Session, trial_id: int, verdict: TasteVerdict) -> None:
    version = verdicts.read(session, trial_id).version
    verdicts.write(session, trial_id, VerdictEdit(version=version, verdict=verdict))


def _triangle(session: Session, dish_id: int, at: datetime) -> None:
    """The loaf with oil against the one with carrot, ten sittings."""
    draw: Callable[[int], int] = random.Random(SEED).randrange
    name_a, name_b = TRIANGLE
    new = NewBlindTest(kind="triangle", name_a=name_a, name_b=name_b, seats=TRIANGLE_SEATS)
    test = blind_tests.begin(session, dish_id, new, draw, at)
    for seat, odd in blind_tests.odd_codes(session, test.id).items():
        codes = next(coded.codes for coded in test.seats if coded.number == seat)
        other = next(code for code in codes if code != odd)
        chosen = odd if seat in TRIANGLE_FOUND else other
        given = BlindAnswer(id=str(uuid.uuid4()), seat=seat, code=chosen)
        blind_tests.answer(session, test.id, given, at + timedelta(minutes=seat))
    blind_tests.end(session, test.id, at + timedelta(minutes=30))
