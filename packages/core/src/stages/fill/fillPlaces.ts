import type { Gaps } from '../box/StowedBox.ts';

/** Places of an outer box that may each have a fill of their own: under what is held, two pairs of sides, and over it. */
export const FILL_PLACES = ['base', 'frontBack', 'leftRight', 'top'] as const;
export type FillPlace = (typeof FILL_PLACES)[number];

/** What is said of places apart from the rest; a place left out has what the rest has. */
export type ByPlace<Fill> = Readonly<Partial<Record<FillPlace, Fill>>>;

/** The place that lies before each face of what is held. */
export const PLACE_AT: Readonly<Record<keyof Gaps, FillPlace>> = {
  bottom: 'base',
  top: 'top',
  front: 'frontBack',
  back: 'frontBack',
  left: 'leftRight',
  right: 'leftRight',
};

/** What a place is called. */
export const PLACE_NAMES: Readonly<Record<FillPlace, string>> = {
  base: 'under it',
  frontBack: 'front and back',
  leftRight: 'left and right',
  top: 'on top',
};

/** The fill before a face: the place's own, else the rest's. */
export const fillAt = <Fill>(rest: Fill, apart: ByPlace<Fill>, face: keyof Gaps): Fill => apart[PLACE_AT[face]] ?? rest;
