"""Photos: scaled, upright, without what the phone wrote beside them; refused when they are none."""

import io
import uuid
from concurrent.futures import ThreadPoolExecutor

import pytest
from PIL import Image

from gasket.formats.pictures import MOST_SIDE

BATCH = 3


def picture(size=(2400, 1200), kind="JPEG", mode="RGB", **more):
    out = io.BytesIO()
    image = Image.new(mode, size, "orange" if mode == "RGB" else (0, 0, 0, 0))
    image.paste("purple", (0, 0, size[0] // 4, size[1]))
    image.save(out, kind, **more)
    return out.getvalue()


def send(client, content, stage="cut", batch=BATCH, key=None):
    params = {"stage": stage, "id": key or str(uuid.uuid4())}
    headers = {"Content-Type": "image/jpeg"}
    return client.post(
        f"/api/batches/{batch}/photos", params=params, content=content, headers=headers
    )


def shown(client, photo):
    answer = client.get(f"/api/photos/{photo['id']}")
    assert answer.headers["content-type"] == "image/jpeg"
    return Image.open(io.BytesIO(answer.content))


def test_a_photo_is_scaled_upright_and_says_nothing_of_where_it_was_taken(client):
    exif = Image.Exif()
    exif[0x0112] = 6  # turned by 90 degrees
    exif[0x010F] = "A maker"
    sent = send(client, picture(exif=exif)).json()[0]
    assert (sent["width"], sent["height"]) == (MOST_SIDE // 2, MOST_SIDE)
    found = shown(client, sent)
    assert found.size == (MOST_SIDE // 2, MOST_SIDE)
    assert dict(found.getexif()) == {}
    assert b"A maker" not in client.get(f"/api/photos/{sent['id']}").content
    red, _, blue = found.getpixel((400, 20))
    assert blue > 100 > 0 < red, "the purple end is on top"


@pytest.mark.parametrize(
    ("kind", "mode", "size"), [("PNG", "RGBA", (300, 200)), ("WEBP", "RGB", (80, 60))]
)
def test_other_kinds_of_picture_are_taken_and_small_ones_stay_small(client, kind, mode, size):
    sent = send(client, picture(size, kind, mode)).json()[0]
    assert (sent["width"], sent["height"]) == size
    assert shown(client, sent).mode == "RGB"


@pytest.mark.parametrize(
    ("content", "status", "says"),
    [
        (lambda: b"not a picture, renamed", 422, "isn’t a picture"),
        (bytes, 422, "isn’t a picture"),
        (lambda: picture()[:900], 422, "isn’t a picture"),
        (lambda: b"<svg xmlns='http://www.w3.org/2000/svg'/>", 422, "isn’t a picture"),
        (lambda: picture((20_000, 5_000), "PNG"), 422, "pixels"),
        (lambda: b"\xff" * 31_000_001, 413, "at most 31 MB"),
    ],
    ids=["text", "nothing", "torn", "svg", "many-pixels", "many-bytes"],
)
def test_what_is_no_picture_is_a_sentence_and_nothing_is_kept(client, content, status, says):
    answer = send(client, content())
    assert answer.status_code == status
    assert says in answer.text
    assert client.get(f"/api/batches/{BATCH}/photos").json() == []


def test_a_photo_is_deleted_brought_back_and_put_on_the_card(client):
    key = str(uuid.uuid4())
    for _ in range(2):
        there = send(client, picture(), key=key).json()
    assert len(there) == 1
    assert send(client, picture(), batch=1, key=key).status_code == 409
    where = f"/api/photos/{there[0]['id']}"
    assert client.put(where, json={"removed": True}).json() == []
    assert len(client.put(where, json={"removed": False, "on_card": True}).json()) == 1
    assert [one["id"] for one in client.get(f"/api/batches/{BATCH}/card").json()["photos"]] == [
        there[0]["id"]
    ]
    assert client.get("/api/photos/999").status_code == 404
    trial = client.get(f"/api/batches/{BATCH}").json()["trial_id"]
    assert len(client.get(f"/api/trials/{trial}/photos").json()) == 1


def test_several_phones_at_once_and_no_more_than_a_batch_can_use(client):
    with ThreadPoolExecutor(8) as phones:
        answers = list(phones.map(lambda _: send(client, picture((60, 40))), range(44)))
    assert [answer.status_code for answer in answers].count(201) == 40
    assert len(client.get(f"/api/batches/{BATCH}/photos").json()) == 40
