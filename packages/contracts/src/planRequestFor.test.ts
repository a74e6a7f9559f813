import { planParcel } from '@inch-nest/core';
import { finish, request } from '../../core/tests/sampleRequest.ts';
import type { KeptField } from './keptFields.ts';
import type { HeldView, ParcelView } from './parcelView.ts';
import { orderOf, pieceFactsOf, planRequestFor } from './planRequestFor.ts';
import { sameContent } from '@inch-nest/core';
import { packAnswer } from './searchAnswer.ts';
import type { ShopView } from './shopView.ts';

// a test sets what it likes
const field = (value: unknown, more: Partial<KeptField<never>> = {}): KeptField<never> => ({
  text: String(value),
  value: value as never,
  revision: 1,
  draft: null,
  by: 'Odile',
  ...more,
});
const asked = request();

const SHOP: ShopView = {
  id: 'shop',
  name: 'Lantern Row',
  zone: 'Europe/London',
  currency: 'USD',
  originPostcode: '10115',
  paper: 'letter',
  lastCutOff: '16:00',
  revision: 1,
  today: '2026-11-23',
  time: '10:00',
  todayIsOver: false,
  people: [],
  house: asked.house,
  stock: asked.stock,
  cards: [...asked.cards],
};

const SALE: ParcelView['sale'] = {
  buyer: field('EV–HM'),
  destinationPostcode: field('40217'),
  soldMinor: field(8400),
  paidMinor: field(1000),
  shippingCollectedMinor: field(1250),
  shipBy: field('2026-11-27'),
  arriveBy: field(null),
  signatureWish: field('none'),
  boxWish: field('none' as const),
  customs: field(null),
  letter: field(null),
  job: field('sale'),
};

const PIECE: ParcelView['piece'] = {
  title: field('bowl'),
  count: field(1),
  stackOf: field(1),
  interleaf: field(null),
  nestStepIn: field(null),
  within: field(null),
  beside: field(null),
  bin: field('B4'),
  size: field([6, 5, 5]),
  weight: field(2),
  replacementMinor: field(null),
  archetype: field('compactCeramic'),
  form: field(null),
  finish: field('plain'),
  dampSensitive: field(false),
  keepUpright: field(true),
  movingParts: field('none'),
  hardPoints: field([]),
  hollows: field([]),
  steadying: field([]),
  serial: field(null),
  seal: field(null),
  accessories: field([]),
  storageWrap: field(false),
  irreplaceable: field(false),
  wholeOrNothing: field(false),
  standing: field('anywhere' as const),
  mostChance: field(null),
  partOf: field(null),
  originalBox: field('none'),
  ownBoxIn: field(null),
};

const view = (
  more: Partial<Pick<ParcelView, 'sale' | 'piece' | 'others' | 'share' | 'nest'>> = {},
): HeldView & Pick<ParcelView, 'nest'> => ({
  saleId: '00000000-0000-4000-8000-000000000002',
  pieceId: '00000000-0000-4000-8000-000000000001',
  bundleId: '00000000-0000-4000-8000-000000000003',
  sale: SALE,
  piece: PIECE,
  others: [],
  share: null,
  elsewhere: [],
  nest: { revision: 0, choice: null, locks: {}, reasons: [], plan: null },
  ...more,
});

describe('facts of a piece from its fields', () => {
  test('size and weight as kept', () =>
    expect(pieceFactsOf('p', PIECE)).toMatchObject({ lengthIn: 6, widthIn: 5, heightIn: 5, weightLb: 2, keepUpright: true }));

  test('what was never measured stays open', () => {
    expect(pieceFactsOf('p', { ...PIECE, size: field(null), weight: field(null) })).toMatchObject({
      lengthIn: null,
      widthIn: null,
      heightIn: null,
      weightLb: null,
    });
    expect(pieceFactsOf('p', { ...PIECE, size: field([6, 5, null]) })).toMatchObject({ lengthIn: 6, widthIn: 5, heightIn: null });
  });

  test('a draft is no fact: the last valid value stands', () => {
    expect(pieceFactsOf('p', { ...PIECE, weight: field(2, { draft: '2 lb 3 o' }) }).weightLb).toBe(2);
  });
});

