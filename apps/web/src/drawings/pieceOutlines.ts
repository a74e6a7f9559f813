import { isStemmed, type ArchetypeKey } from '@inch-nest/core';

/** A point of an outline as shares of the piece's own sides: along, and up. */
export type Share = readonly [along: number, up: number];

/** From which side of the piece, as it stands, it is looked at. */
export type SeenFrom = 'front' | 'side' | 'above';

/** What is drawn of a piece from one side, within its stated size. */
export interface Outline {
  readonly body: readonly Share[];
  /** The body's corners are rounded into one line. */
  readonly smooth: boolean;
  /** Strokes upon it, each a line of its own. */
  readonly strokes: readonly (readonly Share[])[];
}

/** Points written as `along up, along up, …`. */
const pts = (written: string): Share[] => written.split(',').map((pair): Share => pair.trim().split(' ').map(Number) as [number, number]);

/** How wide a turned body is at each height, both as shares. */
type Turned = readonly (readonly [up: number, wide: number])[];

/** A kind of piece from its three sides; what is round says how wide it is at each height. */
export type Seen = Readonly<Record<SeenFrom, Outline>> & { readonly profile?: Turned };

const turned = (profile: Turned, rings: readonly number[] = []): Seen => {
  const widthAt = (up: number): number => {
    const next = profile.findIndex(([at]) => at >= up);
    if (next <= 0) return profile[0]![1];
    const [[lowUp, low], [highUp, high]] = [profile[next - 1]!, profile[next]!];
    return low + ((high - low) * (up - lowUp)) / (highUp - lowUp || 1);
  };
  const right = profile.map(([up, wide]): Share => [0.5 + wide / 2, up]);
  const left = [...profile].reverse().map(([up, wide]): Share => [0.5 - wide / 2, up]);
  const upright: Outline = {
    body: [...right, ...left],
    smooth: true,
    strokes: rings.map((up) => [[0.5 - widthAt(up) / 2, up] as const, [0.5 + widthAt(up) / 2, up] as const]),
  };
  const mouth = profile.at(-1)![1];
  return {
    front: upright,
    side: upright,
    above: { body: ring(0.5, 0.5, 0.5), smooth: true, strokes: [closed(ring(0.5, 0.5, mouth / 2))] },
    profile,
  };
};

const ROUND_STEPS = 24;
function ring(x: number, y: number, rx: number, ry = rx): Share[] {
  return Array.from({ length: ROUND_STEPS }, (_, i): Share => {
    const at = (2 * Math.PI * i) / ROUND_STEPS;
    return [x + rx * Math.cos(at), y + ry * Math.sin(at)];
  });
}
const closed = (points: readonly Share[]): Share[] => [...points, points[0]!];
const rect = (x0: number, y0: number, x1: number, y1: number): Share[] => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
];
const WHOLE = rect(0, 0, 1, 1);
const solid = (body: readonly Share[], ...strokes: (readonly Share[])[]): Outline => ({ body, smooth: false, strokes });
const soft = (body: readonly Share[], ...strokes: (readonly Share[])[]): Outline => ({ body, smooth: true, strokes });
const BARE = solid(WHOLE);

/** A box: its flaps meet above, a strip runs over them. */
const carton: Seen = {
  front: solid(WHOLE, pts('0 .86, 1 .86')),
  side: solid(WHOLE, pts('.45 1, .45 .8, .55 .8, .55 1')),
  above: solid(WHOLE, pts('0 .5, 1 .5')),
};
const faceted = solid(pts('.1 0, .9 0, 1 .14, 1 .86, .9 1, .1 1, 0 .86, 0 .14'), pts('.1 0, .22 .5, .1 1'), pts('.9 0, .78 .5, .9 1'));
const lumpy = soft(pts('.14 .02, .86 .02, .97 .3, .88 .56, .98 .8, .7 .98, .32 .98, .04 .78, .12 .5, .03 .26'));
const bell = solid(pts('0 .44, .55 .42, .78 .32, .92 .14, 1 0, 1 1, .92 .86, .78 .68, .55 .58, 0 .56'));

