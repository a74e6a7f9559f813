import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { CUSHION_MATERIALS, type Stockroom } from '@inch-nest/core';
import { useState } from 'react';
import { dropsOn } from '../../../../../packages/core/tests/sampleDrops.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw, SHOP } from '../../../../../tests/screens/shop.tsx';
import { DropSheet } from './DropSheet.tsx';

let kept: Stockroom;
/** The sheet over a stockroom that keeps what is told. */
function Kept({ stock }: { stock: Stockroom }) {
  const [now, setNow] = useState(stock);
  return (
    <DropSheet
      stock={now}
      onChange={(part) => {
        kept = { ...now, ...part };
        setNow(kept);
      }}
    />
  );
}
const WITH = (drops: ReturnType<typeof dropsOn>): Stockroom => ({
  ...SHOP.stock,
  wraps: SHOP.stock.wraps.map((wrap) => (wrap.key === 'largeBubble' ? { ...wrap, dropTests: drops } : wrap)),
});
const bubble = () => kept.wraps.find(({ key }) => key === 'largeBubble')!;
const drops = () => kept.wraps.find(({ dropTests }) => dropTests)?.dropTests ?? [];
const fill = (label: string, text: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
};
const add = (height: string, peak: string) => {
  fill('Dropped from', height);
  fill('It read at most, g', peak);
  fireEvent.click(screen.getByRole('button', { name: 'Add this drop' }));
};
const { curve } = CUSHION_MATERIALS.largeBubble;

test('two drops make a curve: it says by how much it lands otherwise, and what is planned with', async () => {
  const { container } = await draw(<Kept stock={SHOP.stock} />);
  expect(screen.getByRole('status').textContent).toMatch(/is planned with as small bubble/);
  fill('What is dropped weighs', '10 lb');
  const [one, other] = dropsOn({ ...CUSHION_MATERIALS.smallBubble.curve, a: CUSHION_MATERIALS.smallBubble.curve.a * 1.25 }, [24, 36], 10);
  add('24 in', String(one!.peakG));
  expect(screen.getByText(/two at least/)).toBeTruthy();
  add('36 in', `${other!.peakG} g`);
  // a quarter stiffer than the 60 g it was taken for
  expect(screen.getByRole('status').textContent).toMatch(
    /softest at 75 g, under 0\.15 psi.*by 2 of 2 drops.*60 g, under 0\.15 psi.*its own/,
  );
  expect(screen.getByText(/a curve that nothing checks/)).toBeTruthy();
  expect(drops()).toEqual([
    { weightLb: 10, areaIn2: 36, thicknessIn: 2, heightIn: 24, peakG: one!.peakG },
    { weightLb: 10, areaIn2: 36, thicknessIn: 2, heightIn: 36, peakG: other!.peakG },
  ]);
  expect(await unreadable(container)).toEqual([]);
});

test('in centimetres and kilograms for who reads those', async () => {
  await draw(<Kept stock={SHOP.stock} />, { person: 'tam' });
  fill('What is dropped weighs', '2 kg');
  fill('and lands on its face', '15 x 15');
  add('60 cm', '50');
  expect(drops()[0]!.areaIn2).toBeCloseTo(225 / 2.54 ** 2, 6);
  expect(drops()[0]!.heightIn).toBeCloseTo(60 / 2.54, 6);
  expect(screen.getByText('Load, kPa')).toBeTruthy();
});

test.each([['0.5'], ['none'], ['4000']])('%s g is no landing: it says so, and nothing is kept', async (peak) => {
  kept = SHOP.stock;
  await draw(<Kept stock={SHOP.stock} />);
  add('24 in', peak);
  expect(screen.getByRole('alert').textContent).toMatch(/more than 1, at most 2000/);
  expect(kept).toBe(SHOP.stock);
  // what was typed still stands
  expect(screen.getByLabelText<HTMLInputElement>('It read at most, g').value).toBe(peak);
});

test('files of an accelerometer are read: those that land are drops, the others say why not', async () => {
  await draw(<Kept stock={SHOP.stock} />);
  const fallS = Math.sqrt(48 / 386.0886);
  const landS = 0.05 + fallS;
  // half a sine of 60 g that gives back two fifths of the speed
  const tauS = (1.4 * 386.0886 * fallS) / ((2 / Math.PI) * 60 * 386.0886);
  const rows = Array.from({ length: 2500 }, (_, i) => {
    const t = i / 5000;
    const g = t < 0.05 ? 1 : t < landS || t > landS + tauS ? 0 : 60 * Math.sin((Math.PI * (t - landS)) / tauS);
    return `${(t * 1000).toFixed(1)},${g.toFixed(3)}`;
  });
  const file = (name: string, text: string) => Object.assign(new File([text], name), { text: () => Promise.resolve(text) });
  await act(async () => {
    fireEvent.change(screen.getByLabelText('Files of an accelerometer, one a drop'), {
      target: { files: [file('first.csv', `ms,g\n${rows.join('\n')}`), file('still.csv', `ms,g\n${rows.slice(0, 200).join('\n')}`)] },
    });
    await Promise.resolve();
  });
  await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/still\.csv: nothing lands/));
  expect(drops()).toHaveLength(1);
  expect(drops()[0]!.heightIn).toBeCloseTo(24, 0);
  expect(drops()[0]!.peakG).toBeCloseTo(60, -1);
});

test('one that lies off is told, taken out, and all can be forgotten', async () => {
  const made = dropsOn(curve, [24, 36, 48], 15);
  await draw(<Kept stock={WITH([...made.slice(0, 2), { ...made[2]!, peakG: made[2]!.peakG * 1.5 }])} />);
  expect(screen.getAllByText(/% (harder|softer)/).length).toBeGreaterThan(0);
  fireEvent.click(screen.getByRole('button', { name: 'Take drop 3 out' }));
  expect(bubble().dropTests).toEqual(made.slice(0, 2));
  expect(screen.getAllByText('on it')).toHaveLength(2);
  fireEvent.click(screen.getByRole('button', { name: 'Forget these drops' }));
  expect(bubble().dropTests).toEqual([]);
  expect(screen.getByRole('status').textContent).toMatch(/is planned with as large bubble/);
});
