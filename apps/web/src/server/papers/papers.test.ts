import { writersFor } from '../../words/writers.ts';
import { execFileSync } from 'node:child_process';
import { derivePlan, writeBenchSteps, writePlanDocument } from '@inch-nest/core';
import { box, CHOICE, point, request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { PAPER_KINDS, papersDue, type PapersOf } from '@inch-nest/contracts';
import { openingSteps } from './openingSteps.ts';
import { SHEETS } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';
import { drawPapers, isPaper } from './papers.ts';

const asked = request({ hardPoints: [{ ...point('handle', 'right'), guard: 'foamTube' }] });
const derived = derivePlan(asked, {
  ...CHOICE,
  layers: [
    { material: 'tissue', turns: 1 },
    { material: 'smallBubble', turns: 1 },
    { material: 'largeBubble', turns: 2 },
  ],
});
if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
const plan = writePlanDocument(derived.option, asked.house);
const steps = writeBenchSteps(derived.option, asked.house);
const FACTS: PaperFacts = {
  sheets: SHEETS.letter,
  shopName: 'Lantern Row',
  fromPostcode: '10115',
  toPostcode: 'XN-04021',
  tag: 'EV–XN',
  address: { name: 'Edda Vik', lines: ['Skarvik 12', 'Vestby'] },
  code: '7K2M',
  title: 'bowl',
  pieces: ['bowl, number No 118'],
  accessories: ['2 × lid'],
  serial: 'No 118',
  photographs: '3 of 8 photographs',
  weight: '3 lb 9 oz',
  size: '12 × 12 × 12 in',
  day: '2026-11-26',
  plan,
  steps,
  marks: null,
  keepUpright: true,
  label: { carrier: 'Ambry Ground', serviceName: 'Ground', tracking: 'AG40000037', signature: true },
  set: {
    number: 2,
    parcels: [
      { code: '3QWX', title: 'jug', tracking: null },
      { code: '7K2M', title: 'bowl', tracking: 'AG40000037' },
    ],
  },
  letter: 'Please mend the rim; the handle is sound.',
  customs: {
    form: 'full',
    declaration: {
      purpose: 'repair',
      reason: 'the rim is chipped',
      lines: [{ id: 'a', what: 'stoneware bowl', count: 1, valueMinor: 6000, weightLb: 2, origin: 'AI' }],
    },
  },
  life: ['26 Nov: sold, Odile'],
  money: [['Postage', '$9.85']],
  write: writersFor('imperial', 'USD'),
};

/** The words of a PDF as an independent reader finds them, a space for any white. */
const textOf = (bytes: Buffer): string =>
  execFileSync('pdftotext', ['-layout', '-', '-'], { input: bytes, encoding: 'utf8' }).replace(/\s+/g, ' ');

test('the opening card is the wrapping backwards: outermost layer first, guards last', () => {
  const steps = openingSteps(plan);
  const at = (word: string) => steps.findIndex((step) => step.toLowerCase().includes(word));
  expect([at('large bubble'), at('small bubble'), at('tissue'), at('guard off the handle')]).toEqual(
    [at('large bubble'), at('small bubble'), at('tissue'), at('guard off the handle')].sort((a, b) => a - b),
  );
  expect(at('large bubble')).toBeGreaterThan(0);
  expect(steps.at(-1)).toMatch(/guard off the handle/);
});

const TUBE = box([36, 4, 4], { key: 'tube', name: 'Card tube', style: 'tube' });

test('of several each is lifted out, the last one first, and what goes along is looked for', () => {
  const set = request({ count: 6, archetype: 'blownGlass' });
  const nest = derivePlan(set, { ...CHOICE, grid: [3, 2, 1] });
  if (nest.kind === 'noPlan') throw new Error(nest.reasons.join());
  const steps = openingSteps(writePlanDocument(nest.option, set.house), ['2 × lid']);
  expect(steps).toContain('Lift out 6 bundles, F first, A last.');
  expect(steps).toContain('Look for what goes with it: 2 × lid.');
  expect(steps.find((step) => step.startsWith('Unwind'))).toContain('from each');
  const crossed = derivePlan(set, { ...CHOICE, box: '16x14x12', crossIn: 2 });
  if (crossed.kind === 'noPlan') throw new Error(crossed.reasons.join());
  expect(openingSteps(writePlanDocument(crossed.option, set.house))[1]).toBe('Lift out the cross of board.');
  const spyglass = request(
    { archetype: 'optics', form: 'tube', lengthIn: 8, widthIn: 2, heightIn: 2 },
    { stock: { boxes: [box([16, 12, 12]), TUBE] } },
  );
  const cored = derivePlan(spyglass, { ...CHOICE, box: '16x12x12', inner: { box: 'tube', fill: 'crumpledPaper' } });
  if (cored.kind === 'noPlan') throw new Error(cored.reasons.join());
  expect(openingSteps(writePlanDocument(cored.option, spyglass.house))).toContain(
    'Lift out the tube; push what is in it out from one end.',
  );
  const wide = request({ lengthIn: 9, widthIn: 6, heightIn: 7 }, { stock: { boxes: [box([14, 12, 12])] } });
  const wedged = derivePlan(wide, { ...CHOICE, layers: [{ material: 'largeBubble', turns: 1 }], box: '14x12x12', tubes: true });
  if (wedged.kind === 'noPlan') throw new Error(wedged.reasons.join());
  expect(openingSteps(writePlanDocument(wedged.option, wide.house))[1]).toBe('Pull the foam tubes out of the corners.');
  const books = request({ count: 31, stackOf: 9, archetype: 'paperStack', lengthIn: 10, widthIn: 7, heightIn: 0.25, weightLb: 0.4 });
  const stacks = derivePlan(books, { ...CHOICE, box: '16x14x12' });
  if (stacks.kind === 'noPlan') throw new Error(stacks.reasons.join());
  expect(openingSteps(writePlanDocument(stacks.option, books.house)).at(-1)).toMatch(/tape off the stacks/);
  const tiles = request({ count: 4, stackOf: 4, interleaf: 'smallBubble', lengthIn: 6, widthIn: 6, heightIn: 0.5, weightLb: 0.7 });
  const stack = derivePlan(tiles, { ...CHOICE, box: '16x14x12' });
  if (stack.kind === 'noPlan') throw new Error(stack.reasons.join());
  expect(openingSteps(writePlanDocument(stack.option, tiles.house)).at(-1)).toBe(
    'Take the tape off the stack before it is lifted apart; a sheet lies between each two.',
  );
});

test('what stands in another comes out before that, and the buyer is told that it is in there', () => {
  const one = request(
    { archetype: 'compactCeramic', lengthIn: 8, widthIn: 8, heightIn: 5, keepUpright: true },
    { stock: { boxes: [box([20, 20, 20])] } },
  );
  const [bowl] = one.order.pieces;
  const lies = { layers: CHOICE.layers, orientation: [0, 1, 2] as const };
  const held = (id: string, sideIn: number, pieceId: string) => ({
    ...bowl!,
    id,
    lengthIn: sideIn,
    widthIn: sideIn,
    within: { pieceId, standsOutIn: 0.5 },
  });
  // the first of the list is the innermost
  const pieces = [held(bowl!.id, 4, 'middle'), held('middle', 6, 'large'), { ...bowl!, id: 'large' }];
  const of = { ...one, order: { ...one.order, pieces }, pieceIds: pieces.map(({ id }) => id) };
  const nest = derivePlan(of, { ...CHOICE, ...lies, box: '20x20x20', others: [lies, lies] });
  if (nest.kind === 'noPlan') throw new Error(nest.reasons.join());
  expect(openingSteps(writePlanDocument(nest.option, of.house))).toContain(
    'Lift out 3 bundles, one after the other: A, B, C; they stand in one another, A in B, B in C.',
  );
  const alike = request(
    { archetype: 'compactCeramic', count: 3, nestStepIn: 1, lengthIn: 8, widthIn: 8, heightIn: 5 },
    { stock: { boxes: [box([20, 20, 20])] } },
  );
  const column = derivePlan(alike, { ...CHOICE, ...lies, box: '20x20x20', grid: [1, 1, 3] });
  if (column.kind === 'noPlan') throw new Error(column.reasons.join());
  expect(openingSteps(writePlanDocument(column.option, alike.house))).toContain(
    'Lift out 3 bundles, C first, A last: they stand in one another.',
  );
});

test('of several different ones each by its letter and name, what was put in last first', () => {
  const one = request({ archetype: 'fineMetal' });
  const [lamp] = one.order.pieces;
  const two = {
    ...one,
    order: { ...one.order, pieces: [lamp!, { ...lamp!, id: 'glass', title: 'lamp glass', lengthIn: 4, widthIn: 4, heightIn: 4 }] },
    pieceIds: [lamp!.id, 'glass'],
  };
  const nest = derivePlan(two, {
    ...CHOICE,
    box: '16x14x12',
    others: [{ layers: CHOICE.layers, orientation: [0, 1, 2] }],
    stand: { along: 2, parts: [0, 1] },
  });
  if (nest.kind === 'noPlan') throw new Error(nest.reasons.join());
  const document = writePlanDocument(nest.option, two.house);
  const said = openingSteps(document);
  expect(said).toContain('Lift out 2 bundles, one after the other: B, A.');
  const turns = (layers: typeof document.layers) => layers.map(({ name }) => name.toLowerCase()).reverse();
  for (const [whose, layers] of [
    ['A, bowl: unwind', document.layers],
    ['B, lamp glass: unwind', document.others![0]!.layers],
  ] as const) {
    const own = said.filter((step) => step.startsWith(whose));
    expect(own).toHaveLength(1);
    // all of them, the outermost first
    const places = turns(layers).map((name) => own[0]!.indexOf(name));
    expect(places).not.toContain(-1);
    expect(places).toEqual(places.toSorted((a, b) => a - b));
  }
});

/** Words and where each page of a document ends. */
const pagesOf = (bytes: Buffer): string[] =>
  execFileSync('pdftotext', ['-layout', '-', '-'], { input: bytes, encoding: 'utf8' }).split('\f').slice(0, -1);
/** Boxes of all words, inches from the upper edge, with the height of their page. */
const reachOf = (bytes: Buffer) => {
  const said = execFileSync('pdftotext', ['-bbox', '-', '-'], { input: bytes, encoding: 'utf8' });
  return said
    .split('<page ')
    .slice(1)
    .map((page) => ({
      highPt: Number(/height="([\d.]+)"/.exec(page)![1]),
      words: [...page.matchAll(/yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">([^<]*)</g)].map(([, top, right, bottom, word]) => ({
        top: Number(top),
        right: Number(right),
        bottom: Number(bottom),
        word: word!,
      })),
    }));
};

