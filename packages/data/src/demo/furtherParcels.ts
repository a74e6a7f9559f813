import type { DemoParcel } from './DemoParcel.ts';
import { picked, sale } from './DemoParcel.ts';

/** Those that go abroad, go two to one buyer, or have gone already. */
export const FURTHER_PARCELS: readonly DemoParcel[] = [
  {
    sale: sale('IK–XN', 'XN-04021', '96', '30', '34', 1),
    customs: {
      purpose: 'sale',
      reason: '',
      lines: [
        { id: 'scale', what: 'pantry scale of iron and brass, used', count: 1, valueMinor: 8000, weightLb: 3.25, origin: 'AI' },
        { id: 'pans', what: 'brass pans, used', count: 2, valueMinor: 1600, weightLb: 0.75, origin: 'AI' },
      ],
    },
    reached: 'weighed',
    address: { name: 'Ingrid Kallas', lines: ['Skarvik 12', 'Vestby'] },
    piece: {
      title: 'Pantry scale with loose pans',
      bin: 'A7',
      size: '8 x 5 x 6',
      weight: '4 lb',
      archetype: picked('fineMetal'),
      accessories: picked([{ id: 'pans', name: 'brass pan', count: 2, part: 'off' }]),
    },
    weighedOffLb: [0.04, 0.05, 0.04],
  },
  {
    sale: sale('RM–FR', '36110', '64', '18', '13', 0),
    reached: 'labelled',
    address: { name: 'Rosa Mellin', lines: ['The Old Pilot House', 'Farrow Quay'] },
    piece: {
      title: 'Storm glass, mercury-free',
      bin: 'B6',
      size: '3 x 3 x 9',
      weight: '1 lb 2 oz',
      archetype: picked('blownGlass'),
    },
  },
  {
    sale: sale('RM–FR', '36110', '52', '12', '11', 0),
    reached: 'rated',
    address: { name: 'Rosa Mellin', lines: ['The Old Pilot House', 'Farrow Quay'] },
    piece: { title: 'Enamel ship’s-stores sign', bin: 'E4', size: '14 x 9 x 1/4', weight: '2 lb 6 oz', archetype: picked('rigidMetal') },
  },
  {
    sale: sale('CW–KS', '57230', '210', '80', '22', -4),
    reached: 'away',
    piece: {
      title: 'Barograph under a glass cover',
      size: '12 x 7 x 8',
      weight: '7 lb 4 oz',
      archetype: picked('casedInstrument'),
      movingParts: picked('steadied'),
    },
  },
  {
    sale: sale('LP–DW', '30550', '74', '20', '12', -9),
    reached: 'broken',
    piece: { title: 'Cider jar with two handles', size: '7 x 7 x 9', weight: '4 lb 1 oz', archetype: picked('handledWare') },
  },
];
