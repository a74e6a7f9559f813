import { BENCH_TEST_RULES } from '@inch-nest/core';
import type { ClaimOf, ClaimSection } from './ClaimSection.ts';

/** What the shop alone reads of a claim, beside what the carrier is given: what is missing, and every test as it went. */
export function shopClaim({ view, claim: { due, missing } }: ClaimOf): ClaimSection[] {
  return [
    { title: missing.length > 0 ? 'What is missing' : 'Nothing is missing', lines: missing },
    { title: 'Tests at the bench, as they went', lines: due.map((test) => `${BENCH_TEST_RULES[test].name}: ${view.life.tests[test]}`) },
  ];
}
