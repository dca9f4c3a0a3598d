"""Figures that are kept: never those of another state, and flat however large the house."""

import random
import sqlite3
from contextlib import closing

import pytest
from fastapi.testclient import TestClient
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st
from sqlalchemy import event

from gasket.core.errors import GasketError
from gasket.core.reckoning.dividing import Dividing
from gasket.core.weighing.captures import capture_of
from gasket.demo.kitchen import seed
from gasket.kitchen.card import card
from gasket.kitchen.cook import batch_figures
from gasket.kitchen.cook.batch_figures import BATCH_FIGURES, batches_on_hand
from gasket.kitchen.house import House
from gasket.kitchen.overview import dish_cards, dishes
from gasket.kitchen.overview.dish_cards import DISH_CARDS
from gasket.kitchen.rebuild import trial_figures
from gasket.kitchen.rebuild.trial_figures import TRIAL_FIGURES
from gasket.kitchen.weigh import weigh
from gasket.store.books import figures
from gasket.store.books.trials import TRIALS
from gasket.store.opening import open_database
from tests.conftest import SEARCHING, START, Clock, become
from tests.kitchen.random_edits import EDITS, ids
from tests.pages import PAGES
from tests.server import app_of


def made_trials(session, dish):
    return [trial.id for trial in TRIALS.of_dish(session, dish)]


def assert_fresh(house):
    """What is shown, kept or not, is what is calculated anew."""
    with house.reading() as session:
        dishes_there, batches_there = ids(session, "dish"), ids(session, "batch")
        cards = DISH_CARDS.of(session, dishes_there)
        made = BATCH_FIGURES.of(session, batches_there)
        on_hand = set(batches_on_hand(session))
        trials_there = [key for dish in dishes_there for key in made_trials(session, dish)]
        planned = TRIAL_FIGURES.of(session, trials_there)
    with house.database.reading() as session:
        for key, shown in cards.items():
            assert shown == dish_cards.calculate(session, key)
        for key, figures_of_trial in planned.items():
            assert figures_of_trial == trial_figures.calculate(session, key)
        anew = {key: batch_figures.calculate(session, key) for key in made}
    assert made == anew
    assert on_hand == {key for key, one in anew.items() if one.lots}
    assert (set(cards), set(made)) == (set(dishes_there), set(batches_there))


@settings(max_examples=200 if SEARCHING else 5, suppress_health_check=list(HealthCheck))
@given(st.integers(0, 2**32), st.lists(st.sampled_from(EDITS), min_size=4, max_size=10))
def test_a_kept_figure_is_never_that_of_another_state(demo_house, first_day, seed_of, edits):
    become(demo_house, first_day["demo"])
    dice = random.Random(seed_of)
    assert_fresh(demo_house)
    done = 0
    for edit in edits:
        try:
            demo_house.write(lambda session, edit=edit: edit(session, dice, demo_house.now()))
            done += 1
        except (GasketError, IndexError):
            pass  # not possible here: then nothing is changed
        assert_fresh(demo_house)


MOST_SHOWN = 2
SHOWN = {
    "dishes": ("/api/dishes/{}", "/api/dishes/{}/history", "/api/dishes/{}/blind-tests"),
    "trials": ("/api/trials/{}", "/api/trials/{}/steps"),
    "batches": ("/api/batches/{}", "/api/batches/{}/cook", "/api/batches/{}/portioning"),
    "cards": ("/api/batches/{}/card", "/api/batches/{}/tastings"),
}
OF_THE_HOUSE = {"stock": "/api/stock", "timers": "/api/timers", "shelf": "/api/foods"}


def all_pages(client, house):
    """What each page shows now, by what it is of."""
    tables = {"dishes": "dish", "trials": "trial", "batches": "batch", "cards": "batch"}
    with house.database.reading() as session:
        there = {owner: ids(session, table)[:MOST_SHOWN] for owner, table in tables.items()}
    of_one = {
        (owner, key, path): client.get(path.format(key)).json()
        for owner, paths in SHOWN.items()
        for key in there[owner]
        for path in paths
    }
    of_all = {(thing, None, path): client.get(path).json() for thing, path in OF_THE_HOUSE.items()}
    return of_one | of_all


