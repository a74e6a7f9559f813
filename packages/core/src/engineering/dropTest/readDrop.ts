import { GRAVITY_IN_PER_S2, impactVelocityInPerS } from '../cushion/impact.ts';
import { lowPass } from '../numeric/lowPass.ts';

/** A reading of an accelerometer on the mass that is dropped: 0 while it falls, 1 at rest. */
export interface AccelerationSample {
  readonly timeS: number;
  readonly g: number;
}

/** What one drop told. */
export interface DropReading {
  readonly heightIn: number;
  /** Highest acceleration once what rings is filtered out. */
  readonly peakG: number;
  readonly durationS: number;
  readonly velocityChangeInPerS: number;
  /** Rebound over impact velocity. */
  readonly restitution: number;
}

export type DropReadingOrWhy = DropReading | { readonly whyNot: string };

/** Below so much it falls, and so long it falls at least before it lands. */
const FALLING_G = 0.4;
const LEAST_FALL_S = 0.02;
/** A pulse is as long as it stays above this share of its peak. */
const PULSE_SHARE = 0.1;
/** The filter leaves so many times the pulse's own frequency through; value from memory of test practice. */
const TIMES_OF_PULSE = 5;
const MOST_CUT_OFF = 0.4;
/** A landing gives back no more than it brought, but for what a reading is off by. */
const MOST_RESTITUTION = 1.05;
const LEAST_SAMPLES = 20;
/** Samples are evenly spaced when none is off by more than this share. */
const UNEVEN_SHARE = 0.02;

/**
 * Reads a drop: the height from the time of falling, the peak, duration and velocity change of the landing.
 *
 * Formula: h = g·t²/2; ΔV = ∫a·dt over the pulse; restitution = ΔV/√(2gh) − 1. Exact.
 *
 * @param heightIn where it is known better than the fall tells it
 * @returns why not, where it cannot be read
 */
export function readDrop(samples: readonly AccelerationSample[], heightIn: number | null = null): DropReadingOrWhy {
  if (samples.length < LEAST_SAMPLES) return { whyNot: `${LEAST_SAMPLES} samples at least are wanted, not ${samples.length}` };
  const stepS = (samples.at(-1)!.timeS - samples[0]!.timeS) / (samples.length - 1);
  if (!(stepS > 0)) return { whyNot: 'time must go forward' };
  if (samples.some(({ timeS }, i) => i > 0 && Math.abs(timeS - samples[i - 1]!.timeS - stepS) > UNEVEN_SHARE * stepS))
    return { whyNot: 'samples must be evenly spaced in time' };
  const raw = samples.map(({ g }) => g);
  const top = raw.reduce((best, g, i) => (g > raw[best]! ? i : best), 0);
  if (!(raw[top]! > 2)) return { whyNot: 'nothing lands: the highest reading is not above 2 g' };
  const roughS = lengthOf(pulseRound(raw, top)) * stepS;
  const cutOff = Math.min(MOST_CUT_OFF, (TIMES_OF_PULSE / (2 * roughS)) * stepS);
  const filtered = lowPass(raw, cutOff);
  const peak = filtered.reduce((best, g, i) => (g > filtered[best]! ? i : best), 0);
  const pulse = pulseRound(filtered, peak);
  const fallS = fallBefore(raw, pulse.from) * stepS;
  const fromFall = fallS >= LEAST_FALL_S ? (GRAVITY_IN_PER_S2 * fallS * fallS) / 2 : null;
  const height = heightIn ?? fromFall;
  if (height === null) return { whyNot: 'no free fall is seen before the landing: say the height' };
  let sum = 0;
  for (let i = pulse.from; i < pulse.to; i++) sum += ((filtered[i]! + filtered[i + 1]!) / 2) * stepS;
  const velocityChangeInPerS = sum * GRAVITY_IN_PER_S2;
  const restitution = velocityChangeInPerS / impactVelocityInPerS(height) - 1;
  if (restitution > MOST_RESTITUTION) return { whyNot: 'it gives back more than it brought: height or scale of the reading is wrong' };
  if (restitution < 0) return { whyNot: 'it does not come to rest in the landing that is seen: height or scale of the reading is wrong' };
  return { heightIn: height, peakG: filtered[peak]!, durationS: lengthOf(pulse) * stepS, velocityChangeInPerS, restitution };
}

interface Pulse {
  readonly from: number;
  readonly to: number;
}
const lengthOf = ({ from, to }: Pulse): number => to - from;

/** As far as a signal stays above a share of its peak. */
function pulseRound(signal: readonly number[], peak: number): Pulse {
  const least = PULSE_SHARE * signal[peak]!;
  let [from, to] = [peak, peak];
  while (from > 0 && signal[from - 1]! >= least) from--;
  while (to < signal.length - 1 && signal[to + 1]! >= least) to++;
  return { from, to };
}

/** So many samples it fell, up to the landing. */
function fallBefore(signal: readonly number[], landing: number): number {
  let at = landing;
  // the first of the pulse itself is not falling any more
  while (at > 0 && signal[at - 1]! > FALLING_G) at--;
  const end = at;
  while (at > 0 && Math.abs(signal[at - 1]!) <= FALLING_G) at--;
  return end - at;
}
