import { asWish, saidOf, STANDING_RULES, wishesOf, type StandingWish } from '../../engineering/stowage/standingRules.ts';
import { nestedAxis, type Grid } from '../../engineering/stowage/Block.ts';
import { letterOf } from '../../engineering/stowage/letterOf.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Stands } from '../../engineering/stowage/resting.ts';
import { roomsUnder } from '../../engineering/stowage/roomsUnder.ts';
import { foldMet } from '../box/folds.ts';
import { standsOf, togetherWith } from '../box/metWithin.ts';
import { isShared } from '../box/shared.ts';
import type { Block, LyingBundle } from '../box/StowedBox.ts';
import { capital, lower, type Part } from './stepParts.ts';

/** The letters that alike bundles bear. */
export interface Letters {
  readonly first: string;
  readonly last: string;
  readonly count: number;
  /** There are other bundles beside these in the parcel. */
  readonly amongOthers: boolean;
}

/** Letters of all bundles in the order of the parcel's pieces: A, B to D, E … */
export function lettersOf(bundles: readonly { readonly layout: Pick<LyingBundle['layout'], 'count'> }[]): Letters[] {
  let next = 0;
  return bundles.map(({ layout: { count } }) => {
    const letters = { first: letterOf(next), last: letterOf(next + count - 1), count, amongOthers: bundles.length > 1 };
    next += count;
    return letters;
  });
}

/** `B`, `B and C`, or `B to D`. */
export const lettersText = ({ first, last, count }: Pick<Letters, 'first' | 'last' | 'count'>): string =>
  count === 1 ? first : `${first} ${count === 2 ? 'and' : 'to'} ${last}`;

/** Some of several: `A and B to D`. */
export const namesOf = (of: readonly number[], letters: readonly Letters[]): string =>
  of.map((at) => lettersText(letters[at]!)).join(' and ');

/**
 * Steps of one of several different bundles say which, and its first what it is.
 *
 * @param title null where that was said before
 */
export const spoken = (letters: Letters, title: string | null, parts: readonly Part[]): Part[] =>
  parts.map((part, i) => ({
    ...part,
    title: `${lettersText(letters)}, ${lower(part.title)}`,
    ...(i === 0 && title !== null ? { says: `${title}. ${part.says}` } : {}),
  }));

/** A step at the bundle done for each of several alike: one step with a count; for one it stays as it is. */
export function forEach(letters: Letters, parts: readonly Part[]): Part[] {
  const { count } = letters;
  if (count === 1) return [...parts];
  return parts.map((part) => ({
    ...part,
    key: `${part.key}:x${count}`,
    title: `${part.title}, ${count} times`,
    says: `Each of ${lettersText(letters)}, one after the other, and its letter on the tape. ${part.says}`,
    minutes: part.minutes * count,
    amounts: part.amounts.map((one) => (EACH.test(one.unit) ? one : { ...one, amount: one.amount * count })),
  }));
}

/** A test that each of several must pass. */
export const ofEach = (letters: Letters, parts: readonly Part[]): Part[] =>
  letters.count === 1 ? [...parts] : parts.map((part) => ({ ...part, says: `Each of ${lettersText(letters)}: ${part.says}` }));

/** Turns and lengths are of one, however many are done. */
const EACH = /^(turns|inches)/;

/**
 * How several alike go into a box: where each stands.
 *
 * @param lying null for one thing by itself
 * @param standing as somebody wants them to lie
 */
export function placeWords(
  lying: Pick<LyingBundle, 'layout' | 'bundleIn' | 'pitchIn'> | null,
  standing: StandingWish = 'anywhere',
): string {
  const how = saidOf(asWish(wishesOf(standing).filter((rule) => STANDING_RULES[rule].lies !== null)))
    .map((said) => `; ${said}`)
    .join('');
  if (!lying || lying.layout.count === 1) return `In the middle, its heavy side down${how}.`;
  const { grid } = lying.layout;
  const nested = nestedWords(grid, lying.bundleIn, lying.pitchIn);
  if (nested) return `${capital(nested)}${how}, the whole block in the middle of the box.`;
  const [along, across, up] = grid;
  const storey = `${along} along and ${across} across`;
  const storeys = up === 1 ? 'in one layer' : `${up} layers one upon the other`;
  return `A first, in the near left corner: ${storey}, ${storeys}, wraps touching${how}, the whole block in the middle of the box.`;
}

