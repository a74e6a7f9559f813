import 'server-only';
import { heldIn } from '@inch-nest/contracts';
import { addressOf } from '@inch-nest/data';
import { answer } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { lettersMissing } from '../papers/faces.ts';
import { readId } from '../readId.ts';
import { parcelNow, shopNow } from '../rooms.ts';

/** Letters of a parcel's papers that cannot be printed, and nothing else of what stands there. */
export const lettersDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const shop = await shopNow();
    const view = await parcelNow(id, shop.people[0]!.id);
    const { sale } = view;
    const address = await addressOf(await shopData(), view.saleId);
    const pieces = heldIn(view).map(({ piece }) => [piece.title.value, piece.serial.value, piece.accessories.value, piece.bin.value]);
    return lettersMissing([JSON.stringify([shop.name, sale.buyer.value, sale.letter.value, sale.customs.value, address, pieces])]);
  });
