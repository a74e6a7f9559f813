import { breaksAtDrop, dropTrace, type CushionLayer } from '@inch-nest/core';
import type { NestRequest } from '@inch-nest/contracts';
import { BadInput } from './BadInput.ts';

/** A corner brings so much of the area of the weakest of its three faces; judgement. */
const CORNER_SHARE = 0.5;

/**
 * One drop of a plan on a face or a corner, played in time.
 *
 * @throws BadInput where nothing lies on that face
 */
export function answerDrop({ plan, heightIn, face, steps }: NestRequest<'drop'>): unknown {
  const { faces, ...standing } = plan.shock;
  const { names } = faces.bottom;
  const layers: readonly CushionLayer[] =
    face === 'corner' ? cornerOf([faces.bottom.layers, faces.front.layers, faces.left.layers]) : faces[face].layers;
  if (!layers.some(({ thicknessIn }) => thicknessIn > 0))
    throw new BadInput([{ path: 'plan.shock.faces', message: `nothing lies on the ${face}` }]);
  const { peakG, bottomed, moments } = dropTrace(layers, standing.weightLb, heightIn, steps);
  const nameAt = (i: number) => names[i] ?? `layer ${i + 1}`;
  return {
    peakG,
    stands: standing.criticalG,
    breaks: breaksAtDrop(standing, layers, heightIn),
    bottomed: bottomed.map(nameAt),
    trace: moments.map(({ ms, g, squeezeIn }) => ({
      ms,
      g,
      squeezeIn: Object.fromEntries(squeezeIn.map((inches, i) => [nameAt(i), inches])),
    })),
  };
}

/** Layer for layer the thinnest of three faces on the smallest of their areas, and of that a share. */
const cornerOf = (stacks: readonly (readonly CushionLayer[])[]): CushionLayer[] =>
  stacks[0]!.map((layer, i) => ({
    curve: layer.curve,
    thicknessIn: Math.min(...stacks.map((stack) => stack[i]!.thicknessIn)),
    areaIn2: CORNER_SHARE * Math.min(...stacks.map((stack) => stack[i]!.areaIn2)),
  }));
