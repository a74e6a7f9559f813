import fc from 'fast-check';
import type { RateCard, Service } from '@inch-nest/core';
import { CARD, SERVICE } from '../../core/tests/sampleRequest.ts';
import { readBatchCsv } from './batchCsv.ts';
import { readRateCardCsv } from './readRateCardCsv.ts';
import { writeRateCardCsv } from './writeRateCardCsv.ts';
import { readTable, writeTable } from './readTable.ts';

const FULL: RateCard = {
  ...CARD,
  validTo: '2027-12-31',
  holidays: ['2026-12-25', '2027-01-01'],
  containers: [
    { key: 'flat', name: 'Flat, padded', style: 'padded', insideIn: [12, 9, 1], outsideIn: [12.5, 9.5, 1.2], weightLb: 4 },
    { key: 'small', name: 'Small box', style: 'slotted', insideIn: [8, 6, 4], outsideIn: [8.2, 6.2, 4.4], weightLb: 20 },
  ],
  services: [
    {
      ...SERVICE,
      limits: { ...SERVICE.limits, leastIn: [6, 3, 0.25] },
      fuelPercent: 7.5,
      surcharges: [
        { name: 'long', when: { kind: 'longestAbove', inches: 30 }, priceMinor: 420, fuelled: true },
        { name: 'wide', when: { kind: 'secondAbove', inches: 20.5 }, priceMinor: 50, fuelled: false },
        { name: 'bulky', when: { kind: 'volumeAbove', in3: 3456 }, priceMinor: 900, fuelled: true },
        { name: 'heavy', when: { kind: 'weightAbove', lb: 50 }, priceMinor: 100, fuelled: false },
        { name: 'remote', when: { kind: 'destination', from: '402', to: '403' }, priceMinor: 250, fuelled: false },
        { name: 'no box', when: { kind: 'nonRectangular' }, priceMinor: 300, fuelled: true },
        { name: 'autumn', when: { kind: 'peak', from: '2026-11-01', to: '2026-12-24' }, priceMinor: 75, fuelled: false },
      ],
    },
    {
      ...SERVICE,
      key: 'cubic',
      name: 'By size',
      bought: 'counter',
      steps: [],
      cubic: [
        { upToIn3: 172.8, byZone: { '1': 450, '5': 610 } },
        { upToIn3: 864, byZone: { '1': 520, '5': 790 } },
      ],
      volumetric: null,
      cover: { ...SERVICE.cover, percent: 1.25, excludes: ['paperGoods', 'textile'] },
      signatureMinor: null,
    },
    {
      ...SERVICE,
      key: 'fixed',
      name: 'Fixed price',
      containers: ['flat', 'small'],
      steps: [{ upToLb: 20, byZone: { '1': 870, '5': 870 } }],
    },
  ],
};

