import { FACTS, request } from '../../../../packages/core/tests/sampleRequest.ts';
import { wholeWords } from './wholeWords.ts';

const lamp = { ...FACTS, id: 'lamp' };
const shade = { ...FACTS, id: 'shade', partOf: { pieceId: 'lamp', after: null, loosens: '' } };
const order = { ...request().order, pieces: [lamp, shade] };

test('is asked of several alike, of a part and of the whole it comes off, and of nothing else', () => {
  expect(wholeWords({ ...lamp, count: 2 }, order)).toMatch(/one of them broken/);
  expect(wholeWords(shade, order)).toMatch(/the rest of it/);
  expect(wholeWords(lamp, order)).toMatch(/the rest of it/);
  expect(wholeWords(lamp, { ...order, pieces: [lamp, { ...shade, partOf: null }] })).toBeNull();
});

test('the part may go in another box', () =>
  expect(wholeWords(lamp, { ...order, pieces: [lamp], elsewhere: [{ id: 'shade', partOf: shade.partOf, worthMinor: 1 }] })).toMatch(
    /the rest of it/,
  ));
