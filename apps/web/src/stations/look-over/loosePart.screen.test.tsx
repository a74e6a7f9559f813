import { fireEvent, screen } from '@testing-library/react';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { pieceInHand } from '../../parcel/bundleInHand.ts';
import { lineOfPart, LoosePart } from './LoosePart.tsx';

const IDS = ['10', '11'].map((end) => `00000000-0000-4000-8000-0000000000${end}`);
let kept: unknown[][];
let asPieces: string[];
beforeEach(() => {
  kept = [];
  asPieces = [];
});

async function shown(titles: readonly string[], count = 1) {
  const of = request();
  const pieces = titles.map((title, at) => ({ ...of.order.pieces[0]!, id: IDS[at]!, title, count: at === 0 ? count : 1 }));
  const whole = {
    ...parcelOf({ ...of, order: { ...of.order, pieces }, pieceIds: pieces.map(({ id }) => id) }),
    keepField: (...told: unknown[]) => kept.push(told),
  };
  await draw(<LoosePart parcel={pieceInHand(whole, 0)} whole={whole} onPiece={(part) => asPieces.push(part)} />);
}
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

test('a teapot is asked after its lid; it becomes a piece of its own', async () => {
  await shown(['porcelain teapot']);
  expect(screen.getByRole('group', { name: 'Its lid' }).textContent).toContain('Is the lid loose?');
  press('It comes off: a piece of its own');
  expect([asPieces, kept]).toEqual([['lid'], []]);
});

test.each([
  ['On, and held fast', 'on'],
  ['Whoever packs it sees', 'packer'],
])('%s is kept with the piece, as many as there are alike', async (button, part) => {
  await shown(['decanter with stopper'], 6);
  expect(screen.getByText(/Are the stoppers loose/)).toBeTruthy();
  press(button);
  const [[entity, field, text]] = kept as [[string, string, string]];
  expect([entity, field]).toEqual(['piece', 'accessories']);
  expect(JSON.parse(text)).toMatchObject([{ name: 'stopper', count: 6, part }]);
});

test('a clock is asked after its pendulum, and then after its key, which goes in a bag', async () => {
  await shown(['wall clock with pendulum and key']);
  expect(screen.getByText(/Does the pendulum come off\?/)).toBeTruthy();
  await shown(['wall clock with pendulum and key', 'pendulum']);
  press('In a bag on top');
  const [[, , text]] = kept as [[string, string, string]];
  expect(JSON.parse(text)).toMatchObject([{ name: 'key', count: 1, part: 'apart', place: 'bag' }]);
});

test('there may be several of it on one piece', async () => {
  await shown(['pantry scale with weights']);
  expect(screen.getByText(/Are the weights loose\?/)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'They come off: pieces of their own' })).toBeTruthy();
});

test('the drawers of one piece stay in and are held', async () => {
  await shown(['jewellery box with drawers']);
  expect(screen.getByText(/Do the drawers come out\?/)).toBeTruthy();
  press('On, and held fast');
  const [[, , text]] = kept as [[string, string, string]];
  expect(JSON.parse(text)).toMatchObject([{ name: 'drawers', count: 1, part: 'on' }]);
});

test.each([
  ['shade', 'brass lamp with frosted glass shade', 1, 'glass shade, '],
  ['shade', 'lamp with its shade', 1, 'shade, '],
  ['chimney', 'hurricane lamp', 2, '2 x glass chimneys, '],
  ['weights', 'cuckoo clock', 1, 'weights, '],
  ['weights', 'scale with brass weights', 2, '2 x brass weights, '],
  ['lid', 'ginger jars with lids', 6, '6 x lids, '],
  ['drawer', 'cabinet with drawers', 1, 'drawers, '],
] as const)('the %s of a %s begins a line of its own', (part, title, count, line) => expect(lineOfPart(part, title, count)).toBe(line));

test.each([
  ['the lid stands beside it', ['teapot', 'lid']],
  ['there is none', ['teapot, lid missing']],
  ['it is the lid', ['lid']],
  ['it has none', ['brass lamp']],
])('nothing is asked where %s', async (_, titles) => {
  await shown(titles);
  expect(screen.queryByRole('group')).toBeNull();
});