/** Kinds that are drawn, and the shapes of one kind that its title tells apart. */
export type OutlineKey = ArchetypeKey | 'stemmed' | 'bowl' | 'pot' | 'tile';

/** What is open above, by its name: wider than its foot, or as wide all the way up. */
const BOWL = /\b(?:bowls?|basins?|dish(?:es)?|saucers?|plates?|platters?|chargers?)\b/i;
const POT = /\b(?:(?:stock ?|sauce ?|jam ?|flower ?)?pots?|crocks?|pails?|buckets?|planters?|saucepans?|cauldrons?)\b/i;
const TILE = /\b(?:tiles?|slabs?|slates?|trivets?)\b/i;
/** Kinds that such things are made of; what has a handle or a lid is drawn with its kind. */
const OPEN_KINDS: readonly string[] = [
  'compactCeramic',
  'blownGlass',
  'pressedGlass',
  'denseGlass',
  'resinWood',
  'fineMetal',
  'rigidMetal',
] satisfies ArchetypeKey[];

/** What a piece is drawn as: its kind, or what its title or a stem among its weak spots says more of that. */
export function outlineKeyOf({
  archetype,
  title,
  hardPoints,
}: {
  readonly archetype: string;
  readonly title: string;
  readonly hardPoints: readonly { readonly kind: string }[];
}): OutlineKey {
  const isGlass = archetype === 'blownGlass' || archetype === 'pressedGlass';
  const isOpen = OPEN_KINDS.includes(archetype);
  if (isOpen && BOWL.test(title)) return 'bowl';
  if (isOpen && POT.test(title)) return 'pot';
  if (isOpen && TILE.test(title)) return 'tile';
  return isGlass && (isStemmed(title) || hardPoints.some(({ kind }) => kind === 'stem')) ? 'stemmed' : (archetype as ArchetypeKey);
}

