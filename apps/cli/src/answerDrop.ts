import { playDrop } from '@inch-nest/core';
import type { NestRequest } from '@inch-nest/contracts';
import { BadInput } from './BadInput.ts';

/**
 * One drop of a plan on a face or a corner, played in time.
 *
 * @throws BadInput where nothing lies on that face
 */
export function answerDrop({ plan, heightIn, face, steps }: NestRequest<'drop'>): unknown {
  const played = playDrop(plan.shock, heightIn, face, steps);
  if (!played) throw new BadInput([{ path: 'plan.shock.faces', message: `nothing lies on the ${face}` }]);
  const { peakG, stands, breaks, layers, moments } = played;
  return {
    peakG,
    stands,
    breaks,
    bottomed: layers.filter(({ bottomed }) => bottomed).map(({ name }) => name),
    trace: moments.map(({ ms, g, squeezeIn }) => ({
      ms,
      g,
      squeezeIn: Object.fromEntries(squeezeIn.map((inches, i) => [layers[i]!.name, inches])),
    })),
  };
}
