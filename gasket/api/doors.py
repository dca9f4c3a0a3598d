"""What every route is handed: the house, and a database session of its own."""

from collections.abc import Iterator
from typing import Annotated, cast

from fastapi import Depends, Path, Request
from sqlmodel import Session

from gasket.kitchen.house import House


def house_of(request: Request) -> House:
    return cast("House", request.app.state.house)


HouseDoor = Annotated[House, Depends(house_of)]


def session_of(house: HouseDoor) -> Iterator[Session]:
    with house.session() as session:
        yield session


SessionDoor = Annotated[Session, Depends(session_of)]
Key = Annotated[int, Path(description="The id of a thing in this kitchen.")]
