import 'server-only';
import { claimAsked, claimOf, claimRequest } from '@inch-nest/contracts';
import { addressOf, picturesOf } from '@inch-nest/data';
import { shopData } from '../shopData.ts';
import { fileDoor, linkDoor } from '../fileDoor.ts';
import { claimPdf, claimZip, type ClaimPhoto } from '../papers/claimFolder.ts';
import { actingPerson } from '../actingPerson.ts';
import { gatherFacts } from '../papers/gatherFacts.ts';
import { notePapers } from '../papers/notePapers.ts';
import { linkFor } from '../papers/paperPass.ts';
import { shopPhotos } from '../photos/shopPhotos.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { findParcel, shopNow } from '../rooms.ts';

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
      const photos: ClaimPhoto[] = [];
      for (const { content, ...picture } of await picturesOf(await shopData(), view.id)) {
        const jpeg = await shopPhotos().get(content);
        if (jpeg) photos.push({ ...picture, jpeg });
      }
      const address = await addressOf(await shopData(), view.saleId);
      const facts = gatherFacts(view, shop, address, (await actingPerson()).system);
      const claim = { view, shop, claim: claimOf(view, shop), facts, photos, reader };
      const pdf = await claimPdf(claim);
      const name = `claim-${view.code}${reader === 'shop' ? '-ours' : ''}`;
      return as === 'pdf'
        ? { bytes: pdf, type: 'application/pdf', name: `${name}.pdf`, shown: true }
        : { bytes: claimZip(claim, pdf), type: 'application/zip', name: `${name}.zip` };
    },
    { byLink: true },
  );
