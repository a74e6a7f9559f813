import { fireEvent, screen, waitFor } from '@testing-library/react';
import { planOfBundle, playDrop, type DropFace, type PlanChoice, type PlanRequest, type ShockFacts } from '@inch-nest/core';
import { point, request } from '../../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../../tests/screens/axe.ts';
import { nestOf } from '../../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../../tests/screens/shop.tsx';
import { sendAway } from '../../../workers/sendAway.ts';
import DropIt from './DropIt.tsx';

// the worker's own work, done here
jest.mock('../../../parcel/planner.ts', () => ({
  planner: () => ({
    drop: (shock: ShockFacts, heightIn: number, face: DropFace, steps: number) => Promise.resolve(playDrop(shock, heightIn, face, steps)),
    sendMany: (asked: PlanRequest, choice: PlanChoice, careful: PlanChoice | null, parcels: number, seed: number) => {
      const work = sendAway(asked, choice, careful, parcels, seed);
      for (;;) {
        const step = work.next();
        if (step.done) return Promise.resolve(step.value);
      }
    },
  }),
}));

const asked = request({ archetype: 'blownGlass', hardPoints: [point('stem', 'right')] });
const poor = (choice: PlanChoice): PlanChoice => ({ ...choice, layers: [{ material: 'smallBubble', turns: 2 }], inner: null });

async function dropped(person = 'odile') {
  const { nest } = nestOf(asked, poor);
  const drawn = await draw(<DropIt plan={nest.plan!} width={760} nest={nest} />, { person });
  await waitFor(() => screen.getByText(/It feels \d+ g/));
  return { nest, drawn };
}

test('a landing is told in g, by layer, and by how many of its kind it breaks', async () => {
  const { nest } = await dropped();
  const played = playDrop(nest.plan!.shock!, 30, 'bottom', 48)!;
  expect(screen.getByText(`It feels ${Math.round(played.peakG)} g; half of its kind stand ${Math.round(played.stands)} g.`)).toBeTruthy();
  expect(screen.getAllByText(/% of the fall/)).toHaveLength(played.layers.length);
  expect(screen.getByText('From').textContent).toContain('30 in');
});

test('who reads centimetres drops from centimetres', async () => {
  await dropped('tam');
  expect(screen.getByText('From').textContent).toContain('76.2 cm');
});

test('of several the one in hand is followed, and what stands beside it is drawn with its letter', async () => {
  const [jar] = asked.order.pieces;
  const two = {
    ...asked,
    order: { ...asked.order, pieces: [jar!, { ...jar!, id: 'dish', title: 'dish', archetype: 'compactCeramic' as const, hardPoints: [] }] },
    pieceIds: [jar!.id, 'dish'],
  };
  const { nest } = nestOf(two);
  const whole = nest.plan!;
  await draw(<DropIt plan={planOfBundle(whole, 1)} whole={whole} width={760} nest={nest} />);
  await waitFor(() => screen.getByText(/It feels \d+ g/));
  const letters = (of: string) =>
    [...document.querySelector('.landing')!.querySelectorAll(of)].map((one) => one.getAttribute('data-bundle'));
  expect(letters('[data-part=beside] [data-bundle]')).toEqual(['A']);
  expect(letters('[data-bundle]')).toEqual(['A', 'B']);
});

test('on a corner it feels more, and stepping goes moment by moment', async () => {
  await dropped();
  const feltNow = () => Number(/It feels (\d+) g/.exec(document.body.textContent)![1]);
  const onBase = feltNow();
  fireEvent.click(screen.getByText('corner'));
  await waitFor(() => expect(feltNow()).toBeGreaterThan(onBase));
  const piece = () => document.querySelector('.landing .piece rect, .landing .piece ellipse, .landing .piece path')!.outerHTML;
  const before = piece();
  fireEvent.click(screen.getByRole('button', { name: 'One moment back' }));
  expect(piece()).not.toBe(before);
});

test('a thousand are sent: what broke is told and counted, and the reckoning agrees', async () => {
  await dropped();
  fireEvent.click(screen.getByRole('button', { name: 'Send a thousand' }));
  const says = await screen.findByText(/of 1,000 broke\. The reckoning says/);
  const broken = Number(/^(\d+) of/.exec(says.textContent)![1]);
  expect(broken).toBeGreaterThan(0);
  expect(document.querySelectorAll('.thousand .broke')).toHaveLength(broken);
  expect(document.querySelectorAll('.thousand rect')).toHaveLength(1000 - broken);
  expect(screen.getByText('What would have saved them')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Another thousand' })).toBeTruthy();
});

test('the view has no faults that a checker of accessibility finds', async () => {
  const { drawn } = await dropped();
  expect(await unreadable(drawn.container)).toEqual([]);
});
