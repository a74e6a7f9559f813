import { roomsUnder } from './roomsUnder.ts';
import type { Stands } from './resting.ts';

const at = (x: number, y: number, z: number, l: number, w: number, h: number): Stands => ({ atIn: [x, y, z], sizeIn: [l, w, h] });

// by hand, exact
test('a wide thing upon a narrow one leaves room beside that; a narrow one none', () => {
  expect(roomsUnder([at(0, 0, 0, 12, 8, 8), at(0, 0, 8, 12, 12, 10)])).toEqual([0, 12 * 4 * 8]);
  expect(roomsUnder([at(0, 0, 0, 12, 12, 8), at(0, 0, 8, 6, 6, 10)])).toEqual([0, 0]);
});

test('a bridge over two leaves the room between them; what fills that was in before', () => {
  const [left, right, over] = [at(0, 0, 0, 4, 6, 5), at(7, 0, 0, 4, 6, 5), at(0, 0, 5, 11, 6, 2)];
  expect(roomsUnder([left, right, over])).toEqual([0, 0, 3 * 6 * 5]);
  expect(roomsUnder([left, right, at(4, 0, 0, 3, 6, 5), over])).toEqual([0, 0, 0, 0]);
});

test('room that one stands over already is not told of the next', () =>
  expect(roomsUnder([at(0, 0, 0, 2, 4, 3), at(0, 0, 3, 6, 4, 2), at(0, 0, 5, 6, 4, 1)])).toEqual([0, 4 * 4 * 3, 0]));

test('planes that differ by a rounding are one', () =>
  expect(roomsUnder([at(0, 0, 0, 5, 5, 0.1 + 0.2), at(0, 0, 0.3, 5, 5, 1)])[1]).toBeCloseTo(0, 12));

test('the floor is where the lowest stands: in a box within the box it is not that of the outer one', () =>
  expect(roomsUnder([at(5, 5, 3, 12, 8, 8), at(5, 5, 11, 12, 12, 10)])).toEqual([0, 12 * 4 * 8]));

test('a board between leaves no room of its own', () =>
  expect(roomsUnder([at(0, 0, 0, 12, 8, 8), at(0, 0, 8.25, 12, 8, 4)], [at(0, 0, 8, 12, 8, 0.25)])).toEqual([0, 0]));

// counted inch by inch
test('as counted in cubes, for things let fall one after the other', () => {
  let seed = 7;
  const die = (sides: number) => {
    seed = (Math.imul(seed, 1103515245) + 12345) >>> 0;
    return ((seed >>> 8) % sides) + 1;
  };
  for (let round = 0; round < 60; round++) {
    const tops = Array.from({ length: 12 }, () => Array.from({ length: 12 }, () => 0));
    const things: Stands[] = [];
    const wanted: number[] = [];
    for (let n = 0; n < 6; n++) {
      const [x, y, l, w, h] = [die(7) - 1, die(7) - 1, die(5), die(5), die(4)] as const;
      const under = tops.slice(x, x + l).flatMap((row) => row.slice(y, y + w));
      const z = Math.max(...under);
      wanted.push(under.reduce((sum, top) => sum + z - top, 0));
      things.push(at(x, y, z, l, w, h));
      for (let i = x; i < x + l; i++) for (let j = y; j < y + w; j++) tops[i]![j] = z + h;
    }
    expect(roomsUnder(things)).toEqual(wanted);
  }
});
