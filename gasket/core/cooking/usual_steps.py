"""The usual steps of a build: its family's, for the foods and components that are in it."""

from collections.abc import Sequence

from gasket.core.cooking.calls import calls_of
from gasket.core.cooking.safety import InTheBuild, is_raw, set_by_egg
from gasket.core.cooking.steps import Step
from gasket.core.cooking.templates import steps_for
from gasket.core.rebuild.family_signs import of_components
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.trade.families import Family


def usual_steps(
    piece: Workpiece, family: Family, dish: str, missing: Sequence[str] = ()
) -> tuple[Step, ...]:
    """Steps to begin with; what needs a tool that is `missing` is done without it."""
    foods, components = foods_of(piece), [part.name for part in piece.build.components]
    return steps_for(
        family,
        components,
        missing,
        raw={food.component for food in foods if is_raw(food)},
        set_by_egg=set_by_egg(foods, family),
        calls=calls_of(foods, components, dish),
        alone=of_components(piece),
    )


def foods_of(piece: Workpiece) -> tuple[InTheBuild, ...]:
    """What is in a build, as the rules of safety look at it."""
    return tuple(as_food(placed) for placed in piece.lines() if not placed.line.off)


def as_food(placed: PlacedLine) -> InTheBuild:
    return InTheBuild(
        name=placed.ingredient.food,
        kind=placed.kind,
        component=placed.part,
        state=placed.ingredient.package.state,
        flags=placed.ingredient.package.flags,
        grams=None if placed.ingredient.by_piece else placed.grams,
    )
