import { box, CHOICE, request } from '../../../tests/sampleRequest.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import { sidesWithRoom } from './sidesWithRoom.ts';
import { writeBenchSteps } from './writeBenchSteps.ts';

const gaps = (ends: number, alongside: number) => ({ bottom: 1, top: 1, left: ends, right: ends, front: alongside, back: alongside });

test.each([
  [2, 2, 'all'],
  [2, 3 / 16, 'ends'],
  [0, 1, 'alongside'],
  [0.25, 0.25, 'all'],
  [3 / 16, 0, null],
] as const)('with %d in at the ends and %d in along front and back there is room: %s', (ends, alongside, room) =>
  expect(sidesWithRoom(gaps(ends, alongside))).toBe(room),
);

test('a bundle against one wall has the room on the other side of it', () =>
  expect(sidesWithRoom({ ...gaps(0, 0), left: 2 })).toBe('ends'));

describe('what the steps say where the bundle fills the box one way', () => {
  const wide = box([16, 14, 16]);
  const planned = (boxes: ReturnType<typeof box>[], key: string) => {
    const asked = request({}, { stock: { boxes } });
    const derived = derivePlan(asked, { ...CHOICE, box: key });
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    return { plan: writePlanDocument(derived.option, asked.house), steps: writeBenchSteps(derived.option, asked.house) };
  };
  const [long, across, high] = planned([wide], wide.key).plan.bundleIn;
  const said = (key: string, insideIn: readonly [number, number, number]) =>
    planned([box(insideIn, { key })], key)
      .steps.filter(({ title }) => title === 'Sides of the box' || title === 'Finger gap')
      .map(({ says }) => says);

  test('all round there is room', () =>
    expect(said('roomy', [long + 4, across + 4, high + 4])).toEqual([
      expect.stringContaining('pressed down all round'),
      expect.stringContaining('firm fill on every side'),
    ]));

  test('at the ends alone', () =>
    expect(said('tight', [long + 5, across + 0.125, high + 2])).toEqual([
      expect.stringContaining('pressed down at both ends; in its width the bundle fills the box'),
      expect.stringContaining('firm fill at both ends'),
    ]));

  test('along front and back alone', () =>
    expect(said('short', [long + 0.125, across + 5, high + 2])).toEqual([
      expect.stringContaining('pressed down along front and back'),
      expect.stringContaining('firm fill along front and back'),
    ]));
});
