'use client';
import { Button } from 'antd';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { boxedBeside, eitherSide, formatChance, isWorthABox, piecesOf, type PlanDocument } from '@inch-nest/core';
import { sameContent, type SearchAnswer } from '@inch-nest/contracts';
import { useKeys } from '../../../session/keys.ts';
import { useShop } from '../../../session/ShopContext.tsx';
import type { NestUse } from '../../../parcel/useNest.ts';
import type { ParcelUse } from '../../../parcel/useParcel.ts';
import { worthOf } from '../../../parcel/worthOf.ts';
import { besideWords } from '../../../words/besideWords.ts';
import { planWords } from '../../../parcel/plans.ts';
import { halvingWords } from '../../../words/halvingWords.ts';
import { OtherWays } from './OtherWays.tsx';
import { Overruled } from './Overruled.tsx';

// the chart is fetched by whoever opens it
const OpenBalance = dynamic(() => import('./OpenBalance.tsx').then((room) => room.OpenBalance), { ssr: false });

type Found = Extract<SearchAnswer, { kind: 'planned' }>;

/** Cost against breakage: three plans in words, or the whole chart; and why other ways of packing lost. */
export function Balance({ nest, parcel, found }: { nest: NestUse; parcel: ParcelUse; found: Found }) {
  const { write, keysOn } = useShop();
  const [open, setOpen] = useState(false);
  const { frontier, recommended } = found;
  useKeys('t', () => nest.take(recommended.choice), { reach: 'single', on: keysOn });
  const { thriftier, moreCareful, halved } = eitherSide(recommended, frontier, nest.request.house.care);
  const irreplaceable = piecesOf(nest.request).some((piece) => piece.irreplaceable);
  const dear = isWorthABox(irreplaceable, worthOf(nest.request), nest.request.house);
  const boxed = boxedBeside(recommended, frontier);
  const plans = [
    { word: 'Thriftier', plan: thriftier },
    { word: 'Recommended', plan: recommended },
    { word: 'More careful', plan: moreCareful },
    { word: 'A box in a box', plan: dear && boxed !== moreCareful ? boxed : null },
  ].filter((one): one is { word: string; plan: PlanDocument } => one.plan !== null);
  return (
    <section className="three" aria-label="Balance">
      <div className="section-head">
        <h2>Balance</h2>
        <Button aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Fold the chart' : 'Open the chart'}
        </Button>
      </div>
      <p className="soft">
        {found.considered.toLocaleString('en')} nests weighed up{nest.searching ? ' so far' : ''}; {frontier.length} of them are beaten by
        none on both cost and chance. {halvingWords(recommended, halved, write.money)}
      </p>
      {open ? (
        <OpenBalance nest={nest} found={found} />
      ) : (
        <div className="three-plans">
          {plans.map(({ word, plan }) => {
            const on = nest.isKept && nest.plan !== null && sameContent(plan.choice, nest.plan.choice);
            return (
              <button key={word} type="button" className={on ? 'plan on' : 'plan'} aria-pressed={on} onClick={() => nest.take(plan.choice)}>
                <b>{word}</b>
                <span className="numeral">
                  <span className="money">{write.money(plan.nestCostMinor)}</span> ·{' '}
                  <span className="risk">{formatChance(plan.chance)}</span>
                </span>
                {word === 'A box in a box' && <span>{besideWords(plan, recommended, write.money)}</span>}
                <span>{planWords(plan)}</span>
                {!nest.isKept && word === 'Recommended' && <span className="take">Take this nest</span>}
              </button>
            );
          })}
        </div>
      )}
      {dear && !boxed && recommended.inner === null && (
        <p className="soft">It is worth a box in a box; here each of them costs more and breaks as often as one of these.</p>
      )}
      <Overruled nest={nest} parcel={parcel} found={found} />
      <OtherWays nest={nest} found={found} />
    </section>
  );
}
