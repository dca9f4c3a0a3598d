import type { paths } from "./schema";

export type Capture =
  paths["/api/batches/{batch_id}/weighings"]["post"]["requestBody"]["content"]["application/json"];

type Without<Whole, Key extends PropertyKey> = Whole extends unknown ? Omit<Whole, Key> : never;

/** A capture before it has its id. */
export type Taken = Without<Capture, "id">;

/** A capture on its way: it waits in the browser until the kitchen has it, or says that it cannot take it. */
export interface Waiting {
  batchId: number;
  capture: Capture;
  /** Captures leave in the order in which they were taken, whichever page took them. */
  turn: number;
  /** Whether the browser keeps it, should this page be closed. */
  kept: boolean;
  /** Why the kitchen did not take it, long after it was taken: shown until somebody has seen it. */
  lost?: string;
}

export type Sent<T> =
  | { outcome: "stored"; answer: T }
  | { outcome: "refused"; says: string }
  | { outcome: "later"; says: string };

/** What the outbox needs of the browser; passed in, so that tests need no browser. */
export interface Surroundings<T> {
  storage: Storage;
  send: (batchId: number, capture: Capture) => Promise<Sent<T>>;
  /** Runs `work` while no other page of this browser does. */
  alone: (work: () => Promise<void>) => Promise<void>;
  now: () => number;
  later: (work: () => void, ms: number) => void;
}

export interface Listener<T> {
  onStored: (batchId: number, answer: T) => void;
  onRefused: (batchId: number, says: string) => void;
}

const PREFIX = "gasket.capture.";
const OLD = "gasket.captures.";
const RETRY_MS = 1000;

const keyOf = (one: Waiting) => `${PREFIX}${one.batchId}.${one.capture.id}`;

/**
 * Captures on their way to the kitchen. Each is kept under a key of its own, so that pages of one browser
 * cannot wipe each other's; each carries an id, so that a retry weighs nothing twice. What this page knows
 * of it also sends when the browser's storage was cleared.
 */
export class Outbox<T> {
  /** What keeps captures from arriving, as long as it does. */
  trouble: string | null = null;
  /** Whether what waits had to be sent again. */
  late = false;
  private readonly known = new Map<string, Waiting>();
  private readonly watchers = new Set<() => void>();
  private readonly listeners = new Set<Listener<T>>();
  private busy = false;
  private retrying = false;
  private shown: readonly Waiting[] = [];

  constructor(private readonly around: Surroundings<T>) {}

  /** Every capture that waits, and those that were lost; the same array until something changes. */
  all = (): readonly Waiting[] => this.shown;

  watch = (watcher: () => void): (() => void) => {
    this.watchers.add(watcher);
    return () => this.watchers.delete(watcher);
  };

  listen(listener: Listener<T>): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  /** Take a capture: from now on it arrives or is shown as lost. */
  add(batchId: number, capture: Capture): void {
    const one: Waiting = { batchId, capture, turn: this.nextTurn(), kept: true };
    one.kept = this.keep(one);
    this.known.set(capture.id, one);
    this.changed();
    void this.sendAll();
  }

  /** What other pages left, are sending or could not send. */
  look(): void {
    this.takeOver();
    for (const one of this.stored()) {
      const known = this.known.get(one.capture.id);
      if (!known || (one.lost !== undefined && known.lost === undefined)) {
        this.known.set(one.capture.id, one);
      }
    }
    this.changed();
    void this.sendAll();
  }

  /** Another page is done with what it kept under this key: it has arrived there, or was seen. */
  done(key: string): void {
    if (!key.startsWith(PREFIX)) return;
    this.known.delete(key.split(".").at(-1) ?? "");
    this.changed();
  }

  /** Somebody has seen that it was lost. */
  dismiss(id: string): void {
    this.forget(id);
    this.changed();
  }

  async sendAll(): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    try {
      await this.around.alone(async () => {
        for (let next = this.next(); next; next = this.next()) {
          if (!(await this.sendOne(next))) break;
        }
      });
    } finally {
      this.busy = false;
    }
    if (this.next() && !this.retrying) this.retry();
  }

  private retry(): void {
    this.retrying = true;
    this.around.later(() => {
      this.retrying = false;
      void this.sendAll();
    }, RETRY_MS);
  }

  private next(): Waiting | undefined {
    return [...this.known.values()]
      .filter((entry) => entry.lost === undefined)
      .sort((a, b) => a.turn - b.turn)[0];
  }

  /** Whether the kitchen has answered for good. */
  private async sendOne(one: Waiting): Promise<boolean> {
    const fresh = !this.late && this.around.now() - one.turn < RETRY_MS;
    const sent = await this.around.send(one.batchId, one.capture);
    if (sent.outcome === "later") {
      this.trouble = sent.says;
      this.late = true;
      this.changed();
      return false;
    }
    this.trouble = null;
    if (sent.outcome === "refused" && !fresh) this.lose(one, sent.says);
    else this.forget(one.capture.id);
    if (!this.next()) this.late = false;
    this.changed();
    for (const listener of this.listeners) {
      if (sent.outcome === "stored") listener.onStored(one.batchId, sent.answer);
      else listener.onRefused(one.batchId, sent.says);
    }
    return true;
  }

  private lose(one: Waiting, says: string): void {
    const lost = { ...one, lost: says };
    this.known.set(one.capture.id, lost);
    this.keep(lost);
  }

  private forget(id: string): void {
    const one = this.known.get(id);
    this.known.delete(id);
    if (one) this.around.storage.removeItem(keyOf(one));
  }

  /** Whether the browser could keep it. */
  private keep(one: Waiting): boolean {
    const { capture, turn, lost } = one;
    try {
      this.around.storage.setItem(keyOf(one), JSON.stringify({ capture, turn, lost }));
      return true;
    } catch {
      return false; // it is full, or not allowed: this page still sends it
    }
  }

  private stored(): Waiting[] {
    return this.keys(PREFIX).flatMap((key) => {
      const batchId = Number(key.slice(PREFIX.length).split(".")[0]);
      const stored = parsed(this.around.storage.getItem(key));
      const kept = stored as Omit<Waiting, "batchId"> | null;
      return kept?.capture ? [{ ...kept, batchId, kept: true }] : [];
    });
  }

  /** What an older page kept in one list for each batch. */
  private takeOver(): void {
    const { storage } = this.around;
    for (const key of this.keys(OLD)) {
      const batchId = Number(key.slice(OLD.length));
      for (const capture of (parsed(storage.getItem(key)) ?? []) as Capture[]) {
        this.keep({ batchId, capture, turn: this.nextTurn(), kept: true });
      }
      storage.removeItem(key);
    }
  }

  private keys(prefix: string): string[] {
    const { storage } = this.around;
    const all = Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? "");
    return all.filter((key) => key.startsWith(prefix));
  }

  private nextTurn(): number {
    const latest = Math.max(0, ...[...this.known.values()].map((known) => known.turn));
    return Math.max(this.around.now(), latest + 0.001);
  }

  private changed(): void {
    this.shown = [...this.known.values()].sort((a, b) => a.turn - b.turn);
    for (const watcher of this.watchers) watcher();
  }
}

function parsed(text: string | null): unknown {
  try {
    return JSON.parse(text ?? "null");
  } catch {
    return null;
  }
}
