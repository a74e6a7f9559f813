import { GUARDS, guardsFor, type GuardData, type GuardKind, type HardPoint } from '../../engineering/pieces/hardPoints.ts';
import type { House } from '../../house/House.ts';
import type { PieceFacts } from '../sale/Order.ts';

/** What a plan puts on a piece that nobody had put there: a guard on a bare part, something in an empty hollow. */
export interface Added {
  readonly guards?: Readonly<Record<string, GuardKind>>;
  readonly filledHollows?: readonly string[];
}

/** What is added by a choice, or pinned: of it all nothing else, and no part that is not there. */
export const addedOf = ({ guards, filledHollows }: Added): Added => ({
  ...(guards ? { guards } : {}),
  ...(filledHollows ? { filledHollows } : {}),
});

/** A guard that gives back less than this is not worth a packer's hand; judgement. */
const WORTH_ITS_WHILE = 0.3;

/** The piece with what a plan adds; what a person set stays. */
export const withAdded = (facts: PieceFacts, { guards = {}, filledHollows = [] }: Added): PieceFacts => ({
  ...facts,
  hardPoints: facts.hardPoints.map((point) => (point.guard === null && guards[point.id] ? { ...point, guard: guards[point.id]! } : point)),
  hollows: facts.hollows.map((hollow) => (filledHollows.includes(hollow.id) ? { ...hollow, filled: true } : hollow)),
});

/**
 * What may be added: nothing; the cheapest guard worth its while on every bare part; the guard that gives back most on each;
 * and with that every hollow filled. A weakest part governs, so that guarding some and leaving others is seldom better.
 */
export function waysToGuard({ hardPoints, hollows }: PieceFacts, house: House): Added[] {
  const bare = hardPoints.filter(({ guard }) => guard === null);
  const cheapest = guardsOn(
    bare,
    (kind) =>
      guardsFor(kind)
        .filter((one) => one.givesBack[kind] >= WORTH_ITS_WHILE)
        .sort((a, b) => priceOf(a, house) - priceOf(b, house))[0],
  );
  const best = guardsOn(bare, (kind) => guardsFor(kind)[0]);
  const empty = hollows.filter(({ filled }) => !filled).map(({ id }) => id);
  const ways: Added[] = [{}];
  for (const guards of [cheapest, best])
    if (Object.keys(guards).length > 0 && !ways.some((one) => JSON.stringify(one.guards) === JSON.stringify(guards))) ways.push({ guards });
  if (empty.length > 0) ways.push({ ...ways.at(-1)!, filledHollows: empty });
  return ways;
}

function guardsOn(points: readonly HardPoint[], pick: (kind: HardPoint['kind']) => GuardData | undefined): Record<string, GuardKind> {
  return Object.fromEntries(
    points.flatMap(({ id, kind }): [string, GuardKind][] => {
      const guard = pick(kind);
      return guard ? [[id, guard.kind]] : [];
    }),
  );
}

/** A foot of it with the hands that put it on, in minor units. */
const priceOf = ({ kind }: GuardData, { labourMinorPerHour }: House): number => {
  const { minorEach, minorPerFt, minutes } = GUARDS[kind];
  return minorEach + minorPerFt + (minutes * labourMinorPerHour) / 60;
};
