'use client';
import { Button, Switch } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import type { Quote, Shipment } from '@inch-nest/core';
import type { QuoteAnswer } from '../../workers/planner.protocol.ts';
import { useShop } from '../bench/ShopContext.tsx';
import { planner, type NestUse } from '../bench/useNest.ts';
import type { ParcelUse } from '../bench/useParcel.ts';

/** How near an edge of the price must be to be worth a word: pounds, and inches off the longest side. */
const WITHIN = { weight: 0.35, length: 1, volume: 1 };

/** Every service with the lines of its price, or why it cannot; one is chosen. */
export function RateStation({ parcel, nest }: { parcel: ParcelUse; nest: NestUse }) {
  const { write } = useShop();
  const { life, piece, sale } = parcel.view;
  const { plan, request } = nest;
  const weighed = life.weighing && !life.weighingStale ? life.weighing : null;
  const weightLb = weighed?.weightLb ?? plan?.weight.grossLb ?? null;
  const sizeIn = weighed?.outsideIn ?? plan?.box.outsideIn ?? null;
  const coverAdded = plan?.choice.coverAdded ?? false;
  const sizeText = JSON.stringify(sizeIn);
  const shipment = useMemo<Shipment | null>(
    () =>
      weightLb === null || sizeIn === null
        ? null
        : {
            sizeIn,
            weightLb,
            originPostcode: request.order.originPostcode,
            destinationPostcode: request.order.destinationPostcode,
            shipDate: request.order.shipDate,
            coverMinor: coverAdded ? worthOf(request) : null,
            signature: plan?.choice.signature ?? false,
            container: request.cards.flatMap((card) => card.containers).find((one) => one.key === plan?.choice.box)?.key ?? null,
            nonRectangular: false,
            goods: request.order.pieces[0]?.archetype ?? null,
          },
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the size by its content
    [weightLb, sizeText, request, coverAdded, plan?.choice.signature, plan?.choice.box],
  );
  const answer = useQuotes(nest, shipment);
  const [trouble, setTrouble] = useState<string | null>(null);
  const choose = async (quote: Quote) => {
    if (!shipment) return;
    setTrouble(null);
    try {
      await parcel.report({
        kind: 'rated',
        rate: {
          service: quote.service,
          serviceName: quote.serviceName,
          cardId: quote.cardId,
          cardVersion: quote.cardVersion,
          weightLb: shipment.weightLb,
          outsideIn: shipment.sizeIn,
          priceMinor: quote.totalMinor,
          coverAdded,
          signature: shipment.signature,
        },
      });
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  const collected = sale.shippingCollectedMinor.value as number;
  return (
    <>
      <h1>{String(piece.title.value)}</h1>
      <p className="soft sub">
        {shipment &&
          `${weighed ? 'Weighed' : 'Reckoned, not yet weighed:'} ${write.weight(shipment.weightLb)}, ${write.size(shipment.sizeIn)} outside, to ${shipment.destinationPostcode}.`}
      </p>
      {life.rate && life.rateStale && (
        <p className="banner mind" role="status">
          Weight, size or content moved after the price was taken: choose again.
        </p>
      )}
      {trouble && (
        <p className="risk" role="alert">
          ✗ {trouble}
        </p>
      )}
      {!shipment && <p className="soft">A nest or a weighing comes first.</p>}
      {plan && <Extras nest={nest} />}
      <ul className="services">
        {answer?.quotes.map(({ quote, nudges }) => {
          const on = life.rate?.service === quote.service && !life.rateStale;
          return (
            <li key={quote.service} className={on ? 'service on' : 'service'}>
              <div className="service-head">
                <h2>
                  {quote.carrier} · {quote.serviceName}
                </h2>
                <span className="numeral money price">{write.money(quote.totalMinor)}</span>
              </div>
              <dl className="lines money">
                {quote.lines.map((line) => (
                  <div key={line.label}>
                    <dt>{line.label}</dt>
                    <dd className="numeral">{write.money(line.amountMinor)}</dd>
                  </div>
                ))}
              </dl>
              <p className="soft">
                {quote.billedBy === 'volume'
                  ? `billed by size as ${quote.billableLb.toFixed(1)} lb (weighs ${write.weight(shipment!.weightLb)})`
                  : `billed by weight`}{' '}
                · {quote.transitDays} days · cover to {write.money(quote.coverMinor)}
                {collected > 0 &&
                  ` · buyer paid ${write.money(collected)}, ${collected >= quote.totalMinor ? `${write.money(collected - quote.totalMinor)} over` : `${write.money(quote.totalMinor - collected)} short`}`}
              </p>
              {nudges
                .filter((nudge) => nudge.direction === 'less' && nudge.deltaMinor !== null && nudge.amount < WITHIN[nudge.by])
                .map((nudge) => (
                  <p key={nudge.by} className="ochre">
                    ▲ {nudge.by === 'weight' ? write.weight(nudge.amount) : write.length(nudge.amount)}{' '}
                    {nudge.by === 'weight' ? 'lighter' : 'shorter'} saves {write.money(-nudge.deltaMinor!)}.
                  </p>
                ))}
              <Button type={on ? 'default' : 'primary'} disabled={on} onClick={() => void choose(quote)}>
                {on ? '✓ Chosen' : `Choose ${quote.serviceName}`}
              </Button>
            </li>
          );
        })}
        {answer?.refused.map((refusal) => (
          <li key={refusal.service} className="service refused">
            <div className="service-head">
              <h2>
                {refusal.carrier} · {refusal.serviceName}
              </h2>
            </div>
            <p className="soft">✗ {refusal.refused}</p>
          </li>
        ))}
      </ul>
    </>
  );
}

/** What the piece is worth to the shop: what was said, else what it was sold for. */
const worthOf = ({ order }: NestUse['request']): number => order.pieces[0]?.replacementMinor ?? order.soldMinor;

/** Cover to the full value, and a signature: asked for here, priced by every service that offers them. */
function Extras({ nest }: { nest: NestUse }) {
  const { choice, request } = nest;
  if (!choice) return null;
  const service = request.cards.flatMap((card) => card.services).find((one) => one.key === choice.service);
  const worth = worthOf(request);
  const covers = service !== undefined && worth <= Math.max(service.cover.ceilingMinor, service.cover.includedMinor);
  const signs = service !== undefined && service.signatureMinor !== null;
  return (
    <div className="extras">
      <span>
        <Switch
          id="cover"
          checked={choice.coverAdded}
          disabled={!covers && !choice.coverAdded}
          onChange={(coverAdded) => nest.change(() => ({ coverAdded }))}
        />
        <label htmlFor="cover">Cover it in full</label>
      </span>
      <span>
        <Switch
          id="signature"
          checked={choice.signature}
          disabled={!signs && !choice.signature}
          onChange={(signature) => nest.change(() => ({ signature }))}
        />
        <label htmlFor="signature">Signature</label>
      </span>
    </div>
  );
}

function useQuotes({ request }: NestUse, shipment: Shipment | null): QuoteAnswer | null {
  const [answer, setAnswer] = useState<QuoteAnswer | null>(null);
  useEffect(() => {
    if (!shipment) return;
    let stale = false;
    void planner()
      .quote(request, shipment)
      .then((found) => !stale && setAnswer(found));
    return () => {
      stale = true;
    };
  }, [request, shipment]);
  return answer;
}
