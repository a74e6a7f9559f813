import 'server-only';
import { claimAsked, claimOf, claimRequest, type ParcelView } from '@inch-nest/contracts';
import { addressOf, picturesOf } from '@inch-nest/data';
import { shopData } from '../shopData.ts';
import { fileDoor, linkDoor } from '../fileDoor.ts';
import { claimPdf, claimZip, type ClaimPhoto, type ClaimSibling } from '../papers/claimFolder.ts';
import { actingPerson } from '../actingPerson.ts';
import { gatherFacts } from '../papers/gatherFacts.ts';
import { notePapers } from '../papers/notePapers.ts';
import { linkFor } from '../papers/paperPass.ts';
import { shopPhotos } from '../photos/shopPhotos.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { findParcel, parcelNow, shopNow } from '../rooms.ts';

type Context = { params: Promise<{ id: string }> };

/** Asks for a parcel's claim folder, which says where the buyer lives. */
export const askClaimDoor = (request: Request, context: Context): Promise<Response> =>
  linkDoor(request, claimRequest, async ({ personId, as, for: reader }) => {
    const id = await readId(context);
    await notePapers(id, personId, [reader === 'carrier' ? 'claim' : 'claim of our own']);
    return linkFor(`/api/parcels/${id}/claim`, { as, for: reader }, now());
  });

/** A parcel's claim folder as a PDF or a ZIP, at a link that was asked for. */
export const claimDoor = (request: Request, context: Context): Promise<Response> =>
  fileDoor(
    request,
    async () => {
      const asked = claimAsked.safeParse(Object.fromEntries(new URL(request.url).searchParams));
      const shop = await shopNow();
      const view = asked.success ? await findParcel(context.params, shop.people[0]!.id) : null;
      if (!asked.success || !view) return { missing: 'there is no such folder' };
      const { as, for: reader } = asked.data;
      const { system } = await actingPerson();
      const proofOf = async (of: ParcelView): Promise<ClaimSibling> => ({
        view: of,
        facts: gatherFacts(of, shop, await addressOf(await shopData(), of.saleId), system),
        photos: await photosKept(of.id),
      });
      const siblings: ClaimSibling[] = [];
      for (const { id } of view.set) if (id !== view.id) siblings.push(await proofOf(await parcelNow(id, shop.people[0]!.id)));
      const claim = { ...(await proofOf(view)), shop, claim: claimOf(view, shop), siblings, reader };
      const pdf = await claimPdf(claim);
      const name = `claim-${view.code}${reader === 'shop' ? '-ours' : ''}`;
      return as === 'pdf'
        ? { bytes: pdf, type: 'application/pdf', name: `${name}.pdf`, shown: true }
        : { bytes: claimZip(claim, pdf), type: 'application/zip', name: `${name}.zip` };
    },
    { byLink: true },
  );

/** A parcel's photographs with their bytes; one that is no longer there is left out. */
async function photosKept(parcelId: string): Promise<ClaimPhoto[]> {
  const photos: ClaimPhoto[] = [];
  for (const { content, ...picture } of await picturesOf(await shopData(), parcelId)) {
    const jpeg = await shopPhotos().get(content);
    if (jpeg) photos.push({ ...picture, jpeg });
  }
  return photos;
}
