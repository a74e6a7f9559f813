import { FACES, judgePacking, PRACTICE_BANDS, type Face, type JudgedPacking, type Packing } from '@inch-nest/core';
import type { NestRequest } from '@inch-nest/contracts';

/** A packing told in the terms of the bands. */
export function packingOf(asked: NestRequest<'judge'>): Packing {
  const { piece, squeezedIn, gapsIn, overfill, loose, grossWeight, ...rest } = asked;
  const { size, weight, ...facts } = piece;
  return {
    ...rest,
    piece: { ...facts, sizeIn: size, weightLb: weight },
    squeezedIn,
    gapsIn: Object.fromEntries(FACES.map((face) => [face, typeof gapsIn === 'number' ? gapsIn : (gapsIn[face] ?? 0)])) as Record<
      Face,
      number
    >,
    overfillShare: overfill,
    looseShare: loose,
    grossWeightLb: grossWeight,
  };
}

/** What becomes of one packing on one journey: breaking with its range, spoiling by cause, and what goes into it. */
export function answerJudge(asked: NestRequest<'judge'>): unknown {
  const judged = judgePacking(packingOf(asked));
  return {
    breaks: judged.breaks,
    low: judged.low,
    high: judged.high,
    spoils: byFate(judged, 'spoils'),
    causes: byFate(judged, 'breaks'),
    grossLb: judged.grossLb,
    criticalG: judged.criticalG,
  };
}

const byFate = ({ causes }: JudgedPacking, fate: 'breaks' | 'spoils'): Record<string, number> =>
  Object.fromEntries(causes.filter((cause) => cause.fate === fate).map(({ key, chance }) => [key, chance]));

/** The practice table, each row with its chance, its band and whether it holds. */
export function answerBands(): { readonly bands: readonly { readonly holds: boolean }[]; readonly hold: boolean } {
  const bands = PRACTICE_BANDS.map(({ name, says, packing, low, high, reckoned }) => {
    const { breaks } = judgePacking(packing);
    return { case: name, packing: says, breaks, low, high, reckoned, holds: breaks >= low && breaks <= high };
  });
  return { bands, hold: bands.every(({ holds }) => holds) };
}
