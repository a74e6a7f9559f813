'use client';
import { isCore, planBundles, type PlanChoice, type PlanDocument } from '@inch-nest/core';
import { countOfPlan } from '../../drawings/nestGeometry.ts';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { AroundTile } from './AroundTile.tsx';
import { BoxTiles } from './BoxTiles.tsx';
import { FillTile } from './FillTile.tsx';
import { GuardTile } from './GuardTile.tsx';
import { LayerTiles } from './LayerTiles.tsx';
import { BetweenTile } from './BetweenTile.tsx';
import { OwnBoxTile } from './OwnBoxTile.tsx';
import { SharedTile } from './SharedTile.tsx';
import { StandTile } from './StandTile.tsx';
import { StackTile } from './StackTile.tsx';
import { TogetherTile } from './TogetherTile.tsx';

/** The nest piece by piece: wrap, box and fill, each changed by hand or pinned for a new search. */
export function NestTiles({
  plan,
  parcel,
  nest,
  choice,
  whole,
}: {
  plan: PlanDocument;
  parcel: ParcelUse;
  nest: NestUse;
  choice: PlanChoice;
  /** The nest of all bundles, of which one is in hand. */
  whole: NestUse;
}) {
  const bundles = whole.plan ? planBundles(whole.plan) : [];
  const nested = bundles.some(({ piece, block }) => piece.id === plan.piece.id && block.within !== undefined);
  // with all in one another nothing stands beside anything
  const beside = bundles.filter(({ block }) => block.within === undefined).length > 1;
  return (
    <section className="tiles" aria-label="The nest">
      <h2 id="wrap" className="unseen">
        Wrap
      </h2>
      <GuardTile plan={plan} parcel={parcel} nest={nest} />
      <StackTile plan={plan} parcel={parcel} nest={nest} />
      <LayerTiles plan={plan} nest={nest} choice={choice} />
      <h2 id="box" className="unseen">
        Box
      </h2>
      {plan.block.stacks.length > 1 && (
        <TogetherTile plan={plan} parcel={parcel} nest={nest} among={(whole.plan?.others?.length ?? 0) > 0} />
      )}
      {whole.plan && countOfPlan(whole.plan) > 1 && <OwnBoxTile plan={plan} nest={nest} choice={choice} whole={whole} />}
      {whole.plan?.others && <StandTile plan={whole.plan} nest={whole} />}
      {whole.plan?.others && beside && <BetweenTile plan={whole.plan} nest={whole} />}
      {whole.plan?.others && beside && (countOfPlan(whole.plan) > 2 || nest.request.stock.boxes.some(isCore)) && (
        <SharedTile plan={whole.plan} nest={whole} />
      )}
      {whole.plan && countOfPlan(whole.plan) > 1 && <AroundTile plan={whole.plan} nest={whole} />}
      <BoxTiles plan={plan} nest={nest} choice={choice} nested={nested} />
      <h2 id="fill" className="unseen">
        Fill
      </h2>
      {choice.fill !== null && <FillTile plan={plan} nest={nest} choice={choice} />}
    </section>
  );
}
