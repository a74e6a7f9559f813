import type { ShortStock, TearList } from '@inch-nest/core';

/** One piece to fetch from its bin. */
export interface PulledPiece {
  id: string;
  code: string;
  bin: string | null;
  title: string;
  tag: string;
  shipBy: string;
  minutes: number | null;
  /** No nest is kept yet: it is fetched all the same, and planned. */
  planned: boolean;
}

/** What is done before the first parcel of the day: fetched, torn, cut and formed. */
export interface DayView {
  day: string;
  pull: PulledPiece[];
  tear: TearList;
  /** What the kept nests of the day together want more of than there is. */
  short: ShortStock[];
}