test('a title as long as those of six pieces runs into no code beside it', async () => {
  const title = 'lamp base of copper, glass chimney, brass stand with three feet, saucer, sugar bowl and milk jug';
  const bytes = (await drawPapers(['tag'], { ...FACTS, title }))!;
  const [{ words }] = reachOf(bytes) as [ReturnType<typeof reachOf>[number]];
  const named = words.filter(({ top, bottom }) => top > 0.8 * 72 && bottom < 1.15 * 72 && top < 1.1 * 72);
  expect(named.map(({ word }) => word).join(' ')).toMatch(/^lamp base of copper, glass chimney.*…$/);
  expect(Math.max(...named.map(({ right }) => right))).toBeLessThan(2.55 * 72);
});

test('of many pieces all is said on the slip and the opening card, and nothing runs off a sheet or over its foot', async () => {
  const one = request(
    { archetype: 'handledWare', weightLb: 0.3, hardPoints: [{ ...point('handle', 'right'), guard: 'foamTube' }] },
    { stock: { boxes: [box([24, 18, 16])] } },
  );
  const [first] = one.order.pieces;
  const titles = Array.from({ length: 12 }, (_, i) => `saucer of the set with the long name, number ${i + 1}`);
  const many = {
    ...one,
    order: {
      ...one.order,
      pieces: titles.map((title, i) => ({ ...first!, id: `piece-${i}`, title, lengthIn: 4, widthIn: 4, heightIn: 2 })),
    },
    pieceIds: titles.map((_, i) => `piece-${i}`),
  };
  const layers = ['tissue', 'smallBubble', 'largeBubble'].map((material) => ({ material, turns: 1 }));
  const bundle = { layers, orientation: [0, 1, 2] as const };
  const nest = derivePlan(many, { ...CHOICE, ...bundle, box: '24x18x16', others: titles.slice(1).map(() => bundle) });
  if (nest.kind === 'noPlan') throw new Error(nest.reasons.join());
  const facts: PaperFacts = {
    ...FACTS,
    plan: writePlanDocument(nest.option, many.house),
    pieces: [...titles, ...titles],
  };
  const steps = openingSteps(facts.plan!);
  expect(steps).toHaveLength(15);
  expect(steps.at(-1)).toMatch(/guard off the handle last\.$/);
  for (const kind of ['opening', 'slip'] as const) {
    const bytes = (await drawPapers([kind], facts))!;
    const said = pagesOf(bytes).join(' ').replace(/\s+/g, ' ');
    for (const [i, title] of titles.entries()) expect([kind, i, said.includes(title)]).toEqual([kind, i, true]);
    if (kind === 'opening') expect(said.match(/guard off the handle/g)).toHaveLength(12);
    expect(pagesOf(bytes).length).toBeGreaterThan(1);
    for (const { highPt, words } of reachOf(bytes)) {
      expect(Math.max(...words.map(({ bottom }) => bottom))).toBeLessThan(highPt);
      // what stands at the foot is lower than all the rest
      if (kind === 'slip') continue;
      const foot = words.findLast(({ word }) => word === 'Lantern')!;
      expect(words.filter(({ top, bottom }) => bottom > foot.top && top < foot.top - 1)).toEqual([]);
    }
  }
});

