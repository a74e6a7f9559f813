import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { KEY_MAP, keysAt } from './keyMap.ts';
import { STATIONS } from './stations.ts';

const names = (path: string) => keysAt(path).map(({ name }) => name);

test('the keys of the place one is in stand first, those of everywhere last', () => {
  expect(names('/parcels/x/bench')).toEqual(['At the bench', 'Along the way', 'Everywhere']);
  expect(names('/parcels/x/nest')).toEqual(['In the nest', 'Along the way', 'Everywhere']);
  expect(names('/day')).toEqual(['Everywhere']);
});

test('every station has its key there, and no key stands twice in one place', () => {
  for (const { key, name } of STATIONS) expect(keysAt('/parcels/x/sale').flatMap(({ keys }) => keys)).toContainEqual([key, name]);
  for (const path of ['/parcels/x/bench', '/parcels/x/nest', '/parcels/x/look-over', '/house']) {
    const keys = keysAt(path).flatMap((group) => group.keys.map(([key]) => key));
    expect(new Set(keys).size).toBe(keys.length);
  }
});

test('what the bench listens to is told at the bench', () => {
  const told = KEY_MAP.find(({ name }) => name === 'At the bench')!.keys.map(([key]) => key.toLowerCase());
  const source = readFileSync(join(__dirname, '../stations/bench/useBenchKeys.ts'), 'utf8');
  const heard = [...source.matchAll(/useKeys\('([^']+)'/g)].map(([, key]) => key);
  expect(heard.sort()).toEqual(told.sort());
});
