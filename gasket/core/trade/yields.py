"""What cooking takes away: cooked over raw weight, beside what is usual (common practice)."""

from typing import Final

from gasket.core.numbers import Answer
from gasket.core.trade.families import BY_KEY, Family

_WIDE: Final = 0.05


class Yield(Answer):
    """Raw and cooked grams, the share that is left, and what is usual; `says` when it is far."""

    raw_g: float
    cooked_g: float
    share: float
    usual_loss: tuple[float, float] | None
    says: str


def yield_of(raw_g: float, cooked_g: float, family: Family | None) -> Yield | None:
    """The yield of a batch; None while either weight is missing."""
    if raw_g <= 0 or cooked_g <= 0:
        return None
    share, usual = cooked_g / raw_g, BY_KEY[family].loss if family in BY_KEY else None
    lost = 1 - share
    says = ""
    if share > 1 + 1e-6:
        says = "It weighs more cooked than raw: was the tin on the scale too?"
    elif usual is not None and lost > usual[1] + _WIDE:
        says = "It lost more than is usual: longer or hotter, or something stayed behind."
    elif usual is not None and lost < usual[0] - _WIDE:
        says = "It lost less than is usual: was everything weighed raw?"
    return Yield(raw_g=raw_g, cooked_g=cooked_g, share=share, usual_loss=usual, says=says)
