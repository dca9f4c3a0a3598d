"""One server for each test, one Chromium for all."""

import re
import shutil
from collections.abc import Iterator
from datetime import date
from pathlib import Path

import pytest
from playwright.sync_api import Page, expect

from gasket.demo.kitchen import seed
from gasket.kitchen.house import House, simulated_scales
from gasket.store.opening import open_database
from tests.once import made_once
from tests.server import KeptSimulator, Server, ServerThread

AXE = Path(__file__).parents[2] / "web/node_modules/axe-core/axe.min.js"
# Chromium starts renderers for what drops down from its address bar, which nobody sees, with every
# window: a quarter of the processor time of a test. The last such switch counts, so the features
# that Playwright leaves out stand here as well.
OF_PLAYWRIGHT = (
    "AvoidUnnecessaryBeforeUnloadCheckSync,DestroyProfileOnBrowserClose,HttpsUpgrades,"
    "HttpsFirstBalancedModeAutoEnable,LensOverlay,MediaRouter,PaintHolding,"
    "ThirdPartyStoragePartitioning,AvoidCorsURLLoaderRestartOnRedirect,"
    "TcpPortRandomizationWin,OptimizationHints,NetworkTimeServiceQuerying,AimEnabled,"
    "PreconnectToSearch"
)
OF_THE_ADDRESS_BAR = "WebUIOmniboxPopup,WebUIOmniboxAimPopup"
QUIET = (
    "--no-sandbox",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
    "--no-first-run",
    f"--disable-features={OF_PLAYWRIGHT},{OF_THE_ADDRESS_BAR}",
)
LATEST_MS = 30_000
expect.set_options(timeout=LATEST_MS)


@pytest.fixture(scope="session")
def browser_type_launch_args(browser_type_launch_args):
    return {
        **browser_type_launch_args,
        "executable_path": "/usr/bin/chromium",
        "args": list(QUIET),
    }


@pytest.fixture
def demo_database(tmp_path_factory: pytest.TempPathFactory, worker_id: str) -> Path:
    """A demo kitchen as it is on its first day, which is today: to copy from."""
    name = f"demo-{date.today().isoformat()}"
    return made_once(tmp_path_factory, name, _demo, worker_id) / "kitchen.sqlite3"


def _demo(folder: Path) -> None:
    house = House(open_database(folder / "kitchen.sqlite3"))
    house.write(lambda session: seed(session, house.now()))
    house.close()


@pytest.fixture(scope="session")
def simulators() -> Iterator[dict[str, KeptSimulator]]:
    """The two simulated scales of the demo, started once."""
    kept = simulated_scales(KeptSimulator, readings_per_s=30)
    yield kept
    for simulator in kept.values():
        simulator.end()


@pytest.fixture
def server(
    demo_database: Path,
    tmp_path: Path,
    simulators: dict[str, KeptSimulator],
    request: pytest.FixtureRequest,
) -> Iterator[Server | ServerThread]:
    """A server on a demo kitchen of its own, an empty one for tests marked `empty`; in a process
    for tests marked `mortal`."""
    database = tmp_path / "kitchen.sqlite3"
    if not request.node.get_closest_marker("empty"):
        shutil.copy(demo_database, database)
    mortal = request.node.get_closest_marker("mortal")
    with Server(database) if mortal else ServerThread(database, simulators) as running:
        yield running


@pytest.fixture
def browser_context_args(browser_context_args, request, server):
    """1280 x 800, or a 390-px phone with touch for tests marked `phone`."""
    size = {"viewport": {"width": 1280, "height": 800}}
    if request.node.get_closest_marker("phone"):
        size = {"viewport": {"width": 390, "height": 844}, "has_touch": True, "is_mobile": True}
    calm = {"locale": "en-GB", "reduced_motion": "reduce"}
    return {**browser_context_args, **size, **calm, "base_url": server.url}


@pytest.fixture
def page(page: Page, server) -> Iterator[Page]:
    """A page that fails its test on errors in the console and on requests to elsewhere."""
    page.set_default_timeout(LATEST_MS)
    elsewhere: list[str] = []
    errors: list[str] = []
    ours = server.url.removeprefix("http://")

    def watch(url: str) -> None:
        own = url.startswith((f"http://{ours}", f"ws://{ours}", "data:", "blob:"))
        if not own:
            elsewhere.append(url)

    page.on("request", lambda request: watch(request.url))
    page.on("websocket", lambda socket: watch(socket.url))
    page.on("pageerror", lambda error: errors.append(str(error)))
    page.on("console", lambda said: "Content Security" in said.text and errors.append(said.text))
    yield page
    assert elsewhere == [], "a request left the machine"
    assert errors == []


@pytest.fixture
def accessible(page: Page):
    """Assert that axe finds no violation on the page as it is, by all of its rules or by some."""

    def check(*rules: str) -> None:
        if not page.evaluate("'axe' in window"):
            page.evaluate(AXE.read_text(encoding="utf-8"))
        found = page.evaluate(
            "async (only) => (await axe.run(document, {resultTypes: ['violations'],"
            " ...(only.length && {runOnly: only})})).violations.map("
            "(v) => v.id + ': ' + v.nodes.map((n) => n.html.slice(0, 160)).join(' | '))",
            rules,
        )
        assert not found, "\n".join(found)

    return check


@pytest.fixture
def accessible_in_both(page: Page, accessible):
    """The same in the theme that is on; in the other one that its colours can be told apart,
    wherein alone it differs."""

    def check() -> None:
        switch = page.get_by_role("button", name=re.compile("^(Dark|Light) theme$"))
        before = switch.get_attribute("aria-label")
        accessible()
        switch.click()
        expect(switch).not_to_have_attribute("aria-label", before or "")
        accessible("color-contrast")

    return check
