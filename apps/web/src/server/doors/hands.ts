import 'server-only';
import { askHands, ARCHETYPES } from '@inch-nest/core';
import { handsAsked, may, practiceRequest, type HandsView, type Practice, type PracticeKey } from '@inch-nest/contracts';
import { handsOfLate } from '@inch-nest/data';
import { answer } from '../answer.ts';
import { now } from '../now.ts';
import { forEyes } from '../people/forEyes.ts';
import { shopNow } from '../rooms.ts';
import { searchOnServer } from '../searchOnServer.ts';
import { asker, shopData } from '../shopData.ts';

/** What hands found of late: everybody's to whoever keeps the people, else one's own. */
export async function handsNow(): Promise<HandsView> {
  const { person } = await asker();
  return handsOfLate(await shopData(), now(), may(person, 'people') ? null : person.id);
}

/** What hands found of late; with `?piece=` what is asked about a piece to practise on, its nest searched here. */
export const handsDoor = (request: Request): Promise<Response> =>
  answer(request, async () => {
    const { piece } = handsAsked.parse(Object.fromEntries(new URL(request.url).searchParams));
    return piece ? forEyes(await practice(piece, request.signal)) : handsNow();
  });

async function practice(key: PracticeKey, asking: AbortSignal): Promise<Practice> {
  const asked = practiceRequest(key, await shopNow());
  const found = await searchOnServer(asked, asking);
  const [piece] = asked.order.pieces;
  const { title, lengthIn, widthIn, heightIn, weightLb, archetype } = piece!;
  return {
    title,
    sizeIn: [lengthIn, widthIn, heightIn],
    weightLb,
    kind: ARCHETYPES[archetype].name,
    questions: found.kind === 'planned' ? askHands(asked, found.recommended.choice) : [],
  };
}
