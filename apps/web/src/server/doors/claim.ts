import 'server-only';
import { claimRequest } from '@inch-nest/contracts';
import { addressOf, picturesOf } from '@inch-nest/data';
import { shopData } from '../database.ts';
import { fileDoor, linkDoor } from '../fileDoor.ts';
import { claimPdf, claimZip, type ClaimPhoto } from '../papers/claimFolder.ts';
import { actingPerson } from '../actingPerson.ts';
import { gatherFacts } from '../papers/gatherFacts.ts';
import { notePapers } from '../papers/notePapers.ts';
import { linkFor } from '../papers/paperPass.ts';
import { shopPhotos } from '../photos/shopPhotos.ts';
import { readId } from '../readId.ts';
import { findParcel, now, shopNow } from '../rooms.ts';

type Context = { params: Promise<{ id: string }> };

/** Asks for a parcel's claim folder, which says where the buyer lives. */
export const askClaimDoor = (request: Request, context: Context): Promise<Response> =>
  linkDoor(request, claimRequest, async ({ personId, as }) => {
    const id = await readId(context);
    await notePapers(id, personId, ['claim']);
    return linkFor(`/api/parcels/${id}/claim`, { as }, now());
  });

/** A parcel's claim folder as a PDF or a ZIP, at a link that was asked for. */
export const claimDoor = (request: Request, context: Context): Promise<Response> =>
  fileDoor(
    request,
    async () => {
      const as = new URL(request.url).searchParams.get('as');
      const shop = await shopNow();
      const view = as === 'pdf' || as === 'zip' ? await findParcel(context.params, shop.people[0]!.id) : null;
      if (!view) return { missing: 'there is no such folder' };
      const photos: ClaimPhoto[] = [];
      for (const { content, of, at } of await picturesOf(await shopData(), view.id)) {
        const jpeg = await shopPhotos().get(content);
        if (jpeg) photos.push({ jpeg, of, at });
      }
      const pdf = await claimPdf(
        view,
        shop,
        gatherFacts(view, shop, await addressOf(await shopData(), view.saleId), actingPerson(request, shop).system),
        photos,
      );
      return as === 'pdf'
        ? { bytes: pdf, type: 'application/pdf', name: `claim-${view.code}.pdf`, shown: true }
        : { bytes: claimZip(view, pdf, photos), type: 'application/zip', name: `claim-${view.code}.zip` };
    },
    { byLink: true },
  );
