import type { Face } from '../../engineering/pieces/hardPoints.ts';
import type { Gaps } from '../box/StowedBox.ts';
import type { Packing } from './judgePacking.ts';

/** How a packing is known to go, from what good packers do and from what goes wrong. */
export interface PracticeBand {
  readonly name: string;
  /** As a packer would say it. */
  readonly says: string;
  readonly packing: Packing;
  /** Bounds of the chance that anything breaks on one journey to zone 5. Common practice, no source. */
  readonly low: number;
  readonly high: number;
  /** An independent reckoning of the same law, from which ours may be a tenth off. */
  readonly reckoned: number;
}

const EVEN: readonly Face[] = ['bottom', 'top', 'front', 'back', 'left', 'right'];
const even = (gapIn: number): Gaps => Object.fromEntries(EVEN.map((face) => [face, gapIn])) as unknown as Gaps;
const NO_SQUEEZE = [0, 0, 0] as const;

const packing = (
  piece: Partial<Packing['piece']> & Pick<Packing['piece'], 'kind' | 'sizeIn' | 'weightLb'>,
  more: Partial<Packing>,
): Packing => ({
  piece: { hardPoints: [], fineFace: false, steadied: null, ...piece },
  layers: [],
  squeezedIn: NO_SQUEEZE,
  inner: null,
  fill: null,
  gapsIn: even(0),
  grade: 'ordinary',
  liner: false,
  board: false,
  overfillShare: 0.06,
  looseShare: 1,
  envelope: null,
  card: 'none',
  faceCard: false,
  zone: 5,
  grossWeightLb: null,
  count: 1,
  ...more,
});
const turns = (...layers: readonly [Packing['layers'][number]['material'], number][]): Packing['layers'] =>
  layers.map(([material, n]) => ({ material, turns: n }));

const BLOCK = { kind: 'denseGlass', sizeIn: [8, 5, 5], weightLb: 8 } as const;
const LAYERED = turns(['tissue', 2], ['smallBubble', 1], ['largeBubble', 1], ['stretchFilm', 1]);
const CASE = { kind: 'casedInstrument', sizeIn: [22, 9, 6], weightLb: 9 } as const;
const IN_ITS_CASE = { fill: 'mouldedFill', gapsIn: even(2), overfillShare: 0.08 } as const;
const RANGEFINDER = { kind: 'optics', form: 'block', sizeIn: [10, 5, 6], weightLb: 2.2 } as const;
const JUG = {
  kind: 'handledWare',
  sizeIn: [7, 6, 6],
  weightLb: 2.2,
  hardPoints: [
    { kind: 'handle', face: 'right', guard: null },
    { kind: 'spout', face: 'left', guard: null },
  ],
} as const;
const SOFT = { fill: 'crumpledPaper', gapsIn: even(0.5) } as const;

