import fc from 'fast-check';
import { labelRows } from './labelRows.ts';

test('labels with room stand in one row, those that would lie on one another in two', () => {
  expect(
    labelRows([
      { x: 50, name: 'tissue' },
      { x: 200, name: 'the box' },
    ]),
  ).toEqual([0, 0]);
  expect(
    labelRows([
      { x: 50, name: 'the piece' },
      { x: 80, name: 'large bubble' },
      { x: 210, name: 'the box' },
    ]),
  ).toEqual([0, 1, 0]);
});

test('wherever they stand, no two of a row meet, and no row is empty', () => {
  const labels = fc.array(fc.record({ x: fc.integer({ min: 0, max: 900 }), name: fc.string({ minLength: 1, maxLength: 24 }) }), {
    maxLength: 10,
  });
  fc.assert(
    fc.property(labels, (all) => {
      const rows = labelRows(all);
      for (let a = 0; a < all.length; a++)
        for (let b = a + 1; b < all.length; b++)
          if (rows[a] === rows[b])
            expect(Math.abs(all[a]!.x - all[b]!.x)).toBeGreaterThanOrEqual(4 * (all[a]!.name.length + all[b]!.name.length));
      expect(new Set(rows).size).toBe(Math.max(-1, ...rows) + 1);
    }),
  );
});
