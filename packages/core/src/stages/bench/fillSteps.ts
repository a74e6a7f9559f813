import type { FillAmount } from '../fill/FilledBox.ts';
import type { FillPlace } from '../fill/fillPlaces.ts';
import { handedOut, handStep, unitsWords } from '../fill/handAmounts.ts';
import type { BenchStep } from './BenchStep.ts';
import { goesIn, type PutIn } from './severalWords.ts';
import { PRESSED_DOWN, type SidesWithRoom } from './sidesWithRoom.ts';
import { IN3_PER_FT3 } from '../../units/index.ts';
import { act, capital, opening, type Part } from './stepParts.ts';

/** Only the outer box is drawn as it fills. */
const shown = (where: string, inBox: BenchStep['picture']['inBox'], parts: readonly Part[]): Part[] =>
  parts.map((part) => (where === 'box' ? { ...part, shows: { inBox, ...part.shows } } : part));

/** What the keys of steps begin with, by what is filled; and which phase the top of it begins. */
const AT = { box: 'box', 'inner box': 'inner', core: 'inner', 'its box': 'boxed', 'their box': 'shared', 'their core': 'shared' } as const;
const OPENS = { box: 'closing', 'inner box': 'box', core: 'box', 'its box': null, 'their box': 'box', 'their core': 'box' } as const;
type Filling = keyof typeof AT;

const isCoreFilled = (where: Filling): boolean => where === 'core' || where === 'their core';

/** Where what goes into a core lies. */
const IN_CORE = 'As far from one end of it as from the other.';

/** A place as it is filled, and what of each fill goes there: a number is the room under what goes in so far down the list. */
type FilledPlace = FillPlace | 'sides' | number;
const ALL_ONE = ['base', 'sides', 'top'] as const;

/** So much of one fill for one place, as a hand takes it. */
interface Handful {
  readonly place: FilledPlace;
  readonly amount: FillAmount;
  readonly units: number;
  /** Room of the place, and of all places of the amount, for the minutes. */
  readonly ft3: number;
  readonly allFt3: number;
}

/**
 * Every fill over its places, in whole steps of a hand that add up to what is bought of it. Of what is reckoned on top, what goes under
 * something goes there before that; less than a hand takes stays with the top.
 */
function handfuls(amounts: readonly FillAmount[], put: readonly PutIn[]): Handful[] {
  return amounts.flatMap((amount) => {
    const { baseFt3, sidesFt3, topFt3, places, units, stock } = amount;
    const apart = places && !(places.frontBack && places.leftRight);
    const rooms: [FilledPlace, number][] = apart
      ? (Object.entries(places) as [FilledPlace, number][])
      : ALL_ONE.map((place) => [place, { base: baseFt3, sides: sidesFt3, top: topFt3 }[place]]);
    const parted = rooms.flatMap(([place, ft3]) => (place === 'top' ? partedTop(ft3, stock, put) : [[place, ft3] as const]));
    const all = parted.reduce((sum, [, ft3]) => sum + ft3, 0);
    const given = handedOut(
      units,
      handStep(stock),
      parted.map(([, ft3]) => ft3),
    );
    return parted.flatMap(([place, ft3], at) => (ft3 > 0 ? [{ place, amount, units: given[at]!, ft3, allFt3: all }] : []));
  });
}

/** What is reckoned over everything, parted into what goes under one bundle after the other and what goes on top. */
function partedTop(ft3: number, stock: FillAmount['stock'], put: readonly PutIn[]): (readonly [FilledPlace, number])[] {
  let left = ft3;
  const under = put.flatMap((one, at) => {
    const room = Math.min(left, (one.under?.roomIn3 ?? 0) / IN3_PER_FT3);
    if (room < stock.unitFt3 * handStep(stock)) return [];
    left -= room;
    return [[at, room] as const];
  });
  return [...under, ['top', left]];
}

/**
 * Base, piece, four sides, top, each with its fill and its share of it; what goes under a piece before that.
 *
 * @param room on which sides there is any
 */
export function fillSteps(
  amounts: readonly FillAmount[],
  put: readonly PutIn[],
  where: Filling,
  room: SidesWithRoom,
  before: readonly Part[] = [],
  onBase: readonly Part[] = [],
  onTop: readonly Part[] = [],
  beside: readonly Part[] = [],
): Part[] {
  const at = AT[where];
  const opens = OPENS[where];
  const named = /^(its|their) /.test(where) ? where : `the ${where}`;
  const inCore = isCoreFilled(where);
  const all = handfuls(amounts, put);
  const step = (place: FilledPlace, title: string, says: string, key: string = String(place)): Part[] =>
    all
      .filter((one) => one.place === place)
      .map(({ amount: { stock, boughtFt3 }, units, ft3, allFt3 }) =>
        act(
          `${at}:${key}`,
          title,
          says.replace('#', `${units === 0 ? 'What is left' : capital(unitsWords(units, stock.unitName))} of ${stock.name.toLowerCase()}`),
          (boughtFt3 * stock.minutesPerFt3 * ft3) / allFt3,
          units > 0 ? [{ what: stock.name, amount: units, unit: stock.unitName, stock: { kind: 'fill', key: stock.key } }] : [],
        ),
      );
  const top = step('top', `Top of ${named}`, onTop.length > 0 ? '#, level: the cross stands on it.' : '#, slightly above the edge.');
  return [
    ...shown(where, 'base', step('base', `Base of ${named}`, '#, level.')),
    ...shown(where, 'base', onBase),
    ...shown(
      where,
      'in',
      put.flatMap(({ who, where: place, at: bundle, under }, i) => [
        ...(under ? step(i, `Fill under ${who}`, `#, ${under.says}`, `under:${bundle! + 1}`) : []).map((part) => ({
          ...part,
          shows: { put: put.slice(0, i).flatMap(goesIn) },
        })),
        {
          ...act(
            bundle === undefined ? `${at}:in` : `${at}:in:${bundle + 1}`,
            inCore ? `Slide ${who} in` : `Put ${who} in`,
            inCore && bundle === undefined ? IN_CORE : place,
            0,
          ),
          ...(bundle === undefined ? {} : { bundle, shows: { put: put.slice(0, i + 1).flatMap(goesIn) } }),
        },
      ]),
    ),
    ...shown(where, 'sides', [
      ...beside,
      ...step(
        'sides',
        inCore ? `Round ${where === 'core' ? 'it in the core' : 'them in their core'}` : `Sides of ${named}`,
        inCore ? '#, all round it and at both ends, so that nothing slides.' : `#, ${PRESSED_DOWN[room ?? 'all']}.`,
      ),
      ...step('corners', `Corners of ${named}`, '#, one lot upright in each of the four.'),
      ...step('frontBack', `Front and back of ${named}`, '#, pressed down along both.'),
      ...step('front', `Front of ${named}`, '#, pressed down along the front alone.'),
      ...step('back', `Back of ${named}`, '#, pressed down along the back alone.'),
      ...step('leftRight', `Left and right of ${named}`, '#, pressed down at both ends.'),
      ...step('left', `Left end of ${named}`, '#, pressed down at the left end alone.'),
      ...step('right', `Right end of ${named}`, '#, pressed down at the right end alone.'),
    ]),
    ...before,
    ...shown(where, 'top', opens === null ? top : opening(opens, top)),
    ...shown(where, 'top', onTop),
  ];
}
