'use client';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { usePathname } from 'next/navigation';
import { useFold } from '../useFold.ts';
import { keptOf, moneyOf, type ParcelView } from '@inch-nest/contracts';
import { decidingBundle } from '../../words/wrapWords.ts';
import {
  cheapestHonest,
  capital,
  formatChance,
  formatPercent,
  isPacked,
  planBundles,
  type CostLine,
  type PlanDocument,
} from '@inch-nest/core';
import { CausesBar } from '../../drawings/CausesBar.tsx';
import { CAUSE_WORDS } from '../../words/causeWords.ts';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { changeWords } from '../../words/changeWords.ts';
import { halfAsMany } from '../../words/halfAsMany.ts';
import { follyWords } from '../../words/ceilingWords.ts';
import { Ask } from './Ask.tsx';
import { BetterStill } from './BetterStill.tsx';
import { costShown } from './costShown.ts';
import { LineSource } from './LineSource.tsx';
import { useSpoken } from '../../session/Voice.tsx';
import { useDifference } from './useDifference.ts';

const LINE_WORDS: Readonly<Record<CostLine['key'], string>> = {
  postage: 'Postage',
  cover: 'Cover',
  signature: 'Signature',
  box: 'Box',
  wraps: 'Wrap',
  fill: 'Fill',
  sundries: 'Tape and papers',
  labour: 'Labour',
};
/** Spoiling below this is not worth a word. */
const LEAST_SPOILING = 0.0005;

/** What the nest costs, line by line, what may break it, and what would be better still. */
export function Slip({ parcel, nest }: { parcel: ParcelUse; nest: NestUse }) {
  const { plan } = nest;
  const { write } = useShop();
  const fold = useFold('inch-nest-slip', `${parcel.view.id} ${usePathname()}`);
  const Arrow = fold.isOpen ? ChevronDown : ChevronUp;
  return (
    <aside className={fold.isOpen ? 'slip' : 'slip shut'} aria-label="Slip" aria-busy={nest.searching}>
      {/* on a tablet or phone it lies under the work and is pulled up */}
      <button
        type="button"
        className="slip-pull"
        aria-expanded={fold.isOpen}
        aria-label={fold.isOpen ? 'Put the slip away' : 'Pull the slip up'}
        onClick={fold.toggle}
      >
        <Arrow size={22} aria-hidden />
        {plan && (
          <>
            <b className="numeral risk">{formatChance(plan.chance)}</b>
            <span className="numeral money">{write.money(costShown(plan, parcel.view.life).costMinor)}</span>
          </>
        )}
      </button>
      <div className="slip-body">
        {plan ? (
          <Figures plan={plan} parcel={parcel} nest={nest} />
        ) : (
          <p className="soft">{nest.reasons.length > 0 ? 'No nest, so nothing to reckon yet.' : 'Reckoning …'}</p>
        )}
      </div>
    </aside>
  );
}

