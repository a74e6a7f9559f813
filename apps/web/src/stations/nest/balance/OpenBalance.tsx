'use client';
import { Button, Slider } from 'antd';
import { useEffect, useId, useMemo, useRef, useState } from 'react';
import { formatChance, type OutsideNest, type PlanDocument, type PlanRequest } from '@inch-nest/core';
import { sameContent, type SearchAnswer } from '@inch-nest/contracts';
import { BalanceChart } from '../../../drawings/BalanceChart.tsx';
import { useShop } from '../../../session/ShopContext.tsx';
import type { NestUse } from '../../../parcel/useNest.ts';
import { useWidth } from '../../../parts/useWidth.ts';
import { planner } from '../../../parcel/planner.ts';
import { bestAt } from '../../../parcel/plans.ts';
import { notHeldWords } from '../../../words/ceilingWords.ts';
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
  const notHeld = [...toGetOf(found), ...(useOutside(nest.request, nest.searching ? null : found) ?? [])];
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
          outside={notHeld.map((one, i) => ({ ...one, word: String(i + 1) }))}
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
      {notHeld.length > 0 && (
        <ol className="soft" aria-label="With boxes you do not have">
          {notHeld.map((one) => (
            <li key={one.insideIn.join()}>{notHeldWords(one, found.recommended, write)}</li>
          ))}
        </ol>
      )}
      {shown && <SideBySide one={nest.plan} other={shown} onTake={() => nest.take(shown.choice)} />}
      <p className="unseen" role="status">
        {shown ? `${write.money(shown.costMinor)}, ${formatChance(shown.chance)}` : ''}
      </p>
    </div>
  );
}

/**
 * Nests with boxes nobody has; null until they are worked out.
 *
 * @param found null while it is still searched: nothing is compared with half of a stockroom
 */
function useOutside(request: PlanRequest, found: Found | null): readonly OutsideNest[] | null {
  const [answer, setAnswer] = useState<{ of: Found; nests: readonly OutsideNest[] } | null>(null);
  useEffect(() => {
    if (!found) return;
    let stale = false;
    void planner()
      .outside(request)
      .then((said) => {
        if (!stale && said.kind === 'outside') setAnswer({ of: found, nests: said.nests });
      })
      .catch(() => undefined); // the chart is whole without them
    return () => {
      stale = true;
    };
  }, [request, found]);
  return answer && answer.of === found ? answer.nests : null;
}

/** The nest with the box to get, where nothing in the stockroom stays below the ceiling. */
function toGetOf({ above, recommended }: Found): Pick<OutsideNest, 'insideIn' | 'nestCostMinor' | 'chance'>[] {
  const toGet = above?.toGet;
  return toGet ? [{ ...toGet, nestCostMinor: recommended.nestCostMinor + toGet.deltaCostMinor }] : [];
}

const nearest = (care: number): number =>
  CARES.reduce((best, one, i) => (Math.abs(Math.log(one / care)) < Math.abs(Math.log(CARES[best]! / care)) ? i : best), 0);
