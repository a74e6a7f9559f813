import { column, flow, line, rule, type Block, type Page } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';
import { openingSteps } from './openingSteps.ts';

// What goes into the box.

const MARGIN = 0.4;

/** Packing slip: what is in the parcel, to be ticked. */
export const slipPage = (facts: PaperFacts): Page => {
  const { address } = facts;
  const things = [...facts.pieces, ...facts.accessories];
  const elsewhere = facts.set?.parcels.filter(({ code }) => code !== facts.code) ?? [];
  const to: Block[] = address
    ? [
        { text: ['for', address.name].join(' '), size: 12, font: 'strong', after: 0.02 },
        ...address.lines.map((text) => ({ text, size: 11, after: 0.02 })),
        { text: facts.toPostcode, size: 11, after: 0.15 },
      ]
    : [];
  return flow(
    facts.sheets.half,
    [
      ...to,
      { text: 'In this parcel', size: 15, font: 'head', ruled: true, after: 0.1 },
      ...things.map((text) => ({ text, size: 12, tick: true, after: 0.1 })),
      ...(elsewhere.length > 0
        ? [{ text: elsewhere.length === 1 ? 'In the other parcel' : 'In the other parcels', size: 13, font: 'head' as const }]
        : []),
      ...elsewhere.map(({ title, code }) => ({ text: `${title} (parcel ${code})`, size: 12 })),
      { text: `parcel ${facts.code} for ${facts.tag}`, size: 11, ruled: true, after: 0.04 },
      { text: 'Keep the box and the packing until you have looked it over.', size: 11 },
    ],
    (paper, [wide], sheet) => {
      const width = wide - 2 * MARGIN;
      line(paper, sheet === 1 ? facts.shopName : `${facts.shopName}, sheet ${sheet}`, { x: MARGIN, y: 0.4, width }, 22, 'head');
      line(paper, facts.day, { x: MARGIN, y: 0.75, width }, 11);
      return 1.05;
    },
    { side: MARGIN, bottom: MARGIN },
  );
};

/** So many steps go on a quarter of a sheet; more have a half. */
const ON_A_CARD = 10;

/** How to open it: the layers in reverse. */
export const openingPage = (facts: PaperFacts, plan: NonNullable<PaperFacts['plan']>): Page => {
  const steps = openingSteps(plan, facts.accessories);
  const [wide, high] = facts.sheets.half;
  return flow(
    [wide, steps.length > ON_A_CARD || plan.others ? high : high / 2],
    steps.map((text, i) => ({ text, size: 12, number: i + 1, after: 0.06 })),
    (paper, [, sheetHigh], sheet) => {
      const width = wide - 2 * MARGIN;
      line(paper, sheet === 1 ? 'How to open it' : `How to open it, card ${sheet}`, { x: MARGIN, y: 0.35, width }, 20, 'head');
      line(paper, `${facts.shopName}, parcel ${facts.code}`, { x: MARGIN, y: sheetHigh - 0.35, width }, 9);
      return 0.8;
    },
    { side: MARGIN, bottom: 0.4 },
  );
};

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
