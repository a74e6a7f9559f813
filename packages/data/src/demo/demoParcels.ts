import type { HardPoint, PlanChoice } from '@inch-nest/core';

/** One parcel of the demo: what was typed, and how far it has come. */
export interface DemoParcel {
  sale: {
    buyer: string;
    destinationPostcode: string;
    soldMinor: string;
    paidMinor: string;
    shippingCollectedMinor: string;
    dueInDays: number;
  };
  piece: Record<string, string>;
  /** `kept` takes the recommended nest, or the choice given; `weighed` and `rated` go on from there. */
  reached: 'draft' | 'kept' | 'weighed' | 'rated';
  /** Changes to the recommended nest before it is kept. */
  by?: (choice: PlanChoice) => PlanChoice;
  /** Readings over the predicted weight, pounds. */
  weighedOffLb?: readonly number[];
}

const point = (
  kind: HardPoint['kind'],
  face: HardPoint['face'],
  reachIn: number,
  guard: HardPoint['guard'] = null,
  across = 0.5,
  up = 0.5,
): HardPoint => ({ id: `${kind}-${face}`, kind, face, across, up, reachIn, guard, guardLengthIn: null });
const points = (...list: HardPoint[]): string => JSON.stringify(list);
const picked = (value: unknown): string => JSON.stringify(value);
const sale = (
  buyer: string,
  destinationPostcode: string,
  soldMinor: string,
  paidMinor: string,
  shippingCollectedMinor: string,
  dueInDays: number,
): DemoParcel['sale'] => ({ buyer, destinationPostcode, soldMinor, paidMinor, shippingCollectedMinor, dueInDays });

/** Keeps less wrap than the feel test asks, as somebody in a hurry would. */
const thinner = (choice: PlanChoice): PlanChoice => ({
  ...choice,
  layers: [
    { material: 'smallBubble', turns: 1 },
    { material: 'largeBubble', turns: 0.5 },
  ],
});

