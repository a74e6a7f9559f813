import { fireEvent, screen } from '@testing-library/react';
import { formatChance } from '@inch-nest/core';
import { point, request } from '../../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../../tests/screens/axe.ts';
import { nestOf, parcelOf } from '../../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../../tests/screens/shop.tsx';
import { Balance } from './Balance.tsx';

const ASKED = request({ archetype: 'thinFigure', hardPoints: [point('ear', 'left')], lengthIn: 4, widthIn: 4, heightIn: 8 });
const shown = async () => {
  const made = nestOf(ASKED);
  const { found } = made.nest;
  if (found?.kind !== 'planned') throw new Error('not planned');
  const drawn = await draw(<Balance nest={made.nest} parcel={parcelOf(ASKED)} found={found} />);
  return { ...made, found, ...drawn };
};
const planButton = (word: string) => screen.queryByRole('button', { name: new RegExp(`^${word}`) });

test('can be read by a machine', async () => {
  const { container } = await shown();
  expect(await unreadable(container)).toEqual([]);
});

test('says how many were weighed up and how many nobody beats, and what halving the chance costs', async () => {
  const { found } = await shown();
  expect(
    screen.getByText(new RegExp(`${found.considered.toLocaleString('en')} nests weighed up; ${found.frontier.length} of them`)),
  ).toBeTruthy();
  expect(screen.getByText(/Half as often costs|no packing meets|Nothing in the stockroom/)).toBeTruthy();
});

test('thriftier is cheaper and clearly riskier, more careful dearer and clearly safer; where there is none, none is shown', async () => {
  const { found, taken } = await shown();
  const { recommended, frontier } = found;
  const thrifty = frontier.filter(
    (plan) => plan.chance >= (4 / 3) * recommended.chance && recommended.nestCostMinor - plan.nestCostMinor >= 25,
  );
  const careful = frontier.filter((plan) => plan.chance <= 0.75 * recommended.chance);
  expect(planButton('Thriftier') !== null).toBe(
    thrifty.some((plan) => recommended.nestCostMinor - plan.nestCostMinor >= 0.02 * recommended.nestCostMinor),
  );
  expect(planButton('More careful') !== null).toBe(careful.length > 0);
  const button = planButton('More careful') ?? planButton('Thriftier') ?? planButton('Recommended')!;
  fireEvent.click(button);
  expect(frontier.concat(recommended).map((plan) => plan.choice)).toContainEqual(taken[0]);
});

test('t takes the recommended nest', async () => {
  const { found, taken } = await shown();
  fireEvent.keyDown(document.body, { key: 't', code: 'KeyT' });
  expect(taken).toEqual([found.recommended.choice]);
});

test('the recommended one is pressed where it is the one in hand, with its own cost and chance', async () => {
  const { found } = await shown();
  const button = planButton('Recommended')!;
  expect(button.getAttribute('aria-pressed')).toBe('true');
  expect(button.textContent).toContain(formatChance(found.recommended.chance));
  expect(button.textContent).toContain(`$${(found.recommended.nestCostMinor / 100).toFixed(2)}`);
});
