import 'server-only';
import { countryOf, customsProblems } from '@inch-nest/core';
import type { PaperKind, ParcelView } from '@inch-nest/contracts';
import { addressOf } from '@inch-nest/data';
import { shopData } from '../database.ts';
import { fileDoor } from '../fileDoor.ts';
import { labelMovesSay } from '../../words/labelMoves.ts';
import { drawPapers, isPaper } from '../papers/papers.ts';
import { actingPerson } from '../actingPerson.ts';
import { gatherFacts } from '../papers/gatherFacts.ts';
import { findParcel, shopNow } from '../rooms.ts';

const MOST_PAPERS = 12;
/** Papers that say where it goes, what it weighs and what is in it: they must say what the label was bought for. */
const OF_THE_LABEL: readonly PaperKind[] = ['label', 'tag', 'slip', 'part', 'customs'];

const movedSays = ({ labels }: ParcelView): string | null => labelMovesSay(labels.find((label) => label.state === 'bought')?.moved ?? []);

/** Papers of a parcel as one PDF, `?kind=slip` or `?kind=tag,slip,label`. */
export const paperDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  fileDoor(request, async () => {
    const kinds = (new URL(request.url).searchParams.get('kind') ?? '').split(',').slice(0, MOST_PAPERS);
    const shop = await shopNow();
    const view = kinds.every(isPaper) ? await findParcel(context.params, shop.people[0]!.id) : null;
    if (!view) return { missing: 'there is no such paper' };
    const shut = kinds.includes('customs') ? customsShut(view) : [];
    if (shut.length > 0) return { missing: `the customs sheet is not ready: ${shut.join('; ')}` };
    const moved = kinds.some((kind) => OF_THE_LABEL.includes(kind as PaperKind)) ? movedSays(view) : null;
    if (moved) return { missing: moved, status: 409 };
    const bytes = await drawPapers(
      kinds.filter(isPaper),
      gatherFacts(view, shop, await addressOf(await shopData(), view.saleId), actingPerson(request, shop).system),
    );
    return bytes
      ? { bytes, type: 'application/pdf', name: `${view.code}-${kinds.length === 1 ? kinds[0] : 'papers'}.pdf`, shown: true }
      : { missing: 'nothing to print yet' };
  });

/** What keeps a customs sheet from being printed. */
function customsShut({ sale, life }: ParcelView): string[] {
  const declaration = sale.customs.value;
  if (!countryOf(String(sale.destinationPostcode.value))) return ['it stays in the country'];
  return declaration ? customsProblems(declaration, life.weighing?.weightLb ?? null) : ['it is not filled in'];
}
