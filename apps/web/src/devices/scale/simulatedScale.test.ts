import type { ScaleReading } from './Scale.ts';
import { createSimulatedScale } from './simulatedScale.ts';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** A scale on a clock of its own, with what it has told. */
function onBench() {
  const told: (ScaleReading | null)[] = [];
  const scale = createSimulatedScale(
    () => Date.now(),
    () => 0.4,
  );
  const stop = scale.listen((reading) => told.push(reading));
  return { scale, told, stop, wait: (ms: number) => jest.advanceTimersByTime(ms) };
}

test('swings, then stands to a tenth of an ounce of what lies on it', () => {
  const { scale, told, wait } = onBench();
  scale.put(3.5625);
  wait(600);
  expect(told.at(-1)!.state).toBe('moving');
  wait(1000);
  const last = told.at(-1)!;
  expect(last.state).toBe('settled');
  expect('pounds' in last && Math.abs(last.pounds - 3.5625) * 16).toBeLessThanOrEqual(0.1);
  scale.put(0);
  wait(2000);
  expect(told.at(-1)).toEqual({ state: 'zero' });
});

test('drifting it never stands; too much is no weight; unplugged it is gone', () => {
  const { scale, told, wait } = onBench();
  scale.drift(true);
  scale.put(2);
  wait(5000);
  expect(told.some((reading) => reading?.state === 'settled')).toBe(false);
  scale.drift(false);
  scale.put(90);
  wait(1500);
  expect(told.at(-1)).toEqual({ state: 'overLimit' });
  scale.unplug();
  expect(told.at(-1)).toBeNull();
  const heard = told.length;
  wait(2000);
  expect(told).toHaveLength(heard);
});
