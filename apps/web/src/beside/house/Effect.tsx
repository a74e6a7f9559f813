'use client';
import { useShop } from '../../session/ShopContext.tsx';
import type { HouseEffect } from './useEffects.ts';

/** What one house makes of the sample piece. */
export function Effect({ effect }: { effect: HouseEffect | undefined }) {
  const { write } = useShop();
  if (!effect) return <span className="soft effect">reckoning …</span>;
  if (effect.kind === 'none') return <span className="risk effect">no plan: {effect.why}</span>;
  return (
    <span className="numeral effect">
      <span className="money">{write.money(effect.costMinor)}</span> · <span className="risk">{effect.chance}</span>
      {effect.kind === 'moved' && (
        <span className="soft">
          {' '}
          ({effect.byMinor >= 0 ? '+' : '−'}
          {write.money(Math.abs(effect.byMinor))} in all)
        </span>
      )}
    </span>
  );
}
