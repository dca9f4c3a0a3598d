"""Stock: the demo’s loaf has 4 servings in the fridge, the tray one there and one frozen."""

import uuid
from datetime import datetime, timedelta

from tests.api.test_portioning import LOAF, TRAY, closed_batch, divide, move, portions, stock, weigh


def book(client, batch, what, amount, **more):
    return client.post(f"/api/batches/{batch}/stock", json=move(what, amount, **more))


def test_the_kitchen_shows_first_what_must_be_eaten_first(client):
    page = client.get("/api/stock").json()
    found = page["stocks"]
    assert page["total"] == 2
    assert [(one["dish"], one["lots"][0]["days_left"]) for one in found] == [
        ("Mac and cheese tray", 0),
        ("Carrot loaf", 1),
    ]
    assert {keep["says"] for keep in stock(client, TRAY)["advice"]} == {"us", "uk", "habit"}


def test_stock_goes_down_by_what_is_eaten_and_never_below_nothing(client):
    assert book(client, LOAF, "eaten", 3).json()["lots"][0]["amount"] == 1
    refused = book(client, LOAF, "binned", 2)
    assert refused.status_code == 409
    assert "Only 1 serving is there" in refused.json()["detail"]
    assert book(client, LOAF, "put", 1, place="freezer").status_code == 409  # all are booked
    moved = book(client, LOAF, "moved", 1, place="fridge", to="freezer").json()
    assert [(lot["place"], lot["amount"]) for lot in moved["lots"]] == [("freezer", 1)]
    once = move("eaten", 1, place="freezer")
    for _ in range(2):
        gone = client.post(f"/api/batches/{LOAF}/stock", json=once).json()
    assert gone["lots"] == []
    back = {"id": str(uuid.uuid4()), "move": "undo", "undoes": once["id"], "part": ""}
    assert client.post(f"/api/batches/{LOAF}/stock", json=back).json()["lots"][0]["amount"] == 1


def test_how_it_came_out_warm_is_said_the_next_time(client):
    def shown():
        return [(one["dish"], one["warmed"]) for one in client.get("/api/stock").json()["stocks"]]

    before = stock(client, TRAY)
    assert before["warmed"] is None
    assert any(way.startswith("microwave") for way in before["reheat_ways"])
    said = {"id": str(uuid.uuid4()), "move": "warmed", "note": "oven 12 min: dry edges"}
    nothing = client.post(f"/api/batches/{TRAY}/stock", json={**said, "note": " "})
    assert nothing.status_code == 422
    after = client.post(f"/api/batches/{TRAY}/stock", json=said).json()
    assert after["warmed"]["says"] == "oven 12 min: dry edges"
    assert after["lots"] == before["lots"]
    assert after["gone"] == before["gone"]
    assert client.get(f"/api/batches/{TRAY}/card").json()["eating"]["warmed"] == after["warmed"]
    assert [one[1] is None for one in shown()] == [False, True]
    back = {"id": str(uuid.uuid4()), "move": "undo", "undoes": said["id"]}
    assert client.post(f"/api/batches/{TRAY}/stock", json=back).json()["warmed"] is None


def test_what_is_put_away_is_not_divided_into_other_servings(client):
    def cut(pieces):
        return client.put(f"/api/batches/{LOAF}/dividing", json={"pieces": pieces})

    refused = cut(6)
    assert refused.status_code == 409
    assert "put away or eaten already (8)" in refused.json()["detail"]
    assert portions(client, LOAF)["pieces"] == 8
    assert cut(8).status_code == 200
    assert divide(client, LOAF, pieces=6).json()["portions"] == 6


def test_days_count_from_the_cook_whenever_it_is_put_away_and_from_thawing(client, demo_house):
    """Cooked at six in the evening of day 0, put away on day 1; US advice from memory: 3 days."""

    def until(lot):
        return datetime.fromisoformat(lot["until"]).date() - day_0

    day_0, day = demo_house.now().date(), timedelta(days=1)
    batch = closed_batch(client, "tray", "Tray")
    demo_house.now.time += timedelta(hours=9)
    assert stock(client, batch)["suggested"]["fridge"] == str(day_0 + 3 * day)
    fridge = book(client, batch, "put", 1, place="fridge").json()["lots"]
    assert [until(lot) for lot in fridge] == [3 * day]
    (frozen,) = book(client, batch, "moved", 1, place="fridge", to="freezer").json()["lots"]
    assert until(frozen) > 80 * day
    demo_house.now.time += 20 * day
    (thawed,) = book(client, batch, "moved", 1, place="freezer", to="fridge").json()["lots"]
    assert (until(thawed), thawed["days_left"]) == (23 * day, 2), "the hours before count, too"


def test_days_in_the_fridge_add_up_and_freezing_gives_none_back(client, demo_house):
    """US advice, from memory: 3 days in the fridge, in all; UK: 24 hours once thawed."""
    day = timedelta(days=1)
    batch = closed_batch(client, "tray", "Tray")
    book(client, batch, "put", 3, place="fridge")

    def days_left(answer):
        return [lot["days_left"] for lot in answer.json()["lots"]]

    def move_after(days, amount, to, **more):
        demo_house.now.time += days * day
        place = {"fridge": "freezer", "freezer": "fridge"}[to]
        return book(client, batch, "moved", amount, place=place, to=to, **more)

    move_after(2, 3, "freezer")
    assert min(days_left(move_after(20, 2, "fridge"))) == 1, "two of three days were over before"
    move_after(1, 2, "freezer")
    assert min(days_left(move_after(30, 2, "fridge"))) == 0, "three days are over"
    late = move_after(1, 1, "freezer")
    assert late.status_code == 409
    assert "freezing makes nothing fresh again" in late.json()["detail"]
    assert move_after(0, 1, "freezer", note="it was put back the same hour").status_code == 200

    settings = client.get("/api/settings").json()
    client.put("/api/settings", json={**settings, "safety": "uk"}).raise_for_status()
    other = closed_batch(client, "cake", "Other")
    book(client, other, "put", 1, place="freezer")
    demo_house.now.time += 5 * day
    thawed = book(client, other, "moved", 1, place="freezer", to="fridge")
    assert days_left(thawed) == [1]


def test_what_came_back_can_be_kept_in_grams(client):
    weigh(client, LOAF, "leftover", bowl="Frosting", net_g=84)
    kept = book(client, LOAF, "put", 84, part="Frosting", place="fridge").json()
    part = next(lot for lot in kept["lots"] if lot["part"] == "Frosting")
    assert part["amount"] == 84
    assert book(client, LOAF, "put", 1, part="Frosting", place="fridge").status_code == 409
    assert book(client, LOAF, "put", 1, part="Icing", place="fridge").status_code == 409


def test_an_open_weigh_in_has_nothing_to_put_away(client):
    assert book(client, 2, "put", 1, place="fridge").status_code == 409
