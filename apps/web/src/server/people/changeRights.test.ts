import { keepWhatMay, parcelChangeNeeds, shopChangeNeeds } from './changeRights.ts';

const ME = '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e02';
const OTHER = '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e03';

test.each([
  ['house/care', 'house'],
  ['facts/zone', 'house'],
  ['nothing of the kind', 'house'],
  [`people/${ME}/system`, 'look'],
  [`people/${ME}/role`, 'people'],
  [`people/${ME}/name`, 'people'],
  [`people/${OTHER}/system`, 'people'],
  ['boxes/cube12/onHand', 'count'],
  ['boxes/cube12/costMinor', 'money'],
  ['fills/paper/minorPerFt3', 'money'],
  ['boxes/cube12', 'money'],
  ['stock/innerTape', 'money'],
  ['stock/offcuts', 'count'],
  [`moves/${ME}`, 'count'],
])('keeping %s asks for %s', (path, right) => expect(shopChangeNeeds(path, ME)).toBe(right));

test('at the bench the nest may be judged again, the sale and the piece not', () => {
  expect(['nest', 'sale/soldMinor', `piece/${ME}/weight`].map(parcelChangeNeeds)).toEqual(['pack', 'plan', 'plan']);
});

test('of several changes those that may be kept are, each verdict in its place', async () => {
  const change = (path: string) => ({ id: ME, path, value: 1, basedOn: 0 });
  const kept: string[] = [];
  const verdicts = await keepWhatMay(
    ['a', 'b', 'c'].map(change),
    ({ path }) => (path === 'b' ? 'Wim may not' : null),
    (changes) => {
      kept.push(...changes.map(({ path }) => path));
      return Promise.resolve(changes.map(({ path }) => ({ path, kind: 'kept' as const, revision: 3 })));
    },
  );
  expect(kept).toEqual(['a', 'c']);
  expect(verdicts).toEqual([
    { path: 'a', kind: 'kept', revision: 3 },
    { path: 'b', kind: 'refused', problem: 'Wim may not' },
    { path: 'c', kind: 'kept', revision: 3 },
  ]);
  // nothing is asked of the database where nothing may be kept
  expect(
    await keepWhatMay(
      [change('b')],
      () => 'no',
      () => Promise.reject(new Error('asked')),
    ),
  ).toHaveLength(1);
});
