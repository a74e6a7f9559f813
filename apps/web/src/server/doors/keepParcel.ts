import 'server-only';
import { keepCommand, type KeepAnswer, type ParcelView } from '@inch-nest/contracts';
import { keepParcel } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { asker, shopData } from '../shopData.ts';
import { keepWhatMay, parcelChangeNeeds } from '../people/changeRights.ts';
import { mayProblem } from '../people/letIn.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { parcelNow, shopNow } from '../rooms.ts';

/** Keeps what was typed, picked and chosen of a parcel; what became of each change is answered with the parcel as it then stands. */
export const keepParcelDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async (): Promise<KeepAnswer<ParcelView>> => {
    const id = await readId(context);
    const command = await readBody(request, keepCommand);
    const [room, shop, who] = [await shopData(), await shopNow(), await asker()];
    const verdicts = await keepWhatMay(
      command.changes,
      ({ path }) => mayProblem(who, parcelChangeNeeds(path)),
      (changes) => keepParcel(room, shop, id, { ...command, changes }, now()),
    );
    return { verdicts, whole: await parcelNow(id, command.personId) };
  });
