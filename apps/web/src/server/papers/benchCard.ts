import { flow, INCH, line, rule, type Page, type Paper, type SheetSize } from './paper.ts';
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
    paper.image(code, (wide - MARGIN - 0.9) * INCH, 0.4 * INCH, { width: 0.9 * INCH });
    rule(paper, 1.35, MARGIN, wide - MARGIN);
    return 1.5;
  };
  const blocks = facts.steps.flatMap((step) => [
    { text: step.kind === 'test' ? `Test: ${step.title}` : step.title, size: 14, font: 'strong' as const, tick: true, after: 0.02 },
    { text: step.says, size: 11.5, after: 0.14 },
  ]);
  return [flow(facts.sheets.full, blocks, head)];
}
