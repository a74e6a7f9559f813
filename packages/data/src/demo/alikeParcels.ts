import { picked, sale, type DemoParcel } from './DemoParcel.ts';

/** Sets and lots, several alike in one parcel; and a job that is no sale, with what goes along. */
export const ALIKE_PARCELS: readonly DemoParcel[] = [
  {
    sale: sale('WS–TN', '52340', '72', '20', '24', 1),
    reached: 'kept',
    piece: {
      title: 'Apothecary jars, blue labels',
      bin: 'C3',
      count: '6',
      size: '3 1/2 x 3 1/2 x 6',
      weight: '11 oz',
      archetype: picked('blownGlass'),
    },
  },
  {
    sale: sale('GA–RK', '31180', '46', '12', '16.50', 2),
    reached: 'weighed',
    piece: {
      title: 'Net weights, cast stone',
      bin: 'F2',
      count: '2',
      size: '4 x 4 x 3 1/2',
      weight: '4 lb 2 oz',
      archetype: picked('denseGlass'),
      accessories: picked([
        { id: 'cloth', name: 'canvas cloth', count: 1, part: 'apart', weightLb: 0.3125, sizeIn: [6, 5, 1], place: 'beside' },
      ]),
    },
    weighedOffLb: [0.12, 0.12, 0.11],
  },
  {
    sale: sale('ML–EY', '20915', '62', '15', '14', 3),
    reached: 'draft',
    piece: {
      title: 'Pilot books, limp covers',
      bin: 'D6',
      count: '31',
      stackOf: '9',
      size: '10 x 7 x 1/4',
      weight: '6 oz',
      archetype: picked('paperStack'),
    },
  },
  {
    sale: sale('BR–XN', 'XN-04021', '0', '0', '0', 2),
    reached: 'kept',
    job: 'repair',
    customs: {
      purpose: 'repair',
      reason: 'dented bell, to be beaten out; comes back',
      lines: [{ id: 'piece', what: 'brass horn, used', count: 1, valueMinor: 24_000, weightLb: 3.5, origin: 'AI' }],
    },
    piece: {
      title: 'Brass pilot’s horn, dented bell',
      bin: 'D1',
      size: '16 x 8 x 8',
      weight: '3 lb 2 oz',
      replacementMinor: '240',
      archetype: picked('brassHorn'),
      accessories: picked([
        { id: 'crook', name: 'crook', count: 1, part: 'apart', weightLb: 0.375, sizeIn: [6, 4, 1], place: 'beside' },
        { id: 'mouthpiece', name: 'mouthpiece', count: 1, part: 'apart', weightLb: 0.1875, sizeIn: [3.5, 1, 1], place: 'bag' },
      ]),
    },
  },
];
