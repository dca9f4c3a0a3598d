import createClient, { type Middleware } from "openapi-fetch";

import type { components, paths } from "./schema";
import { ALL_OLD, hear, STALE } from "./stale";

export type Schemas = components["schemas"];
export type Fault = Schemas["Fault"];

/** A refusal of the server: a sentence, and a sentence for each field. */
export class ProblemError extends Error {
  readonly status: number;
  readonly faults: readonly Fault[];
  readonly current: unknown;

  constructor(status: number, detail: string, faults: readonly Fault[] = [], current?: unknown) {
    super(detail);
    this.status = status;
    this.faults = faults;
    this.current = current;
  }

  /** The sentence for the field at `path`. */
  at(path: string): string | undefined {
    return this.faults.find((fault) => fault.path === path)?.message;
  }
}

export const api = createClient<paths>();

const KEY = "Idempotency-Key";
const CHANGED_ELSEWHERE = 409;
const SAFE = ["GET", "HEAD"];

/**
 * A request to write carries a key until the kitchen has answered it: sent again because no answer came, or
 * pressed twice, it is done once. `unanswered` are the keys by what was asked.
 */
export function onceOnly(unanswered = new Map<string, string>()): Middleware {
  return {
    async onRequest({ request }) {
      const json = request.headers.get("Content-Type")?.includes("json") ?? true;
      if (SAFE.includes(request.method) || !json) return undefined;
      const asked = `${request.method} ${request.url} ${await request.clone().text()}`;
      const key = unanswered.get(asked) ?? crypto.randomUUID();
      unanswered.set(asked, key);
      request.headers.set(KEY, key);
      return request;
    },
    onResponse({ request, response }) {
      const key = request.headers.get(KEY);
      if (response.status >= 500) return;
      for (const [asked, one] of unanswered) if (one === key) unanswered.delete(asked);
    },
  };
}

const tells: Middleware = {
  onResponse({ response }) {
    const stale = response.headers.get(STALE);
    if (stale) hear(JSON.parse(stale) as Schemas["Stale"]);
    else if (response.status === CHANGED_ELSEWHERE) hear(ALL_OLD);
  },
};

api.use(onceOnly(), tells);

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer, or a `ProblemError`. A server that does not answer is status 0. */
export async function ask<T>(request: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await request;
  } catch {
    throw new ProblemError(0, "The kitchen does not answer. What you typed is kept here.");
  }
  if (answer.response.ok) return answer.data as T;
  const problem = answer.error as Partial<Schemas["Problem"]> | undefined;
  throw new ProblemError(
    answer.response.status,
    problem?.detail ?? `The kitchen answered ${answer.response.status}.`,
    problem?.errors ?? [],
    problem?.current,
  );
}

/** Whatever was thrown, as a problem that a form can show. */
export function problemOf(error: unknown): ProblemError {
  return error instanceof ProblemError ? error : new ProblemError(0, sentence(error));
}

/** The first fault's sentence, or that of the whole refusal. */
export function firstFault(error: unknown): string {
  return problemOf(error).faults[0]?.message ?? sentence(error);
}

export function sentence(error: unknown): string {
  return error instanceof Error ? error.message : "Something went wrong.";
}
