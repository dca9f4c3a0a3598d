"""The running house: database, clock, scale, live pages. Everything outside is passed in here."""

import asyncio
import contextlib
import time
from collections.abc import Callable, Iterator
from dataclasses import dataclass, field
from datetime import UTC, datetime
from pathlib import Path

from sqlalchemy import Engine
from sqlmodel import Session

from gasket.core.errors import GasketError, Refused
from gasket.core.target.programme import warm_up
from gasket.core.weighing import Capture, Reading
from gasket.kitchen import settings, weigh
from gasket.kitchen.live import Live
from gasket.kitchen.shelf_files import ShelfImports
from gasket.kitchen.weigh import BatchSheet
from gasket.scale.driver import Driver
from gasket.scale.process import SimulatorProcess
from gasket.scale.simulator import command
from gasket.store.database import open_database


def _utc_now() -> datetime:
    return datetime.now(UTC)


@dataclass
class House:
    """One database with its scale. `demo` says so on the screen."""

    engine: Engine
    demo: bool = False
    now: Callable[[], datetime] = _utc_now
    clock: Callable[[], float] = time.monotonic
    simulator: SimulatorProcess | None = None
    live: Live = field(init=False)
    imports: ShelfImports = field(init=False)
    _driver: Driver | None = None
    _loop: asyncio.AbstractEventLoop | None = None

    def __post_init__(self) -> None:
        self.live = Live(self.clock, self._store)
        self.imports = ShelfImports(self.engine, self.now)

    @classmethod
    def at(cls, path: Path, demo: bool = False, simulate: bool = True) -> "House":
        simulator = SimulatorProcess() if simulate else None
        return cls(open_database(path), demo=demo, simulator=simulator)

    @contextlib.contextmanager
    def session(self) -> Iterator[Session]:
        with Session(self.engine) as session:
            yield session

    async def open(self) -> None:
        """Connect the scale that the settings name."""
        self._loop = asyncio.get_running_loop()
        self._loop.run_in_executor(None, warm_up)
        await asyncio.to_thread(self.connect_scale)

    async def shut(self) -> None:
        await self.live.close()
        await asyncio.to_thread(self._disconnect_scale)
        if self.simulator:
            self.simulator.stop()
        self.engine.dispose()

    def connect_scale(self) -> None:
        """(Re)connect as the settings say."""
        self._disconnect_scale()
        with self.session() as session:
            url = settings.read(session).scale
        if url == settings.SIMULATED:
            if self.simulator is None:
                return
            self.simulator.ensure()
            url = self.simulator.url
        self._driver = Driver(url, self._on_reading, self._on_link)
        self._driver.start()

    def _disconnect_scale(self) -> None:
        if self._driver:
            self._driver.stop()
            self._driver = None

    @property
    def simulated(self) -> bool:
        return (
            self.simulator is not None
            and self._driver is not None
            and (self._driver.url == self.simulator.url)
        )

    def _on_reading(self, reading: Reading) -> None:
        self._in_loop(self.live.reading, reading)

    def _on_link(self, connected: bool) -> None:
        if not connected and self.simulated and self.simulator:
            self.simulator.ensure()
        self._in_loop(self.live.link, connected)

    def _in_loop(self, call: Callable[..., None], *arguments: object) -> None:
        if self._loop is not None and not self._loop.is_closed():
            self._loop.call_soon_threadsafe(call, *arguments)

    def tell(self, sheet: BatchSheet) -> BatchSheet:
        """Tell every page that watches this batch; from any thread."""
        self._in_loop(self.live.changed, sheet)
        return sheet

    async def _store(self, batch_id: int, capture: Capture) -> BatchSheet | None:
        return await asyncio.to_thread(self._record, batch_id, capture)

    def _record(self, batch_id: int, capture: Capture) -> BatchSheet | None:
        with self.session() as session:
            try:
                return self.tell(weigh.record(session, batch_id, capture, self.now()))
            except GasketError:  # somebody was quicker: the pages have seen what they stored
                return None

    async def simulate(self, act: str, amount: float) -> None:
        """Do something at the simulated scale. Raises `Refused` when a real one is connected."""
        if not self.simulated or self.simulator is None:
            raise Refused("The simulated scale is not in use: see Settings.")
        await command(self.simulator.port, act, amount)
