import fc from 'fast-check';
import { createFrontier } from './Frontier.ts';

test('keeps just the points that no other beats, whatever the order', () => {
  const points = fc.array(fc.record({ cost: fc.integer({ min: 0, max: 30 }), chance: fc.integer({ min: 0, max: 30 }) }), { maxLength: 60 });
  fc.assert(
    fc.property(points, (list) => {
      const frontier = createFrontier<number>();
      list.forEach((point, i) => frontier.add({ ...point, of: i }));
      const unbeaten = list.filter(
        (one) =>
          !list.some(
            (other) => other.cost <= one.cost && other.chance <= one.chance && (other.cost < one.cost || other.chance < one.chance),
          ),
      );
      const distinct = [...new Set(unbeaten.map((one) => `${one.cost},${one.chance}`))].sort();
      expect(
        frontier
          .points()
          .map((one) => `${one.cost},${one.chance}`)
          .sort(),
      ).toEqual(distinct);
    }),
  );
});

test('of points equal on both axes the preferred one stays, in whatever order they come', () => {
  const points = ['c', 'a', 'b'].map((of) => ({ cost: 5, chance: 0.1, of }));
  for (const order of [points, [...points].reverse()]) {
    const frontier = createFrontier<string>((added, kept) => added < kept);
    for (const one of order) frontier.add(one);
    expect(frontier.points().map(({ of }) => of)).toEqual(['a']);
  }
  const first = createFrontier<string>();
  for (const one of points) first.add(one);
  expect(first.points().map(({ of }) => of)).toEqual(['c']);
});
