"""The `gasket` command."""

import sys
from pathlib import Path
from typing import Annotated

import typer

from gasket.core.errors import FaultyInput
from gasket.core.reckon import reckon
from gasket.formats.batch_json import parse_batch

FAULTY = 2
"""Exit code when the input cannot be worked with: nothing on stdout, faults on stderr."""

app = typer.Typer(no_args_is_help=True, add_completion=False, help=__doc__)


@app.command("reckon")
def reckon_file(
    file: Annotated[str, typer.Argument(help="A batch file in JSON, or - for standard input.")],
) -> None:
    """Reckon a batch file and print the whole result as JSON."""
    try:
        text = sys.stdin.buffer.read() if file == "-" else Path(file).read_bytes()
        result = reckon(parse_batch(text))
    except OSError as error:
        typer.echo(f"{file}: {error.strerror}", err=True)
        raise typer.Exit(FAULTY) from None
    except FaultyInput as error:
        for fault in error.faults:
            typer.echo(str(fault), err=True)
        raise typer.Exit(FAULTY) from None
    typer.echo(result.model_dump_json(indent=2))
