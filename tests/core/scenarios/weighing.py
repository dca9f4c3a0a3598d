"""Pours judged, closed and played."""

import itertools
import random

from gasket.core.weighing.closing import Weight, far_lines, fill_of, mixture_gap, plain_cause
from gasket.core.weighing.order import Placed, suggested
from gasket.core.weighing.overshoot import choices
from gasket.core.weighing.player import Known as KnownBowls
from gasket.core.weighing.player import play
from gasket.core.weighing.pour import judge, tolerance_g, wants_finer_scale
from gasket.core.weighing.records import Reading
from gasket.core.weighing.weigh_in import ToWeigh
from tests.core.builds import ALL, ingredient
from tests.core.scenarios.model import START, Answers, plain, scenario


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
        Weight(f"food {i}", target, net)
        for i, (target, net) in enumerate([(100, 100), (100, 88), (5, 9), (300, None), (40, 80)])
    ]
    yield "far", plain(far_lines(lines))
    for mixture in (250.0, 272.0, 277.0, 281.0, 320.0, 577.0):
        yield f"gap {mixture}", plain(mixture_gap(mixture, lines, 277.0, 4.0, [("bowl", 43.0)]))
        yield f"plain {mixture}", plain(plain_cause(mixture - 277.0, 277.0))
        yield f"fill {mixture}", plain(fill_of(mixture, "bowl", 400.0))
    rng = random.Random(8)
    foods = rng.sample(sorted(ALL), 14)
    placed = [
        Placed(i, rng.choice(["Loaf", "Frosting"]), ingredient(food).kind)
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
                        one.kind.value,
                        one.line,
                        plain(one.gross_g),
                        plain(one.net_g),
                        one.origin.value,
                    )
                    for one in records
                ],
            )
