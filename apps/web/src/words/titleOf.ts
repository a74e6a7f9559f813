import { countedTitle } from '@inch-nest/core';
import type { ParcelView } from '@inch-nest/contracts';

/** What a parcel holds, by name: `6 × apothecary jars` where several are alike. */
export const titleOf = ({ piece }: Pick<ParcelView, 'piece'>): string =>
  countedTitle({ title: piece.title.value, count: piece.count.value });
