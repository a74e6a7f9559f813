'use client';
import { Button } from 'antd';
import { useState } from 'react';
import { houseOfSet, QUESTIONS, READY_SETS, sidesOf, type House, type OtherwiseMade, type ReadySet } from '@inch-nest/core';
import { sameContent } from '@inch-nest/contracts';
import { planner } from '../../parcel/planner.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { HowFar } from '../../parts/HowFar.tsx';
import { otherwiseWords, parcelsLooked, weeksWords } from '../../words/otherwiseWords.ts';
import { useOverParcels } from '../../parcel/useOverParcels.ts';
import { Effect } from './Effect.tsx';
import type { HouseEffect } from './useEffects.ts';

/** The ready sets: what each would change, what it makes of the sample piece, and what it would have made of the last parcels. */
export function ReadySets({
  house,
  effectOf,
  onTake,
}: {
  house: House;
  /** Null while a question's sides are tried instead. */
  effectOf: ((set: string) => HouseEffect | undefined) | null;
  onTake: (house: House) => void;
}) {
  const { write } = useShop();
  const [priced, setPriced] = useState<{ of: House; made: readonly OtherwiseMade[]; weeks: number } | null>(null);
  const { over, busy, problem, stop } = useOverParcels();
  const others = READY_SETS.filter((set) => !isSet(set, house));
  const price = async () => {
    setPriced(null);
    const said = await over(async (parcels, heard) => {
      const ways = others.map((set) => ({ key: set.key, house: houseOfSet(set, house) }));
      const answer = await planner().packedOtherwise(parcels, ways, heard);
      return answer.kind === 'otherwise' ? { kind: 'found', found: answer.made } : answer;
    });
    if (said) setPriced({ of: house, made: said.found, weeks: said.weeks });
  };
  const made = priced?.of === house ? priced.made : [];
  return (
    <section className="ready-sets" aria-label="Ready sets">
      <div className="section-head">
        <h2>Ready sets</h2>
        {busy ? <Button onClick={stop}>Stop</Button> : <Button onClick={() => void price()}>Price them on the last parcels</Button>}
      </div>
      <HowFar busy={busy} says={() => 'Every parcel is packed anew by each set …'} />
      <Trouble says={problem} />
      {priced && made.length > 0 && (
        <p className="soft" role="status">
          {parcelsLooked(made[0]!) === 0
            ? 'No parcel has a nest yet: there is nothing to go by.'
            : `By ${parcelsLooked(made[0]!)} of the parcels packed over ${weeksWords(priced.weeks)}, against the house as it is.`}
        </p>
      )}
      <div className="three-plans">
        {READY_SETS.map((set) => {
          const on = isSet(set, house);
          const changes = changesOfSet(set, house);
          const found = made.find(({ key }) => key === set.key);
          return (
            <button
              key={set.key}
              type="button"
              className={on ? 'plan on' : 'plan'}
              aria-pressed={on}
              onClick={() => onTake(houseOfSet(set, house))}
            >
              <b>{set.name}</b>
              <span>{set.says}</span>
              {effectOf && <Effect effect={effectOf(set.key)} />}
              {found && parcelsLooked(found) > 0 && <span className="effect">last parcels: {otherwiseWords(found, write)}</span>}
              {changes.length > 0 && (
                <span className="soft set-changes">
                  {changes.map(({ asks, from, to }) => (
                    <span key={asks}>
                      {asks} {from ?? 'our own way'} → {to}
                    </span>
                  ))}
                </span>
              )}
            </button>
          );
        })}
      </div>
    </section>
  );
}

/** True where a house packs as a set does, or bears its name. */
const isSet = (set: ReadySet, house: House): boolean =>
  sameContent(houseOfSet(set, house), house) || house.name.toLowerCase() === set.key.toLowerCase();

/** The questions that taking a set would answer otherwise, and how. */
export function changesOfSet(set: ReadySet, house: House): { readonly asks: string; readonly from: string | null; readonly to: string }[] {
  const [now, then] = [sidesOf(house), sidesOf(houseOfSet(set, house))];
  return QUESTIONS.filter(({ key }) => now[key] !== then[key]).map(({ key, asks, sides }) => {
    const nameOf = (side: string | null) => sides.find((one) => one.key === side)?.name ?? null;
    return { asks, from: nameOf(now[key]), to: nameOf(then[key]) ?? 'our own way' };
  });
}
