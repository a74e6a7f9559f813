import { strToU8, zipSync } from 'fflate';
import { CARD } from '../../core/tests/sampleRequest.ts';
import { MOST_CARD_BYTES, readRateCardFiles, zipRateCard } from './rateCardFiles.ts';
import { writeRateCardCsv } from './writeRateCardCsv.ts';

const card = { ...CARD, services: [...CARD.services] };
const json = (value: unknown) => ({ name: 'card.json', bytes: strToU8(typeof value === 'string' ? value : JSON.stringify(value)) });
const set = () => Object.entries(writeRateCardCsv(card)).map(([name, text]) => ({ name: `folder/${name}`, bytes: strToU8(text) }));
const zip = (files: Parameters<typeof zipSync>[0]) => ({ name: 'card.zip', bytes: zipSync(files) });
/** The same ZIP, its members' own sizes told as one byte wherever they stand. */
function liar({ name, bytes }: { name: string; bytes: Uint8Array }) {
  const told = new DataView(new Uint8Array(bytes).buffer);
  for (let at = 0; at < told.byteLength - 4; at++) {
    const mark = told.getUint32(at, true);
    if (mark === 0x04034b50) told.setUint32(at + 22, 1, true);
    if (mark === 0x02014b50) told.setUint32(at + 24, 1, true);
  }
  return { name, bytes: new Uint8Array(told.buffer) };
}
const problems = (files: Parameters<typeof readRateCardFiles>[0]) => {
  const reading = readRateCardFiles(files);
  return reading.ok ? [] : reading.problems.map(({ path, message }) => `${path}: ${message}`);
};

test('the same card as JSON, as a CSV set and in a ZIP', () => {
  for (const files of [[json(card)], set(), [{ name: 'card.zip', bytes: zipRateCard(card) }]])
    expect(readRateCardFiles(files)).toEqual({ ok: true, card });
});

test.each<[string, Parameters<typeof readRateCardFiles>[0], RegExp]>([
  ['nothing', [], /choose a JSON document/],
  ['no JSON', [json('{')], /card\.json: not JSON/],
  ['another shape', [json({ id: 'x' })], /carrier/],
  ['an unknown field', [json({ ...card, discount: 5 })], /discount/],
  ['a set with a file gone', set().filter((file) => !file.name.endsWith('prices.csv')), /prices\.csv: is missing/],
  ['a cut ZIP', [{ name: 'card.zip', bytes: zipRateCard(card).slice(0, 80) }], /cut short or damaged/],
  ['too much', [{ name: 'card.json', bytes: new Uint8Array(MOST_CARD_BYTES + 1) }], /at most 1 MB/],
  ['a ZIP that swells', [zip({ 'zones.csv': new Uint8Array(MOST_CARD_BYTES + 1) })], /unpacked/],
  ['a ZIP that swells to a thousand times its size', [zip({ 'zones.csv': new Uint8Array(60_000_000) })], /unpacked/],
  ['a ZIP that swells and says it does not', [liar(zip({ 'zones.csv': new Uint8Array(MOST_CARD_BYTES * 2) }))], /unpacked/],
  ['a ZIP of many files', [zip(Object.fromEntries(Array.from({ length: 400 }, (_, i) => [`${i}.csv`, strToU8('a')])))], /at most 20 files/],
  ['a ZIP without its end', [{ name: 'card.zip', bytes: zipRateCard(card).slice(0, -30) }], /cut short or damaged/],
  ['an empty file that is called a ZIP', [{ name: 'card.zip', bytes: new Uint8Array() }], /cut short or damaged/],
  [
    'noise that is called a ZIP',
    [{ name: 'card.zip', bytes: Uint8Array.from({ length: 4000 }, (_, i) => (i * 7919) % 251) }],
    /cut short or damaged/,
  ],
])('refused: %s', (_, files, why) => expect(problems(files).join('\n')).toMatch(why));

test('a price that is none is named by file, line and column', () => {
  const files = set().map((file) =>
    file.name.endsWith('prices.csv')
      ? { ...file, bytes: strToU8(new TextDecoder().decode(file.bytes).replace(/\d+\.\d\d/, '=1+1')) }
      : file,
  );
  expect(problems(files)[0]).toMatch(/^prices\.csv:\d+:zone \d: a formula stands here/);
});
