import { useState } from "react";

import { api, ask, firstFault } from "../../api/client";
import { usePhotos } from "../../api/queries";
import { PHOTO_STAGES } from "../../api/vocabulary";
import { type Photo, photoAddress, type PhotoStage, STAGE_NAMES } from "../../dish/photos";
import { Menu } from "../../ui/Menu";
import { useNotice } from "../../ui/notices";
import { useDeed } from "../../ui/useDeed";

/** Photos of the batch by stage, from a file or the phone's camera. */
export function Photos({ batchId }: { batchId: number }) {
  const { data: photos = [] } = usePhotos(batchId);
  const [error, setError] = useState<string>();
  const deed = useDeed((problem) => setError(firstFault(problem)));
  const [busy, setBusy] = useState<PhotoStage>();
  const add = async (stage: PhotoStage, file: File) => {
    setBusy(stage);
    await deed.run(async () => {
      await ask(
        api.POST("/api/batches/{batch_id}/photos", {
          params: { path: { batch_id: batchId }, query: { stage, id: crypto.randomUUID() } },
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as BodyInit,
          headers: { "Content-Type": "image/jpeg" },
        }),
      );
      setError(undefined);
    });
    setBusy(undefined);
  };
  return (
    <section aria-label="Photos">
      <h2 className="text-lg font-bold">Photos</h2>
      <div className="mt-1 grid grid-cols-2 gap-3">
        {PHOTO_STAGES.map((stage) => (
          <Stage
            key={stage}
            stage={stage}
            photos={photos.filter((photo) => photo.stage === stage)}
            busy={busy === stage}
            onFile={(file) => void add(stage, file)}
          />
        ))}
      </div>
      {error && (
        <p role="alert" className="mt-1 text-sm text-mark">
          {error}
        </p>
      )}
    </section>
  );
}

interface StageProps {
  stage: PhotoStage;
  photos: readonly Photo[];
  busy: boolean;
  onFile: (file: File) => void;
}

function Stage({ stage, photos, busy, onFile }: StageProps) {
  const say = useNotice();
  const deed = useDeed();
  const put = async (photo: Photo, edit: { removed?: boolean; on_card?: boolean }) => {
    await deed.run(async () => {
      const params = { path: { photo_id: photo.id } };
      await ask(api.PUT("/api/photos/{photo_id}", { params, body: edit }));
      if (edit.removed) {
        say({ text: "The photo is deleted.", undo: () => void put(photo, { removed: false }) });
      }
    });
  };
  return (
    <div>
      {photos.map((photo) => (
        <figure key={photo.id} className="relative mb-2 border border-ink">
          <img
            src={photoAddress(photo.id)}
            width={photo.width}
            height={photo.height}
            loading="lazy"
            alt={STAGE_NAMES[stage]}
            className="h-auto w-full"
          />
          <figcaption className="absolute top-0 right-0 bg-sheet">
            <Menu
              label={`More for the photo ${STAGE_NAMES[stage].toLowerCase()}`}
              items={[
                {
                  says: photo.on_card ? "Take off the card" : "Show on the card",
                  run: () => void put(photo, { on_card: !photo.on_card }),
                },
                { says: "Delete", run: () => void put(photo, { removed: true }) },
              ]}
            />
          </figcaption>
        </figure>
      ))}
      <label className="flex min-h-11 cursor-pointer items-center justify-center border border-dashed border-soft px-2 text-center text-sm hover:bg-wash has-focus-visible:outline-2 has-focus-visible:outline-pencil">
        {busy ? "One moment…" : `${STAGE_NAMES[stage]}: add`}
        <input
          type="file"
          accept="image/*"
          aria-label={`Photo: ${STAGE_NAMES[stage].toLowerCase()}`}
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            if (file) onFile(file);
          }}
        />
      </label>
    </div>
  );
}
