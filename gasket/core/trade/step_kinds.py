"""Kinds of steps: one row each, what is special before what is general (common practice)."""

from dataclasses import dataclass
from typing import Final, Literal, get_args

StepKind = Literal[
    "preheat",
    "microwave",
    "broil",
    "thaw",
    "freeze",
    "chill",
    "cool",
    "rest",
    "machine",
    "pan",
    "boil",
    "bake",
    "portion",
    "top",
    "mix",
    "prep",
]
MinutesApart = tuple[float, float]
"""Minutes from one look to the next: the least, near the end, and the most."""


@dataclass(frozen=True, slots=True)
class StepKindRow:
    """`words` tell the kind of a typed step, `weak_words` where no row's words do. One that is
    `hot` cooks; one that is `passive` leaves the hands free unless the cook says otherwise; a
    `lead` is begun long before the rest. `looks` is how often one looks."""

    key: StepKind
    name: str
    words: str = ""
    weak_words: str = ""
    hot: bool = False
    passive: bool = False
    lead: bool = False
    looks: MinutesApart = (1.0, 5.0)


QUICK: Final[MinutesApart] = (10 / 60, 45 / 60)
STEP_KINDS: Final[tuple[StepKindRow, ...]] = (
    StepKindRow("preheat", "preheat", r"\bpre-?heat|\bheat the oven|\boven on\b", passive=True),
    StepKindRow("microwave", "microwave", r"\bmicrowave", hot=True, passive=True, looks=QUICK),
    StepKindRow("broil", "broil", r"\bbroil|\bgrill", hot=True, looks=QUICK),
    StepKindRow("thaw", "thaw", r"\bthaw|\bdefrost", passive=True, lead=True),
    StepKindRow("freeze", "freeze", r"\bfreeze", passive=True, lead=True),
    StepKindRow(
        "chill",
        "chill",
        r"\bchill|\brefrigerate|\bset in the fridge|\binto the fridge",
        passive=True,
        lead=True,
    ),
    StepKindRow("cool", "cool", r"\bcool", passive=True),
    StepKindRow(
        "rest",
        "rest",
        r"\brest\b|\bprove|\bproof|\brise\b|\bsoak|\bstand\b|\bmarinate|\bdrain",
        passive=True,
        lead=True,
    ),
    StepKindRow("machine", "machine or iron", r"\bmachine", hot=True),
    StepKindRow(
        "pan",
        "in the pan",
        r"\bgriddle|\bfry\b|\bfrying|\bsear|\bsaut|\bbrown\b|\bcook each|\btoast.* in the pan",
        r"\bin the pan",
        hot=True,
    ),
    StepKindRow("boil", "boil", r"\bboil|\bsimmer|\bpoach|\bsteam", hot=True, passive=True),
    StepKindRow(
        "bake",
        "bake",
        r"\bbake|\broast|\bair[- ]?fry|\bpar-?bake|\btoast|\begg (?:cups|muffins|bites)",
        hot=True,
        passive=True,
    ),
    StepKindRow(
        "portion", "portion", weak_words=r"\bportion|\bdivide|\bfill\b|\bscoop|\bcut\b|\bslice"
    ),
    StepKindRow(
        "top",
        "top",
        weak_words=r"\bfrost\b|\bfrosting|\btop\b|\bglaze\b|\bspread\b|\bdust\b|\bice\b|\bpipe\b",
    ),
    StepKindRow(
        "mix",
        "mix",
        weak_words=r"\bmix|\bwhisk|\bstir|\bfold|\bblend|\bbeat|\bknead|\bcombine|\bmash",
    ),
    StepKindRow("prep", "prepare"),
)
BY_KIND: Final = {row.key: row for row in STEP_KINDS}
assert tuple(BY_KIND) == get_args(StepKind)
HOT: Final[frozenset[StepKind]] = frozenset(row.key for row in STEP_KINDS if row.hot)
"""Steps that cook."""
LEAD: Final[frozenset[StepKind]] = frozenset(row.key for row in STEP_KINDS if row.lead)
PASSIVE: Final[frozenset[StepKind]] = frozenset(row.key for row in STEP_KINDS if row.passive)
