import type { BoxStock } from '../../engineering/materials/stock.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { BY_HAND } from '../rate/byHand.ts';
import { deriver } from './derivePlan.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { boxesOf } from './stockFor.ts';

/**
 * A choice put into another box: what belongs to the old box goes with it, an envelope takes no fill, and a carrier's own box
 * takes its service along.
 *
 * @returns one for each service that takes the box where the service in hand does not; none where nobody does
 */
export function inBox(choice: PlanChoice, box: BoxStock, { stock, cards }: Pick<PlanRequest, 'stock' | 'cards'>): PlanChoice[] {
  const taken: PlanChoice = {
    ...choice,
    box: box.key,
    newDepthIn: null,
    ...(choice.crossIn ? { crossIn: 0 } : {}),
    baseGapIn: null,
    ...(choice.fillApart && isEnvelope(box) ? { fillApart: {} } : {}),
    fill: isEnvelope(box) ? null : (choice.fill ?? stock.fills[0]?.key ?? null),
  };
  const services = cards.flatMap((card) => card.services);
  const takes = ({ containers }: (typeof services)[number]) =>
    box.container === null ? containers === null : (containers?.includes(box.container) ?? false);
  const now = services.find(({ key }) => key === choice.service);
  if (now ? takes(now) : choice.service === BY_HAND && !box.container) return [taken];
  const others = services.filter(takes);
  return others.length > 0 ? others.map(({ key }) => ({ ...taken, service: key })) : [taken];
}

/** A choice put into another box by hand, by the service that comes out best where the one in hand does not take that box. */
export function takeBox(request: PlanRequest, choice: PlanChoice, key: string): PlanChoice {
  const box = boxesOf({ ...request, locks: {} }).boxes.find((one) => one.key === key);
  if (!box) return { ...choice, box: key };
  const [first, ...more] = inBox(choice, box, request);
  if (more.length === 0) return first!;
  const derive = deriver(request);
  const expected = (one: PlanChoice) => {
    const derived = derive(one);
    return derived.kind === 'plan' && !derived.option.rated.refused ? derived.option.expectedMinor : Infinity;
  };
  return [first!, ...more].reduce((best, one) => (expected(one) < expected(best) ? one : best));
}
