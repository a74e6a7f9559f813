import { fireEvent, screen } from '@testing-library/react';
import { ORDINARY_FILLS, ORDINARY_WRAPS, type FillStock, type WrapStock } from '@inch-nest/core';
import { fillStock, wrapStock } from '@inch-nest/contracts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { OwnFillForm, OwnWrapForm } from './OwnMaterial.tsx';

let wraps: WrapStock[];
let fills: FillStock[];
beforeEach(() => {
  wraps = [];
  fills = [];
});
const open = async (what: 'wrap' | 'fill', person = 'odile') => {
  const drawn = await draw(
    what === 'wrap' ? (
      <OwnWrapForm taken={[]} onMade={(wrap) => wraps.push(wrap)} />
    ) : (
      <OwnFillForm taken={[]} onMade={(fill) => fills.push(fill)} />
    ),
    { person },
  );
  fireEvent.click(screen.getByRole('button', { name: `A ${what} of our own …` }));
  return drawn;
};
const answer = (answers: Readonly<Record<string, string>>) => {
  for (const [label, text] of Object.entries(answers)) fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
  fireEvent.click(screen.getByRole('button', { name: 'Put it in the stockroom' }));
};

// small bubble as it would be measured at a bench: 2 ft² of it weigh 0.024 lb, 0.384 oz
const BUBBLE = {
  'What is it called?': 'Our bubble',
  'Ten turns of it, thick': '1.7 in',
  'A sheet of it, long and wide': '12 x 24',
  'That sheet on the scale': '0.384 oz',
  'A roll is wide': '12 in',
  'and long, feet': '175',
  'A roll costs': '17.50',
};

test('a wrap measured with ruler and scale comes into the stockroom as it was measured, and is one the server takes', async () => {
  const { container } = await open('wrap');
  expect(await unreadable(container)).toEqual([]);
  answer(BUBBLE);
  const [made] = wraps;
  const { smallBubble } = ORDINARY_WRAPS;
  expect(wrapStock.parse(made)).toEqual(made);
  expect(made).toMatchObject({ name: 'Our bubble', role: 'conform', cushion: 'smallBubble', rollLengthIn: 2100, priceMinor: 1750 });
  expect(made!.thicknessIn).toBeCloseTo(smallBubble.thicknessIn, 9);
  expect(made!.lbPerFt2).toBeCloseTo(smallBubble.lbPerFt2, 6);
  // the form folds up again
  expect(screen.getByRole('button', { name: 'A wrap of our own …' })).toBeTruthy();
});

test('a fill weighed in a box comes into the stockroom, in centimetres and grams too', async () => {
  await open('fill', 'tam');
  answer({
    'What is it called?': 'Strips',
    'A box filled with it, inside': '30.48 x 30.48 x 30.48',
    'That boxful, without the box': '590 g',
    'What is counted?': 'handful',
    'So many went into the box': '20',
    'One of them costs': '0.05',
  });
  const [made] = fills;
  expect(fillStock.parse(made)).toEqual(made);
  // a cubic foot of 590 g is 1.3 lb, as crumpled paper weighs
  expect(made!.lbPerFt3).toBeCloseTo(ORDINARY_FILLS.crumpledPaper.lbPerFt3, 2);
  expect(made).toMatchObject({ unitName: 'handful', cushion: 'crumpledPaper', minutesPerFt3: ORDINARY_FILLS.crumpledPaper.minutesPerFt3 });
  expect(made!.unitFt3).toBeCloseTo(0.05, 6);
  expect(made!.minorPerFt3).toBeCloseTo(100, 4);
});

test.each([
  ['What is it called?', '', 'it needs a name'],
  ['A sheet of it, long and wide', '12', '2 lengths'],
  ['That sheet on the scale', 'light', ''],
  ['A roll costs', 'much', 'an amount'],
])('“%s” answered “%s” is marked in its place and nothing is lost', async (label, text, says) => {
  await open('wrap');
  answer({ ...BUBBLE, [label]: text });
  expect(wraps).toEqual([]);
  expect(screen.getByRole('alert').textContent).toContain(says);
  expect(screen.getByLabelText(label).getAttribute('aria-describedby')).toBe('own-wrap-wrong');
  expect(screen.getByLabelText<HTMLInputElement>('Ten turns of it, thick').value).toBe('1.7 in');
});

test('pounds where ounces are meant are asked about', async () => {
  await open('wrap');
  answer({ ...BUBBLE, 'That sheet on the scale': '24' });
  expect(wraps).toEqual([]);
  expect(screen.getByText(/1 lb 3\.2 oz at most, not 24 lb/)).toBeTruthy();
});
