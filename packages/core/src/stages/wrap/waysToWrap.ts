import { goesIntoSleeve, wrapsIn } from '../../engineering/materials/sleeves.ts';
import type { WrapStock } from '../../engineering/materials/stock.ts';
import { bendsOf } from '../item/bends.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import type { House } from '../../house/House.ts';
import { sameContent } from '../../units/index.ts';
import type { LayerChoice, MeasuredBundle, WrappedItem } from './WrappedItem.ts';
import { isThin, partNotFollowed } from './feelTest.ts';
import { bubblesAsHouse, surfacesFor } from './housesWay.ts';
import { stiffSides } from './stiffSides.ts';
import { wrapItem, type WrapStockroom } from './wrapItem.ts';

const MOST_CONFORM_TURNS = 4;
const MOST_CUSHION_TURNS = 6;
/** A card on one face, and one on each. */
const CARD_TURNS = [0.5, 1];

/** Choices somebody has pinned; the rest is searched. */
export interface WrapLocks {
  readonly layers?: readonly LayerChoice[];
  /** The bundle in those layers as it was measured. */
  readonly bundle?: MeasuredBundle;
  /** Materials nobody wants this time, by key. */
  readonly without?: readonly string[];
}

/** The measured bundle, where it was measured in these very layers, in whatever order their parts are kept. */
export const measuredAs = ({ layers, bundle }: WrapLocks, now: readonly LayerChoice[]): MeasuredBundle | null =>
  bundle && layers && sameContent(layers, now) ? bundle : null;

/**
 * Every way of wrapping the piece that the plan may choose: surface as finish and house ask × cards on its faces where it
 * bends × conforming turns 0 to 4 × cushioning turns 0 to 6 × for what goes into one an envelope round it × a damp barrier where
 * required. Those that break a requirement or fail the feel test, or leave the bundle thin or bare, are left out.
 */
export function waysToWrap(piece: InspectedPiece, stock: WrapStockroom, house: House, locks: WrapLocks = {}): WrappedItem[] {
  if (locks.layers) return [wrapItem(piece, locks.layers, stock, house, measuredAs(locks, locks.layers))];
  const byRole = (role: WrapStock['role']) => wrapsIn(stock).filter((wrap) => wrap.role === role && !locks.without?.includes(wrap.key));
  const ways: WrappedItem[] = [];
  const barrier =
    piece.facts.dampSensitive && house.rules.dampBarrier
      ? byRole('barrier')
          .slice(0, 1)
          .map((wrap) => ({ material: wrap.key, turns: 1 }))
      : [];
  const hasSmall = byRole('conform').length > 0;
  const followsParts = (wrapped: WrappedItem) =>
    !hasSmall || house.bubble === 'largeOnly' || partNotFollowed(piece, wrapped.layers) === null;
  // thin glass and paper lie between cards, where there are any
  const cards = bendsOf(piece) ? byRole('surface').filter(({ stiff }) => stiff) : [];
  const between: LayerChoice[][] = [[], ...cards.flatMap(({ key }) => CARD_TURNS.map((turns) => [{ material: key, turns }]))];
  const conforming = turnsOf(byRole('conform'), MOST_CONFORM_TURNS);
  const onSurface = surfacesFor(piece, byRole('surface'), house).flatMap((surface) =>
    between.map((card) => [...(surface ? [{ material: surface.key, turns: 1 }] : []), ...card]),
  );
  // one that is stiff does what cards do, and nothing for what does not bend
  const sleeves = byRole('sleeve').filter(
    (sleeve) => sleeve.onHandFt2 > 0 && (!sleeve.stiff || bendsOf(piece)) && goesIntoSleeve(piece.guardedSizeIn, sleeve),
  );
  for (const surface of onSurface) {
    for (const conform of conforming) {
      for (const cushion of turnsOf(byRole('cushion'), MOST_CUSHION_TURNS)) {
        if (!bubblesAsHouse({ conform: conform.length > 0, cushion: cushion.length > 0 }, hasSmall, house)) continue;
        const inside = [...surface, ...conform, ...cushion];
        for (const sleeve of sleeves.length > 0 ? sleevesRound(wrapItem(piece, inside, stock, house), sleeves) : IN_NONE) {
          const wrapped = wrapItem(piece, [...inside, ...sleeve, ...barrier], stock, house);
          if (
            followsParts(wrapped) &&
            isHeld(wrapped) &&
            wrapped.feelFaults.length === 0 &&
            !isThin(piece, wrapped.growsIn) &&
            wrapped.missing.length === 0
          )
            ways.push(wrapped);
        }
      }
    }
  }
  return ways;
}

/** In no envelope, and in the smallest of each kind that takes a bundle; in no stiff one between two cards. Common practice, no source. */
function sleevesRound({ bundleIn, layers }: WrappedItem, sleeves: readonly WrapStock[]): LayerChoice[][] {
  const isStiff = stiffSides(layers) === 2;
  const fitting = sleeves
    .filter((sleeve) => !(sleeve.stiff && isStiff) && goesIntoSleeve(bundleIn, sleeve))
    .sort((one, other) => one.rollWidthIn * one.rollLengthIn - other.rollWidthIn * other.rollLengthIn);
  const smallest = [false, true].flatMap((stiff) => fitting.find((sleeve) => sleeve.stiff === stiff) ?? []);
  return [[], ...smallest.map(({ key }) => [{ material: key, turns: 1 }])];
}

const IN_NONE: LayerChoice[][] = [[]];

/** Never bare, but in a case: something round every piece, and a cushioning layer round what shock can break. */
export const isHeld = ({ piece: { archetype }, layers }: WrappedItem): boolean =>
  archetype.cased || (layers.length > 0 && (archetype.fragility === null || layers.some((layer) => layer.cushion !== null)));

function turnsOf(wraps: readonly WrapStock[], most: number): LayerChoice[][] {
  const ways: LayerChoice[][] = [[]];
  for (const wrap of wraps) {
    for (let turns = 1; turns <= most; turns++) ways.push([{ material: wrap.key, turns }]);
  }
  return ways;
}