function Figures({ plan, parcel, nest }: { plan: PlanDocument; parcel: ParcelUse; nest: NestUse }) {
  const { shop, write, can } = useShop();
  const { life } = parcel.view;
  const { lines: shown, costMinor, rated } = costShown(plan, life);
  const broken = nest.request.house.care * plan.riskMinor;
  const keptMinor = keptOf(parcel.view, costMinor);
  const difference = useDifference({ plan: parcel.view.id, costMinor, chance: plan.chance });
  useSpoken(`${formatChance(plan.chance)} breaks${can('money') ? `, ${write.money(costMinor)} in all` : ''}`);
  const { soldMinor, shippingCollectedMinor: collected } = moneyOf(parcel.view);
  const frontier = nest.found?.kind === 'planned' ? nest.found.frontier : [];
  const cheapest = cheapestHonest(frontier);
  const packed = isPacked(life);
  const half = packed ? null : halfAsMany(plan, nest.changes, (change) => changeWords(change, nest), write.money, frontier);
  const isSale = parcel.view.sale.job.value === 'sale';
  const folly = packed || !isSale ? null : follyWords(plan, soldMinor + collected, nest.request.house.follyShare, cheapest, write.money);
  return (
    <>
      <Ask title="Where this comes from" className="chance risk numeral" answer={<Provenance plan={plan} />}>
        <span className="unseen">Chance that it breaks: </span>
        {formatChance(plan.chance)}
      </Ask>
      <p className="soft slip-note">
        {plan.block.pieces > 1 && 'that any of them '}breaks on the way ({formatPercent(plan.chance)}); likely{' '}
        {formatChance(plan.chanceHigh)} to {formatChance(plan.chanceLow)}.
        {plan.spoils >= LEAST_SPOILING && ` Spoilt, though whole: ${formatChance(plan.spoils)}.`}
      </p>
      {half && <p className="soft slip-note">{half}</p>}
      <p className="decides">{decides(plan)}</p>
      <CausesBar causes={plan.causes} width={258} />
      {difference && (
        <p className="glow numeral" role="status">
          {difference.cost !== 0 && (
            <span className="money">{`${difference.cost > 0 ? '+' : '−'}${write.money(Math.abs(difference.cost))}`}</span>
          )}
          {difference.chance && (
            <span className="risk">
              {formatChance(difference.chance.from)} → {formatChance(difference.chance.to)}
            </span>
          )}
        </p>
      )}
      <hr />
      <dl className="lines money">
        {shown.map((line) => (
          <div key={line.key}>
            <dt>
              <Ask
                title="Where this comes from"
                answer={<LineSource line={line.key} plan={plan} house={nest.request.house} write={write} />}
              >
                {line.key === 'postage'
                  ? `Postage, ${rated?.serviceName ?? plan.quote.serviceName}`
                  : line.key === 'labour'
                    ? `${Math.round(plan.minutes)} min at ${write.money(shop.house.labourMinorPerHour)} an hour`
                    : LINE_WORDS[line.key]}
              </Ask>
            </dt>
            <dd className="numeral">{write.money(line.amountMinor)}</dd>
          </div>
        ))}
        <div className="total">
          <dt>Cost</dt>
          <dd className="numeral">{write.money(costMinor)}</dd>
        </div>
      </dl>
      <dl className="lines">
        <div className="risk">
          <dt>
            <Ask
              title="Where this comes from"
              answer={
                <p>
                  <i>care · Σ Pᵢ · shareᵢ · loss</i>: care {nest.request.house.care}, and {write.money(plan.lossMinor)} lost if it breaks
                  (its worth, postage refunded, the trouble of writing; no claim is counted on).
                </p>
              }
            >
              Put by for breakage
            </Ask>
          </dt>
          <dd className="numeral">{write.money(broken)}</dd>
        </div>
        {collected > 0 && (
          <div className="soft">
            <dt>{parcel.view.share ? 'Its share of shipping paid' : 'Buyer paid for shipping'}</dt>
            <dd className="numeral">{write.money(collected)}</dd>
          </div>
        )}
        {parcel.view.set.length > 1 && <SetTotal view={parcel.view} costMinor={costMinor} />}
        {isSale && (
          <div>
            <dt>
              <Ask
                title="Where this comes from"
                answer={<p>Sold price and shipping collected, less what was paid for the piece and the cost above.</p>}
              >
                {parcel.view.share ? 'Kept from its share' : 'Kept from the sale'}
              </Ask>
            </dt>
            <dd className="numeral strong">{write.money(keptMinor)}</dd>
          </div>
        )}
      </dl>
      {folly && <p className="folly ochre">{folly}</p>}
      <BetterStill plan={plan} parcel={parcel} nest={nest} />
    </>
  );
}

/** What all parcels of a set cost together, as far as they are planned. */
function SetTotal({ view, costMinor }: { view: ParcelView; costMinor: number }) {
  const { write } = useShop();
  const others = view.set.filter((one) => one.id !== view.id);
  const open = others.filter((one) => one.costMinor === null).length;
  const all = others.reduce((sum, one) => sum + Math.round(one.costMinor ?? 0), costMinor);
  return (
    <div className="soft">
      <dt>
        All {view.set.length} parcels{open > 0 && `, ${open} not planned`}
      </dt>
      <dd className="numeral">{write.money(all)}</dd>
    </div>
  );
}

/** What decides the chance: the greatest cause, and with shock the part that governs. */
function decides(plan: PlanDocument): string {
  const greatest = [...plan.causes].sort((a, b) => b.chance - a.chance)[0];
  if (!greatest) return 'Nothing known would break it.';
  const deciding = decidingBundle(plan);
  if (deciding) {
    const { piece } = deciding.bundle;
    const by = greatest.key === 'shock' ? piece.governs : CAUSE_WORDS[greatest.key];
    return `${deciding.letters}, ${piece.title}, decides it: ${by}.`;
  }
  if (greatest.key === 'shock') return `${capital(plan.piece.governs)} decides it.`;
  return `${capital(CAUSE_WORDS[greatest.key])} decides it.`;
}

function Provenance({ plan }: { plan: PlanDocument }) {
  const { shop, write } = useShop();
  return (
    <>
      <p>
        One fragility, {4 + Math.ceil(plan.quote.zone / 2)} drops on the way to zone {plan.quote.zone}:{' '}
        <i>P = ∫ φ(z)·[1 − (Σ pᶠ·F(hᶠ(Gc·e^σz)))ⁿ] dz</i>, each face’s drop height from equal force through its layers.
      </p>
      <ul>
        {planBundles(plan).map(
          ({ piece }) =>
            piece.criticalG !== null && (
              <li key={piece.id}>
                {plan.others ? piece.title : 'The piece'} stands {Math.round(piece.criticalG)} g ({piece.governs} governs; the body{' '}
                {Math.round(piece.bodyG ?? 0)} g) — judgement.
              </li>
            ),
        )}
        <li>Drop heights by weight — ISTA 1A, recalled from memory; how often and on which face — judgement.</li>
        <li>Cushion curves — shape of the published stress–energy form, recalled from memory.</li>
        <li>
          Loss if it breaks {write.money(plan.lossMinor)}, care {shop.house.care} — house rules.
        </li>
        {plan.causes.map((cause) => (
          <li key={cause.key}>
            {CAUSE_WORDS[cause.key]}: {formatPercent(cause.chance)}
            {cause.shareLost < 1 && `, ${Math.round(cause.shareLost * 100)}% of the value`}
          </li>
        ))}
      </ul>
    </>
  );
}
