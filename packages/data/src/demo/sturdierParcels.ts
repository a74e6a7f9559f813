import { picked, point, points, sale, type DemoParcel } from './DemoParcel.ts';

/** Heavy, long, hollow and boxed things: each of a kind of its own. */
export const STURDIER_PARCELS: readonly DemoParcel[] = [
  {
    sale: sale('HB–OV', '40217', '38', '9', '12', 5),
    reached: 'kept',
    piece: {
      title: 'Pressed-glass celery vase',
      bin: 'B3',
      size: '5 x 5 x 8',
      weight: '1 lb 10 oz',
      archetype: picked('pressedGlass'),
      hardPoints: points(point('rim', 'top', 0.5)),
    },
  },
  {
    sale: sale('TG–KS', '57230', '185', '60', '38', 6),
    reached: 'draft',
    piece: {
      title: 'Bilge-pump casting',
      bin: 'F4',
      size: '14 x 8 x 5',
      weight: '23 lb 4 oz',
      archetype: picked('machinedCasting'),
      hardPoints: points(point('machinedFace', 'top', 0.1, 'cardFace')),
    },
  },
  {
    sale: sale('NV–CN', '36110', '140', '45', '24', 6),
    reached: 'draft',
    piece: { title: 'Ship’s horn of sheet brass', bin: 'D1', size: '18 x 9 x 8', weight: '4 lb 6 oz', archetype: picked('brassHorn') },
  },
  {
    sale: sale('EL–GL', '30550', '95', '25', '30', 7),
    reached: 'draft',
    piece: { title: 'Two-wheeled chart trolley, frame', size: '20 x 13 x 9', weight: '8 lb 8 oz', archetype: picked('tubularFrame') },
  },
  {
    sale: sale('AO–HM', '40217', '27', '6', '10', 7),
    reached: 'kept',
    piece: { title: 'Galley mixer, in its box', size: '11 x 5 x 5', weight: '3 lb', archetype: picked('boxedGoods') },
  },
  {
    sale: sale('SD–NR', '57230', '44', '10', '14', 8),
    reached: 'draft',
    piece: { title: 'Ledgers of a chandlery, a stack', size: '12 x 9 x 4', weight: '9 lb 12 oz', archetype: picked('paperStack') },
  },
  {
    sale: sale('IR–KS', '56120', '118', '30', '44', 8),
    reached: 'draft',
    piece: { title: 'Signal mast of turned ash', size: '48 x 3 x 3', weight: '5 lb 6 oz', archetype: picked('resinWood') },
  },
];
