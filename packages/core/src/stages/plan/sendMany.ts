import { dropsPerJourney } from '../../engineering/journey/dropHeights.ts';
import { breakingDrop, drawFate, type Fate } from '../../engineering/journey/oneJourney.ts';
import type { Journey } from '../../engineering/journey/shockChance.ts';
import { normalCdf } from '../../engineering/numeric/normal.ts';
import { FACES } from '../../engineering/pieces/hardPoints.ts';
import { seededRandom } from '../../engineering/numeric/seededRandom.ts';
import { countedTitle } from '../sale/countedTitle.ts';
import type { Struck } from '../fill/FilledBox.ts';
import { breakingChance, CAUSES, type CauseKey } from '../frontier/causes.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { shockFaceByFace } from '../frontier/shockJourney.ts';

/** One parcel of many that broke. */
export interface Breakage {
  /** Which parcel, from 1. */
  readonly parcel: number;
  readonly cause: CauseKey;
  /** Which of several different pieces a drop broke; left out for one. */
  readonly of?: string;
  /** The drop that did it; null where it was not a drop. */
  readonly drop: {
    readonly number: number;
    readonly face: Struck;
    readonly heightIn: number;
    readonly standsIn: number;
    /** Share of its kind that is weaker than this piece. */
    readonly weaker: number;
  } | null;
}

/** What came of sending the same nest many times. */
export interface SentMany {
  readonly sent: number;
  readonly breakages: readonly Breakage[];
  /** Chance of breaking by the formula, before what the shop's own outcomes say (κ). */
  readonly chance: number;
  /** Of the share that broke, √(P(1−P)/N) with the formula's P. */
  readonly standardError: number;
  /** Of the parcels that broke, how many each other plan would have brought whole through the very same journey. */
  readonly saved: readonly number[];
}

/** The furthest zone's drops: every fate has as many, so that it can be met by any other plan. */
const MOST_DROPS = dropsPerJourney(9);
const QUIET = (Object.keys(CAUSES) as CauseKey[]).filter((key) => key !== 'shock' && CAUSES[key].fate === 'breaks');
const PAUSE_EVERY = 50;

/** What is dealt to one parcel: its drops, and a draw for each other way to break. */
interface Dealt {
  readonly fate: Fate;
  /** How strong each further bundle is, in standard deviations. */
  readonly strengths: readonly number[];
  readonly others: readonly number[];
}

/** A plan as the simulation meets it. */
interface Sent {
  /** Of each bundle; null where shock does not limit it. */
  readonly journeys: readonly (Journey | null)[];
  /** What each is called, where there are several. */
  readonly titles: readonly string[];
  readonly chances: readonly number[];
}

/**
 * Sends one nest many times: a seeded piece of its kind, drop after drop on named faces, and a draw for every other
 * cause. The share that breaks agrees with the formula within its error. Plans to compare meet the very same fates.
 *
 * Pauses often, so that whoever runs it can stop it.
 *
 * @param others plans that might have saved what broke
 * @param parcels how many, at least 1
 */
export function* sendMany(option: PlanOption, others: readonly PlanOption[], parcels: number, seed: number): Generator<void, SentMany> {
  const random = seededRandom(seed);
  const [own, ...alternatives] = [option, ...others].map(sentAs);
  const breakages: Breakage[] = [];
  const saved = alternatives.map(() => 0);
  for (let i = 0; i < parcels; i++) {
    const dealt: Dealt = {
      fate: drawFate(random, MOST_DROPS),
      others: QUIET.map(() => random.uniform()),
      strengths: own!.journeys.slice(1).map(() => random.normal()),
    };
    const broken = breaksAs(own!, dealt);
    if (broken) {
      breakages.push({ parcel: i + 1, ...broken });
      alternatives.forEach((other, at) => (saved[at]! += breaksAs(other, dealt) ? 0 : 1));
    }
    if (i % PAUSE_EVERY === 0) yield;
  }
  const chance = breakingChance(option.causes, 1);
  return { sent: parcels, breakages, chance, standardError: Math.sqrt((chance * (1 - chance)) / parcels), saved };
}

function sentAs({ rated: { weighed, quote }, causes }: PlanOption): Sent {
  const { bundles } = weighed.filled.stowed;
  return {
    journeys: bundles.map((_, at) => shockFaceByFace(weighed.filled, at)?.(weighed.grossLb, quote.zone, quote.handlingFactor) ?? null),
    titles: bundles.map(({ wrapped }) => countedTitle(wrapped.piece.facts)),
    chances: QUIET.map((key) => causes.find((cause) => cause.key === key)?.chance ?? 0),
  };
}

function breaksAs({ journeys, titles, chances }: Sent, { fate, strengths, others }: Dealt): Omit<Breakage, 'parcel'> | null {
  const struck = journeys
    .map((journey, at) => {
      const strengthZ = at === 0 ? fate.strengthZ : strengths[at - 1]!;
      const drop = journey && breakingDrop(journey, { ...fate, strengthZ });
      return drop && { ...drop, at, strengthZ };
    })
    .reduce((first, one) => (one && (!first || one.drop < first.drop) ? one : first), null);
  if (struck) {
    const { drop, face, heightIn, standsIn, at, strengthZ } = struck;
    return {
      cause: 'shock',
      ...(titles.length > 1 ? { of: titles[at]! } : {}),
      drop: { number: drop, face: FACES[face]!, heightIn, standsIn, weaker: normalCdf(strengthZ) },
    };
  }
  const at = others.findIndex((draw, i) => draw < chances[i]!);
  return at < 0 ? null : { cause: QUIET[at]!, drop: null };
}
