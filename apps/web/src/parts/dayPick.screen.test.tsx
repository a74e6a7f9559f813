import { fireEvent, screen } from '@testing-library/react';
import { draw } from '../../../../tests/screens/shop.tsx';
import { unreadable } from '../../../../tests/screens/axe.ts';
import { DayPick } from './DayPick.tsx';

test('a calendar opens where its button is, and what is picked is told as a day', async () => {
  const picked: string[] = [];
  const { container } = await draw(<DayPick label="From a calendar" value="2026-11-28" onPick={(day) => picked.push(day)} />);
  const input = container.querySelector<HTMLInputElement>('input[type=date]')!;
  const opened = jest.fn();
  input.showPicker = opened;
  fireEvent.click(screen.getByRole('button', { name: 'From a calendar' }));
  expect(opened).toHaveBeenCalledTimes(1);
  expect(input.value).toBe('2026-11-28');
  fireEvent.change(input, { target: { value: '2026-12-01' } });
  // a calendar that is emptied picks no day
  fireEvent.change(input, { target: { value: '' } });
  expect(picked).toEqual(['2026-12-01']);
  expect(await unreadable(container)).toEqual([]);
});