test.each<[(typeof PAPER_KINDS)[number], string[]]>([
  ['label', ['Ambry Ground', '2 of 2', 'Edda Vik', 'Skarvik 12', 'XN-04021', 'AG40000037', '7K2M', 'SIGNATURE']],
  ['tag', ['EV–XN', '7K2M', '2 of 2', '3 lb 9 oz', '3 of 8 photographs']],
  ['slip', ['for Edda Vik', 'bowl, number No 118', '2 × lid', 'In the other parcel', 'jug (parcel 3QWX)']],
  ['opening', ['How to open it']],
  ['bench', ['bench card', ...steps.map((step) => step.title)]],
  ['part', ['2 of 2', 'jug', 'parcel 7K2M, number AG40000037: this one']],
  ['customs', ['full form', 'Edda Vik', 'Why: the rim is chipped', 'stoneware bowl', '$60.00', '2 lb', 'AI']],
  ['letter', ['Edda Vik', 'Please mend the rim; the handle is sound.', 'bowl, number No 118']],
  ['marks', ['this way up', 'fragile']],
  ['test', ['4 in long']],
  ['record', ['sold, Odile', 'Postage: $9.85', 'turns of large bubble']],
])('%s says what it must, in faces that come with it', async (kind, said) => {
  const bytes = (await drawPapers([kind], FACTS))!;
  expect(bytes.toString('latin1')).toMatch(/\/FontFile2/);
  const text = textOf(bytes);
  for (const words of said) expect(text).toContain(words);
});

