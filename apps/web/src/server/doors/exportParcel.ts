import 'server-only';
import { guardRequest } from '../guardRequest.ts';
import { findParcel, shopNow } from '../rooms.ts';

/** A parcel whole, as a file to take away: facts, nest, readings, labels and all that happened. */
export async function exportParcelDoor(request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> {
  const shut = guardRequest(request);
  if (shut) return new Response(shut, { status: 403 });
  const view = await findParcel(context.params, (await shopNow()).people[0]!.id);
  if (!view) return new Response('there is no such parcel', { status: 404 });
  // what one person may take back is no fact of the parcel
  const parcel = Object.fromEntries(Object.entries(view).filter(([key]) => key !== 'undo' && key !== 'redo'));
  return new Response(JSON.stringify({ format: 'inch-nest-parcel', version: 1, parcel }, null, 2), {
    headers: {
      'content-type': 'application/json',
      'content-disposition': `attachment; filename="parcel-${view.code}.json"`,
      'cache-control': 'no-store',
    },
  });
}