const SET_IN = 'without force, so that it lifts out freely';

/** How they sit in one another; null where none does. */
function nestedWords(grid: Grid, bundleIn: Triple, pitchIn: Triple): string | null {
  const axis = nestedAxis(bundleIn, pitchIn);
  if (axis === null || grid[axis] === 1) return null;
  const rows = (grid[0] * grid[1] * grid[2]) / grid[axis];
  const each = `each set into the one before it ${SET_IN}`;
  return `${rows === 1 ? 'one in another' : `${rows} rows of ${grid[axis]}, one in another`}, ${axis === 2 ? 'upward' : 'lying'}: ${each}`;
}

/** Who is put in, and where. */
export interface PutIn {
  readonly who: string;
  readonly where: string;
  /** Which of several different bundles, the first of those that go in as one. */
  readonly at?: number;
  /** Others that go in with it. */
  readonly with?: readonly number[];
  /** Room it leaves under it, which nobody reaches once it is in; left out where it leaves none. */
  readonly under?: { readonly roomIn3: number; readonly says: string };
}

/** Every one of several different bundles that goes in with a putting in; none where nobody keeps them apart. */
export const goesIn = ({ at, with: others = [] }: PutIn): number[] => (at === undefined ? [] : [at, ...others]);

/**
 * The order in which different bundles are wrapped and put in: the lowest first, then the nearest; of the pieces where there is one.
 * What is wrapped together, or stands in one box, is as low and as near as the whole of it; what stands in another follows that.
 */
export const inOrder = (block: Pick<Block, 'bundles' | 'around' | 'shared'>): number[] => {
  const one = goingAsOne(block);
  return block.bundles
    .map((_, at) => {
      const all = togetherWith(block.bundles, at);
      const root = all[0]!;
      const { atIn } = block.bundles[root]!;
      return { at, atIn, deep: all.indexOf(at), root, corner: one?.of.includes(root) ? one.atIn : atIn };
    })
    .sort((a, b) => nearer(a.corner, b.corner) || nearer(a.atIn, b.atIn) || a.root - b.root || a.deep - b.deep || a.at - b.at)
    .map(({ at }) => at);
};
/** Those that go in as one, in a box of theirs or wrapped together, and where; null where each goes by itself. */
const goingAsOne = ({ around, shared }: Pick<Block, 'around' | 'shared'>): ({ readonly of: readonly number[] } & Stands) | null =>
  shared ? { of: shared.of, atIn: shared.atIn, sizeIn: shared.outsideIn } : (around?.some ?? null);
const nearer = (one: Triple, other: Triple): number => one[2] - other[2] || one[1] - other[1] || one[0] - other[0];

/**
 * Where each of several different bundles goes, one after the other, beside or upon those that are in.
 *
 * @param only those that go in here; all where nothing is said
 */
