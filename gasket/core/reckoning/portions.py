"""Batch → portions: what share of the batch each piece is."""

from dataclasses import dataclass
from typing import Literal

from gasket.core.errors import FaultyInput
from gasket.core.reckoning.batch import Batch


@dataclass(frozen=True, slots=True)
class Division:
    """Shares of the batch by piece, the mean piece, and the weights that they were reckoned from.

    `grams` and `shares` have one entry a piece, and none where the batch is cut by serving weight.
    The shares are None while the batch weighs nothing.
    """

    shares: tuple[float | None, ...]
    grams: tuple[float | None, ...]
    mean_share: float | None
    mean_g: float | None
    weight_of_state_g: float | None
    serving_pieces: float = 1.0

    @property
    def serving_share(self) -> float | None:
        """One serving's share of the batch: so many mean pieces."""
        return None if self.mean_share is None else self.mean_share * self.serving_pieces

    @property
    def serving_g(self) -> float | None:
        """Grams of a serving; None where pieces have no known weight."""
        return None if self.mean_g is None else self.mean_g * self.serving_pieces


WeightOf = Literal["cooked", "mixture", "lines"]


def weight_of(batch: Batch, used_g: float | None) -> tuple[WeightOf | None, float | None]:
    """The weight to reckon with, and what it is of: cooked, else the mixture, else the sum of what
    was used."""
    weights: tuple[tuple[WeightOf, float | None], ...] = (
        ("cooked", batch.cooked_g),
        ("mixture", batch.mixture_g),
        ("lines", used_g),
    )
    return next(((of, grams) for of, grams in weights if grams), (None, None))


def weight_g(batch: Batch, used_g: float | None) -> float | None:
    """The weight to reckon with."""
    return weight_of(batch, used_g)[1]


def state_of_pieces(batch: Batch) -> Literal["raw", "cooked"]:
    """Whether weighed pieces are raw or cooked; unsaid, as the batch was last weighed."""
    return batch.portions.weights_state or ("cooked" if batch.cooked_g else "raw")


def divide(batch: Batch, used_g: float | None) -> Division:
    """Divide the batch as `batch.portions` says."""
    portions, weight = batch.portions, weight_g(batch, used_g)
    if portions.count is not None:
        share = 1 / portions.count
        grams = None if weight is None else weight / portions.count
        pieces = portions.count
        return Division(
            (share,) * pieces, (grams,) * pieces, share, grams, weight, portions.serving_pieces
        )
    if portions.serving_g is not None:
        mean = portions.serving_g / weight if weight else None
        return Division((), (), mean, portions.serving_g, weight)
    return _divide_by_pieces(batch, portions.weights_g or (), used_g)


def _divide_by_pieces(batch: Batch, pieces_g: tuple[float, ...], used_g: float | None) -> Division:
    total = sum(pieces_g)
    if state_of_pieces(batch) == "cooked":
        whole: float | None = batch.cooked_g or total
    else:
        whole = batch.mixture_g or used_g
    among: float | None = total if batch.settings.residue == "counted" else whole
    shares = tuple(piece / among if among else None for piece in pieces_g)
    count = len(pieces_g)
    mean = total / among / count if among else None
    each = batch.portions.serving_pieces
    return Division(shares, pieces_g, mean, total / count, whole, each)


def target_each_g(mixture_g: float, pieces: int) -> float:
    """Equal portions: 900 g in 6 → 150 g. Raises `FaultyInput` for less than one piece."""
    if pieces < 1:
        raise FaultyInput.at("pieces", "There must be at least one portion.")
    return mixture_g / pieces


@dataclass(frozen=True, slots=True)
class ScoopCount:
    """How far a mixture goes at a fixed fill weight."""

    pieces: int
    exact: float
    over_g: float


def scoop(mixture_g: float, fill_g: float) -> ScoopCount:
    """How many pieces of `fill_g` there are in it, and what is over after the whole ones."""
    if fill_g <= 0:
        raise FaultyInput.at("fill_g", "A scoop must weigh something.")
    exact = mixture_g / fill_g
    whole = int(exact + 1e-9)
    return ScoopCount(whole, exact, mixture_g - whole * fill_g)
