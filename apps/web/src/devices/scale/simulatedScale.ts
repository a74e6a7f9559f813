import type { Scale, ScaleReading } from './Scale.ts';

const TICK_MS = 120;
/** How long it swings before it stands. */
const SWINGS_MS = 900;
const LIMIT_LB = 75;
/** What a division of a bench scale is: a tenth of an ounce. */
const DIVISION_LB = 0.1 / 16;
const DRIFT_LB_PER_S = 0.02;

/** The stand-in scale: something is put on it by hand, it swings, settles, and can be made to misbehave. */
export interface SimulatedScale extends Scale {
  /** Puts so much on it; 0 takes all off. */
  put(pounds: number): void;
  /** Creeps upward and never stands. */
  drift(on: boolean): void;
  unplug(): void;
}

/**
 * @param now clock in milliseconds
 * @param noise −1 to 1, how far off a division a settled reading lies
 */
export function createSimulatedScale(
  now: () => number = () => performance.now(),
  noise: () => number = () => Math.random() * 2 - 1,
): SimulatedScale {
  let loadLb = 0;
  let since = -SWINGS_MS;
  let offLb = 0;
  let drifts = false;
  let tellers: ((reading: ScaleReading | null) => void)[] = [];
  const rounded = (pounds: number) => Math.round(pounds / DIVISION_LB) * DIVISION_LB;
  const read = (): ScaleReading => {
    const age = now() - since;
    if (loadLb > LIMIT_LB) return { state: 'overLimit' };
    if (age < SWINGS_MS)
      return { state: 'moving', pounds: rounded(Math.max(0, loadLb * (1 + 0.2 * Math.cos(age / 60) * (1 - age / SWINGS_MS)))) };
    if (drifts && loadLb > 0) return { state: 'moving', pounds: rounded(loadLb + ((age - SWINGS_MS) / 1000) * DRIFT_LB_PER_S) };
    return loadLb === 0 ? { state: 'zero' } : { state: 'settled', pounds: rounded(loadLb + offLb) };
  };
  return {
    name: 'stand-in scale',
    put(pounds) {
      loadLb = Math.max(0, pounds);
      since = now();
      offLb = noise() * DIVISION_LB;
    },
    drift: (on) => void (drifts = on),
    unplug() {
      const gone = tellers;
      tellers = [];
      for (const tell of gone) tell(null);
    },
    listen(tell) {
      tellers.push(tell);
      const timer = setInterval(() => {
        if (tellers.includes(tell)) tell(read());
      }, TICK_MS);
      return () => {
        clearInterval(timer);
        tellers = tellers.filter((one) => one !== tell);
      };
    },
  };
}
