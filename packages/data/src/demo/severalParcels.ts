import { picked, sale, type DemoParcel } from './DemoParcel.ts';

/** Orders of several different pieces: parts that come off, in one box and in two, and a second sale to a buyer of before. */
export const SEVERAL_PARCELS: readonly DemoParcel[] = [
  {
    sale: sale('EC–DW', '70410', '165', '48', '26', 2),
    reached: 'kept',
    piece: {
      title: 'Barograph, eight-day drum',
      bin: 'E2',
      size: '9 x 5 x 5',
      weight: '3 lb 8 oz',
      archetype: picked('clockwork'),
      movingParts: picked('steadied'),
    },
    others: [
      {
        piece: { title: 'Glazed cover', bin: 'E2', size: '11 x 6 1/2 x 6', weight: '1 lb 12 oz', archetype: picked('glazedFlat') },
        comesOff: 'four brass screws',
      },
    ],
  },
  {
    sale: sale('HF–LO', '55230', '148', '40', '31', 3),
    reached: 'kept',
    piece: { title: 'Binnacle lamp, copper', bin: 'B6', size: '8 x 8 x 13', weight: '4 lb 6 oz', archetype: picked('fineMetal') },
    others: [
      {
        piece: { title: 'Lamp glass', bin: 'B6', size: '4 x 4 x 8', weight: '7 oz', archetype: picked('blownGlass') },
        comesOff: 'the gallery ring',
      },
      {
        piece: { title: 'Oak stand', bin: 'B7', size: '18 x 8 x 4', weight: '4 lb 8 oz', archetype: picked('resinWood') },
        inABoxOfItsOwn: true,
      },
    ],
  },
  {
    sale: sale('PB–OV', '81350', '38', '9', '12', 1),
    reached: 'draft',
    piece: {
      title: 'Stoneware ink bottles',
      bin: 'A3',
      count: '2',
      size: '3 x 3 x 5',
      weight: '14 oz',
      archetype: picked('compactCeramic'),
    },
  },
];