/** Each kind of piece in profile, from three sides: ours, drawn within its own length, width and height. */
export const PIECE_OUTLINES: Readonly<Record<OutlineKey, Seen>> = {
  denseGlass: { front: faceted, side: faceted, above: faceted },
  resinWood: { front: lumpy, side: lumpy, above: lumpy },
  compactCeramic: turned(pts('0 .52, .04 .56, .22 .86, .5 1, .74 .86, .86 .56, .93 .5, 1 .6'), [0.74, 0.93]),
  handledWare: turned(pts('0 .6, .05 .62, .25 .94, .45 1, .68 .8, .82 .6, .94 .62, 1 .7'), [0.82]),
  blownGlass: turned(pts('0 .66, .03 .7, .2 .96, .42 1, .62 .72, .72 .36, .92 .32, 1 .46'), [0.42, 0.72]),
  stemmed: turned(pts('0 .74, .03 .76, .06 .3, .12 .12, .4 .1, .46 .24, .52 .62, .62 .9, .78 1, .92 .94, 1 .88'), [0.5]),
  bowl: turned(pts('0 .42, .06 .44, .14 .56, .34 .76, .62 .91, .9 .98, 1 1'), [0.9]),
  tile: { front: BARE, side: BARE, above: solid(WHOLE, closed(rect(0.08, 0.08, 0.92, 0.92))) },
  pot: turned(pts('0 .86, .04 .92, .16 .96, .9 .96, .94 1, 1 1'), [0.9]),
  pressedGlass: turned(pts('0 .58, .06 .54, .16 .26, .3 .3, .48 .7, .78 .94, 1 1'), [0.3, 0.78]),
  thinFigure: {
    front: soft(
      pts(
        '.2 0, .8 0, .84 .08, .7 .12, .68 .4, .98 .56, .95 .64, .64 .68, .58 .76, .66 .88, .5 1, .34 .88, .42 .76, .3 .68, .04 .5, .02 .42, .3 .44, .3 .12, .16 .08',
      ),
      pts('.16 .09, .84 .09'),
    ),
    side: soft(pts('.02 0, .98 0, .98 .08, .68 .14, .72 .66, .58 .76, .68 .9, .5 1, .34 .9, .44 .76, .3 .62, .32 .14, .02 .08')),
    above: soft(ring(0.5, 0.5, 0.5), closed(ring(0.5, 0.5, 0.18))),
  },
  globeShade: turned(pts('0 .42, .05 .44, .14 .7, .32 .94, .5 1, .68 .94, .86 .68, .95 .42, 1 .4'), [0.05, 0.95]),
  glazedFlat: {
    front: solid(WHOLE, closed(rect(0.09, 0.1, 0.91, 0.9)), pts('.3 .3, .55 .7'), pts('.42 .3, .6 .6')),
    side: solid(WHOLE, pts('.3 0, .3 1')),
    above: solid(WHOLE, pts('0 .3, 1 .3')),
  },
  fineMetal: {
    front: solid(pts('0 0, 1 0, 1 .22, .88 .22, .88 .74, .7 .74, .7 1, .3 1, .3 .74, .12 .74, .12 .22, 0 .22'), pts('.12 .48, .88 .48')),
    side: solid(WHOLE, pts('0 .22, 1 .22'), pts('0 .74, 1 .74')),
    above: solid(WHOLE, closed(rect(0.12, 0.14, 0.88, 0.86)), closed(rect(0.3, 0.3, 0.7, 0.7))),
  },
  machinedCasting: {
    front: solid(
      pts('.08 0, .92 0, .92 .4, 1 .4, 1 .68, .86 .68, .8 1, .2 1, .14 .68, 0 .68, 0 .4, .08 .4'),
      closed(ring(0.5, 0.42, 0.16, 0.26)),
      pts('.08 .12, .92 .12'),
    ),
    side: solid(WHOLE, pts('0 .12, 1 .12'), pts('.2 .12, .2 1')),
    above: solid(WHOLE, closed(ring(0.18, 0.5, 0.07, 0.2)), closed(ring(0.82, 0.5, 0.07, 0.2))),
  },
  brassHorn: {
    front: bell,
    side: solid(ring(0.5, 0.5, 0.5), closed(ring(0.5, 0.5, 0.12))),
    above: bell,
  },
  tubularFrame: {
    front: solid(
      WHOLE,
      closed(ring(0.18, 0.26, 0.17, 0.25)),
      closed(ring(0.82, 0.26, 0.17, 0.25)),
      pts('.18 .26, .4 .9, .7 .9, .82 .26'),
      pts('.4 .9, .5 .26, .18 .26'),
    ),
    side: solid(WHOLE, pts('.35 0, .35 1'), pts('.65 0, .65 1')),
    above: solid(WHOLE, pts('0 .35, 1 .35'), pts('0 .65, 1 .65')),
  },
  boxedElectronics: {
    front: solid(
      WHOLE,
      closed(rect(0.06, 0.14, 0.94, 0.86)),
      closed(ring(0.2, 0.5, 0.07, 0.2)),
      closed(ring(0.78, 0.5, 0.05, 0.14)),
      pts('.38 .68, .64 .68'),
      pts('.38 .5, .64 .5'),
      pts('.38 .32, .64 .32'),
    ),
    side: solid(WHOLE, pts('.08 0, .08 1')),
    above: solid(WHOLE, pts('0 .08, 1 .08'), pts('.2 .3, .8 .3'), pts('.2 .5, .8 .5'), pts('.2 .7, .8 .7')),
  },
  clockwork: {
    front: solid(
      [[0, 0], [1, 0], [1, 0.12], [0.92, 0.16], [0.92, 0.62], ...arch(0.5, 0.62, 0.42, 0.38), [0.08, 0.62], [0.08, 0.16], [0, 0.12]],
      closed(ring(0.5, 0.6, 0.27, 0.24)),
      pts('.5 .76, .5 .6, .64 .54'),
    ),
    side: solid(WHOLE, pts('0 .14, 1 .14')),
    above: solid(WHOLE, closed(rect(0.08, 0.1, 0.92, 0.9))),
  },
  optics: {
    front: solid(
      pts('0 0, 1 0, 1 .78, .7 .78, .64 1, .36 1, .3 .78, 0 .78'),
      closed(ring(0.5, 0.4, 0.2, 0.32)),
      closed(ring(0.5, 0.4, 0.1, 0.16)),
    ),
    side: solid(pts('0 .14, .4 .08, .4 0, 1 0, 1 .9, .7 1, .4 .9, .4 .72, 0 .66'), pts('.4 0, .4 .9')),
    above: solid(pts('.3 0, .7 0, .7 .4, 1 .4, 1 1, 0 1, 0 .4, .3 .4')),
  },
  casedInstrument: {
    front: solid(
      WHOLE,
      pts('0 .62, 1 .62'),
      pts('.4 .62, .4 .74, .6 .74, .6 .62'),
      closed(rect(0.18, 0.56, 0.24, 0.68)),
      closed(rect(0.76, 0.56, 0.82, 0.68)),
    ),
    side: solid(WHOLE, pts('0 .62, 1 .62')),
    above: solid(WHOLE, closed(rect(0.05, 0.08, 0.95, 0.92))),
  },
  boxedSet: {
    ...carton,
    front: solid(WHOLE, pts('.25 0, .25 1'), pts('.5 0, .5 1'), pts('.75 0, .75 1')),
  },
  boxedGoods: carton,
  shoes: {
    front: soft(pts('0 0, .98 0, 1 .2, .8 .4, .52 .5, .44 .98, .06 .98, 0 .5')),
    side: soft(pts('.04 0, .96 0, 1 .3, .9 .98, .1 .98, 0 .3'), pts('.5 0, .5 .9')),
    above: soft(ring(0.5, 0.5, 0.5), pts('0 .5, 1 .5')),
  },
  paperGoods: {
    front: BARE,
    side: BARE,
    above: solid(WHOLE, pts('.15 .75, .85 .75'), pts('.15 .5, .85 .5'), pts('.15 .25, .6 .25')),
  },
  paperStack: {
    front: solid(WHOLE, pts('0 .25, 1 .25'), pts('0 .5, 1 .5'), pts('0 .75, 1 .75')),
    side: solid(WHOLE, pts('0 .25, 1 .25'), pts('0 .5, 1 .5'), pts('0 .75, 1 .75')),
    above: solid(WHOLE, pts('.06 0, .06 1')),
  },
  textile: {
    front: soft(ring(0.5, 0.5, 0.5), pts('.08 .34, .5 .42, .92 .34'), pts('.08 .62, .5 .7, .92 .62')),
    side: soft(ring(0.5, 0.5, 0.5), pts('.08 .5, .92 .5')),
    above: BARE,
  },
  rigidMetal: {
    front: solid(pts('.1 0, .9 0, .9 .12, .68 .24, .68 .56, 1 .72, 1 1, 0 1, 0 .72, .32 .56, .32 .24, .1 .12')),
    side: solid(WHOLE, pts('0 .12, 1 .12'), pts('0 .72, 1 .72')),
    above: solid(WHOLE, closed(rect(0.3, 0.2, 0.7, 0.8))),
  },
};

