import { unzipSync, strFromU8 } from 'fflate';
import { execFileSync } from 'node:child_process';
import {
  derivePlan,
  formatChance,
  recordParcel,
  writeBenchSteps,
  writePlanDocument,
  type Happening,
  type LifeEvent,
} from '@inch-nest/core';
import type { ParcelView } from '@inch-nest/contracts';
import { CHOICE, request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { writersFor } from '../../words/writers.ts';
import { carrierProof } from './carrierProof.ts';
import { claimPdf, claimZip, type ClaimOf, type ClaimPhoto } from './claimFolder.ts';
import { SHEETS } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';
import { fileNameOf, photoNames } from './photoNames.ts';

const asked = request({ title: 'bowl', replacementMinor: null });
const derived = derivePlan(asked, CHOICE);
if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
const plan = writePlanDocument(derived.option, asked.house);
const steps = writeBenchSteps(derived.option, asked.house);

const HAPPENED: Happening[] = [
  { kind: 'opened' },
  { kind: 'planned', planId: 'p' },
  { kind: 'overruled', planId: 'p', reason: 'noTime' },
  { kind: 'testTried', test: 'shake', result: 'failed' },
  { kind: 'remedied', test: 'shake', remedy: 'more fill' },
  { kind: 'testTried', test: 'shake', result: 'passed' },
  { kind: 'testTried', test: 'feel', result: 'failed' },
  { kind: 'sealed' },
  { kind: 'weighed', readingsLb: [9.5], outsideIn: null },
  { kind: 'weighed', readingsLb: [3.5, 3.6], outsideIn: [12, 12, 12] },
  { kind: 'handedOver' },
  { kind: 'damaged' },
];
const events = HAPPENED.map((happening, i): LifeEvent => ({
  ...happening,
  id: `e${i}`,
  seq: i + 1,
  at: `2026-11-${10 + i}T09:30:00Z`,
  personId: 'p',
  undoOf: null,
}));
const { view: sample } = parcelOf(asked);
const field = <Value>(value: Value) => ({ text: '', value, revision: 1, draft: null, by: '' });
const view = {
  ...sample,
  events,
  life: recordParcel(events),
  labels: [],
  photos: [],
  piece: { ...sample.piece, serial: field('No 118'), seal: field(null), replacementMinor: field(null) },
} as unknown as ParcelView;
const FACTS = {
  sheets: SHEETS.letter,
  shopName: 'Lantern Row',
  fromPostcode: '10115',
  toPostcode: '40217',
  tag: 'EV–40',
  address: { name: 'Edda Vik', lines: ['Skarvik 12', 'Vestby'] },
  code: '7K2M',
  title: 'bowl',
  pieces: ['bowl'],
  accessories: [],
  serial: 'No 118',
  photographs: null,
  weight: '3 lb 9 oz',
  size: '12 × 12 × 12 in',
  day: '2026-11-26',
  plan,
  steps,
  marks: null,
  keepUpright: false,
  label: { carrier: 'Ambry', serviceName: 'Ground', tracking: 'AG40000037', signature: false },
  set: {
    number: 1,
    parcels: [
      { code: '7K2M', title: 'bowl', tracking: 'AG40000037' },
      { code: '9TTT', title: 'its stand', tracking: 'AG40000038' },
    ],
  },
  letter: null,
  customs: null,
  life: ['10 Nov: a nest was kept, Odile'],
  money: [
    ['Postage', '$9.85'],
    ['Packing and labour, reckoned', '$4.10'],
  ],
  write: writersFor('imperial', 'USD'),
} satisfies PaperFacts;
const shop = { zone: 'UTC', stock: asked.stock };
const PIXEL = Buffer.from(
  '/9j/4AAQSkZJRgABAQEAYABgAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAAA//EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AN//Z',
  'base64',
);
const at = (key: string | null, of: ClaimPhoto['of'] = 'packing', pieceId: string | null = null): ClaimPhoto => ({
  jpeg: PIXEL,
  of,
  pieceId,
  step: key,
  width: 1,
  height: 1,
  marks: [],
  at: '2026-11-12T10:00:00Z',
});
const claim = (reader: ClaimOf['reader'], photos: readonly ClaimPhoto[] = []): ClaimOf => ({
  view,
  shop,
  claim: { worthMinor: 6000, coveredMinor: 5000, due: ['feel', 'shake'], missing: ['tests not passed: feel'] },
  facts: FACTS,
  photos,
  siblings: [],
  reader,
});
const textOf = async (of: ClaimOf): Promise<string> =>
  execFileSync('pdftotext', ['-layout', '-', '-'], { input: await claimPdf(of), encoding: 'utf8' }).replace(/\s+/g, ' ');

/** What speaks against the shop, or is its own business. */
const OWN_BUSINESS = [
  'chance',
  formatChance(plan.chance),
  'missing',
  'not passed',
  'failed',
  'untried',
  '$4.10',
  '$9.85',
  'Odile',
  'a nest was kept',
  '9 lb 8 oz',
  'no time',
];

test('the carrier is given what proves: worth, sending, packing with strengths, passed tests with times', async () => {
  const text = await textOf(claim('carrier', [at('box:base'), at(null, 'piece')]));
  for (const said of [
    'Claim: bowl',
    'number No 118',
    'Worth $60.00: what it was sold for, November 10, 2026',
    'Covered to $50.00',
    'Arrived broken: noted November 21, 2026',
    'number AG40000037',
    'Handed over November 20, 2026',
    'Weighed 3 lb 8 oz, 3 lb 9.6 oz',
    'edge crush',
    'Shake: ',
    'Passed November 15, 2026',
    'its stand, parcel 9TTT, number AG40000038',
    '1. Base of the box, November 12, 2026',
    '2. The piece, November 12, 2026',
    'Photograph 1, base of the box',
  ])
    expect(text).toContain(said);
});

test.each(OWN_BUSINESS)('nothing that speaks against the shop goes to the carrier: %s', async (said) =>
  expect((await textOf(claim('carrier'))).toLowerCase()).not.toContain(said.toLowerCase()),
);

test('the shop keeps all of it, with what is missing, and says that it is its own', async () => {
  const text = await textOf(claim('shop'));
  for (const said of [
    'our own copy: not for the carrier',
    'What is missing',
    'tests not passed: feel',
    'feel: failed',
    'Odile',
    '$4.10',
    'Worth $60.00',
  ])
    expect(text.toLowerCase()).toContain(said.toLowerCase());
});

test('the carrier’s ZIP has no parcel file and only the readings that count', () => {
  const files = (reader: ClaimOf['reader']) => unzipSync(claimZip(claim(reader, [at('box:base'), at('box:base')]), Buffer.from('pdf')));
  const [carrier, own] = [files('carrier'), files('shop')];
  expect(Object.keys(carrier).sort()).toEqual([
    'claim.pdf',
    'photographs/01-base-of-the-box.jpg',
    'photographs/02-base-of-the-box.jpg',
    'readings.csv',
  ]);
  expect(Object.keys(own)).toContain('parcel.json');
  expect(strFromU8(carrier['readings.csv']!)).toBe('at,reading,pounds\r\n2026-11-19T09:30:00Z,1,3.5\r\n2026-11-19T09:30:00Z,2,3.6\r\n');
  expect(strFromU8(own['readings.csv']!)).toContain(',1,9.5');
});

test('worth is told by what proves it: the sale, its share of one, or what it costs to replace', () => {
  const worth = (part: Partial<ParcelView>) =>
    carrierProof({ ...claim('carrier'), view: { ...view, ...part } })[0]!.lines.find((one) => one.startsWith('Worth'));
  expect(worth({})).toMatch(/what it was sold for/);
  expect(worth({ share: { soldMinor: 6000, paidMinor: 0, shippingCollectedMinor: 0 } })).toMatch(/its share of what was sold together/);
  expect(worth({ piece: { ...view.piece, replacementMinor: field<number | null>(6000) } })).toMatch(/costs to replace/);
});

test('a photograph is called by its step, or by what it is of; a file by letters and figures alone', () => {
  expect(photoNames({ view, facts: FACTS, photos: [at('box:top'), at('gone'), at(null), at(null, 'piece')] })).toEqual([
    'Top of the box',
    'The packing',
    'The packing',
    'The piece',
  ]);
  const stand = { bundleId: 'b', pieceId: 'stand', piece: { ...view.piece, title: field('oak stand'), count: field(1) } };
  const both = { ...view, others: [stand] } as unknown as ParcelView;
  const photos = [at(null, 'piece', view.pieceId), at(null, 'piece', 'stand'), at(null, 'back', 'stand')];
  expect(photoNames({ view: both, facts: FACTS, photos })).toEqual(['Bowl', 'Oak stand', 'What came back: oak stand']);
  expect(fileNameOf('A, jug: Small bubble: 1 1/2 turns')).toBe('a-jug-small-bubble-1-1-2-turns');
  expect(fileNameOf('../é?')).toBe('e');
});

test('fill is told with its thickness only where that proves something', () => {
  const told = (gapIn: number) => {
    const gaps = Object.fromEntries(Object.keys(plan.gaps).map((side) => [side, gapIn])) as unknown as typeof plan.gaps;
    return carrierProof({ ...claim('carrier'), facts: { ...FACTS, plan: { ...plan, gaps } } })
      .flatMap(({ lines }) => lines)
      .join(' ');
  };
  expect(told(2.25)).toContain('2 1/4 in or more on every side');
  expect(told(0.125)).not.toContain('on every side');
});

// what the wraps add on both sides is what the bundle measures over the piece, exact
test('each wrap is told as thick as it lies, so that together they make the bundle', () => {
  const wound = derivePlan(asked, {
    ...CHOICE,
    layers: [
      { material: 'smallBubble', turns: 2 },
      { material: 'largeBubble', turns: 1.5 },
    ],
  });
  if (wound.kind === 'noPlan') throw new Error(wound.reasons.join());
  const document = writePlanDocument(wound.option, asked.house);
  const lines = carrierProof({ ...claim('carrier'), facts: { ...FACTS, plan: document } }).flatMap((section) => section.lines);
  expect(lines.filter((text) => text.includes(' thick.'))).toHaveLength(2);
  const inches = document.layers.reduce((sum, { thicknessIn }) => sum + thicknessIn, 0);
  expect(document.bundleIn[0] - document.piece.sizeIn[0]).toBeCloseTo(2 * inches, 9);
  expect(lines.join(' ')).toContain(`2 turns of small bubble, ${FACTS.write.length(document.layers[0]!.thicknessIn)} thick.`);
  expect(lines.join(' ')).toContain(`1 1/2 turns of large bubble, ${FACTS.write.length(document.layers[1]!.thicknessIn)} thick.`);
});

test('what was sent with it comes along: how it was packed, what became of it, and its photographs, told apart from its own', async () => {
  const stand = {
    view: { ...view, events: events.filter(({ kind }) => kind !== 'damaged') },
    facts: { ...FACTS, code: '9TTT', title: 'its stand' },
    photos: [at('box:base')],
  };
  const of = { ...claim('carrier', [at('box:base')]), siblings: [stand] };
  const text = await textOf(of);
  for (const said of [
    'Parcel 9TTT, sent with it',
    'Sealed November 17, 2026',
    '1. Base of the box, November 12, 2026',
    '2. Parcel 9TTT: base of the box, November 12, 2026',
    'Photograph 2, Parcel 9TTT: base of the box',
  ])
    expect(text).toContain(said);
  // nothing that is the shop's own goes along with a sibling either
  for (const said of OWN_BUSINESS) expect(text.toLowerCase()).not.toContain(said.toLowerCase());
  expect(Object.keys(unzipSync(claimZip(of, Buffer.from('pdf')))).filter((name) => name.startsWith('photographs/'))).toEqual([
    'photographs/01-base-of-the-box.jpg',
    'photographs/02-parcel-9ttt-base-of-the-box.jpg',
  ]);
});

test('what is drawn upon a photograph is drawn in the folder too, and the picture in the ZIP stays as it was taken', async () => {
  const marks: ClaimPhoto['marks'] = [
    { kind: 'ring', at: [0.5, 0.5], size: [0.4, 0.2] },
    { kind: 'arrow', from: [0.1, 0.1], to: [0.4, 0.4] },
    { kind: 'word', at: [0.2, 0.9], text: 'crack at the rim' },
  ];
  const of = claim('carrier', [{ ...at('box:base'), marks }]);
  expect(await textOf(of)).toContain('crack at the rim');
  const kept = unzipSync(claimZip(of, Buffer.from('pdf')))['photographs/01-base-of-the-box.jpg']!;
  expect(Buffer.from(kept).equals(PIXEL)).toBe(true);
});
