import type { House } from '../../house/House.ts';
import type { BenchStep } from './BenchStep.ts';

/** Steps of the box whose photograph proves how it was packed: its base, what stands on it, the top before it is closed, the closed box. */
const IN_THE_BOX = ['inner:in', 'box:base', 'box:in', 'box:top', 'close'];

/**
 * Marks the steps that want a photograph, where the house takes them of the packing. What is looked at in a claim is each
 * layer before it is hidden, the base, the piece in its nest, the full box and the closed one: common practice, no source;
 * the carrier's terms say what it wants.
 */
export const withShots = (steps: readonly BenchStep[], { photographs }: Pick<House, 'photographs'>): BenchStep[] =>
  steps.map(({ shot, ...step }) =>
    photographs && (shot || IN_THE_BOX.some((key) => step.key === key || step.key.startsWith(`${key}:`))) ? { ...step, shot: true } : step,
  );

/** The steps whose photographs are wanted, in their order. */
export const shotsOf = (steps: readonly BenchStep[]): BenchStep[] => steps.filter(({ shot }) => shot);
