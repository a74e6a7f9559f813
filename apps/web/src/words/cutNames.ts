import type { CutKind, CutPart } from '@inch-nest/core';

/** What the box shop makes, as packers call it. */
export const CUT_NAMES: Readonly<Record<CutKind, string>> = {
  cross: 'Cross divider',
  cells: 'Cells',
  lower: 'Cut a box down',
  shorten: 'Make a box shorter',
  liner: 'Second wall',
  pads: 'Pads',
  tubes: 'Corner tubes',
  core: 'Rigid core',
  wrapAround: 'Box from one sheet',
  cap: 'End cap',
  spacer: 'Spacer between two parts',
  rope: 'Rope of tissue',
  collar: 'Collar from foam tube',
};

/** How many of which part. */
export const cutName = ({ name, count }: Pick<CutPart, 'name' | 'count'>, times = 1): string =>
  count * times === 1 ? name : `${count * times} × ${name}`;
