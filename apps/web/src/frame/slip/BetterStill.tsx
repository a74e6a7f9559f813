'use client';
import { Button } from 'antd';
import { ceilingPrice, formatChance, isPacked, packedVerdict, type NextChange, type PlanDocument } from '@inch-nest/core';
import { applyChange } from '../../parcel/applyChange.ts';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { changeWords } from '../../words/changeWords.ts';

const MOST_CHANGES = 3;

/** What would be better than the nest in hand, and what would be cheaper and riskier, each one press away. */
export function BetterStill({ plan, parcel, nest }: { plan: PlanDocument; parcel: ParcelUse; nest: NestUse }) {
  // what is packed is not advised on
  if (isPacked(parcel.view.life)) return null;
  const blocked = plan.faults.some((fault) => fault.blocks);
  const worth = nest.changes.filter((change) => (blocked ? !change.blocks : change.better)).slice(0, MOST_CHANGES);
  const thriftier = nest.changes.find((change) => change.thriftier && !change.better);
  const found = nest.found?.kind === 'planned' ? nest.found : null;
  const ruledOut = found && ceilingPrice(plan, found.frontier, found.ceiling);
  const row = (change: NextChange, key: number) => (
    <Told
      key={key}
      says={changeWords(change.change, nest)}
      deltaMinor={change.deltaCostMinor}
      chance={change.chance}
      onTake={() => applyChange(change, parcel, nest)}
    />
  );
  return (
    <section className="better">
      <Verdict plan={plan} nest={nest} />
      {worth.length > 0 ? (
        <>
          <h2>Better still</h2>
          {worth.map(row)}
        </>
      ) : (
        <p className="soft better-none">{blocked ? 'No single change mends it.' : 'No single change would be better.'}</p>
      )}
      {!blocked && (thriftier || ruledOut) && (
        <>
          <h2>Thriftier, and riskier</h2>
          {thriftier && row(thriftier, MOST_CHANGES)}
          {ruledOut && (
            <Told
              says={`${ruledOut.inner ? `${ruledOut.inner.name} in ` : ''}${ruledOut.box.name}, were it not for the ceiling of ${formatChance(found.ceiling)}`}
              deltaMinor={ruledOut.costMinor - plan.costMinor}
              chance={ruledOut.chance}
              onTake={() => nest.take(ruledOut.choice)}
            />
          )}
        </>
      )}
    </section>
  );
}

/** Something else to do, what it costs more or less, and the chance it comes to. */
function Told({ says, deltaMinor, chance, onTake }: { says: string; deltaMinor: number; chance: number; onTake: () => void }) {
  const { write } = useShop();
  return (
    <Button block className="better-change" onClick={onTake}>
      <span>{says}</span>
      <span className="numeral">
        <span className="money">{`${deltaMinor < 0 ? '−' : '+'}${write.money(Math.abs(deltaMinor))}`}</span>{' '}
        <span className="risk">{formatChance(chance)}</span>
      </span>
    </Button>
  );
}

/** Over- or under-packed against the plans found, with the amount. */
function Verdict({ plan, nest }: { plan: PlanDocument; nest: NestUse }) {
  const { write } = useShop();
  if (nest.found?.kind !== 'planned') return null;
  const verdict = packedVerdict(plan, [nest.found.recommended, ...nest.found.frontier], nest.found.ceiling);
  if (verdict.kind === 'right' || verdict.byMinor === null) return null;
  return (
    <p className="verdict">
      {verdict.kind === 'overPacked' ? 'Over-packed' : 'Under-packed'} by{' '}
      <span className="numeral money">{write.money(verdict.byMinor)}</span> in all.
    </p>
  );
}
