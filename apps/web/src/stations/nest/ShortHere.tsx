'use client';
import { Button } from 'antd';
import { shortCounter, type PlanDocument } from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';
import { planner } from '../../parcel/planner.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { enoughWords, freeWords, insteadWords } from '../../words/shortWords.ts';
import { useAfterSearch } from '../../parcel/useAfterSearch.ts';

/** What the nest in hand wants more of than is free for it; and what the recommended one was made without, with its price. */
export function ShortHere({ plan, nest }: { plan: PlanDocument; nest: NestUse }) {
  const { write } = useShop();
  const { request, found, searching } = nest;
  const best = useAfterSearch(nest, found?.kind === 'planned', async (of) => {
    const said = await planner().withEnough(of);
    return said.kind === 'enough' ? said.best : null;
  });
  const counter = shortCounter(request);
  const shortOf = ({ uses = [] }: PlanDocument) => counter(uses);
  const short = shortOf(plan);
  const instead = !searching && nest.recommended && shortOf(nest.recommended).length === 0 ? nest.recommended : null;
  if (short.length > 0)
    return (
      <div className="banner mind" role="status">
        <p>
          <b>There is not enough for this nest.</b> {short.map((one) => freeWords(one, write)).join('; ')}. What other parcels that go first
          keep is not free.
        </p>
        {instead && (
          <Button type="primary" onClick={() => nest.take(instead.choice)}>
            Make it of what is there: {insteadWords(plan, instead, write)}
          </Button>
        )}
      </div>
    );
  if (searching || !best || found?.kind !== 'planned') return null;
  return (
    <p className="soft short-here">
      <b>Made without what is short.</b> {enoughWords(found.recommended, best, write)}
    </p>
  );
}
