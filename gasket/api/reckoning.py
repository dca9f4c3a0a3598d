"""The reckoning without a kitchen: stateless, for unsaved edits and for scripts."""

from typing import Annotated

from fastapi import APIRouter, Query
from pydantic import BaseModel

from gasket.core.audit import Audit, audit
from gasket.core.batch import Batch
from gasket.core.labels import Label
from gasket.core.quantities import parse_grams
from gasket.core.reckon import Result, reckon
from gasket.core.sources import SOURCES, Source

router = APIRouter(tags=["reckoning"])


class Grams(BaseModel):
    grams: float


@router.post("/reckon")
def reckon_batch(batch: Batch) -> Result:
    """Reckon a batch in the open format."""
    return reckon(batch)


@router.post("/audit")
def audit_label(label: Label) -> Audit:
    """Does this panel agree with itself?"""
    return audit(label)


@router.get("/grams")
def grams(text: Annotated[str, Query(max_length=80)]) -> Grams:
    """Grams meant by "120", "4 oz", "1/2 lb"."""
    return Grams(grams=parse_grams(text, path="text"))


@router.get("/sources")
def sources() -> dict[str, Source]:
    """Who says so: every source by its key."""
    return SOURCES
