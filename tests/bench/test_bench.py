"""Measured, not gated: `./run bench` prints each figure beside what is wanted of it."""

import gzip
import json
import re
import statistics
import time
from pathlib import Path

import httpx
import pytest
from playwright.sync_api import sync_playwright

from gasket.core.reckon import reckon
from gasket.formats.batch_json import to_batch
from tests.browser.conftest import QUIET
from tests.server import Server

DIST = Path(__file__).parents[2] / "web" / "dist"


def forty_lines() -> dict[str, object]:
    label = {"protein_g": 20, "carbohydrate_g": 4, "fat_g": 1.5, "fibre_g": 1, "sugars_g": 2}
    return {
        "format": "gasket-batch",
        "version": 1,
        "labels": {
            f"l{i}": {"name": f"food {i}", "style": "us", "basis_g": 30 + i, "kcal": 110, **label}
            for i in range(40)
        },
        "components": [
            {
                "name": name,
                "lines": [{"label": f"l{i}", "grams": 50 + i} for i in range(start, start + 20)],
            }
            for name, start in (("loaf", 0), ("frosting", 20))
        ],
        "portions": {"count": 8},
        "original": {"name": "original", "serving_g": 180, "kcal": 690},
    }


def say(what: str, measured: str, wanted: str) -> None:
    print(f"\n  {what}: {measured} (wanted: {wanted})", end="")


def percentile_95(values: list[float]) -> float:
    return statistics.quantiles(values, n=20)[-1]


@pytest.fixture(scope="module")
def server(tmp_path_factory):
    with Server(tmp_path_factory.mktemp("bench") / "kitchen.sqlite3") as running:
        yield running


def test_reckoning_40_lines_with_margins(benchmark):
    batch = to_batch(forty_lines())
    benchmark(reckon, batch)
    median = benchmark.stats.stats.median * 1000
    say("reckoning 40 lines", f"{median:.2f} ms, median", "≤ 2 ms")
    assert median > 0


def test_post_reckon_of_40_lines(benchmark, server):
    body = json.dumps(forty_lines())
    headers = {"content-type": "application/json"}
    times: list[float] = []
    with httpx.Client(base_url=server.url) as client:

        def post() -> None:
            start = time.perf_counter()
            answer = client.post("/api/reckon", content=body, headers=headers)
            times.append((time.perf_counter() - start) * 1000)
            assert answer.status_code == 200

        benchmark.pedantic(post, rounds=300, warmup_rounds=20)
    say("POST /api/reckon", f"{percentile_95(times):.1f} ms at the 95th percentile", "≤ 15 ms")


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
    typical, worst = statistics.median(late), max(late)
    say("scale reading to page", f"{typical:.1f} ms, median; {worst:.1f} ms at most", "≤ 100 ms")
    assert len(late) == 79


def test_the_script_of_the_first_load(benchmark):
    index = (DIST / "index.html").read_text(encoding="utf-8")
    scripts = re.findall(r'(?:src|href)="(/assets/[^"]+\.js)"', index)

    def compressed() -> float:
        files = [(DIST / script.lstrip("/")).read_bytes() for script in scripts]
        return sum(len(gzip.compress(file, 9)) for file in files) / 1000

    kilobytes = benchmark.pedantic(compressed, rounds=1)
    say("compressed script of the first load", f"{kilobytes:.0f} kB", "≤ 250 kB")
    assert kilobytes > 0
