"""The reckoning without a kitchen: stateless, for unsaved edits and for scripts."""

from typing import Annotated

from fastapi import APIRouter, Query
from pydantic import BaseModel, Field

from gasket.api.doors import BATCH_BODY, BatchBody
from gasket.core.claim_check.check import check_claims
from gasket.core.claim_check.figures import Claim, ClaimReport, ClaimSheet
from gasket.core.label.audit import Audit, audit
from gasket.core.label.label import Label
from gasket.core.label.pasted_panel import MOST_TEXT as MOST_PANEL_TEXT
from gasket.core.label.pasted_panel import PastedPanel, read_panel
from gasket.core.numbers import Value
from gasket.core.reckoning.reckon import Result, reckon
from gasket.core.trade.quantities import parse_grams
from gasket.core.trade.sources import SOURCES, Source
from gasket.formats.claim_text import MOST_TEXT, parse_claims

router = APIRouter(tags=["reckoning"])


class GramsOfLabel(BaseModel):
    grams: float


class ClaimText(Value):
    text: Annotated[str, Field(max_length=MOST_TEXT)]


@router.post("/reckon", openapi_extra=BATCH_BODY)
def reckon_batch(batch: BatchBody) -> Result:
    """Reckon a batch in the open format."""
    return reckon(batch)


class PanelText(Value):
    """A panel as it is copied, or a note of its figures in one line."""

    text: Annotated[str, Field(max_length=MOST_PANEL_TEXT)]


@router.post("/labels/pasted")
def pasted_panel(pasted: PanelText) -> PastedPanel:
    """A copied panel, or "148 kcal, 12 P, 4 C, 9 F per 100 g", and its figures. Stores nothing."""
    return read_panel(pasted.text)


@router.post("/audit")
def audit_label(label: Label) -> Audit:
    """Does this panel agree with itself?"""
    return audit(label)


@router.get("/grams")
def grams(text: Annotated[str, Query(max_length=80)]) -> GramsOfLabel:
    """Grams meant by "120", "4 oz", "1/2 lb"."""
    return GramsOfLabel(grams=parse_grams(text, path="text"))


@router.post("/claims/check")
def check_claimed(sheet: ClaimSheet) -> ClaimReport:
    """Do somebody's claimed figures agree with each other, and which one is likeliest wrong?"""
    return check_claims(sheet)


@router.post("/claims/read")
def read_claims(pasted: ClaimText) -> list[Claim]:
    """Claimed figures out of pasted words."""
    return list(parse_claims(pasted.text))


@router.get("/sources")
def sources() -> dict[str, Source]:
    """Who says so: every source by its key."""
    return SOURCES
