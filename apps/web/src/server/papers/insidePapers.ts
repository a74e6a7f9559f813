import { column, line, rule, tickBox, type Page } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';
import { openingSteps } from './openingSteps.ts';

// What goes into the box.

const MARGIN = 0.4;

/** Packing slip: what is in the parcel, to be ticked. */
export const slipPage = (facts: PaperFacts): Page => ({
  size: facts.sheets.half,
  draw: (paper, [wide]) => {
    const width = wide - 2 * MARGIN;
    line(paper, facts.shopName, { x: MARGIN, y: 0.4, width }, 22, 'head');
    line(paper, facts.day, { x: MARGIN, y: 0.75, width }, 11);
    let y = 1.05;
    if (facts.address) {
      line(paper, ['for', facts.address.name].join(' '), { x: MARGIN, y, width }, 12, 'strong');
      facts.address.lines.forEach((text, i) => line(paper, text, { x: MARGIN, y: y + 0.2 * (i + 1), width }, 11));
      line(paper, facts.toPostcode, { x: MARGIN, y: y + 0.2 * (facts.address.lines.length + 1), width }, 11);
      y += 0.2 * (facts.address.lines.length + 2) + 0.1;
    }
    rule(paper, y, MARGIN, wide - MARGIN);
    line(paper, 'In this parcel', { x: MARGIN, y: y + 0.15, width }, 15, 'head');
    const things = [...facts.pieces, ...facts.accessories];
    things.forEach((thing, i) => {
      tickBox(paper, MARGIN, y + 0.5 + i * 0.3);
      line(paper, thing, { x: MARGIN + 0.28, y: y + 0.49 + i * 0.3, width: width - 0.3 }, 12);
    });
    y += 0.7 + things.length * 0.3;
    const elsewhere = facts.set?.parcels.filter(({ code }) => code !== facts.code) ?? [];
    if (elsewhere.length > 0) {
      line(paper, elsewhere.length === 1 ? 'In the other parcel' : 'In the other parcels', { x: MARGIN, y: y - 0.1, width }, 13, 'head');
      elsewhere.forEach(({ title, code }, i) =>
        line(paper, `${title} (parcel ${code})`, { x: MARGIN + 0.28, y: y + 0.2 + i * 0.26, width: width - 0.3 }, 12),
      );
      y += 0.4 + elsewhere.length * 0.26;
    }
    rule(paper, y, MARGIN, wide - MARGIN);
    line(paper, `parcel ${facts.code} for ${facts.tag}`, { x: MARGIN, y: y + 0.12, width }, 11);
    line(paper, 'Keep the box and the packing until you have looked it over.', { x: MARGIN, y: y + 0.34, width }, 11);
  },
});

/** How to open it: the layers in reverse. */
export const openingPage = (facts: PaperFacts, plan: NonNullable<PaperFacts['plan']>): Page => ({
  size: [facts.sheets.half[0], facts.sheets.half[1] / 2],
  draw: (paper, [wide, high]) => {
    const width = wide - 2 * MARGIN;
    line(paper, 'How to open it', { x: MARGIN, y: 0.35, width }, 20, 'head');
    openingSteps(plan, facts.accessories).forEach((step, i) => {
      const y = 0.8 + i * 0.28;
      line(paper, `${i + 1}`, { x: MARGIN, y, width: 0.3 }, 13, 'head');
      line(paper, step, { x: MARGIN + 0.3, y, width: width - 0.3 }, 12);
    });
    line(paper, `${facts.shopName}, parcel ${facts.code}`, { x: MARGIN, y: high - 0.35, width }, 9);
  },
});

/** A letter that goes with the piece, to a workshop or to the buyer. */
export const letterPage = (facts: PaperFacts, letter: string): Page => ({
  size: facts.sheets.full,
  draw: (paper, [wide]) => {
    const [x, width] = [1, wide - 2];
    line(paper, facts.shopName, { x, y: 0.8, width }, 22, 'head');
    line(paper, facts.day, { x, y: 1.2, width }, 11);
    let y = 1.7;
    for (const text of facts.address ? [facts.address.name, ...facts.address.lines, facts.toPostcode] : [facts.tag]) {
      line(paper, text, { x, y, width }, 12);
      y += 0.22;
    }
    rule(paper, y + 0.15, x, x + width);
    line(paper, facts.title + (facts.serial ? `, number ${facts.serial}` : ''), { x, y: y + 0.3, width }, 13, 'strong');
    y += 0.6;
    if (facts.accessories.length > 0) y = column(paper, `With it: ${facts.accessories.join(', ')}.`, { x, y, width }, 11) + 0.1;
    y = column(paper, letter, { x, y: y + 0.1, width }, 12.5) + 0.5;
    line(paper, facts.shopName, { x, y, width }, 12.5);
    line(paper, `parcel ${facts.code}`, { x, y: y + 0.25, width }, 10);
  },
});

/** One of several parcels: which this is, and what comes in the others. */
export const partPage = (facts: PaperFacts, { number, parcels }: NonNullable<PaperFacts['set']>): Page => ({
  size: facts.sheets.half,
  draw: (paper, [wide]) => {
    const width = wide - 2 * MARGIN;
    line(paper, `${number} of ${parcels.length}`, { x: MARGIN, y: 0.4, width }, 54, 'head');
    line(paper, `${parcels.length} parcels to ${facts.tag}: please wait for all of them.`, { x: MARGIN, y: 1.3, width }, 13, 'strong');
    rule(paper, 1.65, MARGIN, wide - MARGIN);
    parcels.forEach(({ code, title, tracking }, i) => {
      const y = 1.8 + i * 0.55;
      line(paper, `${i + 1}`, { x: MARGIN, y, width: 0.3 }, 16, 'head');
      line(paper, title, { x: MARGIN + 0.4, y, width: width - 0.4 }, 13, i + 1 === number ? 'strong' : 'text');
      line(
        paper,
        `parcel ${code}${tracking ? `, number ${tracking}` : ''}${i + 1 === number ? ': this one' : ''}`,
        { x: MARGIN + 0.4, y: y + 0.22, width: width - 0.4 },
        10,
      );
    });
  },
});
