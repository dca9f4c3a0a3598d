"""A weigh-in poured by a simulated person at the simulated scales: for the demo, and for tests.

The person puts the bowl on, pours what the line asks for and stops when it is taken; small lines go
over the pocket scale and are tipped in. Nothing here touches the weigh-in itself.
"""

import asyncio
import random
from collections.abc import Awaitable, Callable
from dataclasses import dataclass, field
from typing import Annotated, Final

from pydantic import Field

from gasket.core.numbers import Value, YesNo
from gasket.core.weighing.weigh_in import Container, Tare
from gasket.kitchen.weigh.live import Live
from gasket.kitchen.weigh.weigh_sheet import BatchLine, BatchSheet
from gasket.scale.hands import HandAct, pour_like_a_person

LOOK_S: Final = 0.05
PATIENCE_S: Final = 30.0
BOWL_G: Final = 412.0
PACK_G: Final = 900.0
CUP_G: Final = 38.0
POCKET_G: Final = 1000.0

OUT_OF_THE_PACK: Final[dict[HandAct, HandAct]] = {
    "pour": "spill",
    "scoop": "spill",
    "spill": "scoop",
}

Simulate = Callable[[str, float, str], Awaitable[None]]


class Rehearsal(Value):
    """Whether a simulated person pours; `seed` is of the hands."""

    on: YesNo
    seed: Annotated[int, Field(strict=True, ge=0, le=1_000_000)] = 7


@dataclass
class Person:
    """Pours one batch, line by line, as long as the pages that watch it are open."""

    live: Live
    simulate: Simulate
    batch_id: int
    dice: random.Random
    _put_on: dict[str, Container] = field(default_factory=dict)

    async def pour_it_all(self) -> None:
        while (sheet := self.live.sheet_of(self.batch_id)) is not None and not sheet.closed_at:
            line = next((line for line in sheet.lines if line.id == sheet.current), None)
            scale = self.live.scale_of_line(self.batch_id)
            waits_for_cook = not sheet.task.auto or sheet.task.left_g is None
            if line is None or scale is None or waits_for_cook:
                return
            if not await self._pour(sheet, line, scale):
                return

    async def _pour(self, sheet: BatchSheet, line: BatchLine, scale: str) -> bool:
        """Whether the line was taken in the end."""
        await self._put_vessel_on(sheet, line, scale)
        sheet = self.live.sheet_of(self.batch_id) or sheet
        if sheet.current != line.id:
            return True
        for hand in pour_like_a_person(sheet.task.left_g or 0.0, self.dice):
            await asyncio.sleep(hand.pause_s)
            if self._is_done(line):
                break
            act = OUT_OF_THE_PACK[hand.act] if line.way == "out_of" else hand.act
            await self.simulate(act, hand.grams, scale)
        done = await self._until(lambda: self._is_done(line))
        if done:
            await self._tip_in(line, scale)
        return done

    async def _tip_in(self, line: BatchLine, scale: str) -> None:
        """What was weighed in a cup goes into the bowl on the other scale."""
        sheet = self.live.sheet_of(self.batch_id)
        if sheet is None:
            return
        net = next((shown.net_g for shown in sheet.lines if shown.id == line.id), None)
        for name, tare in sheet.tares.items():
            if name != scale and tare.vessel == Container("bowl", line.bowl) and net:
                await self.simulate("scoop", net, name)

    def _is_done(self, line: BatchLine) -> bool:
        sheet = self.live.sheet_of(self.batch_id)
        return sheet is None or sheet.current != line.id

    async def _put_vessel_on(self, sheet: BatchSheet, line: BatchLine, scale: str) -> None:
        """The right vessel for the line: the bowl stays where it stands, a cup is emptied."""
        wanted, tare = sheet.task.vessel, sheet.tares.get(scale)
        pocket = self.live.capacity_g.get(scale, POCKET_G) < POCKET_G
        if self._put_on.get(scale, tare.vessel if tare else Container()) == wanted and not pocket:
            return
        grams = CUP_G if pocket else PACK_G if line.way == "out_of" else BOWL_G
        grams = sheet.task.empty_g or grams
        await self.simulate("lift", 0.0, scale)
        await self._until(lambda: self._shows(scale, 0.0))
        await self.simulate("bowl", grams, scale)
        self._put_on[scale] = wanted
        before = tare.record if tare else None
        await self._until(lambda: self._tare(scale, before) is not None)

    def _shows(self, scale: str, grams: float) -> bool:
        reading = self.live.last.get(scale)
        return reading is not None and abs(reading.grams - grams) <= reading.division_g

    def _tare(self, scale: str, before: str | None) -> Tare | None:
        sheet = self.live.sheet_of(self.batch_id)
        tare = sheet.tares.get(scale) if sheet else None
        return tare if tare and tare.record != before else None

    async def _until(self, happened: Callable[[], bool]) -> bool:
        waited = 0.0
        while not happened():
            if waited >= PATIENCE_S:
                return False
            await asyncio.sleep(LOOK_S)
            waited += LOOK_S
        return True
