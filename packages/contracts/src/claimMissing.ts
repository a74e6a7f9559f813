import { BENCH_TEST_RULES, type BenchTestKey } from '@inch-nest/core';
import type { PackingShots } from './packingShots.ts';
import type { ParcelView } from './parcelView.ts';

/**
 * What a claim still lacks, the gravest first; an empty list is a whole folder. That photographs of the
 * packing decide most claims is common practice, no source; the carrier's terms say what it wants.
 *
 * @param due the tests the nest was due; null where no nest is kept
 * @param worthMinor what the piece was worth
 * @param shots the photographs its steps want
 * @param pieces what is in it, each by its id and its name
 */
export function claimMissing(
  { life, photos, labels, nest, events }: Pick<ParcelView, 'life' | 'photos' | 'labels' | 'nest' | 'events'>,
  due: readonly BenchTestKey[] | null,
  worthMinor: number,
  shots: PackingShots,
  pieces: readonly { readonly id: string; readonly title: string }[],
): string[] {
  const packing = photos.filter((photo) => photo.of === 'packing').length;
  const label = labels.find((one) => one.state === 'bought');
  const unseen = pieces.filter(({ id }) => !photos.some((photo) => photo.of === 'piece' && photo.pieceId === id));
  const untried = (due ?? []).filter((test) => life.tests[test] !== 'passed');
  const coveredMinor = nest.plan?.document.quote.coverMinor ?? 0;
  return [
    ...(label ? [] : ['no label was bought here: there is no proof of sending']),
    ...(packing === 0
      ? ['no photograph of the packing: such claims are mostly refused']
      : shots.have < shots.wanted.length
        ? [
            `${shots.have} of ${shots.wanted.length} photographs of the packing; not taken: ${shots.wanted
              .filter(({ taken }) => !taken)
              .map(({ title }) => title.toLowerCase())
              .join(', ')}`,
          ]
        : []),
    ...(pieces.length === 1
      ? unseen.map(() => 'no photograph of the piece as it was')
      : unseen.map(({ title }) => `no photograph of the ${title} as it was`)),
    ...(life.weighing ? [] : ['it was never weighed']),
    ...(due === null ? ['no nest was kept: nothing says how it was packed'] : []),
    ...(untried.length > 0 ? [`tests not passed: ${untried.map((test) => BENCH_TEST_RULES[test].name.toLowerCase()).join(', ')}`] : []),
    ...(coveredMinor < worthMinor ? ['it was covered for less than it was worth: the rest cannot be claimed'] : []),
    ...(events.some((event) => ['damaged', 'lost', 'returned'].includes(event.kind)) ? [] : ['what became of it has not been noted']),
  ];
}
