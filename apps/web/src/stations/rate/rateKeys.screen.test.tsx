import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { Happening } from '@inch-nest/core';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { nestOf, parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { RateStation } from './RateStation.tsx';

const quote = (service: string, totalMinor: number) => ({
  quote: { service, serviceName: service, carrier: 'Ambry Ground', cardId: 'card', cardVersion: 1, totalMinor, lines: [], zone: 5 },
  nudges: [],
});
let quotes: ReturnType<typeof quote>[] = [];
jest.mock('../../parcel/planner.ts', () => ({ planner: () => ({ quote: () => Promise.resolve({ quotes, refused: [] }) }) }));
const waiting: object[] = [];
jest.mock('../../outbox/OutboxProvider.tsx', () => ({ useOutbox: () => ({ items: waiting }) }));
jest.mock('./ServiceRow.tsx', () => ({
  ServiceRow: ({ quote: one, busy }: { quote: { service: string }; busy: boolean }) => <li aria-busy={busy}>{one.service}</li>,
}));
jest.mock('./Extras.tsx', () => ({ Extras: () => null }));

const shown = async (heard: Promise<void> = Promise.resolve()) => {
  const told: Happening[] = [];
  const asked = request();
  const { nest } = nestOf(asked);
  const own = parcelOf(asked);
  const parcel = {
    ...own,
    view: { ...own.view, events: [] },
    report: (happening: Happening) => (told.push(happening), heard),
  };
  await draw(<RateStation parcel={parcel} nest={nest} />);
  await screen.findByText(quotes[0]!.quote.service);
  return told;
};

test('c chooses the service that the nest was planned with', async () => {
  quotes = [quote('cheaper', 700), quote('ground', 900)];
  const told = await shown();
  fireEvent.keyDown(document.body, { key: 'c', code: 'KeyC' });
  expect(told).toMatchObject([{ kind: 'rated', rate: { service: 'ground', priceMinor: 900 } }]);
});

test('until it is heard it says that it is being chosen, and a second press asks nothing more', async () => {
  quotes = [quote('ground', 900)];
  let hear = () => {};
  const told = await shown(new Promise((resolve) => (hear = resolve)));
  fireEvent.keyDown(document.body, { key: 'c', code: 'KeyC' });
  fireEvent.keyDown(document.body, { key: 'c', code: 'KeyC' });
  expect(screen.getByText('ground').getAttribute('aria-busy')).toBe('true');
  expect(told).toHaveLength(1);
  hear();
  await waitFor(() => expect(screen.getByText('ground').getAttribute('aria-busy')).toBe('false'));
});

test('and the first of them where that is gone', async () => {
  quotes = [quote('cheaper', 700), quote('dearer', 900)];
  const told = await shown();
  fireEvent.keyDown(document.body, { key: 'c', code: 'KeyC' });
  expect(told).toMatchObject([{ kind: 'rated', rate: { service: 'cheaper' } }]);
});

test('what was weighed a moment ago counts, though the server has not heard of it', async () => {
  quotes = [quote('ground', 900)];
  const happening: Happening = { kind: 'weighed', readingsLb: [7, 7.125], outsideIn: [12, 11, 10] };
  const event = { kind: 'event', happening, undoOf: null, id: 'w', parcelId: 'parcel', personId: 'odile', at: '2026-11-23T10:00:00Z' };
  waiting.push({ ...event, refused: null });
  const told = await shown();
  expect(screen.getByText(/^Weighed 7 lb 2 oz/)).toBeTruthy();
  fireEvent.keyDown(document.body, { key: 'c', code: 'KeyC' });
  expect(told).toMatchObject([{ kind: 'rated', rate: { weightLb: 7.125, outsideIn: [12, 11, 10] } }]);
  waiting.splice(0);
});
