import { formatSize, type UnitSystem } from '../../units/index.ts';
import type { StandingCore } from '../box/StandingCore.ts';
import type { InnerBox } from '../box/StowedBox.ts';
import { STANDING_MINUTES } from '../weight/standingMinutes.ts';
import type { Say } from './shellSteps.ts';
import type { PutIn } from './severalWords.ts';
import { act, type Part } from './stepParts.ts';

/** More than this a core slides before it bears, inches. Common practice, no source. */
const MOST_PLAY_IN = 1 / 8;

/** How a core lies in its box. */
export const CORE_PUT: PutIn = { who: 'the core', where: 'From end to end of the box, midway between its other sides.' };

/** What is done before anything goes into a core. */
export const cutCore = ({ box }: Pick<InnerBox, 'box'>, { lengthIn, minutes, order }: StandingCore, { length }: Say): Part => ({
  ...act(
    'inner:form',
    'Cut the core',
    `${box.name}: cut to ${length(lengthIn)}, square at both ends, so that it bears on both ends of the box and does not slide.`,
    minutes,
  ),
  cuts: [{ order, times: 1 }],
});

/** What is seen to once a core is in its box. */
export const coreBears = ({ outsideIn }: Pick<InnerBox, 'outsideIn'>, { length }: Say, system: UnitSystem): Part =>
  act(
    'box:level',
    'See that the core bears at both ends',
    `${formatSize(outsideIn, system)} over all; no more than ${length(MOST_PLAY_IN)} to slide, fill pressed under its whole length.`,
    STANDING_MINUTES.nestInner,
  );
