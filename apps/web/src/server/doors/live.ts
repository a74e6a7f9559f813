import 'server-only';
import { randomUUID } from 'node:crypto';
import { liveAsked, type LiveMessage } from '@inch-nest/contracts';
import { inShop, revisionOf, tellHere } from '@inch-nest/data';
import { database } from '../database.ts';
import { listenIn } from '../live/hub.ts';
import { letIn } from '../people/letIn.ts';
import { whoAsks } from '../people/whoAsks.ts';
import { askerNow, watched } from '../watch/watched.ts';

/** So often somebody is said to be there, and it is looked whether she still may be. */
const BEAT_MS = 20_000;

/** What moves in the shop, as it moves, and who else is where: a stream for as long as the page is open. */
export const liveDoor = (request: Request): Promise<Response> => watched(request, () => live(request));

async function live(request: Request): Promise<Response> {
  const shut = await letIn(request);
  if (shut) return Response.json({ problems: [shut] }, { status: shut.status });
  const asked = liveAsked.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!asked.success) return Response.json({ problems: [{ path: '(address)', message: 'not a place of the shop' }] }, { status: 400 });
  const { shopId, person } = askerNow()!;
  const room = inShop(database(), shopId);
  const place = randomUUID();
  const here = (left: boolean) =>
    tellHere(room, { place, person: person.id, parcel: asked.data.parcel ?? null, station: asked.data.station ?? null, left }).catch(
      () => undefined,
    );
  const text = new TextEncoder();
  let end: () => void = () => undefined;
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const tell = (message: LiveMessage) => {
        // whoever has gone is told nothing
        try {
          controller.enqueue(text.encode(`data: ${JSON.stringify(message)}\n\n`));
        } catch {
          end();
        }
      };
      const stopListening = listenIn(place, shopId, tell);
      // what moved between the page being drawn and this
      const { parcel } = asked.data;
      if (parcel)
        void revisionOf(room, parcel).then(
          (revision) => revision !== null && tell({ of: 'parcel', parcelId: parcel, revision }),
          () => undefined,
        );
      const beat = setInterval(() => {
        void whoAsks(request.headers).then(
          (who) => {
            if (typeof who !== 'string') return here(false);
            tell({ of: 'shutOut' });
            end();
          },
          () => undefined,
        );
      }, BEAT_MS);
      let ended = false;
      end = () => {
        if (ended) return;
        ended = true;
        clearInterval(beat);
        stopListening();
        void here(true);
        try {
          controller.close();
        } catch {
          // closed by whoever listened
        }
      };
      request.signal.addEventListener('abort', end);
      void here(false);
    },
    cancel: () => end(),
  });
  return new Response(stream, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store, no-transform', 'x-accel-buffering': 'no' },
  });
}
