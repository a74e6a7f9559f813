import { goesIntoSleeve, wrapsIn } from '../../engineering/materials/sleeves.ts';
import type { WrapRole, WrapStock } from '../../engineering/materials/stock.ts';
import { guardsFor, type Face } from '../../engineering/pieces/hardPoints.ts';
import { bendsOf } from '../item/bends.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import { orientationsOf } from '../box/orientationsOf.ts';
import type { BundleChoice, PlanChoice } from '../frontier/PlanOption.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { measuredAs } from '../wrap/waysToWrap.ts';
import type { LayerChoice } from '../wrap/WrappedItem.ts';
import type { ChangeKind } from './ChangeKind.ts';
import { bundleChoice, bundleLocks, withBundle, type PlanRequest } from './PlanRequest.ts';

/** What may change of one bundle: its turns, how it lies, its hollows and guards. */
export function* changesOfBundle(
  { stock, locks }: PlanRequest,
  choice: PlanChoice,
  facts: PieceFacts,
  at: number,
  { isTooSmall, piece }: { readonly isTooSmall: boolean; readonly piece: InspectedPiece },
): Generator<{ change: ChangeKind; after: PlanChoice }> {
  const own = bundleChoice(choice, at);
  const which = at === 0 ? {} : { bundle: at };
  yield* turnsOver(choice, facts, at);
  // what is wrapped and measured is not unwrapped for a better figure
  if (measuredAs(bundleLocks(locks, at), own.layers)) return;
  for (const { change, layers } of layerChanges(stock, own.layers, facts, { isTooSmall, piece }))
    yield { change: { ...change, ...which }, after: withBundle(choice, at, { ...own, layers }) };
  for (const hollow of facts.hollows.filter((one) => !one.filled))
    yield { change: { kind: 'hollow', hollowId: hollow.id, ...which }, after: choice };
  for (const { id, kind, guard } of facts.hardPoints) {
    const best = guardsFor(kind)[0];
    if (guard === null && best) yield { change: { kind: 'guard', hardPointId: id, guard: best.kind, ...which }, after: choice };
  }
}

/** Layers changed by one step. */
interface LayerChange {
  readonly change: Extract<ChangeKind, { readonly kind: 'turns' | 'doubled' }>;
  readonly layers: BundleChoice['layers'];
  /** Finer than the search goes, which takes whole turns. */
  readonly finely: boolean;
}

/**
 * One material's turns one more or less, or half of one, a sheet doubled over a face or not any more, and an envelope round the
 * bundle, another, or none.
 *
 * @param isTooSmall where the box is too small only less of something helps, however much less
 * @param piece as it was inspected: on what does not bend no card is laid, and what is too large for an envelope goes into none
 * @param without materials nobody wants, by key
 */
export function* layerChanges(
  stock: PlanRequest['stock'],
  layers: BundleChoice['layers'],
  facts: PieceFacts,
  {
    isTooSmall,
    piece,
    without = [],
  }: { readonly isTooSmall: boolean; readonly piece: InspectedPiece; readonly without?: readonly string[] },
): Generator<LayerChange> {
  const wraps = wrapsIn(stock);
  for (const wrap of wraps.filter((one) => one.role === 'surface' || one.role === 'conform' || one.role === 'cushion')) {
    const turns = layers.find((layer) => layer.material === wrap.key)?.turns ?? 0;
    if (turns === 0 && (without.includes(wrap.key) || (wrap.stiff && bendsOf(piece) === null))) continue;
    for (const next of isTooSmall ? fewer(turns) : oneOrHalf(turns, wrap.cushion !== null)) {
      if (next >= 0 && next <= MOST_TURNS)
        yield {
          change: { kind: 'turns', material: wrap.key, turns: next },
          layers: withTurns(layers, wraps, wrap.key, next),
          finely: !Number.isInteger(next),
        };
    }
  }
  const sleeves = wraps.filter(({ role }) => role === 'sleeve');
  const bare = layers.filter(({ material }) => !sleeves.some(({ key }) => key === material));
  const worn = layers.length > bare.length ? layers.find((layer) => !bare.includes(layer))!.material : null;
  if (worn !== null) yield { change: { kind: 'turns', material: worn, turns: 0 }, layers: bare, finely: false };
  for (const sleeve of isTooSmall ? [] : sleeves) {
    const { key, onHandFt2, stiff } = sleeve;
    if (
      key !== worn &&
      onHandFt2 > 0 &&
      (!stiff || bendsOf(piece)) &&
      !without.includes(key) &&
      goesIntoSleeve(piece.guardedSizeIn, sleeve)
    )
      yield { change: { kind: 'turns', material: key, turns: 1 }, layers: withTurns(bare, wraps, key, 1), finely: false };
  }
  for (const layer of layers) {
    const isCushion = wraps.some(({ key, cushion, role }) => key === layer.material && cushion !== null && !NOT_DOUBLED.has(role));
    for (const face of layer.doubled ? [null] : isCushion && !isTooSmall ? facesToDouble(facts) : [])
      yield {
        change: { kind: 'doubled', material: layer.material, face },
        layers: layers.map((one) => (one === layer ? withDoubled(one, face) : one)),
        finely: true,
      };
  }
}

