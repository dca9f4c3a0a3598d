"""Marks compared, changes credited, trials ranked, what to try next."""

import random
from datetime import timedelta
from typing import Final, get_args

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.cooking.step_text import read_step
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.swaps.options import options
from gasket.core.tasting.bench import Bench
from gasket.core.tasting.blind import BlindKind, prospect, result, serving_plan
from gasket.core.tasting.credit import LineChange, credit, richness
from gasket.core.tasting.frontier import CRITERIA, RankWeights, ranking, unbeaten_each
from gasket.core.tasting.fullness import FullnessRecord, due
from gasket.core.tasting.guesses import Guess, GuessOf, habit
from gasket.core.tasting.lineage import step_changes
from gasket.core.tasting.marks import QUALITIES, Weights, overall
from gasket.core.tasting.next_trial import proposals
from gasket.core.tasting.scores import TasteMarks, TasterMark
from gasket.core.tasting.words import TASTE_WORDS
from tests.core.builds import FIGURES, full_shelf, ingredient, workpiece
from tests.core.scenarios.model import START, Answers, plain, scenario

_TRIALS: Final = range(1, 6)


@scenario
def tasted() -> Answers:
    """Panels with gaps; what each trial did; what its lines buy."""
    for seed in range(24):
        rng = random.Random(seed)
        panels = {
            quality: TasteMarks(
                [
                    TasterMark(trial, taster, rng.randint(8, 20) / 2)
                    for trial in _TRIALS
                    for taster in range(1, 5)
                    if rng.random() < (0.4 if seed % 2 else 0.9)
                ]
            )
            for quality in QUALITIES
        }
        panel = panels["taste"]
        states = {key: frozenset(rng.sample(["fresh", "next_day"], 1)) for key in _TRIALS}
        if seed % 6 == 0:
            yield f"{seed} scores", plain([panel.score(trial) for trial in _TRIALS])
        slips = ["Salt slipped."] if seed % 5 == 0 else []
        said = [
            credit(trial, before, panel, panels, 1 + seed % 3, states, slips)
            for trial, before in ((2, 1), (3, 1), (5, 4))
        ]
        yield f"{seed} credit", [plain((one.told, one.says, one.notes)) for one in said]
        changed = [
            LineChange(
                line_id="a",
                name="Oil",
                kcal=rng.choice([-30.0, 0.0, 45.0]),
                difference=panel.difference(trial, 1),
            )
            for trial in (2, 3)
        ]
        lines = {key: (key.title(), 10.0 * n) for n, key in enumerate("abcdefghij")}
        if seed % 6 == 0:
            yield f"{seed} rich", plain(richness(lines, {"a": changed, "j": []}))


@scenario
def ranked() -> Answers:
    for seed in range(24):
        rng = random.Random(seed)
        held = {
            key: {name: rng.choice([None, *(float(10 * n) for n in range(5))]) for name in CRITERIA}
            for key in range(rng.randint(1, 7))
        }
        weights = RankWeights(kcal=seed % 4, days=seed % 3, cost=0 if seed % 2 else 1)
        yield f"{seed} rank", plain(ranking(held, weights))
        yield f"{seed} unbeaten", plain(unbeaten_each(held))
        marks = {quality: float(rng.randint(0, 10)) for quality in QUALITIES if rng.random() < 0.7}
        yield f"{seed} overall", overall(marks, Weights(look=seed % 3, likeness=seed % 2))
    for of in get_args(GuessOf):
        for offs in ((1.1, 1.2, 0.9), (1.02, 0.99, 1.01, 3), (0.5, 0.6, 0.7, 0.8), (1, 2)):
            guesses = [Guess(of=of, guess=200 * off, truth=200) for off in offs]
            nothing = Guess(of=of, guess=5, truth=0)
            yield f"{of} {offs}", plain(habit(of, [*guesses, nothing]))
    asked = (
        *((1, "later", 70), (1, "mark", 75), (3, "later", 200), (3, "mark", 230)),
        *((1, "never", 61), (1, "later", 100)),
    )
    records = [
        FullnessRecord(
            id=f"record-{n}",
            after_h=after,
            answer=answer,
            mark="7" if answer == "mark" else None,
            at=START + timedelta(minutes=at),
        )
        for n, (after, answer, at) in enumerate(asked)
    ]
    for minutes in (30, 60, 90, 100, 129, 130, 179, 180, 230, 719, 720):
        now = START + timedelta(minutes=minutes)
        some = [[record] for record in records if record.at <= now]
        yield f"due at {minutes}", plain([due(START, given, now) for given in ([], *some)])


