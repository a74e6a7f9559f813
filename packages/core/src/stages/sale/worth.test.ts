import { FACTS, request } from '../../../tests/sampleRequest.ts';
import type { Order, PieceFacts } from './Order.ts';
import { goesWhole, worthBeside, worthMinor } from './worth.ts';

const piece = (id: string, worth: number | null, more: Partial<PieceFacts> = {}): PieceFacts => ({
  ...FACTS,
  id,
  replacementMinor: worth,
  ...more,
});
const off = (pieceId: string) => ({ pieceId, after: null, loosens: '' });
const order = (...pieces: PieceFacts[]): Order => ({ ...request().order, soldMinor: 12_000, pieces });
const bound = { wholeOrNothing: true };

test('what is worth something by itself is by itself, whatever it comes off', () => {
  const [lamp, shade] = [piece('lamp', 9000), piece('shade', 3000, { partOf: off('lamp') })];
  expect([lamp, shade].map((one) => worthBeside(one, order(lamp, shade)))).toEqual([0, 0]);
});

test('a shade without which the lamp is nothing takes the lamp with it, not the other way round; a stranger stays out of it', () => {
  const lamp = piece('lamp', 9000);
  const shade = piece('shade', 3000, { partOf: off('lamp'), ...bound });
  const bowl = piece('bowl', 5000, { count: 2 });
  const of = order(lamp, shade, bowl);
  expect([lamp, shade, bowl].map((one) => worthBeside(one, of))).toEqual([0, 9000, 0]);
  expect(worthBeside({ ...lamp, ...bound }, of)).toBe(3000);
  expect(worthBeside({ ...bowl, ...bound }, of)).toBe(0);
});

test('parts of parts, and parts of one whole, are of one whole; all that are alike count', () => {
  const all = [
    piece('lamp', 9000),
    piece('burner', 1000, { partOf: off('lamp') }),
    piece('chimney', 500, { partOf: off('burner'), count: 2, ...bound }),
    piece('shade', 3000, { partOf: off('lamp') }),
  ];
  expect(worthBeside(all[2]!, order(...all))).toBe(9000 + 1000 + 3000);
});

test('what travels in another box is worth nothing all the same', () => {
  const shade = piece('shade', 3000, { partOf: off('lamp'), ...bound });
  const elsewhere = [{ id: 'lamp', partOf: null, worthMinor: 9000 }];
  expect(worthBeside(shade, { ...order(shade), elsewhere })).toBe(9000);
  // the whole is in neither: its parts know each other by it
  expect(worthBeside(shade, { ...order(shade), elsewhere: [{ id: 'burner', partOf: off('lamp'), worthMinor: 1000 }] })).toBe(1000);
});

test('what was sold together at one price is worth its share, and that goes with it', () => {
  const [lamp, shade] = [piece('lamp', null), piece('shade', null, { partOf: off('lamp'), ...bound })];
  expect(worthBeside(shade, order(lamp, shade))).toBe(worthMinor(lamp, order(lamp, shade)));
  expect(worthBeside(shade, order(lamp, shade))).toBe(6000);
});

describe('a set of pieces neither of which comes off the other', () => {
  const [cup, saucer, spoon] = [piece('cup', 4000, bound), piece('saucer', 2500, bound), piece('spoon', 700)];

  test('a cup takes its saucer with it and the saucer the cup; what is not said to be of the set stays out of it', () => {
    const of = order(cup, saucer, spoon);
    expect([cup, saucer, spoon].map((one) => worthBeside(one, of))).toEqual([2500, 4000, 0]);
  });

  test('of the set are single pieces, no row of alike ones, and nothing that has parts', () => {
    const bowls = piece('bowls', 9000, { count: 2, ...bound });
    const lamp = piece('lamp', 9000, bound);
    const shade = piece('shade', 3000, { partOf: off('lamp'), ...bound });
    const of = order(cup, bowls, lamp, shade);
    expect([cup, bowls, lamp, shade].map((one) => worthBeside(one, of))).toEqual([0, 0, 3000, 9000]);
  });

  test('in another box it is worth nothing all the same', () => {
    const saucerElsewhere = { id: 'saucer', partOf: null, worthMinor: 2500 };
    expect(worthBeside(cup, { ...order(cup), elsewhere: [{ ...saucerElsewhere, isOfSet: true }] })).toBe(2500);
    expect(worthBeside(cup, { ...order(cup), elsewhere: [saucerElsewhere] })).toBe(0);
  });
});

describe('six cups and their six saucers', () => {
  const cups = piece('cups', 600, { count: 6, ...bound });
  const saucers = piece('saucers', 300, { count: 6, ...bound });

  test('a cup takes one saucer with it and none of the other cups; the saucer one cup', () => {
    const of = order(cups, saucers);
    // worth is of one, and of all that are alike together it is so many times that
    expect([worthBeside(cups, of), worthBeside(saucers, of)]).toEqual([300, 600]);
    expect([goesWhole(cups, of), goesWhole(saucers, of)]).toEqual([false, false]);
  });

  test('ticked for one alone, of another number, or parts of something, all of them go with one', () => {
    for (const other of [
      { ...saucers, wholeOrNothing: false },
      { ...saucers, count: 5 },
      { ...saucers, partOf: off('cups') },
    ]) {
      const of = order(cups, other);
      expect([other.count, goesWhole(cups, of)]).toEqual([other.count, true]);
    }
    expect(goesWhole(piece('spoons', 100, { count: 6 }), order(cups, saucers))).toBe(false);
  });

  test('in another box they are fellows all the same', () => {
    const elsewhere = [{ id: 'saucers', partOf: null, worthMinor: 1800, pairs: 6 }];
    expect(worthBeside(cups, { ...order(cups), elsewhere })).toBe(300);
    expect(goesWhole(cups, { ...order(cups), elsewhere })).toBe(false);
    expect(goesWhole(cups, { ...order(cups), elsewhere: [{ ...elsewhere[0]!, pairs: 4 }] })).toBe(true);
  });
});

test('pieces that come off each other in a ring are counted once', () => {
  const [a, b] = [piece('a', 100, { partOf: off('b'), ...bound }), piece('b', 200, { partOf: off('a') })];
  expect(worthBeside(a, order(a, b))).toBeLessThanOrEqual(200);
});
