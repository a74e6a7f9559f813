import {
  BEDDED_HOUSE,
  BOARD_GRADES,
  ORDINARY_FILLS,
  ORDINARY_LINER_BOARD,
  ORDINARY_TAPES,
  ORDINARY_WRAPS,
  type BoxStock,
  type HardPoint,
  type House,
  type PieceFacts,
  type PlanChoice,
  type PlanRequest,
  type RateCard,
  type Service,
  type Shipment,
  type Stockroom,
  type Triple,
} from '../src/index.ts';
import type { Told } from '../src/stages/box/stowAsTold.ts';

/** Made-up requests for tests; the numbers here are nobody's, the checks are about what follows from them. */
export const box = (insideIn: Triple, more: Partial<BoxStock> = {}): BoxStock => ({
  key: insideIn.join('x'),
  name: insideIn.join('×'),
  insideIn,
  measuredOutsideIn: null,
  board: BOARD_GRADES.ordinary,
  priceMinor: 100,
  earlierUses: 0,
  onHand: 5,
  style: 'slotted',
  container: null,
  ...more,
});

export const STOCK: Stockroom = {
  boxes: [box([8, 8, 8]), box([10, 10, 10]), box([12, 12, 12]), box([16, 14, 12])],
  wraps: [ORDINARY_WRAPS.tissue, ORDINARY_WRAPS.smallBubble, ORDINARY_WRAPS.largeBubble].map((wrap) => ({ ...wrap, onHandFt2: 100 })),
  fills: [ORDINARY_FILLS.mouldedFill, ORDINARY_FILLS.crumpledPaper].map((fill) => ({ ...fill, onHandFt3: 20 })),
  innerTape: ORDINARY_TAPES.paper,
  outerTape: ORDINARY_TAPES.clear,
  linerBoard: ORDINARY_LINER_BOARD,
};

export const SERVICE: Service = {
  key: 'ground',
  name: 'Ground',
  bought: 'online',
  transitDays: 4,
  pickupWeekdays: [1, 2, 3, 4, 5],
  cutOff: '16:00',
  rounding: 'step',
  steps: Array.from({ length: 70 }, (_, i) => ({ upToLb: i + 1, byZone: { '1': 500 + 40 * i, '5': 800 + 60 * i } })),
  volumetric: { divisorIn3PerLb: 166, aboveIn3: 1728, sideRounding: 'up' },
  cubic: null,
  containers: null,
  limits: { weightLb: 70, longestIn: 48, lengthPlusGirthIn: 108, leastIn: null },
  surcharges: [],
  fuelPercent: 0,
  cover: { includedMinor: 10_000, stepMinor: 10_000, pricePerStepMinor: 165, percent: null, ceilingMinor: 200_000, excludes: [] },
  signatureMinor: 300,
  handlingFactor: 1,
  crushFactor: 1,
};

export const CARD: RateCard = {
  id: 'card',
  version: 1,
  carrier: 'Ambry Ground',
  currency: 'USD',
  validFrom: '2020-01-01',
  validTo: null,
  holidays: [],
  containers: [],
  zones: [
    { originFrom: '1', originTo: '1', destinationFrom: '1', destinationTo: '1', zone: 1 },
    { originFrom: '1', originTo: '1', destinationFrom: '2', destinationTo: '8', zone: 5 },
  ],
  services: [SERVICE],
};

export const point = (kind: HardPoint['kind'], face: HardPoint['face'], more: Partial<HardPoint> = {}): HardPoint => ({
  id: `${kind}-${face}`,
  kind,
  face,
  across: 0.5,
  up: 0.5,
  reachIn: 1,
  guard: null,
  guardLengthIn: null,
  ...more,
});

/** A plain nest in the middle of a box: one turn of large bubble, moulded fill, the one service. */
export const CHOICE: PlanChoice = {
  layers: [{ material: 'largeBubble', turns: 1 }],
  orientation: [0, 1, 2],
  inner: null,
  box: '12x12x12',
  newDepthIn: null,
  liner: false,
  fill: 'mouldedFill',
  baseGapIn: null,
  board: false,
  service: 'ground',
  coverAdded: false,
  signature: false,
};

/** A box told by hand, with whatever else is told. */
export const told = (outer: BoxStock, more: Partial<Told> = {}): Told => ({
  orientation: [0, 1, 2],
  inner: null,
  box: outer,
  newDepthIn: null,
  liner: false,
  baseGapIn: null,
  board: false,
  sheet: ORDINARY_LINER_BOARD,
  ...more,
});

/** A cube of ten inches and 3.2 lb from the shop to zone 5. */
export const SHIPMENT: Shipment = {
  sizeIn: [10, 10, 10],
  weightLb: 3.2,
  originPostcode: '10115',
  destinationPostcode: '40217',
  shipDate: '2026-11-24',
  coverMinor: null,
  signature: false,
  container: null,
  nonRectangular: false,
  goods: [],
};

export const FACTS: PieceFacts = {
  id: '00000000-0000-4000-8000-000000000001',
  title: 'bowl',
  count: 1,
  stackOf: 1,
  interleaf: null,
  nestStepIn: null,
  within: null,
  beside: null,
  archetype: 'compactCeramic',
  form: null,
  lengthIn: 6,
  widthIn: 5,
  heightIn: 5,
  weightLb: 2,
  finish: 'plain',
  dampSensitive: false,
  keepUpright: false,
  hardPoints: [],
  hollows: [],
  movingParts: 'none',
  partOf: null,
  along: [],
  ownBoxIn: null,
  replacementMinor: null,
  irreplaceable: false,
  wholeOrNothing: false,
  standing: 'anywhere',
  mostChance: null,
};

export function request(
  facts: Partial<PieceFacts> = {},
  more: {
    stock?: Partial<Stockroom>;
    house?: Partial<House>;
    locks?: PlanRequest['locks'];
    cards?: RateCard[];
    soldMinor?: number;
    to?: string;
  } = {},
): PlanRequest {
  return {
    order: {
      id: '00000000-0000-4000-8000-000000000002',
      soldMinor: more.soldMinor ?? 8400,
      paidMinor: 1000,
      shippingCollectedMinor: 1250,
      originPostcode: '10115',
      destinationPostcode: more.to ?? '40217',
      shipDate: '2026-11-24',
      pieces: [{ ...FACTS, ...facts }],
    },
    pieceIds: [FACTS.id],
    stock: { ...STOCK, ...more.stock },
    house: { ...BEDDED_HOUSE, ...more.house },
    cards: more.cards ?? [CARD],
    locks: more.locks ?? {},
  };
}

/** Runs a generator to its end. */
export function finish<Answer>(steps: Generator<unknown, Answer>): Answer {
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}
