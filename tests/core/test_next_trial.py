"""Proposals for the next trial: one change each, bounds and goals kept or named, never twice."""

import re

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import alarms
from gasket.core.cooking.steps import Step
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.solver.limits import Spot, limits_of
from gasket.core.tasting.bench import Bench
from gasket.core.tasting.next_trial import MOST_PROPOSALS, proposals
from gasket.core.tasting.pointers import HEAT_POINTERS, POINTERS
from gasket.core.tasting.words import TASTE_WORDS
from tests.core.builds import line, piece_of, workpiece

LOAF = {
    **{"flour": 170, "blend": 90, "quark": 250, "egg": 150, "oil": 30, "sugar": 60},
    **{"sweetener": 60, "baking powder": 12, "salt": 3, "milk": 80, "cinnamon": 4},
}
BAKE = Step(id="bake", kind="bake", says="Bake the loaf", least_min=45, most_min=51)


def bench(piece=None, **more):
    piece = piece or workpiece({"Loaf": LOAF}, portions=8, family="cake")
    checked = CheckedBuild(piece)
    return Bench(checked, **{"steps": [BAKE], "said": {}, **more})


def by_title(found):
    return {proposal.title: proposal for proposal in found}


def test_every_word_for_what_is_wrong_points_somewhere():
    pointed = {word for pointer in (*POINTERS, *HEAT_POINTERS) for word in pointer.words}
    wrong = {key for key, word in TASTE_WORDS.items() if not word.good}
    assert pointed == wrong
    assert all(word.helps for word in TASTE_WORDS.values() if not word.good)


@pytest.mark.parametrize(
    ("word", "title"),
    [
        ("dry", "Bake the loaf: 48 → 43 min"),
        ("dry", "Oil: 30 → 39 g"),
        ("bland", r"Salt: 3 → 3\.7 g"),
        ("flat", "Baking powder: 12 → 15 g"),
        ("too_sweet", "Sugar: 60 → 51 g"),
        ("not_set", "Bake the loaf: 48 → 54 min"),
        ("rubbery", "Blend: 90 → 72 g"),
        ("cooling", "Sweetener: 60 → 45 g"),
    ],
)
def test_what_was_said_becomes_one_change_in_grams_or_minutes(word, title):
    found = [made for made in proposals(bench(said={word: 2})) if made.comes_from == "said"]
    assert any(re.search(title, made.title) for made in found), [made.title for made in found]
    assert all(f"2 tasters said {word.replace('_', ' ')}" in made.why for made in found)


def test_what_more_tasters_said_comes_first_and_the_rest_has_room():
    found = proposals(bench(said={"salty": 3, "flat": 1, "bland": 1, "dry": 1}))
    assert len(found) == MOST_PROPOSALS
    assert found[0].title == "Salt: 3 → 2.3 g"
    assert found[-1].comes_from == "frontier"
    assert "less" in found[-1].intent.lower()


def test_what_has_to_get_hot_is_not_cooked_any_shorter():
    said = {"dry": 3, "burnt": 2}
    minutes = [made for made in proposals(bench(said=said)) if made.minutes]
    assert minutes[0].minutes.least_min == 40
    assert "middle is cooked" in minutes[0].caution
    assert not [made for made in proposals(bench(said=said, hot_rule=True)) if made.minutes]
    meat = workpiece({"Loaf": {**LOAF, "mince": 200}}, portions=8, family="cake")
    assert not [made for made in proposals(bench(meat, said=said)) if made.minutes]


def test_nothing_rejected_tried_locked_or_slipped_comes_again():
    said = {"salty": 3}
    first = proposals(bench(said=said))[0]
    assert first.line_id == "Loaf/salt"
    for more in (
        {"rejected": frozenset({first.key})},
        {"tried": frozenset({("Loaf/salt", False)})},
        {"slipped": frozenset({"Loaf/salt"})},
    ):
        assert "Loaf/salt" not in [made.line_id for made in proposals(bench(said=said, **more))]
    build = bench().piece.build
    locked = [line("salt", 3, id="Loaf/salt", locked=True), line("flour", 170, id="f")]
    part = build.components[0].model_copy(update={"lines": tuple(locked)})
    piece = piece_of(build.model_copy(update={"components": (part,)}))
    assert "Loaf/salt" not in [made.line_id for made in proposals(bench(piece, said=said))]