@scenario
def tested_blind() -> Answers:
    for kind in get_args(BlindKind):
        yield f"{kind} prospects", [plain(prospect(kind, seats)) for seats in (1, 2, 3, 5, 8, 24)]
        rng = random.Random(kind)
        plan = serving_plan(kind, 12, rng.randrange)
        yield f"{kind} plan", plain(plan)
        for answered in (0, 1, 6, 12):
            for right in (0.0, 0.5, 1.0):
                chosen = {
                    seat.number: seat.odd
                    if kind == "triangle" and rng.random() < right
                    else seat.cups[0].code
                    for seat in plan[:answered]
                }
                yield f"{kind} {answered} {right}", plain(result(kind, plan, chosen, ("A", "B")))


_BOWLS: Final[tuple[tuple[str, dict[str, float]], ...]] = (
    (
        "cake",
        {
            **{"flour": 170, "blend": 90, "quark": 250, "egg": 150, "oil": 30, "sugar": 60},
            **{"sweetener": 60, "baking powder": 12, "salt": 3, "milk": 80, "cinnamon": 4},
        },
    ),
    ("brownie", {"cocoa": 40, "whey": 60, "egg": 100, "butter": 40, "sugar": 70, "flour": 40}),
    ("patty", {"mince": 400, "panko breadcrumbs": 40, "egg": 50, "salt": 6, "yellow mustard": 15}),
    ("dip", {"tomato sauce": 300, "water": 60, "salt": 4, "starch": 8, "sugar": 10}),
)


@scenario
def tried_next() -> Answers:
    """What is proposed for every word that is said of something wrong, and for none."""
    shelf = full_shelf()
    news = {food.label_id: food for food in map(ingredient, FIGURES)}
    wrong = [key for key, word in TASTE_WORDS.items() if not word.good]
    for n, (family, bowl) in enumerate(_BOWLS):
        piece = workpiece(
            bowl, 4 + n, family=family, goal={"kcal": {"most": 320}, "protein_g": {"least": 12}}
        )
        swaps = [
            (placed, option)
            for placed in piece.lines()
            for option in options(piece, placed, shelf, CATALOGUE, None)
        ]
        steps = [
            read_step("bake the loaf 175 C 40 to 46 min", "bake"),
            read_step("chill it 60 min", "chill"),
        ]
        checked = CheckedBuild(piece)
        first = next(iter(piece.lines())).line.id
        for said in ([], *([word] for word in wrong)):
            told = proposals(
                Bench(
                    checked,
                    steps=steps,
                    said=dict.fromkeys(said, 1 + n),
                    swaps=swaps,
                    news=news,
                    tried=frozenset({(first, True)}) if n % 2 else frozenset(),
                    known_labels=frozenset(list(news)[::3]) if n % 2 else frozenset(),
                    helped=frozenset({first}) if n == 1 else frozenset(),
                    slipped=frozenset({first}) if n == 2 else frozenset(),
                    hot_rule=n == 2,
                )
            )
            yield f"{family} {said}", [(one.title, one.why) for one in told]


@scenario
def stepped() -> Answers:
    rng = random.Random(5)
    texts = ("bake 175 C 40 min", "bake 180 C 40 to 45 min", "bake 40 min", "chill 2 h", "mix it")
    for n in range(30):
        before = [read_step(rng.choice(texts), f"s{i}") for i in range(3)]
        after = [read_step(rng.choice(texts), f"s{i}") for i in range(rng.choice([2, 3, 4]))]
        yield f"{n}", plain(step_changes(before, after))
