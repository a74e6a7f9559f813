import type { SetMember } from '@inch-nest/contracts';
import { behindWords, ofSetWords } from './behindWords.ts';

const member = (id: string, state: string): SetMember => ({
  id,
  code: id.toUpperCase(),
  title: `the ${id}`,
  tracking: null,
  state,
  costMinor: null,
});

test('says which of a set would stay behind, and how far each has come', () => {
  const set = [member('lamp', 'labelled'), member('stand', 'rated'), member('glass', 'draft')];
  expect(behindWords({ id: 'lamp', set })).toEqual({
    title: '2 of 3 would stay behind.',
    says: expect.stringMatching(/^the stand, parcel STAND, is .+ and the glass, parcel GLASS, is .+\.$/) as string,
  });
});

test.each(['labelled', 'handedOver', 'delivered', 'joined'])('one that is %s does not stay behind', (state) =>
  expect(behindWords({ id: 'lamp', set: [member('lamp', 'labelled'), member('stand', state)] })).toBeNull(),
);

test('what goes alone leaves nobody behind', () => {
  expect(behindWords({ id: 'lamp', set: [] })).toBeNull();
  expect(ofSetWords(null)).toBeNull();
});

test('in a list: its place, and the codes of those that are not there yet', () => {
  expect(ofSetWords({ place: 1, of: 2, behind: ['K7WM'] })).toEqual({ place: '1 of 2', behind: 'K7WM would stay behind' });
  expect(ofSetWords({ place: 2, of: 2, behind: [] })).toEqual({ place: '2 of 2', behind: null });
});
