import { breaksWithin } from '../../engineering/journey/dropHeights.ts';

/** Every way a parcel may fail. */
export type CauseKey =
  | 'shock'
  | 'crush'
  | 'contact'
  | 'knock'
  | 'punch'
  | 'bend'
  | 'burst'
  | 'inside'
  | 'opening'
  | 'overTight'
  | 'mishap'
  | 'scuff'
  | 'crease'
  | 'nick'
  | 'wet';

/** What a cause does: the piece breaks and is lost whole, or is spoilt and a share of its value goes. */
export type Fate = 'breaks' | 'spoils';

/** One way the parcel may fail: its chance and the share of the value that goes with it. */
export interface Cause {
  readonly key: CauseKey;
  readonly fate: Fate;
  readonly chance: number;
  readonly shareLost: number;
}

const breaks = { fate: 'breaks', shareLost: 1 } as const;
const spoils = (shareLost: number) => ({ fate: 'spoils', shareLost }) as const;

/** What each cause does, and the share of the value that goes with it: all judgement. */
export const CAUSES: Readonly<Record<CauseKey, Pick<Cause, 'fate' | 'shareLost'>>> = {
  shock: breaks,
  crush: breaks,
  contact: breaks,
  knock: breaks,
  punch: breaks,
  bend: breaks,
  burst: breaks,
  inside: breaks,
  opening: breaks,
  overTight: breaks,
  mishap: breaks,
  scuff: spoils(0.3),
  crease: spoils(0.3),
  nick: spoils(0.3),
  wet: spoils(0.5),
};

/** Chances by cause as causes; those that cannot happen are left out. */
export const causesWith = (chances: readonly (readonly [CauseKey, number])[]): Cause[] =>
  chances.filter(([, chance]) => chance > 0).map(([key, chance]) => ({ key, chance, ...CAUSES[key] }));

/**
 * What happens to each of several alike by itself, as a cause of the parcel: that it happens to any of them, and of all their
 * worth the share that is then expected to go.
 *
 * @param wholeOrNothing true where with one of them broken all of it goes
 */
export const amongAlike = (causes: readonly Cause[], count: number, wholeOrNothing: boolean): Cause[] =>
  count === 1
    ? [...causes]
    : causes.map((cause) => {
        const any = breaksWithin(count, cause.chance);
        const all = wholeOrNothing && cause.fate === 'breaks';
        return { ...cause, chance: any, shareLost: all ? cause.shareLost : (cause.shareLost * cause.chance) / any };
      });

/** What may happen to a parcel, and to each of its bundles by itself. */
export interface Happening {
  readonly parcel: readonly Cause[];
  /** In the order of the bundles. */
  readonly each: readonly (readonly Cause[])[];
}

/**
 * What happens to each bundle by itself, as causes of the parcel: that it happens to any of them, and of all their worth the
 * share that is then expected to go.
 *
 * @param worthShares of each in the worth of all, summing to 1
 */
export function amongBundles(each: readonly (readonly Cause[])[], worthShares: readonly number[]): Happening {
  if (each.length === 1) return { parcel: each[0]!, each };
  const of = (key: CauseKey) => each.map((causes) => causes.find((cause) => cause.key === key));
  const any = (key: CauseKey) => anyOf(of(key).map((cause) => cause?.chance ?? 0));
  return { parcel: merged(any, of, worthShares), each };
}

/** The same with what one happening does to each of them, so that they go together: a drop, a load from above. */
export const together = (key: CauseKey, any: number, chances: readonly number[], worthShares: readonly number[]): Happening => {
  const each = chances.map((chance) => causesWith([[key, chance]]));
  return chances.length === 1
    ? { parcel: each[0]!, each }
    : {
        parcel: merged(
          (one) => (one === key ? any : 0),
          () => each.map(([cause]) => cause),
          worthShares,
        ),
        each,
      };
};

const merged = (
  any: (key: CauseKey) => number,
  of: (key: CauseKey) => readonly (Cause | undefined)[],
  worthShares: readonly number[],
): Cause[] =>
  causesWith((Object.keys(CAUSES) as CauseKey[]).map((key) => [key, any(key)])).map((cause) => ({
    ...cause,
    shareLost: of(cause.key).reduce((sum, one, at) => sum + (one ? one.chance * one.shareLost * worthShares[at]! : 0), 0) / cause.chance,
  }));

/** One list after the other, bundle by bundle. */
export const joinedHappenings = (all: readonly Happening[]): Happening => ({
  parcel: all.flatMap(({ parcel }) => parcel),
  each: all[0]!.each.map((_, at) => all.flatMap(({ each }) => each[at]!)),
});

/** Of several chances, that at least one comes true. */
export const either = (...chances: readonly number[]): number => 1 - chances.reduce((none, chance) => none * (1 - chance), 1);

/** The same over the bundles of a parcel: of one its own, as it is. */
export const anyOf = (chances: readonly number[]): number =>
  chances.length === 1 ? chances[0]! : -Math.expm1(chances.reduce((sum, chance) => sum + Math.log1p(-Math.min(chance, 1 - 1e-15)), 0));

const exposure = (causes: readonly Cause[]): number =>
  -causes.reduce((sum, { chance }) => sum + Math.log1p(-Math.min(chance, 1 - 1e-12)), 0);

/** Exposure to breaking: `−ln(1 − P)` of all causes that break, before κ. */
export const breakingExposure = (causes: readonly Cause[]): number => exposure(causes.filter(({ fate }) => fate === 'breaks'));

/** Chance that the piece breaks: `1 − Π(1 − Pᵢ)^κ` over the causes that break. */
export const breakingChance = (causes: readonly Cause[], kappa: number): number => -Math.expm1(-kappa * breakingExposure(causes));

/** Chance that the piece arrives whole but spoilt in some way. */
export const spoilingChance = (causes: readonly Cause[], kappa: number): number =>
  -Math.expm1(-kappa * exposure(causes.filter(({ fate }) => fate === 'spoils')));

/** Share of the value expected to go: `Σ Pᵢ·shareᵢ`, each Pᵢ raised by κ. */
export const expectedShare = (causes: readonly Cause[], kappa: number): number =>
  causes.reduce((sum, cause) => sum + cause.shareLost * -Math.expm1(kappa * Math.log1p(-Math.min(cause.chance, 1 - 1e-12))), 0);