/** Household science and harbour curiosities, sold by the stall; all invented. */
export const DEMO_PARCELS: readonly DemoParcel[] = [
  {
    sale: sale('EV–HM', '47120', '120', '35', '14.50', 0),
    reached: 'rated',
    piece: {
      title: 'Brass signal lamp, red globe',
      bin: 'B4',
      size: '7 x 7 x 10 1/2',
      weight: '4 lb 9 oz',
      archetype: picked('fineMetal'),
      hardPoints: points(point('glazing', 'front', 0.5, 'cardFace', 0.5, 0.6)),
    },
    weighedOffLb: [0.02, 0.03, 0.02],
  },
  {
    sale: sale('TO–CN', '21840', '48', '9', '12.50', 0),
    reached: 'kept',
    by: thinner,
    piece: {
      title: 'Salt-glazed puzzle jug',
      bin: 'A5',
      size: '6 x 5 x 6 1/2',
      weight: '2 lb 3 oz',
      archetype: picked('handledWare'),
      hardPoints: points(point('handle', 'right', 1.2, null, 0.5, 0.55), point('spout', 'left', 0.7, null, 0.5, 0.85)),
    },
  },
  {
    sale: sale('PB–OV', '81350', '84', '22', '18', 0),
    reached: 'kept',
    piece: {
      title: 'Stoneware tea urn with a tap',
      bin: 'A2',
      size: '9 x 8 x 14',
      weight: '6 lb 3 oz',
      archetype: picked('handledWare'),
      keepUpright: 'false',
      hardPoints: points(point('handle', 'right', 1.5, 'foamTube', 0.5, 0.6), point('tap', 'front', 1.4, 'foamTube', 0.5, 0.2)),
    },
  },
  {
    sale: sale('LS–FR', '36210', '64', '18', '11', 0),
    reached: 'weighed',
    piece: {
      title: 'Apothecary jar, ground stopper',
      bin: 'C1',
      size: '4 1/2 x 4 1/2 x 8',
      weight: '1 lb 12 oz',
      archetype: picked('blownGlass'),
      hardPoints: points(point('loosePart', 'top', 1, 'cap')),
    },
    weighedOffLb: [0.41, 0.4, 0.41],
  },
  {
    sale: sale('AN–KS', '58800', '75', '20', '15', 2),
    reached: 'draft',
    piece: {
      title: 'Plaster phrenology head',
      bin: 'D3',
      size: '7 x 8 x 12',
      archetype: picked('thinFigure'),
      finish: picked('rubsOff'),
      hardPoints: points(point('ear', 'left', 0.5, null, 0.5, 0.6), point('ear', 'right', 0.5, null, 0.5, 0.6)),
    },
  },
  {
    sale: sale('HR–DW', '30115', '240', '90', '22', 1),
    reached: 'kept',
    piece: {
      title: 'Mantel orrery with thin arms',
      bin: 'D1',
      size: '8 x 7 x 9',
      weight: '3 lb 2 oz',
      archetype: picked('clockwork'),
      hardPoints: points(point('wire', 'top', 2, 'spacer'), point('mechanism', 'front', 0.3, 'tissueRope')),
    },
  },
  {
    sale: sale('GR–BC', '15020', '38', '6', '12', 3),
    reached: 'weighed',
    piece: { title: 'Cast-iron net weights, a pair', bin: 'F1', size: '7 x 4 x 4', weight: '14 lb 8 oz', archetype: picked('rigidMetal') },
    weighedOffLb: [-0.05, -0.04, -0.05],
  },
  {
    sale: sale('MW–GL', '42660', '56', '12', '10', 1),
    reached: 'rated',
    piece: {
      title: 'Blown fishing float in its net',
      bin: 'E4',
      size: '5 x 5 x 5',
      weight: '12.6 oz',
      archetype: picked('blownGlass'),
      hardPoints: '[]',
    },
    weighedOffLb: [0.01],
  },
  {
    sale: sale('JC–NR', '70210', '95', '30', '16', 4),
    reached: 'kept',
    piece: {
      title: 'Pressed-fern picture, wavy glass',
      bin: 'G2',
      size: '14 x 1 1/4 x 11',
      weight: '2 lb 10 oz',
      archetype: picked('glazedFlat'),
      hardPoints: points(point('glazing', 'front', 0, 'cardFace')),
    },
  },
  {
    sale: sale('DI–DW', '28940', '150', '45', '18', 4),
    reached: 'kept',
    piece: {
      title: 'Aneroid barometer in an oak case',
      bin: 'E2',
      size: '10 x 9 x 5',
      weight: '3 lb 14 oz',
      archetype: picked('casedInstrument'),
      hardPoints: '[]',
      finish: picked('polished'),
      movingParts: picked('steadied'),
    },
  },
  {
    sale: sale('OB–HM', '50330', '110', '40', '20', 5),
    reached: 'draft',
    piece: {
      title: 'Papier-mâché globe on a stand',
      bin: 'G5',
      size: '16 x 16 x 19',
      weight: '3 lb',
      archetype: picked('globeShade'),
      hardPoints: points(point('stem', 'bottom', 3)),
    },
  },
  {
    sale: sale('KT–CN', '23310', '32', '8', '8', 6),
    reached: 'draft',
    piece: { title: 'Porcelain gauge dial', bin: 'C7', size: '6 x 6', archetype: picked('compactCeramic') },
  },
  {
    sale: sale('WK–AE', '10440', '58', '14', '9', 2),
    reached: 'kept',
    piece: {
      title: 'Brass kaleidoscope on a stand',
      bin: 'C3',
      size: '10 x 3 1/2 x 3 1/2',
      weight: '1 lb 10 oz',
      archetype: picked('optics'),
      hardPoints: points(point('glazing', 'left', 0.2, 'cap')),
    },
  },
  {
    sale: sale('TB–FR', '33870', '44', '7', '9.50', 3),
    reached: 'kept',
    piece: {
      title: 'Bakelite speaking tube',
      bin: 'F4',
      size: '13 x 4 x 4',
      weight: '2 lb 1 oz',
      archetype: picked('resinWood'),
      hardPoints: points(point('rim', 'right', 0.4, 'cap')),
    },
  },
  {
    sale: sale('EH–GL', '40720', '130', '52', '14', 3),
    reached: 'kept',
    piece: {
      title: 'Boxed set of hydrometers',
      bin: 'C5',
      size: '13 x 8 x 3',
      weight: '2 lb 6 oz',
      archetype: picked('boxedSet'),
      movingParts: picked('steadied'),
      originalBox: picked('ofValue'),
      accessories: picked([{ id: 'jar', name: 'trial jar', count: 1, part: 'apart' }]),
    },
  },
  {
    sale: sale('LN–OV', '81210', '36', '5', '6', 5),
    reached: 'kept',
    piece: { title: 'Bundle of sea charts', bin: 'E2', size: '16 x 11 x 3/8', weight: '14 oz', archetype: picked('paperGoods') },
  },
  {
    sale: sale('SD–BC', '15360', '70', '20', '13', 5),
    reached: 'kept',
    piece: {
      title: 'Deck prism of thick glass',
      bin: 'F2',
      size: '6 x 4 x 4',
      weight: '5 lb 2 oz',
      archetype: picked('denseGlass'),
      finish: picked('polished'),
    },
  },
  {
    sale: sale('RP–KS', '58050', '95', '25', '20', 6),
    reached: 'draft',
    piece: {
      title: 'Ship-to-shore receiver, boxed',
      bin: 'G1',
      size: '15 x 10 x 8',
      weight: '11 lb 4 oz',
      archetype: picked('boxedElectronics'),
      movingParts: picked('shifting'),
      serial: 'HM 40127',
    },
  },
  {
    sale: sale('AV–NR', '70140', '40', '8', '9', 6),
    reached: 'kept',
    piece: { title: 'Signal flags, a bundle', bin: 'D5', size: '14 x 10 x 5', weight: '3 lb', archetype: picked('textile') },
  },
  {
    sale: sale('JO–CN', '22690', '34', '6', '10', 7),
    reached: 'kept',
    piece: { title: 'Sea boots, a pair', bin: 'D6', size: '13 x 10 x 6', weight: '4 lb 2 oz', archetype: picked('shoes') },
  },
];
