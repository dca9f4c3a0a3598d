"""The `gasket` command: serve a kitchen, calculate a batch file, carry kitchens about."""

import contextlib
import sys
from collections.abc import Iterator
from dataclasses import dataclass
from datetime import UTC, datetime
from pathlib import Path
from typing import TYPE_CHECKING, Annotated, NoReturn

import typer

from gasket import __version__, logs
from gasket.core.errors import FaultyInput, GasketError
from gasket.core.reckoning.reckon import reckon
from gasket.formats.batch_json import dump_batch, parse_batch
from gasket.store.places import default_path, demo_path, log_path

if TYPE_CHECKING:
    import socket

    from gasket.kitchen.house import House

FAULTY = 2
"""Exit code when the input cannot be worked with: nothing on stdout, faults on stderr."""
DEFAULT_PORT = 8460

app = typer.Typer(no_args_is_help=True, add_completion=False, help=__doc__)
scale = typer.Typer(no_args_is_help=True, help="The scale port.")
app.add_typer(scale, name="scale")

DatabasePath = Annotated[
    Path | None,
    typer.Option("--db", envvar="GASKET_DB", help=f"The kitchen's file; else {default_path()}."),
]
DemoDatabase = Annotated[
    Path | None, typer.Option("--db", help=f"The demo kitchen's file; else {demo_path()}.")
]
PortNumber = Annotated[
    int, typer.Option(min=0, max=65535, envvar="GASKET_PORT", help="Port; 0 takes any free one.")
]
Open = Annotated[bool, typer.Option("--open", help="Open it in the browser.")]
LogLevel = Annotated[
    logs.Level,
    typer.Option(envvar="GASKET_LOG_LEVEL", help="What goes into the log beside the file."),
]


def _version(wanted: bool) -> None:
    if wanted:
        typer.echo(f"gasket {__version__}")
        raise typer.Exit


@app.callback()
def main(
    _version: Annotated[
        bool,
        typer.Option("--version", callback=_version, is_eager=True, help="Say the version."),
    ] = False,
) -> None:
    """Serve a kitchen, calculate a batch file, carry kitchens about."""


def _fail(*lines: str) -> NoReturn:
    for line in lines:
        typer.echo(line, err=True)
    raise typer.Exit(FAULTY)


def _read(file: str) -> bytes:
    try:
        return sys.stdin.buffer.read() if file == "-" else Path(file).read_bytes()
    except OSError as error:
        _fail(f"{file}: {error.strerror}")


@app.command("reckon")
def reckon_file(
    file: Annotated[str, typer.Argument(help="A batch file in JSON, or - for standard input.")],
) -> None:
    """Reckon a batch file and print the whole result as JSON."""
    try:
        result = reckon(parse_batch(_read(file)))
    except FaultyInput as error:
        _fail(*map(str, error.faults))
    typer.echo(result.model_dump_json(indent=2))


@app.command("advise")
def advise_file(
    file: Annotated[str, typer.Argument(help="A batch file in JSON, or - for standard input.")],
) -> None:
    """Print what the trade says of a batch file as JSON: the kind of dish, checks, steps."""
    from gasket.core.advice import advise

    try:
        advice = advise(parse_batch(_read(file)))
    except FaultyInput as error:
        _fail(*map(str, error.faults))
    typer.echo(advice.model_dump_json(indent=2))


@app.command("read")
def read_lines(
    file: Annotated[str, typer.Argument(help="A text file, one line each, or - for input.")],
) -> None:
    """Print how each typed line of a recipe is read, against the generic foods, as JSON."""
    from gasket.kitchen.shelf.generic_reading import read_all

    try:
        text = _read(file).decode("utf-8-sig")
    except UnicodeDecodeError:
        _fail(f"{file}: this is not text in UTF-8.")
    with _said():
        for line in read_all(text):
            typer.echo(line.model_dump_json())


@app.command()
def serve(
    port: PortNumber = DEFAULT_PORT,
    db: DatabasePath = None,
    open_it: Open = False,
    log_level: LogLevel = "info",
) -> None:
    """Serve the cook's own kitchen on this machine."""
    _serve(_chosen(db), Serving(port, open_it, log_level))


@app.command()
def demo(
    port: PortNumber = DEFAULT_PORT,
    db: DemoDatabase = None,
    open_it: Open = False,
    log_level: LogLevel = "info",
    fresh: Annotated[bool, typer.Option(help="Start the demo kitchen over.")] = False,
    large: Annotated[
        int, typer.Option(min=0, max=20_000, help="Let a new one grow to so many dishes.")
    ] = 0,
) -> None:
    """Serve the demo kitchen from a database of its own."""
    how = Serving(port, open_it, log_level, demo=True, fresh=fresh, dishes=large)
    _serve(_chosen(db, demo=True), how)


@dataclass(frozen=True)
class Serving:
    """How a kitchen is served."""

    port: int
    open_it: bool
    log_level: logs.Level
    demo: bool = False
    fresh: bool = False
    dishes: int = 0


def _chosen(db: Path | None, demo: bool = False) -> Path:
    """The kitchen's file: the one that was named, else the usual one, whose folder is Gasket's own
    and is made where it is not there yet."""
    if db is not None:
        return db
    path = demo_path() if demo else default_path()
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        _fail(f"{path.parent} cannot be made: {error.strerror}. Name a file with --db.")
    return path


def _serve(path: Path, how: Serving) -> None:
    import socket

    from gasket.demo.mark import refuse_own, start_over
    from gasket.store.opening import refuse_place
    from gasket.store.serving import alone

    try:
        listener = socket.create_server(("127.0.0.1", how.port))
    except OSError:
        _fail(f"Port {how.port} is taken: choose another with --port.")
    with listener, _said():
        refuse_place(path)
        with alone(path):
            if how.fresh:
                start_over(path)
            elif how.demo:
                refuse_own(path)
            _run(path, listener, how)


