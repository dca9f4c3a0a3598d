import { useEffect, useRef } from "react";

import type { Schemas } from "../api/client";

const AGAIN_MS = 4000;
const NOTES_HZ = [660, 880, 660];

/** Ring for what calls: a sound again and again, and one notification a call where allowed. */
export function useAlarm(calling: readonly Schemas["RunningTimer"][], now: number) {
  const rang = useRef(0);
  const told = useRef(new Set<string>());
  const audio = useRef<AudioContext>(undefined);
  useEffect(() => {
    const names = new Set<string>();
    for (const timer of calling) {
      const up = Date.parse(timer.due_at) <= now;
      const name = `${nameOf(timer)}/${up ? timer.due_at : timer.next_look_at}`;
      names.add(name);
      if (!told.current.has(name)) notify(timer, up);
    }
    told.current = names;
    // A reminder is said once; it is no oven that burns something.
    const urgent = calling.some((timer) => timer.kind !== "reminder");
    if (urgent && now - rang.current >= AGAIN_MS) {
      rang.current = now;
      audio.current = ring(audio.current);
    }
  }, [calling, now]);
}

/** Two batches may bake at once: a step is known by its batch, too. */
const nameOf = (timer: Schemas["RunningTimer"]) => `${timer.batch_id ?? 0}/${timer.id}`;

function notify(timer: Schemas["RunningTimer"], up: boolean) {
  if (typeof Notification === "undefined" || Notification.permission !== "granted") return;
  const says = up ? "is up" : timer.says ? `look: ${timer.says}?` : "look: is it done?";
  const dish = timer.dish ? `${timer.dish}: ` : "";
  new Notification(`${dish}${timer.name}`, { body: says, tag: nameOf(timer) });
}

/** Three short notes; silent until the browser allows sound. */
function ring(given: AudioContext | undefined): AudioContext | undefined {
  if (typeof AudioContext === "undefined") return undefined;
  const audio = given ?? new AudioContext();
  if (audio.state !== "running") return audio;
  NOTES_HZ.forEach((hertz, i) => {
    const tone = audio.createOscillator();
    const level = audio.createGain();
    level.gain.value = 0.12;
    tone.frequency.value = hertz;
    tone.connect(level).connect(audio.destination);
    tone.start(audio.currentTime + i * 0.22);
    tone.stop(audio.currentTime + i * 0.22 + 0.16);
  });
  return audio;
}
