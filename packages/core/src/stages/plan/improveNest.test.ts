import { box, finish, FACTS, request, STOCK } from '../../../tests/sampleRequest.ts';
import { BEDDED_HOUSE, type House } from '../../house/House.ts';
import { planParcel } from '../../planParcel.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { isHousesWay } from '../wrap/housesWay.ts';
import { houseDoes } from './houseDoes.ts';
import { nextBestChanges } from './nextBestChanges.ts';
import type { PlanRequest } from './PlanRequest.ts';

// What is recommended is not beaten by any one thing that the house does of itself; what it does not do is told, and never done.

const BOXES = [box([10, 8, 8]), box([12, 10, 12]), box([16, 12, 14]), box([20, 16, 16], { priceMinor: 220 })];
const JAR: Partial<PieceFacts> = { title: 'jar', archetype: 'blownGlass', lengthIn: 3.5, widthIn: 3.5, heightIn: 6, weightLb: 0.7 };
const BOWL: Partial<PieceFacts> = { title: 'bowl', lengthIn: 7, widthIn: 7, heightIn: 3, weightLb: 2 };
const PLATE: Partial<PieceFacts> = { title: 'plate', lengthIn: 10, widthIn: 10, heightIn: 1, weightLb: 1.3 };

function asked(pieces: readonly Partial<PieceFacts>[], house: Partial<House> = {}, boxes = BOXES): PlanRequest {
  const one = request({}, { house, stock: { ...STOCK, boxes } });
  const all = pieces.map((facts, at) => ({ ...FACTS, ...facts, id: `00000000-0000-4000-8000-0000000000${10 + at}` }));
  return { ...one, order: { ...one.order, pieces: all }, pieceIds: all.map(({ id }) => id) };
}
const recommended = (of: PlanRequest) => {
  const chosen = finish(planParcel(of));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join('; '));
  return chosen.recommended;
};

const DOES_ALL: Partial<House> = { cutsDown: true, shortens: true, crosses: true, liners: 'mayBe', foldsBoxes: true, cells: true };
const ORDERS: [string, Partial<PieceFacts>[]][] = [
  ['one bowl', [BOWL]],
  ['a bowl and a jar', [BOWL, JAR]],
  ['a bowl, a jar and a plate', [BOWL, JAR, PLATE]],
  ['six plates', [{ ...PLATE, count: 6 }]],
  ['four jars', [{ ...JAR, count: 4 }]],
];

describe.each(ORDERS)('%s', (_, pieces) => {
  test.each([
    ['as the house is at first', {}],
    ['where the house does all there is to do', DOES_ALL],
  ])('%s: nothing that the house does is better', (__, house) => {
    const of = asked(pieces, house);
    const better = nextBestChanges(of, recommended(of).choice)
      .filter(({ better: isBetter, blocks }) => isBetter && !blocks)
      // what is put on a piece is no part of how it is packed
      .filter(({ change }) => change.kind !== 'guard' && change.kind !== 'hollow' && houseDoes(change, of));
    expect(better.map(({ change, deltaExpectedMinor }) => [change, deltaExpectedMinor])).toEqual([]);
  });

  test.each<Partial<House>>([{ firstLayer: 'none' }, { firstLayer: 'tissue' }, { bubble: 'smallThenLarge' }, { bubble: 'largeOnly' }])(
    'each is wrapped as the house wraps: %j',
    (sides) => {
      const of = asked(
        pieces.map((one) => ({ ...one, finish: 'polished' })),
        sides,
      );
      for (const { wrapped } of recommended(of).rated.weighed.filled.stowed.bundles)
        expect([wrapped.layers.map(({ stock }) => stock.key), isHousesWay(wrapped, of.stock.wraps, of.house)]).toEqual([
          expect.anything(),
          true,
        ]);
    },
  );

  test('what is pinned stays as it is, in a house that would have it otherwise', () => {
    const does = asked(pieces, { ...DOES_ALL, mixesFills: true });
    const pinned = (locks: PlanRequest['locks']) => recommended({ ...does, locks }).choice;
    const { fill, fillApart } = pinned({ fill: 'crumpledPaper' });
    expect([fill, fillApart ?? {}]).toEqual(['crumpledPaper', {}]);
    expect(pinned({ newDepthIn: null, shortened: null, crossIn: 0, liner: false })).toMatchObject({ newDepthIn: null, liner: false });
    expect(pinned({ box: '20x16x16' }).box).toBe('20x16x16');
  });

  test('what somebody left out stays out', () => {
    const of = asked(pieces);
    const leave = (without: readonly string[]) => recommended({ ...of, locks: { without } }).choice;
    const named = (choice: ReturnType<typeof leave>) => [
      choice.box,
      choice.fill,
      ...[choice, ...(choice.others ?? [])].flatMap(({ layers }) => layers.map(({ material }) => material)),
    ];
    const usual = recommended(of).choice;
    for (const out of [[usual.box], [usual.fill!], ['smallBubble']]) expect(named(leave(out))).not.toEqual(expect.arrayContaining(out));
  });

  test('a house that fills spare room neither cuts, shortens, lines nor folds a box, nor parts what is alike with board', () => {
    expect(BEDDED_HOUSE).toMatchObject({
      cutsDown: false,
      shortens: false,
      crosses: false,
      liners: 'never',
      foldsBoxes: false,
      cells: false,
    });
    const { box: key, newDepthIn, shortened, crossIn, liner, cells, tubes } = recommended(asked(pieces)).choice;
    expect(BOXES.map((one) => one.key)).toContain(key);
    expect([newDepthIn, shortened ?? null, crossIn ?? null, liner, cells ?? false, tubes ?? false]).toEqual([
      null,
      null,
      null,
      false,
      false,
      false,
    ]);
  });
});

/** Large enough that its room is charged for. */
const DEEP = [box([14, 12, 20])];

test.each<[Partial<House>, string]>([
  [{ firstLayer: 'tissue' }, 'tissue'],
  [{ bubble: 'smallThenLarge' }, 'smallBubble'],
])('a house with %j is never offered to go without', (sides, material) => {
  const of = asked([{ ...BOWL, finish: 'polished' }, JAR], sides);
  const told = nextBestChanges(of, recommended(of).choice).map(({ change }) => change);
  expect(told.some(({ kind }) => kind === 'turns')).toBe(true);
  expect(told.filter((change) => change.kind === 'turns' && change.material === material && change.turns === 0)).toEqual([]);
});

test('what the house does not do is told beside the nest, with what it would save', () => {
  const of = asked([BOWL, JAR], {}, DEEP);
  const told = nextBestChanges(of, recommended(of).choice).filter(({ change }) => !houseDoes(change, of));
  expect(new Set(told.map(({ change }) => change.kind))).toContain('cutDown');
});

test('where the house cuts down, several pieces go in a box that is cut down where that costs less', () => {
  const [whole, cut] = [asked([BOWL, JAR], {}, DEEP), asked([BOWL, JAR], { cutsDown: true }, DEEP)].map(recommended);
  expect(cut!.choice.newDepthIn).not.toBeNull();
  expect(cut!.expectedMinor).toBeLessThan(whole!.expectedMinor);
});