/** What one sheet more over a face is never of. */
const NOT_DOUBLED: ReadonlySet<WrapRole> = new Set(['surface', 'sleeve']);

/** More turns of one material nobody advises. */
const MOST_TURNS = 8;

/** The bundle lying another way. */
function* turnsOver(choice: PlanChoice, facts: PieceFacts, at: number): Generator<{ change: ChangeKind; after: PlanChoice }> {
  const own = bundleChoice(choice, at);
  for (const orientation of orientationsOf(facts)) {
    if (orientation.join() !== own.orientation.join())
      yield {
        change: { kind: 'turned', ...(at === 0 ? {} : { bundle: at }) },
        after: { ...withBundle(at === 0 ? withoutGrid(choice) : choice, at, { ...withoutGrid(own), orientation }), baseGapIn: null },
      };
  }
}

/** However several stand best then. */
const withoutGrid = <Choice extends BundleChoice>(choice: Choice): Choice => without(choice, 'grid');

/** A copy without one of its optional parts. */
export const without = <Of extends object>(of: Of, part: keyof Of): Of =>
  Object.fromEntries(Object.entries(of).filter(([name]) => name !== part)) as Of;

/** One turn less or more, and half a turn of a cushion that is there. */
const oneOrHalf = (turns: number, isCushion: boolean): number[] =>
  isCushion && turns > 0.5 ? [turns - 1, turns - 0.5, turns + 0.5, turns + 1] : [turns - 1, turns + 1];

/** Where one sheet more may tell: what it lies on, and what sticks out. */
const facesToDouble = ({ hardPoints }: PieceFacts): Face[] => [...new Set<Face>(['bottom', ...hardPoints.map(({ face }) => face)])];

/** A layer with one sheet more over a face; at null with none. */
const withDoubled = (layer: LayerChoice, face: Face | null): LayerChoice =>
  face ? { ...layer, doubled: face } : without(layer, 'doubled');

/** Every number of turns below one, by halves: where a box is too small, that is what must give. */
const fewer = (turns: number): number[] => Array.from({ length: Math.round(turns * 2) }, (_, i) => turns - (i + 1) / 2);

const ROLE_ORDER: readonly WrapRole[] = ['surface', 'conform', 'cushion', 'skin', 'sleeve', 'barrier'];

/** Layers with one material's turns changed, put in its place by role when it is new, gone at none. */
export function withTurns(
  layers: PlanChoice['layers'],
  wraps: readonly WrapStock[],
  material: string,
  turns: number,
): PlanChoice['layers'] {
  if (layers.some((layer) => layer.material === material)) {
    return layers.map((layer) => (layer.material === material ? { ...layer, turns } : layer)).filter((layer) => layer.turns > 0);
  }
  const rank = (key: string) => ROLE_ORDER.indexOf(wraps.find((wrap) => wrap.key === key)?.role ?? 'cushion');
  const after = layers.findIndex((layer) => rank(layer.material) > rank(material));
  const at = after < 0 ? layers.length : after;
  return turns > 0 ? [...layers.slice(0, at), { material, turns }, ...layers.slice(at)] : layers;
}
