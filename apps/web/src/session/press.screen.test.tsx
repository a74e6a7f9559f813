import { act, fireEvent, screen } from '@testing-library/react';
import { useEffect, useState } from 'react';
import { draw } from '../../../../tests/screens/shop.tsx';
import { send } from './http.ts';
import { LONGEST_PRESS_MS, pressOver } from './press.ts';

beforeEach(() => jest.useFakeTimers());
afterEach(() => {
  jest.runAllTimers();
  jest.useRealTimers();
});

/** Whether what waits for a press to end has gone on, looked at after a while. */
const gone = async (after: number, wait: () => Promise<void> = pressOver) => {
  let on = false;
  void wait().then(() => {
    on = true;
  });
  await jest.advanceTimersByTimeAsync(after);
  return on;
};

test('nothing waits where nothing is pressed', async () => {
  expect(await gone(0)).toBe(true);
});

test('what comes during a press waits until its click has been, and no longer', async () => {
  const heard: string[] = [];
  document.body.addEventListener('click', () => heard.push('click'), { once: true });
  fireEvent.pointerDown(document.body);
  void pressOver().then(() => heard.push('answer'));
  await jest.advanceTimersByTimeAsync(120);
  expect(heard).toEqual([]);
  fireEvent.pointerUp(document.body);
  fireEvent.click(document.body);
  await jest.advanceTimersByTimeAsync(50);
  expect(heard).toEqual(['click', 'answer']);
  expect(await gone(0)).toBe(true);
});

test('a drag has its answers while it goes on, and a press that is broken off holds nothing', async () => {
  fireEvent.pointerDown(document.body);
  expect(await gone(LONGEST_PRESS_MS - 1)).toBe(false);
  expect(await gone(2)).toBe(true);
  fireEvent.pointerUp(document.body);
  await jest.advanceTimersByTimeAsync(100);
  // the end of an earlier press does not let go of a later one
  fireEvent.pointerDown(document.body);
  fireEvent.pointerCancel(document.body);
  await jest.advanceTimersByTimeAsync(50);
  fireEvent.pointerDown(document.body);
  expect(await gone(LONGEST_PRESS_MS - 60)).toBe(false);
  expect(await gone(LONGEST_PRESS_MS)).toBe(true);
});

function Answered() {
  const [said, say] = useState('nothing yet');
  useEffect(() => void send<string>('GET', '/api/anything').then(say), []);
  return <p>{said}</p>;
}

test('an answer of the server moves no page under a finger', async () => {
  fireEvent.pointerDown(document.body);
  await draw(<Answered />, { answer: (_, path) => (path === '/api/anything' ? 'here it is' : undefined) });
  await act(() => jest.advanceTimersByTimeAsync(100));
  expect(screen.getByText('nothing yet')).toBeTruthy();
  fireEvent.pointerUp(document.body);
  await act(() => jest.advanceTimersByTimeAsync(100));
  expect(screen.getByText('here it is')).toBeTruthy();
});
