"""Measured, not gated: how soon what the scale says, and what is taken of it, is seen."""

import contextlib
import gzip
import re
import socket
import statistics
from pathlib import Path

import httpx
from playwright.sync_api import expect, sync_playwright

from gasket.scale.process import SimulatorProcess
from tests.bench.measuring import percentile_95, say, say_ms
from tests.browser.conftest import QUIET

DIST = Path(__file__).parents[2] / "web" / "dist"

WATCH = """
async (batch) => {
  const late = [];
  const socket = new WebSocket(`ws://${location.host}/api/batches/${batch}/live`);
  await new Promise((done) => {
    socket.onmessage = (event) => {
      const now = performance.timeOrigin + performance.now();
      const message = JSON.parse(event.data);
      if (message.type !== "reading" || !message.reading.sent_ms) return;
      late.push(now - message.reading.sent_ms);
      if (late.length >= 80) done();
    };
  });
  socket.close();
  return late.slice(1);
}
"""


def test_a_scale_reading_reaches_the_page(benchmark, server):
    batch = httpx.post(f"{server.url}/api/trials/1/batches").json()["id"]
    with sync_playwright() as playwright:
        browser = playwright.chromium.launch(executable_path="/usr/bin/chromium", args=list(QUIET))
        page = browser.new_page()
        page.goto(f"{server.url}/dishes/1/weigh")
        late = benchmark.pedantic(lambda: page.evaluate(WATCH, batch), rounds=1)
        browser.close()
    say_ms("scale reading to page", statistics.median(late), "median", "≤ 100 ms")
    say_ms("scale reading to page", max(late), "at most", "≤ 100 ms")
    assert len(late) == 79


TAKE = """
async () => {
  const lines = document.querySelector("section[aria-label=Lines] h2");
  const reading = document.querySelector("[data-testid=reading]");
  const seen = (target, test) => new Promise((done) => {
    if (test()) return done();
    setTimeout(() => done("late"), 15000);
    const watch = new MutationObserver(() => { if (test()) { watch.disconnect(); done(); } });
    const all = { subtree: true, childList: true, characterData: true, attributes: true };
    watch.observe(target, all);
  });
  const arrived = () => reading.dataset.stable === "true" && reading.textContent === "2";
  if (await seen(reading, arrived)) throw new Error(`the scale shows ${reading.textContent}`);
  const before = lines.textContent, start = performance.now();
  window.dispatchEvent(new KeyboardEvent("keydown", { key: " " }));
  if (await seen(lines, () => lines.textContent !== before)) throw new Error("never taken");
  return performance.now() - start;
}
"""
POURS = 40


@contextlib.contextmanager
def quick_scale(api):
    """A simulated scale that speaks 50 times a second in the place of the house's own."""
    stand_in = SimulatorProcess(readings_per_s=50)
    stand_in.ensure()
    house = api.get("/api/settings").json()
    scales = [{"name": "quick", "place": stand_in.url}]
    api.put("/api/settings", json={**house, "scales": scales}).raise_for_status()
    with socket.create_connection(("127.0.0.1", stand_in.port)) as hands:
        yield lambda grams: hands.sendall(f"scoop {grams}\n".encode())
    now = api.get("/api/settings").json()
    api.put("/api/settings", json={**now, "scales": house["scales"]}).raise_for_status()
    stand_in.stop()


def test_a_capture_is_shown_with_two_pages_and_50_readings_a_second(benchmark, server):
    times: list[float] = []
    with (
        httpx.Client(base_url=server.url, timeout=30) as api,
        quick_scale(api) as scoop,
        sync_playwright() as playwright,
    ):
        browser = playwright.chromium.launch(executable_path="/usr/bin/chromium", args=list(QUIET))
        pages = [browser.new_page(), browser.new_page()]

        def take_a_batch() -> None:
            batch = api.post("/api/trials/1/batches").json()
            api.put(f"/api/batches/{batch['id']}/hands-free", json={"on": False})
            for page in pages:
                page.goto(f"{server.url}/dishes/1/weigh?batch={batch['id']}")
                expect(page.get_by_test_id("reading")).to_have_attribute("data-stable", "true")
            pages[0].keyboard.press("t")
            expect(pages[0].get_by_test_id("reading")).to_have_text("0")
            for _ in range(10):
                scoop(2)  # never too much of any line: that would be asked about
                times.append(pages[0].evaluate(TAKE))

        benchmark.pedantic(take_a_batch, rounds=POURS // 10)
        browser.close()
    say_ms("capture shown", percentile_95(times), "at the 95th percentile", "≤ 150 ms")
    assert len(times) == POURS


def test_the_script_of_the_first_load(benchmark):
    index = (DIST / "index.html").read_text(encoding="utf-8")
    scripts = re.findall(r'(?:src|href)="(/assets/[^"]+\.js)"', index)

    def compressed() -> float:
        files = [(DIST / script.lstrip("/")).read_bytes() for script in scripts]
        return sum(len(gzip.compress(file, 9)) for file in files) / 1000

    kilobytes = benchmark.pedantic(compressed, rounds=1)
    say("compressed script of the first load", f"{kilobytes:.0f} kB", "≤ 250 kB")
    assert kilobytes > 0
