import { BENCH_TEST_RULES } from '@inch-nest/core';
import { claimOf, type ParcelView, type ShopView } from '@inch-nest/contracts';
import { zipFiles } from '@inch-nest/formats';
import { exportedParcel } from './exportedParcel.ts';
import { drawPages, flow, INCH, line, rule, type Block, type Page, type Paper, type SheetSize } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';
import { recordPage } from './parcelRecord.ts';

/** A photograph of a parcel with its bytes. */
export interface ClaimPhoto {
  readonly jpeg: Uint8Array;
  readonly of: 'piece' | 'packing';
  readonly at: string;
}

const MARGIN = 0.6;

/** The claim as one document: what is claimed and what is missing, tests, readings, cover and dates, the whole record, and every photograph. */
export function claimPdf(view: ParcelView, shop: ShopView, facts: PaperFacts, photos: readonly ClaimPhoto[]): Promise<Buffer> {
  const said = (text: string): Block => ({ text, size: 11.5, after: 0.03 });
  const title = (text: string): Block => ({ text, size: 15, font: 'head', after: 0.05 });
  const when = new Intl.DateTimeFormat('en', { timeZone: shop.zone, dateStyle: 'long', timeStyle: 'short' });
  const { life, events } = view;
  const { worthMinor, coveredMinor, due, missing } = claimOf(view, shop);
  const end = events.findLast((event) => ['damaged', 'lost', 'returned'].includes(event.kind));
  const sent = events.findLast((event) => event.kind === 'handedOver');
  const head = (paper: Paper, [wide]: SheetSize, sheet: number): number => {
    line(paper, `Claim: ${facts.title}`, { x: MARGIN, y: 0.5, width: wide - 2 * MARGIN }, 24, 'head');
    line(
      paper,
      `${facts.shopName} · parcel ${facts.code} · ${facts.label?.tracking ?? 'no label'} · ${facts.day}${sheet > 1 ? ` · ${sheet}` : ''}`,
      { x: MARGIN, y: 0.9, width: wide - 2 * MARGIN },
      12,
    );
    rule(paper, 1.25, MARGIN, wide - MARGIN);
    return 1.4;
  };
  const blocks: Block[] = [
    title('What is claimed'),
    said(`Worth ${facts.write.money(worthMinor)}, covered to ${facts.write.money(coveredMinor)}.`),
    ...(sent ? [said(`Handed over ${when.format(new Date(sent.at))}.`)] : []),
    ...(end
      ? [
          said(
            `${{ damaged: 'Arrived broken', lost: 'Lost', returned: 'Came back' }[end.kind as 'damaged']}: noted ${when.format(new Date(end.at))}.`,
          ),
        ]
      : []),
    title(missing.length > 0 ? 'What is missing' : 'Nothing is missing'),
    ...missing.map(said),
    title('Tests at the bench'),
    ...due.map((test) => said(`${BENCH_TEST_RULES[test].name}: ${life.tests[test]}`)),
    title('Readings of the scale'),
    ...(life.weighing ? [said(`${life.weighing.readingsLb.map(facts.write.weight).join(', ')}; the highest counts`)] : [said('none')]),
  ];
  return drawPages([
    flow(facts.sheets.full, blocks, head),
    recordPage(facts),
    ...photos.map((photo, i) => photoPage(facts, photo, i + 1, when)),
  ]);
}

const photoPage = (facts: PaperFacts, { jpeg, of, at }: ClaimPhoto, number: number, when: Intl.DateTimeFormat): Page => ({
  size: facts.sheets.full,
  draw: (paper, [wide, high]) => {
    line(
      paper,
      `Photograph ${number}, ${of === 'piece' ? 'the piece' : 'the packing'}, ${when.format(new Date(at))}`,
      { x: MARGIN, y: 0.5, width: wide - 2 * MARGIN },
      13,
      'strong',
    );
    paper.image(Buffer.from(jpeg), MARGIN * INCH, 0.9 * INCH, { fit: [(wide - 2 * MARGIN) * INCH, (high - 1.5) * INCH] });
  },
});

/** The same with everything apart: document, photographs, readings as CSV, parcel as JSON. */
export const claimZip = (view: ParcelView, pdf: Uint8Array, photos: readonly ClaimPhoto[]): Uint8Array =>
  zipFiles([
    { name: 'claim.pdf', bytes: pdf },
    { name: 'parcel.json', bytes: Buffer.from(exportedParcel(view)) },
    {
      name: 'readings.csv',
      bytes: Buffer.from(
        [
          'at,reading,pounds',
          ...view.events.flatMap((event) =>
            event.kind === 'weighed' ? event.readingsLb.map((lb, i) => `${event.at},${i + 1},${lb}`) : [],
          ),
        ].join('\r\n') + '\r\n',
      ),
    },
    ...photos.map(({ jpeg, of }, i) => ({ name: `photographs/${String(i + 1).padStart(2, '0')}-${of}.jpg`, bytes: jpeg })),
  ]);
