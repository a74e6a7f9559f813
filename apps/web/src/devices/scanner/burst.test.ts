import fc from 'fast-check';
import { readCode } from '@inch-nest/contracts';
import { BURST_MS, readBurst } from './burst.ts';

const typed = (text: string, apart: number) => [...text].map((key, i) => ({ key, at: 1000 + i * apart }));

test.each([
  ['a scanner at 5 ms', typed('P:7K2M', 5), { kind: 'scan', code: 'P:7K2M' }],
  ['a slow scanner at 34 ms', typed('AL60000861', 34), { kind: 'scan', code: 'AL60000861' }],
  ['a quick typist at 60 ms', typed('n7pf', 60), { kind: 'hand' }],
  ['two keys struck together', typed('7n', 3), { kind: 'hand' }],
  ['one key', typed('n', 0), { kind: 'hand' }],
  ['nothing', [], { kind: 'hand' }],
])('%s', (_, keys, burst) => expect(readBurst(keys)).toEqual(burst));

test('a pause anywhere in it makes it a hand’s', () =>
  fc.assert(
    fc.property(fc.integer({ min: 4, max: 20 }), fc.nat(), (length, where) => {
      const keys = typed('X'.repeat(length), 8);
      const at = 1 + (where % (length - 1));
      const broken = keys.map((key, i) => ({ ...key, at: key.at + (i >= at ? BURST_MS : 0) }));
      expect(readBurst(keys).kind).toBe('scan');
      expect(readBurst(broken).kind).toBe('hand');
    }),
  ));

test.each([
  ['P:7K2M', { of: 'parcel', name: '7K2M' }],
  ['B:A5', { of: 'bin', name: 'A5' }],
  ['X:12x12x12', { of: 'box', name: '12x12x12' }],
  ['AL60000861', { of: 'tracking', name: 'AL60000861' }],
  ['Q:1', { of: 'tracking', name: 'Q:1' }],
])('%s', (code, scanned) => expect(readCode(code)).toEqual(scanned));
