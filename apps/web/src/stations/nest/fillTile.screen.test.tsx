import { fireEvent, screen } from '@testing-library/react';
import { derivePlan, writePlanDocument, type PlanChoice } from '@inch-nest/core';
import { box, request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { nestOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { changeWords } from '../../words/changeWords.ts';
import { BoxTiles } from './BoxTiles.tsx';
import { FillTile } from './FillTile.tsx';

const deep = request({ lengthIn: 6, widthIn: 6, heightIn: 4 }, { stock: { boxes: [box([14, 14, 16])] } });
const [first, second] = deep.stock.fills;
const tile = async (by: Partial<PlanChoice> = {}) => {
  const { nest, taken } = nestOf(deep, (choice) => ({ ...choice, fill: first!.key, ...by }));
  const drawn = await draw(<FillTile plan={nest.plan!} nest={nest} choice={nest.choice!} />);
  return { ...drawn, nest, taken };
};
/** Opens a choice and takes an entry. */
const pick = (label: string, entry: string) => {
  fireEvent.mouseDown(screen.getByLabelText(label));
  const found = [...document.querySelectorAll('.ant-select-item-option-content')]
    .filter(({ textContent }) => textContent === entry)
    .at(-1)!;
  fireEvent.click(found);
};

test('one fill throughout until somebody wants another in one place', async () => {
  const { container, taken } = await tile();
  expect(screen.queryByLabelText('Fill under it')).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Place by place …' }));
  expect(await unreadable(container)).toEqual([]);
  pick('Fill under it', second!.name);
  expect(taken.at(-1)!.fillApart).toEqual({ base: second!.key });
});

test('each fill is told with its own amount, a place goes back to the rest, and all of them at once', async () => {
  const { taken } = await tile({ fillApart: { base: second!.key, top: second!.key } });
  expect(screen.getByText(new RegExp(`of ${first!.name.toLowerCase()}`))).toBeTruthy();
  expect(screen.getByText(new RegExp(`of ${second!.name.toLowerCase()}`))).toBeTruthy();
  pick('Fill on top', 'as the rest');
  expect(taken.at(-1)!.fillApart).toEqual({ base: second!.key });
  fireEvent.click(screen.getByRole('button', { name: 'One fill throughout' }));
  expect(taken.at(-1)!.fillApart).toEqual({});
});

test('each side by itself goes before its pair, and back to it', async () => {
  const { container, taken } = await tile({ fillApart: { frontBack: second!.key } });
  expect(screen.queryByLabelText('Fill at the front')).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Each side by itself …' }));
  expect(await unreadable(container)).toEqual([]);
  // the front has what its pair has, until it is told otherwise
  pick('Fill at the front', first!.name);
  expect(taken.at(-1)!.fillApart).toEqual({ frontBack: second!.key, front: first!.key });
  pick('Fill in the corners', second!.name);
  expect(taken.at(-1)!.fillApart).toMatchObject({ corners: second!.key });
});

test('a side that is apart is shown, and told as its pair it is apart no more', async () => {
  const { taken } = await tile({ fillApart: { frontBack: second!.key, front: first!.key } });
  expect(screen.queryByRole('button', { name: 'Each side by itself …' })).toBeNull();
  pick('Fill at the front', 'as its pair');
  expect(taken.at(-1)!.fillApart).toEqual({ frontBack: second!.key });
});

test('what a place may have instead is advised in words where the house mixes', () => {
  const nest = { request: deep, choice: null };
  expect(changeWords({ kind: 'fillApart', place: 'base', fill: second!.key }, nest)).toBe(`${second!.name} under it`);
  expect(changeWords({ kind: 'fillApart', place: 'top', fill: null }, nest)).toBe('The same fill on top');
  expect(changeWords({ kind: 'cross', crossIn: 4 }, nest)).toBe('A cross of board under the lid');
  expect(changeWords({ kind: 'shorten', shortened: { side: 'length', newIn: 10 } }, nest)).toBe('The box shortened');
  expect(changeWords({ kind: 'shorten', shortened: { side: 'width', newIn: 10 } }, nest)).toBe('The box made narrower');
  expect(changeWords({ kind: 'tubes', tubes: true }, nest)).toBe('Foam tubes in the corners, so that it does not shift');
  expect(changeWords({ kind: 'tubes', tubes: false }, nest)).toBe('Without the tubes in the corners');
  expect(changeWords({ kind: 'shorten', shortened: null }, nest)).toBe('The box as long and wide as it was');
});

test('a box that is too deep is offered a cross under its lid, and one that has it may lose it', async () => {
  const { nest, taken } = nestOf(deep);
  const offered = { ...nest, crossOfIn: 5.5 };
  const { unmount } = await draw(<BoxTiles plan={nest.plan!} nest={offered} choice={nest.choice!} />);
  fireEvent.click(screen.getByRole('button', { name: 'cross of 5 1/2 in under the lid?' }));
  expect(taken.at(-1)).toMatchObject({ crossIn: 5.5, baseGapIn: null });
  unmount();
  const derived = derivePlan(deep, { ...nest.choice!, crossIn: 5.5 });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  const plan = writePlanDocument(derived.option, deep.house);
  await draw(<BoxTiles plan={plan} nest={{ ...nest, plan }} choice={plan.choice} />);
  const pressed = screen.getByRole('button', { name: 'cross of 5 1/2 in under the lid' });
  expect(pressed.getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(pressed);
  expect(taken.at(-1)!.crossIn).toBe(0);
});

test('a box that is too long is offered each way of making it shorter, and one that is may be whole again', async () => {
  const { nest, taken } = nestOf(deep);
  const offered = {
    ...nest,
    shortenTo: [
      { side: 'length', newIn: 13.5 },
      { side: 'width', newIn: 11 },
    ] as const,
  };
  const { container, unmount } = await draw(<BoxTiles plan={nest.plan!} nest={offered} choice={nest.choice!} />);
  expect(await unreadable(container)).toEqual([]);
  fireEvent.click(screen.getByRole('button', { name: 'narrowed to 11 in?' }));
  expect(taken.at(-1)).toMatchObject({ shortened: { side: 'width', newIn: 11 }, baseGapIn: null });
  fireEvent.click(screen.getByRole('button', { name: 'shortened to 13 1/2 in?' }));
  expect(taken.at(-1)).toMatchObject({ shortened: { side: 'length', newIn: 13.5 } });
  unmount();
  const derived = derivePlan(deep, { ...nest.choice!, shortened: { side: 'length', newIn: 13.5 } });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  const plan = writePlanDocument(derived.option, deep.house);
  expect(plan.box.insideIn[0]).toBe(13.5);
  await draw(<BoxTiles plan={plan} nest={{ ...nest, plan }} choice={plan.choice} />);
  fireEvent.click(screen.getByRole('button', { name: 'shortened to 13 1/2 in', pressed: true }));
  expect(taken.at(-1)!.shortened).toBeNull();
});

test('a tube is offered as a core among the inner boxes, and never as the box', async () => {
  const tube = { ...deep.stock.boxes[0]!, key: 'tube', name: '36×4, card tube', insideIn: [36, 4, 4] as const, style: 'tube' as const };
  const asked = { ...deep, stock: { ...deep.stock, boxes: [...deep.stock.boxes, tube] } };
  const { nest, taken } = nestOf(asked);
  await draw(<BoxTiles plan={nest.plan!} nest={nest} choice={nest.choice!} />);
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Inner box' }));
  fireEvent.click(screen.getByText(/36×4, card tube · \d+ left, as a core/));
  expect(taken.at(-1)!.inner).toMatchObject({ box: 'tube' });
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Box' }));
  expect(screen.queryByText(/card tube · \d+ left$/)).toBeNull();
  expect(changeWords({ kind: 'cored', tube: 'tube' }, { request: asked, choice: null })).toBe('36×4, card tube, as a core from end to end');
});

test('how it may lie goes by the piece in this box, whatever else of the order keeps its way up', async () => {
  const flat = request({ lengthIn: 9, widthIn: 7, heightIn: 1 }, { stock: { boxes: [box([14, 14, 16])] } });
  const [piece] = flat.order.pieces;
  const elsewhere = { ...piece!, id: '00000000-0000-4000-8000-00000000000e', keepUpright: true };
  const { nest, taken } = nestOf({ ...flat, order: { ...flat.order, pieces: [elsewhere, piece!] }, pieceIds: [piece!.id] });
  await draw(<BoxTiles plan={nest.plan!} nest={nest} choice={nest.choice!} />);
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'How it lies' }));
  fireEvent.click([...document.querySelectorAll('.ant-select-item-option-content')].find(({ textContent }) => textContent === 'on end')!);
  expect(taken.at(-1)!.orientation).toEqual([1, 2, 0]);
});
