"""Pours judged, closed and played."""

import itertools
import random
from datetime import timedelta
from typing import Any, Final

from gasket.core.label.label import Label
from gasket.core.reckoning.reckon import reckon
from gasket.core.reckoning.weighed_batch import WeighedBatch
from gasket.core.reckoning.written_line import WrittenLine, to_weigh
from gasket.core.weighing.closing import LineWeight, far_lines, fill_of, mixture_gap, plain_cause
from gasket.core.weighing.order import BowlLine, suggested
from gasket.core.weighing.overshoot import choices
from gasket.core.weighing.pour import judge, tolerance_g, wants_finer_scale
from gasket.core.weighing.records import Reading, ReadingOrigin, Record, RecordKind
from gasket.core.weighing.task import task_of
from gasket.core.weighing.weigh_in import ToWeigh, replay
from tests.core.builds import ALL, ingredient
from tests.core.player import Known as KnownBowls
from tests.core.player import play
from tests.core.scenarios.model import START, Answers, answered, plain, scenario


@scenario
def poured() -> Answers:
    for target, division in itertools.product((0.5, 4.0, 40.0, 300.0), (0.1, 1.0)):
        slack = tolerance_g(target, division)
        yield f"slack {target} {division}", (plain(slack), wants_finer_scale(target, division))
        yield (
            f"nudged {target} {division}",
            plain([tolerance_g(target, division, nudge) for nudge in (-2, -1, 1, 3)]),
        )
        for share in (0.0, 0.5, 0.97, 1.0, 1.03, 1.5):
            judged = judge(share * target, target, division, slack)
            yield f"{target} {division} {share}", plain(judged)
            yield f"choices {target} {share}", plain(choices(round(share * target, 2), target))
    lines = [
        LineWeight(f"food {i}", target, net)
        for i, (target, net) in enumerate([(100, 100), (100, 88), (5, 9), (300, None), (40, 80)])
    ]
    yield "far", plain(far_lines(lines))
    for mixture in (250.0, 272.0, 277.0, 277.5, 281.0, 320.0, 577.0):
        yield f"gap {mixture}", plain(mixture_gap(mixture, lines, 277.0, 4.0, [("bowl", 43.0)]))
        yield f"plain {mixture}", plain(plain_cause(mixture - 277.0, 277.0))
        yield f"fill {mixture}", plain(fill_of(mixture, "bowl", 400.0))
    rng = random.Random(8)
    foods = rng.sample(sorted(ALL), 14)
    placed = [
        BowlLine(i, rng.choice(["Loaf", "Frosting"]), ingredient(food).kind)
        for i, food in enumerate(foods)
    ]
    yield "order", [foods[i] for i in suggested(placed)]


@scenario
def hands_free() -> Answers:
    lines = [ToWeigh(1, 120, "bowl"), ToWeigh(2, 4, "bowl"), ToWeigh(3, 60, "other")]
    for seed in range(6):
        rng = random.Random(seed)
        at, gross, stream = 0.0, 0.0, []
        for aim in (412.0, 532.0, 536.0, 0.0, 300.0, 360.0, 361.0):
            offset = rng.choice([0.0, 0.0, 1.0, -2.0, 15.0])
            for share in (0.3, 0.7, 1.0):
                at += 0.1
                stream.append(
                    (at, Reading(grams=gross + share * (aim - gross), stable=False, division_g=1))
                )
            gross = aim
            for _ in range(rng.randint(4, 40)):
                at += 0.1
                stream.append((at, Reading(grams=aim + offset, stable=True, division_g=1)))
        for known in (KnownBowls(), KnownBowls(empty_g=(("bowl", 412.0),), by_hand=frozenset({2}))):
            records = play(lines, stream, START, known)
            yield (
                f"{seed} {known.by_hand}",
                [
                    (
                        record.kind.value,
                        record.line,
                        plain(record.gross_g),
                        plain(record.net_g),
                        record.origin.value,
                    )
                    for record in records
                ],
            )


