import type { PlanDocument } from '@inch-nest/core';
import { wrapWords } from '../../words/wrapWords.ts';
import { nestOnPaper } from './nestOnPaper.ts';
import { flow, line, picture, rule, type Page, type Paper, type SheetSize } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';
import { qr } from './symbol.ts';

const MARGIN = 0.6;

/** The whole plan on paper: every step with its amounts and a square to tick, the parcel's code to scan. */
export async function benchPages(facts: PaperFacts): Promise<Page[]> {
  const code = await qr(`P:${facts.code}`);
  const head = (paper: Paper, [wide]: SheetSize, page: number): number => {
    line(paper, facts.title, { x: MARGIN, y: 0.5, width: wide - 2.6 }, 24, 'head');
    line(
      paper,
      `bench card · ${facts.tag} · ${facts.code} · ${facts.day}${page > 1 ? ` · ${page}` : ''}`,
      { x: MARGIN, y: 0.9, width: wide - 2.6 },
      12,
    );
    picture(paper, code, `code of parcel ${facts.code}`, { x: wide - MARGIN - 0.9, y: 0.4 }, { width: 0.9 });
    rule(paper, 1.35, MARGIN, wide - MARGIN);
    return page === 1 && facts.plan ? seen(paper, facts, facts.plan, wide) : 1.5;
  };
  const blocks = facts.steps.flatMap((step) => [
    { text: step.kind === 'test' ? `Test: ${step.title}` : step.title, size: 14, font: 'strong' as const, tick: true, after: 0.02 },
    { text: step.says, size: 11.5, after: 0.14 },
  ]);
  return [flow(facts.sheets.full, blocks, head)];
}

/** Room for each section, inches. */
const SECTION = { height: 2.5, between: 0.4 };

/** The nest as it is to be, large enough to be read across the bench: box and fill in words, from above and from the front. */
function seen(paper: Paper, { write }: PaperFacts, plan: PlanDocument, wide: number): number {
  const width = wide - 2 * MARGIN;
  const fill = plan.fills.find(({ where }) => where === 'outer');
  line(paper, [plan.box.name, fill?.name.toLowerCase()].filter(Boolean).join(' · '), { x: MARGIN, y: 1.5, width }, 26, 'head');
  line(paper, wrapWords(plan, 'no wrap'), { x: MARGIN, y: 1.95, width }, 16, 'strong');
  const each = (width - SECTION.between) / 2;
  const top = 2.6;
  const heights = (['above', 'front'] as const).map((name, i) => {
    const x = MARGIN + i * (each + SECTION.between);
    line(paper, name === 'above' ? 'from above' : 'from the front', { x, y: top - 0.22, width: each }, 11);
    return nestOnPaper(paper, plan, name, { x, y: top, width: each, height: SECTION.height }, write.length);
  });
  return top + Math.max(...heights) + 0.3;
}
