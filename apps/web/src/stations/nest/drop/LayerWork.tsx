import type { PlayedDrop } from '@inch-nest/core';
import { useShop } from '../../../session/ShopContext.tsx';
import { peakMoment } from './useLanding.ts';

/** What each layer does: how far it gives at this moment and at most, and its share of the fall. */
export function LayerWork({ played, at }: { played: PlayedDrop; at: number | null }) {
  const { write } = useShop();
  const most = played.moments[peakMoment(played)]!.squeezeIn;
  const now = at === null ? [] : played.moments[at]!.squeezeIn;
  return (
    <ul className="layer-work" aria-label="What each layer does">
      {played.layers.map((layer, i) => {
        const share = (inches: number | undefined) => (layer.thicknessIn > 0 ? Math.min(1, (inches ?? 0) / layer.thicknessIn) : 0);
        return (
          <li key={`${layer.name}-${i}`}>
            <span>{layer.name}</span>
            <span className="work-bar" aria-hidden>
              <i className="most" style={{ width: `${share(most[i]) * 100}%` }} />
              <i className="now" style={{ width: `${share(now[i]) * 100}%` }} />
            </span>
            <span>
              gives {write.length(most[i]!)} of {write.length(layer.thicknessIn)} · {Math.round(layer.energyShare * 100)}% of the fall
              {layer.bottomed && <strong className="risk"> pressed flat</strong>}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
