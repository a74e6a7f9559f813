import 'server-only';
import { fileDoor } from '../fileDoor.ts';
import { findParcel, shopNow } from '../rooms.ts';

/** A parcel whole, as a file to take away: facts, nest, readings, labels and all that happened. */
export const exportParcelDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  fileDoor(request, async () => {
    const view = await findParcel(context.params, (await shopNow()).people[0]!.id);
    if (!view) return { missing: 'there is no such parcel' };
    // what one person may take back is no fact of the parcel
    const parcel = Object.fromEntries(Object.entries(view).filter(([key]) => key !== 'undo' && key !== 'redo'));
    return {
      bytes: JSON.stringify({ format: 'inch-nest-parcel', version: 1, parcel }, null, 2),
      type: 'application/json',
      name: `parcel-${view.code}.json`,
    };
  });
