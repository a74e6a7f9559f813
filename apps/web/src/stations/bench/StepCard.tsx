'use client';
import { Button } from 'antd';
import Link from 'next/link';
import { Minus, Plus } from 'lucide-react';
import { cutOf, type BenchStep, type PlanDocument, type StepAmount, type UsedInstead } from '@inch-nest/core';
import { CutSheet } from '../../drawings/CutSheet.tsx';
import { StepDrawing } from '../../drawings/StepDrawing.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { CutFromThem } from '../../parts/CutFromThem.tsx';
import { fromOffcuts } from '../../parts/FromOffcuts.tsx';
import { useWidth } from '../../parts/useWidth.ts';
import { writeTenths } from '../../parts/writeTenths.ts';
import { stretchCard } from './stretch.ts';
import { useInSight } from './useInSight.ts';
import { useRef, type ReactNode } from 'react';

const KIND_WORDS = { do: 'do', test: 'test', record: 'note down' } as const;

/** The present step, large: what to do, with amounts that can be changed to what was really used, and how far things have come. */
export function StepCard({
  stretch,
  number,
  of,
  plan,
  used,
  onUse,
  children,
}: {
  /** The step in hand, or those that are done in one stretch. */
  stretch: readonly BenchStep[];
  number: number;
  of: number;
  plan: PlanDocument;
  used: readonly UsedInstead[];
  onUse: (used: UsedInstead[]) => void;
  children: ReactNode;
}) {
  const { shop, person, write } = useShop();
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame);
  const card = useRef<HTMLElement>(null);
  useInSight(card);
  const [first, ...more] = stretch;
  if (!first) return null;
  const step = stretchCard([first, ...more]);
  const offcuts = step.cuts ? fromOffcuts(step.cuts, shop.stock) : null;
  return (
    <section ref={card} className={`step-card ${step.kind}`} aria-label="The step in hand" aria-live="polite">
      <p className="soft step-place">
        {more.length > 0 ? `Steps ${number} to ${number + more.length}` : `Step ${number}`} of {of} · {KIND_WORDS[step.kind]}
      </p>
      <h2>{step.title}</h2>
      {more.length === 0 ? (
        <p className="step-says">{step.says}</p>
      ) : (
        <ol className="stretch">
          {stretch.map((one) => (
            <li key={one.key}>
              <b>{one.title}</b> {one.says}
            </li>
          ))}
        </ol>
      )}
      {offcuts && <CutFromThem key={step.key} used={offcuts} />}
      <Amounts amounts={step.amounts} used={used} onUse={onUse} />
      {children}
      <div ref={frame} className="step-frame">
        {width > 0 &&
          step.cuts?.map(({ order, times }, i) => (
            <div key={i} className="step-cut">
              <CutSheet parts={cutOf(order).parts} times={times} width={width} write={write.length} />
              <Link href={`/boxshop?order=${encodeURIComponent(JSON.stringify(order))}`}>Print it in the box shop</Link>
            </div>
          ))}
        {width > 0 && (
          <StepDrawing
            plan={plan}
            picture={step.picture}
            bundle={step.bundle ?? 0}
            width={width}
            write={(inches, unit) => writeTenths(inches, unit, person.system)}
          />
        )}
      </div>
    </section>
  );
}

/** What a step counts down from the stockroom, as planned or as it really was. */
function Amounts({
  amounts,
  used,
  onUse,
}: {
  amounts: readonly StepAmount[];
  used: readonly UsedInstead[];
  onUse: (used: UsedInstead[]) => void;
}) {
  const counted = amounts.filter((one) => one.stock);
  if (counted.length === 0) return null;
  const now = ({ stock, amount }: StepAmount) => used.find((one) => one.kind === stock!.kind && one.key === stock!.key)?.amount ?? amount;
  const set = ({ stock, amount }: StepAmount, next: number) =>
    onUse([
      ...used.filter((one) => one.kind !== stock!.kind || one.key !== stock!.key),
      ...(next === amount ? [] : [{ kind: stock!.kind, key: stock!.key, planned: amount, amount: next }]),
    ]);
  return (
    <ul className="step-amounts">
      {counted.map((one) => (
        <li key={one.what}>
          <span>
            {one.what}, {one.unit}
            {now(one) !== one.amount && <span className="soft"> (planned {one.amount})</span>}
          </span>
          <span className="stepper">
            <Button
              icon={<Minus size={22} aria-hidden />}
              aria-label={`Less ${one.what}`}
              disabled={now(one) <= 0}
              onClick={() => set(one, Math.max(0, now(one) - 0.5))}
            />
            <b className="numeral">{now(one)}</b>
            <Button icon={<Plus size={22} aria-hidden />} aria-label={`More ${one.what}`} onClick={() => set(one, now(one) + 0.5)} />
          </span>
        </li>
      ))}
    </ul>
  );
}
