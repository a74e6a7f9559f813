import { countedTitle } from '../sale/countedTitle.ts';
import { act, type Part } from './stepParts.ts';

/** What becomes of a part that is no piece of its own: it comes off, stays on, or whoever packs sees. */
export type PartFate = 'off' | 'on' | 'packer';

/** A lid, a pendulum, a tap: weighed with its piece. */
export interface PartTold {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  readonly fate: PartFate;
}

/** Common practice, no source: what is loose on a piece knocks against it on the way. */
const FATES: Readonly<Record<PartFate, (name: string) => readonly [title: string, says: string]>> = {
  off: (name) => [
    `Take off: ${name}`,
    'Nothing forced, a photograph of how it sat. Soft wrap round it alone; it goes in by itself, at a step of its own.',
  ],
  on: (name) => [
    `Hold fast: ${name}`,
    'It stays on and may neither lift, slide nor turn: soft paper where it sits, then tape that comes off easily, over the paper, never on the finish.',
  ],
  packer: (name) => [
    `Off or on: ${name}`,
    'Try it: what lifts or turns comes off, has soft wrap round it alone and goes in beside its piece; what sits fast stays, held with tape over soft paper.',
  ],
};

/** What is done to the parts of one bundle before it is wrapped. */
export const partSteps = (parts: readonly PartTold[]): Part[] =>
  parts.map(({ id, name, count, fate }) => {
    const [title, says] = FATES[fate](countedTitle({ title: name, count }));
    return act(`part:${id}:${fate}`, title, says, 0);
  });
