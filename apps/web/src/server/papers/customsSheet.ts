import { customsTotals } from '@inch-nest/core';
import { column, line, rule, tickBox, type Page } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';

const PURPOSE_WORDS = {
  sale: 'goods sold',
  gift: 'gift',
  repair: 'sent for repair',
  return: 'returned goods',
  sample: 'sample of trade',
  papers: 'papers',
} as const;
const MARGIN = 0.6;

/** What the sender declares to customs: purpose, a line for each kind of thing, totals, and a place to sign. */
export const customsPage = (facts: PaperFacts, { declaration, form }: NonNullable<PaperFacts['customs']>): Page => ({
  size: facts.sheets.full,
  draw: (paper, [wide]) => {
    const width = wide - 2 * MARGIN;
    const { valueMinor, weightLb } = customsTotals(declaration);
    line(paper, 'Customs declaration', { x: MARGIN, y: 0.6, width: width - 1.7 }, 24, 'head');
    line(paper, form === 'full' ? 'full form' : 'simplified form', { x: wide - MARGIN - 1.5, y: 0.68, width: 1.5 }, 15, 'strong');
    rule(paper, 1.05, MARGIN, wide - MARGIN);
    const half = width / 2 - 0.2;
    line(paper, 'From', { x: MARGIN, y: 1.15, width: half }, 10);
    [facts.shopName, facts.fromPostcode].forEach((text, i) => line(paper, text, { x: MARGIN, y: 1.33 + i * 0.22, width: half }, 13));
    const x = MARGIN + half + 0.4;
    line(paper, 'To', { x, y: 1.15, width: half }, 10);
    const to = [...(facts.address ? [facts.address.name, ...facts.address.lines] : [facts.tag]), facts.toPostcode];
    to.forEach((text, i) => line(paper, text, { x, y: 1.33 + i * 0.22, width: half }, 13));
    let y = 1.5 + Math.max(2, to.length) * 0.22;
    rule(paper, y, MARGIN, wide - MARGIN);
    Object.entries(PURPOSE_WORDS).forEach(([purpose, words], i) => {
      const left = MARGIN + (i % 3) * (width / 3);
      const top = y + 0.15 + Math.floor(i / 3) * 0.28;
      tickBox(paper, left, top);
      if (purpose === declaration.purpose) line(paper, '×', { x: left + 0.03, y: top - 0.04, width: 0.2 }, 15, 'head');
      line(
        paper,
        words,
        { x: left + 0.25, y: top - 0.02, width: width / 3 - 0.3 },
        12,
        purpose === declaration.purpose ? 'strong' : 'text',
      );
    });
    y += 0.8;
    if (declaration.reason) y = column(paper, `Why: ${declaration.reason}`, { x: MARGIN, y, width }, 12) + 0.1;
    rule(paper, y, MARGIN, wide - MARGIN);
    const at = [0, 3.5, 4.2, 5.1, 6.1].map((inches) => MARGIN + (inches * width) / 7.3);
    ['What it is', 'Count', 'Weight', 'Value', 'Made in'].forEach((head, i) => line(paper, head, { x: at[i]!, y: y + 0.1, width: 1 }, 10));
    declaration.lines.forEach((one, i) => {
      const top = y + 0.35 + i * 0.27;
      const cells = [one.what, String(one.count), facts.write.weight(one.weightLb), facts.write.money(one.valueMinor), one.origin];
      cells.forEach((cell, c) => line(paper, cell, { x: at[c]!, y: top, width: (at[c + 1] ?? wide - MARGIN) - at[c]! - 0.1 }, 12));
    });
    y += 0.45 + declaration.lines.length * 0.27;
    rule(paper, y, MARGIN, wide - MARGIN);
    line(paper, 'Together', { x: at[0]!, y: y + 0.1, width: 3 }, 12, 'strong');
    line(paper, facts.write.weight(weightLb), { x: at[2]!, y: y + 0.1, width: 0.9 }, 12, 'strong');
    line(paper, facts.write.money(valueMinor), { x: at[3]!, y: y + 0.1, width: 1 }, 12, 'strong');
    line(paper, `The parcel weighs ${facts.weight}.`, { x: MARGIN, y: y + 0.4, width }, 12);
    y = column(
      paper,
      'What is said here is true, and nothing in the parcel is forbidden by the post or by customs. The destination’s own rules decide what else it needs.',
      { x: MARGIN, y: y + 0.75, width },
      11,
    );
    rule(paper, y + 0.7, MARGIN, MARGIN + 3);
    line(paper, `signed, ${facts.shopName}, ${facts.day}`, { x: MARGIN, y: y + 0.75, width: 3 }, 10);
    line(paper, `parcel ${facts.code}${facts.label ? `, number ${facts.label.tracking}` : ''}`, { x, y: y + 0.75, width: half }, 10);
  },
});
