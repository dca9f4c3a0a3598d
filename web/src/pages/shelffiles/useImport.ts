import { useCallback, useEffect, useState } from "react";

import { api, ask, firstFault, type Schemas, sentence } from "../../api/client";
import { ALL_OLD, hear } from "../../api/stale";

export type ImportState = Schemas["ImportState"];

const POLL_MS = 300;
const BUSY: readonly ImportState["stage"][] = ["reading", "writing"];

/** An import on its way: read in the background, looked at, written at once or dropped. */
export function useImport() {
  const [state, setState] = useState<ImportState>();
  const id = state?.id;
  const busy = state !== undefined && BUSY.includes(state.stage);
  useEffect(() => {
    if (!busy || !id) return;
    const timer = setInterval(() => {
      ask(api.GET("/api/shelf/imports/{key}", { params: { path: { key: id } } })).then(
        (next) => {
          setState(next);
          if (next.stage === "done") hear(ALL_OLD);
        },
        () => undefined, // the next look will tell
      );
    }, POLL_MS);
    return () => clearInterval(timer);
  }, [busy, id]);

  const start = useCallback(async (file: File): Promise<string | undefined> => {
    try {
      setState(
        await ask(
          api.POST("/api/shelf/imports", {
            params: { query: { file: file.name.slice(0, 200) } },
            body: file as unknown as string,
            bodySerializer: (body) => body as unknown as BodyInit,
            headers: { "Content-Type": "text/csv" },
          }),
        ),
      );
      return undefined;
    } catch (error) {
      return firstFault(error);
    }
  }, []);

  const commit = useCallback(
    async (leaveOut: boolean): Promise<string | undefined> => {
      if (!id) return undefined;
      try {
        setState(
          await ask(
            api.POST("/api/shelf/imports/{key}/commit", {
              params: { path: { key: id } },
              body: { leave_out_refused: leaveOut },
            }),
          ),
        );
        return undefined;
      } catch (error) {
        return sentence(error);
      }
    },
    [id],
  );

  const drop = useCallback(() => {
    if (id) {
      const params = { path: { key: id } };
      void ask(api.DELETE("/api/shelf/imports/{key}", { params })).catch(() => undefined);
    }
    setState(undefined);
  }, [id]);

  return { state, start, commit, drop };
}
