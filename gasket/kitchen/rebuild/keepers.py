"""What the cook's own keepers came to: proven builds that widen the bands of their family."""

from collections import defaultdict
from collections.abc import Mapping
from dataclasses import replace
from typing import Final

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.trade.families import Family
from gasket.kitchen.rebuild.drafts import Draft
from gasket.kitchen.rebuild.trial_figures import TRIAL_FIGURES
from gasket.store.books import Session
from gasket.store.books.trials import TRIALS

MOST_KEEPERS: Final = 60
"""The newest keepers of all dishes that are asked."""


def checked(session: Session, draft: Draft) -> CheckedBuild:
    """What the checks and the solver look at."""
    family = draft.piece.build.terms.family
    return replace(draft.checked, keepers=_bands_of_keepers(session, family) if family else {})


def _bands_of_keepers(session: Session, family: Family) -> Mapping[str, tuple[float, ...]]:
    """Where the keepers of a family lie, by the code of each band."""
    keepers = [trial_id for trial_id, _, _ in TRIALS.keepers(session, MOST_KEEPERS)]
    values: dict[str, tuple[float, ...]] = defaultdict(tuple)
    for figures in TRIAL_FIGURES.of(session, keepers).values():
        if figures.family == family:
            for code, value in figures.bands.items():
                values[code] += (value,)
    return values
