import type { UnitSystem } from '../../units/index.ts';
import { FACES, type Face } from '../../engineering/pieces/hardPoints.ts';
import type { FillAmount } from '../fill/FilledBox.ts';
import type { StowedBox } from '../box/StowedBox.ts';
import { STANDING_MINUTES } from '../weight/standingMinutes.ts';
import type { BenchTestKey } from './benchTests.ts';
import { coreBears, cutCore } from './coreSteps.ts';
import { fillSteps } from './fillSteps.ts';
import { namesOf, placesInTurn, type Letters } from './severalWords.ts';
import type { Say } from './shellSteps.ts';
import { sidesWithRoom } from './sidesWithRoom.ts';
import { act, type Part } from './stepParts.ts';

/** What is done to put some of several wrapped bundles into one box, or a core, before the outer one is formed; nothing where none share one. */
export function sharedSteps(
  stowed: StowedBox,
  amount: FillAmount | undefined,
  letters: readonly Letters[],
  due: (key: BenchTestKey) => readonly Part[],
  say: Say,
): Part[] {
  const { shared } = stowed;
  if (!shared || !amount) return [];
  const who = namesOf(shared.of, letters);
  const where = shared.core ? 'their core' : 'their box';
  return [
    shared.core
      ? { ...cutCore(shared, shared.core, say), key: 'shared:form', title: `Cut the core for ${who}` }
      : act('shared:form', `Form the box for ${who}`, `${shared.box.name}: form and tape the bottom.`, STANDING_MINUTES.formBox),
    ...fillSteps([amount], placesInTurn(amongThemselves(stowed), letters, shared.of), where, sidesWithRoom(shared.gaps)),
    ...due('sharedShake'),
    ...(shared.core
      ? []
      : [
          act(
            'shared:close',
            `Close the box of ${who}`,
            `Close and tape it; ${who} on the lid.`,
            STANDING_MINUTES.closeBox + STANDING_MINUTES.nestInner,
          ),
        ]),
  ];
}

/** What is seen to once the core of some is in the box. */
export const sharedCoreBears = ({ shared }: Pick<StowedBox, 'shared'>, say: Say, system: UnitSystem): Part[] =>
  shared?.core ? [{ ...coreBears(shared, say, system), key: 'shared:level' }] : [];

/** The same bundles with what they rest on among those that share their box alone. */
function amongThemselves({ shared, ...stowed }: StowedBox): StowedBox {
  const isMember = (at: number) => shared!.of.includes(at);
  const among = (face: Face) => ({
    ...stowed.resting[face],
    on: stowed.resting[face].on.map((supports, at) => (isMember(at) ? supports.filter((one) => isMember(one.at)) : [])),
  });
  const resting = Object.fromEntries(FACES.map((face) => [face, among(face)])) as unknown as StowedBox['resting'];
  return { ...stowed, resting, shared: null };
}
