import { useEffect } from "react";

/** The screen stays awake while the page is looked at; where the browser cannot, nothing happens. */
export function useWakeLock() {
  useEffect(() => {
    if (!("wakeLock" in navigator)) return;
    let held: WakeLockSentinel | null = null;
    let left = false;
    const hold = async () => {
      if (document.visibilityState !== "visible") return;
      try {
        const lock = await navigator.wakeLock.request("screen");
        if (left) void lock.release();
        else held = lock;
      } catch {
        // a battery that saves power refuses: the cook's own setting stands
      }
    };
    const again = () => void hold();
    again();
    document.addEventListener("visibilitychange", again);
    return () => {
      left = true;
      document.removeEventListener("visibilitychange", again);
      void held?.release();
    };
  }, []);
}
