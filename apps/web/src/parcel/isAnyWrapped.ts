import type { PlanRequest } from '@inch-nest/core';

/** True once a bundle of a parcel was measured, or wrapped as far as that: its pieces are not packed otherwise without unwrapping. */
export const isAnyWrapped = ({ locks }: Pick<PlanRequest, 'locks'>): boolean =>
  [locks, ...(locks.others ?? [])].some((one) => one?.bundle !== undefined);
