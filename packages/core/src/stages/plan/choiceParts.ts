import type { PlanChoice } from '../frontier/PlanOption.ts';

/** What a part of a choice may move. */
export const MOVED = ['weight', 'cost', 'minutes', 'stock', 'steps', 'chance'] as const;
export type Moved = (typeof MOVED)[number];

/** A part of a choice: what it is called, and for everything that it does not move, why not. */
export interface ChoicePart {
  readonly name: string;
  readonly still: Partial<Readonly<Record<Moved, string>>>;
}

const NOTHING_PUT_IN = 'nothing is put in or taken out by it';
const carriage = (name: string): ChoicePart => ({
  name,
  still: {
    weight: 'what it is sent by weighs nothing',
    minutes: 'the bench does the same',
    stock: NOTHING_PUT_IN,
    steps: 'the bench does the same',
    chance: 'the parcel is the same',
  },
});

/**
 * Every part of a choice. What a part moves is worked out by the stages; here stands what it leaves alone, and why, so
 * that a test can move each part and see everything else move. A part that nobody has thought of does not compile.
 */
export const CHOICE_PARTS: Readonly<Record<keyof PlanChoice, ChoicePart>> = {
  guards: { name: 'guards', still: {} },
  filledHollows: { name: 'filled hollows', still: { stock: 'a hollow takes what lies about' } },
  layers: { name: 'layers', still: {} },
  orientation: {
    name: 'how it lies',
    still: {
      weight: 'the same room is left to fill',
      cost: 'the same room is left to fill',
      minutes: 'the same room is left to fill',
      stock: 'the same room is left to fill',
    },
  },
  grid: {
    name: 'how they stand together',
    still: {
      minutes: 'the same bundles go in',
      stock: 'the same room is left to fill',
      cost: 'the same room is left to fill',
      weight: 'the same room is left to fill',
    },
  },
  boxed: { name: 'box of its own', still: {} },
  others: { name: 'the other bundles', still: {} },
  stand: {
    name: 'how different bundles stand together',
    still: {
      minutes: 'the same bundles go in',
      stock: 'the same room is left to fill',
      cost: 'the same room is left to fill',
      weight: 'the same room is left to fill',
    },
  },
  inner: { name: 'inner box', still: {} },
  box: { name: 'box', still: {} },
  newDepthIn: { name: 'depth it is cut down to', still: {} },
  shortened: { name: 'what it is shortened to', still: {} },
  crossIn: { name: 'cross under the lid', still: {} },
  liner: { name: 'second wall', still: {} },
  fill: { name: 'fill', still: {} },
  fillApart: { name: 'fill of a place', still: {} },
  baseGapIn: {
    name: 'bedding beneath',
    still: { weight: 'as much fill goes in', cost: 'as much fill goes in', minutes: 'as much fill goes in', stock: 'as much fill goes in' },
  },
  extraFill: { name: 'fill pressed in', still: { chance: 'no cushion figure is known for it' } },
  board: { name: 'board under it', still: {} },
  cells: { name: 'cells between them', still: {} },
  around: { name: 'wrap round them all', still: {} },
  shared: { name: 'box or core for some of them', still: {} },
  tubes: { name: 'tubes in the corners', still: {} },
  between: { name: 'folds between them', still: {} },
  service: carriage('service'),
  coverAdded: carriage('cover'),
  signature: carriage('signature'),
};
