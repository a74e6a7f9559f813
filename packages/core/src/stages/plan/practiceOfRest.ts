import { even, packing, turns, type PracticeBand } from './practicePacking.ts';

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

/** Light, boxed and soft things, and what goes wrong. Common practice, no source. */
export const BANDS_OF_REST: readonly PracticeBand[] = [
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
