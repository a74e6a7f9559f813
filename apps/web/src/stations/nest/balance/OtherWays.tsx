'use client';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import type { SearchAnswer } from '@inch-nest/contracts';
import type { OtherWaysAnswer } from '../../../workers/planner.protocol.ts';
import { useShop } from '../../../session/ShopContext.tsx';
import { planner } from '../../../parcel/planner.ts';
import { type NestUse } from '../../../parcel/useNest.ts';

type Found = Extract<SearchAnswer, { kind: 'planned' }>;

/** One sentence for each way of packing that lost; worked out when asked for. */
export function OtherWays({ nest, found }: { nest: NestUse; found: Found }) {
  const { shop } = useShop();
  const [asked, ask] = useState(false);
  const [answer, setAnswer] = useState<{ of: Found; said: OtherWaysAnswer } | null>(null);
  const { request } = nest;
  useEffect(() => {
    if (!asked) return;
    let stale = false;
    void planner()
      .otherWays(request, found.recommended.choice, shop.currency)
      .then((said) => {
        if (!stale) setAnswer({ of: found, said });
      })
      .catch((error: Error) => {
        if (!stale) setAnswer({ of: found, said: { kind: 'failed', message: error.message } });
      });
    return () => {
      stale = true;
    };
  }, [asked, request, found, shop.currency]);
  const said = answer?.of === found ? answer.said : null;
  return (
    <div className="other-ways">
      <Button aria-expanded={asked} onClick={() => ask(!asked)}>
        Why not another way of packing it?
      </Button>
      {asked && !said && <p className="soft">Searching each of the other ways …</p>}
      {asked && said?.kind === 'failed' && <p role="alert">{said.message}</p>}
      {asked && said?.kind === 'ways' && (
        <dl>
          {said.ways.map((way) => (
            <div key={way.way}>
              <dt>{way.name}</dt>
              <dd>{way.whyNot}.</dd>
            </div>
          ))}
        </dl>
      )}
    </div>
  );
}