PANELS: Final = {
    i: Label(name=f"food {i}" if i else "", style="table", basis_g=100, kcal=90 * i, fat_g=5 * i)
    for i in range(4)
}
WRITTEN: Final = (
    WrittenLine(id=1, component="Base", target_g=200.0, revision_id=1),
    WrittenLine(id=2, component="Base", target_g=100.0, revision_id=2, way="out_of"),
    WrittenLine(id=3, component="Top", target_g=50.0, revision_id=2, until="thick"),
    WrittenLine(id=4, component="Top", target_g=0.0, revision_id=3, count=2.0),
    WrittenLine(id=5, component="Whole", target_g=80.0, of_component="Top"),
)


def some_record(rng: random.Random, i: int, before: list[Record]) -> Record:
    """A record of any kind, as the kitchen may have stored it."""
    # What is put off or corrected after closing has its own tests.
    kind = rng.choice(
        [kind for kind in RecordKind if kind not in (RecordKind.AMEND, RecordKind.LATER)]
    )
    line, grams = rng.choice([1, 2, 3, 4, 5]), float(rng.randint(1, 220))
    more: dict[str, Any] = {"line": line, "net_g": grams, "bowl": rng.choice(["Base", "Top"])}
    match kind:
        case RecordKind.TARE:
            more = {"gross_g": 400.0 + grams, "bowl": rng.choice(["Base", "cups"])}
        case RecordKind.LINE | RecordKind.ADD if rng.random() < 0.3:
            more |= {"low_g": 0.8 * grams, "high_g": 1.3 * grams, "origin": ReadingOrigin.ESTIMATE}
        case RecordKind.SPILL:
            more |= {"low_g": 0.5 * grams, "high_g": 1.5 * grams, "net_g": grams / 10}
        case RecordKind.CARRY:
            more = {
                "line": line,
                "factor": rng.choice([0.5, 1.2]),
                "scope": rng.choice(["open", "all"]),
            }
        case RecordKind.PORTION | RecordKind.TOP_UP | RecordKind.ODD:
            more = {"piece": rng.randint(1, 4), "net_g": grams / 2}
        case RecordKind.MIXTURE | RecordKind.COOKED:
            more = {"net_g": 300.0 + grams}
        case RecordKind.LEFTOVER | RecordKind.FAT:
            more = {"net_g": grams / 20, "bowl": "Base"}
        case RecordKind.FOOD:
            more = {"line": line, "label_id": 3, "revision_id": 3}
        case RecordKind.UNDO:
            more = {"undoes": rng.choice(before).id if before else "nothing"}
    at = START + timedelta(minutes=i)
    return Record(
        **{"id": f"record-{i}", "kind": kind, "origin": ReadingOrigin.HAND, "at": at, **more}
    )


@scenario
def weigh_ins() -> Answers:
    for seed in range(40):
        rng = random.Random(seed)
        records: list[Record] = []
        for i in range(rng.randint(3, 18)):
            records.append(some_record(rng, i, records))
        plan = to_weigh(WRITTEN)
        state = replay(records, plan)
        made = WeighedBatch(
            written=WRITTEN, records=tuple(records), panels=PANELS, portions=rng.randint(1, 5)
        )
        yield (
            f"{seed} lines",
            plain(
                [
                    (
                        one.status.value,
                        one.net_g,
                        one.poured_g,
                        one.factor,
                        one.cue,
                        made.share_of(line),
                    )
                    for one, line in ((state.lines[line.id], line) for line in WRITTEN)
                ]
            ),
        )
        yield f"{seed} state", plain((state.current, sorted(state.open_lines)))
        yield f"{seed} filled", answered(lambda of=made: (of.filled, of.pieces))
        tasks = [task_of(state, line, nudge=1, hands_free=True) for line in plan]
        yield f"{seed} tasks", plain([(task.left_g, task.auto, task.bowl) for task in tasks])
        yield (
            f"{seed} batch",
            answered(
                lambda of=made: of.batch.model_dump(mode="json", include={"components", "portions"})
            ),
        )
        yield f"{seed} serving", answered(lambda of=made: reckon(of.batch).serving.kcal)
