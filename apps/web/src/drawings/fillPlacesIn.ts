import { ALL_PLACES, type FillPlace, type PlanDocument, type PlanFill } from '@inch-nest/core';
import type { NestView, Rect } from './nestGeometry.ts';

/** The outer fill of most room, with which what is one throughout is drawn. */
export const mainFill = ({ fills }: Pick<PlanDocument, 'fills'>): PlanFill | undefined =>
  fills
    .filter(({ where }) => where === 'outer')
    .reduce<PlanFill | undefined>((most, one) => (most && most.boughtFt3 >= one.boughtFt3 ? most : one), undefined);

/** The places of a section that have a fill of their own, each with its fill and where it is drawn, inches. */
export function fillPlacesIn({ fills }: Pick<PlanDocument, 'fills'>, view: NestView): { place: FillPlace; key: string; rects: Rect[] }[] {
  const of = (place: FillPlace) => fills.find((fill) => fill.where === 'outer' && fill.places?.[place] !== undefined);
  return ALL_PLACES.flatMap((place) => {
    const fill = of(place);
    const rects = fill ? rectsOf(place, view, of('corners') !== undefined) : [];
    return fill && rects.length > 0 ? [{ place, key: fill.key, rects }] : [];
  });
}

/** Where a place is seen in a section: under and over what is held, or beside it. */
function rectsOf(place: FillPlace, { name, inside: { w, h }, gaps }: NestView, cornered: boolean): Rect[] {
  const within = Math.max(0, h - gaps.top - gaps.bottom);
  const [left, right] = [
    { x: 0, y: gaps.top, w: gaps.left, h: within },
    { x: w - gaps.right, y: gaps.top, w: gaps.right, h: within },
  ];
  const [x, across] = cornered && name === 'above' ? [gaps.left, w - gaps.left - gaps.right] : [0, w];
  const under = { x, y: h - gaps.bottom, w: across, h: gaps.bottom };
  const over = { x, y: 0, w: across, h: gaps.top };
  const corners = [0, w - gaps.right].flatMap((at) => [
    { x: at, y: 0, w: at === 0 ? gaps.left : gaps.right, h: gaps.top },
    { x: at, y: h - gaps.bottom, w: at === 0 ? gaps.left : gaps.right, h: gaps.bottom },
  ]);
  const seen: Readonly<Record<NestView['name'], Partial<Record<FillPlace, Rect[]>>>> = {
    above: {
      frontBack: [under, over],
      front: [under],
      back: [over],
      leftRight: [left, right],
      left: [left],
      right: [right],
      corners,
    },
    front: { base: [under], top: [over], leftRight: [left, right], left: [left], right: [right] },
    side: { base: [under], top: [over], frontBack: [left, right], front: [left], back: [right] },
  };
  return (seen[name][place] ?? []).filter((rect) => rect.w > 0 && rect.h > 0);
}
