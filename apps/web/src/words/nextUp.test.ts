import type { ParcelState } from '@inch-nest/core';
import type { ShelfTag } from '@inch-nest/contracts';
import { STATE_WORDS } from './stateWords.ts';
import { nextUp, stillHere, takenUp } from './nextUp.ts';

const tag = (id: string, state: ParcelState, trouble: ShelfTag['trouble'] = null): ShelfTag => ({
  id,
  code: id,
  title: id,
  tag: 'PB–OV',
  postcode: '40217',
  bin: null,
  shipBy: '2026-11-26',
  state,
  minutes: 10,
  tracking: null,
  ofSet: null,
  trouble,
});
const STATES = Object.keys(STATE_WORDS) as ParcelState[];

test('the next is the first still here by the order of the shelf, never the one in hand', () => {
  const shelf = [tag('gone', 'handedOver'), tag('a', 'sealed'), tag('b', 'draft')];
  expect(nextUp(shelf, 'x')?.id).toBe('a');
  expect(nextUp(shelf, 'a')?.id).toBe('b');
  expect(nextUp([tag('a', 'draft'), tag('gone', 'damaged')], 'a')).toBeNull();
});

test.each(STATES)('whatever is still here has something to be done for it: %s', (state) => {
  const here = stillHere([tag('a', state)]).length > 0;
  if (here) expect(takenUp(tag('a', state))?.href).toMatch(/^\/parcels\/a\/[a-z-]+$/);
});

test('a nest that must be mended goes before the bench', () =>
  expect(takenUp(tag('a', 'planned', 'mendNest'))).toEqual({ href: '/parcels/a/nest', says: 'mend its nest first' }));

test('what nobody knows is left alone', () => expect(takenUp({ ...tag('a', 'draft'), state: 'toString' })).toBeNull());