describe('a rate card as CSV', () => {
  test('written and read back it is equal, everything a card can hold in it', () =>
    expect(readRateCardCsv(writeRateCardCsv(FULL))).toEqual({ ok: true, card: FULL }));

  test('any prices and names, formulas and quotes among them', () => {
    const name = fc.constantFrom('=1+1', '+44', '-x', '@home', 'a, "b"', 'Grün', "it's");
    const cents = fc.integer({ min: 0, max: 1_000_000 });
    fc.assert(
      fc.property(name, cents, cents, fc.double({ min: 0.01, max: 60, noNaN: true }), (title, near, far, upToLb) => {
        const services: Service[] = [{ ...SERVICE, name: title, steps: [{ upToLb, byZone: { '1': near, '5': far } }] }];
        const card = { ...CARD, services };
        expect(readRateCardCsv(writeRateCardCsv(card))).toEqual({ ok: true, card });
      }),
      { numRuns: 60 },
    );
  });

  test('ounces and kilograms are steps as well as pounds', () => {
    const set = {
      ...writeRateCardCsv(CARD),
      'prices.csv': 'service,upTo,unit,zone 1,zone 5\nground,4,oz,3.10,4.20\nground,0.5,kg,4.00,5.00\nground,2,lb,5,6\n',
    };
    const reading = readRateCardCsv(set);
    expect(reading.ok && reading.card.services[0]!.steps).toEqual([
      { upToLb: 0.25, byZone: { '1': 310, '5': 420 } },
      { upToLb: 0.5 / 0.45359237, byZone: { '1': 400, '5': 500 } },
      { upToLb: 2, byZone: { '1': 500, '5': 600 } },
    ]);
  });

  const set = writeRateCardCsv(FULL);
  const edited = (file: string, from: string | RegExp, to: string) => ({ ...set, [file]: set[file]!.replace(from, to) });
  const without = (file: string) => Object.fromEntries(Object.entries(set).filter(([name]) => name !== file));
  test.each<[string, Record<string, string>, RegExp]>([
    ['a table missing', without('zones.csv'), /^zones\.csv: is missing/],
    ['a strange file', { ...set, 'macro.csv': 'a\n1\n' }, /^macro\.csv: not a table/],
    ['a column missing', edited('prices.csv', 'unit', 'units'), /^prices\.csv: column units is not known/],
    ['a column twice', edited('zones.csv', 'originTo', 'originFrom'), /^zones\.csv: column originFrom stands there twice/],
    ['a step twice', edited('prices.csv', /^ground,2,/m, 'ground,1,'), /^prices\.csv:3:upTo: the same step twice/],
    ['steps that fall', edited('prices.csv', /^ground,3,/m, 'ground,0.5,'), /^prices\.csv:4:upTo: below the step before/],
    ['not a number', edited('services.csv', /7\.5/, 'seven'), /^services\.csv:2:fuelPercent: a number is wanted, not seven/],
    ['not an amount', edited('surcharges.csv', /4\.20/, '=4+2'), /^surcharges\.csv:2:price: a formula stands here/],
    ['a service nobody defined', edited('surcharges.csv', /^ground,wide/m, 'air,wide'), /^surcharges\.csv:3:service: air is not a service/],
    ['a strange weekday', edited('services.csv', 'Mon Tue', 'Mon Twosday'), /^services\.csv:2:pickup: Twosday/],
    ['a strange surcharge', edited('surcharges.csv', 'longestAbove', 'uglyAbove'), /^surcharges\.csv:2:when: uglyAbove/],
    ['a ragged row', edited('zones.csv', /\n1,/, '\n1,1,'), /^zones\.csv:2: 6 cells, not 5/],
    ['an unclosed quote', { ...set, 'card.csv': 'id,version,carrier,currency,validFrom,validTo\n"a,1,b,USD,2020-01-01,\n' }, /^card\.csv/],
    ['ten megabytes', { ...set, 'zones.csv': 'x'.repeat(10_000_000) }, /^zones\.csv: longer than/],
    ['two least sides', edited('services.csv', '6,3,0.25', '6,3,'), /^services\.csv:2:minLength: all three/],
    ['a container nobody has', edited('services.csv', 'flat small', 'flat vast'), /container that the card does not have/],
    [
      'a price left out between two',
      { ...set, 'zones.csv': set['zones.csv']!.replace(/,5\n$/, ',3\n1,1,9,9,5\n') },
      /^prices\.csv:2:zone 3: no price between two/,
    ],
  ])('refused, and nothing of it: %s', (_, bad, why) => {
    const reading = readRateCardCsv(bad);
    expect(reading.ok).toBe(false);
    expect(!reading.ok && reading.problems.some(({ path, message }) => why.test(`${path}: ${message}`))).toBe(true);
  });
});

describe('a batch of sold pieces', () => {
  const head = 'title,archetype,size,weight,to,sold\n';
  test('sizes and weights as people write them, what was not measured left open', () =>
    expect(
      readBatchCsv(
        `${head}urn,handledWare,9 x 6 1/4 x 6 in,2 lb 3 oz,40217,84\n\nfloat,blownGlass,23x16x15cm,,10117,$12.50\ncase,casedInstrument,,,10117,9\n`,
      ),
    ).toEqual({
      ok: true,
      lines: [
        { line: 2, title: 'urn', archetype: 'handledWare', size: [9, 6.25, 6], weight: 2.1875, to: '40217', sale: 8400 },
        {
          line: 4,
          title: 'float',
          archetype: 'blownGlass',
          size: [23, 16, 15].map((cm) => expect.closeTo(cm / 2.54, 9) as number),
          weight: null,
          to: '10117',
          sale: 1250,
        },
        { line: 5, title: 'case', archetype: 'casedInstrument', size: [null, null, null], weight: null, to: '10117', sale: 900 },
      ],
    }));

  test.each([
    ['no line', head, /no line/],
    ['a weight for a size', `${head}a,handledWare,3 lb,1 lb,40217,1\n`, /^batch\.csv:2:size/],
    ['a size for a weight', `${head}a,handledWare,3 x 3 x 3,4 in,40217,1\n`, /^batch\.csv:2:weight/],
    ['no title', `${head},handledWare,3 x 3 x 3,1 lb,40217,1\n`, /^batch\.csv:2:title/],
    ['no money', `${head}a,handledWare,3 x 3 x 3,1 lb,40217,lots\n`, /^batch\.csv:2:sold/],
  ])('refused: %s', (_, text, why) => {
    const reading = readBatchCsv(text);
    expect(!reading.ok && reading.problems.some(({ path, message }) => why.test(`${path}: ${message}`))).toBe(true);
  });
});

test('a table read is the table written', () => {
  const rows = [
    { a: '=SUM(1)', b: 'x,y' },
    { a: '', b: '"q"' },
  ];
  expect(readTable('t', writeTable(['a', 'b'], rows), ['a', 'b'])).toEqual({
    ok: true,
    rows: [
      { line: 2, cells: rows[0] },
      { line: 3, cells: rows[1] },
    ],
  });
  expect(writeTable(['a', 'b'], rows)).toContain("'=SUM(1)");
});
