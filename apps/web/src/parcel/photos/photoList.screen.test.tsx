import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { Happening } from '@inch-nest/core';
import type { PhotoView } from '@inch-nest/contracts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { PhotoList } from './PhotoList.tsx';

const PHOTO: PhotoView = {
  id: '5c9f2f52-0a55-4a0e-9d2a-6f4a2b0c1d3e',
  of: 'piece',
  pieceId: 'p',
  step: null,
  width: 400,
  height: 300,
  marks: [],
  at: '2026-11-20T10:00:00Z',
  by: 'Odile',
};
let told: Happening[];
const drawn = (marks: PhotoView['marks'] = [], refused: string | null = null) => {
  told = [];
  const report = (happening: Happening) => {
    told.push(happening);
    return refused ? Promise.reject(new Error(refused)) : Promise.resolve();
  };
  return draw(<PhotoList parcel={{ report }} photos={[{ ...PHOTO, marks }]} of="the piece" />);
};
const open = async () => {
  fireEvent.click(screen.getByRole('button', { name: 'Mark photograph 1 of the piece' }));
  return screen.findByRole('dialog');
};
const keep = () => fireEvent.click(screen.getByRole('button', { name: 'Keep the marks' }));

test('by keys alone: a ring in the middle, moved, kept beside the picture', async () => {
  await drawn();
  const dialog = await open();
  expect(await unreadable(dialog)).toEqual([]);
  fireEvent.click(within(dialog).getByRole('button', { name: 'Put one in the middle' }));
  fireEvent.keyDown(within(dialog).getByRole('button', { name: /^ring 1: move/ }), { key: 'ArrowRight' });
  fireEvent.keyDown(within(dialog).getByRole('button', { name: /^ring 1: move/ }), { key: 'ArrowUp' });
  // larger to the right and up, smaller to the left
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowUp', 'ArrowLeft'])
    fireEvent.keyDown(within(dialog).getByRole('button', { name: /^ring 1: move/ }), { key, shiftKey: true });
  keep();
  await waitFor(() => expect(told).toHaveLength(1));
  const [happening] = told;
  if (happening?.kind !== 'photoMarked') throw new Error('no mark was told');
  expect(happening.photoId).toBe(PHOTO.id);
  expect(happening.marks).toEqual([
    { kind: 'ring', at: [expect.closeTo(0.52, 9), expect.closeTo(0.48, 9)], size: [expect.closeTo(0.32, 9), expect.closeTo(0.32, 9)] },
  ]);
});

test('pulled over the picture: an arrow from where it began to where it ended', async () => {
  await drawn();
  const dialog = await open();
  fireEvent.click(within(dialog).getByText('arrow'));
  const picture = within(dialog).getByRole('img', { name: /^Photograph 1/ }).parentElement!;
  picture.getBoundingClientRect = () => ({ left: 100, top: 50, width: 400, height: 200 }) as DOMRect;
  // the document of the tests knows no pointers: a mouse's places under a pointer's names
  const pointer = (name: string, clientX: number, clientY: number) =>
    fireEvent(picture, new MouseEvent(name, { bubbles: true, cancelable: true, clientX, clientY }));
  pointer('pointerdown', 140, 70);
  pointer('pointermove', 300, 150);
  pointer('pointerup', 300, 150);
  keep();
  await waitFor(() =>
    expect(told).toEqual([{ kind: 'photoMarked', photoId: PHOTO.id, marks: [{ kind: 'arrow', from: [0.1, 0.1], to: [0.5, 0.5] }] }]),
  );
});

test('a word without letters is not kept; what was refused is said and stays', async () => {
  await drawn([], 'there is no such photograph');
  const dialog = await open();
  fireEvent.click(within(dialog).getByText('word'));
  fireEvent.click(within(dialog).getByRole('button', { name: 'Put one in the middle' }));
  expect(screen.getByRole('button', { name: 'Keep the marks' })).toHaveProperty('disabled', true);
  fireEvent.change(within(dialog).getByLabelText('Word 1'), { target: { value: 'crack' } });
  keep();
  expect(await screen.findByText(/no such photograph/)).toBeTruthy();
  expect(within(dialog).getByLabelText('Word 1')).toHaveProperty('value', 'crack');
});

test('what is drawn shows in small, and the picture’s name says so', async () => {
  const { container } = await drawn([
    { kind: 'ring', at: [0.5, 0.5], size: [0.5, 0.5] },
    { kind: 'word', at: [0.1, 0.2], text: 'chip' },
  ]);
  expect(screen.getByRole('img', { name: 'Photograph 1 of the piece, marked' })).toBeTruthy();
  expect(container.querySelectorAll('.picture-mark')).toHaveLength(2);
  expect(container.querySelector('.picture-marks')!.textContent).toBe('chip');
});
