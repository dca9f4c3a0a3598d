"""What routes are handed: the house, a session that reads, and the one way to write."""

import hashlib
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from typing import Annotated, Any, Final, TypeVar, cast

from fastapi import Depends, Header, Path, Query, Request, Response

from gasket.api.problems import STALE
from gasket.core.reckoning.batch import Batch
from gasket.formats.batch_json import parse_batch
from gasket.kitchen.house import House
from gasket.store.books import Session, answered

T = TypeVar("T")


async def house_of(request: Request) -> House:
    return cast("House", request.app.state.house)


HouseDoor = Annotated[House, Depends(house_of)]


def session_of(house: HouseDoor) -> Iterator[Session]:
    with house.reading() as session:
        yield session


SessionDoor = Annotated[Session, Depends(session_of)]
"""For routes that store nothing: whoever tries to write with it is refused."""

SenderKey = Annotated[
    str | None,
    Header(
        alias="Idempotency-Key",
        min_length=8,
        max_length=100,
        description="Made by the sender: a request that is sent again with it is done once.",
    ),
]


@dataclass(frozen=True)
class Writing:
    """Writes for one request, in one transaction."""

    house: House
    response: Response
    request: str
    status: int
    key: str | None

    def __call__(self, work: Callable[[Session], T]) -> T:
        """Do `work` and keep what is answered under the sender's key; see `House.write`."""

        def once(session: Session) -> T:
            if self.key is None:
                return work(session)
            answered.refuse_again(session, self.key, self.request)
            done = work(session)
            answered.remember(session, self.key, self.request, self.status, done, self.house.now())
            return done

        done, stale = self.house.change(once)
        self.response.headers[STALE] = stale.model_dump_json(exclude_defaults=True)
        return done


async def writing_of(
    request: Request, response: Response, house: HouseDoor, key: SenderKey = None
) -> Writing:
    status = getattr(request.scope.get("route"), "status_code", None) or 200
    body = "" if key is None else hashlib.sha256(await request.body()).hexdigest()
    asked = f"{request.method} {request.url.path} {body}".strip()
    return Writing(house, response, asked, status, key)


async def batch_of(request: Request) -> Batch:
    """A batch file as the command reads it: a key that stands twice is a fault."""
    return parse_batch(await request.body())


BatchBody = Annotated[Batch, Depends(batch_of)]
BATCH_BODY: Final[dict[str, Any]] = {
    "requestBody": {
        "required": True,
        "content": {"application/json": {"schema": {"$ref": "#/components/schemas/Batch"}}},
    }
}

WriteDoor = Annotated[Writing, Depends(writing_of)]

Offset = Annotated[int, Query(ge=0, le=10_000_000)]
Key = Annotated[int, Path(description="The id of a thing in this kitchen.")]
