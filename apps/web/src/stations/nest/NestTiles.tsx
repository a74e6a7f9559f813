'use client';
import type { PlanChoice, PlanDocument } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { BoxTiles } from './BoxTiles.tsx';
import { GuardTile } from './GuardTile.tsx';
import { LayerTiles } from './LayerTiles.tsx';
import { Tile, TileSelect } from './Tile.tsx';
import { StandTile } from './StandTile.tsx';
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
  const { write } = useShop();
  const { fills } = nest.request.stock;
  const outer = plan.fills.find((fill) => fill.where === 'outer');
  return (
    <section className="tiles" aria-label="The nest">
      <h2 id="wrap" className="unseen">
        Wrap
      </h2>
      <GuardTile plan={plan} parcel={parcel} nest={nest} />
      <LayerTiles plan={plan} nest={nest} choice={choice} />
      <h2 id="box" className="unseen">
        Box
      </h2>
      {plan.block.stacks.length > 1 && <TogetherTile plan={plan} nest={nest} />}
      {whole.plan?.others && <StandTile plan={whole.plan} nest={whole} />}
      <BoxTiles plan={plan} nest={nest} choice={choice} />
      <h2 id="fill" className="unseen">
        Fill
      </h2>
      {choice.fill !== null && (
        <Tile name="Fill" nest={nest} pin={({ fill }) => ({ fill })}>
          <TileSelect
            label="Fill"
            value={choice.fill}
            options={fills.map((fill) => ({ value: fill.key, label: fill.name }))}
            onChange={(fill) => nest.change(() => ({ fill }))}
          />
          {outer && (
            <span className="detail">
              <b className="numeral">
                {outer.units} {outer.unitName}
                {outer.units === 1 ? '' : outer.unitName.endsWith('x') ? 'es' : 's'}
              </b>{' '}
              · {write.volume(outer.boughtFt3)}
              {outer.short && <em> · not enough left</em>}
            </span>
          )}
        </Tile>
      )}
    </section>
  );
}
