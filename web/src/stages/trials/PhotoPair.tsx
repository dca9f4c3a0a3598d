import { Slider } from "radix-ui";
import { useState } from "react";

import { useTrialPhotos } from "../../api/queries";
import { PHOTO_STAGES } from "../../api/vocabulary";
import { type Photo, photoAddress, type PhotoStage, STAGE_NAMES } from "../../dish/photos";
import { Toggle } from "../../ui/Toggle";
import type { Trial } from "./trials";

interface PhotoPairProps {
  before: Trial;
  after: Trial;
}

/** The same stage of two trials, one over the other, with a slider between. */
export function PhotoPair({ before, after }: PhotoPairProps) {
  const { data: left = [] } = useTrialPhotos(before.id);
  const { data: right = [] } = useTrialPhotos(after.id);
  const both = PHOTO_STAGES.flatMap((stage) => {
    const pair = [left, right].map((photos) => photos.find((photo) => photo.stage === stage));
    return pair[0] && pair[1] ? [{ stage, left: pair[0], right: pair[1] }] : [];
  });
  const [chosen, setChosen] = useState<PhotoStage>();
  const shown = both.find((pair) => pair.stage === chosen) ?? both[0];
  if (!shown) return null;
  return (
    <section aria-label="Photos">
      <h2 className="text-lg font-bold">Photos</h2>
      <div role="group" aria-label="Stage" className="my-1 flex flex-wrap">
        {both.map(({ stage }) => (
          <Toggle key={stage} small on={stage === shown.stage} onChoose={() => setChosen(stage)}>
            {STAGE_NAMES[stage]}
          </Toggle>
        ))}
      </div>
      <Slide
        left={shown.left}
        right={shown.right}
        says={STAGE_NAMES[shown.stage].toLowerCase()}
        letters={[before.letter, after.letter]}
      />
    </section>
  );
}

interface SlideProps {
  left: Photo;
  right: Photo;
  says: string;
  letters: readonly [string, string];
}

function Slide({ left, right, says, letters }: SlideProps) {
  const [at, setAt] = useState(50);
  return (
    <div className="max-w-2xl">
      <div className="relative aspect-4/3 overflow-hidden border border-ink bg-wash">
        <img
          src={photoAddress(right.id)}
          alt={`Trial ${letters[1]}, ${says}`}
          className="absolute inset-0 size-full object-contain"
        />
        <img
          src={photoAddress(left.id)}
          alt={`Trial ${letters[0]}, ${says}`}
          style={{ clipPath: `inset(0 ${100 - at}% 0 0)` }}
          className="absolute inset-0 size-full bg-wash object-contain"
        />
        <span
          aria-hidden="true"
          style={{ left: `${at}%` }}
          className="absolute inset-y-0 border-l-2 border-sheet mix-blend-difference"
        />
        <b className="absolute top-1 left-1 bg-sheet px-1.5">{letters[0]}</b>
        <b className="absolute top-1 right-1 bg-sheet px-1.5">{letters[1]}</b>
      </div>
      <Slider.Root
        min={0}
        max={100}
        step={1}
        value={[at]}
        onValueChange={([next]) => setAt(next ?? 50)}
        className="relative flex h-11 touch-pan-y items-center"
      >
        <Slider.Track className="h-0.5 grow bg-ink" />
        <Slider.Thumb
          aria-label={`How much of ${letters[0]} is shown`}
          className="block h-8 w-4 border border-ink bg-pencil"
        />
      </Slider.Root>
    </div>
  );
}
