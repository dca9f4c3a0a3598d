"""The main job by a client that was generated from the OpenAPI document alone: dish → build →
weigh-in → card. Run by `test_generated_client` with the client on its path and the address."""

import sys
import uuid

from client import Client
from client.api.batches import begin, close, divide, record, show_card
from client.api.dishes import add_dish, dish, edit_original, save_build
from client.api.shelf import foods
from client.models import (
    BatchSheet,
    BeginWeighIn,
    Build,
    BuildComponent,
    BuildEdit,
    BuildLine,
    Dividing,
    NewDish,
    OriginalEdit,
    Pour,
    PourKind,
    Problem,
    ReadingOrigin,
)


def main(address: str) -> None:
    kitchen = Client(base_url=address)
    made = add_dish.sync(
        client=kitchen, body=NewDish(name="Porridge"), idempotency_key="porridge-1"
    )
    again = add_dish.sync(
        client=kitchen, body=NewDish(name="Porridge"), idempotency_key="porridge-1"
    )
    assert made == again
    edit = OriginalEdit(version=made.version, name="Bought porridge", kcal=320.0, serving_g=280.0)
    assert edit_original.sync(made.id, client=kitchen, body=edit).original.kcal == 320
    late = edit_original.sync(made.id, client=kitchen, body=edit)
    assert isinstance(late, Problem)
    assert late.type_ == "urn:gasket:changed-elsewhere"
    oats = foods.sync(client=kitchen, search="rolled oats").foods[0].labels[0].id
    line = BuildLine(id="line-oats", label_id=oats, target_g=60.0)
    part = BuildComponent(name="Pot", lines=[line])
    trial = made.trials[0].id
    body = BuildEdit(version=1, build=Build(components=[part], portions=2))
    assert save_build.sync(trial, client=kitchen, body=body).version == 2
    batch = begin.sync(trial, client=kitchen, body=BeginWeighIn())
    assert isinstance(batch, BatchSheet)
    pour = Pour(
        id=str(uuid.uuid4()),
        kind=PourKind.LINE,
        origin=ReadingOrigin.HAND,
        line=batch.lines[0].id,
        net_g=61.5,
    )
    weighed = record.sync(batch.id, client=kitchen, body=pour)
    assert weighed.lines[0].net_g == 61.5
    wrong = divide.sync(batch.id, client=kitchen, body=Dividing(pieces=2, serving_pieces=9.0))
    assert isinstance(wrong, Problem)
    assert [fault.path for fault in wrong.errors] == ["serving_pieces"]
    assert close.sync(batch.id, client=kitchen).closed_at is not None
    card = show_card.sync(batch.id, client=kitchen)
    assert card.dish == "Porridge"
    assert abs(card.result.serving.grams - 61.5 / 2) < 1e-9
    assert len(dish.sync(made.id, client=kitchen).trials[0].batches) == 1


main(sys.argv[1])
