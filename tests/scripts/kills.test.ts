import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ParcelView, ShelfTag, ShopView } from '@inch-nest/contracts';
import { Clerk, Demo, VICTIMS, type Victim } from './killRounds.ts';

// Whoever dies, and in whatever order: it comes back by itself or with the next start, and nothing that was acknowledged is lost.
// Some rounds each time; a hundred with INCH_NEST_KILL_ROUNDS=100.

const ROUNDS = Number(process.env['INCH_NEST_KILL_ROUNDS'] ?? VICTIMS.length);
const BACK_MS = 120_000;

const freePort = () =>
  new Promise<number>((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as { port: number };
      server.close(() => resolve(port));
    });
  });
/** The same victims each time: every one of them first, then by a small generator. */
function victimOf(round: number): Victim {
  if (round < VICTIMS.length) return VICTIMS[round]!;
  const mixed = Math.imul(round ^ 0x9e3779b9, 0x85ebca6b) >>> 13;
  return VICTIMS[mixed % VICTIMS.length]!;
}

test(
  `${ROUNDS} rounds of kills: it comes back, nothing acknowledged is lost, one label has one charge`,
  async () => {
    const folder = mkdtempSync(join(tmpdir(), 'inch-nest-kills-'));
    chmodSync(folder, 0o755);
    const demo = new Demo(join(folder, 'state'), await freePort());
    try {
      await demo.start();
      const shop = (await demo.ask<ShopView>('GET', '/api/shop'))!;
      const shelf = (await demo.ask<ShelfTag[]>('GET', '/api/shelf'))!;
      const personId = shop.people[0]!.id;
      const rated = shelf.filter((tag) => tag.state === 'rated');
      const clerk = new Clerk(
        demo,
        shop,
        shelf.find((tag) => tag.state === 'planned')!,
      );
      const working = clerk.work();
      for (let round = 0; round < ROUNDS; round++) {
        // something was acknowledged that the blow could lose
        expect({ round, acknowledged: await clerk.oneMore(BACK_MS) }).toEqual({ round, acknowledged: true });
        // a label is under way when the blow falls
        const buyer = rated[round % rated.length]!;
        const buying = demo.ask('POST', `/api/parcels/${buyer.id}/label`, { personId, act: 'buy' });
        await new Promise((resolve) => setTimeout(resolve, (round * 37) % 120));
        await demo.kill(victimOf(round));
        await buying;
        expect({ round, back: await demo.ready(BACK_MS) }).toEqual({ round, back: true });
      }
      expect(await clerk.oneMore(BACK_MS)).toBe(true);
      clerk.stop();
      await working;
      expect(clerk.acknowledged.length).toBeGreaterThan(ROUNDS);
      expect(await clerk.lost()).toEqual([]);
      // what was left pending is asked after: then no parcel has two labels, and none is left in between
      let bought = 0;
      for (const { id } of rated) {
        await demo.ask('POST', `/api/parcels/${id}/label`, { personId, act: 'ask' });
        const { labels } = (await demo.ask<ParcelView>('GET', `/api/parcels/${id}`))!;
        expect(labels.filter((label) => label.state === 'bought').length).toBeLessThanOrEqual(1);
        expect(labels.map((label) => label.state)).not.toContain('pending');
        bought += labels.filter((label) => label.state === 'bought').length;
      }
      // the counter's own book: what was charged is what was bought
      const book = JSON.parse(readFileSync(join(demo.state, 'files/counter.json'), 'utf8')) as { purchases: object };
      expect(Object.keys(book.purchases)).toHaveLength(bought);
    } catch (error) {
      throw new Error(`${(error as Error).message}\n${demo.said.slice(-2000)}`);
    } finally {
      await demo.stop();
      rmSync(folder, { recursive: true, force: true });
    }
  },
  300_000 + ROUNDS * 60_000,
);