def test_the_words_are_about_the_bowl_that_holds_the_flour():
    piece = workpiece({"Loaf": LOAF, "Frosting": {"cream cheese": 400}}, portions=8, family="cake")
    found = proposals(bench(piece, said={"greasy": 3}))
    assert found[0].title == "Oil: 30 → 22.5 g" or found[0].title.startswith("Oil")


def test_a_goal_that_would_break_is_kept_or_named():
    """Dry: more fat; with room for 2 kcal only, the change is smaller or says what gives way."""
    free = workpiece({"Loaf": LOAF}, portions=8, family="cake")
    kcal = free.serving("kcal")
    roomy, tight = (
        workpiece({"Loaf": LOAF}, portions=8, family="cake", goal={"kcal": {"most": kcal + room}})
        for room in (100.0, 2.0)
    )
    fat = [
        next(made for made in proposals(bench(piece, said={"dry": 1, "crumbly": 1}))
             if made.line_id == "Loaf/oil")
        for piece in (roomy, tight)
    ]  # fmt: skip
    assert fat[0].gives_way == ()
    assert fat[1].gives_way == ("energy",)


WORDS = st.dictionaries(st.sampled_from(sorted(TASTE_WORDS)), st.integers(1, 4), max_size=4)
GRAMS = st.fixed_dictionaries({name: st.floats(1, 300) for name in LOAF})


@settings(deadline=None, max_examples=20)
@given(WORDS, GRAMS, st.floats(0.8, 1.2), st.sampled_from(sorted(LOAF)))
def test_no_proposal_breaks_a_hard_limit_and_what_gives_way_is_said(said, grams, room, bounded):
    free = workpiece({"Loaf": grams}, portions=8, family="cake")
    goal = {"kcal": {"most": room * free.serving("kcal")}}
    piece = workpiece({"Loaf": grams}, portions=8, family="cake", goal=goal)
    held = piece.build.find(f"Loaf/{bounded}")
    limited = held.model_copy(
        update={"least_g": 0.9 * held.target_g, "most_g": 1.05 * held.target_g}
    )
    part = piece.build.components[0]
    lines = tuple(limited if one.id == held.id else one for one in part.lines)
    build = piece.build.model_copy(
        update={"components": (part.model_copy(update={"lines": lines}),)}
    )
    at = bench(piece_of(build), said=dict(sorted(said.items(), key=lambda pair: -pair[1])))
    found = proposals(at)
    assert found == proposals(at), "the same every time"
    assert len(found) <= MOST_PROPOSALS
    for made in found:
        if made.minutes is not None:
            continue
        assert set(made.change.lines) == {made.line_id}, "one line only"
        after = made.change.applied(build).find(made.line_id)
        assert after.target_g == made.after
        assert after.target_g >= 0
        if made.line_id == limited.id:
            assert limited.least_g <= after.target_g <= limited.most_g
        if not made.gives_way:
            assert_kept(at, made)


def assert_kept(at, made):
    """Every limit that held holds, and no check speaks that was silent."""
    piece = at.piece
    moved = Workpiece(made.change.applied(piece.build), piece.ingredients, piece.per_serving)
    after = CheckedBuild(moved)

    def where(limit, of):
        return sum(
            limit.weigh(Spot(one.ingredient, one.part, one.per_serving)) * one.amount
            for one in of.lines()
        )

    for limit in limits_of(at.checked):
        was, now = where(limit, piece), where(limit, moved)
        if limit.low <= was <= limit.high:
            assert limit.low - 1e-4 <= now <= limit.high + 1e-4, limit.name
    assert alarms(after) <= alarms(at.checked)
