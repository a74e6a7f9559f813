import { judgePacking, PRACTICE_BANDS } from '@inch-nest/core';

const percent = (chance: number): string => `${(chance * 100).toPrecision(2)}%`;

/** The bands of practice as a markdown table: what is packed how, the band, and what the model gives. */
export const writePracticeBands = (): string =>
  [
    '| case | packing | band | the model |',
    '| --- | --- | --- | --- |',
    ...PRACTICE_BANDS.map(({ name, says, packing, low, high }) => {
      const band = low > 0 ? `${percent(low)} to ${percent(high)}` : `below ${percent(high)}`;
      return `| ${name} | ${says} | ${band} | ${percent(judgePacking(packing).breaks)} |`;
    }),
  ].join('\n');