test('a part that comes off takes room and is weighed with its piece; one that stays takes none', () => {
  const one = { name: 'lid', count: 1, weightLb: 1, sizeIn: [5, 5, 1] as [number, number, number] };
  const along = (part: 'apart' | 'off' | 'on' | 'packer') =>
    pieceFactsOf('p', { ...PIECE, accessories: field([{ id: part, ...one, part }]) }).along;
  expect(along('apart')).toMatchObject([{ weightLb: 1, sizeIn: [5, 5, 1] }]);
  expect(along('off')).toMatchObject([{ weightLb: null, sizeIn: [5, 5, 1], place: 'beside' }]);
  expect([along('on'), along('packer')]).toEqual([[], []]);
});

describe('the order', () => {
  test.each<[string, string, string]>([
    ['goes on the day promised', '2026-11-27', '2026-11-27'],
    ['goes today when the promise is for today', '2026-11-23', '2026-11-23'],
    ['goes today when the promise has passed', '2026-11-20', '2026-11-23'],
  ])('%s', (_, promised, sent) => expect(orderOf(view({ sale: { ...SALE, shipBy: field(promised) } }), SHOP).shipDate).toBe(sent));

  test('carries what was sold, paid and collected, in cents', () => {
    expect(orderOf(view(), SHOP)).toMatchObject({
      soldMinor: 8400,
      paidMinor: 1000,
      shippingCollectedMinor: 1250,
      originPostcode: '10115',
      destinationPostcode: '40217',
    });
  });
});

test('browser and server build the same request from the same view, and it plans', () => {
  const one = planRequestFor(view(), SHOP);
  expect(planRequestFor(structuredClone(view()), structuredClone(SHOP))).toEqual(one);
  const answer = packAnswer(finish(planParcel(one)), one);
  expect(answer).toMatchObject({ kind: 'planned', recommended: { format: 3, piece: { title: 'bowl' } } });
  expect(structuredClone(answer)).toEqual(answer);
});

test('no plan crosses back as it is', () => {
  const vast = planRequestFor(view({ piece: { ...PIECE, size: field([90, 90, 90]) } }), SHOP);
  expect(packAnswer(finish(planParcel(vast)), vast)).toMatchObject({
    kind: 'noPlan',
    reasons: expect.arrayContaining(['no box on hand holds it']) as string[],
  });
});

test.each<[unknown, unknown, boolean]>([
  [{ a: 1, b: [1, 2] }, { b: [1, 2], a: 1 }, true],
  [{ a: { c: 1, d: null } }, { a: { d: null, c: 1 } }, true],
  [[1, 2], [2, 1], false],
  [{ a: 1 }, { a: '1' }, false],
  [{ a: 1 }, { a: 1, b: null }, false],
  [null, null, true],
])('%j and %j say the same: %p', (one, other, same) => expect(sameContent(one, other)).toBe(same));

test('what others keep is told only where so little is left that it may matter', () => {
  const keeps = (amount: number) => [{ kind: 'wrap' as const, key: 'smallBubble', amount }];
  // a hundred square feet are there: with two hundred free it would not matter, with any less it may
  const plenty = { ...SHOP, stock: { ...SHOP.stock, wraps: SHOP.stock.wraps.map((wrap) => ({ ...wrap, onHandFt2: 900 })) } };
  expect(planRequestFor({ ...view(), reserved: keeps(60) }, SHOP).reserved).toEqual(keeps(60));
  expect(planRequestFor({ ...view(), reserved: keeps(60) }, plenty).reserved).toEqual([]);
  expect(planRequestFor({ ...view(), reserved: [{ kind: 'box', key: '12x12x12', amount: 1 }] }, SHOP).reserved).toEqual([]);
  expect(planRequestFor({ ...view(), reserved: [{ kind: 'box', key: 'gone', amount: 1 }] }, SHOP).reserved).toHaveLength(1);
});
