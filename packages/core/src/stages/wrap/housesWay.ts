import type { WrapStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import type { WrappedItem } from './WrappedItem.ts';

/**
 * What may lie on the surface. A touchy finish must have a soft layer and a polished one may; a plain one
 * needs none of its own. A house that names its first layer has it wherever the finish allows.
 */
export function surfacesFor(
  { facts }: InspectedPiece,
  surfaces: readonly WrapStock[],
  { firstLayer, rules }: Pick<House, 'firstLayer' | 'rules'>,
): (WrapStock | null)[] {
  const soft = surfaces.filter((wrap) => !wrap.abrasive && !wrap.stiff);
  const touchy = rules.softFirstLayer && (facts.finish === 'rubsOff' || facts.finish === 'uncured');
  const named = surfaces.filter((wrap) => !wrap.stiff && kindOfSurface(wrap) === firstLayer && !(touchy && wrap.abrasive));
  if (named.length > 0) return named;
  if (touchy) return soft;
  return facts.finish === 'polished' && firstLayer !== 'none' ? [null, ...soft] : [null];
}

/** Which of the house's first layers a surface wrap is. */
const kindOfSurface = ({ cushion, abrasive }: WrapStock): House['firstLayer'] => (cushion ? 'foam' : abrasive ? 'paper' : 'tissue');

/** True where layers go by the house's side on bubble, as far as there is small bubble. */
export const bubblesAsHouse = (
  has: { readonly conform: boolean; readonly cushion: boolean },
  stocked: boolean,
  { bubble }: Pick<House, 'bubble'>,
): boolean => bubble === 'either' || (bubble === 'largeOnly' ? !has.conform : !stocked || has.conform || !has.cushion);

/**
 * True where a bundle is wrapped as the house wraps: with the first layer it names, where it names one, and its side on bubble. A
 * house that goes by the finish may have more on it than that asks.
 *
 * @param wraps of the stockroom
 */
export function isHousesWay({ piece, layers }: WrappedItem, wraps: readonly WrapStock[], house: House): boolean {
  const has = (role: WrapStock['role']) => layers.some(({ stock }) => stock.role === role);
  const stocked = wraps.some(({ role }) => role === 'conform');
  if (!bubblesAsHouse({ conform: has('conform'), cushion: has('cushion') }, stocked, house)) return false;
  if (house.firstLayer === 'asFinish') return true;
  const surfaces = wraps.filter(({ role }) => role === 'surface');
  const allowed = surfacesFor(piece, surfaces, house).map((wrap) => wrap?.key ?? null);
  const laid = layers.filter(({ stock }) => stock.role === 'surface' && !stock.stiff).map(({ stock }) => stock.key);
  return laid.length === 0 ? allowed.includes(null) : laid.every((key) => allowed.includes(key));
}
