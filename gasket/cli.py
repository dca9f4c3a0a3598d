"""The `gasket` command: serve a kitchen, reckon a batch file, carry batches in and out."""

import sys
from collections.abc import Callable
from datetime import UTC, datetime
from pathlib import Path
from typing import TYPE_CHECKING, Annotated, NoReturn

import typer

from gasket.core.errors import FaultyInput, GasketError
from gasket.core.reckon import reckon
from gasket.formats.batch_json import dump_batch, parse_batch

if TYPE_CHECKING:
    from sqlmodel import Session

FAULTY = 2
"""Exit code when the input cannot be worked with: nothing on stdout, faults on stderr."""
DEFAULT_PORT = 8460

app = typer.Typer(no_args_is_help=True, add_completion=False, help=__doc__)
scale = typer.Typer(no_args_is_help=True, help="The scale port.")
app.add_typer(scale, name="scale")

Database = Annotated[Path | None, typer.Option("--db", help="Database file.")]
Port = Annotated[int, typer.Option(min=0, max=65535, help="Port on this machine.")]


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


@app.command()
def serve(port: Port = DEFAULT_PORT, db: Database = None) -> None:
    """Serve the cook's own kitchen on this machine."""
    from gasket.store.database import default_path

    _serve(db or default_path(), port, demo=False)


@app.command()
def demo(
    port: Port = DEFAULT_PORT,
    db: Database = None,
    fresh: Annotated[bool, typer.Option(help="Start the demo kitchen over.")] = False,
) -> None:
    """Serve the demo kitchen from a database of its own."""
    from gasket.store.database import demo_path

    path = db or demo_path()
    if fresh:
        for leftover in path.parent.glob(f"{path.name}*"):
            leftover.unlink()
    _serve(path, port, demo=True)


def _serve(path: Path, port: int, demo: bool) -> None:
    import socket

    import uvicorn

    from gasket.api.app import PAGES, create_app
    from gasket.demo.kitchen import seed
    from gasket.kitchen.house import House
    from gasket.kitchen.reference import stock_once

    try:
        listener = socket.create_server(("127.0.0.1", port))
    except OSError:
        _fail(f"Port {port} is taken: choose another with --port.")
    house = House.at(path, demo=demo)
    with house.session() as session:
        if demo:
            seed(session, house.now())
        stock_once(session, house.now())
    if not (PAGES / "index.html").is_file():
        typer.echo("The pages are not built: ./run demo builds them.", err=True)
    address = f"http://127.0.0.1:{listener.getsockname()[1]}"
    typer.echo(f"Gasket is at {address}" + (" (demo kitchen)" if demo else ""))
    sys.stdout.flush()
    config = uvicorn.Config(create_app(house), log_level="warning", timeout_graceful_shutdown=2)
    uvicorn.Server(config).run(sockets=[listener])


@app.command("export")
def export_batch(
    batch_id: Annotated[int, typer.Argument(help="The number of the batch.")], db: Database = None
) -> None:
    """Print a batch as it was weighed, in the open format."""
    from gasket.kitchen import files

    _with_session(db, lambda session: typer.echo(dump_batch(files.export(session, batch_id))))


@app.command("import")
def import_batch(
    file: Annotated[str, typer.Argument(help="A batch file in JSON, or - for standard input.")],
    db: Database = None,
) -> None:
    """Take a batch file in as a dish of its own."""
    from gasket.kitchen import files

    try:
        batch = parse_batch(_read(file))
    except FaultyInput as error:
        _fail(*map(str, error.faults))
    _with_session(
        db,
        lambda session: typer.echo(f"Batch {files.take_in(session, batch, datetime.now(UTC)).id}"),
    )


def _with_session(db: Path | None, work: "Callable[[Session], None]") -> None:
    from sqlmodel import Session

    from gasket.store.database import default_path, open_database

    with Session(open_database(db or default_path())) as session:
        try:
            work(session)
        except FaultyInput as error:
            _fail(*map(str, error.faults))
        except GasketError as error:
            _fail(str(error))


@scale.command("simulate")
def simulate(
    port: Port = 0,
    seed: Annotated[int, typer.Option(help="Seed of noise and hands.")] = 7,
    capacity: Annotated[float, typer.Option(min=1, help="Grams that it carries.")] = 5000.0,
    division: Annotated[float, typer.Option(min=0.01, help="Unit of its last digit.")] = 1.0,
    rate: Annotated[float, typer.Option(min=1, max=100, help="Readings a second.")] = 10.0,
    leash: Annotated[bool, typer.Option(help="End when standard input closes.")] = False,
) -> None:
    """Run the simulated scale alone. Its first line is its port; it takes commands on it."""
    from gasket.scale.simulator import Scale, run

    run(
        port, Scale(seed=seed, capacity_g=capacity, division_g=division, readings_per_s=rate), leash
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
