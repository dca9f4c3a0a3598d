"""Would a cook put it there? A table of judgements, and proposals that keep to them."""

import pytest

from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.solver.reach import reach
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.swaps.options import applies
from gasket.core.swaps.sense import makes_sense, side_of
from gasket.core.trade.kind_reading import kind_read
from tests.core.builds import workpiece
from tests.core.test_target import GOALS, LOAF, after, task_of


def food(name):
    label = Label(name=name, style="table", basis_g=100, kcal=100)
    return Ingredient(1, 1, name, label, Package(), kind_read(None, name, (), name).kind)


@pytest.mark.parametrize(
    ("old", "new", "dish", "others", "sensible"),
    [
        ("sponge fingers", "protein wrap", "layered cream", (), False),
        ("sponge fingers", "brioche bun", "layered cream", (), False),
        ("burger bun", "wholemeal roll", "sandwich", (), True),
        ("panko breadcrumbs", "protein granola", "baked bites", (), False),
        ("digestive biscuits", "wheat tortilla", "cheesecake", (), False),
        ("white bread", "protein wrap", "sandwich", (), True),
        ("plain flour", "chocolate whey", "vanilla loaf", ("vanilla extract",), False),
        ("plain flour", "chocolate whey", "chocolate loaf", (), True),
        ("plain flour", "chocolate whey", "loaf", ("cocoa powder",), True),
        ("plain flour", "vanilla protein blend", "loaf", ("vanilla extract",), True),
        ("butter", "apple puree", "carrot loaf", (), True),
        ("peanut butter", "peanut powder", "sauce", (), True),
        ("butter", "peanut powder", "lemon cake", (), False),
        ("dark chocolate", "cocoa powder", "brownies", (), True),
        ("full-fat yogurt", "fat-free yogurt", "dressing", (), True),
        ("white sugar", "erythritol sweetener", "loaf", (), True),
        ("minced beef", "turkey mince", "patty", (), True),
        ("milk chocolate", "cheddar cheese", "brownies", (), False),
    ],
)
def test_a_judgement_of_the_trade(old, new, dish, others, sensible):
    assert makes_sense(food(old), food(new), map(food, (old, *others)), dish) is sensible


@pytest.mark.parametrize(
    ("name", "side"),
    [
        *(("granola", "sweet"), ("panko", "savoury"), ("butter", "neutral")),
        *(("vanilla quark", "sweet"), ("banana", "sweet"), ("chicken breast", "savoury")),
    ],
)
def test_a_food_has_a_side_of_the_table(name, side):
    assert side_of(food(name)) == side


@pytest.mark.parametrize("goal", GOALS, ids=lambda goal: "+".join(goal))
def test_proposals_join_lines_and_never_add_to_what_they_replace(goal):
    piece = workpiece({**LOAF, "egg white": 30}, 8, family="cake", goal=goal)
    offered = reach(task_of(piece, CATALOGUE)).proposals
    assert offered
    for proposal in offered:
        made = after(piece, proposal.change)
        placed = [(line.part, line.ingredient.label_id) for line in made.lines()]
        assert len(placed) == len(set(placed)), "no food stands twice in one bowl"
        for line in proposal.lines:
            assert not (line.swap and line.after_g > line.before_g), line.name


@pytest.mark.parametrize(
    ("bowl", "name", "least", "most"),
    [
        ({"chicken breast": 600, "panko breadcrumbs": 70}, "panko breadcrumbs", 35, 70),
        ({"chicken breast": 600, "burger bun": 220}, "burger bun", None, None),
        ({"milk": 320, "cheese": 170, "starch": 18}, "milk", None, None),
        ({"milk": 320, "cheese": 170, "starch": 18}, "starch", None, None),
        ({"milk": 320, "cheese": 170}, "milk", 160, 640),
        ({"chicken breast": 600, "yellow mustard": 15}, "yellow mustard", None, None),
        ({"chicken breast": 300, "tomato sauce": 300}, "tomato sauce", 150, 600),
    ],
    ids=lambda value: "+".join(value) if isinstance(value, dict) else str(value),
)
def test_how_far_a_line_moves_by_itself(bowl, name, least, most):
    moves = {move.one.ingredient.food: move for move in task_of(workpiece(bowl, 4), ()).moves}
    move = moves.get(name)
    assert (move and move.least, move and move.most) == (least, most)


@pytest.mark.parametrize(
    ("bowl", "offered"),
    [
        ({"flour": 100, "quark": 150, "butter": 60}, {"fat-yogurt", "fat-puree"}),
        ({"milk": 200, "starch": 6, "butter": 20}, set()),
        ({"milk": 200, "butter": 20}, set()),
    ],
    ids=lambda value: "+".join(sorted(value)),
)
def test_yogurt_stands_in_for_butter_in_a_crumb_only(bowl, offered):
    piece = workpiece(bowl, 4, family="cake")
    butter = next(placed for placed in piece.lines() if placed.kind == "butter")
    crumbly = {swap.key for swap in CATALOGUE if swap.crumb and applies(swap, butter, piece)}
    assert crumbly == offered


def test_what_comes_in_elsewhere_does_not_go_out_and_no_scrap_is_left():
    came_in = set()
    for protein in range(15, 26):
        goal = {"kcal": {"most": 190}, "protein_g": {"least": protein}}
        piece = workpiece({**LOAF, "cream cheese": 120}, 8, family="cake", goal=goal)
        for proposal in reach(task_of(piece, CATALOGUE)).proposals:
            into = {name.label_id for line in proposal.lines for name in line.goes_in}
            came_in |= into
            for line in proposal.lines:
                label_id = piece.line(line.line_id).ingredient.label_id
                assert label_id not in into or line.after_g >= line.before_g, (protein, line)
    assert came_in
