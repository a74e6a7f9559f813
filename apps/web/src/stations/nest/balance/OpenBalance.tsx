'use client';
import { Button, Slider } from 'antd';
import { useId, useMemo, useRef, useState } from 'react';
import { formatChance, type PlanDocument } from '@inch-nest/core';
import { sameContent, type SearchAnswer } from '@inch-nest/contracts';
import { BalanceChart } from '../../../drawings/BalanceChart.tsx';
import { useShop } from '../../../session/ShopContext.tsx';
import type { NestUse } from '../../../parcel/useNest.ts';
import { useWidth } from '../../../parts/useWidth.ts';
import { bestAt } from '../../../parcel/plans.ts';
import { SideBySide } from './SideBySide.tsx';

type Found = Extract<SearchAnswer, { kind: 'planned' }>;

/** Care on a dial of doublings, so that each notch is felt alike. */
const CARES = [0.25, 0.5, 1, 2, 5, 10, 20];

/** The chart with its care dial, the plan pointed at beside the one in hand. */
export function OpenBalance({ nest, found }: { nest: NestUse; found: Found }) {
  const { shop, write } = useShop();
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame);
  const dialId = useId();
  const reckonedAt = nest.request.house.care;
  const [care, setCare] = useState<number | null>(null);
  const [pointed, setPointed] = useState<PlanDocument | null>(null);
  const plans = useMemo(() => {
    const all = found.frontier.some((plan) => sameContent(plan.choice, found.recommended.choice))
      ? found.frontier
      : [...found.frontier, found.recommended];
    return [...all].sort((a, b) => a.nestCostMinor - b.nestCostMinor);
  }, [found]);
  const leaning = bestAt(found, care ?? reckonedAt);
  const shown = pointed ?? (care === null ? null : leaning);
  const at = shown
    ? plans.findIndex((plan) => sameContent(plan.choice, shown.choice))
    : plans.findIndex((plan) => plan === found.recommended);
  const move = (by: number) => setPointed(plans[Math.max(0, Math.min(plans.length - 1, at + by))] ?? null);
  return (
    <div ref={frame} className="open-balance">
      {width > 0 && (
        <BalanceChart
          width={width}
          plans={plans}
          frontier={found.frontier}
          met={found.met}
          recommended={found.recommended}
          inHand={nest.plan && sameContent(nest.plan.choice, found.recommended.choice) ? null : nest.plan}
          leaning={leaning}
          pointed={shown}
          care={care ?? reckonedAt}
          ceiling={found.ceiling}
          outside={outsideOf(found, write.size)}
          money={write.money}
          onPoint={setPointed}
          onTake={(plan) => nest.take(plan.choice)}
          onKey={move}
        />
      )}
      <div className="dial">
        <label htmlFor={dialId}>Care</label>
        <Slider
          id={dialId}
          ariaLabelForHandle="Care"
          ariaValueTextFormatterForHandle={(notch) => `care ${CARES[notch ?? 2]}`}
          min={0}
          max={CARES.length - 1}
          step={1}
          tooltip={{ open: false }}
          value={nearest(care ?? reckonedAt)}
          marks={Object.fromEntries(CARES.map((one, i) => [i, one === shop.house.care ? <b key={one}>{one}</b> : String(one)]))}
          onChange={(notch) => {
            setPointed(null);
            setCare(CARES[notch]!);
          }}
        />
        <Button onClick={() => move(-1)}>Thriftier</Button>
        <Button onClick={() => move(1)}>More careful</Button>
      </div>
      <p className="soft">
        {care !== null && care !== reckonedAt
          ? `At care ${care} a broken piece counts ${care} times its loss, and this plan would be recommended. The house’s own care is ${shop.house.care}.`
          : `Along the leaning line every plan comes out alike at care ${care ?? reckonedAt}; it touches the recommended one. Tip it with the dial.`}
      </p>
      {shown && <SideBySide one={nest.plan} other={shown} onTake={() => nest.take(shown.choice)} />}
      <p className="unseen" role="status">
        {shown ? `${write.money(shown.costMinor)}, ${formatChance(shown.chance)}` : ''}
      </p>
    </div>
  );
}

/** The nest with the box to get, where nothing in the stockroom stays below the ceiling. */
function outsideOf({ above, recommended }: Found, size: (sides: readonly [number, number, number]) => string) {
  const toGet = above?.toGet;
  if (!toGet) return [];
  const word = `with a box of ${size(toGet.insideIn)} you do not have`;
  return [{ nestCostMinor: recommended.nestCostMinor + toGet.deltaCostMinor, chance: toGet.chance, word }];
}

const nearest = (care: number): number =>
  CARES.reduce((best, one, i) => (Math.abs(Math.log(one / care)) < Math.abs(Math.log(CARES[best]! / care)) ? i : best), 0);
