import 'server-only';
import { Refused } from '@inch-nest/data';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { database } from '../database.ts';

// Wrong guesses are counted by where they come from, never by whom they name alone: so nobody can lock somebody else out. A
// device of the shop is counted by itself, whatever strangers at the same address do.

const QUARTER_S = 900;

const limiter = (keyPrefix: string, points: number, duration: number): RateLimiterPostgres =>
  new RateLimiterPostgres({
    storeClient: database().sequelize,
    storeType: 'sequelize',
    tableName: 'sign_in_limit',
    tableCreated: true,
    keyPrefix,
    points,
    duration,
  });

const kept = globalThis as { inchNestLimits?: { address: RateLimiterPostgres; name: RateLimiterPostgres; device: RateLimiterPostgres } };
const limits = () =>
  (kept.inchNestLimits ??= {
    /** All that comes from one address that is no device of the shop. */
    address: limiter('address', 30, QUARTER_S),
    /** One name from one address. */
    name: limiter('name', 8, QUARTER_S),
    /** One person at one device of the shop. */
    device: limiter('device', 8, QUARTER_S),
  });

/** Where a guess comes from. */
export interface Guesser {
  /** The device, where it is the shop's. */
  readonly deviceId: string | null;
  readonly address: string;
  /** Who is named. */
  readonly name: string;
}

const keysOf = ({ deviceId, address, name }: Guesser): [RateLimiterPostgres, string][] => {
  const who = name.trim().toLowerCase().slice(0, 60);
  return deviceId
    ? [[limits().device, `${deviceId}/${who}`]]
    : [
        [limits().address, address],
        [limits().name, `${address}/${who}`],
      ];
};

/** Counts a guess before it is looked at, so that many at once are counted too. @throws Refused where there were too many */
export async function countGuess(guesser: Guesser): Promise<void> {
  for (const [limit, key] of keysOf(guesser))
    try {
      await limit.consume(key);
    } catch (error) {
      if (!(error instanceof RateLimiterRes)) throw error;
      const minutes = Math.max(1, Math.ceil(error.msBeforeNext / 60_000));
      throw new Refused([
        { path: 'password', message: `too many wrong guesses from here: wait ${minutes} min, or sign in at another of the shop’s devices` },
      ]);
    }
}

/** A right guess takes back what was counted for its name here. */
export async function forgiveGuesses(guesser: Guesser): Promise<void> {
  for (const [limit, key] of keysOf(guesser))
    if (limit === limits().address) await limit.reward(key);
    else await limit.delete(key);
}
