"""Arms: one batch divided by weight, as exact as if it had been made undivided."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.errors import FaultyInput
from gasket.core.reckoning.batch import MIXTURE
from gasket.core.reckoning.reckon import reckon
from gasket.core.trade.nutrients.figure_types import NUTRIENTS
from gasket.formats.batch_json import dump_batch, parse_batch, to_batch

LABELS = {
    "oats": {"name": "oats", "style": "eu", "basis_g": 100, "kcal": 371, "protein_g": 12.5}
    | {"carbohydrate_g": 60, "fat_g": 7, "fibre_g": 9},
    "oil": {"name": "oil", "style": "us", "basis_g": 14, "kcal": 120, "fat_g": 14}
    | {"protein_g": 0, "carbohydrate_g": 0, "fibre_g": 0},
}
COUNTED = {"residue": "counted"}
LEFT = {"residue": "left"}


def line(label, grams, **more):
    return {"label": label, "grams": grams, **more}


def arm(name, grams, *lines, pieces=2, **more):
    own = [{"name": name, "lines": list(lines)}] if lines else []
    given = {"name": name, "grams": grams, "components": own, "portions": {"count": pieces}}
    return given | more


def batch(*arms, settings=COUNTED, **more):
    given = {
        "format": "gasket-batch",
        "version": 2 if arms else 1,
        "settings": settings,
        "labels": LABELS,
        "components": [
            {"name": "base", "lines": [line("oats", 300), line("oil", 20)]},
            {"name": "glaze", "lines": [line("oil", 30)], "leftover_g": 10},
        ],
        "portions": {"count": 4},
        "arms": list(arms),
    }
    return to_batch(given | more)


def value(facts, nutrient="kcal"):
    return getattr(facts, nutrient).value


grams = st.floats(1, 900)


@given(st.lists(grams, min_size=1, max_size=4), st.sampled_from([COUNTED, LEFT]))
def test_arms_hold_together_what_was_divided(weights, settings):
    """Of 340 g what the arms weigh; all of it where what sticks to the bowl is counted."""
    arms = [arm(f"{i}", each, division_g=0) for i, each in enumerate(weights)]
    found = reckon(batch(*arms, settings=settings))
    whole = reckon(batch(settings=settings))
    short = sum(weights) < 340 * 0.95
    all_of_it = settings is COUNTED and not short
    shared = 1 if all_of_it else sum(weights) / max(sum(weights), 340)
    for nutrient in ("kcal", "protein_g", "fat_g", "fibre_g"):
        together = sum(value(one.batch, nutrient) for one in found.arms)
        assert together == pytest.approx(value(whole.batch, nutrient) * shared, rel=1e-9)
    assert found.batch == whole.batch
    said = {one.code for one in found.findings} & {"arms_exceed", "arms_short"}
    assert said == ({"arms_exceed"} if sum(weights) > 340 else {"arms_short"} if short else set())


def test_one_arm_of_everything_is_the_batch_with_its_margins():
    (one,) = reckon(batch(arm("all", 340, division_g=0, pieces=4))).arms
    whole = reckon(batch())
    for nutrient in NUTRIENTS:
        mine, theirs = getattr(one.serving, nutrient), getattr(whole.serving, nutrient)
        if theirs is None:
            assert mine is None
        else:
            assert [*mine.likely, *mine.worst, mine.value] == pytest.approx(
                [*theirs.likely, *theirs.worst, theirs.value]
            )


def test_what_only_one_arm_has_in_it_is_its_own():
    plain, rich = reckon(
        batch(
            arm("plain", 170),
            arm("rich", 170, line("oil", 14), finish=[line("oats", 10)], cooked_g=160),
        )
    ).arms
    assert value(rich.batch) - value(plain.batch) == pytest.approx(120)
    assert value(rich.serving) - value(plain.serving) == pytest.approx(120 / 2 + 37.1)
    assert (rich.weight_g, plain.weight_g) == (160, 170)
    assert rich.serving.grams == pytest.approx(160 / 2 + 10)
    assert len(rich.portions) == 2


def test_the_error_of_a_label_is_one_in_the_mixture_and_in_the_arm():
    """30 g of oil of which 15 came with the mixture are as sure as 30 g weighed at once."""
    settled = {"division_g": 0}
    one = {"name": "base", "lines": [line("oil", 30, **settled)]}
    (split,) = reckon(
        batch(arm("a", 30, line("oil", 15, **settled), **settled, pieces=1), components=[one])
    ).arms
    whole = reckon(
        batch(
            components=[{"name": "base", "lines": [line("oil", 45, **settled)]}],
            portions={"count": 1},
        )
    )
    assert split.serving.kcal.likely == pytest.approx(whole.serving.kcal.likely)
    assert split.serving.kcal.worst == pytest.approx(whole.serving.kcal.worst)


def test_names_may_meet():
    parts = [
        {"name": "base", "lines": [line("oats", 100), {"component": MIXTURE, "grams": 50}]},
        {"name": MIXTURE, "lines": [line("oil", 50)]},
    ]
    found = reckon(batch(arm("base", 75, line("oil", 14)), arm("b", 75), components=parts))
    assert value(found.arms[0].batch) - value(found.arms[1].batch) == pytest.approx(120)
    assert value(found.batch) * 0.5 == pytest.approx(value(found.arms[1].batch))


def test_an_arm_of_what_was_cooked_is_cooked():
    (one,) = reckon(
        batch(arm("a", 150), cooked_g=300, original={"serving_g": 90}, settings=LEFT)
    ).arms
    assert value(one.batch) == pytest.approx(value(reckon(batch()).batch) / 2)
    assert "weight_is_raw" not in {finding.code for finding in one.findings}


@pytest.mark.parametrize(
    ("arms", "more", "path", "says"),
    [
        ([arm("a", 10)], {"version": 1}, "arms", "Arms need version 2"),
        ([arm("a", 0)], {"components": []}, "arms", "must weigh something"),
        ([arm("a", 9, line("milk", 5))], {}, "arms[0].components[0].lines[0].label", "no label"),
        ([arm("a", 9), arm("b", 9, finish=[line("milk", 5)])], {}, "arms[1].finish[0].label", "no"),
        ([arm(MIXTURE, 9, line("oil", 5))], {}, "arms[0].components", "is what the arms share"),
        ([arm("a", -1)], {}, "arms[0].grams", "less than 0"),
        ([arm(str(i), 1) for i in range(21)], {}, "arms", "too many"),
        ([arm("a", 9, pieces=0)], {}, "arms[0].portions.count", "less than 1"),
    ],
)
def test_faults_are_named_by_their_place(arms, more, path, says):
    with pytest.raises(FaultyInput) as found:
        reckon(batch(*arms, **more))
    (fault,) = found.value.faults
    assert fault.path == path
    assert says in fault.message


def test_only_a_batch_with_arms_is_written_with_them():
    divided = batch(arm("a", 90, line("oil", 5, estimate=[4, 7])), arm("b", 80))
    assert '"version": 2' in dump_batch(divided)
    assert parse_batch(dump_batch(divided)) == divided
    assert "arms" not in dump_batch(batch())
    assert parse_batch(dump_batch(batch())) == batch()
