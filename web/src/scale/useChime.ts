import { useEffect, useRef } from "react";

/** A short tone whenever something new was recorded. */
export function useChime(record: string | null) {
  const before = useRef(record);
  const audio = useRef<AudioContext>(undefined);
  useEffect(() => {
    if (record === before.current) return;
    const isNew = record !== null;
    before.current = record;
    if (!isNew || typeof AudioContext === "undefined") return;
    audio.current ??= new AudioContext();
    if (audio.current.state !== "running") return;
    const tone = audio.current.createOscillator();
    const level = audio.current.createGain();
    level.gain.value = 0.08;
    tone.frequency.value = 880;
    tone.connect(level).connect(audio.current.destination);
    tone.start();
    tone.stop(audio.current.currentTime + 0.12);
  }, [record]);
}
