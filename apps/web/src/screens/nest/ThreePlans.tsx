'use client';
import { formatChance, type PlanDocument } from '@inch-nest/core';
import { sameContent } from '@inch-nest/contracts';
import type { SearchAnswer } from '@inch-nest/contracts';
import { useShop } from '../bench/ShopContext.tsx';
import type { NestUse } from '../bench/useNest.ts';

type Found = Extract<SearchAnswer, { kind: 'planned' }>;
const CAREFUL = 5;

/** Three plans in words: the cheapest, the recommended, and the one a careful hand would take. */
export function ThreePlans({ nest, found }: { nest: NestUse; found: Found }) {
  const { write, shop } = useShop();
  const { frontier, recommended } = found;
  const expected = (plan: PlanDocument) => plan.costMinor + (CAREFUL * (plan.expectedMinor - plan.costMinor)) / shop.house.care;
  const thrifty = frontier[0];
  const careful =
    [...frontier].sort((a, b) => expected(a) - expected(b)).find((plan) => plan.chance < recommended.chance) ?? frontier.at(-1);
  const plans = [
    { word: 'Thriftier', plan: thrifty },
    { word: 'Recommended', plan: recommended },
    { word: 'More careful', plan: careful },
  ].filter(
    (one): one is { word: string; plan: PlanDocument } =>
      one.plan !== undefined && (one.word === 'Recommended' || !same(one.plan, recommended)),
  );
  return (
    <section className="three" aria-label="Balance">
      <h2>Balance</h2>
      <p className="soft">
        {found.considered.toLocaleString('en')} nests weighed up; {frontier.length} of them are beaten by none on both cost and chance.
      </p>
      <div className="three-plans">
        {plans.map(({ word, plan }) => {
          const on = nest.isKept && nest.plan !== null && same(plan, nest.plan);
          return (
            <button key={word} type="button" className={on ? 'plan on' : 'plan'} aria-pressed={on} onClick={() => nest.take(plan.choice)}>
              <b>{word}</b>
              <span className="numeral">
                <span className="money">{write.money(plan.costMinor)}</span> · <span className="risk">{formatChance(plan.chance)}</span>
              </span>
              <span>{planWords(plan)}</span>
              {!nest.isKept && word === 'Recommended' && <span className="take">Take this nest</span>}
            </button>
          );
        })}
      </div>
    </section>
  );
}

const same = (one: PlanDocument, other: PlanDocument): boolean => sameContent(one.choice, other.choice);

function planWords(plan: PlanDocument): string {
  const layers = plan.layers.map((layer) => `${layer.turns} ${layer.name.toLowerCase()}`).join(', ') || 'no wrap';
  return `${plan.inner ? `${plan.inner.name} floated in ${plan.box.name}` : plan.box.name}; ${layers}; ${plan.fills.at(-1)!.name.toLowerCase()}`;
}
