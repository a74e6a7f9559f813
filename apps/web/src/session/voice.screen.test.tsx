import { act, render, screen } from '@testing-library/react';
import { useSpoken, VoiceProvider } from './Voice.tsx';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

function Line({ words }: { words: string }) {
  useSpoken(words);
  return null;
}
const page = (weight: string, chance: string) => (
  <VoiceProvider>
    <Line words={weight} />
    <Line words={chance} />
  </VoiceProvider>
);
const spoken = () => screen.getByRole('status').textContent;
const rest = (ms: number) => act(() => jest.advanceTimersByTime(ms));

test('what stands there as the page opens is not spoken; the region is there before anything is', () => {
  render(page('2 lb', '1 in 190 breaks'));
  rest(2000);
  expect(spoken()).toBe('');
});

test('while somebody types nothing is said; at rest the last of each, once, and after a while it is gone', () => {
  const { rerender } = render(page('2 lb', '1 in 190 breaks'));
  for (const weight of ['2 lb 1', '2 lb 11', '2 lb 11 oz']) {
    rerender(page(weight, '1 in 190 breaks'));
    rest(300);
    expect(spoken()).toBe('');
  }
  rerender(page('2 lb 11 oz', '1 in 170 breaks'));
  rest(1000);
  expect(spoken()).toBe('2 lb 11 oz. 1 in 170 breaks');
  rest(10_000);
  expect(spoken()).toBe('');
});

test('outside of a page that speaks nothing happens', () => {
  const { rerender } = render(<Line words="2 lb" />);
  rerender(<Line words="3 lb" />);
  rest(2000);
  expect(screen.queryByRole('status')).toBeNull();
});
