import type { Gaps } from '../box/StowedBox.ts';

/** Places of an outer box that may each have a fill of their own: under what is held, two pairs of sides, and over it. */
export const FILL_PLACES = ['base', 'frontBack', 'leftRight', 'top'] as const;
/** Each side by itself, and the four upright corners: what is said of one of them goes before what is said of its pair. */
export const SINGLE_PLACES = ['front', 'back', 'left', 'right', 'corners'] as const;
export const ALL_PLACES = [...FILL_PLACES, ...SINGLE_PLACES] as const;
export type FillPlace = (typeof ALL_PLACES)[number];

/** What is said of places apart from the rest; a place left out has what its pair has, and that what the rest has. */
export type ByPlace<Fill> = Readonly<Partial<Record<FillPlace, Fill>>>;

/** The places that say what lies before a face of what is held, the nearer to it first. */
const PLACES_AT: Readonly<Record<keyof Gaps, readonly FillPlace[]>> = {
  bottom: ['base'],
  top: ['top'],
  front: ['front', 'frontBack'],
  back: ['back', 'frontBack'],
  left: ['left', 'leftRight'],
  right: ['right', 'leftRight'],
};

/** What a place is called. */
export const PLACE_NAMES: Readonly<Record<FillPlace, string>> = {
  base: 'under it',
  frontBack: 'front and back',
  leftRight: 'left and right',
  top: 'on top',
  front: 'at the front',
  back: 'at the back',
  left: 'at the left',
  right: 'at the right',
  corners: 'in the corners',
};

/** The fill before a face: its own, else its pair’s, else the rest’s. */
export const fillAt = <Fill>(rest: Fill, apart: ByPlace<Fill>, face: keyof Gaps): Fill => {
  for (const place of PLACES_AT[face]) {
    const own = apart[place];
    if (own !== undefined) return own;
  }
  return rest;
};

/** Sides that are told and filled as one where they have the same fill. */
const PAIRS = { frontBack: ['front', 'back'], leftRight: ['left', 'right'] } as const;

/** One place as it is filled. */
export interface FilledPlace<Fill> {
  readonly place: FillPlace;
  readonly fill: Fill;
}

/** Every place with its fill, sides that have the same as one; corners are their own only where they have another than the sides. */
export function placesFilled<Fill>(rest: Fill, apart: ByPlace<Fill>): FilledPlace<Fill>[] {
  const sides = (['frontBack', 'leftRight'] as const).flatMap((pair): FilledPlace<Fill>[] => {
    const [one, other] = PAIRS[pair].map((place) => ({ place, fill: fillAt(rest, apart, place) }));
    return one!.fill === other!.fill ? [{ place: pair, fill: one!.fill }] : [one!, other!];
  });
  const { corners } = apart;
  const cornered = corners !== undefined && sides.some(({ fill }) => fill !== corners);
  return [
    { place: 'base', fill: fillAt(rest, apart, 'bottom') },
    ...sides,
    ...(cornered ? [{ place: 'corners' as const, fill: corners }] : []),
    { place: 'top', fill: fillAt(rest, apart, 'top') },
  ];
}
