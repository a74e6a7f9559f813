import 'server-only';
import { countryOf, customsProblems } from '@inch-nest/core';
import { paperRequest, PAPERS_WITH_ADDRESS, type PaperKind, type ParcelView } from '@inch-nest/contracts';
import { addressOf, Refused } from '@inch-nest/data';
import { shopData } from '../shopData.ts';
import { fileDoor, linkDoor } from '../fileDoor.ts';
import { labelMovesSay } from '../../words/labelMoves.ts';
import { drawPapers, isPaper } from '../papers/papers.ts';
import { actingPerson } from '../actingPerson.ts';
import { gatherFacts } from '../papers/gatherFacts.ts';
import { notePapers } from '../papers/notePapers.ts';
import { linkFor } from '../papers/paperPass.ts';
import { demand } from '../people/letIn.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { findParcel, parcelNow, shopNow } from '../rooms.ts';

type Context = { params: Promise<{ id: string }> };

/** Papers that say where it goes, what it weighs and what is in it: they must say what the label was bought for. */
const OF_THE_LABEL: readonly PaperKind[] = ['label', 'tag', 'slip', 'part', 'customs'];

/** Asks for papers: what shows where a buyer lives is written down as asked for, and the answer is a link that soon passes. */
export const askPapersDoor = (request: Request, context: Context): Promise<Response> =>
  linkDoor(request, paperRequest, async ({ personId, kinds }) => {
    const id = await readId(context);
    const view = await parcelNow(id, personId);
    const shut = shutFor(kinds, view);
    if (shut) throw new Refused([{ path: 'kinds', message: shut.missing }]);
    const shown = kinds.filter((kind) => PAPERS_WITH_ADDRESS.includes(kind));
    if (shown.length > 0) demand('send');
    if (shown.length > 0) await notePapers(id, personId, shown);
    return linkFor(`/api/parcels/${id}/papers`, { kind: kinds.join(',') }, now());
  });

/** Papers of a parcel as one PDF, at a link that was asked for. */
export const paperDoor = (request: Request, context: Context): Promise<Response> =>
  fileDoor(
    request,
    async () => {
      const kinds = (new URL(request.url).searchParams.get('kind') ?? '').split(',');
      if (kinds.some((kind) => (PAPERS_WITH_ADDRESS as readonly string[]).includes(kind))) demand('send');
      const shop = await shopNow();
      const view = kinds.every(isPaper) ? await findParcel(context.params, shop.people[0]!.id) : null;
      if (!view) return { missing: 'there is no such paper' };
      const shut = shutFor(kinds, view);
      if (shut) return shut;
      const bytes = await drawPapers(
        kinds.filter(isPaper),
        gatherFacts(view, shop, await addressOf(await shopData(), view.saleId), (await actingPerson()).system),
      );
      return bytes
        ? { bytes, type: 'application/pdf', name: `${view.code}-${kinds.length === 1 ? kinds[0] : 'papers'}.pdf`, shown: true }
        : { missing: 'nothing to print yet' };
    },
    { byLink: true },
  );

/** What keeps papers from being printed as the parcel stands, and how it is answered; null where nothing does. */
function shutFor(kinds: readonly string[], view: ParcelView): { missing: string; status: number } | null {
  const unready = kinds.includes('customs') ? customsShut(view) : [];
  if (unready.length > 0) return { missing: `the customs sheet is not ready: ${unready.join('; ')}`, status: 404 };
  const ofLabel = kinds.some((kind) => OF_THE_LABEL.includes(kind as PaperKind));
  const moved = ofLabel ? labelMovesSay(view.labels.find((label) => label.state === 'bought')?.moved ?? []) : null;
  return moved ? { missing: moved, status: 409 } : null;
}

/** What keeps a customs sheet from being printed. */
function customsShut({ sale, life }: Pick<ParcelView, 'sale' | 'life'>): string[] {
  const declaration = sale.customs.value;
  if (!countryOf(String(sale.destinationPostcode.value))) return ['it stays in the country'];
  return declaration ? customsProblems(declaration, life.weighing?.weightLb ?? null) : ['it is not filled in'];
}
