import 'server-only';
import { formatLength, formatWeight } from '@inch-nest/core';
import type { Accessory } from '@inch-nest/contracts';
import { guardRequest } from '../guardRequest.ts';
import { drawPaperOf, PAPERS, type PaperKind } from '../papers/papers.ts';
import type { PaperFacts } from '../papers/PaperFacts.ts';
import { findParcel, shopNow } from '../rooms.ts';

/** One paper of a parcel as a PDF. */
export async function paperDoor(request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> {
  const shut = guardRequest(request);
  if (shut) return new Response(shut, { status: 403 });
  const kind = new URL(request.url).searchParams.get('kind') as PaperKind;
  const shop = await shopNow();
  const view = PAPERS.includes(kind) ? await findParcel(context.params, shop.people[0]!.id) : null;
  if (!view) return new Response('there is no such paper', { status: 404 });
  const { sale, piece, life } = view;
  const plan = view.nest.plan?.document ?? null;
  const bought = view.labels.find((label) => label.state === 'bought');
  const carrier = shop.cards.find((card) => card.id === life.label?.rate.cardId)?.carrier ?? '';
  const size = life.weighing?.outsideIn ?? plan?.box.outsideIn ?? null;
  const weightLb = life.weighing?.weightLb ?? plan?.weight.grossLb ?? null;
  const facts: PaperFacts = {
    shopName: shop.name,
    fromPostcode: shop.originPostcode,
    toPostcode: String(sale.destinationPostcode.value),
    tag: (sale.buyer.value as string | null) ?? String(sale.destinationPostcode.value),
    code: view.code,
    title: String(piece.title.value),
    accessories: (piece.accessories.value as Accessory[]).map((one) => `${one.count} × ${one.name}`),
    serial: piece.serial.value as string | null,
    weight: weightLb === null ? 'not weighed' : formatWeight(weightLb),
    size: size ? `${size.map((side) => formatLength(side).replace(/ in$/, '')).join(' × ')} in` : 'not measured',
    day: shop.today,
    plan,
    keepUpright: piece.keepUpright.value as boolean,
    label: bought?.tracking
      ? { carrier, serviceName: bought.serviceName, tracking: bought.tracking, signature: life.label?.rate.signature ?? false }
      : null,
  };
  const bytes = await drawPaperOf(kind, facts);
  if (!bytes) return new Response('nothing to print yet', { status: 404 });
  return new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="${view.code}-${kind}.pdf"`,
      'cache-control': 'no-store',
      'x-content-type-options': 'nosniff',
    },
  });
}
