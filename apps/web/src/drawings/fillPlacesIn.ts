import { FILL_PLACES, type FillPlace, type PlanDocument, type PlanFill } from '@inch-nest/core';
import type { NestView, Rect } from './nestGeometry.ts';

/** The outer fill of most room, with which what is one throughout is drawn. */
export const mainFill = ({ fills }: Pick<PlanDocument, 'fills'>): PlanFill | undefined =>
  fills
    .filter(({ where }) => where === 'outer')
    .reduce<PlanFill | undefined>((most, one) => (most && most.boughtFt3 >= one.boughtFt3 ? most : one), undefined);

/** The places of a section that have a fill of their own, each with its fill and where it is drawn, inches. */
export function fillPlacesIn({ fills }: Pick<PlanDocument, 'fills'>, view: NestView): { place: FillPlace; key: string; rects: Rect[] }[] {
  const of = (place: FillPlace) => fills.find((fill) => fill.where === 'outer' && fill.places?.[place] !== undefined);
  return FILL_PLACES.flatMap((place) => {
    const fill = of(place);
    const rects = fill ? rectsOf(place, view) : [];
    return fill && rects.length > 0 ? [{ place, key: fill.key, rects }] : [];
  });
}

/** Where a place is seen in a section: under and over what is held, or beside it. */
function rectsOf(place: FillPlace, { name, inside: { w, h }, gaps }: NestView): Rect[] {
  const within = Math.max(0, h - gaps.top - gaps.bottom);
  const beside = [
    { x: 0, y: gaps.top, w: gaps.left, h: within },
    { x: w - gaps.right, y: gaps.top, w: gaps.right, h: within },
  ];
  const under = { x: 0, y: h - gaps.bottom, w, h: gaps.bottom };
  const over = { x: 0, y: 0, w, h: gaps.top };
  const seen: Readonly<Record<FillPlace, Rect[]>> =
    name === 'above'
      ? { base: [], top: [], frontBack: [under, over], leftRight: beside }
      : { base: [under], top: [over], frontBack: name === 'side' ? beside : [], leftRight: name === 'front' ? beside : [] };
  return seen[place].filter((rect) => rect.w > 0 && rect.h > 0);
}
