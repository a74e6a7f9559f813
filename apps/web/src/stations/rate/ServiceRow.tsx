'use client';
import { Button } from 'antd';
import { cheapestCrossing, daysBetween, type EdgeNudge, type Quote } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import { keptOf, moneyOf } from '@inch-nest/contracts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { applyChange } from '../../parcel/applyChange.ts';
import { priceLineWords } from '../../words/priceLineWords.ts';
import { besideWords } from '../../words/besideWords.ts';
import { changeWords } from '../../words/changeWords.ts';

/** How near an edge of the price must be to be worth a word: pounds, and inches off the longest side. */
const WITHIN = { weight: 0.35, length: 1, volume: 1 };

interface Props {
  quote: Quote;
  nudges: readonly EdgeNudge[];
  on: boolean;
  weightLb: number;
  parcel: ParcelUse;
  nest: NestUse;
  /** It is being chosen. */
  busy: boolean;
  onChoose: () => void;
}

/** One service: its price with every line, when it arrives, what is left, and the edges of its price. */
export function ServiceRow({ quote, nudges, on, busy, weightLb, parcel, nest, onChoose }: Props) {
  const { write } = useShop();
  const { sale, life } = parcel.view;
  const { plan } = nest;
  const collected = moneyOf(parcel.view).shippingCollectedMinor;
  const promised = sale.arriveBy.value;
  const lateDays = promised && quote.arrivesOn ? daysBetween(promised, quote.arrivesOn) : 0;
  const keptMinor = plan && keptOf(parcel.view, plan.costMinor - plan.quote.totalMinor + quote.totalMinor);
  return (
    <li className={on ? 'service on' : 'service'}>
      <div className="service-head">
        <h2>
          {quote.carrier} · {quote.serviceName}
        </h2>
        <span className="numeral money price">{write.money(quote.totalMinor)}</span>
      </div>
      <dl className="lines money">
        {quote.lines.map((line) => (
          <div key={line.label}>
            <dt>{priceLineWords(line, write)}</dt>
            <dd className="numeral">{write.money(line.amountMinor)}</dd>
          </div>
        ))}
      </dl>
      <p className="soft">
        zone {quote.zone}, {billedWords(quote, weightLb, write.weight)} · cover to {write.money(quote.coverMinor)}
        {quote.arrivesOn ? ` · there ${write.day(quote.arrivesOn)}` : ` · ${quote.transitDays} days`}
      </p>
      {lateDays > 0 && (
        <p className="risk">
          ⚠ {lateDays} {lateDays === 1 ? 'day' : 'days'} after the day that was promised, {write.day(promised!)}.
        </p>
      )}
      <p className="soft">
        {collected > 0 && (
          <>
            buyer paid {write.money(collected)},{' '}
            {collected >= quote.totalMinor
              ? `${write.money(collected - quote.totalMinor)} over`
              : `${write.money(quote.totalMinor - collected)} short`}{' '}
            ·{' '}
          </>
        )}
        {keptMinor !== null && (
          <>
            kept from the sale <b className="numeral">{write.money(keptMinor)}</b>
          </>
        )}
      </p>
      {nudges
        .filter((nudge) => nudge.amount < WITHIN[nudge.by] && nudge.deltaMinor !== null)
        .map((nudge) => (
          <Edge
            key={`${nudge.by}-${nudge.direction}`}
            nudge={nudge}
            own={quote.service === plan?.quote.service && !life.weighing}
            nest={nest}
            parcel={parcel}
          />
        ))}
      <Button type={on ? 'default' : 'primary'} disabled={on} loading={busy} onClick={onChoose}>
        {on ? '✓ Chosen' : `Choose ${quote.serviceName}`}
      </Button>
    </li>
  );
}

/** An edge of the price: what crossing it saves, with the cheapest change that does; or how much room is left. */
function Edge({ nudge, own, nest, parcel }: { nudge: EdgeNudge; own: boolean; nest: NestUse; parcel: ParcelUse }) {
  const { write } = useShop();
  const amount = nudge.by === 'weight' ? write.weight(nudge.amount) : write.length(nudge.amount);
  if (nudge.direction === 'more')
    return (
      <p className="soft">
        ▽ room for {amount} {nudge.by === 'weight' ? 'more' : 'longer'} before it costs {write.money(nudge.deltaMinor!)} more.
      </p>
    );
  // before the parcel is weighed the nest can still change
  const { plan } = nest;
  const crossing = own ? cheapestCrossing(nest.changes) : null;
  const after = crossing && plan && { nestCostMinor: plan.nestCostMinor + crossing.deltaCostMinor, chance: crossing.chance };
  return (
    <p className="ochre edge">
      ▲ {amount} over the step: {nudge.by === 'weight' ? 'lighter' : 'shorter'} by that saves {write.money(-nudge.deltaMinor!)}.
      {crossing && plan && after && (
        <Button onClick={() => applyChange(crossing, parcel, nest)}>
          {changeWords(crossing.change, nest)}: {besideWords(after, plan, write.money)}
        </Button>
      )}
    </p>
  );
}

function billedWords(quote: Quote, weightLb: number, weight: (lb: number) => string): string {
  if (quote.billedBy === 'cubic') return 'billed by its outside volume';
  if (quote.billedBy === 'volume') return `billed by size as ${weight(quote.billableLb)} (weighs ${weight(weightLb)})`;
  return `billed by weight, step to ${weight(quote.stepLb)}`;
}
