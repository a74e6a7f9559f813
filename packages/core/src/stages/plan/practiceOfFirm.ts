import { even, packing, turns, type PracticeBand } from './practicePacking.ts';

const BLOCK = { kind: 'denseGlass', sizeIn: [8, 5, 5], weightLb: 8 } as const;
const LAYERED = turns(['tissue', 2], ['smallBubble', 1], ['largeBubble', 1], ['stretchFilm', 1]);
const CASE = { kind: 'casedInstrument', sizeIn: [22, 9, 6], weightLb: 9 } as const;
const IN_ITS_CASE = { fill: 'mouldedFill', gapsIn: even(2), overfillShare: 0.08 } as const;
const RANGEFINDER = { kind: 'optics', form: 'block', sizeIn: [10, 5, 6], weightLb: 2.2 } as const;

/** Ceramics, glass, instruments and metal as good packers send them. Common practice, no source. */
export const BANDS_OF_FIRM: readonly PracticeBand[] = [
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
];
