'use client';
import { Button } from 'antd';
import { useState } from 'react';
import { FILL_PLACES, PLACE_NAMES, unitsWords, type FillPlace, type PlanChoice, type PlanDocument } from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { Tile, TileSelect } from './Tile.tsx';

/** What fills the box: one fill throughout, or one of its own under it, at its sides and on top. */
export function FillTile({ plan, nest, choice }: { plan: PlanDocument; nest: NestUse; choice: PlanChoice }) {
  const { write } = useShop();
  const { fills } = nest.request.stock;
  const apart = choice.fillApart ?? {};
  const isApart = Object.keys(apart).length > 0;
  const [open, setOpen] = useState(false);
  const shown = open || isApart;
  const put = (place: FillPlace, key: string) =>
    nest.change(({ fillApart = {}, fill }) => {
      const apartNow = { ...fillApart, [place]: key };
      if (key === fill) delete apartNow[place];
      return { fillApart: apartNow };
    });
  return (
    <Tile name="Fill" nest={nest} pin={({ fill }) => ({ fill })}>
      <TileSelect
        label="Fill"
        value={choice.fill!}
        options={fills.map((fill) => ({ value: fill.key, label: fill.name }))}
        onChange={(fill) => nest.change(() => ({ fill }))}
      />
      {plan.fills
        .filter((fill) => fill.where === 'outer')
        .map((fill) => (
          <span key={fill.key} className="detail">
            <b className="numeral">{unitsWords(fill.units, fill.unitName)}</b> {isApart ? `of ${fill.name.toLowerCase()} ` : ''}·{' '}
            {write.volume(fill.boughtFt3)}
            {fill.short && <em> · not enough left</em>}
          </span>
        ))}
      {shown ? (
        <span className="fill-places">
          {FILL_PLACES.map((place) => (
            <span key={place} className="fill-place">
              <span className="detail" aria-hidden>
                {PLACE_NAMES[place]}
              </span>
              <TileSelect
                label={`Fill ${PLACE_NAMES[place]}`}
                value={apart[place] ?? choice.fill!}
                options={fills.map((fill) => ({ value: fill.key, label: fill.key === choice.fill ? 'as the rest' : fill.name }))}
                onChange={(key) => put(place, key)}
              />
            </span>
          ))}
          {isApart && (
            <Button
              onClick={() => {
                setOpen(false);
                nest.change(() => ({ fillApart: {} }));
              }}
            >
              One fill throughout
            </Button>
          )}
        </span>
      ) : (
        <Button onClick={() => setOpen(true)}>Place by place …</Button>
      )}
    </Tile>
  );
}
