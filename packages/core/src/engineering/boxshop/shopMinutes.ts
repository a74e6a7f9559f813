import type { CutKind } from './CutOrder.ts';
import type { CutWork } from './CutPart.ts';

/** Minutes to make a thing: so many to set out, and so many for each part that is cut. All judgement. */
const MINUTES: Readonly<Record<CutKind, { readonly once: number; readonly each: number }>> = {
  cross: { once: 0.5, each: 0.75 },
  cells: { once: 0, each: 0.75 },
  lower: { once: 3, each: 0 },
  shorten: { once: 4, each: 0 },
  liner: { once: 1, each: 0.5 },
  pads: { once: 0, each: 1 },
  tubes: { once: 0.5, each: 0.5 },
  core: { once: 1, each: 1 },
  wrapAround: { once: 6, each: 0 },
  cap: { once: 0.5, each: 1 },
  spacer: { once: 0.5, each: 1 },
  rope: { once: 0.5, each: 0.75 },
  collar: { once: 0.5, each: 0.5 },
};

/** Minutes at the cutting table for one order. */
export const shopMinutes = (kind: CutKind, { parts }: Pick<CutWork, 'parts'>): number =>
  MINUTES[kind].once + MINUTES[kind].each * parts.reduce((sum, { count }) => sum + count, 0);
