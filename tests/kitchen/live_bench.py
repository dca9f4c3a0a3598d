"""A weigh-in under one page, its clock and its readings handed in."""

import asyncio

from gasket.core.weighing.captures import capture_of
from gasket.core.weighing.hands_free import HOLD_S
from gasket.core.weighing.records import ONE_SCALE, Reading
from gasket.kitchen.weigh import weigh
from gasket.kitchen.weigh.live import Page


def reading(grams, stable=True, **more):
    return Reading(grams=grams, stable=stable, **{"division_g": 1.0, **more})


class PageThatListens(Page):
    """Remembers what it was sent."""

    def __init__(self):
        super().__init__()
        self.told = []

    def send(self, message):
        waiting = self.waiting.qsize()
        super().send(message)
        if self.waiting.qsize() > waiting:
            self.told.append(message)

    def heard(self, kind):
        return [message for message in self.told if isinstance(message, kind)]


class WeighInUnderWay:
    """A weigh-in under one page, its time in hand."""

    def __init__(self, house):
        self.house, self.now = house, 0.0
        house.live.clock = lambda: self.now
        house.live.capacity_g = {ONE_SCALE: 5000.0}
        house.live.links = {ONE_SCALE: True}
        with house.database.writing() as session:
            begun = weigh.begin(session, 1, house.now())
        self.batch_id, self.full = begun.id, 412 + begun.lines[0].target_g
        self.second_g = begun.lines[1].target_g
        self.page = PageThatListens()
        self.record("tare", gross_g=412.0)

    def record(self, kind, **fields):
        with self.house.database.writing() as session:
            sheet = weigh.sheet(session, self.batch_id)
            tare = sheet.tares.get(ONE_SCALE)
            seen = {"tare_record": tare.record if tare else None} if "gross_g" in fields else {}
            one = capture_of(id=f"by-hand-{self.now}-{kind}", kind=kind, **seen, **fields)
            sheet = weigh.record(session, self.batch_id, one, self.house.now())
        self.house.live.changed(sheet)
        return sheet

    @property
    def sheet(self):
        return self.house.read(lambda session: weigh.sheet(session, self.batch_id))

    async def open(self):
        self.house.hear_in(asyncio.get_running_loop())
        self.house.live.join(self.sheet, self.page)

    async def show(self, *grams, stable=True, seconds=0.1, **more):
        for gram in grams:
            self.now += seconds
            self.house.live.reading(reading(gram, stable, **more))
            await asyncio.gather(*asyncio.all_tasks() - {asyncio.current_task()})
            await asyncio.sleep(0)

    async def hold(self, grams, seconds=HOLD_S, **more):
        await self.show(*[grams] * (int(seconds / 0.1) + 3), **more)

    @property
    def live(self):
        return self.house.live

    def weighed(self):
        return [line.net_g for line in self.sheet.lines if line.status == "weighed"]
