import 'server-only';
import { cutOf, type CutOrder, type CutWork } from '@inch-nest/core';
import { cutRequest, problemsOf } from '@inch-nest/contracts';
import { drawCut } from '@inch-nest/formats';
import { fileDoor } from '../fileDoor.ts';
import { cutPapers } from '../papers/cutPapers.ts';
import { shopNow } from '../rooms.ts';

const TYPES = { pdf: 'application/pdf', svg: 'image/svg+xml', dxf: 'image/vnd.dxf' } as const;
type As = keyof typeof TYPES;

/** What the box shop cuts, drawn: on paper, full size where it fits, or as a file for a cutter. */
export const boxShopDoor = (request: Request): Promise<Response> =>
  fileDoor(request, async () => {
    const asked = new URL(request.url).searchParams;
    const as = asked.get('as') ?? 'pdf';
    if (!isKnown(as)) return { missing: 'as must be pdf, svg or dxf', status: 400 };
    const order = readOrder(asked.get('order') ?? '');
    if (typeof order === 'string') return { missing: order, status: 400 };
    const work = workOf(order);
    if (typeof work === 'string') return { missing: work, status: 422 };
    const bytes = as === 'pdf' ? await cutPapers(order, work, await shopNow()) : drawCut(work.parts, as);
    return { bytes, type: TYPES[as], name: `cut-${order.kind}.${as}`, shown: as === 'pdf' };
  });

const isKnown = (as: string): as is As => Object.hasOwn(TYPES, as);

function readOrder(text: string): CutOrder | string {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return 'order must be JSON';
  }
  const read = cutRequest.safeParse(json);
  return read.success
    ? read.data
    : problemsOf(read.error)
        .map(({ path, message }) => `${path}: ${message}`)
        .join('; ');
}

function workOf(order: CutOrder): CutWork | string {
  try {
    return cutOf(order);
  } catch (error) {
    if (error instanceof RangeError) return error.message;
    throw error;
  }
}