def is_named(stale, owner, key):
    """As the pages read it: trials go with any dish, and with what they could be made from."""
    if owner == "cards":
        return stale.everything or stale.dishes
    if owner == "trials":
        return stale.everything or stale.dishes or "shelf" in stale.things
    return stale.everything or owner in stale.things or key in getattr(stale, owner, ())


def test_what_a_page_shows_otherwise_is_named_by_the_change(client, demo_house):
    dice, now = random.Random(11), demo_house.now()
    demo_house.now = lambda: now
    before, quiet = all_pages(client, demo_house), []
    for edit in EDITS:
        stale = changed_by(demo_house, edit, dice)
        after = all_pages(client, demo_house)
        for page in before.keys() & after.keys():
            named = is_named(stale, *page[:2])
            assert named or before[page] == after[page], (edit.__name__, page)
        quiet += [edit.__name__] if before == after else []
        before = after
    assert len(quiet) <= 2, "otherwise nothing was tried"


def changed_by(house, edit, dice):
    for _ in range(30):
        try:
            return house.change(lambda session: edit(session, dice, house.now()))[1]
        except (GasketError, IndexError):
            continue
    raise AssertionError(f"{edit.__name__} never went through")


def test_a_closed_batch_is_calculated_anew_by_new_rules_and_its_card_says_so(
    demo_house, monkeypatch
):
    def shown():
        return demo_house.read(lambda session: card.card(session, 1))

    before = shown()
    assert before.by_older_rules is None
    with closing(sqlite3.connect(demo_house.database.path)) as connection:
        connection.execute(
            "UPDATE kept_batch SET rules = 'older', figures = json_set(figures,"
            " '$.serving.kcal.value', 300) WHERE batch_id = 1"
        )
        connection.commit()
    after = shown()
    assert after.by_older_rules.kcal == 300
    assert after.result == before.result, "the figures are today's"
    assert shown().by_older_rules.kcal == 300, "it is still said the next time"
    monkeypatch.setattr(figures, "rules_version", lambda: "rules that come to the same")
    assert shown().by_older_rules.kcal == 300
    demo_house.write(lambda session: weigh.divide(session, 2, Dividing(pieces=3)))
    record = {"kind": "cooked", "net_g": 900, "origin": "hand"}
    capture = capture_of(id="weighed-once-more", **record)
    demo_house.write(lambda session: weigh.record(session, 1, capture, demo_house.now()))
    assert shown().by_older_rules is None, "it is another state now"


def test_a_kitchen_that_cannot_keep_figures_still_shows_them(demo_house):
    other = House(open_database(demo_house.database.path), now=demo_house.now)
    with other.database.writing():
        shown = demo_house.read(lambda session: dishes.kitchen(session, START))
    assert len(shown.dishes) == 5
    other.close()


# Broken dishes

BREAK = {
    "a goal that is none": "UPDATE trial SET terms = '{\"goal\": 7}' WHERE id = 1",
    "no JSON at all": "UPDATE trial SET terms = '{oops' WHERE id = 1",
    "steps of another kind": "UPDATE trial SET steps = '[{\"id\": 1}]' WHERE id = 1",
    "a circle": "INSERT INTO line (trial_id, component_id, position, key, of_component, target_g,"
    " how, terms) SELECT trial_id, id, 99, 'circle-' || id, name, 5, '', '{}' FROM component"
    " WHERE trial_id = 1",
    "a line of nothing": "UPDATE line SET label_id = NULL WHERE trial_id = 1 AND position = 0",
    "less than nothing": "UPDATE line SET target_g = -5 WHERE trial_id = 1 AND position = 0",
    "no pieces": "UPDATE trial SET portions = 0 WHERE id = 1",
    "an original that is none": "UPDATE dish SET kcal = -1 WHERE id = 1",
    "divided by a word": 'UPDATE batch SET dividing = \'{"way": "fairly"}\' WHERE id = 1',
    "a finish of nothing": "UPDATE batch SET finishes = '[{}]' WHERE id = 1",
}
BEYOND_REPAIR = {"no JSON at all"}


