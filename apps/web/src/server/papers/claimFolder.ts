import { zipFiles } from '@inch-nest/formats';
import { carrierProof } from './carrierProof.ts';
import { writeMoment, type ClaimOf } from './ClaimSection.ts';
import { exportedParcel } from './exportedParcel.ts';
import { drawPages, flow, line, picture, rule, type Block, type Page, type Paper, type SheetSize } from './paper.ts';
import { recordPage } from './parcelRecord.ts';
import { marksOnPaper } from './marksOnPaper.ts';
import { fileNameOf, photosOf, type NamedPhoto } from './photoNames.ts';
import { shopClaim } from './shopClaim.ts';

export type { ClaimOf, ClaimPhoto, ClaimSibling } from './ClaimSection.ts';

const MARGIN = 0.6;

/** The claim as one document: what proves it and every photograph; the shop's own has what is missing and the whole record beside. */
export function claimPdf(claim: ClaimOf): Promise<Buffer> {
  const { facts, reader } = claim;
  const ours = reader === 'shop';
  const head = (paper: Paper, [wide]: SheetSize, sheet: number): number => {
    line(paper, `Claim: ${facts.title}`, { x: MARGIN, y: 0.5, width: wide - 2 * MARGIN }, 24, 'head');
    line(
      paper,
      [
        facts.shopName,
        `parcel ${facts.code}`,
        facts.label?.tracking ?? 'no label',
        facts.day,
        ...(ours ? ['our own copy: not for the carrier'] : []),
        ...(sheet > 1 ? [String(sheet)] : []),
      ].join(' · '),
      { x: MARGIN, y: 0.9, width: wide - 2 * MARGIN },
      12,
    );
    rule(paper, 1.25, MARGIN, wide - MARGIN);
    return 1.4;
  };
  const sections = [...(ours ? shopClaim(claim) : []), ...carrierProof(claim)];
  const blocks = sections.flatMap(({ title, lines }): Block[] => [
    { text: title, size: 15, font: 'head', after: 0.05 },
    ...lines.map((text, i): Block => ({ text, size: 11.5, after: i < lines.length - 1 ? 0.03 : 0.14 })),
  ]);
  return drawPages(`Claim: ${facts.title}, parcel ${facts.code}`, [
    flow(facts.sheets.full, blocks, head),
    ...(ours ? [recordPage(facts)] : []),
    ...photosOf(claim).map((one, i) => photoPage(claim, i, one)),
  ]);
}

const photoPage = ({ facts, shop }: ClaimOf, at: number, { photo, name, of }: NamedPhoto): Page => ({
  size: facts.sheets.full,
  draw: (paper, [wide, high]) => {
    line(
      paper,
      `Photograph ${at + 1}, ${of === null ? name.toLowerCase() : name}, ${writeMoment(shop)(photo.at)}`,
      { x: MARGIN, y: 0.5, width: wide - 2 * MARGIN },
      13,
      'strong',
    );
    const room = [wide - 2 * MARGIN, high - 1.5] as const;
    picture(paper, Buffer.from(photo.jpeg), name, { x: MARGIN, y: 0.9 }, { fit: room });
    // as large as the picture came out
    const scale = Math.min(room[0] / photo.width, room[1] / photo.height);
    marksOnPaper(paper, photo.marks, { x: MARGIN, y: 0.9, width: photo.width * scale, height: photo.height * scale });
  },
});

/** The same with everything apart: document, photographs, the readings that count as CSV; the shop's own has the parcel as JSON and every reading. */
export function claimZip(claim: ClaimOf, pdf: Uint8Array): Uint8Array {
  const { view, reader } = claim;
  const weighings = view.events.flatMap((event) => (event.kind === 'weighed' && event.readingsLb.length > 0 ? [event] : []));
  const counted = reader === 'shop' ? weighings : weighings.slice(-1);
  return zipFiles([
    { name: 'claim.pdf', bytes: pdf },
    ...(reader === 'shop' ? [{ name: 'parcel.json', bytes: Buffer.from(exportedParcel(view)) }] : []),
    {
      name: 'readings.csv',
      bytes: Buffer.from(
        ['at,reading,pounds', ...counted.flatMap((event) => event.readingsLb.map((lb, i) => `${event.at},${i + 1},${lb}`))].join('\r\n') +
          '\r\n',
      ),
    },
    ...photosOf(claim).map(({ photo, name }, i) => ({
      name: `photographs/${String(i + 1).padStart(2, '0')}-${fileNameOf(name)}.jpg`,
      bytes: photo.jpeg,
    })),
  ]);
}
