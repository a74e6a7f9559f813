import type { Remedy } from '@inch-nest/core';
import { box, CHOICE, STOCK } from '../../../../../packages/core/tests/sampleRequest.ts';
import { remedyChange } from './remedyChange.ts';

const stock = {
  ...STOCK,
  boxes: [box([8, 8, 8]), box([12, 12, 12]), box([14, 12, 12], { onHand: 0 }), box([16, 14, 16]), box([20, 10, 20])],
};
const choice = {
  ...CHOICE,
  box: '12x12x12',
  layers: [
    { material: 'smallBubble', turns: 1 },
    { material: 'largeBubble', turns: 2 },
    { material: 'film', turns: 1 },
  ],
};
const remedy = (does: Remedy['does']): Remedy => ({ says: 'x', does });

test('one more turn goes on the outermost bubble, not on what holds it', () => {
  const turns = (layers = choice.layers) =>
    remedyChange(remedy('turnMore'), { ...choice, layers }, stock)?.layers?.map((layer) => layer.turns);
  expect(turns()).toEqual([1, 3, 1]);
  expect(turns([{ material: 'tissue', turns: 1 }])).toBeUndefined();
});

test('more fill is a tenth of what was reckoned, each time', () => {
  expect(remedyChange(remedy('fillMore'), choice, stock)).toEqual({ extraFill: 0.1 });
  expect(remedyChange(remedy('fillMore'), { ...choice, extraFill: 0.2 }, stock)).toEqual({ extraFill: 0.3 });
});

test('the next box is the smallest that is larger on every side and is there', () => {
  expect(remedyChange(remedy('nextBox'), choice, stock)).toMatchObject({ box: '16x14x16' });
  expect(remedyChange(remedy('nextBox'), { ...choice, box: '16x14x16' }, stock)).toBeNull();
});

test('what hands do moves no figure', () => expect(remedyChange(remedy(null), choice, stock)).toBeNull());