@pytest.mark.parametrize("fault", BREAK)
def test_one_broken_dish_is_shown_as_broken_and_mended_or_set_aside(client, demo_house, fault):
    client.get("/api/kitchen")
    with closing(sqlite3.connect(demo_house.database.path)) as connection:
        connection.execute(BREAK[fault])
        connection.execute("UPDATE kept_dish SET number = 0")  # it is another state, then
        connection.execute("UPDATE kept_batch SET number = 0")
        connection.commit()
    kitchen = client.get("/api/kitchen")
    assert kitchen.status_code == 200
    shown = {dish["id"]: dish["broken"] for dish in kitchen.json()["dishes"]}
    assert [key for key, says in shown.items() if key != 1 and says] == []
    assert client.get("/api/stock").status_code == 200
    assert client.get("/api/timers").status_code == 200
    mended = client.post("/api/dishes/1/repair").json()
    assert mended["says"]
    assert mended["whole"] == (fault not in BEYOND_REPAIR)
    again = next(dish for dish in client.get("/api/kitchen").json()["dishes"] if dish["id"] == 1)
    assert (again["broken"] == "") == mended["whole"]
    if mended["whole"]:
        assert client.get("/api/dishes/1").status_code == 200
        assert client.get("/api/trials/1").status_code == 200
        assert client.get("/api/batches/1/card").status_code == 200
        assert client.post("/api/dishes/1/repair").json()["says"] == ["Nothing was wrong with it."]
    assert client.put("/api/dishes/1/whereabouts", json={"where": "archive"}).status_code == 200
    there = client.get("/api/kitchen").json()
    assert (there["total"], there["archived"]) == (4, 1)
    aside = client.get("/api/kitchen", params={"archived": True}).json()["dishes"]
    assert [dish["id"] for dish in aside] == [1]


def test_dishes_that_are_set_aside_are_found_by_no_name(client):
    assert [one["trial"] for one in client.get("/api/dishes?search=carrot loaf").json()] == ["A"]
    client.put("/api/dishes/1/whereabouts", json={"where": "archive"})
    assert client.get("/api/dishes?search=carrot").json() == []
    client.put("/api/dishes/1/whereabouts", json={"where": "here"})
    assert client.get("/api/dishes?search=%25").json() == []


# Flat: CI compares 100 dishes with 200

MOST_BYTES = 60_000
MOST_GROWTH = 1.3


def statements_on(engine):
    """Every statement, as it comes."""
    asked = []
    event.listen(engine, "before_cursor_execute", lambda *given: asked.append(given[2]))
    return asked


@pytest.fixture(scope="module")
def houses(tmp_path_factory):
    """The same house with 100 and with 200 dishes: queries and bytes of each page."""
    measured = {}
    for size in (100, 200):
        path = tmp_path_factory.mktemp("large") / "kitchen.sqlite3"
        house = House(open_database(path), now=Clock())
        house.write(lambda session, size=size, now=house.now: seed(session, now(), size))
        asked = statements_on(house.database.engine)
        with TestClient(app_of(house), base_url="http://127.0.0.1") as client:
            assert client.get("/api/kitchen").json()["total"] == size
            for path in PAGES.values():
                client.get(path).raise_for_status()  # what is not kept yet is kept then
            for name, path in PAGES.items():
                asked.clear()
                answer = client.get(path)
                measured[size, name] = (len(asked), len(answer.content))
    return measured


@pytest.mark.parametrize("shown", PAGES)
def test_a_page_of_a_large_house_costs_what_it_costs_in_a_small_one(houses, shown):
    (few, small), (many, large) = houses[100, shown], houses[200, shown]
    assert many <= few * MOST_GROWTH
    assert large <= small * MOST_GROWTH
    assert large <= MOST_BYTES


def test_figures_that_an_older_gasket_kept_in_another_shape_are_none():
    assert batch_figures._serving_kept({"lots": [{"place": "fridge"}]}) is None