/** Half an oval over a line, from right to left. */
function arch(x: number, y: number, rx: number, ry: number): Share[] {
  return Array.from({ length: 9 }, (_, i): Share => {
    const at = (Math.PI * i) / 8;
    return [x + rx * Math.cos(at), y + ry * Math.sin(at)];
  });
}

const SEEN_ALONG: Readonly<Record<0 | 1 | 2, SeenFrom>> = { 0: 'side', 1: 'front', 2: 'above' };
/** The two own axes that a view of the piece shows: along, and up. */
const OWN_AXES: Readonly<Record<SeenFrom, readonly [along: 0 | 1 | 2, up: 0 | 1 | 2]>> = { front: [0, 2], side: [1, 2], above: [0, 1] };

/**
 * What of a piece is seen when two of its axes lie across and up the page, however it was turned to lie in its box.
 *
 * @returns shares of the drawn rectangle: across from the left, and up from its foot
 */
export function outlineSeen(kind: OutlineKey, across: 0 | 1 | 2, up: 0 | 1 | 2): Outline {
  const seen = SEEN_ALONG[(3 - across - up) as 0 | 1 | 2];
  const { body, smooth, strokes } = PIECE_OUTLINES[kind][seen];
  const place = OWN_AXES[seen][0] === across ? (point: Share): Share => point : ([along, high]: Share): Share => [high, along];
  return { body: body.map(place), smooth, strokes: strokes.map((one) => one.map(place)) };
}
