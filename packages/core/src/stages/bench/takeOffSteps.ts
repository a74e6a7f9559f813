import type { PieceFacts } from '../sale/Order.ts';
import { offInOrder } from '../sale/readSale.ts';
import { act, capital, type Part } from './stepParts.ts';

/** Parts that travel by themselves come off first, each after the one before it; what loosens goes into the bag. */
export const takeOffSteps = (pieces: readonly PieceFacts[]): Part[] =>
  offInOrder(pieces).map(({ id, title, partOf }) => {
    const { pieceId, loosens } = partOf!;
    const whole = pieces.find((piece) => piece.id === pieceId)!.title;
    const bagged = loosens ? ` ${capital(loosens)}: into the bag, and the bag shut.` : '';
    return act(`off:${id}`, `Take off: ${title}`, `From ${whole}; nothing forced, a photograph of how it sat.${bagged}`, 0);
  });

/** The bag with all that was loosened goes in before the top of the fill. */
export function bagStep(pieces: readonly PieceFacts[]): Part[] {
  const loose = pieces.flatMap(({ partOf }) => (partOf?.loosens ? [partOf.loosens] : []));
  return loose.length === 0 ? [] : [act(`bag:${loose.length}`, 'Put in: the bag', `With ${loose.join(', ')}; nothing hard against it.`, 0)];
}
