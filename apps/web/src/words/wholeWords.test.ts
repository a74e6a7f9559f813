import { FACTS, request } from '../../../../packages/core/tests/sampleRequest.ts';
import { wholeWords } from './wholeWords.ts';

const lamp = { ...FACTS, id: 'lamp' };
const shade = { ...FACTS, id: 'shade', partOf: { pieceId: 'lamp', after: null, loosens: '' } };
const order = { ...request().order, pieces: [lamp, shade] };

test('is asked of several alike, of a part and of the whole it comes off, of what may be one of a set, and of nothing else', () => {
  expect(wholeWords({ ...lamp, count: 2 }, order)).toMatch(/one of them broken/);
  expect(wholeWords(shade, order)).toMatch(/the rest of it/);
  expect(wholeWords(lamp, order)).toMatch(/the rest of it/);
  expect(wholeWords(lamp, { ...order, pieces: [lamp, { ...shade, partOf: null }] })).toMatch(/^One of a set/);
  expect(wholeWords(lamp, { ...order, pieces: [lamp] })).toBeNull();
  // beside a lamp with its shade a bowl has no other that could be of its set
  const bowl = { ...FACTS, id: 'bowl' };
  expect(wholeWords(bowl, { ...order, pieces: [lamp, shade, bowl] })).toBeNull();
});

test('as many of two kinds may go together one by one', () => {
  const [cups, saucers] = [
    { ...FACTS, id: 'cups', title: 'cups', count: 6 },
    { ...FACTS, id: 'saucers', title: 'saucers', count: 6 },
  ];
  const pieces = [cups, saucers];
  expect(wholeWords(cups, { ...order, pieces })).toMatch(/^Each goes with one of the saucers/);
  expect(wholeWords(cups, { ...order, pieces: [cups, { ...saucers, count: 5 }] })).toMatch(/one of them broken/);
  expect(wholeWords(cups, { ...order, pieces: [cups, { ...saucers, partOf: shade.partOf }, lamp] })).toMatch(/one of them broken/);
});

test('the part may go in another box', () =>
  expect(wholeWords(lamp, { ...order, pieces: [lamp], elsewhere: [{ id: 'shade', partOf: shade.partOf, worthMinor: 1 }] })).toMatch(
    /the rest of it/,
  ));
