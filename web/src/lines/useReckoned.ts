import { useEffect, useRef, useState } from "react";

import { api, ask, type ProblemError, problemOf, type Schemas } from "../api/client";
import { useSettings } from "../api/queries";
import { useAnswer } from "../api/useAnswer";

export interface Reckoned {
  report: Schemas["BuildReport"];
  result: Schemas["Reckoning"];
  problem: ProblemError | undefined;
}

const asked = (trialId: number, body: Schemas["Build"]) =>
  api.POST("/api/trials/{trial_id}/reckon", { params: { path: { trial_id: trialId } }, body });

/** The reckoning of a build while it or the house changes: the newest answer wins, faults keep the last one. */
export function useReckoned(
  trialId: number,
  build: Schemas["Build"],
  stored: Schemas["BuildReport"],
): Reckoned {
  const [reckoned, setReckoned] = useState<Pick<Reckoned, "report" | "problem">>({
    report: stored,
    problem: undefined,
  });
  const count = useRef(0);
  const text = JSON.stringify(build);
  const first = useRef(text);
  const house = useSettings().data?.version;
  const reckonedFor = useRef(house);
  useEffect(() => {
    const before = reckonedFor.current;
    reckonedFor.current = house ?? before;
    const otherHouse = before !== undefined && house !== undefined && before !== house;
    if (first.current === text && count.current === 0 && !otherHouse) return;
    const mine = ++count.current;
    const timer = setTimeout(() => {
      ask(asked(trialId, JSON.parse(text) as Schemas["Build"])).then(
        (report) => {
          if (mine === count.current) setReckoned({ report, problem: undefined });
        },
        (error: unknown) => {
          if (mine !== count.current) return;
          const problem = problemOf(error);
          setReckoned((last) => ({ ...last, problem }));
        },
      );
    }, 40);
    return () => clearTimeout(timer);
  }, [text, trialId, house]);
  return { ...reckoned, result: reckoned.report.result };
}

/** The report of a build that is only tried; undefined while there is none. */
export function useTried(trialId: number, tried: Schemas["Build"] | null) {
  const text = tried === null ? "" : JSON.stringify(tried);
  const { about, answer } = useAnswer<Schemas["BuildReport"]>(
    text,
    (body) => asked(trialId, JSON.parse(body) as Schemas["Build"]),
    20,
  );
  return tried !== null && about !== "" ? answer : undefined;
}
