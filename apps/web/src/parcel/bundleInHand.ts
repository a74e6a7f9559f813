import { choiceOfBundle, partsOfBundle, planOfBundle, type BundleLocks, type Locks, type PlanChoice } from '@inch-nest/core';
import { heldIn, type FieldEntity, type ParcelView } from '@inch-nest/contracts';
import type { NestUse } from './useNest.ts';
import type { ParcelUse } from './useParcel.ts';

/** A parcel with one of its pieces in hand: that one stands where the first does, and what is typed is kept of it. */
export function pieceInHand(parcel: ParcelUse, at: number): ParcelUse {
  const held = heldIn(parcel.view)[at];
  if (at === 0 || !held) return parcel;
  const view: ParcelView = { ...parcel.view, ...held };
  return { ...parcel, view, keepField: (entity: FieldEntity, name, text) => parcel.keepField(entity, name, text, at) };
}

/** What was changed of a choice as it is for one bundle, as a change of the whole. */
export function changeOfBundle(now: PlanChoice, at: number, part: Partial<PlanChoice>): Partial<PlanChoice> {
  if (at === 0 || !now.others?.[at - 1]) return part;
  const { own, rest } = partsOfBundle(part);
  if (Object.keys(own).length === 0) return rest;
  return { ...rest, others: now.others.map((one, i) => (i === at - 1 ? { ...one, ...own } : one)) };
}

/** What is pinned as it is for one bundle. */
export function locksInHand({ others, ...locks }: Locks, at: number): Locks {
  if (at === 0) return others ? { ...locks, others } : locks;
  return { ...partsOfBundle<Locks>(locks).rest, ...others?.[at - 1] };
}

/** What is pinned of the whole after it was changed as it is for one bundle. */
export function locksAfter(now: Locks, at: number, next: Locks, count: number): Locks {
  if (at === 0) return next;
  const { own, rest } = partsOfBundle(next);
  const others = Array.from({ length: count - 1 }, (_, i): BundleLocks => (i === at - 1 ? (own as BundleLocks) : (now.others?.[i] ?? {})));
  const kept = { ...partsOfBundle(now).own, ...Object.fromEntries(Object.entries(rest).filter(([part]) => part !== 'others')) } as Locks;
  return others.some((one) => Object.keys(one).length > 0) ? { ...kept, others } : kept;
}

/** A nest with one of its bundles in hand: layers, guards and how it lies are that one’s. */
export function nestInHandOf(nest: NestUse, at: number): NestUse {
  if (at === 0) return nest;
  const { choice, plan, worked, recommended } = nest;
  return {
    ...nest,
    choice: choice && choiceOfBundle(choice, at),
    plan: plan && planOfBundle(plan, at),
    worked: worked && planOfBundle(worked, at),
    recommended: recommended && planOfBundle(recommended, at),
    locks: locksInHand(nest.locks, at),
    change: (next) => nest.change((now) => changeOfBundle(now, at, next(choiceOfBundle(now, at)))),
    pin: (next) =>
      nest.pin((now, inHand) =>
        locksAfter(now, at, next(locksInHand(now, at), inHand && choiceOfBundle(inHand, at)), 1 + (inHand?.others?.length ?? at)),
      ),
  };
}
