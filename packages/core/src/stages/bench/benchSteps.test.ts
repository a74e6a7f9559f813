import { box, CHOICE, point, request } from '../../../tests/sampleRequest.ts';
import type { HardPoint, HardPointKind } from '../../engineering/pieces/hardPoints.ts';
import type { House } from '../../house/House.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import { stockUsed } from '../plan/stockUsed.ts';
import { testsDue, writeBenchSteps } from './writeBenchSteps.ts';

const steps = (facts: Parameters<typeof request>[0] = {}, choice: Partial<PlanChoice> = {}, house: Partial<House> = {}) => {
  const asked = request(facts, {
    house,
    stock: {
      boxes: [
        box([8, 8, 8]),
        box([12, 12, 12]),
        box([16, 14, 16], { earlierUses: 1 }),
        box([12, 9, 2], { key: 'flat', style: 'stiffened' }),
      ],
    },
  });
  const derived = derivePlan(asked, { ...CHOICE, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return { list: writeBenchSteps(derived.option, asked.house), option: derived.option };
};
const titles = (...asked: Parameters<typeof steps>) => steps(...asked).list.map((step) => step.title);
const sum = (list: ReturnType<typeof writeBenchSteps>) => list.reduce((total, step) => total + step.minutes, 0);

const SETTINGS: [string, Parameters<typeof steps>][] = [
  ['a plain nest', [{}]],
  [
    'guards and hollows',
    [
      {
        hardPoints: [point('handle', 'right', { guard: 'foamTube' })],
        hollows: [{ id: 'h', name: 'inside', volumeIn3: 40, filled: true, material: null }],
      },
    ],
  ],
  [
    'a box in a box',
    [
      { lengthIn: 4, widthIn: 4, heightIn: 4 },
      { box: '16x14x16', inner: { box: '8x8x8', fill: 'crumpledPaper' } },
    ],
  ],
  ['a cross under the lid', [{}, { box: '16x14x16', crossIn: 4 }]],
  ['shortened, and cut down', [{}, { box: '16x14x16', shortened: { side: 'length', newIn: 13 }, newDepthIn: 11 }]],
  [
    'tubes in the corners',
    [
      { lengthIn: 8, widthIn: 6, heightIn: 6 },
      { box: '16x14x16', tubes: true },
    ],
  ],
  ['cut down and lined', [{}, { box: '16x14x16', newDepthIn: 11, liner: true }]],
  [
    'an envelope',
    [
      { archetype: 'paperGoods', lengthIn: 9, widthIn: 7, heightIn: 0.5, weightLb: 0.5 },
      { box: 'flat', fill: null },
    ],
  ],
  ['nobody photographs', [{}, {}, { photographs: false }]],
];

test.each(SETTINGS)('the minutes are the plan’s: %s', (_, asked) => {
  const { list, option }: { list: ReturnType<typeof writeBenchSteps>; option: PlanOption } = steps(...asked);
  expect(sum(list)).toBeCloseTo(option.minutes, 9);
  expect(new Set(list.map((step) => step.key)).size).toBe(list.length);
});

// a cross stands on the fill and under the lid, and its strips are cut before the box is closed; common practice, no source
test('a cross stands on the level fill, on the papers', () => {
  const { list } = steps({}, { box: '16x14x16', crossIn: 4 });
  const at = list.findIndex((step) => step.key === 'box:cross');
  expect(list[at - 1]!.says).toMatch(/level: the cross stands on it/);
  expect(list.slice(0, at).some((step) => step.key === 'papers')).toBe(true);
  // √(16² + 14²) = 21.26 in, less the board the corners take
  expect(list[at]!.says).toMatch(/2 of 21 1\/16 in × 4 in|21 1\/16/);
  expect(list[at]!.cuts).toEqual([expect.objectContaining({ order: expect.objectContaining({ kind: 'cross', height: 4 }) as object })]);
});

test('what the house says of case, marks and weighing is said at the bench', () => {
  const cased = { archetype: 'casedInstrument' as const };
  const keys = (sides: House['sides']) => steps(cased, {}, { sides }).list.map((step) => step.key);
  expect(keys({}).some((key) => /case:|marks/.test(key))).toBe(false);
  expect(keys({ case: 'leave' })[0]).toMatch(/case:leave$/);
  expect(keys({ case: 'takeOut' })[0]).toMatch(/case:takeOut$/);
  // of what has no case nothing is said
  expect(steps({}, {}, { sides: { case: 'leave' } }).list.map((step) => step.key)).not.toContainEqual(expect.stringMatching(/case:/));
  const marked = keys({ marks: 'fragile' });
  expect(marked.indexOf('marks')).toBe(marked.indexOf('test:seams') + 1);
  expect(keys({ marks: 'none' })).not.toContain('marks');
  const sealed = keys({ weighing: 'sealed' });
  expect(sealed.indexOf('weigh')).toBe(sealed.length - 1);
  const open = steps({}, {}, { sides: { weighing: 'open' } }).list;
  const at = open.findIndex((step) => step.key === 'weigh');
  expect(open[at + 1]!.key).toBe('close');
  expect(open[at]!.says).toMatch(/Tape and papers come to \d/);
});

// the order packers work in; common practice, no source
test('in the order it is done', () => {
  const order = titles({ hardPoints: [point('handle', 'right', { guard: 'foamTube' })] });
  expect(order).toEqual([
    'Guard the handle',
    'Large bubble: 1 turn',
    'Feel',
    'Bundle size',
    'Measure and weigh the bundle',
    'Form the box',
    'Base of the box',
    'Put the bundle in',
    'Sides of the box',
    'Touch',
    'Finger gap',
    'Papers inside',
    'Top of the box',
    'Shake',
    'Lid press',
    'Photographs',
    'Tape the seams',
    'Seams',
    'Weigh and measure',
  ]);
});

// common practice, no source
test('a touchy surface has its soft layer before the guards, a plain one has the guards on the part itself', () => {
  const layers = [
    { material: 'tissue', turns: 1 },
    { material: 'largeBubble', turns: 2 },
  ];
  const orderOf = (finish: 'plain' | 'rubsOff') =>
    titles({ finish, hardPoints: [point('handle', 'right', { guard: 'foamTube' })] }, { layers }).slice(0, 3);
  expect(orderOf('rubsOff')).toEqual(['Tissue: 1 turn', 'Guard the handle', 'Large bubble: 2 turns']);
  expect(orderOf('plain')).toEqual(['Guard the handle', 'Tissue: 1 turn', 'Large bubble: 2 turns']);
});

// a packer who puts the tube outside the first bubble says so; common practice, no source
test('a guard comes after so many layers as somebody says, each by itself, and after all where there are no more', () => {
  const layers = [
    { material: 'tissue', turns: 1 },
    { material: 'largeBubble', turns: 1 },
  ];
  const guarded = (kind: HardPointKind, guardOver: number | null) => point(kind, 'right', { id: kind, guard: 'foamTube', guardOver });
  const asked = (...points: HardPoint[]) =>
    steps({ finish: 'plain', hardPoints: points }, { layers }).list.slice(0, layers.length + points.length);
  expect(asked(guarded('handle', 1), guarded('spout', 0), guarded('finial', 5)).map(({ title }) => title)).toEqual([
    'Guard the spout',
    'Tissue: 1 turn',
    'Guard the handle',
    'Large bubble: 1 turn',
    'Guard the finial',
  ]);
  expect(asked(guarded('handle', 2))[2]!.says).toMatch(
    /^Foam-tube collar on the handle, right, over the tissue and the large bubble; it reaches beyond the part/,
  );
  expect(asked(guarded('handle', null))[0]!.says).toMatch(/^Foam-tube collar on the handle, right; it reaches/);
});

// film drawn too tight snaps a stem: common practice, no source
test.each([
  [[], /snug, not tight\./],
  [[point('glazing', 'front')], /snug, not tight\./],
  [[point('stem', 'top')], /snug, never tight at the stem\./],
  [
    [point('stem', 'top'), point('handle', 'right'), point('handle', 'left', { id: 'other' })],
    /snug, never tight at the stem or the handle\./,
  ],
])('how tight a layer may be names the parts it can snap', (hardPoints, says) =>
  expect(steps({ hardPoints }).list.find(({ key }) => key.includes('layer:'))!.says).toMatch(says),
);

// the slice is 3 in of both long sides; flaps of 7 in, half of the 14, are cut to half of the 13 that is left
test('a box is shortened before it is cut down and formed, with its slice, its trim and what the box shop cuts', () => {
  const { list } = steps({}, { box: '16x14x16', shortened: { side: 'length', newIn: 13 }, newDepthIn: 11 });
  const keys = list.map(({ key }) => key);
  expect(keys.slice(keys.indexOf('box:shorten'), keys.indexOf('box:form') + 1)).toEqual(['box:shorten', 'box:cutDown', 'box:form']);
  const step = list.find(({ key }) => key === 'box:shorten')!;
  expect(step.says).toMatch(/slice of 3 in out of the middle of both long sides, flaps and all; trim 1\/2 in off every flap\./);
  expect(step.cuts).toEqual([{ order: expect.objectContaining({ kind: 'shorten', side: 'length', new: 13 }) as object, times: 1 }]);
  expect(titles({}, { box: '16x14x16', shortened: { side: 'width', newIn: 12 } })).toContain('Make the box narrower');
});

test('what a nest has, its steps have', () => {
  expect(titles({}, { box: '16x14x16', newDepthIn: 11, liner: true })).toEqual(
    expect.arrayContaining(['Cut the box down', 'Line the box', 'Old labels off']),
  );
  const floated = titles({ lengthIn: 4, widthIn: 4, heightIn: 4 }, { box: '16x14x16', inner: { box: '8x8x8', fill: 'crumpledPaper' } });
  expect(floated.indexOf('Close the inner box')).toBeLessThan(floated.indexOf('Form the box'));
  expect(floated).toContain('Put the inner box in');
  // what moves in it is found while it is still open
  expect(floated.indexOf('Inner box shake')).toBe(floated.indexOf('Close the inner box') - 1);
  const flat = titles({ archetype: 'paperGoods', lengthIn: 9, widthIn: 7, heightIn: 0.5, weightLb: 0.5 }, { box: 'flat', fill: null });
  expect(flat).not.toEqual(expect.arrayContaining(['Lid press']));
  expect(flat).not.toContain('Feel');
  expect(titles({ movingParts: 'steadied' })[0]).toBe('Case shake');
});

test('amounts: a layer says what to tear and how it goes on; fill adds up to what was bought', () => {
  const { list, option } = steps({}, { layers: [{ material: 'largeBubble', turns: 2, doubled: 'left' }] });
  const layer = list.find((step) => step.title.startsWith('Large bubble'))!;
  expect(layer.says).toMatch(
    /^Tear one piece .* in long\. 2 turns, bubbles in, snug, not tight\. Fold the ends in\. One sheet more over the left, end to end\. One strip of paper tape\.$/,
  );
  const fills = list.filter((step) => / of the box$/.test(step.title)).map((step) => step.amounts[0]!.amount);
  const bought = option.rated.weighed.filled.amounts[0]!;
  expect(Math.abs(fills.reduce((total, one) => total + one, 0) - bought.boughtFt3 / bought.stock.unitFt3)).toBeLessThanOrEqual(0.75);
  const tests = list.filter((step) => step.test);
  expect(tests.every((step) => step.test!.passes.length > 10 && step.test!.remedies.length > 0)).toBe(true);
});

test('keys stay while a step does: one more turn changes that step alone', () => {
  const before = steps(
    {},
    {
      layers: [
        { material: 'smallBubble', turns: 1 },
        { material: 'largeBubble', turns: 2 },
      ],
    },
  ).list;
  const after = steps(
    {},
    {
      layers: [
        { material: 'smallBubble', turns: 1 },
        { material: 'largeBubble', turns: 3 },
      ],
    },
  ).list;
  const gone = before.filter((step) => !after.some((one) => one.key === step.key)).map((step) => step.title);
  expect(gone).toEqual(['Large bubble: 2 turns']);
});

test('phases follow each other: at the piece, in the box, closing', () => {
  const phases = steps({ hardPoints: [point('handle', 'right', { guard: 'foamTube' })] }).list.map((step) => step.phase);
  expect([...new Set(phases)]).toEqual(['bundle', 'box', 'closing']);
  expect([...phases].sort((a, b) => ['bundle', 'box', 'closing'].indexOf(a) - ['bundle', 'box', 'closing'].indexOf(b))).toEqual(phases);
  const titled = (title: string) => steps().list.find((step) => step.title === title)!.phase;
  expect([titled('Form the box'), titled('Top of the box'), titled('Seams')]).toEqual(['box', 'closing', 'closing']);
});

test('a picture of each step: as many layers as are on, and how far the box is filled', () => {
  const { list } = steps(
    {},
    {
      layers: [
        { material: 'smallBubble', turns: 1 },
        { material: 'largeBubble', turns: 2 },
      ],
    },
  );
  const at = (title: string) => list.find((step) => step.title.startsWith(title))!.picture;
  expect(at('Small bubble')).toEqual({ layers: 1, inBox: 'no' });
  expect(at('Large bubble')).toEqual({ layers: 2, inBox: 'no' });
  expect([at('Base of the box').inBox, at('Sides of the box').inBox, at('Top of the box').inBox]).toEqual(['base', 'sides', 'top']);
});

test('what the bench must know beside the plan', () => {
  const asked = request();
  const derived = derivePlan(asked, CHOICE);
  if (derived.kind === 'noPlan') throw new Error('no plan');
  const list = writeBenchSteps(derived.option, asked.house, 'imperial', { storageWrap: [true], accessories: ['2 × brass pan'] });
  expect(list[0]!.title).toBe('Take off the storage wrap');
  expect(list.find((step) => step.records === 'contents')!.says).toContain('tick off 2 × brass pan');
});

// what is loose on a piece knocks against it: common practice, no source
test('a part comes off, stays on or is seen to before anything is wrapped, each as a step of its own', () => {
  const asked = request();
  const derived = derivePlan(asked, CHOICE);
  if (derived.kind === 'noPlan') throw new Error('no plan');
  const parts = (['off', 'on', 'packer'] as const).map((fate, i) => ({ id: `p${i}`, name: 'lid', count: i + 1, fate }));
  const list = writeBenchSteps(derived.option, asked.house, 'imperial', { bundleIds: ['b'], storageWrap: [true], parts: [parts] });
  expect(list.slice(0, 4).map(({ key, title }) => [key, title])).toEqual([
    ['b:unwrap', 'Take off the storage wrap'],
    ['b:part:p0:off', 'Take off: lid'],
    ['b:part:p1:on', 'Hold fast: 2 × lid'],
    ['b:part:p2:packer', 'Off or on: 3 × lid'],
  ]);
  // told of nothing, it asks for nothing
  expect(writeBenchSteps(derived.option, asked.house, 'imperial', { storageWrap: [true] }).length).toBe(list.length - 3);
});

// each test where its trade makes it: common practice, no source
test.each([
  [
    'a brittle piece in a box',
    { brittle: true, cased: false, envelope: false, inner: false },
    [],
    'feel bundleSize touch fingerGap shake lidPress seams',
  ],
  [
    'a case in a box',
    { brittle: false, cased: true, envelope: false, inner: false },
    [],
    'caseShake bundleSize touch fingerGap shake lidPress seams',
  ],
  [
    'a brittle piece in a box in a box',
    { brittle: true, cased: false, envelope: false, inner: true },
    [],
    'feel bundleSize innerShake touch fingerGap shake lidPress seams',
  ],
  ['an envelope', { brittle: false, cased: false, envelope: true, inner: false }, ['bounce', 'tapeLoad'] as const, 'bundleSize seams'],
  [
    'a house that bounces and lifts',
    { brittle: true, cased: false, envelope: false, inner: false },
    ['bounce', 'tapeLoad'] as const,
    'feel bundleSize touch fingerGap shake bounce lidPress tapeLoad seams',
  ],
])('tests due: %s', (_, of, extraTests, due) => expect(testsDue(of, { extraTests }).join(' ')).toBe(due));

describe('what sealing takes from the stockroom', () => {
  const layers = [{ material: 'largeBubble', turns: 2 }];

  test('as planned: each material once, and the boxes', () => {
    const { option } = steps(
      { lengthIn: 4, widthIn: 4, heightIn: 4 },
      { layers, box: '16x14x16', inner: { box: '8x8x8', fill: 'crumpledPaper' } },
    );
    const used = stockUsed(option);
    const fills = option.rated.weighed.filled.amounts;
    expect(used.filter((use) => use.kind === 'box').map((use) => [use.key, use.amount])).toEqual([
      ['16x14x16', 1],
      ['8x8x8', 1],
    ]);
    expect(used.filter((use) => use.kind === 'fill').reduce((sum, use) => sum + use.amount, 0)).toBeCloseTo(
      fills.reduce((sum, fill) => sum + fill.boughtFt3, 0),
      9,
    );
    // two turns on a 4 in cube: length 2·16 + π·t·4 and the roll's width beside it, exact
    expect(used.find((use) => use.kind === 'wrap')!.amount).toBeCloseTo(
      option.rated.weighed.filled.stowed.bundles[0].wrapped.layers[0]!.areaIn2 / 144,
      9,
    );
  });

  test('three turns for two take half as much again; fill told at two steps is summed', () => {
    const { option } = steps({}, { layers });
    const [wrap, fill] = ['wrap', 'fill'].map((kind) => stockUsed(option).find((use) => use.kind === kind)!);
    const really = stockUsed(option, [
      { kind: 'wrap', key: 'largeBubble', planned: 2, amount: 3 },
      { kind: 'fill', key: fill!.key, planned: 2, amount: 2 },
      { kind: 'fill', key: fill!.key, planned: 6, amount: 8 },
    ]);
    expect(really.find((use) => use.kind === 'wrap')!.amount).toBeCloseTo(wrap!.amount * 1.5, 9);
    expect(really.find((use) => use.kind === 'fill')!.amount).toBeCloseTo((fill!.amount * 10) / 8, 9);
  });
});

describe('a measured bundle', () => {
  const layers = [{ material: 'largeBubble', turns: 2 }];
  const plan = (bundle: { sizeIn: [number, number, number]; weightLb: number | null } | null, now = layers) => {
    const asked = request({}, { locks: bundle ? { layers, bundle } : {} });
    const derived = derivePlan(asked, { ...CHOICE, layers: now });
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return derived.option.rated.weighed;
  };
  const free = plan(null);

  test('replaces what was reckoned: less fill round a larger one, and its own weight', () => {
    const sizeIn = free.filled.stowed.bundles[0].wrapped.bundleIn.map((side) => side + 0.5) as [number, number, number];
    const measured = plan({ sizeIn, weightLb: 3 });
    expect(measured.filled.stowed.bundles[0].wrapped.bundleIn).toEqual(sizeIn);
    expect(
      measured.parts.filter((part) => ['piece', 'guards', 'wraps'].includes(part.part)).reduce((sum, part) => sum + part.weightLb, 0),
    ).toBeCloseTo(3, 9);
    expect(measured.filled.amounts[0]!.boughtFt3).toBeLessThan(free.filled.amounts[0]!.boughtFt3);
  });

  test('counts only for the layers it was measured in', () => {
    const more = [{ material: 'largeBubble', turns: 3 }];
    expect(plan({ sizeIn: [20, 20, 20], weightLb: 9 }, more)).toEqual(plan(null, more));
  });
});

test('fill pressed in beyond what was reckoned costs and weighs by just that share', () => {
  const asked = request();
  const weighed = (extraFill?: number) => {
    const derived = derivePlan(asked, { ...CHOICE, ...(extraFill ? { extraFill } : {}) });
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    // the document says so too, and holds when it is derived again
    const document = writePlanDocument(derived.option, asked.house);
    expect(document.choice.extraFill).toBe(extraFill);
    expect(verifyPlan(document, asked)).toEqual([]);
    return derived.option.rated.weighed.filled;
  };
  expect(weighed(0.25).costMinor).toBeCloseTo(weighed().costMinor * 1.25, 9);
  expect(weighed(0.25).weightLb).toBeCloseTo(weighed().weightLb * 1.25, 9);
});
