import { fireEvent, screen, waitFor } from '@testing-library/react';
import { formatChance, type PlanRequest } from '@inch-nest/core';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw, type Answer } from '../../../../../tests/screens/shop.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import type { BoxedWay } from '../../workers/planner.protocol.ts';
import { OneOrMore } from './OneOrMore.tsx';
import { useOneOrMore } from './useOneOrMore.ts';

const asked: unknown[] = [];
/** What an answer waits for. */
const held: { until: Promise<void> | null } = { until: null };
const eachAsked: boolean[] = [];
beforeEach(() => [asked, eachAsked].forEach((all) => all.splice(0)));
const box = (at: number) => ({ holds: [{ at, count: 1 }], box: `box ${at}`, service: 'Ground', grossLb: 2 + at });
const way = {
  parts: [box(0), box(1)],
  costMinor: 5690,
  chance: 1 / 68,
  expectedMinor: 5979,
  minutes: 25,
  postageMinor: 4000,
} as unknown as BoxedWay;
const ways: BoxedWay[] = [];
/** What one box expects, as it was asked with; and whether several come near it. */
const gates: number[] = [];
let pays = false;
beforeEach(() => {
  gates.splice(0);
  pays = false;
});
beforeEach(() => ways.splice(0, ways.length, way));
jest.mock('../../parcel/planner.ts', () => ({
  planner: () => ({
    mayGoApart: (_: unknown, togetherMinor: number) => {
      gates.push(togetherMinor);
      return Promise.resolve({ kind: 'apart', pays });
    },
    oneOrMore: async (of: unknown, each: boolean, heard: (done: number, of: number) => void) => {
      asked.push(of);
      eachAsked.push(each);
      if (held.until) {
        heard(3, 63);
        await held.until;
      }
      return Promise.resolve({ kind: 'boxes', together: null, splits: ways, looked: 'every' });
    },
  }),
}));

const one = request();
const of = { ...one, order: { ...one.order, pieces: [one.order.pieces[0]!, { ...one.order.pieces[0]!, id: 'second', title: 'shade' }] } };
const both = { ...of, pieceIds: of.order.pieces.map(({ id }) => id) };
const withStand = [...of.order.pieces, { ...of.order.pieces[0]!, id: 'third', title: 'stand' }];
const three = { ...of, order: { ...of.order, pieces: withStand }, pieceIds: withStand.map(({ id }) => id) };
const found = { kind: 'planned', above: { toGet: null }, recommended: { chance: 1 / 8 } };
/** The comparison as the station has it, and what it would say above it. */
function Compared({ parcel, nest }: { parcel: ParcelUse; nest: NestUse }) {
  const use = useOneOrMore(parcel, nest);
  return (
    <>
      <p>cheaper in two: {use.cheaperApart ? use.cheaperApart.costMinor : 'no'}</p>
      <p>safer in two: {use.saferApart ? formatChance(use.saferApart.chance) : 'unknown'}</p>
      <OneOrMore parcel={parcel} use={use} />
    </>
  );
}
const drawn = (faults: readonly { kind: string }[], life: object = {}, more: object = {}, asks: PlanRequest = both, answer?: Answer) =>
  draw(
    <Compared parcel={parcelOf(asks, life)} nest={{ request: asks, plan: { faults }, searching: false, ...more } as unknown as NestUse} />,
    answer ? { answer } : {},
  );

test('what no service takes in one box is compared in two without being asked, and it says what one box lacks', async () => {
  await drawn([{ kind: 'byHand' }]);
  await waitFor(() => expect(screen.getByText('No service takes them all in one box.')).toBeTruthy());
  expect(asked).toEqual([both]);
  expect(screen.getByRole('button', { name: 'Send in two boxes: A and B' })).toBeTruthy();
});

test('where one box stays above the ceiling two are compared without being asked, and are told where they are safer', async () => {
  await drawn([], {}, { found });
  await waitFor(() => expect(screen.getByText('safer in two: 1 in 68')).toBeTruthy());
  expect(asked).toEqual([both]);
});

test('two boxes that break more often are compared, and not told as safer', async () => {
  await drawn([], {}, { found: { ...found, recommended: { chance: 1 / 90 } } });
  await waitFor(() => expect(screen.getByRole('button', { name: /^Send in two boxes/ })).toBeTruthy());
  expect(screen.getByText('safer in two: unknown')).toBeTruthy();
});

test('what nothing in the stockroom holds is compared without being asked', async () => {
  await drawn([], {}, { plan: null, found: { kind: 'noPlan', reasons: ['no box on hand holds it'], wouldHelp: [] } });
  await waitFor(() => expect(screen.getByText('Nothing in the stockroom holds them all in one box.')).toBeTruthy());
  expect(asked).toEqual([both]);
});

test('in three boxes in one step: the lots that leave the first', async () => {
  const sent: unknown[] = [];
  ways.splice(0, 1, { ...way, parts: [box(0), box(2), box(1)] });
  await drawn([{ kind: 'byHand' }], {}, {}, three, (method, path, body) => {
    if (method === 'POST') sent.push([path, body]);
    return undefined;
  });
  fireEvent.click(await screen.findByRole('button', { name: 'Send in three boxes: A, C and B' }));
  await waitFor(() =>
    expect(sent).toEqual([
      [
        '/api/parcels/parcel/pieces',
        { personId: 'odile', act: 'split', lots: [[{ bundleId: 'bundle-2', count: 1 }], [{ bundleId: 'bundle-1', count: 1 }]] },
      ],
    ]),
  );
});

