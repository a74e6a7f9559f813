'use client';
import { Button, Input } from 'antd';
import { useEffect, useState } from 'react';
import { addedOf, orient, parseDimensions, parseWeight, stand, type PlanDocument, type Quote, type Triple } from '@inch-nest/core';
import type { BenchUse } from '../../parcel/BenchContext.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { planner } from '../../parcel/planner.ts';
import type { BenchLog } from '../../parcel/useBenchLog.ts';
import { worthOf } from '../../parcel/worthOf.ts';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { ScaleReading } from '../../devices/scale/ScaleReading.tsx';

/** The wrapped bundle as it measures and weighs: from here on the plan goes by it, and what is still open is searched again. */
export function BundleRecord({
  nest,
  log,
  bundle,
  bundleId,
}: Pick<BenchUse, 'nest'> & {
  log: BenchLog;
  /** As it was measured before. */
  bundle: BenchLog['life']['bundle'];
  /** Which of several different bundles. */
  bundleId: string | undefined;
}) {
  const { write, person } = useShop();
  const { choice } = nest;
  // typed and shown as it lies, kept as the piece stands
  const [size, setSize] = useState(bundle && choice ? write.size(orient(bundle.sizeIn, choice.orientation)) : '');
  const [weight, setWeight] = useState(bundle?.weightLb ? write.weight(bundle.weightLb) : '');
  const read = parseDimensions(size, person.system);
  const lyingIn = read.kind === 'dimensions' && read.inches.length === 3 ? (read.inches as unknown as Triple) : null;
  const heavy = weight.trim() === '' ? null : parseWeight(weight, person.system);
  const weightLb = heavy?.kind === 'weight' ? heavy.pounds : null;
  const pieceLb = nest.plan?.piece.weightLb ?? 0;
  const problems = [
    ...(size.trim() !== '' && !lyingIn ? [`all three sides, like ${LIKE_THIS[person.system].size}`] : []),
    ...(heavy !== null && weightLb === null ? [`a weight, like ${LIKE_THIS[person.system].weight}`] : []),
    ...(weightLb !== null && weightLb < pieceLb * 0.98 ? ['lighter than the bare piece: weigh the piece again, then the bundle'] : []),
  ];
  const keep = () => {
    if (!lyingIn || !choice || problems.length > 0) return;
    const sizeIn = stand(lyingIn, choice.orientation);
    // the big key goes back to meaning done
    (document.activeElement as HTMLElement | null)?.blur();
    void log.log({ kind: 'bundleMeasured', sizeIn, weightLb }, null, bundleId);
    // what was wrapped is what was measured: its layers and what was put on before them
    nest.pin((now) => ({ ...now, ...addedOf(choice), layers: choice.layers, bundle: { sizeIn, weightLb } }));
  };
  return (
    <form
      className="bundle-record"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <div className="field">
        <label htmlFor="bundle-size">Bundle, as it lies: long, wide, high</label>
        <Input
          id="bundle-size"
          size="large"
          value={size}
          maxLength={80}
          placeholder={nest.plan ? write.size(nest.plan.boxed?.withinIn ?? nest.plan.bundleIn) : ''}
          onChange={(event) => setSize(event.target.value)}
        />
      </div>
      <div className="field">
        <label htmlFor="bundle-weight">Its weight</label>
        <Input id="bundle-weight" size="large" value={weight} maxLength={40} onChange={(event) => setWeight(event.target.value)} />
      </div>
      <Button type={bundle ? 'default' : 'primary'} htmlType="submit" className="big-act" disabled={!lyingIn || problems.length > 0}>
        {bundle ? 'Go by this instead' : 'Go by this'}
      </Button>
      <ScaleReading onSettled={(pounds) => setWeight(write.weight(pounds))} />
      {problems.map((problem) => (
        <p key={problem} className="risk">
          ✗ {problem}
        </p>
      ))}
      {bundle && <StillInReach nest={nest} />}
    </form>
  );
}

/** What of one nest is otherwise in another, in few words. */
function whatMoves(next: PlanDocument, now: PlanDocument | null): string {
  const lying = ({ choice }: PlanDocument) =>
    JSON.stringify([choice.orientation, choice.grid, choice.stand, choice.others?.map((one) => one.orientation)]);
  const fillOf = ({ fills }: PlanDocument) => fills.find(({ where }) => where === 'outer')?.name;
  if (!now) return `${next.box.name}, ${next.quote.serviceName}`;
  const moved = [
    next.box.name !== now.box.name && next.box.name,
    fillOf(next) !== fillOf(now) && fillOf(next)?.toLowerCase(),
    lying(next) !== lying(now) && 'lying otherwise',
    next.quote.serviceName !== now.quote.serviceName && next.quote.serviceName,
  ].filter(Boolean);
  return moved.join(', ') || next.box.name;
}

/** Services that still take it, now that the bundle is known, and the better nest where there is one. */
function StillInReach({ nest }: Pick<BenchUse, 'nest'>) {
  const { write } = useShop();
  const [quotes, setQuotes] = useState<readonly Quote[] | null>(null);
  const { request, plan, impossible, searching } = nest;
  // half a search knows nothing yet
  const recommended = searching ? null : nest.recommended;
  useEffect(() => {
    if (!plan) return;
    let stale = false;
    const { order } = request;
    void planner()
      .quote(request, {
        sizeIn: plan.box.outsideIn,
        weightLb: plan.weight.grossLb,
        originPostcode: order.originPostcode,
        destinationPostcode: order.destinationPostcode,
        shipDate: order.shipDate,
        coverMinor: plan.choice.coverAdded ? worthOf(request) : null,
        signature: plan.choice.signature,
        container: request.cards.flatMap((card) => card.containers).find((one) => one.key === plan.choice.box)?.key ?? null,
        nonRectangular: false,
        goods: order.pieces.map(({ archetype }) => archetype),
      })
      .then((found) => !stale && setQuotes(found.quotes.map((one) => one.quote)));
    return () => {
      stale = true;
    };
  }, [request, plan]);
  const cannotStay = plan?.faults.some(({ blocks }) => blocks) ?? false;
  const better = recommended && plan && (cannotStay || recommended.expectedMinor < plan.expectedMinor - 50) ? recommended : null;
  return (
    <div className="still-in-reach" role="status">
      {impossible.length > 0 && <p className="risk">✗ In this box it cannot be any more: {impossible.join('; ')}.</p>}
      {(better ?? (impossible.length > 0 ? recommended : null)) && (
        <Button type="primary" size="large" onClick={() => nest.take(recommended!.choice)}>
          Better now: {whatMoves(recommended!, plan)}, {write.money(recommended!.costMinor)}
        </Button>
      )}
      {searching && <p className="soft">… what is still open is searched again</p>}
      {quotes && (
        <p className="soft">Still in reach: {quotes.map((quote) => `${quote.serviceName} ${write.money(quote.totalMinor)}`).join(', ')}.</p>
      )}
    </div>
  );
}
