import 'server-only';
import { labelCommand, type CounterQuote, type TrackingAnswer } from '@inch-nest/contracts';
import { noteHandLabel, orderOfRate } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { shopCounter, shopPurchases } from '../counter/shopCounter.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { parcelNow, shopNow } from '../rooms.ts';

type Context = { params: Promise<{ id: string }> };

/** Buys, gives back, or asks after a label; the parcel is answered as it then stands. */
export const labelDoor = (request: Request, context: Context): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const command = await readBody(request, labelCommand);
    const shop = await shopNow();
    if (command.act === 'buy') await shopPurchases().buy(shop, id, command.personId);
    else if (command.act === 'byHand') await noteHandLabel(await shopData(), shop, id, command, now());
    else if (command.act === 'ask') await shopPurchases().sweep();
    else await shopPurchases().void(shop, { parcelId: id, labelId: command.labelId, personId: command.personId });
    return parcelNow(id, command.personId);
  });

const NOTHING: TrackingAnswer = { steps: [] };

/** Where the carrier says it is; nothing where there is no label. */
export const trackDoor = (request: Request, context: Context): Promise<Response> =>
  answer(request, async () => {
    const view = await parcelNow(await readId(context), (await shopNow()).people[0]!.id);
    const tracking = view.labels.find((label) => label.state === 'bought')?.tracking;
    return tracking ? shopCounter().track(tracking) : NOTHING;
  });

/** What the counter itself asks for the chosen service; nothing is bought. */
export const counterQuoteDoor = (request: Request, context: Context): Promise<Response> =>
  answer(request, async (): Promise<CounterQuote> => {
    const order = await orderOfRate(await shopData(), await shopNow(), await readId(context));
    if (!order) return { kind: 'notRated' };
    return shopCounter()
      .quote(order)
      .then(
        (asked): CounterQuote =>
          'refused' in asked
            ? { kind: 'refused', reason: asked.refused }
            : { kind: asked.priceMinor === order.priceMinor ? 'same' : 'other', priceMinor: asked.priceMinor },
        (): CounterQuote => ({ kind: 'silent' }),
      );
  });
