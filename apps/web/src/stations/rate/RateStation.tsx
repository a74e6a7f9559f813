'use client';
import { useEffect, useMemo, useState } from 'react';
import { BY_HAND, piecesOf, type Quote, type Shipment } from '@inch-nest/core';
import type { QuoteAnswer } from '../../workers/planner.protocol.ts';
import type { BenchUse } from '../../parcel/BenchContext.tsx';
import { useBenchLog } from '../../parcel/useBenchLog.ts';
import { useLocalClock } from '../../session/useLocalClock.ts';
import { useKeys } from '../../session/keys.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { planner } from '../../parcel/planner.ts';
import { type NestUse } from '../../parcel/useNest.ts';
import { Extras } from './Extras.tsx';
import { HandPrice } from './HandPrice.tsx';
import { ServiceRow } from './ServiceRow.tsx';
import { worthOf } from '../../parcel/worthOf.ts';
import { Onward } from '../../parcel/Onward.tsx';
import { Trouble } from '../../parts/Trouble.tsx';
import { titleOf } from '../../words/titleOf.ts';

/** Every service with the lines of its price, or why it cannot; one is chosen. */
export function RateStation({ parcel, nest }: BenchUse) {
  const { write, keysOn } = useShop();
  // with the weighing, though the server may not have heard of it yet
  const { life } = useBenchLog(parcel);
  const { plan, request } = nest;
  const weighed = life.weighing && !life.weighingStale ? life.weighing : null;
  const weightLb = weighed?.weightLb ?? plan?.weight.grossLb ?? null;
  const sizeIn = weighed?.outsideIn ?? plan?.box.outsideIn ?? null;
  const { day, time: hour } = useLocalClock();
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
            readyAt: request.order.shipDate === day ? hour : null,
            coverMinor: coverAdded ? worthOf(request) : null,
            signature: plan?.choice.signature ?? false,
            container: request.cards.flatMap((card) => card.containers).find((one) => one.key === plan?.choice.box)?.key ?? null,
            nonRectangular: false,
            goods: piecesOf(request).map(({ archetype }) => archetype),
          },
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- the size by its content
    [weightLb, sizeText, request, coverAdded, plan?.choice.signature, plan?.choice.box, day, hour],
  );
  const answer = useQuotes(nest, shipment);
  const [trouble, setTrouble] = useState<string | null>(null);
  // on a slow line what was done at the bench is told first
  const [choosing, setChoosing] = useState<string | null>(null);
  const choose = async (quote: Pick<Quote, 'service' | 'serviceName' | 'cardId' | 'cardVersion' | 'totalMinor'>) => {
    if (!shipment || choosing !== null) return;
    setTrouble(null);
    setChoosing(quote.service);
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
    setChoosing(null);
  };
  const planned = answer?.quotes.find(({ quote }) => quote.service === plan?.choice.service) ?? answer?.quotes[0];
  const isChosen = (service: string) => life.rate?.service === service && !life.rateStale;
  useKeys('c', () => planned && !isChosen(planned.quote.service) && void choose(planned.quote), { reach: 'single', on: keysOn });
  return (
    <>
      <div className="section-head">
        <h1 dir="auto">{titleOf(parcel.view)}</h1>
        <Onward parcelId={parcel.view.id} here="rate" done={life.rate !== null && !life.rateStale} takesOver="onceDone" />
      </div>
      <p className="soft sub">
        {shipment &&
          `${weighed ? 'Weighed' : 'Reckoned, not yet weighed:'} ${write.weight(shipment.weightLb)}, ${write.size(shipment.sizeIn)} outside, to ${shipment.destinationPostcode}.`}
      </p>
      {life.rate && life.rateStale && (
        <p className="banner mind" role="status">
          Weight, size or content moved after the price was taken: choose again.
        </p>
      )}
      <Trouble says={trouble} />
      {!shipment && <p className="soft">A nest or a weighing comes first.</p>}
      {plan && <Extras nest={nest} parcel={parcel} />}
      <ul className="services">
        {answer?.quotes.map((one) => (
          <ServiceRow
            key={one.quote.service}
            {...one}
            on={isChosen(one.quote.service)}
            busy={choosing === one.quote.service}
            weightLb={shipment!.weightLb}
            parcel={parcel}
            nest={nest}
            onChoose={() => void choose(one.quote)}
          />
        ))}
        {answer && shipment && (answer.quotes.length === 0 || plan?.choice.service === BY_HAND) && (
          <HandPrice
            agreedMinor={life.rate && isChosen(BY_HAND) ? life.rate.priceMinor : null}
            reckonedMinor={plan?.choice.service === BY_HAND ? plan.quote.totalMinor : null}
            onAgree={(priceMinor) =>
              void choose({ service: BY_HAND, serviceName: 'Price by hand', cardId: BY_HAND, cardVersion: 0, totalMinor: priceMinor })
            }
          />
        )}
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
