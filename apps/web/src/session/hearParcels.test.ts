import { QueryClient } from '@tanstack/react-query';
import { HOLD_MS, hearParcels } from './hearParcels.ts';
import { SOON_MS, lookAtShelf } from './lookAtShelf.ts';

// What is told of a parcel is looked at once, and not at all by who has it already.

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const ODILE = 'odile';
const heldBy = (views: readonly { id: string; revision: number; set?: { id: string }[] }[]) => {
  const client = new QueryClient();
  const hold = (view: (typeof views)[number]) => client.setQueryData(['parcel', view.id, ODILE], { set: [], ...view });
  views.forEach(hold);
  const looked: string[] = [];
  // what would be asked for anew
  client.invalidateQueries = (filters) => {
    looked.push(filters!.queryKey!.join(' '));
    return Promise.resolve();
  };
  const parcels = hearParcels(client);
  const heard = () => {
    jest.advanceTimersByTime(HOLD_MS + SOON_MS);
    return looked.splice(0).toSorted();
  };
  return { ...parcels, client, hold, heard, done: () => client.clear() };
};

test('what another did is looked at, parcel and shelf, once for all that was told meanwhile', () => {
  const { hear, heard, done } = heldBy([{ id: 'a', revision: 3 }]);
  hear('a', 4);
  hear('a', 5);
  expect(heard()).toEqual(['day', 'parcel a', 'shelf']);
  expect(heard()).toEqual([]);
  done();
});

test('one’s own act, told before it is answered, is not looked at again; the next of another is', () => {
  const { hear, hold, heard, done } = heldBy([{ id: 'a', revision: 3 }]);
  hear('a', 4);
  hold({ id: 'a', revision: 4 });
  expect(heard()).toEqual(['day']);
  hear('a', 4);
  hear('a', 5);
  hold({ id: 'a', revision: 4 });
  expect(heard()).toEqual(['day', 'parcel a', 'shelf']);
  done();
});

test('a label or a photograph raises no revision that says it is known: looked at', () => {
  const { hear, heard, done } = heldBy([{ id: 'a', revision: 3 }]);
  hear('a', 3);
  hear('a', null);
  expect(heard()).toEqual(['day', 'parcel a', 'shelf']);
  hear('a', null);
  hear('a', 3);
  expect(heard()).toEqual(['day', 'parcel a', 'shelf']);
  done();
});

test('a parcel that is not open here moves the shelf, and the other box of its order', () => {
  const { hear, heard, done } = heldBy([{ id: 'a', revision: 3, set: [{ id: 'a' }, { id: 'b' }] }]);
  hear('b', 9);
  expect(heard()).toEqual(['day', 'parcel a', 'parcel b', 'shelf']);
  hear('c', 1);
  expect(heard()).toEqual(['day', 'parcel c', 'shelf']);
  done();
});

test('nothing is looked at when nobody listens any more', () => {
  const { hear, stop, heard, done } = heldBy([{ id: 'a', revision: 3 }]);
  hear('a', 4);
  stop();
  expect(heard()).toEqual([]);
  done();
});

test('steps ticked one after the other are one look at the shelf, when the last is done', () => {
  const { client, heard, done } = heldBy([]);
  lookAtShelf(client);
  jest.advanceTimersByTime(SOON_MS - 1);
  lookAtShelf(client);
  jest.advanceTimersByTime(SOON_MS - 1);
  lookAtShelf(client);
  expect(heard()).toEqual(['shelf']);
  done();
});
