import type { KeepAnswer, KeptChange, Theirs } from '@inch-nest/contracts';

/** What somebody changed and the server does not hold yet, part by part. */
export interface Pending {
  readonly path: string;
  /** What is shown: everything that was wished for this part. */
  readonly value: unknown;
  /** What somebody else has kept of it meanwhile, for a person to choose. */
  readonly clash: Theirs | null;
  /** Why it cannot be kept as it is. */
  readonly problem: string | null;
}

/** How things stand: nothing waits, something is on its way, or something could not be kept. */
export type KeepState = 'kept' | 'keeping' | 'notKept';

/** What a keeper needs of the world; tests pass their own. */
export interface KeeperWorld<Whole> {
  /** @throws Refused where the command as a whole is refused, anything else where nobody is heard */
  readonly send: (changes: KeptChange[]) => Promise<KeepAnswer<Whole>>;
  readonly newId: () => string;
  /** @returns how to stop it */
  readonly after: (ms: number, act: () => void) => () => void;
  /** Joins a later change of a part to an earlier one that was not sent yet; the later one alone where left out. */
  readonly join?: (path: string, earlier: unknown, later: unknown) => unknown;
}

/** The server has read the command and will not take it, however often it is sent. */
export class Refused extends Error {}

export const QUIET_MS = 400;
const AGAIN_MS = [1000, 2000, 4000, 8000, 15_000];

/** A command carries at most so many changes; the rest goes next. */
const MOST_AT_ONCE = 200;

interface Entry {
  /** On its way, or on its way when nobody was heard: sent again with the same id until an answer comes. */
  sent: KeptChange | null;
  /** Changed since. */
  unsent: { value: unknown } | null;
  /** The revision the person saw, or the one that her own last change has been given. */
  basedOn: number;
  clash: Theirs | null;
  problem: string | null;
}

/**
 * Keeps changes of one thing (a parcel, a shop), however slow and broken the line: each part by itself, sent shortly
 * after the last of them, one command at a time, each change with an id under which it counts once. What comes back
 * replaces what it was based on, so that nobody clashes with her own earlier change. Nothing is forgotten before the
 * server has said that it stands.
 */
export class Keeper<Whole> {
  /** Takes over what is answered, together with what became of the changes. */
  onWhole: (whole: Whole) => void = () => undefined;
  readonly #entries = new Map<string, Entry>();
  readonly #listeners = new Set<() => void>();
  readonly #world: KeeperWorld<Whole>;
  #sending: Promise<void> | null = null;
  #stopTimer: (() => void) | null = null;
  #unheard = 0;
  #snapshot: readonly Pending[] = [];

  constructor(world: KeeperWorld<Whole>) {
    this.#world = world;
  }

  /** What waits, as one value that stays the same while nothing changes. */
  readonly pending = (): readonly Pending[] => this.#snapshot;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => void this.#listeners.delete(listener);
  };

  state(): KeepState {
    if (this.#snapshot.length === 0) return 'kept';
    return this.#unheard > 0 || this.#snapshot.some((one) => one.clash || one.problem) ? 'notKept' : 'keeping';
  }

  /**
   * Changes parts as one gesture.
   *
   * @param seen the revision of each part as it is shown, where nothing of it waits
   */
  set(changes: readonly { path: string; value: unknown; seen: number }[]): void {
    for (const { path, value, seen } of changes) {
      const entry = this.#entries.get(path) ?? { sent: null, unsent: null, basedOn: seen, clash: null, problem: null };
      entry.unsent = { value: entry.unsent ? this.#join(path, entry.unsent.value, value) : value };
      entry.problem = null;
      this.#entries.set(path, entry);
    }
    this.#tell();
    this.#schedule(QUIET_MS);
  }

  /** Chooses between two people's values of a part. */
  settle(path: string, mine: boolean): void {
    const entry = this.#entries.get(path);
    if (!entry) return;
    if (mine && entry.clash) {
      entry.basedOn = entry.clash.revision;
      entry.clash = null;
      this.#schedule(0);
    } else this.#entries.delete(path);
    this.#tell();
  }

  /** Lets go of a part that cannot be kept. */
  drop(path: string): void {
    this.#entries.delete(path);
    this.#tell();
  }

  /** Sends what waits now. @returns once it has been answered, or nobody was heard */
  async flush(): Promise<void> {
    this.#stopTimer?.();
    this.#stopTimer = null;
    while (this.#sending) await this.#sending;
    if (this.#due().length === 0) return;
    this.#sending = this.#send().finally(() => {
      this.#sending = null;
    });
    await this.#sending;
  }

  #due(): [string, Entry][] {
    return [...this.#entries].filter(([, entry]) => entry.clash === null && entry.problem === null).slice(0, MOST_AT_ONCE);
  }

  async #send(): Promise<void> {
    const due = this.#due();
    for (const [path, entry] of due)
      if (!entry.sent && entry.unsent) {
        entry.sent = { id: this.#world.newId(), path, value: entry.unsent.value as KeptChange['value'], basedOn: entry.basedOn };
        entry.unsent = null;
      }
    const changes = due.flatMap(([, entry]) => entry.sent ?? []);
    let answer: KeepAnswer<Whole>;
    try {
      answer = await this.#world.send(changes);
    } catch (error) {
      if (error instanceof Refused) this.#refuse(changes, error.message);
      else this.#unheard++;
      this.#tell();
      if (this.#due().length > 0) this.#schedule(AGAIN_MS[Math.min(this.#unheard, AGAIN_MS.length) - 1] ?? QUIET_MS);
      return;
    }
    this.#unheard = 0;
    for (const [i, change] of changes.entries()) this.#take(change, answer.verdicts[i]);
    this.onWhole(answer.whole);
    this.#tell();
    if (this.#due().length > 0) this.#schedule(QUIET_MS);
  }

  #take({ path, id }: KeptChange, verdict: KeepAnswer<Whole>['verdicts'][number] | undefined): void {
    const entry = this.#entries.get(path);
    // let go meanwhile
    if (!entry || entry.sent?.id !== id) return;
    const { value } = entry.sent;
    entry.sent = null;
    if (verdict?.kind === 'kept') {
      entry.basedOn = verdict.revision;
      if (!entry.unsent) this.#entries.delete(path);
      return;
    }
    if (verdict?.kind === 'refused' && entry.unsent) return;
    entry.unsent = { value: entry.unsent ? this.#join(path, value, entry.unsent.value) : value };
    if (verdict?.kind === 'clash') entry.clash = verdict.theirs;
    else entry.problem = verdict?.problem ?? 'the server did not say what became of it';
  }

  #refuse(changes: readonly KeptChange[], why: string): void {
    for (const { path, id } of changes) {
      const entry = this.#entries.get(path);
      if (!entry || entry.sent?.id !== id) continue;
      const { value } = entry.sent;
      entry.sent = null;
      if (entry.unsent) continue;
      entry.unsent = { value };
      entry.problem = why;
    }
  }

  #join(path: string, earlier: unknown, later: unknown): unknown {
    return this.#world.join ? this.#world.join(path, earlier, later) : later;
  }

  #schedule(ms: number): void {
    this.#stopTimer?.();
    this.#stopTimer = this.#world.after(ms, () => {
      this.#stopTimer = null;
      void this.flush();
    });
  }

  #tell(): void {
    this.#snapshot = [...this.#entries].map(([path, { sent, unsent, clash, problem }]) => ({
      path,
      value: sent && unsent ? this.#join(path, sent.value, unsent.value) : (sent ?? unsent)?.value,
      clash,
      problem,
    }));
    for (const listener of this.#listeners) listener();
  }
}
