import { finish, request, STOCK } from '../tests/sampleRequest.ts';
import { alikeChance, planParcel, stockUsed, type ChosenPlan, type PlanRequest, type StockUse } from './index.ts';

const plan = (asked: PlanRequest, every = false): ChosenPlan => finish(planParcel(asked, every));
const planned = (asked: PlanRequest, every = false) => {
  const chosen = plan(asked, every);
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join('; '));
  return chosen;
};
const usesOf = (asked: PlanRequest): readonly StockUse[] => stockUsed(planned(asked).recommended);
const keeping = (amount: number, use: Pick<StockUse, 'kind' | 'key'>): StockUse => ({ ...use, amount });
const PLAIN = request();
const ONHAND = { wrap: 100, fill: 20, box: 10, board: 60 } as const;

describe('what others keep is not there', () => {
  const counted = { ...PLAIN, reserved: [] };
  const uses = usesOf(counted);

  test('with nothing kept and enough of all, the nest is the one that counts nothing', () => {
    expect(uses).toEqual(usesOf(PLAIN));
  });

  test.each(uses.map((use) => [`${use.kind} ${use.key}`, use] as const))('%s: all but a little of it is kept by others', (_, use) => {
    const onHand = use.kind === 'box' ? STOCK.boxes.find(({ key }) => key === use.key)!.onHand : ONHAND[use.kind];
    const free = use.kind === 'box' ? 0 : use.amount / 2;
    const asked = { ...counted, reserved: [keeping(onHand - free, use)] };
    const taken = usesOf(asked).filter(({ kind, key }) => kind === use.kind && key === use.key);
    for (const { amount } of taken) expect(amount).toBeLessThanOrEqual(free + 1e-9);
    // and it is no better than with all of it
    expect(planned(asked).recommended.expectedMinor).toBeGreaterThanOrEqual(planned(counted).recommended.expectedMinor - 50);
  });

  test('more is kept than there is: what is short is left out, and everything else is not', () => {
    for (const kept of [keeping(300, { kind: 'wrap', key: 'smallBubble' }), keeping(300, { kind: 'board', key: 'sheetBoard' })]) {
      const others = usesOf({ ...counted, reserved: [kept] });
      expect(others.some(({ key }) => key === kept.key)).toBe(false);
      expect(others.length).toBeGreaterThan(1);
    }
  });

  test('where nothing else would do, the nest is made of what is short', () => {
    const reserved = STOCK.wraps.map(({ key, onHandFt2 }) => keeping(onHandFt2, { kind: 'wrap', key }));
    expect(planned({ ...counted, reserved }).recommended.choice).toEqual(planned(counted).recommended.choice);
  });

  test('what somebody pinned stays pinned, however little there is', () => {
    const layers = [{ material: 'smallBubble', turns: 2 }];
    const reserved = [keeping(99.9, { kind: 'wrap', key: 'smallBubble' })];
    expect(planned({ ...counted, reserved, locks: { layers } }).recommended.choice.layers).toEqual(layers);
  });
});

test.each([
  ['sheets short', { kind: 'wrap', key: 'smallBubble', amount: 96 }],
  ['fill short', { kind: 'fill', key: 'mouldedFill', amount: 19.8 }],
  ['both fills short', { kind: 'fill', key: 'crumpledPaper', amount: 19.7 }],
  ['board short', { kind: 'board', key: 'sheetBoard', amount: 55 }],
] as const)('with %s the pruned search finds what working out every plan finds', (_, use) => {
  const asked: PlanRequest = {
    ...PLAIN,
    stock: { ...PLAIN.stock, boxes: PLAIN.stock.boxes.slice(0, 3) },
    reserved: [use, ...(use.kind === 'fill' ? [keeping(19.7, { kind: 'fill', key: 'mouldedFill' })] : [])],
  };
  const figures = (chosen: ReturnType<typeof planned>) =>
    chosen.frontier.map((option) => [Math.round(option.nestCostMinor * 1000), Number(alikeChance(option.chance).toPrecision(9))]);
  const [pruned, every] = [planned(asked), planned(asked, true)];
  expect(figures(pruned)).toEqual(figures(every));
  expect(pruned.recommended.choice).toEqual(every.recommended.choice);
});
