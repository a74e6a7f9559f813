import { ARCHETYPES, type ArchetypeKey } from '@inch-nest/core';
import { outlineKeyOf, outlineSeen, PIECE_OUTLINES, type SeenFrom, type Share } from './pieceOutlines.ts';

const KINDS = Object.keys(ARCHETYPES) as ArchetypeKey[];
const SEEN: SeenFrom[] = ['front', 'side', 'above'];
const all = [...KINDS, 'stemmed' as const, 'bowl' as const, 'pot' as const].flatMap((kind) => SEEN.map((seen) => [kind, seen] as const));
const reach = (points: readonly Share[], axis: 0 | 1) => {
  const along = points.map((point) => point[axis]);
  return [Math.min(...along), Math.max(...along)] as const;
};

test.each(all)('%s from the %s is as long and as high as the piece, and nothing stands out of it', (kind, seen) => {
  const { body, strokes } = PIECE_OUTLINES[kind][seen];
  for (const axis of [0, 1] as const) {
    const [least, most] = reach(body, axis);
    expect(least).toBeGreaterThanOrEqual(0);
    expect(most).toBeLessThanOrEqual(1);
    // to scale: a body that did not fill its sides would be drawn too small
    expect(most - least).toBeGreaterThan(0.92);
    for (const stroke of strokes) {
      const [from, to] = reach(stroke, axis);
      expect(from).toBeGreaterThanOrEqual(least - 1e-9);
      expect(to).toBeLessThanOrEqual(most + 1e-9);
    }
  }
});

test('a piece is seen from the side its third axis looks along, and turned as it lies', () => {
  const { front, side, above } = PIECE_OUTLINES.handledWare;
  expect(outlineSeen('handledWare', 0, 2).body).toEqual(front.body);
  expect(outlineSeen('handledWare', 1, 2).body).toEqual(side.body);
  expect(outlineSeen('handledWare', 0, 1).body).toEqual(above.body);
  // on its side: its height runs across the page
  expect(outlineSeen('handledWare', 2, 0).body).toEqual(front.body.map(([along, up]) => [up, along]));
});

test('kinds are told apart by their outlines from the front', () => {
  const drawn = KINDS.map((kind) => JSON.stringify([PIECE_OUTLINES[kind].front.body, PIECE_OUTLINES[kind].front.strokes]));
  expect(new Set(drawn).size).toBe(KINDS.length);
});

test.each([
  ['blownGlass', 'four crystal wine glasses', 'stemmed'],
  ['blownGlass', 'Goblet, engraved', 'stemmed'],
  ['blownGlass', 'storm glass', 'blownGlass'],
  ['pressedGlass', 'celery vase', 'pressedGlass'],
  ['brassHorn', 'flute in silver', 'brassHorn'],
  ['compactCeramic', 'mixing bowl', 'bowl'],
  ['pressedGlass', 'eight dinner plates', 'bowl'],
  ['compactCeramic', 'stoneware crock', 'pot'],
  ['rigidMetal', 'cast iron pot', 'pot'],
  ['handledWare', 'coffee pot', 'handledWare'],
  ['compactCeramic', 'teapot', 'compactCeramic'],
])('%s, %s: drawn as %s', (archetype, title, key) => expect(outlineKeyOf({ archetype, title, hardPoints: [] })).toBe(key));

test('a stem among its weak spots says so too, of glass alone; it is thinner than foot and bowl', () => {
  const hardPoints = [{ kind: 'stem' }];
  expect(outlineKeyOf({ archetype: 'pressedGlass', title: 'comport', hardPoints })).toBe('stemmed');
  expect(outlineKeyOf({ archetype: 'clockwork', title: 'clock', hardPoints })).toBe('clockwork');
  const wide = (at: number) => PIECE_OUTLINES.stemmed.profile!.find(([up]) => up >= at)![1];
  expect(wide(0.3)).toBeLessThan(wide(0) / 3);
  expect(wide(0.3)).toBeLessThan(wide(0.75) / 3);
});