// tagged PDF, ISO 32000-1, 14.8; read by an independent reader
describe.each(PAPER_KINDS)('%s read aloud', (kind) => {
  let bytes: Buffer;
  let structure: string;
  beforeAll(async () => {
    bytes = (await drawPapers([kind], FACTS))!;
    structure = execFileSync('pdfinfo', ['-struct-text', '-'], { input: bytes, encoding: 'utf8' });
  });

  test('is tagged, in its language, by its title', () => {
    const info = execFileSync('pdfinfo', ['-'], { input: bytes, encoding: 'utf8' });
    expect(info).toMatch(/Tagged: +yes/);
    expect(info).toMatch(/Title: +\S/);
    expect(bytes.toString('latin1')).toMatch(/\/Lang \(en\)/);
  });

  test('every word that is printed is read, once', () => {
    const words = (text: string) => text.split(/\s+/).filter(Boolean).sort();
    const read = [...structure.matchAll(/^ *"([\s\S]*?)"$/gm)].map(([, text]) => text!).join(' ');
    expect(words(read)).toEqual(words(execFileSync('pdftotext', ['-raw', '-', '-'], { input: bytes, encoding: 'utf8' })));
  });

  test('what is drawn has words for it', () => {
    const plain = execFileSync('pdfinfo', ['-struct', '-'], { input: bytes, encoding: 'utf8' });
    const figures = plain.split('\n').filter((one) => /^ *Figure/.test(one)).length;
    expect(bytes.toString('latin1').match(/\/Alt \(/g)?.length ?? 0).toBe(figures);
  });
});

test.each([
  [null, true, ['this way up', 'fragile']],
  ['arrows', false, ['this way up', 'this way up']],
  ['fragile', false, ['fragile', 'fragile']],
  ['fragile', true, ['this way up', 'fragile']],
  [null, false, ['fragile', 'keep dry']],
])('marks as the house has them: %s, upright %s', async (marks, keepUpright, said) => {
  const text = textOf((await drawPapers(['marks'], { ...FACTS, marks, keepUpright }))!);
  expect(text.match(/this way up|fragile|keep dry/g)).toEqual(said);
});

test('every step is on the bench card once, in its order, over as many sheets as it takes', async () => {
  const many = [...steps, ...steps, ...steps].map((step, i) => ({ ...step, title: `Step ${i + 1} of many` }));
  const bytes = (await drawPapers(['bench'], { ...FACTS, steps: many }))!;
  const text = textOf(bytes);
  const found = [...text.matchAll(/Step (\d+) of many/g)].map((match) => Number(match[1]));
  expect(found).toEqual(many.map((_, i) => i + 1));
  expect(bytes.toString('latin1').match(/\/Type \/Page\b/g)!.length).toBeGreaterThan(1);
});

// ISO 216: A4 is 210 × 297 mm, 595.28 × 841.89 points of 1/72 in
test('papers come each on its own sheet in one document; the shop’s paper is letter or A4', async () => {
  const boxes = async (facts: PaperFacts) =>
    [...(await drawPapers(['label', 'slip', 'letter'], facts))!.toString('latin1').matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g)].map(
      (box) => box.slice(1).map((side) => Math.round(Number(side))),
    );
  expect(await boxes(FACTS)).toEqual([
    [288, 432],
    [396, 612],
    [612, 792],
  ]);
  expect(await boxes({ ...FACTS, sheets: SHEETS.a4 })).toEqual([
    [288, 432],
    [420, 595],
    [595, 842],
  ]);
});

