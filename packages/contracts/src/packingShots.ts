import { shotsOf, type BenchStep } from '@inch-nest/core';
import type { PhotoView } from './parcelView.ts';

/** Photographs of the packing against those a claim is looked at by. */
export interface PackingShots {
  /** Each that is wanted, in the order of the steps. */
  readonly wanted: readonly { readonly step: string; readonly title: string; readonly taken: boolean }[];
  /** So many of the wanted ones there are; those taken at no step count for whatever is missing. */
  readonly have: number;
}

/**
 * Which photographs of the packing are taken and which are wanted.
 *
 * @param steps the kept nest's steps; those of a house that takes none want none
 */
export function packingShots(photos: readonly Pick<PhotoView, 'of' | 'step'>[], steps: readonly BenchStep[]): PackingShots {
  const packing = photos.filter(({ of }) => of === 'packing');
  const at = new Set(packing.map(({ step }) => step));
  const wanted = shotsOf(steps).map(({ key, title }) => ({ step: key, title, taken: at.has(key) }));
  const free = packing.filter(({ step }) => !wanted.some((one) => one.step === step)).length;
  return { wanted, have: Math.min(wanted.length, wanted.filter(({ taken }) => taken).length + free) };
}

/** The same as a packer says it: "5 of 7 photographs"; null where none are wanted. */
export const shotWords = ({ wanted, have }: PackingShots): string | null =>
  wanted.length > 0 ? `${have} of ${wanted.length} photographs` : null;