def _run(path: Path, listener: "socket.socket", how: Serving) -> None:
    from gasket.api.app import PAGES, create_app
    from gasket.api.server import run
    from gasket.demo.kitchen import seed
    from gasket.kitchen.house import House
    from gasket.kitchen.shelf.reference import stock_once

    house = House.at(path, demo=how.demo)
    logs.begin(log_path(path), how.log_level)
    if how.demo:
        house.write(lambda session: seed(session, house.now(), how.dishes))
    stock_once(house.database, house.now())
    if not (PAGES / "index.html").is_file():
        typer.echo("The pages are not built: ./run demo builds them.", err=True)
    address = f"http://127.0.0.1:{listener.getsockname()[1]}"
    typer.echo(f"Gasket is at {address}" + (" (demo kitchen)" if how.demo else ""))
    sys.stdout.flush()
    if how.open_it:
        typer.launch(address)
    run(create_app(house), listener)


@app.command("export")
def export_batch(
    batch_id: Annotated[int, typer.Argument(help="The number of the batch.")],
    db: DatabasePath = None,
) -> None:
    """Print a batch as it was weighed, in the open format."""
    from gasket.kitchen.card import files

    with _said():
        house = _house(db)
        typer.echo(dump_batch(house.read(lambda session: files.export(session, batch_id))))


@app.command("import")
def import_batch(
    file: Annotated[str, typer.Argument(help="A batch file in JSON, or - for standard input.")],
    db: DatabasePath = None,
) -> None:
    """Take a batch file in as a dish of its own."""
    from gasket.kitchen.card import files

    with _said():
        batch = parse_batch(_read(file))
        house = _house(db)
        made = house.write(lambda session: files.take_in(session, batch, house.now()))
        typer.echo(f"Batch {made.id}")


def _house(db: Path | None) -> "House":
    """A kitchen that is there already, without its scales."""
    from gasket.kitchen.house import House
    from gasket.store.opening import open_database

    return House(open_database(db or default_path(), make=False))


@app.command()
def doctor(port: PortNumber = DEFAULT_PORT, db: DatabasePath = None) -> None:
    """Look at what a kitchen needs on this machine, and say what to do. Changes nothing."""
    from gasket.doctor import look

    marks = {"ok": "ok  ", "note": "note", "bad": "BAD "}
    checkups = list(look(db or default_path(), port))
    for one in checkups:
        typer.echo(f"{marks[one.mark]}  {one.about}: {one.says}")
        if one.do:
            typer.echo(f"      {one.do}")
    raise typer.Exit(any(one.mark == "bad" for one in checkups))


@app.command()
def backup(
    file: Annotated[Path, typer.Argument(help="The zip to write; it must not be there yet.")],
    db: DatabasePath = None,
) -> None:
    """Write the whole kitchen to one file, also while it is served."""
    from gasket.store.backups import back_up

    with _said():
        made = back_up(db or default_path(), file, datetime.now(UTC))
        typer.echo(f"{file} holds {_held(made.rows)}.")


@app.command()
def restore(
    file: Annotated[Path, typer.Argument(help="A zip that gasket backup wrote.")],
    db: DatabasePath = None,
) -> None:
    """Put a kitchen back from a backup. The present one is kept beside it."""
    from gasket.store import backups

    with _said():
        path = _chosen(db)
        manifest, aside = backups.restore(file, path)
        if aside is not None:
            typer.echo(f"The kitchen that was there is kept as {aside}.")
        typer.echo(f"{path} holds {_held(manifest.rows)} again.")


def _held(rows: dict[str, int]) -> str:
    counted = {"dish": "dishes", "batch": "batches", "food": "foods"}
    return ", ".join(f"{rows.get(table, 0)} {name}" for table, name in counted.items())


@contextlib.contextmanager
def _said() -> Iterator[None]:
    """Whatever is refused is a sentence and an exit code."""
    try:
        yield
    except FaultyInput as error:
        _fail(*map(str, error.faults))
    except GasketError as error:
        _fail(str(error))


@scale.command("simulate")
def simulate(
    port: PortNumber = 0,
    seed: Annotated[int, typer.Option(help="Seed of noise and hands.")] = 7,
    capacity: Annotated[float, typer.Option(min=1, help="Grams that it carries.")] = 5000.0,
    division: Annotated[float, typer.Option(min=0.01, help="Unit of its last digit.")] = 1.0,
    rate: Annotated[float, typer.Option(min=1, max=100, help="Readings a second.")] = 10.0,
    leash: Annotated[bool, typer.Option(help="End when standard input closes.")] = False,
) -> None:
    """Run the simulated scale alone. Its first line is its port; it takes commands on it."""
    from gasket.scale.simulator import ScaleModel, run

    run(
        port,
        ScaleModel(seed=seed, capacity_g=capacity, division_g=division, readings_per_s=rate),
        leash,
    )


@scale.command("pour")
def pour(
    grams: Annotated[list[float], typer.Argument(help="Grams of each line, in order.")],
    seed: Annotated[int, typer.Option(help="Seed of noise and hands.")] = 7,
    division: Annotated[float, typer.Option(min=0.01, help="Unit of the last digit.")] = 1.0,
) -> None:
    """Pour a recipe like a person would and print every reading, in the scale's line format."""
    from gasket.scale.script import pour_recipe

    for line in pour_recipe(grams, seed, division):
        typer.echo(line)


if __name__ == "__main__":
    app()
