import { fireEvent, screen } from '@testing-library/react';
import type { PieceFacts } from '@inch-nest/core';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { pieceInHand } from '../../parcel/bundleInHand.ts';
import { GoesInto } from './GoesInto.tsx';

const [A, B, C] = ['10', '11', '12'].map((end) => `00000000-0000-4000-8000-0000000000${end}`) as [string, string, string];
let kept: unknown[][];
beforeEach(() => (kept = []));

/** Three bowls that are called alike, one of them in hand. */
async function shown(at: number, more: Partial<Record<string, Partial<PieceFacts>>> = {}, person?: string) {
  const of = request();
  const pieces = [A, B, C].map((id) => ({ ...of.order.pieces[0]!, id, ...more[id] }));
  const whole = {
    ...parcelOf({ ...of, order: { ...of.order, pieces }, pieceIds: [A, B, C] }),
    keepField: (...told: unknown[]) => kept.push(told),
  };
  await draw(<GoesInto parcel={pieceInHand(whole, at)} whole={whole} />, person ? { person } : {});
}
const offered = () => {
  fireEvent.mouseDown(screen.getByLabelText('Goes into'));
  return [...document.querySelectorAll<HTMLElement>('.ant-select-item-option-content')];
};
const within = (pieceId: string, standsOutIn = 0) => ({ within: { pieceId, standsOutIn } });

test('into one of the others, told by letters where they are called alike', async () => {
  await shown(1);
  const all = offered();
  expect(all.map(({ textContent }) => textContent)).toEqual(['nothing: it stands by itself', 'A bowl', 'C bowl']);
  fireEvent.click(all[1]!);
  expect(kept).toEqual([['piece', 'within', JSON.stringify({ pieceId: A, standsOutIn: 0 }), 1]]);
});

test.each<[string, number, Partial<Record<string, Partial<PieceFacts>>>, string[]]>([
  ['what holds one already', 2, { [B]: within(A) }, ['B bowl']],
  ['what goes into it, by another too', 0, { [B]: within(A), [C]: within(B) }, []],
  ['several alike', 1, { [A]: { count: 3 } }, ['E bowl']],
])('%s is not on offer', async (_, at, more, left) => {
  await shown(at, more);
  const names = offered().map(({ textContent }) => textContent);
  expect(names.slice(1)).toEqual(left);
});

test('how far it stands out is a length or nothing; what is none is said, and what was is kept', async () => {
  await shown(1, { [B]: within(A, 0.5) });
  const field = screen.getByLabelText<HTMLInputElement>('How far it stands out');
  expect(field.value).toBe('1/2 in');
  const type = (text: string) => {
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
  };
  for (const wrong of ['a little', '2 lb', '-1', '300 in']) {
    type(wrong);
    expect(screen.getByText(/^✗ a length, like .*, or nothing$/)).toBeTruthy();
  }
  expect(kept).toEqual([]);
  for (const [text, standsOutIn] of [
    ['2 cm', 2 / 2.54],
    ['', 0],
    ['0', 0],
  ] as const) {
    type(text);
    expect(kept.at(-1)!.slice(0, 2)).toEqual(['piece', 'within']);
    expect(JSON.parse(String(kept.at(-1)![2]))).toEqual({ pieceId: A, standsOutIn: expect.closeTo(standsOutIn, 9) as number });
  }
});

test('taken out again; in centimetres for who reads those', async () => {
  await shown(1, { [B]: within(A, 0.5) }, 'tam');
  expect(screen.getByLabelText<HTMLInputElement>('How far it stands out').value).toBe('1.3 cm');
  fireEvent.click(offered()[0]!);
  expect(kept).toEqual([['piece', 'within', 'null', 1]]);
});

test('one that went into another box is told so, and can be taken back', async () => {
  await shown(1, { [B]: within('00000000-0000-4000-8000-0000000000ff') });
  expect(screen.getByText('one that goes in another box')).toBeTruthy();
  fireEvent.click(offered()[0]!);
  expect(kept).toEqual([['piece', 'within', 'null', 1]]);
});

test('of several alike, and of one alone, it is not asked', async () => {
  await shown(1, { [B]: { count: 2 } });
  expect(screen.queryByLabelText('Goes into')).toBeNull();
});
