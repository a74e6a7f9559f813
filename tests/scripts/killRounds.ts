import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { HealthView, ParcelView, ShelfTag, ShopView } from '@inch-nest/contracts';

const root = join(__dirname, '../..');
export const VICTIMS = ['application', 'counter', 'database', 'starter'] as const;
export type Victim = (typeof VICTIMS)[number];

const pause = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/** The demo as somebody starts it, with whatever it says. */
export class Demo {
  private child: ChildProcess | null = null;
  said = '';

  constructor(
    readonly state: string,
    readonly port: number,
  ) {}

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** Starts it and waits until it says that it is ready, or ends. */
  async start(): Promise<void> {
    const child = spawn(process.execPath, ['scripts/demo.mjs', '--port', String(this.port), '--state', this.state], { cwd: root });
    this.child = child;
    const from = this.said.length;
    const hear = (part: Buffer) => (this.said += part.toString());
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    while (!this.said.slice(from).includes('is ready')) {
      if (child.exitCode !== null || child.signalCode !== null) throw new Error(`it ended: ${this.said.slice(from)}`);
      await pause(100);
    }
  }

  /** Processes of ours, by what they are. */
  private pids(): Partial<Record<Victim, number>> {
    const starter = this.child!.pid!;
    const children = readFileSync(`/proc/${starter}/task/${starter}/children`, 'utf8').trim().split(/\s+/).map(Number);
    const what = (pid: number): Victim | null => {
      const command = commandOf(pid);
      if (command === null || command.startsWith('flock')) return null;
      return /bin\/postgres/.test(command) ? 'database' : command.includes('counter/src/main') ? 'counter' : 'application';
    };
    const pids: Partial<Record<Victim, number>> = { starter };
    for (const pid of children) {
      const is = what(pid);
      if (is) pids[is] = pid;
    }
    return pids;
  }

  /** Ends one of them as a failing machine would. */
  async kill(victim: Victim): Promise<void> {
    const pid = this.pids()[victim];
    if (!pid) throw new Error(`no ${victim} is running`);
    process.kill(pid, 'SIGKILL');
    if (victim === 'starter') {
      await new Promise((resolve) => this.child!.once('close', resolve));
      await this.start();
    }
  }

  /** True once everybody answers; false where that takes longer. */
  async ready(withinMs: number): Promise<boolean> {
    for (const until = Date.now() + withinMs; Date.now() < until; await pause(150)) {
      const health = await this.ask<HealthView>('GET', '/api/health');
      if (health?.database && health.counter) return true;
    }
    return false;
  }

  async stop(): Promise<void> {
    const child = this.child;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = new Promise((resolve) => child.once('close', resolve));
    child.kill('SIGINT');
    await gone;
  }

  /** What it answers; null where it does not. */
  async ask<Answer>(method: string, path: string, body?: object): Promise<Answer | null> {
    return fetch(this.address + path, {
      method,
      headers: { origin: this.address, ...(body ? { 'content-type': 'application/json' } : {}) },
      ...(body ? { body: JSON.stringify(body) } : {}),
      signal: AbortSignal.timeout(20_000),
    })
      .then(async (answer) => (answer.ok ? ((await answer.json()) as Answer) : null))
      .catch(() => null);
  }
}

/** A clerk who goes on weighing one parcel and buying labels for others, and remembers what was acknowledged. */
export class Clerk {
  readonly acknowledged: string[] = [];
  private going = true;

  constructor(
    private readonly demo: Demo,
    private readonly shop: ShopView,
    private readonly parcel: ShelfTag,
  ) {}

  async work(): Promise<void> {
    for (let i = 1; this.going; i++) {
      const eventId = crypto.randomUUID();
      const happening = { kind: 'weighed', readingsLb: [2 + (i % 7) / 16], outsideIn: null };
      const command = { personId: this.shop.people[0]!.id, eventId, happening, undoOf: null, at: null };
      if (await this.demo.ask('POST', `/api/parcels/${this.parcel.id}/events`, command)) this.acknowledged.push(eventId);
      await pause(20);
    }
  }

  stop(): void {
    this.going = false;
  }

  /** Waits for one more to be acknowledged than so far, however slow the machine is. */
  async oneMore(withinMs: number): Promise<boolean> {
    const before = this.acknowledged.length;
    for (const until = Date.now() + withinMs; Date.now() < until; await pause(20)) if (this.acknowledged.length > before) return true;
    return false;
  }

  /** What was acknowledged and is not there. */
  async lost(): Promise<string[]> {
    const view = await this.demo.ask<ParcelView>('GET', `/api/parcels/${this.parcel.id}`);
    const kept = new Set(view!.events.map((event) => event.id));
    return this.acknowledged.filter((id) => !kept.has(id));
  }
}

/** What a process was started as; null for one that has ended since it was listed. */
function commandOf(pid: number): string | null {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8');
  } catch {
    return null;
  }
}
