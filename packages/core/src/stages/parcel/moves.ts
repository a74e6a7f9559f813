import type { Happening } from './LifeEvent.ts';
import type { ParcelLife, ParcelState } from './ParcelLife.ts';
import { isPacked } from './standing.ts';

/** What may happen to a parcel, and when. */
interface Move {
  /** States it may happen in; all where nothing is said. */
  readonly from?: readonly ParcelState[];
  /** Only before it is sealed: afterwards it is opened again first. */
  readonly unsealed?: true;
  /** Not while a claim is open: it is evidence. */
  readonly unclaimed?: true;
}

const IN_THE_HOUSE: readonly ParcelState[] = ['draft', 'planned', 'packing', 'sealed', 'weighed', 'rated', 'labelled'];
const OUT: readonly ParcelState[] = ['handedOver'];

/** The one table of allowed moves; a new happening says here when it may be, or does not compile. */
export const MOVES: Readonly<Record<Happening['kind'], Move>> = {
  opened: {},
  planned: {},
  overruled: {},
  packingStarted: { from: IN_THE_HOUSE },
  testTried: { from: IN_THE_HOUSE, unsealed: true },
  testSkipped: { from: IN_THE_HOUSE, unsealed: true },
  remedied: { from: IN_THE_HOUSE, unsealed: true },
  contentChanged: { from: IN_THE_HOUSE },
  stepDone: { from: IN_THE_HOUSE },
  contentsTicked: { from: IN_THE_HOUSE, unsealed: true },
  bundleMeasured: { from: IN_THE_HOUSE, unsealed: true },
  brokenAtBench: { from: IN_THE_HOUSE },
  sealed: { from: IN_THE_HOUSE },
  sealOpened: { from: IN_THE_HOUSE },
  weighed: { from: IN_THE_HOUSE },
  rated: { from: IN_THE_HOUSE },
  labelBought: { from: IN_THE_HOUSE },
  labelVoided: {},
  tagMatched: { from: IN_THE_HOUSE },
  printed: {},
  addressShown: {},
  papersAsked: {},
  photoRemoved: { unsealed: true, unclaimed: true },
  photoRestored: {},
  photoMarked: {},
  handedOver: { from: ['labelled', 'sealed', 'weighed', 'rated'] },
  delivered: { from: [...OUT, 'lost'] },
  damaged: { from: [...OUT, 'delivered'] },
  lost: { from: OUT },
  returned: { from: [...OUT, 'delivered', 'damaged', 'lost'] },
  returnLookedAt: { from: ['returned', 'closed'] },
  joined: { from: IN_THE_HOUSE, unsealed: true },
  parted: { from: ['joined'] },
  closed: { from: ['delivered', 'damaged', 'lost', 'returned', 'brokenAtBench'] },
  takenBack: {},
};

/** Why something cannot happen to a parcel as it stands; empty where it may. */
export function moveGate({ state, sealed }: Pick<ParcelLife, 'state' | 'sealed'>, kind: Happening['kind']): string[] {
  const { from, unsealed, unclaimed } = MOVES[kind];
  if (unclaimed && CLAIMED.includes(state)) return ['it is evidence while the claim is open: it stays'];
  if (from && !from.includes(state)) return [`it is ${SAID[state]}: that cannot have happened now`];
  return unsealed && sealed ? ['it is sealed: open it again first'] : [];
}

/** A state as a sentence says it. */
const SAID: Readonly<Record<ParcelState, string>> = {
  draft: 'not planned yet',
  planned: 'not packed yet',
  packing: 'at the bench',
  sealed: 'sealed and still here',
  weighed: 'weighed and still here',
  rated: 'rated and still here',
  labelled: 'labelled and still here',
  handedOver: 'on its way',
  delivered: 'arrived',
  damaged: 'arrived broken',
  lost: 'lost',
  returned: 'back',
  brokenAtBench: 'broken at the bench',
  joined: 'in another parcel',
  closed: 'closed',
};

/** Facts that stand still once a parcel is sealed or gone, or while a claim for it is open, and why. */
export function frozenFact({ state, sealed }: Pick<ParcelLife, 'state' | 'sealed'>, fact: string): string | null {
  if (sealed && OF_THE_SEAL.includes(fact)) return 'it is sealed: open it again first';
  if (fact === 'nest' && isPacked({ state, sealed })) return `it is ${SAID[state]}: what it was packed in stays as it was`;
  return CLAIMED.includes(state) && OF_THE_CLAIM.includes(fact) ? 'a claim is open: what it was worth stays as it was' : null;
}

const OF_THE_SEAL: readonly string[] = ['nest', 'serial'];
const OF_THE_CLAIM: readonly string[] = ['soldMinor', 'replacementMinor'];
/** States in which a claim may be open. */
export const CLAIMED: readonly ParcelState[] = ['damaged', 'lost'];