test('what goes in one box is compared when somebody asks; what is sealed stays as it is', async () => {
  await drawn([], {}, { found: { ...found, above: null } });
  expect(asked).toEqual([]);
  await drawn([{ kind: 'byHand' }], { sealed: true });
  expect(asked).toEqual([]);
});

test('six alike are shared out: boxes that hold the same are one line, and go by their count', async () => {
  const sent: unknown[] = [];
  const alike = { ...one.order.pieces[0]!, title: 'plate', count: 6 };
  const six = { ...one, order: { ...one.order, pieces: [alike] } };
  const two = (at: number) => ({ holds: [{ at: 0, count: 2 }], box: 'small box', service: 'Ground', grossLb: 2 + at });
  ways.splice(0, 1, { ...way, parts: [two(0), two(0), two(0)] });
  await drawn([], {}, { found }, six, (method, path, body) => {
    if (method === 'POST') sent.push([path, body]);
    return undefined;
  });
  expect(await screen.findByText(/in each of three boxes/)).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Send in three boxes: 2, 2 and 2' }));
  const lot = [{ bundleId: 'bundle-0', count: 2 }];
  await waitFor(() => expect(sent).toEqual([['/api/parcels/parcel/pieces', { personId: 'odile', act: 'split', lots: [lot, lot] }]]));
});

test('a pair that is worth nothing with one of them broken is one thing', async () => {
  const pair = { ...one.order.pieces[0]!, count: 2, wholeOrNothing: true };
  await drawn([{ kind: 'byHand' }], {}, {}, { ...one, order: { ...one.order, pieces: [pair] } });
  expect(asked).toEqual([]);
  expect(screen.queryByRole('region', { name: 'One box or more' })).toBeNull();
});

test('what the buyer asked for is kept with the sale, asked of the comparison and marked where it stands', async () => {
  const parcel = parcelOf(both);
  const { sale } = parcel.view;
  const kept: unknown[][] = [];
  const wished = {
    ...parcel,
    keepField: (...told: unknown[]) => kept.push(told),
    view: { ...parcel.view, sale: { ...sale, boxWish: { ...sale.signatureWish, value: 'apart' } } },
  };
  const nest = { request: both, plan: { faults: [] }, searching: false } as unknown as NestUse;
  await draw(<Compared parcel={wished as unknown as ParcelUse} nest={nest} />);
  fireEvent.click(screen.getByRole('button', { name: 'Compare' }));
  await waitFor(() => expect(screen.getByText('As the buyer asked')).toBeTruthy());
  expect(eachAsked).toEqual([true]);
  fireEvent.click(screen.getByRole('radio', { name: 'one box' }));
  expect(kept).toEqual([['sale', 'boxWish', '"together"']]);
});

test('while it is compared it says how far that has come', async () => {
  let answer = () => undefined as void;
  held.until = new Promise((resolve) => (answer = resolve));
  await drawn([]);
  fireEvent.click(screen.getByRole('button', { name: 'Compare' }));
  expect(await screen.findByText(/^3 of 63 boxfuls planned/)).toBeTruthy();
  answer();
  held.until = null;
  expect(await screen.findByText('Every way to split them was looked at.', { exact: false })).toBeTruthy();
  expect(screen.queryByText(/boxfuls planned/)).toBeNull();
});

describe('where one box is an answer', () => {
  const inOne = (expectedMinor: number, chance = 1 / 60) => ({
    found: { kind: 'planned', above: null, ceiling: 1 / 50, recommended: { chance, expectedMinor, costMinor: expectedMinor } },
  });

  test('several are compared by themselves once a sketch comes near it, and told of where they expect less', async () => {
    pays = true;
    await drawn([], {}, inOne(6400));
    await waitFor(() => expect(screen.getByText('cheaper in two: 5690')).toBeTruthy());
    expect([gates, asked]).toEqual([[6400], [both]]);
  });

  test('no comparison is begun where no sketch comes near', async () => {
    await drawn([], {}, inOne(6400));
    await waitFor(() => expect(gates).toEqual([6400]));
    expect(asked).toEqual([]);
  });

  test.each<[string, object]>([
    ['hardly less is expected', inOne(6050)],
    [
      'they break more often, and above the ceiling',
      { found: { ...inOne(6400).found, ceiling: 1 / 100, recommended: { chance: 1 / 90, expectedMinor: 6400 } } },
    ],
  ])('nothing is told where %s', async (_, one) => {
    pays = true;
    await drawn([], {}, one);
    await waitFor(() => expect(screen.getByRole('button', { name: /^Send in two boxes/ })).toBeTruthy());
    expect(screen.getByText('cheaper in two: no')).toBeTruthy();
  });

  test.each<[string, object, PlanRequest]>([
    ['it is sealed', { sealed: true }, both],
    ['a bundle was wrapped already', {}, { ...both, locks: { bundle: [9, 9, 9] as never } }],
  ])('nothing is asked once %s', async (_, life, asks) => {
    pays = true;
    await drawn([], life, inOne(6400), asks);
    await waitFor(() => expect(screen.getByText('cheaper in two: no')).toBeTruthy());
    expect([gates, asked]).toEqual([[], []]);
  });
});