export function placesInTurn(
  block: Block,
  letters: readonly Letters[],
  only: readonly number[] = block.bundles.map((_, at) => at),
): PutIn[] {
  const name = (at: number) => lettersText(letters[at]!);
  const put: number[] = [];
  const { shared } = block;
  const asOne = goingAsOne(block);
  const together = asOne?.of ?? [];
  // what is wrapped together, or in one box, goes in as one, when the first of it does
  const inTurn = inOrder(block).flatMap((at): PutIn[] => {
    if (put.includes(at) || !only.includes(at)) return [];
    const as = together.includes(at) ? together : [at];
    const { layout, bundleIn, pitchIn } = block.bundles[at]!;
    const { within } = block.bundles[at]!;
    if (within && as.length === 1) {
      put.push(at);
      return [{ who: name(at), where: `Into ${name(within.at)} as it stands there, ${SET_IN}.`, at }];
    }
    const next = SAID.flatMap(({ face, says }) => {
      const on = as.flatMap((one) => block.resting[face].on[one]!.map((support) => support.at)).filter((one) => put.includes(one));
      return on.length > 0 ? [`${says} ${[...new Set(on)].map(name).join(' and ')}`] : [];
    });
    const place = next.length > 0 ? capital(next.join(', ')) : 'On the base, in the near left corner of the block';
    const [along, across, up] = layout.grid;
    const nested = nestedWords(layout.grid, bundleIn, pitchIn);
    const stood = nested ? capital(nested) : `${along} along and ${across} across${up === 1 ? '' : `, ${up} upon one another`}`;
    const alike = layout.count === 1 || as.length > 1 ? '' : ` ${stood}.`;
    const between = betweenWords(block, at, next.length > 0 ? put : []);
    put.push(...as);
    const said = as.flatMap((one) => saidOf(block.bundles[one]!.wrapped.piece.facts.standing));
    const wished = said.length > 0 ? `; ${said.join('; ')}` : '';
    const inBox = shared !== null && isShared(shared, at);
    const how =
      inBox && shared.core
        ? 'from end to end of the box'
        : `${inBox ? 'its own way up' : `${between}, ${layout.count > 1 && as.length === 1 ? 'their heavy sides' : 'its heavy side'} down`}`;
    const who = as.map(name).join(' and ');
    return [
      {
        who: inBox ? `the ${shared.core ? 'core' : 'box'} of ${who}` : who,
        where: `${place}, ${how}${wished}.${alike}`,
        at,
        ...(as.length > 1 ? { with: as.filter((one) => one !== at) } : {}),
      },
    ];
  });
  return withRoomsUnder(block, inTurn, asOne);
}

/** The same, each with the room it leaves under it. What stands in another leaves none. */
function withRoomsUnder(block: Block, inTurn: readonly PutIn[], asOne: Stands | null): PutIn[] {
  const standing = inTurn.filter((one) => one.with || !block.bundles[one.at!]!.within);
  const outlines = standsOf(block.bundles);
  const rooms = roomsUnder(
    standing.map((one) => (one.with ? asOne! : outlines[one.at!]!)),
    [...block.boards, ...block.folds],
  );
  return inTurn.map((one) => {
    const roomIn3 = rooms[standing.indexOf(one)] ?? 0;
    if (roomIn3 === 0) return one;
    const on = goesIn(one).flatMap((at) => block.resting.bottom.on[at]!.map((support) => support.at));
    const beneath = inTurn.filter((other) => goesIn(other).some((at) => on.includes(at)));
    const stands = !one.with && block.bundles[one.at!]!.layout.count > 1 ? 'are to stand' : 'is to stand';
    return { ...one, under: { roomIn3, says: underWords(`${one.who} ${stands}`, beneath) } };
  });
}

/** How the room under one is filled, before it goes in. @param stands who is to stand there, as a clause */
const underWords = (stands: string, beneath: readonly PutIn[]): string =>
  beneath.length === 0
    ? `level, where ${stands}.`
    : `beside ${beneath.map((one) => one.who).join(' and ')}, level: ${stands} on ${beneath.length === 1 ? 'both' : 'all of it'}.`;

/** What stands between one bundle and those that are in already. */
function betweenWords({ boards, folds }: Block, at: number, others: readonly number[]): string {
  const folded = others.flatMap((other) => foldMet(folds, at, other) ?? [])[0];
  const board = boards.length === 0 ? null : others.length > 0 ? 'a board between' : 'its board beside it';
  const fold = folded ? `the fold of ${folded.stock.name.toLowerCase()} between` : null;
  return [board, fold].filter(Boolean).join(', ') || 'wraps touching';
}
const SAID = [
  { face: 'bottom', says: 'upon' },
  { face: 'left', says: 'to the right of' },
  { face: 'front', says: 'behind' },
] as const;
