'use client';
import { Button } from 'antd';
import { formatChance, type NextChange, type PlanDocument } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { applyChange } from '../../parcel/applyChange.ts';
import { faultWords } from '../../words/faultWords.ts';
import { changeWords } from '../../words/changeWords.ts';
import type { BoxedWay } from '../../workers/planner.protocol.ts';
import { GoApart } from './GoApart.tsx';
import { isUncarried } from './useOneOrMore.ts';

/** What is wrong with the nest, first, with the remedy as the strong button. */
export function FaultBanner({
  plan,
  parcel,
  nest,
  apart,
}: {
  plan: PlanDocument;
  parcel: ParcelUse;
  nest: NestUse;
  /** The best way in several boxes; null where there is none, or nobody knows yet. */
  apart: BoxedWay | null;
}) {
  const { write } = useShop();
  const fault = plan.faults[0];
  if (!fault) return null;
  const words = faultWords(fault, plan, write);
  if (fault.kind === 'tooSmall') return <MustGive words={words} parcel={parcel} nest={nest} />;
  const remedy = fault.blocks ? nest.changes.find((change) => !change.blocks) : undefined;
  const isWished = ({ change, keepsWish }: NextChange) =>
    fault.kind === 'gap' ? change.kind === 'box' && keepsWish : fault.kind === 'apart' && change.kind === 'between' && change.folds > 0;
  const wished = fault.blocks ? undefined : nest.changes.find(isWished);
  const recommended = fault.blocks && !remedy ? nest.recommended : null;
  return (
    <div className={fault.blocks ? 'banner wrong' : 'banner mind'} role="alert">
      <p>
        <b>{words.title}</b> {words.says}{' '}
        {wished && (
          <>
            {changeWords(wished.change, nest)} keeps it: {formatChance(plan.chance)} becomes {formatChance(wished.chance)},{' '}
            {wished.deltaCostMinor < 0 ? 'saves ' : 'costs '}
            {write.money(Math.abs(wished.deltaCostMinor))}.{' '}
            {fault.kind === 'apart' && <Button onClick={() => applyChange(wished, parcel, nest)}>Fold it</Button>}
          </>
        )}
        {remedy && (
          <>
            {changeWords(remedy.change, nest)}: {formatChance(plan.chance)} becomes {formatChance(remedy.chance)},{' '}
            {remedy.deltaCostMinor < 0 ? 'saves ' : ''}
            {write.money(Math.abs(remedy.deltaCostMinor))}.
          </>
        )}
      </p>
      {words.more && (
        <details>
          <summary>{words.more.title}</summary>
          <ul>
            {words.more.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </details>
      )}
      {isUncarried(fault) && apart && <GoApart parcel={parcel} way={apart} />}
      {remedy && (
        <Button type="primary" onClick={() => applyChange(remedy, parcel, nest)}>
          Do that
        </Button>
      )}
      {recommended && (
        <Button type="primary" onClick={() => nest.take(recommended.choice)}>
          Take the recommended
        </Button>
      )}
    </div>
  );
}

const MOST_OFFERED = 4;
const KEEPS_THE_BOX: readonly NextChange['change']['kind'][] = ['turns', 'turned', 'liner', 'unboxed'];

/** The box is too small: what must give so that it does, each to be taken; and the box that would do instead. */
function MustGive({ words, parcel, nest }: { words: { title: string; says: string } } & { parcel: ParcelUse; nest: NestUse }) {
  const { write } = useShop();
  const fitting = nest.changes.filter(({ change }) => KEEPS_THE_BOX.includes(change.kind));
  // the most turns that still go in stand for a material
  const giving = fitting.filter(({ change }, i) =>
    change.kind !== 'turns'
      ? fitting.findIndex((one) => one.change.kind === change.kind) === i
      : !fitting.some(({ change: other }) => other.kind === 'turns' && other.material === change.material && other.turns > change.turns),
  );
  const box = nest.changes.find(({ change, blocks }) => change.kind === 'box' && !blocks);
  const offered = [...giving.slice(0, MOST_OFFERED), ...(box ? [box] : [])];
  return (
    <div className="banner wrong" role="alert">
      <div>
        <p>
          <b>{words.title}</b> {words.says}
        </p>
        {offered.length > 0 && (
          <ul className="must-give" aria-label="What must give">
            {offered.map((one) => (
              <li key={changeWords(one.change, nest)}>
                <Button onClick={() => applyChange(one, parcel, nest)}>{changeWords(one.change, nest)}</Button>
                <span>
                  {formatChance(one.chance)} breaks, <span className="money">{write.money(one.costMinor)}</span>
                  {one.blocks && ', and more to mend'}
                </span>
              </li>
            ))}
          </ul>
        )}
        {offered.length === 0 && nest.recommended && (
          <Button type="primary" onClick={() => nest.take(nest.recommended!.choice)}>
            Take the recommended
          </Button>
        )}
      </div>
    </div>
  );
}
