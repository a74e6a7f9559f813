import 'server-only';
import { fileDoor } from '../fileDoor.ts';
import { exportedParcel } from '../papers/exportedParcel.ts';
import { findParcel, shopNow } from '../rooms.ts';

/** A parcel whole, as a file to take away: facts, nest, readings, labels and all that happened. */
export const exportParcelDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  fileDoor(request, async () => {
    const view = await findParcel(context.params, (await shopNow()).people[0]!.id);
    if (!view) return { missing: 'there is no such parcel' };
    return { bytes: exportedParcel(view), type: 'application/json', name: `parcel-${view.code}.json` };
  });
