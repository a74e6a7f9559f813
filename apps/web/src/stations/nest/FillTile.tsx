'use client';
import { Button } from 'antd';
import { useState } from 'react';
import { FILL_PLACES, PLACE_NAMES, SINGLE_PLACES, unitsWords, type FillPlace, type PlanChoice, type PlanDocument } from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { Tile, TileSelect } from './Tile.tsx';

/** The pair that a side belongs to. */
const PAIR_OF: Partial<Record<FillPlace, FillPlace>> = { front: 'frontBack', back: 'frontBack', left: 'leftRight', right: 'leftRight' };

/** What fills the box: one fill throughout, or one of its own under it, at its sides, at each of them and on top. */
export function FillTile({ plan, nest, choice }: { plan: PlanDocument; nest: NestUse; choice: PlanChoice }) {
  const { write } = useShop();
  const { fills } = nest.request.stock;
  const apart = choice.fillApart ?? {};
  const isApart = Object.keys(apart).length > 0;
  const [open, setOpen] = useState(false);
  const [each, setEach] = useState(false);
  const shown = open || isApart;
  const places = each || SINGLE_PLACES.some((place) => apart[place]) ? [...FILL_PLACES, ...SINGLE_PLACES] : FILL_PLACES;
  const pairFill = (place: FillPlace) => {
    const pair = PAIR_OF[place];
    return pair && apart[pair];
  };
  /** What a place has where nothing is said of it: what its pair has, or the rest. */
  const without = (place: FillPlace) => pairFill(place) ?? choice.fill!;
  const put = (place: FillPlace, key: string) =>
    nest.change(({ fillApart = {} }) => {
      const apartNow = { ...fillApart, [place]: key };
      if (key === without(place)) delete apartNow[place];
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
          {places.map((place) => (
            <span key={place} className="fill-place">
              <span className="detail" aria-hidden>
                {PLACE_NAMES[place]}
              </span>
              <TileSelect
                label={`Fill ${PLACE_NAMES[place]}`}
                value={apart[place] ?? without(place)}
                options={fills.map((fill) => ({
                  value: fill.key,
                  label: fill.key !== without(place) ? fill.name : pairFill(place) ? 'as its pair' : 'as the rest',
                }))}
                onChange={(key) => put(place, key)}
              />
            </span>
          ))}
          {places.length === FILL_PLACES.length && <Button onClick={() => setEach(true)}>Each side by itself …</Button>}
          {isApart && (
            <Button
              onClick={() => {
                setOpen(false);
                setEach(false);
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
