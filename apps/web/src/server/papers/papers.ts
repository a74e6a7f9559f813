import { PAPER_KINDS, type PaperKind } from '@inch-nest/contracts';
import { benchPages } from './benchCard.ts';
import { customsPage } from './customsSheet.ts';
import { letterPage, openingPage, partPage, slipPage } from './insidePapers.ts';
import { labelPage, marksPage, tagPage, testPage } from './outsidePapers.ts';
import { drawPages, type Page } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';
import { recordPage } from './parcelRecord.ts';

/** How each paper is made; empty where there is nothing to print yet. */
const MAKERS: Readonly<Record<PaperKind, (facts: PaperFacts) => Page[] | Promise<Page[]>>> = {
  label: (facts) => (facts.label ? [labelPage(facts, facts.label)] : []),
  tag: (facts) => [tagPage(facts)],
  slip: (facts) => [slipPage(facts)],
  opening: (facts) => (facts.plan ? [openingPage(facts, facts.plan)] : []),
  bench: (facts) => (facts.steps.length > 0 ? benchPages(facts) : []),
  part: (facts) => (facts.set ? [partPage(facts, facts.set)] : []),
  customs: (facts) => (facts.customs ? [customsPage(facts, facts.customs)] : []),
  letter: (facts) => (facts.letter ? [letterPage(facts, facts.letter)] : []),
  marks: (facts) => [marksPage(facts)],
  test: (facts) => [testPage(facts)],
  record: (facts) => [recordPage(facts)],
};

export const isPaper = (text: string): text is PaperKind => (PAPER_KINDS as readonly string[]).includes(text);

/** Draws papers of a parcel as one PDF, each on its own size of sheet; null where there is nothing to print yet. */
export async function drawPapers(kinds: readonly PaperKind[], facts: PaperFacts): Promise<Buffer | null> {
  const pages: Page[] = [];
  for (const kind of kinds) pages.push(...(await MAKERS[kind](facts)));
  return pages.length > 0 ? drawPages(`${kinds.join(', ')}: parcel ${facts.code}`, pages) : null;
}
