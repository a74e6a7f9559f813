import { HEAVIEST_LB } from '../../engineering/journey/dropSchedule.ts';
import { isCore } from '../box/core.ts';
import { isEnvelope } from '../box/makeShell.ts';
import { boxUp, mayHoldOne } from '../box/boxed.ts';
import { OWN_BOX, ownBoxOf } from '../box/ownBox.ts';
import type { BoxedChoice, WrappedItem, Wraps } from '../wrap/WrappedItem.ts';
import { stowAsTold } from '../box/stowAsTold.ts';
import type { BoxStock, FillStock } from '../../engineering/materials/stock.ts';
import { aroundAsChosen, goesAround } from '../box/around.ts';
import { toFoldOf } from '../box/boxToFold.ts';
import { foldsAsChosen, mayBeFolded } from '../box/folds.ts';
import { mayHoldSome, whyNotShared, type SharedAsChosen } from '../box/shared.ts';
import type { SharedChoice } from '../box/SharedChoice.ts';
import type { ByPlace } from '../fill/fillPlaces.ts';
import { fillVoids } from '../fill/fillVoids.ts';
import { judgeParcel, type Judge } from '../frontier/judgeParcel.ts';
import type { BundleChoice, PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { formatWeight } from '../../units/index.ts';
import { addedOf } from '../item/addedTo.ts';
import { inspectItem } from '../item/inspectItem.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import { BY_HAND, byHand, handCard } from '../rate/byHand.ts';
import { nearestService } from '../../engineering/tariff/nearestService.ts';
import { carriages, rateParcel, type Carriage, type Pieces, type RateLocks } from '../rate/rateParcel.ts';
import { readSale } from '../sale/readSale.ts';
import type { RatedParcel } from '../rate/RatedParcel.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import { weighParcel } from '../weight/weighParcel.ts';
import { measuredAs } from '../wrap/waysToWrap.ts';
import { notLaid } from '../wrap/notLaid.ts';
import { wrapItem } from '../wrap/wrapItem.ts';
import { bundleLocks, type PlanRequest } from './PlanRequest.ts';
import { boxesOf } from './stockFor.ts';
import { wishedPieces } from './wishedPieces.ts';

/** A choice worked out, or why it cannot be carried out at all. */
export type Derived =
  | { readonly kind: 'plan'; readonly option: PlanOption }
  | { readonly kind: 'noPlan'; readonly reasons: readonly string[] };

/** A parcel as weighed, judged when it is asked for; or why there is none. */
type Parcel = { readonly weighed: WeighedParcel; readonly judge: () => Judge } | string;

const none = (...reasons: string[]): Derived => ({ kind: 'noPlan', reasons });

/**
 * Works one choice out through every stage, as the search does for each of its own. A nest that breaks a
 * rule is still worked out; its faults are in its document.
 */
export const derivePlan = (request: PlanRequest, choice: PlanChoice): Derived => deriver(request)(choice);

/** Works out choices. */
export interface Deriver {
  (choice: PlanChoice): Derived;
  /** A choice as far as its price, not judged; null where it cannot be carried out. */
  rated(choice: PlanChoice): RatedParcel | null;
  /** A choice as far as its weight, neither rated nor judged: enough to find its faults; null where it cannot be carried out. */
  weighed(choice: PlanChoice): WeighedParcel | null;
}

/**
 * Works out one choice after the other for a request, keeping what they share: the piece as inspected, each
 * bundle once, and the parcel as weighed when only its carriage differs.
 *
 * @throws RangeError when the request does not hold the piece, and on facts out of bounds
 */
export function deriver(request: PlanRequest): Deriver {
  const { stock, house, cards } = request;
  const order = readSale(request.order);
  const facts = wishedPieces(request);
  const bare = facts.map((one) => inspectItem(order, one)) as unknown as Pieces;
  const { boxes } = boxesOf({ stock, cards, locks: {} });
  const inners = [...boxes, ...stock.boxes.filter(isCore)];
  const owns = facts.map(ownBoxOf);
  const own = facts.length === 1 ? owns[0]! : null;
  const pieces = new Map<string, InspectedPiece>();
  const bundles = new Map<string, WrappedItem>();
  const ways = new Map<string, Carriage[]>();
  const parcels = new Map<string, Parcel>();
  // a choice in hand is asked for its weight, its price and its risk one after the other
  const asked = new WeakMap<PlanChoice, Parcel>();
  const sendings = new WeakMap<PlanChoice, Omit<RatedParcel, 'weighed'> | string>();

  const guarded = (at: number, choice: BundleChoice): InspectedPiece => {
    const added = addedOf(choice);
    if (!added.guards && !added.filledHollows) return bare[at]!;
    const key = JSON.stringify([at, added]);
    const found = pieces.get(key) ?? inspectItem(order, facts[at]!, added);
    pieces.set(key, found);
    return found;
  };
  const wrap = (at: number, choice: BundleChoice): WrappedItem => {
    const { layers } = choice;
    const key = JSON.stringify([at, layers, addedOf(choice)]);
    const measured = measuredAs(bundleLocks(request.locks, at), layers);
    const wrapped = bundles.get(key) ?? wrapItem(guarded(at, choice), layers, stock, house, measured);
    bundles.set(key, wrapped);
    return wrapped;
  };
  const boxOf = (at: number, { box }: BoxedChoice): BoxStock | undefined =>
    box === OWN_BOX ? (owns[at] ?? undefined) : stock.boxes.find((one) => one.key === box && mayHoldOne(one));
  /** Some of them in one box as they are to be, or why they are not. */
  const sharedOf = ({ around }: PlanChoice, chosen: SharedChoice): SharedAsChosen | string => {
    const box = inners.find((one) => one.key === chosen.box && mayHoldSome(one));
    const counts = bare.map((piece) => piece.stacks.length);
    const why = whyNotShared(chosen, counts, box !== undefined && isCore(box));
    if (why !== null) return why;
    if (around?.of) return 'some are wrapped together and some go in one box: only one of the two is reckoned';
    const fill = stock.fills.find((one) => one.key === chosen.fill);
    if (!box) return 'the box that some share is not in the stockroom';
    return fill ? { of: chosen.of, box, fill } : 'that fill is not in the stockroom';
  };
  const put = (at: number, choice: BundleChoice): WrappedItem => {
    const wrapped = wrap(at, choice);
    if (!choice.boxed) return wrapped;
    const key = JSON.stringify([at, choice.layers, addedOf(choice), choice.boxed]);
    const boxed =
      bundles.get(key) ??
      boxUp(
        wrapped,
        boxOf(at, choice.boxed)!,
        stock.fills.find((one) => one.key === choice.boxed!.fill)!,
      );
    bundles.set(key, boxed);
    return boxed;
  };
  const weigh = (choice: PlanChoice): WeighedParcel | string => {
    const each = [choice, ...(choice.others ?? [])];
    if (each.length !== facts.length)
      return `${each.length === 1 ? 'one bundle is' : `${each.length} bundles are`} chosen for ${facts.length === 1 ? 'one piece' : `${facts.length} pieces`}`;
    const unwrapped = each.flatMap(({ layers }) => layers).flatMap((layer) => notLaid(layer, stock) ?? [])[0];
    if (unwrapped) return unwrapped;
    const box = boxes.find((one) => one.key === choice.box) ?? toFoldOf(choice.box, stock.linerBoard) ?? undefined;
    const inner = choice.inner && (choice.inner.box === OWN_BOX ? (own ?? undefined) : inners.find((one) => one.key === choice.inner!.box));
    if (!box || inner === undefined) return 'that box is not in the stockroom';
    const fill = isEnvelope(box) ? null : stock.fills.find((one) => one.key === choice.fill);
    const innerFill = choice.inner && stock.fills.find((one) => one.key === choice.inner!.fill);
    const apart = fill
      ? Object.entries(choice.fillApart ?? {}).map(([place, key]) => [place, stock.fills.find((one) => one.key === key)] as const)
      : [];
    if (fill === undefined || innerFill === undefined || apart.some(([, one]) => one === undefined))
      return 'that fill is not in the stockroom';
    for (const [at, { boxed }] of each.entries()) {
      if (boxed && !boxOf(at, boxed)) return `the box of its own for ${facts[at]!.title} is not in the stockroom`;
      if (boxed && !stock.fills.some((one) => one.key === boxed.fill)) return 'that fill is not in the stockroom';
    }
    const shared = choice.shared ? sharedOf(choice, choice.shared) : null;
    if (typeof shared === 'string') return shared;
    const fillApart: ByPlace<FillStock> = Object.fromEntries(apart);
    const ofBoard = OF_SHEET_BOARD.find(([part]) => choice[part]);
    if (ofBoard && !stock.linerBoard) return `there is no sheet board for ${ofBoard[1]}`;
    const stowed = stowAsTold(each.map((one, at) => put(at, one)) as unknown as Wraps, {
      ...choice,
      inner,
      box,
      sheet: stock.linerBoard,
      folds: foldsAsChosen(choice.between, stock.wraps, house),
      around: aroundAsChosen(choice.around, stock.wraps, house),
      shared,
    });
    const unfolded = choice.between?.find(({ material }) => !stock.wraps.some((one) => one.key === material && mayBeFolded(one)));
    const { around } = choice;
    const core = [inner, shared?.box].find((one) => one && isCore(one));
    if (around && !stock.wraps.some((one) => one.key === around.material && goesAround(one)))
      return `${around.material} is nothing in the stockroom that goes round several`;
    if (unfolded) return `${unfolded.material} is nothing in the stockroom that is folded between`;
    if (!stowed)
      return core ? `${core.name} does not go into ${box.name} from end to end` : `a second wall leaves no inside of ${box.name}`;
    const weighed = weighParcel(fillVoids(stowed, fill, innerFill, house, choice.extraFill, fillApart), stock, house);
    return weighed.grossLb > HEAVIEST_LB
      ? `${formatWeight(weighed.grossLb, request.units)} is more than the ${formatWeight(HEAVIEST_LB, request.units)} the model knows`
      : weighed;
  };
  const carry = (locks: Required<RateLocks>): Carriage[] => {
    const key = JSON.stringify(locks);
    const found = ways.get(key) ?? carriages(locks.service === BY_HAND ? [handCard(cards, order)] : cards, bare, house, locks);
    ways.set(key, found);
    return found;
  };
  const parcelOf = (choice: PlanChoice): Parcel => {
    const met = asked.get(choice);
    if (met !== undefined) return met;
    // one in which parts stand in another order is worked out by itself
    const { service: _, coverAdded: __, signature: ___, ...nest } = choice;
    const key = JSON.stringify(nest);
    let parcel = parcels.get(key);
    if (parcel === undefined) {
      const weighed = weigh(choice);
      let judge: Judge | undefined;
      parcel = typeof weighed === 'string' ? weighed : { weighed, judge: () => (judge ??= judgeParcel(weighed, house)) };
      parcels.set(key, parcel);
    }
    asked.set(choice, parcel);
    return parcel;
  };
  const lackingFor = (weighed: WeighedParcel, { coverAdded, signature }: PlanChoice) => ({
    refusals: rateParcel(weighed, carriages(cards, bare, house, { coverAdded, signature }).filter(takesOwnBoxes)).refused(request.units),
    nearest: nearestService(cards, { ...order, ...parcelAsSent(weighed) }),
  });
  /** How a parcel is sent, or why it cannot be at all. */
  const sent = (choice: PlanChoice, weighed: WeighedParcel): Omit<RatedParcel, 'weighed'> | string => {
    const { service, coverAdded, signature } = choice;
    const { rated, refused } = rateParcel(weighed, carry({ service, coverAdded, signature }));
    const one = rated[0] && (service === BY_HAND ? { ...rated[0], lacking: lackingFor(weighed, choice) } : rated[0]);
    if (one) return one;
    // a service that does not carry it stays chosen, without a price of its own
    const refusal = refused(request.units)[0];
    if (!refusal) return 'that service is in none of the rate cards in force';
    return { quote: byHand(cards, order, refusal, parcelAsSent(weighed)), coverAdded, signature, refused: refusal };
  };
  const sentOnce = (choice: PlanChoice, weighed: WeighedParcel): Omit<RatedParcel, 'weighed'> | string => {
    const met = sendings.get(choice) ?? sent(choice, weighed);
    sendings.set(choice, met);
    return met;
  };
  const derive = (choice: PlanChoice): Derived => {
    const parcel = parcelOf(choice);
    if (typeof parcel === 'string') return none(parcel);
    const carried = sentOnce(choice, parcel.weighed);
    if (typeof carried === 'string') return none(carried);
    return { kind: 'plan', option: withExtraFill(parcel.judge()(carried, choice.baseGapIn), choice) };
  };
  return Object.assign(derive, {
    rated(choice: PlanChoice) {
      const parcel = parcelOf(choice);
      if (typeof parcel === 'string') return null;
      const carried = sentOnce(choice, parcel.weighed);
      return typeof carried === 'string' ? null : { weighed: parcel.weighed, ...carried };
    },
    weighed(choice: PlanChoice) {
      const parcel = parcelOf(choice);
      return typeof parcel === 'string' ? null : parcel.weighed;
    },
  });
}

/** What is cut of sheet board, and what it is called. */
const OF_SHEET_BOARD = [
  ['liner', 'a liner'],
  ['board', 'a board under it'],
  ['cells', 'cells'],
  ['crossIn', 'a cross'],
] as const;

const takesOwnBoxes = ({ service }: Carriage): boolean => service.containers === null;

const parcelAsSent = ({ grossLb, filled }: WeighedParcel) => ({ weightLb: grossLb, sizeIn: filled.stowed.shell.outsideIn });

/** What is pressed in by hand belongs to the choice that was judged. */
const withExtraFill = (option: PlanOption, { extraFill }: PlanChoice): PlanOption =>
  extraFill ? { ...option, choice: { ...option.choice, extraFill } } : option;
