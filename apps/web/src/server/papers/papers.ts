import { HARD_POINTS, type PlanDocument } from '@inch-nest/core';
import { handlingMarks, type HandlingMark } from './handlingMarks.ts';
import { drawPaper, INCH, line, rule, type Paper } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';
import { code128, qr } from './symbol.ts';

/** The papers a parcel can have. */
export const PAPERS = ['label', 'tag', 'slip', 'opening', 'marks', 'test'] as const;
export type PaperKind = (typeof PAPERS)[number];

const LABEL: readonly [number, number] = [4, 6];
const MARGIN = 0.2;
const TEST_RULE_IN = 4;

/** Draws one paper of a parcel as a PDF; null where there is nothing to print yet. */
export function drawPaperOf(kind: PaperKind, facts: PaperFacts): Promise<Buffer> | null {
  if (kind === 'label') return facts.label ? drawPaper(LABEL, (paper) => label(paper, facts, facts.label!)) : null;
  if (kind === 'tag') return drawPaper([4, 3], (paper) => tag(paper, facts));
  if (kind === 'slip') return drawPaper([5.5, 8.5], (paper) => slip(paper, facts));
  if (kind === 'opening') return facts.plan ? drawPaper([5.5, 4.25], (paper) => opening(paper, facts, facts.plan!)) : null;
  if (kind === 'marks') return drawPaper(LABEL, (paper) => marks(paper, facts));
  return drawPaper(LABEL, (paper) => testPage(paper, facts));
}

/** One 4 × 6 page: service, where to, the carrier's number as Code 128 and QR, and the parcel's own code. */
async function label(
  paper: Paper,
  facts: PaperFacts,
  { carrier, serviceName, tracking, signature }: NonNullable<PaperFacts['label']>,
): Promise<void> {
  const width = LABEL[0] - 2 * MARGIN;
  line(paper, carrier, { x: MARGIN, y: 0.2, width }, 20, 'head');
  line(paper, serviceName, { x: MARGIN, y: 0.52, width }, 15, 'strong');
  rule(paper, 0.82, MARGIN, LABEL[0] - MARGIN);
  line(paper, `from ${facts.shopName}, ${facts.fromPostcode}`, { x: MARGIN, y: 0.92, width }, 10);
  line(paper, `${facts.day} · ${facts.weight} · ${facts.size}`, { x: MARGIN, y: 1.1, width }, 10);
  line(paper, 'to', { x: MARGIN, y: 1.42, width }, 12);
  line(paper, facts.toPostcode, { x: MARGIN, y: 1.56, width }, 42, 'head');
  line(paper, facts.tag, { x: MARGIN, y: 2.29, width }, 17, 'strong');
  if (signature) line(paper, 'SIGNATURE', { x: 2.6, y: 2.3, width: 1.2 }, 15, 'head');
  rule(paper, 2.62, MARGIN, LABEL[0] - MARGIN);
  paper.image(await code128(tracking), MARGIN * INCH, 2.75 * INCH, { width: width * INCH, height: 1.15 * INCH });
  line(paper, tracking, { x: MARGIN + 0.9, y: 3.95, width: 2.4 }, 15, 'strong');
  rule(paper, 4.28, MARGIN, LABEL[0] - MARGIN);
  paper.image(await qr(tracking), MARGIN * INCH, 4.4 * INCH, { width: 1.35 * INCH });
  line(paper, facts.code, { x: 1.75, y: 4.5, width: 2 }, 34, 'head');
  line(paper, 'the parcel’s own code', { x: 1.75, y: 5, width: 2 }, 9);
  if (facts.keepUpright) handlingMarks(paper, ['thisWayUp'], 3.15, 5.05, 0.55);
}

/** A tag for the box: whose it is, its code to scan, weight and size, and a line to write on. */
async function tag(paper: Paper, facts: PaperFacts): Promise<void> {
  line(paper, facts.tag, { x: MARGIN, y: 0.18, width: 2.3 }, 40, 'head');
  line(paper, facts.title, { x: MARGIN, y: 0.86, width: 2.3 }, 13, 'strong');
  line(paper, facts.weight, { x: MARGIN, y: 1.2, width: 2.3 }, 15);
  line(paper, facts.size, { x: MARGIN, y: 1.46, width: 2.3 }, 15);
  paper.image(await qr(`P:${facts.code}`), 2.6 * INCH, 0.2 * INCH, { width: 1.2 * INCH });
  line(paper, facts.code, { x: 2.75, y: 1.42, width: 1.1 }, 24, 'head');
  line(paper, 'weighed and measured by hand:', { x: MARGIN, y: 1.95, width: 3.6 }, 10);
  rule(paper, 2.6, MARGIN, 3.8);
}

