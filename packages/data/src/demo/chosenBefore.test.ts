import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHOICE, request } from '../../../core/tests/sampleRequest.ts';
import { chosenBefore } from './chosenBefore.ts';

let folder: string;
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'inch-nest-chosen-'))));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const never = () => {
  throw new Error('chosen twice');
};

test('the same request is chosen for once, whatever its ids are', () => {
  const one = request();
  expect(chosenBefore(folder, one, () => CHOICE)).toEqual(CHOICE);
  expect(chosenBefore(folder, one, never)).toEqual(CHOICE);
  const other = JSON.parse(JSON.stringify(one).replaceAll(one.order.id, '00000000-0000-4000-8000-0000000000ff')) as typeof one;
  expect(chosenBefore(folder, other, never)).toEqual(CHOICE);
});

test('another request is another choice, and ids that are the same twice are not two', () => {
  chosenBefore(folder, request(), () => CHOICE);
  expect(() => chosenBefore(folder, request({ weightLb: 3.5 }), never)).toThrow('chosen twice');
  const one = request();
  const same = { ...one, order: { ...one.order, id: one.pieceIds[0]! } };
  expect(() => chosenBefore(folder, same, never)).toThrow('chosen twice');
});

test('without a folder nothing is kept', () => {
  expect(chosenBefore(null, request(), () => CHOICE)).toEqual(CHOICE);
  expect(() => chosenBefore(null, request(), never)).toThrow('chosen twice');
  expect(readdirSync(folder)).toEqual([]);
});
