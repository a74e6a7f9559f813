import type { UnitSystem } from '@inch-nest/core';
import { handlingMarks, type HandlingMark } from './handlingMarks.ts';
import { INCH, line, picture, rule, type Page, type Paper } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';
import { code128, qr } from './symbol.ts';

// What goes on the box.

const LABEL: readonly [number, number] = [4, 6];
const MARGIN = 0.2;
/** The rule of the test page: how long, how many ticks, and every which of them is a long one. */
const TEST_RULE = {
  imperial: { lengthIn: 4, ticks: 16, long: 4 },
  metric: { lengthIn: 10 / 2.54, ticks: 20, long: 2 },
} as const satisfies Record<UnitSystem, unknown>;

/** One 4 × 6 page: service, where to, the carrier's number as Code 128 and QR, and the parcel's own code. */
export const labelPage = (facts: PaperFacts, label: NonNullable<PaperFacts['label']>): Page => ({
  size: LABEL,
  draw: async (paper) => {
    const { carrier, serviceName, tracking, signature } = label;
    const width = LABEL[0] - 2 * MARGIN;
    line(paper, carrier, { x: MARGIN, y: 0.2, width: width - 1 }, 20, 'head');
    line(paper, serviceName, { x: MARGIN, y: 0.52, width }, 15, 'strong');
    if (facts.set) line(paper, `${facts.set.number} of ${facts.set.parcels.length}`, { x: 3, y: 0.22, width: 0.9 }, 18, 'head');
    rule(paper, 0.82, MARGIN, LABEL[0] - MARGIN);
    line(paper, `from ${facts.shopName}, ${facts.fromPostcode}`, { x: MARGIN, y: 0.9, width }, 9);
    line(paper, `${facts.day} · ${facts.weight} · ${facts.size}`, { x: MARGIN, y: 1.06, width }, 9);
    rule(paper, 1.28, MARGIN, LABEL[0] - MARGIN);
    destination(paper, facts, width);
    line(paper, facts.tag, { x: MARGIN, y: 2.33, width: 2.2 }, 15, 'strong');
    if (signature) line(paper, 'SIGNATURE', { x: 2.6, y: 2.33, width: 1.2 }, 15, 'head');
    rule(paper, 2.62, MARGIN, LABEL[0] - MARGIN);
    picture(paper, await code128(tracking), `bars of ${tracking}`, { x: MARGIN, y: 2.75 }, { width, height: 1.15 });
    line(paper, tracking, { x: MARGIN + 0.9, y: 3.95, width: 2.4 }, 15, 'strong');
    rule(paper, 4.28, MARGIN, LABEL[0] - MARGIN);
    picture(paper, await qr(tracking), `code of ${tracking}`, { x: MARGIN, y: 4.4 }, { width: 1.35 });
    line(paper, facts.code, { x: 1.75, y: 4.5, width: 2 }, 34, 'head');
    line(paper, 'the parcel’s own code', { x: 1.75, y: 5, width: 2 }, 9);
    if (facts.keepUpright) handlingMarks(paper, ['thisWayUp'], 3.15, 5.05, 0.55);
  },
});

/** Name and address where they are kept, the postcode large either way. */
function destination(paper: Paper, { address, toPostcode }: PaperFacts, width: number): void {
  const lines = address ? [address.name, ...address.lines].slice(0, 5) : [];
  lines.forEach((text, i) => line(paper, text, { x: MARGIN, y: 1.34 + i * 0.19, width: 2.1 }, 12, i === 0 ? 'strong' : 'text'));
  line(paper, 'to', { x: lines.length > 0 ? 2.4 : MARGIN, y: 1.34, width: 0.5 }, 10);
  line(paper, toPostcode, { x: lines.length > 0 ? 2.4 : MARGIN, y: 1.5, width: lines.length > 0 ? 1.4 : width }, 42, 'head');
}

/** A tag for the box: whose it is, its code to scan, weight and size, and a line to write on. */
export const tagPage = (facts: PaperFacts): Page => ({
  size: [4, 3],
  draw: async (paper) => {
    line(paper, facts.tag, { x: MARGIN, y: 0.18, width: 2.3 }, 40, 'head');
    line(paper, facts.title, { x: MARGIN, y: 0.86, width: 2.3 }, 13, 'strong');
    line(paper, facts.weight, { x: MARGIN, y: 1.2, width: 2.3 }, 15);
    line(paper, facts.size, { x: MARGIN, y: 1.46, width: 2.3 }, 15);
    picture(paper, await qr(`P:${facts.code}`), `code of parcel ${facts.code}`, { x: 2.6, y: 0.2 }, { width: 1.2 });
    line(paper, facts.code, { x: 2.75, y: 1.42, width: 1.1 }, 24, 'head');
    if (facts.set) line(paper, `${facts.set.number} of ${facts.set.parcels.length}`, { x: 2.75, y: 1.8, width: 1.1 }, 15, 'strong');
    if (facts.photographs) line(paper, facts.photographs, { x: MARGIN, y: 1.72, width: 2.3 }, 11);
    line(paper, 'weighed and measured by hand:', { x: MARGIN, y: 1.95, width: 2.4 }, 10);
    rule(paper, 2.6, MARGIN, 3.8);
  },
});

/** The handling marks the house wants and the piece asks for, to cut out and stick on. */
export const marksPage = ({ keepUpright, marks }: PaperFacts): Page => ({
  size: LABEL,
  draw: (paper) => {
    const kinds: HandlingMark[] =
      marks === 'arrows'
        ? ['thisWayUp', 'thisWayUp']
        : keepUpright
          ? ['thisWayUp', 'fragile']
          : marks === 'fragile'
            ? ['fragile', 'fragile']
            : ['fragile', 'keepDry'];
    kinds.forEach((kind, i) => handlingMarks(paper, [kind], 0.9, 0.4 + i * 2.8, 2.2));
  },
});

/** A ruler to hold against: a printer that shrinks to fit is found out. */
export const testPage = ({ shopName, write }: PaperFacts): Page => ({
  size: LABEL,
  draw: async (paper) => {
    line(paper, 'Test page', { x: MARGIN, y: 0.3, width: 3.6 }, 22, 'head');
    const { lengthIn, ticks, long } = TEST_RULE[write.system];
    line(
      paper,
      `Hold a rule to it: the line is ${write.length(lengthIn)} long, each tick ${write.length(lengthIn / ticks)}.`,
      { x: MARGIN, y: 0.75, width: 3.6 },
      11,
    );
    const [x, top] = [0.5, 1.3];
    paper
      .moveTo(x * INCH, top * INCH)
      .lineTo(x * INCH, (top + lengthIn) * INCH)
      .lineWidth(0.8)
      .stroke('#000000');
    for (let i = 0; i <= ticks; i++) {
      const y = (top + (i * lengthIn) / ticks) * INCH;
      paper
        .moveTo(x * INCH, y)
        .lineTo((x + (i % long === 0 ? 0.25 : 0.13)) * INCH, y)
        .stroke('#000000');
    }
    picture(paper, await code128('TEST 12345'), 'bars of TEST 12345', { x: 1.05, y: 1.5 }, { width: 2.75, height: 0.9 });
    handlingMarks(paper, ['thisWayUp', 'fragile', 'keepDry'], 1.05, 2.9, 0.7);
    line(paper, shopName, { x: 1.05, y: 4.4, width: 2.75 }, 13);
  },
});