test('what is not there is not printed', async () => {
  const bare: PaperFacts = { ...FACTS, label: null, plan: null, set: null, letter: null, customs: null, steps: [] };
  for (const kind of ['label', 'opening', 'bench', 'part', 'customs', 'letter'] as const) expect(await drawPapers([kind], bare)).toBeNull();
  expect(await drawPapers(['label', 'tag'], bare)).not.toBeNull();
  expect(isPaper('receipt')).toBe(false);
});

const OF: PapersOf = {
  hasLabel: true,
  hasPlan: true,
  openingNote: true,
  marked: false,
  abroad: false,
  oneOfSeveral: false,
  hasLetter: false,
  printed: [],
};
test.each<[string, Partial<PapersOf>, string]>([
  ['an ordinary parcel', {}, 'tag slip opening label'],
  ['a house without opening notes', { openingNote: false }, 'tag slip label'],
  [
    'abroad, one of two, with a letter',
    { abroad: true, oneOfSeveral: true, hasLetter: true },
    'tag slip opening letter part customs label',
  ],
  ['some have come out', { printed: ['tag', 'slip', 'opening'] }, 'label'],
  ['no label yet', { hasLabel: false, marked: true }, 'tag slip opening marks'],
])('due: %s', (_, part, kinds) => expect(papersDue({ ...OF, ...part }).join(' ')).toBe(kinds));

test('a paper says its title and its language to whoever reads it aloud', async () => {
  const bytes = (await drawPapers(['slip', 'tag'], FACTS))!;
  const info = execFileSync('pdfinfo', ['-'], { input: bytes, encoding: 'utf8' });
  expect(info).toMatch(/^Title: +slip, tag: parcel 7K2M$/m);
  for (const said of ['/Lang (en)', '/DisplayDocTitle true']) expect(bytes.toString('latin1')).toContain(said);
});

test('the bench card shows the nest in section with its box, fill and gaps, and then every step', async () => {
  const pdf = (await drawPapers(['bench'], FACTS))!;
  const text = textOf(pdf);
  for (const words of [plan.box.name, 'from above', 'from the front', '2 large bubble', ...steps.slice(0, 3).map(({ title }) => title)])
    expect(text).toContain(words.replace(/\s+/g, ' '));
  // each gap with its figure, as the plan has it
  for (const face of ['left', 'top', 'bottom'] as const) expect(text).toContain(FACTS.write.length(plan.gaps[face]));
  // the lines of the section are lines of the page
  const operators = execFileSync('pdftocairo', ['-svg', '-f', '1', '-l', '1', '-', '-'], { input: pdf, encoding: 'utf8' });
  expect(operators.split('<path').length).toBeGreaterThan(10);
});