/** What good packers do and how it goes, and what goes wrong. Common practice, no source; sizes in inches, weights in pounds. */
export const PRACTICE_BANDS: readonly PracticeBand[] = [
  {
    name: 'glazed jar, painted',
    says: '2 tissue, 1 small, 1 large, 1 film; 2.5 in moulded fill',
    packing: packing(
      { kind: 'compactCeramic', sizeIn: [6, 6, 6], weightLb: 2 },
      { layers: LAYERED, fill: 'mouldedFill', gapsIn: even(2.5) },
    ),
    low: 0.0005,
    high: 0.004,
    reckoned: 0.00167,
  },
  {
    name: 'dense glass block, straight',
    says: 'the same',
    packing: packing(BLOCK, { layers: LAYERED, fill: 'mouldedFill', gapsIn: even(2.5) }),
    low: 0.01,
    high: 0.06,
    reckoned: 0.013,
  },
  {
    name: 'dense glass block, inner box',
    says: 'the same wraps, snug inner box with small bubble, 2.5 in moulded fill',
    packing: packing(BLOCK, { layers: LAYERED, inner: { fill: 'foldedSmallBubble' }, fill: 'mouldedFill', gapsIn: even(2.5) }),
    low: 0.0005,
    high: 0.006,
    reckoned: 0.00051,
  },
  {
    name: 'lantern globe, inner box',
    says: '3 small, snug inner box with small bubble, 3 in paper',
    packing: packing(
      { kind: 'globeShade', sizeIn: [10, 10, 9], weightLb: 1.6, hardPoints: [{ kind: 'rim', face: 'bottom', guard: null }] },
      { layers: turns(['smallBubble', 3]), inner: { fill: 'foldedSmallBubble' }, fill: 'crumpledPaper', gapsIn: even(3) },
    ),
    low: 0.002,
    high: 0.015,
    reckoned: 0.00712,
  },
  {
    name: 'rangefinder, inner box',
    says: '2 large, snug inner box with large bubble, 1.5 in pillows',
    packing: packing(RANGEFINDER, {
      layers: turns(['largeBubble', 2]),
      inner: { fill: 'foldedBubble' },
      fill: 'airPillows',
      gapsIn: even(1.5),
    }),
    low: 0.003,
    high: 0.02,
    reckoned: 0.00522,
  },
  {
    name: 'marine receiver, large',
    says: '2 medium, one more in front, second wall; paper: ends 0.63, front 0.2, back 0.3, base 0.2, top 0.25',
    packing: packing(
      { kind: 'boxedElectronics', sizeIn: [17, 13.5, 4], weightLb: 11.25 },
      {
        layers: [{ material: 'mediumBubble', turns: 2, doubled: { front: 1 } }],
        liner: true,
        fill: 'crumpledPaper',
        gapsIn: { left: 0.63, right: 0.63, front: 0.2, back: 0.3, bottom: 0.2, top: 0.25 },
      },
    ),
    low: 0.01,
    high: 0.05,
    reckoned: 0.044,
  },
  {
    name: 'long instrument in its case, steadied',
    says: 'no wrap, 2 in moulded fill, overfill 8%',
    packing: packing({ ...CASE, steadied: true }, IN_ITS_CASE),
    low: 0.005,
    high: 0.03,
    reckoned: 0.025,
  },
  {
    name: 'the same, not steadied',
    says: 'the same',
    packing: packing({ ...CASE, steadied: false }, IN_ITS_CASE),
    low: 0.08,
    high: 0.2,
    reckoned: 0.123,
  },
  {
    name: 'ship’s horn, brass, uncased',
    says: '4 jumbo, 2 in moulded fill',
    packing: packing(
      { kind: 'brassHorn', sizeIn: [24, 12, 8], weightLb: 6 },
      { layers: turns(['jumboBubble', 4]), fill: 'mouldedFill', gapsIn: even(2) },
    ),
    low: 0.003,
    high: 0.03,
    reckoned: 0.00378,
  },
  {
    name: 'pump casting',
    says: 'face card, film, bag, 1.75 in foam in place, double wall',
    packing: packing(
      { kind: 'machinedCasting', sizeIn: [22, 8, 5], weightLb: 34, fineFace: true },
      {
        layers: turns(['stretchFilm', 1], ['dampBag', 1]),
        faceCard: true,
        fill: 'foamInPlace',
        gapsIn: even(1.75),
        grade: 'double',
      },
    ),
    low: 0,
    high: 0.003,
    reckoned: 0.00068,
  },
  {
    name: 'cut-glass bottles, a pair',
    says: 'foam sheet 1/8, 1 large each; 0.4 in large bubble; gross 1.4',
    packing: packing(
      { kind: 'denseGlass', form: 'cylinder', sizeIn: [2, 2, 4.5], weightLb: 0.4 },
      {
        layers: turns(['foamSheet8', 1], ['largeBubble', 1]),
        fill: 'foldedBubble',
        gapsIn: even(0.4),
        grossWeightLb: 1.4,
        count: 2,
      },
    ),
    low: 0.002,
    high: 0.02,
    reckoned: 0.00312,
  },
  {
    name: 'dish with a bail handle',
    says: '1 tissue, 2 large squeezed to 0.5 in on every side, 0.2 in large bubble; the handle in a foam collar',
    packing: packing(
      {
        kind: 'pressedGlass',
        form: 'ovoid',
        sizeIn: [6, 4, 6],
        weightLb: 0.7,
        hardPoints: [{ kind: 'handle', face: 'top', guard: 'foamTube' }],
      },
      { layers: turns(['tissue', 1], ['largeBubble', 2]), squeezedIn: [0.86, 0.86, 0.86], fill: 'foldedBubble', gapsIn: even(0.2) },
    ),
    low: 0.005,
    high: 0.04,
    reckoned: 0.039,
  },
  {
    name: 'household goods in their box',
    says: '1 small, film; 0.33 in paper',
    packing: packing(
      { kind: 'boxedGoods', sizeIn: [11, 5, 5], weightLb: 3 },
      { layers: turns(['smallBubble', 1], ['stretchFilm', 1]), fill: 'crumpledPaper', gapsIn: even(0.33) },
    ),
    low: 0,
    high: 0.005,
    reckoned: 0.00432,
  },
  {
    name: 'sea boots',
    says: '0.5 in paper',
    packing: packing({ kind: 'shoes', sizeIn: [12, 8, 5], weightLb: 2.5 }, SOFT),
    low: 0,
    high: 0.001,
    reckoned: 0.00038,
  },
  {
    name: 'flags in a bag',
    says: '0.5 in paper',
    packing: packing({ kind: 'textile', sizeIn: [12, 10, 4], weightLb: 2 }, { ...SOFT, layers: turns(['dampBag', 1]) }),
    low: 0,
    high: 0.001,
    reckoned: 0.0003,
  },
  {
    name: 'charts in a stack, in a bag',
    says: '0.5 in paper',
    packing: packing({ kind: 'paperStack', sizeIn: [12, 9, 4], weightLb: 12 }, { ...SOFT, layers: turns(['dampBag', 1]) }),
    low: 0,
    high: 0.001,
    reckoned: 0.00037,
  },
  {
    name: 'barometer',
    says: '2 large; pillows: ends 2.1, front and back 1.6, base and top 2.6',
    packing: packing(
      { kind: 'casedInstrument', sizeIn: [10, 9, 5], weightLb: 3.9 },
      {
        layers: turns(['largeBubble', 2]),
        fill: 'airPillows',
        gapsIn: { left: 2.1, right: 2.1, front: 1.6, back: 1.6, bottom: 2.6, top: 2.6 },
      },
    ),
    low: 0.005,
    high: 0.025,
    reckoned: 0.0059,
  },
  {
    name: 'mantel orrery',
    says: '2 small, 2 large; 2.5 in pillows; mechanism above with a spacer, wire in front with a rope',
    packing: packing(
      {
        kind: 'clockwork',
        sizeIn: [8, 7, 9],
        weightLb: 3.1,
        hardPoints: [
          { kind: 'mechanism', face: 'top', guard: 'spacer' },
          { kind: 'wire', face: 'front', guard: 'tissueRope' },
        ],
      },
      { layers: turns(['smallBubble', 2], ['largeBubble', 2]), fill: 'airPillows', gapsIn: even(2.5) },
    ),
    low: 0.007,
    high: 0.03,
    reckoned: 0.012,
  },
  {
    name: 'plaster figure, poor',
    says: '1 small; moulded fill: base 1, sides 0.75, none above, all 0.8 of it, no overfill',
    packing: packing(
      { kind: 'thinFigure', sizeIn: [8, 4, 4], weightLb: 1, hardPoints: [{ kind: 'ear', face: 'right', guard: null }] },
      {
        layers: turns(['smallBubble', 1]),
        fill: 'mouldedFill',
        gapsIn: { bottom: 1, top: 0, front: 0.75, back: 0.75, left: 0.75, right: 0.75 },
        looseShare: 0.8,
        overfillShare: 0,
      },
    ),
    low: 0.25,
    high: 0.8,
    reckoned: 0.732,
  },
  {
    name: 'rangefinder, poor',
    says: 'a padded envelope alone',
    packing: packing(RANGEFINDER, { envelope: 'padded' }),
    low: 0.3,
    high: 0.9,
    reckoned: 0.86,
  },
  {
    name: 'puzzle jug, poor',
    says: '1 small, 1 in paper',
    packing: packing(JUG, { layers: turns(['smallBubble', 1]), fill: 'crumpledPaper', gapsIn: even(1) }),
    low: 0.15,
    high: 0.45,
    reckoned: 0.219,
  },
  {
    name: 'puzzle jug, well',
    says: '1 tissue, 1 small, 2 large, 2 in moulded fill',
    packing: packing(JUG, {
      layers: turns(['tissue', 1], ['smallBubble', 1], ['largeBubble', 2]),
      fill: 'mouldedFill',
      gapsIn: even(2),
    }),
    low: 0.002,
    high: 0.01,
    reckoned: 0.00289,
  },
];