async function slip(paper: Paper, facts: PaperFacts): Promise<void> {
  const width = 4.7;
  line(paper, facts.shopName, { x: 0.4, y: 0.4, width }, 22, 'head');
  line(paper, facts.day, { x: 0.4, y: 0.75, width }, 11);
  rule(paper, 1.05, 0.4, 5.1);
  line(paper, 'In this parcel', { x: 0.4, y: 1.2, width }, 15, 'head');
  const things = [facts.title + (facts.serial ? `, number ${facts.serial}` : ''), ...facts.accessories];
  things.forEach((thing, i) => {
    const y = 1.55 + i * 0.3;
    paper
      .rect(0.4 * INCH, y * INCH, 0.16 * INCH, 0.16 * INCH)
      .lineWidth(0.8)
      .stroke('#000000');
    line(paper, thing, { x: 0.68, y: y - 0.01, width: width - 0.3 }, 12);
  });
  const y = 1.75 + things.length * 0.3;
  rule(paper, y, 0.4, 5.1);
  line(paper, `parcel ${facts.code} for ${facts.tag}`, { x: 0.4, y: y + 0.12, width }, 11);
  line(paper, 'Keep the box and the packing until you have looked it over.', { x: 0.4, y: y + 0.34, width }, 11);
  await Promise.resolve();
}

/** How to open it: the layers in reverse. */
async function opening(paper: Paper, facts: PaperFacts, plan: PlanDocument): Promise<void> {
  line(paper, 'How to open it', { x: 0.4, y: 0.35, width: 4.7 }, 20, 'head');
  openingSteps(plan).forEach((step, i) => {
    const y = 0.8 + i * 0.28;
    line(paper, `${i + 1}`, { x: 0.4, y, width: 0.3 }, 13, 'head');
    line(paper, step, { x: 0.7, y, width: 4.4 }, 12);
  });
  line(paper, `${facts.shopName}, parcel ${facts.code}`, { x: 0.4, y: 3.9, width: 4.7 }, 9);
  await Promise.resolve();
}

/** What the buyer does, outermost first: the plan backwards. */
export function openingSteps({ layers, inner, fills, piece, box }: PlanDocument): string[] {
  const turns = (count: number) => `${count} ${count === 1 ? 'turn' : 'turns'}`;
  const outer = fills.find((fill) => fill.where === 'outer');
  return [
    box.style === 'slotted' ? 'Cut the tape only: the blade no deeper than the board.' : 'Open the envelope at one end.',
    ...(outer ? [`Take out the ${outer.name.toLowerCase()} on top.`] : []),
    ...(inner ? ['Lift out the inner box and open it the same way.'] : ['Lift the bundle out with both hands.']),
    ...[...layers]
      .reverse()
      .map(
        (layer) =>
          `Unwind ${turns(layer.turns)} of ${layer.name.toLowerCase()}${layer.tape.easyOff ? '; the tape peels off' : '; cut the tape, away from the piece'}.`,
      ),
    ...piece.hardPoints.filter((point) => point.guard).map((point) => `Take the guard off the ${HARD_POINTS[point.kind].name} last.`),
  ].slice(0, 10);
}

async function marks(paper: Paper, facts: PaperFacts): Promise<void> {
  const kinds: HandlingMark[] = facts.keepUpright ? ['thisWayUp', 'fragile'] : ['fragile', 'keepDry'];
  kinds.forEach((kind, i) => handlingMarks(paper, [kind], 0.9, 0.4 + i * 2.8, 2.2));
  await Promise.resolve();
}

/** A ruler to hold against: four inches must be four inches. */
async function testPage(paper: Paper, facts: PaperFacts): Promise<void> {
  line(paper, 'Test page', { x: MARGIN, y: 0.3, width: 3.6 }, 22, 'head');
  line(paper, 'Hold a rule to it: the line is 4 in long, each tick ¼ in.', { x: MARGIN, y: 0.75, width: 3.6 }, 11);
  const [x, top] = [0.5, 1.3];
  paper
    .moveTo(x * INCH, top * INCH)
    .lineTo(x * INCH, (top + TEST_RULE_IN) * INCH)
    .lineWidth(0.8)
    .stroke('#000000');
  for (let i = 0; i <= 4 * TEST_RULE_IN; i++) {
    const y = (top + i / 4) * INCH;
    paper
      .moveTo(x * INCH, y)
      .lineTo((x + (i % 4 === 0 ? 0.25 : 0.13)) * INCH, y)
      .stroke('#000000');
  }
  paper.image(await code128('TEST 12345'), 1.05 * INCH, 1.5 * INCH, { width: 2.75 * INCH, height: 0.9 * INCH });
  handlingMarks(paper, ['thisWayUp', 'fragile', 'keepDry'], 1.05, 2.9, 0.7);
  line(paper, facts.shopName, { x: 1.05, y: 4.4, width: 2.75 }, 13);
}
